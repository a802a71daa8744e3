using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;

namespace DeepBaize.Evidence.Advice;

/// <summary>A safety that a player is told, as a coach looks at it.</summary>
/// <param name="Kind">What kind of answer it is.</param>
/// <param name="Cover">How much of the ball is covered at the first contact, 0 to 1; NaN when none is met.</param>
/// <param name="Pace">The pace.</param>
/// <param name="HasSide">True with any side.</param>
/// <param name="IsHome">True when the white is meant to stop in baulk.</param>
/// <param name="Fouls">How often it is foul.</param>
/// <param name="OpponentScores">How often the opponent pots next.</param>
public readonly record struct ChosenSafety(
    SafetyKind Kind, double Cover, double Pace, bool HasSide, bool IsHome, double Fouls, double OpponentScores);

/// <summary>What players are told to play when nothing is on: shares of all that was told.</summary>
/// <param name="Strokes">What was told.</param>
public sealed record SafetiesChosen(IReadOnlyList<ChosenSafety> Strokes)
{
    /// <summary>What is told in seeded situations with nothing on.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays; so does the opponent.</param>
    /// <param name="seed">The first seed.</param>
    /// <param name="count">How many situations.</param>
    /// <param name="budget">Budget of a plan.</param>
    public static SafetiesChosen Of(TableInUse table, PlayerProfile player, int seed, int count, int budget)
    {
        var told = new ChosenSafety?[count];
        var frames = SafetyTold.NothingOn(table, player, seed).Take(count).ToList();
        Parallel.For(0, count, Play.Processors, i =>
        {
            var plan = new SafetyPlanner(new SafetyQuestion(table, player, player, seed + i)).Plan(frames[i], budget);
            if (plan.Best is { } best) told[i] = Read(best);
        });
        return new SafetiesChosen([.. told.OfType<ChosenSafety>()]);
    }

    /// <summary>The shares in two lines.</summary>
    /// <param name="name">Of whom.</param>
    public IEnumerable<string> Tell(string name)
    {
        var kinds = Strokes.GroupBy(one => one.Kind).OrderByDescending(kind => kind.Count())
            .Select(kind => Say($"{kind.Key} {(double)kind.Count() / Strokes.Count:0 %}"));
        yield return $"{name}, {Strokes.Count} safeties: {string.Join(", ", kinds)}";
        yield return Say($"{name}: contact an eighth or thinner {Share(one => one.Cover <= Eighth):0 %}, ")
            + Say($"to a quarter {Share(one => one.Cover is > Eighth and <= Quarter):0 %}, ")
            + Say($"to a half {Share(one => one.Cover is > Quarter and <= Half):0 %}, fuller {Share(one => one.Cover > Half):0 %}; ")
            + Say($"mean pace {Strokes.Average(one => one.Pace):0.0}, to 2 {Share(one => one.Pace <= Soft):0 %}, ")
            + Say($"above 6 {Share(one => one.Pace > Hard):0 %}; side {Share(one => one.HasSide):0 %}; ")
            + Say($"the white home {Share(one => one.IsHome):0 %}; foul {Strokes.Average(one => one.Fouls):0.0 %}, ")
            + Say($"the opponent pots next {Strokes.Average(one => one.OpponentScores):0 %}");
    }

    /// <summary>Covers of the ball up to which a contact is called so, and paces that are soft and hard.</summary>
    private const double Eighth = 0.15;

    private const double Quarter = 0.3;
    private const double Half = 0.55;
    private const double Soft = 2;
    private const double Hard = 6;

    private static ChosenSafety Read(SafetyOption best)
    {
        var dials = Dials.Of(best.Judged.Stroke.Strike);
        return new ChosenSafety(
            best.Kind, best.Meant.Cover, dials.Pace, dials.Side != 0, best.Meant.White?.X < Table.Measurements.BaulkLine,
            best.Judged.Fouls.Share, best.Judged.OpponentScores);
    }

    private double Share(Func<ChosenSafety, bool> isOne) => (double)Strokes.Count(isOne) / Strokes.Count;

    private static string Say(FormattableString words) => words.ToString(CultureInfo.InvariantCulture);
}
