using DeepBaize.Data.Positions;

namespace DeepBaize.Data.Attempts;

/// <summary>What is attempted.</summary>
public enum AttemptKind
{
    /// <summary>A line-up.</summary>
    LineUp,
}

/// <summary>An attempt that is over, as a row. Rows are added and never changed; undo takes one away.</summary>
public sealed class KeptAttempt
{
    /// <summary>Version of the rules that are written now.</summary>
    public const int CurrentVersion = 1;

    /// <summary>Length of a task's key in characters.</summary>
    public const int TaskLength = 64;

    /// <summary>Longest player in characters.</summary>
    public const int PlayerLength = 60;

    /// <summary>Key, chosen by who sends it: what is sent twice is kept once.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>Who played: name or id on the shelf; empty when nobody was said.</summary>
    public required string Player { get; init; }

    /// <summary>What was attempted.</summary>
    public AttemptKind Kind { get; init; }

    /// <summary>The rules of it, as JSON.</summary>
    public required string Rules { get; init; }

    /// <summary>Version of the rules' shape.</summary>
    public int SchemaVersion { get; init; } = CurrentVersion;

    /// <summary>The balls with which it began.</summary>
    public required IReadOnlyList<SavedBall> Balls { get; init; }

    /// <summary>A key of player, kind, rules and balls: attempts of one player at the same thing have the same.</summary>
    public required string Task { get; init; }

    /// <summary>Points that it made.</summary>
    public int Points { get; init; }

    /// <summary>How it ended: missed, foul, cushion or cleared.</summary>
    public required string End { get; init; }

    /// <summary>When it was over.</summary>
    public DateTimeOffset PlayedAt { get; init; }
}
