using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;

namespace DeepBaize.Planning.Players;

/// <summary>
/// How a player delivers one intended stroke: the player's spreads with everything that makes them larger here, and how wrong the eye is in
/// what the aim allows for. One draw of chance makes one stroke of it.
/// </summary>
public sealed class Delivery
{
    /// <summary>
    /// Longest distance of the contact point from the centre that is simulated, in ball radii: beyond it the tip is as good as off the
    /// ball.
    /// </summary>
    private const double MostOffset = 0.95;

    /// <summary>
    /// Share of its whole swerve that the white has made on an ordinary way (estimate). The whole is the angle at the contact with the
    /// cloth between the cue's direction and where its line meets the cloth (Coriolis 1835): a tan / (1 - tan) for a tip a to the side, in
    /// radii.
    /// </summary>
    private const double SwerveFelt = 0.5;

    /// <summary>Elevation in radians up to which that is so.</summary>
    private const double MostSwerve = 0.5;

    private const double Steepest = Strike.SteepestDegrees * Math.PI / 180;

    private readonly double _alignment;
    private readonly double _alignmentBias;
    private readonly double _swing;
    private readonly double _swingBias;
    private readonly double _height;
    private readonly double _heightBias;
    private readonly double _pace;
    private readonly double _paceBias;
    private readonly double _butt;
    private readonly double _buttBias;
    private readonly double _sideBias;
    private readonly double _sidePerRadian;
    private readonly EyeErrors _judged;
    private readonly AimAllowances _allowances;
    private readonly PlayingConditions _conditions;

    private Delivery(
        DeliveryErrors errors, double factor, double bridge, double elevation, AimAllowances allowances, double pace,
        PlayingConditions conditions)
    {
        const double milli = 1e-3;
        var contact = milli / CueShape.AxisFactor(conditions.Balls.Radius) / conditions.Balls.Radius;
        (_alignment, _alignmentBias) = (errors.Alignment.Size * factor * milli, errors.Alignment.Bias * milli);
        (_swing, _swingBias) = (errors.Swing.Size * factor * milli, errors.Swing.Bias * milli);
        (_height, _heightBias) = (errors.Height.Size * factor * contact, errors.Height.Bias * contact);
        (_pace, _paceBias) = (pace, errors.Pace.Bias);
        (_judged, _allowances) = (errors.Eye, allowances);
        (_butt, _buttBias) = (errors.Butt.Size * factor * milli, errors.Butt.Bias * milli);
        _sideBias = errors.SideBias * contact;
        // A tip that swings to the left lands left of where it was meant to: less right side.
        _sidePerRadian = -bridge / milli * contact;
        _conditions = conditions;
        Factor = factor;
        // What push-off takes back of a swing, and the swerve of its side with the butt up adds to it.
        var raised = Math.Tan(Math.Min(elevation, MostSwerve));
        var kept = 1 + CueStrike.PushOffRadians(_sidePerRadian * milli, conditions.Cue.EndMassRatio) / milli
            - SwerveFelt * _sidePerRadian * raised / (1 - raised);
        var judged = allowances.Habit * Math.Sqrt(
            Square(_judged.PushOff.Size * allowances.PushOff) + Square(_judged.Swerve.Size * allowances.Swerve)
            + Square(_judged.Throw.Size * allowances.Throw));
        DirectionSpread = Math.Sqrt(Square(_alignment) + Square(_swing * kept) + Square(judged));

        static double Square(double value) => value * value;
    }

    private Delivery(Delivery from, double radians)
    {
        (_swing, _swingBias, _height, _heightBias) = (from._swing, from._swingBias, from._height, from._heightBias);
        (_pace, _paceBias, _butt, _buttBias) = (from._pace, from._paceBias, from._butt, from._buttBias);
        (_sideBias, _sidePerRadian, _judged, _allowances) = (from._sideBias, from._sidePerRadian, from._judged, from._allowances);
        (_conditions, Factor) = (from._conditions, from.Factor);
        (_alignment, _alignmentBias) = (Math.Sqrt(from._alignment * from._alignment + radians * radians), from._alignmentBias);
        DirectionSpread = Math.Sqrt(from.DirectionSpread * from.DirectionSpread + radians * radians);
    }

    /// <summary>Spread of the white's direction in radians once push-off, and swerve on an ordinary way, have had their part.</summary>
    public double DirectionSpread { get; }

    /// <summary>What all spreads are multiplied with.</summary>
    public double Factor { get; }

    /// <summary>The delivery of a stroke.</summary>
    /// <param name="errors">The player's errors in a plain stroke.</param>
    /// <param name="pace">Pace of the stroke, 1 to 10.</param>
    /// <param name="stanceFactor">What the stance adds, 1 for a plain one; see <c>Cueing</c>.</param>
    /// <param name="bridgeMetres">Distance from bridge to tip in metres.</param>
    /// <param name="conditions">Ball and cue.</param>
    /// <param name="elevationRadians">How far the butt is raised.</param>
    /// <param name="allowances">What the aim allows for by eye; absent: nothing.</param>
    /// <param name="paceSpread">
    /// Spread of the speed in a plain stance, see <see cref="PlayerProfile.PaceSpread"/>; null for that of the errors alone.
    /// </param>
    public static Delivery Of(
        DeliveryErrors errors, double pace, double stanceFactor, double bridgeMetres, PlayingConditions conditions,
        double elevationRadians = 0, AimAllowances? allowances = null, double? paceSpread = null)
    {
        ArgumentNullException.ThrowIfNull(errors);
        ArgumentNullException.ThrowIfNull(conditions);
        var growth = errors.Factors.AtPace(pace);
        var spread = (paceSpread ?? errors.Pace.Size * growth) * stanceFactor;
        return new Delivery(
            errors, growth * stanceFactor, bridgeMetres, elevationRadians, allowances ?? AimAllowances.None, spread, conditions);
    }

    /// <summary>A delivery without any error.</summary>
    /// <param name="conditions">Ball and cue.</param>
    public static Delivery Exact(PlayingConditions conditions) =>
        Of(new DeliveryErrors(default, default, default, default, 0, ErrorFactors.Usual), Pace.Softest, 1, 0, conditions);

    /// <summary>The same with a further spread of how the cue's line is laid.</summary>
    /// <param name="radians">The spread in radians, 0 or more.</param>
    public Delivery Widened(double radians) => new(this, radians);

    /// <summary>The stroke that a draw makes of an intended one.</summary>
    public Strike Play(in Strike intended, in StrokeDraw draw)
    {
        var swing = _swingBias + _swing * draw.Swing;
        var side = intended.Side + _sideBias + _sidePerRadian * swing;
        var height = intended.Height + _heightBias + _height * draw.Height;
        var offset = Math.Sqrt(side * side + height * height);
        if (offset > MostOffset) (side, height, offset) = (side * MostOffset / offset, height * MostOffset / offset, MostOffset);
        var fastest = CueStrike.WhiteSpeedFor(_conditions.Cue.MaxSpeed, offset, _conditions.Balls.Mass, _conditions.Cue.Mass);
        return new Strike(
            intended.DirectionRadians + _alignmentBias + _alignment * draw.Alignment + swing + Misjudged(draw),
            Math.Min(intended.WhiteSpeed * Math.Exp(_paceBias + _pace * draw.Pace), Math.Max(fastest, intended.WhiteSpeed)),
            side,
            height,
            Math.Clamp(intended.ElevationRadians + _buttBias + _butt * draw.Butt, 0, Steepest));
    }

    /// <summary>By how much the cue is turned too far because the allowances were judged wrong.</summary>
    private double Misjudged(in StrokeDraw draw)
    {
        var (habit, allowed) = (_allowances.Habit, _allowances);
        return allowed.PushOff * Off(_judged.PushOff, draw.PushOff) + allowed.Swerve * Off(_judged.Swerve, draw.Swerve)
            + allowed.Throw * Off(_judged.Throw, draw.Throw);

        double Off(Spread share, double chance) => habit * (share.Bias + share.Size * chance);
    }
}
