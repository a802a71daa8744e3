using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// Pots by which players compare themselves, played with a player's scatter in a plain stance.
/// </summary>
public static class PlayerTrial
{
    private const double BlackDistance = 0.6;
    private const double BlackCutDegrees = 25;
    private const double BlackPace = 3.5;
    private const double ClearPace = 4;
    private const double LongPace = 5;
    private const double PaceStep = 0.5;

    private static readonly Place ClearBall = new(2.9, 1.3);

    /// <summary>The black off its spot from 0.6 m at a comfortable angle (25 degrees), pace 3.5, centre ball.</summary>
    public static (Layout Layout, Pot Pot, Dials Dials) Black(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        var pot = new Pot(BallId.Black, PocketId.TopYellowSide, PocketPart.Opening);
        return AtAnAngle(table, pot, Spots.Black, BlackDistance, BlackCutDegrees, BlackPace);
    }

    /// <summary>
    /// A pot clear of all cushions by which side is judged: a ball 0.8 m from a top pocket, cut by 25 degrees, pace 4, centre ball.
    /// </summary>
    /// <param name="table">The table.</param>
    /// <param name="metres">Distance from white to ball, 0.3 to 2.2.</param>
    public static (Layout Layout, Pot Pot, Dials Dials) Clear(TableInUse table, double metres)
    {
        ArgumentNullException.ThrowIfNull(table);
        var pot = new Pot(BallId.Red1, PocketId.TopGreenSide, PocketPart.Opening);
        return AtAnAngle(table, pot, ClearBall, metres, BlackCutDegrees, ClearPace);
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
        var intent = new PotIntent(trial.Pot);
        var delivery = Delivery.Of(
            errors, Dials.Of(strike).Pace, 1, BridgeRoom.UsualLength, table.Conditions,
            allowances: AllowanceReader.Of(table, trial.Layout, SidePolicy.Sparing, strike, intent));
        var stroke = new PlannedStroke(intent, strike, BridgeWay.Plain, delivery);
        var samples = StrokeSampler.Play(
            new SampleQuestion(table, TrialQuestion.Of(trial.Layout, stroke), TableDoubt.None), count, seed);
        return new Chance(samples.Count(sample => sample.IsServed), count);
    }

    /// <summary>What half a tip of side costs on a pot at 1 m, by which a player's eye is told.</summary>
    /// <param name="table">The table, taken as it is.</param>
    /// <param name="errors">The player's errors.</param>
    /// <param name="count">Strokes of each kind.</param>
    /// <param name="seed">Seed of the draws.</param>
    public static double HalfTipCost(TableInUse table, DeliveryErrors errors, int count, int seed) =>
        SideCost(table, errors, Clear(table, 1), 0.5, count, seed);

    /// <summary>What side costs in a trial: by how much the share of pots falls, on the mean of both sides.</summary>
    /// <param name="table">The table, taken as it is.</param>
    /// <param name="errors">The player's errors.</param>
    /// <param name="trial">The pot without side.</param>
    /// <param name="tips">Tips of side.</param>
    /// <param name="count">Strokes of each kind; all meet the same chance.</param>
    /// <param name="seed">Seed of the draws.</param>
    public static double SideCost(
        TableInUse table, DeliveryErrors errors, (Layout Layout, Pot Pot, Dials Dials) trial, double tips, int count, int seed)
    {
        ArgumentNullException.ThrowIfNull(table);
        var side = CueShape.ContactOffset(tips, table.Conditions.Balls.Radius);
        var (left, right) = (With(-side), With(side));
        return Rate(table, errors, trial, count, seed).Share
            - (Rate(table, errors, left, count, seed).Share + Rate(table, errors, right, count, seed).Share) / 2;

        (Layout, Pot, Dials) With(double to) => (trial.Layout, trial.Pot, trial.Dials with { Side = to });
    }

    private static Strike? Aim(TableInUse table, (Layout Layout, Pot Pot, Dials Dials) trial)
    {
        var solver = new PotSolver(table);
        var hardest = CueStrike.HardestPace(Math.Abs(trial.Dials.Side), table.Conditions);
        for (var pace = trial.Dials.Pace; pace <= hardest; pace += PaceStep)
        {
            var dials = Dials.AtPace(pace, trial.Dials.Side, trial.Dials.Height);
            if (solver.Solve(trial.Layout, trial.Pot, dials, withWindow: false).Solution is { } solution)
                return solution.Strike;
        }

        return null;
    }

    /// <summary>Back from the contact along the aim, until the white is as far from the ball as it should be: the law of cosines.</summary>
    private static (Layout Layout, Pot Pot, Dials Dials) AtAnAngle(
        TableInUse table, Pot pot, Place ball, double metres, double cutDegrees, double pace)
    {
        var line = PottingLine.Between(new Place(2.5, 0.889), ball, pot, table, table.Diameter);
        var cut = cutDegrees * Math.PI / 180;
        var aim = line.BallHeading - cut;
        var across = table.Diameter * Math.Sin(cut);
        var run = Math.Sqrt(metres * metres - across * across) - table.Diameter * Math.Cos(cut);
        var white = line.Contact.Offset(-run * Math.Cos(aim), -run * Math.Sin(aim));
        return (Lay(table, white, new PlacedBall(pot.Ball, ball)), pot, Dials.AtPace(pace));
    }

    private static Layout Lay(TableInUse table, Place white, PlacedBall ball) =>
        LayoutRules.TryBuild([new PlacedBall(BallId.Cue, white), ball], table.Outline, table.Conditions.Gauge, LayoutMode.Free, out _)
        ?? throw new InvalidOperationException("On this table the trial cannot be laid.");
}
