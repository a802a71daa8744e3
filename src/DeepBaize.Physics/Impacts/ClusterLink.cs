namespace DeepBaize.Physics.Impacts;

/// <summary>Two balls of a cluster that touch or nearly touch, while an impulse runs through it.</summary>
internal struct ClusterLink
{
    /// <summary>The two balls, by their places in the cluster.</summary>
    public int First, Second;

    /// <summary>Line of centres from the first to the second; it does not turn once they have come together.</summary>
    public BallContact Line;

    /// <summary>How far the balls have to come together along their line before they touch, in metres, 0 or more.</summary>
    public double Gap;

    /// <summary>Overlap at the start of the present step; negative while there is a gap.</summary>
    public double Overlap;

    /// <summary>Elastic part of the normal impulse per unit mass over the present step.</summary>
    public double Elastic;

    /// <summary>Slip at the start of the present step.</summary>
    public Slip Slip;

    /// <summary>Greatest slip since the contact closed, and the friction that goes with it.</summary>
    public double GreatestSlip, Friction;

    /// <summary>True when the rebound is over though the surfaces still overlap: they would have to pull on each other.</summary>
    public bool IsReleased;

    /// <summary>True while a gap that was there at the instant of impact has not closed yet.</summary>
    public bool IsApart;

    /// <summary>True once they have pressed on each other.</summary>
    public bool HasMet;

    /// <summary>How far each had moved when they first did, in metres.</summary>
    public (double X, double Y) FirstMoved, SecondMoved;

    /// <summary>True while the balls press on each other.</summary>
    public readonly bool IsPressing => Overlap > 0 && !IsReleased;
}
