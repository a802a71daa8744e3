namespace DeepBaize.Table;

/// <summary>
/// The standard table in metres, from the official rules (section 1, "The standard table"): the playing area within
/// the faces of the cushions is 3569 mm by 1778 mm, the baulk line 737 mm from the baulk cushion, the D's radius
/// 292 mm, the black spot 324 mm from the top cushion.
/// </summary>
public static class Measurements
{
    /// <summary>Length of the playing area between cushion noses.</summary>
    public const double Length = 3.569;

    /// <summary>Width of the playing area between cushion noses.</summary>
    public const double Width = 1.778;

    /// <summary>Distance of the baulk line from the baulk cushion nose.</summary>
    public const double BaulkLine = 0.737;

    /// <summary>Radius of the D, whose centre is the middle of the baulk line.</summary>
    public const double DRadius = 0.292;

    /// <summary>Distance of the black spot from the top cushion nose.</summary>
    public const double BlackSpotFromTop = 0.324;

    /// <summary>Height of the top of the cushion rail above the bed (from memory; adjustable estimate).</summary>
    public const double RailHeight = 0.042;

    /// <summary>Gap between the pink on its spot and the apex red of the rack (from memory): near, not touching.</summary>
    public const double PinkToApexGap = 0.0005;

    /// <summary>The middle of the table across its width: the line of brown, blue, pink and black spots.</summary>
    public const double CentreLine = Width / 2;
}
