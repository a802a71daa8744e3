using DeepBaize.Evidence;
using DeepBaize.Physics.Simulation;

namespace DeepBaize.Physics.Tests;

/// <summary>Planners play hundreds of thousands of strokes: reading one into a result must not allocate.</summary>
public sealed class AllocationTests
{
    [Fact]
    public void An_outcome_only_stroke_allocates_nothing()
    {
        var result = new StrokeResult();
        // Seeds with few and many balls, with clusters, pots and presses among them; each is played before it is measured.
        for (var seed = 0; seed < 40; seed++)
        {
            var (profile, layout, strike) = RandomShots.Draw(seed);
            var simulation = new TableSimulation(profile.Conditions, profile.Outline);
            simulation.Run(layout, strike, result);
            var before = GC.GetAllocatedBytesForCurrentThread();
            simulation.Run(layout, strike, result);
            Assert.Equal(before, GC.GetAllocatedBytesForCurrentThread());
        }
    }
}
