using System.Buffers.Binary;
using System.Text.RegularExpressions;

namespace DeepBaize.Architecture.Tests;

/// <summary>What README and docs point to is there.</summary>
public sealed partial class DocumentTests
{
    private static readonly string Root = RepositoryRoot.Find();

    private static IEnumerable<string> Documents =>
        Directory.GetFiles(Path.Combine(Root, "docs"), "*.md").Append(Path.Combine(Root, "README.md"));

    [Fact]
    public void Every_link_between_documents_leads_somewhere()
    {
        foreach (var document in Documents)
        {
            var text = File.ReadAllText(document);
            foreach (var link in Link().Matches(text).Select(match => match.Groups[1].Value).Where(link => !link.Contains("://")))
            {
                var parts = link.Split('#');
                var target = parts[0].Length == 0 ? document : Path.Combine(Path.GetDirectoryName(document)!, parts[0]);
                Assert.True(File.Exists(target) || Directory.Exists(target), $"{document}: {link}");
                if (parts.Length > 1) Assert.Contains(parts[1], Heading().Matches(File.ReadAllText(target)).Select(Anchor));
            }
        }
    }

    [Fact]
    public void Every_picture_is_shown_in_the_README_and_as_large_as_the_screen_that_it_is_of()
    {
        var readme = File.ReadAllText(Path.Combine(Root, "README.md"));
        var pictures = Directory.GetFiles(Path.Combine(Root, "docs", "screenshots"));
        Assert.InRange(pictures.Length, 1, 19);
        Assert.All(pictures, picture => Assert.Contains($"docs/screenshots/{Path.GetFileName(picture)}", readme, StringComparison.Ordinal));
        Assert.All(pictures.Where(picture => Path.GetFileName(picture) is not ("phone.png" or "tablet.png")),
            picture => Assert.Equal((1280, 800), SizeOf(picture)));
    }

    /// <summary>Width and height stand in the first chunk of a picture (PNG, ISO/IEC 15948).</summary>
    private static (int Width, int Height) SizeOf(string picture)
    {
        var head = File.ReadAllBytes(picture).AsSpan(16, 8);
        return (BinaryPrimitives.ReadInt32BigEndian(head), BinaryPrimitives.ReadInt32BigEndian(head[4..]));
    }

    /// <summary>The anchor of a heading, as readers of Markdown make it.</summary>
    private static string Anchor(Match heading) =>
        Sign().Replace(heading.Groups[1].Value.Trim().ToLowerInvariant(), "").Replace(' ', '-');

    [GeneratedRegex(@"\]\(([^)\s]+)\)")]
    private static partial Regex Link();

    [GeneratedRegex("^#+ (.+)$", RegexOptions.Multiline)]
    private static partial Regex Heading();

    [GeneratedRegex("[^a-z0-9 -]")]
    private static partial Regex Sign();
}
