using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Chances;

/// <summary>A question about a stroke in a player's hands, read and found possible.</summary>
/// <param name="Scene">Table, balls, pot and stroke.</param>
/// <param name="Frame">The frame in which it is played.</param>
/// <param name="Player">The player.</param>
/// <param name="Doubt">How far the table may be from its profile.</param>
/// <param name="Zone">Says whether a place lies where the white should stop; null for nowhere in particular.</param>
/// <param name="Samples">Strokes to play.</param>
/// <param name="Seed">Seed of the draws.</param>
/// <param name="KeepsPot">True when the aim is solved for the pot.</param>
internal sealed record ChanceScene(
    PotScene Scene, FrameState Frame, PlayerProfile Player, TableDoubt Doubt, Func<Place, bool>? Zone, int Samples, int Seed, bool KeepsPot)
{
    /// <summary>What a search is asked for.</summary>
    public SearchQuestion Search => new(Scene.Table, Frame, Scene.Layout, new PotIntent(Scene.Pot), Player, Doubt, Zone, Seed);

    /// <summary>The stroke that is played: with the aim that pots when the pot is kept.</summary>
    public Strike Aim(PotSolver solver) => (KeepsPot ? Solved(solver) : null) ?? Scene.AsGiven;

    private Strike? Solved(PotSolver solver)
    {
        var answer = solver.Solve(Scene.Layout, Scene.Pot, Scene.Dials, withWindow: false);
        return answer.Solution?.Strike ?? answer.Towards;
    }
}

/// <summary>Reads questions about chances and refuses what makes no sense.</summary>
internal static class ChanceReader
{
    private const int FewestSamples = 16;
    private const int MostSamples = 20_000;
    private const int MostWishes = 4;

    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static ChanceScene Read(ChanceQuestion question)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var player = PlayerReader.Read(question.Player);
        var frame = StateReader.ReadFrame(
            question.Question.State, scene.Layout.Balls, scene.Layout.Gauge, scene.Pot.Ball);
        return new ChanceScene(
            scene,
            frame,
            player,
            ReadDoubt(question.Doubt),
            ReadGoal(question.Goal, scene.Table, NextLeave.Of(frame, scene.Pot.Ball, null).Balls, player),
            (int)FieldReader.Within(question.Samples, FewestSamples, MostSamples, "samples"),
            question.Seed,
            question.Question.KeepPot);
    }

    /// <summary>The wishes of a goal as a question for a zone; null when there are none.</summary>
    /// <exception cref="RefusalException">A wish cannot be.</exception>
    public static ZoneQuestion? ReadWishes(GoalInput goal, TableInUse table, IReadOnlyList<PlacedBall> balls, PlayerProfile player)
    {
        if (goal.Wishes is not { Count: > 0 } wishes) return null;
        FieldReader.Within(wishes.Count, 1, MostWishes, "goal.wishes");
        return new ZoneQuestion(
            table, balls, [.. wishes.Select(ReadWish)], player, FieldReader.Within(goal.CushionMetres, 0, 0.5, "goal.cushionMetres"),
            goal.RestAllowed);
    }

    private static Func<Place, bool>? ReadGoal(GoalInput? goal, TableInUse table, IReadOnlyList<PlacedBall> balls, PlayerProfile player)
    {
        if (goal is null) return null;
        var marks = MarkReader.Read(goal.Marks).Where(mark => mark.Kind is MarkKind.Zone or MarkKind.Target).ToList();
        var wishes = ReadWishes(goal, table, balls, player);
        if (marks.Count == 0 && wishes is null) return null;
        // Sampled a thousand times, a zone of wishes is found once and looked up.
        var zone = wishes is null ? null : ZoneFinder.Find(wishes);
        return place => (marks.Count == 0 || marks.Exists(mark => mark.Holds(place))) && (zone is null || zone.Contains(place));
    }

    private static ZoneWish ReadWish(WishInput wish)
    {
        var pot = FieldReader.ReadPot(new PotInput(wish.Ball, wish.Pocket));
        var (least, most) = (
            FieldReader.Within(wish.LeastCutDeg, 0, 90, "goal.wishes.leastCutDeg"),
            FieldReader.Within(wish.MostCutDeg, 0, 90, "goal.wishes.mostCutDeg"));
        var (near, far) = (FieldReader.Within(wish.LeastMetres, 0, 4, "goal.wishes.leastMetres"),
            FieldReader.Within(wish.MostMetres, 0, 4, "goal.wishes.mostMetres"));
        if (least > most || near > far)
            throw RefusalException.Invalid("goal", "goal.wishes", QuestionRefusals.Backwards, reason: "range", ball: wish.Ball);
        return new ZoneWish(pot, least, most, near, far, wish.Side switch
        {
            null => null,
            "high" => SideOfStraight.High,
            "straight" => SideOfStraight.Straight,
            "low" => SideOfStraight.Low,
            _ => throw RefusalException.Invalid("goal", "goal.wishes.side", QuestionRefusals.Side, reason: "unknownSide", ball: wish.Ball),
        });
    }

    /// <summary>How far a table may be from its profile.</summary>
    /// <exception cref="RefusalException">It is none of the words.</exception>
    public static TableDoubt ReadDoubt(string? doubt) => doubt switch
    {
        null or "unmeasured" => TableDoubt.Unmeasured,
        "measured" => TableDoubt.Measured,
        "none" => TableDoubt.None,
        _ => throw RefusalException.Invalid("doubt", "doubt", QuestionRefusals.Doubt, reason: "unknownDoubt"),
    };
}
