using System.Globalization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Breaks;
using DeepBaize.Rules;

namespace DeepBaize.Words;

/// <summary>A part of a difference in words.</summary>
/// <param name="Reason">The reason.</param>
/// <param name="Worth">What it makes of the difference, in tenths of a point, or of a frame in 100.</param>
/// <param name="Words">What it is.</param>
public sealed record SaidReason(Reason Reason, double Worth, string Words);

/// <summary>Says why the plan's stroke is better than another.</summary>
public static class ReasonWords
{
    private const double LeastPoints = 0.5;

    /// <summary>By how much the plan's stroke is better than another, as a heading of what decides.</summary>
    /// <param name="versus">Both.</param>
    /// <param name="frame">The frame before them.</param>
    /// <param name="goal">What the visit is for.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Heading(Versus versus, FrameState frame, BreakGoal goal, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(versus);
        var other = BreakWords.Ball(versus.Theirs.Stroke.Pot.Ball, frame);
        var name = versus.IsPlain ? $"Most would play {other}, {BreakWords.Dial(versus.Theirs.Stroke, conditions)}"
            : versus.IsTold && versus.Lead.Mean < 0 ? $"By points alone {other} is better" : $"Second best is {other}";
        return $"{name}: {Lead(versus, goal)}.";
    }

    /// <summary>
    /// What decides, the largest part first: the tenths add up to the difference. Parts that round to nothing are left out, and all of them
    /// where nothing can be told.
    /// </summary>
    /// <param name="versus">Both strokes.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="goal">What the visit is for.</param>
    public static IReadOnlyList<SaidReason> Reasons(Versus versus, BreakPlan plan, BreakGoal goal)
    {
        ArgumentNullException.ThrowIfNull(versus);
        if (!versus.IsTold) return [];
        var tenths = Tenths.Of([.. versus.Reasons.Select(reason => Scale(goal) * reason.Worth)]);
        return [.. versus.Reasons.Zip(tenths, (reason, worth) => new SaidReason(reason, worth, Say(reason, versus, plan)))
            .Where(said => said.Worth != 0)];
    }

    /// <summary>What the player's school gives up.</summary>
    /// <param name="given">What it gives up.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="goal">What the visit is for.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string GivesUp(GivenUp given, BreakPlan plan, BreakGoal goal, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(given);
        ArgumentNullException.ThrowIfNull(plan);
        var first = plan.Line[0];
        var pot = given.Stroke.Pot;
        var isSame = pot.Ball == first.Stroke.Pot.Ball && pot.Pocket == first.Stroke.Pot.Pocket;
        var dial = BreakWords.Dial(given.Stroke, conditions);
        var what = isSame ? EventWords.Capital(dial)
            : $"{EventWords.Capital(BreakWords.Ball(pot.Ball, first.Before))} to the {NameWords.Of(pot.Pocket)}, {dial},";
        return $"{what} would be worth {Amount(given.Worth, goal)} more; your way of playing gives that up.";
    }

    /// <summary>What speaks most against another ball, seen from that ball.</summary>
    /// <param name="versus">Both strokes.</param>
    /// <param name="plan">The plan.</param>
    public static string WhyNot(Versus versus, BreakPlan plan)
    {
        ArgumentNullException.ThrowIfNull(versus);
        var (ours, theirs) = (versus.Ours.Parts, versus.Theirs.Parts);
        var most = versus.Reasons.MaxBy(reason => reason.Worth)!;
        var words = most.Kind switch
        {
            ReasonKind.Pot => $"it goes {Chances(theirs.Pot, ours.Pot)}.",
            ReasonKind.Points => "it scores less.",
            ReasonKind.Next => $"the next pot is harder then: {Chances(theirs.Next, ours.Next)}.",
            ReasonKind.Miss => "a miss leaves more.",
            _ => "less follows after it.",
        };
        return string.Join(" ", most.Facts.Select(fact => OfThePlan(BreakWords.Fact(fact, plan))).Prepend(words));
    }

    /// <summary>A fact where another ball is spoken of: what is said of the plan's names it.</summary>
    private static string OfThePlan(string fact) => fact.StartsWith("It ", StringComparison.Ordinal) ? $"The plan's {fact[3..]}" : fact;

    private static string Say(Reason reason, Versus versus, BreakPlan plan)
    {
        var (ours, theirs) = (versus.Ours.Parts, versus.Theirs.Parts);
        var isFor = reason.Worth > 0;
        var points = Math.Abs(ours.Points - theirs.Points);
        var words = reason.Kind switch
        {
            ReasonKind.Pot => $"The pot is {(isFor ? "likelier" : "harder")}: {Chances(ours.Pot, theirs.Pot)}.",
            ReasonKind.Points => $"It scores {(points < LeastPoints ? "a little" : $"{points:0}")} {(isFor ? "more" : "less")}.",
            ReasonKind.Next => $"The next pot is {(isFor ? "likelier" : "harder")}: {Chances(ours.Next, theirs.Next)}.",
            ReasonKind.Miss => isFor ? "A miss leaves less." : "A miss leaves more.",
            _ => isFor ? "More follows after it." : "Less follows after it.",
        };
        return string.Join(" ", reason.Facts.Select(fact => BreakWords.Fact(fact, plan)).Prepend(words));
    }

    /// <summary>Two chances as far as words tell them apart.</summary>
    private static string Chances(double ours, double theirs)
    {
        var (mine, other) = (ChanceWords.Say(ours), ChanceWords.Say(theirs));
        return mine != other ? $"{mine}, not {other}" : $"{100 * ours:0} in 100, not {100 * theirs:0}";
    }

    private static string Lead(Versus versus, BreakGoal goal) => !versus.IsTold
        ? "as good, as far as can be told"
        : $"{Amount(Math.Abs(versus.Lead.Mean), goal)} {(versus.Lead.Mean > 0 ? "less" : "more")}";

    private static string Amount(double worth, BreakGoal goal)
    {
        var amount = (Scale(goal) * worth).ToString("0.0", CultureInfo.InvariantCulture);
        return goal == BreakGoal.Score ? $"{amount} {(amount == "1.0" ? "point" : "points")}" : $"{amount} frames in 100";
    }

    private static double Scale(BreakGoal goal) => goal == BreakGoal.Score ? 1 : 100;
}
