namespace DeepBaize.Physics.Balls;

/// <summary>The set of balls; all are alike.</summary>
public sealed record BallCoefficients
{
    /// <summary>Diameter in metres, 0.03 to 0.08 (official rules: 52.5 mm).</summary>
    public double Diameter { get; init; } = 0.0525;

    /// <summary>Mass in kg, above 0 to 1 (142 g from memory; the rules only ask that balls weigh alike).</summary>
    public double Mass { get; init; } = 0.142;

    /// <summary>Restitution between balls, 0 to 1 (published 0.92-0.98 for phenolic balls; default from memory).</summary>
    public double Restitution { get; init; } = 0.95;

    /// <summary>Condition of the balls: multiplies their friction, 0 to 20 (1 clean, 2 dirty; from memory).</summary>
    public double FrictionFactor { get; init; } = 1;

    /// <summary>Constant part a of the friction between balls a + b exp(-c u), 0 to 1 (Marlow's data as fitted by Alciatore).</summary>
    public double FrictionA { get; init; } = 9.951e-3;

    /// <summary>Part b that vanishes with speed, 0 to 1 (same source).</summary>
    public double FrictionB { get; init; } = 0.108;

    /// <summary>Rate c at which it vanishes in s/m, 0 to 100 (same source).</summary>
    public double FrictionC { get; init; } = 1.088;

    /// <summary>Radius in metres.</summary>
    public double Radius => Diameter / 2;

    /// <summary>Friction between two balls whose surfaces pass at a speed in m/s.</summary>
    public double FrictionAt(double slipSpeed) =>
        FrictionFactor * (FrictionA + FrictionB * Math.Exp(-FrictionC * slipSpeed));
}
