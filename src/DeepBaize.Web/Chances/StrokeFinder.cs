using System.Net.ServerSentEvents;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>Searches for strokes: to a zone, plainer ones, into the reds, with a cushion or without.</summary>
internal static class StrokeFinder
{
    private const int PackSamples = 160;
    private const int CushionSamples = 96;

    /// <summary>Strokes to a zone, streamed as they get better.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(ChanceScene asked, CallerPool pool, CancellationToken cancel) =>
        PoolStream.ReadAsync<FoundProgress>("progress", (teller, stop) => pool.RunAsync(
            token =>
            {
                foreach (var progress in new StrokeSearch(asked.Search).Run(token)) teller.Tell(ToProgress(progress, asked));
                return true;
            },
            WorkLimits.Question,
            stop), cancel);

    /// <summary>The plainest stroke that is nearly as good as the one on the sheet.</summary>
    public static SimplerResponse Simplify(ChanceQuestion question, CancellationToken cancel)
    {
        var asked = ChanceReader.Read(question);
        var (own, simpler) = new StrokeSearch(asked.Search).Simplify(asked.Aim(new PotSolver(asked.Scene.Table)), cancel);
        if (simpler is null) return new SimplerResponse(null, own.Success, SearchWords.NothingPlainer);
        return new SimplerResponse(
            ChanceMapping.ToFound(simpler, asked), own.Success, SearchWords.Simpler(simpler, own.Success, asked.Scene.Table.Conditions));
    }

    /// <summary>Ways into the reds.</summary>
    public static PackResponse OpenPack(PackQuestion question, CancellationToken cancel)
    {
        var asked = ChanceReader.Read(question.Question);
        var scene = asked.Scene;
        var paces = question.Paces ?? DialList.PackPaces;
        var sides = question.Sides ?? DialList.PackSides;
        FieldReader.Within(paces.Count, 1, 5, "paces");
        FieldReader.Within(sides.Count, 1, 3, "sides");
        foreach (var pace in paces) FieldReader.Within(pace, Pace.Softest, Pace.Hardest, "paces");
        foreach (var side in sides) FieldReader.Within(side, -Dials.SafeHeight, Dials.SafeHeight, "sides");
        var height = scene.Given.Height;
        var dials =
            from pace in paces
            from side in sides
            let room = Dials.SafeHeightWith(side)
            select new Dials(scene.Table.Conditions.Cue.Paces.ToSpeed(pace), side, Math.Clamp(height, -room, room));
        var ways = PackOpening.Compare(asked.Search, dials, PackSamples, cancel);
        var best = ways.MaxBy(way => way.Next.Share);
        return new PackResponse(
            [.. ways.Select(way => ToPack(way, scene))],
            SearchWords.BestPack(best, scene.Table.Conditions));
    }

    /// <summary>Cushion or hold.</summary>
    public static CushionResponse FindCushion(CushionQuestion question, CancellationToken cancel)
    {
        var asked = ChanceReader.Read(question.Question);
        var place = FieldReader.ReadPlace(question.Place.X, question.Place.Y, "place");
        var found = CushionOrHold.Find(asked.Search, place, CushionSamples, cancel);
        var rule = asked.Player.Preferences.CushionRule ? found.Rule : (CushionAdvice?)null;
        return new CushionResponse(
            rule is { } said ? Shared.Code(said) : null,
            found.Simulated is { } simulated ? Shared.Code(simulated) : null,
            rule is not null && found.Disagree,
            found.Hold is { } hold ? ToWay(hold, asked.Scene) : null,
            found.Cushions is { } cushions ? ToWay(cushions, asked.Scene) : null,
            CushionWords.Say(found, rule));
    }

    private static FoundProgress ToProgress(SearchProgress progress, ChanceScene asked)
    {
        var best = progress.Best.Select(found => ChanceMapping.ToFound(found, asked)).ToList();
        return new FoundProgress(
            best, progress.Played, progress.IsFinal, best.Count > 0 ? best[0].Words + "." : SearchWords.NothingStops);
    }

    private static PackOutput ToPack(PackStroke way, PotScene scene)
    {
        return new PackOutput(
            scene.PaceOf(way.Dials), way.Dials.Side, way.Dials.Height,
            way.Entry is { } red ? Names.Text(red) : null,
            way.Entry is null ? null : Shared.ToPlace(way.EntryPlace),
            way.EntrySpeed,
            Shared.ToChance(way.Enters),
            Shared.ToChance(way.Next),
            Shared.ToChance(way.NextByRest),
            Shared.ToChance(way.Pot),
            Shared.ToChance(way.InOff),
            SearchWords.Pack(way, scene.Table.Conditions));
    }

    private static WayOutput ToWay(WayToPlace way, PotScene scene)
    {
        var dials = Dials.Of(way.Strike);
        return new WayOutput(
            scene.PaceOf(dials), dials.Side, dials.Height, way.Cushions, 1000 * way.MissMetres, Shared.ToChance(way.Pot),
            SearchWords.Way(way, scene.Table.Conditions));
    }
}
