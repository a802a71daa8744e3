using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>Maps what planning finds to the responses' shapes.</summary>
internal static class PotMapping
{
    private const double NearlyStraightDegrees = 0.1;

    public static JudgeOutput ToJudge(PottingLine line, Pot pot, double diameter) => new(
        line.CutDegrees,
        line.CutDegrees < NearlyStraightDegrees ? "straight" : line.CutRadians > 0 ? "left" : "right",
        line.Fraction,
        PotWords.Contact(line),
        Shared.ToPlace(line.Contact),
        Shared.ToPlace(line.Target),
        line.Distance,
        line.WhiteDistance,
        Shared.Code(line.SideFor(pot.Pocket)),
        PotWords.Side(line, pot),
        line.OffStraight,
        line.LineOffset(diameter) > diameter / 2 + 1e-9,
        PotWords.Ghost(line, diameter),
        PotWords.Edge(line, diameter));

    public static WindowOutput? ToWindow(PotSolution solution, double diameter)
    {
        if (solution.Window is not { } window) return null;
        return new WindowOutput(
            1000 * window.WidthAtPocket,
            Edge(window.Thick, solution.ThickMargin),
            Edge(window.Thin, solution.ThinMargin),
            PotWords.Window(solution, diameter));

        EdgeOutput Edge(WindowEdge edge, double margin) => new(
            Shared.Degrees(edge.DirectionRadians),
            1000 * margin,
            1000 * PotWords.Margin(solution, margin),
            1000 * edge.Offset,
            Shared.ToPlace(edge.Contact),
            PotWords.Share(PotWords.Margin(solution, margin), diameter));
    }

    public static AimPartsOutput ToAim(AimParts parts, PotSolution solution, TableInUse table) => new(
        Shared.Degrees(parts.GeometricRadians),
        [.. parts.Terms.Select(term => new TermOutput(
            Shared.Code(term.Kind),
            PotWords.Term(term.Kind),
            1000 * term.ThinnerMetres,
            1000 * term.TurnRadians,
            PotWords.Shift(term.ThinnerMetres, solution.Line, table.Diameter),
            PotWords.LeftOut(term.IfLeftOut, solution.Offset, solution.Pot, solution.Line, table.Diameter),
            term.IfLeftOut.Fate == ObjectBallFate.Potted,
            Shared.Degrees(solution.Strike.DirectionRadians - term.TurnRadians)))],
        1000 * parts.ThinnerMetres,
        PotWords.Shift(parts.ThinnerMetres, solution.Line, table.Diameter),
        Shared.Code(parts.Side),
        PotWords.Side(parts.Side, StrokeWords.ToTips(solution.Strike.Side, table.Diameter / 2)));

    public static IReadOnlyList<CushionSideOutput> ToCushions(WhitePath white) =>
        [.. white.Meetings.Where(meeting => meeting is { Cushion: not null, Pocket: null }).Select(meeting => new CushionSideOutput(
            Names.Text(meeting.Cushion!.Value),
            Shared.Code(meeting.Side),
            PotWords.SideAt(meeting.Side, meeting.Cushion.Value)))];

    public static IReadOnlyList<DangerOutput> ToDangers(IReadOnlyList<Danger> dangers, PotScene scene) =>
        [.. dangers.Select(danger => new DangerOutput(
            Shared.Code(danger.Kind),
            danger.Ball is { } other ? Names.Text(other) : null,
            danger.Pocket is { } pocket ? Names.Text(pocket) : null,
            danger.IsExact,
            danger.Count,
            danger.Of,
            PotWords.Danger(danger, scene.Pot.Ball, scene.Names)))];

    public static MatrixEntryOutput ToEntry(PotEntry entry, TableInUse table, bool isOn, BallNames names) => new(
        Names.Text(entry.Pot.Ball),
        Names.Text(entry.Pot.Pocket),
        Shared.Code(entry.State),
        entry.Line.CutDegrees,
        entry.Line.Fraction,
        Shared.Code(entry.Line.SideFor(entry.Pot.Pocket)),
        table.Conditions.Cue.Paces.FromSpeed(Physics.Balls.Pace.ToSpeed(entry.Pace)),
        1000 * (entry.Solution?.Window?.WidthAtPocket ?? 0),
        1000 * (entry.Solution?.Window?.WidthRadians ?? 0),
        entry.Refusal is { } refusal ? Shared.Code(refusal.Reason) : null,
        [.. entry.Blockers.Select(near => new BlockerOutput(Names.Text(near.Ball), 1000 * near.Passes, 1000 * table.Diameter))],
        entry.OpensWithout is { } gone ? Names.Text(gone) : null,
        EventWords.Capital(PotWords.Entry(entry, table.Diameter, names)),
        isOn);

    public static CellOutput ToCell(DialCell cell, PotScene scene) => new(
        scene.PaceOf(cell.Dials),
        cell.Dials.Height,
        StrokeWords.ToTips(cell.Dials.Height, scene.Layout.Gauge.Radius),
        EventWords.Capital(StrokeWords.Dial(cell.Dials, scene.Table.Conditions)),
        double.IsNaN(cell.DirectionRadians) ? null : Shared.Degrees(cell.DirectionRadians),
        Shared.Code(cell.Kind),
        cell.Rest is { } rest ? Shared.ToPlace(rest) : null,
        double.IsNaN(cell.Miss) ? null : cell.Miss,
        WhiteWords.Cell(cell, scene.Layout, scene.Pot.Ball));
}
