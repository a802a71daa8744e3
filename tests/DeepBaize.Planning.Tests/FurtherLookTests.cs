using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Breaks;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>A plan looks one stroke further than a leave's estimate where strokes treat the balls differently.</summary>
public sealed class FurtherLookTests
{
    private const int Budget = 6000;

    /// <summary>What the search alone gets wrong, the plan gets right; its reasons add up with what the looks add.</summary>
    [Theory]
    [InlineData("No cannon into loose reds")]
    [InlineData("Into the pack from a high black, with a red in hand, mirrored")]
    public void Loose_reds_are_left_alone_and_a_pack_is_opened_with_a_red_in_hand(string name)
    {
        var position = CoachPosition.All.SelectMany(one => new[] { one, one.Mirrored() }).Single(one => one.Name == name);
        var question = BreakPlanner.Ask(Club, position.Striker, BreakWishes.Free, 1, Environment.ProcessorCount);
        var reader = new CoachReader(Club, position);
        var (frames, searched) = (new FramePlayer(Club, position.Striker), new BreakSearch(question).Run(position.Frame, Budget).Best[0]);
        Assert.NotEmpty(reader.Read([frames.Step(position.Frame, searched.Stroke, searched.Pot)!]));

        var plan = new BreakPlanner(question).Plan(position.Frame, Budget);
        Assert.Empty(reader.Read(plan.Line));
        Assert.All(
            plan.Others.Select(other => other.Versus).Append(plan.Plain).OfType<Versus>(),
            versus => Assert.Equal(versus.Lead.Mean, versus.Reasons.Sum(reason => reason.Worth), 6));
        Figures.Print($"{name}: worth {plan.Gain - plan.Cost:0.0}, {plan.Error:0.0} standard error with looks further.");
    }
}
