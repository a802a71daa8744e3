using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads the stroke, or the white's first motion, and refuses what cannot be played.</summary>
internal static class StrikeReader
{
    private const double FastestWhite = 20;
    private const double FastestSpin = 3000;

    /// <summary>The strike of a request.</summary>
    /// <exception cref="RefusalException">The stroke is contradictory, out of range or beyond the cue.</exception>
    public static Strike Read(StrikeInput input, PlayingConditions conditions)
    {
        var faults = new List<Fault>();
        Finite(input.DirectionDeg, "strike.directionDeg", faults);
        Finite(input.Side, "strike.side", faults);
        Finite(input.Height, "strike.height", faults);
        if (Math.Sqrt(input.Side * input.Side + input.Height * input.Height) is var offset && offset > 1)
            faults.Add(new("strike.side", null, "offTheBall",
                StrokeRefusals.OffTheBall(offset)));
        CheckElevation(input, conditions.Balls.Radius, faults);
        CheckSpeeds(input, faults);
        if (faults.Count > 0) throw RefusalException.Invalid("strike", StrokeRefusals.CannotBePlayed, faults);

        var whiteSpeed = input.WhiteSpeed
            ?? (input.Pace is { } pace
                ? conditions.Cue.Paces.ToSpeed(pace)
                : CueStrike.WhiteSpeedFor(input.CueSpeed!.Value, offset, conditions.Balls.Mass, conditions.Cue.Mass));
        var strike = new Strike(
            input.DirectionDeg * Math.PI / 180, whiteSpeed, input.Side, input.Height, input.ElevationDeg * Math.PI / 180);
        RefuseBeyondCue(strike, conditions);
        return strike;
    }

    /// <summary>The strike of a stroke as it is kept with a sheet: the speed, when there is one, counts before the pace.</summary>
    /// <exception cref="RefusalException">As above.</exception>
    public static Strike Read(StrokeInput stroke, PlayingConditions conditions) => Read(
        new StrikeInput(
            stroke.DirectionDeg, stroke.WhiteSpeed is null ? stroke.Pace : null, stroke.WhiteSpeed, null, stroke.Side, stroke.Height,
            stroke.ElevationDeg),
        conditions);

    /// <summary>The first motion of a white that sets off by itself.</summary>
    /// <exception cref="RefusalException">It is not two finite vectors within range, or it only presses the white down.</exception>
    public static (Vec3 Velocity, Vec3 Spin) Read(InitialInput input)
    {
        var faults = new List<Fault>();
        var velocity = ReadVector(input.Velocity, "initial.velocity", FastestWhite, "m/s", faults);
        var spin = ReadVector(input.Spin, "initial.spin", FastestSpin, "rad/s", faults);
        if (velocity is { X: 0, Y: 0, Z: < 0 })
            faults.Add(new("initial.velocity", null, "intoTheBed", StrokeRefusals.IntoTheBed));
        return faults.Count == 0 ? (velocity, spin) : throw RefusalException.Invalid("initial", StrokeRefusals.CannotMove, faults);
    }

    private static void CheckElevation(StrikeInput input, double radius, List<Fault> faults)
    {
        if (!(input.ElevationDeg >= 0 && input.ElevationDeg <= Strike.SteepestDegrees))
        {
            faults.Add(new("strike.elevationDeg", null, "elevation", StrokeRefusals.Elevation));
            return;
        }

        var tip = CueShape.TipHeight(input.Side, input.Height, input.ElevationDeg * Math.PI / 180, radius);
        if (input.ElevationDeg > 0 && tip < CueShape.TipRadius)
            faults.Add(new("strike.height", null, "tipOnTheBed", StrokeRefusals.TipOnTheBed(input.ElevationDeg)));
    }

    private static void CheckSpeeds(StrikeInput input, List<Fault> faults)
    {
        var named = new[] { input.Pace, input.WhiteSpeed, input.CueSpeed }.Count(speed => speed is not null);
        if (named != 1)
        {
            faults.Add(new("strike", null, "speeds", named == 0 ? StrokeRefusals.NoSpeed : StrokeRefusals.SeveralSpeeds));
            return;
        }

        if (input.Pace is { } pace && !(pace >= Pace.Softest && pace <= Pace.Hardest))
            faults.Add(new("strike.pace", null, "outOfRange", PaceWords.OffScale));
        Speed(input.WhiteSpeed, "strike.whiteSpeed", faults);
        Speed(input.CueSpeed, "strike.cueSpeed", faults);
    }

    private static void Speed(double? speed, string field, List<Fault> faults)
    {
        if (speed is { } given && !(given > 0 && given <= FastestWhite))
            faults.Add(new(field, null, "outOfRange", StrokeRefusals.Speed(FastestWhite)));
    }

    private static void RefuseBeyondCue(in Strike strike, PlayingConditions conditions)
    {
        var needed = CueStrike.CueSpeedFor(strike.WhiteSpeed, strike.Offset, conditions.Balls.Mass, conditions.Cue.Mass);
        if (needed <= conditions.Cue.MaxSpeed * (1 + 1e-9)) return;
        var hardest = StrokeWords.HardestPace(strike.Offset, conditions);
        throw RefusalException.Impossible(
            "beyondTheCue", "strike", StrokeRefusals.BeyondTheCue(needed, conditions.Cue.MaxSpeed, hardest));
    }

    private static void Finite(double value, string field, List<Fault> faults)
    {
        if (!double.IsFinite(value)) faults.Add(new(field, null, "notFinite", StrokeRefusals.NotFinite(field)));
    }

    private static Vec3 ReadVector(IReadOnlyList<double> values, string field, double most, string unit, List<Fault> faults)
    {
        if (values.Count != 3)
        {
            faults.Add(new(field, null, "vector", StrokeRefusals.NoVector(field)));
            return Vec3.Zero;
        }

        var vector = new Vec3(values[0], values[1], values[2]);
        if (vector.IsFinite && vector.Length <= most) return vector;
        faults.Add(new(field, null, "outOfRange", StrokeRefusals.TooLong(field, most, unit)));
        return Vec3.Zero;
    }
}
