using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>What most would play: the likeliest pot, centre ball, at an easy pace or the least that does it.</summary>
/// <param name="frames">Aims and plays.</param>
internal sealed class PlainStroke(FramePlayer frames)
{
    private static readonly double[] Paces = [3.5, 4.5, 5.5, 7, 8.5];

    /// <summary>The stroke; null when nothing goes so.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="pots">What is on, the likeliest first.</param>
    /// <param name="wishes">What the player rules out.</param>
    public PlannedStroke? Find(FrameState frame, Layout layout, IReadOnlyList<LeavePot> pots, BreakWishes wishes)
    {
        if (pots.Count == 0) return null;
        var likeliest = pots[0];
        foreach (var pace in Paces)
        {
            var pot = likeliest.Pot with { Part = PocketPart.Opening };
            if (frames.Aim(layout, pot, Dials.AtPace(pace), wishes, likeliest.HeadingRadians) is { } stroke
                && frames.Trials.Play(new TrialQuestion(frame, layout, stroke), StrokeDraw.Exact).Ruling.Points > 0) return stroke;
        }

        return null;
    }
}
