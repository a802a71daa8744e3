using System.Net.ServerSentEvents;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Breaks;

/// <summary>Plans breaks and puts plans into words.</summary>
internal static class BreakFinder
{
    /// <summary>
    /// As many strokes as the page refines a chance with, and the same draws: the plan and the strip below the table agree.
    /// </summary>
    private const int Samples = 1600;

    /// <summary>Rows of a chance that a plan tells as well.</summary>
    private static readonly string[] OfTheLeave =
        [Shared.Code(RowKind.RunsPast), Shared.Code(RowKind.FallsShort), Shared.Code(RowKind.InOff)];

    /// <summary>Plans a break and streams each better answer.</summary>
    public static IAsyncEnumerable<SseItem<object>> Stream(BreakScene scene, CallerPool pool, CancellationToken cancel) =>
        PoolStream.ReadAsync<BreakAnswer>(
        "plan",
        (teller, stop) => pool.RunPlanAsync(
            token =>
            {
                var planner = new BreakPlanner(scene.Plan(Sharing.Threads));
                planner.Plan(scene.Frame, scene.Budget, plan => teller.Tell(ToAnswer(plan, scene, token)), token);
                return true;
            },
            teller.Waits,
            stop),
        cancel);

    /// <summary>What places in the D are worth to a white in hand.</summary>
    public static IReadOnlyList<HandPlace> RateD(BreakQuestionInput question)
    {
        var scene = BreakReader.Read(question);
        var planner = new BreakPlanner(scene.Plan(1));
        return [.. BreakPlanner.PlacesInTheD(scene.Frame)
            .Select(place => new HandPlace(Shared.ToPlace(place), planner.WorthInHand(scene.Frame, place)))];
    }

    private static BreakAnswer ToAnswer(BreakPlan found, BreakScene scene, CancellationToken cancel)
    {
        var arithmetic = ToArithmetic(scene.Frame);
        var (plan, chance) = found.IsFinal && found.Line.Count > 0 ? Refine(found, scene, cancel) : (found, null);
        if (plan.Line.Count == 0)
        {
            return new BreakAnswer(
                BreakWords.NothingOn(scene.Frame, scene.Wishes), [], [], null, 0, 0, 0, "", null, [], false, null, [], [],
                Regions(scene), [], null, arithmetic, true, plan.Played,
                scene.Budget, scene.Seed, plan.IsFinal);
        }

        var first = plan.Line[0];
        return new BreakAnswer(
            BreakWords.Sentence(plan, Dial(first.Stroke, scene)),
            [EventWords.Capital(BreakWords.Marked(first, 1)), Dial(first.Stroke, scene)],
            [.. plan.Line.Select((step, i) => ToStep(step, i + 1, scene))],
            new OddsOutput(plan.Odds.All, plan.Odds.Least, BreakWords.Odds(plan)),
            plan.Rests,
            plan.Gain,
            plan.Error,
            BreakWords.Worth(plan, scene.Frame, scene.Wishes.Goal),
            plan.White is { } white ? Shared.ToPlace(white) : null,
            [.. plan.Because.Select(versus => ToVersus(versus, plan, scene))],
            plan.IsPlain,
            plan.GivenUp is { } given ? ReasonWords.GivesUp(given, plan, scene.Wishes.Goal, scene.Table.Conditions) : null,
            [.. plan.Others.Select(other => ToOther(other, plan, scene))],
            [.. plan.Remedies.Select(remedy => ToRemedy(remedy, scene))],
            Regions(scene),
            Ledger(plan, chance, scene.Opponent is not null),
            chance,
            arithmetic,
            false,
            plan.Played,
            scene.Budget,
            scene.Seed,
            plan.IsFinal);
    }

    /// <summary>The plan with the chance of its first stroke as it is told everywhere: played often, on tables as they may be.</summary>
    private static (BreakPlan Plan, ChanceResponse Chance) Refine(BreakPlan plan, BreakScene scene, CancellationToken cancel)
    {
        var first = plan.Line[0];
        var layout = new FramePlayer(scene.Table, scene.Player).LayoutOf(first.Before) ?? scene.Layout;
        var chance = ChanceFinder.Find(scene.Ask(first.Stroke, ToStroke(first.Stroke, scene), first.Before, layout, Samples), cancel);
        var pot = new Chance(chance.Pot.Count, chance.Pot.Of);
        return (plan with { Line = [first with { Pot = pot }, .. plan.Line.Skip(1)] }, chance);
    }

    private static ArithmeticOutput ToArithmetic(FrameState frame) => new(
        StateReader.Text(frame.On),
        FrameArithmetic.PointsRemaining(frame),
        FrameArithmetic.LargestBreak(frame),
        FrameArithmetic.FewestPots(frame, 50),
        FrameArithmetic.FewestPots(frame, 100),
        FrameArithmetic.PointsToSecure(frame),
        BreakWords.Arithmetic(frame));

    private static StepOutput ToStep(PlanStep step, int number, BreakScene scene) => new(
        Names.Text(step.Stroke.Pot.Ball),
        Names.Text(step.Stroke.Pot.Pocket),
        PlaceOf(step.Before, step.Stroke.Pot.Ball),
        ToStroke(step.Stroke, scene),
        Shared.ToChance(step.Pot),
        step.Break,
        step.White is { } white ? Shared.ToPlace(white) : null,
        BreakWords.Step(step, number, Dial(step.Stroke, scene)),
        BreakWords.Turn(number));

    private static VersusOutput ToVersus(Versus versus, BreakPlan plan, BreakScene scene)
    {
        var (first, theirs, lead) = (plan.Line[0], versus.Theirs.Stroke, versus.Lead);
        var reasons = ReasonWords.Reasons(versus, plan, scene.Wishes.Goal);
        return new VersusOutput(
            versus.IsPlain,
            ReasonWords.Heading(versus, first.Before, scene.Wishes.Goal, scene.Table.Conditions),
            lead.Mean,
            lead.Error,
            Names.Text(theirs.Pot.Ball),
            Names.Text(theirs.Pot.Pocket),
            ToStroke(theirs, scene),
            [.. reasons.Select(
                said => new ReasonOutput(Shared.Code(said.Reason.Kind), said.Words, said.Worth, Proof(said.Reason, first)))]);
    }

    private static List<ProofPot> Proof(Reason reason, PlanStep first) => first.After is not { White: { } white } next
        ? []
        : [.. reason.Facts.SelectMany(fact => fact.Pots).Select(pot => new ProofPot(
            Names.Text(pot.Pot.Ball), Names.Text(pot.Pot.Pocket), PlaceOf(next, pot.Pot.Ball), Shared.ToPlace(white), pot.Chance))];

    private static OtherOutput ToOther(OtherBall other, BreakPlan plan, BreakScene scene) => new(
        Names.Text(other.Ball), Names.Text(other.Best.Stroke.Pot.Pocket), ToStroke(other.Best.Stroke, scene), other.Cost,
        Shared.ToChance(other.Best.Pot),
        BreakWords.Other(other, plan, scene.Wishes.Goal));

    private static RemedyOutput ToRemedy(Remedy remedy, BreakScene scene) => new(
        Names.Text(remedy.Best.Stroke.Pot.Ball),
        Names.Text(remedy.Best.Stroke.Pot.Pocket),
        remedy.Pushed is { } pushed ? Names.Text(pushed) : null,
        ToStroke(remedy.Best.Stroke, scene),
        Shared.ToChance(remedy.Best.Pot),
        Shared.ToChance(remedy.Frees),
        remedy.Best.Worth,
        BreakWords.Remedy(remedy, scene.Frame));

    private static List<RegionOutput> Regions(BreakScene scene) =>
        scene.Frame.Reds == 0 ? [] : [.. RedsByRegion.Count(scene.Frame.ObjectBalls, RedsByRegion.Usual).Select(TableReader.ToRegion)];

    /// <summary>What may go wrong: in-off, what is left when it is missed, and the two rows of pace that is out.</summary>
    private static List<RowOutput> Ledger(BreakPlan plan, ChanceResponse? chance, bool isOpponentKnown)
    {
        var rows = new List<RowOutput>();
        if (chance is not null) rows.AddRange(chance.Rows.Where(row => OfTheLeave.Contains(row.Kind)));
        if (plan.Closed.After > 0)
            rows.Add(RowWriter.Row(RowKind.Pack, BreakWords.Pack(plan.Closed), null, plan.Closed.After >= plan.Closed.Before));
        if (plan.MissLeaves is { } leaves)
            rows.Add(RowWriter.Row(RowKind.Miss, BreakWords.Miss(leaves, isOpponentKnown), null, leaves > 0.75));
        return rows;
    }

    private static PlaceOutput PlaceOf(FrameState frame, BallId ball) =>
        Shared.ToPlace(frame.Balls.First(placed => placed.Ball == ball).Place);

    private static string Dial(PlannedStroke stroke, BreakScene scene) => BreakWords.Dial(stroke, scene.Table.Conditions);

    private static StrokeInput ToStroke(PlannedStroke stroke, BreakScene scene) => PlannedStrokes.ToStroke(stroke, scene.Table.Conditions);
}
