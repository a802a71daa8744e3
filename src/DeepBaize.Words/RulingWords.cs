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
        _ => ruling.Words(valueOn),
    }) + ".";

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
                : $" {EventWords.Capital(BallsOn.Words(ruling.Next.On))} is on{(ruling.StaysAtTable ? "" : " for the opponent")}.",
        };
        return words;
    }
}
