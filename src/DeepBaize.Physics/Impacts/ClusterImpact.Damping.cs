using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Impacts;

/// <content>The damping with which two balls alone rebound with their restitution.</content>
public sealed partial class ClusterImpact
{
    /// <summary>Restitution below which touching balls are damped as if they had this one.</summary>
    private const double LeastRestitution = 0.05;

    private static CalibratedDamping? _latest;

    private double _damping = double.NaN;

    /// <summary>Damping A of a contact, a number without unit.</summary>
    public double Damping
    {
        get
        {
            if (double.IsNaN(_damping)) FindDamping();
            return _damping / Math.Sqrt(_stiffness / 2);
        }
    }

    /// <summary>
    /// Finds the damping with which two balls alone rebound with their restitution: the secant kept in its bracket, over the logarithm of
    /// the restitution, to which the damping is nearly proportional.
    /// </summary>
    private void FindDamping()
    {
        if (_latest is { } latest && latest.Restitution == _balls.Restitution && latest.Stiffness == _stiffness)
        {
            SetDamping(latest.Damping);
            return;
        }

        var goal = Math.Log(Math.Clamp(_balls.Restitution, LeastRestitution, 1));
        var (low, atLow, high, atHigh) = (0.0, -goal, Math.Max(-0.7 * goal, 0), 0.0);
        while (goal < 0 && (atHigh = Math.Log(Rebound(high)) - goal) > 0) (low, atLow, high) = (high, atHigh, high * 1.5);
        for (var i = 0; i < 60 && high - low > 1e-13 * high; i++)
        {
            var guess = low + (high - low) * Math.Clamp(atLow / (atLow - atHigh), 0.01, 0.99);
            var found = Math.Log(Rebound(guess)) - goal;
            if (Math.Abs(found) < 1e-13) (low, high) = (guess, guess);
            else if (found > 0) (low, atLow, atHigh) = (guess, found, atHigh / 2);
            else (high, atHigh, atLow) = (guess, found, atLow / 2);
        }

        SetDamping(high);
        _latest = new(_balls.Restitution, _stiffness, high);
    }

    private void SetDamping(double damping) => _damping = damping * Math.Sqrt(_stiffness / 2);

    private double Rebound(double damping)
    {
        SetDamping(damping);
        Span<BallState> pair =
        [
            new(new Vec3(0, 0, _balls.Radius), new Vec3(1, 0, 0), Vec3.Zero),
            new(new Vec3(_balls.Diameter, 0, _balls.Radius), Vec3.Zero, Vec3.Zero),
        ];
        SetUp(pair, 0);
        Run(pair, null);
        return pair[1].Velocity.X - pair[0].Velocity.X;
    }

    /// <summary>
    /// A restitution and the damping that belongs to it; what was found last is kept, since most tables share their balls. The stiffness
    /// decides its last bits.
    /// </summary>
    private sealed record CalibratedDamping(double Restitution, double Stiffness, double Damping);
}
