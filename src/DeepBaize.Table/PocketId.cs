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
