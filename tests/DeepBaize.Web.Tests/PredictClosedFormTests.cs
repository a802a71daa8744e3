using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Closed forms through the public API, with every coefficient sent: e = 1, no friction between balls.
/// Sources: Coriolis 1835; Wallace and Schroeder 1988.
/// </summary>
public sealed class PredictClosedFormTests(WebFixture web)
{
    private const double Radius = 0.02625;
    private const double ContactX = 1.2;
    private const double ContactY = 0.889;

    [Theory]
    [InlineData(10)]
    [InlineData(25)]
    [InlineData(40)]
    [InlineData(60)]
    [InlineData(80)]
    public async Task Balls_part_at_a_right_angle_without_spin(double cut)
    {
        var answer = await HitAsync(cut, 2, 0, Coefficients(slidingFriction: 0, rollingFriction: 0));
        var balls = Event(answer, "ball").GetProperty("balls");
        var white = Direction(Numbers(balls[0], "velocity"));
        var met = Direction(Numbers(balls[1], "velocity"));
        Assert.Equal(90, Math.Abs(white - met), 0.1);
        Assert.Equal(cut, answer.GetProperty("aim").GetProperty("cutDeg").GetDouble(), 1e-6);
        Assert.Equal(1 - Math.Sin(cut * Math.PI / 180), answer.GetProperty("aim").GetProperty("fraction").GetDouble(), 1e-9);
    }

    [Theory]
    [InlineData(0, 60)]
    [InlineData(1, 33.7)]
    [InlineData(-0.5, 83.4)]
    public async Task Half_ball_sends_the_rolling_white_where_the_closed_form_says(double spin, double degrees)
    {
        var answer = await HitAsync(30, 2, spin, Coefficients());
        var rolling = FirstRollingAfterContact(answer);
        Assert.Equal(degrees, Math.Abs(Direction(Numbers(rolling, "velocity"))), 0.1);
    }

    [Theory]
    [InlineData(1, 0.014)]
    [InlineData(2, 0.056)]
    [InlineData(4, 0.224)]
    public async Task The_final_line_lies_beside_the_parallel_through_the_contact(double speed, double offset)
    {
        var answer = await HitAsync(30, speed, 1, Coefficients());
        var rolling = FirstRollingAfterContact(answer);
        var (velocity, place) = (Numbers(rolling, "velocity"), Numbers(rolling, "position"));
        var length = Math.Sqrt(velocity[0] * velocity[0] + velocity[1] * velocity[1]);
        var across = ((place[0] - ContactX) * velocity[1] - (place[1] - ContactY) * velocity[0]) / length;
        Assert.Equal(offset, Math.Abs(across), offset * 0.02);
    }

    [Fact]
    public async Task Natural_roll_begins_after_12_v2_over_49_mu_g_and_the_slide_is_one_parabola()
    {
        var answer = await web.PredictAsync(new
        {
            balls = new[] { new { id = "cue", x = 0.6, y = 0.9 } },
            initial = new { velocity = new[] { 2.0, 0, 0 }, spin = new[] { 40.0, 0, 0 } },
            coefficients = Coefficients(),
        });
        // The spin across the path bends it; the centre must stay on the parabola p + v t + a t^2/2 of the laws of motion.
        var segment = answer.GetProperty("paths")[0].GetProperty("segments")[0];
        Assert.Equal("sliding", segment.GetProperty("phase").GetString());
        var points = segment.GetProperty("points").EnumerateArray().Select(p => p.EnumerateArray().Select(n => n.GetDouble()).ToArray())
            .ToArray();
        var time = segment.GetProperty("endTime").GetDouble() - segment.GetProperty("startTime").GetDouble();
        double slipX = 2, slipY = Radius * 40;
        var slip = Math.Sqrt(slipX * slipX + slipY * slipY);
        Assert.Equal(2 * slip / (7 * 0.2 * 9.81), time, 1e-12);
        for (var i = 0; i <= 10; i++)
        {
            var u = i / 10.0;
            var t = u * time;
            var x = (1 - u) * (1 - u) * points[0][0] + 2 * u * (1 - u) * points[1][0] + u * u * points[2][0];
            var y = (1 - u) * (1 - u) * points[0][1] + 2 * u * (1 - u) * points[1][1] + u * u * points[2][1];
            Assert.Equal(0.6 + 2 * t - 0.2 * 9.81 * slipX / slip * t * t / 2, x, 1e-9);
            Assert.Equal(0.9 - 0.2 * 9.81 * slipY / slip * t * t / 2, y, 1e-9);
        }

        var straight = await web.PredictAsync(new
        {
            balls = new[] { new { id = "cue", x = 0.6, y = 0.9 } },
            strike = new { directionDeg = 0, whiteSpeed = 2 },
            coefficients = Coefficients(),
        });
        var rolls = Numbers(Event(straight, "rolls").GetProperty("balls")[0], "position");
        var expected = 12 * 4 / (49 * 0.2 * 9.81);
        Assert.Equal(expected, rolls[0] - 0.6, expected * 1e-3);
    }

    /// <summary>Side on a square return: right returns right, left returns left, equally; none returns on its line.</summary>
    [Fact]
    public async Task A_square_return_keeps_its_line_and_side_leaves_it_equally()
    {
        var straight = await ReturnAsync(0);
        var right = await ReturnAsync(0.3);
        var left = await ReturnAsync(-0.3);
        Assert.Equal(0, straight, 0.001);
        Assert.True(right > 0.01);
        Assert.Equal(right, -left, 1e-6);
    }

    private async Task<double> ReturnAsync(double side)
    {
        const double startX = 1.2;
        // Aiming square at the green side; the push-off is told by the stroke and taken out.
        var probe = await PlayAcrossAsync(90, side);
        var pushOff = probe.GetProperty("stroke").GetProperty("pushOffDeg").GetDouble();
        var answer = await PlayAcrossAsync(90 - pushOff, side);
        var cushion = answer.GetProperty("events").EnumerateArray().First(e => e.GetProperty("kind").GetString() == "cushion");
        Assert.Equal(startX, Numbers(cushion.GetProperty("balls")[0], "position")[0], 1e-6);
        var after = answer.GetProperty("paths")[0].GetProperty("segments").EnumerateArray()
            .First(s => s.GetProperty("startTime").GetDouble() >= cushion.GetProperty("time").GetDouble());
        return after.GetProperty("points")[2][0].GetDouble() - startX;

        Task<JsonElement> PlayAcrossAsync(double direction, double offset) => web.PredictAsync(new
        {
            balls = new[] { new { id = "cue", x = startX, y = 0.3 } },
            strike = new { directionDeg = direction, whiteSpeed = 2, side = offset },
            coefficients = new { table = new { spinDeceleration = 10 } },
        });
    }

    private Task<JsonElement> HitAsync(double cut, double speed, double spin, object coefficients)
    {
        var (sin, cos) = Math.SinCos(cut * Math.PI / 180);
        return web.PredictAsync(new
        {
            balls = new[]
            {
                new { id = "cue", x = ContactX - 0.001, y = ContactY },
                new { id = "red1", x = ContactX + 2 * Radius * cos, y = ContactY + 2 * Radius * sin },
            },
            initial = new { velocity = new[] { speed, 0, 0 }, spin = new[] { 0, spin * speed / Radius, 0 } },
            coefficients,
        });
    }

    private static object Coefficients(double slidingFriction = 0.2, double rollingFriction = 0.0127) => new
    {
        table = new
        {
            slidingFriction,
            rollingFriction,
            spinDeceleration = 10,
            gravity = 9.81,
            bedRestitution = 0.5,
            cushionRestitution = 0.98,
            cushionRestitutionLoss = 0,
            cushionFriction = 0.14,
            noseHeight = 0.03675,
        },
        pockets = new
        {
            cornerThroat = 0.081,
            cornerJawRadius = 0.09,
            cornerDrop = 0.025,
            middleThroat = 0.091,
            middleJawRadius = 0.03,
            middleDrop = 0.03,
            dropRadius = 0.05,
            jawFactor = 0.95,
        },
        balls = new
        {
            diameter = 0.0525,
            mass = 0.142,
            restitution = 1,
            frictionFactor = 0,
            frictionA = 0.009951,
            frictionB = 0.108,
            frictionC = 1.088
        },
        cue = new { mass = 0.5, endMassRatio = 25 },
    };

    private static JsonElement FirstRollingAfterContact(JsonElement answer)
    {
        var contact = Event(answer, "ball").GetProperty("time").GetDouble();
        return answer.GetProperty("events").EnumerateArray()
            .First(e => e.GetProperty("time").GetDouble() >= contact
                && e.GetProperty("kind").GetString() == "rolls"
                && e.GetProperty("balls")[0].GetProperty("id").GetString() == "cue")
            .GetProperty("balls")[0];
    }

    private static JsonElement Event(JsonElement answer, string kind) =>
        answer.GetProperty("events").EnumerateArray().First(e => e.GetProperty("kind").GetString() == kind);

    private static double[] Numbers(JsonElement ball, string name) =>
        [.. ball.GetProperty(name).EnumerateArray().Select(number => number.GetDouble())];

    private static double Direction(double[] velocity) => Math.Atan2(velocity[1], velocity[0]) * 180 / Math.PI;
}
