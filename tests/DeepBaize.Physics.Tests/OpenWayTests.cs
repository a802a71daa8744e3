using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>Where the white goes when nothing is in its way, against the engine's own paths.</summary>
public sealed class OpenWayTests
{
    [Fact]
    public void The_white_passes_on_the_line_that_it_is_said_to_take()
    {
        var (random, simulation, seen) = (new Random(18), Shots.Simulation(PlayingConditions.Club), 0);
        for (var i = 0; i < 300; i++)
        {
            var white = new Place(0.3 + 3 * random.NextDouble(), 0.3 + 1.2 * random.NextDouble());
            var strike = new Strike(
                random.NextDouble() * Math.Tau, 0.8 + 3 * random.NextDouble(), random.NextDouble() - 0.5, random.NextDouble() - 0.5,
                random.NextDouble() * 0.6);
            var record = new ShotRecord();
            simulation.Play(Shots.Lay(PlayingConditions.Club, (BallId.Cue, white.X, white.Y)), strike, record);
            foreach (var piece in record.Segments.TakeWhile(piece => !TouchesRubber(record, piece.StartTime)))
            {
                if (white.DistanceTo(piece.End) < 0.05 || white.DistanceTo(piece.Start) >= white.DistanceTo(piece.End)) continue;
                var turn = OpenWay.TurnRadians(strike, white.DistanceTo(piece.End), PlayingConditions.Club);
                Assert.Equal(0, Math.IEEERemainder(strike.DirectionRadians + turn - white.HeadingTo(piece.End), Math.Tau), 1e-9);
                seen++;
            }
        }

        Assert.InRange(seen, 500, 5000);
    }

    [Fact]
    public void Without_side_it_goes_straight_and_side_with_the_butt_up_takes_it_over_to_that_side()
    {
        var conditions = PlayingConditions.Club;
        Assert.Equal(0, OpenWay.TurnRadians(new Strike(0.7, 2, 0, -0.3, 0.1), 2, conditions), 1e-12);
        var pushOff = CueStrike.PushOffRadians(0.3, conditions.Cue.EndMassRatio);
        Assert.Equal(pushOff, OpenWay.TurnRadians(new Strike(0, 1.5, 0.3, 0), 2, conditions), 1e-12);
        // Right side pushes to the left at first; the swerve brings it back to the right, the farther the slower.
        var near = OpenWay.TurnRadians(new Strike(0, 1.5, 0.3, 0, 0.09), 0.3, conditions);
        var far = OpenWay.TurnRadians(new Strike(0, 1.5, 0.3, 0, 0.09), 2, conditions);
        var slow = OpenWay.TurnRadians(new Strike(0, 1, 0.3, 0, 0.09), 2, conditions);
        Assert.True(pushOff > near && near > far && far > slow, $"{pushOff} {near} {far} {slow}");
    }

    [Fact]
    public void A_white_that_stops_short_is_told_where_it_stops()
    {
        var strike = new Strike(0, 0.5, 0.3, 0, 0.09);
        Assert.Equal(
            OpenWay.TurnRadians(strike, 20, PlayingConditions.Club), OpenWay.TurnRadians(strike, 40, PlayingConditions.Club), 1e-12);
        Assert.Throws<ArgumentOutOfRangeException>(() => OpenWay.TurnRadians(strike, 0, PlayingConditions.Club));
    }

    private static bool TouchesRubber(ShotRecord record, double before) =>
        record.Events.Exists(told => told.Time <= before && told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw or ShotEventKind.Drops);
}
