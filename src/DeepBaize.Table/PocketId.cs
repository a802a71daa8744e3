namespace DeepBaize.Table;

/// <summary>The six pockets, named so that the name holds from wherever the table is seen.</summary>
public enum PocketId
{
    /// <summary>Corner pocket at the baulk end on the yellow's side (x = 0, y = 0).</summary>
    Yellow,

    /// <summary>Corner pocket at the baulk end on the green's side (x = 0, y = width).</summary>
    Green,

    /// <summary>Middle pocket on the yellow's side.</summary>
    MiddleYellowSide,

    /// <summary>Middle pocket on the green's side.</summary>
    MiddleGreenSide,

    /// <summary>Corner pocket at the top end on the yellow's side.</summary>
    TopYellowSide,

    /// <summary>Corner pocket at the top end on the green's side.</summary>
    TopGreenSide,
}

/// <summary>Facts about pockets.</summary>
public static class Pockets
{
    /// <summary>The pocket on the other side of the table, at the same end.</summary>
    public static PocketId Mirrored(PocketId pocket) => pocket switch
    {
        PocketId.Yellow => PocketId.Green,
        PocketId.Green => PocketId.Yellow,
        PocketId.MiddleYellowSide => PocketId.MiddleGreenSide,
        PocketId.MiddleGreenSide => PocketId.MiddleYellowSide,
        PocketId.TopYellowSide => PocketId.TopGreenSide,
        PocketId.TopGreenSide => PocketId.TopYellowSide,
        _ => throw new ArgumentOutOfRangeException(nameof(pocket), pocket, "Unknown pocket."),
    };
}
