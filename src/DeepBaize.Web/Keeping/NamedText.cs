using System.Globalization;
using System.Text;
using DeepBaize.Web.Problems;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Keeping;

/// <summary>
/// Names and notes of what is kept: one line each, trimmed, of characters that can be seen and stand where they are written.
/// </summary>
internal static class NamedText
{
    /// <summary>A name of 1 to so many characters.</summary>
    /// <exception cref="RefusalException">It is none.</exception>
    public static string Name(string name, int most)
    {
        var trimmed = name.Trim();
        return trimmed.Length > 0 && IsLine(trimmed, most)
            ? trimmed
            : throw RefusalException.Invalid("name", "name", BookRefusals.Name(most));
    }

    /// <summary>A note of up to so many characters; null stays null.</summary>
    /// <exception cref="RefusalException">It is none.</exception>
    public static string? Note(string? note, int most)
    {
        var trimmed = note?.Trim();
        return trimmed is null || IsLine(trimmed, most)
            ? trimmed
            : throw RefusalException.Invalid("note", "note", BookRefusals.Note(most));
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
            var free = Cut(name, most - ending.Length) + ending;
            if (!taken.Contains(free)) return free;
        }
    }

    /// <summary>
    /// True for a text of at most so many characters without line breaks, invisible signs, signs that turn the direction, or halves of
    /// signs.
    /// </summary>
    public static bool IsLine(string text, int most) => text.Length <= most && !HasLoneHalf(text) && !text.EnumerateRunes().Any(IsUnseen);

    /// <summary>The beginning of a text; a sign of two halves is not cut through.</summary>
    private static string Cut(string text, int most)
    {
        if (text.Length <= most) return text;
        return char.IsHighSurrogate(text[most - 1]) ? text[..(most - 1)] : text[..most];
    }

    private static bool HasLoneHalf(string text)
    {
        for (var i = 0; i < text.Length; i++)
        {
            if (!char.IsSurrogate(text[i])) continue;
            if (!char.IsHighSurrogate(text[i]) || i + 1 == text.Length || !char.IsLowSurrogate(text[i + 1])) return true;
            i++;
        }

        return false;
    }

    /// <summary>
    /// Control and format signs (direction, joiners, soft hyphens), line ends, unassigned ones, and letters that show nothing.
    /// </summary>
    private static bool IsUnseen(Rune sign) => Rune.GetUnicodeCategory(sign) is
        UnicodeCategory.Control or UnicodeCategory.Format or UnicodeCategory.LineSeparator or UnicodeCategory.ParagraphSeparator
            or UnicodeCategory.PrivateUse or UnicodeCategory.OtherNotAssigned
        || sign.Value is 0x034F or 0x115F or 0x1160 or 0x17B4 or 0x17B5 or 0x2800 or 0x3164 or 0xFFA0;
}
