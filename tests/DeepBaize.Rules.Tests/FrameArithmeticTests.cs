using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules.Tests;

/// <summary>The arithmetic of a frame: sums that follow from the values in the official rules, section 3.</summary>
public sealed class FrameArithmeticTests
{
    private static FrameState Frame(
        BallOn on, int reds, BallId lowest = BallId.Yellow, bool isFreeBall = false, int breakSoFar = 0, Scores scores = default) => new(
        [
            .. BallSet.Reds.Take(reds).Select(red => new PlacedBall(red, default)),
            .. BallSet.Colours.Where(colour => colour >= lowest).Select(colour => new PlacedBall(colour, default)),
        ],
        BallGauge.Standard, on, scores, breakSoFar, IsFreeBall: isFreeBall);

    [Fact]
    public void Points_remaining_are_eight_for_each_red_and_the_colours()
    {
        int[] expected = [27, 35, 43, 51, 59, 67, 75, 83, 91, 99, 107, 115, 123, 131, 139, 147];
        Assert.Equal(expected,
            Enumerable.Range(0, 16).Select(reds => FrameArithmetic.PointsRemaining(Frame(reds == 0 ? BallOn.Yellow : BallOn.Red, reds))));
        Assert.All(Enumerable.Range(0, 15),
            reds => Assert.Equal(8 * reds + 34, FrameArithmetic.PointsRemaining(Frame(BallOn.Colour, reds))));
    }

    [Theory]
    [InlineData(BallId.Yellow, 27)]
    [InlineData(BallId.Green, 25)]
    [InlineData(BallId.Brown, 22)]
    [InlineData(BallId.Blue, 18)]
    [InlineData(BallId.Pink, 13)]
    [InlineData(BallId.Black, 7)]
    public void Of_the_colours_alone_the_rest_remains_and_a_free_ball_adds_the_ball_on(BallId lowest, int points)
    {
        var on = BallsOn.Infer(BallSet.Colours.Where(colour => colour >= lowest))!.Value;
        Assert.Equal(points, FrameArithmetic.PointsRemaining(Frame(on, 0, lowest)));
        Assert.Equal(points + BallValue.Of(lowest), FrameArithmetic.PointsRemaining(Frame(on, 0, lowest, isFreeBall: true)));
    }

    /// <summary>
    /// With blacks: the tenth red makes 73 and leaves 67 (5 times 8 and 27); nine make 72 and leave 75. Worked out by hand.
    /// </summary>
    [Theory]
    [InlineData(BallOn.Red, 15, 0, 0, 73)]
    [InlineData(BallOn.Red, 6, 20, 0, 25)]
    [InlineData(BallOn.Colour, 5, 73, 0, 0)]
    [InlineData(BallOn.Red, 5, 80, 0, 0)]
    [InlineData(BallOn.Red, 5, 67, 0, 1)]
    [InlineData(BallOn.Colour, 0, 28, 0, 0)]
    [InlineData(BallOn.Colour, 0, 27, 0, 7)]
    [InlineData(BallOn.Colour, 2, 40, 30, 23)]
    [InlineData(BallOn.Yellow, 0, 27, 0, 2)]
    [InlineData(BallOn.Yellow, 0, 10, 42, 33)]
    public void Points_secure_a_frame_that_lead_by_more_than_the_opponent_would_find(
        BallOn on, int reds, int player, int opponent, int points) =>
        Assert.Equal(points, FrameArithmetic.PointsToSecure(Frame(on, reds, scores: new Scores(player, opponent))));

    [Fact]
    public void Thirteen_ahead_with_pink_and_black_to_come_the_pink_secures_it()
    {
        Assert.Equal(6, FrameArithmetic.PointsToSecure(Frame(BallOn.Pink, 0, BallId.Pink, scores: new Scores(40, 27))));
        Assert.Equal(0, FrameArithmetic.PointsToSecure(Frame(BallOn.Pink, 0, BallId.Pink, scores: new Scores(41, 27))));
    }

    /// <summary>
    /// A free ball counts as a red and comes back: 60 and one make more than 5 times 8 and 27 only with the colour after it.
    /// </summary>
    [Fact]
    public void A_free_ball_helps_to_secure_a_frame_and_is_not_left_to_the_opponent() =>
        Assert.Equal(8, FrameArithmetic.PointsToSecure(Frame(BallOn.Red, 5, isFreeBall: true, scores: new Scores(60, 0))));

    [Fact]
    public void The_largest_break_is_147_and_155_with_a_free_ball_first()
    {
        Assert.Equal(147, FrameArithmetic.LargestBreak(Frame(BallOn.Red, 15)));
        Assert.Equal(155, FrameArithmetic.LargestBreak(Frame(BallOn.Red, 15, isFreeBall: true)));
        Assert.Equal(8 * 6 + 35, FrameArithmetic.PointsRemaining(Frame(BallOn.Red, 6, isFreeBall: true)));
    }

    [Theory]
    [InlineData(BallId.Pink, 132)]
    [InlineData(BallId.Blue, 117)]
    [InlineData(BallId.Brown, 102)]
    [InlineData(BallId.Yellow, 72)]
    public void A_clearance_with_one_colour_after_every_red_has_its_sum(BallId colour, int points) =>
        Assert.Equal(points, 15 * (BallValue.Of(BallId.Red1) + BallValue.Of(colour)) + BallValue.OfColours);

    /// <summary>C67: about 13 to 14 pots make a fifty (common practice; the sums are exact).</summary>
    [Fact]
    public void With_blacks_thirteen_pots_make_49_and_fifty_takes_fourteen_a_hundred_26()
    {
        var start = Frame(BallOn.Red, 15);
        Assert.Equal(13, FrameArithmetic.FewestPots(start, 49));
        Assert.Equal(14, FrameArithmetic.FewestPots(start, 50));
        Assert.Equal(14, FrameArithmetic.FewestPots(start, 56));
        Assert.Equal(15, FrameArithmetic.FewestPots(start, 57));
        Assert.Equal(25, FrameArithmetic.FewestPots(start, 97));
        Assert.Equal(26, FrameArithmetic.FewestPots(start, 100));
        Assert.Equal(36, FrameArithmetic.FewestPots(start, 147));
        Assert.Null(FrameArithmetic.FewestPots(start, 148));
        Assert.Equal(0, FrameArithmetic.FewestPots(Frame(BallOn.Red, 4, breakSoFar: 60), 50));
        Assert.Null(FrameArithmetic.FewestPots(Frame(BallOn.Red, 4, breakSoFar: 30), 100));
    }

    /// <summary>C68: a hundred before the colours takes mostly high ones (common practice; the sums are exact).</summary>
    [Fact]
    public void A_hundred_before_the_colours_needs_colours_of_more_than_five_and_a_half()
    {
        Assert.Equal(5.67, FrameArithmetic.AverageColourNeeded(100, 0, 15), 0.005);
        // Blues alone give only ninety.
        Assert.Equal(90, 15 * (1 + BallValue.Of(BallId.Blue)));
    }

    [Theory]
    [InlineData(35, 35, 4, 0, 1)]
    [InlineData(35, 35, 7, 0, 1)]
    [InlineData(36, 35, 4, 1, 1)]
    [InlineData(36, 35, 7, 1, 1)]
    [InlineData(39, 35, 4, 1, 2)]
    [InlineData(39, 35, 5, 1, 1)]
    [InlineData(40, 35, 4, 2, 2)]
    [InlineData(40, 35, 5, 1, 2)]
    [InlineData(40, 35, 6, 1, 1)]
    [InlineData(60, 51, 4, 3, 3)]
    [InlineData(60, 51, 5, 2, 2)]
    [InlineData(60, 51, 7, 2, 2)]
    [InlineData(28, 27, 4, 1, 1)]
    [InlineData(32, 27, 4, 2, 2)]
    [InlineData(32, 27, 5, 1, 2)]
    [InlineData(48, 27, 4, 6, 6)]
    [InlineData(48, 27, 5, 5, 5)]
    [InlineData(48, 27, 6, 4, 4)]
    [InlineData(48, 27, 7, 3, 4)]
    [InlineData(26, 22, 4, 1, 2)]
    [InlineData(26, 22, 5, 1, 1)]
    [InlineData(24, 18, 5, 2, 2)]
    [InlineData(24, 18, 6, 1, 2)]
    [InlineData(24, 18, 7, 1, 1)]
    [InlineData(20, 13, 6, 2, 2)]
    [InlineData(20, 13, 7, 1, 2)]
    [InlineData(20, 25, 4, 0, 0)]
    public void Penalties_needed_follow_from_what_is_missing(int deficit, int remaining, int penalty, int tie, int win) =>
        Assert.Equal(new SnookersNeeded(tie, win), FrameArithmetic.Snookers(deficit, remaining, penalty));

    [Fact]
    public void With_only_the_black_left_more_than_seven_behind_is_lost()
    {
        Assert.True(FrameArithmetic.CanBeSaved(Frame(BallOn.Black, 0, BallId.Black, scores: new Scores(50, 57))));
        Assert.False(FrameArithmetic.CanBeSaved(Frame(BallOn.Black, 0, BallId.Black, scores: new Scores(50, 58))));
        Assert.Equal(5, FrameArithmetic.LeastPenalty(BallOn.Blue));
        Assert.Equal(4, FrameArithmetic.LeastPenalty(BallOn.Red));
    }
}
