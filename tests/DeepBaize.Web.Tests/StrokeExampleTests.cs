using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Worked examples of strokes: anchors, dials, allowances, dangers; through the public API, in the ideal mode where they are geometry.
/// </summary>
public sealed class StrokeExampleTests(WebFixture web)
{
    private const double Radius = 0.02625;

    /// <summary>A red 30 degrees off the line of the white, far enough from everything.</summary>
    private static readonly object[] HalfBall = [
        new { id = "cue", x = 1.0, y = 0.889 }, new { id = "red1", x = 1.5 + 0.0525 * Math.Cos(Math.PI / 6), y = 0.889 + 0.0525 * 0.5 }];

    [Theory]
    [InlineData(0, 60.0)]
    [InlineData(1, 33.7)]
    [InlineData(-0.5, 83.4)]
    public async Task B17_stun_roll_and_back_spin_leave_a_half_ball_contact_at_their_angles(double roll, double degrees)
    {
        Assert.Equal(degrees, await LeavesAsync(roll), 0.05);
    }

    [Fact]
    public async Task B17_the_dial_between_the_anchors_is_monotonic()
    {
        var angles = new List<double>();
        foreach (var roll in new[] { 1, 0.75, 0.5, 0.25, 0, -0.25, -0.5 }) angles.Add(await LeavesAsync(roll));
        Assert.Equal(angles.Order(), angles);
    }

    [Fact]
    public async Task B17_the_three_lines_share_their_first_tangent_square_to_the_potting_line_when_nothing_is_lost()
    {
        object[] balls = [Ball("cue", 1300, 900), Ball("red1", 889, 1500)];
        var ideal = await web.PostAsync("anchors", new { question = Question(balls, "red1", MiddleLeft, pace: 5, coefficients: Ideal) });
        var judge = (await web.PlayAsync(Question(balls, "red1", MiddleLeft, pace: 5, coefficients: Ideal))).Judge();
        var (ghost, target) = (judge.GetProperty("ghost"), judge.GetProperty("target"));
        var potting = Math.Atan2(target.Number("y") - ghost.Number("y"), target.Number("x") - ghost.Number("x")) * 180 / Math.PI;
        foreach (var kind in new[] { "stun", "follow", "screw" })
        {
            var anchor = ideal.Anchor(kind);
            Assert.True(anchor.GetProperty("isPotted").GetBoolean(), kind);
            Assert.Equal(90, Math.Abs(Math.IEEERemainder(anchor.Number("leavingDeg") - potting, 360)), 0.05);
        }

        Assert.True(ideal.Anchor("follow").Number("fromAimDeg") < ideal.Anchor("stun").Number("fromAimDeg"));
        Assert.True(ideal.Anchor("stun").Number("fromAimDeg") < ideal.Anchor("screw").Number("fromAimDeg"));

        // On the club table balls lose a little: the white leaves a little ahead of square.
        var club = await web.PostAsync("anchors", new { question = Question(balls, "red1", MiddleLeft, pace: 5) });
        Assert.InRange(Math.Abs(Math.IEEERemainder(club.Anchor("stun").Number("leavingDeg") - potting, 360)), 85, 89.9);
    }

    [Fact]
    public async Task B18_a_tip_is_8_mm_on_the_ball_and_nothing_beyond_half_the_radius_is_proposed()
    {
        var outline = await web.Client.GetFromJsonAsync<JsonElement>("/api/table");
        Assert.Equal(8.0, outline.Number("tipStep") * Radius * 1000, 0.05);
        Assert.Equal(0.31, outline.Number("tipStep"), 0.005);

        var backSpin = new List<double>();
        for (var tips = 0.0; tips >= -1.6; tips -= 0.4)
        {
            var told = await web.PredictAsync(
                new { balls = HalfBall, strike = new { directionDeg = 0, pace = 5, height = tips * outline.Number("tipStep") } });
            backSpin.Add(told.GetProperty("events")[0].GetProperty("balls")[0].GetProperty("spin")[1].GetDouble());
        }

        Assert.Equal(backSpin.OrderDescending(), backSpin);
        Assert.Equal(backSpin.Count, backSpin.Distinct().Count());
        var heights = await web.PostAsync("heights", new { pace = 6, roll = 0, distances = new[] { 0.2, 0.4, 0.8, 1.2, 2.0 } });
        var found = heights.EnumerateArray().Select(height => height.GetProperty("height"))
            .Where(height => height.ValueKind == JsonValueKind.Number).Select(height => height.GetDouble()).ToList();
        Assert.InRange(found.Count, 3, 5);
        Assert.Equal(found.OrderDescending(), found);
        Assert.All(found, height => Assert.InRange(height, -0.5, 0.5));
    }

    [Fact]
    public async Task B19_between_a_short_and_a_long_try_the_next_pace_is_offered_with_its_window()
    {
        object tries = new[] { new { value = 3, miss = -0.14 }, new { value = 5, miss = 0.18 } };
        var window = await web.PostAsync("between", new { tries, within = 0.06 });
        Assert.Equal(3.9, window.Number("best"), 0.05);
        Assert.Equal(3.5, window.Number("least"), 1e-9);
        Assert.Equal(4.25, window.Number("most"), 1e-9);
        var wider = await web.PostAsync("between", new { tries, within = 0.1 });
        Assert.True(wider.Number("least") < window.Number("least") && wider.Number("most") > window.Number("most"));
    }

    [Fact]
    public async Task B19_the_window_of_paces_to_a_place_on_the_cloth_widens_with_the_zone()
    {
        object[] balls = [Ball("cue", 1500, 2600), Black];
        var rest = (await web.PlayAsync(Question(balls, "black", TopLeft, pace: 5.2, height: 0.3))).GetProperty("prediction")
            .GetProperty("final")[0];
        var window = await SweepAsync(0.08);
        var wider = await SweepAsync(0.16);
        Assert.InRange(5.2, window.Number("least"), window.Number("most"));
        Assert.True(wider.Number("least") <= window.Number("least") && wider.Number("most") >= window.Number("most"));
        Assert.True(wider.Number("most") - wider.Number("least") > window.Number("most") - window.Number("least"));

        async Task<JsonElement> SweepAsync(double within) => (await web.PostAsync("sweep", new
        {
            question = Question(balls, "black", TopLeft, pace: 5.2, height: 0.3),
            dial = "pace",
            wanted = new { x = rest.Number("x"), y = rest.Number("y"), within },
        })).GetProperty("window");
    }

    [Fact]
    public async Task B21_hard_with_strong_right_side_on_a_cut_to_the_right_is_aimed_thicker_and_gentle_left_side_helps()
    {
        var strong = await web.PlayAsync(Question([Ball("cue", 700, 2600), Black], "black", TopRight, 8, 0.4));
        Assert.Equal("right", strong.Judge().Text("cutTo"));
        var aim = strong.GetProperty("pot").GetProperty("aim");
        Assert.True(aim.Number("thinnerMm") < -5);
        Assert.StartsWith("thicker", aim.Text("words"), StringComparison.Ordinal);
        Assert.Equal("opposite", aim.Text("side"));

        var gentle = await web.PlayAsync(Question([Ball("cue", 1400, 2700), Ball("red1", 1500, 3100)], "red1", TopRight, 3, -0.15));
        Assert.Equal("right", gentle.Judge().Text("cutTo"));
        Assert.Equal("helping", gentle.GetProperty("pot").GetProperty("aim").Text("side"));

        // The terms are the whole: geometry and their turns give the solved direction.
        var turns = aim.GetProperty("terms").EnumerateArray().Sum(term => term.Number("turnMrad")) / 1000 * 180 / Math.PI;
        Assert.Equal(strong.GetProperty("pot").Number("directionDeg"), aim.Number("geometricDeg") + turns, 0.01);
    }

    [Fact]
    public async Task B21_mirrored_strokes_flip_left_and_right_but_keep_the_words()
    {
        var one = await web.PlayAsync(Question([Ball("cue", 700, 2600), Black], "black", TopRight, 8, 0.4));
        var other = await web.PlayAsync(Question([Mirrored("cue", 700, 2600), Black], "black", TopLeft, 8, -0.4));
        Assert.Equal("right", one.Judge().Text("cutTo"));
        Assert.Equal("left", other.Judge().Text("cutTo"));
        var (a, b) = (one.GetProperty("pot").GetProperty("aim"), other.GetProperty("pot").GetProperty("aim"));
        Assert.Equal(a.Number("thinnerMm"), b.Number("thinnerMm"), 1e-3);
        Assert.Equal(a.Text("words"), b.Text("words"));
        Assert.Equal(a.Text("side"), b.Text("side"));
        Assert.Equal(
            one.GetProperty("pot").GetProperty("cushions").EnumerateArray().Select(cushion => cushion.Text("side")),
            other.GetProperty("pot").GetProperty("cushions").EnumerateArray().Select(cushion => cushion.Text("side")));
        Assert.Equal("check", one.GetProperty("pot").GetProperty("cushions")[0].Text("side"));
    }

    [Fact]
    public async Task B22_a_centre_ball_pot_is_aimed_thinner_than_the_plain_angle_and_a_straight_one_is_not()
    {
        var cut = await web.PlayAsync(Question([Ball("cue", 1482, 2450), Black], "black", TopLeft, 6));
        Assert.Equal(35, cut.Judge().Number("cutDeg"), 0.2);
        Assert.True(cut.GetProperty("pot").GetProperty("aim").Number("thinnerMm") > 0.5);
        var left = cut.GetProperty("pot").GetProperty("aim").GetProperty("terms")[0];
        Assert.Equal("throw", left.Text("kind"));
        Assert.Contains("thick", left.Text("leftOut"), StringComparison.Ordinal);
        var straight = await web.PlayAsync(Question([Ball("cue", 889, 889), Ball("blue", 1333.5, 1336.75)], "blue", MiddleRight, 5));
        Assert.Equal("straight", straight.Judge().Text("cutTo"));
        Assert.Equal(0, straight.GetProperty("pot").GetProperty("aim").Number("thinnerMm"), 0.02);
    }

    [Fact]
    public async Task B22_a_frozen_pair_shows_more_throw_than_a_single_ball()
    {
        Assert.True(await SecondThrowAsync() > await SingleThrowAsync() + 0.3);

        async Task<double> SingleThrowAsync() =>
            30 - Heading((await web.PredictAsync(new { balls = HalfBall, strike = new { directionDeg = 0, whiteSpeed = 2 } }))
                .GetProperty("events"), "red1");

        async Task<double> SecondThrowAsync()
        {
            // The front ball is met at 30 degrees to the line of the pair: the second should go along that line.
            const double diameter = 0.0525;
            var (front, cut) = (new { x = 1.5, y = 0.889 }, Math.PI / 6);
            object[] balls =
            [
                new { id = "cue", x = front.x - 0.5, y = front.y - diameter * Math.Sin(cut) },
                new { id = "red1", front.x, front.y },
                new { id = "red2", x = front.x + diameter, front.y },
            ];
            return Math.Abs(Heading(
                (await web.PredictAsync(new { balls, strike = new { directionDeg = 0, whiteSpeed = 2 } })).GetProperty("events"), "red2"));
        }

        static double Heading(JsonElement events, string id)
        {
            var ball = events.EnumerateArray().Where(told => told.Text("kind") == "ball")
                .SelectMany(told => told.GetProperty("balls").EnumerateArray())
                .Last(one => one.Text("id") == id && one.GetProperty("velocity")[0].GetDouble() > 0);
            return Math.Atan2(ball.GetProperty("velocity")[1].GetDouble(), ball.GetProperty("velocity")[0].GetDouble()) * 180 / Math.PI;
        }
    }

    [Fact]
    public async Task B24_the_final_direction_of_a_rolling_white_does_not_depend_on_pace_but_its_sideways_offset_grows()
    {
        var directions = new List<double>();
        foreach (var (speed, offset) in new[] { (1.0, 14.0), (2, 56), (4, 224) })
        {
            var (angle, sideways) = await RollingAsync(speed);
            directions.Add(angle);
            Assert.Equal(offset, sideways * 1000, offset * 0.02);
        }

        Assert.True(directions.Max() - directions.Min() < 1);
    }

    [Fact]
    public async Task B25_with_a_fixed_aim_more_pace_never_goes_from_short_to_the_zone_and_back_without_a_cushion_or_ball()
    {
        object[] balls = [Ball("cue", 1500, 2600), Black];
        var direction = (await web.PlayAsync(Question(balls, "black", TopLeft, 5))).GetProperty("pot").Number("directionDeg");
        foreach (var height in new[] { -0.4, -0.2, 0, 0.2, 0.4 })
        {
            var answer = await web.PostAsync("sweep", new
            {
                question = Question(balls, "black", TopLeft, 5, height: height, keepPot: false, directionDeg: direction),
                dial = "pace",
                from = 1.5,
                to = 7,
                count = 45,
                wanted = new { x = 2.9, y = 0.9, within = 0.15 },
            });
            var rows = answer.GetProperty("cells").EnumerateArray().ToList();
            for (var i = 2; i < rows.Count; i++)
            {
                var back = rows[i].Text("kind") == "fallsShort" && rows[i - 1].Text("kind") == "inZone";
                if (back) Assert.Contains("cushion", rows[i].Text("words"), StringComparison.Ordinal);
            }
        }
    }

    [Fact]
    public async Task B26_an_in_off_is_warned_of_and_the_ways_out_include_another_part_of_the_pocket_and_stun()
    {
        object[] balls = [Ball("cue", 583, 3381), Black];
        var question = Question(balls, "black", TopRight, pace: 3, height: 0.4, coefficients: Ideal);
        Assert.Equal(51, (await web.PlayAsync(question)).Judge().Number("cutDeg"), 0.5);
        var answer = await web.PostAsync("fixes", question);
        Assert.Contains(answer.GetProperty("dangers").EnumerateArray(), IsInOff);
        var fixes = answer.GetProperty("fixes").EnumerateArray().ToList();
        Assert.Contains(fixes, fix => fix.Text("kind") == "pocketPart");
        var stun = fixes.Find(fix => fix.Text("kind") == "stun");

        var after = await web.PostAsync(
            "fixes", Question(balls, "black", TopRight, stun.Number("pace"), height: stun.Number("height"), coefficients: Ideal));
        Assert.DoesNotContain(after.GetProperty("dangers").EnumerateArray(), IsInOff);
        static bool IsInOff(JsonElement danger) => danger.Text("kind") == "inOff" && danger.Text("pocket") == MiddleRight;
    }

    /// <summary>
    /// Angle in degrees from its first way at which the white rolls on after a half-ball contact that it makes with a spin.
    /// </summary>
    private async Task<double> LeavesAsync(double roll) => (await RollingAsync(1.5, roll)).Angle;

    private async Task<(double Angle, double Sideways)> RollingAsync(double speed, double roll = 1)
    {
        // The white starts a micrometre short of contact, so that the cloth changes nothing before.
        object[] balls = [new { id = "cue", x = 1.5 - 1e-6, y = 0.889 }, HalfBall[1]];
        var told = await web.PredictAsync(new
        {
            balls,
            initial = new { velocity = new[] { speed, 0.0, 0.0 }, spin = new[] { 0, roll * speed / Radius, 0.0 } },
            coefficients = Ideal,
        });
        var rolls = told.GetProperty("events").EnumerateArray()
            .First(one => one.Text("kind") == "rolls" && one.GetProperty("balls")[0].Text("id") == "cue").GetProperty("balls")[0];
        var (vx, vy) = (rolls.GetProperty("velocity")[0].GetDouble(), rolls.GetProperty("velocity")[1].GetDouble());
        var (dx, dy) = (rolls.GetProperty("position")[0].GetDouble() - 1.5, rolls.GetProperty("position")[1].GetDouble() - 0.889);
        // Sideways from the line of the final direction through the contact.
        return (Math.Abs(Math.Atan2(vy, vx)) * 180 / Math.PI, Math.Abs(vx * dy - vy * dx) / Math.Sqrt(vx * vx + vy * vy));
    }
}
