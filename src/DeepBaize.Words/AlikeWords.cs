using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>How alike two positions are, in words.</summary>
public static class AlikeWords
{
    private const double Same = 0.001;
    private const double Near = 0.1;
    private const double Like = 0.3;

    /// <summary>In what two positions are alike.</summary>
    public static string Say(Likeness likeness)
    {
        var mirrored = likeness.IsMirrored ? ", mirrored" : "";
        if (likeness.Apart < Same) return $"the same{mirrored}";
        var farthest = $"the {NameWords.Of(likeness.Farthest)} lies farthest off";
        return likeness.Apart switch
        {
            < Near => $"nearly the same{mirrored}: {farthest}",
            < Like => $"like this one{mirrored}: {farthest}",
            _ => $"only a little like it{mirrored}",
        };
    }
}
