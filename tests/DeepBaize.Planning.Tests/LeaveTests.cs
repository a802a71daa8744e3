using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>The quick estimates that a search follows, held against what is simulated and against themselves.</summary>
public sealed class LeaveTests
{
    private static readonly PlayerProfile League = HousePlayers.League;

    /// <summary>
    /// The final roll of a sliding ball is 5/7 of its velocity and 2/7 of its spin's (Wallace and Schroeder 1988), so the runs end about
    /// where the engine stops a ball that leaves the contact so: the bend before the roll and what the cushion does to spin are left out.
    /// </summary>
    [Fact]
    public void The_white_runs_about_as_far_and_in_the_direction_that_the_engine_gives_it()
    {
        var lines = new LeaveGauge(Club, League).LinesOf([new PlacedBall(Blue, Spots.Blue)]);
        var apart = new List<double>();
        Span<Place> ends = stackalloc Place[WhiteRuns.Count];
        foreach (var line in lines.Lines)
        {
            foreach (var degrees in new[] { 15, 30, 45 })
            {
                var aim = line.Heading + degrees * Math.PI / 180;
                var white = line.Contact.Offset(-0.3 * Math.Cos(aim), -0.3 * Math.Sin(aim));
                new WhiteRuns(Club).Read(white, line, ends);
                // The first two leave the contact at 0.9 m/s, rolling and stunned; the ball takes what goes along its way.
                for (var run = 0; run < 2; run++)
                {
                    var (across, roll) = (0.9 * Math.Sin(degrees * Math.PI / 180), run == 0 ? 0.9 / Club.Conditions.Balls.Radius : 0);
                    var velocity = new Vec3(-line.Way.Y, line.Way.X, 0) * across;
                    var stopped = new TableSimulation(Club.Conditions, Club.Outline)
                        .Play(Lay((Cue, line.Contact.X, line.Contact.Y)), velocity, new Vec3(-Math.Sin(aim), Math.Cos(aim), 0) * roll);
                    var place = Assert.Single(stopped.Final).State.Place;
                    apart.Add(place.DistanceTo(ends[run]) / Math.Max(0.3, place.DistanceTo(line.Contact)));
                }
            }
        }

        Figures.Print($"{apart.Count} runs of the white off the blue: {100 * apart.Average():0} % of the run off where the engine stops "
            + $"it in the mean, {100 * apart.Max():0} % at most.");
        Assert.True(apart.Count >= 24);
        Assert.InRange(apart.Average(), 0.001, 0.2);
        Assert.True(apart.Max() < 0.5);
    }

    [Fact]
    public void Lines_without_a_ball_are_the_lines_of_the_balls_that_are_left()
    {
        PlacedBall[] balls = [
            .. Spots.Rack(0.0525).Take(6).Zip(BallSet.Reds, (place, red) => new PlacedBall(red, place)), new(Pink, Spots.Pink),
            new(Black, Spots.Black), new(Blue, new Place(2.2, 1.1))];
        var all = new LeaveGauge(Club, League).LinesOf(balls);
        foreach (var gone in balls)
        {
            var left = new LeaveGauge(Club, League).LinesOf([.. balls.Where(placed => placed.Ball != gone.Ball)]);
            Assert.Equal(left.Lines.ToArray(), all.Without(gone.Ball).Lines.ToArray());
        }

        Assert.Contains(all.Lines.ToArray(), line => !line.IsFree);
    }

    /// <summary>
    /// With a cushion behind the white the hand lies on it and the butt goes up: the nearer, the worse, and no more than that.
    /// </summary>
    [Fact]
    public void A_cushion_behind_the_white_costs_the_less_the_farther_it_is()
    {
        var factors = Enumerable.Range(0, 60).Select(step => CueingReader.CushionFactor(Club, League, 0.02625 + 0.01 * step, 0.25))
            .ToList();
        Assert.All(factors.Zip(factors.Skip(1)), pair => Assert.True(pair.First >= pair.Second));
        // Tight on the cushion the butt is up by 20 degrees: the swerve of an accidental side more than doubles the scatter.
        Assert.InRange(factors[0], 1.5, 6);
        Assert.Equal(1, factors[^1]);
    }

    /// <summary>What the gauge says of a pot off the cushion is near what strokes come to that are played from there.</summary>
    [Theory]
    [InlineData(0.03)]
    [InlineData(0.08)]
    [InlineData(0.15)]
    [InlineData(0.7)]
    public void The_gauge_knows_what_a_cushion_behind_the_white_does(double behind)
    {
        // Straight up the table along the yellow side's rail, from the baulk cushion.
        var layout = Lay((Cue, behind, 0.5), (Red1, behind + 0.9, 0.47));
        var pot = new LeaveGauge(Club, League).Read(new FrameState(layout.Balls, BallGauge.Standard, BallOn.Red))[0];
        var frames = new FramePlayer(Club, League);
        var frame = new FrameState(
            [.. layout.Balls, .. BallSet.Colours.Select(
            colour => new PlacedBall(colour, new Place(3.4, 0.4 + 0.15 * (int)(colour - Yellow))))], BallGauge.Standard, BallOn.Red);
        var stroke = frames.Aim(layout, pot.Pot with { Part = PocketPart.Opening }, Dials.AtPace(5, 0, 0.3), BreakWishes.Free);
        Assert.NotNull(stroke);
        const int strokes = 2000;
        var good = Enumerable.Range(0, strokes)
            .Count(i => frames.Play(frame, frames.LayoutOf(frame)!, stroke, Draws.Even(3, i)).Ruling.Points > 0);
        Figures.Print($"white {1000 * behind:0} mm before the cushion: gauge {100 * pot.Chance:0} %, sampled "
            + $"{100.0 * good / strokes:0} %.");
        Assert.InRange(pot.Chance - (double)good / strokes, -0.1, 0.1);
    }

    /// <summary>What was looked at before does not change what a leave is worth: cells are kept, not averaged.</summary>
    [Fact]
    public void A_leave_is_worth_the_same_whatever_was_asked_before()
    {
        var kept = new LeaveWorth(Club, League);
        var frames = Enumerable.Range(0, 40).Select(i => RandomFrame(i % 5, i)).ToList();
        var first = frames.ConvertAll(kept.Of);
        frames.Reverse();
        var again = frames.ConvertAll(kept.Of);
        again.Reverse();
        Assert.Equal(first, again);
        frames.Reverse();
        Assert.Equal(first, frames.ConvertAll(frame => new LeaveWorth(Club, League).Of(frame)));
        Assert.True(first.Distinct().Count() > 30);
    }

    /// <summary>
    /// Of two leaves with the same pot the one from which the white runs to an open colour is worth more, and so is the one whose red lies
    /// nearer to the colours; without a look at either they are the same.
    /// </summary>
    [Fact]
    public void A_pot_that_leads_somewhere_is_worth_more_than_the_same_pot_that_leads_nowhere()
    {
        // The colours lie together at one end or the other, as hard to pot there; the red is potted from the same place into a middle
        // pocket.
        var (near, far) = (Frame(0), Frame(Measurements.Length / 2 - 0.5));
        Assert.True(Worth(near, LeaveParts.All) > 1.05 * Worth(far, LeaveParts.All));
        Assert.True(Worth(near, LeaveParts.All & ~LeaveParts.Nearness) > 1.05 * Worth(far, LeaveParts.All & ~LeaveParts.Nearness));
        Assert.True(Worth(near, LeaveParts.All & ~LeaveParts.Runs) > 1.05 * Worth(far, LeaveParts.All & ~LeaveParts.Runs));
        const LeaveParts blind = LeaveParts.All & ~LeaveParts.Runs & ~LeaveParts.Nearness;
        Assert.Equal(Worth(near, blind), Worth(far, blind), 0.7);

        static double Worth(FrameState frame, LeaveParts parts) => new LeaveWorth(Club, League, parts).Of(frame);

        // Black and pink open beside the place to which the white runs, or as far away as the table is long.
        static FrameState Frame(double away) => new(
            [new(Cue, new Place(0.75, 0.6)), new(Red1, new Place(0.45, 0.35)), new(Black, new Place(0.9 + away, 0.5)),
                new(Pink, new Place(0.9 + away, 1.2))], BallGauge.Standard, BallOn.Red);
    }

    /// <summary>
    /// A colour that hangs over a pocket is potted from there once and comes back to its spot: with reds still up it promises no more than
    /// from its spot.
    /// </summary>
    [Fact]
    public void A_colour_over_a_pocket_gives_no_more_in_the_long_run_than_from_its_spot()
    {
        // The white leaves only the red: what the black is worth later is all that differs.
        var (spotted, hanging, shut) = (
            Worth(Spots.Black), Worth(new Place(3.4, 1.68)), Worth(new Place(Measurements.Length - 0.027, 0.889)));
        Figures.Print($"black on its spot {spotted:0.00}, over a pocket {hanging:0.00}, tight on the top cushion {shut:0.00}.");
        Assert.InRange(hanging, 0.9 * spotted, spotted);
        Assert.True(shut < 0.9 * spotted);

        static double Worth(Place black) =>
            new LeaveWorth(Club, League, LeaveParts.All & ~LeaveParts.Runs & ~LeaveParts.Nearness).Of(new FrameState(
            [new(Cue, new Place(2.0, 0.5)), new(Red1, new Place(1.9, 0.3)), new(Red2, new Place(2.6, 0.6)), new(Red3, new Place(2.9, 1.2)),
                new(Black, black)], BallGauge.Standard, BallOn.Red));
    }

    private static FrameState RandomFrame(int seed, int white)
    {
        var random = new Random(seed);
        var balls = BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)).ToList();
        foreach (var red in BallSet.Reds.Take(6)) Add(red, random);
        Add(Cue, new Random(1000 + white));
        return new FrameState([.. balls.OrderBy(placed => placed.Ball)], BallGauge.Standard, white % 2 == 0 ? BallOn.Red : BallOn.Colour);

        void Add(BallId ball, Random from)
        {
            Place place;
            do place = new Place(0.1 + from.NextDouble() * 3.3, 0.1 + from.NextDouble() * 1.5);
            while (balls.Exists(other => other.Place.DistanceTo(place) < 0.06));
            balls.Add(new PlacedBall(ball, place));
        }
    }
}
