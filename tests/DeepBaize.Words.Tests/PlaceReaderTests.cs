using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Words.Places;

namespace DeepBaize.Words.Tests;

/// <summary>Places typed as a player says them.</summary>
public sealed class PlaceReaderTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;
    private static readonly Place From = new(1.5, 0.6);
    private static readonly PlacedBall[] Others =
        [new(BallId.Pink, Spots.Pink), new(BallId.Red1, new Place(2, 0.5)), new(BallId.Red2, new Place(3, 1.2)),
            new(BallId.Cue, new Place(1, 1))];

    /// <summary>
    /// The spots in millimetres from the baulk cushion are those of the official Rules of Snooker, section 1; a ball is 52.5 mm.
    /// </summary>
    [Theory]
    [InlineData("900 600", 900, 600)]
    [InlineData("900, 600", 900, 600)]
    [InlineData("90 cm; 0.6 m", 900, 600)]
    [InlineData("10 in, 20 in", 254, 508)]
    [InlineData("on the pink spot", 2676.75, 889)]
    [InlineData("the blue spot", 1784.5, 889)]
    [InlineData("two balls off the top cushion, in line with the pink", 3569 - 24.06 - 105, 889)]
    [InlineData("tight on the yellow side cushion", 1500, 24.06)]
    [InlineData("900 mm from the baulk cushion, frozen to the green side", 900, 1778 - 24.06)]
    [InlineData("touching the pink, below it", 2676.75 - 52.5, 889)]
    [InlineData("a ball below the pink", 2676.75 - 105, 889)]
    [InlineData("three balls to the green side of the pink", 2676.75, 889 + 210)]
    [InlineData("half a ball above the blue spot", 1784.5 + 26.25, 889)]
    [InlineData("half way between the blue and the pink", 2230.625, 889)]
    [InlineData("touching red 1, 520 from the yellow side, below it", 1951.53, 520)]
    [InlineData("between red 1 and red 2", 2500, 850)]
    [InlineData("300 mm above red 1", 2300, 500)]
    [InlineData("touching the nearest red, above", 2052.5, 500)]
    [InlineData("a ball off the baulk cushion", 76.56, 600)]
    public void Places_are_read(string text, double up, double fromYellowSide)
    {
        var read = Read(text);
        Assert.Null(read.Sentence);
        Assert.Equal(up / 1000, read.Place!.Value.X, 1e-4);
        Assert.Equal(fromYellowSide / 1000, read.Place.Value.Y, 1e-4);
    }

    [Fact]
    public void A_bare_number_is_in_the_unit_of_the_screen()
    {
        var inches = PlaceReader.Read("10 20", From, Others, TableOutline.Club, Gauge, 0.0254).Place!.Value;
        Assert.Equal(0.254, inches.X, 1e-12);
        Assert.Equal(0.508, inches.Y, 1e-12);
    }

    [Fact]
    public void On_a_line_between_two_things_the_nearest_place_is_meant_or_the_one_at_a_distance()
    {
        var nearest = Read("in line with red 1 and red 2").Place!.Value;
        Assert.Equal(0, Cross(nearest, Others[1].Place, Others[2].Place), 1e-9);
        var at = Read("2500 from the baulk cushion, in line with red 1 and red 2").Place!.Value;
        Assert.Equal(0.85, at.Y, 1e-9);

        static double Cross(Place p, Place a, Place b) => (b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X);
    }

    [Theory]
    [InlineData("", "Say where it is to stand.")]
    [InlineData("somewhere nice", "\"somewhere nice\" is not understood.")]
    [InlineData("lots off the top cushion", "\"lots\" is no distance.")]
    [InlineData("two balls above the moon", "\"the moon\" is no ball, spot or pocket that is known here.")]
    [InlineData("touching red 7", "There is no other red 7 on the table.")]
    [InlineData("in line with the pink and the pink", "Two things at one place give no line.")]
    public void What_is_not_understood_is_said_with_its_own_words(string text, string sentence)
    {
        var read = Read(text);
        Assert.Null(read.Place);
        Assert.Contains(sentence, read.Sentence, StringComparison.Ordinal);
    }

    /// <summary>Issue 17, point 5: the words that players use; each refusal lists what works.</summary>
    [Theory]
    [InlineData("behind the pink", 2.67675 - 2 * 0.0525, 0.889)]
    [InlineData("two balls behind the pink", 2.67675 - 3 * 0.0525, 0.889)]
    [InlineData("beside the pink", 2.67675, 0.889 - 2 * 0.0525)]
    [InlineData("level with the pink, a ball off the side cushion", 2.67675, 0.0525 + 0.0525 / 2)]
    [InlineData("in the D", 0.737 - 0.146, 0.889)]
    [InlineData("between the blue spot and the pink spot", (1.7845 + 2.67675) / 2, 0.889)]
    public void A_place_is_read_as_players_say_it(string text, double x, double y)
    {
        var place = PlaceReader.Read(
            text, new Place(2, 0.6), [new(BallId.Pink, Spots.Pink)], TableOutline.Club, Gauge, 0.001).Place!.Value;
        Assert.Equal(x, place.X, 3e-3);
        Assert.Equal(y, place.Y, 3e-3);
    }

    [Fact]
    public void Over_a_pocket_a_ball_hangs_as_near_as_it_can_stand()
    {
        foreach (var mouth in TableOutline.Club.Mouths)
        {
            var name = NameWords.Of(mouth.Pocket);
            var place = Read($"over the {name}").Place;
            Assert.True(place is not null, name);
            Assert.False(mouth.HasFallen(place.Value));
            Assert.InRange(place.Value.DistanceTo(mouth.DropCentre), mouth.DropRadius, mouth.DropRadius + 2 * Gauge.Diameter);
        }
    }

    [Theory]
    [InlineData("")]
    [InlineData("somewhere nice")]
    [InlineData("over the moon pocket")]
    [InlineData("two balls above the moon")]
    public void Each_refusal_lists_what_works(string text) =>
        Assert.Contains("What works: two balls off the top cushion;", Read(text).Sentence, StringComparison.Ordinal);

    /// <summary>What the sheet says of a place can be typed back and means about the same place.</summary>
    [Fact]
    public void What_is_said_of_a_place_near_a_ball_can_be_typed_back()
    {
        PlacedBall[] others = [.. Others.Where(other => other.Ball != BallId.Red2)];
        var random = new Random(4);
        var tried = 0;
        for (var i = 0; i < 400; i++)
        {
            var place = new Place(1.9 + 1.5 * random.NextDouble(), 0.2 + 1.4 * random.NextDouble());
            if (!others.All(other => other.Place.DistanceTo(place) > Gauge.Diameter)) continue;
            var words = Landmarks.Describe(place, others, Gauge);
            if (!words.Contains("ball", StringComparison.Ordinal)) continue;
            var read = PlaceReader.Read(words, From, others, TableOutline.Club, Gauge, 0.001);
            Assert.True(read.Place is not null, $"{words}: {read.Sentence}");
            // Eight directions and half balls: at six balls a sector is 22.5 degrees to either side.
            Assert.InRange(read.Place.Value.DistanceTo(place), 0, 2 * Math.Sin(Math.PI / 16) * 7 * Gauge.Diameter + Gauge.Diameter / 2);
            tried++;
        }

        Assert.InRange(tried, 100, 400);
    }

    private static ReadPlace Read(string text) => PlaceReader.Read(text, From, Others, TableOutline.Club, Gauge, 0.001);
}
