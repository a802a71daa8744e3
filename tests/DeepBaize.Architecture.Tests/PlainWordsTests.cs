namespace DeepBaize.Architecture.Tests;

/// <summary>Words that players did not understand at once, with what is said instead: the one list of them.</summary>
public sealed class PlainWordsTests
{
    public static TheoryData<string, string> Words { get; } = new()
    {
        { "reading: 'Table'", "What’s on" },
        { "lengths alone", "lengths if it hits nothing" },
        { "Keep the pot", "Re-aim as I change the stroke" },
        { "'Mind'", "What can go wrong" },
        { "strokes as meant", "pots if the white stops as planned" },
        { "the best that a pot brings is not on", "No pot worth taking: play safe." },
        { "little is left: never", "miss, and nothing is on." },
        { "'Rules for the plan'", "wishes: 'Allow'" },
        { "secure: 'secure'", "win the frame" },
        { "'no cushion'", "line-up without cushions" },
        { "of the points you had in hand", "Worse than planned by {points}." },
        { "your school", "you avoid this" },
        { "Points that a stroke costs in the ranking", "Strokes I dislike" },
        { "'shut'", "blocked: 'blocked'" },
        { "enters at", "hits the pack" },
        { "a next pot never", "nothing on next." },
        { "Colours up", "Spot the colours" },
        { "lain stance", "eached normally" },
        { "'Line, mrad'", "How straight you aim" },
        { "here stands", "to see how often it goes" },
        { "'Anew'", "Start again" },
        { "'Like a'", "Plays like" },
        { "Take away'", "remove: 'Delete'" },
        { "Leave it", "leave: 'Cancel'" },
        { "As the machine", "As your device" },
        { "in the mean;", "on average;" },
        { "points secure the frame", "points win the frame" },
        { "Shut in", "Tied up" },
        { "forgive about alike", "about equally forgiving" },
        { "that cannot be\"", "An impossible player" },
        { "\"other red\"", "keeps the white from the contact" },
    };

    [Theory]
    [MemberData(nameof(Words))]
    public void What_players_did_not_understand_is_said_better(string old, string better)
    {
        var said = Said();
        Assert.DoesNotContain(old, said, StringComparison.Ordinal);
        Assert.Contains(better, said, StringComparison.Ordinal);
    }

    /// <summary>All that the page and the server's sentences say.</summary>
    private static string Said()
    {
        var root = Path.Combine(RepositoryRoot.Find(), "src");
        var page = Directory.GetFiles(Path.Combine(root, "client", "src", "words", "en"), "*.ts");
        var server = Directory.GetFiles(Path.Combine(root, "DeepBaize.Words"), "*.cs", SearchOption.AllDirectories)
            .Where(file => !file.Split(Path.DirectorySeparatorChar).Any(part => part is "bin" or "obj"));
        return string.Join("\n", page.Concat(server).Select(File.ReadAllText));
    }
}
