using DeepBaize.Planning.Players;

namespace DeepBaize.Words;

/// <summary>Says what about a player cannot be.</summary>
public static class PlayerWords
{
    /// <summary>What is wrong, in a sentence.</summary>
    public static string Say(PlayerProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var range = $"between {problem.Least:0.###} and {problem.Most:0.###}";
        return problem.Fault switch
        {
            PlayerFault.ShoulderHeight => $"A shoulder stands {range} m high.",
            PlayerFault.Reach => $"A reach of {problem.Given:0.##} m cannot be: from the cushion to the bridge it is "
                + $"{problem.Least:0.#} to {problem.Most:0.#} m.",
            PlayerFault.Stretch => $"Stretching gives {range} m more.",
            PlayerFault.CueLength => $"A cue is at least {problem.Least:0.###} m long by the rules, and here at most {problem.Most:0.#} m.",
            PlayerFault.Spread => problem.Given < problem.Least
                ? $"The spread of the {Called(problem.Field)} cannot be less than nothing."
                : $"The spread of the {Called(problem.Field)} is at most {problem.Most:0.##}.",
            PlayerFault.Bias => $"The bias of the {Called(problem.Field)} is at most {problem.Most:0.##} either way.",
            PlayerFault.SideBias => $"A habitual side is at most {problem.Most:0} mm of the cue's axis.",
            PlayerFault.PerPace => $"The growth with pace lies {range} for each pace.",
            PlayerFault.PerDegree => $"The growth with a raised butt lies {range} for each degree.",
            PlayerFault.Factor => $"A factor makes strokes no better: {problem.Field} lies {range}.",
            _ => $"A preference costs {range} points of a hundred.",
        };
    }

    /// <summary>What a player's hands do, as players speak of it, and the cue that suits.</summary>
    /// <param name="black">Share of blacks off the spot that are potted.</param>
    /// <param name="straight">Share of long straight pots.</param>
    /// <param name="halfTip">Share of pots that half a tip of side costs on a pot at 1 m.</param>
    /// <param name="physique">What the player can reach.</param>
    public static IReadOnlyList<string> Look(double black, double straight, double halfTip, Physique physique)
    {
        ArgumentNullException.ThrowIfNull(physique);
        return
        [
            $"Black off its spot from 0.6 m: {100 * black:0} in 100.",
            $"Long straight pot: {100 * straight:0} in 100.",
            SideCost(halfTip),
            $"Cue to suit: about {100 * physique.SuitableCueLength:0} cm.",
        ];
    }

    private static string SideCost(double halfTip) => Math.Round(100 * halfTip) switch
    {
        <= 0 => "Half a tip of side costs no pots at 1 m.",
        1 => "Half a tip of side costs 1 pot in 100 at 1 m.",
        var pots => $"Half a tip of side costs {pots:0} pots in 100 at 1 m.",
    };

    private static string Called(string field) => field switch
    {
        "heightMm" => "tip height",
        "judgePushOff" => "eye for push-off",
        "judgeSwerve" => "eye for swerve",
        "judgeThrow" => "eye for throw",
        _ => field,
    };
}
