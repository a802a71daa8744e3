using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says what to leave, and what is left, in sentences that a coach can read aloud.</summary>
public static class SafetyWords
{
    /// <summary>Metres that the white runs to a ball in a pot that players call long.</summary>
    private const double Long = 1.8;

    /// <summary>Metres between the white and a cushion nose by which the white is called tight.</summary>
    private const double Tight = 0.01;

    /// <summary>Difference in points below which two answers are as good.</summary>
    private const double AsGood = 0.5;

    /// <summary>Share above which something is said of a chance at all.</summary>
    private const double LeastChance = 0.03;

    /// <summary>Chances that are nearer to one in two than this are even.</summary>
    private const double Even = 0.03;

    /// <summary>How the opponent is called.</summary>
    /// <param name="isKnown">False when nobody said who the opponent is.</param>
    public static string Opponent(bool isKnown) => isKnown ? "the opponent" : "an opponent like you";

    /// <summary>The answer in one sentence.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame before it.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Sentence(SafetyPlan plan, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Best is not { } best) return Nothing(frame);
        return $"{Capital(Answer(best, frame))}, {BreakWords.Dial(best.Judged.Stroke, conditions)}{From(best, frame)}: {Outcome(best)}.";
    }

    /// <summary>No legal stroke was found.</summary>
    /// <param name="frame">The frame.</param>
    public static string Nothing(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return $"No way to hit {StateWords.On(frame.On)} was found: play for the cushion that comes nearest.";
    }

    /// <summary>Ball and contact of a stroke, as it is played: "quarter ball on the red by the pink".</summary>
    /// <param name="option">The stroke.</param>
    /// <param name="frame">The frame before it.</param>
    public static string Answer(SafetyOption option, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(option);
        var stroke = option.Judged.Stroke;
        if (stroke.Intent is PotIntent pot)
            return $"{BreakWords.Ball(pot.Pot.Ball, frame, "the marked red")} to the {NameWords.Of(pot.Pot.Pocket)}";
        if (stroke.Intent is IndirectIntent round) return IndirectWords.Say(round.Pot, frame);
        var ball = BreakWords.Ball(stroke.Intent.Ball ?? BallId.Red1, frame, "the marked red");
        var contact = double.IsNaN(option.Meant.Cover) ? "" : ContactWords.Describe(option.Meant.Cover) + " on ";
        return option.Kind == SafetyKind.ByCushion ? $"by a cushion, {contact}{ball}" : contact + ball;
    }

    /// <summary>The kind of answer in two or three words.</summary>
    /// <param name="kind">The kind.</param>
    public static string Kind(SafetyKind kind) => kind switch
    {
        SafetyKind.Pot => "Pot",
        SafetyKind.IndirectPot => "Off a cushion or a ball",
        SafetyKind.ShotToNothing => "Shot to nothing",
        SafetyKind.Snooker => "Snooker",
        SafetyKind.OppositeEnds => "Black to one end, white to the other",
        SafetyKind.OppositeSides => "Opposite side cushions",
        SafetyKind.DoubleKiss => "Double kiss",
        SafetyKind.FineEdge => "Fine edge",
        SafetyKind.ToBaulk => "Back to baulk",
        SafetyKind.RollUp => "Tight to a ball",
        SafetyKind.ByCushion => "Cushion first",
        SafetyKind.Contain => "Containing",
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "Unknown kind."),
    };

    /// <summary>What somebody finds after a stroke that was caught in some way.</summary>
    /// <param name="caught">What came of it.</param>
    /// <param name="opponent">How the opponent is called.</param>
    public static string Leaves(Caught caught, string opponent)
    {
        ArgumentNullException.ThrowIfNull(caught);
        var ruling = caught.Ruling;
        if (ruling.End == FrameEnd.PlayerWins) return "The frame is won.";
        if (ruling.End == FrameEnd.OpponentWins) return "Foul, and the frame is lost.";
        if (ruling.StaysAtTable) return $"{(ruling.Points == 1 ? "A point" : $"{ruling.Points} points")}, and you stay at the table.";
        var foul = ruling.IsFoul ? $"Foul, {ruling.Penalty} away. " : "";
        return foul + Finds(caught.Left, caught.Pots, caught.Balls, opponent);
    }

    /// <summary>What the pots, or the snooker, of somebody who comes to the table are.</summary>
    /// <param name="left">What is left.</param>
    /// <param name="pots">The pots, the likeliest first.</param>
    /// <param name="frame">The balls as they lie then.</param>
    /// <param name="opponent">How who comes to the table is called.</param>
    public static string Finds(Left left, IReadOnlyList<LeavePot> pots, FrameState frame, string opponent)
    {
        ArgumentNullException.ThrowIfNull(pots);
        ArgumentNullException.ThrowIfNull(frame);
        var white = frame.White is { } at && IsTight(at, frame.Gauge) ? ", the white tight on a cushion" : "";
        if (left.IsSnookered)
            return $"{Capital(opponent)} is snookered and hits {StateWords.On(frame.On)} {ChanceWords.Say(left.Hit)}{white}.";
        if (left.Indirect is { } round)
        {
            return $"{Capital(opponent)} has {IndirectWords.Has(round.Pot, frame)}, {ChanceWords.Say(round.Chance)}"
                + $"{(pots is [{ Chance: >= LeastChance } straight, ..] ? $", and a pot {ChanceWords.Say(straight.Chance)}" : "")}{white}.";
        }

        var real = pots.Where(pot => pot.Chance >= LeastChance).ToList();
        if (real.Count == 0) return $"{Capital(opponent)} has no pot{white}.";
        var best = real[0];
        var more = real.Select(pot => pot.Pot.Ball).Distinct().Count() - 1;
        var far = best.WhiteDistance > Long ? ", a long one" : "";
        var rest = more == 0 ? "and nothing else" : more == 1 ? "and one ball more" : $"and {more} balls more";
        return $"{Capital(opponent)} has {BreakWords.Ball(best.Pot.Ball, frame, "a red")} to the {NameWords.Of(best.Pot.Pocket)}{far}, "
            + $"{ChanceWords.Say(best.Chance)}, {rest}{white}.";
    }

    /// <summary>How a stroke errs: the heading of what comes of it then.</summary>
    /// <param name="side">Which way.</param>
    public static string Catch(ErrSide side) => side switch
    {
        ErrSide.Thick => "If I catch it thick",
        ErrSide.Thin => "If I catch it thin",
        ErrSide.Left => "If it runs to the left",
        _ => "If it runs to the right",
    };

    /// <summary>On which side to be wrong, and how the aim was moved; null when it makes no difference.</summary>
    /// <param name="plan">The plan.</param>
    public static string? SafeSide(SafetyPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Best is { Kind: SafetyKind.DoubleKiss } kiss)
        {
            var degrees = Math.Asin(0.001 / kiss.Meant.Balls.Gauge.Diameter) * 180 / Math.PI;
            return $"Full and without side: a millimetre beside the centre turns the way of the black by {Number(degrees)} degrees.";
        }

        if (plan.Shift is { } shift)
        {
            return $"Aim {1000 * shift.Metres:0} mm {Word(shift.Towards)}: it gains {Points(shift.Gains)}, "
                + "because a miss costs less there.";
        }

        if (plan.Misses.Count < 2) return null;
        var safe = plan.Misses.MaxBy(miss => miss.Worth)!;
        var lead = safe.Worth - plan.Misses.Min(miss => miss.Worth);
        return lead < AsGood ? null : $"If you are wrong, be wrong {Word(safe.Side)}: it costs {Points(lead)} less.";
    }

    /// <summary>What a foul of the stroke costs, and what that does to the frame; null when it is hardly ever foul.</summary>
    /// <param name="option">The stroke.</param>
    /// <param name="frame">The frame before it.</param>
    public static string? Risk(SafetyOption option, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(option);
        ArgumentNullException.ThrowIfNull(frame);
        var least = FrameArithmetic.LeastPenalty(frame.On);
        var isDecider = frame.Phase == FramePhase.RespottedBlack || frame.IsOnlyBlackLeft;
        var ends = isDecider && frame.Scores.Player - frame.Scores.Opponent - least <= 0 ? ", and the frame" : "";
        var fouls = option.Judged.Fouls.Share;
        if (fouls < LeastChance && ends.Length == 0) return null;
        var penalty = option.Judged.Stroke.Intent.Ball is { } ball ? Math.Max(least, BallValue.Of(ball)) : least;
        return $"foul {ChanceWords.Say(fouls)}: it gives {penalty}{ends}.";
    }

    /// <summary>
    /// Whether to begin, when the black is on its spot again and the white in hand: who begins wins so often; null for any other frame.
    /// Players do not agree on it: many put the other side in by habit.
    /// </summary>
    /// <param name="option">What is best for who begins.</param>
    /// <param name="frame">The frame before it, with the white in hand.</param>
    public static string? Toss(SafetyOption option, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(option);
        ArgumentNullException.ThrowIfNull(frame);
        if (!frame.IsOnlyBlackLeft || !frame.IsInHand || frame.Scores.Player != frame.Scores.Opponent) return null;
        var wins = option.Judged.Wins;
        var choice = Math.Abs(wins - 0.5) < Even ? "it is all one" : wins > 0.5 ? "go first" : "put the other side in";
        return $"{choice}: who begins wins about {InHundred(wins)} (estimate).";
    }

    /// <summary>How often the frame is won after a stroke; null where the score is level and balls are left to decide it.</summary>
    /// <param name="option">The stroke.</param>
    /// <param name="frame">The frame before it.</param>
    public static string? Wins(SafetyOption option, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(option);
        return ScoreMatters(frame) ? $"you win it about {InHundred(option.Judged.Wins)} (estimate)." : null;
    }

    /// <summary>True where it is said how often the frame is won: the score is not level, or only the black is left.</summary>
    private static bool ScoreMatters(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.IsOnlyBlackLeft || frame.Scores.Player != frame.Scores.Opponent;
    }

    /// <summary>How often the opponent scores next, and what is left then.</summary>
    /// <param name="option">The stroke.</param>
    /// <param name="opponent">How the opponent is called.</param>
    public static string Scores(SafetyOption option, string opponent)
    {
        ArgumentNullException.ThrowIfNull(option);
        var judged = option.Judged;
        var snookers = judged.Snookers.Share >= LeastChance ? $"; snookered {ChanceWords.Say(judged.Snookers.Share)}" : "";
        return $"{opponent} pots next {ChanceWords.Say(judged.OpponentScores)}{snookers}.";
    }

    /// <summary>Another kind of answer against the one that is given.</summary>
    /// <param name="other">The other.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame before it.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Other(SafetyOption other, SafetyPlan plan, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(other);
        ArgumentNullException.ThrowIfNull(plan);
        var cost = plan.Best!.Judged.Worth - other.Judged.Worth;
        // Of what was searched nothing is better that was not told as the answer; a stroke of the player's own may be.
        var isBetter = other == plan.Mine && cost <= -AsGood;
        var behind = cost < AsGood && !isBetter ? "as good"
            : ScoreMatters(frame) ? $"wins {InHundred(other.Judged.Wins)}"
            : isBetter ? $"{Points(-cost)} better" : $"costs {Points(cost)}";
        return $"{Kind(other.Kind)}: {Answer(other, frame)}, {BreakWords.Dial(other.Judged.Stroke, conditions)}{From(other, frame)}: "
            + $"{behind}. {Why(other)}";
    }

    /// <summary>The stroke that the player has in mind cannot be held against the answer.</summary>
    public static string NotYours => "The stroke on the sheet meets no ball, or the cue does not get there: there is nothing to compare.";

    /// <summary>Pot or safety, in one sentence.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame before it.</param>
    public static string Now(SafetyPlan plan, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Best is not { } best) return Nothing(frame);
        var answer = Answer(best, frame);
        var choice = best.Kind switch
        {
            SafetyKind.Pot => $"Pot: {answer}, {ChanceWords.Say(best.Judged.Scores.Share)}",
            SafetyKind.ShotToNothing => $"A shot to nothing: {answer}",
            SafetyKind.IndirectPot => $"{Capital(answer)}, {ChanceWords.Say(best.Judged.Scores.Share)}",
            _ => $"Play safe: {answer}",
        };
        if (plan.Rival is not { } rival) return plan.IsPot ? $"{choice}." : $"{choice}. There is no pot to speak of.";
        var cost = best.Judged.Worth - rival.Judged.Worth;
        var other = plan.IsPot ? "playing safe" : $"the pot ({ChanceWords.Say(rival.Judged.Scores.Share)})";
        return $"{choice}. {Capital(other)} is {(cost < AsGood ? "as good" : $"worth {Points(cost)} less")}.";
    }

    /// <summary>What a stroke brings to both sides.</summary>
    /// <param name="option">The stroke.</param>
    public static string Worth(SafetyOption option)
    {
        ArgumentNullException.ThrowIfNull(option);
        var (own, theirs) = (option.Judged.Mean.Own, option.Judged.Mean.Theirs);
        return $"In points: it brings you {Number(own)} and the other side {Number(theirs)}, "
            + "with what the next turns are worth (estimate).";
    }

    /// <summary>Where a white in hand is put: "from between the baulk line and the blue spot".</summary>
    private static string From(SafetyOption option, FrameState frame) => option.White is { } white
        ? $", from {Landmarks.Describe(white, frame.ObjectBalls, frame.Gauge)}" : "";

    private static string Why(SafetyOption other)
    {
        var judged = other.Judged;
        return other.Kind is SafetyKind.Pot or SafetyKind.IndirectPot or SafetyKind.ShotToNothing
            ? $"The pot {ChanceWords.Say(judged.Scores.Share)}."
            : judged.Fouls.Share >= 2 * LeastChance
                ? $"Foul {ChanceWords.Say(judged.Fouls.Share)}." : $"A pot is left {ChanceWords.Say(judged.OpponentScores)}.";
    }

    private static string Outcome(SafetyOption best)
    {
        if (best.Judged.Stroke.Intent is PotIntent or IndirectIntent) return $"{ChanceWords.Say(best.Judged.Scores.Share)}{Nothing()}";
        if (best.Meant.Potted is { } pot)
        {
            return $"the {NameWords.Of(pot.Ball)} goes to the {NameWords.Of(pot.Pocket)} "
                + $"{ChanceWords.Say(best.Judged.Scores.Share)}{Nothing()}";
        }

        if (best.Meant.White is not { } white) return "the white falls";
        List<PlacedBall> others = [.. best.Meant.Ruling.Next.Balls.Where(placed => placed.Ball != BallId.Cue)];
        var where = $"the white stops {Landmarks.Describe(white, others, best.Meant.Balls.Gauge)}";
        return best.Kind == SafetyKind.Snooker ? $"a snooker, {where}" : where;

        string Nothing() => best.Kind == SafetyKind.ShotToNothing ? ", and little is left when it is missed" : "";
    }

    private static bool IsTight(Place white, BallGauge gauge)
    {
        var near = gauge.CushionInset + Tight;
        return white.X < near || white.Y < near || white.X > Measurements.Length - near || white.Y > Measurements.Width - near;
    }

    private static string Word(ErrSide side) => side switch
    {
        ErrSide.Thick => "thick",
        ErrSide.Thin => "thin",
        ErrSide.Left => "to the left",
        _ => "to the right",
    };

    private static string Points(double points) =>
        points < 0.95 ? "half a point" : points < 1.5 ? "a point" : $"{Math.Round(points):0} points";

    private static string InHundred(double chance) => $"{Math.Round(100 * chance):0} in 100";

    private static string Number(double points) => points.ToString("0.0", System.Globalization.CultureInfo.InvariantCulture);

    private static string Capital(string words) => EventWords.Capital(words);
}
