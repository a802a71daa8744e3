namespace DeepBaize.Web.Reading;

/// <summary>A table with its balls: a profile of the house and what differs from it.</summary>
/// <param name="Profile">Id of the profile; absent is the club table.</param>
/// <param name="Coefficients">What differs.</param>
/// <param name="MeasuredOn">When it was measured; absent until then.</param>
public sealed record TableDocument(string? Profile = null, CoefficientsInput? Coefficients = null, DateOnly? MeasuredOn = null);

/// <summary>A cue; what is absent is the house's.</summary>
/// <param name="Mass">Mass in kg.</param>
/// <param name="EndMassRatio">Ball mass over the cue's effective end mass.</param>
/// <param name="MaxSpeed">Greatest cue speed in m/s that the player delivers with it.</param>
/// <param name="TipChangedOn">When the tip was changed.</param>
public sealed record CueDocument(double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, DateOnly? TipChangedOn = null);
