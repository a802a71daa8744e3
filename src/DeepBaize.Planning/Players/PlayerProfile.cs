using DeepBaize.Physics.Balls;

namespace DeepBaize.Planning.Players;

/// <summary>Everything about a player that decides what to play.</summary>
/// <param name="Name">Name.</param>
/// <param name="Physique">What the player can reach.</param>
/// <param name="Errors">What the hands do.</param>
/// <param name="Preferences">The player's school.</param>
/// <param name="Paces">The player's own pace scale.</param>
public sealed record PlayerProfile(string Name, Physique Physique, DeliveryErrors Errors, Preferences Preferences, PaceScale Paces)
{
    /// <summary>
    /// Spread of the white's speed in a plain stance as a share of it: what the player's own paces showed, and where they were not
    /// measured, or from one stroke only, the usual spread, which grows with the pace.
    /// </summary>
    /// <param name="whiteSpeed">The speed that is meant, in m/s above 0.</param>
    public double PaceSpread(double whiteSpeed) => Paces.ScatterAt(Paces.FromSpeed(whiteSpeed)) is > 0 and var measured
        ? measured
        : Errors.Pace.Size * Errors.Factors.AtPace(Pace.FromSpeed(whiteSpeed));

    /// <summary>Everything that keeps the profile from being used; empty when nothing does.</summary>
    public IReadOnlyList<PlayerProblem> Problems() =>
        [.. BodyProblems().Concat(ErrorProblems()).Concat(PreferenceProblems()).OfType<PlayerProblem>()];

    private IEnumerable<PlayerProblem?> BodyProblems() =>
    [
        Outside("shoulderHeight", PlayerFault.ShoulderHeight, Physique.ShoulderHeight, 0.9, 1.9),
        Outside("reach", PlayerFault.Reach, Physique.Reach, 0.4, 1.2),
        Outside("stretch", PlayerFault.Stretch, Physique.Stretch, 0, 0.5),
        Outside("cueLength", PlayerFault.CueLength, Physique.CueLength, 0.914, 1.7),
    ];

    private IEnumerable<PlayerProblem?> ErrorProblems()
    {
        foreach (var (field, spread, most) in new[]
        {
            ("alignment", Errors.Alignment, 50.0), ("swing", Errors.Swing, 50.0), ("heightMm", Errors.Height, 10.0),
            ("butt", Errors.Butt, 100.0),
            ("pace", Errors.Pace, 0.5), ("judgePushOff", Errors.Eye.PushOff, 1), ("judgeSwerve", Errors.Eye.Swerve, 1),
            ("judgeThrow", Errors.Eye.Throw, 1),
        })
        {
            yield return Outside(field, PlayerFault.Spread, spread.Size, 0, most);
            yield return Outside(field, PlayerFault.Bias, spread.Bias, -most, most);
        }

        yield return Outside("sideBiasMm", PlayerFault.SideBias, Errors.SideBias, -10, 10);
        var factors = Errors.Factors;
        yield return Outside("perPace", PlayerFault.PerPace, factors.PerPace, 0, 1);
        yield return Outside("perDegree", PlayerFault.PerDegree, factors.PerDegree, 0, 1);
        foreach (var (field, factor) in new[]
        {
            ("stretched", factors.Stretched), ("rest", factors.Rest), ("extended", factors.Extended), ("highRest", factors.HighRest),
            ("otherHand", factors.OtherHand), ("overBall", factors.OverBall), ("offCushion", factors.OffCushion),
        })
            yield return Outside(field, PlayerFault.Factor, factor, 1, 10);
    }

    private IEnumerable<PlayerProblem?> PreferenceProblems() =>
    [
        Outside("follow", PlayerFault.Preference, Preferences.Follow, 0, 50),
        Outside("stun", PlayerFault.Preference, Preferences.Stun, 0, 50),
        Outside("screw", PlayerFault.Preference, Preferences.Screw, 0, 50),
        Outside("restCost", PlayerFault.Preference, Preferences.Rest, 0, 50),
        Outside("cushion", PlayerFault.Preference, Preferences.Cushion, 0, 50),
        Outside("high", PlayerFault.Preference, Preferences.High, 0, 50),
        Outside("low", PlayerFault.Preference, Preferences.Low, 0, 50),
    ];

    private static PlayerProblem? Outside(string field, PlayerFault fault, double given, double least, double most) =>
        given >= least && given <= most ? null : new PlayerProblem(field, fault, given, least, most);
}

/// <summary>What about a player can be out of range.</summary>
public enum PlayerFault
{
    /// <summary>The height of the shoulder, in metres.</summary>
    ShoulderHeight,

    /// <summary>The reach from the cushion to the bridge, in metres.</summary>
    Reach,

    /// <summary>What stretching adds, in metres.</summary>
    Stretch,

    /// <summary>The length of the cue, in metres; the rules set the least.</summary>
    CueLength,

    /// <summary>How far something scatters.</summary>
    Spread,

    /// <summary>By how much something is off on average.</summary>
    Bias,

    /// <summary>A habitual side, in millimetres off the axis.</summary>
    SideBias,

    /// <summary>The growth of errors with pace.</summary>
    PerPace,

    /// <summary>The growth of errors with a raised butt.</summary>
    PerDegree,

    /// <summary>By how much a way of cueing makes errors greater.</summary>
    Factor,

    /// <summary>What a stroke that is not liked costs, in points of a hundred.</summary>
    Preference,
}

/// <summary>One thing about a profile that cannot be.</summary>
/// <param name="Field">The field.</param>
/// <param name="Fault">What is out of range.</param>
/// <param name="Given">What was given.</param>
/// <param name="Least">The least that can be.</param>
/// <param name="Most">The most that can be.</param>
public sealed record PlayerProblem(string Field, PlayerFault Fault, double Given, double Least, double Most);
