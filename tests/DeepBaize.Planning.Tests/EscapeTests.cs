using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>
/// Ways out of snookers. B54 to B56 and C60, C63 are closed forms of mirrors and parallel lines (arithmetic); the sweep is held against a
/// finer scan.
/// </summary>
public sealed class EscapeTests
{
    /// <summary>Centres on a cushion lie 24.06 mm from its nose in the worked examples.</summary>
    private const double Inset = 0.02406;

    private const double Room = 0.05;

    /// <summary>B55: the place at the cushion is the intersection with the line to the mirror image.</summary>
    [Fact]
    public void B55_mirror_points_are_those_of_the_closed_form()
    {
        var one = Mirrors.By(new Place(2, 0.3), new Place(2.9, 1.4), [CushionId.YellowSide], Inset, Room)!;
        Assert.Equal(2.1503, one[0].X, 4);
        var three = Mirrors.By(
            new Place(0.3, 1.6), new Place(3.3, 0.7), [CushionId.GreenSide, CushionId.YellowSide, CushionId.Top], Inset, Room)!;
        Assert.Equal(0.5099, three[0].X, 4);
        Assert.Equal(2.8683, three[1].X, 4);
        Assert.Equal(0.5203, three[2].Y, 4);
        // Angles in and out are the same at each cushion.
        Assert.Equal((three[1].X - three[0].X) / (three[0].X - 0.3), (three[1].Y - three[0].Y) / -(three[0].Y - 1.6), 9);
        Assert.Null(Mirrors.By(new Place(0.3, 0.3), new Place(3.3, 0.3), [CushionId.YellowSide], Inset, 0.1));
    }

    /// <summary>B56, C60: the line into the corner of the ball centres, shifted to the white, passes within a millimetre.</summary>
    [Fact]
    public void B56_the_parallel_shift_passes_the_ball_and_a_turn_of_a_degree_misses_by_44_mm()
    {
        var shift = ParallelShift.Round(new Place(0.9, 0.5), new Place(1.2, 1.5), PocketId.Green, Inset)!.Value;
        Assert.Equal((1.05, 1.0), (shift.Middle.X, shift.Middle.Y));
        Assert.Equal((Inset, 1.778 - Inset), (shift.Corner.X, shift.Corner.Y));
        Assert.Equal(1.1437, shift.First.Y, 0.0001);
        Assert.Equal(0.8545, shift.Second.X, 0.0001);
        Assert.InRange(Math.Abs(shift.MissMetres), 0, 0.001);
        Assert.Equal(0.044, Miss(1), 3);
        Assert.Equal(0.089, Miss(2), 2);
        // Into the corner of the noses instead it is about a centimetre off.
        var noses = shift.Middle.HeadingTo(new Place(0, 1.778)) - shift.Middle.HeadingTo(shift.Corner);
        Assert.Equal(0.010, Miss(noses * 180 / Math.PI), 0.002);

        static double Miss(double degrees) => Math.Abs(ParallelShift.Round(
            new Place(0.9, 0.5), new Place(1.2, 1.5), PocketId.Green, Inset, degrees * Math.PI / 180)!.Value.MissMetres);
    }

    /// <summary>C63: from anywhere on the aim line the place at the cushion is the same; from 100 mm beside it, it is not.</summary>
    [Fact]
    public void C63_a_family_of_places_shares_its_aim_point()
    {
        var target = new Place(2.9, 1.4);
        var aim = Aim(new Place(2, 0.3));
        var along = new Place(2, 0.3).Towards(aim, 0.1);
        Assert.InRange(Aim(along).DistanceTo(aim), 0, 1e-9);
        Assert.True(Aim(new Place(1.9, 0.35)).DistanceTo(aim) > 0.05);

        Place Aim(Place from) => Mirrors.By(from, target, [CushionId.YellowSide], Inset, Room)![0];
    }

    /// <summary>B54: behind two reds at (860, 2500) and (918, 2500) the black on its spot cannot be hit from (889, 1800).</summary>
    [Fact]
    public void B54_a_full_snooker_is_declared_with_what_is_in_the_way()
    {
        var frame = new FrameState(
            Lay((Cue, 1.8, 0.889), (Red1, 2.5, 0.86), (Red2, 2.5, 0.918), (Black, 3.2451, 0.889)).Balls, Club.Conditions.Gauge,
            BallOn.Colour);
        var reader = new SnookerReader(Club);
        Assert.True(reader.IsSnookered(frame));
        var seen = Assert.Single(reader.Read(frame));
        Assert.Equal(Black, seen.Ball);
        Assert.False(seen.Sight.AnyPart);
        Assert.Equal([Red1, Red2], seen.Blockers.Order());
        var open = frame with { Balls = [.. frame.Balls.Where(placed => !BallSet.IsRed(placed.Ball))] };
        Assert.False(reader.IsSnookered(open));
        Assert.Empty(reader.Read(open)[0].Blockers);
    }

    /// <summary>
    /// Every way that is told hits the ball that it names first, by the cushions that it names, and is no foul as it is meant; the same on
    /// one thread and on two.
    /// </summary>
    [Fact]
    public void Ways_are_legal_and_hit_the_ball_that_they_name()
    {
        foreach (var frame in Snookers(2))
        {
            var plan = new EscapePlanner(Ask(2)).Plan(frame);
            Assert.True(plan.IsSnookered && plan.IsFinal);
            Assert.NotEmpty(plan.Routes);
            Assert.Equal(plan.Routes.Count, plan.Routes.DistinctBy(route => route.Window.Way).Count());
            foreach (var route in plan.Routes)
            {
                var trial = new TrialTable(Club).Play(
                    new TrialQuestion(frame, LayoutOf(frame), route.Judged.Stroke), StrokeDraw.Exact);
                Assert.Equal(route.Window.Ball, trial.Result.FirstContact!.Value.Ball);
                Assert.False(trial.Ruling.IsFoul);
                Assert.Equal(route.Window.Way.InOrder, trial.Result.WhiteCushions.Take(route.Window.Way.Cushions));
                if (route.First is { } first) Assert.InRange(first.Along, first.From, first.To);
            }

            // The family holds the place where the white lies, as near as its grid goes; from its places the same point is hit.
            if (plan.Routes[0] is { First: not null } best)
                Assert.InRange(best.Family.Min(place => place.DistanceTo(frame.White!.Value)), 0, 0.09);
            var one = new EscapePlanner(Ask(1)).Plan(frame);
            Assert.Equal(one.Routes.Select(route => route.Judged.Worth), plan.Routes.Select(route => route.Judged.Worth));
        }
    }

    /// <summary>A scan five times as fine finds no window of 2 mrad that the sweep missed: centre ball, three paces of the ten.</summary>
    [Fact]
    public void A_finer_scan_finds_no_window_that_the_sweep_missed()
    {
        Dials[] strokes = [Dials.AtPace(2.5), Dials.AtPace(4), Dials.AtPace(7)];
        foreach (var frame in Snookers(3))
        {
            var on = frame.Playable.ToHashSet();
            var layout = LayoutOf(frame);
            var swept = new EscapeSweep(Club, 2).Find(layout, on, strokes);
            var fine = new EscapeSweep(Club, 2).Find(layout, on, strokes, 5 * EscapeSweep.Directions);
            foreach (var window in fine.Where(window => window.Width > 0.002))
            {
                Assert.Contains(swept, one => one.Dials == window.Dials && one.Way == window.Way
                    && Math.Abs(Math.IEEERemainder(one.Middle - window.Middle, Math.Tau)) < 0.6 * window.Width);
            }
        }
    }

    /// <summary>No ball that is on can be reached: the answer is empty, and comes.</summary>
    [Fact]
    public void Boxed_in_there_is_no_way()
    {
        var ring = Enumerable.Range(0, 6).Select(i => new PlacedBall(
            Yellow + i, new Place(1, 0.9).Offset(0.0535 * Math.Cos(i * Math.PI / 3), 0.0535 * Math.Sin(i * Math.PI / 3))));
        var frame = new FrameState(
            [new(Cue, new Place(1, 0.9)), .. ring, new(Red1, new Place(3, 0.9))], Club.Conditions.Gauge, BallOn.Red);
        var plan = new EscapePlanner(Ask(2)).Plan(frame);
        Assert.True(plan.IsSnookered);
        Assert.Empty(plan.Routes);
    }

    private static SafetyQuestion Ask(int threads) => new(Club, HousePlayers.Club, HousePlayers.Club, 1, threads);

    private static Layout LayoutOf(FrameState frame) =>
        LayoutRules.TryBuild([.. frame.Balls], Club.Outline, frame.Gauge, LayoutMode.Free, out _)!;

    private static IEnumerable<FrameState> Snookers(int count) => SeededSnookers.Of(Club, 41).Take(count);
}
