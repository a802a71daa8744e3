using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Zones, leaves, comparisons and searches.</summary>
public sealed class PositionTests
{
    private static readonly PlayerProfile Player = HousePlayers.Club;

    /// <summary>B12: black to the top pocket on the left up to 40 degrees and pink to the middle pocket up to 30.</summary>
    [Fact]
    public void A_place_is_in_the_zone_of_black_and_pink_or_outside_it_for_a_reason()
    {
        var question = BlackAndPink();
        Assert.Empty(ZoneFinder.Judge(question, At(1150, 2950)));
        var (black, pink) = (
            Line(BallId.Black, PocketId.TopGreenSide, At(1150, 2950)), Line(BallId.Pink, PocketId.MiddleGreenSide, At(1150, 2950)));
        Assert.Equal(33, black.CutDegrees, 0.5);
        Assert.Equal(1, pink.CutDegrees, 0.5);
        var reason = Assert.Single(ZoneFinder.Judge(question, At(1000, 2950)));
        Assert.Equal((ZoneFault.Cut, BallId.Black), (reason.Fault, reason.Pot!.Value.Ball));
        Assert.Equal(57, reason.Value, 0.5);
    }

    [Fact]
    public void The_computed_zone_holds_just_the_places_that_are_judged_good()
    {
        var question = BlackAndPink();
        var zone = ZoneFinder.Find(question);
        Assert.True(zone.Contains(At(1150, 2950)));
        Assert.False(zone.Contains(At(1000, 2950)));
        Assert.Empty(ZoneFinder.Judge(question, zone.Best!.Value));
        Assert.True(zone.Room > 0.03);
        Assert.True(zone.WidthAlong(0) >= 2 * zone.Cell);
        // A tighter wish never widens it.
        var tighter = ZoneFinder.Find(question with { Wishes = [question.Wishes[0] with { MostCutDegrees = 35 }, question.Wishes[1]] });
        Assert.True(tighter.Inside.Count(inside => inside) < zone.Inside.Count(inside => inside));
        Assert.All(Enumerable.Range(0, zone.Inside.Length).Where(i => tighter.Inside[i]), i => Assert.True(zone.Inside[i]));
    }

    /// <summary>B13.</summary>
    [Theory]
    [InlineData(700, 3000, SideOfStraight.High, 38)]
    [InlineData(600, 3150, SideOfStraight.Straight, 2)]
    [InlineData(600, 3300, SideOfStraight.Low, 37)]
    public void High_straight_and_low_on_the_black(double across, double up, SideOfStraight side, double cut)
    {
        var line = Line(BallId.Black, PocketId.TopYellowSide, At(across, up));
        Assert.Equal(side, line.SideFor(PocketId.TopYellowSide));
        Assert.Equal(cut, line.CutDegrees, 0.6);
        // The mirror image of place and pocket is classed alike.
        var mirrored = Line(BallId.Black, PocketId.TopGreenSide, At(across, up).Mirrored());
        Assert.Equal((side, line.CutDegrees), (mirrored.SideFor(PocketId.TopGreenSide), Math.Round(mirrored.CutDegrees, 9)), new Close());
    }

    /// <summary>B14: overrun by 200 mm, the higher leave has green and blue, the lower one neither.</summary>
    [Fact]
    public void The_leave_whose_overrun_still_has_pots_on_is_the_insured_one()
    {
        var gauge = new LeaveGauge(Club, HousePlayers.League);
        PlacedBall[] balls =
        [
            new(BallId.Blue, Spots.Blue), new(BallId.Green, Spots.Green),
            // Reds between the lower leave's overrun and both colours.
            new(BallId.Red1, new Place(1.99, 0.95)), new(BallId.Red2, new Place(1.97, 1.04)), new(BallId.Red3, new Place(2.00, 1.12)),
            new(BallId.Red4, new Place(2.02, 1.21)),
        ];
        IReadOnlyList<BallId> colours = [BallId.Blue, BallId.Green];
        Assert.Equal(2, Options(new Place(1.30, 1.02)));
        Assert.Equal(0, Options(new Place(2.10, 1.02)));

        int Options(Place overrun)
        {
            var pots = new List<LeavePot>();
            gauge.Read(overrun, balls, colours, pots);
            return pots.Where(pot => pot.IsOn).Select(pot => pot.Pot.Ball).Distinct().Count();
        }
    }

    /// <summary>B30.</summary>
    [Fact]
    public void The_plan_with_the_better_product_is_recommended_and_of_equal_ones_the_plainest()
    {
        ComparedPlan a = new(0.92, 0.55, 0.2, 0), b = new(0.87, 0.80, 0.6, 0);
        Assert.Equal(0.506, a.Product, 1e-9);
        Assert.Equal(0.696, b.Product, 1e-9);
        Assert.Equal(new Comparison(1, 1), Comparison.Of([a, b]));
        Assert.Equal(new Comparison(0, 1), Comparison.Of([b with { Pot = 0.86, Demand = 0.1 }, b]));
    }

    /// <summary>B28: the same place and contact with top at three paces.</summary>
    [Fact]
    public void From_the_high_black_a_harder_stroke_enters_the_pack_farther_out_and_faster()
    {
        var (layout, pot) = HighBlack();
        var ways = PackOpening.Compare(Seek(layout, pot, Player, 1), new[] { 4.0, 5, 7, 9 }.Select(pace => Dials.AtPace(pace, 0, 0.4)), 60);
        var entered = ways.Where(way => way.Entry is not null).ToList();
        Assert.Equal(3, entered.Count);
        Assert.Null(ways[3].Entry);
        Assert.True(ways[0].EntrySpeed < ways[2].EntrySpeed);
        // A fast stroke runs wide along the stun line before it bends: towards the yellow side here, away from the pack's middle.
        Assert.Equal(entered.OrderByDescending(way => way.EntryPlace.Y), entered);
        Assert.All(entered, way => Assert.InRange(way.Next.Share, 0, way.Pot.Share));
    }

    /// <summary>C70, common practice, no source: half ball is the threshold between a low strike and two cushions.</summary>
    [Fact]
    public void The_rule_of_cushion_or_hold_turns_at_half_ball()
    {
        Assert.Equal(CushionAdvice.Hold, CushionOrHold.RuleFor(26));
        Assert.Equal(CushionAdvice.Either, CushionOrHold.RuleFor(30));
        Assert.Equal(CushionAdvice.Cushions, CushionOrHold.RuleFor(34));
    }

    /// <summary>B29: both ways to a place are simulated, and their sensitivities stand beside the rule.</summary>
    [Fact]
    public void Both_ways_to_a_place_are_found_with_what_each_forgives()
    {
        var layout = Lay((BallId.Cue, 2.75, 0.45), (BallId.Black, 3.245, 0.889));
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening);
        var question = Seek(layout, pot, Player, 1);
        var stroke = new StrokePlayer(Club).PlayPot(layout, pot, Dials.AtPace(4, 0, -0.2))!;
        var ways = CushionOrHold.Find(question, stroke.White.Rest!.Value, 48);
        Assert.NotNull(ways.Cushions);
        Assert.All(new[] { ways.Hold, ways.Cushions }.OfType<WayToPlace>(), way => Assert.InRange(way.MissMetres, 0.005, 0.8));
        Assert.NotNull(ways.Simulated);
    }

    [Fact]
    public void A_search_for_a_zone_finds_strokes_that_stop_there_and_puts_the_plainest_good_one_first()
    {
        var (layout, pot, dials) = PlayerTrial.Black(Club);
        var wanted = new StrokePlayer(Club).PlayPot(layout, pot, dials with { Height = 0.3 })!.White.Rest!.Value;
        var search = new StrokeSearch(Seek(layout, pot, HousePlayers.Expert, 5, place => place.DistanceTo(wanted) < 0.2));
        var answers = search.Run().ToList();
        Assert.True(answers[^1].IsFinal);
        Assert.NotEmpty(answers[0].Best);
        var best = answers[^1].Best[0];
        Assert.True(best.Success > 0.5, $"{best.Success}");
        Assert.True(best.Plan.Worth >= answers[^1].Best.Max(one => one.Plan.Worth) - Comparison.AsGood);
        Assert.Equal(400, best.Samples);
    }

    [Fact]
    public void Simpler_names_a_plainer_stroke_that_is_nearly_as_good_and_what_it_costs()
    {
        var (layout, pot, _) = PlayerTrial.Black(Club);
        var given = new PotSolver(Club).Solve(layout, pot, Dials.AtPace(5, 0.3, 0.2)).Solution!.Strike;
        var search = new StrokeSearch(Seek(Add(layout, (BallId.Red1, 2.7, 0.6)), pot, Player, 5));
        var (own, simpler) = search.Simplify(given);
        Assert.NotNull(simpler);
        Assert.True(simpler.Plan.Demand < own.Plan.Demand);
        Assert.True(simpler.Success >= own.Success - StrokeSearch.NearlyAsGood);
    }

    [Fact]
    public void The_first_half_of_a_stain_is_denser_than_the_rest()
    {
        var (layout, pot, dials) = PlayerTrial.Black(Club);
        var strike = new PotSolver(Club).Solve(layout, pot, dials).Solution!.Strike;
        var samples = StrokeSampler.Play(new SampleQuestion(Club, Try(layout, pot, strike, Player), TableDoubt.Unmeasured), 400, 1);
        var stain = Stain.Of(samples);
        var potted = samples.Count(sample => sample.IsServed);
        Assert.Equal((potted + 1) / 2, stain.Half);
        Assert.Equal((int)Math.Ceiling(0.9 * potted), stain.NineTenths);
        var (inner, outer) = (Company(stain.Places.Take(stain.Half)), Company(stain.Places.Skip(stain.Half)));
        Assert.True(inner > 1.3 * outer, $"a stroke of the first half has {inner:0.0} others beside it, one of the rest {outer:0.0}");

        double Company(IEnumerable<Place> places) =>
            places.Average(place => stain.Places.Count(other => other.DistanceTo(place) < stain.Reach));
    }

    /// <summary>Wilson's interval, worked by hand: 8 of 10 lies between 49.0 and 94.3 % (Wilson 1927).</summary>
    [Fact]
    public void A_chance_has_the_interval_that_Wilson_gives_it()
    {
        var chance = new Chance(8, 10);
        Assert.Equal(0.8, chance.Share);
        Assert.Equal(0.4902, chance.Low, 1e-4);
        Assert.Equal(0.9433, chance.High, 1e-4);
        Assert.Equal((0, 1), (new Chance(0, 0).Low, new Chance(0, 0).High));
        Assert.Equal(0, new Chance(0, 50).Low, 1e-12);
    }

    /// <summary>
    /// The next pots that are named to a player are found on the simulator: they agree with sampling where the estimate may not.
    /// </summary>
    [Fact]
    public void A_leave_read_sharply_names_chances_that_sampling_confirms()
    {
        var layout = Lay((BallId.Cue, 2.8, 0.5), (BallId.Black, 3.245, 0.889), (BallId.Red1, 2.4, 0.6), (BallId.Red2, 2.9, 1.2));
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening);
        var strike = new PotSolver(Club).Solve(layout, pot, Dials.AtPace(4)).Solution!.Strike;
        var leave = new LeaveReader(Club, Player).Sharp(Try(layout, pot, strike, Player));
        var named = leave.Pots[0];
        var next = Lay(
            (BallId.Cue, leave.White!.Value.X, leave.White.Value.Y), (BallId.Black, 3.245, 0.889), (BallId.Red1, 2.4, 0.6),
            (BallId.Red2, 2.9, 1.2));
        var aimed = named.Pot with { Part = PocketPart.Opening };
        var pace = Planning.Reading.PotMatrix.SensiblePace(Club, PottingLine.Of(next, aimed, Club));
        var played = new PotSolver(Club).Solve(next, aimed, Dials.AtPace(pace)).Solution!.Strike;
        var samples = StrokeSampler.Play(new SampleQuestion(Club, Try(next, aimed, played, Player), TableDoubt.None), 4000, 9);
        Assert.Equal((double)samples.Count(sample => sample.IsServed) / samples.Length, named.Chance, 0.05);
    }

    [Fact]
    public void A_sample_is_summed_up_by_what_happened_in_it()
    {
        StrokeSample Stroke(bool potted, MissSide miss, PocketId? inOff = null, BallId? met = null, int on = 0, bool inZone = false) =>
            new(potted, miss, inOff is not null, inOff is null ? new Place(1, 1) : null, inOff, met, default, 0, null, on, inZone, false,
                0);

        var summary = SampleSummary.Of(
        [
            Stroke(true, MissSide.None, on: 2, inZone: true), Stroke(true, MissSide.None, met: BallId.Pink),
            Stroke(true, MissSide.None, inOff: PocketId.Green),
            Stroke(false, MissSide.Thick), Stroke(false, MissSide.Thin), Stroke(false, MissSide.Thin, inOff: PocketId.Green),
            Stroke(false, MissSide.NotMet, inZone: true),
        ]);
        Assert.Equal((2, 7), (summary.Pot.Count, summary.Pot.Of));
        Assert.Equal((1, 2, 1), (summary.Thick.Count, summary.Thin.Count, summary.NotMet.Count));
        Assert.Equal((1, 1), (summary.Zone.Count, summary.Next.Count));
        Assert.Equal((PocketId.Green, 2), (summary.InOffs[0].Pocket, summary.InOffs[0].Chance.Count));
        Assert.Equal(BallId.Pink, Assert.Single(summary.Contacts).Ball);
    }

    private static ZoneQuestion BlackAndPink() => new(
        Club,
        [new PlacedBall(BallId.Black, Spots.Black), new PlacedBall(BallId.Pink, Spots.Pink)],
        [new ZoneWish(new Pot(BallId.Black, PocketId.TopGreenSide), MostCutDegrees: 40),
            new ZoneWish(new Pot(BallId.Pink, PocketId.MiddleGreenSide), MostCutDegrees: 30)],
        Player, 0.02, true);

    private static (Layout Layout, Pot Pot) HighBlack()
    {
        var pack = Spots.Rack(Club.Diameter).Select((place, i) => ((BallId)((int)BallId.Red1 + i), place.X, place.Y));
        return (
            Lay([(BallId.Cue, 2.8, 0.5), (BallId.Black, 3.245, 0.889), (BallId.Pink, Spots.Pink.X, Spots.Pink.Y), .. pack]),
            new Pot(BallId.Black, PocketId.TopGreenSide, PocketPart.Opening));
    }

    private static Layout Add(Layout layout, (BallId, double, double) ball) =>
        Lay([.. layout.Balls.Select(placed => (placed.Ball, placed.Place.X, placed.Place.Y)), ball]);

    /// <summary>
    /// A place in the trade's measure: mm across to the right from the left-hand end of the baulk cushion, mm up the table.
    /// </summary>
    private static Place At(double across, double up) => new(up / 1000, 1.778 - across / 1000);

    private static PottingLine Line(BallId ball, PocketId pocket, Place white) =>
        PottingLine.Between(white, Spots.Of(ball)!.Value, new Pot(ball, pocket), Club.Outline, Club.Diameter);

    private sealed class Close : IEqualityComparer<(SideOfStraight Side, double Cut)>
    {
        public bool Equals((SideOfStraight Side, double Cut) x, (SideOfStraight Side, double Cut) y) =>
            x.Side == y.Side && Math.Abs(x.Cut - y.Cut) < 1e-6;

        public int GetHashCode((SideOfStraight Side, double Cut) value) => value.Side.GetHashCode();
    }
}
