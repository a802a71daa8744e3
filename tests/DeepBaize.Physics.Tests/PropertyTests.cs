using CsCheck;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Physics.Tests;

/// <summary>What must hold whatever is laid and however it is struck; CsCheck draws the cases and shrinks what fails.</summary>
public sealed class PropertyTests
{
    private static readonly TableSimulation Simulation = Shots.Simulation(PlayingConditions.Club);

    private static readonly Gen<(double X, double Y)[]> Places =
        Gen.Select(Gen.Double[0.1, 3.4], Gen.Double[0.1, 1.6]).Array[1, 6].Where(places => places.Length > 0 && AreApart(places));

    private static readonly Gen<Strike> Strikes = Gen.Select(
        Gen.Double[0, Math.Tau], Gen.Double[0.4, 4], Gen.Double[-0.35, 0.35], Gen.Double[-0.35, 0.35], Gen.Double[-0.7, 1.39],
        (direction, speed, side, height, raised) => new Strike(direction, speed, side, height, Math.Max(0, raised)));

    [Fact]
    public void A_shot_mirrored_across_the_tables_length_ends_in_the_mirror_image() => Gen.Select(Places, Strikes).Sample(
        (places, strike) =>
        {
            var mirrored = strike with { DirectionRadians = -strike.DirectionRadians, Side = -strike.Side };
            var here = Final(Lay(places), strike);
            var there = Final(Lay([.. places.Select(place => (place.X, Measurements.Width - place.Y))]), mirrored);
            return here.Count == there.Count && here.Zip(there).All(pair =>
                pair.First.Ball == pair.Second.Ball
                && Math.Abs(pair.First.Place.X - pair.Second.Place.X) < 1e-5
                && Math.Abs(pair.First.Place.Y - (Measurements.Width - pair.Second.Place.Y)) < 1e-5);
        },
        iter: 400,
        threads: 1);

    [Fact]
    public void The_order_in_which_balls_are_given_makes_no_difference() => Gen.Select(Places, Strikes, Gen.Int[1, 5]).Sample(
        (places, strike, turn) =>
        {
            var balls = places.Select((place, i) => new PlacedBall((BallId)i, new Place(place.X, place.Y))).ToList();
            var turned = balls.Skip(turn % balls.Count).Concat(balls.Take(turn % balls.Count)).ToList();
            return Final(Build(balls), strike).SequenceEqual(Final(Build(turned), strike));
        },
        iter: 200,
        threads: 1);

    [Fact]
    public void The_final_places_follow_the_strike_smoothly_while_the_contacts_stay_the_same() => Gen.Select(Places, Strikes).Sample(
        (places, strike) =>
        {
            // Balls that are met steeply from the air multiply a deviation by more than a number says.
            strike = strike with { ElevationRadians = Math.Min(strike.ElevationRadians, 0.1) };
            var layout = Lay(places);
            var nearby = strike with { WhiteSpeed = strike.WhiteSpeed * (1 + 1e-7), DirectionRadians = strike.DirectionRadians + 1e-7 };
            var (here, story) = Told(layout, strike);
            var (there, other) = Told(layout, nearby);
            // Where a contact comes or goes the way may jump. Each contact multiplies a deviation by 50 or so, and each cushion has the
            // accuracy
            // of its integration.
            var cushions = story.Count(told => told.StartsWith("Cushion", StringComparison.Ordinal));
            var allowed = (1e-6 + cushions * CushionImpact.Accuracy) * Math.Pow(60, Math.Min(4, Contacts(story)));
            return !story.SequenceEqual(other) || here.Zip(there).All(pair => pair.First.Place.DistanceTo(pair.Second.Place) < allowed);
        },
        iter: 400,
        threads: 1);

    [Fact]
    public void The_same_strokes_give_the_same_bits_on_any_number_of_threads()
    {
        var (profile, layout, _) = RandomShots.Draw(11);
        var strikes = Enumerable.Range(0, 300).Select(i => new Strike(0.021 * i, 0.5 + 0.02 * i, 0.3 * Math.Sin(i), 0.3 * Math.Cos(i)))
            .ToArray();
        var answers = new[] { 1, 2, 3, 7 }.Select(threads => Outcomes(profile, layout, strikes, threads)).ToList();
        foreach (var answer in answers.Skip(1)) Assert.Equal(answers[0], answer);
        Assert.Equal(answers[0], Outcomes(profile, layout, strikes, 2));

        var full = new StrokeBatch(profile.Conditions, profile.Outline, 2).RunFull(layout, strikes);
        Assert.Equal(answers[0], full.Select(stroke => Digest(stroke.Outcome.Final, stroke.Outcome.Duration, stroke.Outcome.EventCount)));
        Assert.All(full, stroke => Assert.NotEmpty(stroke.Record.Events));
    }

    [Fact]
    public void A_batch_stops_when_it_is_told_to()
    {
        var (profile, layout, strike) = RandomShots.Draw(5);
        using var source = new CancellationTokenSource();
        var batch = new StrokeBatch(profile.Conditions, profile.Outline, 2);
        var played = 0;
        Assert.ThrowsAny<OperationCanceledException>(() => batch.Run(
            layout,
            Enumerable.Repeat(strike, 100_000).ToArray(),
            (_, _) =>
            {
                if (Interlocked.Increment(ref played) == 50) source.Cancel();
            },
            source.Token));
        Assert.InRange(played, 50, 60);
    }

    private static string[] Outcomes(ConditionProfile profile, Layout layout, Strike[] strikes, int threads)
    {
        var answers = new string[strikes.Length];
        new StrokeBatch(profile.Conditions, profile.Outline, threads).Run(
            layout, strikes, (index, result) => answers[index] = Digest(result.Final, result.Duration, result.EventCount));
        return answers;
    }

    private static string Digest(IEnumerable<BallAtEnd> final, double duration, int events) =>
        $"{duration:R} {events} "
            + $"{string.Join(' ', final.Select(ball => $"{ball.Ball} {ball.State.Position.X:R} {ball.State.Position.Y:R}"))}";

    private static List<(BallId Ball, Place Place)> Final(Layout layout, Strike strike) =>
        [.. Simulation.Play(layout, strike).Final.Select(ball => (ball.Ball, ball.State.Place))];

    private static (List<(BallId Ball, Place Place)> Final, List<string> Story) Told(Layout layout, Strike strike)
    {
        var record = new ShotRecord();
        var outcome = Simulation.Play(layout, strike, record);
        return (
            [.. outcome.Final.Select(ball => (ball.Ball, ball.State.Place))],
            [.. record.Events.Select(told => $"{told.Kind} {string.Join(' ', told.Balls.Select(ball => ball.Ball))}")]);
    }

    private static int Contacts(List<string> story) =>
        story.Count(told => told.StartsWith("Ball", StringComparison.Ordinal) || told.StartsWith("Jaw", StringComparison.Ordinal));

    private static bool AreApart((double X, double Y)[] places)
    {
        for (var i = 0; i < places.Length; i++)
        {
            for (var j = i + 1; j < places.Length; j++)
            {
                if (Math.Abs(places[i].X - places[j].X) + Math.Abs(places[i].Y - places[j].Y) < 0.08) return false;
            }
        }

        return true;
    }

    private static Layout Lay((double X, double Y)[] places) =>
        Build([.. places.Select((place, i) => new PlacedBall((BallId)i, new Place(place.X, place.Y)))]);

    private static Layout Build(List<PlacedBall> balls) => LayoutRules.TryBuild(
        balls, Table.Outline.TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out _)
            ?? throw new InvalidOperationException("The layout is not legal.");
}
