using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
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
    private readonly LeftReader _theirs;
    private readonly Stakes _stakes;
    private readonly double _fear;

    /// <summary>The ruling that was read last, and what it left: what it brings and what is left are asked one after the other.</summary>
    private Ruling? _read;

    private Left _left;

    /// <summary>Prepares a question.</summary>
    /// <param name="question">The question.</param>
    /// <param name="stakes">What turns are worth on the balls that lie there.</param>
    public SafetyWorth(SafetyQuestion question, Stakes stakes)
    {
        ArgumentNullException.ThrowIfNull(question);
        ArgumentNullException.ThrowIfNull(stakes);
        _own = new LeaveWorth(question.Table, question.Striker);
        _theirs = new LeftReader(question.Table, question.Opponent);
        (_stakes, _fear) = (stakes, question.Fear);
    }

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot) => _own.Promise(frame, pot);

    /// <summary>
    /// The worth as a search of pots follows it: above 0, since it takes a share of it away for what the striker's school dislikes.
    /// </summary>
    /// <inheritdoc/>
    public double After(Ruling ruling) => Math.Max(0, SchoolBase + Worth(ruling));

    /// <summary>What a stroke is worth to both sides.</summary>
    /// <param name="ruling">What it came to.</param>
    public double Worth(Ruling ruling) => Of(ruling).Worth(_fear);

    /// <summary>What a stroke brings to both sides.</summary>
    /// <param name="ruling">What it came to.</param>
    public Exchange Of(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End == FrameEnd.PlayerWins) return new Exchange(LeftReader.FrameWorth, 0);
        if (ruling.End == FrameEnd.OpponentWins) return new Exchange(0, LeftReader.FrameWorth);
        if (ruling.StaysAtTable) return new Exchange(ruling.Points + Stakes.Turn(_own.Of(ruling.Next), _stakes.Opponent), 0);
        var turn = LeftBy(ruling).Turn(_stakes.Striker);
        // Who may have the balls put back, or the other play again, is not the worse for a foul.
        return new Exchange(ruling.Points, ruling.Penalty + (ruling.IsFoul ? Math.Max(0, turn) : turn));
    }

    /// <summary>What the opponent finds after a stroke.</summary>
    /// <param name="ruling">What it came to; the opponent's turn.</param>
    public Left LeftBy(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.StaysAtTable || ruling.End != FrameEnd.None) return default;
        if (!ReferenceEquals(ruling, _read)) (_read, _left) = (ruling, _theirs.Read(ruling.Next));
        return _left;
    }
}
