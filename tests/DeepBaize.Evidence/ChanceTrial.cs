using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Evidence;

/// <summary>One pot whose chance was estimated and sampled.</summary>
public sealed record ChanceCase(int Seed, Pot Pot, string Player, double Sampled, double Fast, double Gauge, double PaceDial)
{
    public double Miss => 100 * (Fast - Sampled);

    public override string ToString() => $"seed {Seed}: {Names.Text(Pot.Ball)} to {Names.Text(Pot.Pocket)}, {Player}, pace "
        + $"{PaceDial:0.0}: sampled {100 * Sampled:0.0} %, fast {100 * Fast:0.0} %, gauge {100 * Gauge:0.0} %";
}

/// <summary>How the fast estimate of chances stands against sampling.</summary>
public sealed record ChanceReport(IReadOnlyList<ChanceCase> Cases)
{
    public double Within(double points) => (double)Cases.Count(one => Math.Abs(one.Miss) <= points) / Cases.Count;

    public double Worst => Cases.Max(one => Math.Abs(one.Miss));

    public double Bias => Cases.Average(one => one.Miss);

    public int Undecided => Cases.Count(ChanceTrial.IsUndecided);

    public override string ToString() =>
        $"{Cases.Count} pots, {Undecided} of them with a chance of 15 to 90 %: {100 * Within(3):0.0} % within 3 points, worst "
            + $"{Worst:0.0}, mean bias {Bias:0.00}; "
        + $"the leave gauge {100 * Cases.Average(one => one.Gauge - one.Sampled):0.0} in the mean, "
            + $"{100 * Math.Sqrt(Cases.Average(one => (one.Gauge - one.Sampled) * (one.Gauge - one.Sampled))):0.0} spread";
}

/// <summary>Holds the fast estimate against sampling on seeded pots: random layouts, balls, pockets, dials and players.</summary>
public static class ChanceTrial
{
    private const double Least = 0.15;
    private const double Most = 0.90;

    public static bool IsUndecided(ChanceCase one) => one.Sampled is >= Least and <= Most;

    /// <summary>Runs pots of seeds from a first one on, three in five of them with a chance of 15 to 90 %.</summary>
    public static ChanceReport Run(TableInUse table, int first, int count, int samples)
    {
        var cases = new List<ChanceCase>();
        var (undecided, wanted) = (0, count * 3 / 5);
        for (var seed = first; cases.Count < count; seed++)
        {
            if (Try(table, seed, samples) is not { } one) continue;
            if (IsUndecided(one) ? undecided >= wanted : cases.Count - undecided >= count - wanted) continue;
            if (IsUndecided(one)) undecided++;
            cases.Add(one);
        }

        return new ChanceReport(cases);
    }

    private static ChanceCase? Try(TableInUse table, int seed, int samples)
    {
        var (layout, dials) = Frames.Draw(seed, table);
        var random = new Random(seed);
        var player = HousePlayers.All[random.Next(HousePlayers.All.Count)];
        var solver = new PotSolver(table);
        var pots = layout.Balls.Where(placed => placed.Ball != BallId.Cue)
            .SelectMany(placed => Enum.GetValues<PocketId>().Select(pocket => new Pot(placed.Ball, pocket, PocketPart.Opening)))
            .OrderBy(_ => random.Next());
        var solution = pots.Select(pot => solver.Solve(layout, pot, dials).Solution).FirstOrDefault(found => found is not null);
        if (solution is null) return null;
        var intent = new PotIntent(solution.Pot);
        var delivery = Delivery.Of(
            player.Errors, dials.Pace, 1, BridgeRoom.UsualLength, table.Conditions,
            allowances: AllowanceReader.Of(table, layout, SidePolicy.Sparing, solution.Strike, intent));
        var fast = new FastChance(solver).Of(layout, solution, delivery);
        var stroke = new PlannedStroke(intent, solution.Strike, BridgeWay.Plain, delivery);
        var sampled = StrokeSampler.Play(new SampleQuestion(table, TrialQuestion.Of(layout, stroke), TableDoubt.None), samples, seed);
        var found = new List<LeavePot>();
        new LeaveGauge(table, player)
            .Read(layout[BallId.Cue]!.Value, [.. layout.Balls.Where(placed => placed.Ball != BallId.Cue)], [solution.Pot.Ball], found);
        return new ChanceCase(
            seed, solution.Pot, player.Name, (double)sampled.Count(sample => sample.IsServed) / samples, fast,
            found.Find(pot => pot.Pot.Pocket == solution.Pot.Pocket).Chance, dials.Pace);
    }
}
