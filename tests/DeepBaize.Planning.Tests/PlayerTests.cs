using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>What hands do: draws, deliveries, presets, chances and pace scales.</summary>
public sealed class PlayerTests
{
    /// <summary>Pot rates of the black off its spot from 0.6 m: from memory, common experience.</summary>
    [Theory]
    [InlineData("starter", 0.45)]
    [InlineData("club", 0.80)]
    [InlineData("league", 0.92)]
    [InlineData("expert", 0.98)]
    public void A_preset_pots_the_black_off_its_spot_as_often_as_such_players_do(string name, double expected)
    {
        var errors = HousePlayers.Find(name)!.Errors;
        var black = PlayerTrial.Rate(Club, errors, PlayerTrial.Black(Club), 4000, seed: 77).Share;
        var straight = PlayerTrial.Rate(Club, errors, PlayerTrial.LongStraight(Club), 4000, seed: 77).Share;
        Figures.Print($"{name}: black off its spot {100 * black:0.0} %, long straight pot {100 * straight:0.0} %.");
        Assert.Equal(expected, black, 0.05);
        Assert.InRange(straight, 0.02, black - 0.2);
    }

    [Fact]
    public void The_fast_chance_agrees_with_sampling()
    {
        var report = ChanceTrial.Run(Club, first: 70_000, count: 25, samples: 10_000);
        Figures.Print($"{report}.");
        Assert.True(report.Within(3) >= 0.95, string.Join(Environment.NewLine, report.Cases));
        Assert.True(report.Worst <= 6, string.Join(Environment.NewLine, report.Cases));
        Assert.True(Math.Abs(report.Bias) <= 1, report.ToString());
    }

    [Fact]
    public void Two_strokes_that_are_compared_meet_the_same_draws()
    {
        var delivery = Delivery.Of(HousePlayers.Club.Errors, 3, 1, BridgeRoom.UsualLength, Club.Conditions);
        var (a, b) = (new Strike(0.1, 2, 0, 0), new Strike(1.3, 3, 0.1, -0.2));
        for (var number = 0; number < 100; number++)
        {
            var draw = Draws.Stroke(5, number);
            Assert.Equal(draw, Draws.Stroke(5, number));
            var (da, db) = (delivery.Play(a, draw), delivery.Play(b, draw));
            Assert.Equal(da.DirectionRadians - a.DirectionRadians, db.DirectionRadians - b.DirectionRadians, 1e-12);
            Assert.Equal(da.Side - a.Side, db.Side - b.Side, 1e-12);
            Assert.Equal(da.Height - a.Height, db.Height - b.Height, 1e-12);
            Assert.Equal(da.WhiteSpeed / a.WhiteSpeed, db.WhiteSpeed / b.WhiteSpeed, 1e-12);
        }
    }

    [Fact]
    public void Draws_are_normal_and_independent_and_differ_between_seeds()
    {
        const int count = 20_000;
        var draws = Enumerable.Range(0, count).Select(number => Draws.Stroke(9, number)).ToList();
        Assert.Equal(0, draws.Average(draw => draw.Alignment), 0.03);
        Assert.Equal(1, draws.Average(draw => draw.Swing * draw.Swing), 0.04);
        Assert.Equal(0, draws.Average(draw => draw.Alignment * draw.Pace), 0.03);
        Assert.Equal(0, draws.Average(draw => draw.Height * draw.Swing), 0.03);
        // 68.27 % within one standard deviation: the normal law.
        Assert.Equal(0.6827, (double)draws.Count(draw => Math.Abs(draw.Pace) < 1) / count, 0.012);
        Assert.NotEqual(Draws.Stroke(9, 0), Draws.Stroke(10, 0));
    }

    [Fact]
    public void The_same_seed_gives_the_same_samples_on_one_thread_and_on_several()
    {
        var (layout, pot, dials) = PlayerTrial.Black(Club);
        var strike = new PotSolver(Club).Solve(layout, pot, dials).Solution!.Strike;
        var asked = new SampleQuestion(Club, Try(layout, pot, strike, HousePlayers.Club), TableDoubt.Unmeasured, HousePlayers.Club);
        var one = StrokeSampler.Play(asked, 200, 3, threads: 1);
        Assert.Equal(one, StrokeSampler.Play(asked, 200, 3, threads: 4));
        Assert.NotEqual(one, StrokeSampler.Play(asked, 200, 4));
    }

    [Fact]
    public void Push_off_takes_most_of_a_swing_back()
    {
        var errors = new DeliveryErrors(default, new Spread(2), default, default, 0, ErrorFactors.Usual);
        var delivery = Delivery.Of(errors, 1, 1, BridgeRoom.UsualLength, Club.Conditions);
        var meant = new Strike(0, 2, 0, 0);
        var played = delivery.Play(meant, new StrokeDraw(0, 1, 0, 0, 0));
        Assert.Equal(0.002, played.DirectionRadians, 1e-9);
        Assert.True(played.Side < 0, "A tip that swings to the left lands left of the centre.");
        var white = new BallState(new Vec3(1, 0.889, 0.02625), default, default);
        var velocity = CueStrike.Apply(played, white, Club.Conditions).Velocity;
        Assert.InRange(Math.Atan2(velocity.Y, velocity.X), 0.0002, 0.001);
    }

    [Fact]
    public void Table_doubt_is_told_apart_from_the_hands()
    {
        var (layout, pot, _) = PlayerTrial.Black(Club);
        var strike = new PotSolver(Club).Solve(layout, pot, Dials.AtPace(6, 0, 0.3)).Solution!.Strike;
        Assert.Equal(ScatterSource.Hands, Source(HousePlayers.Starter, TableDoubt.None));
        Assert.Equal(ScatterSource.Table, Source(HousePlayers.Expert, new TableDoubt(0.3, 0.5, 0.08, 0.5, 0.05, 1)));

        ScatterSource Source(PlayerProfile player, TableDoubt doubt)
        {
            var asked = new SampleQuestion(Club, Try(layout, pot, strike, player), doubt);
            return SampleSummary.Of(StrokeSampler.Play(asked, 400, 1)).Source;
        }
    }

    [Fact]
    public void The_drawn_tables_fill_each_interval_evenly()
    {
        var doubt = TableDoubt.Unmeasured;
        var drawn = Enumerable.Range(0, TableDoubt.Tables)
            .Select(number => doubt.Draw(Club.Conditions, 4, number).Table.RollingFriction / Club.Conditions.Table.RollingFriction).Order()
            .ToList();
        for (var i = 0; i < drawn.Count; i++)
            Assert.InRange((drawn[i] - 1) / doubt.RollingFriction, 2.0 * i / TableDoubt.Tables - 1, 2.0 * (i + 1) / TableDoubt.Tables - 1);
    }

    /// <summary>B03: pace 3 runs 1.1 lengths and pace 5 runs 2.6, three trials each; 1.8 lengths is then pace 4.</summary>
    [Fact]
    public void A_player_with_paces_of_his_own_is_told_his_own_number()
    {
        var lengths = new RunLengths(Club);
        var scale = lengths.Scale([new(3, [1.05, 1.1, 1.15]), new(5, [2.5, 2.6, 2.7])], out var problem);
        Assert.Null(problem);
        Assert.Equal(4, Math.Round(scale!.FromSpeed(lengths.SpeedFor(1.8))));
        Assert.Equal(1.1, lengths.Of(scale.ToSpeed(3)), 0.01);
        Assert.InRange(scale.ScatterAt(4)!.Value, 0.005, 0.1);
        var before = 0.0;
        for (var pace = 1.0; pace <= 10; pace += 0.25)
        {
            Assert.True(scale.ToSpeed(pace) > before, $"pace {pace} is not harder than the one before");
            before = scale.ToSpeed(pace);
            Assert.Equal(pace, scale.FromSpeed(before), 1e-9);
        }
    }

    [Fact]
    public void Paces_that_do_not_rise_make_no_scale()
    {
        Assert.Null(new RunLengths(Club).Scale([new(3, [2.0]), new(5, [1.2])], out var problem));
        Assert.Equal(new PaceProblem(PaceFault.Softer, 5, 3), problem);
    }

    [Fact]
    public void A_profile_that_cannot_be_is_refused_for_each_fault()
    {
        var good = HousePlayers.Club;
        Assert.Empty(good.Problems());
        var bad = good with
        {
            Physique = good.Physique with { Reach = 4 },
            Errors = good.Errors with { Alignment = new Spread(-1), Factors = good.Errors.Factors with { Rest = 0.5 } },
        };
        Assert.Equal(["reach", "alignment", "rest"], bad.Problems().Select(problem => problem.Field));
        Assert.Equal(new PlayerProblem("reach", PlayerFault.Reach, 4, 0.4, 1.2), bad.Problems()[0]);
    }

    /// <summary>B63: a shoulder 1430 mm high asks for a cue of about 1405 mm (common practice, no source).</summary>
    [Fact]
    public void A_cue_reaches_to_an_inch_below_the_shoulder() =>
        Assert.Equal(1.405, (Physique.Usual with { ShoulderHeight = 1.43 }).SuitableCueLength, 1e-9);

    /// <summary>B65: no side.</summary>
    [Fact]
    public void Who_avoids_side_ranks_every_stroke_with_side_below_an_equal_one_without()
    {
        var avoids = Preferences.Usual with { Side = SidePolicy.Avoid };
        var plans = new[] { 0.0, 0.3, 1 }.Select(tips => new ComparedPlan(0.8, 0.8, tips, avoids.Cost(Rolling with { SideTips = tips })))
            .ToList();
        Assert.All(plans.Skip(1), plan => Assert.True(plan.Worth < plans[0].Worth - 0.5));
    }

    private static StrokeKind Rolling => new(0, false, 0, 1, 3, false);

    [Fact]
    public void A_school_counts_by_degree()
    {
        var (sparing, helping) = (Preferences.Usual, Preferences.Usual with { Side = SidePolicy.Helping });
        Assert.Equal(0, sparing.Cost(Rolling));
        Assert.Equal(0, sparing.Cost(Rolling with { SideTips = 0.03 }));
        var (touch, half, whole) = (Side(0.25), Side(0.5), Side(1));
        Assert.True(sparing.Cost(touch) > 2 && sparing.Cost(half) > sparing.Cost(touch) && sparing.Cost(whole) > sparing.Cost(half) + 3);
        // Who uses helping side as a habit pays little for it, and for the other side what anybody pays.
        Assert.True(helping.Cost(half with { IsHelping = true }) < sparing.Cost(half) / 3);
        Assert.Equal(sparing.Cost(half), helping.Cost(half));
        // Follow, screw, stun by the spin at the contact; deep, high and hard cost more.
        Assert.Equal(sparing.Screw, sparing.Cost(Rolling with { Roll = -0.5 }));
        Assert.Equal(sparing.Stun, sparing.Cost(Rolling with { Roll = 0.1 }));
        Assert.Equal(0, sparing.Cost(Rolling with { Roll = double.NaN }));
        Assert.True(sparing.Cost(Rolling with { HeightTips = -1.4 }) > sparing.Cost(Rolling with { HeightTips = -1.1 }));
        Assert.Equal(sparing.Cost(Rolling), sparing.Cost(Rolling with { HeightTips = 1, Pace = 5 }));
        Assert.True(sparing.Cost(Rolling with { Pace = 8 }) > sparing.Cost(Rolling with { Pace = 7 }));
        Assert.Equal(sparing.Rest, sparing.Cost(Rolling with { NeedsRest = true }));

        static StrokeKind Side(double tips) => Rolling with { SideTips = tips };
    }
}
