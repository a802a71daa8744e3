namespace DeepBaize.Physics.Impacts;

/// <summary>
/// Integrates a cushion impact over its normal impulse, regime by regime: the ball slips or grips at the nose and at the
/// cloth; the impulse at which a regime ends (a slip dies, a grip breaks, the work is given back) is located to rounding.
/// Inside a regime an embedded Runge-Kutta pair (Dormand and Prince 1980) chooses its own steps.
/// </summary>
internal struct NoseIntegrator
{
    /// <summary>Error allowed in one step, relative to the incoming normal speed.</summary>
    private const double StepTolerance = 1e-9;

    /// <summary>Impulse to which the ends of regimes are located.</summary>
    private const double SmallestStep = 1e-10;

    /// <summary>Rounding to which the ends of compression and restitution are located.</summary>
    private const double Located = 1e-15;

    /// <summary>
    /// Steps after which an impact that keeps changing between slip and grip is carried on with softened friction: 3 in
    /// 100,000 random arrivals on the club table, 4 in 1,000 over all allowed coefficients.
    /// </summary>
    private const int StepsBeforeSoftening = 600;

    /// <summary>Slip, relative to the incoming normal speed, at which softened friction has half its size.</summary>
    private const double Softness = 5e-3;

    private const int MaxSteps = 40_000;

    private readonly NoseContact _contact;
    private NoseState _y;
    private RubMode _nose;
    private RubMode _cloth;
    private int _steps;

    private NoseIntegrator(in NoseState start, in NoseContact contact)
    {
        _contact = contact;
        _y = start;
        _nose = new RubMode(contact.NoseFriction);
        _cloth = new RubMode(contact.ClothFriction);
    }

    /// <summary>The state after the impact; the work is left in the state.</summary>
    public static NoseState Rebound(in NoseState before, in NoseContact contact, double restitution)
    {
        var integrator = new NoseIntegrator(before, contact);
        // Compression: until the ball no longer moves into the rubber.
        integrator.RunUntil(static (in NoseState y, double _) => y.Into, 0);
        var kept = integrator._y.Work * (1 - restitution * restitution);
        integrator._y = integrator._y with { Into = 0 };
        // Restitution: until the work left in the rubber is what is lost.
        if (restitution > 0) integrator.RunUntil(static (in NoseState y, double goal) => y.Work - goal, kept);
        return integrator._y;
    }

    private readonly bool IsSoft => _steps > StepsBeforeSoftening;

    private delegate double Goal(in NoseState y, double parameter);

    private void RunUntil(Goal goal, double parameter)
    {
        var step = 0.05;
        while (++_steps < MaxSteps)
        {
            Classify();
            var (next, error) = Step(step);
            var tooRough = error > StepTolerance;
            if (step > SmallestStep && (tooRough || !KeepsRegime(next)))
            {
                var shrink = tooRough ? Math.Clamp(0.9 * Math.Pow(StepTolerance / error, 0.2), 0.1, 0.9) : 0.5;
                step = Math.Max(step * shrink, SmallestStep);
                continue;
            }

            if (goal(next, parameter) <= 0)
            {
                _y = Locate(goal, parameter, step);
                return;
            }

            _y = next;
            step = Math.Min(StepToGrip(), error > 0 ? step * Math.Clamp(0.9 * Math.Pow(StepTolerance / error, 0.2), 0.2, 5) : step * 5);
        }

        throw new InvalidOperationException("The cushion impulse did not end within its step budget.");
    }

    /// <summary>The end of the run within the next step, by the Illinois variant of the secant method on the step's length.</summary>
    private readonly NoseState Locate(Goal goal, double parameter, double step)
    {
        double low = 0, high = step;
        double atLow = goal(_y, parameter), atHigh = goal(Step(step).Next, parameter);
        var best = _y;
        var side = 0;
        for (var i = 0; i < 60; i++)
        {
            var guess = (low * atHigh - high * atLow) / (atHigh - atLow);
            if (!(guess > low && guess < high)) guess = (low + high) / 2;
            best = Step(guess).Next;
            var value = goal(best, parameter);
            if (Math.Abs(value) <= Located || high - low <= Located) break;
            if (value > 0)
            {
                (low, atLow) = (guess, value);
                if (side > 0) atHigh /= 2;
                side = 1;
            }
            else
            {
                (high, atHigh) = (guess, value);
                if (side < 0) atLow /= 2;
                side = -1;
            }
        }

        return best;
    }

    /// <summary>One step of the embedded pair from the present state: fifth order result, difference to fourth order.</summary>
    private readonly (NoseState Next, double Error) Step(double h)
    {
        var k1 = Rates(_y);
        var k2 = Rates(_y.Plus(k1, h / 5));
        var k3 = Rates(_y.Plus(k1, h * 3 / 40).Plus(k2, h * 9 / 40));
        var k4 = Rates(_y.Plus(k1, h * 44 / 45).Plus(k2, h * -56 / 15).Plus(k3, h * 32 / 9));
        var k5 = Rates(_y.Plus(k1, h * 19372 / 6561).Plus(k2, h * -25360 / 2187).Plus(k3, h * 64448 / 6561).Plus(k4, h * -212 / 729));
        var k6 = Rates(_y.Plus(k1, h * 9017 / 3168).Plus(k2, h * -355 / 33).Plus(k3, h * 46732 / 5247)
            .Plus(k4, h * 49 / 176).Plus(k5, h * -5103 / 18656));
        var next = _y.Plus(k1, h * 35 / 384).Plus(k3, h * 500 / 1113).Plus(k4, h * 125 / 192)
            .Plus(k5, h * -2187 / 6784).Plus(k6, h * 11 / 84);
        var k7 = Rates(next);
        var error = default(NoseState).Plus(k1, h * 71 / 57600).Plus(k3, h * -71 / 16695).Plus(k4, h * 71 / 1920)
            .Plus(k5, h * -17253 / 339200).Plus(k6, h * 22 / 525).Plus(k7, h * -1 / 40);
        return (next, error.LargestSpeed);
    }

    private readonly NoseState Rates(in NoseState y) => _contact.Rates(y, Friction(y));

    private readonly Rub Friction(in NoseState y)
    {
        if (IsSoft) return _contact.BothSlip(Soften(_contact.NoseSlip(y)), Soften(NoseContact.ClothSlip(y)));
        var nose = _nose.Direction(_contact.NoseSlip(y));
        var cloth = _cloth.Direction(NoseContact.ClothSlip(y));
        return (_nose.Grips, _cloth.Grips) switch
        {
            (true, true) => _contact.BothGrip(),
            (true, false) => _contact.NoseGrips(cloth),
            (false, true) => _contact.ClothGrips(nose),
            _ => _contact.BothSlip(nose, cloth),
        };
    }

    /// <summary>Direction of a slip that fades with the slip, so that friction never jumps.</summary>
    private static (double X, double Y) Soften((double X, double Y) slip)
    {
        var size = Math.Sqrt(slip.X * slip.X + slip.Y * slip.Y) + Softness;
        return (slip.X / size, slip.Y / size);
    }

    /// <summary>True when no slip has turned round and no grip has been overloaded on the way to a state.</summary>
    private readonly bool KeepsRegime(in NoseState next)
    {
        if (IsSoft) return true;
        if (!_nose.Keeps(_contact.NoseSlip(_y), _contact.NoseSlip(next))
            || !_cloth.Keeps(NoseContact.ClothSlip(_y), NoseContact.ClothSlip(next)))
        {
            return false;
        }

        if (!_nose.Grips && !_cloth.Grips) return true;
        var rub = Friction(next);
        return NoseHolds(rub) && ClothHolds(rub);
    }

    private readonly bool NoseHolds(in Rub rub) => !_nose.Grips || rub.NoseSize <= _contact.NoseFriction;

    private readonly bool ClothHolds(in Rub rub) =>
        !_cloth.Grips || rub.ClothSize <= _contact.ClothFriction * _contact.ClothPress(rub.NoseUp);

    /// <summary>Largest step that does not run past the place where a dying slip ends.</summary>
    private readonly double StepToGrip()
    {
        if (IsSoft) return double.PositiveInfinity;
        var rates = _contact.SlipRates(Friction(_y));
        return Math.Min(
            _nose.StepToGrip(_contact.NoseSlip(_y), (rates.NoseAlong, rates.NoseUp)),
            _cloth.StepToGrip(NoseContact.ClothSlip(_y), (rates.ClothAlong, rates.ClothInto)));
    }

    /// <summary>Decides where the ball grips and where it slips at the present state.</summary>
    private void Classify()
    {
        if (IsSoft) return;
        var noseSlip = _contact.NoseSlip(_y);
        var clothSlip = NoseContact.ClothSlip(_y);
        _nose.Observe(noseSlip);
        _cloth.Observe(clothSlip);
        if (!_nose.Undecided && !_cloth.Undecided) return;

        // Try to grip wherever slip is nil; where the friction does not suffice, find the way in which the ball breaks away.
        if (_nose.Undecided) _nose.Grip();
        if (_cloth.Undecided) _cloth.Grip();
        for (var round = 0; round < 3; round++)
        {
            var rub = Friction(_y);
            var noseHolds = NoseHolds(rub);
            if (noseHolds && ClothHolds(rub)) return;
            if (!noseHolds) _nose.Break(BreakAwayDirection(true, rub.NoseAlong, rub.NoseUp));
            else _cloth.Break(BreakAwayDirection(false, rub.ClothAlong, rub.ClothInto));
        }
    }

    /// <summary>
    /// The direction in which a slip that is nil begins to grow: the one that its own friction does not turn. A grip that
    /// has only just been overloaded gives way against the friction that held it.
    /// </summary>
    private readonly (double X, double Y) BreakAwayDirection(bool atNose, double gripX, double gripY)
    {
        const int samples = 72;
        var trial = this;
        var grip = Math.Sqrt(gripX * gripX + gripY * gripY);
        var best = (X: -gripX / grip, Y: -gripY / grip);
        var bestTurn = double.PositiveInfinity;
        var before = TurnAt(ref trial, atNose, 0);
        for (var i = 1; i <= samples; i++)
        {
            var angle = i * 2 * Math.PI / samples;
            var turn = TurnAt(ref trial, atNose, angle);
            if (before.Turn * turn.Turn <= 0 && (before.Growth > 0 || turn.Growth > 0))
            {
                var settled = Bisect(ref trial, atNose, angle - 2 * Math.PI / samples, angle, before.Turn);
                var there = TurnAt(ref trial, atNose, settled);
                if (there.Growth > 0 && Math.Abs(there.Turn) < bestTurn)
                {
                    bestTurn = Math.Abs(there.Turn);
                    best = (Math.Cos(settled), Math.Sin(settled));
                }
            }

            before = turn;
        }

        return best;
    }

    private readonly double Bisect(ref NoseIntegrator trial, bool atNose, double low, double high, double turnAtLow)
    {
        for (var i = 0; i < 50; i++)
        {
            var middle = (low + high) / 2;
            if (TurnAt(ref trial, atNose, middle).Turn * turnAtLow > 0) low = middle;
            else high = middle;
        }

        return (low + high) / 2;
    }

    /// <summary>How a slip in a given direction would turn and grow under its own friction.</summary>
    private readonly (double Turn, double Growth) TurnAt(ref NoseIntegrator trial, bool atNose, double angle)
    {
        var direction = (X: Math.Cos(angle), Y: Math.Sin(angle));
        if (atNose) trial._nose.Break(direction);
        else trial._cloth.Break(direction);
        var rates = _contact.SlipRates(trial.Friction(_y));
        var (x, y) = atNose ? (rates.NoseAlong, rates.NoseUp) : (rates.ClothAlong, rates.ClothInto);
        return (x * direction.Y - y * direction.X, x * direction.X + y * direction.Y);
    }
}
