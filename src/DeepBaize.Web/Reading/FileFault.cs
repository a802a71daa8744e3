using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Reading;

/// <summary>Refusals of files: each names the line and the field.</summary>
internal static class FileFault
{
    /// <summary>A file that is refused for one thing.</summary>
    /// <param name="line">The line, from 1; 0 when it is about the file as a whole.</param>
    /// <param name="field">The field; empty when it is about the line.</param>
    /// <param name="sentence">What is wrong.</param>
    public static RefusalException At(int line, string field, string sentence) =>
        RefusalException.Invalid("file", "A file that cannot be taken", Fault(line, field, sentence));

    /// <summary>A fault with its line said in front.</summary>
    public static Fault Fault(int line, string field, string sentence)
    {
        var where = (line > 0, field.Length > 0) switch
        {
            (true, true) => $"Line {line}, {field}: ",
            (true, false) => $"Line {line}: ",
            (false, true) => $"{field}: ",
            _ => "",
        };
        return new Fault(field, null, "file", where + sentence);
    }

    /// <summary>The same refusal with the lines of its fields said.</summary>
    public static RefusalException WithLines(RefusalException refusal, Func<string, int> lineOf) => RefusalException.Invalid(
        "file", "A file that cannot be taken",
        [.. refusal.Faults.Select(fault => Fault(lineOf(fault.Field), fault.Field, fault.Sentence))]);
}
