namespace DeepBaize.Planning.Players;

/// <summary>
/// What an aim allows for by eye: how far the cue is turned from where a ball without friction and a cue without side would want it, in
/// radians, positive to the left.
/// </summary>
/// <param name="PushOff">Against the push-off of side.</param>
/// <param name="Swerve">Against the swerve of side.</param>
/// <param name="Throw">Against how cut and spin throw the ball.</param>
/// <param name="Habit">Share of the usual misjudgement that is left where such allowances are the player's habit; 1 elsewhere.</param>
public readonly record struct AimAllowances(double PushOff, double Swerve, double Throw, double Habit = 1)
{
    /// <summary>An aim that allows for nothing.</summary>
    public static AimAllowances None => new(0, 0, 0);
}
