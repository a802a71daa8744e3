using System.Text.Json;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Presets;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Presets;

/// <summary>Something about a preset that can be set.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">distance (metres) or count.</param>
/// <param name="Least">The smallest value.</param>
/// <param name="Most">The largest value.</param>
/// <param name="Default">The value that is taken when none is given.</param>
public sealed record ParameterOutput(
    string Id, string Name, [Codes(typeof(ParameterKind))] string Kind, double Least, double Most, double Default);

/// <summary>A preset.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="About">What it is for.</param>
/// <param name="Parameters">What can be set.</param>
/// <param name="Balls">How it lies with the defaults, for a small picture.</param>
public sealed record PresetOutput(
    string Id, string Name, string About, IReadOnlyList<ParameterOutput> Parameters, IReadOnlyList<BallPlace> Balls);

/// <summary>How a preset is to be laid.</summary>
/// <param name="Values">Values by parameter; defaults for the rest.</param>
/// <param name="Mirrored">True for the version of the other side.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
/// <param name="Coefficients">What the table in use differs in from the profile.</param>
public sealed record PresetRequest(
    IReadOnlyDictionary<string, double>? Values = null, bool Mirrored = false, string? Profile = null,
    CoefficientsInput? Coefficients = null);

/// <summary>Routes of presets.</summary>
public static class PresetEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapPresets(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/presets", List).WithName("ListPresets").WithSummary("The presets of the house with what can be set.");
        routes.MapPost("/api/presets/{id}", (string id, PresetRequest request) => Lay(id, request)).WithName("LayPreset")
            .WithSummary("Lays a preset.").ProducesProblem(StatusCodes.Status400BadRequest).ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static IReadOnlyList<PresetOutput> List() => [.. PresetBook.All.Select(preset => new PresetOutput(
        preset.Id,
        PresetWords.Name(preset),
        PresetWords.About(preset),
        [.. preset.Parameters.Select(parameter => new ParameterOutput(
            parameter.Id,
            PresetWords.Name(preset, parameter),
            JsonNamingPolicy.CamelCase.ConvertName(parameter.Kind.ToString()),
            parameter.Least,
            parameter.Most,
            parameter.Default))],
        Lay(preset.Id, new PresetRequest()).Balls))];

    private static PositionContent Lay(string id, PresetRequest request)
    {
        var preset = PresetBook.Find(id) ?? throw RefusalException.Unknown("unknownPreset", SheetRefusals.NoPreset);
        var (profile, table) = FieldReader.ReadTable(request.Profile, request.Coefficients);
        var values = PresetValues.Read(preset, request.Values ?? new Dictionary<string, double>(), out var wrong)
            ?? throw RefusalException.Invalid(
                "values", SheetRefusals.PresetValue,
                [.. wrong.Select(id => new Fault($"values.{id}", null, "value", PresetWords.Flaw(preset, id)))]);
        var laid = preset.Lay(values, table.Conditions.Gauge);
        return ToContent(request.Mirrored ? laid.Mirrored() : laid, profile, table);
    }

    private static PositionContent ToContent(PresetLayout laid, ConditionProfile profile, TableInUse table)
    {
        var layout = LayoutReader.Build(laid.Balls, table.Outline, table.Conditions.Gauge);
        // A preset about the pot of a colour is one that follows a red.
        var on = laid.Pot is { } about && !BallSet.IsRed(about.Ball)
            ? BallOn.Colour : BallsOn.Infer(layout.Balls.Select(ball => ball.Ball));
        var state = new PlayState(on, IsInHand: laid.IsInHand);
        var strike = PresetStrokes.Find(laid, layout, on is null ? null : FrameState.Of(layout, state), table);
        return new PositionContent(
            [.. laid.Balls.Select(placed => new BallPlace(Names.Text(placed.Ball), placed.Place.X, placed.Place.Y))],
            new StrokeInput(
                Shared.Degrees(strike.DirectionRadians), table.Conditions.Cue.Paces.FromSpeed(strike.WhiteSpeed), strike.Side,
                strike.Height),
            null,
            profile.Id,
            laid.Pot is { } pot ? new KeptPot(Names.Text(pot.Ball), Names.Text(pot.Pocket), "middle", true) : null,
            MarkReader.ToOutput(laid.Marks),
            StateReader.ToOutput(state));
    }
}
