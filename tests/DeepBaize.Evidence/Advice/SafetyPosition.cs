using System.Text.Json;
using System.Text.Json.Serialization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence.Advice;

/// <summary>What is right when it is asked what to leave; what is not named does not matter.</summary>
/// <param name="Kinds">Kinds of answer.</param>
/// <param name="CoverAtMost">How much of the ball may be covered at the contact, 0 to 1.</param>
/// <param name="CoverAtLeast">How much of it must be.</param>
/// <param name="SideAtMost">Tips of side at most.</param>
/// <param name="PaceAtMost">The hardest pace.</param>
/// <param name="Stops">Where the white must stop when the stroke is played as meant.</param>
/// <param name="SafeBlack">True when the black must not be left within half a metre of a pocket.</param>
/// <param name="TheyScoreAtMost">Chance of the opponent's likeliest pot, at most, when the stroke is played as meant.</param>
public sealed record SafetyWish(
    SafetyKind[]? Kinds = null, double? CoverAtMost = null, double? CoverAtLeast = null, double? SideAtMost = null,
    double? PaceAtMost = null, CoachArea? Stops = null, bool SafeBlack = false, double? TheyScoreAtMost = null);

/// <summary>
/// A position in which it is plain what to leave, as a coach writes it down (common practice, no source): docs/coach-safety.json.
/// </summary>
/// <param name="Kind">What kind of safety it asks for.</param>
/// <param name="Name">What it is about.</param>
/// <param name="Player">A player of the house; so is the opponent.</param>
/// <param name="On">What is on.</param>
/// <param name="White">The white's place in metres from the baulk cushion and from the yellow's side cushion.</param>
/// <param name="Reds">The places of loose reds, before those of the pack.</param>
/// <param name="Right">What is right.</param>
/// <param name="Wrong">What is wrong, in words.</param>
/// <param name="Why">Why.</param>
/// <param name="Pack">How many reds stand in the triangle, from its tip.</param>
/// <param name="Gone">Colours that are gone.</param>
/// <param name="Places">Places of colours that are off their spots.</param>
/// <param name="Scores">Points of the player and of the opponent.</param>
public sealed record SafetyPosition(
    string Kind, string Name, string Player, string On, double[] White, double[][] Reds, SafetyWish Right, string Wrong, string Why,
    int Pack = 0, string[]? Gone = null, Dictionary<string, double[]>? Places = null, int[]? Scores = null)
{
    private const double FromAPocket = 0.5;

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    /// <summary>All positions of the file.</summary>
    public static IReadOnlyList<SafetyPosition> All { get; } = Read();

    /// <summary>The frame.</summary>
    public FrameState Frame => new(
        [.. Balls().OrderBy(placed => placed.Ball)], BallGauge.Standard, Enum.Parse<BallOn>(On, true),
        Scores is [var own, var theirs] ? new Scores(own, theirs) : default);

    /// <summary>Who plays, and against whom.</summary>
    public PlayerProfile Striker => HousePlayers.Find(Player) ?? throw new InvalidOperationException($"There is no player {Player}.");

    /// <summary>What is wrong with an answer; empty when it is right.</summary>
    /// <param name="table">The table.</param>
    /// <param name="plan">The answer.</param>
    public IEnumerable<string> Read(TableInUse table, SafetyPlan plan)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Best is not { } best)
        {
            yield return "nothing is played";
            yield break;
        }

        var (meant, dials) = (best.Meant, Dials.Of(best.Judged.Stroke.Strike));
        if (Right.Kinds?.Contains(best.Kind) == false) yield return $"{best.Kind}";
        if (meant.Cover > Right.CoverAtMost) yield return $"{meant.Cover:0.00} of the ball covered";
        if (meant.Cover < Right.CoverAtLeast) yield return $"only {meant.Cover:0.00} of the ball covered";
        var side = CueShape.ContactOffset(Right.SideAtMost ?? double.PositiveInfinity, table.Diameter / 2);
        if (Math.Abs(dials.Side) > side) yield return $"side {dials.Side:0.00}";
        if (dials.Pace > Right.PaceAtMost + 0.05) yield return $"pace {dials.Pace:0.0}";
        if (Right.Stops is { } stops && (meant.White is not { } white || !stops.Has(white)))
            yield return $"the white stops at {meant.White?.X:0.00}, {meant.White?.Y:0.00}";
        if (Right.SafeBlack && NearAPocket(table, meant.Ruling.Next)) yield return "the black is left near a pocket";
        if (meant.Left.Pot > Right.TheyScoreAtMost) yield return $"a pot is left {meant.Left.Pot:0.00}";
    }

    private static bool NearAPocket(TableInUse table, FrameState frame) =>
        frame.Balls.Where(placed => placed.Ball == BallId.Black).Any(black =>
            table.Outline.Mouths.Any(mouth => mouth.DropCentre.DistanceTo(black.Place) < FromAPocket));

    private IEnumerable<PlacedBall> Balls()
    {
        yield return new PlacedBall(BallId.Cue, new Place(White[0], White[1]));
        var places = Reds.Select(place => new Place(place[0], place[1])).Concat(Spots.Rack(BallGauge.Standard.Diameter).Take(Pack));
        foreach (var placed in places.Zip(BallSet.Reds, (place, red) => new PlacedBall(red, place))) yield return placed;
        foreach (var colour in BallSet.Colours.Where(colour => Gone?.Contains(colour.ToString(), StringComparer.OrdinalIgnoreCase) != true))
        {
            var place = Places?.FirstOrDefault(one => one.Key.Equals(colour.ToString(), StringComparison.OrdinalIgnoreCase)).Value;
            yield return new PlacedBall(colour, place is null ? Spots.Of(colour)!.Value : new Place(place[0], place[1]));
        }
    }

    private static IReadOnlyList<SafetyPosition> Read()
    {
        using var file = typeof(SafetyPosition).Assembly.GetManifestResourceStream("coach-safety.json")!;
        return JsonSerializer.Deserialize<List<SafetyPosition>>(file, Options)!;
    }
}
