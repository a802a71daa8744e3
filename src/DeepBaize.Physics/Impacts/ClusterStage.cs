using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;
using DeepBaize.Table;
using static DeepBaize.Physics.Impacts.DormandPrince;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// Displacements and velocities of the balls of a cluster, or their rates, at one stage of a step: x and y of each ball one after another,
/// then vx and vy of each. A break-off reads these some hundred thousand times, so a ball's pair is one vector.
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

    public (double X, double Y) Velocity(int ball) => PairAt(_count + ball);

    public (double X, double Y) Moved(int ball) => PairAt(ball);

    public void Move(int ball, double x, double y)
    {
        _values[2 * ball] += x;
        _values[2 * ball + 1] += y;
    }

    public void SetVelocity(int ball, double x, double y)
    {
        _values[2 * (_count + ball)] = x;
        _values[2 * (_count + ball) + 1] = y;
    }

    /// <summary>How far the balls of a link have come together since the instant of impact.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public double Approach(in ClusterLink link)
    {
        ref var values = ref First;
        var apart = Vector128.LoadUnsafe(ref values, (nuint)(2 * link.First)) - Vector128.LoadUnsafe(ref values, (nuint)(2 * link.Second));
        return Vector128.Sum(apart * Along(link));
    }

    /// <summary>Presses the two balls of a link apart by an impulse per unit mass.</summary>
    public void Push(in ClusterLink link, double impulse) => Push(_count, link, impulse);

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
        Push(_count, link, elastic);
    }

    /// <summary>Sets this stage to a start and multiples of the first rates, as many as there are factors.</summary>
    public void Set(ClusterStage start, ReadOnlySpan<double> factors, ReadOnlySpan<ClusterStage> rates)
    {
        _count = start._count;
        start._values.AsSpan(0, 4 * _count).CopyTo(_values);
        for (var r = 0; r < factors.Length; r++)
        {
            if (factors[r] != 0) Add(factors[r], rates[r]);
        }
    }

    /// <summary>Largest error of the rates, as an acceleration: places count by their speed over the time of contact.</summary>
    public static double Error(double contactTime, ReadOnlySpan<ClusterStage> k)
    {
        var count = k[0]._count;
        return Math.Max(LargestError(count, count, k), LargestError(0, count, k) / contactTime);
    }

    private static double LargestError(int first, int count, ReadOnlySpan<ClusterStage> k)
    {
        ref var k1 = ref k[0].First;
        ref var k3 = ref k[2].First;
        ref var k4 = ref k[3].First;
        ref var k5 = ref k[4].First;
        ref var k6 = ref k[5].First;
        ref var k7 = ref k[6].First;
        var largest = Vector128<double>.Zero;
        for (var pair = first; pair < first + count; pair++)
        {
            var at = (nuint)(2 * pair);
            var error = E1 * Vector128.LoadUnsafe(ref k1, at) + E3 * Vector128.LoadUnsafe(ref k3, at)
                + E4 * Vector128.LoadUnsafe(ref k4, at) + E5 * Vector128.LoadUnsafe(ref k5, at) + E6 * Vector128.LoadUnsafe(ref k6, at)
                + E7 * Vector128.LoadUnsafe(ref k7, at);
            largest = Vector128.Max(largest, Vector128.Abs(error));
        }

        return Math.Max(largest.GetElement(0), largest.GetElement(1));
    }

    private ref double First => ref MemoryMarshal.GetArrayDataReference(_values);

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector128<double> Along(in ClusterLink link) => Vector128.Create(link.Line.X, link.Line.Y);

    private (double X, double Y) PairAt(int pair) => (_values[2 * pair], _values[2 * pair + 1]);

    private void Add(double factor, ClusterStage rate)
    {
        ref var own = ref First;
        ref var other = ref rate.First;
        for (var i = 0; i < 4 * _count; i += Vector<double>.Count)
        {
            var at = (nuint)i;
            (Vector.LoadUnsafe(ref own, at) + Vector.LoadUnsafe(ref other, at) * factor).StoreUnsafe(ref own, at);
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Push(int offset, in ClusterLink link, double impulse)
    {
        var (i, j) = ((nuint)(2 * (offset + link.First)), (nuint)(2 * (offset + link.Second)));
        ref var values = ref First;
        var push = Along(link) * impulse;
        (Vector128.LoadUnsafe(ref values, i) - push).StoreUnsafe(ref values, i);
        (Vector128.LoadUnsafe(ref values, j) + push).StoreUnsafe(ref values, j);
    }
}
