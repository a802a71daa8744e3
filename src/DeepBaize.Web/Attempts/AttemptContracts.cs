using DeepBaize.Planning.Attempts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Attempts;

/// <summary>A line-up that is attempted again and again.</summary>
/// <param name="LineUp">Its rules.</param>
/// <param name="Balls">The balls with which each attempt begins.</param>
/// <param name="Player">Name or id of the player on the shelf; absent when nobody is said.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public record TaskInput(
    LineUpInput LineUp, IReadOnlyList<BallPlace> Balls, string? Player = null, string? Profile = null,
    CoefficientsInput? Coefficients = null);

/// <summary>An attempt at it that is over.</summary>
/// <param name="LineUp">The rules of the line-up.</param>
/// <param name="Balls">The balls with which it began.</param>
/// <param name="Points">Points that it made.</param>
/// <param name="End">How it ended.</param>
/// <param name="Player">Name or id of the player on the shelf; absent when nobody is said.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record AttemptInput(
    LineUpInput LineUp, IReadOnlyList<BallPlace> Balls, int Points, [Codes(typeof(AttemptEnd))] string End, string? Player = null,
    string? Profile = null, CoefficientsInput? Coefficients = null) : TaskInput(LineUp, Balls, Player, Profile, Coefficients);

/// <summary>An attempt of before.</summary>
/// <param name="Points">Points that it made.</param>
/// <param name="End">How it ended.</param>
public sealed record AttemptOutput(int Points, [Codes(typeof(AttemptEnd))] string End);

/// <summary>What all attempts at the same line-up came to.</summary>
/// <param name="Count">How many there were.</param>
/// <param name="Cleared">How many cleared everything.</param>
/// <param name="Best">The most points of one.</param>
/// <param name="Mean">Points of one in the mean.</param>
/// <param name="Last">The last ones, the newest first.</param>
/// <param name="Words">In words.</param>
public sealed record TallyResponse(int Count, int Cleared, int Best, double Mean, IReadOnlyList<AttemptOutput> Last, string Words);
