using DeepBaize.Table;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Issue 17, points 9 and 10: the reasons stand in the order in which things happen, each cushion once, jaws and reds by their names; and a
/// plan for the colours goes to the black.
/// </summary>
public sealed class StoryTests(WebFixture web)
{
    /// <summary>Letters that fit one line below the table at 1280 pixels.</summary>
    private const int OneLine = 118;

    [Fact]
    public async Task A_cushion_that_is_met_before_the_ball_is_told_before_it()
    {
        object[] balls = [new { id = "cue", x = 0.47, y = 0.889 }, new { id = "red1", x = 1.55, y = 0.86 }];
        Assert.Equal("Because the white comes off the green side cushion and rolls when it meets the red.",
            await BecauseAsync(balls, new { directionDeg = 59.0, pace = 3.1 }));
    }

    [Fact]
    public async Task No_cushion_is_told_twice_and_no_reason_is_longer_than_its_line()
    {
        object[] pack =
        [
            new { id = "cue", x = 0.68, y = 0.72 },
            .. Spots.Rack(0.0525).Select((place, i) => new { id = $"red{i + 1}", x = place.X, y = place.Y }), .. Colours,
        ];
        for (var degrees = -1.0; degrees < 3; degrees += 0.1)
        {
            var words = await BecauseAsync(pack, new { directionDeg = degrees, pace = 7.4, side = 0.2, height = 0.05 });
            Assert.InRange(words.Length, 20, OneLine);
            foreach (var part in words.Split(" runs into "))
            {
                foreach (var cushion in new[] { "top", "baulk", "yellow side", "green side" })
                    Assert.True(part.Split(cushion + " ").Length <= 2, words);
            }
        }
    }

    [Fact]
    public async Task A_jaw_is_told_by_its_pocket()
    {
        var words = new List<string>();
        for (var degrees = -30.0; degrees < -10; degrees += 0.5)
        {
            words.Add(await BecauseAsync(
                [new { id = "cue", x = 1.0, y = 0.3 }, Black], new { directionDeg = degrees, pace = 4.0 }));
        }

        Assert.Contains(words, told => told.Contains("a jaw of the middle pocket, yellow side", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Two_reds_are_told_apart_by_their_numbers_and_one_needs_none()
    {
        object[] two = [Ball("cue", 889, 1000), Ball("red1", 500, 3000), Ball("red2", 889, 2200)];
        var played = await web.PredictAsync(new { balls = two, strike = new { directionDeg = 0.0, pace = 3.0 } });
        Assert.StartsWith("Red 2 ", played.GetProperty("verdict").Text("sentence"), StringComparison.Ordinal);
        Assert.Contains("when it meets red 2", played.GetProperty("verdict").Text("because"), StringComparison.Ordinal);
        Assert.Contains(played.GetProperty("events").EnumerateArray(), told => told.Text("words") == "White meets red 2");
        Assert.EndsWith("when it meets the red.", await BecauseAsync([two[0], two[2]], new { directionDeg = 0.0, pace = 2.0 }),
            StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_plan_for_the_colours_goes_from_yellow_to_black()
    {
        object[] balls = [Ball("cue", 1060, 980), .. Colours];
        var plan = (await web.StreamAsync("/api/breaks/plan", new { balls, budget = 2000, player = new { preset = "expert" } }))[^1];
        Assert.Equal(BallSet.Colours.Select(Names.Text), plan.GetProperty("line").EnumerateArray().Select(step => step.Text("ball")));
        Assert.Equal(27, plan.GetProperty("line")[5].GetProperty("break").GetInt32());
        Assert.StartsWith("All six pots", plan.GetProperty("odds").Text("words"), StringComparison.Ordinal);
    }

    private async Task<string> BecauseAsync(object[] balls, object strike) =>
        (await web.PredictAsync(new { balls, strike })).GetProperty("verdict").Text("because");
}
