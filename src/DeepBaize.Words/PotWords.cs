using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says what a player asks of a pot.</summary>
public static class PotWords
{
    /// <summary>A sideways distance as a share of a ball, in metres and without sign.</summary>
    public static string Share(double metres, double diameter) => (Math.Abs(metres) / diameter) switch
    {
        < 0.004 => "nothing to speak of",
        < 0.035 => "a hair",
        < 0.09 => "a sixteenth of a ball",
        < 0.18 => "an eighth of a ball",
        < 0.37 => "a quarter of a ball",
        < 0.62 => "half a ball",
        < 0.87 => "three quarters of a ball",
        var widths => BallWidths.Say(widths),
    };

    /// <summary>A shift at the contact: thinner or thicker, or to a side for a straight pot.</summary>
    public static string Shift(double thinnerMetres, PottingLine line, double diameter)
    {
        var share = Share(thinnerMetres, diameter);
        if (Math.Abs(thinnerMetres) < 0.004 * diameter) return share;
        return line.CutDegrees < 0.1
            ? $"{share} to the {(thinnerMetres > 0 ? "left" : "right")}"
            : $"{(thinnerMetres > 0 ? "thinner" : "thicker")} by {share}";
    }

    /// <summary>How much of the ball is covered, where it can be.</summary>
    public static string Contact(PottingLine line) => line.IsReachable ? ContactWords.Describe(line.Fraction) : "beyond the fine edge";

    /// <summary>What an allowance is called.</summary>
    public static string Term(AimTermKind kind) => kind switch
    {
        AimTermKind.Throw => "throw",
        AimTermKind.Spin => "throw by side",
        AimTermKind.Swerve => "swerve",
        _ => "push-off",
    };

    /// <summary>With which side the white comes to a cushion.</summary>
    public static string SideAt(CushionSide side, CushionId cushion) => side switch
    {
        CushionSide.Running => $"running side at the {NameWords.Of(cushion)}",
        CushionSide.Check => $"check side at the {NameWords.Of(cushion)}",
        _ => $"no side to speak of at the {NameWords.Of(cushion)}",
    };

    /// <summary>Why a ball cannot be potted.</summary>
    public static string Why(NoPot refusal, Pot pot, double diameter, BallNames names)
    {
        var (said, more) = Reason(refusal, pot, diameter, names);
        return more is null ? $"{said}." : $"{said}: {more}.";
    }

    /// <summary>The same in a few words, without figures: "The pink keeps the white from the contact."</summary>
    public static string WhyShort(NoPot refusal, Pot pot, double diameter, BallNames names) =>
        $"{Reason(refusal, pot, diameter, names).Said}.";

    private static (string Said, string? More) Reason(NoPot refusal, Pot pot, double diameter, BallNames names)
    {
        var (ball, pocket) = (names.The(pot.Ball), NameWords.Of(pot.Pocket));
        var blocker = EventWords.Capital(names.The(refusal.Blocker ?? BallId.Cue));
        return refusal.Reason switch
        {
            NoPotReason.NotOnTable => ($"{EventWords.Capital(ball)} is not on the table", null),
            NoPotReason.WhiteTouches => ($"The white touches {ball}", "it is played away from it, not into it"),
            NoPotReason.TooThin => ("Too thin", $"{ball} would have to be cut {refusal.CutDegrees:0} degrees to the {pocket}"),
            NoPotReason.WhiteBlocked => ($"{blocker} keeps the white from the contact", Passing(refusal, diameter)),
            NoPotReason.BallBlocked => ($"{blocker} is in the way to the {pocket}", Passing(refusal, diameter)),
            NoPotReason.CushionBeforeContact => ("A cushion is in the way of the white", null),
            NoPotReason.PocketClosed => ($"The {pocket} does not open to {ball} from there", null),
            NoPotReason.JawCatches => ($"At this pace a jaw of the {pocket} catches {ball}", null),
            NoPotReason.PaceFallsShort => ($"At this pace {ball} stops before the {pocket}", null),
            _ => throw new ArgumentOutOfRangeException(nameof(refusal), refusal.Reason, "Unknown reason."),
        };
    }

    /// <summary>That only a part of the pocket is open, and why.</summary>
    public static string OnlyPart(PotSolution solution, NoPot refusal, Pot pot, double diameter, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(solution);
        return $"Only a part of the pocket is open, {1000 * (solution.Window?.WidthAtPocket ?? 0):0} mm. "
            + Why(refusal, pot, diameter, names);
    }

    /// <summary>What becomes of the ball when the pot is not kept, and what to do about it.</summary>
    public static string Result(
        ObjectBallRun run, PotSolution? aimed, Pot pot, PottingLine line, double diameter, BallNames names)
    {
        var (ball, pocket) = (EventWords.Capital(names.Of(pot.Ball)), NameWords.Of(pot.Pocket));
        if (run.Fate == ObjectBallFate.Potted) return $"{ball} to the {pocket}.";
        if (run.Fate == ObjectBallFate.NotMet)
            return run.MetFirst is { } met ? $"The white meets {names.The(met)} first." : $"The white misses {names.The(pot.Ball)}.";
        if (run.Fate == ObjectBallFate.FellShort && Math.Abs(run.Offset) < ObjectBallRun.MouthHalf / 2)
            return $"{ball} stops before the {pocket}.";
        if (run.MetOnTheWay is { } other) return $"{ball} runs into {names.The(other)}.";
        var miss = run.Offset - (aimed?.Offset ?? line.WantedOffset);
        return $"{ball} misses the {pocket} {MissSide(miss, line)} by {Share(miss, diameter)}; {Advice(miss, line)}.";
    }

    /// <summary>How a ball runs without a part of the aim.</summary>
    public static string LeftOut(ObjectBallRun run, double aimedOffset, Pot pot, PottingLine line, double diameter)
    {
        var miss = run.Offset - aimedOffset;
        var by = $"{MissSide(miss, line)} by {Share(miss, diameter)}";
        return run.Fate switch
        {
            ObjectBallFate.Potted when Math.Abs(miss) < 0.004 * diameter => "left out: the same",
            ObjectBallFate.Potted => $"left out: still goes, {by}",
            ObjectBallFate.NotMet => $"left out: the {NameWords.Of(pot.Ball)} is not met",
            _ => $"left out: misses {by}",
        };
    }

    /// <summary>Both margins.</summary>
    public static string Window(PotSolution solution, double diameter)
    {
        var (thick, thin) = (
            Share(Margin(solution, solution.ThickMargin), diameter), Share(Margin(solution, solution.ThinMargin), diameter));
        var (thickName, thinName) = solution.Line.CutDegrees < 0.1 ? ("right", "left") : ("thick", "thin");
        return thick == thin ? $"{thick} either way" : $"{thick} {thickName}, {thin} {thinName}";
    }

    /// <summary>Shift of the white at the contact for a turn of the cue, in metres.</summary>
    public static double Margin(PotSolution solution, double turn) => solution.Line.WhiteDistance * Math.Tan(turn);

    /// <summary>How to aim by the place of the white at contact.</summary>
    public static string Ghost(PottingLine line, double diameter)
    {
        var offset = line.LineOffset(diameter);
        if (line.CutDegrees < 0.5) return "Send the centre of the white at the centre of the ball.";
        var side = line.CutRadians > 0 ? "right" : "left";
        var beyond = offset - diameter / 2;
        if (Math.Abs(beyond) < 0.02 * diameter) return $"Send the centre of the white at the {side} edge of the ball.";
        return beyond > 0
            ? $"The centre line passes outside the ball: aim the centre {Share(beyond, diameter)} off its {side} edge."
            : $"Aim the centre of the white {Share(beyond, diameter)} inside the {side} edge of the ball.";
    }

    /// <summary>How to aim by the edges.</summary>
    public static string Edge(PottingLine line, double diameter)
    {
        if (line.CutDegrees < 0.5) return "Cover the whole ball.";
        // A ball that is cut to the left is met on its right half, with the left edge of the white.
        var (edge, half) = line.CutRadians > 0 ? ("left", "right") : ("right", "left");
        var past = line.Fraction * diameter - diameter / 2;
        if (Math.Abs(past) < 0.02 * diameter) return $"Send the {edge} edge of the white at the centre of the ball.";
        return past > 0
            ? $"Send the {edge} edge of the white {Share(past, diameter)} past the centre of the ball."
            : $"Send the {edge} edge of the white into its {half} half, {Share(line.Fraction * diameter, diameter)} from the edge.";
    }

    /// <summary>High, straight or low on a ball.</summary>
    public static string Side(PottingLine line, Pot pot) => line.SideFor(pot.Pocket) switch
    {
        SideOfStraight.High => $"high on the {NameWords.Of(pot.Ball)}",
        SideOfStraight.Low => $"low on the {NameWords.Of(pot.Ball)}",
        _ => $"nearly straight on the {NameWords.Of(pot.Ball)}",
    };

    /// <summary>What side does for the pot; null without side.</summary>
    public static string? Side(PotSide side, double tips) => side switch
    {
        PotSide.Helping => $"{EventWords.Capital(StrokeWords.Side(tips))}: helping side here.",
        PotSide.Opposite => $"{EventWords.Capital(StrokeWords.Side(tips))}: opposite side here.",
        _ => null,
    };

    /// <summary>A danger.</summary>
    public static string Danger(Danger danger, BallId ball, BallNames names)
    {
        var what = danger.Kind switch
        {
            DangerKind.InOff => $"in-off in the {NameWords.Of(danger.Pocket!.Value)}",
            DangerKind.Jaws => $"the white in the jaws of the {NameWords.Of(danger.Pocket!.Value)}",
            DangerKind.WhiteMeetsBall => $"the white meets {names.The(danger.Ball!.Value)}",
            DangerKind.BallMeetsBall => $"{names.The(ball)} meets {names.The(danger.Ball!.Value)}",
            _ => $"{names.The(ball)} stays up",
        };
        return danger.IsExact
            ? $"{EventWords.Capital(what)}; "
                + $"so {(danger.Count == 2 ? "does" : "do")} {danger.Count - 1} of {danger.Of - 1} strokes beside it"
            : $"Near: {what}, {danger.Count} of {danger.Of - 1} strokes beside it";
    }

    /// <summary>A pot of the table in a few words.</summary>
    public static string Entry(PotEntry entry, double diameter, BallNames names) => entry switch
    {
        { State: PotState.Open, Solution: { } solution } => $"{ContactWords.Describe(solution.Fraction)}, {Window(solution, diameter)}",
        { State: PotState.Partly, Solution: { } solution } =>
            $"partly: {ContactWords.Describe(solution.Fraction)}, {1000 * solution.Window!.WidthAtPocket:0} mm of the pocket",
        { Refusal: { } refusal } =>
            Why(refusal, entry.Pot, diameter, names)
                + (entry.OpensWithout is { } gone ? $" Removing {names.The(gone)} opens it." : ""),
        _ => "no line",
    };

    private static string Passing(NoPot refusal, double diameter) =>
        $"the line passes {1000 * refusal.ClearanceMetres:0.0} mm from its centre and needs {1000 * diameter:0.0}";

    /// <summary>A ball that runs too far towards the white's way was met too thick.</summary>
    private static string MissSide(double miss, PottingLine line) =>
        line.CutDegrees < 0.1 ? miss > 0 ? "on the left" : "on the right" : IsThick(miss, line) ? "thick" : "thin";

    private static string Advice(double miss, PottingLine line) =>
        line.CutDegrees < 0.1 ? miss > 0 ? "aim further right" : "aim further left" : IsThick(miss, line) ? "aim thinner" : "aim thicker";

    private static bool IsThick(double miss, PottingLine line) => miss * line.CutRadians < 0;
}
