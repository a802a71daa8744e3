using BenchmarkDotNet.Attributes;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>The engine alone, outcome only, one core.</summary>
[MemoryDiagnoser]
public class SimulationBenchmarks
{
    private readonly TableSimulation _simulation = new(PlayingConditions.Club, TableOutline.Club);
    private readonly StrokeResult _result = new();
    private readonly Layout _typical = Positions.Lay(Positions.Typical);
    private readonly Layout _escape = Positions.Lay(Positions.Escape);
    private readonly Layout _twoIdle = Positions.Lay(Positions.Idle(2));
    private readonly Layout _allIdle = Positions.Lay(Positions.Idle(21));
    private readonly Layout _midFrame = Positions.Lay(Positions.MidFrame);
    private readonly Layout _fullFrame = Positions.Lay(Positions.FullFrame);
    private readonly Layout _jump = Positions.Lay(Positions.Jump);

    [Benchmark(Baseline = true)]
    public void Typical_stroke_7_balls_2_contacts_2_cushions() => _simulation.Run(_typical, Positions.TypicalStroke, _result);

    [Benchmark]
    public void The_same_with_the_butt_2_degrees_up() =>
        _simulation.Run(_typical, Positions.WithLeastButt(Positions.TypicalStroke), _result);

    [Benchmark]
    public void Escape_with_the_butt_2_degrees_up() =>
        _simulation.Run(_escape, Positions.WithLeastButt(Positions.EscapeStroke), _result);

    [Benchmark]
    public void Jump_over_a_ball() => _simulation.Run(_jump, Positions.JumpStroke, _result);

    [Benchmark]
    public void Masse_of_45_degrees() => _simulation.Run(_jump, Positions.Masse, _result);

    [Benchmark]
    public void Two_cushion_escape_with_one_ball() => _simulation.Run(_escape, Positions.EscapeStroke, _result);

    [Benchmark]
    public void Two_cushions_past_2_idle_balls() => _simulation.Run(_twoIdle, Positions.EscapeStroke, _result);

    [Benchmark]
    public void Two_cushions_past_21_idle_balls() => _simulation.Run(_allIdle, Positions.EscapeStroke, _result);

    [Benchmark]
    public void Blue_to_the_middle_22_balls() => _simulation.Run(_midFrame, Positions.BlueToMiddle, _result);

    [Benchmark]
    public int Break_off_22_balls()
    {
        _simulation.Run(_fullFrame, Positions.BreakOff, _result);
        return _result.ClusterCount;
    }

    [Benchmark]
    public void Forty_break_offs()
    {
        foreach (var strike in Positions.BreakOffs) _simulation.Run(_fullFrame, strike, _result);
    }

    [Benchmark]
    public void Forty_break_offs_with_the_butt_2_degrees_up()
    {
        foreach (var strike in Positions.BreakOffs) _simulation.Run(_fullFrame, Positions.WithLeastButt(strike), _result);
    }
}

/// <summary>The two impacts that integrate.</summary>
[MemoryDiagnoser]
public class ImpactBenchmarks
{
    private static readonly Vec3 Into = new(0, 1, 0);

    private readonly BallState _rolling = At(45, 1, 0);
    private readonly BallState _square = At(86, 1, 0);
    private readonly BallState _withSide = At(45, 0.5, 0.5);
    private readonly ClusterImpact _clusters = new(PlayingConditions.Club.Balls);
    private readonly BallState[] _rack = Positions.StruckRack();
    private readonly BallState[] _balls = new BallState[16];

    [Benchmark(Baseline = true)]
    public BallState Cushion_rolling_at_45_degrees() => CushionImpact.Resolve(_rolling, Into, 1, PlayingConditions.Club);

    [Benchmark]
    public BallState Cushion_nearly_square() => CushionImpact.Resolve(_square, Into, 1, PlayingConditions.Club);

    [Benchmark]
    public BallState Cushion_with_side() => CushionImpact.Resolve(_withSide, Into, 1, PlayingConditions.Club);

    [Benchmark]
    public int Full_rack_cluster()
    {
        _rack.CopyTo(_balls, 0);
        return _clusters.Resolve(_balls);
    }

    private static BallState At(double degrees, double roll, double side)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return new BallState(new Vec3(0, 0, 0.02625), new Vec3(cos, sin, 0) * 2, new Vec3(-roll * sin, roll * cos, side) * (2 / 0.02625));
    }
}

/// <summary>Many strokes on one layout, on one core and on two.</summary>
public class BatchBenchmarks
{
    private readonly StrokeBatch _one = new(PlayingConditions.Club, TableOutline.Club, 1);
    private readonly StrokeBatch _two = new(PlayingConditions.Club, TableOutline.Club, 2);
    private readonly Layout _typical = Positions.Lay(Positions.Typical);
    private readonly Strike[] _strikes = [
        .. Enumerable.Range(0, 20_000).Select(i => new Strike(i * Math.Tau / 20_000, 1.5 + i % 7 * 0.3, 0.1, 0.1))];

    [Benchmark(Baseline = true, OperationsPerInvoke = 20_000)]
    public void One_core() => _one.Run(_typical, _strikes, static (_, _) => { });

    [Benchmark(OperationsPerInvoke = 20_000)]
    public void Two_cores() => _two.Run(_typical, _strikes, static (_, _) => { });
}

/// <summary>The same stroke by small steps, at the step that comes within 0.1 mm; see the small-step command.</summary>
public class SmallStepBenchmarks
{
    private readonly TableSimulation _simulation = new(PlayingConditions.Club, TableOutline.Club);
    private readonly StrokeResult _result = new();
    private readonly Layout _typical = Positions.Lay(Positions.Typical);
    private readonly SmallStepSimulation _small = new(PlayingConditions.Club, TableOutline.Club);

    [Params(1e-4, 1e-5)]
    public double Step { get; set; }

    [Benchmark(Baseline = true)]
    public void Event_by_event() => _simulation.Run(_typical, Positions.TypicalStroke, _result);

    [Benchmark]
    public object By_small_steps() => _small.Play(_typical, Positions.TypicalStroke, Step);
}
