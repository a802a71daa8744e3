using DeepBaize.Planning.Leaves;

namespace DeepBaize.Words;

/// <summary>Says how likely something is.</summary>
public static class ChanceWords
{
    /// <summary>What happens less often is told as never.</summary>
    public const double Never = 0.005;

    /// <summary>A chance in tenths; near its ends in twentieths.</summary>
    public static string Say(double share) => share switch
    {
        >= 0.97 => "nearly always",
        >= 0.93 => "19 in 20",
        < Never => "never",
        < 0.03 => "hardly ever",
        < 0.07 => "1 in 20",
        _ => $"{Math.Round(share * 10, MidpointRounding.AwayFromZero):0} in 10",
    };

    /// <summary>A pot and its chance.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Say(LeavePot pot, BallNames names) =>
        $"{names.Of(pot.Pot.Ball)} to the {NameWords.Of(pot.Pot.Pocket)}, {Say(pot.Chance)}";
}
