using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>Why a ball cannot be potted, or only in part.</summary>
public enum NoPotReason
{
    /// <summary>The ball is not on the table.</summary>
    NotOnTable,

    /// <summary>The white touches the object ball: it must be played away from it.</summary>
    WhiteTouches,

    /// <summary>The cut is beyond the finest edge.</summary>
    TooThin,

    /// <summary>Another ball stands in the way of the white.</summary>
    WhiteBlocked,

    /// <summary>Another ball stands in the way of the object ball.</summary>
    BallBlocked,

    /// <summary>A cushion or jaw keeps the white from the contact.</summary>
    CushionBeforeContact,

    /// <summary>The pocket does not open towards the ball: a cushion or the mouth is in its way.</summary>
    PocketClosed,

    /// <summary>A jaw catches the ball at this pace.</summary>
    JawCatches,

    /// <summary>At this pace the ball stops before the pocket.</summary>
    PaceFallsShort,
}

/// <summary>A typed refusal of a pot.</summary>
/// <param name="Reason">Why.</param>
/// <param name="Blocker">The ball in the way, where one is.</param>
/// <param name="ClearanceMetres">
/// Distance of that ball's centre from the line that it blocks; a clear line needs a ball's diameter. NaN for none.
/// </param>
/// <param name="CutDegrees">The cut that would be needed.</param>
public sealed record NoPot(NoPotReason Reason, BallId? Blocker = null, double ClearanceMetres = double.NaN, double CutDegrees = double.NaN);
