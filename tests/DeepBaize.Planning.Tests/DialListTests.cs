using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Search;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>The strokes that a search tries, and those near them.</summary>
public sealed class DialListTests
{
    private static readonly Dials[] Listed = [.. Enumerable.Range(0, DialList.Count).Select(DialList.At)];

    [Fact]
    public void Strokes_near_one_differ_from_it_in_a_single_way_and_can_be_played()
    {
        foreach (var dials in Listed)
        {
            var near = DialList.Near(dials).ToList();
            Assert.InRange(near.Count, 2, 6);
            Assert.All(near, other =>
            {
                bool[] differs = [Math.Abs(other.Pace - dials.Pace) > 1e-9, Math.Abs(other.Side - dials.Side) > 1e-9,
                    Math.Abs(other.Height - dials.Height) > 1e-9];
                Assert.Single(differs, differ => differ);
                Assert.InRange(other.Pace, 1, 10);
                Assert.False(new Strike(0, other.WhiteSpeed, other.Side, other.Height).IsMiscueRisk);
                Assert.False(DialList.AreAlike(dials, other));
            });
        }
    }

    [Theory]
    [InlineData(1.05, 6)]
    [InlineData(9.2, 6)]
    public void At_the_ends_of_the_paces_there_is_a_stroke_on_one_side_only(double pace, int all) =>
        Assert.Equal(all - 1, DialList.Near(Dials.AtPace(pace)).Count());

    [Fact]
    public void Strokes_a_little_apart_are_alike_and_none_of_the_list_comes_twice()
    {
        Assert.True(DialList.AreAlike(Dials.AtPace(4, 0, 0.1), Dials.AtPace(4.2, 0.05, 0.05)));
        Assert.False(DialList.AreAlike(Dials.AtPace(4), Dials.AtPace(4.5)));
        Assert.False(DialList.AreAlike(Dials.AtPace(4), Dials.AtPace(4, 0.1)));
        for (var i = 0; i < Listed.Length; i++) Assert.DoesNotContain(Listed.Where((_, j) => j != i), other => other == Listed[i]);
    }

    /// <summary>A hand plays half paces and quarters of a tip: all of the list are such, and others are taken to the nearest.</summary>
    [Fact]
    public void Strokes_of_the_list_are_in_steps_that_a_hand_can_play()
    {
        Assert.All(Listed, dials => Assert.True(IsNear(dials, DialList.Handy(dials))));
        Assert.True(IsNear(Dials.AtPace(4.5, 0, CueShape.ContactOffset(-0.75, Club.Conditions.Balls.Radius)),
            DialList.Handy(Dials.AtPace(4.4, 0.02, -0.21))));

        static bool IsNear(Dials one, Dials other) => Math.Abs(one.WhiteSpeed - other.WhiteSpeed) < 1e-9
            && Math.Abs(one.Side - other.Side) < 1e-9 && Math.Abs(one.Height - other.Height) < 1e-9;
    }

    /// <summary>The list is coarse; what is played may lie between its strokes, and then only a step from one.</summary>
    [Fact]
    public void A_search_plays_strokes_of_the_list_and_those_near_it()
    {
        var found = PlainAnswer.All.Take(6)
            .SelectMany(position => new BreakSearch(BreakPlanner.Ask(Club, HousePlayers.League, BreakWishes.Free, 1))
                .Run(position.Frame, 1000).Best)
            .Select(rated => Dials.Of(rated.Stroke.Strike)).ToList();
        var near = found.Count(dials => !Listed.Any(listed => Same(listed, dials)));
        Figures.Print($"{near} of {found.Count} strokes that are sampled to the end lie between those of the list.");
        Assert.InRange(near, 1, found.Count - 1);
        Assert.All(found, dials => Assert.Contains(
            Listed, listed => Same(listed, dials) || DialList.Near(listed).Any(other => Same(other, dials))));

        static bool Same(Dials one, Dials other) =>
            Math.Abs(one.WhiteSpeed - other.WhiteSpeed) + Math.Abs(one.Side - other.Side) + Math.Abs(one.Height - other.Height) < 1e-9;
    }

    /// <summary>
    /// Beside an in-off, also one at the hardest pace that is solved, there are strokes to try, all of them within the scale.
    /// </summary>
    [Theory]
    [InlineData(1.5, 3)]
    [InlineData(2, 4)]
    [InlineData(6, 5)]
    [InlineData(7.5, 4)]
    [InlineData(8, 3)]
    [InlineData(9.5, 2)]
    public void Around_a_stroke_are_those_near_it_and_others_softer_and_firmer(double pace, int apart)
    {
        var dials = Dials.AtPace(pace, 0, 0.3);
        var around = DialList.Around(dials).ToList();
        Assert.Equal(DialList.Near(dials).Count() + apart, around.Count);
        Assert.All(around, one => Assert.InRange(one.Pace, 1, 10));
    }
}
