using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Numbers that depend on what they should and on nothing else.</summary>
public sealed class NumbersTests
{
    [Fact]
    public void What_the_pockets_take_is_measured_once_whatever_the_player_s_paces()
    {
        var paces = PaceScale.TryBuild([new PaceMark(2, 0.9, 0.05), new PaceMark(8, 4.2, 0.05)], out _)!;
        var own = Club with { Conditions = Club.Conditions with { Cue = Club.Conditions.Cue with { Paces = paces, MaxSpeed = 6 } } };
        Assert.Same(PocketOpenings.Of(Club), PocketOpenings.Of(own));
    }

    [Theory]
    [InlineData(0.42, 0.5, 0.99)]
    [InlineData(0.43, 0.95, 0.09)]
    [InlineData(0.14, 1, 0.01)]
    public void No_table_is_drawn_that_cannot_be_simulated(double cushionFriction, double slidingFriction, double rollingFriction)
    {
        var conditions = PlayingConditions.Club with
        {
            Table = PlayingConditions.Club.Table with
            {
                CushionFriction = cushionFriction,
                SlidingFriction = slidingFriction,
                RollingFriction = Math.Min(rollingFriction, 0.1)
            },
            Balls = PlayingConditions.Club.Balls with { FrictionFactor = 18 },
        };
        Assert.Empty(Coefficients.Problems(conditions));
        foreach (var doubt in new[] { TableDoubt.Unmeasured, TableDoubt.Measured })
        {
            for (var number = 0; number < TableDoubt.Tables; number++)
                Assert.Empty(Coefficients.Problems(doubt.Draw(conditions, 7, number)));
        }
    }

    /// <summary>A pot that a ball shuts takes no stroke to refuse.</summary>
    [Fact]
    public void A_search_tells_the_strokes_that_it_simulated()
    {
        var layout = Lay(
            (BallId.Cue, 1.0, 0.889), (BallId.Red1, 2.0, 0.889), (BallId.Blue, 1.06, 0.889), (BallId.Pink, 1.06, 0.83),
            (BallId.Black, 1.06, 0.948));
        var question =
            Seek(layout, new Pot(BallId.Red1, PocketId.TopYellowSide), HousePlayers.Club, 1);
        Assert.Equal(0, new StrokeSearch(question).Run().Last().Played);
    }
}
