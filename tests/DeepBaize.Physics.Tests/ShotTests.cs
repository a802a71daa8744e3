using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>Whole shots against closed forms and against their own mirror images.</summary>
public sealed class ShotTests
{
    private const double Radius = 0.02625;

    /// <summary>Separation without spin at e = 1 is a right angle (billiard mechanics, Coriolis 1835).</summary>
    [Theory]
    [InlineData(10)]
    [InlineData(20)]
    [InlineData(30)]
    [InlineData(45)]
    [InlineData(60)]
    [InlineData(70)]
    [InlineData(80)]
    public void White_and_object_ball_part_at_a_right_angle(double cut)
    {
        // Without friction on the cloth the white still has no spin when it arrives.
        var conditions = Shots.Ideal(0, 0);
        var (_, record) = HitAtCut(conditions, cut, 2, 0, 0.3);
        var contact = record.Events.First(e => e.Kind == ShotEventKind.Ball);
        var angle = Math.Abs(Shots.DegreesFrom(contact.Balls[0].After.Velocity, contact.Balls[1].After.Velocity));
        Assert.Equal(90, angle, 0.1);
    }

    /// <summary>Final direction of the white once it rolls, half ball (Wallace and Schroeder 1988; the trade's half-ball angles).</summary>
    [Theory]
    [InlineData(0, 60)]
    [InlineData(1, 33.67)]
    [InlineData(-0.5, 83.41)]
    [InlineData(0.5, 43.90)]
    [InlineData(-1, 109.11)]
    public void Half_ball_sends_the_white_where_the_closed_form_says(double spinRatio, double degrees)
    {
        var (direction, _) = HalfBall(2, spinRatio);
        Assert.Equal(degrees, Math.Abs(direction), 0.1);
    }

    /// <summary>
    /// A rolling white's final line after a half-ball contact lies beside the parallel line through the place of contact
    /// by 14, 56, 224 mm at 1, 2, 4 m/s (derived; sliding friction 0.2).
    /// </summary>
    [Theory]
    [InlineData(1, 0.01401)]
    [InlineData(2, 0.05605)]
    [InlineData(4, 0.22421)]
    public void The_bend_after_contact_grows_with_the_square_of_the_speed(double speed, double offset)
    {
        Assert.Equal(offset, HalfBall(speed, 1).Offset, offset * 0.02);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Natural_roll_begins_after_12_v2_over_49_mu_g(double speed)
    {
        var conditions = Shots.Ideal();
        var layout = Shots.Lay(conditions, (BallId.Cue, 0.6, 0.9));
        var (_, record) = Shots.Send(conditions, layout, new Vec3(speed, 0, 0), Vec3.Zero);
        var rolls = record.Events.First(e => e.Kind == ShotEventKind.Rolls);
        var expected = 12 * speed * speed / (49 * 0.2 * 9.81);
        Assert.Equal(expected, rolls.Balls[0].After.Position.X - 0.6, expected * 1e-3);
    }

    [Fact]
    public void A_centre_stroke_square_across_comes_back_on_its_line_and_side_leaves_it_equally()
    {
        var conditions = PlayingConditions.Club;
        var straight = ReturnAcross(conditions, 0);
        var right = ReturnAcross(conditions, 0.3);
        var left = ReturnAcross(conditions, -0.3);
        Assert.Equal(0, straight, 0.001);
        // Towards the green side (+y) the striker's right is up the table (+x).
        Assert.True(right > 0.01);
        Assert.Equal(right, -left, 1e-6);
    }

    [Theory]
    [InlineData(3)]
    [InlineData(17)]
    [InlineData(29)]
    [InlineData(71)]
    public void A_mirrored_shot_ends_in_the_mirror_image(int seed)
    {
        var random = new Random(seed);
        var conditions = PlayingConditions.Club;
        (BallId, double X, double Y)[] balls =
        [
            (BallId.Cue, 0.7, 0.8), (BallId.Red1, 1.6, 0.75), (BallId.Red2, 2.4, 1.1), (BallId.Blue, 1.7845, 0.889),
            (BallId.Black, 3.245, 0.889),
        ];
        var strike = new Strike(random.NextDouble() * 0.3 - 0.15, 1 + random.NextDouble() * 2, random.NextDouble() * 0.4 - 0.2, 0.1);
        var mirrored = new Strike(-strike.DirectionRadians, strike.WhiteSpeed, -strike.Side, strike.Height);
        var simulation = Shots.Simulation(conditions);
        var here = simulation.Play(Shots.Lay(conditions, balls), strike);
        var there = simulation.Play(
            Shots.Lay(conditions, [.. balls.Select(ball => (ball.Item1, ball.X, Measurements.Width - ball.Y))]), mirrored);
        Assert.Equal(here.Final.Select(ball => ball.Ball), there.Final.Select(ball => ball.Ball));
        foreach (var (a, b) in here.Final.Zip(there.Final))
        {
            Assert.Equal(a.State.Position.X, b.State.Position.X, 1e-6);
            Assert.Equal(a.State.Position.Y, Measurements.Width - b.State.Position.Y, 1e-6);
        }
    }

    [Fact]
    public void A_ball_rolled_into_the_heart_of_a_pocket_drops_and_one_at_the_nose_does_not()
    {
        var conditions = PlayingConditions.Club;
        var simulation = Shots.Simulation(conditions);
        var layout = Shots.Lay(conditions, (BallId.Cue, 0.5, 0.5));
        var towardsYellow = simulation.Play(layout, new Strike(-3 * Math.PI / 4, 1.5, 0, 0));
        Assert.Equal(PocketId.Yellow, Assert.Single(towardsYellow.Potted).Pocket);
        Assert.True(towardsYellow.IsInOff);
        var towardsCushion = simulation.Play(layout, new Strike(Math.PI, 1.5, 0, 0));
        Assert.Empty(towardsCushion.Potted);
        Assert.Equal(CushionId.Baulk, towardsCushion.WhiteCushions[0]);
    }

    /// <summary>
    /// From 0.6 m at 45 degrees a ball drops into a club corner within about 25 mm of the throat's middle at 4 m/s and 28 at
    /// 0.6 m/s, square into a middle pocket within about 25 (common experience, no source: "about" is read as 5 mm).
    /// </summary>
    [Theory]
    [InlineData(4, 0.025, true)]
    [InlineData(0.6, 0.028, true)]
    [InlineData(4, 0.025, false)]
    public void Pockets_take_what_a_club_pocket_takes(double speed, double half, bool corner)
    {
        var widest = 0.0;
        for (var offset = 0.0; offset <= 0.045; offset += 0.0005)
        {
            if (Drops(speed, offset, corner) && Drops(speed, -offset, corner)) widest = offset;
            else break;
        }

        Assert.InRange(widest, half - 0.005 - 1e-9, half + 0.005 + 1e-9);
    }

    [Fact]
    public void Without_friction_a_shot_stops_at_the_time_limit_and_says_so()
    {
        var conditions = Shots.Ideal(0, 0);
        conditions = conditions with { Table = conditions.Table with { CushionRestitution = 1, CushionFriction = 0 } };
        var layout = Shots.Lay(conditions, (BallId.Cue, 1, 0.889));
        var outcome = Shots.Simulation(conditions).Play(layout, new Vec3(1, 0, 0), Vec3.Zero);
        Assert.Equal(ShotEnd.TimeLimit, outcome.End);
        Assert.Equal(TableSimulation.TimeLimit, outcome.Duration);
    }

    [Fact]
    public void A_ball_frozen_to_a_cushion_and_played_along_it_stays_on_it()
    {
        var conditions = PlayingConditions.Club;
        var inset = conditions.Gauge.CushionInset;
        var layout = Shots.Lay(conditions, (BallId.Cue, 0.5, inset));
        var outcome = Shots.Simulation(conditions).Play(layout, new Strike(0, 0.8, 0, 0));
        Assert.Equal(inset, outcome.Final[0].State.Position.Y, 1e-6);
        Assert.True(outcome.Final[0].State.Position.X > 1);
    }

    [Fact]
    public void The_pack_breaks_without_a_fault()
    {
        var conditions = PlayingConditions.Club;
        var rack = Spots.Rack(0.0525);
        var balls = rack.Select((place, i) => (BallSet.Reds[i], place.X, place.Y)).ToList();
        balls.Add((BallId.Cue, 0.7, 0.7));
        balls.Add((BallId.Pink, Spots.Pink.X, Spots.Pink.Y));
        var layout = Shots.Lay(conditions, [.. balls]);
        var target = rack[14];
        var aim = Math.Atan2(target.Y + 0.035 - 0.7, target.X - 0.7);
        var outcome = Shots.Simulation(conditions).Play(layout, new Strike(aim, 4, 0, 0));
        Assert.Equal(ShotEnd.AtRest, outcome.End);
        Assert.NotNull(outcome.FirstContact);
        Assert.True(outcome.Final.Count(
            ball => BallSet.IsRed(ball.Ball) && rack.All(place => place.DistanceTo(ball.State.Place) > 0.005)) > 3);
    }

    private static bool Drops(double speed, double offset, bool corner)
    {
        var conditions = PlayingConditions.Club;
        var throat = new Table.Outline.TableOutline(conditions.Pockets).Mouths[(int)(corner ? PocketId.Yellow : PocketId.MiddleYellowSide)];
        var across = new Place(-throat.Axis.Y, throat.Axis.X);
        var start = throat.ThroatMiddle.Offset(-throat.Axis.X * 0.6 + across.X * offset, -throat.Axis.Y * 0.6 + across.Y * offset);
        var layout = Shots.Lay(conditions, (BallId.Cue, start.X, start.Y));
        var velocity = new Vec3(throat.Axis.X, throat.Axis.Y, 0) * speed;
        return Shots.Simulation(conditions).Play(layout, velocity, Shots.RollSpin(velocity, 1, Radius)).Potted.Count == 1;
    }

    private static double ReturnAcross(PlayingConditions conditions, double side)
    {
        var layout = Shots.Lay(conditions, (BallId.Cue, 1.2, 0.3));
        var record = new ShotRecord();
        // The push-off is taken out so that the ball itself sets off square.
        var pushOff = CueStrike.PushOffRadians(side, conditions.Cue.EndMassRatio);
        Shots.Simulation(conditions).Play(layout, new Strike(Math.PI / 2 - pushOff, 2, side, 0), record);
        var cushion = record.Events.First(e => e.Kind == ShotEventKind.Cushion).Time;
        var back = record.Segments.First(piece => piece.StartTime >= cushion);
        return back.End.X - back.Start.X;
    }

    private static (ShotOutcome Outcome, ShotRecord Record) HitAtCut(
        PlayingConditions conditions, double cut, double speed, double spinRatio, double run)
    {
        var (sin, cos) = Math.SinCos(cut * Math.PI / 180);
        var contact = new Place(1.2, 0.889);
        var layout = Shots.Lay(
            conditions,
            (BallId.Cue, contact.X - run, contact.Y),
            (BallId.Red1, contact.X + 2 * Radius * cos, contact.Y + 2 * Radius * sin));
        var velocity = new Vec3(speed, 0, 0);
        return Shots.Send(conditions, layout, velocity, Shots.RollSpin(velocity, spinRatio, Radius));
    }

    /// <summary>
    /// Direction of the white once it rolls after a half-ball contact, and how far its line lies from the parallel through the contact.
    /// </summary>
    private static (double Direction, double Offset) HalfBall(double speed, double spinRatio)
    {
        // The white starts a millimetre short of contact, so that it arrives with the spin it was given.
        var (_, record) = HitAtCut(Shots.Ideal(), 30, speed, spinRatio, 0.001);
        var contact = record.Events.First(e => e.Kind == ShotEventKind.Ball);
        var place = contact.Balls[0].After.Place;
        var rolls = record.Events.First(
            e => e.Time >= contact.Time && e.Kind == ShotEventKind.Rolls && e.Balls[0].Ball == BallId.Cue).Balls[0].After;
        var along = rolls.Velocity * (1 / rolls.Velocity.Length);
        var offset = Math.Abs((rolls.Position.X - place.X) * along.Y - (rolls.Position.Y - place.Y) * along.X);
        return (Shots.DegreesFrom(rolls.Velocity, new Vec3(1, 0, 0)), offset);
    }
}
