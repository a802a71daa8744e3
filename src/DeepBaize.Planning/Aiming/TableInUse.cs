using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Aiming;

/// <summary>The table, balls and cue for which something is planned.</summary>
/// <param name="Conditions">How balls move.</param>
/// <param name="Outline">The outline built from the conditions' pocket cut.</param>
public sealed record TableInUse(PlayingConditions Conditions, TableOutline Outline)
{
    /// <summary>Diameter of the balls in metres.</summary>
    public double Diameter => Conditions.Balls.Diameter;
}
