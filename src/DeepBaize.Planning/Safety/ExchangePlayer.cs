using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// One side of a game that is played on: chooses at a small budget between the best pot and the best safety by one value. One instance
/// serves one thread.
/// </summary>
public sealed class ExchangePlayer
{
    /// <summary>A pot of which this share of the draws goes is played without a look at safeties.</summary>
    private const double PlainPot = 0.85;

    private readonly SafetySearch _safeties;
    private readonly BreakSearch _pots;
    private readonly LeftReader _reader;
    private readonly int _potBudget;
    private readonly int _safetyBudget;

    /// <summary>Prepares a side.</summary>
    /// <param name="question">The table, this side as the striker, and the other.</param>
    /// <param name="potBudget">Strokes that may be simulated for a pot, about.</param>
    /// <param name="safetyBudget">Strokes for a safety.</param>
    public ExchangePlayer(SafetyQuestion question, int potBudget, int safetyBudget)
    {
        ArgumentNullException.ThrowIfNull(question);
        (_safeties, _potBudget, _safetyBudget) = (new SafetySearch(question), potBudget, safetyBudget);
        _pots = new BreakSearch(new BreakQuestion(
            question.Table, question.Striker, question.Opponent, _ => new SafetyWorth(question), BreakWishes.Free,
            question.Seed, CountsSchool: false, CountsMisses: true));
        _reader = new LeftReader(question.Table, question.Striker);
    }

    /// <summary>The frame with a white in hand put where a visit is worth most.</summary>
    /// <param name="frame">The frame.</param>
    public FrameState Placed(FrameState frame) => _reader.Placed(frame);

    /// <summary>Chooses.</summary>
    /// <param name="frame">The frame, seen by this side; with the white on the table.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The stroke, foul when no legal one was found; null when none can be played.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public PlannedStroke? Choose(FrameState frame, CancellationToken cancel = default)
    {
        var pot = BestPot(frame, cancel);
        if (pot?.Pot.Share >= PlainPot) return pot.Stroke;
        var safety = _safeties.Run(frame, _safetyBudget, cancel) is [var best, ..] ? best : null;
        if (safety is null) return pot?.Stroke ?? _safeties.LeastBad(frame, cancel);
        return pot is not null && pot.Worth > safety.Worth ? pot.Stroke : safety.Stroke;
    }

    /// <summary>The likeliest pot, or the thinnest clip that brings the white home when none is on: who plays no safeties.</summary>
    /// <param name="frame">The frame, seen by this side; with the white on the table.</param>
    /// <param name="least">Chance from which a pot is played.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The stroke, foul when no legal one was found; null when none can be played.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public PlannedStroke? ChoosePlainly(FrameState frame, double least, CancellationToken cancel = default)
    {
        var pot = BestPot(frame, cancel);
        if (pot?.Pot.Share >= least) return pot.Stroke;
        return _safeties.Plain(frame, cancel)?.Stroke ?? pot?.Stroke ?? _safeties.AsMeant(frame, _safetyBudget, cancel)?.Stroke
            ?? _safeties.LeastBad(frame, cancel);
    }

    private RatedStroke? BestPot(FrameState frame, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return _pots.Run(frame, _potBudget, cancel).Best is [var best, ..] ? best : null;
    }
}
