using DeepBaize.Physics.Impacts;
using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>One edge of the window of directions that pot.</summary>
/// <param name="DirectionRadians">The cue's line at the edge.</param>
/// <param name="HeadingRadians">Heading from white to ball at contact there, as the white is aimed.</param>
/// <param name="Contact">Centre of the white at contact there.</param>
/// <param name="Offset">Signed metres by which the ball's line then passes the pocket point, positive to the left of its way.</param>
public readonly record struct WindowEdge(double DirectionRadians, double HeadingRadians, Place Contact, double Offset);

/// <summary>The unbroken interval of directions that pot at this pace.</summary>
/// <param name="Thick">The edge with the fuller contact; for a straight pot that to the right.</param>
/// <param name="Thin">The edge with the thinner contact; for a straight pot that to the left.</param>
/// <param name="Distance">Metres from the object ball to the pocket point.</param>
public sealed record PotWindow(WindowEdge Thick, WindowEdge Thin, double Distance)
{
    /// <summary>
    /// Width at the pocket in metres, across the ball's way: the turn between the lines of centres at its edges over the distance. A ball
    /// on a cushion is held to one line by it, and what passes the pocket point says nothing there; how it is sent does.
    /// </summary>
    public double WidthAtPocket => Turn * Distance;

    /// <summary>Heading from white to ball in the middle of the window.</summary>
    public double MiddleHeadingRadians =>
        Thin.HeadingRadians + Math.IEEERemainder(Thick.HeadingRadians - Thin.HeadingRadians, Math.Tau) / 2;

    /// <summary>True when a heading from white to ball lies within the window.</summary>
    public bool Holds(double headingRadians) => Math.Abs(Math.IEEERemainder(headingRadians - MiddleHeadingRadians, Math.Tau)) <= Turn / 2;

    /// <summary>Width at the cue in radians.</summary>
    public double WidthRadians => Math.Abs(Math.IEEERemainder(Thick.DirectionRadians - Thin.DirectionRadians, Math.Tau));

    /// <summary>Radians between the lines of centres at its edges.</summary>
    private double Turn => Math.Abs(Math.IEEERemainder(Thick.HeadingRadians - Thin.HeadingRadians, Math.Tau));
}

/// <summary>The stroke that pots a ball.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Strike">The stroke.</param>
/// <param name="Line">The pot as plain geometry.</param>
/// <param name="Contact">Centre of the white at contact, as simulated.</param>
/// <param name="CutRadians">Signed cut at contact, as simulated; positive to the left.</param>
/// <param name="Offset">Signed metres by which the ball's line passes the pocket point, positive to the left of its way.</param>
/// <param name="ArrivalSpeed">Speed in m/s with which the ball comes to the pocket.</param>
/// <param name="Window">The directions that pot; null when it was not asked for.</param>
/// <param name="IsPartial">True when the wanted part of the pocket is shut and another part was taken.</param>
/// <param name="HeadingRadians">Heading from white to ball at contact, as the white is aimed.</param>
public sealed record PotSolution(
    Pot Pot, Strike Strike, PottingLine Line, Place Contact, double CutRadians, double Offset, double ArrivalSpeed, PotWindow? Window,
    bool IsPartial, double HeadingRadians)
{
    /// <summary>How much of the ball is covered at contact: 1 full, 0 the finest edge.</summary>
    public double Fraction => 1 - Math.Sin(Math.Abs(CutRadians));

    /// <summary>Radians that the direction may turn to the thick side; NaN without a window.</summary>
    public double ThickMargin => Margin(Window?.Thick);

    /// <summary>Radians that the direction may turn to the thin side; NaN without a window.</summary>
    public double ThinMargin => Margin(Window?.Thin);

    private double Margin(WindowEdge? edge) =>
        edge is { } at ? Math.Abs(Math.IEEERemainder(at.DirectionRadians - Strike.DirectionRadians, Math.Tau)) : double.NaN;
}

/// <summary>The answer to a question for a pot: a stroke, or the reason why there is none.</summary>
/// <param name="Solution">The stroke; null when there is none.</param>
/// <param name="Refusal">Why there is none, or why only in part; null when the wanted part is open.</param>
/// <param name="Towards">
/// The stroke that would send the ball on the wanted line if nothing were in the way and the pace sufficed; null when there is no such
/// line.
/// </param>
public sealed record PotAnswer(PotSolution? Solution, NoPot? Refusal, Strike? Towards = null);
