using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Tests;

/// <summary>Motion on the cloth against the classical closed forms (Coriolis 1835; Wallace and Schroeder 1988).</summary>
public sealed class ClothMotionTests
{
    private const double Radius = 0.02625;

    /// <summary>Time, distance and speed when rolling begins; derived and integrated numerically, five digits.</summary>
    [Theory]
    [InlineData(1, 0.20, 0, 0.14562, 0.12482, 0.71429)]
    [InlineData(2, 0.20, 0, 0.29125, 0.49928, 1.42857)]
    [InlineData(2, 0.212, 0, 0.27476, 0.47102, 1.42857)]
    [InlineData(5, 0.20, 0, 0.72812, 3.12051, 3.57143)]
    [InlineData(2, 0.20, 0.5, 0.14562, 0.27044, 1.71429)]
    [InlineData(2, 0.20, 1.2, 0.05825, 0.11983, 2.11429)]
    [InlineData(2, 0.20, -1, 0.58250, 0.83214, 0.85714)]
    [InlineData(4, 0.20, -0.5, 0.87374, 2.74605, 2.28571)]
    [InlineData(3, 0.20, -1.25, 0.98296, 2.00103, 1.07143)]
    public void A_sliding_ball_begins_to_roll_where_the_closed_form_says(
        double speed, double friction, double spinRatio, double time, double distance, double rollingSpeed)
    {
        var table = new TableCoefficients { SlidingFriction = friction };
        var arc = ClothMotion.Begin(Moving(speed, spinRatio), table, Radius);
        Assert.Equal(MotionPhase.Sliding, arc.Phase);
        Assert.Equal(time, arc.Duration, 1e-5);
        var end = arc.StateAt(arc.Duration);
        Assert.Equal(distance, end.Position.X, 1e-5);
        Assert.Equal(rollingSpeed, end.Velocity.X, 1e-5);
        Assert.Equal(MotionPhase.Rolling, ClothMotion.Continue(arc, table, Radius).Phase);
    }

    [Fact]
    public void A_ball_with_two_and_a_half_times_the_rolling_backspin_stops_dead()
    {
        var table = new TableCoefficients { SlidingFriction = 0.2 };
        var arc = ClothMotion.Begin(Moving(2, -2.5), table, Radius);
        Assert.Equal(1.01937, arc.Duration, 1e-5);
        Assert.Equal(1.01937, arc.StateAt(arc.Duration).Position.X, 1e-5);
        Assert.Equal(MotionPhase.AtRest, ClothMotion.Continue(arc, table, Radius).Phase);
    }

    [Theory]
    [InlineData(0.0127, 1, 4.013, 8.027)]
    [InlineData(0.010, 1, 5.097, 10.19)]
    public void A_rolling_ball_runs_the_distance_of_uniform_deceleration(double friction, double speed, double distance, double time)
    {
        var table = new TableCoefficients { RollingFriction = friction };
        var arc = ClothMotion.Begin(Moving(speed, 1), table, Radius);
        Assert.Equal(MotionPhase.Rolling, arc.Phase);
        Assert.Equal(time, arc.Duration, 5e-3);
        Assert.Equal(distance, arc.StateAt(arc.Duration).Position.X, 1e-3);
    }

    [Fact]
    public void Slip_keeps_its_direction_so_the_path_is_one_parabola()
    {
        var table = new TableCoefficients { SlidingFriction = 0.2 };
        var start = new BallState(new Vec3(1, 0.5, Radius), new Vec3(1.2, 0.7, 0), new Vec3(30, 20, 5));
        var direction = start.SlipOnCloth(Radius) * (1 / start.SlipOnCloth(Radius).Length);
        var arc = ClothMotion.Begin(start, table, Radius);
        for (var i = 1; i < 10; i++)
        {
            var slip = arc.StateAt(arc.Duration * i / 10).SlipOnCloth(Radius);
            Assert.Equal(0, slip.X * direction.Y - slip.Y * direction.X, 1e-12);
        }

        Assert.Equal(0, arc.StateAt(arc.Duration).SlipOnCloth(Radius).Length, 1e-12);
    }

    [Fact]
    public void Vertical_spin_dies_at_its_own_rate_and_never_turns_round()
    {
        var table = new TableCoefficients { SpinDeceleration = 10 };
        var arc = ClothMotion.Begin(new BallState(new Vec3(1, 1, Radius), Vec3.Zero, new Vec3(0, 0, -50)), table, Radius);
        Assert.Equal(MotionPhase.Spinning, arc.Phase);
        Assert.Equal(5, arc.Duration, 1e-12);
        Assert.Equal(-25, arc.StateAt(2.5).Spin.Z, 1e-12);
        Assert.Equal(0, arc.StateAt(5).Spin.Z, 1e-12);
    }

    [Fact]
    public void Without_friction_a_phase_never_ends()
    {
        var table = new TableCoefficients { SlidingFriction = 0, RollingFriction = 0 };
        Assert.Equal(double.PositiveInfinity, ClothMotion.Begin(Moving(1, 0), table, Radius).Duration);
        Assert.Equal(double.PositiveInfinity, ClothMotion.Begin(Moving(1, 1), table, Radius).Duration);
    }

    private static BallState Moving(double speed, double spinRatio) =>
        new(new Vec3(0, 0, Radius), new Vec3(speed, 0, 0), new Vec3(0, spinRatio * speed / Radius, 0));
}
