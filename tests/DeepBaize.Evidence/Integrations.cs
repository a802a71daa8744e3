using System.Text.Json;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>
/// Against reference/values.json, made by reference/integrate.py with a general-purpose library: SciPy's solve_ivp, Radau with
/// tolerance 1e-9 to 1e-10 (1e-7 for the rack), DOP853 with 1e-12 for the cloth.
/// </summary>
internal static class Integrations
{
    private const string Library =
        "reference/integrate.py: SciPy 1.10 solve_ivp, Radau (cushion 1e-10, contacts 1e-9, rack 1e-7) and DOP853 (cloth 1e-12)";

    private static readonly JsonElement Values = Read();

    public static IReadOnlyList<Check> All { get; } =
    [
        new("I1", "Cloth motion: slide to roll to rest", Library, () => Values.GetProperty("cloth").EnumerateArray().SelectMany(Cloth)),
        new("I2", "Cushion impulse, with constant friction and with friction that falls with slip", Library, () =>
            Values.GetProperty("cushion").EnumerateArray().Select(Cushion)),
        new("I4", "Landing: the cloth rubs while the bed gives its impulse", Library, () =>
            Values.GetProperty("landing").EnumerateArray().Select(Landing)),
        new("I3", "Touching balls: line, triangle, plant with a gap, full rack", Library,
            () => Values.GetProperty("cluster").EnumerateArray().Select(Cluster)),
    ];

    private static JsonElement Read()
    {
        using var stream = typeof(Integrations).Assembly.GetManifestResourceStream("values.json")!;
        return JsonDocument.Parse(stream).RootElement.Clone();
    }

    private static double[] Numbers(JsonElement from, string name) =>
        [.. from.GetProperty(name).EnumerateArray().Select(value => value.GetDouble())];

    private static double Number(JsonElement from, string name) => from.GetProperty(name).GetDouble();

    private static IEnumerable<Figure> Cloth(JsonElement row)
    {
        var (v, w) = (Numbers(row, "velocity"), Numbers(row, "spin"));
        var table = Ideal(Number(row, "slidingFriction"), Number(row, "rollingFriction")).Table with { SpinDeceleration = 10 };
        var slide = Physics.Motion.ClothMotion.Begin(
            new BallState(new Vec3(0, 0, Radius), new Vec3(v[0], v[1], 0), new Vec3(w[0], w[1], w[2])), table, Radius);
        var roll = Physics.Motion.ClothMotion.Continue(slide, table, Radius);
        var (grip, rest) = (slide.StateAt(slide.Duration), roll.PositionAt(roll.Duration));
        var name = $"from ({v[0]}, {v[1]}) m/s";
        yield return Figure.Near($"{name}: seconds of slide", Number(row, "slides"), slide.Duration, 1e-6);
        yield return Figure.Worst($"{name}: place of grip", 1e-6, Numbers(row, "gripPlace").Zip([grip.Position.X, grip.Position.Y]));
        yield return Figure.Worst($"{name}: velocity of grip", 1e-6, Numbers(row, "gripVelocity").Zip([grip.Velocity.X, grip.Velocity.Y]));
        yield return Figure.Worst($"{name}: place of rest", 1e-5, Numbers(row, "restPlace").Zip([rest.X, rest.Y]));
    }

    private static Figure Landing(JsonElement row)
    {
        var (v, w) = (Numbers(row, "velocity"), Numbers(row, "spin"));
        var table = Ideal(Number(row, "slidingFriction")).Table with { BedRestitution = Number(row, "restitution") };
        var after = Physics.Motion.Flight.Land(
            new BallState(new Vec3(0, 0, Radius), new Vec3(v[0], v[1], v[2]), new Vec3(w[0], w[1], w[2])), table, Radius);
        double[] found = [after.Velocity.X, after.Velocity.Y, after.Velocity.Z, after.Spin.X, after.Spin.Y, after.Spin.Z];
        return Figure.Worst($"from ({v[0]}, {v[1]}, {v[2]}) m/s, velocity and spin", 1e-6, Numbers(row, "after").Zip(found));
    }

    private static Figure Cushion(JsonElement row)
    {
        var (angle, roll, side, speed) = (Number(row, "angle"), Number(row, "roll"), Number(row, "side"), Number(row, "speed"));
        var conditions = Cushions.Reference(
            Number(row, "restitution"), Number(row, "cushionFriction"), Number(row, "slidingFriction"), Number(row, "sine"),
            Number(row, "fall"));
        var after = Rebound(angle, roll, side, speed, conditions);
        double[] found = [after.Velocity.X, after.Velocity.Y, after.Spin.X * Radius, after.Spin.Y * Radius, after.Spin.Z * Radius];
        var into = speed * Math.Sin(Radians(angle));
        return Figure.Worst(
            $"{angle} degrees, roll {roll}, side {side}, {speed} m/s, fall {Number(row, "fall")}; over the normal speed",
            CushionImpact.Accuracy,
            Numbers(row, "after").Zip(found).Select(pair => (pair.First / into, pair.Second / into)));
    }

    private static Figure Cluster(JsonElement row)
    {
        var friction = Number(row, "friction");
        var balls = new BallCoefficients
        {
            Restitution = Number(row, "restitution"),
            FrictionFactor = friction > 0 ? 1 : 0,
            FrictionA = friction,
            FrictionB = 0
        };
        BallState[] states = [.. row.GetProperty("places").EnumerateArray().Select(place =>
            BallState.AtRest(new Place(place[0].GetDouble(), place[1].GetDouble()), Radius))];
        var (v, w) = (Numbers(row, "velocity"), Numbers(row, "spin"));
        states[0] = states[0] with { Velocity = new Vec3(v[0], v[1], 0), Spin = new Vec3(w[0], w[1], w[2]) };
        new ClusterImpact(balls).Resolve(states);
        var speed = Math.Sqrt(v[0] * v[0] + v[1] * v[1]);
        var pairs = row.GetProperty("after").EnumerateArray().Zip(states).SelectMany(pair => new[]
        {
            (pair.First[0].GetDouble(), pair.Second.Velocity.X),
            (pair.First[1].GetDouble(), pair.Second.Velocity.Y),
            (pair.First[2].GetDouble() * Radius, pair.Second.Spin.X * Radius),
            (pair.First[3].GetDouble() * Radius, pair.Second.Spin.Y * Radius),
            (pair.First[4].GetDouble() * Radius, pair.Second.Spin.Z * Radius),
        });
        return Figure.Worst(
            $"{row.GetProperty("name").GetString()}; velocities and R times spins over the white's speed",
            friction > 0 ? ClusterImpact.Accuracy : ClusterImpact.SmoothAccuracy,
            pairs.Select(pair => (pair.Item1 / speed, pair.Item2 / speed)));
    }
}
