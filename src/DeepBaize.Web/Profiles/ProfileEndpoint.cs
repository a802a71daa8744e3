using DeepBaize.Physics.Profiles;
using DeepBaize.Words;

namespace DeepBaize.Web.Profiles;

/// <summary>One coefficient of a profile.</summary>
/// <param name="Field">The field as requests name it.</param>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit; empty for a plain number.</param>
/// <param name="Value">Its value here.</param>
/// <param name="Club">Its value on the club table.</param>
/// <param name="Least">Lower end of its range.</param>
/// <param name="Most">Upper end of its range.</param>
/// <param name="Source">Where the club's value comes from.</param>
public sealed record CoefficientOutput(
    string Field, string Name, string Unit, double Value, double Club, double Least, double Most, string Source);

/// <summary>A profile with everything in it.</summary>
/// <param name="Id">Stable id, to be sent as profile.</param>
/// <param name="Name">What players call it.</param>
/// <param name="About">What it is like, in a sentence.</param>
/// <param name="Coefficients">Its coefficients.</param>
public sealed record ProfileOutput(string Id, string Name, string About, IReadOnlyList<CoefficientOutput> Coefficients);

/// <summary>Route of the profiles.</summary>
public static class ProfileEndpoint
{
    /// <summary>Maps the route.</summary>
    public static void MapProfiles(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/profiles", () => HouseProfiles.All.Select(Describe))
            .WithName("Profiles")
            .WithSummary("Tables, balls and cues by name, with every coefficient, its range and its source.");
    }

    private static ProfileOutput Describe(ConditionProfile profile) => new(
        profile.Id,
        ProfileWords.Name(profile),
        ProfileWords.About(profile),
        [.. Coefficients.All.Select(coefficient => new CoefficientOutput(
            coefficient.Field,
            CoefficientWords.Name(coefficient),
            coefficient.Unit,
            coefficient.Of(profile.Conditions),
            coefficient.Of(HouseProfiles.Club.Conditions),
            coefficient.Least,
            coefficient.Most,
            CoefficientWords.Source(coefficient)))]);
}
