using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>What the planner tells a player to play is what a coach would.</summary>
public sealed class AdviceTests
{
    /// <summary>A tenth of what the long check looks at, on layouts that tuned nothing.</summary>
    private const int Decisions = 300;

    private const int Seed = 350_000;

    [Fact]
    public void A_club_player_is_told_plain_strokes()
    {
        var told = Told.Of(Club, HousePlayers.Club, Decisions, 1000, Seed);
        foreach (var line in told.Tell("Told")) Figures.Print(line);
        Assert.True(told.IsPlain, string.Join(Environment.NewLine, told.Tell("Told")));
    }

    /// <summary>Who avoids side is told none, unless no other stroke pots half as often.</summary>
    [Fact]
    public void Who_avoids_side_is_told_none()
    {
        var club = HousePlayers.Club;
        var player = club with { Preferences = club.Preferences with { Side = SidePolicy.Avoid } };
        Assert.Equal(0, Told.Of(Club, player, 60, 600, Seed).WithSide);
    }

    /// <summary>
    /// A small share of <c>long given-starter</c>: half of the strokes go on after a round, the better half by their visits.
    /// </summary>
    [Fact]
    public void What_a_plan_gives_away_is_played_out_by_halving()
    {
        var given = GivenAway.Of(Club, HousePlayers.Starter, new GivenAwaySize(1, 1000, [2, 4, 8], 2, Seed));
        Figures.Print($"Given away, far too few visits to tell: {given}.");
        var strokes = Assert.Single(given.Found).Strokes;
        Assert.InRange(strokes.Count, 2, 6);
        Assert.All(strokes, stroke => Assert.Contains(stroke.Points.Count, new[] { 2, 4, 8 }));
        var lost = strokes.Where(stroke => stroke.Points.Count == 2).ToList();
        Assert.Equal(strokes.Count / 2, lost.Count);
        Assert.True(lost.Max(stroke => stroke.Mean) <= strokes.Except(lost).Min(stroke => stroke.Points.Take(2).Average()));
    }

    /// <summary>The coach's file can be read, and extended: every position can be laid and its mirror image is another.</summary>
    [Fact]
    public void The_positions_of_the_coach_can_be_laid_and_there_are_five_of_each_kind()
    {
        Assert.True(CoachPosition.All.Count >= 50);
        Assert.All(CoachPosition.All.GroupBy(position => position.Kind), kind => Assert.True(kind.Count() >= 5, kind.Key));
        Assert.Equal(CoachPosition.All.Count, CoachPosition.All.Select(position => position.Name).Distinct().Count());
        foreach (var position in CoachPosition.All)
        {
            var (frames, mirrored) = (new FramePlayer(Club, position.Striker), position.Mirrored());
            Assert.True(frames.LayoutOf(position.Frame) is not null && frames.LayoutOf(mirrored.Frame) is not null, position.Name);
            Assert.Equal(position.Frame.Balls, mirrored.Mirrored().Frame.Balls, Same);
            Assert.All(position.RightBalls, ball => Assert.Contains(ball, position.Frame.Playable));
        }

        static bool Same(PlacedBall one, PlacedBall other) => one.Ball == other.Ball && one.Place.DistanceTo(other.Place) < 1e-12;
    }

    /// <summary>A coach's judgement is held against the stroke that is played: what he calls wrong is told.</summary>
    [Fact]
    public void What_a_coach_calls_wrong_is_told()
    {
        var position = CoachPosition.All[0];
        var plan = new BreakPlanner(BreakPlanner.Ask(Club, position.Striker, BreakWishes.Free, 1)).Plan(position.Frame, 400);
        Assert.Empty(Read(new CoachWish(Balls: [position.Right.Balls!.Single(IsPlayed)])));
        Assert.Single(Read(new CoachWish(Balls: ["black"])));
        Assert.Single(Read(new CoachWish(PaceAtMost: 0.5)));
        Assert.Single(Read(new CoachWish(MovedAtLeast: 22)));
        Assert.Single(Read(new CoachWish(Stops: new CoachArea(X: [0, 0.01]))));
        Assert.Single(Read(new CoachWish(NextDistance: [8, 9])));

        bool IsPlayed(string name) => Read(new CoachWish(Balls: [name])).Count == 0;

        IReadOnlyList<string> Read(CoachWish right) => new CoachReader(Club, position with { Right = right }).Read(plan.Line);
    }
}
