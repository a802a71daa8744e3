using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Sheets;

/// <summary>Measures a sheet so that it can be laid by hand.</summary>
internal static class SetUpSheet
{
    /// <summary>The lines of the set-up sheet: balls on their own spots first, then the others.</summary>
    public static SetUpResponse Measure(SetUpRequest request)
    {
        var (profile, table) = FieldReader.ReadTable(request.Profile, request.Coefficients);
        var units = FieldReader.ReadUnits(request.Units);
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(request.Balls), table.Outline, table.Conditions.Gauge);
        var marks = MarkReader.Read(request.Marks);
        var isRacked = Measuring.IsRacked(layout);
        return new SetUpResponse(
            [.. Measuring.Measure(layout, table.Outline)
                .Where(ball => !isRacked || !BallSet.IsRed(ball.Ball) || ball.Ball == BallId.Red1)
                .OrderBy(ball => ball.OnSpot != ball.Ball).ThenBy(ball => ball.Ball == BallId.Cue)
                .Select(ball => isRacked && ball.Ball == BallId.Red1 ? RackLine(layout, units) : Line(ball, units))],
            [.. marks.SelectMany(mark => mark.Places.Select((place, i) => Line(mark, place, i, layout, units)))],
            ProfileWords.Name(profile));
    }

    private static SetUpLine Line(MeasuredBall ball, LengthUnits units) => new(
        Names.Text(ball.Ball),
        NameWords.Numbered(ball.Ball),
        SetUpWords.From(ball.End, ball.FromEnd, units),
        SetUpWords.From(ball.Side, ball.FromSide, units),
        SetUpWords.Where(ball));

    private static SetUpLine RackLine(Layout layout, LengthUnits units)
    {
        var (end, side) = Measuring.FromCushions(Spots.Rack(layout.Gauge.Diameter)[0]);
        return new SetUpLine(
            "rack", SetUpWords.RackName, SetUpWords.From(end.Cushion, end.Distance, units),
            SetUpWords.From(side.Cushion, side.Distance, units), SetUpWords.Rack);
    }

    private static SetUpLine Line(Mark mark, Place place, int index, Layout layout, LengthUnits units)
    {
        var (end, side) = Measuring.FromCushions(place);
        var others = layout.Balls.Where(ball => mark.Kind != MarkKind.WhitePlace || ball.Ball != BallId.Cue).ToList();
        return new SetUpLine(
            $"{mark.Id}-{index}",
            SetUpWords.Named(mark, index),
            SetUpWords.From(end.Cushion, end.Distance, units),
            SetUpWords.From(side.Cushion, side.Distance, units),
            SetUpWords.Where(mark, Landmarks.Describe(place, others, layout.Gauge), units));
    }
}
