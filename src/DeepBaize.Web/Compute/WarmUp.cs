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
/// <param name="pool">Where it is done, so that it stands back behind whoever comes.</param>
public sealed class WarmUp(ComputePool pool) : BackgroundService
{
    private const int Rounds = 40;

    /// <inheritdoc />
    protected override Task ExecuteAsync(CancellationToken stoppingToken) => pool.RunPlanAsync(
        nameof(WarmUp),
        stop =>
        {
            var club = HouseProfiles.Club;
            var table = new TableInUse(club.Conditions, club.Outline);
            var balls = BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))
                .Append(new PlacedBall(BallId.Cue, new Place(2.4, 1.2))).ToList();
            if (LayoutRules.TryBuild(balls, table.Outline, club.Conditions.Gauge, LayoutMode.Free, out _) is not { } layout) return false;
            // Code is compiled well only once it was run some dozens of times.
            for (var round = 0; round < Rounds; round++) Play(table, layout, stop);
            PotMatrix.Read(table, layout, stop);
            for (var round = 0; round < Rounds / 4; round++) Sample(table, layout, stop);
            return true;
        },
        stoppingToken);

    private static void Sample(TableInUse table, Layout layout, CancellationToken stop)
    {
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening);
        if (new PotSolver(table).Solve(layout, pot, Dials.AtPace(5), withWindow: false).Solution is not { } solution) return;
        var intent = new PotIntent(pot);
        var stroke = new PlannedStroke(
            intent, solution.Strike, CueingReader.Deliver(table, layout, HousePlayers.Club, solution.Strike, intent));
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
