using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Keeping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shelf;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Book;

/// <summary>
/// Saved positions of one owner: pages of a list, find alike, open, create, save, rename, copy, delete and bring back, older versions.
/// </summary>
public sealed class BookStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock, PacesInUse paces)
{
    private const int MostAlike = 20;

    /// <summary>A page of the positions that the owner may open: own ones first, then those of the house, each by name.</summary>
    public async Task<BookPage> ListAsync(BookQuery query, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(query);
        var (skip, take) = (query.Skip ?? 0, query.Take ?? BookPage.Usual);
        if (skip < 0 || take is < 1 or > BookPage.Most)
            throw RefusalException.Invalid("page", "take", BookRefusals.Page(BookPage.Most));
        var found = BookSearch.Find(Standing, query.Words);
        var rows = await found.OrderBy(row => row.OwnerId == Owner.House).ThenBy(row => row.Name).ThenBy(row => row.Id).Skip(skip)
            .Take(take).AsRows().ToListAsync(cancel);
        var count = skip == 0 && rows.Count < take ? rows.Count : await found.CountAsync(cancel);
        var tags = await Standing.SelectMany(row => row.Tags).Distinct().OrderBy(tag => tag).ToListAsync(cancel);
        return new BookPage([.. rows.Select(PositionMapping.ToSummary)], count, tags);
    }

    /// <summary>The saved positions that resemble balls most, as they lie or mirrored, the most alike first.</summary>
    public async Task<IReadOnlyList<AlikeOutput>> AlikeAsync(AlikeRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var count = request.Count ?? 3;
        if (count is < 1 or > MostAlike)
            throw RefusalException.Invalid("count", "count", BookRefusals.HowMany(MostAlike));
        var sheet = LayoutReader.ReadBalls(request.Balls);
        var likest = new List<(Guid Id, Likeness Likeness)>();
        var all = Standing.OrderBy(row => row.OwnerId == Owner.House).ThenBy(row => row.Name).Select(row => new { row.Id, row.Balls });
        await foreach (var row in all.AsAsyncEnumerable().WithCancellation(cancel))
            likest.Add((row.Id, Resemblance.Compare(sheet, LayoutReader.ReadBalls(PositionReader.ToBalls(row.Balls)))));
        likest = [.. likest.OrderBy(one => one.Likeness.Apart).Take(count)];
        var ids = likest.Select(one => one.Id).ToList();
        var rows = await Standing.Where(row => ids.Contains(row.Id)).AsRows().ToDictionaryAsync(row => row.Id, cancel);
        return [.. likest.Where(one => rows.ContainsKey(one.Id)).Select(one => ToOutput(rows[one.Id], one.Likeness))];

        static AlikeOutput ToOutput(PositionRow row, Likeness likeness) =>
            new(PositionMapping.ToSummary(row), likeness.IsMirrored, likeness.Apart, AlikeWords.Say(likeness));
    }

    /// <summary>One position.</summary>
    public async Task<PositionResponse> OpenAsync(Guid id, CancellationToken cancel) =>
        PositionMapping.ToResponse(await FindAsync(id, cancel), await paces.FindAsync(cancel));

    /// <summary>The position of the house with which a first visit begins.</summary>
    public async Task<PositionResponse> OpenFirstAsync(CancellationToken cancel) => PositionMapping.ToResponse(
        await Standing.FirstOrDefaultAsync(row => row.IsFirst, cancel) ?? throw Unknown(), await paces.FindAsync(cancel));

    /// <summary>Saves a new position.</summary>
    public async Task<PositionResponse> CreateAsync(CreatePositionRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var row = new SavedPosition
        {
            Id = Guid.CreateVersion7(),
            OwnerId = owner.Id,
            Name = NamedText.Name(request.Name, SavedPosition.NameLength),
            Note = NamedText.Note(request.Note, SavedPosition.NoteLength) ?? "",
            Tags = CleanTags(request.Tags) ?? [],
            Document = PositionReader.Read(request),
            UpdatedAt = clock.GetUtcNow(),
        };
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        await RequireRoomAsync(cancel);
        database.Positions.Add(row);
        await SaveChangesAsync(row, cancel);
        await transaction.CommitAsync(cancel);
        return PositionMapping.ToResponse(row, PositionReader.PacesOf(request));
    }

    /// <summary>Saves a position over the version that was opened.</summary>
    public async Task<PositionResponse> SaveAsync(Guid id, SavePositionRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var note = NamedText.Note(request.Note, SavedPosition.NoteLength);
        var document = PositionReader.Read(request);
        var row = await FindForChangeAsync(id, request.Version, cancel);
        KeepVersion(row);
        row.Document = document;
        row.Note = note ?? row.Note;
        await ChangeAsync(row, cancel);
        return PositionMapping.ToResponse(row, PositionReader.PacesOf(request));
    }

    /// <summary>Gives a position another name, and tags and a note when they are given.</summary>
    public async Task<PositionResponse> RenameAsync(Guid id, RenamePositionRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var name = NamedText.Name(request.Name, SavedPosition.NameLength);
        var tags = CleanTags(request.Tags);
        var note = NamedText.Note(request.Note, SavedPosition.NoteLength);
        var row = await FindForChangeAsync(id, request.Version, cancel);
        row.Name = name;
        row.Tags = tags ?? row.Tags;
        row.Note = note ?? row.Note;
        await ChangeAsync(row, cancel);
        return PositionMapping.ToResponse(row, await paces.FindAsync(cancel));
    }

    /// <summary>Takes a position out of the book; it can be brought back.</summary>
    public async Task DeleteAsync(Guid id, int version, CancellationToken cancel)
    {
        var row = await FindForChangeAsync(id, version, cancel);
        row.DeletedAt = clock.GetUtcNow();
        await ChangeAsync(row, cancel);
    }

    /// <summary>Brings a deleted position back.</summary>
    public async Task<PositionResponse> BringBackAsync(Guid id, CancellationToken cancel)
    {
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        var row = await database.Positions.SingleOrDefaultAsync(row => row.Id == id && row.DeletedAt != null, cancel) ?? throw Unknown();
        await RequireRoomAsync(cancel);
        row.DeletedAt = null;
        await ChangeAsync(row, cancel);
        await transaction.CommitAsync(cancel);
        return PositionMapping.ToResponse(row, await paces.FindAsync(cancel));
    }

    /// <summary>Saves a copy under the next free name.</summary>
    public async Task<PositionResponse> CopyAsync(Guid id, CancellationToken cancel)
    {
        var row = await FindAsync(id, cancel);
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        await RequireRoomAsync(cancel);
        var taken = await database.Positions.Where(other => other.OwnerId == owner.Id && other.DeletedAt == null)
            .Select(other => other.Name).ToListAsync(cancel);
        var copy = new SavedPosition
        {
            Id = Guid.CreateVersion7(),
            OwnerId = owner.Id,
            Name = NamedText.Free(row.Name, taken.ToHashSet(), SavedPosition.NameLength, from: 2),
            Note = row.Note,
            Tags = row.Tags,
            Document = row.Document,
            UpdatedAt = clock.GetUtcNow(),
        };
        database.Positions.Add(copy);
        await SaveChangesAsync(copy, cancel);
        await transaction.CommitAsync(cancel);
        return PositionMapping.ToResponse(copy, await paces.FindAsync(cancel));
    }

    /// <summary>What a position was before it was saved over, the newest first.</summary>
    public async Task<IReadOnlyList<VersionSummary>> VersionsAsync(Guid id, CancellationToken cancel)
    {
        await FindAsync(id, cancel);
        var versions = await database.PositionVersions.Where(version => version.PositionId == id)
            .OrderByDescending(version => version.Version)
            .Select(version => new { version.Version, version.SavedAt, version.Note, version.Balls }).ToListAsync(cancel);
        return [.. versions.Select(
            version => new VersionSummary(version.Version, version.SavedAt, version.Note, PositionReader.ToBalls(version.Balls)))];
    }

    /// <summary>Goes back to an older version: it becomes the newest, and what stood there is kept as a version too.</summary>
    public async Task<PositionResponse> GoBackAsync(Guid id, int version, VersionedRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var row = await FindForChangeAsync(id, request.Version, cancel);
        var old = await database.PositionVersions.AsNoTracking()
            .SingleOrDefaultAsync(other => other.PositionId == id && other.Version == version, cancel)
            ?? throw RefusalException.Unknown("unknownVersion", BookRefusals.NoVersion);
        KeepVersion(row);
        row.Document = old.Document;
        row.Note = old.Note;
        await ChangeAsync(row, cancel);
        return PositionMapping.ToResponse(row, await paces.FindAsync(cancel));
    }

    private IQueryable<SavedPosition> Standing => database.Positions.AsNoTracking().Where(row => row.DeletedAt == null);

    private async Task RequireRoomAsync(CancellationToken cancel)
    {
        var count = await database.Positions.CountAsync(row => row.OwnerId == owner.Id && row.DeletedAt == null, cancel);
        if (count < SavedPosition.MostOfOne) return;
        throw RefusalException.Conflict(
            "bookFull", BookRefusals.Full(SavedPosition.MostOfOne));
    }

    private void KeepVersion(SavedPosition row) => database.PositionVersions.Add(new PositionVersion
    {
        PositionId = row.Id,
        Version = row.Version,
        OwnerId = row.OwnerId,
        Note = row.Note,
        Document = row.Document,
        SavedAt = row.UpdatedAt,
    });

    private async Task<SavedPosition> FindAsync(Guid id, CancellationToken cancel) =>
        await database.Positions.SingleOrDefaultAsync(row => row.Id == id && row.DeletedAt == null, cancel) ?? throw Unknown();

    private static RefusalException Unknown() => RefusalException.Unknown(
        "unknownPosition", BookRefusals.NoPosition);

    private async Task<SavedPosition> FindForChangeAsync(Guid id, int version, CancellationToken cancel)
    {
        var row = await FindAsync(id, cancel);
        if (row.OwnerId == Owner.House)
            throw RefusalException.Conflict("housePosition", BookRefusals.OfTheHouse);
        return row.Version == version ? row : throw Stale();
    }

    private async Task ChangeAsync(SavedPosition row, CancellationToken cancel)
    {
        row.Version++;
        row.UpdatedAt = clock.GetUtcNow();
        await SaveChangesAsync(row, cancel);
    }

    private Task SaveChangesAsync(SavedPosition row, CancellationToken cancel) =>
        database.SaveAsync(Stale, BookRefusals.NameTaken(row.Name), cancel);

    private static RefusalException Stale() => RefusalException.Conflict(
        "changedMeanwhile", BookRefusals.SavedMeanwhile);

    private static List<string>? CleanTags(IReadOnlyList<string>? tags)
    {
        if (tags is null) return null;
        var clean = tags.Select(tag => (tag ?? "").Trim().ToLowerInvariant()).Where(tag => tag.Length > 0).Distinct().ToList();
        return clean.Count <= SavedPosition.MostTags && clean.All(tag => NamedText.IsLine(tag, SavedPosition.TagLength))
            ? clean
            : throw RefusalException.Invalid("tags", "tags", BookRefusals.Tags(SavedPosition.MostTags, SavedPosition.TagLength));
    }
}
