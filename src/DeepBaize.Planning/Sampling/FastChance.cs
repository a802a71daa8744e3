using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// The chance of a pot from its window and the player's spreads, with tens of strokes instead of thousands. Each error moves the ball's
/// line at the pocket by what strokes with that error alone show; the window says which lines drop. Strokes spread evenly over what may
/// happen then check this model, and where they gainsay it more are played and the difference is added (control variate). One instance
/// serves one thread.
/// </summary>
public sealed class FastChance
{
    /// <summary>
    /// Where an error is probed, in standard deviations: there a parabola has the spread that it has under the normal law.
    /// </summary>
    private const double Probe = 1.224744871391589;

    private const int Halvings = 6;
    private const double Softest = -3;
    private const int ModelDraws = 4096;
    private const int MostChecks = 384;

    /// <summary>Standard error of the correction at which no more strokes are played.</summary>
    private const double Enough = 0.015;

    /// <summary>The same for strokes that are compared with each other: they meet the same draws.</summary>
    private const double EnoughToCompare = 0.04;

    private readonly PotSolver _solver;

    /// <summary>Prepares a solver's table.</summary>
    public FastChance(PotSolver solver)
    {
        ArgumentNullException.ThrowIfNull(solver);
        _solver = solver;
    }

    /// <summary>The chance that a player pots a ball.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="solution">The pot, solved with its window.</param>
    /// <param name="delivery">How the player delivers it.</param>
    /// <exception cref="ArgumentException">The pot was solved without its window.</exception>
    public double Of(Layout layout, PotSolution solution, Delivery delivery) => Of(layout, solution, delivery, Enough);

    /// <summary>The same with fewer strokes, to compare a pot at one pace with the same pot at another.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="solution">The pot, solved with its window.</param>
    /// <param name="delivery">How the player delivers it.</param>
    /// <exception cref="ArgumentException">The pot was solved without its window.</exception>
    public double RoughlyOf(Layout layout, PotSolution solution, Delivery delivery) => Of(layout, solution, delivery, EnoughToCompare);

    private double Of(Layout layout, PotSolution solution, Delivery delivery, double enough)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(solution);
        ArgumentNullException.ThrowIfNull(delivery);
        var model = Fit(layout, solution, delivery);
        var known = 0;
        for (var i = 0; i < ModelDraws; i++)
        {
            if (model.Pots(Draws.Even(i))) known++;
        }

        var (sum, gainsaid) = (0, 0);
        for (var played = 1; played <= MostChecks; played++)
        {
            var draw = Draws.Even(played - 1);
            var difference = (Drops(layout, solution, delivery, draw) ? 1 : 0) - (model.Pots(draw) ? 1 : 0);
            sum += difference;
            gainsaid += Math.Abs(difference);
            // A difference that has not shown yet may still be there: one is counted more than was seen.
            if (Math.Sqrt(gainsaid + 1) <= enough * played || played == MostChecks)
                return Math.Clamp((double)known / ModelDraws + (double)sum / played, 0, 1);
        }

        throw new InvalidOperationException("The last check returns.");
    }

    private Model Fit(Layout layout, PotSolution solution, Delivery delivery)
    {
        var window = solution.Window ?? throw new ArgumentException("The pot needs its window.", nameof(solution));
        var exact = delivery.Play(solution.Strike, StrokeDraw.Exact);
        var meant = Offset(StrokeDraw.Exact);
        return new Model(
            Math.Min(window.Thick.Offset, window.Thin.Offset),
            Math.Max(window.Thick.Offset, window.Thin.Offset),
            meant,
            Error(new StrokeDraw(Probe, 0, 0, 0, 0)),
            Error(new StrokeDraw(0, Probe, 0, 0, 0)),
            Error(new StrokeDraw(0, 0, Probe, 0, 0)),
            Error(new StrokeDraw(0, 0, 0, Probe, 0)),
            Error(new StrokeDraw(0, 0, 0, 0, Probe)),
            Error(new StrokeDraw(0, 0, 0, 0, 0, PushOff: Probe)),
            Error(new StrokeDraw(0, 0, 0, 0, 0, Swerve: Probe)),
            Error(new StrokeDraw(0, 0, 0, 0, 0, Throw: Probe)),
            LeastPace());

        double Offset(in StrokeDraw draw) => _solver.Watch(layout, solution.Pot, delivery.Play(solution.Strike, draw)).Offset;

        (double Slope, double Bend) Error(in StrokeDraw kind)
        {
            // What the player does not err in need not be played: nothing is allowed for in a stroke without side but the throw.
            if (delivery.Play(solution.Strike, kind) == exact) return (0, 0);
            var (up, down) = (Offset(kind), Offset(kind.Opposite));
            // Where one side misses the ball altogether the other alone shows the slope.
            if (double.IsNaN(up)) up = 2 * meant - down;
            if (double.IsNaN(down)) down = 2 * meant - up;
            return double.IsNaN(up) ? (0, 0) : ((up - down) / (2 * Probe), (up + down - 2 * meant) / (2 * Probe * Probe));
        }

        // The softest error of pace with which the ball still gets to the pocket.
        double LeastPace()
        {
            if (Falls(Softest)) return double.NegativeInfinity;
            var (below, above) = (Softest, 0.0);
            for (var i = 0; i < Halvings; i++)
            {
                var middle = (below + above) / 2;
                if (Falls(middle)) above = middle;
                else below = middle;
            }

            return (below + above) / 2;
        }

        bool Falls(double pace) => Drops(layout, solution, delivery, new StrokeDraw(0, 0, 0, pace, 0));
    }

    private bool Drops(Layout layout, PotSolution solution, Delivery delivery, in StrokeDraw draw) =>
        _solver.Pots(layout, solution.Pot, delivery.Play(solution.Strike, draw));

    /// <summary>Where the ball's line passes the pocket, as a parabola in each error, and which lines drop.</summary>
    private sealed record Model(
        double Low,
        double High,
        double Meant,
        (double Slope, double Bend) Alignment,
        (double Slope, double Bend) Swing,
        (double Slope, double Bend) Height,
        (double Slope, double Bend) Pace,
        (double Slope, double Bend) Butt,
        (double Slope, double Bend) PushOff,
        (double Slope, double Bend) Swerve,
        (double Slope, double Bend) Throw,
        double LeastPace)
    {
        public bool Pots(in StrokeDraw draw)
        {
            if (draw.Pace < LeastPace) return false;
            var offset = Meant + Part(Alignment, draw.Alignment) + Part(Swing, draw.Swing) + Part(Height, draw.Height)
                + Part(Pace, draw.Pace) + Part(Butt, draw.Butt)
                + Part(PushOff, draw.PushOff) + Part(Swerve, draw.Swerve) + Part(Throw, draw.Throw);
            return offset >= Low && offset <= High;
        }

        private static double Part((double Slope, double Bend) error, double draw) => (error.Slope + error.Bend * draw) * draw;
    }
}
