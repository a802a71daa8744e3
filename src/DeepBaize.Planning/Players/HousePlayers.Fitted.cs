namespace DeepBaize.Planning.Players;

/// <content>
/// Written by <c>bench -- presets</c>: seed 2026, 20000 strokes for each trial, engine of
/// 2026-11-30; the rates beside each were played with the next seed.
/// </content>
public static partial class HousePlayers
{
    /// <summary>Black off its spot 45.6 %, wanted 45; long straight pot 17.9 %.</summary>
    private const double StarterMrad = 2.143;

    /// <summary>Black off its spot 80.0 %, wanted 80; long straight pot 36.1 %.</summary>
    private const double ClubMrad = 1.082;

    /// <summary>Black off its spot 92.4 %, wanted 92; long straight pot 45.1 %.</summary>
    private const double LeagueMrad = 0.850;

    /// <summary>Black off its spot 98.2 %, wanted 98; long straight pot 56.5 %.</summary>
    private const double ExpertMrad = 0.654;
}
