using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Tests;

/// <summary>Motion on the cloth (Coriolis 1835; Wallace and Schroeder 1988), beside the outside values of the evidence list.</summary>
public sealed class ClothMotionTests
{
    private const double Radius = 0.02625;

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
