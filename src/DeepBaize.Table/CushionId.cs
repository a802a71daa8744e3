namespace DeepBaize.Table;

/// <summary>The four cushions.</summary>
public enum CushionId
{
    /// <summary>The short cushion at the baulk end (x = 0).</summary>
    Baulk,

    /// <summary>The short cushion at the top end (x = length).</summary>
    Top,

    /// <summary>The long cushion on the yellow's side (y = 0).</summary>
    YellowSide,

    /// <summary>The long cushion on the green's side (y = width).</summary>
    GreenSide,
}

/// <summary>Facts about cushions.</summary>
public static class Cushions
{
    /// <summary>The cushion on the other side of the table; the short ones are their own mirror images.</summary>
    public static CushionId Mirrored(CushionId cushion) => cushion switch
    {
        CushionId.YellowSide => CushionId.GreenSide,
        CushionId.GreenSide => CushionId.YellowSide,
        _ => cushion,
    };
}
