using System.Text.Json;
using System.Text.Json.Serialization;
using DeepBaize.Data.Shelf;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace DeepBaize.Data.Positions;

/// <summary>A ball in a saved position.</summary>
/// <param name="Id">Ball id as text.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
public sealed record SavedBall(string Id, double X, double Y)
{
    /// <summary>Lists of balls are replaced, not changed.</summary>
    internal static ValueComparer<IReadOnlyList<SavedBall>> Comparer { get; } =
        new((one, other) => ReferenceEquals(one, other), balls => balls.Count, balls => balls);

    internal static string Write(IReadOnlyList<SavedBall> balls) => JsonSerializer.Serialize(balls, JsonSerializerOptions.Web);

    internal static IReadOnlyList<SavedBall> Read(string json) =>
        JsonSerializer.Deserialize<IReadOnlyList<SavedBall>>(json, JsonSerializerOptions.Web)!;
}

/// <summary>The stroke that was set when the position was saved.</summary>
/// <param name="DirectionDeg">Degrees anticlockwise from straight up the table.</param>
/// <param name="WhiteSpeed">Speed of the white off the tip in m/s: the same stroke whatever paces are called.</param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
/// <param name="ElevationDeg">How far the butt is raised.</param>
public sealed record SavedStroke(double DirectionDeg, double WhiteSpeed, double Side, double Height, double ElevationDeg = 0);

/// <summary>What the stroke is for; its kind stands beside what belongs to it.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(SavedPot), "pot")]
[JsonDerivedType(typeof(SavedHit), "hit")]
[JsonDerivedType(typeof(SavedReach), "reach")]
public abstract record SavedIntent;

/// <summary>A ball is potted.</summary>
/// <param name="Ball">Ball id as text.</param>
/// <param name="Pocket">Pocket id as text.</param>
/// <param name="Part">middle, nearJaw, farJaw or opening.</param>
/// <param name="Keep">True when the aim followed the pot.</param>
public sealed record SavedPot(string Ball, string Pocket, string Part, bool Keep) : SavedIntent;

/// <summary>A ball is met before any other.</summary>
/// <param name="Ball">Ball id as text.</param>
public sealed record SavedHit(string Ball) : SavedIntent;

/// <summary>The white comes to rest about a place.</summary>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
/// <param name="Within">How far off it may be in metres.</param>
public sealed record SavedReach(double X, double Y, double Within) : SavedIntent;

/// <summary>With what a position was made: documents as they were then, which stay true when the shelf changes.</summary>
/// <param name="Table">What table and balls differed in from the profile; null when in nothing.</param>
/// <param name="Cue">What the cue differed in, the player's own paces among it; null when in nothing.</param>
/// <param name="Player">The player; null when none was said.</param>
public sealed record SavedSetting(SavedCoefficients? Table = null, SavedCueInUse? Cue = null, SavedPlayer? Player = null);

/// <summary>A place on the cloth.</summary>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
public sealed record SavedPlace(double X, double Y);

/// <summary>A mark on the cloth.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">whitePlace, target, gate or zone.</param>
/// <param name="Places">Its places.</param>
/// <param name="Radius">Radius of a target in metres.</param>
/// <param name="Text">A word or two beside it.</param>
public sealed record SavedMark(string Id, string Kind, IReadOnlyList<SavedPlace> Places, double? Radius = null, string Text = "");

/// <summary>Scores of a frame.</summary>
/// <param name="Player">Points of the player at the table.</param>
/// <param name="Opponent">Points of the opponent.</param>
public sealed record SavedScores(int Player, int Opponent);

/// <summary>The state of play; what is null is inferred from the balls or not known.</summary>
/// <param name="On">red, colour, or the one colour that is on.</param>
/// <param name="Nominated">The ball that is nominated.</param>
/// <param name="InHand">True when the white is in hand.</param>
/// <param name="FreeBall">True when the player has a free ball.</param>
/// <param name="Scores">The scores.</param>
/// <param name="Break">Points of the break so far.</param>
/// <param name="MissCount">Misses called from here.</param>
/// <param name="Practice">True in free practice; since version 8.</param>
public sealed record SavedState(
    string? On = null, string? Nominated = null, bool InHand = false, bool FreeBall = false, SavedScores? Scores = null, int? Break = null,
    int MissCount = 0, bool Practice = false);
