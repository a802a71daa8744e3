using DeepBaize.Table.Layouts;

namespace DeepBaize.Table.Presets;

/// <summary>The presets of the house, in the order in which they are offered.</summary>
public static class PresetBook
{
    /// <summary>All presets.</summary>
    public static IReadOnlyList<Preset> All { get; } =
    [
        FramePresets.FullFrame, FramePresets.BreakOff, RowPresets.LineUp, RowPresets.Cross, TaskPresets.Fan, TaskPresets.Gap,
        RowPresets.Rail, TaskPresets.UpAndDown, FramePresets.RespottedBlack, TaskPresets.Crescent, TaskPresets.Stairs, TaskPresets.TwoSides,
    ];

    /// <summary>Finds a preset; null when there is none of that id.</summary>
    public static Preset? Find(string id) => All.FirstOrDefault(preset => preset.Id == id);

    /// <summary>The six colours on their spots.</summary>
    internal static IEnumerable<PlacedBall> Colours() => BallSet.Colours.Select(OnSpot);

    /// <summary>A colour on its spot.</summary>
    internal static PlacedBall OnSpot(BallId colour) => new(colour, Spots.Of(colour)!.Value);

    /// <summary>The white at a place.</summary>
    internal static PlacedBall White(double x, double y) => new(BallId.Cue, new Place(x, y));

    /// <summary>Reds at places, numbered from 1.</summary>
    internal static IEnumerable<PlacedBall> Reds(IEnumerable<Place> places) =>
        places.Select((place, i) => new PlacedBall(BallSet.Reds[i], place));

    /// <summary>A mark where the white stands, so that it can be put back.</summary>
    internal static Mark WhiteMark(PlacedBall white) => new("white", MarkKind.WhitePlace, [white.Place]);
}
