using System.Globalization;
using System.Text;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>Fits the house's players to how often such players pot the black off its spot, and writes the result into the source.</summary>
internal static class PresetFit
{
    private const int Seed = 2026;
    private const int Samples = 20_000;
    private const int Halvings = 14;

    private const int Rounds = 3;

    /// <summary>What the presets are fitted to (from memory, common experience).</summary>
    private static readonly Level[] Wanted =
    [
        new("Starter", 0.45, 0.10, 2.5, 0.12, 5), new("Club", 0.80, 0.08, 1.5, 0.08, 2.5), new("League", 0.92, 0.04, 1.0, 0.05, 1.5),
        new("Expert", 0.98, 0.01, 0.6, 0.03, 1),
    ];

    /// <summary>Fits and writes.</summary>
    public static int Run(string file)
    {
        CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
        var table = new TableInUse(PlayingConditions.Club, TableOutline.Club);
        var lines = new StringBuilder();
        foreach (var level in Wanted)
        {
            var (mrad, judged) = Fit(table, level);
            var errors = level.Errors(mrad, judged);
            var rate = PlayerTrial.Rate(table, errors, PlayerTrial.Black(table), Samples, Seed + 1).Share;
            var straight = PlayerTrial.Rate(table, errors, PlayerTrial.LongStraight(table), Samples, Seed + 1).Share;
            var half = PlayerTrial.HalfTipCost(table, errors, Samples, Seed + 1);
            Console.WriteLine($"{level.Name}: {mrad:0.000} mrad, judges wrong by {100 * judged:0.0} %; "
                + $"black off its spot {100 * rate:0.0} % (wanted {100 * level.Black:0}), long straight pot {100 * straight:0.0} %; "
                + $"half a tip of side costs {100 * half:0.0} "
                + $"(wanted {100 * level.HalfTip:0})");
            Console.WriteLine(
                $"  with the tip's offset drawn apart from the swing: black "
                    + $"{100 * DrawnApart(table, errors, PlayerTrial.Black(table)):0.0} %, "
                + $"long straight pot {100 * DrawnApart(table, errors, PlayerTrial.LongStraight(table)):0.0} %");
            lines.AppendLine($"    /// <summary>Black off its spot {100 * rate:0.0} %, wanted {100 * level.Black:0}; long straight pot "
                + $"{100 * straight:0.0} %.</summary>");
            lines.AppendLine($"    private const double {level.Name}Mrad = {mrad:0.000};").AppendLine();
            lines.AppendLine($"    /// <summary>Half a tip of side on a pot at 1 m costs {100 * half:0.0} points, wanted "
                + $"{100 * level.HalfTip:0}.</summary>");
            lines.AppendLine($"    private const double {level.Name}Judged = {judged:0.000};").AppendLine();
        }

        File.WriteAllText(file, $$"""
            namespace DeepBaize.Planning.Players;

            /// <content>
            /// Written by <c>bench -- presets</c>: seed {{Seed}}, {{Samples}} strokes for each trial, engine of
            /// {{DateTime.UtcNow:yyyy-MM-dd}}; the rates beside each were played with the next seed.
            /// </content>
            public static partial class HousePlayers
            {
            {{lines.ToString().TrimEnd()}}
            }

            """);
        return 0;
    }

    /// <summary>
    /// The straightness of the hands by the black, and the eye by the cost of side, in turns: each changes the other a little.
    /// </summary>
    private static (double Mrad, double Judged) Fit(TableInUse table, Level level)
    {
        var (mrad, judged) = (1.0, 0.1);
        for (var round = 0; round < Rounds; round++)
        {
            mrad = Halve(0.05, 12, tried =>
                PlayerTrial.Rate(table, level.Errors(tried, judged), PlayerTrial.Black(table), Samples, Seed).Share < level.Black);
            judged = Halve(0, 1, tried => PlayerTrial.HalfTipCost(table, level.Errors(mrad, tried), Samples, Seed) > level.HalfTip);
        }

        return (mrad, judged);
    }

    private static double Halve(double low, double high, Func<double, bool> isTooMuch)
    {
        for (var i = 0; i < Halvings; i++)
        {
            var middle = (low + high) / 2;
            if (isTooMuch(middle)) high = middle;
            else low = middle;
        }

        return Math.Round((low + high) / 2, 3);
    }

    /// <summary>
    /// The rate when direction and tip offset of a swing are drawn independently, as they are not: what the correlation is worth.
    /// </summary>
    private static double DrawnApart(TableInUse table, DeliveryErrors errors, (Layout Layout, Pot Pot, Dials Dials) trial)
    {
        var meant = new PotSolver(table).Solve(trial.Layout, trial.Pot, trial.Dials, withWindow: false).Solution!.Strike;
        var allowed = AllowanceReader.Of(table, trial.Layout, SidePolicy.Sparing, meant, new PotIntent(trial.Pot));
        var (turn, whole) = (Deliver(0), Deliver(BridgeRoom.UsualLength));
        var strikes = Enumerable.Range(0, Samples)
            .Select(number => turn.Play(
                meant, Draws.Stroke(Seed + 1, number)) with
            { Side = whole.Play(meant, Draws.Stroke(Seed + 2, number)).Side }).ToArray();
        var potted = 0;
        new StrokeBatch(table.Conditions, table.Outline).Run(trial.Layout, strikes, (_, result) =>
        {
            if (result.Potted.Any(ball => ball == new PottedBall(trial.Pot.Ball, trial.Pot.Pocket))) Interlocked.Increment(ref potted);
        });
        return (double)potted / Samples;

        Delivery Deliver(double bridge) => Delivery.Of(errors, trial.Dials.Pace, 1, bridge, table.Conditions, allowances: allowed);
    }

    /// <summary>A level of players, and the spreads of theirs that are not fitted.</summary>
    /// <param name="Name">Its name.</param>
    /// <param name="Black">Share of blacks off the spot that they pot.</param>
    /// <param name="HalfTip">Share of pots that half a tip of side costs them at 1 m.</param>
    /// <param name="HeightMm">Spread of the tip's height in mm.</param>
    /// <param name="Pace">Spread of the pace as a share.</param>
    /// <param name="ButtMrad">Spread of the butt in mrad.</param>
    private sealed record Level(string Name, double Black, double HalfTip, double HeightMm, double Pace, double ButtMrad)
    {
        public DeliveryErrors Errors(double mrad, double judged) => HousePlayers.Errors(mrad, HeightMm, Pace, ButtMrad, judged);
    }
}
