using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Escapes;

/// <summary>A way to a ball that is on.</summary>
/// <param name="Cushions">The cushions in order.</param>
/// <param name="UsesJaw">True when it meets the jaw of a pocket.</param>
/// <param name="Ball">The ball that is met.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="ComesOff">How often it is legal.</param>
/// <param name="Worth">What it is worth to both sides, in points as they count with the score.</param>
/// <param name="OpponentScores">Chance, 0 to 1, that the opponent scores next.</param>
/// <param name="Mark">The point on the first cushion in words; null without a cushion.</param>
/// <param name="Point">The white's centre there.</param>
/// <param name="Window">The ends of what hits, by the white's centre on that cushion; empty without a cushion.</param>
/// <param name="WidthMrad">Width of the window in mrad.</param>
/// <param name="SoftestPace">Softest pace of those tried at which it is the same way, about as wide.</param>
/// <param name="HardestPace">The hardest.</param>
/// <param name="Path">The white's way: where it lies, where it meets rubber, and where it meets the ball.</param>
/// <param name="Mirror">The same way as in a mirror, without friction; empty when there is none.</param>
/// <param name="Family">Places of the white, a grid, from which the same point on the cushion still brings it there.</param>
/// <param name="Words">The way in a sentence.</param>
/// <param name="SafeSide">On which side to be wrong; null when it is all the same.</param>
/// <param name="Rows">How exact it must be, what a mirror says, what is left.</param>
public sealed record EscapeRouteOutput(
    [Codes(typeof(CushionId))] IReadOnlyList<string> Cushions, bool UsesJaw, string Ball, StrokeInput Stroke, ChanceOutput ComesOff,
    double Worth, double OpponentScores, string? Mark, PlaceOutput? Point, IReadOnlyList<PlaceOutput> Window, double WidthMrad,
    double SoftestPace, double HardestPace, IReadOnlyList<PlaceOutput> Path, IReadOnlyList<PlaceOutput> Mirror,
    IReadOnlyList<PlaceOutput> Family, string Words, string? SafeSide, IReadOnlyList<RowOutput> Rows);

/// <summary>Ways to hit a ball that is on, so far.</summary>
/// <param name="Sentence">The answer in one sentence.</param>
/// <param name="Decisive">The words in it that decide.</param>
/// <param name="IsSnookered">True when no ball that is on can be hit on both its edges.</param>
/// <param name="Snooker">What is snookered, and by what.</param>
/// <param name="Routes">The ways, the best first.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="Seed">The seed.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record EscapeAnswer(
    string Sentence, IReadOnlyList<string> Decisive, bool IsSnookered, string Snooker, IReadOnlyList<EscapeRouteOutput> Routes, int Played,
    int Seed, bool IsFinal);

/// <summary>Ways to a ball that is on while balls are moved.</summary>
/// <param name="IsSnookered">True when no ball that is on can be hit on both its edges.</param>
/// <param name="Ways">The white's ways, the widest first.</param>
public sealed record EscapeSketch(bool IsSnookered, IReadOnlyList<IReadOnlyList<PlaceOutput>> Ways);
