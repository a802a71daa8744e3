using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Words;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Wording;

/// <summary>
/// Composes the one sentence that answers the player: what happens to the ball, the contact, the strike, the pace, and
/// where the white stops; and why, from facts of the simulation.
/// </summary>
internal static class Verdict
{
    public static VerdictOutput Compose(
        ShotOutcome outcome, ShotRecord record, Strike? strike, StrokeOutput? stroke, PlayingConditions conditions, string? away, string? knownResult = null)
    {
        var result = knownResult ?? Result(outcome);
        var contact = outcome.FirstContact is { } first ? ContactWords.Describe(first.Fraction) : null;
        var height = stroke is null ? null : StrokeWords.Height(stroke.HeightTips);
        var side = stroke is null ? null : StrokeWords.Side(stroke.SideTips);
        var pace = stroke is null ? null : StrokeWords.PaceInWords(stroke.Pace);
        var white = White(outcome, conditions.Gauge);
        var how = string.Join(", ", new[] { contact, height, side, pace }.OfType<string>());
        var sentence = string.Join(" ", new[] { result, how.Length > 0 ? EventWords.Capital(how) + "." : "", white }.Where(part => part.Length > 0));
        if (strike is { IsMiscueRisk: true }) sentence += " A miscue threatens: the tip is outside half the ball.";
        return new VerdictOutput(sentence, result, contact, height, side, pace, white, away, Because(outcome, record, conditions));
    }

    private static string Result(ShotOutcome outcome)
    {
        if (outcome.FirstContact is not { } contact)
            return outcome.IsInOff ? "No ball is met and the white goes in." : "No ball is met.";
        var met = EventWords.Capital(Names.Spoken(contact.Ball));
        var pots = outcome.Potted.Where(potted => potted.Ball != BallId.Cue).ToList();
        var own = pots.FindIndex(potted => potted.Ball == contact.Ball);
        var words = own >= 0 ? $"{met} to the {Names.Spoken(pots[own].Pocket)}." : $"{met} stays up.";
        var others = pots.Where((_, i) => i != own).Select(potted => $"{Names.Spoken(potted.Ball)} to the {Names.Spoken(potted.Pocket)}").ToList();
        if (others.Count > 0) words += $" Also {string.Join(" and ", others)}.";
        return words;
    }

    private static string White(ShotOutcome outcome, BallGauge gauge)
    {
        if (outcome.IsInOff)
            return $"In-off: the white falls into the {Names.Spoken(outcome.Potted.First(potted => potted.Ball == BallId.Cue).Pocket)}.";
        if (outcome.End == ShotEnd.TimeLimit) return $"The balls were still moving after {outcome.Duration:0} seconds.";
        var white = outcome.Final.First(ball => ball.Ball == BallId.Cue).State.Place;
        var others = outcome.Final.Where(ball => ball.Ball != BallId.Cue).Select(ball => new PlacedBall(ball.Ball, ball.State.Place)).ToList();
        return $"The white stops {Landmarks.Describe(white, others, gauge)}.";
    }

    private static string Because(ShotOutcome outcome, ShotRecord record, PlayingConditions conditions)
    {
        var reasons = new List<string>();
        if (outcome.FirstContact is { } contact)
            reasons.Add($"the white {Arrival(contact.White, conditions.Balls.Radius)} when it meets the {Names.Spoken(contact.Ball)}");
        if (outcome.WhiteCushions.Count > 0) reasons.Add($"{(reasons.Count > 0 ? "" : "the white ")}comes off {Cushions(outcome.WhiteCushions)}");

        var second = record.Events.FirstOrDefault(told =>
            told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue && told.Balls[1].Ball != outcome.FirstContact?.Ball);
        if (second is not null) reasons.Add($"{(reasons.Count > 0 ? "" : "the white ")}runs into the {Names.Spoken(second.Balls[1].Ball)}");
        if (reasons.Count == 0) reasons.Add("the white meets nothing on its way");
        return $"Because {Listed(reasons)}.";
    }

    private static string Cushions(IReadOnlyList<CushionId> met)
    {
        const int most = 4;
        var names = met.Take(most).Select(cushion => Names.Spoken(cushion).Replace(" cushion", "", StringComparison.Ordinal)).ToList();
        if (met.Count > most) return $"the {string.Join(", ", names)} and {met.Count - most} more cushions";
        return $"the {Listed(names)} cushion{(names.Count > 1 ? "s" : "")}";
    }

    /// <summary>What the white does on arrival, from its spin against the rolling rate along its path.</summary>
    private static string Arrival(in BallState white, double radius)
    {
        return SpinOf.Roll(white, radius) switch
        {
            > 1.05 => "carries more topspin than a rolling ball",
            > 0.9 => "rolls",
            > 0.15 => "still slides with a little topspin",
            > -0.15 => "slides without spin",
            > -0.6 => "still carries back-spin",
            _ => "carries strong back-spin",
        };
    }

    internal static string Listed(IReadOnlyList<string> words) => words.Count switch
    {
        1 => words[0],
        2 => $"{words[0]} and {words[1]}",
        _ => $"{string.Join(", ", words.Take(words.Count - 1))} and {words[^1]}",
    };
}
