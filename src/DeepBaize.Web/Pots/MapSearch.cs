using System.Net.ServerSentEvents;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Pots;

/// <summary>The map over pace and height, streamed.</summary>
internal static class MapSearch
{
    private const double SoftestPace = 1.5;
    private const double HardestPace = 8;

    /// <summary>Reads the question of a map; what is wrong is refused before anything streams.</summary>
    public static (PotScene Scene, MapQuestion Asked, int Count) Read(MapQuestionInput question)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        return (scene, SweepSearch.Ask(scene, question.Question, PotReader.ReadWanted(question.Wanted)),
            (int)FieldReader.Within(question.Count, 3, 41, "count"));
    }

    /// <summary>The map, row by row as the rows are done.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(
        PotScene scene, MapQuestion asked, int count, CallerPool pool, CancellationToken cancel)
    {
        var (least, most) = SweepSearch.SafeHeights(scene.Given.Side);
        var heights = DialMap.Steps(least, most, count);
        var hardest = CueStrike.HardestPace(Math.Sqrt(least * least + scene.Given.Side * scene.Given.Side), scene.Table.Conditions);
        var paces = DialMap.Steps(SoftestPace, Math.Clamp(hardest, SoftestPace, HardestPace), count);
        return PoolStream.ReadAsync<MapRowOutput>(
            "row", (teller, stop) => Task.WhenAll(paces.Select((pace, row) => pool.RunAsync(
            token =>
            {
                teller.Tell(Row(pace, row, token));
                return true;
            },
            WorkLimits.Question / count,
            stop))), cancel);

        MapRowOutput Row(double pace, int row, CancellationToken token)
        {
            var map = new DialMap(new StrokePlayer(scene.Table));
            var cells = new List<CellOutput>(count);
            foreach (var height in heights)
            {
                token.ThrowIfCancellationRequested();
                cells.Add(PotMapping.ToCell(map.Play(asked, scene.Dials with { WhiteSpeed = Pace.ToSpeed(pace), Height = height }), scene));
            }

            return new MapRowOutput(row, count, cells);
        }
    }
}
