using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>Finds out why a pot is shut, from the way that the ball took on a table without the other balls.</summary>
internal readonly struct Refusal(TableInUse table, Layout layout, Layout clear, Pot pot, PottingLine line)
{
    private const double MouthReach = 0.12;

    /// <summary>Cosine of 60 degrees: beyond that angle from its axis no pocket of the usual cuts takes a ball.</summary>
    private const double WidestApproachCosine = 0.5;

    /// <summary>Names the reason.</summary>
    /// <param name="run">How the ball ran with the other balls away.</param>
    /// <param name="isAimed">True when it could be sent on the wanted line.</param>
    public NoPot Explain(in ObjectBallRun run, bool isAimed)
    {
        if (!line.IsReachable) return Say(NoPotReason.TooThin);
        var diameter = table.Diameter;
        var white = Corridor.Blockers(layout, line.White, line.Contact, BallId.Cue, pot.Ball);
        if (white.Count > 0) return Say(NoPotReason.WhiteBlocked, white[0]);
        var way = Corridor.Blockers(layout, line.Ball, line.Target, pot.Ball, BallId.Cue);
        if (way.Count > 0) return Say(NoPotReason.BallBlocked, way[0]);
        if (run.Fate == ObjectBallFate.NotMet) return Say(NoPotReason.CushionBeforeContact);
        if (run.MetOnTheWay is { } met) return Say(NoPotReason.BallBlocked, new NearBall(met, diameter));
        if (!isAimed) return Say(run.Fate == ObjectBallFate.MetCushion ? NoPotReason.PocketClosed : NoPotReason.TooThin);
        if (run.Fate == ObjectBallFate.JawCaught && IsPastTheMouth()) return Say(NoPotReason.PocketClosed);
        return run.Fate switch
        {
            ObjectBallFate.FellShort => Say(NoPotReason.PaceFallsShort),
            ObjectBallFate.MetCushion => Say(NoPotReason.PocketClosed),
            ObjectBallFate.JawCaught or ObjectBallFate.PottedElsewhere => Say(NoPotReason.JawCatches),
            // It drops when alone: a ball near the line of white or object ball is what stops it.
            _ => Nearest() is { } near ? near : Say(NoPotReason.JawCatches),
        };
    }

    /// <summary>True when the ball would run across the mouth rather than into it.</summary>
    private bool IsPastTheMouth()
    {
        var axis = table.Outline.Mouths[(int)pot.Pocket].Axis;
        return axis.X * Math.Cos(line.BallHeading) + axis.Y * Math.Sin(line.BallHeading) < WidestApproachCosine;
    }

    private NoPot? Nearest()
    {
        if (clear.Balls.Count == layout.Balls.Count) return null;
        var wide = table.Diameter + MouthReach;
        var white = Corridor.Blockers(layout, line.White, line.Contact, BallId.Cue, pot.Ball, wide);
        var way = Corridor.Blockers(layout, line.Ball, line.Target, pot.Ball, BallId.Cue, wide);
        if (way.Count > 0 && (white.Count == 0 || way[0].Passes <= white[0].Passes)) return Say(NoPotReason.BallBlocked, way[0]);
        return white.Count > 0 ? Say(NoPotReason.WhiteBlocked, white[0]) : null;
    }

    private NoPot Say(NoPotReason reason, NearBall? blocker = null) =>
        new(reason, blocker?.Ball, blocker?.Passes ?? double.NaN, line.CutDegrees);
}
