using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;

namespace DeepBaize.Planning.Safety;

/// <summary>A stroke that was tried with fresh draws for what it brings to both sides.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Worths">
/// Worth of each draw, in points as they count with the score; strokes that are judged together meet the same draws.
/// </param>
/// <param name="Mean">What it brings to both sides in the mean.</param>
/// <param name="Wins">Chance, 0 to 1, that the frame is won, in the mean over all draws (estimate).</param>
/// <param name="Scores">How often it pots a ball legally.</param>
/// <param name="Fouls">How often it is foul.</param>
/// <param name="Snookers">How often it leaves the opponent snookered without being foul.</param>
/// <param name="OpponentScores">Chance that the opponent scores with the next stroke, in the mean over all draws.</param>
/// <param name="WhenLeft">Mean worth of the strokes that came out to the left of where they were meant.</param>
/// <param name="WhenRight">The same to the right.</param>
public sealed record JudgedExchange(
    PlannedStroke Stroke, IReadOnlyList<double> Worths, Exchange Mean, double Wins, Chance Scores, Chance Fouls, Chance Snookers,
    double OpponentScores, double WhenLeft, double WhenRight)
{
    /// <summary>Mean worth.</summary>
    public double Worth => Worths.Average();

    /// <summary>Standard error of it.</summary>
    public double Error => Estimate.Of(Worths).Error;

    /// <summary>By how much it is worth more than another that met the same draws.</summary>
    /// <param name="other">The other.</param>
    public Estimate Over(JudgedExchange other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Estimate.OfDifferences(Worths, other.Worths);
    }

    /// <summary>Plays a stroke with fresh draws, on tables as they may be.</summary>
    /// <param name="worker">Who plays it.</param>
    /// <param name="asked">The stroke and its frame.</param>
    /// <param name="question">How far the table may be from what it is taken to be, and how much is dared.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="draws">How many.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    internal static JudgedExchange Try(
        SafetyWorker worker, TrialQuestion asked, SafetyQuestion question, int seed, int draws, CancellationToken cancel)
    {
        var worths = new double[draws];
        var (own, theirs, wins, pots, fouls, snookers, answers, toLeft) = (0.0, 0.0, 0.0, 0, 0, 0, 0.0, 0);
        var (left, right) = (0.0, 0.0);
        Sampler.PlayFresh(worker.Trials, question.Table, question.Doubt, asked, seed, draws, Read, cancel);

        return new JudgedExchange(
            asked.Stroke, worths, new Exchange(own / draws, theirs / draws), wins / draws, new Chance(pots, draws),
            new Chance(fouls, draws), new Chance(snookers, draws), answers / draws,
            toLeft == 0 ? 0 : left / toLeft, toLeft == draws ? 0 : right / (draws - toLeft));

        void Read(int draw, Trial trial)
        {
            var ruling = trial.Ruling;
            var both = worker.Worth.Of(ruling);
            worths[draw] = FrameChance.Weigh(asked.Frame, ruling, both.Worth(question.Fear));
            (own, theirs) = (own + both.Own, theirs + both.Theirs);
            wins += FrameChance.After(asked.Frame, ruling, both.Own - both.Theirs);
            if (trial.Strike.DirectionRadians > asked.Stroke.Strike.DirectionRadians) (toLeft, left) = (toLeft + 1, left + worths[draw]);
            else right += worths[draw];
            if (ruling.Points > 0) pots++;
            if (ruling.IsFoul) fouls++;
            if (ruling.StaysAtTable) return;
            var found = worker.Worth.LeftBy(ruling);
            answers += found.Pot;
            if (found.IsSnookered && !ruling.IsFoul) snookers++;
        }
    }
}
