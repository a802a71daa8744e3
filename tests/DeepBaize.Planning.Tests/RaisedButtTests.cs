using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>What a raised butt is good for, and what it costs.</summary>
public sealed class RaisedButtTests
{
    /// <summary>The blue hides the red from the white.</summary>
    private static readonly (BallId, double, double)[] Hidden =
        [(BallId.Cue, 1.0, 0.889), (BallId.Blue, 1.35, 0.889), (BallId.Red1, 2.0, 0.889)];

    [Fact]
    public void Strokes_are_found_that_curve_round_the_ball_in_the_way()
    {
        var layout = Lay(Hidden);
        var finder = new SwerveFinder(Club);
        var strokes = finder.Find(layout, BallId.Red1, 4);
        Assert.Equal(4, strokes.Count);
        Assert.True(strokes.Zip(strokes.Skip(1)).All(pair => pair.First.WindowRadians >= pair.Second.WindowRadians));
        foreach (var stroke in strokes)
        {
            var outcome = new TableSimulation(Club.Conditions, Club.Outline).Play(layout, stroke.Strike);
            Assert.Equal(BallId.Red1, outcome.FirstContact!.Value.Ball);
            Assert.Empty(outcome.Passed);
            Assert.Equal(stroke.Fraction, outcome.FirstContact.Value.Fraction, 1e-9);
            // Right side (C30, common practice, no source) curves to the right: the cue points to the left of the red.
            Assert.Equal(Math.Sign(stroke.Strike.Side), Math.Sign(stroke.Strike.DirectionRadians));
            Assert.True(stroke.Strike.ElevationRadians > 0.1 && stroke.WindowRadians > 1e-3);
        }

        Assert.Contains(strokes, stroke => stroke.Strike.Side > 0);
        Assert.Contains(strokes, stroke => stroke.Strike.Side < 0);
    }

    [Fact]
    public void Where_nothing_can_curve_round_no_stroke_is_told()
    {
        var layout = Lay(
            (BallId.Cue, 1.0, 0.889), (BallId.Blue, 1.06, 0.889), (BallId.Pink, 1.03, 0.96), (BallId.Black, 1.03, 0.818),
            (BallId.Red1, 2.2, 0.889));
        Assert.Empty(new SwerveFinder(Club).Find(layout, BallId.Red1, 4));
        Assert.Empty(new SwerveFinder(Club).Find(layout, BallId.Red2, 4));
    }

    /// <summary>B20: the same tip and pace with the butt up hops higher, screws back less and leaves no more room for error.</summary>
    [Fact]
    public void Dug_down_the_white_hops_and_comes_back_less()
    {
        var layout = Lay((BallId.Cue, 2.927, 1.028), (BallId.Black, 3.245, 0.519));
        var player = new StrokePlayer(Club);
        var pot = new Pot(BallId.Black, PocketId.TopYellowSide, PocketPart.Opening);
        var (level, raised) = ButtWays.Of(player, layout, pot, Dials.AtPace(6, 0, -0.4));
        Assert.InRange(level.ElevationDegrees, ButtRaise.LeastDegrees, CueingAnswer.LevelDegrees);
        Assert.Equal(ButtWays.UsualRaised, raised.ElevationDegrees, 1e-9);
        Assert.InRange(level.Stroke!.Rise, 0, 0.001);
        Assert.InRange(raised.Stroke!.Rise, 0.002, 0.05);
        Assert.True(level.Back > raised.Back + 0.1, $"{level.Back} {raised.Back}");
        var (_, steeper) = ButtWays.Of(player, layout, pot, Dials.AtPace(6, 0, -0.4) with { ElevationRadians = 30 * Math.PI / 180 });
        Assert.Equal(30, steeper.ElevationDegrees, 1e-9);
        Assert.True(steeper.Stroke!.Rise > raised.Stroke.Rise && steeper.Back < raised.Back);
    }

    [Fact]
    public void A_butt_that_is_raised_without_need_makes_the_scatter_larger()
    {
        var layout = Lay((BallId.Cue, 1.5, 0.889), (BallId.Black, 3.245, 0.889));
        var level = Dials.AtPace(4).Along(0);
        var raised = level with { ElevationRadians = 20 * Math.PI / 180 };
        var (plain, up) = (CueingReader.Read(layout, HousePlayers.Club, level), CueingReader.Read(layout, HousePlayers.Club, raised));
        Assert.Equal(ButtRaise.LeastDegrees, up.ElevationDegrees);
        Assert.Equal(20, up.RaisedDegrees, 1e-9);
        Assert.True(up.Factor > 1.3 * plain.Factor, $"{plain.Factor} {up.Factor}");
        Assert.Equal(up.Factor, CueingReader.Deliver(Club, layout, HousePlayers.Club, raised, new HitIntent(BallId.Black)).Factor);
    }
}
