namespace DeepBaize.Planning.Players;

/// <content>
/// Written by <c>bench -- presets</c>: seed 2026, 20000 strokes for each trial, engine of 2026-11-25; the rates beside each were played
/// with the next seed.
/// </content>
public static partial class HousePlayers
{
    /// <summary>Black off its spot 45.5 %, wanted 45; long straight pot 15.8 %.</summary>
    private const double StarterMrad = 2.632;

    /// <summary>Black off its spot 79.7 %, wanted 80; long straight pot 31.9 %.</summary>
    private const double ClubMrad = 1.343;

    /// <summary>Black off its spot 92.2 %, wanted 92; long straight pot 40.4 %.</summary>
    private const double LeagueMrad = 1.043;

    /// <summary>Black off its spot 98.1 %, wanted 98; long straight pot 50.9 %.</summary>
    private const double ExpertMrad = 0.801;
}
