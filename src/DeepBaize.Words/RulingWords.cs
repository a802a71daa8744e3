using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>What a referee says of a stroke.</summary>
/// <param name="Words">The sentence: "Foul, 7 away: the black is hit first and is not on.", "1 point.", "No foul."</param>
/// <param name="IsFoul">True for a foul, and for a stroke that fails a line-up.</param>
public sealed record Judgement(string Words, bool IsFoul);

/// <summary>Says what a referee rules.</summary>
public static class RulingWords
{
    /// <summary>
    /// What the referee says of a stroke; null in free practice and while nothing can be on. Who says nothing plays for the colour of his
    /// pot, or for the one that he hits.
    /// </summary>
    /// <param name="before">The balls before it.</param>
    /// <param name="outcome">What came of it.</param>
    /// <param name="state">The state of play.</param>
    /// <param name="pot">The ball that is played for, if any.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    /// <param name="sight">The straight ways on the table, to tell a miss.</param>
    public static Judgement? Judge(Layout before, ShotOutcome outcome, PlayState state, BallId? pot, LineUp? lineUp, Sight sight)
    {
        ArgumentNullException.ThrowIfNull(state);
        if (state.IsPractice && lineUp is null) return null;
        if (FrameState.Of(before, state) is not { } frame || outcome.End != ShotEnd.AtRest) return null;
        BallId?[] named = [state.Nominated, pot, outcome.FirstContact?.Ball];
        var nominated = frame.On == BallOn.Colour || frame.IsFreeBall ? named.FirstOrDefault(ball => ball >= BallId.Yellow) : null;
        var facts = SeenStroke.Of(before, outcome);
        var ruling = new Referee(sight).Judge(frame, nominated, facts);
        var failure = lineUp?.Judge(ruling, facts) is LineUpFailure.Cushion ? LineUpFailure.Cushion : LineUpFailure.None;
        return new Judgement(
            ruling is { IsFoul: false, Points: 0 } && failure == LineUpFailure.None
                ? "No foul." : Scored(ruling, failure, BallValue.Of(frame.On, nominated)),
            ruling.IsFoul || failure != LineUpFailure.None);
    }

    private static string Scored(Ruling ruling, LineUpFailure failure, int valueOn) => EventWords.Capital(failure switch
    {
        LineUpFailure.Cushion => "the attempt fails: the white comes to a cushion",
        LineUpFailure.Missed => "the attempt is over: nothing potted",
        _ => Scored(ruling, valueOn),
    }) + ".";

    /// <summary>The ruling in a few words: "8 points", "foul, 4 away: no ball is hit".</summary>
    /// <param name="ruling">The ruling.</param>
    /// <param name="valueOn">What the ball on was worth.</param>
    public static string Scored(Ruling ruling, int valueOn)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.Dearest(valueOn) is { } foul) return Foul(foul, ruling);
        return ruling.Points switch
        {
            0 => "nothing scored",
            1 => "1 point",
            _ => $"{ruling.Points} points",
        };
    }

    private static string Foul(Foul foul, Ruling ruling) => foul.Kind == FoulKind.InOff
        ? $"in-off, {ruling.Penalty} away"
        : $"foul{(ruling.Miss is MissCall.None or MissCall.RefereeJudges ? "" : " and a miss")}, {ruling.Penalty} away: "
            + Reason(foul, ruling);

    /// <summary>What was hit or fell says more than that nothing was declared.</summary>
    private static string Reason(Foul dearest, Ruling ruling) =>
        Say(ruling.Fouls.Any(foul => foul.Kind == FoulKind.MissedAll) ? new Foul(FoulKind.MissedAll)
            : dearest.Kind != FoulKind.NotDeclared ? dearest
            : ruling.Fouls.Where(foul => foul.Kind != FoulKind.NotDeclared).DefaultIfEmpty(dearest).First());

    /// <summary>The foul in words that a referee would use.</summary>
    public static string Say(Foul foul)
    {
        var ball = foul.Ball is { } concerned ? NameWords.Of(concerned) : "ball";
        return foul.Kind switch
        {
            FoulKind.MissedAll => "no ball is hit",
            FoulKind.InOff => "the white goes in-off",
            FoulKind.StruckTwice => "the white is struck twice",
            FoulKind.FeetOffFloor => "no foot is on the floor",
            FoulKind.OutOfTurn => "it was the other player's turn",
            FoulKind.NotFromTheD => "the white is not played from the D",
            FoulKind.SnookeredByFreeBall => "the free ball snookers the opponent",
            FoulKind.Jump => "the white jumps over a ball",
            FoulKind.ImproperCue => "the cue or rest is not a proper one",
            FoulKind.Conferring => "advice is taken",
            FoulKind.NotOnHitFirst => $"the {ball} is hit first and is not on",
            FoulKind.HitAtOnce => $"the {ball} is hit at the same time and is not on",
            FoulKind.NotOnPotted => $"the {ball} falls and is not on",
            FoulKind.Push => "it is a push stroke",
            FoulKind.BallTouched => $"the {ball} is touched",
            FoulKind.OffTable => $"the {ball} leaves the table",
            FoulKind.NotAtRest => "a ball is still moving",
            FoulKind.BeforeSpotted => "a colour is not yet back on its spot",
            FoulKind.UsedBall => "a ball off the table is used",
            FoulKind.Measured => "something is used to measure",
            FoulKind.RedsRunning => "reds are played at twice running",
            FoulKind.OtherBallStruck => "another ball than the white is struck",
            _ => "the ball on is not declared",
        };
    }

    /// <summary>The ruling, with what follows from it.</summary>
    /// <param name="ruling">The ruling.</param>
    /// <param name="failure">Why an attempt at a line-up is over with it; none in a frame.</param>
    /// <param name="valueOn">What the ball on was worth.</param>
    public static string Say(Ruling ruling, LineUpFailure failure, int valueOn)
    {
        var words = Scored(ruling, failure, valueOn);
        words += ruling.Miss switch
        {
            MissCall.Called => " The balls may be put back.",
            MissCall.CalledAndWarned => " A second miss with a full ball in sight: a third loses the frame.",
            MissCall.FrameLost => " The third miss running: the frame is lost.",
            MissCall.RefereeJudges => " Whether it is a miss the referee judges.",
            _ => "",
        };
        if (ruling.Next.IsFreeBall) words += " Free ball.";
        words += ruling.End switch
        {
            FrameEnd.PlayerWins => $" The frame is won, {ruling.Next.Scores.Player} to {ruling.Next.Scores.Opponent}.",
            FrameEnd.OpponentWins => " The frame is lost.",
            _ => ruling.Next.Phase == FramePhase.RespottedBlack
                ? " Scores are level: the black is spotted again."
                : $" {EventWords.Capital(StateWords.On(ruling.Next.On))} is on{(ruling.StaysAtTable ? "" : " for the opponent")}.",
        };
        return words;
    }
}
