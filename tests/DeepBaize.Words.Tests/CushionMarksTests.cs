using System.Globalization;
using DeepBaize.Table;
using DeepBaize.Words.Places;

namespace DeepBaize.Words.Tests;

/// <summary>Points on the cushions as they are said, read back from the words.</summary>
public sealed class CushionMarksTests
{
    private const double Diameter = 0.0525;

    [Theory]
    [InlineData(CushionId.GreenSide, 1.7845 + 1.5 * Diameter, "on the green side cushion, a ball and a half beyond the middle pocket")]
    [InlineData(CushionId.YellowSide, 0.737, "on the yellow side cushion, level with the baulk line")]
    [InlineData(CushionId.YellowSide, 0.737 - 0.25 * Diameter, "on the yellow side cushion, a quarter of a ball short of the baulk line")]
    [InlineData(CushionId.Baulk, 0.889, "on the baulk cushion, in the middle")]
    [InlineData(CushionId.Top, 0.889 + 2 * Diameter, "on the top cushion, two balls to the green side of the middle of the cushion")]
    [InlineData(
        CushionId.GreenSide, 3.569 - 2.75 * Diameter, "on the green side cushion, two and three quarters balls short of the top pocket")]
    public void A_point_is_said_in_balls_from_what_can_be_seen(CushionId cushion, double along, string words) =>
        Assert.Equal(words, CushionMarks.Of(cushion, along, Diameter).Words);

    /// <summary>500 seeded points: the words lie within 7 mm of the point; only a pocket is named before something nearer.</summary>
    [Fact]
    public void Points_are_read_back_to_within_seven_millimetres()
    {
        var random = new Random(5);
        for (var i = 0; i < 500; i++)
        {
            var cushion = (CushionId)random.Next(4);
            var length = cushion is CushionId.Baulk or CushionId.Top ? 1.778 : 3.569;
            var along = 0.05 + random.NextDouble() * (length - 0.1);
            var mark = CushionMarks.Of(cushion, along, Diameter);
            Assert.Equal(along, ReadBack(cushion, mark.Words), 0.007);
            var nearest = CushionMarks.Landmarks(cushion).Min(landmark => Math.Abs(along - landmark.Along));
            Assert.InRange(Math.Abs(along - mark.LandmarkAlong) - nearest, -1e-9, 1.5 * Diameter);
        }
    }

    /// <summary>What is said lies within the window that hits: in finer steps where it is narrow, and at last in millimetres.</summary>
    [Fact]
    public void What_is_said_lies_within_the_window()
    {
        var random = new Random(6);
        for (var i = 0; i < 500; i++)
        {
            var along = 0.3 + random.NextDouble() * 3;
            var half = 0.0006 + random.NextDouble() * 0.02;
            var mark = CushionMarks.Within(CushionId.YellowSide, along, (along - half, along + half), Diameter);
            Assert.InRange(ReadBack(CushionId.YellowSide, mark.Words), along - half, along + half);
        }

        var narrow = CushionMarks.Within(CushionId.YellowSide, 2.0031, (2.0029, 2.0033), Diameter);
        Assert.EndsWith("mm beyond the middle pocket", narrow.Words, StringComparison.Ordinal);
    }

    /// <summary>Metres along the cushion, from the words alone.</summary>
    private static double ReadBack(CushionId cushion, string words)
    {
        var rest = words[(words.IndexOf(',', StringComparison.Ordinal) + 2)..];
        var (_, at) = CushionMarks.Landmarks(cushion).Where(mark => rest.EndsWith(mark.Name, StringComparison.Ordinal))
            .OrderByDescending(mark => mark.Name.Length).FirstOrDefault((Name: "in the middle", Along: 0.889));
        if (rest.StartsWith("level with", StringComparison.Ordinal) || rest.StartsWith("at the", StringComparison.Ordinal)
            || rest == "in the middle") return at;
        var sign = Side(rest) is "beyond the" or "to the green side of" ? 1 : -1;
        var count = rest[..rest.IndexOf(" " + Side(rest), StringComparison.Ordinal)];
        return at + sign * Metres(count);
    }

    private static string Side(string rest) =>
        new[] { "beyond the", "short of the", "to the green side of", "to the yellow side of" }
            .First(side => rest.Contains(side, StringComparison.Ordinal));

    private static double Metres(string count)
    {
        if (count.EndsWith(" mm", StringComparison.Ordinal)) return double.Parse(count[..^3], CultureInfo.InvariantCulture) / 1000;
        var balls = 0.0;
        string[] parts = ["an eighth", "a quarter", "three eighths", "half", "five eighths", "three quarters", "seven eighths"];
        double[] shares = [0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875];
        for (var i = 0; i < parts.Length; i++) balls += count.Contains(parts[i], StringComparison.Ordinal) ? shares[i] : 0;
        if (count.Contains(" of a ball", StringComparison.Ordinal) || count == "half a ball") return balls * Diameter;
        string[] numbers = ["zero", "a ball", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];
        var whole = Array.FindIndex(numbers, number => count.StartsWith(number, StringComparison.Ordinal));
        if (whole < 0) whole = int.Parse(count.Split(' ')[0], CultureInfo.InvariantCulture);
        return (whole + balls) * Diameter;
    }
}
