using DeepBaize.Table.Layouts;

namespace DeepBaize.Table.Tests;

/// <summary>Marks on the cloth, and the measures with which a helper lays a position again.</summary>
public sealed class MarkTests
{
    [Fact]
    public void A_zone_holds_what_lies_within_its_outline_also_when_it_bends_and_a_target_what_is_near()
    {
        var bent = new Mark("z", MarkKind.Zone, [new(1, 0.5), new(2, 0.5), new(2, 1.5), new(1.6, 1.5), new(1.6, 0.9), new(1, 0.9)]);
        Assert.True(bent.Holds(new Place(1.2, 0.7)));
        Assert.True(bent.Holds(new Place(1.8, 1.4)));
        Assert.False(bent.Holds(new Place(1.2, 1.2)));
        Assert.False(bent.Holds(new Place(2.1, 0.7)));
        var target = new Mark("t", MarkKind.Target, [new(1, 1)], 0.1);
        Assert.True(target.Holds(new Place(1.09, 1)));
        Assert.False(target.Holds(new Place(1.11, 1)));
        Assert.False(new Mark("g", MarkKind.Gate, [new(1, 1), new(1, 1.2)]).Holds(new Place(1, 1.1)));
    }

    private static readonly Place Somewhere = new(1, 1);

    [Fact]
    public void Marks_with_the_places_of_their_kind_are_taken() => Assert.Empty(MarkRules.Problems(
    [
        new("a", MarkKind.WhitePlace, [Somewhere]),
        new("b", MarkKind.Target, [Somewhere], 0.2, "here"),
        new("c", MarkKind.Gate, [Somewhere, new(1.2, 1)]),
        new("d", MarkKind.Zone, [Somewhere, new(1.2, 1), new(1.1, 1.3)]),
    ]));

    public static TheoryData<Mark, string> Wrong => new()
    {
        { new("", MarkKind.WhitePlace, [Somewhere]), "id" },
        { new("a b", MarkKind.WhitePlace, [Somewhere]), "id" },
        { new("a", MarkKind.Gate, [Somewhere]), "places" },
        { new("a", MarkKind.Zone, [Somewhere, Somewhere]), "places" },
        { new("a", MarkKind.WhitePlace, [new(4, 1)]), "places" },
        { new("a", MarkKind.WhitePlace, [new(double.NaN, 1)]), "places" },
        { new("a", MarkKind.Target, [Somewhere]), "radius" },
        { new("a", MarkKind.Target, [Somewhere], 2), "radius" },
        { new("a", MarkKind.Gate, [Somewhere, Somewhere], 0.1), "radius" },
        { new("a", MarkKind.WhitePlace, [Somewhere], Text: "=1+1"), "text" },
        { new("a", MarkKind.WhitePlace, [Somewhere], Text: "one\ntwo"), "text" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void A_mark_that_cannot_be_is_refused_by_the_field_that_is_wrong(Mark mark, string field) =>
        Assert.Equal(field, Assert.Single(MarkRules.Problems([mark])).Field);

    [Fact]
    public void Two_marks_of_one_id_and_too_many_marks_are_refused()
    {
        var mark = new Mark("a", MarkKind.WhitePlace, [Somewhere]);
        Assert.Equal(new MarkProblem(MarkFault.SameId, 1, mark), Assert.Single(MarkRules.Problems([mark, mark])));
        Assert.Single(MarkRules.Problems([.. Enumerable.Range(0, MarkRules.Most + 1).Select(i => mark with { Id = $"m{i}" })]));
    }
}
