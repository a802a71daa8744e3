using DeepBaize.Physics.Simulation;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Reading;

/// <summary>The one place where a simulated stroke becomes what a referee sees.</summary>
public static class SeenStroke
{
    /// <summary>Contacts of the white at places nearer than this are one contact, in metres.</summary>
    private const double AtOnce = 1e-6;

    /// <summary>What a referee sees of a stroke.</summary>
    /// <param name="before">The balls before it.</param>
    /// <param name="result">What came of it.</param>
    public static StrokeFacts Of(Layout before, StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(result);
        return Of(before, result.FirstContact, result.SecondContact, result.Potted, result.Final, result.WhiteCushions.Count > 0) with
        {
            OffTable = result.OffTable.Count == 0 ? [] : [.. result.OffTable],
            Jumped = Jumped(result.Passed),
        };
    }

    /// <summary>What a referee sees of a stroke.</summary>
    /// <param name="before">The balls before it.</param>
    /// <param name="outcome">What came of it.</param>
    public static StrokeFacts Of(Layout before, ShotOutcome outcome)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(outcome);
        return Of(before, outcome.FirstContact, outcome.SecondContact, outcome.Potted, outcome.Final, outcome.WhiteCushions.Count > 0) with
        {
            OffTable = outcome.OffTable,
            Jumped = Jumped(outcome.Passed),
        };
    }

    private static JumpedBall[] Jumped(IReadOnlyList<PassedBall> passed) => passed.Count == 0
        ? [] : [.. passed.Select(over => new JumpedBall(over.Ball, When(over.Moment), over.ToFarSide))];

    private static JumpMoment When(PassMoment moment) => moment switch
    {
        PassMoment.BeforeContact => JumpMoment.BeforeContact,
        PassMoment.AfterContact => JumpMoment.AfterContact,
        _ => JumpMoment.Later,
    };

    private static StrokeFacts Of(
        Layout before, FirstContact? first, FirstContact? second, IReadOnlyList<PottedBall> fallen, IReadOnlyList<BallAtEnd> final,
        bool metCushion)
    {
        var potted = new BallId[fallen.Count];
        for (var i = 0; i < potted.Length; i++) potted[i] = fallen[i].Ball;
        var after = new PlacedBall[final.Count];
        for (var i = 0; i < after.Length; i++) after[i] = new PlacedBall(final[i].Ball, final[i].State.Place);
        return new StrokeFacts
        {
            FirstHit = FirstHit(first, second),
            MovedTouching = Moved(before, first),
            Potted = potted,
            WhiteMetCushion = metCushion,
            After = after
        };
    }

    private static BallId[] FirstHit(FirstContact? first, FirstContact? second) => (first, second) switch
    {
        (null, _) => [],
        ({ } one, { } other) when one.White.Place.DistanceTo(other.White.Place) < AtOnce => [one.Ball, other.Ball],
        ({ } one, _) => [one.Ball],
    };

    private static BallId? Moved(Layout before, FirstContact? first) =>
        first is { } contact && before[BallId.Cue] is { } white && contact.White.Place.DistanceTo(white) < AtOnce
            && before.Contacts.Contains(new Contact(BallId.Cue, contact.Ball))
            ? contact.Ball
            : null;
}
