using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Planning.Search;

/// <summary>Which way to position the trade's rule names.</summary>
public enum CushionAdvice
{
    /// <summary>Fuller than half ball: strike low and use no cushion.</summary>
    Hold,

    /// <summary>About half ball: either.</summary>
    Either,

    /// <summary>Thinner than half ball: off two cushions with running side.</summary>
    Cushions,
}

/// <summary>A way to a place and how it forgives.</summary>
/// <param name="Strike">The stroke.</param>
/// <param name="Rest">Where the white stops when it is played as meant.</param>
/// <param name="Cushions">Cushions that it meets.</param>
/// <param name="MissMetres">
/// Root of the mean square distance from the wanted place, over the player's scatter on the table as it may be.
/// </param>
/// <param name="Pot">Chance of the pot.</param>
public sealed record WayToPlace(Strike Strike, Place Rest, int Cushions, double MissMetres, Chance Pot);

/// <summary>Both ways side by side, and the trade's rule beside what is simulated.</summary>
/// <param name="Rule">What the rule says.</param>
/// <param name="Hold">The best way without a cushion; null when none comes near, or the player never pots the ball so.</param>
/// <param name="Cushions">The best way with cushions; null as above.</param>
public sealed record CushionOrHold(CushionAdvice Rule, WayToPlace? Hold, WayToPlace? Cushions)
{
    /// <summary>Half ball in degrees, and how far from it the rule still takes either way (common practice, no source).</summary>
    private const double HalfBallDegrees = 30;

    private const double EitherWithin = 3;
    private const double Near = 0.25;
    private const int Tried = 4;
    private const double AsGood = 1.1;

    /// <summary>What is simulated: the way that scatters less about the place.</summary>
    public CushionAdvice? Simulated => (Hold, Cushions) switch
    {
        (null, null) => null,
        (null, _) => CushionAdvice.Cushions,
        (_, null) => CushionAdvice.Hold,
        var (hold, cushions) when hold.MissMetres * AsGood < cushions.MissMetres => CushionAdvice.Hold,
        var (hold, cushions) when cushions.MissMetres * AsGood < hold.MissMetres => CushionAdvice.Cushions,
        _ => CushionAdvice.Either,
    };

    /// <summary>True when rule and simulation name different ways.</summary>
    public bool Disagree =>
        Simulated is { } simulated && Rule != CushionAdvice.Either && simulated != CushionAdvice.Either && simulated != Rule;

    /// <summary>What the trade's rule says of a cut.</summary>
    /// <param name="cutDegrees">Size of the cut in degrees.</param>
    public static CushionAdvice RuleFor(double cutDegrees) => cutDegrees < HalfBallDegrees - EitherWithin ? CushionAdvice.Hold
        : cutDegrees > HalfBallDegrees + EitherWithin ? CushionAdvice.Cushions
        : CushionAdvice.Either;

    /// <summary>Finds the best of both ways to a place.</summary>
    /// <param name="question">Table, balls, player and a pot; its zone is not used.</param>
    /// <param name="place">Where the white should stop.</param>
    /// <param name="count">Strokes sampled for each way that is tried.</param>
    /// <param name="cancel">Stops the work.</param>
    public static CushionOrHold Find(SearchQuestion question, Place place, int count, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(question);
        if (question.Intent is not PotIntent { Pot: var pot })
            throw new ArgumentException("Cushion or hold is asked of a pot.", nameof(question));
        var player = new StrokePlayer(question.Table);
        var ways = new List<(PlayedStroke Stroke, int Cushions, double Miss)>();
        foreach (var dials in DialList.WaysToAPlace)
        {
            cancel.ThrowIfCancellationRequested();
            if (player.PlayPot(question.Layout, pot, dials) is not { IsClean: true, White.Rest: { } rest } stroke) continue;
            var cushions = stroke.White.Meetings.Count(meeting => meeting.Kind == ShotEventKind.Cushion);
            ways.Add((stroke, cushions, rest.DistanceTo(place)));
        }

        var cut = PottingLine.Of(question.Layout, pot, question.Table).CutDegrees;
        return new CushionOrHold(RuleFor(cut), Best(ways.Where(way => way.Cushions == 0)), Best(ways.Where(way => way.Cushions > 0)));

        WayToPlace? Best(IEnumerable<(PlayedStroke Stroke, int Cushions, double Miss)> kind) => kind
            .Where(way => way.Miss < Near).OrderBy(way => way.Miss).Take(Tried)
            .Select(way => Sample(question, place, way.Stroke, way.Cushions, count, cancel))
            .OfType<WayToPlace>().MinBy(way => way.MissMetres);
    }

    /// <summary>What a way comes to; null when the player never pots the ball and stays on the table in so many strokes.</summary>
    private static WayToPlace? Sample(
        SearchQuestion question, Place place, PlayedStroke stroke, int cushions, int count, CancellationToken cancel)
    {
        var cued = CueingReader.Deliver(question.Table, question.Layout, question.Player, stroke.Strike, question.Intent);
        var samples = StrokeSampler.Play(
            new SampleQuestion(question.Table, question.Try(stroke.Strike, cued), question.Doubt), count, question.Seed, cancel: cancel);
        var stopped = samples.Where(sample => sample is { IsServed: true, White: not null })
            .Select(sample => sample.White!.Value.SquaredDistanceTo(place)).ToList();
        if (stopped.Count == 0) return null;
        var chance = new Chance(samples.Count(sample => sample.IsGood), count);
        return new WayToPlace(stroke.Strike, stroke.White.Rest!.Value, cushions, Math.Sqrt(stopped.Average()), chance);
    }
}
