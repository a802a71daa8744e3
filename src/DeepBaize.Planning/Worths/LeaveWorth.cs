using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// The points that a player can expect from a leave, estimated in microseconds: the pots that are on, where the white can run from them,
/// what it finds there, and what the balls still give to a player who pots and keeps position with a constant chance. docs/planning.md says
/// how the weights were found and what each part brings.
/// </summary>
public sealed class LeaveWorth : ILeaveWorth
{
    /// <summary>How many ways of lying are kept: those of the strokes that a search looks at by turns.</summary>
    private const int MostKept = 24;

    private readonly LeaveTools _tools;

    /// <summary>Maps of how balls lay, the last that was asked about at the end.</summary>
    private readonly List<LeaveMap> _maps = [];

    private readonly List<PlacedBall> _balls = [];

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="parts">The parts that count.</param>
    public LeaveWorth(TableInUse table, PlayerProfile player, LeaveParts parts = LeaveParts.All)
    {
        var gauge = new LeaveGauge(table, player);
        _tools = new LeaveTools(gauge, new WhiteRuns(table), new TableGifts(gauge, parts), parts);
    }

    /// <summary>What a pot promises before anything was played.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="pot">The pot, estimated for the same balls.</param>
    public double Promise(FrameState frame, in LeavePot pot)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return pot.Chance * MapOf(frame).Prize(pot);
    }

    /// <inheritdoc/>
    public double After(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        return ruling.Points + (ruling is { StaysAtTable: true, End: FrameEnd.None } ? Of(ruling.Next) : 0);
    }

    /// <summary>Points that can be expected from a leave.</summary>
    public double Of(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.White is { } white ? LeaveWeights.Scaled(MapOf(frame).Of(white)) : 0;
    }

    /// <summary>Points that can be expected where the balls lie so, in the mean over places of the white.</summary>
    /// <param name="frame">The frame; its white does not matter.</param>
    public double FromAnywhere(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return LeaveWeights.Scaled(MapOf(frame).FromAnywhere);
    }

    private LeaveMap MapOf(FrameState frame)
    {
        _balls.Clear();
        foreach (var placed in frame.Balls)
        {
            if (placed.Ball != BallId.Cue) _balls.Add(placed);
        }

        for (var i = _maps.Count - 1; i >= 0; i--)
        {
            var known = _maps[i];
            if (!known.IsOf(frame, _balls)) continue;
            if (i == _maps.Count - 1) return known;
            _maps.RemoveAt(i);
            _maps.Add(known);
            return known;
        }

        if (_maps.Count >= MostKept) _maps.RemoveAt(0);
        var map = new LeaveMap(_tools, frame with { Balls = [.. _balls] }, _tools.Gauge.LinesOf(_balls));
        _maps.Add(map);
        return map;
    }
}
