using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>How far a game came.</summary>
/// <param name="Lead">Points of the side that began less those of the other, since the beginning.</param>
/// <param name="Strokes">Strokes played.</param>
/// <param name="Turns">How often the other side came to the table.</param>
/// <param name="Won">True when the side that began won the frame, false when it lost it, null when it was not played to its end.</param>
public readonly record struct GameResult(int Lead, int Strokes, int Turns, bool? Won);

/// <summary>Chooses a stroke; null for a side that finds none.</summary>
/// <param name="frame">The frame, seen by the side at the table; the white may be in hand.</param>
/// <returns>The frame with the white placed, and the stroke.</returns>
public delegate (FrameState Frame, PlannedStroke Stroke)? SideChoice(FrameState frame);

/// <summary>
/// Plays a frame on between two sides: strokes come out of their hands, the referee judges, and after a foul the other side plays from
/// where the balls lie. One instance serves one thread.
/// </summary>
/// <param name="table">The table.</param>
public sealed class ExchangeGame(TableInUse table)
{
    /// <summary>Strokes after which a frame is given up as going nowhere.</summary>
    private const int MostStrokes = 600;

    private readonly TrialTable _trials = new(table);

    /// <summary>Plays.</summary>
    /// <param name="start">The frame, seen by the side that begins.</param>
    /// <param name="own">What that side chooses.</param>
    /// <param name="theirs">What the other chooses.</param>
    /// <param name="seed">Seed of the noise; the number of a stroke is its number.</param>
    /// <param name="turns">Turns of either side after which it is over.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public GameResult Play(
        FrameState start, SideChoice own, SideChoice theirs, int seed, int turns = int.MaxValue, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(start);
        ArgumentNullException.ThrowIfNull(own);
        ArgumentNullException.ThrowIfNull(theirs);
        var (frame, isOwn, strokes, over) = (start, true, 0, 0);
        var before = Lead(start, true);
        while (over < turns && strokes < MostStrokes)
        {
            cancel.ThrowIfCancellationRequested();
            if ((isOwn ? own : theirs)(frame) is not { } chosen || LayoutOf(chosen.Frame) is not { } layout) break;
            var ruling = _trials.Play(new TrialQuestion(chosen.Frame, layout, chosen.Stroke), Draws.Stroke(seed, strokes++)).Ruling;
            if (ruling.End != FrameEnd.None)
            {
                // A frame that is over is seen by who played last.
                return new GameResult(Lead(ruling.Next, isOwn) - before, strokes, over, (ruling.End == FrameEnd.PlayerWins) == isOwn);
            }

            if (!ruling.StaysAtTable) (isOwn, over) = (!isOwn, over + 1);
            frame = ruling.Next;
        }

        return new GameResult(Lead(frame, isOwn) - before, strokes, over, null);
    }

    private static int Lead(FrameState frame, bool isOwn) =>
        (isOwn ? 1 : -1) * (frame.Scores.Player - frame.Scores.Opponent);

    private Layout? LayoutOf(FrameState frame) =>
        LayoutRules.TryBuild([.. frame.Balls], table.Outline, frame.Gauge, LayoutMode.Free, out _);
}
