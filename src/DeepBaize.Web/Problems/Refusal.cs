using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Problems;

/// <summary>One thing wrong with a request.</summary>
/// <param name="Field">The field, such as <c>strike.side</c> or <c>balls[2]</c>.</param>
/// <param name="Ball">The ball concerned, where there is one.</param>
/// <param name="Reason">A stable word for the reason.</param>
/// <param name="Sentence">What is wrong, in a sentence that a player understands.</param>
public sealed record Fault(string Field, string? Ball, string Reason, string Sentence);

/// <summary>
/// A request that cannot be served, with everything that is wrong with it. Thrown by features, turned into problem
/// details in one place.
/// </summary>
public sealed class RefusalException(int status, string code, string title, IReadOnlyList<Fault> faults)
    : Exception(faults.Count > 0 ? faults[0].Sentence : title)
{
    /// <summary>A refusal for one thing.</summary>
    /// <param name="status">HTTP status, 4xx.</param>
    /// <param name="code">Stable code.</param>
    /// <param name="field">The field that is wrong; empty for the whole.</param>
    /// <param name="words">What is said.</param>
    /// <param name="reason">A stable word for the reason; the code where there is none of its own.</param>
    /// <param name="ball">The ball concerned, where there is one.</param>
    public RefusalException(int status, string code, string field, Refused words, string? reason = null, string? ball = null)
        : this(status, code, words.Title, [new Fault(field, ball, reason ?? code, words.Sentence)])
    {
    }

    /// <summary>HTTP status, 4xx.</summary>
    public int Status { get; } = status;

    /// <summary>Stable code.</summary>
    public string Code { get; } = code;

    /// <summary>Short title.</summary>
    public string Title { get; } = title;

    /// <summary>Everything that is wrong.</summary>
    public IReadOnlyList<Fault> Faults { get; } = faults;

    /// <summary>Seconds after which the same may be asked again; null where that makes no difference.</summary>
    public int? RetryAfterSeconds { get; private init; }

    /// <summary>A request for which there is no room just now: 429 with a time to come again.</summary>
    /// <param name="seconds">Seconds to wait.</param>
    public static RefusalException Busy(int seconds) =>
        new(StatusCodes.Status429TooManyRequests, "busy", "", RequestRefusals.Busy(seconds)) { RetryAfterSeconds = seconds };

    /// <summary>A request whose values are wrong: 400.</summary>
    public static RefusalException Invalid(string code, string title, params IReadOnlyList<Fault> faults) =>
        new(StatusCodes.Status400BadRequest, code, title, faults);

    /// <summary>A request of which one value is wrong: 400.</summary>
    /// <param name="code">Stable code.</param>
    /// <param name="field">The field that is wrong.</param>
    /// <param name="words">What is said.</param>
    /// <param name="reason">A stable word for the reason; the code where there is none of its own.</param>
    /// <param name="ball">The ball concerned, where there is one.</param>
    public static RefusalException Invalid(string code, string field, Refused words, string? reason = null, string? ball = null) =>
        new(StatusCodes.Status400BadRequest, code, field, words, reason, ball);

    /// <summary>A request that may not be made from where it comes: 403.</summary>
    public static RefusalException Forbidden(string code, string sentence) =>
        new(StatusCodes.Status403Forbidden, code, sentence, []);

    /// <summary>A request that asks for something that does not exist: 404.</summary>
    public static RefusalException Unknown(string code, string sentence) =>
        new(StatusCodes.Status404NotFound, code, sentence, []);

    /// <summary>A request that collides with what somebody else did: 409.</summary>
    public static RefusalException Conflict(string code, string sentence) =>
        new(StatusCodes.Status409Conflict, code, sentence, []);

    /// <summary>A request that is well formed but cannot be carried out: 422.</summary>
    /// <param name="code">Stable code.</param>
    /// <param name="field">The field that it is about.</param>
    /// <param name="words">What is said.</param>
    /// <param name="ball">The ball concerned, where there is one.</param>
    public static RefusalException Impossible(string code, string field, Refused words, string? ball = null) =>
        new(StatusCodes.Status422UnprocessableEntity, code, field, words, null, ball);
}
