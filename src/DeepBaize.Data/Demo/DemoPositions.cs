using DeepBaize.Data.Positions;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Data.Demo;

/// <summary>
/// The positions of the house, each with one line that says what to look at, its state of play, and beside them what its stroke does.
/// </summary>
internal static class DemoPositions
{
    private const double Diameter = 0.0525;

    private static readonly double FrozenAt = BallGauge.Standard.CushionInset;

    /// <summary>All of them; the one that a first visit begins with leads.</summary>
    public static IReadOnlyList<DemoPosition> All { get; } =
    [
        new(
            "In among the reds",
            "Break of 24, half ball on the black: roll the white through, and a red is on whichever way it runs.",
            [(BallId.Cue, 3.05, 1.10), .. OnSpots(), .. Reds((2.46, 1.06), (2.36, 0.72), (2.86, 0.55), (2.93, 1.28), (3.02, 0.47),
                (2.30, 0.98), (2.60, 1.22))],
            At(-48.4, 3.8, 0, 0.2), new SavedState("colour", Scores: new SavedScores(24, 17), Break: 24),
            Pot(BallId.Black, PocketId.TopYellowSide), new(BallId.Black, BallId.Black, 2.86, 0.80, Cushions: 1)),
        new(
            "High on the black",
            "High on the black, a little below centre: stun it, then roll it, and see where the white leaves the black.",
            [(BallId.Cue, 2.824, 1.242), .. OnSpots(BallId.Black), .. Reds((2.95, 0.62), (2.72, 0.98))],
            At(-36.71, 5.5, 0, -0.3), new SavedState("colour"), Pot(BallId.Black, PocketId.TopYellowSide),
            new(BallId.Black, BallId.Black, 3.007, 1.247, Cushions: 1)),
        new(
            "Line of reds",
            "All reds on the line of the spots: which red leaves the white nearest to the next colour?",
            [(BallId.Cue, 2.40, 1.15), .. OnSpots(), .. LineOfReds()],
            At(-31.10, 4.5, 0, 0.2), new SavedState("red"), Pot(BallId.Red6, PocketId.TopYellowSide),
            new(BallId.Red6, BallId.Red6, 3.18, 0.95, Cushions: 1)),
        new(
            "Blue on the high side",
            "A touch above straight on the blue: stun brings the white up for the reds by the pink.",
            [(BallId.Cue, 1.63, 0.41), .. OnSpots(), .. Reds((2.45, 1.05), (2.52, 0.66), (2.90, 1.20))],
            At(69.87, 5, 0, -0.15), new SavedState("colour"), Pot(BallId.Blue, PocketId.MiddleGreenSide),
            new(BallId.Blue, BallId.Blue, 2.69, 1.27, Cushions: 0)),
        new(
            "The pack from the D",
            "The break-off: a thin contact on the end red; watch how many cushions bring the white home.",
            [(BallId.Cue, 0.68, 0.72), .. OnSpots(), .. Pack()],
            At(-0.25, 7, 0.25, 0.05), new SavedState("red", InHand: true), new SavedHit(Names.Text(BallId.Red11)),
            new(BallId.Red11, null, 0.33, 1.59, Cushions: 3)),
        new(
            "Frozen to the top cushion",
            "The red lies tight on the top cushion: meet cushion and ball together, and the ball runs along it.",
            [(BallId.Cue, 3.32, 1.25), .. OnSpots(BallId.Black, BallId.Pink), .. Reds((Measurements.Length - FrozenAt, 0.55))],
            At(-70.82, 4.5, 0, 0.1), new SavedState("red"), Pot(BallId.Red1, PocketId.TopYellowSide),
            new(BallId.Red1, BallId.Red1, 3.04, 0.04, Cushions: 2, ViaCushion: true)),
        new(
            "Long straight pot",
            "White on the baulk line, blue to the top pocket dead straight: it shows your cueing, nothing else.",
            [(BallId.Cue, 0.737, 0.367), (BallId.Blue, 1.7845, 0.889)],
            At(26.51, 5, 0, 0), new SavedState("blue"), Pot(BallId.Blue, PocketId.TopGreenSide),
            new(BallId.Blue, BallId.Blue, 2.34, 1.18, Cushions: 0)),
        new(
            "Screw back for the blue",
            "Nearly straight on the pink: low and firm brings the white back; raise the tip and it stays by the spot.",
            [(BallId.Cue, 2.30, 0.57), .. OnSpots(BallId.Blue, BallId.Pink, BallId.Black)],
            At(39.67, 5.8, 0, -0.4), new SavedState("colour"), Pot(BallId.Pink, PocketId.TopGreenSide),
            new(BallId.Pink, BallId.Pink, 2.48, 0.49, Cushions: 0)),
        new(
            "Round the angles",
            "Yellow to its pocket: right side takes the white off two cushions; try none, and left.",
            [(BallId.Cue, 1.10, 0.70), .. OnSpots()],
            At(191.20, 5.2, 0.25, 0.1), new SavedState("yellow"), Pot(BallId.Yellow, PocketId.Yellow),
            new(BallId.Yellow, BallId.Yellow, 0.86, 1.61, Cushions: 2)),
        new(
            "Two reds that touch",
            "A set: the front red sends the other along the line of their centres, whatever the contact.",
            [(BallId.Cue, 2.3, 1.3), .. OnSpots(BallId.Black), .. Plant()],
            At(-35.52, 3.6, 0, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, BallId.Red2, 3.08, 1.04, Cushions: 0)),
        new(
            "Behind the brown",
            "Snookered on the red: off the green side cushion it comes full, and both stay near. Look for the way that leaves less.",
            [(BallId.Cue, 0.47, 0.889), .. OnSpots(), .. Reds((1.55, 0.86))],
            At(59, 3.1, 0, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 1.53, 0.90, Cushions: 1, ViaCushion: true)),
        new(
            "Behind the black",
            "At the top end, the red down the table: off either side cushion, and hard enough to take the red away from home.",
            [(BallId.Cue, 3.38, 0.90), .. OnSpots(), .. Reds((2.25, 0.87))],
            At(115.36, 6, -0.26, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 1.922, 0.485, Cushions: 1, ViaCushion: true)),
        new(
            "Round the corner to the yellow",
            "Brown and blue shut the way: off the side cushion and the baulk cushion. Draw the parallel line into the corner first.",
            [
                (BallId.Cue, 1.86, 0.80), (BallId.Yellow, 0.40, 0.62), (BallId.Brown, 1.50, 0.76), (BallId.Blue, 1.62, 0.72),
                .. OnSpots(BallId.Green, BallId.Pink, BallId.Black),
            ],
            At(210.78, 6, 0.26, 0), new SavedState("yellow"), new SavedHit(Names.Text(BallId.Yellow)),
            new(BallId.Yellow, null, 0.588, 1.111, Cushions: 2, ViaCushion: true)),
        new(
            "The pink between",
            "Three reds together behind the pink: a group is easy to hit, and dear to open. Which way leaves least?",
            [(BallId.Cue, 2.60, 0.886), .. OnSpots(), .. Reds((2.90, 0.86), (2.93, 0.92), (2.98, 0.875))],
            At(79.11, 3, 0, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red2)),
            new(BallId.Red2, null, 2.922, 0.960, Cushions: 1, ViaCushion: true)),
        new(
            "A red in the middle pocket's jaws",
            "Snookered by the blue on a red that hangs over the pocket: off the baulk cushion it is reached, and a miss leaves it there.",
            [
                (BallId.Cue, 0.60, 1.00), (BallId.Blue, 1.30, 1.42), .. Reds((1.78, 1.742)),
                .. OnSpots(BallId.Yellow, BallId.Green, BallId.Brown, BallId.Pink, BallId.Black),
            ],
            At(176.03, 4.5, 0.26, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 1.767, 1.662, Cushions: 1, ViaCushion: true)),
        new(
            "The green in the way",
            "The red stands open, but for the green: one cushion this side, two round the table, or the butt up and round it.",
            [(BallId.Cue, 0.50, 1.10), .. OnSpots(), .. Reds((1.25, 1.27))],
            At(61.63, 6, 0.26, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 1.654, 0.837, Cushions: 1, ViaCushion: true)),
        new(
            "The same safety on a lively table",
            "Thin off the red, off the top cushion and home behind the green. Choose another table at the top right and look again.",
            Safety(), At(-2.84, 6, 0, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 0.13, 1.42, Cushions: 3), "lively"),
        new(
            "The same safety on slow old cloth",
            "As on the lively table, ball for ball: worn cloth and tired cushions hold the white back among the reds. How much more pace?",
            Safety(), At(-2.84, 6, 0, 0), new SavedState("red"), new SavedHit(Names.Text(BallId.Red1)),
            new(BallId.Red1, null, 2.15, 1.47, Cushions: 1), "slow-old-cloth"),
        new(
            "The black again",
            "Level, and only the black: two schools open it. Ask What now? and lay the one beside the other.",
            [(BallId.Cue, 0.737, 0.694), .. OnSpots(BallId.Black)],
            At(3.79, 5, 0, 0.15), Level(isInHand: true), new SavedHit(Names.Text(BallId.Black)),
            new(BallId.Black, null, 2.525, 0.047, Cushions: 1)),
        new(
            "Black tight on the top cushion",
            "In line: full in the face, a little low, no side: the black stays, the white comes home. Off the line play something else.",
            [
                (BallId.Cue, 1.30, Measurements.CentreLine),
                (BallId.Black, Measurements.Length - FrozenAt, Measurements.CentreLine),
            ],
            At(0, 7.5, 0, -0.1), Level(isInHand: false), new SavedHit(Names.Text(BallId.Black)),
            new(BallId.Black, null, 0.816, 0.889, Cushions: 0)),
    ];

    /// <summary>Level with only the black left: the next score or foul ends the frame.</summary>
    private static SavedState Level(bool isInHand) => new("black", InHand: isInHand, Scores: new SavedScores(58, 58));

    private static SavedPot Pot(BallId ball, PocketId pocket) => new(Names.Text(ball), Names.Text(pocket), "opening", Keep: true);

    private static IEnumerable<(BallId Ball, double X, double Y)> Reds(params (double X, double Y)[] places) =>
        places.Select((place, i) => (BallSet.Reds[i], place.X, place.Y));

    private static IEnumerable<(BallId Ball, double X, double Y)> Safety() =>
        [(BallId.Cue, 0.5, 0.76), .. OnSpots(), .. Reds((2.85, 0.60), (3.05, 0.95))];

    /// <summary>A stroke at a pace of the house's scale.</summary>
    private static SavedStroke At(double directionDeg, double pace, double side, double height) =>
        new(directionDeg, PositionUpgrades.HouseSpeed(pace), side, height);

    /// <summary>The named colours on their spots; all six when none is named.</summary>
    private static IEnumerable<(BallId Ball, double X, double Y)> OnSpots(params BallId[] colours) =>
        (colours.Length == 0 ? BallSet.Colours : colours).Select(colour => (colour, Spots.Of(colour)!.Value.X, Spots.Of(colour)!.Value.Y));

    private static IEnumerable<(BallId Ball, double X, double Y)> LineOfReds()
    {
        double[] places = [2.02, 2.14, 2.26, 2.38, 2.50, 2.80, 2.90, 3.00, 3.10, 3.38, 3.47];
        return Reds([.. places.Select(x => (x, Measurements.CentreLine))]);
    }

    private static IEnumerable<(BallId Ball, double X, double Y)> Pack() =>
        Reds([.. Spots.Rack(Diameter).Select(place => (place.X, place.Y))]);

    private static IEnumerable<(BallId Ball, double X, double Y)> Plant()
    {
        var front = new Place(2.70, 1.00);
        var pocket = TableOutline.Club.Mouths[(int)PocketId.TopYellowSide].ThroatMiddle;
        var back = front.Towards(pocket, Diameter);
        return Reds((front.X, front.Y), (back.X, back.Y));
    }
}
