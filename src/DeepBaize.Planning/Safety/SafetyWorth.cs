using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// What a stroke brings to both sides: the striker's points and what he can expect while he stays at the table; what he gives away, and
/// what the opponent finds. One value for a pot, a safety and what lies between. One instance serves one thread.
/// </summary>
public sealed class SafetyWorth : IPotWorth
{
    /// <summary>
    /// Points of which a school's marks are taken, where what is at stake may be less than nothing (estimate: a visit of a club player).
    /// </summary>
    internal const double SchoolBase = 8;

    private readonly LeaveWorth _own;
    private readonly BothSides _sides;
    private readonly double _fear;

    /// <summary>Prepares a question.</summary>
    /// <param name="question">The question.</param>
    public SafetyWorth(SafetyQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _own = new LeaveWorth(question.Table, question.Striker);
        (_sides, _fear) = (new BothSides(question.Table, question.Striker, question.Opponent, _own), question.Fear);
    }

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot) => _own.Promise(frame, pot);

    /// <inheritdoc/>
    public double After(Ruling ruling) => _sides.Own(ruling);

    /// <inheritdoc/>
    public double Cost(Ruling ruling) => _fear * _sides.Theirs(ruling);

    /// <summary>What a stroke is worth to both sides, as points count with the score.</summary>
    /// <param name="before">The frame before it.</param>
    /// <param name="ruling">What it came to.</param>
    public double Worth(FrameState before, Ruling ruling) => FrameChance.Weigh(before, ruling, Of(ruling).Worth(_fear));

    /// <summary>What a stroke brings to both sides.</summary>
    /// <param name="ruling">What it came to.</param>
    public Exchange Of(Ruling ruling) => new(_sides.Own(ruling), _sides.Theirs(ruling));

    /// <summary>What the opponent finds after a stroke.</summary>
    /// <param name="ruling">What it came to; the opponent's turn.</param>
    public Left LeftBy(Ruling ruling) => _sides.LeftBy(ruling);
}
