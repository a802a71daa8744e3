using DeepBaize.Data.Positions;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Data.Demo;

/// <summary>The positions of the house, each with one line that says what to look at.</summary>
internal static class DemoPositions
{
    private const double Diameter = 0.0525;

    private static readonly double FrozenAt = BallGauge.Standard.CushionInset;

    public static IEnumerable<SavedPosition> All()
    {
        yield return Position(
            "Black off its spot",
            "High on the black, a little below centre: stun it, then roll it, and see where the white leaves the black.",
            At(-36.71, 5.5, 0, -0.3),
            [(BallId.Cue, 2.824, 1.242), .. OnSpots(BallId.Black), (BallId.Red1, 2.95, 0.62), (BallId.Red2, 2.72, 0.98)]);
        yield return Position(
            "Line of reds",
            "All reds on the line of the spots: which red leaves the white nearest to the next colour?",
            At(-31.10, 4.5, 0, 0.2),
            [(BallId.Cue, 2.40, 1.15), .. OnSpots(), .. LineOfReds()]);
        yield return Position(
            "Blue on the high side",
            "A touch above straight on the blue: stun brings the white up for the reds by the pink.",
            At(69.87, 5, 0, -0.15),
            [(BallId.Cue, 1.63, 0.41), .. OnSpots(), (BallId.Red1, 2.45, 1.05), (BallId.Red2, 2.52, 0.66), (BallId.Red3, 2.9, 1.2)]);
        yield return Position(
            "The pack from the D",
            "The break-off: a thin contact on the end red; watch how many cushions bring the white home.",
            At(0.30, 7.4, 0.2, 0.05),
            [(BallId.Cue, 0.68, 0.72), .. OnSpots(), .. Pack()]);
        yield return Position(
            "Frozen to the top cushion",
            "The red lies tight on the top cushion: meet cushion and ball together, and the ball runs along it.",
            At(-70.82, 4.5, 0, 0.1),
            [(BallId.Cue, 3.32, 1.25), .. OnSpots(BallId.Black, BallId.Pink), (BallId.Red1, Measurements.Length - FrozenAt, 0.55)]);
        yield return Position(
            "Long straight pot",
            "White on the baulk line, blue to the top pocket dead straight: it shows your cueing, nothing else.",
            At(26.51, 5, 0, 0),
            [(BallId.Cue, 0.737, 0.367), (BallId.Blue, 1.7845, 0.889)]);
        yield return Position(
            "Screw back for the blue",
            "Nearly straight on the pink: low and firm brings the white back; raise the tip and it stays by the spot.",
            At(39.67, 5.8, 0, -0.4),
            [(BallId.Cue, 2.30, 0.57), .. OnSpots(BallId.Blue, BallId.Pink, BallId.Black)]);
        yield return Position(
            "Round the angles",
            "Yellow to its pocket: right side takes the white off two cushions; try none, and left.",
            At(191.20, 5.2, 0.25, 0.1),
            [(BallId.Cue, 1.10, 0.70), .. OnSpots()]);
        yield return Position(
            "Two reds that touch",
            "A set: the front red sends the other along the line of their centres, whatever the contact.",
            At(-35.52, 3.6, 0, 0),
            [(BallId.Cue, 2.3, 1.3), .. OnSpots(BallId.Black), .. Plant()]);
        yield return Position(
            "Behind the brown",
            "Snookered on the red: this way takes two cushions. Turn the aim and look for an easier one.",
            At(138.16, 5, 0, 0.2),
            [(BallId.Cue, 0.60, 0.889), .. OnSpots(), (BallId.Red1, 1.55, 0.88)]);
        yield return Position(
            "The same stroke on a lively table",
            "Up the table and back: on new cushions the white runs on and on. Choose another table at the top right and look again.",
            At(2.5, 5, 0, 0),
            [(BallId.Cue, 0.50, 0.60), .. OnSpots(BallId.Black, BallId.Blue), (BallId.Red1, 2.20, 1.30)],
            "lively");
        yield return Position(
            "The same stroke on slow old cloth",
            "As on the lively table, ball for ball: worn cloth and tired cushions hold the white back.",
            At(2.5, 5, 0, 0),
            [(BallId.Cue, 0.50, 0.60), .. OnSpots(BallId.Black, BallId.Blue), (BallId.Red1, 2.20, 1.30)],
            "slow-old-cloth");
    }

    private static SavedPosition Position(
        string name,
        string note,
        SavedStroke stroke,
        IReadOnlyList<(BallId Ball, double X, double Y)> balls,
        string profile = PositionDocument.ClubProfile)
    {
        var layout = LayoutRules.TryBuild(
            [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))],
            TableOutline.Club,
            BallGauge.Standard,
            LayoutMode.Free,
            out var problems) ?? throw new InvalidOperationException($"{name}: {problems[0]}");
        return new SavedPosition
        {
            Id = Guid.NewGuid(),
            OwnerId = Owner.House,
            Name = name,
            Note = note,
            Document = PositionDocument.From(layout, stroke, profile),
            UpdatedAt = DateTimeOffset.UtcNow,
        };
    }

    /// <summary>A stroke at a pace of the house's scale.</summary>
    private static SavedStroke At(double directionDeg, double pace, double side, double height) =>
        new(directionDeg, PositionUpgrades.HouseSpeed(pace), side, height);

    /// <summary>The named colours on their spots; all six when none is named.</summary>
    private static IEnumerable<(BallId Ball, double X, double Y)> OnSpots(params BallId[] colours) =>
        (colours.Length == 0 ? BallSet.Colours : colours).Select(colour => (colour, Spots.Of(colour)!.Value.X, Spots.Of(colour)!.Value.Y));

    private static IEnumerable<(BallId Ball, double X, double Y)> LineOfReds()
    {
        double[] places = [2.02, 2.14, 2.26, 2.38, 2.50, 2.80, 2.90, 3.00, 3.10, 3.38, 3.47];
        return places.Select((x, i) => (BallSet.Reds[i], x, Measurements.CentreLine));
    }

    private static IEnumerable<(BallId Ball, double X, double Y)> Pack() =>
        Spots.Rack(Diameter).Select((place, i) => (BallSet.Reds[i], place.X, place.Y));

    private static IEnumerable<(BallId Ball, double X, double Y)> Plant()
    {
        var front = new Place(2.70, 1.00);
        var pocket = TableOutline.Club.Mouths[(int)PocketId.TopYellowSide].ThroatMiddle;
        var back = front.Towards(pocket, Diameter);
        return [(BallId.Red1, front.X, front.Y), (BallId.Red2, back.X, back.Y)];
    }
}
