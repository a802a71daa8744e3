using System.Text.Json.Serialization;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Breaks;

namespace DeepBaize.Bench.Long;

/// <summary>What a long check came to.</summary>
/// <param name="Holds">True when what it must show was shown.</param>
/// <param name="Figures">Its figures, a line each.</param>
internal sealed record LongResult(bool Holds, IReadOnlyList<string> Figures);

/// <summary>On what the figures of a check depend.</summary>
internal enum MadeBy
{
    /// <summary>On the engine alone.</summary>
    Engine,

    /// <summary>On the search for a stroke as well.</summary>
    Search,

    /// <summary>On which of the strokes that were found becomes the plan as well.</summary>
    Plans,
}

/// <summary>Evidence that takes too long for every test run.</summary>
/// <param name="Name">Its name on the command line.</param>
/// <param name="Title">What it shows.</param>
/// <param name="Size">How much is tried.</param>
/// <param name="Seed">Seed of what is drawn.</param>
/// <param name="By">On what the figures depend.</param>
/// <param name="Run">Runs it.</param>
internal sealed record LongCheck(string Name, string Title, string Size, int Seed, MadeBy By, Func<LongResult> Run)
{
    /// <summary>Version of the planner that makes the figures; null when they do not depend on it.</summary>
    public int? Planner => By switch
    {
        MadeBy.Search => PlannerVersion.Current,
        MadeBy.Plans => PlannerVersion.Plans,
        _ => null,
    };
}

/// <summary>A check as it stands in the docs.</summary>
/// <param name="Check">Its name.</param>
/// <param name="Title">What it shows.</param>
/// <param name="Size">How much was tried.</param>
/// <param name="Seed">Seed.</param>
/// <param name="Engine">Version of the engine.</param>
/// <param name="Planner">Version of the planner; null when the figures do not depend on it.</param>
/// <param name="Date">The day.</param>
/// <param name="Minutes">Minutes that it took.</param>
/// <param name="Processors">Processors of the machine.</param>
/// <param name="Holds">True when what it must show was shown.</param>
/// <param name="Figures">Its figures.</param>
internal sealed record LongRecord(
    string Check, string Title, string Size, int Seed, int Engine, int? Planner, DateOnly Date, double Minutes, int Processors, bool Holds,
    IReadOnlyList<string> Figures)
{
    /// <summary>True when engine and planner of this build made the figures.</summary>
    [JsonIgnore]
    public bool IsOfThisBuild =>
        Engine == EngineVersion.Current && Planner == LongChecks.All.FirstOrDefault(check => check.Name == Check)?.Planner;

    /// <summary>The record of a check that has just run.</summary>
    public static LongRecord Of(LongCheck check, LongResult result, TimeSpan took) => new(
        check.Name, check.Title, check.Size, check.Seed, EngineVersion.Current, check.Planner,
        DateOnly.FromDateTime(DateTime.UtcNow), Math.Round(took.TotalMinutes, 1), Environment.ProcessorCount, result.Holds, result.Figures);
}
