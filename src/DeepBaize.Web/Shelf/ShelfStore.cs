using DeepBaize.Data;
using DeepBaize.Data.Shelf;
using DeepBaize.Web.Formats;
using DeepBaize.Web.Keeping;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Shelf;

/// <summary>
/// Players, tables and cues of one owner: list, add, change, copy, use, take away and bring back, write and read as a file.
/// </summary>
public sealed class ShelfStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock)
{
    private const int MostItems = 500;

    /// <summary>Everything on the shelf.</summary>
    public async Task<ShelfResponse> ListAsync(CancellationToken cancel)
    {
        var rows = await database.Shelf.AsNoTracking().Where(item => item.DeletedAt == null).OrderBy(item => item.Name).ToListAsync(cancel);
        return new ShelfResponse(
            Sorted(rows, ShelfDocuments.Players), Sorted(rows, ShelfDocuments.Tables), Sorted(rows, ShelfDocuments.Cues));
    }

    /// <summary>Adds something.</summary>
    internal async Task<ShelfOutput<T>> AddAsync<T>(ShelfSort<T> sort, ShelfRequest<T> request, CancellationToken cancel)
    {
        sort.Require(request.Document);
        await RequireRoomAsync(1, cancel);
        var row = NewRow(sort, NamedText.Name(request.Name, ShelfItem.NameLength), CleanNote(request.Note), request.Document);
        database.Shelf.Add(row);
        await SaveAsync(row, cancel);
        return ToOutput(sort, row);
    }

    /// <summary>Changes something.</summary>
    internal async Task<ShelfOutput<T>> ChangeAsync<T>(ShelfSort<T> sort, Guid id, ShelfRequest<T> request, CancellationToken cancel)
    {
        var (name, note) = (NamedText.Name(request.Name, ShelfItem.NameLength), CleanNote(request.Note));
        sort.Require(request.Document);
        var row = await FindAsync(sort.Kind, id, request.Version, cancel);
        (row.Name, row.Note, row.Document, row.SchemaVersion) = (name, note, sort.Write(request.Document), ShelfItem.CurrentVersion);
        await SaveChangedAsync(row, cancel);
        return ToOutput(sort, row);
    }

    /// <summary>Puts a copy beside something, of one's own or of the house.</summary>
    internal async Task<ShelfOutput<T>> CopyAsync<T>(ShelfSort<T> sort, string id, CancellationToken cancel)
    {
        var source = sort.House.FirstOrDefault(item => item.Id == id);
        if (source is null)
            source = ToOutput(sort, await FindAsync(sort.Kind, Guid.TryParse(id, out var own) ? own : Guid.Empty, null, cancel));
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        await RequireRoomAsync(1, cancel);
        var taken = await NamesAsync(sort.Kind, cancel);
        var row = NewRow(sort, FreeName(source.Name, taken), source.Note, source.Document);
        database.Shelf.Add(row);
        await SaveAsync(row, cancel);
        await transaction.CommitAsync(cancel);
        return ToOutput(sort, row);
    }

    /// <summary>Makes something the one in use; something of the house by using none of one's own.</summary>
    internal async Task UseAsync<T>(ShelfSort<T> sort, string id, CancellationToken cancel)
    {
        var isHouse = sort.House.Any(item => item.Id == id);
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        var chosen = isHouse ? null : await FindAsync(sort.Kind, Guid.TryParse(id, out var own) ? own : Guid.Empty, null, cancel);
        await database.Shelf.Where(item => item.Kind == sort.Kind && item.IsCurrent)
            .ExecuteUpdateAsync(set => set.SetProperty(item => item.IsCurrent, false), cancel);
        if (chosen is not null)
            await database.Shelf.Where(item => item.Id == chosen.Id)
                .ExecuteUpdateAsync(set => set.SetProperty(item => item.IsCurrent, true), cancel);
        await transaction.CommitAsync(cancel);
    }

    /// <summary>Takes something away; it can be brought back.</summary>
    internal async Task RemoveAsync(ShelfKind kind, Guid id, int version, CancellationToken cancel)
    {
        var row = await FindAsync(kind, id, version, cancel);
        (row.DeletedAt, row.IsCurrent) = (clock.GetUtcNow(), false);
        await SaveChangedAsync(row, cancel);
    }

    /// <summary>Brings something back.</summary>
    internal async Task<ShelfOutput<T>> BringBackAsync<T>(ShelfSort<T> sort, Guid id, CancellationToken cancel)
    {
        var row = await database.Shelf.SingleOrDefaultAsync(
            item => item.Id == id && item.Kind == sort.Kind && item.DeletedAt != null, cancel) ?? throw Unknown();
        row.DeletedAt = null;
        await SaveChangedAsync(row, cancel);
        return ToOutput(sort, row);
    }

    /// <summary>Takes everything of a file, or nothing: a name that is taken gets a number.</summary>
    internal async Task<ImportedOutput> ImportAsync(FileProfiles file, CancellationToken cancel)
    {
        await using var transaction = await database.BeginAloneAsync(owner, cancel);
        await RequireRoomAsync(file.Players.Count + file.Tables.Count + file.Cues.Count, cancel);
        await AddAllAsync(ShelfDocuments.Players, file.Players, FormatMapper.ToInput, cancel);
        await AddAllAsync(ShelfDocuments.Tables, file.Tables, FormatMapper.ToInput, cancel);
        await AddAllAsync(ShelfDocuments.Cues, file.Cues, FormatMapper.ToInput, cancel);
        await database.SaveAsync(Stale, BookRefusals.ImportedNameTaken, cancel);
        await transaction.CommitAsync(cancel);
        return new ImportedOutput(
            file.Players.Count, file.Tables.Count, file.Cues.Count,
            ShelfWords.Taken(file.Players.Count, file.Tables.Count, file.Cues.Count));
    }

    private async Task AddAllAsync<T, TFile>(
        ShelfSort<T> sort, IReadOnlyList<FileEntry<TFile>> entries, Func<TFile, T> read, CancellationToken cancel)
    {
        var taken = await NamesAsync(sort.Kind, cancel);
        foreach (var entry in entries)
        {
            var name = FreeName(NamedText.Name(entry.Name, ShelfItem.NameLength), taken);
            taken.Add(name);
            database.Shelf.Add(NewRow(sort, name, CleanNote(entry.Note), read(entry.Document!)));
        }
    }

    private async Task<HashSet<string>> NamesAsync(ShelfKind kind, CancellationToken cancel) =>
        [.. await database.Shelf.Where(item => item.Kind == kind && item.DeletedAt == null).Select(item => item.Name).ToListAsync(cancel)];

    private async Task RequireRoomAsync(int more, CancellationToken cancel)
    {
        if (await database.Shelf.CountAsync(item => item.DeletedAt == null, cancel) + more > MostItems)
            throw RefusalException.Conflict("shelfFull", BookRefusals.ShelfFull(MostItems));
    }

    private async Task<ShelfItem> FindAsync(ShelfKind kind, Guid id, int? version, CancellationToken cancel)
    {
        var row = await database.Shelf.SingleOrDefaultAsync(item => item.Id == id && item.Kind == kind && item.DeletedAt == null, cancel)
            ?? throw Unknown();
        return version is { } known && known != row.Version ? throw Stale() : row;
    }

    private async Task SaveChangedAsync(ShelfItem row, CancellationToken cancel)
    {
        row.Version++;
        await SaveAsync(row, cancel);
    }

    private Task SaveAsync(ShelfItem row, CancellationToken cancel) =>
        database.SaveAsync(Stale, BookRefusals.ShelfNameTaken(row.Name), cancel);

    private ShelfItem NewRow<T>(ShelfSort<T> sort, string name, string note, T document) => new()
    {
        Id = Guid.CreateVersion7(),
        OwnerId = owner.Id,
        Kind = sort.Kind,
        Name = name,
        Note = note,
        Document = sort.Write(document),
    };

    private static IReadOnlyList<ShelfOutput<T>> Sorted<T>(IEnumerable<ShelfItem> rows, ShelfSort<T> sort) =>
        [.. rows.Where(row => row.Kind == sort.Kind).Select(row => ToOutput(sort, row)), .. sort.House];

    private static ShelfOutput<T> ToOutput<T>(ShelfSort<T> sort, ShelfItem row) =>
        new(row.Id.ToString(), row.Name, row.Note, row.Version, row.IsCurrent, false, sort.Read(row));

    private static string FreeName(string name, HashSet<string> taken) => NamedText.Free(name, taken, ShelfItem.NameLength, from: 1);

    private static string CleanNote(string note) => NamedText.Note(note, ShelfItem.NoteLength)!;

    private static RefusalException Unknown() =>
        RefusalException.Unknown("unknownItem", BookRefusals.NoItem);

    private static RefusalException Stale() =>
        RefusalException.Conflict(
            "changedMeanwhile", BookRefusals.ChangedMeanwhile);
}
