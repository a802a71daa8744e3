namespace DeepBaize.Planning.Players;

/// <summary>How far a quantity is delivered from what was intended.</summary>
/// <param name="Size">Standard deviation, 0 or more.</param>
/// <param name="Bias">Mean.</param>
public readonly record struct Spread(double Size, double Bias = 0);

/// <summary>
/// How far a player's eye is off when an aim allows for something: each allowance comes out too large or too small by a share of itself.
/// A stroke without side allows for the throw of its cut alone.
/// </summary>
/// <param name="PushOff">For the push-off of side, as a share of it; 0.2 is one part in five.</param>
/// <param name="Swerve">For the swerve of side.</param>
/// <param name="Throw">For how cut and spin throw the ball.</param>
public readonly record struct EyeErrors(Spread PushOff, Spread Swerve, Spread Throw)
{
    /// <summary>The same eye for all three.</summary>
    /// <param name="share">Standard deviation as a share of the allowance.</param>
    public static EyeErrors Of(double share) => new(new Spread(share), new Spread(share), new Spread(share));
}

/// <summary>
/// The errors of a player's plain stroke at <see cref="PlainPace"/>, of five kinds that are drawn independently, and those of the eye.
/// </summary>
/// <param name="Alignment">The cue's line is laid wrong, in mrad, positive to the left.</param>
/// <param name="Swing">
/// The cue turns about the bridge hand, in mrad, positive to the left: its direction changes by the angle and the tip lands off by the
/// angle times the bridge length to the same side, so that push-off takes much of it back.
/// </param>
/// <param name="Height">Height of the cue's axis at the tip, in mm, positive high.</param>
/// <param name="Pace">Speed of the white as a natural logarithm: 0.05 is about 5 %.</param>
/// <param name="SideBias">A trace of side that the player always puts on, in mm of the cue's axis, positive to the right.</param>
/// <param name="Factors">What makes the spreads larger.</param>
/// <param name="Butt">How far the butt is raised beside what was meant, in mrad, positive up; it matters with side.</param>
/// <param name="Eye">How far the allowances of an aim are misjudged.</param>
public sealed record DeliveryErrors(
    Spread Alignment, Spread Swing, Spread Height, Spread Pace, double SideBias, ErrorFactors Factors, Spread Butt = default,
    EyeErrors Eye = default)
{
    /// <summary>The pace up to which the spreads do not grow.</summary>
    public const double PlainPace = 3;
}

/// <summary>Factors on all spreads; they multiply (estimates from memory, until practice replaces them).</summary>
/// <param name="PerPace">Growth per pace above <see cref="DeliveryErrors.PlainPace"/>: 0.05 is 5 % each.</param>
/// <param name="PerDegree">Growth per degree by which the butt is raised above a plain stroke's.</param>
/// <param name="Stretched">When stretching.</param>
/// <param name="Rest">With the rest.</param>
/// <param name="Extended">With the rest and its extension.</param>
/// <param name="HighRest">With spider or swan neck.</param>
/// <param name="OtherHand">With the other hand.</param>
/// <param name="OverBall">With the bridge hand over a ball.</param>
/// <param name="OffCushion">With the bridge hand on the cushion.</param>
public sealed record ErrorFactors(
    double PerPace, double PerDegree, double Stretched, double Rest, double Extended, double HighRest, double OtherHand, double OverBall,
    double OffCushion)
{
    /// <summary>Estimates from memory.</summary>
    public static ErrorFactors Usual { get; } = new(0.06, 0.04, 1.25, 1.5, 1.9, 2.1, 2.2, 1.6, 1.25);

    /// <summary>The growth with pace.</summary>
    /// <param name="pace">Pace from 1 to 10.</param>
    public double AtPace(double pace) => 1 + PerPace * Math.Max(0, pace - DeliveryErrors.PlainPace);
}
