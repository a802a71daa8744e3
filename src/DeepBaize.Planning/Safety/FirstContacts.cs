using DeepBaize.Planning.Aiming;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>Where the white is to meet a ball, or in which direction it is to run without saying what it meets.</summary>
/// <param name="Ball">The ball; null for a direction that comes to some ball by a cushion.</param>
/// <param name="Offset">
/// How far beside the ball's centre the white's line passes, to its right positive, as a share of the ball's diameter: 0 full, below 1 the
/// finest edge.
/// </param>
/// <param name="HeadingRadians">The direction, where no ball is named.</param>
public readonly record struct AimedContact(BallId? Ball, double Offset, double HeadingRadians = double.NaN)
{
    private const double FineFrom = 0.86;

    /// <summary>From where on a contact is thin, and the pace beyond which only thin ones are played.</summary>
    private const double ThinFrom = 0.6;

    private const double Firm = 7;

    /// <summary>True for a fine contact: an eighth of the ball or less.</summary>
    public bool IsFine => Ball is not null && Math.Abs(Offset) >= FineFrom;

    /// <summary>
    /// True for a pace at which players play such a contact for what it leaves: thick ones are not played hard, they scatter the reds
    /// (common practice, no source).
    /// </summary>
    /// <param name="pace">The pace.</param>
    internal bool Suits(double pace) => pace < Firm || Math.Abs(Offset) >= ThinFrom;
}

/// <summary>The legal first contacts of a position.</summary>
public static class FirstContacts
{
    /// <summary>Contacts that are tried on each side of a ball, from fine to full.</summary>
    private static readonly double[] Offsets = [0.95, 0.87, 0.76, 0.62, 0.45, 0.22];

    /// <summary>Finest contact, and how near contacts are to each other that are tried beside one that promises much.</summary>
    private const double Finest = 0.985;

    private const double Step = 0.04;

    /// <summary>Radians by which a direction is turned for each of those shares.</summary>
    private const double Turn = 0.1;

    /// <summary>Directions that are tried all round for ways by cushions.</summary>
    private const int Directions = 180;

    /// <summary>From each direction to the next: some three eighths of the way round, and no divisor of them all.</summary>
    private const int Stride = 67;

    /// <summary>Metres to the place that a direction leads to, when it is aimed at.</summary>
    private const double FarAway = 0.5;

    /// <summary>The contacts with balls that may be played at and that the white comes to on a straight way.</summary>
    /// <param name="frame">The frame, with the white on the table.</param>
    /// <param name="diameter">Diameter of the balls.</param>
    public static IReadOnlyList<AimedContact> Straight(FrameState frame, double diameter)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var white = frame.White!.Value;
        var balls = frame.ObjectBalls.ToArray();
        var playable = frame.Playable.ToHashSet();
        var found = new List<AimedContact>();
        for (var i = 0; i < balls.Length; i++)
        {
            if (!playable.Contains(balls[i].Ball)) continue;
            Add(balls, i, 0);
            foreach (var offset in Offsets)
            {
                Add(balls, i, offset);
                Add(balls, i, -offset);
            }
        }

        return found;

        void Add(PlacedBall[] all, int index, double offset)
        {
            if (!Corridor.IsBlocked(all, white, Meets(white, all[index].Place, offset, diameter), index, diameter))
                found.Add(new AimedContact(all[index].Ball, offset));
        }
    }

    /// <summary>Directions all round, for ways by cushions: in such an order that the first few look to every side.</summary>
    internal static IEnumerable<AimedContact> AllRound() =>
        Enumerable.Range(0, Directions).Select(i => new AimedContact(null, 0, Math.Tau * (i * Stride % Directions) / Directions));

    /// <summary>Contacts near one: a little finer and a little fuller.</summary>
    internal static IEnumerable<AimedContact> Near(AimedContact contact)
    {
        foreach (var step in new[] { Step, -Step, 2 * Step, -2 * Step })
        {
            if (contact.Ball is null) yield return contact with { HeadingRadians = contact.HeadingRadians + step * Turn };
            else if (Math.Abs(contact.Offset + step) <= Finest) yield return contact with { Offset = contact.Offset + step };
        }
    }

    /// <summary>The stroke that brings the white to a contact; null without the ball.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="contact">The contact.</param>
    /// <param name="dials">How it is struck.</param>
    /// <param name="conditions">Cloth, balls and cue.</param>
    public static Strike? Aim(Layout layout, AimedContact contact, Dials dials, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var white = layout[BallId.Cue]!.Value;
        if (contact.Ball is not { } ball)
        {
            var (dx, dy) = (FarAway * Math.Cos(contact.HeadingRadians), FarAway * Math.Sin(contact.HeadingRadians));
            return StraightAim.Strike(layout, dials, white.Offset(dx, dy), conditions);
        }

        return layout[ball] is { } place
            ? StraightAim.Strike(layout, dials, Meets(white, place, contact.Offset, layout.Gauge.Diameter), conditions) : null;
    }

    /// <summary>Centre of the white when it meets a ball on a line that passes its centre by a share of the diameter.</summary>
    private static Place Meets(Place white, Place ball, double offset, double diameter)
    {
        var (away, beside) = (white.DistanceTo(ball), offset * diameter);
        var heading = white.HeadingTo(ball) - Math.Asin(Math.Clamp(beside / away, -1, 1));
        var run = Math.Sqrt(Math.Max(0, away * away - beside * beside)) - Math.Sqrt(diameter * diameter - beside * beside);
        run = Math.Max(run, 1e-3);
        return white.Offset(run * Math.Cos(heading), run * Math.Sin(heading));
    }
}
