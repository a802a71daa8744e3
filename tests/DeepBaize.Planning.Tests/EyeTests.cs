using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>What the eye gets wrong: allowances for push-off, swerve and throw, and a player's own scatter of pace.</summary>
public sealed class EyeTests
{
    private static readonly Pot Green = new(BallId.Red1, PocketId.TopGreenSide, PocketPart.Opening);

    private static readonly Layout Cut = Lay((BallId.Cue, 1.92, 1.118), (BallId.Red1, 2.9, 1.3));

    /// <summary>Points of a hundred that half a tip of side costs on a pot at 1 m: estimates from common practice, no source.</summary>
    [Theory]
    [InlineData("starter", 10)]
    [InlineData("club", 8)]
    [InlineData("league", 4)]
    [InlineData("expert", 1)]
    public void Half_a_tip_of_side_costs_a_preset_what_it_costs_such_players(string name, double points)
    {
        var errors = HousePlayers.Find(name)!.Errors;
        var cost = 100 * PlayerTrial.HalfTipCost(Club, errors, 6000, seed: 78);
        Figures.Print($"{name}: half a tip of side costs {cost:0.0} points at 1 m.");
        Assert.InRange(cost, points - 2, points + 2);
    }

    [Fact]
    public void What_is_allowed_for_adds_up_to_what_the_aim_is_off_the_plain_line()
    {
        foreach (var side in new[] { -0.3, 0, 0.3 })
        {
            var (strike, allowed) = Aim(Dials.AtPace(4, side), SidePolicy.Sparing);
            var off = Math.IEEERemainder(strike.DirectionRadians - PottingLine.Of(Cut, Green, Club).AimHeading, Math.Tau);
            Assert.Equal(off, allowed.PushOff + allowed.Swerve + allowed.Throw, 1e-9);
            Assert.Equal(-CueStrike.PushOffRadians(side, Club.Conditions.Cue.EndMassRatio), allowed.PushOff, 1e-12);
            // Swerve takes back a part of the push-off: the cue is turned the other way for it.
            Assert.True(allowed.PushOff * allowed.Swerve < 0 || side == 0);
            Assert.NotEqual(0, allowed.Throw);
        }
    }

    /// <summary>Cut to the left the ball is thrown to the right, so that it is aimed thinner: farther to the right of it.</summary>
    [Fact]
    public void The_throw_of_a_plain_cut_is_aimed_thinner() => Assert.True(Aim(Dials.AtPace(4), SidePolicy.Sparing).Allowed.Throw < 0);

    [Fact]
    public void Allowances_are_misjudged_apart_so_that_those_which_oppose_each_other_do_not_cancel()
    {
        var (strike, allowed) = Aim(Dials.AtPace(4, 0.3), SidePolicy.Sparing);
        var errors = HousePlayers.Errors(0, 0, 0, 0, 0.2);
        var delivery = Delivery.Of(errors, 3, 1, BridgeRoom.UsualLength, Club.Conditions, allowances: allowed);
        Assert.Equal(0.2 * allowed.PushOff, Turn(new StrokeDraw(0, 0, 0, 0, 0, PushOff: 1)), 1e-12);
        Assert.Equal(0.2 * allowed.Swerve, Turn(new StrokeDraw(0, 0, 0, 0, 0, Swerve: 1)), 1e-12);
        Assert.Equal(0.2 * allowed.Throw, Turn(new StrokeDraw(0, 0, 0, 0, 0, Throw: 1)), 1e-12);
        var squares = allowed.PushOff * allowed.PushOff + allowed.Swerve * allowed.Swerve + allowed.Throw * allowed.Throw;
        Assert.Equal(0.2 * Math.Sqrt(squares), delivery.DirectionSpread, 1e-12);
        Assert.True(delivery.DirectionSpread > 0.2 * Math.Abs(allowed.PushOff + allowed.Swerve));

        double Turn(StrokeDraw draw) => delivery.Play(strike, draw).DirectionRadians - strike.DirectionRadians;
    }

    [Fact]
    public void A_bias_of_the_eye_is_made_every_time()
    {
        var (strike, allowed) = Aim(Dials.AtPace(4, 0.3), SidePolicy.Sparing);
        var errors = HousePlayers.Errors(0, 0, 0, 0, 0) with { Eye = new EyeErrors(new Spread(0, -0.25), default, default) };
        var played = Delivery.Of(errors, 3, 1, BridgeRoom.UsualLength, Club.Conditions, allowances: allowed).Play(strike, StrokeDraw.Exact);
        Assert.Equal(-0.25 * allowed.PushOff, played.DirectionRadians - strike.DirectionRadians, 1e-12);
    }

    [Theory]
    [InlineData(SidePolicy.Helping, 0.3, AllowanceReader.HabitShare)]
    [InlineData(SidePolicy.Helping, -0.3, 1)]
    [InlineData(SidePolicy.Helping, 0, 1)]
    [InlineData(SidePolicy.Sparing, 0.3, 1)]
    public void Helping_side_is_judged_better_by_those_who_use_it_as_a_habit(SidePolicy policy, double side, double share) =>
        Assert.Equal(share, Aim(Dials.AtPace(4, side), policy).Allowed.Habit);

    [Fact]
    public void A_ball_that_is_played_at_without_a_pot_has_no_throw_to_allow_for()
    {
        var strike = StraightAim.Strike(Cut, Dials.AtPace(4, 0.3), Cut[BallId.Red1]!.Value, Club.Conditions)!.Value;
        var allowed = AllowanceReader.Of(Club, Cut, SidePolicy.Sparing, strike, new HitIntent(BallId.Red1));
        Assert.Equal(0, allowed.Throw);
        Assert.True(allowed is { PushOff: < 0, Swerve: > 0 });
    }

    [Fact]
    public void The_scatter_of_a_players_own_paces_is_what_is_played_with()
    {
        var strike = Aim(Dials.AtPace(4), SidePolicy.Sparing).Strike;
        var speed = strike.WhiteSpeed;
        var own = HousePlayers.Club with { Paces = Scale(new PaceMark(4, speed, 0.21)) };
        var once = HousePlayers.Club with { Paces = Scale(new PaceMark(4, speed, 0)) };
        Assert.Equal(0.21, Spread(own), 1e-9);
        Assert.Equal(Spread(HousePlayers.Club), Spread(once), 1e-9);
        Assert.Equal(0.08 * HousePlayers.Club.Errors.Factors.AtPace(4), Spread(HousePlayers.Club), 1e-9);

        double Spread(PlayerProfile player) => Math.Log(
            CueingReader.Deliver(Club, Cut, player, strike, new PotIntent(Green)).Delivery
                .Play(strike, new StrokeDraw(0, 0, 0, 1, 0)).WhiteSpeed / speed);

        static PaceScale Scale(PaceMark mark) => PaceScale.TryBuild([mark], out _)!;
    }

    private static (Strike Strike, AimAllowances Allowed) Aim(Dials dials, SidePolicy policy)
    {
        var strike = new PotSolver(Club).Solve(Cut, Green, dials, withWindow: false).Solution!.Strike;
        return (strike, AllowanceReader.Of(Club, Cut, policy, strike, new PotIntent(Green)));
    }
}
