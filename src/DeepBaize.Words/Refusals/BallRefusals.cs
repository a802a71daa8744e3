using DeepBaize.Table;

namespace DeepBaize.Words.Refusals;

/// <summary>Why balls and places are refused. What is wrong between balls is said by <see cref="LayoutWords"/>.</summary>
public static class BallRefusals
{
    private const int LongestId = 24;

    /// <summary>Balls that cannot stand as given.</summary>
    public const string CannotStand = "The balls cannot stand like this";

    /// <summary>Balls of ids that are none.</summary>
    public const string UnknownBall = "Unknown ball";

    /// <summary>More balls than a set has.</summary>
    public const string TooMany = "Too many balls";

    /// <summary>A ball that a list lacks.</summary>
    /// <param name="number">Its place in the list, from 1.</param>
    public static string Missing(int number) => $"Ball {number} is missing.";

    /// <summary>An id that is none.</summary>
    public static Refused Unknown(string? id) => new(UnknownBall, $"There is no ball called \"{Shorten(id)}\".");

    /// <summary>A ball that cannot be laid, since there is none of that id.</summary>
    public static Refused NothingToLay { get; } = new(UnknownBall, "There is no such ball to lay.");

    /// <summary>A ball to pot that is the white, or none.</summary>
    public static Refused NotToBePotted(bool isWhite) => new(
        UnknownBall, isWhite ? "The white is not potted; name another ball." : "There is no ball of that name.");

    /// <summary>Two entries that are no two balls.</summary>
    /// <param name="number">The entry, from 1.</param>
    public static Refused NoPair(int number) => new("No pair of balls", $"Entry {number} of the touching balls is no pair of two balls.");

    /// <summary>A ball that is needed and not on the table.</summary>
    public static Refused NotThere(BallId ball) =>
        new("The ball is not there", $"The {NameWords.Of(ball)} is not on the table; lay it first.");

    /// <summary>A ball to come upon after a pot that is the potted one.</summary>
    public static Refused SameBall { get; } = new("The same ball", "The second ball is another than the one that is potted.");

    /// <summary>A place that is none.</summary>
    public static Refused NoPlace { get; } = new("Not a place", "The place is not a pair of finite numbers.");

    /// <summary>No ball that can be moved with others.</summary>
    public static Refused NoneChosen { get; } = new("No ball chosen", "Choose balls that are on the table.");

    /// <summary>A change of several balls that is none.</summary>
    public static Refused NoChange { get; } = new("Not a change", "A change has finite numbers.");

    /// <summary>A change that is not known.</summary>
    public static Refused UnknownChange { get; } = new("Unknown change", "Balls are moved, turned or mirrored.");

    /// <summary>Words for a place that are not understood.</summary>
    /// <param name="sentence">Why not.</param>
    public static Refused Words(string sentence) => new("Not understood", sentence);

    /// <summary>No ball to play at.</summary>
    public static Refused NothingUp { get; } = new("No ball is up", "Only the white is on the table: lay the balls first.");

    /// <summary>A white that must be put down first.</summary>
    public static Refused WhiteInHand { get; } = new("The white is in hand", "Put the white in the D first.");

    private static string Shorten(string? id) => id is null ? "" : id.Length <= LongestId ? id : id[..LongestId] + "...";
}
