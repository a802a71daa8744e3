using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Worked examples of angles, blockers and regions, through the public API. Invented positions; the figures are plain geometry.
/// </summary>
public sealed class PotExampleTests(WebFixture web)
{
    [Fact]
    public async Task B06_a_red_shuts_one_corner_to_the_black_and_its_going_opens_it()
    {
        var answer = await web.PostAsync("matrix", new { balls = new[] { Ball("cue", 889, 2500), Black, Ball("red1", 1180, 3370) } });
        var shut = Entry(answer, "black", TopRight);
        Assert.Equal("blocked", shut.Text("state"));
        var blocker = shut.GetProperty("blockers")[0];
        Assert.Equal("red1", blocker.Text("ball"));
        Assert.Equal(17.8, blocker.Number("passesMm"), 0.05);
        Assert.Equal(52.5, blocker.Number("needsMm"), 1e-9);
        Assert.Equal("red1", shut.Text("opensWithout"));
        Assert.Contains("Removing the red opens it", shut.Text("words"), StringComparison.Ordinal);
        Assert.Equal("open", Entry(answer, "black", TopLeft).Text("state"));
    }

    [Fact]
    public async Task B07_the_red_that_opens_two_pots_ranks_before_the_one_that_opens_one()
    {
        var answer = await web.PostAsync("matrix", new
        {
            balls = new[] { Ball("cue", 889, 2860), Black, Ball("pink", 889, 2676), Ball("red1", 440, 2226), Ball("red2", 889, 3299) },
        });
        var problems = answer.GetProperty("problems").EnumerateArray().ToList();
        Assert.Equal("red2", problems[0].Text("ball"));
        Assert.Equal([TopLeft, TopRight], problems[0].GetProperty("opens").EnumerateArray().Select(pot => pot.Text("pocket")).Order());
        var second = problems.Find(problem => problem.Text("ball") == "red1");
        Assert.Equal(["pink"], second.GetProperty("opens").EnumerateArray().Select(pot => pot.Text("ball")));
        Assert.Equal(MiddleLeft, second.GetProperty("opens")[0].Text("pocket"));
    }

    [Fact]
    public async Task B08_reds_are_counted_by_region_and_the_larger_group_is_played_first()
    {
        // Three above the black, six between black and pink, two below the blue.
        object[] balls =
        [
            Ball("cue", 889, 2200),
            Ball("red1", 300, 3400), Ball("red2", 500, 3420), Ball("red3", 1250, 3400),
            Ball("red4", 400, 2900), Ball("red5", 560, 3000), Ball("red6", 700, 2850), Ball("red7", 1050, 2950), Ball("red8", 1300, 3050),
            Ball("red9", 1450, 2800),
            Ball("red10", 300, 1100), Ball("red11", 1400, 1000),
        ];
        var answer = await web.PostAsync("matrix", new { balls });
        var counts = answer.GetProperty("regions").EnumerateArray()
            .ToDictionary(region => region.Text("name"), region => region.GetProperty("reds").GetArrayLength());
        Assert.Equal(3, counts["above the black"]);
        Assert.Equal(6, counts["black to pink"]);
        Assert.Equal(2, counts["below the blue"]);
        var choices = Choices(answer);
        Assert.Equal("black to pink", choices[0].Text("region"));
        Assert.Contains("leaves 5 in black to pink", choices[0].Text("words"), StringComparison.Ordinal);
        Assert.Contains(choices, choice => choice.GetProperty("spendsSmallGroup").GetBoolean());

        // Without balancing the reds keep the order of their numbers and nothing is held against them.
        var equal = Choices(await web.PostAsync("matrix", new { balls, balance = false }));
        Assert.Equal(equal.Select(Red).Order(), equal.Select(Red));
        Assert.DoesNotContain(equal, choice => choice.Text("words").Contains("small group", StringComparison.Ordinal));

        // What is left when a red of the six goes, and regions of the player's own.
        var gone = await web.PostAsync("matrix", new { balls = balls.Where((_, i) => i != 4) });
        Assert.Equal(5, gone.GetProperty("regions").EnumerateArray().First(region => region.Text("name") == "black to pink")
            .GetProperty("reds").GetArrayLength());
        var own = await web.PostAsync(
            "matrix", new { balls, regions = new[] { new { name = "top half", from = 1.7845, to = 3.569, forTheBlue = false } } });
        Assert.Equal(9, own.GetProperty("regions")[0].GetProperty("reds").GetArrayLength());

        static int Red(JsonElement choice) => int.Parse(choice.Text("red")[3..], System.Globalization.CultureInfo.InvariantCulture);
    }

    [Theory]
    [InlineData(700, 3000, "high", 38)]
    [InlineData(600, 3150, "straight", 2)]
    [InlineData(600, 3300, "low", 37)]
    public async Task B13_high_straight_and_low_are_named_with_the_cut_on_both_sides_alike(
        double across, double up, string side, double cut)
    {
        var judge = (await web.PlayAsync(Question([Ball("cue", across, up), Black], "black", TopRight))).Judge();
        var mirrored = (await web.PlayAsync(Question([Mirrored("cue", across, up), Black], "black", TopLeft))).Judge();
        Assert.Equal(side, judge.Text("side"));
        Assert.Equal(side, mirrored.Text("side"));
        Assert.Equal(cut, judge.Number("cutDeg"), 0.5);
        Assert.Equal(judge.Number("cutDeg"), mirrored.Number("cutDeg"), 1e-9);
        Assert.Equal(judge.Number("offStraight"), -mirrored.Number("offStraight"), 1e-9);
        Assert.Equal(judge.Text("sideWords"), mirrored.Text("sideWords"));
    }

    [Fact]
    public async Task B15_the_angle_is_judged_by_ghost_fraction_and_edges()
    {
        var half = (await web.PlayAsync(Question([Ball("cue", 1500, 2600), Black], "black", TopLeft))).Judge();
        Assert.Equal(938.3, Across(half.GetProperty("ghost")), 0.05);
        Assert.Equal(3227.0, Up(half.GetProperty("ghost")), 0.05);
        Assert.Equal(28.1, half.Number("cutDeg"), 0.05);
        Assert.Equal(0.53, half.Number("fraction"), 0.005);
        Assert.Equal("just fuller than half ball", half.Text("contact"));
        Assert.False(half.GetProperty("centreLineMisses").GetBoolean());
        Assert.Contains("past the centre", half.Text("edgeWords"), StringComparison.Ordinal);

        var thin = (await web.PlayAsync(Question([Ball("cue", 1350, 2300), Black], "black", TopLeft))).Judge();
        Assert.Equal(46.0, thin.Number("cutDeg"), 0.05);
        Assert.Equal(0.28, thin.Number("fraction"), 0.005);
        Assert.True(thin.GetProperty("centreLineMisses").GetBoolean());
        Assert.Contains("outside the ball", thin.Text("ghostWords"), StringComparison.Ordinal);
        Assert.Contains("left edge of the white", thin.Text("edgeWords"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("nearJaw", 70.3, 699)]
    [InlineData("middle", 68.6, 650)]
    [InlineData("farJaw", 67.0, 596)]
    public async Task B16_the_part_of_the_pocket_turns_the_cut_and_the_stun_line(string part, double cut, double top)
    {
        object[] balls = [Ball("cue", 1750, 2700), Ball("red1", 1500, 3100)];
        var judge = (await web.PlayAsync(Question(balls, "red1", TopRight, pace: 7, part: part))).Judge();
        Assert.Equal(cut, judge.Number("cutDeg"), 0.06);
        var middle = (await web.PlayAsync(Question(balls, "red1", TopRight, pace: 7))).Judge();
        Assert.Equal(545, middle.Number("ballDistance") * 1000, 0.5);
        var turn = Heading(judge) - Heading(middle);
        Assert.Equal(part == "middle" ? 0 : 1.57, Math.Abs(turn), 0.01);

        // The line square to the potting line, from the place of the white at contact to the top cushion 26.25 mm out.
        var (ghost, target) = (judge.GetProperty("ghost"), judge.GetProperty("target"));
        var (dx, dy) = (Across(target) - Across(ghost), Up(target) - Up(ghost));
        Assert.Equal(top, Across(ghost) - (3569 - 26.25 - Up(ghost)) * dy / dx, 0.5);

        static double Heading(JsonElement judge)
        {
            var (g, t) = (judge.GetProperty("ghost"), judge.GetProperty("target"));
            return Math.Atan2(t.Number("y") - g.Number("y"), t.Number("x") - g.Number("x")) * 180 / Math.PI;
        }
    }

    [Fact]
    public async Task B27_a_cannon_is_told_with_its_thickness_and_how_a_degree_changes_it()
    {
        object[] balls = [Ball("cue", 889, 1500), Ball("red1", 1300, 1700), Ball("red2", 1000, 3000)];
        var answer = await web.PostAsync("cannon", new { question = Question(balls, "red1", MiddleRight), second = "red2" });
        var line = answer.GetProperty("stunLine");
        Assert.Equal(16.6, line.Number("passesMm"), 0.05);
        Assert.Equal(0.68, line.Number("fraction"), 0.005);
        Assert.Equal(1332, line.Number("distanceM") * 1000, 0.6);
        var turned = line.GetProperty("turned").EnumerateArray().Select(fraction => fraction.GetDouble()).ToList();
        Assert.Equal([0.24, 0.87, 0.43], turned.Select(fraction => Math.Round(fraction, 2)));
        Assert.True(line.GetProperty("isSensitive").GetBoolean());
        Assert.Contains("Take care", answer.Text("words"), StringComparison.Ordinal);

        // The strokes that are offered do pot the one and meet the other next.
        Assert.NotEqual(0, answer.GetProperty("cannons").GetArrayLength());
        foreach (var cannon in answer.GetProperty("cannons").EnumerateArray())
        {
            var played = await web.PredictAsync(new
            {
                balls,
                strike = new
                {
                    directionDeg = cannon.Number("directionDeg"),
                    pace = cannon.Number("pace"),
                    height = cannon.Number("height"),
                    leastButt = true,
                },
            });
            Assert.Equal("red1", played.GetProperty("outcome").GetProperty("potted")[0].Text("ball"));
            var second = played.GetProperty("events").EnumerateArray()
                .Where(told => told.Text("kind") == "ball" && told.GetProperty("balls")[0].Text("id") == "cue").ElementAt(1);
            Assert.Equal("red2", second.GetProperty("balls")[1].Text("id"));
        }
    }

    private static JsonElement Entry(JsonElement answer, string ball, string pocket) =>
        answer.GetProperty("entries").EnumerateArray().First(entry => entry.Text("ball") == ball && entry.Text("pocket") == pocket);

    private static List<JsonElement> Choices(JsonElement answer) => [.. answer.GetProperty("choices").EnumerateArray()];
}
