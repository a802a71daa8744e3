using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Aiming;

/// <summary>The side of the potting line on which the white stands.</summary>
public enum SideOfStraight
{
    /// <summary>Almost on the line.</summary>
    Straight,

    /// <summary>High: on the baulk side of the line for middle and top pockets, on the top side for baulk pockets.</summary>
    High,

    /// <summary>Low: on the other side.</summary>
    Low,
}

/// <summary>
/// A pot as plain geometry, without throw, spin or jaws: the line of the ball, the place of the white at contact and the angle between.
/// </summary>
public readonly record struct PottingLine
{
    /// <summary>Cut in degrees up to which a pot is called nearly straight (common practice, no source).</summary>
    public const double NearlyStraightDegrees = 3;

    /// <summary>Distance from the pocket point within which a ball hangs in the mouth, in metres.</summary>
    private const double JawsStartWithin = 0.06;

    /// <summary>Angle from a corner's axis beyond which a ball runs along the cushion.</summary>
    private const double AlongCushionRadians = 41 * Math.PI / 180;

    private PottingLine(Place white, Place ball, Place target, Place point, double diameter)
    {
        (White, Ball, Target, Point) = (white, ball, target, point);
        Distance = ball.DistanceTo(target);
        BallHeading = ball.HeadingTo(target);
        Contact = GhostAt(BallHeading, ball, diameter);
        AimHeading = white.HeadingTo(Contact);
        CutRadians = Math.IEEERemainder(BallHeading - AimHeading, Math.Tau);
        WhiteDistance = white.DistanceTo(Contact);
    }

    /// <summary>Centre of the white.</summary>
    public Place White { get; }

    /// <summary>Centre of the object ball.</summary>
    public Place Ball { get; }

    /// <summary>The point of the pocket through which the ball's line is drawn.</summary>
    public Place Target { get; }

    /// <summary>The point from which offsets are told: the pocket point, or the drop's centre for a ball that hangs in the mouth.</summary>
    public Place Point { get; }

    /// <summary>Signed metres by which the wanted line passes that point, positive to the left of the ball's way.</summary>
    public double WantedOffset => Math.Sin(BallHeading) * (Point.X - Ball.X) - Math.Cos(BallHeading) * (Point.Y - Ball.Y);

    /// <summary>Metres from the object ball to that point.</summary>
    public double Distance { get; }

    /// <summary>Metres that the white runs to the contact.</summary>
    public double WhiteDistance { get; }

    /// <summary>Heading of the object ball in radians, anticlockwise from straight up the table.</summary>
    public double BallHeading { get; }

    /// <summary>Centre of the white at contact.</summary>
    public Place Contact { get; }

    /// <summary>Heading of the white towards the contact in radians.</summary>
    public double AimHeading { get; }

    /// <summary>Angle from the white's heading to the ball's, -pi to pi; positive when the ball is cut to the left.</summary>
    public double CutRadians { get; }

    /// <summary>Size of the cut in degrees.</summary>
    public double CutDegrees => Math.Abs(CutRadians) * 180 / Math.PI;

    /// <summary>True when the white can meet the ball on this side at all.</summary>
    public bool IsReachable => Math.Abs(CutRadians) < Math.PI / 2;

    /// <summary>How much of the ball is covered: 1 full, 1/2 half ball, 0 the finest edge.</summary>
    public double Fraction => 1 - Math.Sin(Math.Min(Math.Abs(CutRadians), Math.PI / 2));

    /// <summary>Metres by which the line of the white's centre passes the object ball's centre.</summary>
    public double LineOffset(double diameter) => diameter * Math.Sin(Math.Min(Math.Abs(CutRadians), Math.PI / 2));

    /// <summary>Signed metres of the white from the straight potting line; positive to the left of the ball's heading.</summary>
    public double OffStraight =>
        Math.Cos(BallHeading) * (White.Y - Ball.Y) - Math.Sin(BallHeading) * (White.X - Ball.X);

    /// <summary>The pocket point: the corner of the nose lines, or the middle of a middle pocket on the nose line.</summary>
    public static Place PointOf(PocketId pocket) => new(
        pocket switch
        {
            PocketId.Yellow or PocketId.Green => 0,
            PocketId.MiddleYellowSide or PocketId.MiddleGreenSide => Measurements.Length / 2,
            _ => Measurements.Length,
        },
        pocket is PocketId.Green or PocketId.MiddleGreenSide or PocketId.TopGreenSide ? Measurements.Width : 0);

    /// <summary>The line of a pot.</summary>
    /// <param name="layout">The balls; with the white and the object ball.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="table">The table.</param>
    public static PottingLine Of(Layout layout, Pot pot, TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(table);
        var white = layout[BallId.Cue] ?? throw new ArgumentException("The layout has no white.", nameof(layout));
        var ball = layout[pot.Ball] ?? throw new ArgumentException("The ball is not on the table.", nameof(pot));
        return Between(white, ball, pot, table, layout.Gauge.Diameter);
    }

    /// <summary>The line of a pot for a white and a ball at given places.</summary>
    public static PottingLine Between(Place white, Place ball, Pot pot, TableInUse table, double diameter)
    {
        ArgumentNullException.ThrowIfNull(table);
        var plain = Between(white, ball, pot, table.Outline, diameter);
        if (pot.Part != PocketPart.Opening || plain.Target != plain.Point || ball.DistanceTo(PointOf(pot.Pocket)) < JawsStartWithin)
            return plain;
        var opening = PocketOpenings.Of(table).At(pot.Pocket, ball, out var throat);
        var mouth = table.Outline.Mouths[(int)pot.Pocket];
        var (wx, wy) = (throat.X - ball.X, throat.Y - ball.Y);
        var fromAxis = Math.Abs(Math.Atan2(mouth.Axis.X * wy - mouth.Axis.Y * wx, mouth.Axis.X * wx + mouth.Axis.Y * wy));
        // Along a cushion there is one line only.
        if (opening.Width <= 0
            || (pot.Pocket is not (PocketId.MiddleYellowSide or PocketId.MiddleGreenSide) && fromAxis > AlongCushionRadians)) return plain;
        var across = ball.HeadingTo(throat) + Math.PI / 2;
        return new PottingLine(
            white, ball, throat.Offset(opening.Middle * Math.Cos(across), opening.Middle * Math.Sin(across)), plain.Point, diameter);
    }

    /// <summary>The line by the outline alone; the middle of the opening is taken to be the pocket point.</summary>
    public static PottingLine Between(Place white, Place ball, Pot pot, TableOutline outline, double diameter)
    {
        ArgumentNullException.ThrowIfNull(outline);
        var mouth = outline.Mouths[(int)pot.Pocket];
        var point = PointOf(pot.Pocket);
        // A ball that hangs in the mouth is simply sent over the drop.
        if (ball.DistanceTo(point) < JawsStartWithin) return new PottingLine(white, ball, mouth.DropCentre, mouth.DropCentre, diameter);
        return new PottingLine(white, ball, TargetOf(ball, pot.Part, point, mouth), point, diameter);
    }

    /// <summary>Centre of a white that touches a ball so that the line of centres has a heading.</summary>
    public static Place GhostAt(double heading, Place ball, double diameter) =>
        ball.Offset(-diameter * Math.Cos(heading), -diameter * Math.Sin(heading));

    /// <summary>
    /// Shift in metres at the contact of a line that is turned: positive to a thinner contact; to the left for a pot that is all but
    /// straight.
    /// </summary>
    /// <param name="turnRadians">Anticlockwise turn of the white's line.</param>
    public double ThinnerBy(double turnRadians) =>
        WhiteDistance * Math.Tan(turnRadians) * (CutDegrees < 0.1 || CutRadians < 0 ? 1 : -1);

    /// <summary>On which side of straight the white stands.</summary>
    public SideOfStraight SideFor(PocketId pocket)
    {
        if (CutDegrees < NearlyStraightDegrees) return SideOfStraight.Straight;
        // The white is high when its place lies towards baulk from the line, measured along the table.
        var towardsTop = -Math.Sin(BallHeading) * OffStraight;
        var high = pocket is PocketId.Yellow or PocketId.Green ? towardsTop > 0 : towardsTop < 0;
        return high ? SideOfStraight.High : SideOfStraight.Low;
    }

    private static Place TargetOf(Place ball, PocketPart part, Place point, PocketMouth mouth)
    {
        if (part is PocketPart.Middle or PocketPart.Opening) return point;
        var distance = ball.DistanceTo(point);
        var (ux, uy) = ((point.X - ball.X) / distance, (point.Y - ball.Y) / distance);
        var (first, second) = (mouth.Jaws[0].TangentPoint, mouth.Jaws[1].TangentPoint);
        var firstIsNear = first.SquaredDistanceTo(ball) <= second.SquaredDistanceTo(ball);
        var jaw = firstIsNear == (part == PocketPart.NearJaw) ? first : second;
        var side = Math.Sign(ux * (jaw.Y - point.Y) - uy * (jaw.X - point.X));
        return point.Offset(-uy * side * Pot.JawOffset, ux * side * Pot.JawOffset);
    }
}
