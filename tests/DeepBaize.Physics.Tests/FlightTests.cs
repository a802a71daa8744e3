using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>Balls in the air, on the club table unless said; heights are those of the centre over where it is on the bed.</summary>
public sealed class FlightTests
{
    private const double Radius = 0.02625;
    private static readonly PlayingConditions Club = PlayingConditions.Club;
    private static readonly PlayingConditions NoPushOff = Club with { Cue = Club.Cue with { EndMassRatio = 1e12 } };

    /// <summary>
    /// Coriolis 1835: all impulses of the cloth pass through the lowest point, so the white ends parallel to the line from where it lay to
    /// where the cue's line meets the cloth, whatever the pace, and however it hops on the way.
    /// </summary>
    [Fact]
    public void After_the_slide_the_white_runs_parallel_to_the_line_to_where_the_cue_points_whatever_the_pace()
    {
        var random = new Random(18);
        var checkedStrikes = 0;
        while (checkedStrikes < 1_000)
        {
            var offset = 0.5 * Math.Sqrt(random.NextDouble());
            var (sin, cos) = Math.SinCos(random.NextDouble() * Math.Tau);
            var strike = new Strike(
                random.NextDouble() * Math.Tau, 0.3 + 2 * random.NextDouble(), offset * cos, offset * sin, random.NextDouble() * 1.39);
            var record = new ShotRecord();
            Shots.Simulation(NoPushOff).Play(Shots.Lay(NoPushOff, (BallId.Cue, 1.7, 0.889)), strike, record);
            var rolls = record.Events.FirstOrDefault(told => told.Balls[0].Phase == MotionPhase.Rolling);
            if (rolls is null || record.Events.Any(told => told.Kind == ShotEventKind.Cushion && told.Time < rolls.Time)) continue;
            var heading = rolls.Balls[0].After.Velocity;
            var wanted = ToWhereTheCuePoints(strike);
            Assert.True(
                (heading * (1 / heading.Length) - wanted * (1 / wanted.Length)).Length < 1e-6, $"{strike}: {heading}, not along {wanted}");
            checkedStrikes++;
        }
    }

    [Fact]
    public void A_white_that_flies_over_a_ball_is_told_with_the_ball_and_the_moment()
    {
        var (outcome, record) = Play(
            Club, new Vec3(1.5, 0, 2), (BallId.Cue, 1, 0.889), (BallId.Blue, 1.25, 0.889), (BallId.Pink, 2.5, 0.5));
        Assert.Equal([new PassedBall(BallId.Blue, PassMoment.BeforeContact, ToFarSide: true)], outcome.Passed);
        Assert.Null(outcome.FirstContact);
        Assert.Equal(2 * 2 / (2 * Club.Table.Gravity), outcome.WhiteHeight, 1e-12);
        Assert.Contains(record.Events, told => told.Kind == ShotEventKind.Lands);
    }

    [Fact]
    public void A_white_that_passes_beside_or_hardly_leaves_the_bed_passes_over_nothing()
    {
        var (beside, _) = Play(Club, new Vec3(1.5, 0, 2), (BallId.Cue, 1, 0.889), (BallId.Blue, 1.25, 0.945));
        Assert.Empty(beside.Passed);
        var (low, _) = Play(Club, new Vec3(1.5, 0, 0.1), (BallId.Cue, 1, 0.889), (BallId.Blue, 1.25, 0.889));
        Assert.Empty(low.Passed);
        Assert.Equal(0, low.WhiteHeight);
        Assert.Equal(BallId.Blue, low.FirstContact!.Value.Ball);
    }

    /// <summary>A white that comes down on the far half of a ball has gone over it; one that meets the near half has not.</summary>
    [Theory]
    [InlineData(1.30, false)]
    [InlineData(1.20, true)]
    public void Whether_the_white_came_down_beyond_the_ball_that_it_hits_is_told(double ball, bool beyond)
    {
        var (outcome, record) = Play(Club, new Vec3(1, 0, 1.3), (BallId.Cue, 1, 0.889), (BallId.Blue, ball, 0.889));
        var contact = record.Events.First(told => told.Kind == ShotEventKind.Ball);
        Assert.True(contact.Balls[0].Before.Position.Z > Radius + 0.001);
        Assert.Equal(beyond, outcome.Passed.Any(passed => passed.Moment == PassMoment.BeforeContact && passed.ToFarSide));
    }

    [Fact]
    public void A_ball_that_is_met_from_above_is_pressed_on_the_bed_and_answers_at_once()
    {
        var (_, record) = Play(Club, new Vec3(1, 0, 1), (BallId.Cue, 1, 0.889), (BallId.Blue, 1.24, 0.889));
        var contact = record.Events.First(told => told.Kind == ShotEventKind.Ball);
        Assert.True(contact.Balls[1].After.Velocity.Z < 0);
        var piece = record.Segments.First(segment => segment.Ball == BallId.Blue);
        // The bed gives back more than a ball stays down with: it hops, and from the bed.
        Assert.Equal((MotionPhase.Airborne, 0.0), (piece.Phase, piece.Heights.Start));
        Assert.True(piece.Heights.Greatest > 0 && contact.Balls[1].After.Velocity.X > 0);
    }

    [Theory]
    [InlineData(0.0004, 0)]
    [InlineData(0.004, 1)]
    [InlineData(0.0095, 1)]
    public void The_nose_is_met_at_its_height(double height, int way)
    {
        // Sent so that it is at its highest, and so moves level, when it comes to the cushion.
        var rise = Math.Sqrt(2 * Club.Table.Gravity * height);
        var gap = Math.Sqrt(Radius * Radius - Math.Pow(Club.Gauge.NoseHeight - Radius - height, 2));
        var start = Measurements.Length - gap - 2 * rise / Club.Table.Gravity;
        var (_, record) = Play(Club, new Vec3(2, 0, rise), (BallId.Cue, start, 0.889));
        var cushion = record.Events.First(told => told.Kind == ShotEventKind.Cushion).Balls[0];
        Assert.Equal(height, cushion.Before.Position.Z - Radius, 1e-6);
        Assert.Equal(Measurements.Length - gap, cushion.Before.Position.X, 1e-6);
        Assert.True(cushion.After.Velocity.X < -1);
        // The nose is above the centre and throws a ball in the air down; on the bed the cloth does not let it.
        Assert.Equal(-way, Math.Sign(Math.Round(cushion.After.Velocity.Z, 6)));
    }

    [Fact]
    public void A_ball_above_the_nose_leaves_the_table_and_is_counted()
    {
        var (outcome, record) = Play(Club, new Vec3(4, 0, 1.5), (BallId.Cue, 3, 0.889), (BallId.Blue, 1, 0.5));
        Assert.Equal([BallId.Cue], outcome.OffTable);
        Assert.Equal([BallId.Blue], outcome.Final.Select(ball => ball.Ball));
        Assert.Equal(ShotEventKind.OffTable, record.Events[^1].Kind);
        Assert.False(outcome.IsInOff);
    }

    [Fact]
    public void A_low_flight_into_a_pocket_falls_and_a_high_one_is_gone()
    {
        var way = new Vec3(1, 1, 0) * Math.Sqrt(0.5);
        var (low, _) = Play(Club, way * 3 + new Vec3(0, 0, 0.4), (BallId.Cue, Measurements.Length - 0.4, Measurements.Width - 0.4));
        Assert.Equal(PocketId.TopGreenSide, Assert.Single(low.Potted).Pocket);
        var (high, _) = Play(Club, way * 3 + new Vec3(0, 0, 2), (BallId.Cue, Measurements.Length - 0.4, Measurements.Width - 0.4));
        Assert.Equal([BallId.Cue], high.OffTable);
    }

    /// <summary>Flights at every angle over a corner's jaws: nothing passes through rubber, and what stays up lies on the bed.</summary>
    [Fact]
    public void Flights_at_the_jaws_end_on_the_bed_in_the_pocket_or_over_the_cushion()
    {
        var (kept, potted, over, jaws) = (0, 0, 0, 0);
        var outline = new DeepBaize.Table.Outline.TableOutline(Club.Pockets);
        var simulation = Shots.Simulation(Club);
        for (var i = 0; i < 3_000; i++)
        {
            var (sin, cos) = Math.SinCos(0.5 * i / 3_000 * Math.PI);
            var record = new ShotRecord();
            var outcome = simulation.Play(
                Shots.Lay(Club, (BallId.Cue, 3.35, 1.55)), new Vec3(2.5 * cos, 2.5 * sin, 0.15 * (i % 11)), Vec3.Zero, record);
            (kept, potted, over) = (kept + outcome.Final.Count, potted + outcome.Potted.Count, over + outcome.OffTable.Count);
            jaws += record.Events.Count(told => told.Kind == ShotEventKind.Jaw && told.Balls[0].Before.Position.Z > Radius + 0.001);
            Assert.All(outcome.Final, ball => Assert.True(outline.IsOnBed(ball.State.Place, Club.Gauge.CushionInset - 1e-6), $"{i}"));
            Assert.All(record.Segments, piece => Assert.True(piece.Phase == MotionPhase.Falling || piece.Heights.End > -1e-9));
        }

        Assert.True(kept > 200 && potted > 100 && over > 200 && jaws > 100, $"{kept} {potted} {over} {jaws}");
    }

    [Theory]
    [InlineData(2)]
    [InlineData(5)]
    public void A_hop_of_the_usual_butt_takes_few_events_and_dies_within_a_tenth_of_a_second(double degrees)
    {
        var record = new ShotRecord();
        var strike = new Strike(0, 2, 0, 0, degrees * Math.PI / 180);
        Shots.Simulation(Club).Play(Shots.Lay(Club, (BallId.Cue, 1, 0.889)), strike, record);
        var lands = record.Events.Where(told => told.Kind == ShotEventKind.Lands).ToList();
        Assert.InRange(lands.Count, 1, 6);
        Assert.True(lands[^1].Time < 0.1);
        Assert.All(lands, told => Assert.Equal(-told.Balls[0].Before.Velocity.Z < 0.14, told.Trembles));
    }

    private static (ShotOutcome Outcome, ShotRecord Record) Play(
        PlayingConditions conditions, Vec3 velocity, params (BallId Ball, double X, double Y)[] balls) =>
        Shots.Send(conditions, Shots.Lay(conditions, balls), velocity, Vec3.Zero);

    /// <summary>Level vector from the white's lowest point to where the cue's line, through the contact point, meets the cloth.</summary>
    private static Vec3 ToWhereTheCuePoints(Strike strike)
    {
        var (sin, cos) = Math.SinCos(strike.DirectionRadians);
        var (sinUp, cosUp) = Math.SinCos(strike.ElevationRadians);
        var forward = new Vec3(cos, sin, 0);
        var along = forward * cosUp - Vec3.Up * sinUp;
        var above = forward * sinUp + Vec3.Up * cosUp;
        var back = Math.Sqrt(1 - strike.Offset * strike.Offset);
        var contact = (forward.Cross(Vec3.Up) * strike.Side + above * strike.Height - along * back) * Radius + Vec3.Up * Radius;
        var meets = contact + along * (contact.Z / sinUp);
        return meets with { Z = 0 };
    }
}
