using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Problems;

/// <summary>Gives a code and a sentence to refusals that the framework makes by itself.</summary>
internal static class PlainStatus
{
    public static void Explain(ProblemDetailsContext context)
    {
        var problem = context.ProblemDetails;
        if (problem.Detail is not null) return;
        var (code, sentence) = problem.Status switch
        {
            StatusCodes.Status404NotFound => ("unknownAddress", RequestRefusals.NoAddress),
            StatusCodes.Status405MethodNotAllowed => ("unknownMethod", RequestRefusals.NoMethod),
            StatusCodes.Status413PayloadTooLarge => ("bodyTooLarge", RequestRefusals.TooLarge),
            StatusCodes.Status415UnsupportedMediaType => ("notJson", RequestRefusals.NotJson),
            _ => ("refused", RequestRefusals.Other),
        };
        problem.Type = $"urn:deep-baize:{code}";
        problem.Detail = sentence;
        problem.Extensions["code"] = code;
    }
}
