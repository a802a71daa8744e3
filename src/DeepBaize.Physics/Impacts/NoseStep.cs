using System.Runtime.CompilerServices;
using static DeepBaize.Physics.Impacts.DormandPrince;

namespace DeepBaize.Physics.Impacts;

/// <summary>What gives the rates of the slips per unit of normal impulse.</summary>
internal interface INoseLaw
{
    /// <summary>The rates at given slips.</summary>
    Slips RatesAt(in Slips slips);
}

/// <summary>
/// One step of the <see cref="DormandPrince"/> pair over the four slips of a cushion impact, with its continuous extension: what
/// happens within a step is located on it.
/// </summary>
internal struct NoseStep
{
    /// <summary>Slips at the start and at the end.</summary>
    public Slips Start, End;

    /// <summary>Normal impulse that the step covers.</summary>
    public double Impulse;

    /// <summary>Rates of the slips at the start, at the stages and at the end.</summary>
    public Slips K1, K3, K4, K5, K6, K7;

    /// <summary>Largest difference between the results of fifth and of fourth order.</summary>
    public double Error;

    /// <summary>Integral over the step of the difference of the slips towards the cushion, <see cref="Slips.Difference"/>.</summary>
    public double Difference;

    /// <summary>Takes the step.</summary>
    /// <param name="law">What gives the rates.</param>
    /// <param name="start">Slips at the start.</param>
    /// <param name="rate">Their rates there.</param>
    /// <param name="h">Normal impulse to cover.</param>
    [MethodImpl(MethodImplOptions.NoInlining)]
    public void Take<TLaw>(in TLaw law, in Slips start, in Slips rate, double h)
        where TLaw : struct, INoseLaw
    {
        var k2 = law.RatesAt(start.Plus(h * A21, rate));
        var at3 = start.Plus(h * A31, rate).Plus(h * A32, k2);
        var k3 = law.RatesAt(at3);
        var at4 = start.Plus(h * A41, rate).Plus(h * A42, k2).Plus(h * A43, k3);
        var k4 = law.RatesAt(at4);
        var at5 = start.Plus(h * A51, rate).Plus(h * A52, k2).Plus(h * A53, k3)
            .Plus(h * A54, k4);
        var k5 = law.RatesAt(at5);
        var at6 = start.Plus(h * A61, rate).Plus(h * A62, k2).Plus(h * A63, k3)
            .Plus(h * A64, k4).Plus(h * A65, k5);
        var k6 = law.RatesAt(at6);
        var end = start.Plus(h * B1, rate).Plus(h * B3, k3).Plus(h * B4, k4)
            .Plus(h * B5, k5).Plus(h * B6, k6);
        var k7 = law.RatesAt(end);
        Difference = h * (B1 * start.Difference + B3 * at3.Difference + B4 * at4.Difference
            + B5 * at5.Difference + B6 * at6.Difference);
        Error = h * rate.Times(E1).Plus(E3, k3).Plus(E4, k4)
            .Plus(E5, k5).Plus(E6, k6).Plus(E7, k7).Largest;
        (Start, End, Impulse) = (start, end, h);
        (K1, K3, K4, K5, K6, K7) = (rate, k3, k4, k5, k6, k7);
    }

    /// <summary>
    /// The velocity into the cushion per share of the step, so that integrals over the share are integrals over the impulse.
    /// </summary>
    public readonly NoseSpeed IntoCushion(in NoseContact contact) => Path().Towards(contact.IntoPerSlip * Impulse);

    /// <summary>The continuous extension: slips at a share of the step.</summary>
    public readonly NosePath Path()
    {
        var gain = End.Plus(-1, Start);
        var bend = K1.Times(Impulse).Plus(-1, gain);
        var fourth = K1.Times(D1).Plus(D3, K3).Plus(D4, K4)
            .Plus(D5, K5).Plus(D6, K6).Plus(D7, K7);
        return new NosePath(Start, gain, bend, gain.Plus(-Impulse, K7).Plus(-1, bend), fourth.Times(Impulse));
    }
}

/// <summary>
/// Slips within a step at a share t of it: y0 + t (g + (1 - t)(b + t (c + (1 - t) d))).
/// </summary>
internal readonly record struct NosePath(Slips Start, Slips Gain, Slips Bend, Slips Third, Slips Fourth)
{
    public Slips At(double t) => Start.Plus(t, Gain.Plus(1 - t, Bend.Plus(t, Third.Plus(1 - t, Fourth))));

    /// <summary>A multiple of the difference of the slips towards the cushion as a polynomial in the share.</summary>
    public NoseSpeed Towards(double factor)
    {
        var (start, gain, bend) = (factor * Start.Difference, factor * Gain.Difference, factor * Bend.Difference);
        var (third, fourth) = (factor * Third.Difference, factor * Fourth.Difference);
        return new NoseSpeed(start, gain + bend, third + fourth - bend, -third - 2 * fourth, fourth);
    }
}

/// <summary>Velocity into the cushion within a step, c0 + c1 t + c2 t^2 + c3 t^3 + c4 t^4, t the share of the step.</summary>
internal readonly record struct NoseSpeed(double C0, double C1, double C2, double C3, double C4)
{
    /// <summary>Share of a step to which a place within it is located.</summary>
    private const double Located = 1e-13;

    private const int MaxRounds = 60;

    /// <summary>Integral from the start of the step to a share of it.</summary>
    public double Integral(double t) => ((((C4 / 5 * t + C3 / 4) * t + C2 / 3) * t + C1 / 2) * t + C0) * t;

    /// <summary>The share at which the velocity falls to zero; it does so up to a given share.</summary>
    public double Zero(double share)
    {
        double low = 0, high = share, t = share / 2;
        for (var i = 0; i < MaxRounds; i++)
        {
            var value = Value(t);
            if (value > 0) low = t;
            else high = t;
            var next = t - value / (((4 * C4 * t + 3 * C3) * t + 2 * C2) * t + C1);
            if (Math.Abs(next - t) < Located) break;
            t = Inside(next, low, high);
        }

        return t;
    }

    /// <summary>The share between two at which the falling integral has come down to a value.</summary>
    public double IntegralFallsTo(double goal, double low, double high)
    {
        var t = (low + high) / 2;
        for (var i = 0; i < MaxRounds; i++)
        {
            var value = Integral(t) - goal;
            if (value > 0) low = t;
            else high = t;
            var next = t - value / Value(t);
            if (Math.Abs(next - t) < Located) break;
            t = Inside(next, low, high);
        }

        return t;
    }

    private double Value(double t) => (((C4 * t + C3) * t + C2) * t + C1) * t + C0;

    private static double Inside(double t, double low, double high) => t > low && t < high ? t : (low + high) / 2;
}
