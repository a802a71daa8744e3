using System.Net.ServerSentEvents;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Safety;
using DeepBaize.Words;

namespace DeepBaize.Web.Escapes;

/// <summary>Finds ways out of a snooker and puts them into words.</summary>
internal static class EscapeFinder
{
    /// <summary>Metres to a pocket within which the mirror has no point.</summary>
    private const double Room = 0.05;

    /// <summary>What misses more often than this is a warning.</summary>
    private const double Often = 0.5;

    /// <summary>Plans and streams each better answer.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(SafetyScene scene, CallerPool pool, CancellationToken cancel) =>
        PoolStream.ReadAsync<EscapeAnswer>(
            "plan",
            (teller, stop) => pool.RunPlanAsync(
                token =>
                {
                    new EscapePlanner(scene.Plan(Sharing.Threads)).Plan(scene.Frame, plan => teller.Tell(ToAnswer(plan, scene)), token);
                    return true;
                },
                teller.Waits,
                stop),
            cancel);

    /// <summary>Ways for balls that are being moved.</summary>
    public static EscapeSketch Sketch(SafetyQuestionInput question, CancellationToken cancel)
    {
        var scene = SafetyReader.Read(question);
        var ways = new EscapePlanner(scene.Plan(threads: 1)).Sketch(scene.Frame, cancel);
        return new EscapeSketch(
            new SnookerReader(scene.Table).IsSnookered(scene.Frame), [.. ways.Select(way => way.Path.Select(Shared.ToPlace).ToList())]);
    }

    private static EscapeAnswer ToAnswer(EscapePlan plan, SafetyScene scene)
    {
        var (frame, conditions) = (scene.Frame, scene.Table.Conditions);
        return new EscapeAnswer(
            EscapeWords.Sentence(plan, frame, conditions),
            plan.Routes is [var best, ..] ? EscapeWords.Decisive(best, conditions) : [],
            plan.IsSnookered,
            EscapeWords.Snooker(plan, frame),
            [.. plan.Routes.Select(route => ToRoute(route, plan, scene))],
            plan.Played,
            scene.Seed,
            plan.IsFinal);
    }

    private static EscapeRouteOutput ToRoute(EscapeRoute route, EscapePlan plan, SafetyScene scene)
    {
        var (frame, conditions) = (scene.Frame, scene.Table.Conditions);
        var (window, judged) = (route.Window, route.Judged);
        var target = frame.Balls.First(placed => placed.Ball == window.Ball).Place;
        var mirror = window.Way.UsesJaw ? null
            : Mirrors.By(frame.White!.Value, target, window.Way.InOrder, frame.Gauge.CushionInset, Room);
        return new EscapeRouteOutput(
            [.. window.Way.InOrder.Select(Names.Text)],
            window.Way.UsesJaw,
            Names.Text(window.Ball),
            PlannedStrokes.ToStroke(judged.Stroke, conditions),
            Shared.ToChance(new Chance(judged.Fouls.Of - judged.Fouls.Count, judged.Fouls.Of)),
            judged.Worth,
            judged.OpponentScores,
            EscapeWords.Mark(route, conditions)?.Words,
            route.First is { } first ? Shared.ToPlace(first.Point) : null,
            Ends(route),
            1000 * window.Width,
            route.SoftestPace,
            route.HardestPace,
            [.. route.Path.Select(Shared.ToPlace)],
            mirror is null or { Count: 0 } ? [] : [.. mirror.Prepend(frame.White!.Value).Append(target).Select(Shared.ToPlace)],
            [.. route.Family.Select(Shared.ToPlace)],
            EscapeWords.Other(route, plan, frame, conditions),
            EscapeWords.SafeSide(route),
            Rows(route, mirror is [var point, ..] ? point : null, scene));
    }

    private static IReadOnlyList<PlaceOutput> Ends(EscapeRoute route)
    {
        if (route.First is not { } first) return [];
        return [At(first.From), At(first.To)];

        PlaceOutput At(double along) => Shared.ToPlace(
            Mirrors.IsEnd(first.Cushion) ? first.Point with { Y = along } : first.Point with { X = along });
    }

    private static List<RowOutput> Rows(EscapeRoute route, Place? mirrored, SafetyScene scene)
    {
        var rows = new List<RowOutput>
        {
            RowWriter.Row(RowKind.Exact, EscapeWords.Room(route, scene.Table.Conditions), null, route.GetsOut < Often),
            RowWriter.Row(RowKind.TheyScore, EscapeWords.Scores(route)),
        };
        if (EscapeWords.Soft(route, scene.Table.Conditions) is { } soft) rows.Add(RowWriter.Row(RowKind.Soft, soft));
        if (EscapeWords.Mirror(route, mirrored) is { } mirror) rows.Add(RowWriter.Row(RowKind.Mirror, mirror));
        return rows;
    }
}
