using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;

namespace DeepBaize.Web.Reading;

/// <summary>A pot.</summary>
/// <param name="Ball">The object ball: red1 to red15, yellow, green, brown, blue, pink or black.</param>
/// <param name="Pocket">yellow, green, middleYellowSide, middleGreenSide, topYellowSide or topGreenSide.</param>
/// <param name="Part">middle (absent), nearJaw, farJaw, or opening: the middle of the lines that drop.</param>
public sealed record PotInput(string Ball, [Codes(typeof(PocketId))] string Pocket, [Codes(typeof(PocketPart))] string? Part = null);
