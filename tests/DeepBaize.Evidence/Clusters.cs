using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>Stiffness of a contact: <see cref="ClusterImpact.Stiffness"/> = 5e8 N/m^1.5.</summary>
internal static class Clusters
{
    private const string Hertz = "Hertz contacts, integrated independently (from memory)";

    public static IReadOnlyList<Check> All { get; } =
    [
        new("4.10a", "Two balls in the cluster solver follow the law of two balls alone (k = 5e8 N/m^1.5)", Checks.Derived, () =>
        [
            Figure.Near("worst of 200 hits, e = 0.95, with friction and spin", 0, WorstAgainstPair(.95), 1e-6),
            Figure.Near("worst of 200 hits, e = 1", 0, WorstAgainstPair(1), 1e-6),
            Figure.Near("worst of 200 hits, e = 0.6", 0, WorstAgainstPair(.6), 1e-6),
        ]),
        new("4.10b", "White full on the gap of two touching balls at e = 1: it comes back with v/5, they leave at 30 degrees with 2 "
            + "sqrt(3)/5 v", "closed form (simultaneous contacts)", () =>
        [
            Figure.Near("white", -0.2, Square(1)[0].Velocity.X, 1e-5),
            Figure.Near("speed of each red", 2 * Math.Sqrt(3) / 5, Square(1)[1].Velocity.Length, 1e-5),
            Figure.Near("their direction, degrees", 30, Heading(Square(1)[1].Velocity), 1e-4),
            Figure.Within("white at e = 0.95 (reported beside it; 1 - 3 (1 + e) / 5 = -0.170 by the closed form with restitution)", -0.2,
                -0.15, Square(.95)[0].Velocity.X),
        ]),
        new("4.10c", "Three balls in line, touching", Hertz, () =>
        [
            Figure.Near("first", -.0710, Line()[0].Velocity.X, 1e-4),
            Figure.Near("second", .0764, Line()[1].Velocity.X, 1e-4),
            Figure.Near("third", .9946, Line()[2].Velocity.X, 1e-4),
        ]),
        new("4.10d", "White full on a ball with another frozen to it at 45 and 60 degrees", Hertz, () =>
        [
            Figure.Near("45: white", -.025, Frozen(45)[0].Velocity.X, 5e-4),
            Figure.Near("45: first ball along", .539, Frozen(45)[1].Velocity.X, 5e-4),
            Figure.Near("45: first ball across", -.486, Frozen(45)[1].Velocity.Y, 5e-4),
            Figure.Near("45: frozen ball along", .486, Frozen(45)[2].Velocity.X, 5e-4),
            Figure.Near("60: white", -.010, Frozen(60)[0].Velocity.X, 5e-4),
            Figure.Near("60: first ball along", .768, Frozen(60)[1].Velocity.X, 5e-4),
            Figure.Near("60: frozen ball across", .419, Frozen(60)[2].Velocity.Y, 5e-4),
        ]),
        new("4.10e", "A ball frozen to another sends it along the line of their centres whatever the cut", Checks.Trade, () =>
        [
            .. new[] { -40.0, -20, 0, 20, 40 }.Select(
                cut => Figure.Near($"direction of the second ball at cut {cut}, without friction", 0, Plant(cut), 1e-9)),
        ]),
    ];

    private static BallState Ball(double x, double y, double vx = 0, double vy = 0) =>
        new(new Vec3(x, y, Radius), new Vec3(vx, vy, 0), Vec3.Zero);

    private static BallState[] Resolve(BallCoefficients balls, params BallState[] states)
    {
        new ClusterImpact(balls).Resolve(states);
        return states;
    }

    private static BallCoefficients Smooth(double restitution = 1) => new() { Restitution = restitution, FrictionFactor = 0 };

    private static BallState[] Line() => Resolve(Smooth(), Ball(0, 0, 1), Ball(Diameter, 0), Ball(2 * Diameter, 0));

    private static BallState[] Square(double restitution)
    {
        var along = Diameter * Math.Sqrt(3) / 2;
        return Resolve(Smooth(restitution), Ball(0, 0, 1), Ball(along, Radius), Ball(along, -Radius));
    }

    private static BallState[] Frozen(double degrees)
    {
        var (sin, cos) = Math.SinCos(Radians(degrees));
        return Resolve(Smooth(), Ball(0, 0, 1), Ball(Diameter, 0), Ball(Diameter * (1 + cos), Diameter * sin));
    }

    private static double Plant(double cut)
    {
        var (sin, cos) = Math.SinCos(Radians(cut));
        var after = Resolve(Smooth(.95), Ball(-Diameter * cos, -Diameter * sin, cos, sin), Ball(0, 0), Ball(Diameter, 0));
        return Heading(after[2].Velocity);
    }

    private static double WorstAgainstPair(double restitution)
    {
        var (random, worst) = (new Random(4), 0.0);
        var balls = new BallCoefficients { Restitution = restitution };
        var solver = new ClusterImpact(balls);
        for (var i = 0; i < 200; i++)
        {
            var (angle, speed) = ((random.NextDouble() - 0.5) * 2.8, 0.01 + random.NextDouble() * 6);
            var spin = new Vec3(random.NextDouble() - 0.5, random.NextDouble() - 0.5, random.NextDouble() - 0.5) * (3 * speed / Radius);
            BallState[] pair = [Ball(0, 0, speed * Math.Cos(angle), speed * Math.Sin(angle)) with { Spin = spin }, Ball(Diameter, 0)];
            BallState[] cluster = [.. pair];
            BallImpact.Resolve(ref pair[0], ref pair[1], balls);
            solver.Resolve(cluster);
            for (var k = 0; k < 2; k++)
                worst = Math.Max(worst,
                    Math.Max((pair[k].Velocity - cluster[k].Velocity).Length, Radius * (pair[k].Spin - cluster[k].Spin).Length) / speed);
        }

        return worst;
    }
}
