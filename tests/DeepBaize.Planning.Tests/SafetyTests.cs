using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using DeepBaize.Words;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>What to leave: the search, what it says of its strokes, and what the opponent finds.</summary>
public sealed class SafetyTests
{
    private const int Seed = 510_000;

    private static SafetyQuestion Ask(PlayerProfile striker, PlayerProfile? opponent = null, int threads = 1) =>
        new(Club, striker, opponent ?? striker, 1, threads);

    private static IEnumerable<FrameState> NothingOn(int count) => SafetyTold.NothingOn(Club, HousePlayers.Club, Seed).Take(count);

    /// <summary>
    /// What is told of a stroke is what it does: it is legal as it is meant, foul as often as is said, and the opponent pots about as
    /// often.
    /// </summary>
    [Fact]
    public void A_stroke_that_is_told_is_legal_as_it_is_meant_and_foul_as_often_as_is_said()
    {
        var report = SafetyTold.Run(Club, HousePlayers.Club, Seed, count: 4, budget: 1000, fouls: 600, scores: 10);
        Figures.Print($"{report}.");
        Assert.Equal(0, report.Illegal);
        Assert.True(report.Fouls < 0.03, report.ToString());
        Assert.True(report.Scores < 0.2, report.ToString());
    }

    /// <summary>A game that is played on: turns go from side to side, and the lead is that of the side that began.</summary>
    [Fact]
    public void A_game_that_is_played_on_ends_with_the_last_black_and_says_who_won()
    {
        var player = new ExchangePlayer(Ask(HousePlayers.Expert), potBudget: 120, safetyBudget: 200);
        // Level, the black over the pocket: who begins pots it.
        var easy = new FrameState(Lay((Cue, 3.0, 1.3), (Black, 3.50, 1.71)).Balls, Club.Conditions.Gauge, BallOn.Black);
        var won = new ExchangeGame(Club).Play(easy, Choose, Choose, seed: 1);
        Assert.Equal((7, 1, 0, true), (won.Lead, won.Strokes, won.Turns, won.Won));
        // The side that begins passes it by, which is seven away and the frame.
        var lost = new ExchangeGame(Club).Play(easy, Miss, Choose, seed: 1);
        Assert.Equal((-7, 1, 0, false), (lost.Lead, lost.Strokes, lost.Turns, lost.Won));
        // With the pink up the game goes on after a foul, and the other side takes what is there.
        var both = easy with { Balls = [.. easy.Balls, new PlacedBall(Pink, new Place(0.09, 0.09))], On = BallOn.Pink };
        var on = new ExchangeGame(Club).Play(both, Miss, Choose, seed: 1, turns: 1);
        Assert.Equal((1, null), (on.Turns, on.Won));
        Assert.True(on.Lead <= -6);

        (FrameState Frame, PlannedStroke Stroke)? Choose(FrameState frame) =>
            player.Choose(player.Placed(frame)) is { } stroke ? (player.Placed(frame), stroke) : null;

        (FrameState Frame, PlannedStroke Stroke)? Miss(FrameState frame) =>
            Choose(frame) is { } one ? (one.Frame, PassedBy(one.Stroke)) : null;

        static PlannedStroke PassedBy(PlannedStroke stroke) =>
            stroke with { Strike = stroke.Strike with { DirectionRadians = stroke.Strike.DirectionRadians + 0.4, WhiteSpeed = 0.8 } };
    }

    [Fact]
    public void The_answer_is_the_same_on_one_thread_and_on_two()
    {
        var frame = NothingOn(1).Single();
        var (one, two) = (Plan(1), Plan(2));
        Assert.Equal(one.Best!.Judged.Stroke.Strike, two.Best!.Judged.Stroke.Strike);
        Assert.Equal(one.Best.Judged.Worths, two.Best.Judged.Worths);

        SafetyPlan Plan(int threads) => new SafetyPlanner(Ask(HousePlayers.League, threads: threads)).Plan(frame, 800);
    }

    /// <summary>A stroke that the player has in mind is judged like the answer: the answer itself is as good.</summary>
    [Fact]
    public void The_answer_is_held_against_a_stroke_of_the_players_own()
    {
        var frame = NothingOn(2).Last();
        var first = new SafetyPlanner(Ask(HousePlayers.Club)).Plan(frame, 1500).Best!.Judged;
        var again = new SafetyPlanner(Ask(HousePlayers.Club)).Plan(frame, 1500, mine: first.Stroke.Strike);
        Assert.InRange(again.Mine!.Judged.Worth - first.Worth, -0.5, 0.5);
        Assert.Contains("as good", SafetyWords.Other(again.Mine, again, frame, Club.Conditions), StringComparison.Ordinal);
        // One that goes the other way meets no ball.
        var away = first.Stroke.Strike with { DirectionRadians = first.Stroke.Strike.DirectionRadians + Math.PI, WhiteSpeed = 0.3 };
        Assert.Null(new SafetyPlanner(Ask(HousePlayers.Club)).Plan(frame, 200, mine: away).Mine);
    }

    /// <summary>What a search finds with scatter is worth more than the thinnest clip, and than what is best without.</summary>
    [Fact]
    public void The_search_beats_the_thinnest_clip_and_the_stroke_that_is_best_as_meant()
    {
        List<double> thin = [], meant = [];
        foreach (var frame in NothingOn(6))
        {
            var search = new SafetySearch(Ask(HousePlayers.Club));
            var judged = search.Judge(
                frame, [search.Run(frame, 1500)[0].Stroke, search.Plain(frame)!.Stroke, search.AsMeant(frame, 1500)!.Stroke], 300);
            thin.Add(judged[0].Over(judged[1]).Mean);
            meant.Add(judged[0].Over(judged[2]).Mean);
        }

        Assert.True(thin.Average() > 1, $"{thin.Average():0.0}");
        Assert.True(meant.Average() > 1, $"{meant.Average():0.0}");
    }

    /// <summary>A contact is aimed where it is meant: the sine of the cut is the offset (geometry of two balls of one size).</summary>
    [Theory]
    [InlineData(0.95)]
    [InlineData(-0.62)]
    [InlineData(0.22)]
    [InlineData(0)]
    public void The_sine_of_the_cut_is_the_offset_of_the_contact(double offset)
    {
        var layout = Lay((Cue, 0.6, 0.7), (Red1, 2.4, 1.1));
        var strike = FirstContacts.Aim(layout, new AimedContact(Red1, offset), Dials.AtPace(4), Club.Conditions)!.Value;
        var stroke = new PlannedStroke(new HitIntent(Red1), strike, BridgeFree, Delivery.Exact(Club.Conditions));
        var first = new TrialTable(Club).Play(TrialQuestion.Of(layout, stroke), StrokeDraw.Exact).Result.FirstContact!.Value;
        Assert.Equal(Math.Abs(offset), Math.Sin(Math.Abs(first.CutRadians)), 0.01);
        if (offset != 0) Assert.Equal(Math.Sign(offset), Math.Sign(first.CutRadians));
    }

    private static Cueing.BridgeWay BridgeFree => Cueing.BridgeWay.Plain;

    /// <summary>Half of a visit between players who are alike; nothing where nothing is on; never more than the visit.</summary>
    [Fact]
    public void A_turn_is_worth_less_than_its_visit_and_grows_with_it()
    {
        Assert.Equal(0, Stakes.Turn(0, 6));
        Assert.Equal(6, Stakes.Turn(12, 12));
        Assert.Equal(7, Stakes.Turn(7, 0));
        var turns = Enumerable.Range(1, 60).Select(visit => Stakes.Turn(visit, 8)).ToList();
        Assert.All(turns.Zip(turns.Skip(1)), pair => Assert.True(pair.Second > pair.First));
        Assert.True(turns.Zip(Enumerable.Range(1, 60)).All(pair => pair.First < pair.Second));
    }

    /// <summary>
    /// The white close behind the brown with the last red beyond it is snookered; a hand aside it is not, and near the red a safety is
    /// easier.
    /// </summary>
    [Fact]
    public void What_is_left_knows_a_snooker_a_pot_and_how_far_it_is_to_the_ball()
    {
        var reader = new LeftReader(Club, HousePlayers.League);
        var behind = reader.Read(With(new Place(0.66, 0.889)));
        Assert.True(behind is { IsSnookered: true, Pot: 0, Visit: 0 });
        Assert.InRange(behind.Hit, 0.3, 0.99);
        var (far, near) = (reader.Read(With(new Place(0.3, 0.3))), reader.Read(With(new Place(3.0, 0.4))));
        Assert.False(far.IsSnookered || near.IsSnookered);
        Assert.True(far.Awkward > near.Awkward + 0.3);
        Assert.True(behind.Turn(5) < far.Turn(5) && far.Turn(5) < 1);
        // In hand he stands where it is worth most.
        var inHand = With(new Place(0.3, 0.3));
        inHand = inHand with { Balls = inHand.ObjectBalls, IsInHand = true };
        Assert.True(reader.Read(inHand).Pot >= far.Pot);
        Assert.NotNull(reader.Placed(inHand).White);

        static FrameState With(Place white) => new(
            [new(Cue, white), new(Red1, new Place(3.5, 0.5)),
                .. BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))],
            BallGauge.Standard, BallOn.Red);
    }

    /// <summary>
    /// B53: returns to baulk count for more than stopping near the red, and a contact thinner than an eighth shows the risk to miss.
    /// </summary>
    [Fact]
    public void B53_back_to_baulk_is_better_than_stopping_near_the_red_and_a_very_fine_contact_risks_a_miss()
    {
        var frame = new FrameState(
            [new(Cue, new Place(2.9, 0.9)), new(Red1, new Place(2.95, 1.2)),
                .. BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))],
            BallGauge.Standard, BallOn.Red);
        var search = new SafetySearch(Ask(HousePlayers.Club));
        var layout = Lay([.. frame.Balls.Select(placed => (placed.Ball, placed.Place.X, placed.Place.Y))]);
        // The red can be potted, and the opponent snookered; the example asks what there is without.
        var found = search.Run(frame, 3000);
        var safeties = search.Judge(frame, [.. found.Select(one => one.Stroke)], 600);
        var home = safeties.Where((_, i) => found[i].Kind == SafetyKind.ToBaulk).MaxBy(one => one.Worth)!;
        var near = safeties.Where((one, i) => found[i].Kind is SafetyKind.RollUp or SafetyKind.Contain && one.Scores.Share < 0.05).ToList();
        Assert.True(WhiteOf(layout, home.Stroke.Strike) < 0.9);
        Assert.NotEmpty(near);
        Assert.All(near, other => Assert.True(home.Worth > other.Worth, $"{home.Worth:0.00} {other.Worth:0.00}"));
        // From the other end of the table a very fine contact is missed now and then, a quarter ball is not.
        Assert.True(FoulsFrom(0.75, 0.98).Low > 0.2);
        Assert.True(FoulsFrom(1.05, 0.75).High < 0.02);

        Chance FoulsFrom(double across, double offset)
        {
            frame = frame with { Balls = [new(Cue, new Place(0.9, across)), .. frame.ObjectBalls] };
            layout = Lay([.. frame.Balls.Select(placed => (placed.Ball, placed.Place.X, placed.Place.Y))]);
            return search.Judge(frame, [Stroke(offset, 4)], 600)[0].Fouls;
        }

        PlannedStroke Stroke(double offset, double pace)
        {
            var best = new[] { offset, -offset }
                .Select(at => FirstContacts.Aim(layout, new AimedContact(Red1, at), Dials.AtPace(pace), Club.Conditions)!.Value)
                .Select(strike => (Strike: strike, White: WhiteOf(layout, strike))).MinBy(one => one.White).Strike;
            var intent = new HitIntent(Red1);
            return new PlannedStroke(intent, best, Cueing.CueingReader.Deliver(Club, layout, HousePlayers.Club, best, intent));
        }

        static double WhiteOf(Layout layout, in Physics.Impacts.Strike strike) => new TrialTable(Club).Play(
            TrialQuestion.Of(layout, new PlannedStroke(new HitIntent(Red1), strike, BridgeFree, Delivery.Exact(Club.Conditions))),
            StrokeDraw.Exact).Result[Cue]?.X ?? 9;
    }

    /// <summary>
    /// What balls bring from anywhere is a formula: it follows the mean over places of the white, with the pack open or shut.
    /// </summary>
    [Fact]
    public void Points_from_anywhere_follow_their_mean_over_the_table()
    {
        var leaves = new LeaveWorth(Club, HousePlayers.League);
        var frames = Enumerable.Range(900, 12).Select(ArenaLayouts.Of)
            .Concat(SafetyPosition.All.Select(position => position.Frame)).ToList();
        var means = frames.Select(frame => Enumerable.Range(0, 24)
            .Select(i => new Place((i % 6 + 0.5) * Measurements.Length / 6, (i / 6 + 0.5) * Measurements.Width / 4))
            .Where(place => frame.ObjectBalls.All(ball => ball.Place.DistanceTo(place) > frame.Gauge.Diameter))
            .Average(place => leaves.Of(frame with { Balls = [new(BallId.Cue, place), .. frame.ObjectBalls], IsInHand = false })));
        Assert.True(MathNet.Numerics.Statistics.Correlation.Pearson(means, frames.Select(leaves.FromAnywhere)) > 0.95);
    }

    /// <summary>A miss costs by how much more it leaves than usual; nothing where nobody comes to the table.</summary>
    [Fact]
    public void A_miss_costs_what_it_leaves_beyond_the_usual()
    {
        var frame = new FrameState(
            Lay((BallId.Cue, 1.8, 0.9), (BallId.Red1, 3.2, 1.5), (BallId.Black, 3.245, 0.889)).Balls, Club.Conditions.Gauge, BallOn.Red);
        var visit = new VisitWorth(Club, HousePlayers.Club, HousePlayers.Club);
        var (near, far) = (Missed(2.8, 1.1), Missed(0.03, 0.03));
        Assert.True(near > 4 && far < 4, $"{near:0.0} near it, {far:0.0} far from it; 4 are given away");
        Assert.Equal(0, new VisitAlone(visit.Points).Cost(Judge(2.8, 1.1)));

        double Missed(double x, double y) => visit.Cost(Judge(x, y));

        Ruling Judge(double x, double y) => new Referee(null).Judge(
            frame, null, new StrokeFacts { After = [new(BallId.Cue, new Place(x, y)), .. frame.ObjectBalls] });
    }

    /// <summary>B59, C59: level with only the black left any foul gives 7 and ends the frame (official rules, section 3).</summary>
    [Fact]
    public void B59_level_on_the_black_a_foul_gives_seven_and_the_frame()
    {
        var position = SafetyPosition.All.First(one => one.Kind == "black-ball opening");
        var plan = new SafetyPlanner(Ask(HousePlayers.Club)).Plan(position.Frame, 600);
        Assert.Contains("it gives 7, and the frame", SafetyWords.Risk(plan.Best!, position.Frame)!, StringComparison.Ordinal);
        var worth = new SafetyWorth(Ask(HousePlayers.Club));
        var lost = new Referee(null).Judge(position.Frame, null, new StrokeFacts { After = position.Frame.Balls });
        Assert.Equal(FrameEnd.OpponentWins, lost.End);
        Assert.True(worth.Of(lost).Theirs > 7 && worth.Of(lost).Own == 0);
    }

    /// <summary>
    /// B52: with white and black in line, the black on its cushion, a full stroke that comes back is among the answers, with what a
    /// millimetre does (1.1 degrees, asin of 1 over 52.5); from (700, 1500), at an angle, it is not.
    /// </summary>
    [Fact]
    public void B52_a_double_kiss_is_offered_in_line_and_not_at_an_angle()
    {
        var plan = Plan(0.889);
        var kiss = Assert.Single(plan.Others.Prepend(plan.Best!), one => one.Kind == SafetyKind.DoubleKiss);
        Assert.Contains("by 1.1 degrees", SafetyWords.SafeSide(plan with { Best = kiss })!, StringComparison.Ordinal);
        var angled = Plan(0.7);
        Assert.DoesNotContain(angled.Others.Prepend(angled.Best!), one => one.Kind == SafetyKind.DoubleKiss);

        static SafetyPlan Plan(double across)
        {
            var frame = new FrameState(
                Lay((Cue, 1.5, across), (Black, 3.54275, 0.889)).Balls, Club.Conditions.Gauge, BallOn.Black, new Scores(60, 60));
            return new SafetyPlanner(Ask(HousePlayers.League)).Plan(frame, 3000);
        }
    }

    /// <summary>The stronger the opponent, the more is left to him; and how much that counts is a matter of daring.</summary>
    [Fact]
    public void The_opponent_and_the_daring_count()
    {
        var frame = NothingOn(3).Last();
        var (weak, strong) = (Judge(HousePlayers.Starter), Judge(HousePlayers.Expert));
        Assert.True(strong.OpponentScores > weak.OpponentScores + 0.05);
        Assert.True(strong.Worth < weak.Worth);
        // What is left counts twice for the careful and half for the daring.
        var (careful, daring) = (Judge(HousePlayers.Expert, -1), Judge(HousePlayers.Expert, 1));
        Assert.Equal(strong.Mean, careful.Mean);
        var (less, more) = (careful.Worth - strong.Worth, daring.Worth - strong.Worth);
        Assert.True(less < 0 && more > 0, $"{less:0.0} and {more:0.0}");

        JudgedExchange Judge(PlayerProfile opponent, double daring = 0)
        {
            var search = new SafetySearch(Ask(HousePlayers.Club, opponent) with { Daring = daring });
            return search.Judge(frame, [search.Plain(frame)!.Stroke], 200)[0];
        }
    }

    [Fact]
    public void Where_no_ball_can_be_hit_it_is_said()
    {
        var frame = new FrameState([new(Cue, new Place(1, 1)), new(Black, Spots.Black)], BallGauge.Standard, BallOn.Pink);
        var plan = new SafetyPlanner(Ask(HousePlayers.Club)).Plan(frame, 400);
        Assert.Null(plan.Best);
        Assert.True(plan.IsFinal);
        Assert.StartsWith("No way to hit the pink was found", SafetyWords.Sentence(plan, frame, Club.Conditions), StringComparison.Ordinal);
    }

    /// <summary>The coach's file can be read and extended: every position can be laid, and there are four and more of each kind.</summary>
    [Fact]
    public void The_safety_positions_of_the_coach_can_be_laid()
    {
        Assert.True(SafetyPosition.All.Count >= 30);
        Assert.All(SafetyPosition.All.GroupBy(position => position.Kind), kind => Assert.True(kind.Count() >= 4, kind.Key));
        Assert.Equal(SafetyPosition.All.Count, SafetyPosition.All.Select(position => position.Name).Distinct().Count());
        Assert.All(SafetyPosition.All, position =>
            Assert.NotNull(new Breaks.FramePlayer(Club, position.Striker).LayoutOf(position.Frame)));
    }

    /// <summary>A coach's judgement is held against the stroke: what he calls wrong is told.</summary>
    [Fact]
    public void What_a_coach_calls_wrong_about_a_safety_is_told()
    {
        var position = SafetyPosition.All.First(one => one.Kind == "black-ball opening");
        var plan = new SafetyPlanner(Ask(position.Striker)).Plan(position.Frame, 400);
        Assert.Empty(Read(new SafetyWish()));
        Assert.Single(Read(new SafetyWish(Kinds: [SafetyKind.Pot])));
        Assert.Single(Read(new SafetyWish(CoverAtMost: 0)));
        Assert.Single(Read(new SafetyWish(CoverAtLeast: 1.01)));
        Assert.Single(Read(new SafetyWish(PaceAtMost: 0.5)));
        Assert.Single(Read(new SafetyWish(Stops: new CoachArea(X: [0, 0.01]))));
        Assert.Single(Read(new SafetyWish(TheyScoreAtMost: -1)));

        IEnumerable<string> Read(SafetyWish right) => (position with { Right = right }).Read(Club, plan);
    }
}
