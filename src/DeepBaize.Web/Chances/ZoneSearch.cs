using DeepBaize.Planning.Leaves;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Chances;

/// <summary>Computes where the white should stop for the next balls.</summary>
internal static class ZoneSearch
{
    /// <summary>The zone of a question.</summary>
    /// <exception cref="RefusalException">The request is wrong.</exception>
    public static ZoneResponse Find(ZoneQuestionInput question, CancellationToken cancel)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var player = PlayerReader.Read(question.Player);
        var placed = LayoutReader.ReadBalls(question.Balls);
        var balls = question.Potted is { } potted
            ? After(placed, question.State, table.Conditions.Gauge, FieldReader.ReadBall(potted, "potted"))
            : [.. placed.Where(ball => ball.Ball != BallId.Cue)];
        var asked = ChanceReader.ReadWishes(question.Goal, table, balls, player)
            ?? throw RefusalException.Invalid("goal", "goal.wishes", QuestionRefusals.NoNextBall, reason: "wishes");
        var zone = ZoneFinder.Find(asked, cancel);
        var heading = question.HeadingDeg * Math.PI / 180;
        var reasons = question.At is { } at
            ? ZoneFinder.Judge(asked, FieldReader.ReadPlace(at.X, at.Y, "at")).Select(ZoneWords.Say).ToList() : null;
        var (along, across) = (zone.WidthAlong(heading), zone.WidthAlong(heading + Math.PI / 2));
        return new ZoneResponse(
            zone.Cell, Runs(zone), zone.Best is { } best ? Shared.ToPlace(best) : null, 1000 * zone.Room, 1000 * along, 1000 * across,
            reasons,
            ZoneWords.Size(zone, along, across, table.Diameter));
    }

    private static IReadOnlyList<PlacedBall> After(List<PlacedBall> placed, StateInput? state, BallGauge gauge, BallId potted)
    {
        if (!placed.Exists(ball => ball.Ball == potted))
            throw RefusalException.Impossible("ballNotThere", "potted", BallRefusals.NotThere(potted), ball: Names.Text(potted));
        return NextLeave.Of(StateReader.ReadFrame(state, placed, gauge, potted), potted, null).Balls;
    }

    private static List<IReadOnlyList<int>> Runs(Zone zone)
    {
        var runs = new List<IReadOnlyList<int>>();
        for (var row = 0; row < zone.Rows; row++)
        {
            var from = -1;
            for (var column = 0; column <= zone.Columns; column++)
            {
                var inside = column < zone.Columns && zone.Inside[row * zone.Columns + column];
                if (inside && from < 0) from = column;
                if (inside || from < 0) continue;
                runs.Add([row, from, column - from]);
                from = -1;
            }
        }

        return runs;
    }
}
