using DeepBaize.Planning.Search;


namespace DeepBaize.Words;

/// <summary>Says whether to use a cushion: the trade's rule beside what is simulated.</summary>
public static class CushionWords
{
    /// <summary>What was found, and what players say of such an angle.</summary>
    public static string Say(CushionOrHold found, CushionAdvice? rule)
    {
        var simulated = found.Simulated switch
        {
            null => "No stroke of either kind comes near that place.",
            CushionAdvice.Hold => "Here holding it without a cushion is more forgiving.",
            CushionAdvice.Cushions => "Here the way off the cushions is more forgiving.",
            _ => "Here the two ways are about equally forgiving.",
        };
        if (rule is null) return simulated;
        var said = rule switch
        {
            CushionAdvice.Hold => "The rule at the table: fuller than half ball, strike low and hold.",
            CushionAdvice.Cushions => "The rule at the table: thinner than half ball, two cushions with running side.",
            _ => "The rule at the table: at half ball either will do.",
        };
        return $"{said} {simulated}{(found.Disagree ? " The two disagree." : "")}";
    }
}
