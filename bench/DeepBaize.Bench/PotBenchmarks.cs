using BenchmarkDotNet.Attributes;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>What a player waits for at the ball.</summary>
public class PotBenchmarks
{
    private readonly TableInUse _table = new(PlayingConditions.Club, TableOutline.Club);
    private readonly PotSolver _solver;
    private readonly StrokePlayer _player;
    private readonly Layout _typical;
    private readonly Layout _full;
    private readonly Layout _pack;
    private readonly Pot _pot = new(BallId.Black, PocketId.TopGreenSide);
    private readonly Dials _dials = Dials.AtPace(5);
    private readonly PotSolution _solution;

    public PotBenchmarks()
    {
        (_solver, _player) = (new PotSolver(_table), new StrokePlayer(_table));
        _typical = Positions.Lay(Positions.PotOnTheBlack);
        _full = Enumerable.Range(0, 1000).Select(seed => Frames.Draw(seed, _table).Layout)
            .First(layout => layout.Balls.Count == BallSet.Count);
        _pack = Positions.Lay(Positions.FullFrame);
        _solution = _solver.Solve(_typical, _pot, _dials).Solution!;
    }

    [Benchmark]
    public PotAnswer SolveWithWindow() => _solver.Solve(_typical, _pot, _dials);

    [Benchmark]
    public PotAnswer SolveDirectionOnly() => _solver.Solve(_typical, _pot, _dials, withWindow: false);

    [Benchmark]
    public AimParts? ExplainAim() => new AimExplainer(_table).Explain(_typical, _solution);

    [Benchmark]
    public IReadOnlyList<Danger> Neighbours() => new DangerFinder(_player).Find(_typical, _pot, _solution.Strike);

    [Benchmark]
    public IReadOnlyList<Anchor> StunFollowScrew() => Anchors.Of(_player, _typical, _pot, _dials);

    [Benchmark]
    public IReadOnlyList<PotEntry> Matrix22Balls() => PotMatrix.Read(_table, _full);

    [Benchmark]
    public IReadOnlyList<PotEntry> MatrixWithThePack() => PotMatrix.Read(_table, _pack);

    [Benchmark]
    public int MapFixedAim() => Map(_solution.Strike.DirectionRadians);

    [Benchmark]
    public int MapAimSolvedAnew() => Map(null);

    private int Map(double? fixedDirection)
    {
        var (map, asked) = (new DialMap(_player),
            new MapQuestion(_typical, _pot, fixedDirection, new WantedPlace(new Place(2.6, 0.9), 0.1)));
        var zone = 0;
        foreach (var pace in DialMap.Steps(1.5, 8, 21))
        {
            foreach (var height in DialMap.Steps(-Dials.SafeHeight, Dials.SafeHeight, 21))
            {
                if (map.Play(asked, Dials.AtPace(pace, 0, height)).Kind == CellKind.InZone) zone++;
            }
        }

        return zone;
    }
}
