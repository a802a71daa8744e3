namespace DeepBaize.Physics.Balls;

/// <summary>
/// A player's pace scale from 1 to 10: names the speed with which the white leaves the tip, whatever the tip's offset.
/// Equal ratios between steps; the numbers are estimates until a player's own strokes are measured.
/// </summary>
public static class Pace
{
    /// <summary>The softest pace on the scale.</summary>
    public const double Softest = 1;

    /// <summary>The hardest pace on the scale.</summary>
    public const double Hardest = 10;

    private const double SoftestSpeed = 0.75;
    private const double Ratio = 1.27;

    /// <summary>White speed in m/s for a pace, 0.75 x 1.27^(pace - 1).</summary>
    /// <param name="pace">A pace from 1 to 10, fractions allowed.</param>
    /// <exception cref="ArgumentOutOfRangeException">The pace is off the scale.</exception>
    public static double ToSpeed(double pace)
    {
        if (!(pace >= Softest && pace <= Hardest))
            throw new ArgumentOutOfRangeException(nameof(pace), pace, "A pace lies between 1 and 10.");
        return SoftestSpeed * Math.Pow(Ratio, pace - 1);
    }

    /// <summary>The pace, also off the scale, that gives a white speed in m/s above 0.</summary>
    public static double FromSpeed(double speed)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(speed);
        return 1 + Math.Log(speed / SoftestSpeed) / Math.Log(Ratio);
    }
}
