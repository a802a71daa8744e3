using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Planning.Safety;

/// <summary>Reads what kind of answer a stroke is.</summary>
internal static class SafetyKindReader
{
    /// <summary>The white is close to a ball that is nearer than this, in ball diameters between the centres.</summary>
    private const double Close = 2.5;

    /// <summary>Metres beyond the baulk line that still count as baulk.</summary>
    private const double AboutBaulk = 0.1;

    /// <summary>The kind of a stroke that pots nothing on purpose, played as it is meant.</summary>
    /// <param name="worth">Reads what the opponent finds.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="trial">What came of it.</param>
    public static SafetyKind Of(SafetyWorth worth, TrialQuestion question, in Trial trial)
    {
        if (trial.Ruling.Points > 0 || trial.Result[BallId.Cue] is not { } white) return SafetyKind.Contain;
        if (question.Frame.IsOnlyBlackLeft && trial.Result[BallId.Black] is { } black
            && OfTheLastBlack(question.Layout[BallId.Black]!.Value, black, white, trial.Result.FirstContact) is { } known) return known;
        if (worth.LeftBy(trial.Ruling).IsSnookered) return SafetyKind.Snooker;
        var before = question.Layout[BallId.Cue]!.Value;
        if (trial.Result.FirstContact is { White: var met }
            && MetCushionFirst(met.Place, before, Math.Atan2(met.Velocity.Y, met.Velocity.X)))
            return SafetyKind.ByCushion;
        if (white.X < Measurements.BaulkLine + AboutBaulk) return SafetyKind.ToBaulk;
        foreach (var placed in trial.Ruling.Next.Balls)
        {
            if (placed.Ball != BallId.Cue && placed.Place.DistanceTo(white) < Close * question.Layout.Gauge.Diameter)
                return SafetyKind.RollUp;
        }

        return SafetyKind.Contain;
    }

    /// <summary>How the last black is played; null for none of the known ways.</summary>
    private static SafetyKind? OfTheLastBlack(Place before, Place black, Place white, in FirstContact? contact)
    {
        var fromEnd = Math.Min(before.X, Measurements.Length - before.X);
        var toCushion = Math.Min(fromEnd, Math.Min(before.Y, Measurements.Width - before.Y));
        if (contact is { } full && full.Fraction > NearlyFull && toCushion < OnACushion
            && IsSquare(full.White.Place, full.ObjectPlace, isAtAnEnd: fromEnd == toCushion)
            && before.DistanceTo(black) < Stays && before.DistanceTo(white) > ComesBack) return SafetyKind.DoubleKiss;
        if (contact?.Fraction < Fine && before.DistanceTo(black) < Stays) return SafetyKind.FineEdge;
        if (Math.Abs(black.X - white.X) > Apart * Measurements.Length) return SafetyKind.OppositeEnds;
        return Math.Abs(black.Y - white.Y) > AcrossApart * Measurements.Width ? SafetyKind.OppositeSides : null;
    }

    /// <summary>True when white and ball touch in a line that is square to the ball's cushion, so that it sends the ball back.</summary>
    private static bool IsSquare(Place white, Place ball, bool isAtAnEnd)
    {
        var (along, across) = isAtAnEnd ? (ball.X - white.X, ball.Y - white.Y) : (ball.Y - white.Y, ball.X - white.X);
        return Math.Abs(across) < Square * Math.Abs(along);
    }

    /// <summary>Tangent of some two degrees: a contact a millimetre and a half off the centre.</summary>
    private const double Square = 0.03;

    /// <summary>Cover of the black up to which it is met by a fine edge.</summary>
    private const double Fine = 0.15;

    /// <summary>
    /// Cover of the black in a double kiss, how near it is to a cushion, how far it moves at most and how far the white comes back, in
    /// metres.
    /// </summary>
    private const double NearlyFull = 0.95;

    private const double OnACushion = 0.06;
    private const double Stays = 0.5;
    private const double ComesBack = 1;

    /// <summary>Share of the table's length, and of its width, by which black and white are apart at opposite ends or sides.</summary>
    private const double Apart = 0.55;

    private const double AcrossApart = 0.7;

    /// <summary>True when the white does not come to its first contact on the straight way.</summary>
    private static bool MetCushionFirst(Place contact, Place before, double heading) =>
        before.DistanceTo(contact) > 1e-3 && Math.Cos(before.HeadingTo(contact) - heading) < StraightFrom;

    /// <summary>Cosine of the turn beyond which a way is not straight; swerve turns less.</summary>
    private const double StraightFrom = 0.95;
}
