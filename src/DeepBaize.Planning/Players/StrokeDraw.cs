namespace DeepBaize.Planning.Players;

/// <summary>What chance does to one stroke: eight independent standard normal numbers.</summary>
/// <param name="Alignment">For the alignment.</param>
/// <param name="Swing">For the swing.</param>
/// <param name="Height">For the tip's height.</param>
/// <param name="Pace">For the pace.</param>
/// <param name="Butt">For how far the butt is raised.</param>
/// <param name="PushOff">For how the push-off is judged.</param>
/// <param name="Swerve">For how the swerve is judged.</param>
/// <param name="Throw">For how the throw is judged.</param>
public readonly record struct StrokeDraw(
    double Alignment, double Swing, double Height, double Pace, double Butt, double PushOff = 0, double Swerve = 0, double Throw = 0)
{
    /// <summary>The stroke as it is meant.</summary>
    public static StrokeDraw Exact => default;

    /// <summary>The same chance with every error to the other side.</summary>
    public StrokeDraw Opposite => new(-Alignment, -Swing, -Height, -Pace, -Butt, -PushOff, -Swerve, -Throw);
}

/// <summary>A series of draws.</summary>
/// <param name="Seed">Seed of the series.</param>
/// <param name="IsEven">
/// True when its numbers are spread evenly over what may happen, so that few strokes show the spread; false when they are independent, so
/// that the interval of a share is right.
/// </param>
public readonly record struct DrawSeries(int Seed, bool IsEven)
{
    /// <summary>Numbers that are spread evenly.</summary>
    /// <param name="seed">Seed of the series.</param>
    public static DrawSeries Even(int seed) => new(seed, true);

    /// <summary>Independent numbers.</summary>
    /// <param name="seed">Seed of the series.</param>
    public static DrawSeries Independent(int seed) => new(seed, false);

    /// <summary>One of its draws.</summary>
    /// <param name="number">Number of the draw, 0 or more.</param>
    public StrokeDraw At(int number) => IsEven ? Draws.Even(Seed, number) : Draws.Stroke(Seed, number);
}

/// <summary>
/// Draws that depend on seed and number alone: the same numbers for every stroke that is compared (common random numbers), and the same on
/// any number of threads. The generator is SplitMix64 (Steele, Lea and Flood 2014), used as a hash of seed, number and kind.
/// </summary>
public static class Draws
{
    private const ulong Golden = 0x9E3779B97F4A7C15;
    private const int Kinds = 8;

    /// <summary>The root of x^9 = x + 1, by whose powers a sequence fills eight dimensions most evenly (Roberts 2018).</summary>
    private const double Harmony = 1.085070245491451;

    private static readonly StrokeDraw[] Evenly =
        [.. Enumerable.Range(1, 4096).Select(number => new StrokeDraw(
            EvenNormal(number, 1), EvenNormal(number, 2), EvenNormal(number, 3), EvenNormal(number, 4), EvenNormal(number, 5),
            EvenNormal(number, 6), EvenNormal(number, 7), EvenNormal(number, 8)))];

    /// <summary>The draw of a stroke.</summary>
    /// <param name="seed">Seed of the series.</param>
    /// <param name="number">Number of the stroke in it.</param>
    public static StrokeDraw Stroke(int seed, int number) => new(
        Normal(seed, number, 0), Normal(seed, number, 1), Normal(seed, number, 2), Normal(seed, number, 3), Normal(seed, number, 4),
        Normal(seed, number, 5), Normal(seed, number, 6), Normal(seed, number, 7));

    /// <summary>A draw of a series that is not random but spread evenly over what may happen.</summary>
    /// <param name="number">Number of the draw, 0 to 4095.</param>
    public static StrokeDraw Even(int number) => Evenly[number];

    /// <summary>
    /// The same series begun at another place for each seed, so that few strokes show the spread and no series is special.
    /// </summary>
    /// <param name="seed">Seed of the series.</param>
    /// <param name="number">Number of the draw in it, 0 or more.</param>
    public static StrokeDraw Even(int seed, int number)
    {
        return new StrokeDraw(At(0), At(1), At(2), At(3), At(4), At(5), At(6), At(7));

        double At(int kind) => EvenNormal(number, kind + 1, Uniform(seed, 0, kind));
    }

    /// <summary>A number evenly drawn between 0 and 1, both excluded.</summary>
    /// <param name="seed">Seed of the series.</param>
    /// <param name="number">Number of the draw in it.</param>
    /// <param name="kind">Which of its numbers, 0 to 7.</param>
    public static double Uniform(int seed, int number, int kind)
    {
        var z = Mix(Mix((ulong)(uint)seed * Golden) + ((ulong)(uint)number * Kinds + (ulong)(uint)kind + 1) * Golden);
        return ((z >> 11) + 0.5) / (1UL << 53);
    }

    private static double Normal(int seed, int number, int kind) =>
        MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, Uniform(seed, number, kind));

    private static double EvenNormal(int number, int kind, double start = 0.5)
    {
        var place = start + number * Math.Pow(Harmony, -kind);
        return MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, place - Math.Floor(place));
    }

    private static ulong Mix(ulong z)
    {
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }
}
