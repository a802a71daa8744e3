namespace DeepBaize.Table;

/// <summary>
/// How a ball and a cushion fit together: the ball's size and the height of the cushion's nose decide how near the
/// ball's centre comes to the nose line.
/// </summary>
/// <param name="Diameter">Ball diameter in metres, more than 0.</param>
/// <param name="NoseHeight">
/// Height of the nose line above the bed in metres; from the ball's radius to 1.5 radii. The default
/// is 7/10 of the diameter (from memory, as assumed by Mathavan, Jackson and Parkin 2010).
/// </param>
public readonly record struct BallGauge(double Diameter, double NoseHeight)
{
    /// <summary>The standard ball of 52.5 mm at a nose 36.75 mm high.</summary>
    public static BallGauge Standard { get; } = new(0.0525, 0.03675);

    /// <summary>Ball radius in metres.</summary>
    public double Radius => Diameter / 2;

    /// <summary>Sine of the angle by which the contact normal at the nose leans down: (h - R)/R.</summary>
    public double NoseSine => NoseHeight / Radius - 1;

    /// <summary>
    /// Distance of the centre of a ball that touches a cushion from the nose line, sqrt(R^2 - (h - R)^2);
    /// 24.06 mm for the standard ball.
    /// </summary>
    public double CushionInset => Radius * Math.Sqrt(1 - NoseSine * NoseSine);
}
