using System.Text.Json.Nodes;
using DeepBaize.Data.Positions;
using DeepBaize.Data.Shelf;
using DeepBaize.Tests;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Data.Tests;

/// <summary>A database as an older version of the program left it, rows and all, is brought up to date and keeps them.</summary>
public sealed class OlderDatabaseTests : IAsyncLifetime
{
    /// <summary>The tables of that time, and the column by which each row is found again.</summary>
    private static readonly (string Table, string Key)[] Tables =
    [
        ("owners", "id"), ("positions", "id"), ("position_versions", "position_id"), ("shelf_items", "id"),
        ("working_sheets", "owner_id"),
    ];

    private readonly string _connection = TestCluster.Shared.Connection($"t_{Guid.NewGuid():n}");

    public async ValueTask InitializeAsync()
    {
        await using var database = Open();
        await database.Database.MigrateAsync("BookColumns");
        await RunAsync(database, ReadRows());
    }

    public async ValueTask DisposeAsync()
    {
        await using var database = Open();
        await database.Database.EnsureDeletedAsync();
    }

    [Fact]
    public async Task Every_row_of_an_owner_stands_afterwards_with_every_value_that_it_had()
    {
        await using var database = Open();
        var before = await OwnRowsAsync(database);
        Assert.Equal(8, before.Count);
        Assert.False(await DatabaseSetup.RunAsync(_connection));
        var after = await OwnRowsAsync(database);
        Assert.Equal(before.Keys.Order(), after.Keys.Order());
        foreach (var (key, row) in before)
            Assert.All(row, value => Assert.True(JsonNode.DeepEquals(value.Value, after[key][value.Key]), $"{key}: {value.Key}"));
    }

    [Fact]
    public async Task What_the_rows_hold_is_read_as_it_was_meant()
    {
        Assert.False(await DatabaseSetup.RunAsync(_connection));
        await using var database = Open();
        var kept = await database.Positions.SingleAsync(row => row.Name == "Kept through");
        Assert.Equal(("saved over", 2, "match"), (kept.Note, kept.Version, kept.Document.Profile));
        Assert.Equal(4, kept.Document.Balls.Count);
        Assert.Equal(new SavedPot("red1", "topYellowSide", "opening", true), kept.Document.Intent);
        Assert.Equal("here", Assert.Single(kept.Document.Marks!).Text);
        Assert.Equal((12.5, 0.1, -0.2), (kept.Document.Stroke!.DirectionDeg, kept.Document.Stroke.Side, kept.Document.Stroke.Height));
        Assert.Equal(5, (await database.PositionVersions.SingleAsync()).Document.Balls.Count);
        Assert.NotNull((await database.Positions.SingleAsync(row => row.Name == "Taken out")).DeletedAt);
        var sheet = await database.WorkingSheets.SingleAsync();
        Assert.Equal((kept.Id, new SavedScores(12, 40)), (sheet.OpenedId, sheet.Document.State!.Scores));
        var shelf = await database.Shelf.OrderBy(item => item.Kind).ToListAsync();
        Assert.Equal([(ShelfKind.Cue, "Old ash"), (ShelfKind.Player, "Ilse Brandt"), (ShelfKind.Table, "By the door")],
            shelf.Select(item => (item.Kind, item.Name)).OrderBy(item => item.Kind.ToString(), StringComparer.Ordinal));
        Assert.Contains("0.85", shelf.Single(item => item.Kind == ShelfKind.Player).Document, StringComparison.Ordinal);
        Assert.Empty(await database.Attempts.ToListAsync());
    }

    /// <summary>All rows that are not the house's, by table and key, with every column.</summary>
    private static async Task<Dictionary<string, JsonObject>> OwnRowsAsync(BaizeDbContext database)
    {
        var rows = new Dictionary<string, JsonObject>(StringComparer.Ordinal);
        foreach (var (table, key) in Tables)
        {
            var owner = table == "owners" ? "id" : "owner_id";
            var query = $"""select to_jsonb(t)::text as "Value" from {table} t where {owner} <> '{Owner.House}'""";
            var found = await database.Database.SqlQueryRaw<string>(query).ToListAsync();
            foreach (var row in found.Select(text => JsonNode.Parse(text)!.AsObject())) rows.Add($"{table} {row[key]}", row);
        }

        return rows;
    }

    private static string ReadRows()
    {
        using var stream = typeof(OlderDatabaseTests).Assembly.GetManifestResourceStream("book-columns.sql")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    private static async Task RunAsync(BaizeDbContext database, string sql)
    {
        await database.Database.OpenConnectionAsync();
        await using var command = database.Database.GetDbConnection().CreateCommand();
#pragma warning disable CA2100 // The rows stand in this assembly.
        command.CommandText = sql;
#pragma warning restore CA2100
        await command.ExecuteNonQueryAsync();
    }

    private BaizeDbContext Open()
    {
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(_connection);
        return new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
    }
}
