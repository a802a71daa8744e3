using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Leaves;

/// <summary>On which side of a colour the white comes out.</summary>
public static class NextSide
{
    /// <summary>The side of straight for a pot; null where a red is on, or the white is in hand.</summary>
    /// <param name="table">The table.</param>
    /// <param name="frame">The frame before the pot.</param>
    /// <param name="pot">The pot.</param>
    public static SideOfStraight? Of(TableInUse table, FrameState frame, Pot pot)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.On == BallOn.Red || frame.White is not { } white) return null;
        var ball = frame.Balls.First(placed => placed.Ball == pot.Ball).Place;
        return PottingLine.Between(white, ball, pot, table.Outline, table.Diameter).SideFor(pot.Pocket);
    }
}
