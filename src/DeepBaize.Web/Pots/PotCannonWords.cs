using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>Says what cannons come to.</summary>
internal static class PotCannonWords
{
    public static CannonOutput ToOutput(Cannon cannon, PotScene scene, BallId second) => new(
        scene.PaceOf(cannon.Dials),
        cannon.Dials.Height,
        Shared.Degrees(cannon.DirectionRadians),
        cannon.Fraction,
        cannon.ChangePerDegree,
        cannon.SecondSpeed,
        cannon.WhiteRest is { } white ? Shared.ToPlace(white) : null,
        cannon.SecondRest is { } ball ? Shared.ToPlace(ball) : null,
        $"{EventWords.Capital(StrokeWords.Dial(cannon.Dials, scene.Table.Conditions))}: {ContactWords.Describe(cannon.Fraction)} on the "
            + $"{Names.Spoken(second)}; "
        + $"the white stops {PotMapping.Where(cannon.WhiteRest, scene.Layout, scene.Pot.Ball)}");

    public static string Summary(CannonLine line, bool isSensitive, int count, BallId second, Pot pot)
    {
        var ball = Names.Spoken(second);
        var stun = line.Fraction > 0
            ? $"Square off the {Names.Spoken(pot.Ball)} the white meets the {ball} {ContactWords.Describe(line.Fraction)}."
            : $"Square off the {Names.Spoken(pot.Ball)} the white passes the {ball}.";
        var found = count == 0 ? $" No stroke that pots meets the {ball} next." : "";
        var care = isSensitive
            ? $" Take care: over {line.Distance:0.0} m one degree shifts the contact by "
                + $"{PotWords.Share(line.Distance * Math.PI / 180, line.Diameter)}."
            : "";
        return stun + found + care;
    }
}
