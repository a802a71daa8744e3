using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>
/// The one sentence that answers the player: what happens to the ball, the contact, the strike, the pace, and where the white stops; and
/// why, from facts of the simulation.
/// </summary>
/// <param name="Sentence">The whole sentence.</param>
/// <param name="Result">What happens to the ball: the first part.</param>
/// <param name="Contact">The contact; null when no ball is met.</param>
/// <param name="Height">The height of the tip; null without a stroke.</param>
/// <param name="Side">The side.</param>
/// <param name="Pace">The pace.</param>
/// <param name="Butt">How far the butt is raised; null for a level cue.</param>
/// <param name="White">Where the white stops.</param>
/// <param name="Because">Why; see <see cref="BecauseWords"/>.</param>
public sealed record Verdict(
    string Sentence, string Result, string? Contact, string? Height, string? Side, string? Pace, string? Butt, string White,
    string Because)
{
    /// <summary>Composes it.</summary>
    /// <param name="outcome">What came of the stroke.</param>
    /// <param name="record">Everything that happened.</param>
    /// <param name="strike">The stroke; null when the white set off by itself.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    /// <param name="knownResult">What happens to the ball, where more is known than the outcome tells.</param>
    public static Verdict Compose(
        ShotOutcome outcome, ShotRecord record, Strike? strike, PlayingConditions conditions, string? knownResult = null)
    {
        var names = BallNames.Among(
            outcome.Final.Select(ball => ball.Ball).Concat(outcome.Potted.Select(potted => potted.Ball)).Concat(outcome.OffTable));
        var result = knownResult ?? ResultOf(outcome, names);
        var contact = outcome.FirstContact is { } first ? ContactWords.Describe(first.Fraction) : null;
        var radius = conditions.Balls.Radius;
        var height = strike is { } struck ? StrokeWords.Height(StrokeWords.ToTips(struck.Height, radius)) : null;
        var butt = strike is { } cued ? StrokeWords.Butt(cued) : null;
        var side = strike is { } aside ? StrokeWords.Side(StrokeWords.ToTips(aside.Side, radius)) : null;
        var pace = strike is { } paced ? StrokeWords.PaceInWords(conditions.Cue.Paces.FromSpeed(paced.WhiteSpeed)) : null;
        var white = WhiteStops(outcome, conditions.Gauge);
        var how = string.Join(", ", new[] { contact, height, side, pace, butt }.OfType<string>());
        var sentence = string.Join(
            " ", new[] { result, how.Length > 0 ? EventWords.Capital(how) + "." : "", white }.Where(part => part.Length > 0));
        if (strike is { IsMiscueRisk: true }) sentence += " A miscue threatens: the tip is outside half the ball.";
        return new Verdict(sentence, result, contact, height, side, pace, butt, white, BecauseWords.Of(outcome, record, conditions, names));
    }

    private static string ResultOf(ShotOutcome outcome, BallNames names)
    {
        if (outcome.FirstContact is not { } contact)
            return outcome.IsInOff ? "No ball is met and the white goes in." : "No ball is met.";
        var met = EventWords.Capital(names.Of(contact.Ball));
        var pots = outcome.Potted.Where(potted => potted.Ball != BallId.Cue).ToList();
        var own = pots.FindIndex(potted => potted.Ball == contact.Ball);
        var words = own >= 0 ? $"{met} to the {NameWords.Of(pots[own].Pocket)}." : $"{met} stays up.";
        var others = pots.Where((_, i) => i != own).Select(potted => $"{names.Of(potted.Ball)} to the {NameWords.Of(potted.Pocket)}")
            .ToList();
        if (others.Count > 0) words += $" Also {string.Join(" and ", others)}.";
        var lost = outcome.OffTable.Where(ball => ball != BallId.Cue).Select(names.The).ToList();
        if (lost.Count > 0) words += $" {EventWords.Capital(Listed(lost))} {(lost.Count == 1 ? "leaves" : "leave")} the table.";
        return words;
    }

    private static string WhiteStops(ShotOutcome outcome, BallGauge gauge)
    {
        if (outcome.IsInOff)
            return $"In-off: the white falls into the {NameWords.Of(outcome.Potted.First(potted => potted.Ball == BallId.Cue).Pocket)}.";
        if (outcome.OffTable.Contains(BallId.Cue)) return "The white leaves the table.";
        if (outcome.End == ShotEnd.TimeLimit) return $"The balls were still moving after {outcome.Duration:0} seconds.";
        var white = outcome.Final.First(ball => ball.Ball == BallId.Cue).State.Place;
        var others = outcome.Final.Where(ball => ball.Ball != BallId.Cue).Select(ball => new PlacedBall(ball.Ball, ball.State.Place))
            .ToList();
        return $"The white stops {Landmarks.Describe(white, others, gauge)}.";
    }

    /// <summary>Things one after the other: "a, b and c".</summary>
    public static string Listed(IReadOnlyList<string> words) => words.Count switch
    {
        1 => words[0],
        2 => $"{words[0]} and {words[1]}",
        _ => $"{string.Join(", ", words.Take(words.Count - 1))} and {words[^1]}",
    };
}
