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
public sealed record Preferences(SidePolicy Side, double Follow, double Stun, double Screw, double Rest, bool CushionRule)
{
    /// <summary>Follow first, then screw, the stun line last, side sparingly.</summary>
    public static Preferences Usual { get; } = new(SidePolicy.Sparing, 0, 2, 1, 3, true);

    private const double AvoidedSide = 100;
    private const double SparingSide = 4;
    private const double HelpingSide = 1;

    /// <summary>Tip height in ball radii from which a stroke is a follow or a screw and no longer a stun.</summary>
    private const double Band = 0.12;

    /// <summary>Least side in ball radii that counts as such.</summary>
    private const double Trace = 0.02;

    /// <summary>Points of a hundred by which a stroke is marked down.</summary>
    /// <param name="side">Contact point right of centre, in ball radii.</param>
    /// <param name="height">Contact point above centre, in ball radii.</param>
    /// <param name="needsRest">True when it is played with a rest or the other hand.</param>
    public double Cost(double side, double height, bool needsRest)
    {
        var used = Math.Abs(side) < Trace ? 0 : Side switch
        {
            SidePolicy.Avoid => AvoidedSide,
            SidePolicy.Sparing => SparingSide,
            _ => HelpingSide,
        };
        var kind = height > Band ? Follow : height < -Band ? Screw : Stun;
        return used + kind + (needsRest ? Rest : 0);
    }
}
