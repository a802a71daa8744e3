using System.Text.RegularExpressions;
using DeepBaize.Data.Positions;
using DeepBaize.Physics.Profiles;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Book;

/// <summary>Finds saved positions by words: each must stand in the name, the note, a tag or the table's name, in any letters.</summary>
internal static partial class BookSearch
{
    private const int LongestWords = 200;
    private const int MostWords = 8;

    /// <summary>The positions in which every word stands; all when there is none.</summary>
    /// <exception cref="RefusalException">There are too many words.</exception>
    public static IQueryable<SavedPosition> Find(IQueryable<SavedPosition> positions, string? words)
    {
        var each = (words ?? "").Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        if (words?.Length > LongestWords || each.Length > MostWords || words?.Contains('\0', StringComparison.Ordinal) == true)
            throw RefusalException.Invalid("words", "words", BookRefusals.Words(MostWords, LongestWords));
        foreach (var word in each)
        {
            var pattern = $"%{Wildcards().Replace(word, @"\$0")}%";
            var tables = HouseProfiles.All.Where(profile => ProfileWords.Name(profile).Contains(word, StringComparison.OrdinalIgnoreCase))
                .Select(profile => profile.Id).ToList();
            positions = positions.Where(row =>
                EF.Functions.ILike(row.Name, pattern)
                || EF.Functions.ILike(row.Note, pattern)
                || row.Tags.Any(tag => EF.Functions.ILike(tag, pattern))
                || tables.Contains(row.Profile));
        }

        return positions;
    }

    /// <summary>The signs that stand for others in a pattern, and that which takes this meaning from them.</summary>
    [GeneratedRegex(@"[\\%_]")]
    private static partial Regex Wildcards();
}
