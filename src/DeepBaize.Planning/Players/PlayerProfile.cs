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
    /// <summary>Everything that keeps the profile from being used; empty when nothing does.</summary>
    public IReadOnlyList<PlayerProblem> Problems() => [.. BodyProblems().Concat(ErrorProblems()).Concat(PreferenceProblems())];

    private IEnumerable<PlayerProblem> BodyProblems()
    {
        if (!(Physique.ShoulderHeight is >= 0.9 and <= 1.9))
            yield return new("shoulderHeight", "A shoulder stands between 0.9 and 1.9 m high.");
        if (!(Physique.Reach is >= 0.4 and <= 1.2))
            yield return new("reach", $"A reach of {Physique.Reach:0.##} m cannot be: from the cushion to the bridge it is 0.4 to 1.2 m.");
        if (!(Physique.Stretch is >= 0 and <= 0.5)) yield return new("stretch", "Stretching gives between 0 and 0.5 m more.");
        if (!(Physique.CueLength is >= 0.914 and <= 1.7))
            yield return new("cueLength", "A cue is at least 0.914 m long by the rules, and here at most 1.7 m.");
    }

    private IEnumerable<PlayerProblem> ErrorProblems()
    {
        foreach (var (field, name, spread, most) in new[]
        {
            ("alignment", "alignment", Errors.Alignment, 50.0), ("swing", "swing", Errors.Swing, 50.0),
                ("heightMm", "tip height", Errors.Height, 10.0), ("pace", "pace", Errors.Pace, 0.5),
        })
        {
            if (spread.Size < 0) yield return new(field, $"The spread of the {name} cannot be less than nothing.");
            else if (!(spread.Size <= most)) yield return new(field, $"The spread of the {name} is at most {most:0.##}.");
            if (!(Math.Abs(spread.Bias) <= most)) yield return new(field, $"The bias of the {name} is at most {most:0.##} either way.");
        }

        if (!(Math.Abs(Errors.SideBias) <= 10)) yield return new("sideBiasMm", "A habitual side is at most 10 mm of the cue's axis.");
        var factors = Errors.Factors;
        if (!(factors.PerPace is >= 0 and <= 1)) yield return new("perPace", "The growth with pace lies between 0 and 1 for each pace.");
        if (!(factors.PerDegree is >= 0 and <= 1))
            yield return new("perDegree", "The growth with a raised butt lies between 0 and 1 for each degree.");
        foreach (var (field, factor) in new[]
        {
            ("stretched", factors.Stretched), ("rest", factors.Rest), ("extended", factors.Extended), ("highRest", factors.HighRest),
            ("otherHand", factors.OtherHand), ("overBall", factors.OverBall), ("offCushion", factors.OffCushion),
        })
        {
            if (!(factor is >= 1 and <= 10)) yield return new(field, $"A factor makes strokes no better: {field} lies between 1 and 10.");
        }
    }

    private IEnumerable<PlayerProblem> PreferenceProblems()
    {
        foreach (var (field, weight) in new[] { ("follow", Preferences.Follow), ("stun", Preferences.Stun), ("screw", Preferences.Screw),
            ("restCost", Preferences.Rest) })
        {
            if (!(weight is >= 0 and <= 50)) yield return new(field, "A preference costs between 0 and 50 points of a hundred.");
        }
    }
}

/// <summary>One thing about a profile that cannot be.</summary>
/// <param name="Field">The field.</param>
/// <param name="Sentence">What is wrong, in a sentence.</param>
public sealed record PlayerProblem(string Field, string Sentence);
