using System.Globalization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Evidence;

/// <summary>
/// Two reds that are as easy, one by the pink and one alone below the blue; two more reds lie beside the one or the other. Players say: of
/// two that are as easy, the one with others beside it (common practice, no source).
/// </summary>
public static class NextReds
{
    /// <summary>How far the chances of the two may differ.</summary>
    private const double AsEasy = 0.01;

    private static readonly TableInUse Club = new(PlayingConditions.Club, TableOutline.Club);
    private static readonly (Place Top, Place Low) Reds = (new(2.9, 1.15), new(1.2, 0.4));

    /// <summary>Positions with the white where both reds are as easy.</summary>
    /// <param name="each">Positions with the other two reds beside each of them.</param>
    /// <param name="seed">Seed of the white's places.</param>
    public static IReadOnlyList<PlainAnswer> Of(int each, int seed)
    {
        var gauge = new LeaveGauge(Club, HousePlayers.League);
        var random = new Random(seed);
        var found = new List<PlainAnswer>();
        while (found.Count < 2 * each)
        {
            var white = new Place(random.NextDouble() * Measurements.Length, random.NextDouble() * Measurements.Width);
            var (top, low) = From(white);
            if (new[] { top, low }.All(one => IsFree(one) && AreAsEasy(gauge.Read(one.Frame)))) found.AddRange([top, low]);
        }

        return found;
    }

    /// <summary>
    /// Two positions with the white at a place: the others beside the red by the pink, and beside the one below the blue.
    /// </summary>
    /// <param name="white">The white.</param>
    public static (PlainAnswer ByThePink, PlainAnswer BelowTheBlue) From(Place white) =>
        (Lay("by the pink", Reds.Top, [Red1, Red3, Red4], white), Lay("below the blue", Reds.Low, [Red2, Red3, Red4], white));

    private static PlainAnswer Lay(string where, Place beside, IReadOnlyList<BallId> answers, Place white) => new(
        string.Create(CultureInfo.InvariantCulture, $"Others beside the red {where}, white at {white.X:0.00}, {white.Y:0.00}"),
        BallOn.Red,
        [
            new(Cue, white), new(Red1, Reds.Top), new(Red2, Reds.Low), new(Red3, beside.Offset(0.1, 0.2)),
            new(Red4, beside.Offset(-0.21, 0.1)),
            .. BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)),
        ],
        answers);

    private static bool IsFree(PlainAnswer position)
    {
        var white = position.Balls[0].Place;
        return TableOutline.Club.IsOnBed(white, BallGauge.Standard.CushionInset)
            && position.Balls.Skip(1).All(ball => ball.Place.DistanceTo(white) > BallGauge.Standard.Diameter);
    }

    private static bool AreAsEasy(IReadOnlyList<LeavePot> pots)
    {
        var (top, low) = (Best(Red1), Best(Red2));
        return top >= LeavePot.OnFrom && Math.Abs(top - low) <= AsEasy;

        double Best(BallId red) => pots.Where(pot => pot.Pot.Ball == red).Select(pot => pot.Chance).DefaultIfEmpty().Max();
    }
}
