using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// Two pots by which players compare themselves, played with a player's scatter in a plain stance.
/// </summary>
public static class PlayerTrial
{
    private const double BlackDistance = 0.6;
    private const double BlackCutDegrees = 25;
    private const double BlackPace = 3.5;
    private const double LongPace = 5;
    private const double PaceStep = 0.5;

    /// <summary>The black off its spot from 0.6 m at a comfortable angle (25 degrees), pace 3.5, centre ball.</summary>
    public static (Layout Layout, Pot Pot, Dials Dials) Black(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        var pot = new Pot(BallId.Black, PocketId.TopYellowSide, PocketPart.Opening);
        var straight = PottingLine.Between(new Place(2.5, 0.889), Spots.Black, pot, table, table.Diameter);
        var aim = straight.BallHeading - BlackCutDegrees * Math.PI / 180;
        // Back from the contact along the aim, until the white is that far from the black: the law of cosines.
        var across = table.Diameter * Math.Sin(BlackCutDegrees * Math.PI / 180);
        var run = Math.Sqrt(BlackDistance * BlackDistance - across * across) - table.Diameter * Math.Cos(BlackCutDegrees * Math.PI / 180);
        var white = straight.Contact.Offset(-run * Math.Cos(aim), -run * Math.Sin(aim));
        return (Lay(table, white, new PlacedBall(BallId.Black, Spots.Black)), pot, Dials.AtPace(BlackPace));
    }

    /// <summary>
    /// The long straight pot: the white on the baulk line, the ball on the blue's spot, a top pocket; pace 5, centre ball.
    /// </summary>
    public static (Layout Layout, Pot Pot, Dials Dials) LongStraight(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        var pot = new Pot(BallId.Blue, PocketId.TopYellowSide, PocketPart.Opening);
        var line = PottingLine.Between(new Place(0.737, 0.889), Spots.Blue, pot, table, table.Diameter);
        var back = (Spots.Blue.X - Measurements.BaulkLine) / Math.Cos(line.BallHeading);
        var white = Spots.Blue.Offset(-back * Math.Cos(line.BallHeading), -back * Math.Sin(line.BallHeading));
        return (Lay(table, white, new PlacedBall(BallId.Blue, Spots.Blue)), pot, Dials.AtPace(LongPace));
    }

    /// <summary>
    /// How often a player pots one of them, at the softest pace from the trial's on at which it goes; never on a table on which it does not
    /// go at all.
    /// </summary>
    /// <param name="table">The table, taken as it is.</param>
    /// <param name="errors">The player's errors.</param>
    /// <param name="trial">The pot.</param>
    /// <param name="count">Strokes.</param>
    /// <param name="seed">Seed of the draws.</param>
    public static Chance Rate(TableInUse table, DeliveryErrors errors, (Layout Layout, Pot Pot, Dials Dials) trial, int count, int seed)
    {
        ArgumentNullException.ThrowIfNull(table);
        if (Aim(table, trial) is not { } strike) return new Chance(0, count);
        var delivery = Delivery.Of(errors, Dials.Of(strike).Pace, 1, BridgeRoom.UsualLength, table.Conditions);
        var stroke = new PlannedStroke(new PotIntent(trial.Pot), strike, BridgeWay.Plain, delivery);
        var samples = StrokeSampler.Play(
            new SampleQuestion(table, TrialQuestion.Of(trial.Layout, stroke), TableDoubt.None), count, seed);
        return new Chance(samples.Count(sample => sample.IsServed), count);
    }

    private static Strike? Aim(TableInUse table, (Layout Layout, Pot Pot, Dials Dials) trial)
    {
        var solver = new PotSolver(table);
        var hardest = CueStrike.HardestPace(0, table.Conditions);
        for (var pace = trial.Dials.Pace; pace <= hardest; pace += PaceStep)
        {
            if (solver.Solve(trial.Layout, trial.Pot, Dials.AtPace(pace), withWindow: false).Solution is { } solution)
                return solution.Strike;
        }

        return null;
    }

    private static Layout Lay(TableInUse table, Place white, PlacedBall ball) =>
        LayoutRules.TryBuild([new PlacedBall(BallId.Cue, white), ball], table.Outline, table.Conditions.Gauge, LayoutMode.Free, out _)
        ?? throw new InvalidOperationException("On this table the trial cannot be laid.");
}
