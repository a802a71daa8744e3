using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>Reads a stroke that the player has in mind: a favourite, say, that is held against what the search finds.</summary>
internal static class OwnStroke
{
    /// <summary>The stroke as the player cues it, the butt raised as far as it must be, at the ball that it meets as meant.</summary>
    /// <param name="question">Whose stroke it is, and on which table.</param>
    /// <param name="worth">Reads what is left.</param>
    /// <param name="trials">Where it is tried.</param>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="strike">How it is struck.</param>
    /// <returns>It and the kind of answer that it is; null when it meets no ball, or the cue cannot get there.</returns>
    public static (PlannedStroke Stroke, SafetyKind Kind)? Read(
        SafetyQuestion question, SafetyWorth worth, TrialTable trials, FrameState frame, in Strike strike)
    {
        if (frame.White is null
            || LayoutRules.TryBuild([.. frame.Balls], question.Table.Outline, frame.Gauge, LayoutMode.Free, out _) is not { } layout)
            return null;
        var raised = ButtRaise.Lift(layout, strike);
        var looked = new PlannedStroke(new ReachIntent(default, 1), raised, BridgeWay.Plain, Delivery.Exact(question.Table.Conditions));
        var trial = trials.Play(new TrialQuestion(frame, layout, looked), StrokeDraw.Exact);
        if (trial.Result.FirstContact?.Ball is not { } ball) return null;
        var intent = new HitIntent(ball);
        var cued = CueingReader.Deliver(question.Table, layout, question.Striker, raised, intent);
        var asked = new TrialQuestion(frame, layout, new PlannedStroke(intent, raised, cued));
        return cued.IsPossible ? (asked.Stroke, SafetyKindReader.Of(worth, asked, trial)) : null;
    }
}
