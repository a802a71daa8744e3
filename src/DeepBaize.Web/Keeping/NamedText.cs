using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Keeping;

/// <summary>Names and notes of what is kept: one line each, trimmed.</summary>
internal static class NamedText
{
    /// <summary>A name of 1 to so many characters.</summary>
    /// <exception cref="RefusalException">It is none.</exception>
    public static string Name(string name, int most)
    {
        var trimmed = name.Trim();
        return trimmed.Length > 0 && IsLine(trimmed, most)
            ? trimmed
            : throw RefusalException.Invalid("name", "No usable name", new Fault("name", null, "name", $"A name has 1 to {most} characters on one line."));
    }

    /// <summary>A note of up to so many characters; null stays null.</summary>
    /// <exception cref="RefusalException">It is none.</exception>
    public static string? Note(string? note, int most)
    {
        var trimmed = note?.Trim();
        return trimmed is null || IsLine(trimmed, most)
            ? trimmed
            : throw RefusalException.Invalid("note", "No usable note", new Fault("note", null, "note", $"A note has up to {most} characters on one line."));
    }

    /// <summary>The next name that is free: the name itself (when counting from 1), or with a number in brackets.</summary>
    /// <param name="name">The name.</param>
    /// <param name="taken">Names that are taken.</param>
    /// <param name="most">Longest name in characters.</param>
    /// <param name="from">The first number tried; 1 is the name as it is.</param>
    public static string Free(string name, IReadOnlySet<string> taken, int most, int from)
    {
        for (var number = from; ; number++)
        {
            var ending = number == 1 ? "" : $" ({number})";
            var free = name[..Math.Min(name.Length, most - ending.Length)] + ending;
            if (!taken.Contains(free)) return free;
        }
    }

    private static bool IsLine(string text, int most) => text.Length <= most && !text.Any(char.IsControl);
}
