using System.Net.ServerSentEvents;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Breaks;

/// <summary>Visits to play out, read and found possible.</summary>
internal sealed record OutlookScene(BreakScene Break, PlannedStroke First, int Target, int Visits);

/// <summary>Plays visits out and says how often a target is reached.</summary>
internal static class OutlookPlayer
{
    private const int MostVisits = 2000;
    private const int MostPoints = 155;

    /// <summary>Visits between two answers.</summary>
    private const int Batch = 10;

    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static OutlookScene Read(OutlookQuestion question)
    {
        var scene = BreakReader.Read(question.Question);
        if (scene.Frame.White is null)
            throw RefusalException.Impossible("inHand", "balls", BallRefusals.WhiteInHand, ball: "cue");
        var pot = FieldReader.ReadPot(question.Pot);
        FieldReader.RequireBall(scene.Layout, pot.Ball, "pot.ball");
        var strike = ButtRaise.Lift(scene.Layout, StrikeReader.Read(question.Stroke, scene.Table.Conditions));
        var intent = new PotIntent(pot);
        var cued = CueingReader.Deliver(scene.Table, scene.Layout, scene.Player, strike, intent);
        return new OutlookScene(
            scene,
            new PlannedStroke(intent, strike, cued),
            (int)FieldReader.Within(question.Target, 1, MostPoints, "target"),
            (int)FieldReader.Within(question.Visits, 1, MostVisits, "visits"));
    }

    /// <summary>Plays the visits and streams what they come to.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(OutlookScene scene, CallerPool pool, CancellationToken cancel) =>
        PoolStream.ReadAsync<OutlookAnswer>(
        "outlook",
        (teller, stop) => pool.RunPlanAsync(
            token =>
            {
                var outlook = new BreakOutlook(scene.Break.Plan(Sharing.Threads));
                var points = new List<int>();
                while (points.Count < scene.Visits)
                {
                    points.AddRange(outlook.Play(
                        scene.Break.Frame, scene.First, points.Count, Math.Min(Batch, scene.Visits - points.Count), token).Points);
                    teller.Tell(ToAnswer(new VisitPoints(points), scene));
                }

                return true;
            },
            teller.Waits,
            stop),
        cancel);

    private static OutlookAnswer ToAnswer(VisitPoints visits, OutlookScene scene)
    {
        var reached = visits.Reach(scene.Target);
        return new OutlookAnswer(
            visits.Points.Count, visits.Mean, visits.Error, scene.Target, Shared.ToChance(reached), visits.Points.Max(),
            BreakWords.Outlook(visits, scene.Target, reached), visits.Points.Count >= scene.Visits);
    }
}
