using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>What of a state of play can be taken out of it.</summary>
public enum ChoiceKind
{
    /// <summary>What is on.</summary>
    On,

    /// <summary>That it is a free ball.</summary>
    FreeBall,

    /// <summary>The nominated ball.</summary>
    Nomination,
}

/// <summary>Something of a state of play that cannot be with the balls that are up.</summary>
/// <param name="Kind">What was taken out.</param>
/// <param name="On">What was said to be on, where that was taken out.</param>
/// <param name="Ball">The ball that was nominated, where that was taken out.</param>
public readonly record struct DroppedChoice(ChoiceKind Kind, BallOn? On = null, BallId? Ball = null);

/// <summary>
/// What can be on with the balls that are up (official rules, section 3: reds and colours in turn, then the colours in rising value).
/// </summary>
public static class BallsOn
{
    /// <summary>What is on when nobody says: a red while one is up, else the lowest colour; null when only the white is left.</summary>
    public static BallOn? Infer(IEnumerable<BallId> up)
    {
        ArgumentNullException.ThrowIfNull(up);
        var balls = up.Where(ball => ball != BallId.Cue).ToHashSet();
        if (balls.Any(BallSet.IsRed)) return BallOn.Red;
        return balls.Count == 0 ? null : ToOn(balls.Min());
    }

    /// <summary>
    /// What is on when nobody says and a ball is played at: the lowest colour with no red up is taken for one in order, any other for one
    /// that follows a red.
    /// </summary>
    /// <param name="up">The balls that are up.</param>
    /// <param name="ball">The ball.</param>
    public static BallOn InferFor(IReadOnlyCollection<BallId> up, BallId ball)
    {
        if (BallSet.IsRed(ball)) return BallOn.Red;
        return Infer(up) is { } lowest && ToBall(lowest) == ball ? lowest : BallOn.Colour;
    }

    /// <summary>
    /// Everything that can be on: with reds up a red or a colour; without, the lowest colour, or a colour of choice (the last red has just
    /// gone down). A position that is laid may lack colours which a frame would still have, so any number of them leaves both open.
    /// </summary>
    public static IReadOnlyList<BallOn> Possible(IEnumerable<BallId> up)
    {
        var balls = up.ToHashSet();
        if (Infer(balls) is not { } inferred) return [];
        return balls.Any(IsColour) ? [inferred, BallOn.Colour] : [inferred];
    }

    /// <summary>
    /// The balls that may be nominated: the colours that are up when a colour is on, any ball that is not on with a free ball.
    /// </summary>
    public static IReadOnlyList<BallId> Nominations(BallOn on, bool isFreeBall, IEnumerable<BallId> up)
    {
        var colours = up.Where(IsColour).Order().ToList();
        if (isFreeBall && on != BallOn.Colour) return [.. colours.Where(colour => ToOn(colour) != on)];
        return on == BallOn.Colour ? colours : [];
    }

    /// <summary>
    /// Takes out of a state what cannot be with these balls, so that an old choice does not outlive the balls it was about.
    /// </summary>
    /// <param name="state">The state.</param>
    /// <param name="up">The balls that are up.</param>
    /// <param name="dropped">Each thing that was taken out.</param>
    public static PlayState Clean(PlayState state, IReadOnlyCollection<BallId> up, out IReadOnlyList<DroppedChoice> dropped)
    {
        ArgumentNullException.ThrowIfNull(state);
        var taken = new List<DroppedChoice>();
        var clean = state;
        if (clean.On is { } on && !Possible(up).Contains(on))
        {
            clean = clean with { On = null };
            taken.Add(new(ChoiceKind.On, On: on));
        }

        var inForce = clean.On ?? Infer(up);
        if (clean.IsFreeBall && inForce is null or BallOn.Colour)
        {
            clean = clean with { IsFreeBall = false };
            taken.Add(new(ChoiceKind.FreeBall));
        }

        if (clean.Nominated is { } nominated && (inForce is not { } now || !Nominations(now, clean.IsFreeBall, up).Contains(nominated)))
        {
            clean = clean with { Nominated = null };
            // Who names the ball that alone is on says nothing new and nothing wrong.
            if (inForce is null || ToBall(inForce.Value) != nominated) taken.Add(new(ChoiceKind.Nomination, Ball: nominated));
        }

        dropped = taken;
        return clean;
    }

    /// <summary>The ball that alone is on; null for reds and for a colour of choice.</summary>
    public static BallId? ToBall(BallOn on) => on is BallOn.Red or BallOn.Colour ? null : BallId.Yellow + (on - BallOn.Yellow);

    private static BallOn ToOn(BallId colour) => BallOn.Yellow + (colour - BallId.Yellow);

    private static bool IsColour(BallId ball) => ball >= BallId.Yellow;
}
