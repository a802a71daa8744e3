using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>The parts of an aim.</summary>
public enum AimTermKind
{
    /// <summary>Throw of a stroke without side: the ball is dragged along by the white's surface.</summary>
    Throw,

    /// <summary>What side adds to the throw.</summary>
    Spin,

    /// <summary>Swerve: a raised butt lets side curve the white on its way.</summary>
    Swerve,

    /// <summary>Push-off: the white leaves to the other side of the tip.</summary>
    PushOff,
}

/// <summary>One part of an aim, beside plain geometry.</summary>
/// <param name="Kind">Which part.</param>
/// <param name="ThinnerMetres">
/// By how much the cue's line is shifted at the contact, in metres: positive to a thinner contact; to the left for a straight pot.
/// </param>
/// <param name="TurnRadians">The turn of the cue's line, anticlockwise.</param>
/// <param name="IfLeftOut">How the ball runs when this part alone is left out of the aim.</param>
public sealed record AimTerm(AimTermKind Kind, double ThinnerMetres, double TurnRadians, ObjectBallRun IfLeftOut);

/// <summary>An aim taken apart: the geometric line, and what throw, spin, swerve and push-off add to it.</summary>
/// <param name="GeometricRadians">Direction of the line from the white through the geometric place of contact.</param>
/// <param name="Terms">The parts that are added to it.</param>
/// <param name="ThinnerMetres">Their sum at the contact in metres, positive to a thinner contact.</param>
/// <param name="Side">What the side does for this pot.</param>
public sealed record AimParts(double GeometricRadians, IReadOnlyList<AimTerm> Terms, double ThinnerMetres, PotSide Side);

/// <summary>Takes an aim apart by solving the pot again without one cause after the other.</summary>
public sealed class AimExplainer
{
    private const double NoPushOff = 1e12;

    private readonly PotSolver _real;
    private readonly PotSolver _withoutPushOff;
    private readonly PotSolver _withoutFriction;

    /// <summary>Prepares explanations for a table.</summary>
    public AimExplainer(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        var conditions = table.Conditions;
        var straight = conditions with { Cue = conditions.Cue with { EndMassRatio = NoPushOff } };
        _real = new PotSolver(table);
        _withoutPushOff = new PotSolver(table with { Conditions = straight });
        _withoutFriction = new PotSolver(table with { Conditions = straight with { Balls = straight.Balls with { FrictionFactor = 0 } } });
    }

    /// <summary>The parts of a solved aim; null when it cannot be taken apart because a simpler stroke does not pot.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="solution">The solved pot.</param>
    public AimParts? Explain(Layout layout, PotSolution solution)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(solution);
        var dials = Dials.Of(solution.Strike) with { IsExact = true };
        var level = dials with { ElevationRadians = 0 };
        var plain = level with { Side = 0 };
        if (Direction(_withoutFriction, layout, solution.Pot, plain) is not { } smooth) return null;
        if (Direction(_withoutPushOff, layout, solution.Pot, plain) is not { } thrown) return null;
        if (Direction(_withoutPushOff, layout, solution.Pot, level) is not { } spun) return null;
        if ((level == dials ? spun : Direction(_withoutPushOff, layout, solution.Pot, dials)) is not { } curved) return null;
        var terms = new List<AimTerm>
        {
            Term(AimTermKind.Throw, thrown - smooth),
            Term(AimTermKind.Spin, spun - thrown),
        };
        if (level != dials && dials.Side != 0) terms.Add(Term(AimTermKind.Swerve, curved - spun));
        terms.Add(Term(AimTermKind.PushOff, solution.Strike.DirectionRadians - curved));
        return new AimParts(solution.Line.AimHeading, terms, terms.Sum(term => term.ThinnerMetres),
            SpinOf.ForPot(dials.Side, solution.CutRadians));

        AimTerm Term(AimTermKind kind, double turn)
        {
            turn = Math.IEEERemainder(turn, Math.Tau);
            var without = solution.Strike with { DirectionRadians = solution.Strike.DirectionRadians - turn };
            return new AimTerm(kind, solution.Line.ThinnerBy(turn), turn, _real.Watch(layout, solution.Pot, without));
        }
    }

    private static double? Direction(PotSolver solver, Layout layout, Pot pot, Dials dials) =>
        solver.Solve(layout, pot, dials, withWindow: false).Solution?.Strike.DirectionRadians;
}
