using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>Says what a referee rules.</summary>
public static class RulingWords
{
    /// <summary>
    /// What is foul about a stroke, or fails a line-up, in a sentence; null when nothing does. Who says nothing plays for the colour of his
    /// pot, or for the one that he hits.
    /// </summary>
    /// <param name="before">The balls before it.</param>
    /// <param name="outcome">What came of it.</param>
    /// <param name="state">The state of play.</param>
    /// <param name="pot">The ball that is played for, if any.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    public static string? FoulOf(Layout before, ShotOutcome outcome, PlayState state, BallId? pot, LineUp? lineUp)
    {
        if (FrameState.Of(before, state) is not { } frame || outcome.End != ShotEnd.AtRest) return null;
        BallId?[] named = [state.Nominated, pot, outcome.FirstContact?.Ball];
        var nominated = frame.On == BallOn.Colour || frame.IsFreeBall ? named.FirstOrDefault(ball => ball >= BallId.Yellow) : null;
        var facts = SeenStroke.Of(before, outcome);
        var ruling = new Referee(null).Judge(frame, nominated, facts);
        var failure = lineUp?.Judge(ruling, facts) ?? LineUpFailure.None;
        return ruling.IsFoul || failure == LineUpFailure.Cushion ? Scored(ruling, failure, BallValue.Of(frame.On, nominated)) : null;
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
        if (ruling.Dearest(valueOn) is { } foul) return $"foul, {ruling.Penalty} away: {Say(foul)}";
        return ruling.Points switch
        {
            0 => "nothing scored",
            1 => "1 point",
            _ => $"{ruling.Points} points",
        };
    }

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
            MissCall.Called => " A miss is called: the balls may be put back.",
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
