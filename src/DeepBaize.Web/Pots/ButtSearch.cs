using DeepBaize.Planning.Aiming;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>The same tip and pace with a level cue and with the butt up.</summary>
/// <param name="ElevationDeg">How far the butt is raised.</param>
/// <param name="Title">That in words.</param>
/// <param name="IsPotted">True when the ball can be potted so.</param>
/// <param name="RiseMm">How high the white hops.</param>
/// <param name="BackM">How far the white comes back from the contact.</param>
/// <param name="RoomMm">Room for error, as a width at the pocket.</param>
/// <param name="Words">All of it in words, or why the ball cannot be potted.</param>
public sealed record ButtWayOutput(
    double ElevationDeg, string Title, bool IsPotted, double RiseMm, double BackM, double RoomMm, IReadOnlyList<string> Words);

/// <summary>Level or dug down?</summary>
/// <param name="Level">With a level cue.</param>
/// <param name="Raised">With the butt up: as it is set, or a usual way when it is not raised.</param>
/// <param name="Recipe">How to play it.</param>
/// <param name="Caution">What to mind; null when there is nothing.</param>
public sealed record ButtResponse(ButtWayOutput Level, ButtWayOutput Raised, string Recipe, string? Caution);

/// <summary>Compares a stroke with a level cue and with the butt up.</summary>
internal static class ButtSearch
{
    /// <summary>Both ways.</summary>
    /// <exception cref="Problems.RefusalException">The request is wrong or its ball is not on the table.</exception>
    public static ButtResponse Find(PotQuestion question)
    {
        var scene = PotReader.ReadWithBall(question);
        var (level, raised) = ButtWays.Of(new StrokePlayer(scene.Table), scene.Layout, scene.Pot, scene.Dials);
        return new ButtResponse(
            ToWay(level, scene), ToWay(raised, scene), ButtWords.Recipe(scene.Dials), ButtWords.Mind(raised, scene.PaceOf(scene.Dials)));
    }

    private static ButtWayOutput ToWay(ButtWay way, PotScene scene)
    {
        var room = 1000 * (way.Solution?.Window?.WidthAtPocket ?? 0);
        IReadOnlyList<string> words = way.Stroke is null
            ? [way.Refusal is { } refusal ? PotWords.Why(refusal, scene.Pot, scene.Table.Diameter, scene.Names) : ""]
            : [.. new[] { ButtWords.Rise(way), ButtWords.Back(way), ButtWords.Room(room) }.OfType<string>()];
        return new ButtWayOutput(
            way.ElevationDegrees, ButtWords.Title(way), way.Stroke is not null, 1000 * (way.Stroke?.Rise ?? 0), way.Back, room, words);
    }
}
