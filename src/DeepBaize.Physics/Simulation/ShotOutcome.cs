using DeepBaize.Physics.Balls;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <summary>Why a simulated shot came to its end.</summary>
public enum ShotEnd
{
    /// <summary>All balls are at rest or potted.</summary>
    AtRest,

    /// <summary>The simulated time ran out: without friction a stroke may never end.</summary>
    TimeLimit,

    /// <summary>The stroke needed more events than its budget allows.</summary>
    EventBudget,

    /// <summary>It is known what becomes of the ball that was watched; balls may still be moving.</summary>
    Decided,
}

/// <summary>A ball and the pocket into which it fell.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
public readonly record struct PottedBall(BallId Ball, PocketId Pocket);

/// <summary>When the white passes over a ball.</summary>
public enum PassMoment
{
    /// <summary>Before it has met a ball.</summary>
    BeforeContact,

    /// <summary>After its first ball and before anything else.</summary>
    AfterContact,

    /// <summary>After it has met a cushion or another ball since then.</summary>
    Later,
}

/// <summary>A ball over a part of which the white passed in the air.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Moment">When.</param>
/// <param name="ToFarSide">True when the white was beyond the ball's middle when its flight ended.</param>
public readonly record struct PassedBall(BallId Ball, PassMoment Moment, bool ToFarSide);

/// <summary>A first meeting of the white with a ball.</summary>
/// <param name="Ball">The ball met.</param>
/// <param name="White">State of the white just before contact.</param>
/// <param name="ObjectPlace">Where the ball met stands at contact.</param>
/// <param name="CutRadians">Angle between the white's path and the line of centres.</param>
public readonly record struct FirstContact(BallId Ball, BallState White, Place ObjectPlace, double CutRadians)
{
    /// <summary>How much of the ball is covered at contact: 1 full, 1/2 half ball, 0 the finest edge; 1 - sin(cut).</summary>
    public double Fraction => 1 - Math.Sin(Math.Abs(CutRadians));
}

/// <summary>What came of a shot.</summary>
public sealed class ShotOutcome
{
    /// <summary>Why the simulation ended.</summary>
    public required ShotEnd End { get; init; }

    /// <summary>Simulated time in seconds.</summary>
    public required double Duration { get; init; }

    /// <summary>Number of events handled.</summary>
    public required int EventCount { get; init; }

    /// <summary>How many of them were impulses through more than two balls.</summary>
    public required int ClusterCount { get; init; }

    /// <summary>The white's first contact with another ball, if any.</summary>
    public required FirstContact? FirstContact { get; init; }

    /// <summary>The white's first contact with a ball other than the first that it met, if any.</summary>
    public FirstContact? SecondContact { get; init; }

    /// <summary>Balls potted, in order.</summary>
    public required IReadOnlyList<PottedBall> Potted { get; init; }

    /// <summary>Cushions that the white met, in order.</summary>
    public required IReadOnlyList<CushionId> WhiteCushions { get; init; }

    /// <summary>Balls that went over a cushion, in order.</summary>
    public IReadOnlyList<BallId> OffTable { get; init; } = [];

    /// <summary>Greatest height in metres of the white over the bed; 0 for a white that hardly left it.</summary>
    public double WhiteHeight { get; init; }

    /// <summary>Balls over which the white passed in the air, in order.</summary>
    public IReadOnlyList<PassedBall> Passed { get; init; } = [];

    /// <summary>Places and states of the balls still on the table at the end, in the order of their ids.</summary>
    public required IReadOnlyList<BallAtEnd> Final { get; init; }

    /// <summary>True when the white was potted.</summary>
    public bool IsInOff => Potted.Any(potted => potted.Ball == BallId.Cue);
}

/// <summary>A ball when the simulation ended.</summary>
/// <param name="Ball">Which ball.</param>
/// <param name="State">Its state.</param>
/// <param name="Phase">What it was doing; at rest unless the time ran out.</param>
public readonly record struct BallAtEnd(BallId Ball, BallState State, MotionPhase Phase);

/// <summary>A shot needed more events than its budget allows; the state at that moment is kept.</summary>
public sealed class EventBudgetException : Exception
{
    /// <summary>Creates the error.</summary>
    /// <param name="time">Simulated time in seconds at which the budget ran out.</param>
    /// <param name="balls">The balls at that time.</param>
    public EventBudgetException(double time, IReadOnlyList<BallAtEnd> balls)
        : base($"The shot needed more than {TableSimulation.EventBudget} events; it was stopped after {time:0.###} s.")
    {
        Time = time;
        Balls = balls;
    }

    /// <summary>Simulated time in seconds at which the budget ran out.</summary>
    public double Time { get; }

    /// <summary>The balls at that time.</summary>
    public IReadOnlyList<BallAtEnd> Balls { get; }
}
