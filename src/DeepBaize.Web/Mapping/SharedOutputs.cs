using DeepBaize.Physics.Balls;

namespace DeepBaize.Web.Mapping;

/// <summary>A place on the bed in metres.</summary>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
public sealed record PlaceOutput(double X, double Y);

/// <summary>A table with its balls and cue, by name.</summary>
/// <param name="Id">Stable id, to be sent as profile.</param>
/// <param name="Name">What players call it.</param>
public sealed record ProfileName(string Id, string Name);

/// <summary>How often something happens.</summary>
/// <param name="Share">Share of the strokes.</param>
/// <param name="Low">Lower end of the 95 % interval.</param>
/// <param name="High">Upper end.</param>
/// <param name="Count">Strokes in which it did.</param>
/// <param name="Of">Strokes played.</param>
/// <param name="Words">In words: "7 in 10".</param>
/// <param name="IsNever">True for what is told as never.</param>
public sealed record ChanceOutput(double Share, double Low, double High, int Count, int Of, string Words, bool IsNever);

/// <summary>A ball after an event.</summary>
/// <param name="Id">The ball.</param>
/// <param name="Position">Centre in metres: x, y, z.</param>
/// <param name="Velocity">Velocity in m/s.</param>
/// <param name="Spin">Angular velocity in rad/s.</param>
/// <param name="Phase">What it does now: atRest, spinning, sliding, rolling or potted.</param>
public sealed record BallStateOutput(
    string Id, IReadOnlyList<double> Position, IReadOnlyList<double> Velocity, IReadOnlyList<double> Spin,
    [Codes(typeof(MotionPhase))] string Phase);
