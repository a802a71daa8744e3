using BenchmarkDotNet.Attributes;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Words.Places;

namespace DeepBaize.Bench;

/// <summary>What a hand that drags a ball waits for besides the stroke, and what a book of shots is searched with.</summary>
[MemoryDiagnoser]
public class LayingBenchmarks
{
    private readonly Layout _midFrame = Positions.Lay(Positions.MidFrame);
    private readonly List<PlacedBall> _others = [.. Positions.Lay(Positions.MidFrame).Balls.Where(ball => ball.Ball != BallId.Red1)];
    private readonly List<PlacedBall> _pack = [.. Positions.Lay(Positions.FullFrame).Balls.Where(ball => ball.Ball != BallId.Cue)];

    [Benchmark(Baseline = true)]
    public SettledPlace Settle_in_the_open_among_21_balls() =>
        Settling.Settle(new Place(1.3, 1.2), _others, TableOutline.Club, BallGauge.Standard);

    [Benchmark]
    public SettledPlace Settle_into_the_pack() => Settling.Settle(new Place(2.83, 0.9), _pack, TableOutline.Club, BallGauge.Standard);

    [Benchmark]
    public Likeness Compare_22_balls_with_22_and_their_mirror_image() => Resemblance.Compare(_midFrame.Balls, _pack);

    [Benchmark]
    public ReadPlace Read_a_place_in_words() => PlaceReader.Read(
        "two balls off the top cushion, in line with the pink", new Place(1.3, 1.2), _others, TableOutline.Club, BallGauge.Standard, 0.001);
}
