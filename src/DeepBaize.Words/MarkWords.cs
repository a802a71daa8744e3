using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>Says why a mark cannot be.</summary>
public static class MarkWords
{
    /// <summary>What is wrong, in a sentence.</summary>
    public static string Say(MarkProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return problem.Fault switch
        {
            MarkFault.TooMany => $"There are {problem.Index} marks; a sheet has room for {MarkRules.Most}.",
            MarkFault.SameId => $"Two marks are called \"{problem.Mark!.Id}\".",
            MarkFault.Id => $"A mark's id has 1 to {MarkRules.Longest} letters and digits.",
            MarkFault.Text => $"A mark's text has up to {MarkRules.Longest} characters on one line and does not begin like a formula.",
            MarkFault.PlaceCount => Places(problem.Mark!),
            MarkFault.Outside => "A mark lies between the cushions.",
            MarkFault.RadiusOfKind => "A target has a radius, the other marks have none.",
            _ => $"A target's radius is more than 0 and at most {MarkRules.LargestRadius:0} m.",
        };
    }

    private static string Places(Mark mark)
    {
        var (least, most) = MarkRules.PlacesOf(mark.Kind);
        return least == most
            ? $"This mark has {least} place{(least == 1 ? "" : "s")}, not {mark.Places.Count}."
            : $"A zone has {least} to {most} corners, not {mark.Places.Count}.";
    }
}
