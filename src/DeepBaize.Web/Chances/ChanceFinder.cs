using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Chances;

/// <summary>What strokes come to in a player's hands.</summary>
internal static class ChanceFinder
{
    private const int MostPlans = 4;

    /// <summary>One stroke.</summary>
    /// <exception cref="RefusalException">The request is wrong or cannot be carried out.</exception>
    public static ChanceResponse Find(ChanceQuestion question, CancellationToken cancel) => Find(ChanceReader.Read(question), cancel);

    /// <summary>Strokes side by side.</summary>
    /// <exception cref="RefusalException">One of them is wrong, or there are too few or too many.</exception>
    public static CompareResponse Compare(CompareQuestion question, CancellationToken cancel)
    {
        if (question.Plans.Count is < 2 or > MostPlans)
            throw RefusalException.Invalid("plans", "plans", QuestionRefusals.HowManyStrokes(MostPlans));
        var scenes = question.Plans.Select(ChanceReader.Read).ToList();
        var answers = scenes.ConvertAll(scene => Find(scene, cancel));
        var plans = answers.ConvertAll(ToPlan);
        var comparison = Comparison.Of(plans);
        return new CompareResponse(
            [.. answers.Select((answer, i) => new ComparedOutput(
                answer, plans[i].Product, plans[i].Worth, StrokeWords.Stroke(scenes[i].Scene.Dials, scenes[i].Scene.Table.Conditions)))],
            comparison.Recommended,
            SearchWords.Recommended(plans, comparison));
    }

    /// <summary>How a stroke is cued.</summary>
    /// <exception cref="RefusalException">The request is wrong.</exception>
    public static CueingOutput Cue(CueingQuestion question)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var player = PlayerReader.Read(question.Player);
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(question.Balls), table.Outline, table.Conditions.Gauge);
        var strike = ButtRaise.Lift(layout, StrikeReader.Read(question.Strike, table.Conditions));
        return ChanceMapping.ToCueing(CueingReader.Read(layout, player, strike), player, table.Conditions);
    }

    /// <summary>One stroke that was read.</summary>
    public static ChanceResponse Find(ChanceScene asked, CancellationToken cancel)
    {
        var (scene, player) = (asked.Scene, asked.Player);
        var (table, layout) = (scene.Table, scene.Layout);
        var strike = asked.Aim(new PotSolver(table));
        var cueing = CueingReader.Read(layout, player, strike);
        var cued = CueingReader.Deliver(table, layout, player, strike, asked.Search.Intent);
        var trial = asked.Search.Try(strike, cued);
        var samples = StrokeSampler.Play(
            new SampleQuestion(table, trial, asked.Doubt, player, asked.Zone), asked.Samples, asked.Seed, cancel: cancel);
        var summary = SampleSummary.Of(samples);
        var reader = new LeaveReader(table, player);
        var (meant, past, falls) = (
            reader.Sharp(trial), reader.Sharp(trial, LeaveReading.PaceShare), reader.Sharp(trial, -LeaveReading.PaceShare));
        var output = ChanceMapping.ToCueing(cueing, player, table.Conditions);
        var dials = Dials.Of(strike);
        return new ChanceResponse(
            Shared.Degrees(strike.DirectionRadians),
            Shared.ToChance(summary.Pot),
            Shared.ToChance(summary.Thick),
            Shared.ToChance(summary.Thin),
            Shared.ToChance(summary.InOff),
            [.. summary.InOffs.Select(one => new NamedChance(Names.Text(one.Pocket), Shared.ToChance(one.Chance)))],
            [.. summary.Contacts.Select(one => new NamedChance(Names.Text(one.Ball), Shared.ToChance(one.Chance)))],
            asked.Zone is null ? null : Shared.ToChance(summary.Zone),
            Shared.ToChance(summary.Next),
            meant.IsOver,
            ChanceMapping.ToLeave(past, LeaveReading.PaceShare, scene.Names),
            ChanceMapping.ToLeave(falls, -LeaveReading.PaceShare, scene.Names),
            ChanceMapping.ToLeave(meant, 0, scene.Names),
            1000 * summary.HandsMetres,
            1000 * summary.TableMetres,
            Shared.Code(summary.Source),
            Demand.Of(dials, cueing.Factor),
            player.Preferences.Cost(StrokeKindReader.Of(
                table, layout, asked.Search.Intent, strike, cueing.NeedsRest, meant.Contact, meant.Cushions, meant.NextSide)),
            ChanceMapping.ToStain(Stain.Of(samples, cancel)),
            output,
            RowWriter.Write(summary, asked.Zone is not null, past, falls, meant, cueing, output, scene.Names),
            asked.Samples,
            asked.Seed);
    }

    private static ComparedPlan ToPlan(ChanceResponse answer)
    {
        var then = answer.Zone ?? (answer.IsLast ? answer.Pot : answer.Next);
        return new ComparedPlan(
            answer.Pot.Share, answer.Pot.Share == 0 ? 0 : then.Share / answer.Pot.Share, answer.Demand, answer.SchoolCost);
    }
}
