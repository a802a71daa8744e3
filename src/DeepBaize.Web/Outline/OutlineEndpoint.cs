using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Table;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Outline;

/// <summary>A straight piece of rubber.</summary>
/// <param name="Cushion">The cushion.</param>
/// <param name="Pocket">The pocket whose facing it is; null for a nose line.</param>
/// <param name="From">One end.</param>
/// <param name="To">The other end.</param>
public sealed record RubberOutput(
    [Codes(typeof(CushionId))] string Cushion, [Codes(typeof(PocketId))] string? Pocket, PlaceOutput From, PlaceOutput To);

/// <summary>A jaw: a quarter circle.</summary>
/// <param name="Centre">Its centre.</param>
/// <param name="Radius">Its radius in metres.</param>
/// <param name="From">Where it leaves the nose line.</param>
/// <param name="To">Where it ends in the pocket.</param>
public sealed record JawOutput(PlaceOutput Centre, double Radius, PlaceOutput From, PlaceOutput To);

/// <summary>A pocket.</summary>
/// <param name="Id">The pocket.</param>
/// <param name="Name">What players call it.</param>
/// <param name="Throat">Middle of its throat.</param>
/// <param name="DropCentre">Centre of the circle along which the slate falls away.</param>
/// <param name="DropRadius">Radius of that circle in metres.</param>
/// <param name="Jaws">Its two jaws.</param>
/// <param name="Facings">The straight rubber behind them.</param>
public sealed record MouthOutput(
    [Codes(typeof(PocketId))] string Id, string Name, PlaceOutput Throat, PlaceOutput DropCentre, double DropRadius,
    IReadOnlyList<JawOutput> Jaws, IReadOnlyList<RubberOutput> Facings);

/// <summary>A spot.</summary>
/// <param name="Ball">The colour whose spot it is.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
public sealed record SpotOutput(string Ball, double X, double Y);

/// <summary>The table as it is drawn: exactly as it is simulated.</summary>
/// <param name="Length">Length between noses in metres.</param>
/// <param name="Width">Width between noses in metres.</param>
/// <param name="BallRadius">Radius of a ball in metres.</param>
/// <param name="BaulkLine">Distance of the baulk line from the baulk cushion.</param>
/// <param name="DRadius">Radius of the D.</param>
/// <param name="Noses">The straight nose lines.</param>
/// <param name="Pockets">The pockets.</param>
/// <param name="Spots">The spots of the colours.</param>
/// <param name="Rack">Where the racked reds stand.</param>
/// <param name="MiscueOffset">Tip offset, in ball radii, beyond which a miscue threatens.</param>
/// <param name="TipRadius">Radius of the tip's outline in metres.</param>
/// <param name="TipStep">Contact offset, in ball radii, of one tip of the cue's axis.</param>
/// <param name="TipAxisFactor">Offset of the cue's axis divided by that of the contact point of its domed tip.</param>
/// <param name="NoseHeight">Height of the cushions' nose in metres.</param>
public sealed record OutlineResponse(
    double Length,
    double Width,
    double BallRadius,
    double BaulkLine,
    double DRadius,
    IReadOnlyList<RubberOutput> Noses,
    IReadOnlyList<MouthOutput> Pockets,
    IReadOnlyList<SpotOutput> Spots,
    IReadOnlyList<SpotOutput> Rack,
    double MiscueOffset,
    double TipRadius,
    double TipStep,
    double TipAxisFactor,
    double NoseHeight);

/// <summary>A table that differs from its profile.</summary>
/// <param name="Coefficients">What differs.</param>
/// <param name="Profile">Name or id of the profile; absent is the club's.</param>
public sealed record OutlineRequest(CoefficientsInput? Coefficients = null, string? Profile = null);

/// <summary>Route of the table's outline.</summary>
public static class OutlineEndpoint
{
    /// <summary>Maps the route.</summary>
    public static void MapOutline(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/table", (string? profile) => Describe(ConditionsReader.Find(profile)))
            .WithName("TableOutline")
            .WithSummary("Measurements, cushions, pockets and spots of a table; the club's when no profile is named.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        routes.MapPost("/api/table", (OutlineRequest request) =>
            {
                var (conditions, outline) = ConditionsReader.Read(ConditionsReader.Find(request.Profile), request.Coefficients);
                return Describe(outline, conditions.Gauge);
            })
            .WithName("OwnTableOutline")
            .WithSummary("The same for a table that differs from its profile.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static OutlineResponse Describe(ConditionProfile profile) => Describe(profile.Outline, profile.Conditions.Gauge);

    private static OutlineResponse Describe(TableOutline outline, BallGauge gauge) => new(
        Measurements.Length,
        Measurements.Width,
        gauge.Radius,
        Measurements.BaulkLine,
        Measurements.DRadius,
        [.. outline.Noses.Select(Rubber)],
        [.. outline.Mouths.Select(Mouth)],
        [.. BallSet.Colours.Select(colour => Spot(colour, Spots.Of(colour)!.Value))],
        [.. Spots.Rack(gauge.Diameter).Select((place, i) => Spot(BallSet.Reds[i], place))],
        Physics.Impacts.Strike.MiscueOffset,
        CueShape.TipRadius,
        1 / StrokeWords.ToTips(1, gauge.Radius),
        CueShape.AxisFactor(gauge.Radius),
        gauge.NoseHeight);

    private static MouthOutput Mouth(PocketMouth mouth) => new(
        Names.Text(mouth.Pocket),
        NameWords.Of(mouth.Pocket),
        Point(mouth.ThroatMiddle),
        Point(mouth.DropCentre),
        mouth.DropRadius,
        [.. mouth.Jaws.Select(jaw => new JawOutput(Point(jaw.Centre), jaw.Radius, Point(jaw.TangentPoint), Point(jaw.InnerEnd)))],
        [.. mouth.Facings.Select(Rubber)]);

    private static RubberOutput Rubber(RubberLine line) => new(
        Names.Text(line.Cushion), line.Pocket is { } pocket ? Names.Text(pocket) : null, Point(line.Start), Point(line.End));

    private static SpotOutput Spot(BallId ball, Place place) => new(Names.Text(ball), place.X, place.Y);

    private static PlaceOutput Point(Place place) => new(place.X, place.Y);
}
