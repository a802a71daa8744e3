using BenchmarkDotNet.Attributes;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>Doubles, plants, cannons and in-offs of a seeded table with many reds, beside straight pots.</summary>
[MemoryDiagnoser]
public class IndirectBenchmarks
{
    private const int Seed = 710_001;

    private readonly TableInUse _table = new(PlayingConditions.Club, TableOutline.Club);
    private readonly List<LeavePot> _pots = [];
    private Layout _layout = null!;
    private FrameState _frame = null!;
    private LeaveGauge _gauge = null!;
    private IndirectGauge _indirect = null!;
    private PotLines _lines = null!;
    private LeftReader _reader = null!;
    private HashSet<BallId> _on = null!;
    private BallId[] _reds = null!;

    [GlobalSetup]
    public void SetUp()
    {
        _layout = Frames.Draw(Seed, _table).Layout;
        _frame = new FrameState(_layout.Balls, _layout.Gauge, BallOn.Red);
        _gauge = new LeaveGauge(_table, HousePlayers.Club);
        _indirect = new IndirectGauge(_table, HousePlayers.Club, _gauge);
        _lines = _gauge.LinesOf(_frame.ObjectBalls);
        _reader = new LeftReader(_table, HousePlayers.Club);
        _on = [.. _frame.Playable];
        _reds = [.. _on];
    }

    [Benchmark(Baseline = true, Description = "straight pots of a leave estimated, lines known")]
    public int Straight()
    {
        _gauge.Read(_frame.White!.Value, _lines, _reds, _pots);
        return _pots.Count;
    }

    [Benchmark(Description = "the likeliest double, plant, cannon or in-off of it")]
    public bool Indirect() => _indirect.Best(_frame.White!.Value, _lines, _on, 0.1) is not null;

    [Benchmark(Description = "what is left, all of it")]
    public double Left() => _reader.Read(_frame).Pot;

    [Benchmark(Description = "everything that goes by meeting one ball, solved")]
    public int Swept() => new IndirectSolver(_table).All(_layout, _reds[0], Dials.AtPace(6.5)).Count;

    [Benchmark(Description = "the whole table read, two cores")]
    public int Read() => IndirectReading.Read(_table, _layout, _frame, HousePlayers.Club, isPractice: false).Count;
}
