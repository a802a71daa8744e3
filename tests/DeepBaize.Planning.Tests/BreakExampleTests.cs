using DeepBaize.Evidence;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>Examples of what the planner must answer; places in millimetres are across from the green side and up from baulk.</summary>
public sealed class BreakExampleTests
{
    private static readonly PlayerProfile League = HousePlayers.League;

    /// <summary>The facts that stand behind a plan's reasons against the other balls and what most would play.</summary>
    private static IEnumerable<PlanFact> Facts(BreakPlan plan) => plan.Others.Select(other => other.Versus).Concat(plan.Because)
        .SelectMany(versus => versus.Reasons).SelectMany(reason => reason.Facts);

    /// <summary>
    /// B09, with a colour on: the red to play for next is one that has others beside it, and more than one is on then. The plan says so
    /// as a reason where that is not true of the stroke that it is compared with.
    /// In one position of six another may be as good: the long check of such positions plays those out.
    /// </summary>
    [Fact]
    public void B09_the_next_red_is_one_with_others_beside_it_and_more_than_one_is_on_then()
    {
        var (p, q) = (At(1150, 2900), At(400, 1200));
        List<string> wrong = [];
        foreach (var white in new Place[] { new(2.0, 1.1), new(2.0, 0.7), new(2.05, 1.15) })
        {
            Look(white, p, Red1);
            Look(white, q, Red2);
        }

        Assert.True(wrong.Count <= 1, string.Join(", ", wrong));

        // A colour is on and the blue at hand; two more reds lie within 250 mm of one of the two.
        void Look(Place white, Place beside, BallId there)
        {
            var plan = new BreakPlanner(Ask(BreakWishes.Free)).Plan(
                new FrameState(
                    [new(Cue, white), new(Red1, p), new(Red2, q), new(Red3, beside.Offset(0.1, 0.2)),
                        new(Red4, beside.Offset(-0.21, 0.1)), .. Spotted()],
                    BallGauge.Standard, BallOn.Colour),
                6000);
            var next = plan.Line[1].Stroke.Pot.Ball;
            var areOn = new FactFinder(Club, League).Of(plan.Line[0]).Any(fact => fact is { Kind: FactKind.Alternates, Value: >= 2 });
            if ((next != there && next != Red3 && next != Red4) || !areOn) wrong.Add($"{next} from {white.X} {white.Y} for {there}");
        }
    }

    /// <summary>
    /// B09: of two reds that are as easy now, the one with two others beside it is worth more; the others laid beside the other one turn it
    /// round.
    /// </summary>
    [Theory]
    [InlineData(1.95, 0.67)]
    [InlineData(1.79, 0.52)]
    public void B09_of_two_reds_that_are_as_easy_the_one_with_others_beside_it_ranks_first(double x, double y)
    {
        var (byThePink, belowTheBlue) = NextReds.From(new Place(x, y));
        Assert.InRange(Best(byThePink, Red1).Pot.Share - Best(byThePink, Red2).Pot.Share, -0.1, 0.1);
        Assert.True(Best(byThePink, Red1).Worth > Best(byThePink, Red2).Worth + 1);
        Assert.True(Best(belowTheBlue, Red2).Worth > Best(belowTheBlue, Red1).Worth + 0.5);
        foreach (var position in new[] { byThePink, belowTheBlue })
        {
            var plan = new BreakPlanner(Ask(BreakWishes.Free)).Plan(position.Frame, 4000);
            Assert.Contains(plan.Line[0].Stroke.Pot.Ball, position.Answers);
            Assert.Contains(Facts(plan), fact => fact is { Kind: FactKind.Region or FactKind.Alternates, Value: >= 2 });
        }

        static RatedStroke Best(PlainAnswer position, BallId red) =>
            new BreakSearch(Ask(new BreakWishes(Only: red))).Run(position.Frame, 4000).Best[0];
    }

    /// <summary>
    /// B10: a line is as likely as the product of its strokes; a harder first stroke with an easier next can be the better line.
    /// </summary>
    [Fact]
    public void B10_a_line_is_as_likely_as_the_product_of_its_strokes()
    {
        var (plain, hardFirst) = (LineOdds.Of([0.9, 0.8, 0.9, 0.85]), LineOdds.Of([0.82, 0.95, 0.9, 0.85]));
        Assert.Equal(0.551, plain.All, 5e-4);
        Assert.Equal(0.596, hardFirst.All, 5e-4);
        Assert.Equal((0.8, 0.82), (plain.Least, hardFirst.Least));
        Assert.True(hardFirst.All > plain.All);
        Assert.Equal(new LineOdds(1, 1), LineOdds.Of([]));
    }

    /// <summary>
    /// B47: where the white can be held, the rule without cushions takes another stroke; one that comes to a cushion fails by it and is
    /// offered without it.
    /// </summary>
    [Fact]
    public void B47_without_cushions_a_stroke_that_comes_to_one_fails_and_with_them_it_is_offered()
    {
        var reds = new[] { 2.0, 2.2, 2.4, 2.85, 3.0 }.Select((x, i) => new PlacedBall(Red1 + i, new Place(x, Measurements.CentreLine)));
        var frame = new FrameState([new(Cue, new Place(2.3, 0.5)), .. reds, .. Spotted()], BallGauge.Standard, BallOn.Red);
        var free = new BreakSearch(Ask(BreakWishes.Free) with { LineUp = new LineUp() }).Run(frame, 3000);
        var hard = new BreakSearch(Ask(BreakWishes.Free) with { LineUp = new LineUp(MayTouchCushion: false) }).Run(frame, 3000);
        var frames = new FramePlayer(Club, League);
        var layout = frames.LayoutOf(frame)!;
        Assert.NotEmpty(hard.Best);
        Assert.All(hard.Best, rated => Assert.Equal(LineUpFailure.None, Judge(rated.Stroke, false).Failure));
        // A firm stroke into the middle pocket with follow comes to a cushion.
        var firm = frames.Aim(
            layout, new Pot(Red3, PocketId.MiddleGreenSide, PocketPart.Opening), Dials.AtPace(7, 0, 0.3), BreakWishes.Free)
            ?? frames.Aim(layout, free.Best[0].Stroke.Pot, Dials.AtPace(8, 0, 0.4), BreakWishes.Free)!;
        Assert.Equal((LineUpFailure.Cushion, 0, false), Judge(firm, false));
        Assert.Equal((LineUpFailure.None, 1, true), Judge(firm, true));

        (LineUpFailure Failure, int Points, bool StaysAtTable) Judge(PlannedStroke stroke, bool cushions)
        {
            var lineUp = new LineUp(cushions);
            var trial = new FramePlayer(Club, League, lineUp).Play(frame, layout, stroke, StrokeDraw.Exact);
            var facts = SeenStroke.Of(layout, trial.Result);
            var failure = lineUp.Judge(new Referee(null).Judge(frame, stroke.Intent.Nominated, facts), facts);
            return (failure, trial.Ruling.Points, trial.Ruling.StaysAtTable);
        }
    }

    /// <summary>
    /// B48: the green stands between the yellow and a pocket; another pocket, a push of the green and a push of the brown are offered, each
    /// with its risk.
    /// </summary>
    [Fact]
    public void B48_past_a_green_in_the_way_another_pocket_and_pushes_of_green_and_brown_are_offered_with_their_risks()
    {
        var frame = new FrameState(
            [new(Cue, At(1078, 1100)), .. Spotted().Where(placed => placed.Ball != Green), new(Green, At(880, 549))], BallGauge.Standard,
            BallOn.Yellow);
        var clearing = new ColourClearing(Club, League);
        Assert.Equal([Green], clearing.InTheWay(frame));
        var remedies = clearing.Find(frame, BreakWishes.Free, 1);
        Assert.Equal([null, Green, Brown], remedies.Select(remedy => remedy.Pushed).OrderBy(ball => ball ?? Cue));
        Assert.All(remedies, remedy => Assert.True(remedy.Best.Samples > 0 && remedy.Pushes.Count <= remedy.Best.Good));
        Assert.Empty(clearing.InTheWay(frame with { Balls = [new(Cue, At(1078, 1100)), .. Spotted()] }));
    }

    /// <summary>A stroke to secure the frame is rated by a chance, never over one; a stroke to score by points.</summary>
    [Fact]
    public void To_secure_the_frame_is_a_chance_and_points_are_not()
    {
        var frame = new FrameState(
            [new(Cue, new Place(2.95, 0.62)), new(Red1, new Place(2.9, 1.25)), new(Red2, new Place(3.02, 0.5)), .. Spotted()],
            BallGauge.Standard, BallOn.Colour, new Scores(40, 30));
        Assert.Equal(23, FrameArithmetic.PointsToSecure(frame));
        var secure = new BreakSearch(Ask(new BreakWishes(Goal: BreakGoal.Secure))).Run(frame, 1500);
        Assert.All(secure.Best, rated => Assert.InRange(rated.Worth, 0.01, 1));
        Assert.True(new BreakSearch(Ask(BreakWishes.Free)).Run(frame, 1500).Best[0].Worth > 1);
    }

    /// <summary>A side that the player likes on colours ranks strokes anew: from more of six places the white comes out there.</summary>
    [Fact]
    public void The_side_on_colours_that_a_player_likes_is_sought()
    {
        (double X, double Y)[] whites = [(2.6, 0.5), (2.4, 0.6), (2.75, 0.7), (2.5, 0.9), (2.3, 0.4), (2.85, 0.55)];
        var (frames, gauge, worth) = (new FramePlayer(Club, League), new LeaveGauge(Club, League), new LeaveWorth(Club, League));
        Assert.True(Highs(SideOfStraight.High) > Highs(SideOfStraight.Low));

        int Highs(SideOfStraight wanted) => whites.Count(white =>
        {
            var frame = new FrameState(
                [new(Cue, new Place(white.X, white.Y)), new(Red1, new Place(2.95, 0.35)), .. Spotted()], BallGauge.Standard, BallOn.Red);
            var best = new BreakSearch(Ask(new BreakWishes(Approach: wanted))).Run(frame, 1500).Best[0];
            var next = frames.Play(frame, frames.LayoutOf(frame)!, best.Stroke, StrokeDraw.Exact).Ruling.Next;
            var pot = gauge.Read(next).MaxBy(one => worth.Promise(next, one)).Pot;
            var ball = next.Balls.First(placed => placed.Ball == pot.Ball).Place;
            return PottingLine.Between(next.White!.Value, ball, pot, Club.Outline, Club.Diameter)
                .SideFor(pot.Pocket) == SideOfStraight.High;
        });
    }

    /// <summary>A free ball is planned for: any ball may be played, and it counts as the ball on.</summary>
    [Fact]
    public void A_free_ball_is_planned_for()
    {
        // The red is shut away; the blue hangs over a pocket.
        var frame = new FrameState(
            [new(Cue, new Place(1.2, 0.6)), new(Red1, new Place(3.54, 0.889)), .. Spotted().Where(placed => placed.Ball != Blue),
                new(Blue, new Place(1.7, 0.12))],
            BallGauge.Standard, BallOn.Red, IsFreeBall: true);
        var best = new BreakSearch(Ask(BreakWishes.Free)).Run(frame, 1500).Best;
        Assert.True(best[0].Stroke.Pot.Ball >= Yellow);
        var frames = new FramePlayer(Club, League);
        Assert.Equal(1, frames.Play(frame, frames.LayoutOf(frame)!, best[0].Stroke, StrokeDraw.Exact).Ruling.Points);
        Assert.Empty(new BreakSearch(Ask(new BreakWishes(Only: Blue))).Run(frame with { IsFreeBall = false }, 600).Best);
    }

    /// <summary>
    /// Visits that are played out meet the same chance whoever asks, on one thread and on two, and their mean is what they came to.
    /// </summary>
    [Fact]
    public void Visits_played_out_are_the_same_on_one_thread_and_on_two()
    {
        var frame = PlainAnswer.All[5].Frame;
        var first = new BreakSearch(Ask(BreakWishes.Free)).Run(frame, 400).Best[0].Stroke;
        var one = new BreakOutlook(Ask(BreakWishes.Free)).Play(frame, first, 0, 12);
        Assert.Equal(one.Points, new BreakOutlook(Ask(BreakWishes.Free) with { Threads = 2 }).Play(frame, first, 0, 12).Points);
        Assert.Equal(one.Points.Skip(4), new BreakOutlook(Ask(BreakWishes.Free)).Play(frame, first, 4, 8).Points);
        Assert.Equal(one.Points.Average(), one.Mean, 1e-12);
        Assert.Equal(one.Points.Count(points => points >= 8), one.Reach(8).Count);
    }

    private static BreakQuestion Ask(BreakWishes wishes) => BreakPlanner.Ask(Club, League, wishes, 1);

    private static Place At(double across, double up) => new(up / 1000, Measurements.Width - across / 1000);

    private static IEnumerable<PlacedBall> Spotted() => BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value));
}
