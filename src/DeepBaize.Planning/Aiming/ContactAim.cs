using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>
/// Aims the white at a ball by the heading of the line of centres at contact: the unknown in which all that follows is nearly linear.
/// </summary>
public readonly struct ContactAim
{
    /// <summary>Radians by which the finest contact stays inside the ball's edge.</summary>
    private const double GrazeMargin = 1e-4;

    private readonly Layout _layout;
    private readonly Dials _dials;
    private readonly Place _white;
    private readonly Place _ball;
    private readonly double _turn;

    /// <summary>Prepares a ball.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="dials">How the white is struck.</param>
    /// <param name="white">Where the white stands.</param>
    /// <param name="ball">Where the ball lies.</param>
    /// <param name="near">A place of the white at the contact: swerve is reckoned as far as there.</param>
    /// <param name="table">The table.</param>
    public ContactAim(Layout layout, Dials dials, Place white, Place ball, Place near, TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(table);
        (_layout, _dials, _white, _ball) = (layout, dials, white, ball);
        _turn = StraightAim.TurnRadians(layout, dials, white, near, table.Conditions);
        // The white meets the ball on the side that it sees: headings of the line of centres about that from white to ball.
        Middle = white.HeadingTo(ball);
        Reach = Math.Acos(Math.Min(1, layout.Gauge.Diameter / white.DistanceTo(ball))) - GrazeMargin;
    }

    /// <summary>The heading of a full contact.</summary>
    public double Middle { get; }

    /// <summary>Radians to both sides of it within which the ball is met.</summary>
    public double Reach { get; }

    /// <summary>Centre of the white at a contact.</summary>
    /// <param name="heading">Heading from white to ball there.</param>
    public Place Ghost(double heading) => PottingLine.GhostAt(heading, _ball, _layout.Gauge.Diameter);

    /// <summary>The cue's direction that brings the white to a contact.</summary>
    /// <param name="heading">Heading from white to ball there.</param>
    public double Direction(double heading) => _white.HeadingTo(Ghost(heading)) - _turn;

    /// <summary>The stroke that brings the white to a contact.</summary>
    /// <param name="heading">Heading from white to ball there.</param>
    public Strike Strike(double heading)
    {
        var direction = Direction(heading);
        return _dials.At(_layout, direction).Along(direction);
    }

    /// <summary>True for a contact that the white comes to.</summary>
    /// <param name="heading">Heading from white to ball there.</param>
    public bool IsReachable(double heading) => Math.Abs(Math.IEEERemainder(heading - Middle, Math.Tau)) <= Reach;

    /// <summary>The nearest heading that the white comes to.</summary>
    /// <param name="heading">Heading from white to ball.</param>
    public double Reachable(double heading)
    {
        var turn = Math.IEEERemainder(heading - Middle, Math.Tau);
        return Math.Abs(turn) <= Reach ? heading : Middle + Math.CopySign(Reach, turn);
    }
}
