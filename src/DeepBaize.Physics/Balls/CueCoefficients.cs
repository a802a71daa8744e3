namespace DeepBaize.Physics.Balls;

/// <summary>A player's cue and what the player can do with it.</summary>
public sealed record CueCoefficients
{
    /// <summary>Mass in kg, above 0 to 2 (snooker cues weigh 0.45-0.55 kg; from memory).</summary>
    public double Mass { get; init; } = 0.5;

    /// <summary>Ball mass divided by the cue's effective end mass, 0 to 1000; decides the push-off (default from memory).</summary>
    public double EndMassRatio { get; init; } = 25;

    /// <summary>Greatest cue speed in m/s that the player delivers, above 0 to 20 (from memory).</summary>
    public double MaxSpeed { get; init; } = 5;

    /// <summary>What the player calls the speeds of the white: the pace scale.</summary>
    public PaceScale Paces { get; init; } = PaceScale.House;
}
