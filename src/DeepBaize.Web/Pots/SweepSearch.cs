using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Pots;

/// <summary>One dial swept with the others fixed.</summary>
internal static class SweepSearch
{
    private const double PaceStep = 0.25;

    /// <summary>One dial swept.</summary>
    public static SweepResponse Sweep(SweepQuestion question, CancellationToken cancel)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var wanted = PotReader.ReadWanted(question.Wanted);
        var count = (int)FieldReader.Within(question.Count, 2, 60, "count");
        var isPace = question.Dial switch
        {
            "pace" => true,
            "height" => false,
            _ => throw RefusalException.Invalid("sweep", "dial", QuestionRefusals.Dial, reason: "unknownDial"),
        };
        var (least, most) = isPace
            ? (Pace.Softest, StrokeWords.HardestPace(scene.Given.Offset, scene.Table.Conditions)) : SafeHeights(scene.Given.Side);
        var paces = scene.Table.Conditions.Cue.Paces;
        var map = new DialMap(new StrokePlayer(scene.Table));
        var asked = Ask(scene, question.Question, wanted);
        var from = FieldReader.Within(question.From ?? (isPace ? SoftestThatPots() : least), least - 1e-9, most + 1e-9, "from");
        var to = FieldReader.Within(question.To ?? (isPace ? Math.Min(Math.Max(7, from + 1), most) : most), from, most + 1e-9, "to");
        var cells = Play(DialMap.Steps(from, to, count));
        var window = wanted is null ? null : WindowOf(cells.Count >= 40 ? cells : Play(DialMap.Steps(from, to, 60)));
        return new SweepResponse([.. cells.Select(cell => PotMapping.ToCell(cell, scene))], window);

        double SoftestThatPots()
        {
            var pace = least;
            while (pace + PaceStep < most && map.Play(asked, scene.Dials with { WhiteSpeed = paces.ToSpeed(pace) }).Kind == CellKind.NoPot)
                pace += PaceStep;
            return pace;
        }

        List<DialCell> Play(IEnumerable<double> values)
        {
            var played = new List<DialCell>();
            foreach (var value in values)
            {
                cancel.ThrowIfCancellationRequested();
                played.Add(map.Play(asked,
                    isPace ? scene.Dials with { WhiteSpeed = paces.ToSpeed(value) } : scene.Dials with { Height = value }));
            }

            return played;
        }

        DialWindowOutput? WindowOf(List<DialCell> fine)
        {
            var tries = fine.Select(cell => new DialTry(
                isPace ? scene.PaceOf(cell.Dials) : cell.Dials.Height,
                cell.Kind is CellKind.NoPot or CellKind.InOff or CellKind.OffTable ? double.NaN : cell.Miss)).ToList();
            if (PaceWindow.Through(tries, wanted!.Value.Radius) is not { } window) return null;
            return new DialWindowOutput(
                window.Best, window.Least, window.Most,
                WhiteWords.Window(window, isPace, scene.Table.Conditions.Balls.Radius));
        }
    }

    /// <summary>What is asked of each stroke.</summary>
    public static MapQuestion Ask(PotScene scene, PotQuestion question, WantedPlace? wanted) =>
        new(scene.Layout, scene.Pot, question.KeepPot ? null : scene.Given.DirectionRadians, wanted);

    /// <summary>Tip heights that leave the tip in the safe part of the face with a side.</summary>
    public static (double Least, double Most) SafeHeights(double side)
    {
        var most = Dials.SafeHeightWith(side);
        return (-most, most);
    }
}
