using System.Text.Json;
using DeepBaize.Data.Demo;
using DeepBaize.Data.Positions;
using DeepBaize.Data.Shelf;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Tests;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Data.Tests;

/// <summary>The schema and what is kept in it, on a real PostgreSQL.</summary>
public sealed class DatabaseTests : IAsyncLifetime
{
    private readonly string _connection = TestCluster.Shared.Connection($"t_{Guid.NewGuid():n}");

    public async ValueTask InitializeAsync() => Assert.True(await DatabaseSetup.RunAsync(_connection));

    public async ValueTask DisposeAsync()
    {
        await using var database = Open(Owner.Local);
        await database.Database.EnsureDeletedAsync();
    }

    [Fact]
    public async Task The_model_has_no_change_that_a_migration_lacks_and_a_second_set_up_changes_nothing()
    {
        await using var database = Open(Owner.Local);
        Assert.False(database.Database.HasPendingModelChanges());
        var count = await database.Positions.CountAsync();
        Assert.False(await DatabaseSetup.RunAsync(_connection));
        Assert.Equal(count, await database.Positions.CountAsync());
    }

    [Fact]
    public async Task Every_table_of_the_product_belongs_to_owners()
    {
        await using var database = Open(Owner.Local);
        var without = await database.Database.SqlQueryRaw<string>(
            """
            select table_name as "Value" from information_schema.tables t
            where table_schema = 'public' and table_name not in ('owners', '__EFMigrationsHistory')
              and not exists (select 1 from information_schema.columns c
                where c.table_name = t.table_name and c.column_name = 'owner_id' and c.is_nullable = 'NO')
            """).ToListAsync();
        Assert.Empty(without);
    }

    [Fact]
    public async Task Members_and_tables_of_an_older_database_stand_on_the_shelf_afterwards()
    {
        await using var database = Open(Owner.Local);
        await database.Database.EnsureDeletedAsync();
        await database.Database.MigrateAsync("SheetKept");
        await database.Database.ExecuteSqlRawAsync(
            """
            insert into owners (id, name) values ('00000000-0000-4000-8000-000000000002', 'This machine');
            insert into people (id, owner_id, club, name, role, is_current) values
              (gen_random_uuid(), '00000000-0000-4000-8000-000000000002', 'A club', 'Ann Alder', 'Player', true),
              (gen_random_uuid(), '00000000-0000-4000-8000-000000000002', 'A club', 'Bob Birch', 'Coach', false);
            insert into club_tables (id, owner_id, club, name, measured_on, is_current) values
              (gen_random_uuid(), '00000000-0000-4000-8000-000000000002', 'A club', 'Near the door', '2026-03-01', true);
            """);
        await database.Database.MigrateAsync();
        var shelf = await database.Shelf.OrderBy(item => item.Name).ToListAsync();
        Assert.Equal([(ShelfKind.Player, "Ann Alder", true), (ShelfKind.Player, "Bob Birch", false),
            (ShelfKind.Table, "Near the door", true)],
            shelf.Select(item => (item.Kind, item.Name, item.IsCurrent)));
        Assert.Contains("2026-03-01", shelf[2].Document, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_the_house_ships_reaches_a_database_that_stands_already_and_touches_nothing_else()
    {
        await using (var older = Open(Owner.Local))
        {
            // As an older version of the product left it: one position other than today, one that shipped then, one not yet.
            var house = await older.Positions.Where(row => row.OwnerId == Owner.House).OrderBy(row => row.Name).ToListAsync();
            (house[0].Note, house[0].Document) = ("as it was", house[1].Document);
            older.Positions.Remove(house[2]);
            older.Positions.Add(Position(Owner.House, "No longer shipped"));
            older.Positions.Add(Position(Owner.Local, house[0].Name));
            (await older.Owners.SingleAsync(owner => owner.Id == Owner.House)).ContentVersion = 0;
            await older.SaveChangesAsync();
        }

        var (mine, shelf) = (await OwnAsync(), await ShelfAsync());
        Assert.False(await DatabaseSetup.RunAsync(_connection));
        await using var database = Open(Owner.Local);
        var rows = await database.Positions.Where(row => row.OwnerId == Owner.House && row.DeletedAt == null).ToListAsync();
        var shipped = HouseContent.Positions().ToDictionary(position => position.Name);
        Assert.Equal(shipped.Keys.Order(), rows.Select(row => row.Name).Order());
        Assert.All(rows, row => Assert.Equal(Told(shipped[row.Name]), Told(row)));
        Assert.Equal(HouseContent.Version, (await database.Owners.SingleAsync(owner => owner.Id == Owner.House)).ContentVersion);
        Assert.Equal((mine, shelf), (await OwnAsync(), await ShelfAsync()));

        // Once is enough: what is up to date is left alone.
        var versions = rows.ToDictionary(row => row.Id, row => row.Version);
        Assert.False(await DatabaseSetup.RunAsync(_connection));
        await using var again = Open(Owner.Local);
        Assert.All(
            await again.Positions.Where(row => row.OwnerId == Owner.House && row.DeletedAt == null).ToListAsync(),
            row => Assert.Equal(versions[row.Id], row.Version));

        static string Told(SavedPosition row) => JsonSerializer.Serialize(new { row.Note, row.Tags, row.Document });

        async Task<string> OwnAsync()
        {
            await using var own = Open(Owner.Local);
            var kept = await own.Positions.AsNoTracking().Where(row => row.OwnerId == Owner.Local).OrderBy(row => row.Id).ToListAsync();
            return JsonSerializer.Serialize(kept);
        }

        async Task<string> ShelfAsync()
        {
            await using var own = Open(Owner.Local);
            return JsonSerializer.Serialize(await own.Shelf.AsNoTracking().OrderBy(item => item.Id).ToListAsync());
        }
    }

    [Fact]
    public async Task An_owner_sees_own_rows_and_the_house_only()
    {
        var stranger = Guid.NewGuid();
        await using (var theirs = Open(stranger))
        {
            theirs.Owners.Add(new Owner { Id = stranger, Name = "Somebody else" });
            theirs.Positions.Add(Position(stranger, "Theirs"));
            await theirs.SaveChangesAsync();
            Assert.Contains(await theirs.Positions.ToListAsync(), row => row.Name == "Theirs");
            Assert.Empty(await theirs.Shelf.ToListAsync());
        }

        await using var ours = Open(Owner.Local);
        Assert.DoesNotContain(await ours.Positions.ToListAsync(), row => row.Name == "Theirs");
        Assert.All(await ours.Positions.ToListAsync(), row => Assert.Equal(Owner.House, row.OwnerId));
    }

    [Fact]
    public async Task Every_demo_position_can_stand_on_the_club_table()
    {
        await using var database = Open(Owner.Local);
        var rows = await database.Positions.ToListAsync();
        Assert.True(rows.Count >= 8);
        foreach (var row in rows)
        {
            var balls = row.Document.Balls.Select(ball =>
            {
                Assert.True(Names.TryParseBall(ball.Id, out var id));
                return new PlacedBall(id, new Place(ball.X, ball.Y));
            }).ToList();
            Assert.NotNull(LayoutRules.TryBuild(balls, TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out _));
        }
    }

    [Fact]
    public async Task Documents_are_jsonb_with_a_version_and_keep_every_digit()
    {
        await using (var database = Open(Owner.Local))
        {
            database.Positions.Add(Position(Owner.Local, "Digits"));
            await database.SaveChangesAsync();
        }

        await using var again = Open(Owner.Local);
        var row = await again.Positions.SingleAsync(position => position.Name == "Digits");
        Assert.Equal(1.0 / 3, row.Document.Balls[0].X);
        var version = await again.Database.SqlQueryRaw<int>(
            """select (document->>'schemaVersion')::int as "Value" from positions where name = 'Digits'""").SingleAsync();
        Assert.Equal(PositionDocument.CurrentVersion, version);
    }

    /// <summary>Up to version 5 strokes were kept by a pace of the house's scale: pace 5 is 0.75 x 1.27^4 = 1.951 m/s.</summary>
    [Fact]
    public void A_stroke_of_an_older_version_keeps_the_speed_that_its_pace_stood_for()
    {
        var read = PositionDocument.Read(
            """{"schemaVersion":5,"balls":[],"contacts":[],"stroke":{"directionDeg":12.5,"pace":5,"side":0.1,"height":-0.2}}""");
        Assert.Equal(new SavedStroke(12.5, read.Stroke!.WhiteSpeed, 0.1, -0.2), read.Stroke);
        Assert.Equal(1.951, read.Stroke.WhiteSpeed, 0.001);
    }

    /// <summary>Issue 17, point 1: what was played as if it were on stays so where the state of play is obeyed.</summary>
    [Theory]
    [InlineData("black", "red1", "pink", "colour")]
    [InlineData("pink", "blue", "black", "colour")]
    [InlineData("blue", "pink", "black", null)]
    [InlineData("red1", "red2", "black", null)]
    public void In_older_positions_a_colour_that_is_potted_out_of_its_turn_follows_a_red(string ball, string one, string other, string? on)
    {
        var read = PositionDocument.Read(
            $$$"""
            {"schemaVersion":7,"balls":[{"id":"cue","x":1,"y":0.5},{"id":"{{{ball}}}","x":2,"y":1},{"id":"{{{one}}}","x":2,"y":0.5},
            {"id":"{{{other}}}","x":3,"y":0.5}],"contacts":[],
            "intent":{"kind":"pot","ball":"{{{ball}}}","pocket":"yellow","part":"opening"}}
            """);
        Assert.Equal(on, read.State?.On);
    }

    [Fact]
    public void A_document_of_a_newer_program_is_refused() => Assert.Throws<NewerDocumentException>(() =>
        PositionDocument.Read($$"""{"schemaVersion":{{PositionDocument.CurrentVersion + 1}},"balls":[],"contacts":[]}"""));

    [Fact]
    public async Task A_row_that_a_newer_program_kept_is_not_read_and_the_reason_reaches_who_asks()
    {
        await using (var database = Open(Owner.Local))
        {
            database.Positions.Add(Position(Owner.Local, "Newer"));
            await database.SaveChangesAsync();
            await database.Database.ExecuteSqlRawAsync(
                """update positions set document = jsonb_set(document, '{{schemaVersion}}', '99') where name = 'Newer'""");
        }

        await using var again = Open(Owner.Local);
        var thrown = await Record.ExceptionAsync(() => again.Positions.SingleAsync(position => position.Name == "Newer"));
        Assert.Equal(99, Assert.IsType<NewerDocumentException>(thrown).Version);
    }

    /// <summary>One document of each version as it was written at the time.</summary>
    [Theory]
    [InlineData("""{"schemaVersion":1,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[]}""", "club", false, 0)]
    [InlineData("""{"schemaVersion":2,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"stroke":null,"profile":"match"}""", "match",
        false, 0)]
    [InlineData("""{"schemaVersion":3,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"stroke":null,"profile":"club","pot":"""
        + """{"ball":"red1","pocket":"topYellowSide","part":"middle","keep":true}}""", "club", true, 0)]
    [InlineData("""{"schemaVersion":4,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"profile":"club","marks":["""
        + """{"id":"a","kind":"target","places":[{"x":1,"y":1}],"radius":0.2,"text":""}],"state":"""
        + """{"on":"red","inHand":true}}""", "club", false, 1)]
    [InlineData("""{"schemaVersion":5,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"stroke":null,"profile":"club","pot":"""
        + """{"ball":"red1","pocket":"topYellowSide","part":"opening","keep":true}}""", "club", true, 0)]
    public void A_document_of_every_older_version_is_read(string json, string profile, bool hasPot, int marks)
    {
        var read = PositionDocument.Read(json);
        Assert.Equal(new SavedBall("cue", 1, 0.5), Assert.Single(read.Balls));
        Assert.Null(read.Stroke);
        Assert.Equal(profile, read.Profile);
        Assert.Equal(hasPot, read.Intent is SavedPot { Ball: "red1", Keep: true });
        Assert.Equal(PositionDocument.CurrentVersion, read.SchemaVersion);
        Assert.Equal(marks, read.Marks?.Count ?? 0);
        Assert.Equal(marks > 0, read.State is { On: "red", InHand: true, MissCount: 0 });
    }

    public static TheoryData<SavedIntent> Intents { get; } =
        [new SavedPot("red1", "topYellowSide", "opening", true), new SavedHit("blue"), new SavedReach(2.75, 1.0 / 3, 0.1)];

    /// <summary>The database keeps names of a document in an order of its own.</summary>
    [Theory]
    [MemberData(nameof(Intents))]
    public async Task What_a_stroke_is_for_is_kept_whatever_it_is(SavedIntent intent)
    {
        var row = Position(Owner.Local, $"For {intent.GetType().Name}");
        row.Document = row.Document with { Intent = intent };
        await using (var database = Open(Owner.Local))
        {
            database.Positions.Add(row);
            await database.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        await using var again = Open(Owner.Local);
        var read = await again.Positions.AsNoTracking().SingleAsync(
            position => position.Id == row.Id, TestContext.Current.CancellationToken);
        Assert.Equal(intent, read.Document.Intent);
    }

    [Fact]
    public async Task Tags_earlier_versions_and_a_deleted_position_are_kept_with_every_mark_and_the_state()
    {
        var whole = Position(Owner.Local, "Whole");
        whole.Tags = ["screw", "black"];
        whole.DeletedAt = DateTimeOffset.UtcNow;
        whole.Document = whole.Document with
        {
            Marks = [new SavedMark("a", "gate", [new SavedPlace(1.0 / 3, 1), new SavedPlace(1, 1)], null, "through here")],
            State = new SavedState("colour", "pink", true, false, new SavedScores(33, 20), 8, 1),
        };
        await using (var database = Open(Owner.Local))
        {
            database.Positions.Add(whole);
            database.PositionVersions.Add(
                new PositionVersion
                {
                    PositionId = whole.Id,
                    OwnerId = Owner.Local,
                    Version = 1,
                    Note = "before",
                    Document = whole.Document
                });
            await database.SaveChangesAsync();
        }

        await using var again = Open(Owner.Local);
        var row = await again.Positions.IgnoreQueryFilters().SingleAsync(position => position.Id == whole.Id);
        Assert.Equal(whole.Document.Write(), row.Document.Write());
        Assert.Equal(["screw", "black"], row.Tags);
        var version = await again.PositionVersions.SingleAsync(kept => kept.PositionId == whole.Id);
        Assert.Equal(whole.Document.Write(), version.Document.Write());
    }

    private BaizeDbContext Open(Guid owner)
    {
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(_connection);
        return new BaizeDbContext(options.Options, new OwnerScope(owner));
    }

    private static SavedPosition Position(Guid owner, string name) => new()
    {
        Id = Guid.NewGuid(),
        OwnerId = owner,
        Name = name,
        Note = "",
        Document = new PositionDocument(PositionDocument.CurrentVersion, [new SavedBall("cue", 1.0 / 3, 0.5)], [], null),
        UpdatedAt = DateTimeOffset.UtcNow,
    };
}
