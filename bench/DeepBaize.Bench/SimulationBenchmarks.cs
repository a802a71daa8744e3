using BenchmarkDotNet.Attributes;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>The engine alone, outcome only.</summary>
[MemoryDiagnoser]
public class SimulationBenchmarks
{
    private readonly TableSimulation _simulation = new(PlayingConditions.Club, TableOutline.Club);
    private readonly Layout _midFrame = Positions.Lay(Positions.MidFrame);
    private readonly Layout _fullFrame = Positions.Lay(Positions.FullFrame);
    private readonly Layout _alone = Positions.Lay([(BallId.Cue, new Place(0.6, 0.9))]);
    private readonly BallState _atCushion = new(new Vec3(0, 0, 0.02625), new Vec3(1, 1, 0), new Vec3(-20, 25, 30));

    [Benchmark(Baseline = true)]
    public ShotOutcome White_alone_round_the_table() => _simulation.Play(_alone, new Strike(0.7, 4, 0.2, 0));

    [Benchmark]
    public ShotOutcome Blue_to_the_middle_22_balls() => _simulation.Play(_midFrame, Positions.BlueToMiddle);

    [Benchmark]
    public ShotOutcome Break_off_22_balls() => _simulation.Play(_fullFrame, Positions.BreakOff);

    [Benchmark]
    public BallState One_cushion_impact() => CushionImpact.Resolve(_atCushion, new Vec3(0, 1, 0), 1, PlayingConditions.Club);
}
