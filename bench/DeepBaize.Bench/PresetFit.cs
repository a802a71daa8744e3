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

    /// <summary>What the presets are fitted to (from memory, common experience).</summary>
    private static readonly (string Name, double Black, double HeightMm, double Pace, double ButtMrad)[] Wanted =
    [
        ("Starter", 0.45, 2.5, 0.12, 15), ("Club", 0.80, 1.5, 0.08, 10), ("League", 0.92, 1.0, 0.05, 7), ("Expert", 0.98, 0.6, 0.03, 4),
    ];

    /// <summary>Fits and writes.</summary>
    public static int Run(string file)
    {
        CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
        var table = new TableInUse(PlayingConditions.Club, TableOutline.Club);
        var lines = new StringBuilder();
        foreach (var (name, black, height, pace, butt) in Wanted)
        {
            var (low, high) = (0.05, 12.0);
            for (var i = 0; i < Halvings; i++)
            {
                var middle = (low + high) / 2;
                var tried = HousePlayers.Errors(middle, height, pace, butt);
                if (PlayerTrial.Rate(table, tried, PlayerTrial.Black(table), Samples, Seed).Share > black) low = middle;
                else high = middle;
            }

            var mrad = Math.Round((low + high) / 2, 3);
            var errors = HousePlayers.Errors(mrad, height, pace, butt);
            var rate = PlayerTrial.Rate(table, errors, PlayerTrial.Black(table), Samples, Seed + 1).Share;
            var straight = PlayerTrial.Rate(table, errors, PlayerTrial.LongStraight(table), Samples, Seed + 1).Share;
            Console.WriteLine($"{name}: {mrad:0.000} mrad; black off its spot {100 * rate:0.0} % (wanted {100 * black:0}), long straight "
                + $"pot {100 * straight:0.0} %");
            Console.WriteLine(
                $"  with the tip's offset drawn apart from the swing: black "
                    + $"{100 * DrawnApart(table, errors, PlayerTrial.Black(table)):0.0} %, "
                + $"long straight pot {100 * DrawnApart(table, errors, PlayerTrial.LongStraight(table)):0.0} %");
            lines.AppendLine($"    /// <summary>Black off its spot {100 * rate:0.0} %, wanted {100 * black:0}; long straight pot "
                + $"{100 * straight:0.0} %.</summary>");
            lines.AppendLine($"    private const double {name}Mrad = {mrad:0.000};").AppendLine();
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
    /// The rate when direction and tip offset of a swing are drawn independently, as they are not: what the correlation is worth.
    /// </summary>
    private static double DrawnApart(TableInUse table, DeliveryErrors errors, (Layout Layout, Pot Pot, Dials Dials) trial)
    {
        var meant = new PotSolver(table).Solve(trial.Layout, trial.Pot, trial.Dials, withWindow: false).Solution!.Strike;
        var (turn, whole) = (
            Delivery.Of(errors, trial.Dials.Pace, 1, 0, table.Conditions),
            Delivery.Of(errors, trial.Dials.Pace, 1, BridgeRoom.UsualLength, table.Conditions));
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
    }
}
