namespace DeepBaize.Physics.Impacts;

/// <summary>Whether a ball slips or grips at one place during a cushion impact, and in which direction it slips.</summary>
internal struct RubMode(double friction)
{
    /// <summary>Slip, relative to the incoming normal speed, that counts as none.</summary>
    private const double NoSlip = 1e-6;

    /// <summary>Slip up to which a surface that breaks away keeps the direction in which it broke away.</summary>
    private const double BreakAway = 3e-5;

    private readonly bool _smooth = friction == 0;
    private bool _brokeAway;
    private (double X, double Y) _direction;

    /// <summary>True while the surface does not slip.</summary>
    public bool Grips { get; private set; }

    /// <summary>True when the slip is nil and it is not yet known whether the surface grips.</summary>
    public bool Undecided { get; private set; }

    /// <summary>Looks at the present slip and leaves the mode undecided where it has just died.</summary>
    public void Observe((double X, double Y) slip)
    {
        Undecided = false;
        if (_smooth) return;
        var size = Size(slip);
        if (_brokeAway)
        {
            if (size > BreakAway) _brokeAway = false;
            return;
        }

        // A grip is looked at again at every step, since the load on it changes with the other place's slip.
        if (Grips || size <= NoSlip) Undecided = true;
    }

    /// <summary>From now on the surface grips.</summary>
    public void Grip()
    {
        Grips = true;
        _brokeAway = false;
    }

    /// <summary>From now on the surface slips, at first in the given direction.</summary>
    public void Break((double X, double Y) direction)
    {
        Grips = false;
        _brokeAway = true;
        _direction = direction;
    }

    /// <summary>Unit direction of the slip; any where there is none and no friction to matter.</summary>
    public readonly (double X, double Y) Direction((double X, double Y) slip)
    {
        var size = Size(slip);
        if (_brokeAway && size <= BreakAway) return _direction;
        return size > 0 ? (slip.X / size, slip.Y / size) : (0, 0);
    }

    /// <summary>True unless a slip has turned round within a step: then the step went past the place where it died.</summary>
    public readonly bool Keeps((double X, double Y) before, (double X, double Y) after) =>
        _smooth || Grips || _brokeAway || before.X * after.X + before.Y * after.Y >= 0;

    /// <summary>Largest step that leaves a dying slip a hundredth of its size.</summary>
    public readonly double StepToGrip((double X, double Y) slip, (double X, double Y) rate)
    {
        if (_smooth || Grips || _brokeAway) return double.PositiveInfinity;
        var size = Size(slip);
        var decline = -(slip.X * rate.X + slip.Y * rate.Y) / size;
        return decline > 0 ? 0.99 * size / decline : double.PositiveInfinity;
    }

    private static double Size((double X, double Y) slip) => Math.Sqrt(slip.X * slip.X + slip.Y * slip.Y);
}
