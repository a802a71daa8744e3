using DeepBaize.Planning.Aiming;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>What threatens a stroke, and ways out of it.</summary>
internal static class FixSearch
{
    /// <summary>Dangers and ways out of them.</summary>
    public static FixResponse Find(PotQuestion question)
    {
        var scene = PotReader.ReadWithBall(question);
        var (layout, pot) = (scene.Layout, scene.Pot);
        var player = new StrokePlayer(scene.Table);
        var strike = question.KeepPot
            && player.Solver.Solve(layout, pot, scene.Dials, withWindow: false).Solution is { } solution ? solution.Strike : scene.AsGiven;
        var finder = new DangerFinder(player);
        var dangers = finder.Find(layout, pot, strike);
        var isSafe = dangers.All(danger => danger.Kind is not (DangerKind.InOff or DangerKind.Jaws));
        var fixes = isSafe ? [] : finder.Fixes(layout, pot, scene.Dials);
        return new FixResponse(PotMapping.ToDangers(dangers, scene), [.. fixes.Select(ToFix)]);

        FixOutput ToFix(Fix fix) => new(
            Shared.Code(fix.Kind), Shared.Code(fix.Pot.Part), scene.PaceOf(fix.Dials), fix.Dials.Side, fix.Dials.Height,
            WhiteWords.Fix(fix, scene.Table.Conditions, layout));
    }
}
