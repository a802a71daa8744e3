using DeepBaize.Physics.Balls;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Tests;

/// <summary>Soft balls are forgiven by the pocket (C41: common practice, no source), and most of all along the rail.</summary>
public sealed class PocketForgivenessTests
{
    private const double Step = 1e-4;

    /// <summary>The edges of what drops are ragged by some tenths of a millimetre: a ball there rattles.</summary>
    private const double Ragged = 4e-4;

    [Theory]
    [InlineData(38)]
    [InlineData(40)]
    [InlineData(42)]
    [InlineData(43)]
    [InlineData(44)]
    [InlineData(45)]
    public void Along_the_rail_a_harder_ball_is_never_forgiven_more(double degrees)
    {
        var widths = new[] { 1.0, 2, 4, 6, 8, 10 }.Select(pace => Width(PocketId.TopGreenSide, degrees, pace)).ToList();
        for (var i = 1; i < widths.Count; i++)
            Assert.True(widths[i] <= widths[i - 1] + Ragged, $"{string.Join(", ", widths.Select(width => $"{1000 * width:0.0}"))} mm.");
        Assert.True(widths[1] > widths[4], $"{1000 * widths[1]:0.0} mm at pace 2, {1000 * widths[4]:0.0} at pace 8.");
    }

    [Theory]
    [InlineData(0)]
    [InlineData(15)]
    [InlineData(30)]
    public void Off_the_rail_a_soft_ball_is_forgiven_more(double degrees)
    {
        var (soft, hard) = (Width(PocketId.TopGreenSide, degrees, 2), Width(PocketId.TopGreenSide, degrees, 8));
        Assert.True(soft > hard * 1.05, $"{1000 * soft:0.0} mm at pace 2, {1000 * hard:0.0} at pace 8.");
    }

    /// <summary>
    /// The reason: rubber that dies with speed lets go of hard balls less well, and friction that falls with slip turns them less.
    /// </summary>
    [Fact]
    public void Jaws_are_as_lively_and_as_rough_at_any_speed()
    {
        var jaws = PlayingConditions.Club.ForJaws().Table;
        Assert.Equal(jaws.RestitutionAt(0.1, 0.95), jaws.RestitutionAt(5, 0.95));
        Assert.Equal(PlayingConditions.Club.Table.RestitutionAt(0, 0.95), jaws.RestitutionAt(5, 0.95));
        Assert.Equal(0, jaws.CushionFrictionFall);
    }

    /// <summary>Width in metres of all lines on which a rolling ball drops, across its way at the throat of a pocket.</summary>
    internal static double Width(PocketId pocket, double degrees, double pace) => Step * Drops(pocket, degrees, pace).Count(drops => drops);

    /// <summary>Width in metres of the widest interval of lines on which a rolling ball drops.</summary>
    internal static double Widest(PocketId pocket, double degrees, double pace)
    {
        var (widest, run) = (0, 0);
        foreach (var drops in Drops(pocket, degrees, pace)) widest = Math.Max(widest, run = drops ? run + 1 : 0);
        return Step * widest;
    }

    private static IEnumerable<bool> Drops(PocketId pocket, double degrees, double pace)
    {
        var (mouth, simulation) = (TableOutline.Club.Mouths[(int)pocket], Shots.Simulation(PlayingConditions.Club));
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        var (x, y) = (mouth.Axis.X * cos - mouth.Axis.Y * sin, mouth.Axis.Y * cos + mouth.Axis.X * sin);
        var speed = Pace.ToSpeed(pace);
        for (var offset = -0.06; offset <= 0.06; offset += Step)
        {
            yield return Lay(offset) is { } layout
                && simulation.Play(layout, new Vec3(x, y, 0) * speed, new Vec3(-y, x, 0) * (speed / 0.02625)).Potted.Any(
                    ball => ball.Pocket == pocket);
        }

        Layout? Lay(double offset)
        {
            for (var run = 0.6; run > 0.15; run -= 0.05)
            {
                var start = mouth.ThroatMiddle.Offset(-x * run - y * offset, -y * run + x * offset);
                if (LayoutRules.TryBuild(
                    [new PlacedBall(BallId.Cue, start)], TableOutline.Club, PlayingConditions.Club.Gauge, LayoutMode.Free,
                    out _) is { } layout) return layout;
            }

            return null;
        }
    }
}
