using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Rules.Tests;

/// <summary>Frames of legal and illegal strokes, played to the end: whatever happens, the rules' invariants hold.</summary>
public sealed class RandomFrameTests
{
    private const int Frames = 10_000;
    private static readonly BallGauge Gauge = BallGauge.Standard;

    private static readonly FoulKind[] UnseenFouls =
        [FoulKind.StruckTwice, FoulKind.FeetOffFloor, FoulKind.Jump, FoulKind.BallTouched, FoulKind.NotAtRest, FoulKind.UsedBall,
            FoulKind.RedsRunning, FoulKind.Conferring];

    [Fact]
    public void Ten_thousand_frames_never_contradict_the_rules()
    {
        var (fouls, freeBalls, respotted, lost) = (0, 0, 0, 0);
        for (var seed = 0; seed < Frames; seed++)
        {
            // Snookers are looked for in one frame of a hundred: they decide free balls and misses.
            var random = new Random(seed);
            var referee = new Referee(seed % 100 == 0 ? new Sight(TableOutline.Club, Gauge) : null);
            var frame = FrameState.Start(Gauge);
            var strokes = 0;
            while (frame.Phase != FramePhase.Over)
            {
                if (++strokes >= 5000) Assert.Fail($"Frame {seed} does not end.");
                if (seed % 100 != 0 && random.NextDouble() < 0.05 && frame is { Break: 0, On: not BallOn.Colour })
                    frame = frame with { IsFreeBall = true };
                var (nominated, facts) = Stroke(frame, random);
                var ruling = referee.Judge(frame, nominated, facts);
                AssertInvariants(frame, ruling, seed);
                fouls += ruling.IsFoul ? 1 : 0;
                freeBalls += ruling.Next.IsFreeBall ? 1 : 0;
                respotted += ruling.Next.Phase == FramePhase.RespottedBlack && frame.Phase == FramePhase.InPlay ? 1 : 0;
                lost += ruling.Miss == MissCall.FrameLost ? 1 : 0;
                frame = ruling.Miss is MissCall.Called or MissCall.CalledAndWarned
                    && random.Next(2) == 0 ? ruling.PutBack(frame) : ruling.Next;
            }
        }

        // Everything that can happen did.
        Assert.True(fouls > Frames && freeBalls > 50 && respotted > 20 && lost > 0, $"{fouls} {freeBalls} {respotted} {lost}");
    }

    [Theory]
    [InlineData(false, 147)]
    [InlineData(true, 155)]
    public void A_break_without_a_miss_and_only_blacks_is_the_largest_there_is(bool isFreeBall, int points)
    {
        var referee = new Referee(null);
        var frame = FrameState.Start(Gauge) with { IsFreeBall = isFreeBall };
        while (frame.Phase == FramePhase.InPlay)
        {
            var ball = frame.IsFreeBall || frame.On == BallOn.Colour ? BallId.Black : frame.BallsThatAreOn(null).Min();
            var after = frame.Balls.Where(placed => placed.Ball != ball && placed.Ball != BallId.Cue)
                .Append(new(BallId.Cue, new Place(0.5, 0.5)));
            var ruling = referee.Judge(
                frame, ball >= BallId.Yellow ? ball : null, new StrokeFacts { FirstHit = [ball], Potted = [ball], After = [.. after] });
            Assert.False(ruling.IsFoul);
            Assert.True(FrameArithmetic.LargestBreak(ruling.Next) <= points || ruling.Next.Phase == FramePhase.Over);
            frame = ruling.Next;
        }

        Assert.Equal((points, points), (frame.Scores.Player, frame.Break));
    }

    private static void AssertInvariants(FrameState before, Ruling ruling, int seed)
    {
        var next = ruling.Next;
        var sum = next.Scores.Player + next.Scores.Opponent;
        var up = next.Up.ToHashSet();
        var holds = (ruling.IsFoul ? ruling is { Points: 0, Penalty: >= 4 and <= 7, StaysAtTable: false } : ruling.Penalty == 0)
            && sum == before.Scores.Player + before.Scores.Opponent + ruling.Points + ruling.Penalty
            && next.IsInHand == (next.White is null)
            && up.Count == next.Balls.Count - (next.IsInHand ? 0 : 1)
            && (next.Phase == FramePhase.RespottedBlack || up.Where(BallSet.IsRed).All(before.Up.Contains))
            && (!ruling.StaysAtTable || next.Break == before.Break + ruling.Points)
            && (ruling.StaysAtTable || next.Phase == FramePhase.Over || next.Break == 0);
        if (!holds) Assert.Fail($"Frame {seed}: {ruling}");
        AssertSpotted(ruling, seed);
        if (next.Phase == FramePhase.Over)
        {
            Assert.True(ruling.End != FrameEnd.None && (ruling.Miss == MissCall.FrameLost || next.Scores.Player != next.Scores.Opponent));
            return;
        }

        // Colours are all up while a red is up or a colour of choice is on; later the highest are left, and the lowest of them is on.
        var colours = BallSet.Colours.Where(up.Contains).ToList();
        Assert.Equal(BallSet.Colours.TakeLast(colours.Count), colours);
        if (up.Any(BallSet.IsRed) || next.On == BallOn.Colour) Assert.Equal(6, colours.Count);
        var expected = next.On == BallOn.Colour && before.On == BallOn.Red && ruling.StaysAtTable ? BallOn.Colour : BallsOn.Infer(up);
        Assert.Equal(expected, next.On);
        Assert.True(next.Break + FrameArithmetic.PointsRemaining(next) <= 155);
    }

    private static void AssertSpotted(Ruling ruling, int seed)
    {
        foreach (var placed in ruling.Spotted)
        {
            Assert.Contains(placed, ruling.Next.Balls);
            foreach (var other in ruling.Next.Balls)
            {
                if (other.Ball != placed.Ball && other.Place.DistanceTo(placed.Place) < Gauge.Diameter - 1e-9)
                    Assert.Fail($"Frame {seed}: {placed} on {other}");
            }
        }
    }

    /// <summary>A stroke that is often legal, and otherwise anything.</summary>
    private static (BallId? Nominated, StrokeFacts Facts) Stroke(FrameState frame, Random random)
    {
        var up = frame.Up.ToList();
        var nominations = BallsOn.Nominations(frame.On, frame.IsFreeBall, frame.Up);
        BallId? nominated = nominations.Count > 0 && random.NextDouble() < 0.95 ? Pick(nominations, random) : null;
        IReadOnlyList<BallId> on = frame.IsFreeBall
            && nominated is { } free ? [free] : [.. frame.BallsThatAreOn(frame.On == BallOn.Colour ? nominated : null)];
        var isFair = random.NextDouble() < 0.88;
        List<BallId> first = isFair ? [Pick(on, random)] : random.Next(3) == 0 ? [] : [Pick(up, random)];
        if (random.Next(40) == 0) first.Add(Pick(up, random));
        var potted = new List<BallId>();
        if (random.NextDouble() < 0.8) potted.Add(Pick(isFair ? on : up, random));
        if (random.Next(20) == 0) potted.Add(Pick(up, random));
        if (random.Next(25) == 0) potted.Add(BallId.Cue);
        List<BallId> off = random.Next(100) == 0 ? [Pick(up, random)] : [];
        List<Foul> fouls = random.Next(60) == 0 ? [new Foul(Pick(UnseenFouls, random), Pick(up, random))] : [];
        var gone = potted.Concat(off).ToHashSet();
        var after = frame.Balls.Where(placed => placed.Ball != BallId.Cue && !gone.Contains(placed.Ball)).ToList();
        if (!gone.Contains(BallId.Cue)) after.Add(new PlacedBall(BallId.Cue, Room(after, random)));
        return (nominated, new StrokeFacts
        {
            FirstHit = [.. first.Distinct()],
            Potted = potted,
            OffTable = off,
            OtherFouls = fouls,
            After = after
        });
    }

    private static Place Room(List<PlacedBall> others, Random random)
    {
        while (true)
        {
            var place = new Place(
                0.05 + random.NextDouble() * (Measurements.Length - 0.1), 0.05 + random.NextDouble() * (Measurements.Width - 0.1));
            if (others.TrueForAll(other => other.Place.DistanceTo(place) > Gauge.Diameter)) return place;
        }
    }

    private static T Pick<T>(IReadOnlyList<T> items, Random random) => items[random.Next(items.Count)];
}
