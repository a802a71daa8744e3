using System.Numerics;
using System.Runtime.CompilerServices;
using DeepBaize.Table;
using static DeepBaize.Physics.Impacts.DormandPrince;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// Displacements and velocities of the balls of a cluster, or their rates, at one stage of a step: x, y, vx, vy of all balls one
/// after another.
/// </summary>
internal sealed class ClusterStage
{
    private readonly double[] _values = new double[4 * BallSet.Count + Vector<double>.Count];
    private int _count;

    public void Clear(int count)
    {
        _count = count;
        Array.Clear(_values);
    }

    public (double X, double Y) Velocity(int ball) => (_values[2 * _count + ball], _values[3 * _count + ball]);

    public (double X, double Y) Moved(int ball) => (_values[ball], _values[_count + ball]);

    public void Move(int ball, double x, double y)
    {
        _values[ball] += x;
        _values[_count + ball] += y;
    }

    public void SetVelocity(int ball, double x, double y)
    {
        _values[2 * _count + ball] = x;
        _values[3 * _count + ball] = y;
    }

    /// <summary>How far the balls of a link have come together since the instant of impact.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public double Approach(in ClusterLink link)
    {
        var (i, j, n, values) = (link.First, link.Second, _count, _values);
        return (values[i] - values[j]) * link.Line.X + (values[n + i] - values[n + j]) * link.Line.Y;
    }

    /// <summary>Presses the two balls of a link apart by an impulse per unit mass.</summary>
    public void Push(in ClusterLink link, double impulse) => Push(2 * _count, link, impulse);

    public void CopyPlaces(ClusterStage other) => other._values.AsSpan(0, 2 * _count).CopyTo(_values);

    /// <summary>Begins rates at a stage: places move with its velocities, nothing drives the velocities yet.</summary>
    public void Begin(ClusterStage at)
    {
        _count = at._count;
        at._values.AsSpan(2 * _count, 2 * _count).CopyTo(_values);
        _values.AsSpan(2 * _count, 2 * _count).Clear();
    }

    /// <summary>Adds what a link does to the rates: its damping has changed the speeds so far, its elastic force drives them.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public void Drive(in ClusterLink link, double damped, double elastic)
    {
        Push(0, link, damped);
        Push(2 * _count, link, elastic);
    }

    /// <summary>Sets this stage to a start and multiples of up to five rates.</summary>
    public void Set(ClusterStage start, ReadOnlySpan<double> factors, ReadOnlySpan<ClusterStage> rates)
    {
        _count = start._count;
        for (var at = 0; at < 4 * _count; at += Vector<double>.Count)
        {
            var sum = new Vector<double>(start._values, at);
            for (var r = 0; r < factors.Length; r++)
            {
                if (factors[r] != 0) sum += new Vector<double>(rates[r]._values, at) * factors[r];
            }

            sum.CopyTo(_values, at);
        }
    }

    /// <summary>Largest error of the rates, as an acceleration: places count by their speed over the time of contact.</summary>
    public static double Error(double contactTime, ReadOnlySpan<ClusterStage> k)
    {
        var (count, place, speed) = (k[0]._count, 0.0, 0.0);
        for (var i = 0; i < 4 * count; i++)
        {
            var error = Math.Abs(
                E1 * k[0]._values[i] + E3 * k[2]._values[i] + E4 * k[3]._values[i]
                + E5 * k[4]._values[i] + E6 * k[5]._values[i] + E7 * k[6]._values[i]);
            if (i < 2 * count) place = Math.Max(place, error);
            else speed = Math.Max(speed, error);
        }

        return Math.Max(speed, place / contactTime);
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Push(int offset, in ClusterLink link, double impulse)
    {
        var (x, y) = (link.Line.X * impulse, link.Line.Y * impulse);
        var (i, j, n, values) = (offset + link.First, offset + link.Second, _count, _values);
        values[i] -= x;
        values[n + i] -= y;
        values[j] += x;
        values[n + j] += y;
    }
}
