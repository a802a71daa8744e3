namespace DeepBaize.Planning.Players;

/// <summary>The hand that holds the butt.</summary>
public enum Hand
{
    /// <summary>Right-handed.</summary>
    Right,

    /// <summary>Left-handed.</summary>
    Left,
}

/// <summary>What a player can reach and with what.</summary>
/// <param name="Hand">The hand that holds the butt.</param>
/// <param name="ShoulderHeight">Height of the shoulder in metres, 0.9 to 1.9.</param>
/// <param name="Reach">Metres from the nose of a cushion to the bridge in a plain stance, 0.4 to 1.2.</param>
/// <param name="Stretch">Metres more when stretched, 0 to 0.5.</param>
/// <param name="CueLength">Length of the cue in metres, 0.914 (official rules, section 1) to 1.7.</param>
/// <param name="Rests">The rests at hand.</param>
public sealed record Physique(Hand Hand, double ShoulderHeight, double Reach, double Stretch, double CueLength, Rests Rests)
{
    /// <summary>Reach as a share of the shoulder's height, when nobody measured it (estimate, common practice, no source).</summary>
    public const double ReachShare = 0.56;

    private const double BelowShoulder = 0.025;

    /// <summary>The cue that suits: about an inch below the shoulder (common practice, no source), in metres.</summary>
    public double SuitableCueLength => ShoulderHeight - BelowShoulder;

    /// <summary>A right-handed player of usual height with all rests.</summary>
    public static Physique Usual { get; } = new(Hand.Right, 1.43, 0.8, 0.2, Physics.Balls.CueShape.UsualLength, Rests.All);
}

/// <summary>The rests that a player has at hand.</summary>
/// <param name="Plain">The rest.</param>
/// <param name="Extension">An extension for cue and rest.</param>
/// <param name="Spider">The spider: a high rest over one ball.</param>
/// <param name="SwanNeck">The swan neck: a high rest that reaches over several balls.</param>
public sealed record Rests(bool Plain, bool Extension, bool Spider, bool SwanNeck)
{
    /// <summary>Everything that a well-equipped table has.</summary>
    public static Rests All { get; } = new(true, true, true, true);
}
