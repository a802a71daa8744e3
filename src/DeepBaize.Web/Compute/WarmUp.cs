using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Web.Compute;

/// <summary>Reads one table when the server starts, so that the first player does not wait for the code to be compiled.</summary>
public sealed class WarmUp : BackgroundService
{
    private const int Rounds = 40;

    /// <inheritdoc />
    protected override Task ExecuteAsync(CancellationToken stoppingToken) => Task.Run(
        () =>
        {
            var club = HouseProfiles.Club;
            var table = new TableInUse(club.Conditions, club.Outline);
            var balls = BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))
                .Append(new PlacedBall(BallId.Cue, new Place(2.4, 1.2))).ToList();
            if (LayoutRules.TryBuild(balls, table.Outline, club.Conditions.Gauge, LayoutMode.Free, out _) is not { } layout) return;
            // Code is compiled well only once it was run some dozens of times; one thread, so that a player who comes at once has the
            // others.
            for (var round = 0; round < Rounds; round++) Play(table, layout, stoppingToken);
            PotMatrix.Read(table, layout, stoppingToken);
            for (var round = 0; round < Rounds / 4; round++) Sample(table, layout, stoppingToken);
        },
        stoppingToken);

    private static void Sample(TableInUse table, Layout layout, CancellationToken stop)
    {
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening);
        if (new PotSolver(table).Solve(layout, pot, Dials.AtPace(5), withWindow: false).Solution is not { } solution) return;
        var stroke = new PlannedStroke(
            new PotIntent(pot), solution.Strike, CueingReader.Deliver(table, layout, HousePlayers.Club, solution.Strike));
        Stain.Of(StrokeSampler.Play(
            new SampleQuestion(table, TrialQuestion.Of(layout, stroke), TableDoubt.Unmeasured, HousePlayers.Club), 100, 1, 1, stop),
            stop);
    }

    private static void Play(TableInUse table, Layout layout, CancellationToken stop)
    {
        stop.ThrowIfCancellationRequested();
        var player = new StrokePlayer(table);
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide);
        if (player.Solver.Solve(layout, pot, Dials.AtPace(5)).Solution is not { } solution) return;
        new AimExplainer(table).Explain(layout, solution);
        new DangerFinder(player).Find(layout, pot, solution.Strike);
    }
}
