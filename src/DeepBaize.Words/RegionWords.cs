using DeepBaize.Planning.Reading;

namespace DeepBaize.Words;

/// <summary>What regions of the table are called.</summary>
public static class RegionWords
{
    private static readonly string[] Usual = ["above the black", "black to pink", "pink to blue", "below the blue"];

    /// <summary>What a region is called.</summary>
    public static string Name(Region region) =>
        region.Name ?? RedsByRegion.Usual.Zip(Usual).First(pair => pair.First == region).Second;

    /// <summary>What is wrong with regions, in a sentence.</summary>
    public static string Say(RegionFault fault) => fault switch
    {
        RegionFault.Count => $"There are between 1 and {RedsByRegion.Most} regions.",
        RegionFault.Backwards => "A region begins before it ends.",
        _ => "Regions do not overlap.",
    };
}
