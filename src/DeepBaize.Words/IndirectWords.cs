using System.Globalization;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>Says pots off cushions and other balls.</summary>
public static class IndirectWords
{
    /// <summary>Chance from which such a pot is worth a thought, and from which it is more than a last resort (estimates).</summary>
    private const double WorthALook = 0.1;

    private const double Likely = 0.5;

    /// <summary>What such a pot is called: "double", "plant", "set", "cannon" ...</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="frame">The frame, in which the balls of a set touch.</param>
    public static string Name(IndirectPot pot, FrameState frame) => pot.Way switch
    {
        IndirectWay.OneCushion => "double",
        IndirectWay.TwoCushions => "double off two cushions",
        IndirectWay.Plant => IsSet(pot, frame) ? "set" : "plant",
        IndirectWay.Cannon => "cannon",
        _ => "in-off",
    };

    /// <summary>The pot as it is played: "a double: the black off the yellow-side cushion to the green middle pocket".</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="frame">The frame before it.</param>
    public static string Say(IndirectPot pot, FrameState frame) =>
        $"{Article(pot, frame)}: {Balls(pot, frame, "the marked red")} to the {NameWords.Of(pot.Pocket)}";

    /// <summary>The pot as somebody has it: "a plant of the red by the pink onto a red to the green top pocket".</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="frame">The frame.</param>
    public static string Has(IndirectPot pot, FrameState frame) =>
        $"{Article(pot, frame)}, {Balls(pot, frame, "a red")} to the {NameWords.Of(pot.Pocket)}";

    /// <summary>Room for error to either side of the aim, in metres at the first contact.</summary>
    /// <param name="solution">The stroke.</param>
    public static double Room(IndirectSolution solution)
    {
        ArgumentNullException.ThrowIfNull(solution);
        return solution.Window.WidthRadians / 2 * solution.Run;
    }

    /// <summary>A pot, how often it goes, and how much room for error there is.</summary>
    /// <param name="entry">The pot.</param>
    /// <param name="frame">The frame before it.</param>
    /// <param name="names">The names of the balls.</param>
    public static string Entry(IndirectEntry entry, FrameState frame, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var pot = entry.Solution.Pot;
        var room = (1000 * Room(entry.Solution)).ToString("0.0", CultureInfo.InvariantCulture);
        return $"{EventWords.Capital(Name(pot, frame))}: {Balls(pot, names.The(pot.First), names.The(pot.Other))} to the "
            + $"{NameWords.Of(pot.Pocket)}, {ChanceWords.Say(entry.Chance.Share)}. Room {room} mm to either side.";
    }

    /// <summary>What there is in a sentence.</summary>
    /// <param name="found">The pots, the likeliest first.</param>
    public static string Summary(IReadOnlyList<IndirectEntry> found)
    {
        ArgumentNullException.ThrowIfNull(found);
        if (found.Count == 0) return "Nothing goes off a cushion or another ball.";
        var best = found[0].Chance.Share;
        if (best < WorthALook) return "Nothing off a cushion or another ball is worth it.";
        return best >= Likely
            ? $"One of these goes {ChanceWords.Say(best)}: worth a look."
            : $"The best of these goes {ChanceWords.Say(best)}: a last resort.";
    }

    private static string Article(IndirectPot pot, FrameState frame) =>
        $"{(pot.Way == IndirectWay.InOff ? "an" : "a")} {Name(pot, frame)}";

    private static string Balls(IndirectPot pot, FrameState frame, string red)
    {
        var first = BreakWords.Ball(pot.First, frame, red);
        var other = BreakWords.Ball(pot.Other, frame, BallSet.IsRed(pot.First) ? "another red" : "a red");
        return Balls(pot, first, other);
    }

    private static string Balls(IndirectPot pot, string first, string other) => pot.Way switch
    {
        IndirectWay.OneCushion => $"{first} off the {NameWords.Of(pot.Cushion!.Value)}",
        IndirectWay.TwoCushions => $"{first} off the {NameWords.Of(pot.Cushion!.Value)} and the {NameWords.Of(pot.SecondCushion!.Value)}",
        IndirectWay.Plant => $"{first} onto {other}, which goes",
        IndirectWay.Cannon => $"off {first} onto {other}, which goes",
        _ => $"{first} off {other}",
    };

    private static bool IsSet(IndirectPot pot, FrameState frame)
    {
        var (first, other) = (PlaceOf(pot.First, frame), PlaceOf(pot.Other, frame));
        return first.DistanceTo(other) - frame.Gauge.Diameter <= IndirectGauge.SetGap;
    }

    private static Place PlaceOf(BallId ball, FrameState frame) => frame.Balls.First(placed => placed.Ball == ball).Place;
}
