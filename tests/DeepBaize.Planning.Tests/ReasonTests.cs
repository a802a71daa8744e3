using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Why a stroke is told: parts that add up, and facts that are not true of the other stroke.</summary>
public sealed class ReasonTests
{
    private const int Positions = 8;
    private const int Seed = 640_000;

    /// <summary>The parts are the difference whatever the two strokes are, and turn round with them.</summary>
    [Fact]
    public void The_parts_of_a_difference_add_up_to_it_either_way_round()
    {
        var random = new Random(3);
        for (var i = 0; i < 1000; i++)
        {
            var (one, other) = (Any(), Any());
            Assert.Equal(one.Worth - other.Worth, one.Less(other).Sum(part => part.Worth), 11);
            Assert.All(one.Less(other).Zip(other.Less(one)), pair => Assert.Equal(pair.First.Worth, -pair.Second.Worth, 11));
        }

        WorthParts Any() => random.Next(8) == 0
            ? new WorthParts(random.NextDouble(), random.Next(8), 0, 0, 12 * random.NextDouble() - 2)
            : new WorthParts(
                random.NextDouble(), random.Next(8), random.NextDouble(), 30 * random.NextDouble(), 12 * random.NextDouble() - 2);
    }

    /// <summary>A likelier pot of the same ball with the same leave is better by that alone.</summary>
    [Fact]
    public void What_does_not_differ_has_no_part_in_the_difference()
    {
        var parts = new WorthParts(0.9, 7, 0.8, 10, 5).Less(new WorthParts(0.7, 7, 0.8, 10, 5));
        Assert.Equal(
            [(ReasonKind.Pot, 4.0), (ReasonKind.Points, 0), (ReasonKind.Next, 0), (ReasonKind.Further, 0), (ReasonKind.Miss, 0)],
            parts.Select(part => (part.Kind, Math.Round(part.Worth, 12))));
        var last = new WorthParts(0.5, 7, 0, 0, 0).Less(new WorthParts(0.5, 7, 0.5, 4, 0));
        Assert.Equal(0, last.Single(part => part.Kind == ReasonKind.Further).Worth);
        var covered = new WorthParts(0.5, 1, 0, 0, 2).Less(new WorthParts(0.5, 1, 0, 0, 8));
        Assert.Equal(3, covered.Single(part => part.Kind == ReasonKind.Miss).Worth);
    }

    /// <summary>The long check asks more of them: the parts add up, and no fact is true of the other stroke.</summary>
    [Fact]
    public void Reasons_add_up_and_no_fact_holds_for_the_other_stroke()
    {
        var report = ReasonTrial.Run(Club, HousePlayers.Club, Positions, 250, Seed);
        Assert.Empty(report.Faults);
        Assert.True(report.Told > Positions && report.Facts > Positions / 2, report.ToString());
    }

    /// <summary>Who dislikes a follow is not told one, and hears what that gives up where it is much.</summary>
    [Fact]
    public void What_the_school_gives_up_is_told()
    {
        var club = HousePlayers.Club;
        var player = club with { Preferences = club.Preferences with { Follow = 50 } };
        var told = CoachPosition.All.Where(position => position.Kind == "plain").Select(position => new BreakPlanner(
            BreakPlanner.Ask(Club, player, BreakWishes.Free, 1, Environment.ProcessorCount)).Plan(position.Frame, 4000)).ToList();
        Assert.Contains(told, plan => plan.GivenUp is { Worth: >= 0.25 });
        Assert.All(told, plan => Assert.NotEqual(plan.GivenUp?.Stroke, plan.Line[0].Stroke));
    }

    /// <summary>High, low and cushions count like the rest of a school.</summary>
    [Fact]
    public void A_school_that_counts_where_the_white_comes_out_marks_the_stroke_down()
    {
        var school = Preferences.Usual with { Cushion = 3, Low = 5 };
        var kind = new StrokeKind(0, false, 0, 1, 3, false);
        Assert.Equal(school.Cost(kind) + 3, school.Cost(kind with { Cushions = 2 }));
        Assert.Equal(school.Cost(kind) + 5, school.Cost(kind with { NextSide = SideOfStraight.Low }));
        Assert.Equal(school.Cost(kind), school.Cost(kind with { NextSide = SideOfStraight.High }));
        var wrong = HousePlayers.Club with { Preferences = school with { High = 51 } };
        Assert.Equal("high", Assert.Single(wrong.Problems()).Field);
    }

    [Fact]
    public void Fresh_draws_are_not_those_that_chose_and_every_stroke_meets_the_same()
    {
        var frame = CoachPosition.All[0].Frame;
        var search = new BreakSearch(BreakPlanner.Ask(Club, HousePlayers.Club, BreakWishes.Free, 1, 2));
        var best = search.Run(frame, 600).Best[0];
        var judged = search.Judge(frame, [best.Stroke, best.Stroke], 300);
        Assert.Equal(judged[0].Gains, judged[1].Gains);
        Assert.NotEqual(best.Worth, judged[0].Worth);
        Assert.Equal(new Estimate(0, 0), judged[0].Over(judged[1]));
        Assert.Equal(300, judged[0].Rated.Samples);
        // Better is what is resolved with the school counted: a tenth more is not enough for what is marked down by a fifth.
        double[] worths = [10, 12, 9, 11, 10, 13];
        var one = judged[0] with { Gains = worths, Costs = new double[6] };
        var other = one with { Gains = [.. worths.Select(worth => 1.1 * worth)] };
        Assert.True(other.IsBetterThan(one) && !one.IsBetterThan(other) && !one.IsBetterThan(one));
        Assert.True(one.IsBetterThan(other with { Liking = 0.8 }));
        // What a miss leaves counts in full, whatever the school holds of the stroke.
        Assert.True(one.IsBetterThan(other with { Costs = [2, 3, 2, 3, 2, 3] }));
    }

    /// <summary>What is not measured is doubted: a stroke is judged on tables as they may be, and goes less often there.</summary>
    [Fact]
    public void A_doubted_table_counts_in_what_a_stroke_is_worth()
    {
        var frame = CoachPosition.All[0].Frame;
        var question = BreakPlanner.Ask(Club, HousePlayers.Expert, BreakWishes.Free, 1, 2);
        var best = new BreakSearch(question).Run(frame, 400).Best[0].Stroke;
        var (sure, doubted) = (Judge(TableDoubt.None), Judge(TableDoubt.Unmeasured));
        Assert.NotEqual(sure.Gains, doubted.Gains);
        Assert.True(doubted.Worth < sure.Worth + 2 * sure.Error);

        JudgedStroke Judge(TableDoubt doubt) => new BreakSearch(question with { Doubt = doubt }).Judge(frame, [best], 400)[0];
    }
}
