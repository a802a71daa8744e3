namespace DeepBaize.Planning.Players;

/// <content>
/// Written by <c>bench -- presets</c>: seed 2026, 20000 strokes for each trial, engine of
/// 2026-11-30; the rates beside each were played with the next seed.
/// </content>
public static partial class HousePlayers
{
    /// <summary>Black off its spot 45.2 %, wanted 45; long straight pot 17.9 %.</summary>
    private const double StarterMrad = 2.152;

    /// <summary>Half a tip of side on a pot at 1 m costs 10.8 points, wanted 10.</summary>
    private const double StarterJudged = 0.120;

    /// <summary>Black off its spot 80.2 %, wanted 80; long straight pot 36.1 %.</summary>
    private const double ClubMrad = 1.077;

    /// <summary>Half a tip of side on a pot at 1 m costs 7.9 points, wanted 8.</summary>
    private const double ClubJudged = 0.040;

    /// <summary>Black off its spot 92.3 %, wanted 92; long straight pot 45.3 %.</summary>
    private const double LeagueMrad = 0.850;

    /// <summary>Half a tip of side on a pot at 1 m costs 3.7 points, wanted 4.</summary>
    private const double LeagueJudged = 0.022;

    /// <summary>Black off its spot 98.1 %, wanted 98; long straight pot 56.4 %.</summary>
    private const double ExpertMrad = 0.655;

    /// <summary>Half a tip of side on a pot at 1 m costs 0.9 points, wanted 1.</summary>
    private const double ExpertJudged = 0.007;
}
