namespace DeepBaize.Physics.Impacts;

/// <summary>
/// Integrates a cushion impact over its normal impulse, regime by regime: the ball slips, creeps or grips at the nose and at
/// the cloth; the impulse at which a regime ends (a slip dies, a grip breaks, the work is given back) is located. Integrated
/// are the four slips, on which velocity, spin and work depend; <see cref="NoseStep"/> gives the steps.
/// Accuracy: <see cref="CushionImpact.Accuracy"/> of the incoming normal speed.
/// </summary>
internal struct NoseIntegrator : INoseLaw
{
    /// <summary>Error allowed in one step, relative to the incoming normal speed.</summary>
    private const double StepTolerance = 2.5e-6;

    /// <summary>By how much a step may be longer than the one before.</summary>
    private const double LongestGrowth = 1.2;

    /// <summary>Error under which it grows by that: 0.9 (tolerance / error)^(1/4) is more.</summary>
    private const double SmallError = 0.316 * StepTolerance;

    /// <summary>First step, as a share of the impulse over which the slips change much.</summary>
    private const double FirstStep = 0.5;

    /// <summary>Longest step, likewise.</summary>
    private const double LongestStep = 0.7;

    /// <summary>Slip, relative to the incoming normal speed, that counts as none.</summary>
    private const double NoSlip = 1e-9;

    /// <summary>Greatest slip that may begin to creep, and that at which a growing creep becomes a slip.</summary>
    private const double CreepSlip = 4e-3;

    /// <summary>Part of a slip, across its settled direction, that is taken off at once when it creeps.</summary>
    private const double CreepAcross = 2e-6;

    /// <summary>Turn of a slip, beside its growth, below which it counts as keeping its direction.</summary>
    private const double Settled = 1e-5;

    /// <summary>Steps shorter than this are taken as they are.</summary>
    private const double ShortestStep = 1e-10;

    /// <summary>Share of the greatest friction by which a grip may be overloaded where its end is located.</summary>
    private const double OverloadLocated = 1e-7;

    /// <summary>Steps that an impact may take; about ten are usual.</summary>
    private const int MaxSteps = 2_000;

    private readonly NoseContact _contact;
    private Slips _slips;
    private Slips _rate;
    private RubMode _nose;
    private RubMode _cloth;
    private double _noseRate;
    private double _longest;
    private double _scale;

    private NoseIntegrator(in NoseState start, in NoseContact contact)
    {
        _contact = contact;
        _slips = contact.SlipsOf(start);
        Decide();
    }

    private readonly Slip NoseSlip => _slips.Nose;

    private readonly Slip ClothSlip => _slips.Cloth;

    /// <summary>The state after the impact.</summary>
    /// <param name="before">The state at first contact, with a velocity of 1 into the rubber.</param>
    /// <param name="contact">The laws.</param>
    /// <param name="restitution">Energetic restitution: e^2 of the work of compression is given back.</param>
    /// <exception cref="ImpactBudgetException">The impact takes more than its budget of steps.</exception>
    public static NoseState Rebound(in NoseState before, in NoseContact contact, double restitution)
    {
        var run = new NoseIntegrator(before, contact);
        return contact.After(before, run.Run(restitution));
    }

    private Slips Run(double restitution)
    {
        NoseStep step = default;
        double relative = FirstStep, work = 0, lost = double.NegativeInfinity;
        var wasTooLong = false;
        for (var i = 0; i < MaxSteps; i++)
        {
            var wanted = relative * _scale;
            var h = Math.Min(wanted, _longest);
            Take(ref step, h);
            var change = Change(step.Error);
            if (h > ShortestStep && (step.Error > StepTolerance || HasTurned(step.End)))
            {
                relative = h / _scale * (step.Error > StepTolerance ? change : 0.5);
                wasTooLong = true;
                continue;
            }

            if (h == wanted) relative = Math.Min(relative * (wasTooLong ? Math.Min(change, 1) : change), LongestStep);
            wasTooLong = false;
            var share = h > ShortestStep && Spare(step.End) < 0 ? OverloadShare(step.Path()) : 1;
            var end = share < 1 ? step.Path().At(share) : step.End;
            var next = work + _contact.Cosine * (
                share < 1 ? step.IntoCushion(_contact).Integral(share) : _contact.IntoPerSlip * step.Difference);
            var isCompressing = double.IsNegativeInfinity(lost);
            if (isCompressing && _contact.Into(end) <= 0)
            {
                var into = step.IntoCushion(_contact);
                var turn = into.Zero(share);
                if (restitution == 0) return step.Path().At(turn);
                lost = (work + _contact.Cosine * into.Integral(turn)) * (1 - restitution * restitution);
            }

            if (next <= lost) return step.Path().At(End(step, (lost - work) / _contact.Cosine, isCompressing, share));
            (work, _slips, _rate) = (next, end, step.K7);
            if (BothSlip()) Measure();
            else Decide();
        }

        throw new ImpactBudgetException("A ball met a cushion in a way whose impulse did not end within its budget of steps.");
    }

    private readonly void Take(ref NoseStep step, double h)
    {
        if (_nose == RubMode.Slips && _cloth == RubMode.Slips) step.Take(_contact, _slips, _rate, h);
        else step.Take(this, _slips, _rate, h);
    }

    /// <summary>The share of a step at which the impact ends: the work given back is done.</summary>
    private readonly double End(in NoseStep step, double goal, bool turnsWithin, double share)
    {
        var into = step.IntoCushion(_contact);
        return into.IntegralFallsTo(goal, turnsWithin ? into.Zero(share) : 0, share);
    }

    /// <summary>By how much the next step may be longer, or must be shorter.</summary>
    private static double Change(double error) => error < SmallError
        ? LongestGrowth
        : Math.Clamp(0.9 * Math.Sqrt(Math.Sqrt(StepTolerance / error)), 0.1, LongestGrowth);

    /// <summary>Rates of the slips per unit of normal impulse in the present regime.</summary>
    public readonly Slips RatesAt(in Slips slips) => _nose == RubMode.Slips && _cloth == RubMode.Slips
        ? _contact.RatesAt(slips)
        : _contact.RatesUnder(Friction(slips));

    private readonly Rub Friction(in Slips slips)
    {
        var (nose, cloth) = (slips.Nose, slips.Cloth);
        switch (_nose)
        {
            case RubMode.Grips when _cloth == RubMode.Grips:
                return _contact.BothGrip();
            case RubMode.Grips:
                // A cloth that creeps under a gripped nose is driven straight away from the cushion.
                return _contact.NoseGrips(_cloth == RubMode.Creeps ? new Slip(0, -1) : cloth.Direction);
            case RubMode.Creeps:
                return CreepingNose(nose, cloth, out _);
            default:
                return WithCloth(_contact.NoseFrictionAgainst(nose), cloth);
        }
    }

    /// <summary>Friction at both places under a given friction at the nose.</summary>
    private readonly Rub WithCloth(Slip nose, Slip clothSlip) => _cloth switch
    {
        RubMode.Grips => _contact.ClothGrips(nose),
        RubMode.Creeps => _contact.BothSlip(nose, _contact.ClothCreeps(nose)),
        _ => _contact.BothSlip(nose, clothSlip.Direction),
    };

    private readonly Rub CreepingNose(Slip noseSlip, Slip clothSlip, out double rate)
    {
        rate = _noseRate;
        var friction = _contact.NoseFrictionAt(noseSlip.Size);
        if (_cloth == RubMode.Grips) return _contact.ClothGrips(_contact.NoseCreepsOverGrip(friction, ref rate));
        if (_cloth == RubMode.Slips)
        {
            var direction = clothSlip.Direction;
            return _contact.BothSlip(_contact.NoseCreeps(friction, direction, ref rate), direction);
        }

        // Both creep: the direction on the cloth follows the friction at the nose, which hardly depends on it.
        var nose = default(Slip);
        var cloth = new Slip(0, -1);
        for (var i = 0; i < 30; i++)
        {
            nose = _contact.NoseCreeps(friction, cloth, ref rate);
            var next = _contact.ClothCreeps(nose);
            var isSettled = Math.Abs(next.X - cloth.X) + Math.Abs(next.Y - cloth.Y) < 1e-12;
            cloth = next;
            if (isSettled) break;
        }

        return _contact.BothSlip(nose, cloth);
    }

    /// <summary>True when a slip has turned round on the way: then the step went past the place where it died.</summary>
    private readonly bool HasTurned(in Slips end) =>
        (_nose == RubMode.Slips && _contact.NoseFriction > 0 && HasTurned(_slips.Nose, end.Nose))
        || (_cloth == RubMode.Slips && _contact.ClothFriction > 0 && HasTurned(_slips.Cloth, end.Cloth));

    private static bool HasTurned(Slip before, Slip after) => before.Dot(after) < 0 && after.Size > NoSlip;

    /// <summary>How far the grips are from being overloaded, as a share of the normal impulse; negative where one is.</summary>
    private readonly double Spare(in Slips slips)
    {
        if (_nose != RubMode.Grips && _cloth != RubMode.Grips) return double.PositiveInfinity;
        var rub = Friction(slips);
        var nose = _nose == RubMode.Grips ? _contact.NoseFriction - rub.OnNose.Size : double.PositiveInfinity;
        var cloth = _cloth == RubMode.Grips
            ? _contact.ClothFriction * _contact.ClothPress(rub.NoseUp) - rub.OnCloth.Size
            : double.PositiveInfinity;
        return Math.Min(nose, cloth);
    }

    /// <summary>The share of a step that overloads a grip at which the grip has only just failed.</summary>
    private readonly double OverloadShare(in NosePath path)
    {
        double low = 0, high = 1;
        double atLow = Math.Max(Spare(path.Start), 0), atHigh = Spare(path.At(1));
        for (var i = 0; i < 40 && atHigh < -OverloadLocated && high - low > ShortestStep; i++)
        {
            // Aims a little past the root, so that the end found is one where the grip fails.
            var guess = low + (high - low) * Math.Clamp(atLow / (atLow - atHigh), 0.02, 0.98) + ShortestStep / 2;
            if (i % 4 == 3) guess = (low + high) / 2;
            var spare = Spare(path.At(guess));
            if (spare >= 0) (low, atLow) = (guess, spare);
            else (high, atHigh) = (guess, spare);
        }

        return high;
    }

    /// <summary>Decides what the ball does at both places at the present point, and how far that may be carried.</summary>
    private void Decide()
    {
        var (noseBefore, clothBefore) = (_nose, _cloth);
        DecideNose();
        DecideCloth();
        // What one place does may change what the other can do.
        for (var round = 0; round < 3 && (noseBefore != _nose || clothBefore != _cloth); round++)
        {
            (noseBefore, clothBefore) = (_nose, _cloth);
            DecideNose();
            DecideCloth();
        }

        _rate = RatesAt(_slips);
        Measure();
    }

    /// <summary>True when the ball slips at both places, and by more than it could creep.</summary>
    private readonly bool BothSlip()
    {
        const double most = CreepSlip * CreepSlip;
        return _nose == RubMode.Slips && _cloth == RubMode.Slips
            && NoseSlip.Dot(NoseSlip) > most && ClothSlip.Dot(ClothSlip) > most;
    }

    /// <summary>How far the present regimes may be carried, and over which impulse the slips change much.</summary>
    private void Measure()
    {
        var (nose, noseScale) = Reach(_nose, NoseSlip, _rate.Nose, _contact.NoseFriction);
        var (cloth, clothScale) = Reach(_cloth, ClothSlip, _rate.Cloth, _contact.ClothFriction);
        _longest = Math.Min(nose, cloth);
        _scale = Math.Min(noseScale, clothScale);
    }

    private void DecideNose()
    {
        if (_contact.NoseFriction == 0) return;
        var slip = NoseSlip;
        if (_nose == RubMode.Slips && slip.Size > CreepSlip) return;
        var present = _nose;
        _nose = RubMode.Creeps;
        var settled = CreepingNose(slip, ClothSlip, out _noseRate).OnNose * (-1 / _contact.NoseFrictionAt(slip.Size));
        _nose = Next(present, slip, settled, _noseRate, out var excess);
        if (excess is { } away) TakeOff(_contact.TakeOffNose(away, _cloth == RubMode.Grips));
    }

    private void DecideCloth()
    {
        if (_contact.ClothFriction == 0) return;
        var slip = ClothSlip;
        if (_cloth == RubMode.Slips && slip.Size > CreepSlip) return;
        var present = _cloth;
        _cloth = RubMode.Creeps;
        var rub = Friction(_slips);
        var settled = (rub.OnCloth * -1).Direction;
        _cloth = Next(present, slip, settled, _contact.RatesUnder(rub).Cloth.Dot(settled), out var excess);
        if (excess is { } away) TakeOff(_contact.TakeOffCloth(away, _nose == RubMode.Grips));
    }

    /// <summary>What a place with little slip does next, and the part of its slip that is to be taken off for it.</summary>
    /// <param name="present">What it has done so far.</param>
    /// <param name="slip">Its slip.</param>
    /// <param name="settled">Direction in which it would creep.</param>
    /// <param name="rate">Growth of the slip while it creeps; under 0 a slip dies and a grip holds.</param>
    /// <param name="excess">Slip to take off, or none.</param>
    private static RubMode Next(RubMode present, Slip slip, Slip settled, double rate, out Slip? excess)
    {
        excess = null;
        if (present == RubMode.Grips && rate <= 0) return RubMode.Grips;
        var along = slip.Dot(settled);
        if (present == RubMode.Slips)
        {
            if (slip.Size > NoSlip && Math.Abs(slip.X * settled.Y - slip.Y * settled.X) > CreepAcross) return RubMode.Slips;
            if (along < -CreepAcross || (rate > 0 && along > CreepSlip / 4)) return RubMode.Slips;
        }

        if (along <= NoSlip && rate <= 0)
        {
            excess = slip;
            return RubMode.Grips;
        }

        // A slip that grows starts in its settled direction, which holds it from then on.
        var kept = rate > 0 ? Math.Max(along, 2 * NoSlip) : along;
        excess = new Slip(slip.X - kept * settled.X, slip.Y - kept * settled.Y);
        return rate > 0 ? RubMode.Slips : RubMode.Creeps;
    }

    /// <summary>Applies friction impulses at once, without any normal impulse.</summary>
    private void TakeOff(Rub rub) => _slips = _contact.Jump(_slips, rub);

    /// <summary>
    /// Longest step that one surface allows, to the end of a dying slip or until a creep has grown to a slip, and the impulse over
    /// which its slip changes much.
    /// </summary>
    private static (double Longest, double Scale) Reach(RubMode mode, Slip slip, Slip rate, double friction)
    {
        if (mode == RubMode.Grips || friction == 0) return (double.PositiveInfinity, 1);
        var square = slip.Dot(slip);
        var size = Math.Sqrt(square);
        if (size <= NoSlip) return (CreepSlip / rate.Size, 1);
        // Growth and turn are those per unit of impulse times the size.
        var (growth, turn) = (slip.Dot(rate), Math.Abs(slip.X * rate.Y - slip.Y * rate.X));
        if (mode == RubMode.Creeps) return ((growth < 0 ? square : -CreepSlip * size) / -growth, 1);
        // A slip that keeps its direction does not mind how small it is; another changes over the impulse that makes or ends it.
        var change = turn < Settled * Math.Abs(growth) ? turn : Math.Max(turn, Math.Abs(growth));
        var scale = square / Math.Max(change, square);
        if (growth >= 0) return (double.PositiveInfinity, scale);
        // A slip that dies on a straight line is followed to its end (to just before it, where friction still has its
        // direction), another to where it may begin to creep.
        if (turn < -growth * NoSlip) return ((size - NoSlip / 2) * size / -growth, 1);
        return ((size > CreepSlip ? size - CreepSlip / 2 : size * 0.8) * size / -growth, scale);
    }
}
