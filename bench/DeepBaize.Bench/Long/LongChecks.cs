using System.Globalization;
using DeepBaize.Bench.Arena;
using DeepBaize.Evidence;
using DeepBaize.Evidence.Advice;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Worths;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Tests;
using DeepBaize.Tests.Fuzz;

namespace DeepBaize.Bench.Long;

/// <summary>All long checks, in the order in which they run.</summary>
internal static class LongChecks
{
    private const int Shots = 1_000_000;
    private const int PotLayouts = 2000;
    private const int ListedLayouts = 2000;
    private const int ListedSeed = 920_000;
    private const int ListedDraws = 2000;
    private const int ListedScreenEvery = 20;
    private const int Requests = 100_000;
    private const int RequestSeed = 900_000;

    /// <summary>After how many milliseconds work that nobody waits for must have ended.</summary>
    private const double LongestStopMs = 500;

    /// <summary>The largest budget that any route takes.</summary>
    private const int AnyBudget = 60_000;

    private const int ChancePots = 500;
    private const int ChanceSamples = 10_000;
    private const int PresetStrokes = 20_000;
    private const int PresetSeed = 2027;

    /// <summary>Times that the balls of each plain position are moved.</summary>
    private const int Shakes = 2;

    private const int NextRedsEach = 20;
    private const int ToldSafeties = 100;
    private const int SafetyBudget = 4000;
    private const int CountedFouls = 4000;
    private const int CountedPots = 300;
    private const int SafetySeed = 520_000;
    private const int ChosenSafeties = 200;
    private const int ChosenSeed = 540_000;
    private const int ScannedSnookers = 100;
    private const int Snookers = 200;
    private const int SnookerDraws = 400;
    private const int SnookerSeed = 830_000;

    /// <summary>Paces of the scan that the sweep is held against.</summary>
    private static readonly double[] Scanned = [1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8];

    /// <summary>Directions of it all round, and the width in radians from which a window must not be missed.</summary>
    private const int FineDirections = 18_000;

    private const double LeastWindow = 0.002;

    private const int IndirectLayouts = 100;
    private const int IndirectSeed = 730_000;

    private const int ReasonPositions = 60;
    private const int ReasonSeed = 640_000;
    private const int ToldStrokes = 3000;
    private const int ToldOnScreen = 200;
    private const int ToldSeed = 350_000;
    private const int SchoolDecisions = 300;
    private const int SchoolDraws = 1500;

    /// <summary>A visit takes a fifth of a second, so that the rounds are 20, 60 and 200 visits.</summary>
    private static readonly GivenAwaySize Given = new(24, CoachCheck.Budget, [20, 60, 200], 200, 410_000);

    private static readonly ArenaSize Record = new(400, 8, 1000, 110_000);
    private static readonly ArenaSize ClubRecord = Record with { Seed = 100_000 };

    private static readonly ArenaSize Small = new(60, 8, 250, 70_000);
    private static readonly ArenaSize Curve = new(60, 4, 0, 80_000);

    private const int SafetyFrames = 400;
    private const int SafetyFrameSeed = 600_000;

    private static readonly SafetySize SafetyRecord = new(200, 40, 4000, 500_000);
    private static readonly GameSize SafetyGame = new(250, 500, 0.35);
    private static readonly PlayerProfile[] Strikers = [HousePlayers.Club, HousePlayers.League, HousePlayers.Expert];
    private static readonly string[] SafetyPolicies = ["thin", "as-meant", "search"];

    private static readonly string[] Contestants = ["potter", "one-ahead", "planner"];
    private static readonly int[] Budgets = [250, 1000, 4000];

    private static TableInUse Club => new(PlayingConditions.Club, TableOutline.Club);

    /// <summary>The checks.</summary>
    public static IReadOnlyList<LongCheck> All { get; } =
    [
        new("shots", "Random shots keep the laws", $"{Shots} shots", 0, MadeBy.Engine, PlayShots),
        new("pots", "The solver of pots against a brute scan", $"{PotLayouts} layouts", 0, MadeBy.Engine, () => TryPots(PotLayouts)),
        new(
            "indirect", "The solver of doubles, plants, cannons and in-offs against a brute scan",
            $"{IndirectLayouts} layouts, every ball met first", IndirectSeed, MadeBy.Engine, () => TryIndirect(IndirectLayouts)),
        new(
            "listed", "The pots that the planner sees against sampling",
            $"{ListedLayouts} layouts, two players, {ListedDraws} draws a pot", ListedSeed, MadeBy.Search, () => TryListed(ListedLayouts)),
        new("presets", "The house's players pot as often as such players do", $"{PresetStrokes} strokes a trial", PresetSeed, MadeBy.Engine,
            TryPresets),
        new("chances", "The fast chance against sampling", $"{ChancePots} pots, {ChanceSamples} strokes each", 0, MadeBy.Engine,
            () => TryChances(ChancePots)),
        new("answers", "Plain positions answered as players do", $"40 positions, {AnswersCheck.Visits} visits in pairs where they differ",
            1, MadeBy.Search, () => AskPlain(1)),
        new("next-red", "Of two reds that are as easy, the one with others beside it",
            $"{2 * NextRedsEach} positions, {AnswersCheck.Visits} visits in pairs where they differ",
            1, MadeBy.Search, () => AskNextRed(1)),
        new("coach", "Positions with one plain answer, as a coach wrote them down",
            $"{CoachPosition.All.Count} positions and their mirror images, budget {CoachCheck.Budget}, "
                + $"{CoachCheck.Visits} visits in pairs for a miss",
            1, MadeBy.Plans, () => CoachCheck.Run(CoachCheck.Budget, CoachCheck.Visits)),
        new("reasons", "Reasons add up and hold for the plan alone", $"{ReasonPositions} positions, budget {CoachCheck.Budget}", ReasonSeed,
            MadeBy.Plans, TryReasons),
        new("told", "What players are told to play",
            $"{ToldStrokes} strokes a player at a budget of 1000, {ToldOnScreen} at {CoachCheck.Budget}", ToldSeed,
            MadeBy.Search, TellStrokes),
        new("school", "What obeying the school costs",
            $"{SchoolDecisions} decisions a player at a budget of 1000, {SchoolDraws} fresh strokes of each of two", ToldSeed,
            MadeBy.Search, TrySchool),
        new("safety-told", "What is told of safeties against strokes that are counted",
            $"{ToldSafeties} situations, budget {SafetyBudget}, {CountedFouls} draws for fouls, {CountedPots} of the opponent's next pot",
            SafetySeed, MadeBy.Engine, TellSafeties),
        new("safety-choices", "What players are told when nothing is on", $"{ChosenSafeties} situations a player, budget {SafetyBudget}",
            ChosenSeed, MadeBy.Search, TellChoices),
        .. Strikers.Select(player => new LongCheck(
            $"safety-arena-{player.Name}", $"What the {player.Name} player's safeties leave one like him, against both baselines",
            $"{SafetyRecord.Situations} situations x {SafetyRecord.Draws} draws, budget {SafetyRecord.Budget}", SafetyRecord.Seed,
            MadeBy.Search, () => PlaySafeties(player))),
        new("safety-frames", "Frames between one who plays safe and one who does not", $"{SafetyFrames} frames, the club player",
            SafetyFrameSeed, MadeBy.Search, PlayFrames),
        new("escape-scan", "Ways out of snookers against a finer scan",
            $"{ScannedSnookers} snookers, {Scanned.Length} paces without side, 0.02 degrees", SnookerSeed, MadeBy.Engine, ScanSnookers),
        .. Strikers.Select(player => new LongCheck(
            $"escape-arena-{player.Name}", $"The {player.Name} player's ways out of snookers against the mirror's point",
            $"{Snookers} snookers, {SnookerDraws} draws", SnookerSeed, MadeBy.Engine, () => PlayEscapes(player))),
        .. HousePlayers.All.Select(player => new LongCheck(
            $"given-{player.Name}", $"What the {player.Name} player's plans give away",
            $"{Given.Positions} positions, budget {Given.Budget}, six strokes by halving, {Given.Rounds[^1]} visits in the last round, "
                + $"{Given.Fresh} fresh ones",
            Given.Seed, MadeBy.Plans, () => TryGivenAway(player))),
        new("arena-club", "Breaks of the club player against both baselines", ClubRecord.ToString(), ClubRecord.Seed, MadeBy.Search,
            () => PlayArena(HousePlayers.Club, ClubRecord, 0.08)),
        new("arena-league", "Breaks of the league player against both baselines", Record.ToString(), Record.Seed, MadeBy.Search,
            () => PlayArena(HousePlayers.League, Record, 0.1)),
        new("arena-expert", "Breaks of the expert against both baselines", Record.ToString(), Record.Seed, MadeBy.Search,
            () => PlayArena(HousePlayers.Expert, Record, 0.1)),
        new("curve", "What more budget brings the league player",
            $"{Curve.Layouts} layouts x {Curve.Replicates} visits, budgets 250, 1000 and 4000", Curve.Seed, MadeBy.Search, DrawCurve),
        new("requests", "Made-up requests at any budget", $"{Requests} requests", RequestSeed, MadeBy.Engine, SendRequests),
        new("parts", "What each part of a leave's worth brings the league player", Small.ToString(), Small.Seed, MadeBy.Search, PlayParts),
    ];

    /// <summary>Random shots: energy, momentum, overlap.</summary>
    private static LongResult PlayShots()
    {
        var report = RandomShots.Run(0, Shots);
        return new LongResult(report.Faults.Count == 0, [report.ToString(), .. report.Faults.Take(20)]);
    }

    /// <summary>The solver holds when it meets 99 % of the windows and is never silent.</summary>
    /// <param name="layouts">Layouts.</param>
    public static LongResult TryPots(int layouts)
    {
        var report = PotTrial.Run(Club, 0, layouts);
        return new LongResult(report.Share >= 0.99 && report.Silent == 0, [report.ToString()]);
    }

    /// <summary>The solver holds when it meets 95 % of the windows.</summary>
    /// <param name="layouts">Layouts.</param>
    public static LongResult TryIndirect(int layouts)
    {
        var report = IndirectTrial.Run(Club, IndirectSeed, layouts, int.MaxValue);
        return new LongResult(report.Share >= 0.95, [report.ToString(), .. report.Causes]);
    }

    /// <summary>
    /// It holds when every stroke is legal as it is meant, and told and counted are no more than 3 points apart for fouls and 5 for pots.
    /// </summary>
    private static LongResult TellSafeties()
    {
        var report = SafetyTold.Run(Club, HousePlayers.Club, SafetySeed, ToldSafeties, SafetyBudget, CountedFouls, CountedPots);
        return new LongResult(report is { Illegal: 0, Fouls: <= 0.03, Scores: <= 0.05 }, [report.ToString()]);
    }

    /// <summary>Nothing to hold: it is read.</summary>
    private static LongResult TellChoices() => new(true, [.. Strikers.SelectMany(player =>
        SafetiesChosen.Of(Club, player, ChosenSeed, ChosenSafeties, SafetyBudget).Tell(player.Name))]);

    /// <summary>The planner holds when it lists every such pot with its chance and tries those that it must.</summary>
    /// <param name="layouts">Layouts.</param>
    public static LongResult TryListed(int layouts)
    {
        var report = ListedPots.Run(Club, ListedSeed, layouts, ListedDraws, ListedScreenEvery);
        return new LongResult(report.Failures.Count == 0, [report.ToString(), .. report.Failures]);
    }

    /// <summary>
    /// The server holds when it answers nothing with a fault of its own and stops within half a second of its client's leaving. Clients
    /// leave early: most of the work is what they left.
    /// </summary>
    private static LongResult SendRequests()
    {
        var report = FuzzAsync(Requests).GetAwaiter().GetResult();
        return new LongResult(report.Faults.Count == 0, [report.ToString(), .. report.Faults.Take(20)]);
    }

    private static async Task<FuzzReport> FuzzAsync(int count)
    {
        // The host of a test finds the application's files by a list that it looks for in the working folder.
        Directory.SetCurrentDirectory(AppContext.BaseDirectory);
        await using var server = await BaizeServer.StartAsync(TestCluster.Shared);
        return await Fuzzer.RunAsync(server, RequestSeed, count, AnyBudget, TimeSpan.FromMilliseconds(50), LongestStopMs);
    }

    /// <summary>The estimate holds when 95 % are within 3 points, none is over 6 and the bias is at most 1.</summary>
    /// <param name="pots">Pots.</param>
    public static LongResult TryChances(int pots)
    {
        var report = ChanceTrial.Run(Club, 0, pots, ChanceSamples);
        return new LongResult(report.Within(3) >= 0.95 && report.Worst <= 6 && Math.Abs(report.Bias) <= 1, [report.ToString()]);
    }

    /// <summary>Holds when four fifths are answered as players do.</summary>
    private static LongResult AskPlain(int seed)
    {
        var answered = AnswersCheck.Run(PlainAnswer.Varied(Shakes), seed);
        return answered.Tell(answered.Right >= 0.8 * answered.Asked);
    }

    /// <summary>Holds when no answer that players would not give is worse than theirs.</summary>
    private static LongResult AskNextRed(int seed)
    {
        var answered = AnswersCheck.Run(NextReds.Of(NextRedsEach, seed), seed);
        return answered.Tell(answered.Worse == 0);
    }

    private static LongResult TryReasons()
    {
        var report = ReasonTrial.Run(Club, HousePlayers.Club, ReasonPositions, CoachCheck.Budget, ReasonSeed);
        return new LongResult(report.Faults.Count == 0, [report.ToString(), .. report.Faults.Take(20)]);
    }

    /// <summary>
    /// Holds when the club player is told side in at most 25 % of strokes and more than half a tip in at most 8 %, follow and screw three
    /// times as often as stun, no rest where a hand reaches, more than a tip high or low in at most 25 %, and above pace 6 in at most 10 %.
    /// </summary>
    private static LongResult TellStrokes()
    {
        var (figures, holds) = (new List<string>(), true);
        foreach (var player in HousePlayers.All)
        {
            var told = Told.Of(Club, player, ToldStrokes, 1000, ToldSeed);
            figures.AddRange(told.Tell(player.Name));
            if (player.Name == HousePlayers.Club.Name) holds &= told.IsPlain;
            figures.AddRange(Told.Of(Club, player, ToldOnScreen, CoachCheck.Budget, ToldSeed).Tell($"{player.Name} on the screen"));
        }

        var club = HousePlayers.Club;
        var avoiding = club with { Preferences = club.Preferences with { Side = SidePolicy.Avoid } };
        var avoided = Told.Of(Club, avoiding, ToldStrokes / 10, 1000, ToldSeed);
        figures.Add(string.Create(CultureInfo.InvariantCulture, $"who avoids side is told it in {avoided.WithSide:0.0 %}"));
        return new LongResult(holds && avoided.WithSide == 0, figures);
    }

    /// <summary>Holds when it costs at most 3 % of the points.</summary>
    private static LongResult TrySchool()
    {
        var costs = HousePlayers.All.Select(player => SchoolCost.Of(Club, player, SchoolDecisions, SchoolDraws, 1000, ToldSeed)).ToList();
        return new LongResult(costs.TrueForAll(cost => cost.Cost.Mean <= 0.03 * cost.Worth), [.. costs.Select(cost => cost.ToString())]);
    }

    /// <summary>Holds when the upper end of the interval is below 6 % of the visit.</summary>
    private static LongResult TryGivenAway(PlayerProfile player)
    {
        var given = GivenAway.Of(Club, player, Given);
        return new LongResult(given.High < 0.06, [given.ToString()]);
    }

    private static LongResult TryPresets()
    {
        var (figures, holds) = (new List<string>(), true);
        foreach (var (player, wanted) in new[] { (HousePlayers.Starter, 0.45), (HousePlayers.Club, 0.80), (HousePlayers.League, 0.92),
            (HousePlayers.Expert, 0.98) })
        {
            var black = PlayerTrial.Rate(Club, player.Errors, PlayerTrial.Black(Club), PresetStrokes, PresetSeed).Share;
            var straight = PlayerTrial.Rate(Club, player.Errors, PlayerTrial.LongStraight(Club), PresetStrokes, PresetSeed).Share;
            holds &= Math.Abs(black - wanted) <= 0.05;
            figures.Add(string.Create(CultureInfo.InvariantCulture, $"{player.Name}: black off its spot {100 * black:0.0} % (wanted "
                + $"{100 * wanted:0} within 5), long straight pot {100 * straight:0.0} %"));
        }

        return new LongResult(holds, figures);
    }

    /// <summary>
    /// The planner holds when the lower ends are above a share over one-ahead, the reply counted on both sides, and 30 % over potter, and
    /// one-ahead is 20 % above potter.
    /// </summary>
    private static LongResult PlayArena(PlayerProfile player, ArenaSize size, double least)
    {
        var rows = Contestants.Select(policy => ArenaMatch.Play(policy, player, size)).ToList();
        var (overAhead, overPotter, ahead) = (rows[2].Over(rows[1]), rows[2].Over(rows[0]), rows[1].Over(rows[0]));
        return new LongResult(
            overAhead.BothSides.Low > least && overPotter.Points.Low > 0.3 && ahead.Points.Mean >= 0.2,
            [.. rows.Select(row => row.ToString()),
                $"planner over one-ahead, points of both sides as a share of one-ahead's: {overAhead.BothSides}",
                $"planner over one-ahead, own points: {overAhead.Points}", $"planner over potter: {overPotter.Points}",
                $"one-ahead over potter: {ahead.Points}"]);
    }

    /// <summary>
    /// The search holds when the opponent's next visit brings a quarter less than after either baseline, and 10 % less at the lower end.
    /// </summary>
    private static LongResult PlaySafeties(PlayerProfile player)
    {
        var arena = new SafetyArena(player, player, SafetyRecord);
        var situations = arena.Situations();
        var rows = SafetyPolicies.Select(policy => arena.Play(policy, situations)).ToList();
        var over = rows.SkipLast(1).Select(other => (other.Policy, Gain: Gain.Of(rows[^1].Points, other.Points))).ToList();
        return new LongResult(
            over.TrueForAll(one => one.Gain is { Mean: <= -0.25, High: < -0.1 }),
            [.. rows.Select(row => row.ToString()), .. over.Select(one => $"search over {one.Policy}: {one.Gain}")]);
    }

    /// <summary>Who may play safe holds when the lower end of the share of frames won is above 55 %.</summary>
    private static LongResult PlayFrames()
    {
        var won = Estimate.Of(new FrameArena(HousePlayers.Club, SafetyGame).Frames(SafetyFrames, SafetyFrameSeed));
        var (low, high) = (won.Mean - 1.96 * won.Error, won.Mean + 1.96 * won.Error);
        return new LongResult(low > 0.55, [string.Create(CultureInfo.InvariantCulture,
            $"won by who may play safe: {100 * won.Mean:0.0} %, 95 % interval {100 * low:0.0} to {100 * high:0.0} %")]);
    }

    /// <summary>The sweep holds when it has every window of 2 mrad that a scan five times as fine finds.</summary>
    private static LongResult ScanSnookers()
    {
        var (strokes, seen, missed) = (Scanned.Select(pace => Dials.AtPace(pace)).ToList(), 0, new List<string>());
        var sweep = new EscapeSweep(Club, Environment.ProcessorCount);
        foreach (var frame in SeededSnookers.Of(Club, SnookerSeed).Take(ScannedSnookers))
        {
            var layout = LayoutRules.TryBuild([.. frame.Balls], Club.Outline, frame.Gauge, LayoutMode.Free, out _)!;
            var on = frame.Playable.ToHashSet();
            var swept = sweep.Find(layout, on, strokes);
            foreach (var window in sweep.Find(layout, on, strokes, FineDirections).Where(one => one.Width > LeastWindow))
            {
                seen++;
                if (!swept.Any(one => one.Dials == window.Dials && one.Way == window.Way
                    && Math.Abs(Math.IEEERemainder(one.Middle - window.Middle, Math.Tau)) < window.Width))
                    missed.Add(string.Create(CultureInfo.InvariantCulture, $"white {frame.White}, {window}"));
            }
        }

        return new LongResult(missed.Count == 0, [$"{seen} windows of 2 mrad and more, {missed.Count} missed", .. missed.Take(20)]);
    }

    /// <summary>
    /// Holds when the upper ends of the intervals of misses are at most half of the mirror's point's and 0.8 of the widest's at one pace,
    /// and what is told is within 4 points of what is counted in the mean.
    /// </summary>
    private static LongResult PlayEscapes(PlayerProfile player)
    {
        var arena = new EscapeArena(player, Snookers, SnookerDraws, SnookerSeed);
        var rows = arena.Play(arena.Situations());
        var (mirror, widest) = (Gain.Of(rows[2].Misses, rows[0].Misses), Gain.Of(rows[2].Misses, rows[1].Misses));
        var apart = rows[2].Told.Zip(rows[2].Misses, (told, missed) => Math.Abs(told - missed)).Where(one => !double.IsNaN(one)).Average();
        return new LongResult(
            mirror.High <= -0.5 && widest.High <= -0.2 && apart <= 0.04,
            [.. rows.Select(row => row.ToString()), $"misses of the best chance over the mirror point: {mirror}",
                $"over the widest at one pace: {widest}", .. rows[2].Calibration(), .. rows[3].Calibration()]);
    }

    private static LongResult DrawCurve()
    {
        var figures = new List<string>();
        foreach (var budget in Budgets)
        {
            var size = Curve with { Budget = budget };
            var (ahead, planner) = (
                ArenaMatch.Play("one-ahead", HousePlayers.League, size), ArenaMatch.Play("planner", HousePlayers.League, size));
            figures.AddRange([$"budget {budget}, {ahead}", $"budget {budget}, {planner}",
                $"budget {budget}, planner over one-ahead: {Gain.Of(planner.Points, ahead.Points)}"]);
        }

        return new LongResult(true, figures);
    }

    private static LongResult PlayParts()
    {
        var whole = ArenaMatch.Play("planner", HousePlayers.League, Small);
        var figures = new List<string> { whole.ToString() };
        foreach (var part in Enum.GetValues<LeaveParts>().Where(part => part is not (LeaveParts.None or LeaveParts.All)))
        {
            var without = ArenaMatch.Play($"planner-{part}", HousePlayers.League, Small);
            var gain = Gain.Of(whole.Points, without.Points);
            figures.Add($"with {part} over without: {gain}{(gain.Low > 0 || gain.High < 0 ? "" : ", not resolved")}");
        }

        return new LongResult(true, figures);
    }
}
