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
    /// The ladder in figures: red on the blue spot, white 560 mm from the green side and 1650 mm up, six balls in a row 2960 mm up at
    /// 836, 726, ... 286 mm from the green side, the first on the stun line (one ball from the red's centre: 836.5 mm, said as 836).
    /// </summary>
    [Fact]
    public void The_ladder_has_its_white_its_row_and_its_stun_line()
    {
        var ladder = Lay("ladder");
        var places = ladder.Balls.ToDictionary(ball => ball.Ball, ball => ball.Place);
        AssertPlace(1650, 560, places[BallId.Cue]);
        Assert.Equal(Spots.Blue, places[BallId.Red1]);
        double[] fromGreenSide = [836.5, 726.5, 616.5, 506.5, 396.5, 286.5];
        foreach (var (colour, across) in BallSet.Colours.Zip(fromGreenSide)) AssertPlace(2960, across, places[colour]);
        Assert.Equal(new PresetPot(BallId.Red1, PocketId.MiddleYellowSide), ladder.Pot);
        Assert.Equal(places[BallId.Cue], Assert.Single(ladder.Marks).Places[0]);
    }

    [Fact]
    public void Mirrored_every_ball_changes_sides_and_so_does_the_pocket()
    {
        var (ladder, mirrored) = (Lay("ladder"), Lay("ladder").Mirrored());
        foreach (var (ball, other) in ladder.Balls.Zip(mirrored.Balls))
        {
            Assert.Equal(ball.Ball, other.Ball);
            Assert.Equal(ball.Place.X, other.Place.X);
            Assert.Equal(1.778 - ball.Place.Y, other.Place.Y, 1e-12);
        }

        Assert.Equal(PocketId.MiddleGreenSide, mirrored.Pot!.Pocket);
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

    private static PresetLayout Lay(string id)
    {
        var preset = PresetBook.Find(id)!;
        return preset.Lay(PresetValues.Read(preset, new Dictionary<string, double>(), out _)!, Gauge);
    }

    private static void AssertPlace(double up, double fromGreenSide, Place place)
    {
        Assert.Equal(up / 1000, place.X, 1e-9);
        Assert.Equal(1.778 - fromGreenSide / 1000, place.Y, 1e-9);
    }
}
