using System.Text.Json;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Words;

namespace DeepBaize.Web.Mapping;

/// <summary>Puts into an answer what many answers have.</summary>
internal static class Shared
{
    /// <summary>A value of a fixed choice as requests and answers name it.</summary>
    public static string Code<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName(value.ToString());

    /// <summary>A place.</summary>
    public static PlaceOutput ToPlace(Place place) => new(place.X, place.Y);

    /// <summary>A ball with its motion.</summary>
    public static BallStateOutput ToState(BallId ball, in BallState state, MotionPhase phase) =>
        new(Names.Text(ball), Numbers(state.Position), Numbers(state.Velocity), Numbers(state.Spin), Code(phase));

    /// <summary>A direction in degrees between -180 and 180.</summary>
    public static double Degrees(double radians) => Math.IEEERemainder(radians, Math.Tau) * 180 / Math.PI;

    /// <summary>A chance with its interval and its words.</summary>
    public static ChanceOutput ToChance(Chance chance) =>
        new(
            chance.Share, chance.Low, chance.High, chance.Count, chance.Of, ChanceWords.Say(chance.Share),
            chance.Share < ChanceWords.Never);

    private static double[] Numbers(Vec3 vector) => [vector.X, vector.Y, vector.Z];
}
