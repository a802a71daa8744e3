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
            StatusCodes.Status404NotFound => ("unknownAddress", "There is nothing at this address."),
            StatusCodes.Status405MethodNotAllowed => ("unknownMethod", "This address does not do that."),
            StatusCodes.Status413PayloadTooLarge => ("bodyTooLarge", "The request is larger than 1 MB."),
            StatusCodes.Status415UnsupportedMediaType => ("notJson", "This address reads JSON only."),
            _ => ("refused", "The request could not be carried out."),
        };
        problem.Type = $"urn:deep-baize:{code}";
        problem.Detail = sentence;
        problem.Extensions["code"] = code;
    }
}
