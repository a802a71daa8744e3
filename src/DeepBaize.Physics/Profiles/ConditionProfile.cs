using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Profiles;

/// <summary>A table with its balls and cue.</summary>
/// <param name="Id">Stable id, such as <c>slow-old-cloth</c>.</param>
/// <param name="Conditions">Its coefficients.</param>
public sealed record ConditionProfile(string Id, PlayingConditions Conditions)
{
    /// <summary>The outline of its table, built once.</summary>
    public TableOutline Outline { get; } = new(Conditions.Pockets);
}

/// <summary>
/// The profiles that come with the house. All but the club's values are invented for the demo, within published ranges.
/// </summary>
public static class HouseProfiles
{
    /// <summary>The house club table, on which everything is based.</summary>
    public static ConditionProfile Club { get; } = new("club", PlayingConditions.Club);

    /// <summary>A fast table with tight pockets.</summary>
    public static ConditionProfile Match { get; } = new("match", Based(
        table => table with { SlidingFriction = 0.195, RollingFriction = 0.0095, CushionRestitutionLoss = 0.006 },
        balls => balls with { Restitution = 0.96, FrictionFactor = 0.9 },
        new PocketCut(0.078, 0.090, 0.025, 0.088, 0.030, 0.030, 0.050)));

    /// <summary>Worn cloth, tired cushions, dirty balls.</summary>
    public static ConditionProfile SlowOldCloth { get; } = new(
        "slow-old-cloth",
        Based(
            table => table with
            {
                SlidingFriction = 0.245,
                RollingFriction = 0.017,
                Nap = 0.0008,
                CushionRestitution = 0.93,
                CushionRestitutionLoss = 0.012,
                CushionFriction = 0.17,
                CushionLiveliness = new CushionLiveliness(1, 1, 1, 0.96),
            },
            balls => balls with { Restitution = 0.93, FrictionFactor = 1.8 },
            new PocketCut(0.086, 0.090, 0.025, 0.096, 0.030, 0.030, 0.050)));

    /// <summary>Everything runs.</summary>
    public static ConditionProfile Lively { get; } = new("lively", Based(
        table => table with
        {
            SlidingFriction = 0.18,
            RollingFriction = 0.0085,
            CushionRestitution = 0.995,
            CushionRestitutionLoss = 0.004,
            CushionFriction = 0.12
        },
        balls => balls with { Restitution = 0.965 },
        PocketCut.Club));

    /// <summary>All of them, the club's first.</summary>
    public static IReadOnlyList<ConditionProfile> All { get; } = [Club, Match, SlowOldCloth, Lively];

    /// <summary>The profile with an id, in capitals or not; null when there is none.</summary>
    public static ConditionProfile? Find(string id) =>
        All.FirstOrDefault(profile => string.Equals(profile.Id, id, StringComparison.OrdinalIgnoreCase));

    private static PlayingConditions Based(
        Func<TableCoefficients, TableCoefficients> table, Func<BallCoefficients, BallCoefficients> balls, PocketCut pockets)
    {
        var club = PlayingConditions.Club;
        return club with { Table = table(club.Table), Balls = balls(club.Balls), Pockets = pockets };
    }
}
