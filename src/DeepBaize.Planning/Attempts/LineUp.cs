using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Attempts;

/// <summary>Why an attempt at a line-up is over.</summary>
public enum LineUpFailure
{
    /// <summary>It is not.</summary>
    None,

    /// <summary>Nothing that counts was potted.</summary>
    Missed,

    /// <summary>The stroke was foul.</summary>
    Foul,

    /// <summary>The white came to a cushion, which was ruled out.</summary>
    Cushion,
}

/// <summary>
/// The rules of a line-up: reds laid out for practice, cleared with colours as in a frame; a miss or a foul ends the attempt, and in the
/// hard form so does a white that comes to a cushion (common practice, no source).
/// </summary>
/// <param name="MayTouchCushion">False when the white must not come to a cushion.</param>
public sealed record LineUp(bool MayTouchCushion = true)
{
    /// <summary>What ends the attempt with a stroke, if anything does.</summary>
    /// <param name="ruling">The ruling by the rules of the game.</param>
    /// <param name="facts">What happened.</param>
    public LineUpFailure Judge(Ruling ruling, StrokeFacts facts)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        ArgumentNullException.ThrowIfNull(facts);
        if (ruling.IsFoul) return LineUpFailure.Foul;
        if (!MayTouchCushion && facts.WhiteMetCushion) return LineUpFailure.Cushion;
        return ruling.Points == 0 ? LineUpFailure.Missed : LineUpFailure.None;
    }

    /// <summary>The ruling with what the line-up adds: a stroke that fails scores nothing and ends the attempt.</summary>
    /// <param name="ruling">The ruling by the rules of the game.</param>
    /// <param name="facts">What happened.</param>
    /// <param name="before">The frame before the stroke.</param>
    public Ruling Apply(Ruling ruling, StrokeFacts facts, FrameState before)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        ArgumentNullException.ThrowIfNull(before);
        var failure = Judge(ruling, facts);
        if (failure == LineUpFailure.None) return ruling;
        return ruling with
        {
            Points = 0,
            StaysAtTable = false,
            Next = ruling.Next with { Scores = before.Scores, Break = before.Break }
        };
    }
}

/// <summary>Judges strokes in a line-up.</summary>
/// <param name="lineUp">Its rules.</param>
/// <param name="referee">Who judges by the rules of the game.</param>
public sealed class LineUpReferee(LineUp lineUp, IReferee referee) : IReferee
{
    /// <inheritdoc/>
    public Ruling Judge(FrameState before, BallId? nominated, StrokeFacts facts) =>
        lineUp.Apply(referee.Judge(before, nominated, facts), facts, before);
}
