using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Worths;

/// <summary>What a stroke is worth to both sides of the game. One instance serves one thread.</summary>
public sealed class BothSides
{
    private readonly LeaveWorth _own;
    private readonly Stakes _striker;
    private readonly Stakes _opponent;
    private readonly LeftReader _reader;

    /// <summary>The ruling that was read last, and what it left: what it costs and what is left are asked one after the other.</summary>
    private Ruling? _read;

    private Left _left;

    /// <summary>Prepares two players on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="striker">Who is at the table.</param>
    /// <param name="opponent">Who comes to it then.</param>
    /// <param name="own">What leaves are worth to the striker.</param>
    public BothSides(TableInUse table, PlayerProfile striker, PlayerProfile opponent, LeaveWorth own)
    {
        _own = own;
        var theirs = striker == opponent ? own : new LeaveWorth(table, opponent);
        (_striker, _opponent) = (new Stakes(table, striker, own), new Stakes(table, opponent, theirs));
        _reader = new LeftReader(table, opponent, theirs);
    }

    /// <summary>Points scored, and what the striker's turn is worth while it goes on.</summary>
    /// <param name="ruling">What a stroke came to.</param>
    public double Own(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End == FrameEnd.PlayerWins) return LeftReader.FrameWorth;
        var goesOn = ruling is { StaysAtTable: true, End: FrameEnd.None };
        return ruling.Points + (goesOn ? Stakes.Turn(_own.Of(ruling.Next), _opponent.Of(ruling.Next)) : 0);
    }

    /// <summary>
    /// Points given away, and what the opponent's turn is worth; 0 while the visit goes on. Who may have the balls put back, or the other
    /// play again, is not the worse for a foul.
    /// </summary>
    /// <param name="ruling">What a stroke came to.</param>
    public double Theirs(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End != FrameEnd.None) return ruling.End == FrameEnd.OpponentWins ? LeftReader.FrameWorth : 0;
        if (ruling.StaysAtTable) return 0;
        var turn = LeftBy(ruling).Turn(_striker.Of(ruling.Next));
        return ruling.Penalty + (ruling.IsFoul ? Math.Max(0, turn) : turn);
    }

    /// <summary>What the opponent's turn is worth, wherever the white is.</summary>
    /// <param name="frame">The frame.</param>
    public double Usual(FrameState frame) => _opponent.Of(frame);

    /// <summary>What the opponent finds after a stroke; nothing when it is not his turn.</summary>
    /// <param name="ruling">What it came to.</param>
    public Left LeftBy(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.StaysAtTable || ruling.End != FrameEnd.None) return default;
        if (!ReferenceEquals(ruling, _read)) (_read, _left) = (ruling, _reader.Read(ruling.Next));
        return _left;
    }
}
