using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Physics.Profiles;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Profiles;
using DeepBaize.Web.Shots;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace DeepBaize.Web.Layouts;

/// <summary>Saved positions of one owner: list, open, create, save, rename, delete.</summary>
public sealed class LayoutStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock)
{
    /// <summary>All positions that the owner may open: own ones first, then those of the house, each by name.</summary>
    public async Task<IReadOnlyList<LayoutSummary>> ListAsync(CancellationToken cancel)
    {
        var rows = await database.Positions.AsNoTracking()
            .OrderBy(row => row.OwnerId == Owner.House).ThenBy(row => row.Name).ToListAsync(cancel);
        return [.. rows.Select(row => new LayoutSummary(
            row.Id, row.Name, row.Note, row.OwnerId == Owner.House, row.Version, row.UpdatedAt, ToBalls(row.Document), ToProfile(row.Document)))];
    }

    /// <summary>One position.</summary>
    public async Task<LayoutResponse> OpenAsync(Guid id, CancellationToken cancel) => ToResponse(await FindAsync(id, cancel));

    /// <summary>Saves a new position.</summary>
    public async Task<LayoutResponse> CreateAsync(CreateLayoutRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var row = new SavedPosition
        {
            Id = Guid.CreateVersion7(),
            OwnerId = owner.Id,
            Name = CleanName(request.Name),
            Note = CleanNote(request.Note) ?? "",
            Document = ToDocument(request.Balls, request.Stroke, request.Mode, request.Profile, request.Pot),
            UpdatedAt = clock.GetUtcNow(),
        };
        database.Positions.Add(row);
        await SaveChangesAsync(row, cancel);
        return ToResponse(row);
    }

    /// <summary>Saves a position over the version that was opened.</summary>
    public async Task<LayoutResponse> SaveAsync(Guid id, SaveLayoutRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var note = CleanNote(request.Note);
        var document = ToDocument(request.Balls, request.Stroke, request.Mode, request.Profile, request.Pot);
        var row = await FindForChangeAsync(id, request.Version, cancel);
        row.Document = document;
        row.Note = note ?? row.Note;
        await ChangeAsync(row, cancel);
        return ToResponse(row);
    }

    /// <summary>Gives a position another name.</summary>
    public async Task<LayoutResponse> RenameAsync(Guid id, RenameLayoutRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var name = CleanName(request.Name);
        var row = await FindForChangeAsync(id, request.Version, cancel);
        row.Name = name;
        await ChangeAsync(row, cancel);
        return ToResponse(row);
    }

    /// <summary>Deletes a position.</summary>
    public async Task DeleteAsync(Guid id, int version, CancellationToken cancel)
    {
        var row = await FindForChangeAsync(id, version, cancel);
        database.Positions.Remove(row);
        await SaveChangesAsync(row, cancel);
    }

    private async Task<SavedPosition> FindAsync(Guid id, CancellationToken cancel) =>
        await database.Positions.SingleOrDefaultAsync(row => row.Id == id, cancel)
        ?? throw RefusalException.Unknown("unknownPosition", "There is no such saved position; it may have been deleted.");

    private async Task<SavedPosition> FindForChangeAsync(Guid id, int version, CancellationToken cancel)
    {
        var row = await FindAsync(id, cancel);
        if (row.OwnerId == Owner.House)
            throw RefusalException.Conflict("housePosition", "This position belongs to the house: save it under a name of your own.");
        return row.Version == version ? row : throw Stale();
    }

    private async Task ChangeAsync(SavedPosition row, CancellationToken cancel)
    {
        row.Version++;
        row.UpdatedAt = clock.GetUtcNow();
        await SaveChangesAsync(row, cancel);
    }

    private async Task SaveChangesAsync(SavedPosition row, CancellationToken cancel)
    {
        try
        {
            await database.SaveChangesAsync(cancel);
        }
        catch (DbUpdateConcurrencyException)
        {
            throw Stale();
        }
        catch (DbUpdateException taken) when (taken.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            throw RefusalException.Conflict("nameTaken", $"You already have a position called \"{row.Name}\".");
        }
    }

    private static RefusalException Stale() => RefusalException.Conflict(
        "changedMeanwhile", "This position was saved elsewhere meanwhile. Open it again, or save yours under another name.");

    private static string CleanName(string name)
    {
        var trimmed = name.Trim();
        return trimmed.Length is >= 1 and <= SavedPosition.NameLength && !trimmed.Any(char.IsControl)
            ? trimmed
            : throw RefusalException.Invalid("name", "No usable name", new Fault(
                "name", null, "name", $"A name has 1 to {SavedPosition.NameLength} characters on one line."));
    }

    private static string? CleanNote(string? note)
    {
        var trimmed = note?.Trim();
        return trimmed is null || (trimmed.Length <= SavedPosition.NoteLength && !trimmed.Any(char.IsControl))
            ? trimmed
            : throw RefusalException.Invalid("note", "No usable note", new Fault(
                "note", null, "note", $"A note has up to {SavedPosition.NoteLength} characters on one line."));
    }

    private static PositionDocument ToDocument(IReadOnlyList<BallPlace> balls, StrokeInput? stroke, string? mode, string? profileName, KeptPot? pot)
    {
        var profile = ConditionsReader.Find(profileName);
        var layoutMode = mode switch
        {
            null or "free" => LayoutMode.Free,
            "frame" => LayoutMode.Frame,
            _ => throw RefusalException.Invalid("mode", "Unknown mode", new Fault("mode", null, "mode", "A position is saved as free or as frame.")),
        };
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(balls), profile.Outline, profile.Conditions.Gauge, layoutMode);
        if (stroke is not null)
        {
            StrikeReader.Read(
                new StrikeInput(stroke.DirectionDeg, Pace: stroke.Pace, Side: stroke.Side, Height: stroke.Height), profile.Conditions);
        }

        if (pot is not null) PotReader.RequireBall(layout, PotReader.ReadPot(new PotInput(pot.Ball, pot.Pocket, pot.Part)).Ball, "pot.ball");
        return PositionDocument.From(
            layout,
            stroke is null ? null : new SavedStroke(stroke.DirectionDeg, stroke.Pace, stroke.Side, stroke.Height),
            profile.Id,
            pot is null ? null : new SavedPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep));
    }

    private static LayoutResponse ToResponse(SavedPosition row) => new(
        row.Id,
        row.Name,
        row.Note,
        row.OwnerId == Owner.House,
        row.Version,
        row.UpdatedAt,
        row.Document.SchemaVersion,
        ToBalls(row.Document),
        row.Document.Contacts,
        row.Document.Stroke is { } stroke ? new StrokeInput(stroke.DirectionDeg, stroke.Pace, stroke.Side, stroke.Height) : null,
        ToProfile(row.Document),
        row.Document.Pot is { } pot ? new KeptPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep) : null);

    /// <summary>The profile that a position names; one that is no longer known is opened on the club table.</summary>
    private static ProfileName ToProfile(PositionDocument document)
    {
        var profile = HouseProfiles.Find(document.Profile) ?? HouseProfiles.Club;
        return new ProfileName(profile.Id, profile.Name);
    }

    private static IReadOnlyList<BallPlace> ToBalls(PositionDocument document) =>
        [.. document.Balls.Select(ball => new BallPlace(ball.Id, ball.X, ball.Y))];
}
