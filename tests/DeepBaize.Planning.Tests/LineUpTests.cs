using DeepBaize.Planning.Attempts;
using DeepBaize.Rules;
using DeepBaize.Table;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>
/// Line-ups (common practice, no source): a miss or a foul ends the attempt, and where they are ruled out so does a cushion.
/// </summary>
public sealed class LineUpTests
{
    private static readonly Referee Referee = new(null);

    private static readonly FrameState Frame = new(
        [new(Cue, new Place(2, 0.6)), new(Red1, new Place(2.3, 0.889)), new(Red2, new Place(2.5, 0.889)), new(Black, Spots.Black)],
        BallGauge.Standard, BallOn.Red, new Scores(7, 3), Break: 7);

    private static (Ruling Ruling, LineUpFailure Failure) Judge(bool cushions, bool metCushion, BallId[] first, params BallId[] potted)
    {
        var lineUp = new LineUp(cushions);
        var after = Frame.Balls.Where(placed => !potted.Contains(placed.Ball)).ToList();
        var facts = new StrokeFacts { FirstHit = first, Potted = potted, WhiteMetCushion = metCushion, After = after };
        return (new LineUpReferee(lineUp, Referee).Judge(Frame, null, facts), lineUp.Judge(Referee.Judge(Frame, null, facts), facts));
    }

    [Fact]
    public void A_pot_goes_on_and_a_cushion_does_not_matter_where_it_is_allowed()
    {
        var (ruling, failure) = Judge(cushions: true, metCushion: true, [Red1], Red1);
        Assert.Equal((1, true, LineUpFailure.None, 8), (ruling.Points, ruling.StaysAtTable, failure, ruling.Next.Break));
    }

    [Fact]
    public void A_pot_with_a_cushion_that_is_ruled_out_scores_nothing_and_ends_the_attempt()
    {
        var (ruling, failure) = Judge(cushions: false, metCushion: true, [Red1], Red1);
        Assert.Equal((0, false, LineUpFailure.Cushion), (ruling.Points, ruling.StaysAtTable, failure));
        Assert.Equal((7, new Scores(7, 3)), (ruling.Next.Break, ruling.Next.Scores));
        Assert.True(Judge(cushions: false, metCushion: false, [Red1], Red1).Ruling.StaysAtTable);
    }

    [Fact]
    public void A_miss_and_a_foul_end_the_attempt()
    {
        var (miss, foul) = (Judge(true, false, [Red1]), Judge(true, false, [Black]));
        Assert.Equal((LineUpFailure.Missed, LineUpFailure.Foul), (miss.Failure, foul.Failure));
        Assert.Equal((7, false, false), (foul.Ruling.Penalty, foul.Ruling.StaysAtTable, miss.Ruling.StaysAtTable));
    }
}
