using DeepBaize.Web.Problems;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Refusals of files: each names the line and the field.</summary>
internal static class FileFault
{
    /// <summary>A file that is refused for one thing.</summary>
    /// <param name="line">The line, from 1; 0 when it is about the file as a whole.</param>
    /// <param name="field">The field; empty when it is about the line.</param>
    /// <param name="sentence">What is wrong.</param>
    public static RefusalException At(int line, string field, string sentence) =>
        RefusalException.Invalid("file", FileRefusals.Title, Fault(line, field, sentence));

    /// <summary>A fault with its line said in front.</summary>
    public static Fault Fault(int line, string field, string sentence) =>
        new(field, null, "file", FileRefusals.At(line, field, sentence));

    /// <summary>The same refusal with the lines of its fields said.</summary>
    public static RefusalException WithLines(RefusalException refusal, Func<string, int> lineOf) => RefusalException.Invalid(
        "file", FileRefusals.Title, [.. refusal.Faults.Select(fault => Fault(lineOf(fault.Field), fault.Field, fault.Sentence))]);
}
