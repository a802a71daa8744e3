namespace DeepBaize.Physics.Impacts;

/// <summary>
/// A ball during a cushion impact, in the frame of the nose: speeds are divided by the incoming normal speed and
/// spins multiplied by R before that, so that everything is a ratio.
/// </summary>
/// <param name="Along">Velocity along the cushion.</param>
/// <param name="Into">Velocity into the cushion.</param>
/// <param name="SpinAlong">R times the spin about the axis along the cushion.</param>
/// <param name="SpinInto">R times the spin about the axis into the cushion.</param>
/// <param name="SpinUp">R times the spin about the vertical.</param>
/// <param name="Work">Work done on the rubber so far, per unit mass.</param>
public readonly record struct NoseState(
    double Along, double Into, double SpinAlong, double SpinInto, double SpinUp, double Work)
{
    internal double LargestSpeed => Math.Max(
        Math.Max(Math.Abs(Along), Math.Abs(Into)),
        Math.Max(Math.Abs(SpinAlong), Math.Max(Math.Abs(SpinInto), Math.Abs(SpinUp))));

    internal NoseState Plus(in NoseState rate, double impulse) => new(
        Along + rate.Along * impulse,
        Into + rate.Into * impulse,
        SpinAlong + rate.SpinAlong * impulse,
        SpinInto + rate.SpinInto * impulse,
        SpinUp + rate.SpinUp * impulse,
        Work + rate.Work * impulse);
}

/// <summary>Friction per unit of normal impulse at the two places where the ball rubs.</summary>
/// <param name="NoseAlong">At the nose, along the cushion.</param>
/// <param name="NoseUp">At the nose, up along the ball's surface.</param>
/// <param name="ClothAlong">At the cloth, along the cushion.</param>
/// <param name="ClothInto">At the cloth, towards the cushion.</param>
internal readonly record struct Rub(double NoseAlong, double NoseUp, double ClothAlong, double ClothInto)
{
    public double NoseSize => Math.Sqrt(NoseAlong * NoseAlong + NoseUp * NoseUp);

    public double ClothSize => Math.Sqrt(ClothAlong * ClothAlong + ClothInto * ClothInto);
}

/// <summary>
/// The laws at the nose and at the cloth. With unit mass and per unit normal impulse at the nose, friction f at the nose
/// and g at the cloth change the slips by
/// ds_x = 7/2 f_x + k g_x, ds_t = sc + (5/2 + s^2) f_t + (5/2 - s) g_y,
/// dc_x = k f_x + 7/2 g_x, dc_y = -c + (5/2 - s) f_t + 7/2 g_y, with k = 1 - 5/2 s, s and c sine and cosine of the lean.
/// </summary>
internal readonly struct NoseContact
{
    private readonly double _sine;
    private readonly double _cosine;
    private readonly double _coupling;

    public NoseContact(double sine, double noseFriction, double clothFriction)
    {
        _sine = sine;
        _cosine = Math.Sqrt(1 - sine * sine);
        _coupling = 1 - 2.5 * sine;
        NoseFriction = noseFriction;
        ClothFriction = clothFriction;
    }

    public double NoseFriction { get; }

    public double ClothFriction { get; }

    public double Cosine => _cosine;

    /// <summary>Slip of the ball over the nose: along the cushion, and up along the ball's surface.</summary>
    public (double Along, double Up) NoseSlip(in NoseState y) => (
        y.Along + y.SpinInto * _sine - y.SpinUp * _cosine,
        y.SpinAlong - y.Into * _sine);

    /// <summary>Slip of the ball over the cloth: along the cushion, and towards it.</summary>
    public static (double Along, double Into) ClothSlip(in NoseState y) => (y.Along - y.SpinInto, y.Into + y.SpinAlong);

    /// <summary>Impulse between ball and cloth per unit impulse at the nose; never negative within the allowed friction.</summary>
    public double ClothPress(double noseUp) => _sine - noseUp * _cosine;

    /// <summary>Rates of the state per unit of normal impulse under given friction.</summary>
    public NoseState Rates(in NoseState y, in Rub rub) => new(
        rub.NoseAlong + rub.ClothAlong,
        -_cosine - _sine * rub.NoseUp + rub.ClothInto,
        2.5 * (rub.NoseUp + rub.ClothInto),
        2.5 * (rub.NoseAlong * _sine - rub.ClothAlong),
        -2.5 * rub.NoseAlong * _cosine,
        _cosine * y.Into);

    /// <summary>Rates of the slips under given friction.</summary>
    public (double NoseAlong, double NoseUp, double ClothAlong, double ClothInto) SlipRates(in Rub rub) => (
        3.5 * rub.NoseAlong + _coupling * rub.ClothAlong,
        _sine * _cosine + (2.5 + _sine * _sine) * rub.NoseUp + (2.5 - _sine) * rub.ClothInto,
        _coupling * rub.NoseAlong + 3.5 * rub.ClothAlong,
        -_cosine + (2.5 - _sine) * rub.NoseUp + 3.5 * rub.ClothInto);

    /// <summary>Friction while the ball slips at both places, in the given unit directions of slip.</summary>
    public Rub BothSlip((double X, double Y) nose, (double X, double Y) cloth)
    {
        var up = -NoseFriction * nose.Y;
        var press = ClothFriction * ClothPress(up);
        return new Rub(-NoseFriction * nose.X, up, -press * cloth.X, -press * cloth.Y);
    }

    /// <summary>Friction that keeps the nose gripped while the ball slips over the cloth.</summary>
    public Rub NoseGrips((double X, double Y) cloth)
    {
        // g_y = -mu_s n_y (s - f_t c) in ds_t = 0 gives f_t; then g_x and f_x follow.
        var pull = ClothFriction * cloth.Y * (2.5 - _sine);
        var up = -(_sine * _cosine - pull * _sine) / (2.5 + _sine * _sine + pull * _cosine);
        var press = ClothFriction * ClothPress(up);
        var clothAlong = -press * cloth.X;
        return new Rub(-_coupling * clothAlong / 3.5, up, clothAlong, -press * cloth.Y);
    }

    /// <summary>Friction that keeps the cloth gripped while the ball slips over the nose.</summary>
    public Rub ClothGrips((double X, double Y) nose)
    {
        var along = -NoseFriction * nose.X;
        var up = -NoseFriction * nose.Y;
        return new Rub(along, up, -_coupling * along / 3.5, (_cosine - (2.5 - _sine) * up) / 3.5);
    }

    /// <summary>Friction that keeps both places gripped.</summary>
    public Rub BothGrip()
    {
        var a = 2.5 + _sine * _sine;
        var b = 2.5 - _sine;
        var determinant = 3.5 * a - b * b;
        return new Rub(
            0,
            (-3.5 * _sine * _cosine - b * _cosine) / determinant,
            0,
            (a * _cosine + b * _sine * _cosine) / determinant);
    }
}
