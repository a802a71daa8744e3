using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Pots;

/// <summary>Cannons off a pot.</summary>
internal static class CannonSearch
{
    private const double SensitivePerDegree = 0.25;

    /// <summary>Cannons off a pot.</summary>
    public static CannonResponse Find(CannonQuestion question, CancellationToken cancel)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var second = FieldReader.ReadBall(question.Second, "second");
        FieldReader.RequireBall(scene.Layout, second, "second");
        if (second == scene.Pot.Ball)
            throw RefusalException.Invalid("cannon", "second", BallRefusals.SameBall, reason: "sameBall", ball: question.Second);
        var (layout, pot, table) = (scene.Layout, scene.Pot, scene.Table);
        var fraction = FieldReader.Within(question.Fraction, 0, 1, "fraction");
        var most = (int)FieldReader.Within(question.Most, 1, 20, "most");
        var line = CannonLine.Of(PottingLine.Of(layout, pot, table), layout[second]!.Value, table.Diameter);
        var turned = new[] { -1, 1, 2 }.Select(degrees => line.FractionWhenTurned(degrees * Math.PI / 180)).ToList();
        var isSensitive = line.Distance * Math.PI / 180 / table.Diameter > SensitivePerDegree;
        var found = new CannonFinder(table).Find(layout, pot, second, scene.Given.Side, fraction, cancel);
        return new CannonResponse(
            new StunLineOutput(1000 * Math.Abs(line.Passes), line.Fraction, line.Distance, turned, isSensitive),
            [.. found.Take(most).Select(cannon => ToOutput(cannon, scene, second))],
            WhiteWords.Cannons(line, isSensitive, found.Count, second, pot, scene.Names));
    }

    private static CannonOutput ToOutput(Cannon cannon, PotScene scene, BallId second) => new(
        scene.PaceOf(cannon.Dials),
        cannon.Dials.Height,
        Shared.Degrees(cannon.DirectionRadians),
        cannon.Fraction,
        cannon.ChangePerDegree,
        cannon.SecondSpeed,
        cannon.WhiteRest is { } white ? Shared.ToPlace(white) : null,
        cannon.SecondRest is { } ball ? Shared.ToPlace(ball) : null,
        WhiteWords.Cannon(cannon, scene.Table.Conditions, scene.Layout, scene.Pot.Ball, second));
}
