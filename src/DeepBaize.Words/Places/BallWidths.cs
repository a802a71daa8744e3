namespace DeepBaize.Words.Places;

/// <summary>Distances as players say them: in ball widths, to the half.</summary>
public static class BallWidths
{
    /// <summary>The numbers from nought to twelve in words.</summary>
    internal static readonly string[] Numbers =
        ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

    /// <summary>Says a number of ball widths: "half a ball", "a ball and a half", "three balls".</summary>
    /// <param name="widths">Ball widths, 0 or more; under a quarter is "a touch", over 12 is said in figures.</param>
    public static string Say(double widths)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(widths);
        if (widths < 0.25) return "a touch";
        var halves = (int)Math.Round(widths * 2, MidpointRounding.AwayFromZero);
        var whole = halves / 2;
        var half = halves % 2 == 1;
        return (whole, half) switch
        {
            (0, true) => "half a ball",
            (1, false) => "a ball",
            (1, true) => "a ball and a half",
            ( > 12, _) => $"{whole} balls",
            (_, false) => $"{Numbers[whole]} balls",
            (_, true) => $"{Numbers[whole]} and a half balls",
        };
    }
}
