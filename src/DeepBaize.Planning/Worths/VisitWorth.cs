using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// What a stroke of a break is worth: the points of the visit, less what a miss costs. The other side has a turn whenever the visit ends,
/// so that a miss costs by how much more it leaves than usual. One instance serves one thread.
/// </summary>
public sealed class VisitWorth : IPotWorth
{
    private readonly BothSides _sides;

    /// <summary>Prepares two players on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="striker">Who is at the table.</param>
    /// <param name="opponent">Who comes to it then.</param>
    /// <param name="parts">The parts of a leave's worth that count.</param>
    public VisitWorth(TableInUse table, PlayerProfile striker, PlayerProfile opponent, LeaveParts parts = LeaveParts.All)
    {
        Points = new LeaveWorth(table, striker, parts);
        _sides = new BothSides(table, striker, opponent, Points);
    }

    /// <summary>What leaves are worth to the striker.</summary>
    public LeaveWorth Points { get; }

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot) => Points.Promise(frame, pot);

    /// <inheritdoc/>
    public double After(Ruling ruling) => Points.After(ruling);

    /// <inheritdoc/>
    public double Cost(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        var theirs = _sides.Theirs(ruling);
        return ruling.StaysAtTable || ruling.End != FrameEnd.None ? theirs : theirs - _sides.Usual(ruling.Next);
    }
}
