using System.Globalization;

namespace DeepBaize.Words.Tests;

/// <summary>Issue 17, point 4: what a chance is called agrees with its figure beside it.</summary>
public sealed class ChanceWordsTests
{
    [Fact]
    public void Words_of_a_chance_are_within_a_twentieth_of_it()
    {
        foreach (var share in Enumerable.Range(0, 1001).Select(i => i / 1000.0))
        {
            var said = ChanceWords.Say(share) switch
            {
                "never" => 0,
                "hardly ever" => 0.02,
                "nearly always" => 0.985,
                var words => words.Split(" in ") is [var part, var of] ? Number(part) / Number(of) : double.NaN,
            };
            Assert.True(Math.Abs(share - said) <= 0.05 + 1e-9, $"{share} is told as {ChanceWords.Say(share)}");
        }

        static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
    }
}
