using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

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
public readonly record struct NoseState(double Along, double Into, double SpinAlong, double SpinInto, double SpinUp);

/// <summary>Friction, or its impulse, at the two places where the ball rubs.</summary>
/// <param name="NoseAlong">At the nose, along the cushion.</param>
/// <param name="NoseUp">At the nose, up along the ball's surface.</param>
/// <param name="ClothAlong">At the cloth, along the cushion.</param>
/// <param name="ClothInto">At the cloth, towards the cushion.</param>
internal readonly record struct Rub(double NoseAlong, double NoseUp, double ClothAlong, double ClothInto)
{
    public Slip OnNose => new(NoseAlong, NoseUp);

    public Slip OnCloth => new(ClothAlong, ClothInto);
}

/// <summary>A vector in the plane of one of the two rubbing surfaces: a slip, a direction or a friction.</summary>
internal readonly record struct Slip(double X, double Y)
{
    public double Size => Math.Sqrt(X * X + Y * Y);

    public Slip Direction
    {
        get
        {
            var size = Size;
            return size > 0 ? this * (1 / size) : default;
        }
    }

    public Slip Plus(Slip other) => new(X + other.X, Y + other.Y);

    public double Dot(Slip other) => X * other.X + Y * other.Y;

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Slip operator *(Slip slip, double factor) => new(slip.X * factor, slip.Y * factor);
}

/// <summary>
/// The laws at the nose and at the cloth. With unit mass and per unit normal impulse at the nose, friction f at the nose
/// and g at the cloth change the slips by
/// ds_x = 7/2 f_x + k g_x, ds_t = sc + (5/2 + s^2) f_t + (5/2 - s) g_y,
/// dc_x = k f_x + 7/2 g_x, dc_y = -c + (5/2 - s) f_t + 7/2 g_y, with k = 1 - 5/2 s, s and c sine and cosine of the lean.
/// </summary>
internal readonly struct NoseContact : INoseLaw
{
    /// <summary>Added to a squared slip, so that a slip of nothing has a direction of nothing.</summary>
    private const double Nil = 1e-300;

    private readonly double _sine;
    private readonly double _cosine;
    private readonly double _coupling;
    private readonly double _noseGive;
    private readonly double _cross;
    private readonly Vector256<double> _friction;
    private readonly Vector256<double> _fall;
    private readonly Vector256<double> _press;
    private readonly Vector256<double> _pressPerNoseUp;
    private readonly Vector256<double> _drive;
    private readonly Vector256<double> _give;
    private readonly Vector256<double> _giveAtTheOther;

    /// <param name="sine">Sine of the lean of the contact normal.</param>
    /// <param name="noseFriction">Friction at the nose at vanishing slip.</param>
    /// <param name="fall">Fall of that friction with slip: mu = mu0 / (1 + fall u), u relative to the incoming normal speed.</param>
    /// <param name="clothFriction">Friction at the cloth.</param>
    public NoseContact(double sine, double noseFriction, double fall, double clothFriction)
    {
        _sine = sine;
        _cosine = Math.Sqrt(1 - sine * sine);
        _coupling = 1 - 2.5 * sine;
        _noseGive = 2.5 + sine * sine;
        _cross = 2.5 - sine;
        NoseFriction = noseFriction;
        Fall = fall;
        ClothFriction = clothFriction;
        _friction = Vector256.Create(-noseFriction, -noseFriction, -clothFriction, -clothFriction);
        _fall = Vector256.Create(fall, fall, 0, 0);
        _press = Vector256.Create(1, 1, sine, sine);
        _pressPerNoseUp = Vector256.Create(0, 0, -_cosine, -_cosine);
        _drive = Vector256.Create(0, sine * _cosine, 0, -_cosine);
        _give = Vector256.Create(3.5, _noseGive, 3.5, 3.5);
        _giveAtTheOther = Vector256.Create(_coupling, _cross, _coupling, _cross);
    }

    public double NoseFriction { get; }

    public double Fall { get; }

    public double ClothFriction { get; }

    public double Cosine => _cosine;

    /// <summary>
    /// Velocity into the cushion per difference between the slip on the cloth and that at the nose: v = (c_y - s_t) / (1 + s).
    /// </summary>
    public double IntoPerSlip => 1 / (1 + _sine);

    /// <summary>The slips of a ball.</summary>
    public Slips SlipsOf(in NoseState y) => new(
        y.Along + y.SpinInto * _sine - y.SpinUp * _cosine,
        y.SpinAlong - y.Into * _sine,
        y.Along - y.SpinInto,
        y.Into + y.SpinAlong);

    /// <summary>Velocity into the cushion.</summary>
    public double Into(in Slips slips) => slips.Difference * IntoPerSlip;

    /// <summary>Rates of the slips while the ball slips at both places.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slips RatesAt(in Slips slips)
    {
        var squares = slips.Four * slips.Four;
        var sizes = Vector256.Sqrt(squares + Vector256.Shuffle(squares, Vector256.Create(1L, 0, 3, 2)) + Vector256.Create(Nil));
        var rub = slips.Four * (_friction / Vector256.FusedMultiplyAdd(_fall * sizes, sizes, sizes));
        // The nose rubs under the unit impulse, the cloth under what the friction up the nose leaves of it.
        var press = Vector256.FusedMultiplyAdd(Vector256.Shuffle(rub, Vector256.Create(1L, 1, 1, 1)), _pressPerNoseUp, _press);
        return RatesUnder(rub * press);
    }

    /// <summary>Rates of the slips under given friction.</summary>
    public Slips RatesUnder(in Rub rub) =>
        RatesUnder(Vector256.Create(rub.NoseAlong, rub.NoseUp, rub.ClothAlong, rub.ClothInto));

    /// <summary>The slips after friction impulses that act at once, without any normal impulse.</summary>
    public Slips Jump(in Slips slips, in Rub rub) => slips.Plus(1, RatesUnder(rub)).Plus(-1, RatesUnder(default));

    /// <summary>Impulse between ball and cloth per unit impulse at the nose; never negative within the allowed friction.</summary>
    public double ClothPress(double noseUp) => _sine - noseUp * _cosine;

    /// <summary>The state in which a ball that began in a given state has given slips: the friction impulses follow from them.</summary>
    public NoseState After(in NoseState y, in Slips slips)
    {
        var change = slips.Plus(-1, SlipsOf(y));
        var (nose, cloth) = (change.Nose, change.Cloth);
        var determinant = 3.5 * 3.5 - _coupling * _coupling;
        var noseAlong = (3.5 * nose.X - _coupling * cloth.X) / determinant;
        var clothAlong = (3.5 * cloth.X - _coupling * nose.X) / determinant;
        var into = Into(slips);
        return new NoseState(
            y.Along + noseAlong + clothAlong,
            into,
            slips.Cloth.Y - into,
            y.SpinInto + 2.5 * (noseAlong * _sine - clothAlong),
            y.SpinUp - 2.5 * noseAlong * _cosine);
    }

    /// <summary>Coefficient of friction at the nose at a slip relative to the incoming normal speed.</summary>
    public double NoseFrictionAt(double slip) => NoseFriction / (1 + Fall * slip);

    /// <summary>Friction at the nose against a slip.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slip NoseFrictionAgainst(Slip slip)
    {
        var size = slip.Size;
        return size > 0 ? slip * (-NoseFriction / (size * (1 + Fall * size))) : default;
    }

    /// <summary>Friction while the ball slips at both places, given that at the nose and the direction of slip on the cloth.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Rub BothSlip(Slip nose, Slip cloth)
    {
        var press = ClothFriction * ClothPress(nose.Y);
        return new Rub(nose.X, nose.Y, -press * cloth.X, -press * cloth.Y);
    }

    /// <summary>Friction that keeps the nose gripped while the ball slips over the cloth in a unit direction.</summary>
    public Rub NoseGrips(Slip cloth)
    {
        // g_y = -mu_s n_y (s - f_t c) in ds_t = 0 gives f_t; then g_x and f_x follow.
        var pull = ClothFriction * cloth.Y * _cross;
        var up = -(_sine * _cosine - pull * _sine) / (_noseGive + pull * _cosine);
        var press = ClothFriction * ClothPress(up);
        var clothAlong = -press * cloth.X;
        return new Rub(-_coupling * clothAlong / 3.5, up, clothAlong, -press * cloth.Y);
    }

    /// <summary>Friction that keeps the cloth gripped under a given friction at the nose.</summary>
    public Rub ClothGrips(Slip nose) =>
        new(nose.X, nose.Y, -_coupling * nose.X / 3.5, (_cosine - _cross * nose.Y) / 3.5);

    /// <summary>Friction that keeps both places gripped.</summary>
    public Rub BothGrip()
    {
        var determinant = 3.5 * _noseGive - _cross * _cross;
        return new Rub(
            0,
            (-3.5 * _sine * _cosine - _cross * _cosine) / determinant,
            0,
            (_noseGive * _cosine + _cross * _sine * _cosine) / determinant);
    }

    /// <summary>
    /// Friction at a nose that creeps while the ball slips over the cloth in a unit direction: along the one direction d in which the slip
    /// changes without turning, ds = (a - M d) = r d.
    /// </summary>
    /// <param name="friction">Coefficient of friction at the nose.</param>
    /// <param name="cloth">Direction of slip on the cloth.</param>
    /// <param name="rate">Guess of the rate r at which the slip grows; replaced by the rate found.</param>
    public Slip NoseCreeps(double friction, Slip cloth, ref double rate)
    {
        var press = ClothFriction * _sine;
        var extra = ClothFriction * friction * _cosine;
        var drive = new Slip(-_coupling * press * cloth.X, _sine * _cosine - _cross * press * cloth.Y);
        var direction = Settled(
            drive, 3.5 * friction, _coupling * extra * cloth.X, _noseGive * friction + _cross * extra * cloth.Y, ref rate);
        return direction * -friction;
    }

    /// <summary>As <see cref="NoseCreeps"/> while the ball grips the cloth.</summary>
    public Slip NoseCreepsOverGrip(double friction, ref double rate)
    {
        var drive = new Slip(0, _sine * _cosine + _cross * _cosine / 3.5);
        var direction = Settled(
            drive, (3.5 - _coupling * _coupling / 3.5) * friction, 0, (_noseGive - _cross * _cross / 3.5) * friction, ref rate);
        return direction * -friction;
    }

    /// <summary>
    /// Direction in which a creeping ball slips on the cloth under a given friction at the nose: friction there acts alike
    /// in all directions, so the slip settles along what drives it.
    /// </summary>
    public Slip ClothCreeps(Slip nose) => new Slip(_coupling * nose.X, _cross * nose.Y - _cosine).Direction;

    /// <summary>The friction impulses at both places that take a given slip off the nose, leaving a gripped cloth gripped.</summary>
    public Rub TakeOffNose(Slip slip, bool clothGrips)
    {
        if (!clothGrips) return new Rub(-slip.X / 3.5, -slip.Y / _noseGive, 0, 0);
        var along = -slip.X / (3.5 - _coupling * _coupling / 3.5);
        var up = -slip.Y / (_noseGive - _cross * _cross / 3.5);
        return new Rub(along, up, -_coupling * along / 3.5, -_cross * up / 3.5);
    }

    /// <summary>The friction impulses at both places that take a given slip off the cloth, leaving a gripped nose gripped.</summary>
    public Rub TakeOffCloth(Slip slip, bool noseGrips)
    {
        if (!noseGrips) return new Rub(0, 0, -slip.X / 3.5, -slip.Y / 3.5);
        var along = -slip.X / (3.5 - _coupling * _coupling / 3.5);
        var into = -slip.Y / (3.5 - _cross * _cross / _noseGive);
        return new Rub(-_coupling * along / 3.5, -_cross * into / _noseGive, along, into);
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Slips RatesUnder(Vector256<double> rub)
    {
        var atTheOther = Vector256.Shuffle(rub, Vector256.Create(2L, 3, 0, 1));
        return new(Vector256.FusedMultiplyAdd(atTheOther, _giveAtTheOther, Vector256.FusedMultiplyAdd(rub, _give, _drive)));
    }

    /// <summary>
    /// Solves (M + r) d = a for the unit vector d and the largest r, M upper triangular with diagonal m11, m22 and m12 above it.
    /// </summary>
    private static Slip Settled(Slip drive, double m11, double m12, double m22, ref double rate)
    {
        // |d| falls steadily with r to the right of both poles; Newton's method from the left of the root cannot overshoot.
        var floor = -Math.Min(m11, m22);
        var r = Math.Max(rate, floor + 1e-9);
        for (var i = 0; i < 40; i++)
        {
            var (p, q) = (1 / (m11 + r), 1 / (m22 + r));
            var y = drive.Y * q;
            var x = (drive.X - m12 * y) * p;
            var excess = x * x + y * y - 1;
            var slope = 2 * (x * (-x * p + m12 * y * q * p) - y * y * q);
            var newer = r - excess / slope;
            if (!(newer > floor)) newer = (r + floor) / 2;
            var change = newer - r;
            r = newer;
            if (Math.Abs(change) < 1e-12) break;
        }

        rate = r;
        var up = drive.Y / (m22 + r);
        return new Slip((drive.X - m12 * up) / (m11 + r), up).Direction;
    }
}
