using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>The three anchor strokes.</summary>
public enum AnchorKind
{
    /// <summary>The white slides into the ball without spin along its way.</summary>
    Stun,

    /// <summary>The white rolls into the ball.</summary>
    Follow,

    /// <summary>The tip as low as is safe.</summary>
    Screw,
}

/// <summary>One of the three anchor strokes of a pot.</summary>
/// <param name="Kind">Which.</param>
/// <param name="IsReached">
/// False when no safe tip height gives this spin over this distance even at a firmer pace; the nearest safe height is shown then.
/// </param>
/// <param name="Dials">The dials; the pace is firmer than asked for when the stroke needs it.</param>
/// <param name="Stroke">The stroke as played; null when the ball cannot be potted with it.</param>
/// <param name="Refusal">Why not.</param>
public sealed record Anchor(AnchorKind Kind, bool IsReached, Dials Dials, PlayedStroke? Stroke, NoPot? Refusal);

/// <summary>Finds stun, follow and screw for a pot.</summary>
public static class Anchors
{
    /// <summary>The height of a tip that makes the white roll at once.</summary>
    private const double RollHeight = 0.4;

    /// <summary>
    /// Spin at the contact, as a share of natural roll, from which a stroke is called screw (common practice, no source).
    /// </summary>
    private const double LeastBackSpin = -0.15;

    private const double PaceStep = 0.5;
    private const double FirmestPace = 8;

    /// <summary>
    /// The three strokes at the softest pace, from that of the dials up to 8, at which each pots and has its spin.
    /// </summary>
    public static IReadOnlyList<Anchor> Of(StrokePlayer player, Layout layout, Pot pot, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(player);
        ArgumentNullException.ThrowIfNull(layout);
        return [.. Enum.GetValues<AnchorKind>().Select(kind => Find(player, layout, pot, dials, kind))];
    }

    private static Anchor Find(StrokePlayer player, Layout layout, Pot pot, Dials dials, AnchorKind kind)
    {
        Anchor? best = null;
        var firmest = Math.Min(FirmestPace, CueStrike.HardestPace(Dials.SafeHeight, player.Solver.Table.Conditions));
        // A player's own softest pace may lie below the house's scale.
        for (var firmer = dials; ; firmer = firmer with { WhiteSpeed = Pace.ToSpeed(Math.Max(Pace.Softest, firmer.Pace + PaceStep)) })
        {
            var anchor = At(player, layout, pot, firmer, kind);
            if (best?.Stroke is null) best = anchor;
            if (anchor is { IsReached: true, Stroke: not null }) return anchor;
            if (firmer.Pace + PaceStep > firmest) return best;
        }
    }

    private static Anchor At(StrokePlayer player, Layout layout, Pot pot, Dials dials, AnchorKind kind)
    {
        var most = Dials.SafeHeightWith(dials.Side);
        double? height = kind switch
        {
            AnchorKind.Follow => Math.Min(RollHeight, most),
            AnchorKind.Screw => -most,
            _ => player.Solver.Solve(layout, pot, dials with { Height = 0 }, withWindow: false) is { } plain
                && (plain.Solution?.Strike ?? plain.Towards) is { } strike
                ? TipHeights.For(player, layout, pot.Ball, strike, 0)
                : null,
        };
        var played = dials with { Height = height ?? -most };
        var answer = player.Solver.Solve(layout, pot, played, withWindow: false);
        var stroke = answer.Solution is { } solution ? player.Play(layout, pot, solution.Strike) : null;
        // Over a long way at a soft pace even the lowest tip brings no back-spin to the ball.
        var isReached = height is not null && (kind != AnchorKind.Screw || stroke is { ContactRoll: < LeastBackSpin });
        return new Anchor(kind, isReached, played, stroke, answer.Refusal);
    }
}
