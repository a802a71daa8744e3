namespace DeepBaize.Web.Reading;

/// <summary>The stroke. Exactly one of pace, whiteSpeed and cueSpeed is given.</summary>
/// <param name="DirectionDeg">The cue's line in degrees: 0 up the table, anticlockwise seen from above.</param>
/// <param name="Pace">Pace from 1 to 10.</param>
/// <param name="WhiteSpeed">Speed of the white off the tip in m/s.</param>
/// <param name="CueSpeed">Speed of the cue in m/s.</param>
/// <param name="Side">Contact point right of centre seen along the cue, in ball radii.</param>
/// <param name="Height">Contact point above centre seen along the cue, in ball radii.</param>
/// <param name="ElevationDeg">How far the butt is raised, 0 to 80.</param>
/// <param name="LeastButt">
/// True to raise it at least as far as cushion and balls behind the white ask for, never under 2 degrees; false (absent) for just that
/// elevation, whatever is behind the white. Questions about pots, chances and breaks always raise it so.
/// </param>
public sealed record StrikeInput(
    double DirectionDeg,
    double? Pace = null,
    double? WhiteSpeed = null,
    double? CueSpeed = null,
    double Side = 0,
    double Height = 0,
    double ElevationDeg = 0,
    bool LeastButt = false);

/// <summary>A white that sets off by itself, instead of a stroke.</summary>
/// <param name="Velocity">Velocity in m/s: x, y, z; the bed answers a downward z at once.</param>
/// <param name="Spin">Angular velocity in rad/s: x, y, z.</param>
public sealed record InitialInput(IReadOnlyList<double> Velocity, IReadOnlyList<double> Spin);
