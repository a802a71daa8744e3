using DeepBaize.Physics.Balls;

namespace DeepBaize.Planning.Players;

/// <summary>The four players that come with the house. What their hands do is fitted to how often such players pot.</summary>
public static partial class HousePlayers
{
    /// <summary>Somebody who plays now and then.</summary>
    public static PlayerProfile Starter { get; } = Of("starter", StarterMrad, 2.5, 0.12, 5, StarterJudged);

    /// <summary>A regular of a club.</summary>
    public static PlayerProfile Club { get; } = Of("club", ClubMrad, 1.5, 0.08, 2.5, ClubJudged);

    /// <summary>A good league player.</summary>
    public static PlayerProfile League { get; } = Of("league", LeagueMrad, 1.0, 0.05, 1.5, LeagueJudged);

    /// <summary>A very strong player.</summary>
    public static PlayerProfile Expert { get; } = Of("expert", ExpertMrad, 0.6, 0.03, 1, ExpertJudged);

    /// <summary>All of them, the weakest first.</summary>
    public static IReadOnlyList<PlayerProfile> All { get; } = [Starter, Club, League, Expert];

    /// <summary>The player with a name, in capitals or not; null when there is none.</summary>
    public static PlayerProfile? Find(string name) =>
        All.FirstOrDefault(player => string.Equals(player.Name, name, StringComparison.OrdinalIgnoreCase));

    /// <summary>
    /// The errors of a preset: one number for alignment and swing and one for the judgement of allowances, which are fitted, and spreads of
    /// tip height, pace and butt from memory.
    /// </summary>
    /// <param name="directionMrad">Spread of alignment, and of swing, in mrad.</param>
    /// <param name="heightMillimetres">Spread of the tip's height in mm.</param>
    /// <param name="pace">Spread of the pace as a share.</param>
    /// <param name="buttMrad">Spread of the butt's elevation in mrad.</param>
    /// <param name="judged">Share of itself by which each allowance is misjudged.</param>
    public static DeliveryErrors Errors(
        double directionMrad, double heightMillimetres, double pace, double buttMrad, double judged) => new(
        new Spread(directionMrad), new Spread(directionMrad), new Spread(heightMillimetres), new Spread(pace), 0, ErrorFactors.Usual,
        new Spread(buttMrad), EyeErrors.Of(judged));

    private static PlayerProfile Of(
        string name, double directionMrad, double heightMillimetres, double pace, double buttMrad, double judged) =>
        new(name, Physique.Usual, Errors(directionMrad, heightMillimetres, pace, buttMrad, judged), Preferences.Usual, PaceScale.House);
}
