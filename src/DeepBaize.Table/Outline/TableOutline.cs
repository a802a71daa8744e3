namespace DeepBaize.Table.Outline;

/// <summary>
/// Everything that bounds the bed: six nose lines, twelve jaws with their facings and six drop edges. The simulator
/// and the picture both use exactly this.
/// </summary>
public sealed class TableOutline
{
    private const double FacingLength = 0.25;

    /// <summary>Builds the outline for a pocket cut.</summary>
    /// <param name="cut">How the pockets are cut; see <see cref="Flaw"/> for what is refused.</param>
    /// <exception cref="ArgumentException">The cut is impossible on a standard table.</exception>
    public TableOutline(PocketCut cut)
    {
        ArgumentNullException.ThrowIfNull(cut);
        if (Flaw(cut) is { } flaw) throw new ArgumentException($"{flaw}", nameof(cut));
        Cut = cut;
        Mouths =
        [
            Corner(PocketId.Yellow, cut), Corner(PocketId.Green, cut),
            Middle(PocketId.MiddleYellowSide, cut), Middle(PocketId.MiddleGreenSide, cut),
            Corner(PocketId.TopYellowSide, cut), Corner(PocketId.TopGreenSide, cut),
        ];
        Noses = BuildNoses(cut);
    }

    /// <summary>The club table's outline.</summary>
    public static TableOutline Club { get; } = new(PocketCut.Club);

    /// <summary>The cut it was built from.</summary>
    public PocketCut Cut { get; }

    /// <summary>The straight nose lines: one each for the short cushions, two each for the long ones.</summary>
    public IReadOnlyList<RubberLine> Noses { get; }

    /// <summary>The six pockets in the order of <see cref="PocketId"/>.</summary>
    public IReadOnlyList<PocketMouth> Mouths { get; }

    /// <summary>What is impossible about a cut; null when it can be built.</summary>
    public static PocketFlaw? Flaw(PocketCut cut)
    {
        ArgumentNullException.ThrowIfNull(cut);
        double[] sizes =
        [
            cut.CornerThroat, cut.CornerJawRadius, cut.CornerDrop,
            cut.MiddleThroat, cut.MiddleJawRadius, cut.MiddleDrop, cut.DropRadius, cut.BackDepth,
        ];
        if (sizes.Any(size => !double.IsFinite(size) || size <= 0 || size > PocketCut.LargestSize)) return PocketFlaw.Size;
        if (2 * cut.CornerJawStart > Measurements.Width - 0.1) return PocketFlaw.NoEnds;
        if (cut.CornerJawStart + cut.MiddleJawStart > Measurements.Length / 2 - 0.1) return PocketFlaw.NoSides;
        return CornerThroatDepth(cut) - cut.CornerDrop / Math.Sqrt(2) > 0 ? PocketFlaw.DropInFront : null;
    }

    /// <summary>
    /// True when a ball's centre may be here: inside the nose lines and jaws offset by the cushion inset, and not past
    /// a drop edge (to 1e-9 m).
    /// </summary>
    /// <param name="centre">The ball's centre.</param>
    /// <param name="inset">The cushion inset of the ball, see <see cref="BallGauge.CushionInset"/>.</param>
    public bool IsOnBed(Place centre, double inset)
    {
        const double slack = 1e-9;
        if (!centre.IsFinite) return false;
        var insideX = centre.X >= inset - slack && centre.X <= Measurements.Length - inset + slack;
        var insideY = centre.Y >= inset - slack && centre.Y <= Measurements.Width - inset + slack;
        if (insideX && insideY) return true;
        return MouthAt(centre) is { } mouth
            && !mouth.HasFallen(centre)
            && mouth.Jaws.All(jaw => !jaw.Faces(centre.X, centre.Y) || centre.DistanceTo(jaw.Centre) >= jaw.Radius + inset - slack)
            && mouth.Facings.All(facing => IsClear(facing, centre, inset - slack));
    }

    /// <summary>The pocket between whose jaws' tangent points a place lies; null when it lies before straight cushion.</summary>
    public PocketMouth? MouthAt(Place place)
    {
        var corner = Cut.CornerJawStart;
        var nearBaulk = place.X < corner;
        var nearTop = place.X > Measurements.Length - corner;
        var yellowHalf = place.Y < Measurements.CentreLine;
        if (nearBaulk || nearTop)
        {
            var depth = yellowHalf ? place.Y : Measurements.Width - place.Y;
            if (depth >= corner) return null;
            return Mouths[(int)(nearBaulk
                ? yellowHalf ? PocketId.Yellow : PocketId.Green
                : yellowHalf ? PocketId.TopYellowSide : PocketId.TopGreenSide)];
        }

        return Math.Abs(place.X - Measurements.Length / 2) < Cut.MiddleJawStart
            ? Mouths[(int)(yellowHalf ? PocketId.MiddleYellowSide : PocketId.MiddleGreenSide)]
            : null;
    }

    private static bool IsClear(RubberLine line, Place centre, double inset)
    {
        var (across, along) = line.AlongX ? (centre.Y, centre.X) : (centre.X, centre.Y);
        return along < line.From || along > line.To || (across - line.At) * line.Inward >= inset;
    }

    private static double CornerThroatDepth(PocketCut cut) => (cut.CornerJawStart - cut.CornerJawRadius) / 2;

    private static PocketMouth Corner(PocketId pocket, PocketCut cut)
    {
        var top = pocket is PocketId.TopYellowSide or PocketId.TopGreenSide;
        var green = pocket is PocketId.Green or PocketId.TopGreenSide;
        var sx = top ? -1 : 1;
        var sy = green ? -1 : 1;
        var corner = new Place(top ? Measurements.Length : 0, green ? Measurements.Width : 0);
        var side = green ? CushionId.GreenSide : CushionId.YellowSide;
        var end = top ? CushionId.Top : CushionId.Baulk;
        var d = cut.CornerJawStart;
        var r = cut.CornerJawRadius;
        var throat = CornerThroatDepth(cut);
        var dropCentre = throat - (cut.CornerDrop + cut.DropRadius) / Math.Sqrt(2);

        return new PocketMouth(
            pocket,
            new Place(-sx / Math.Sqrt(2), -sy / Math.Sqrt(2)),
            At(throat, throat),
            At(dropCentre, dropCentre),
            cut.DropRadius,
            [
                new JawArc(pocket, side, At(d, -r), r, new Place(0, sy), new Place(-sx, 0)),
                new JawArc(pocket, end, At(-r, d), r, new Place(sx, 0), new Place(0, -sy)),
            ],
            [
                Line(side, false, At(d - r, -r).X, At(0, -r).Y, -sy, -sx),
                Line(end, true, At(-r, d - r).Y, At(-r, 0).X, -sx, -sy),
            ]);

        Place At(double alongX, double alongY) => corner.Offset(sx * alongX, sy * alongY);

        RubberLine Line(CushionId cushion, bool alongX, double at, double start, int run, int inward) => new(
            cushion, pocket, alongX, at, Math.Min(start, start + run * FacingLength), Math.Max(start, start + run * FacingLength), inward);
    }

    private static PocketMouth Middle(PocketId pocket, PocketCut cut)
    {
        var green = pocket == PocketId.MiddleGreenSide;
        var sy = green ? -1 : 1;
        var nose = green ? Measurements.Width : 0.0;
        var side = green ? CushionId.GreenSide : CushionId.YellowSide;
        var centre = Measurements.Length / 2;
        var d = cut.MiddleJawStart;
        var r = cut.MiddleJawRadius;
        return new PocketMouth(
            pocket,
            new Place(0, -sy),
            new Place(centre, nose),
            new Place(centre, nose - sy * (cut.MiddleDrop + cut.DropRadius)),
            cut.DropRadius,
            [Jaw(-1), Jaw(1)],
            [Facing(-1), Facing(1)]);

        JawArc Jaw(int way) => new(
            pocket, side, new Place(centre + way * d, nose - sy * r), r, new Place(0, sy), new Place(-way, 0));

        RubberLine Facing(int way)
        {
            var start = nose - sy * r;
            var end = start - sy * FacingLength;
            return new RubberLine(side, pocket, false, centre + way * (d - r), Math.Min(start, end), Math.Max(start, end), -way);
        }
    }

    private static IReadOnlyList<RubberLine> BuildNoses(PocketCut cut)
    {
        var corner = cut.CornerJawStart;
        var middle = cut.MiddleJawStart;
        var half = Measurements.Length / 2;
        return
        [
            new(CushionId.Baulk, null, false, 0, corner, Measurements.Width - corner, 1),
            new(CushionId.Top, null, false, Measurements.Length, corner, Measurements.Width - corner, -1),
            new(CushionId.YellowSide, null, true, 0, corner, half - middle, 1),
            new(CushionId.YellowSide, null, true, 0, half + middle, Measurements.Length - corner, 1),
            new(CushionId.GreenSide, null, true, Measurements.Width, corner, half - middle, -1),
            new(CushionId.GreenSide, null, true, Measurements.Width, half + middle, Measurements.Length - corner, -1),
        ];
    }
}
