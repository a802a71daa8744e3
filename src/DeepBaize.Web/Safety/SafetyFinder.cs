using System.Net.ServerSentEvents;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Safety;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Safety;

/// <summary>Plans what to leave and puts it into words.</summary>
internal static class SafetyFinder
{
    /// <summary>A foul as often as this is a warning.</summary>
    private const double Often = 0.08;

    /// <summary>Plans and streams each better answer.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(SafetyScene scene, CallerPool pool, CancellationToken cancel) =>
        PoolStream.ReadAsync<SafetyAnswer>(
            "plan",
            (teller, stop) => pool.RunPlanAsync(
                token =>
                {
                    var planner = new SafetyPlanner(scene.Plan(Sharing.Threads));
                    planner.Plan(scene.Frame, scene.Budget, plan => teller.Tell(ToAnswer(plan, scene, token)), scene.Mine, token);
                    return true;
                },
                teller.Waits,
                stop),
            cancel);

    private static SafetyAnswer ToAnswer(SafetyPlan plan, SafetyScene scene, CancellationToken cancel)
    {
        var (frame, opponent) = (Before(plan.Best, scene), SafetyWords.Opponent(isKnown: true));
        if (plan.Best is not { } best)
        {
            return new SafetyAnswer(
                SafetyWords.Nothing(frame), [], SafetyWords.Nothing(frame), false, null, "", null, [], [], [], null, "",
                BreakWords.Arithmetic(frame), plan.Played, scene.Budget, scene.Seed, plan.IsFinal);
        }

        var conditions = scene.Table.Conditions;
        return new SafetyAnswer(
            SafetyWords.Sentence(plan, frame, conditions),
            [EventWords.Capital(SafetyWords.Answer(best, frame)), BreakWords.Dial(best.Judged.Stroke, conditions)],
            SafetyWords.Now(plan, frame),
            plan.IsPot,
            ToOption(best, plan, frame, scene),
            SafetyWords.Leaves(best.Meant, opponent),
            SafetyWords.SafeSide(plan),
            Rows(best, frame, plan, scene, cancel),
            [.. plan.Misses.Select(miss => ToMissed(miss, opponent))],
            [.. plan.Others.Select(other => ToOption(other, plan, Before(other, scene), scene))],
            plan.Mine is { } mine ? ToOption(mine, plan, Before(mine, scene), scene) : null,
            scene.Mine is null || !plan.IsFinal ? "" : plan.Mine is { } own
                ? SafetyWords.Other(own, plan, Before(own, scene), conditions) : SafetyWords.NotYours,
            BreakWords.Arithmetic(frame),
            plan.Played,
            scene.Budget,
            scene.Seed,
            plan.IsFinal);
    }

    /// <summary>The frame with a white in hand where an option puts it.</summary>
    internal static FrameState Before(SafetyOption? option, SafetyScene scene) => option?.White is { } white
        ? scene.Frame with { Balls = [new Table.Layouts.PlacedBall(BallId.Cue, white), .. scene.Frame.ObjectBalls] } : scene.Frame;

    private static SafetyOptionOutput ToOption(SafetyOption option, SafetyPlan plan, FrameState frame, SafetyScene scene)
    {
        var judged = option.Judged;
        var ball = judged.Stroke.Intent.Ball!.Value;
        return new SafetyOptionOutput(
            Shared.Code(option.Kind),
            SafetyWords.Kind(option.Kind),
            Names.Text(ball),
            Shared.ToPlace(frame.Balls.First(placed => placed.Ball == ball).Place),
            judged.Stroke.Intent is PotIntent pot ? Names.Text(pot.Pot.Pocket) : null,
            PlannedStrokes.ToStroke(judged.Stroke, scene.Table.Conditions),
            option == plan.Best && plan.Shift is not null,
            judged.Worth,
            judged.Error,
            Shared.ToChance(judged.Scores),
            Shared.ToChance(judged.Fouls),
            Shared.ToChance(judged.Snookers),
            judged.OpponentScores,
            option.White is { } white ? Shared.ToPlace(white) : null,
            BallsOf(option.Meant),
            SafetyWords.Other(option, plan, frame, scene.Table.Conditions));
    }

    private static List<RowOutput> Rows(
        SafetyOption best, FrameState frame, SafetyPlan plan, SafetyScene scene, CancellationToken cancel)
    {
        var (asked, opponent) = (scene.Frame, SafetyWords.Opponent(isKnown: true));
        var rows = new List<RowOutput>
        {
            RowWriter.Row(RowKind.TheyScore, SafetyWords.Scores(best, opponent), null, best.Judged.OpponentScores > 0.5),
        };
        var fouls = best.Judged.Fouls;
        if (SafetyWords.Risk(best, frame) is { } risk) rows.Add(RowWriter.Row(RowKind.Foul, risk, fouls, fouls.Share > Often));
        if (SafetyWords.Toss(best, asked) is { } toss) rows.Add(RowWriter.Row(RowKind.Toss, toss));
        else if (SafetyWords.Wins(best, asked) is { } wins) rows.Add(RowWriter.Row(RowKind.Frame, wins));
        if (plan.IsFinal && TheirWay(best, scene, cancel) is { } way) rows.Add(RowWriter.Row(RowKind.TheirWay, way));
        rows.Add(RowWriter.Row(RowKind.BothSides, SafetyWords.Worth(best)));
        return rows;
    }

    /// <summary>How the opponent gets out of a snooker that is laid; null for any other stroke.</summary>
    private static string? TheirWay(SafetyOption best, SafetyScene scene, CancellationToken cancel)
    {
        if (!best.Meant.Left.IsSnookered || best.Meant.Balls.White is null) return null;
        var theirs = scene.Plan(Sharing.Threads) with { Striker = scene.Opponent ?? scene.Player, Opponent = scene.Player, Daring = 0 };
        return EscapeWords.TheirWay(
            new EscapePlanner(theirs).Glance(best.Meant.Balls, cancel), best.Meant.Balls, scene.Table.Conditions);
    }

    private static IReadOnlyList<BallPlace> BallsOf(Caught caught) =>
        [.. caught.Balls.Balls.Select(placed => new BallPlace(Names.Text(placed.Ball), placed.Place.X, placed.Place.Y))];

    private static MissedOutput ToMissed(Missed miss, string opponent) => new(
        Shared.Code(miss.Side),
        SafetyWords.Catch(miss.Side),
        SafetyWords.Leaves(miss.Caught, opponent),
        BallsOf(miss.Caught),
        miss.Worth,
        miss.Caught is { Left.Indirect: null, Pots: [var pot, ..] }
            ? new LeftPot(Names.Text(pot.Pot.Ball), Names.Text(pot.Pot.Pocket), pot.Chance) : null);
}
