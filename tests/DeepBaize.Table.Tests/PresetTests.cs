using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Table.Presets;

namespace DeepBaize.Table.Tests;

/// <summary>Layouts asked for by name: every one is legal over its whole range, and its mirror image too.</summary>
public sealed class PresetTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;

    public static TheoryData<string> Ids => [.. PresetBook.All.Select(preset => preset.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void Every_preset_is_legal_as_offered_and_mirrored_and_at_either_end_of_each_parameter(string id)
    {
        var preset = PresetBook.Find(id)!;
        var settings = preset.Parameters
            .SelectMany(parameter => new[] { parameter.Least, parameter.Most }.Select(
                value => new Dictionary<string, double> { [parameter.Id] = value }))
            .Append([]);
        foreach (var setting in settings)
        {
            var laid = preset.Lay(PresetValues.Read(preset, setting, out _)!, Gauge);
            foreach (var layout in new[] { laid, laid.Mirrored() })
            {
                LayoutRules.TryBuild(layout.Balls, TableOutline.Club, Gauge, LayoutMode.Free, out var problems);
                Assert.True(problems.Count == 0,
                    $"{id} {string.Join(",", setting)}: {string.Join(" ", problems)}");
                Assert.Empty(MarkRules.Problems(layout.Marks));
                if (layout.IsInHand) Assert.True(TheD.Contains(layout.Balls.Single(ball => ball.Ball == BallId.Cue).Place));
            }
        }
    }

    /// <summary>
    /// Five gates at 0, 8, 16, 24 and 32 degrees behind the stun line of a pink cut by 30 degrees need a back-spin at contact of 0, 0.19,
    /// 0.36, 0.51 and 0.66 of the rolling one: a white without friction between the balls runs along 5/7 of what contact leaves it and 2/7
    /// of what its spin would make it roll (equal masses, restitution 1; textbook mechanics, derived).
    /// </summary>
    [Theory]
    [InlineData(1, 0)]
    [InlineData(2, 0.19)]
    [InlineData(3, 0.36)]
    [InlineData(4, 0.51)]
    [InlineData(5, 0.66)]
    public void Each_gate_of_the_fan_asks_for_more_back_spin(int gate, double ratio)
    {
        var fan = Lay("fan", ("gate", gate));
        var places = fan.Balls.ToDictionary(ball => ball.Ball, ball => ball.Place);
        var (pink, white) = (places[BallId.Pink], places[BallId.Cue]);
        Assert.Equal(Spots.Pink, pink);
        Assert.Equal(0.5, white.DistanceTo(pink), 1e-9);
        Assert.Equal(new PresetPot(BallId.Pink, PocketId.TopYellowSide), fan.Pot);
        var pocket = Math.Atan2(0 - pink.Y, Measurements.Length - pink.X);
        var contact = pink.Offset(-Gauge.Diameter * Math.Cos(pocket), -Gauge.Diameter * Math.Sin(pocket));
        Assert.Equal(30, Degrees(Toward(white, contact) - pocket), 1e-9);

        var (one, other) = (places[BallId.Red1], places[BallId.Red2]);
        Assert.Equal(0.16, one.DistanceTo(other) - Gauge.Diameter, 1e-9);
        var middle = new Place((one.X + other.X) / 2, (one.Y + other.Y) / 2);
        Assert.Equal(0.7, middle.DistanceTo(contact), 1e-9);
        var behind = Toward(contact, middle) - (pocket + Math.PI / 2);
        Assert.Equal(8 * (gate - 1), Degrees(behind), 1e-9);

        // Back-spin ratio k whose white runs there: tan(behind) = 2 k cos(cut) / ((5 - 2 k) sin(cut)).
        var tan = Math.Tan(behind);
        Assert.Equal(ratio, 5 * tan * 0.5 / (2 * Math.Cos(Math.PI / 6) + 2 * tan * 0.5), 0.005);
        Assert.Equal(MarkKind.Gate, fan.Marks[1].Kind);
    }

    [Fact]
    public void Mirrored_every_ball_changes_sides_and_so_does_the_pocket()
    {
        var (fan, mirrored) = (Lay("fan"), Lay("fan").Mirrored());
        foreach (var (ball, other) in fan.Balls.Zip(mirrored.Balls))
        {
            Assert.Equal(ball.Ball, other.Ball);
            Assert.Equal(ball.Place.X, other.Place.X);
            Assert.Equal(1.778 - ball.Place.Y, other.Place.Y, 1e-12);
        }

        Assert.Equal(PocketId.TopGreenSide, mirrored.Pot!.Pocket);
    }

    /// <summary>Fifteen reds behind the pink and six colours on their spots (official Rules of Snooker, section 3).</summary>
    [Fact]
    public void A_frame_begins_with_the_pack_behind_the_pink()
    {
        var frame = Lay("full-frame");
        Assert.Equal(BallSet.Count, frame.Balls.Count);
        Assert.All(BallSet.Colours, colour => Assert.Contains(new PlacedBall(colour, Spots.Of(colour)!.Value), frame.Balls));
        Assert.All(frame.Balls.Where(ball => BallSet.IsRed(ball.Ball)),
            red => Assert.InRange(red.Place.X, Spots.Pink.X + Gauge.Diameter - 1e-9, Spots.Black.X));
        Assert.True(frame.IsInHand);
    }

    [Fact]
    public void What_cannot_be_set_is_said()
    {
        var gap = PresetBook.Find("gap")!;
        Assert.Null(PresetValues.Read(gap, new Dictionary<string, double> { ["width"] = 5, ["colour"] = 1 }, out var wrong));
        Assert.Equal(["colour", "width"], wrong);
        var rail = PresetBook.Find("rail")!;
        Assert.Null(PresetValues.Read(rail, new Dictionary<string, double> { ["reds"] = 2.5 }, out var whole));
        Assert.Equal(["reds"], whole);
    }

    private static double Toward(Place from, Place to) => Math.Atan2(to.Y - from.Y, to.X - from.X);

    private static double Degrees(double radians) => radians * 180 / Math.PI;

    private static PresetLayout Lay(string id, params (string Id, double Value)[] values)
    {
        var preset = PresetBook.Find(id)!;
        return preset.Lay(PresetValues.Read(preset, values.ToDictionary(one => one.Id, one => one.Value), out _)!, Gauge);
    }
}
