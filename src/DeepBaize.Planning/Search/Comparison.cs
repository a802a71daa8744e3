
namespace DeepBaize.Planning.Search;

/// <summary>A stroke or plan that is compared with others.</summary>
/// <param name="Pot">Chance of the pot.</param>
/// <param name="Then">Chance that the white stops well, given the pot.</param>
/// <param name="Demand">How much it asks, see <see cref="Search.Demand"/>.</param>
/// <param name="Cost">Points of a hundred by which the player's school marks it down.</param>
public readonly record struct ComparedPlan(double Pot, double Then, double Demand, double Cost)
{
    /// <summary>Chance that both go well.</summary>
    public double Product => Pot * Then;

    /// <summary>That chance, marked down by the player's school.</summary>
    public double Worth => Product - Cost / 100;
}

/// <summary>Which of several plans to play.</summary>
/// <param name="Recommended">Index of the plainest good one.</param>
/// <param name="Best">Index of the one with the greatest worth.</param>
public readonly record struct Comparison(int Recommended, int Best)
{
    /// <summary>Difference of worth that is taken for as good.</summary>
    public const double AsGood = 0.03;

    /// <summary>Compares plans: among those as good as the best, the plainest.</summary>
    /// <param name="plans">One plan or more.</param>
    public static Comparison Of(IReadOnlyList<ComparedPlan> plans)
    {
        ArgumentNullException.ThrowIfNull(plans);
        if (plans.Count == 0) throw new ArgumentException("There is nothing to compare.", nameof(plans));
        var order = Enumerable.Range(0, plans.Count).OrderByDescending(i => plans[i].Worth).ToList();
        var good = order.Where(i => plans[i].Worth >= plans[order[0]].Worth - AsGood);
        return new Comparison(good.MinBy(i => plans[i].Demand), order[0]);
    }
}
