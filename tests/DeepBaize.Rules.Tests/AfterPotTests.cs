using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules.Tests;

/// <summary>What follows a legal pot, and where a colour comes back (official rules, section 3).</summary>
public sealed class AfterPotTests
{
    private static readonly BallGauge Gauge = new(0.0525, 0.03675);
    private static readonly BallId[] Full = [.. BallSet.All];

    /// <summary>What follows where nobody says what was on: the ball that is played at was.</summary>
    private static AfterPot After(IEnumerable<BallId> up, BallId potted) => AfterPot.Of(
        FrameState.Of([.. up.Select(ball => new PlacedBall(ball, new Place(1, 0.5)))], Gauge, new PlayState(IsPractice: true), potted)!,
        potted);

    [Fact]
    public void After_a_red_a_colour_is_on_and_the_red_stays_down() =>
        Assert.Equal(new AfterPot(false, BallOn.Colour), After(Full, BallId.Red3));

    [Fact]
    public void While_reds_are_up_a_colour_comes_back_and_a_red_is_on() =>
        Assert.Equal(new AfterPot(true, BallOn.Red), After(Full, BallId.Black));

    [Fact]
    public void The_colour_after_the_last_red_comes_back_and_the_yellow_is_on() =>
        Assert.Equal(new AfterPot(true, BallOn.Yellow), After([BallId.Cue, .. BallSet.Colours], BallId.Pink));

    [Fact]
    public void In_order_a_colour_stays_down_and_the_next_is_on()
    {
        Assert.Equal(new AfterPot(false, BallOn.Green), After([BallId.Cue, .. BallSet.Colours], BallId.Yellow));
        Assert.Equal(new AfterPot(false, null), After([BallId.Cue, BallId.Black], BallId.Black));
    }

    /// <summary>
    /// What follows a pot is said twice, for looking ahead and by the referee: they agree for every ball that may be played.
    /// </summary>
    [Theory]
    [InlineData(3, BallOn.Red, false)]
    [InlineData(3, BallOn.Colour, false)]
    [InlineData(0, BallOn.Colour, false)]
    [InlineData(0, BallOn.Yellow, false)]
    [InlineData(0, BallOn.Yellow, true)]
    [InlineData(2, BallOn.Red, true)]
    public void What_follows_a_pot_is_what_the_referee_says(int reds, BallOn on, bool isFreeBall)
    {
        var balls = new List<PlacedBall> { new(BallId.Cue, new Place(1.2, 0.6)) };
        balls.AddRange(BallSet.Reds.Take(reds).Select((red, i) => new PlacedBall(red, new Place(2.2 + 0.1 * i, 0.4))));
        balls.AddRange(BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)));
        var frame = new FrameState(balls, Gauge, on, IsFreeBall: isFreeBall);
        foreach (var ball in frame.Playable.ToList())
        {
            var nominated = BallSet.IsRed(ball) || BallsOn.ToBall(on) == ball ? (BallId?)null : ball;
            var facts = new StrokeFacts { FirstHit = [ball], Potted = [ball], After = [.. balls.Where(placed => placed.Ball != ball)] };
            var ruling = new Referee(null).Judge(frame, nominated, facts);
            Assert.True(ruling.Points > 0);
            Assert.Equal(new AfterPot(ruling.Next.Up.Contains(ball), ruling.Next.On), AfterPot.Of(frame, ball));
        }
    }

    [Fact]
    public void A_covered_spot_sends_a_colour_to_the_highest_free_one()
    {
        // Sequence 42 of the worked list: black spot covered, pink spot free.
        Assert.Equal(Spots.Pink, Respotting.PlaceFor(BallId.Black, [Spots.Black.Offset(0.01, 0)], Gauge));
        Assert.Equal(Spots.Black, Respotting.PlaceFor(BallId.Black, [Spots.Black.Offset(0.06, 0)], Gauge));
        // A ball that would touch the colour occupies its spot: a gap of 0.02 mm is none.
        Assert.Equal(Spots.Pink, Respotting.PlaceFor(BallId.Black, [Spots.Black.Offset(Gauge.Diameter + 0.00002, 0)], Gauge));
    }

    [Fact]
    public void With_all_spots_covered_a_colour_stands_as_near_its_own_as_can_be_towards_the_top_cushion()
    {
        var covered = BallSet.Colours.Select(colour => Spots.Of(colour)!.Value).ToList();
        var blue = Respotting.PlaceFor(BallId.Blue, covered, Gauge);
        Assert.Equal(Spots.Blue.Y, blue.Y);
        Assert.Equal(Spots.Blue.X + 0.0525, blue.X, 0.0002);
        Assert.All(covered, other => Assert.True(other.DistanceTo(blue) > 0.0525));
    }

    [Fact]
    public void Without_room_above_the_black_stands_below_its_spot()
    {
        var covered = BallSet.Colours.Select(colour => Spots.Of(colour)!.Value).ToList();
        for (var x = Spots.Black.X; x < Measurements.Length; x += 0.05) covered.Add(new Place(x, Measurements.CentreLine));
        var black = Respotting.PlaceFor(BallId.Black, covered, Gauge);
        Assert.True(black.X < Spots.Black.X);
        Assert.Equal(Spots.Black.X - 0.0525, black.X, 0.0002);
    }
}
