using System.Text.Json;
using System.Text.Json.Serialization;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence.Advice;

/// <summary>A range of places along one axis of the table, in metres.</summary>
/// <param name="X">From the baulk cushion: least and most; null for any.</param>
/// <param name="Y">From the yellow's side cushion: least and most; null for any.</param>
public sealed record CoachArea(double[]? X = null, double[]? Y = null)
{
    /// <summary>True for a place within.</summary>
    /// <param name="place">The place.</param>
    public bool Has(Place place) => IsWithin(X, place.X) && IsWithin(Y, place.Y);

    private static bool IsWithin(double[]? range, double value) => range is null || (value >= range[0] && value <= range[1]);

    /// <summary>The same area seen in the mirror.</summary>
    public CoachArea Mirrored() => this with { Y = Y is null ? null : [Measurements.Width - Y[1], Measurements.Width - Y[0]] };
}

/// <summary>What is right in a position; what is not named does not matter.</summary>
/// <param name="Balls">Balls to play.</param>
/// <param name="Then">Balls to play after it.</param>
/// <param name="Side">Side at most: "none", or "touch" for half a tip.</param>
/// <param name="TipAtMost">Tips above or below centre.</param>
/// <param name="PaceAtMost">The hardest pace.</param>
/// <param name="MovedAtMost">Most balls that may be moved beside white and object ball.</param>
/// <param name="MovedAtLeast">Least balls that must be.</param>
/// <param name="Stops">Where the white must stop when the stroke is played as meant.</param>
/// <param name="ClearOfCushions">Metres from the middle of the white to the nearest cushion then, at least.</param>
/// <param name="NextCut">Degrees of the cut of the next stroke: least and most.</param>
/// <param name="NextDistance">Metres from the white to the contact of the next stroke: least and most.</param>
/// <param name="KeepsAtPace">A share by which the stroke may be too hard or too soft with a pot still on.</param>
/// <param name="Rest">False when the rest is wrong.</param>
/// <param name="NextRest">False when the rest is wrong for the next stroke.</param>
public sealed record CoachWish(
    string[]? Balls = null, string[]? Then = null, string? Side = null, double? TipAtMost = null, double? PaceAtMost = null,
    int? MovedAtMost = null, int? MovedAtLeast = null, CoachArea? Stops = null, double? ClearOfCushions = null, double[]? NextCut = null,
    double[]? NextDistance = null, double? KeepsAtPace = null, bool Rest = true, bool NextRest = true);

/// <summary>
/// A position with one plain answer, as a coach writes it down (common practice, no source): docs/coach-positions.json.
/// </summary>
/// <param name="Kind">What kind of judgement it asks for.</param>
/// <param name="Name">What it is about.</param>
/// <param name="Player">A player of the house.</param>
/// <param name="On">What is on.</param>
/// <param name="White">The white's place in metres from the baulk cushion and from the yellow's side cushion.</param>
/// <param name="Reds">The reds' places, red 1 first.</param>
/// <param name="Right">What is right.</param>
/// <param name="Wrong">What is wrong, in words.</param>
/// <param name="Why">Why.</param>
/// <param name="Gone">Colours that are gone; the others stand on their spots.</param>
public sealed record CoachPosition(
    string Kind, string Name, string Player, string On, double[] White, double[][] Reds, CoachWish Right, string Wrong, string Why,
    string[]? Gone = null)
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    };

    /// <summary>All positions of the file.</summary>
    public static IReadOnlyList<CoachPosition> All { get; } = Read();

    /// <summary>The frame.</summary>
    public FrameState Frame => new([.. Balls().OrderBy(placed => placed.Ball)], BallGauge.Standard, Enum.Parse<BallOn>(On, true));

    /// <summary>Who plays.</summary>
    public PlayerProfile Striker => HousePlayers.Find(Player) ?? throw new InvalidOperationException($"There is no player {Player}.");

    /// <summary>The balls that are right, empty where any is.</summary>
    public IEnumerable<BallId> RightBalls =>
        (Right.Balls ?? []).Select(name => Enum.Parse<BallId>(name.Replace(" ", "", StringComparison.Ordinal), true));

    /// <summary>The same seen in the mirror: left is right, and the balls keep their names.</summary>
    public CoachPosition Mirrored() =>
        this with { Name = Name + ", mirrored", IsMirrored = !IsMirrored, Right = Right with { Stops = Right.Stops?.Mirrored() } };

    /// <summary>True when it is seen in the mirror.</summary>
    [JsonIgnore]
    public bool IsMirrored { get; init; }

    private IEnumerable<PlacedBall> Balls()
    {
        var colours = BallSet.Colours.Where(colour => Gone?.Contains(colour.ToString(), StringComparer.OrdinalIgnoreCase) != true);
        PlacedBall[] balls = [
            new(BallId.Cue, new Place(White[0], White[1])),
            .. Reds.Zip(BallSet.Reds, (place, red) => new PlacedBall(red, new Place(place[0], place[1]))),
            .. colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)),
        ];
        return IsMirrored ? balls.Select(placed => placed with { Place = placed.Place.Mirrored() }) : balls;
    }

    private static IReadOnlyList<CoachPosition> Read()
    {
        using var file = typeof(CoachPosition).Assembly.GetManifestResourceStream("coach-positions.json")!;
        return JsonSerializer.Deserialize<List<CoachPosition>>(file, Options)!;
    }
}
