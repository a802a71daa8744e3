using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Players;

/// <summary>What a player thinks of side.</summary>
public enum SidePolicy
{
    /// <summary>Not at all if it can be helped.</summary>
    Avoid,

    /// <summary>Where it brings something.</summary>
    Sparing,

    /// <summary>As a normal tool, helping side above all.</summary>
    Helping,
}

/// <summary>
/// The school of a player, as weights: points of a hundred that a stroke of a kind is marked down when strokes are ranked.
/// </summary>
/// <param name="Side">What the player thinks of side.</param>
/// <param name="Follow">Points that a follow costs.</param>
/// <param name="Stun">Points that a stun costs.</param>
/// <param name="Screw">Points that a screw costs.</param>
/// <param name="Rest">Points that the rest costs beyond its lower chance.</param>
/// <param name="CushionRule">True to show the trade's rule of cushion or hold beside what is simulated.</param>
/// <param name="Cushion">Points that a white which comes to a cushion costs: who would rather hold it.</param>
/// <param name="High">Points that it costs to come out high on a colour.</param>
/// <param name="Low">Points that it costs to come out low on a colour.</param>
public sealed record Preferences(
    SidePolicy Side, double Follow, double Stun, double Screw, double Rest, bool CushionRule, double Cushion = 0, double High = 0,
    double Low = 0)
{
    /// <summary>Follow first, then screw, the stun line last, side sparingly.</summary>
    public static Preferences Usual { get; } = new(SidePolicy.Sparing, 0, 2, 1, 3, true);

    private const double AvoidedSide = 100;

    /// <summary>Points that any side costs who uses it sparingly, and for each tip of it.</summary>
    private const double SparingSide = 2;

    private const double SparingTip = 8;

    /// <summary>Points for each tip of a side that helps, to whom it is a habit.</summary>
    private const double HabitTip = 2;

    /// <summary>Points for each tip beyond which a stroke is deep or high.</summary>
    private const double ExtremeTip = 16;

    /// <summary>Pace up to which a stroke is free, and points for each pace beyond it.</summary>
    private const double FreePace = 5;

    private const double HardPace = 3;

    /// <summary>
    /// Points of a hundred by which a stroke is marked down: side by its size, screw, follow and stun with their extremes, the rest,
    /// cushions, and the side of a colour on which the white comes out (weights estimated: common practice, no source).
    /// </summary>
    /// <param name="kind">The stroke.</param>
    public double Cost(in StrokeKind kind) => CostOfSide(kind) + CostOfSpin(kind) + (kind.NeedsRest ? Rest : 0)
        + (kind.Cushions > 0 ? Cushion : 0) + CostOfPlace(kind)
        + ExtremeTip * Math.Max(0, Math.Abs(kind.HeightTips) - StrokeKind.ExtremeFrom)
        + HardPace * Math.Max(0, kind.Pace - FreePace);

    private double CostOfSide(in StrokeKind kind)
    {
        if (!kind.HasSide) return 0;
        return Side switch
        {
            SidePolicy.Avoid => AvoidedSide,
            SidePolicy.Helping when kind.IsHelping => HabitTip * kind.SideTips,
            _ => SparingSide + SparingTip * kind.SideTips,
        };
    }

    private double CostOfPlace(in StrokeKind kind) => kind.NextSide switch
    {
        SideOfStraight.High => High,
        SideOfStraight.Low => Low,
        _ => 0,
    };

    private double CostOfSpin(in StrokeKind kind) => kind.IsFollow ? Follow : kind.IsScrew ? Screw : kind.IsStun ? Stun : 0;
}
