using DeepBaize.Data.Positions;
using DeepBaize.Data.Shelf;

namespace DeepBaize.Data.Tests;

/// <summary>
/// The shapes in which documents are kept. Where one of these fails, rows that stand in databases have another shape than the program
/// reads: then a new version is due, and an upgrade to it.
/// </summary>
public sealed class KeptShapeTests
{
    private static readonly SavedPlayer Player = new(
        "league", "left", 1.4, 0.8, 0.1, 1.45, new SavedRests(SwanNeck: false), new SavedSpread(1.5, 0.1), new SavedSpread(2), null, null,
        null, null, null, null, 0.5, new SavedFactors(PerPace: 0.1, Rest: 1.5),
        new SavedPreferences("avoid", RestCost: 4, CushionRule: true),
        [new SavedPace(3, 1.25, 0.02)]);

    private static readonly SavedCoefficients Coefficients = new(
        new SavedCloth(RollingFriction: 0.012, CushionLiveliness: new SavedLiveliness(Top: 0.95)), new SavedPockets(JawFactor: 0.8),
        new SavedBalls(FrictionFactor: 1.2));

    public static TheoryData<string, int, int, string> Shapes { get; } = new()
    {
        {
            SavedShelf.Write(Player), ShelfItem.CurrentVersion, 1,
            """
            {"preset":"league","hand":"left","shoulderHeight":1.4,"reach":0.8,"stretch":0.1,"cueLength":1.45,"rests":
            {"plain":true,"extension":true,"spider":true,"swanNeck":false},"alignment":{"size":1.5,"bias":0.1},"swing":
            {"size":2,"bias":0},"sideBiasMm":0.5,"factors":{"perPace":0.1,"rest":1.5},"preferences":{"side":"avoid","restCost":4,
            "cushionRule":true},"paces":[{"pace":3,"whiteSpeed":1.25,"scatter":0.02}]}
            """
        },
        {
            SavedShelf.Write(new SavedTable("match", Coefficients, new DateOnly(2026, 3, 1))), ShelfItem.CurrentVersion, 1,
            """
            {"profile":"match","coefficients":{"table":{"rollingFriction":0.012,"cushionLiveliness":{"top":0.95}},"pockets":
            {"jawFactor":0.8},"balls":{"frictionFactor":1.2}},"measuredOn":"2026-03-01"}
            """
        },
        {
            SavedShelf.Write(new SavedCue(0.5, 25, 5, new DateOnly(2026, 10, 1))), ShelfItem.CurrentVersion, 1,
            """
            {"mass":0.5,"endMassRatio":25,"maxSpeed":5,"tipChangedOn":"2026-10-01"}
            """
        },
        {
            new PositionDocument(
                PositionDocument.CurrentVersion, [new SavedBall("cue", 1, 0.5)], [["cue", "red1"]], new SavedStroke(12.5, 2, 0.1, -0.2),
                "match", new SavedReach(2, 1, 0.1), [new SavedMark("a", "target", [new SavedPlace(1, 1)], 0.2, "here")],
                new SavedState("red", InHand: true, Scores: new SavedScores(1, 2), Practice: true),
                new SavedSetting(Cue: new SavedCueInUse(0.5, Paces: [new SavedPace(3, 1.25)]))).Write(),
            PositionDocument.CurrentVersion, 8,
            """
            {"schemaVersion":8,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[["cue","red1"]],"stroke":{"directionDeg":12.5,
            "whiteSpeed":2,"side":0.1,"height":-0.2,"elevationDeg":0},"profile":"match","intent":{"kind":"reach","x":2,"y":1,
            "within":0.1},"marks":[{"id":"a","kind":"target","places":[{"x":1,"y":1}],"radius":0.2,"text":"here"}],"state":
            {"on":"red","inHand":true,"freeBall":false,"scores":{"player":1,"opponent":2},"missCount":0,"practice":true},"setting":{"cue":
            {"mass":0.5,"paces":[{"pace":3,"whiteSpeed":1.25,"scatter":0}]}}}
            """
        },
    };

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_document_is_kept_in_the_shape_of_its_version(string written, int current, int version, string shape)
    {
        Assert.Equal(version, current);
        Assert.Equal(shape.ReplaceLineEndings(""), written);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(ShelfItem.CurrentVersion + 1)]
    public void A_row_of_the_shelf_whose_version_is_not_known_is_not_read(int version)
    {
        var refused = Assert.Throws<NewerDocumentException>(() => SavedShelf.Read<SavedPlayer>(Row("{}", version)));
        Assert.Equal((version, ShelfItem.CurrentVersion), (refused.Version, refused.Newest));
    }

    [Fact]
    public void What_is_written_is_read_again() =>
        Assert.Equal(SavedShelf.Write(Player), SavedShelf.Write(SavedShelf.Read<SavedPlayer>(Row(SavedShelf.Write(Player), 1))));

    private static ShelfItem Row(string document, int version) =>
        new() { Kind = ShelfKind.Player, Name = "Ilse", Document = document, SchemaVersion = version };
}
