using DeepBaize.Evidence;
using DeepBaize.Tests;

namespace DeepBaize.Physics.Tests;

/// <summary>The list of outside checks, as the command writes it to docs/evidence.md.</summary>
public sealed class EvidenceTests
{
    public static TheoryData<string> Ids => [.. Checks.All.Select(check => check.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void An_outside_value_is_met_or_its_disagreement_is_explained(string id)
    {
        var check = Checks.All.Single(other => other.Id == id);
        var broken = check.Compute().Where(figure => !figure.Holds).ToList();
        if (check.Disagreement is null)
            Assert.True(broken.Count == 0,
                string.Join("; ", broken.Select(figure => $"{figure.What}: expected {figure.Expected}, computed {figure.Computed}")));
        else
            Assert.True(broken.Count > 0, "This no longer disagrees: take its explanation out of the list.");
    }

    [Fact]
    public void The_written_evidence_lists_every_check()
    {
        var written = File.ReadAllText(Path.Combine(Figures.Root(), "docs", "evidence.md"));
        Assert.All(Checks.All, check => Assert.Contains($"| {check.Id} |", written, StringComparison.Ordinal));
    }
}
