using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Sampling;

/// <summary>A stroke that was tried: how it came out of the player's hands, the balls then, and the referee's ruling.</summary>
/// <param name="Strike">The stroke as it was delivered.</param>
/// <param name="Result">What came of it; it belongs to the table and holds until the next stroke there.</param>
/// <param name="Ruling">The ruling.</param>
/// <param name="IsServed">True when it did what it was for.</param>
public readonly record struct Trial(Strike Strike, StrokeResult Result, Ruling Ruling, bool IsServed)
{
    /// <summary>True when it did so without a foul.</summary>
    public bool IsGood => IsServed && !Ruling.IsFoul;

    /// <summary>The pocket into which the white fell; null when it stayed up.</summary>
    public PocketId? InOff
    {
        get
        {
            foreach (var potted in Result.Potted)
            {
                if (potted.Ball == BallId.Cue) return potted.Pocket;
            }

            return null;
        }
    }
}

/// <summary>A stroke to be tried, and the frame in which it is played.</summary>
/// <param name="Frame">The frame before it.</param>
/// <param name="Layout">Its balls as they are simulated.</param>
/// <param name="Stroke">The stroke.</param>
public sealed record TrialQuestion(FrameState Frame, Layout Layout, PlannedStroke Stroke)
{
    /// <summary>A stroke among balls of which nobody says what is on: what it is played at is.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="stroke">The stroke.</param>
    public static TrialQuestion Of(Layout layout, PlannedStroke stroke)
    {
        ArgumentNullException.ThrowIfNull(stroke);
        return new TrialQuestion(FrameState.For(layout, stroke.Intent.Ball), layout, stroke);
    }
}

/// <summary>Where strokes are tried: a table, taken as it is, and its referee. One instance serves one thread.</summary>
public sealed class TrialTable
{
    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();

    private readonly TableOutline _outline;
    private readonly IReferee _referee;

    /// <summary>Prepares a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="referee">
    /// Who judges; null for the rules of the game without a word about snookers, which nobody asks for here.
    /// </param>
    public TrialTable(TableInUse table, IReferee? referee = null)
        : this((table ?? throw new ArgumentNullException(nameof(table))).Conditions, table.Outline, referee)
    {
    }

    /// <summary>Prepares a table of other conditions.</summary>
    /// <param name="conditions">The conditions.</param>
    /// <param name="outline">The outline.</param>
    /// <param name="referee">Who judges, as above.</param>
    public TrialTable(PlayingConditions conditions, TableOutline outline, IReferee? referee = null) =>
        (_simulation, _outline, _referee) = (new TableSimulation(conditions, outline), outline, referee ?? new Referee(null));

    /// <summary>The same table and referee under other conditions.</summary>
    /// <param name="conditions">The conditions.</param>
    public TrialTable Under(PlayingConditions conditions) => new(conditions, _outline, _referee);

    /// <summary>Strokes tried so far.</summary>
    public int Played { get; private set; }

    /// <summary>Plays a stroke with the errors of a draw; <see cref="StrokeDraw.Exact"/> plays it as it is meant.</summary>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="draw">The errors.</param>
    public Trial Play(TrialQuestion question, in StrokeDraw draw)
    {
        ArgumentNullException.ThrowIfNull(question);
        Played++;
        var stroke = question.Stroke;
        var strike = draw == StrokeDraw.Exact ? stroke.Strike : stroke.Delivery.Play(stroke.Strike, draw);
        _simulation.Run(question.Layout, strike, _result);
        var ruling = _referee.Judge(question.Frame, stroke.Intent.Nominated, SeenStroke.Of(question.Layout, _result));
        return new Trial(strike, _result, ruling, stroke.Intent.IsServedBy(_result));
    }
}
