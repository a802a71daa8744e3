using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Breaks;

/// <summary>What a visit to the table came to.</summary>
/// <param name="Points">Points scored.</param>
/// <param name="Strokes">Strokes played.</param>
/// <param name="Pots">Legal pots among them.</param>
/// <param name="Kept">Pots after which another was one in two or better.</param>
/// <param name="Colours">Colours among the pots.</param>
/// <param name="Given">Points given away.</param>
public readonly record struct Visit(int Points, int Strokes, int Pots, int Kept, int Colours, int Given)
{
    /// <summary>The balls as the other side finds them; null where nothing was played, or the frame is over.</summary>
    public FrameState? Left { get; init; }
}

/// <summary>Chooses the stroke to play; null when nothing is on.</summary>
/// <param name="frame">The frame.</param>
/// <param name="stroke">Number of the stroke in the visit.</param>
public delegate PlannedStroke? StrokeChoice(FrameState frame, int stroke);

/// <summary>Plays visits with a player's scatter. One instance serves one thread.</summary>
public sealed class Playout
{
    private readonly FramePlayer _frames;
    private readonly LeaveGauge _gauge;

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    public Playout(TableInUse table, PlayerProfile player, LineUp? lineUp = null) =>
        (_frames, _gauge) = (new FramePlayer(table, player, lineUp), new LeaveGauge(table, player));

    /// <summary>One visit: until a miss, a foul, nothing on or the end of the frame.</summary>
    /// <param name="start">The frame.</param>
    /// <param name="choose">Who chooses.</param>
    /// <param name="seed">Seed of the noise; the number of the stroke is its number, so that choices meet the same chance.</param>
    /// <param name="cancel">Stops between strokes.</param>
    public Visit Play(FrameState start, StrokeChoice choose, int seed, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(start);
        ArgumentNullException.ThrowIfNull(choose);
        var (frame, visit) = (start, default(Visit));
        while (frame.Phase == FramePhase.InPlay && _frames.LayoutOf(frame) is { } balls && choose(frame, visit.Strokes) is { } stroke)
        {
            cancel.ThrowIfCancellationRequested();
            var ruling = _frames.Play(frame, balls, stroke, Draws.Stroke(seed, visit.Strokes)).Ruling;
            visit = visit with { Points = visit.Points + ruling.Points, Strokes = visit.Strokes + 1 };
            if (!ruling.StaysAtTable && ruling.End == FrameEnd.None) visit = visit with { Given = ruling.Penalty, Left = ruling.Next };
            if (ruling.Points == 0) break;
            var isKept = ruling.StaysAtTable && HasPot(ruling.Next);
            visit = visit with
            {
                Pots = visit.Pots + 1,
                Kept = visit.Kept + (isKept ? 1 : 0),
                Colours = visit.Colours + (stroke.Pot.Ball >= BallId.Yellow ? 1 : 0)
            };
            if (!ruling.StaysAtTable) break;
            frame = ruling.Next;
        }

        return visit;
    }

    private bool HasPot(FrameState frame) => _gauge.Read(frame) is [{ IsOn: true }, ..];
}
