using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Breaks;

/// <summary>A frame for which a break is planned, read and found possible.</summary>
internal sealed record BreakScene(
    ConditionProfile Profile, TableInUse Table, Layout Layout, FrameState Frame, PlayerProfile Player, PlayerProfile? Opponent,
    BreakWishes Wishes, TableDoubt Doubt, int Budget, int Seed, LineUp? LineUp)
{
    /// <summary>It as a question to the planner.</summary>
    public BreakQuestion Plan(int threads) =>
        BreakPlanner.Ask(Table, Player, Wishes, Seed, threads) with { Opponent = Opponent ?? Player, LineUp = LineUp, Doubt = Doubt };

    /// <summary>One stroke of it as a question about chances, with its dials as they are told.</summary>
    public ChanceScene Ask(PlannedStroke stroke, StrokeInput told, FrameState frame, Layout layout, int samples) => new(
        new PotScene(
            Table, Profile, layout, stroke.Pot with { Part = PocketPart.Opening },
            StrikeReader.Read(told, Table.Conditions), null, default),
        frame, Player, Doubt, null, samples, Seed, KeepsPot: true);
}

/// <summary>Reads questions about breaks and refuses what makes no sense.</summary>
internal static class BreakReader
{
    private const int LeastBudget = 100;
    private const int MostBudget = 200_000;

    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static BreakScene Read(BreakQuestionInput question)
    {
        var (profile, table, layout, frame) = ReadFrame(question.Balls, question.State, question.Profile, question.Coefficients);
        var wishes = question.Wishes ?? new WishesInput();
        BallId? only = wishes.Only is { } text ? FieldReader.ReadBall(text, "wishes.only") : null;
        if (only is { } ball) FieldReader.RequireBall(layout, ball, "wishes.only");
        return new BreakScene(
            profile, table, layout, frame, PlayerReader.Read(question.Player),
            question.Opponent is { } opponent ? PlayerReader.Read(opponent) : null, ReadWishes(wishes, only, frame),
            ChanceReader.ReadDoubt(question.Doubt),
            ReadBudget(question.Budget), question.Seed,
            StateReader.ReadLineUp(question.LineUp));
    }

    /// <summary>Strokes that a search may simulate.</summary>
    /// <exception cref="RefusalException">They are too few or too many.</exception>
    public static int ReadBudget(int budget) => (int)FieldReader.Within(budget, LeastBudget, MostBudget, "budget");

    private static BreakWishes ReadWishes(WishesInput input, BallId? only, FrameState frame)
    {
        var goal = input.Goal switch
        {
            null or "score" => BreakGoal.Score,
            "secure" => BreakGoal.Secure,
            _ => throw RefusalException.Invalid("goal", "wishes.goal", QuestionRefusals.Goal),
        };
        SideOfStraight? approach = input.Approach switch
        {
            null => null,
            "high" => SideOfStraight.High,
            "low" => SideOfStraight.Low,
            _ => throw RefusalException.Invalid("approach", "wishes.approach", QuestionRefusals.Approach),
        };
        // Who leads by more than is left has nothing to secure: then points count.
        if (goal == BreakGoal.Secure && FrameArithmetic.PointsToSecure(frame) == 0) goal = BreakGoal.Score;
        return new BreakWishes(input.Side, input.Cushion, input.Rest, only, goal, approach);
    }

    /// <summary>The frame of a request: its balls may lie as in a frame, and something is on.</summary>
    /// <exception cref="RefusalException">They may not, or nothing is.</exception>
    public static (ConditionProfile Profile, TableInUse Table, Layout Layout, FrameState Frame) ReadFrame(
        IReadOnlyList<BallPlace> balls, StateInput? state, string? profileName, CoefficientsInput? coefficients)
    {
        var (profile, table) = FieldReader.ReadTable(profileName, coefficients);
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(balls), table.Outline, table.Conditions.Gauge);
        var known = StateReader.ReadFor(state, [.. layout.Balls.Select(placed => placed.Ball)]);
        var frame = FrameState.Of(layout, known)
            ?? throw RefusalException.Impossible("nothingUp", "balls", BallRefusals.NothingUp);
        return (profile, table, layout, frame);
    }
}
