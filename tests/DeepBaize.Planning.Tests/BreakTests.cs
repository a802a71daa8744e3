using DeepBaize.Evidence;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>Which ball, and how: plans for the break.</summary>
public sealed class BreakTests
{
    private const int Shakes = 2;
    private static readonly PlayerProfile League = HousePlayers.League;

    /// <summary>
    /// Ten positions in which any player names the same ball, each also mirrored and with every ball moved 15 mm (common practice, no
    /// source).
    /// </summary>
    [Fact]
    public void In_plain_positions_the_ball_that_players_name_is_found()
    {
        var asked = PlainAnswer.Varied(Shakes);
        var missed = asked.Where(one => BestBall(one.Frame) is not { } ball || !one.Answers.Contains(ball)).Select(one => one.Name)
            .ToList();
        Figures.Print($"{asked.Count} plain positions: {asked.Count - missed.Count} answered as players "
            + $"do{(missed.Count == 0 ? "" : "; not: " + string.Join("; ", missed))}.");
        Assert.True(missed.Count <= asked.Count / 5, string.Join(Environment.NewLine, missed));
    }

    [Fact]
    public void The_same_question_and_budget_give_the_same_answer_on_one_thread_and_on_two()
    {
        var frame = PlainAnswer.All[1].Frame;
        var (one, two) = (Search(frame, 1), Search(frame, 2));
        Assert.NotEmpty(one.Best);
        Assert.Equal(one.Played, two.Played);
        Assert.Equal(one.Best.Select(rated => (rated.Stroke.Pot, rated.Stroke.Strike, rated.Worth, rated.Good)),
            two.Best.Select(rated => (rated.Stroke.Pot, rated.Stroke.Strike, rated.Worth, rated.Good)));
    }

    [Fact]
    public void A_search_simulates_about_as_many_strokes_as_it_may()
    {
        foreach (var budget in new[] { 300, 1000, 3000 })
            Assert.InRange(new BreakSearch(Ask(BreakWishes.Free)).Run(PlainAnswer.All[1].Frame, budget).Played, 0.3 * budget, 1.3 * budget);
    }

    [Fact]
    public void A_plan_is_told_from_a_first_answer_to_a_line_with_reasons_and_what_other_balls_cost()
    {
        var told = new List<BreakPlan>();
        var plan = new BreakPlanner(Ask(BreakWishes.Free)).Plan(PlainAnswer.All[5].Frame, 1000, told.Add);
        Assert.True(told.Count >= 2 && told[^1].IsFinal && told.SkipLast(1).All(answer => !answer.IsFinal));
        Assert.Equal(Red1, plan.Line[0].Stroke.Pot.Ball);
        // Red and colour in turn, the break adding up.
        Assert.InRange(plan.Line.Count, 2, BreakPlanner.Depth);
        Assert.True(plan.Line[1].Stroke.Pot.Ball >= Yellow);
        Assert.Equal(plan.Line.Select((_, i) => plan.Line.Take(i + 1).Sum(step => step.Points)), plan.Line.Select(step => step.Break));
        Assert.InRange(plan.Because.Count(), 1, 2);
        Assert.All(told.SkipLast(1), answer => Assert.Empty(answer.Because));
        Assert.NotEmpty(plan.Others);
        Assert.All(plan.Others, other => Assert.True(other.Ball != Red1 && other.Cost >= 0));
    }

    /// <summary>B37: the white ran on until the planned red is shut behind the pink; two others are on and are found first.</summary>
    [Fact]
    public void B37_after_a_white_that_ran_on_the_others_that_are_still_on_are_found()
    {
        FrameState From(Place white) => new(
            [
                new(Cue, white), new(Red1, new Place(3.2, 1.2)), new(Red2, new Place(2.9, 0.45)), new(Red3, new Place(2.5, 0.45)),
                new(Pink, new Place(2.95, 1.0)), new(Black, Spots.Black),
                .. BallSet.Colours.Where(colour => colour < Pink).Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)),
            ],
            BallGauge.Standard, BallOn.Red);

        // On the line of pink and red the red cannot be seen.
        var shut = From(new Place(2.95, 1.0).Towards(new Place(3.2, 1.2), -0.3));
        var plan = new BreakPlanner(Ask(BreakWishes.Free)).Plan(shut, 1000);
        Assert.NotEmpty(plan.Line);
        var found = plan.Others.Select(other => other.Ball).Prepend(plan.Line[0].Stroke.Pot.Ball).ToList();
        Assert.DoesNotContain(Red1, found);
        Assert.Equal([Red2, Red3], found.Order());
    }

    /// <summary>Rules for the plan: no side, no cushion, only one ball.</summary>
    [Fact]
    public void What_the_player_rules_out_is_not_proposed()
    {
        var frame = PlainAnswer.All[1].Frame;
        var plain = new BreakSearch(Ask(new BreakWishes(Side: false, Cushion: false))).Run(frame, 1500);
        Assert.NotEmpty(plain.Best);
        var player = new FramePlayer(Club, League);
        foreach (var rated in plain.Best)
        {
            Assert.Equal(0, rated.Stroke.Strike.Side);
            Assert.Empty(player.Play(frame, player.LayoutOf(frame)!, rated.Stroke, StrokeDraw.Exact).Result.WhiteCushions);
        }

        Assert.All(new BreakSearch(Ask(new BreakWishes(Only: Red3))).Run(frame, 600).Best,
            rated => Assert.Equal(Red3, rated.Stroke.Pot.Ball));
    }

    [Fact]
    public void With_nothing_on_there_is_no_line()
    {
        // The only red stands behind a wall of colours, tight on the cushion.
        var wall = BallSet.Colours.Select((colour, i) => new PlacedBall(colour, new Place(3.4, 0.75 + 0.056 * i)));
        var frame = new FrameState(
            [new(Cue, new Place(1, 0.889)), new(Red1, new Place(3.5, 0.889)), .. wall], BallGauge.Standard, BallOn.Red);
        var plan = new BreakPlanner(Ask(BreakWishes.Free)).Plan(frame, 400);
        Assert.Empty(plan.Line);
        Assert.True(plan.IsFinal);
    }

    [Fact]
    public void A_white_in_hand_is_put_where_the_plan_is_worth_most()
    {
        // The green near its pocket: from the yellow side of the D it can be potted, from behind the brown it cannot.
        var frame = new FrameState(
            [new(Cue, TheD.Centre),
                .. BallSet.Colours.Where(colour => colour != Yellow).Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))],
            BallGauge.Standard, BallOn.Green, IsInHand: true);
        frame = frame with { Balls = [.. frame.Balls.Where(placed => placed.Ball != Cue), new(Cue, new Place(0.6, 0.889))] };
        var planner = new BreakPlanner(Ask(BreakWishes.Free));
        var plan = planner.Plan(frame, 800);
        Assert.Equal(Green, plan.Line[0].Stroke.Pot.Ball);
        Assert.True(TheD.Contains(plan.White!.Value));
        var worst = BreakPlanner.PlacesInTheD(frame).Min(place => planner.WorthInHand(frame, place));
        Assert.True(planner.WorthInHand(frame, plan.White.Value) > worst);
    }

    [Fact]
    public void A_search_that_is_stopped_stops()
    {
        using var stop = new CancellationTokenSource();
        var planner = new BreakPlanner(Ask(BreakWishes.Free));
        Assert.ThrowsAny<OperationCanceledException>(() => planner.Plan(PlainAnswer.All[0].Frame, 200_000, _ => stop.Cancel(), stop.Token));
    }

    /// <summary>B11's end of a frame by play: colours on their spots are cleared by a player without errors, 27 points.</summary>
    [Fact]
    public void A_visit_is_played_out_by_the_rules()
    {
        var frame = new FrameState(
            [new(Cue, new Place(1.0, 0.75)), new(Pink, new Place(3.2, 0.5)), new(Black, Spots.Black)], BallGauge.Standard, BallOn.Pink);
        var search = new BreakSearch(Ask(BreakWishes.Free));
        var visits = Play();
        Assert.All(visits, visit => Assert.Contains(visit.Points, new[] { 0, 6, 13 }));
        // The other side comes to the table unless the frame is over: after a miss, with what was given away.
        Assert.All(visits, visit => Assert.Equal(visit.Points < 13, visit.Left is not null));
        Assert.All(visits, visit => Assert.True(visit.Given == 0 || visit is { Given: >= 6, Left: not null }));
        Assert.Equal(Told(visits), Told(Play()));

        List<Visit> Play() =>
        [
            .. Enumerable.Range(0, 12).Select(seed => new Playout(Club, League)
                .Play(frame, (now, _) => search.Run(now, 200).Best is [var best, ..] ? best.Stroke : null, seed)),
        ];

        static IEnumerable<(Visit, Place?)> Told(List<Visit> visits) =>
            visits.Select(visit => (visit with { Left = null }, visit.Left?.White));
    }

    private static BallId? BestBall(FrameState frame) =>
        new BreakSearch(Ask(BreakWishes.Free)).Run(frame, 2500).Best is [var best, ..] ? best.Stroke.Pot.Ball : null;

    private static BreakSearchResult Search(FrameState frame, int threads) =>
        new BreakSearch(BreakPlanner.Ask(Club, League, BreakWishes.Free, 3, threads)).Run(frame, 1200);

    private static BreakQuestion Ask(BreakWishes wishes) => BreakPlanner.Ask(Club, League, wishes, 1);
}
