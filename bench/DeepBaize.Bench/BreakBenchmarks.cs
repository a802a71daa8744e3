using BenchmarkDotNet.Attributes;
using DeepBaize.Evidence.Advice;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>Which ball, and how: a mid-frame layout of the arena, the league player, one core.</summary>
[MemoryDiagnoser]
public class BreakBenchmarks
{
    private const int LayoutSeed = 1003;
    private const int Draws = 64;

    private readonly FrameState _frame = ArenaLayouts.Of(LayoutSeed);
    private readonly BreakQuestion _question = BreakPlanner.Ask(
        new TableInUse(PlayingConditions.Club, TableOutline.Club), HousePlayers.League, BreakWishes.Free, 1);
    private FramePlayer _frames = null!;
    private Layout _layout = null!;
    private PlannedStroke _stroke = null!;
    private ILeaveWorth _worth = null!;
    private Ruling[] _rulings = null!;
    private int _next;

    [GlobalSetup]
    public void SetUp()
    {
        _frames = new FramePlayer(_question.Table, _question.Striker);
        _layout = _frames.LayoutOf(_frame)!;
        _stroke = new BreakSearch(_question).Run(_frame, 1000).Best[0].Stroke;
        _worth = _question.Worth(_question);
        _rulings = [.. Enumerable.Range(0, Draws)
            .Select(number => _frames.Play(_frame, _layout, _stroke, Planning.Players.Draws.Even(1, number)).Ruling)];
    }

    [Benchmark(Baseline = true, Description = "a stroke played with scatter and judged")]
    public int Played() => _frames.Play(_frame, _layout, _stroke, Planning.Players.Draws.Even(1, _next++ % Draws)).Ruling.Points;

    [Benchmark(Description = "what its leave is worth")]
    public double Worth() => _worth.After(_rulings[_next++ % Draws]);

    [Benchmark(Description = "a decision as in visits that are played out, 400 strokes")]
    public int Fast() => new BreakSearch(_question).Run(_frame, BreakOutlook.FastBudget).Played;

    [Benchmark(Description = "a decision with 1,000 strokes")]
    public int Search() => new BreakSearch(_question).Run(_frame, 1000).Played;

    [Benchmark(Description = "a plan of 16,000 strokes with its line, other balls and reasons")]
    public int Plan() => new BreakPlanner(_question).Plan(_frame, 16_000).Played;
}
