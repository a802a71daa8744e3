using BenchmarkDotNet.Attributes;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>What a stroke comes to in a player's hands: the black with an angle and eight other balls.</summary>
[MemoryDiagnoser]
public class ChanceBenchmarks
{
    private readonly TableInUse _table = new(PlayingConditions.Club, TableOutline.Club);
    private readonly PlayerProfile _player = HousePlayers.Club;
    private readonly List<LeavePot> _pots = [];
    private Layout _layout = null!;
    private Pot _pot;
    private Strike _strike;
    private PotSolution _solution = null!;
    private FastChance _fast = null!;
    private LeaveGauge _gauge = null!;
    private SampleQuestion _asked = null!;
    private NextLeave _leave = null!;
    private ZoneQuestion _zone = null!;

    [GlobalSetup]
    public void SetUp()
    {
        _layout = Positions.Lay(Positions.PotOnTheBlack);
        _pot = new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening);
        var solver = new PotSolver(_table);
        _solution = solver.Solve(_layout, _pot, Dials.AtPace(4.5, 0, -0.2)).Solution!;
        _strike = _solution.Strike;
        var intent = new PotIntent(_pot);
        var stroke = new PlannedStroke(intent, _strike, CueingReader.Deliver(_table, _layout, _player, _strike, intent));
        _asked = new SampleQuestion(_table, TrialQuestion.Of(_layout, stroke), TableDoubt.Unmeasured, _player);
        _fast = new FastChance(solver);
        _gauge = new LeaveGauge(_table, _player);
        _leave = NextLeave.Of(FrameState.For(_layout, BallId.Black), BallId.Black, new Place(2.7, 0.7));
        var red = _leave.On[0];
        _zone = new ZoneQuestion(
            _table, _leave.Balls, [new ZoneWish(new Pot(red, PocketId.TopGreenSide)), new ZoneWish(new Pot(red, PocketId.TopYellowSide))],
            _player, 0.02, true);
    }

    [Benchmark(Baseline = true, Description = "chance of 400 samples with next pots, two cores")]
    public int Sampled() => SampleSummary.Of(StrokeSampler.Play(_asked, 400, 1)).Pot.Count;

    [Benchmark(Description = "the same without next pots")]
    public int SampledAlone() => SampleSummary.Of(StrokeSampler.Play(_asked with { Next = null }, 400, 1)).Pot.Count;

    [Benchmark(Description = "its stain")]
    public int Stained() => Stain.Of(StrokeSampler.Play(_asked with { Next = null }, 400, 1)).Half;

    [Benchmark(Description = "fast chance from window and spreads, one core")]
    public double Fast() => _fast.Of(_layout, _solution, _asked.Trial.Stroke.Delivery);

    [Benchmark(Description = "next pots of a leave estimated")]
    public int Gauge()
    {
        _gauge.Read(_leave.White!.Value, _leave.Balls, _leave.On, _pots);
        return _pots.Count;
    }

    [Benchmark(Description = "cueing read, with the face")]
    public double Cueing() => CueingReader.Read(_layout, _player, _strike).Factor;

    [Benchmark(Description = "zone for two next pots")]
    public double Zone() => ZoneFinder.Find(_zone).Room;

    [Benchmark(Description = "search for a stroke, first answer")]
    public int FirstAnswer() => new StrokeSearch(Search()).Run().First().Best.Count;

    [Benchmark(Description = "search for a stroke, last answer")]
    public int LastAnswer() => new StrokeSearch(Search()).Run().Last().Best.Count;

    private SearchQuestion Search() =>
        new(_table, _asked.Trial.Frame, _layout, new PotIntent(_pot), _player, TableDoubt.Unmeasured, null, 1);
}
