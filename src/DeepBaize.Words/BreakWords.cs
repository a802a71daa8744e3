using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says a plan in sentences that a coach can read aloud.</summary>
public static class BreakWords
{
    private const double Near = 0.35;
    private const double AtCushion = 0.15;
    private const double NoCost = 0.25;
    private const double NoChance = 0.005;
    private const double LeastFoul = 0.03;

    /// <summary>Points below which nothing is said of what misses leave.</summary>
    private const double LeastLeft = 0.5;

    /// <summary>No pot was found.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="wishes">What the player rules out.</param>
    public static string NothingOn(FrameState frame, BreakWishes wishes)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var on = StateWords.On(frame.On);
        return wishes == BreakWishes.Free
            ? $"No pot is on: {on} cannot be potted from here. What do you leave?"
            : $"With what you rule out no pot is on: {on} cannot be potted that way.";
    }

    /// <summary>How a stroke of the plan is played.</summary>
    public static string Dial(PlannedStroke stroke, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(stroke);
        var words = StrokeWords.Stroke(Dials.Of(stroke.Strike), conditions);
        return char.ToLowerInvariant(words[0]) + words[1..]
            + (stroke.Way > BridgeWay.Stretched ? $", with {CueingWords.Way(stroke.Way)}" : "");
    }

    /// <summary>A ball by its name; a red by what lies near it.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="frame">The frame in which it lies.</param>
    /// <param name="marked">What a red in the open is called that the plan marks on the table; null to say where it lies.</param>
    internal static string Ball(BallId ball, FrameState frame, string? marked = null)
    {
        if (!BallSet.IsRed(ball)) return "the " + NameWords.Of(ball);
        var place = frame.Balls.First(placed => placed.Ball == ball).Place;
        if (frame.Reds == 1) return "the last red";
        var colour = frame.Balls.Where(placed => placed.Ball >= BallId.Yellow).OrderBy(placed => placed.Place.DistanceTo(place))
            .Cast<PlacedBall?>().FirstOrDefault();
        // Only the red that is nearest to a colour is named after it.
        if (colour is { } near && near.Place.DistanceTo(place) < Near
            && frame.Balls.Where(placed => BallSet.IsRed(placed.Ball)).MinBy(placed => placed.Place.DistanceTo(near.Place)).Ball == ball)
            return $"the red by the {NameWords.Of(near.Ball)}";
        if (place.X < Measurements.BaulkLine) return "the red in baulk";
        if (place.X > Measurements.Length - AtCushion) return "the red near the top cushion";
        if (place.Y < AtCushion) return "the red near the yellow-side cushion";
        return place.Y > Measurements.Width - AtCushion ? "the red near the green-side cushion" : marked
            ?? $"the red {Landmarks.Describe(place, [.. frame.Balls.Where(placed => placed.Ball >= BallId.Yellow)], frame.Gauge)}";
    }

    /// <summary>The ball of a stroke of the line, as the plan marks it on the table.</summary>
    /// <param name="step">The stroke.</param>
    /// <param name="number">Its number in the line, from 1: later balls carry it on the table.</param>
    public static string Marked(PlanStep step, int number) =>
        Ball(step.Stroke.Pot.Ball, step.Before, number > 1 ? $"the red marked {Turn(number)}" : "the marked red");

    /// <summary>When a ball is played, as it stands beside it on the table: "2nd". A plain number would be a red's own.</summary>
    /// <param name="number">Its number in the line, from 1.</param>
    public static string Turn(int number) => number switch
    {
        1 => "1st",
        2 => "2nd",
        3 => "3rd",
        _ => $"{number}th",
    };

    /// <summary>The answer in one sentence.</summary>
    public static string Sentence(BreakPlan plan, string stroke)
    {
        var step = plan.Line[0];
        var then = plan.Line.Count > 1 ? $"; then {Marked(plan.Line[1], 2)}" : "";
        return $"{EventWords.Capital(Marked(step, 1))} to the {NameWords.Of(step.Stroke.Pot.Pocket)}, {stroke}: "
            + $"{ChanceWords.Say(step.Pot.Share)}{then}.";
    }

    /// <summary>A stroke of the line.</summary>
    /// <param name="step">The stroke.</param>
    /// <param name="number">Its number in the line, from 1: later balls carry it on the table.</param>
    /// <param name="stroke">How it is played.</param>
    public static string Step(PlanStep step, int number, string stroke) =>
        $"{EventWords.Capital(Marked(step, number))} to the {NameWords.Of(step.Stroke.Pot.Pocket)}, {stroke}.";

    /// <summary>A fact about the first stroke of a plan.</summary>
    public static string Fact(PlanFact fact, BreakPlan plan) => fact.Kind switch
    {
        FactKind.Opens => fact.Pots.Count > 0
            ? $"It opens {Next(fact.Pots[0].Pot.Ball, plan)} to the {NameWords.Of(fact.Pots[0].Pot.Pocket)}."
            : $"It opens a pocket for the {NameWords.Of(BallOf(fact.Value))}.",
        FactKind.Alternates => $"{EventWords.Capital(Count((int)fact.Value))} balls are on then: "
            + $"{Verdict.Listed([.. fact.Pots.Select(pot => Next(pot.Pot.Ball, plan)).Distinct().Take(3)])}.",
        FactKind.Angle => $"It leaves {fact.Value:0} degrees on {Next(fact.Pots[0].Pot.Ball, plan)}: the white can be moved from there.",
        FactKind.Reach => $"{EventWords.Capital(Next(fact.Pots[0].Pot.Ball, plan))} is then reached without a rest.",
        _ => $"It comes from where most reds are: {fact.Value:0} {(fact.Value < 1.5 ? "is" : "are")} left there.",
    };

    /// <summary>A ball after the first stroke: as the plan marks it, if it is played then.</summary>
    private static string Next(BallId ball, BreakPlan plan)
    {
        var number = 1 + plan.Line.Skip(1).Select(step => step.Stroke.Pot.Ball).ToList().IndexOf(ball) + 1;
        return number > 1 ? Marked(plan.Line[number - 1], number) : Ball(ball, plan.Line[Math.Min(1, plan.Line.Count - 1)].Before);
    }

    /// <summary>Why not another ball.</summary>
    public static string Other(OtherBall other, BreakPlan plan, BreakGoal goal)
    {
        var name = EventWords.Capital(Ball(other.Ball, plan.Line[0].Before));
        if (other.Cost < (goal == BreakGoal.Secure ? NoChance : NoCost)) return $"{name} is as good.";
        return $"{name} costs {(goal == BreakGoal.Secure ? $"{100 * other.Cost:0} frames in 100" : Points(other.Cost))}: "
            + ReasonWords.WhyNot(other.Versus, plan);
    }

    /// <summary>What a visit is worth, and what misses of its first stroke leave.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame before it.</param>
    /// <param name="goal">What the visit is for.</param>
    public static string Worth(BreakPlan plan, FrameState frame, BreakGoal goal)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (goal == BreakGoal.Secure)
        {
            return $"{FrameArithmetic.PointsToSecure(frame)} more points win the frame: {ChanceWords.Say(plan.Gain)} with this visit, "
                + "in your hands (estimate).";
        }

        var left = Math.Abs(plan.Cost) < LeastLeft ? "" : plan.Cost > 0
            ? $"; a miss leaves much, which takes {Points(plan.Cost)} off that"
            : $"; a miss leaves little, which adds {Points(-plan.Cost)}";
        return $"About {plan.Gain:0} points from here, in your hands{left}.";
    }

    /// <summary>How likely the whole line is.</summary>
    public static string Odds(BreakPlan plan) => plan.Line.Count < 2
        ? $"The pot: {100 * plan.Odds.All:0} in 100."
        : $"{(plan.Line.Count == 2 ? "Both" : $"All {Count(plan.Line.Count)}")} pots if the white stops as planned: "
            + $"{100 * plan.Odds.All:0} in 100; the hardest {ChanceWords.Say(plan.Odds.Least)}."
            + (plan.Rests > 0 ? $" {EventWords.Capital(Count(plan.Rests))} with the rest or the other hand." : "");

    /// <summary>Reds that are shut in.</summary>
    public static string Pack(ClosedReds closed) => closed.After < closed.Before
        ? $"{Reds(closed.Before - closed.After)} freed by this stroke; {Reds(closed.After)} "
            + (closed.After == 1 ? "stays tied up." : "stay tied up.")
        : $"{Reds(closed.After)} cannot be potted where {(closed.After == 1 ? "it lies" : "they lie")}: the pack stays closed.";

    /// <summary>A way on when a colour stands in the way, with its risk.</summary>
    public static string Remedy(Remedy remedy, FrameState frame)
    {
        var pot = remedy.Best.Stroke.Pot;
        var way = remedy.Pushed is { } pushed
            ? $"Push the {NameWords.Of(pushed)}: {Ball(pot.Ball, frame)} to the {NameWords.Of(pot.Pocket)}, then the white into it"
            : $"{EventWords.Capital(Ball(pot.Ball, frame))} to the {NameWords.Of(pot.Pocket)}";
        var risk = remedy.Pushed is null
            ? $"the pot {ChanceWords.Say(remedy.Best.Pot.Share)}"
            : $"pot {ChanceWords.Say(remedy.Best.Pot.Share)}, pot and push {ChanceWords.Say(remedy.Pushes.Share)}";
        var foul = remedy.Fouls.Share >= LeastFoul ? $", foul {ChanceWords.Say(remedy.Fouls.Share)}" : "";
        return $"{way}; {risk}, all free then {ChanceWords.Say(remedy.Frees.Share)}{foul}.";
    }

    /// <summary>What visits that were played out came to.</summary>
    public static string Outlook(VisitPoints visits, int target, Chance reached) =>
        $"{visits.Points.Count} visits played out: {visits.Mean:0} points on average, {target} or more in {reached.Count} of them; the "
            + $"best {visits.Points.Max()}.";

    /// <summary>What the opponent gets after a miss.</summary>
    /// <param name="chance">Chance that the opponent pots.</param>
    /// <param name="isOpponentKnown">False when nobody said who the opponent is.</param>
    public static string Miss(double chance, bool isOpponentKnown)
    {
        var opponent = SafetyWords.Opponent(isOpponentKnown);
        return chance switch
        {
            > 0.75 => $"when missed, {opponent} pots {ChanceWords.Say(chance)}.",
            > 0.4 => $"when missed, {opponent} pots about {ChanceWords.Say(chance)}.",
            < 0.005 => "miss, and nothing is on.",
            _ => $"when missed, little is left: {ChanceWords.Say(chance)}.",
        };
    }

    /// <summary>The arithmetic of a frame.</summary>
    public static string Arithmetic(FrameState frame)
    {
        var remaining = FrameArithmetic.PointsRemaining(frame);
        var words = $"{EventWords.Capital(StateWords.On(frame.On))} is on; {remaining} left on the table.";
        var behind = frame.Scores.Opponent - frame.Scores.Player;
        if (behind > remaining)
        {
            var needed = FrameArithmetic.Snookers(behind, remaining, FrameArithmetic.LeastPenalty(frame.On)).ToTie;
            return FrameArithmetic.CanBeSaved(frame)
                ? $"{words} {behind} behind: {needed} {(needed == 1 ? "snooker" : "snookers")} needed."
                : $"{words} {behind} behind: it cannot be saved.";
        }

        var pots = FrameArithmetic.FewestPots(frame, 50);
        return frame.Break < 50 && pots is { } fifty ? $"{words} {fifty} more pots make fifty at best." : words;
    }

    private static string Reds(int count) => count == 1 ? "one red" : $"{Count(count)} reds";

    private static string Points(double cost) => cost < 1.5 ? "a point" : $"{Math.Round(cost):0} points";

    private static string Count(int count) =>
        count switch
        {
            1 => "one",
            2 => "two",
            3 => "three",
            4 => "four",
            5 => "five",
            6 => "six",
            _ => count.ToString(System.Globalization.CultureInfo.InvariantCulture)
        };

    private static BallId BallOf(double value) => BallSet.Colours.First(colour => BallValue.Of(colour) == (int)value);
}
