using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>The nap lies from baulk to top: orders of common practice, no source.</summary>
public sealed class NapTests
{
    private const double At = 2.2;

    private static readonly PlayingConditions Napped = PlayingConditions.Club with
    {
        Table = PlayingConditions.Club.Table with { Nap = 0.0008 },
    };

    [Fact]
    public void A_slow_ball_drifts_up_the_table_more_than_a_fast_one()
    {
        var drifts = new[] { 0.5, 0.8, 1.4 }.Select(Drift).ToList();
        Assert.True(drifts[0] > 2 * drifts[1] && drifts[1] > 2 * drifts[2] && drifts[2] > 0, string.Join(", ", drifts));
        Assert.InRange(drifts[0], 0.005, 0.05);

        // Metres up the table when it has gone about a metre across it.
        static double Drift(double speed)
        {
            var record = new ShotRecord();
            Play(Napped, new Vec3(0, speed, 0), 0, record);
            var piece = record.Segments.First(piece => piece.End.Y > 1.2);
            var u = Enumerable.Range(0, 1001).Select(i => i / 1000.0)
                .First(share => Along(share, piece.Start.Y, piece.Control.Y, piece.End.Y) >= 1.2);
            return Along(u, piece.Start.X, piece.Control.X, piece.End.X) - At;
        }
    }

    [Fact]
    public void With_the_nap_side_drifts_to_its_own_side_and_against_it_to_the_other()
    {
        // Right side turns the ball anticlockwise seen from above.
        var (up, down) = (End(Napped, new Vec3(0.4, 0, 0), 20), End(Napped, new Vec3(-0.4, 0, 0), 20));
        Assert.True(up.Y < 0.889 - 0.001, $"up the table, right of it: {up.Y}");
        Assert.True(down.Y < 0.889 - 0.001, $"down the table, left of its way: {down.Y}");
        Assert.True(up.X - At > At - down.X, "It runs farther with the nap.");
    }

    [Fact]
    public void The_path_is_pieces_of_a_parabola_that_turn_by_a_degree_at_most()
    {
        var record = new ShotRecord();
        Play(Napped, new Vec3(0, 0.5, 0), 0, record);
        Assert.InRange(record.Segments.Count, 4, 40);
        // A piece that ends at rest has its last two points in one place.
        Assert.All(record.Segments.Where(piece => piece.Control.DistanceTo(piece.End) > 1e-6), piece =>
        {
            var (first, last) = (Heading(piece.Start, piece.Control), Heading(piece.Control, piece.End));
            Assert.InRange(Math.Abs(Math.IEEERemainder(last - first, Math.Tau)), 0, 1.001 * Math.PI / 180);
        });
        Assert.Equal(1, record.Events.Count(told => told.Kind == ShotEventKind.Stops));
    }

    [Fact]
    public void A_match_table_has_no_nap_and_a_slow_old_cloth_has()
    {
        Assert.Equal(0, HouseProfiles.Match.Conditions.Table.Nap);
        Assert.True(HouseProfiles.SlowOldCloth.Conditions.Table.Nap > 0);
        Assert.Equal(At, End(HouseProfiles.Match.Conditions, new Vec3(0, 0.5, 0), 0).X, 1e-12);
    }

    private static double Along(double u, double a, double b, double c) => (1 - u) * (1 - u) * a + 2 * u * (1 - u) * b + u * u * c;

    private static double Heading(Place from, Place to) => Math.Atan2(to.Y - from.Y, to.X - from.X);

    private static Place End(PlayingConditions conditions, Vec3 velocity, double sideSpin) =>
        Play(conditions, velocity, sideSpin, null).Final[0].State.Place;

    private static ShotOutcome Play(PlayingConditions conditions, Vec3 velocity, double sideSpin, ShotRecord? record) =>
        Shots.Simulation(conditions).Play(
            Shots.Lay(conditions, (BallId.Cue, At, velocity.Y > 0 ? 0.2 : 0.889)), velocity,
            Shots.RollSpin(velocity, 1, conditions.Balls.Radius) + new Vec3(0, 0, sideSpin), record);
}
