using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Search;

/// <summary>A pot solved on the simulator, at the pace of those tried at which the player pots it most often.</summary>
/// <param name="Solution">The stroke, with its window.</param>
/// <param name="Way">How it is reached.</param>
/// <param name="Chance">Chance that this player pots it, see <see cref="FastChance"/>.</param>
/// <param name="IsOfMiddle">True when the middle of what the pocket takes at that angle is what is aimed at.</param>
public sealed record SolvedPot(PotSolution Solution, BridgeWay Way, double Chance, bool IsOfMiddle)
{
    /// <summary>The same as searches take their pots.</summary>
    public LeavePot ToLeavePot() => new(
        Solution.Pot with { Part = PocketPart.Opening },
        Chance,
        Solution.Line.CutRadians,
        Solution.Line.WhiteDistance,
        Way,
        -1,
        IsOfMiddle ? double.NaN : Solution.HeadingRadians,
        Dials.Of(Solution.Strike));
}

/// <summary>
/// Reads what can be potted by solving it: a ball along a cushion, past another ball or into a part of a pocket is found where straight
/// lines (<see cref="LeaveGauge"/>) see none. Some milliseconds a pot. One instance serves one thread.
/// </summary>
public sealed class SolvedPots
{
    private const double Softer = 1;
    private const double Harder = 1.5;

    /// <summary>Paces by which a side of the pocket is tried harder than what was found.</summary>
    private const double Firmer = 3;
    private const double Softest = 1.5;

    /// <summary>Metres at the pocket within which an aim is the one at the middle of the opening.</summary>
    private const double NearMiddle = 0.002;
    private const double Hardest = 8;

    /// <summary>Height of the tip, in ball radii, where the butt would have to be raised for the centre.</summary>
    private const double RaisedHeight = 0.3;

    /// <summary>The same where the butt gets in the way even then.</summary>
    private const double HighestHeight = 0.6;

    /// <summary>A chance that other paces need not better.</summary>
    private const double Certain = 0.97;

    /// <summary>
    /// Spreads of the player's direction to each side that a window must have to be looked at: less than one stroke in fifty pots.
    /// </summary>
    private const double LeastSpreads = 0.02;

    private readonly TableInUse _table;
    private readonly PlayerProfile _player;
    private readonly PotSolver _solver;
    private readonly FastChance _chance;

    /// <summary>How far the butt is raised for the centre in the pot that is read, as far as is known.</summary>
    private double _raised;

    /// <summary>The height of the tip at which the pot that is read was first found to go; null before that.</summary>
    private double? _height;

    /// <summary>Prepares a player on a table.</summary>
    public SolvedPots(TableInUse table, PlayerProfile player)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(player);
        (_table, _player, _solver) = (table, player, new PotSolver(table));
        _chance = new FastChance(_solver);
    }

    /// <summary>Strokes simulated so far.</summary>
    public int Played => _solver.Played;

    /// <summary>The pots of some balls that are not shut by plain geometry: for these it is worth while to solve them.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="balls">The balls that may be potted.</param>
    public static IEnumerable<Pot> MayBeOpen(TableInUse table, Layout layout, IEnumerable<BallId> balls)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(balls);
        foreach (var ball in balls)
        {
            for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
            {
                // Near a pocket its parts lie at different cuts.
                var lines = Enum.GetValues<PocketPart>().Select(part => PottingLine.Of(layout, new Pot(ball, pocket, part), table));
                if (lines.Any(line => line.IsReachable && Corridor.MayBeOpen(layout, line, ball)))
                    yield return new Pot(ball, pocket, PocketPart.Opening);
            }
        }
    }

    /// <summary>Solves a pot; null when it does not go, or the player cannot get there.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    public SolvedPot? Read(Layout layout, Pot pot)
    {
        (_raised, _height) = (0, null);
        if (Likeliest(layout, pot) is not { } best) return null;
        var cued = CueingReader.Deliver(_table, layout, _player, best.Solution.Strike, new PotIntent(pot));
        return best with { Chance = _chance.Of(layout, best.Solution, cued.Delivery) };
    }

    private SolvedPot? Likeliest(Layout layout, Pot pot)
    {
        var pace = PotMatrix.SensiblePace(_table, PottingLine.Of(layout, pot, _table));
        var best = Read(layout, pot, pace);
        if (best is { Chance: > Certain }) return best;
        best = OfOtherParts(layout, pot, pace, best);
        var soft = Climb(layout, pot, pace, -Softer, best);
        var found = soft == best ? Climb(layout, pot, pace, Harder, best) : soft;
        if (found is null or { Chance: > Certain }) return found;
        var between = Dials.Of(found.Solution.Strike).Pace;
        foreach (var at in new[] { between - Softer / 2, between + Softer / 2 }.Where(at => at is >= Softest and <= Hardest))
            found = Better(found, Read(layout, found.Solution.Pot, at))!;
        // What jaws do to a soft ball they may not do to a firm one, and a tip above centre clears a cushion behind the white.
        found = OfOtherParts(layout, pot, Math.Min(Hardest, between + Firmer), found)!;
        if (found.Solution.Strike.Height > 0) return found;
        return Better(found, Read(layout, found.Solution.Pot, Dials.Of(found.Solution.Strike).Pace, RaisedHeight, out _));
    }

    /// <summary>Goes on to softer or harder paces until the pot goes at all, and then while that makes it likelier.</summary>
    private SolvedPot? Climb(Layout layout, Pot pot, double pace, double step, SolvedPot? best)
    {
        for (var next = Next(pace); next != pace; next = Next(pace))
        {
            pace = next;
            var found = Read(layout, best?.Solution.Pot ?? pot, pace);
            if (best is not null && (found is null || found.Chance <= best.Chance)) return best;
            best = best is null ? OfOtherParts(layout, pot, pace, found) : found;
        }

        return best;

        double Next(double from) =>
            step < 0 ? Math.Max(Math.Min(from, Softest), from + step) : Math.Min(Math.Max(from, Hardest), from + step);
    }

    /// <summary>The likeliest of a pot and of the same into the sides of the pocket, where these are other windows.</summary>
    private SolvedPot? OfOtherParts(Layout layout, Pot pot, double pace, SolvedPot? best)
    {
        foreach (var part in new[] { PocketPart.NearJaw, PocketPart.FarJaw })
        {
            var aimed = _solver.Direct(layout, pot with { Part = part }, Dials.AtPace(pace, 0, 0));
            if (aimed is not null && best?.Solution.Window?.Holds(aimed.HeadingRadians) != true)
                best = Better(best, Read(layout, pot with { Part = part }, pace));
        }

        return best;
    }

    private static SolvedPot? Better(SolvedPot? one, SolvedPot? other) => (other?.Chance ?? 0) > (one?.Chance ?? 0) ? other : one;

    /// <summary>The pot at a pace: with what stands in the butt's way at the height that is best, later at the one that was.</summary>
    private SolvedPot? Read(Layout layout, Pot pot, double pace)
    {
        if (_height is { } known) return Read(layout, pot, pace, known, out _);
        var found = AtAnyHeight(layout, pot, pace);
        _height = found?.Solution.Strike.Height;
        return found;
    }

    private SolvedPot? AtAnyHeight(Layout layout, Pot pot, double pace)
    {
        var plain = Read(layout, pot, pace, 0, out var elevation);
        // Of a stroke that falls short it is not known: what stands in the butt's way at one pace stands there at every other.
        if (plain is null && elevation == 0) elevation = _raised;
        _raised = elevation;
        if (elevation <= CueingAnswer.LevelDegrees) return plain;
        var raised = Better(plain, Read(layout, pot, pace, RaisedHeight, out elevation));
        return elevation > CueingAnswer.LevelDegrees || raised is null
            ? Better(raised, Read(layout, pot, pace, HighestHeight, out _))
            : raised;
    }

    private SolvedPot? Read(Layout layout, Pot pot, double pace, double height, out double elevationDegrees)
    {
        elevationDegrees = 0;
        if (pace > CueStrike.HardestPace(height, _table.Conditions)) return null;
        var dials = Dials.AtPace(pace, 0, height);
        if (_solver.Solve(layout, pot, dials).Solution is not { Window: { } window } found) return null;
        var solution = _solver.Centred(layout, found, dials);
        var cued = CueingReader.Deliver(_table, layout, _player, solution.Strike, new PotIntent(pot));
        elevationDegrees = cued.ElevationDegrees;
        if (!cued.IsPossible || window.WidthRadians < 2 * LeastSpreads * cued.Delivery.DirectionSpread) return null;
        // Where that middle is shut the solver takes the pocket point: what was aimed at is not told by the part that was asked for.
        var opening = PottingLine.Of(layout, pot with { Part = PocketPart.Opening }, _table).WantedOffset;
        var isOfMiddle = !solution.IsPartial && Math.Abs(solution.Offset - opening) < NearMiddle;
        return new SolvedPot(solution, cued.Way, _chance.RoughlyOf(layout, solution, cued.Delivery), isOfMiddle);
    }
}
