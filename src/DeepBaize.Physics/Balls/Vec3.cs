namespace DeepBaize.Physics.Balls;

/// <summary>
/// A vector in the table's right-handed frame: x up the table, y to the left seen from baulk, z up from the bed.
/// </summary>
/// <param name="X">Component up the table.</param>
/// <param name="Y">Component towards the green side.</param>
/// <param name="Z">Component up from the bed.</param>
public readonly record struct Vec3(double X, double Y, double Z)
{
    /// <summary>The zero vector.</summary>
    public static Vec3 Zero => default;

    /// <summary>The unit vector that points up from the bed.</summary>
    public static Vec3 Up => new(0, 0, 1);

    /// <summary>Length of the vector.</summary>
    public double Length => Math.Sqrt(Dot(this));

    /// <summary>True when all components are finite.</summary>
    public bool IsFinite => double.IsFinite(X) && double.IsFinite(Y) && double.IsFinite(Z);

    /// <summary>Sum.</summary>
    public static Vec3 operator +(Vec3 a, Vec3 b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    /// <summary>Difference.</summary>
    public static Vec3 operator -(Vec3 a, Vec3 b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    /// <summary>Opposite.</summary>
    public static Vec3 operator -(Vec3 a) => new(-a.X, -a.Y, -a.Z);

    /// <summary>Multiple.</summary>
    public static Vec3 operator *(Vec3 a, double factor) => new(a.X * factor, a.Y * factor, a.Z * factor);

    /// <summary>Scalar product.</summary>
    public double Dot(Vec3 other) => X * other.X + Y * other.Y + Z * other.Z;

    /// <summary>Vector product, right-handed.</summary>
    public Vec3 Cross(Vec3 other) => new(
        Y * other.Z - Z * other.Y,
        Z * other.X - X * other.Z,
        X * other.Y - Y * other.X);
}
