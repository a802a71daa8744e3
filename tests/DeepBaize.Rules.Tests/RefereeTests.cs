using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Rules.Tests;

/// <summary>
/// Sequences of the official rules, section 3 (numbers of paragraphs differ between editions, so none are given). A is at the table; gains
/// are A's and B's.
/// </summary>
public sealed class RefereeTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;
    private static readonly Place White = new(1.2, 0.5);
    private static readonly Referee Referee = new(new Sight(TableOutline.Club, Gauge));

    /// <summary>A frame with reds in a row across the table, colours on their spots and the white below them.</summary>
    private static FrameState Frame(
        BallOn on, int reds, BallId lowest = Yellow, Scores scores = default, bool isFreeBall = false, Place? white = null) => new(
        [
            new PlacedBall(Cue, white ?? White),
            .. Enumerable.Range(0, reds).Select(i => new PlacedBall(Red1 + i, new Place(2.9, 0.3 + 0.06 * i))),
            .. BallSet.Colours.Where(colour => colour >= lowest).Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)),
        ],
        Gauge, on, scores, IsFreeBall: isFreeBall);

    private static StrokeFacts Stroke(
        FrameState frame, BallId[] first, BallId[]? potted = null, Foul[]? fouls = null, BallId? moved = null, Place? white = null)
    {
        var gone = potted ?? [];
        var after = frame.Balls.Where(placed => !gone.Contains(placed.Ball))
            .Select(placed => placed.Ball == Cue && white is { } to ? placed with { Place = to } : placed);
        return new StrokeFacts { FirstHit = first, Potted = gone, OtherFouls = fouls ?? [], MovedTouching = moved, After = [.. after] };
    }

    private static void AssertRuling(Ruling ruling, int player, int opponent, bool stays, BallOn on)
    {
        Assert.Equal((player, opponent, stays, on), (ruling.Points, ruling.Penalty, ruling.StaysAtTable, ruling.Next.On));
        Assert.Equal(FrameEnd.None, ruling.End);
    }

    [Fact]
    public void At_the_start_a_red_that_is_hit_and_not_potted_passes_the_turn()
    {
        var frame = FrameState.Start(Gauge);
        var stroke = Stroke(frame, [Red1]) with { After = [.. frame.Balls, new PlacedBall(Cue, White)] };
        AssertRuling(Referee.Judge(frame, null, stroke), 0, 0, false, BallOn.Red);
    }

    /// <summary>A jump shot by when the white passes over which ball (official rules, section 2, "Jump shot"; from memory).</summary>
    [Theory]
    [InlineData(Blue, JumpMoment.BeforeContact, true, true)]
    [InlineData(Blue, JumpMoment.BeforeContact, false, true)]
    [InlineData(Red1, JumpMoment.BeforeContact, false, false)]
    [InlineData(Red1, JumpMoment.BeforeContact, true, true)]
    [InlineData(Red1, JumpMoment.AfterContact, true, true)]
    [InlineData(Red1, JumpMoment.AfterContact, false, false)]
    [InlineData(Blue, JumpMoment.AfterContact, true, false)]
    [InlineData(Red1, JumpMoment.Later, true, false)]
    public void A_jump_shot_is_foul_as_the_rules_say(BallId over, JumpMoment moment, bool toFarSide, bool isFoul)
    {
        var frame = Frame(BallOn.Red, 3);
        var ruling = Referee.Judge(frame, null, Stroke(frame, [Red1]) with { Jumped = [new JumpedBall(over, moment, toFarSide)] });
        Assert.Equal(isFoul, ruling.IsFoul);
        Assert.Equal(isFoul ? 4 : 0, ruling.Penalty);
    }

    [Fact]
    public void In_off_the_pack_costs_four_and_leaves_the_white_in_hand()
    {
        var frame = FrameState.Start(Gauge);
        var ruling = Referee.Judge(frame, null, Stroke(frame, [Red1], [Cue]));
        AssertRuling(ruling, 0, 4, false, BallOn.Red);
        Assert.True(ruling.Next.IsInHand);
        Assert.Equal(new Scores(4, 0), ruling.Next.Scores);
        Assert.Equal(FoulKind.InOff, ruling.Dearest(1)!.Value.Kind);
    }

    [Fact]
    public void Red_and_then_the_nominated_black_make_eight_and_the_black_comes_back()
    {
        var frame = Frame(BallOn.Red, 3);
        var red = Referee.Judge(frame, null, Stroke(frame, [Red1], [Red1]));
        AssertRuling(red, 1, 0, true, BallOn.Colour);
        var black = Referee.Judge(red.Next, Black, Stroke(red.Next, [Black], [Black]));
        AssertRuling(black, 7, 0, true, BallOn.Red);
        Assert.Equal((8, 8), (black.Next.Scores.Player, black.Next.Break));
        Assert.Equal([new PlacedBall(Black, Spots.Black)], black.Spotted);
    }

    [Theory]
    // Colour on, blue nominated: the pink is hit first.
    [InlineData(BallOn.Colour, 3, Blue, new[] { Pink }, new BallId[0], 6, BallOn.Red)]
    // Colour on, black nominated: black and a red fall.
    [InlineData(BallOn.Colour, 3, Black, new[] { Black }, new[] { Black, Red1 }, 7, BallOn.Red)]
    // Red on: a red is hit and the black falls.
    [InlineData(BallOn.Red, 3, null, new[] { Red1 }, new[] { Black }, 7, BallOn.Red)]
    // Yellow on: yellow and green fall.
    [InlineData(BallOn.Yellow, 0, null, new[] { Yellow }, new[] { Yellow, Green }, 4, BallOn.Yellow)]
    // Red on: a red and the blue are hit at once.
    [InlineData(BallOn.Red, 3, null, new[] { Red1, Blue }, new BallId[0], 5, BallOn.Red)]
    // A colour is on and none is nominated.
    [InlineData(BallOn.Colour, 3, null, new[] { Brown }, new[] { Brown }, 7, BallOn.Red)]
    public void Fouls_cost_the_higher_of_the_ball_on_and_the_ball_concerned(
        BallOn on, int reds, BallId? nominated, BallId[] first, BallId[] potted, int penalty, BallOn next)
    {
        var frame = Frame(on, reds);
        var ruling = Referee.Judge(frame, nominated, Stroke(frame, first, potted));
        AssertRuling(ruling, 0, penalty, false, next);
        // Reds that fell stay down, colours come back.
        Assert.Equal(frame.Up.Where(ball => !(BallSet.IsRed(ball) && potted.Contains(ball))).Order(), ruling.Next.Up.Order());
    }

    [Fact]
    public void The_colour_after_the_last_red_is_free_and_comes_back_and_yellow_follows()
    {
        var frame = Frame(BallOn.Red, 1);
        var red = Referee.Judge(frame, null, Stroke(frame, [Red1], [Red1]));
        var pink = Referee.Judge(red.Next, Pink, Stroke(red.Next, [Pink], [Pink]));
        AssertRuling(pink, 6, 0, true, BallOn.Yellow);
        Assert.Equal(7, pink.Next.Break);
        Assert.Contains(new PlacedBall(Pink, Spots.Pink), pink.Next.Balls);
    }

    [Fact]
    public void Missing_all_with_blue_on_costs_five()
    {
        var frame = Frame(BallOn.Blue, 0, Blue);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [])), 0, 5, false, BallOn.Blue);
    }

    [Fact]
    public void Two_reds_hit_at_once_are_no_foul()
    {
        var frame = Frame(BallOn.Red, 3);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Red1, Red2], [Red2])), 1, 0, true, BallOn.Colour);
    }

    [Fact]
    public void A_free_ball_counts_as_the_ball_on_and_comes_back()
    {
        var reds = Frame(BallOn.Red, 3, isFreeBall: true);
        var green = Referee.Judge(reds, Green, Stroke(reds, [Green], [Green]));
        AssertRuling(green, 1, 0, true, BallOn.Colour);
        Assert.Contains(new PlacedBall(Green, Spots.Green), green.Next.Balls);

        var both = Referee.Judge(reds, Green, Stroke(reds, [Green], [Green, Red1]));
        AssertRuling(both, 2, 0, true, BallOn.Colour);

        var yellow = Frame(BallOn.Yellow, 0, isFreeBall: true);
        var pink = Referee.Judge(yellow, Pink, Stroke(yellow, [Pink], [Pink]));
        AssertRuling(pink, 2, 0, true, BallOn.Yellow);
        Assert.Contains(Pink, pink.Next.Up);

        var down = Referee.Judge(yellow, Pink, Stroke(yellow, [Pink], [Pink, Yellow]));
        AssertRuling(down, 2, 0, true, BallOn.Green);
        Assert.DoesNotContain(Yellow, down.Next.Up);
    }

    [Fact]
    public void A_free_ball_that_is_missed_costs_what_the_ball_on_is_worth()
    {
        var frame = Frame(BallOn.Red, 3, isFreeBall: true);
        AssertRuling(Referee.Judge(frame, Brown, Stroke(frame, [])), 0, 4, false, BallOn.Red);
        AssertRuling(Referee.Judge(frame, Black, Stroke(frame, [Red1])), 0, 4, false, BallOn.Red);
    }

    [Fact]
    public void A_free_ball_must_not_snooker_the_opponent_unless_only_pink_and_black_are_left()
    {
        // One red up the table and the black just in front of the white.
        var (red, black, white) = (new Place(3.0, 0.889), new Place(1.6, 0.889), new Place(1.5, 0.889));
        var frame = new FrameState([new(Cue, White), new(Red1, red), new(Black, black)], Gauge, BallOn.Red, IsFreeBall: true);
        var ruling = Referee.Judge(frame, Black, Stroke(frame, [Black], white: white));
        AssertRuling(ruling, 0, 4, false, BallOn.Red);
        Assert.Equal(FoulKind.SnookeredByFreeBall, ruling.Fouls.Single().Kind);
        Assert.True(ruling.Next.IsFreeBall);

        var last = new FrameState([new(Cue, White), new(Pink, red), new(Black, black)], Gauge, BallOn.Pink, IsFreeBall: true);
        AssertRuling(Referee.Judge(last, Black, Stroke(last, [Black], white: white)), 0, 0, false, BallOn.Pink);
    }

    [Fact]
    public void Playing_away_from_a_red_that_is_touched_counts_as_hitting_it()
    {
        var frame = Frame(BallOn.Red, 1, white: new Place(2.9 - Gauge.Diameter, 0.3));
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [], white: White)), 0, 0, false, BallOn.Red);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Blue], white: White)), 0, 0, false, BallOn.Red);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Blue], [Blue], white: White)), 0, 5, false, BallOn.Red);
    }

    [Fact]
    public void A_black_that_is_touched_and_moves_costs_seven_and_playing_away_from_it_is_not_enough()
    {
        var frame = Frame(BallOn.Red, 1, white: Spots.Black.Offset(-Gauge.Diameter, 0));
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Black], moved: Black)), 0, 7, false, BallOn.Red);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [], white: White)), 0, 4, false, BallOn.Red);
    }

    [Fact]
    public void When_the_last_black_levels_the_scores_it_is_spotted_again()
    {
        var frame = Frame(BallOn.Black, 0, Black, new Scores(53, 60));
        var ruling = Referee.Judge(frame, null, Stroke(frame, [Black], [Black]));
        Assert.Equal((7, 0, FrameEnd.None, FramePhase.RespottedBlack), (ruling.Points, ruling.Penalty, ruling.End, ruling.Next.Phase));
        Assert.Equal(new Scores(60, 60), ruling.Next.Scores);
        Assert.True(ruling.Next.IsInHand);
        Assert.Equal([new PlacedBall(Black, Spots.Black)], ruling.Next.Balls);

        var again = Referee.Judge(ruling.Next, null, new StrokeFacts { FirstHit = [Black], Potted = [Cue], After = ruling.Next.Balls });
        Assert.Equal(FrameEnd.OpponentWins, again.End);
    }

    /// <summary>C59: missing the last black is the frame lost, with the foul's seven (common practice, no source).</summary>
    [Fact]
    public void A_foul_on_the_last_black_ends_the_frame()
    {
        var frame = Frame(BallOn.Black, 0, Black, new Scores(53, 60));
        var ruling = Referee.Judge(frame, null, Stroke(frame, []));
        Assert.Equal((0, 7, FrameEnd.OpponentWins), (ruling.Points, ruling.Penalty, ruling.End));
        Assert.Equal(new Scores(53, 67), ruling.Next.Scores);
        Assert.Throws<InvalidOperationException>(() => Referee.Judge(ruling.Next, null, Stroke(frame, [])));
    }

    [Fact]
    public void A_black_whose_spot_is_covered_goes_on_the_pinks_when_that_is_free()
    {
        var frame = Frame(BallOn.Colour, 3, white: White);
        var balls = frame.Balls.Where(placed => placed.Ball is not (Pink or Red1)).Append(new(Red1, Spots.Black))
            .Append(new(Pink, new Place(2, 0.3))).ToList();
        var covered = frame with { Balls = [.. balls.Where(placed => placed.Ball != Black), new(Black, new Place(3.3, 1.5))] };
        var ruling = Referee.Judge(covered, Black, Stroke(covered, [Black], [Black]));
        AssertRuling(ruling, 7, 0, true, BallOn.Red);
        Assert.Equal([new PlacedBall(Black, Spots.Pink)], ruling.Spotted);
    }

    [Fact]
    public void A_jump_over_a_ball_costs_what_the_ball_on_is_worth()
    {
        var frame = Frame(BallOn.Red, 3);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Red1], fouls: [new Foul(FoulKind.Jump)])), 0, 4, false, BallOn.Red);
    }

    [Theory]
    [InlineData(FoulKind.UsedBall, 7)]
    [InlineData(FoulKind.RedsRunning, 7)]
    [InlineData(FoulKind.OtherBallStruck, 7)]
    [InlineData(FoulKind.StruckTwice, 4)]
    [InlineData(FoulKind.FeetOffFloor, 4)]
    [InlineData(FoulKind.Conferring, 4)]
    public void Some_fouls_always_cost_seven_and_some_the_ball_on(FoulKind kind, int penalty)
    {
        var frame = Frame(BallOn.Red, 3);
        AssertRuling(Referee.Judge(frame, null, Stroke(frame, [Red1], fouls: [new Foul(kind, Pink)])), 0, penalty, false, BallOn.Red);
        Assert.Equal(6, new Foul(FoulKind.BallTouched, Pink).Penalty(1));
    }

    [Fact]
    public void Of_several_fouls_only_the_dearest_counts()
    {
        var frame = Frame(BallOn.Red, 3);
        var ruling = Referee.Judge(frame, null, Stroke(frame, [Green], [Pink, Cue]));
        AssertRuling(ruling, 0, 6, false, BallOn.Red);
        Assert.Equal(3, ruling.Fouls.Count);
        Assert.Equal(new Foul(FoulKind.NotOnPotted, Pink), ruling.Dearest(1));
    }

    [Fact]
    public void A_full_ball_that_is_missed_three_times_running_loses_the_frame()
    {
        var frame = Frame(BallOn.Yellow, 0, white: new Place(Measurements.BaulkLine, 0.2));
        var first = Referee.Judge(frame, null, Stroke(frame, []));
        Assert.Equal(MissCall.Called, first.Miss);
        var back = first.PutBack(frame);
        Assert.Equal((new Scores(0, 4), frame.Balls), (back.Scores, back.Balls));
        var second = Referee.Judge(back, null, Stroke(back, []));
        Assert.Equal(MissCall.CalledAndWarned, second.Miss);
        var third = Referee.Judge(second.PutBack(back), null, Stroke(back, []));
        Assert.Equal((MissCall.FrameLost, FrameEnd.OpponentWins, FramePhase.Over), (third.Miss, third.End, third.Next.Phase));
        Assert.Equal(0, second.PlayedAgain().Scores.Player);
        Assert.False(second.PlayedAgain().IsFreeBall);
    }

    [Fact]
    public void No_miss_is_called_when_a_player_needs_penalties_or_only_the_black_is_left()
    {
        // 28 behind with 27 left: penalties are needed.
        var behind = Frame(BallOn.Yellow, 0, scores: new Scores(10, 38), white: new Place(Measurements.BaulkLine, 0.2));
        Assert.Equal(MissCall.None, Referee.Judge(behind, null, Stroke(behind, [])).Miss);
        var black = Frame(BallOn.Black, 0, Black, new Scores(60, 50));
        Assert.Equal(MissCall.None, Referee.Judge(black, null, Stroke(black, [])).Miss);
    }

    [Fact]
    public void A_player_who_was_snookered_is_judged_by_the_referee()
    {
        var frame = new FrameState(
            [new(Cue, new Place(1.5, 0.889)), new(Red1, new Place(3.0, 0.889)), new(Blue, new Place(1.6, 0.889))], Gauge, BallOn.Red);
        Assert.Equal(MissCall.RefereeJudges, Referee.Judge(frame, null, Stroke(frame, [Blue])).Miss);
    }

    [Fact]
    public void The_leader_may_claim_when_only_the_black_is_left_and_the_lead_is_more_than_seven()
    {
        Assert.True(Frame(BallOn.Black, 0, Black, new Scores(60, 52)).CanClaim);
        Assert.False(Frame(BallOn.Black, 0, Black, new Scores(60, 53)).CanClaim);
        Assert.False(Frame(BallOn.Pink, 0, Pink, new Scores(60, 10)).CanClaim);
    }
}
