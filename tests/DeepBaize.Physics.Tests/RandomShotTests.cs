using DeepBaize.Evidence;
using DeepBaize.Tests;

namespace DeepBaize.Physics.Tests;

/// <summary>Laws that hold at every event of every shot: a twentieth of the million that the bench command plays.</summary>
public sealed class RandomShotTests
{
    private const int ShotCount = 50_000;

    [Fact]
    public void Fifty_thousand_random_shots_over_all_profiles_keep_the_laws_at_every_event()
    {
        var report = RandomShots.Run(0, ShotCount);
        Figures.Print(report.ToString());
        Assert.Empty(report.Faults);
        Assert.True(report.EnergyRise <= 1e-12, report.ToString());
        Assert.True(report.MomentumChange <= 1e-12, report.ToString());
        Assert.True(report.Overlap <= 1e-6, report.ToString());
        Assert.True(report.Potted > 2_500 && report.Clusters > 5_000, report.ToString());
    }
}
