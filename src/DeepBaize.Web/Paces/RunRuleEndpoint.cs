using System.Collections.Concurrent;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Paces;

/// <summary>One mark on the run rule.</summary>
/// <param name="Pace">Pace, 1 to 10 in tenths.</param>
/// <param name="WhiteSpeed">Speed of the white off the tip in m/s.</param>
/// <param name="Lengths">Lengths that the white runs alone on this table.</param>
public sealed record RunMark(double Pace, double WhiteSpeed, double Lengths);

/// <summary>The run rule of a table.</summary>
/// <param name="Marks">Marks from the softest to the hardest pace.</param>
/// <param name="LengthMetres">One length in metres.</param>
public sealed record RunRuleResponse(IReadOnlyList<RunMark> Marks, double LengthMetres);

/// <summary>What table the run rule is for.</summary>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
public sealed record RunRuleRequest(CoefficientsInput? Coefficients = null, string? Profile = null);

/// <summary>Route of the run rule: how far each pace runs on a table.</summary>
public static class RunRuleEndpoint
{
    private const int StepsPerPace = 10;

    private static readonly ConcurrentDictionary<string, RunRuleResponse> Known = new();

    /// <summary>Maps the route.</summary>
    public static void MapRunRule(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/run-rule", (RunRuleRequest request) => Answer(request))
            .WithName("RunRule")
            .WithSummary("How far the white runs alone at each pace.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static RunRuleResponse Answer(RunRuleRequest request)
    {
        var profile = ConditionsReader.Find(request.Profile);
        var (conditions, outline) = ConditionsReader.Read(profile, request.Coefficients);
        // The rules of the house's own profiles are asked for again and again; others are not kept.
        return conditions == profile.Conditions
            ? Known.GetOrAdd(profile.Id, _ => Measure(conditions, outline))
            : Measure(conditions, outline);
    }

    private static RunRuleResponse Measure(PlayingConditions conditions, TableOutline outline)
    {
        var simulation = new TableSimulation(conditions, outline);
        var steps = (int)(Pace.Hardest - Pace.Softest) * StepsPerPace;
        return new RunRuleResponse(
            [.. Enumerable.Range(0, steps + 1).Select(step =>
            {
                var pace = Pace.Softest + (double)step / StepsPerPace;
                var speed = conditions.Cue.Paces.ToSpeed(pace);
                return new RunMark(pace, speed, RunLength.Of(simulation, conditions, outline, speed));
            })],
            RunLength.Metres);
    }
}
