namespace DeepBaize.Table.Layouts;

/// <summary>A ball and where its centre is.</summary>
/// <param name="Ball">Which ball.</param>
/// <param name="Place">Its centre in metres.</param>
public readonly record struct PlacedBall(BallId Ball, Place Place);

/// <summary>Two balls that touch: their gap is at most <see cref="Layout.TouchingGap"/>.</summary>
/// <param name="First">The ball that comes first in <see cref="BallId"/> order.</param>
/// <param name="Second">The other ball.</param>
public readonly record struct Contact(BallId First, BallId Second);

/// <summary>Balls on the bed, in the order of their ids. Built through <see cref="LayoutRules"/>, so always legal.</summary>
public sealed class Layout
{
    /// <summary>The widest gap, in metres, at which two balls count as touching.</summary>
    public const double TouchingGap = 0.00005;

    /// <summary>The deepest overlap, in metres, that is taken for the rounding of typed numbers.</summary>
    public const double RoundingOverlap = 1e-6;

    internal Layout(IReadOnlyList<PlacedBall> balls, BallGauge gauge)
    {
        Balls = balls;
        Gauge = gauge;
        Contacts = FindContacts(balls, gauge.Diameter);
    }

    /// <summary>The balls in the order of their ids.</summary>
    public IReadOnlyList<PlacedBall> Balls { get; }

    /// <summary>Size of the balls and height of the cushions for which the layout was checked.</summary>
    public BallGauge Gauge { get; }

    /// <summary>The pairs that touch.</summary>
    public IReadOnlyList<Contact> Contacts { get; }

    /// <summary>Where a ball is, or null when it is not on the table.</summary>
    public Place? this[BallId ball]
    {
        get
        {
            for (var i = 0; i < Balls.Count; i++)
            {
                if (Balls[i].Ball == ball) return Balls[i].Place;
            }

            return null;
        }
    }

    /// <summary>The layout with only some of its balls.</summary>
    /// <param name="keep">Says which balls stay; the white must.</param>
    /// <exception cref="ArgumentException">The white would be taken away.</exception>
    public Layout Keeping(Func<PlacedBall, bool> keep)
    {
        ArgumentNullException.ThrowIfNull(keep);
        var kept = Balls.Where(keep).ToList();
        if (kept.Count == 0 || kept[0].Ball != BallId.Cue) throw new ArgumentException("The white must stay.", nameof(keep));
        return kept.Count == Balls.Count ? this : new Layout(kept, Gauge);
    }

    private static List<Contact> FindContacts(IReadOnlyList<PlacedBall> balls, double diameter)
    {
        var contacts = new List<Contact>();
        for (var i = 0; i < balls.Count; i++)
        {
            for (var j = i + 1; j < balls.Count; j++)
            {
                if (balls[i].Place.DistanceTo(balls[j].Place) - diameter <= TouchingGap)
                    contacts.Add(new Contact(balls[i].Ball, balls[j].Ball));
            }
        }

        return contacts;
    }
}
