using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Strokes for something else than a pot are sampled and searched for on the same road.</summary>
public sealed class IntentTests
{
    private const int Strokes = 200;

    /// <summary>A red two metres up the table, the pink well beside the line.</summary>
    private static readonly Layout Open = Lay((BallId.Cue, 0.6, 0.889), (BallId.Red1, 2.6, 0.889), (BallId.Pink, 1.6, 1.2));

    [Fact]
    public void A_stroke_at_a_ball_is_good_when_the_ball_is_met_first_and_nothing_is_foul()
    {
        var expert = Sample(Open, new HitIntent(BallId.Red1), HousePlayers.Expert, 4);
        Assert.True(expert.Pot.Share > 0.97, $"{expert.Pot.Share:0.00}");
        // The pink stands in the way: it is met first, and that is foul.
        var shut = Lay((BallId.Cue, 0.6, 0.889), (BallId.Red1, 2.6, 0.889), (BallId.Pink, 1.6, 0.889));
        var hidden = Sample(shut, new HitIntent(BallId.Red1), HousePlayers.Expert, 4);
        Assert.True(hidden.Pot.Share < 0.05 && hidden.NotMet.Share > 0.95, $"{hidden.Pot.Share:0.00}, {hidden.NotMet.Share:0.00}");
    }

    [Fact]
    public void A_stroke_at_a_colour_nominates_it()
    {
        var pink = Lay((BallId.Cue, 0.6, 0.889), (BallId.Red1, 2.6, 0.4), (BallId.Pink, 1.6, 0.889));
        Assert.Equal(1, Sample(pink, new HitIntent(BallId.Pink), HousePlayers.Expert, 3).Pot.Share, 0.02);
    }

    [Fact]
    public void A_stroke_to_a_place_is_good_when_the_white_stops_there_after_a_legal_contact()
    {
        // Without a ball to meet every stroke is foul, wherever the white stops.
        var stops = new TrialTable(Club).Play(
            TrialQuestion.Of(Open, Straight(Open, new ReachIntent(new Place(2.0, 0.3), 0.2), HousePlayers.Expert, 2.2)), StrokeDraw.Exact);
        Assert.True(stops.Ruling.IsFoul && !stops.IsGood);
        var red = new HitIntent(BallId.Red1);
        var meant = new TrialTable(Club).Play(TrialQuestion.Of(Open, Straight(Open, red, HousePlayers.Expert, 3)), StrokeDraw.Exact);
        var rest = meant.Result[BallId.Cue]!.Value;
        var there = Straight(Open, red, HousePlayers.Expert, 3) with { Intent = new ReachIntent(rest, 0.25) };
        var near = Sample(Open, there);
        Assert.InRange(near.Pot.Share, 0.3, 1);
        Assert.Equal(0, Sample(Open, there with { Intent = new ReachIntent(rest.Offset(0, 0.6), 0.25) }).Pot.Share, 0.02);
        Assert.Equal(0, near.NotMet.Count);
    }

    [Fact]
    public void A_search_finds_how_to_meet_a_ball_and_stop_in_a_zone()
    {
        var question = new SearchQuestion(
            Club, FrameState.For(Open, BallId.Red1), Open, new HitIntent(BallId.Red1), HousePlayers.Expert, TableDoubt.None,
            place => place.X < 2.3, 3);
        var best = new StrokeSearch(question).Run().Last().Best;
        Assert.NotEmpty(best);
        Assert.True(best[0].Success > 0.8, $"{best[0].Success:0.00}");
        Assert.True(best[0].Rest!.Value.X < 2.3);
    }

    [Fact]
    public void Only_a_stroke_for_a_pot_has_one()
    {
        var stroke = Straight(Open, new HitIntent(BallId.Red1), HousePlayers.Club, 3);
        Assert.Throws<InvalidOperationException>(() => stroke.Pot);
        Assert.Throws<ArgumentException>(
            () => CushionOrHold.Find(Seek(Open, default, HousePlayers.Club, 1) with { Intent = stroke.Intent }, new Place(1, 1), 8));
    }

    [Fact]
    public void What_a_miss_leaves_is_asked_of_the_opponent_s_hands()
    {
        var frame = new FrameState(
            Lay((BallId.Cue, 1.0, 0.5), (BallId.Red1, 2.9, 0.6), (BallId.Red2, 2.4, 1.1), (BallId.Black, 3.245, 0.889)).Balls,
            Club.Conditions.Gauge, BallOn.Red);
        var asked = BreakPlanner.Ask(Club, HousePlayers.Club, BreakWishes.Free, 1);
        var (starter, expert) = (Leaves(HousePlayers.Starter), Leaves(HousePlayers.Expert));
        Assert.True(starter < expert - 0.1, $"{starter:0.00} to a starter, {expert:0.00} to an expert");

        double Leaves(PlayerProfile opponent) => new BreakPlanner(asked with { Opponent = opponent }).Plan(frame, 400).MissLeaves!.Value;
    }

    private static SampleSummary Sample(Layout layout, Intent intent, PlayerProfile player, double pace) =>
        Sample(layout, Straight(layout, intent, player, pace));

    private static SampleSummary Sample(Layout layout, PlannedStroke stroke) =>
        SampleSummary.Of(StrokeSampler.Play(new SampleQuestion(Club, TrialQuestion.Of(layout, stroke), TableDoubt.None), Strokes, 7));

    private static PlannedStroke Straight(Layout layout, Intent intent, PlayerProfile player, double pace)
    {
        var strike = new IntentAimer(Club).Aim(layout, intent, Dials.AtPace(pace))!.Value;
        return new PlannedStroke(intent, strike, CueingReader.Deliver(Club, layout, player, strike, intent));
    }
}
