using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence;

/// <summary>How the planner's pots stand against sampling.</summary>
/// <param name="Layouts">Layouts and players that were looked at.</param>
/// <param name="Pots">Pots whose chance has its lower end above 30 %.</param>
/// <param name="Listed">How many of them the planner lists.</param>
/// <param name="Near">How many with a chance within 10 points.</param>
/// <param name="Screens">Layouts at which the eight likeliest were looked for among the strokes that a screen's budget tries.</param>
/// <param name="Alone">Layouts with one such pot, which was looked for among the strokes that the least budget tries.</param>
/// <param name="Failures">What went wrong.</param>
public sealed record ListedReport(int Layouts, int Pots, int Listed, int Near, int Screens, int Alone, IReadOnlyList<string> Failures)
{
    /// <summary>This and another one together.</summary>
    internal ListedReport With(ListedReport other) => new(
        Layouts + other.Layouts,
        Pots + other.Pots,
        Listed + other.Listed,
        Near + other.Near,
        Screens + other.Screens,
        Alone + other.Alone,
        [.. Failures, .. other.Failures]);

    public override string ToString() =>
        $"{Layouts} layouts and players, {Pots} pots with a lower end above 30 %: {Listed} listed, {Near} within 10 points; "
        + $"{Screens} layouts at the screen's budget, {Alone} with one pot at the least budget; {Failures.Count} failures";
}

/// <summary>A pot that is sampled.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Chance">How often the ball is potted.</param>
/// <param name="IsClean">True when a stroke pots it, as meant, without a foul: else the planner is right to try none.</param>
internal sealed record SampledPot(Pot Pot, double Chance, bool IsClean);

/// <summary>A stroke and how the player delivers it there.</summary>
internal readonly record struct Stroke(Strike Strike, Delivery Delivery);

/// <summary>
/// Holds the pots that the planner sees against strokes that are sampled at any sensible pace into any part of the pocket.
/// </summary>
public static class ListedPots
{
    /// <summary>Budget of the screen.</summary>
    private const int ScreenBudget = 16_000;

    private const int LeastBudget = 250;
    private const int Likeliest = 8;
    private const int QuickDraws = 200;
    private const double Wanted = 0.3;

    /// <summary>Strokes at a pot that are sampled in full: in few draws the luckiest is not always the best.</summary>
    private const int Finalists = 4;
    private const double Points = 0.1;

    private static readonly double[] Paces = [2, 3, 4, 5, 6.5, 8];
    private static readonly double[] Heights = [0, 0.3, 0.6];

    /// <summary>Runs layouts of seeds from a first one on, each for the club player and the expert.</summary>
    /// <param name="table">The table.</param>
    /// <param name="first">The first seed.</param>
    /// <param name="count">Layouts; every second has balls at or near cushions.</param>
    /// <param name="draws">Draws for the chance of a pot.</param>
    /// <param name="screenEvery">At every so many layouts the screen's budget is spent.</param>
    public static ListedReport Run(TableInUse table, int first, int count, int draws, int screenEvery)
    {
        var (total, gate) = (new ListedReport(0, 0, 0, 0, 0, 0, []), new Lock());
        Parallel.For(first, first + count, Play.Processors, seed =>
        {
            foreach (var player in new[] { HousePlayers.Club, HousePlayers.Expert })
            {
                var one = Check(table, player, seed, draws, seed % screenEvery == 0);
                lock (gate)
                {
                    total = total.With(one);
                }
            }
        });
        return total with { Failures = [.. total.Failures.Order()] };
    }

    private static ListedReport Check(TableInUse table, PlayerProfile player, int seed, int draws, bool withScreen)
    {
        var layout = Draw(seed, table);
        var frame = new FrameState(layout.Balls, layout.Gauge, BallOn.Red);
        var sampled = Sample(table, player, layout, seed, draws);
        var search = new BreakSearch(BreakPlanner.Ask(table, player, BreakWishes.Free, seed));
        var pots = search.Solve(frame).Pots;
        var (listed, near, failures) = (0, 0, new List<string>());
        foreach (var (pot, chance, _) in sampled)
        {
            var found = pots.FirstOrDefault(one => IsSame(one.Pot, pot));
            if (found.Chance > 0) listed++;
            if (Math.Abs(found.Chance - chance) <= Points) near++;
            else failures.Add($"seed {seed}, {player.Name}: {Say(pot)} is potted {100 * chance:0} %, listed with {100 * found.Chance:0} %");
        }

        var screens = withScreen && sampled.Count > 0 ? 1 : 0;
        var likeliest = sampled.OrderByDescending(one => one.Chance).Take(Likeliest);
        if (screens > 0) Try(search.Run(frame, ScreenBudget, pots, default), likeliest, "screen");
        var alone = sampled.Count == 1 ? 1 : 0;
        if (alone > 0) Try(search.Run(frame, LeastBudget), sampled, "least budget");
        return new ListedReport(1, sampled.Count, listed, near, screens, alone, failures);

        void Try(BreakSearchResult result, IEnumerable<SampledPot> wanted, string budget) =>
            failures.AddRange(NotTried(result, wanted).Select(one => $"seed {seed}, {player.Name}, {budget}: no stroke at {one}"));
    }

    private static IEnumerable<string> NotTried(BreakSearchResult result, IEnumerable<SampledPot> pots) =>
        from one in pots
        where one.IsClean && !result.Tried.Any(tried => IsSame(tried, one.Pot))
        select $"{Say(one.Pot)}, {100 * one.Chance:0} %";

    /// <summary>
    /// The direct pots with a chance whose lower end is above 30 %, by draws at the pace and part of the pocket that do best in fewer
    /// draws.
    /// </summary>
    private static List<SampledPot> Sample(TableInUse table, PlayerProfile player, Layout layout, int seed, int draws)
    {
        var (solver, own, found) = (new PotSolver(table), new SolvedPots(table, player), new List<SampledPot>());
        var simulation = new TableSimulation(table.Conditions, table.Outline);
        var reds = layout.Balls.Select(placed => placed.Ball).Where(BallSet.IsRed);
        foreach (var pot in reds.SelectMany(red => Enum.GetValues<PocketId>().Select(pocket => new Pot(red, pocket))))
        {
            List<Stroke> strokes = [.. Strokes(solver, player, layout, pot), .. Own(solver.Table, player, layout, own, pot)];
            if (strokes.Count == 0) continue;
            var best = strokes.Select(one => (one, Quick: Share(solver, layout, pot, one, QuickDraws, seed)))
                .OrderByDescending(one => one.Quick).Take(Finalists).ToList();
            if (best[0].Quick + 3 * Error(best[0].Quick, QuickDraws) < Wanted) continue;
            var chance = best.Max(one => Share(solver, layout, pot, one.one, draws, seed + 1));
            if (chance - 1.96 * Error(chance, draws) > Wanted) found.Add(new SampledPot(pot, chance, strokes.Exists(IsClean)));
        }

        return found;

        // A red is on: a stroke that takes the white or a colour down with it is foul.
        bool IsClean(Stroke one) => simulation.Play(layout, one.Strike).Potted.All(potted => BallSet.IsRed(potted.Ball));
    }

    private static IEnumerable<Stroke> Strokes(PotSolver solver, PlayerProfile player, Layout layout, Pot pot)
    {
        if (!PottingLine.Of(layout, pot, solver.Table).IsReachable) yield break;
        foreach (var pace in Paces)
        {
            foreach (var part in Enum.GetValues<PocketPart>())
            {
                foreach (var height in Heights)
                {
                    if (pace > CueStrike.HardestPace(height, solver.Table.Conditions)) break;
                    var solved = solver.Solve(layout, pot with { Part = part }, Dials.AtPace(pace, 0, height), withWindow: false);
                    if (solved.Solution is not { } solution) break;
                    var cued = CueingReader.Deliver(solver.Table, layout, player, solution.Strike, new PotIntent(pot with { Part = part }));
                    if (cued.IsPossible) yield return new Stroke(solution.Strike, cued.Delivery);
                    // A tip above the centre is for a butt that would have to be raised.
                    if (cued.ElevationDegrees < CueingAnswer.LevelDegrees) break;
                }
            }
        }
    }

    /// <summary>The planner's own stroke: it may aim at a part of the pocket that has no name.</summary>
    private static IEnumerable<Stroke> Own(TableInUse table, PlayerProfile player, Layout layout, SolvedPots own, Pot pot)
    {
        if (!PottingLine.Of(layout, pot, table).IsReachable) yield break;
        if (own.Read(layout, pot with { Part = PocketPart.Opening })?.Solution.Strike is not { } strike) yield break;
        yield return new Stroke(strike, CueingReader.Deliver(table, layout, player, strike, new PotIntent(pot)).Delivery);
    }

    private static double Share(PotSolver solver, Layout layout, Pot pot, Stroke stroke, int draws, int seed)
    {
        var potted = Enumerable.Range(0, draws)
            .Count(i => solver.Pots(layout, pot, stroke.Delivery.Play(stroke.Strike, Draws.Stroke(seed, i))));
        return (double)potted / draws;
    }

    private static double Error(double share, int draws) => Math.Sqrt(share * (1 - share) / draws);

    private static bool IsSame(Pot one, Pot other) => one.Ball == other.Ball && one.Pocket == other.Pocket;

    private static string Say(Pot pot) => $"{Names.Text(pot.Ball)} to {Names.Text(pot.Pocket)}";

    /// <summary>
    /// A white, two to six reds and up to five colours; with odd seeds half of the balls lie on a cushion or within 40 mm of one.
    /// </summary>
    private static Layout Draw(int seed, TableInUse table)
    {
        var random = new Random(seed);
        var inset = table.Conditions.Gauge.CushionInset;
        while (true)
        {
            var balls = new List<PlacedBall>();
            IEnumerable<BallId> up =
                [BallId.Cue, .. BallSet.Reds.Take(random.Next(2, 7)), .. BallSet.Colours.OrderBy(_ => random.Next()).Take(random.Next(6))];
            foreach (var ball in up) balls.Add(new PlacedBall(ball, At(seed % 2 == 1)));
            if (LayoutRules.TryBuild(balls, table.Outline, table.Conditions.Gauge, LayoutMode.Free, out _) is { } layout) return layout;
        }

        Place At(bool mayBeNear)
        {
            var x = inset + random.NextDouble() * (Measurements.Length - 2 * inset);
            var y = inset + random.NextDouble() * (Measurements.Width - 2 * inset);
            if (!mayBeNear || random.NextDouble() < 0.5) return new Place(x, y);
            var off = inset + Math.Max(0, random.NextDouble() * 0.05 - 0.01);
            return random.Next(6) switch
            {
                0 => new Place(off, y),
                1 => new Place(Measurements.Length - off, y),
                2 or 3 => new Place(x, off),
                _ => new Place(x, Measurements.Width - off),
            };
        }
    }
}
