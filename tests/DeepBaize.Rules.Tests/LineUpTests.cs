using DeepBaize.Table;
using DeepBaize.Table.Outline;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Rules.Tests;

/// <summary>
/// Line-ups (common practice, no source): a miss or a foul ends the attempt, and where they are ruled out so does a cushion.
/// </summary>
public sealed class LineUpTests
{
    private static readonly Referee Referee = new(new Sight(TableOutline.Club, BallGauge.Standard));

    private static FrameState Frame(bool cushions) => new(
        [new(Cue, new Place(2, 0.6)), new(Red1, new Place(2.3, 0.889)), new(Red2, new Place(2.5, 0.889)), new(Black, Spots.Black)],
        BallGauge.Standard, BallOn.Red, new Scores(7, 3), Break: 7, LineUp: new LineUp(cushions));

    private static Ruling Judge(bool cushions, bool metCushion, BallId[] first, params BallId[] potted)
    {
        var frame = Frame(cushions);
        var after = frame.Balls.Where(placed => !potted.Contains(placed.Ball)).ToList();
        return Referee.Judge(
            frame, null, new StrokeFacts { FirstHit = first, Potted = potted, WhiteMetCushion = metCushion, After = after });
    }

    [Fact]
    public void A_pot_goes_on_and_a_cushion_does_not_matter_where_it_is_allowed()
    {
        var ruling = Judge(cushions: true, metCushion: true, [Red1], Red1);
        Assert.Equal((1, true, LineUpFailure.None, 8), (ruling.Points, ruling.StaysAtTable, ruling.Failure, ruling.Next.Break));
        Assert.Equal("1 point", ruling.Words(1));
    }

    [Fact]
    public void A_pot_with_a_cushion_that_is_ruled_out_scores_nothing_and_ends_the_attempt()
    {
        var ruling = Judge(cushions: false, metCushion: true, [Red1], Red1);
        Assert.Equal((0, false, LineUpFailure.Cushion), (ruling.Points, ruling.StaysAtTable, ruling.Failure));
        Assert.Equal((7, new Scores(7, 3)), (ruling.Next.Break, ruling.Next.Scores));
        Assert.Equal("the attempt fails: the white comes to a cushion", ruling.Words(1));
        Assert.True(Judge(cushions: false, metCushion: false, [Red1], Red1).StaysAtTable);
    }

    [Fact]
    public void A_miss_and_a_foul_end_the_attempt_and_the_rules_of_the_next_stroke_stay()
    {
        var (miss, foul) = (Judge(true, false, [Red1]), Judge(true, false, [Black]));
        Assert.Equal((LineUpFailure.Missed, LineUpFailure.Foul), (miss.Failure, foul.Failure));
        Assert.Equal(7, foul.Penalty);
        Assert.NotNull(Judge(false, false, [Red1], Red1).Next.LineUp);
        Assert.Equal("the attempt is over: nothing potted", miss.Words(1));
    }
}
