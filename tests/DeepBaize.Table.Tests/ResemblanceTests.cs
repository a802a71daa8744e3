using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Tests;

/// <summary>Positions that look alike, mirrored or not; contacts that survive rounding.</summary>
public sealed class ResemblanceTests
{
    private static readonly PlacedBall[] Shot =
        [new(BallId.Cue, new(2.2, 0.5)), new(BallId.Red1, new(2.8, 0.4)), new(BallId.Red2, new(3.1, 0.9)), new(BallId.Black, Spots.Black)];

    [Fact]
    public void The_same_position_is_nought_apart_and_its_mirror_image_is_found_as_one()
    {
        Assert.Equal(new Likeness(false, 0, BallId.Cue), Resemblance.Compare(Shot, Shot));
        var mirrored = Resemblance.Compare([.. Shot.Select(ball => ball with { Place = ball.Place.Mirrored() })], Shot);
        Assert.True(mirrored.IsMirrored);
        Assert.Equal(0, mirrored.Apart, 1e-12);
    }

    [Fact]
    public void Reds_have_no_names_and_a_missing_ball_counts()
    {
        var renamed = Shot.Select(ball => ball.Ball switch { BallId.Red1 => ball with { Ball = BallId.Red9 }, _ => ball }).ToList();
        Assert.Equal(0, Resemblance.Compare(renamed, Shot).Apart);
        var without = Resemblance.Compare([.. Shot.Where(ball => ball.Ball != BallId.Black)], Shot);
        Assert.Equal(BallId.Black, without.Farthest);
        Assert.Equal(Resemblance.Missing / 7, without.Apart, 1e-12);
        var moved = Resemblance.Compare([Shot[0] with { Place = Shot[0].Place.Offset(0.1, 0) }, .. Shot[1..]], Shot);
        Assert.Equal(BallId.Cue, moved.Farthest);
        Assert.Equal(2 * 0.1 / 8, moved.Apart, 1e-12);
    }

    [Fact]
    public void Rounded_to_a_tenth_of_a_micrometre_a_pack_keeps_its_contacts_and_moves_less_than_the_rounding()
    {
        var gauge = BallGauge.Standard;
        var pack = Spots.Rack(gauge.Diameter).Select((place, i) => new PlacedBall(BallSet.Reds[i], place))
            .Append(new PlacedBall(BallId.Cue, new Place(1, 1))).ToList();
        var before = Build(pack);
        var rounded = pack.Select(ball => ball with { Place = new Place(Round(ball.Place.X), Round(ball.Place.Y)) }).ToList();
        var closed = ContactCloser.Close(rounded, before.Contacts.ToHashSet(), gauge.Diameter);
        Assert.Equal(before.Contacts, Build(closed).Contacts);
        Assert.All(closed.Zip(pack), pair => Assert.InRange(pair.First.Place.DistanceTo(pair.Second.Place), 0, 1e-6));

        static double Round(double metres) => Math.Round(metres, 7);
    }

    private static Layout Build(IReadOnlyCollection<PlacedBall> balls) =>
        LayoutRules.TryBuild(balls, TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out var problems)
        ?? throw new InvalidOperationException(string.Join(" ", problems));
}
