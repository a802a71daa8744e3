using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>Aims, plays and judges a player's strokes in a frame. One instance serves one thread.</summary>
public sealed class FramePlayer
{
    private readonly TableInUse _table;
    private readonly PlayerProfile _player;
    private readonly PotSolver _solver;
    private int _aimed;

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    public FramePlayer(TableInUse table, PlayerProfile player, LineUp? lineUp = null)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, _player) = (table, player);
        _solver = new PotSolver(table);
        Trials = new TrialTable(table, lineUp is null ? null : new LineUpReferee(lineUp, new Referee(null)));
    }

    /// <summary>Strokes simulated so far.</summary>
    public int Played => _aimed + Trials.Played;

    /// <summary>The table on which strokes are tried.</summary>
    public TrialTable Trials { get; }

    /// <summary>The balls of a frame as they can be simulated; null when the white is in hand or balls cannot lie so.</summary>
    public Layout? LayoutOf(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return LayoutRules.TryBuild([.. frame.Balls], _table.Outline, frame.Gauge, LayoutMode.Free, out _);
    }

    /// <summary>Aims a stroke; null when the pot does not go with it, the tip cannot get there, or the player rules it out.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">Pace, side and height.</param>
    /// <param name="wishes">What the player rules out.</param>
    /// <param name="headingRadians">
    /// Heading from white to ball with which it is potted when only a part of the pocket is open; NaN to aim at the wanted part.
    /// </param>
    public PlannedStroke? Aim(Layout layout, Pot pot, Dials dials, BreakWishes wishes, double headingRadians = double.NaN)
    {
        ArgumentNullException.ThrowIfNull(wishes);
        var offset = Math.Sqrt(dials.Side * dials.Side + dials.Height * dials.Height);
        if ((!wishes.Side && dials.Side != 0) || dials.Pace > CueStrike.HardestPace(offset, _table.Conditions)) return null;
        var before = _solver.Played;
        var solved = double.IsNaN(headingRadians) ? _solver.Aim(layout, pot, dials) : _solver.AimNear(layout, pot, dials, headingRadians);
        _aimed += _solver.Played - before;
        if (solved is not { } strike) return null;
        var intent = new PotIntent(pot);
        var cued = CueingReader.Deliver(_table, layout, _player, strike, intent);
        return cued.IsPossible && (wishes.Rest || !cued.NeedsRest) ? new PlannedStroke(intent, strike, cued) : null;
    }

    /// <summary>Plays a stroke with the errors of a draw and judges it; <see cref="StrokeDraw.Exact"/> plays it as it is meant.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="stroke">The stroke.</param>
    /// <param name="draw">The errors.</param>
    public Trial Play(FrameState frame, Layout layout, PlannedStroke stroke, in StrokeDraw draw) =>
        Trials.Play(new TrialQuestion(frame, layout, stroke), draw);

    /// <summary>A stroke of a line as it is meant; null when the balls cannot lie so.</summary>
    /// <param name="frame">The frame before it.</param>
    /// <param name="stroke">The stroke.</param>
    /// <param name="pot">Chance of the pot.</param>
    public PlanStep? Step(FrameState frame, PlannedStroke stroke, Chance pot)
    {
        if (LayoutOf(frame) is not { } layout) return null;
        var ruling = Play(frame, layout, stroke, StrokeDraw.Exact).Ruling;
        var goesOn = ruling is { StaysAtTable: true, End: FrameEnd.None };
        return new PlanStep(stroke, pot, ruling.Points, frame.Break + ruling.Points, frame, goesOn ? ruling.Next : null);
    }
}
