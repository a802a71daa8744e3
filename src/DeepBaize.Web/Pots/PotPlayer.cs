using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>The moment at the ball: aims a pot, plays it, and says everything about it.</summary>
public static class PotPlayer
{
    /// <summary>Aims and plays one pot.</summary>
    /// <param name="question">The pot and the stroke.</param>
    /// <exception cref="Problems.RefusalException">The request is wrong or cannot be carried out.</exception>
    public static PotResponse Play(PotQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        var scene = PotReader.Read(question);
        var (table, layout, pot, names) = (scene.Table, scene.Layout, scene.Pot, scene.Names);
        var player = new StrokePlayer(table);
        var answer = player.Solver.Solve(layout, pot, scene.Dials);
        var strike = (question.KeepPot ? answer.Solution?.Strike ?? answer.Towards : null) ?? scene.AsGiven;
        var record = new ShotRecord();
        var outcome = new TableSimulation(table.Conditions, table.Outline).Play(layout, strike, record);
        var played = new Played(layout, strike, outcome, record);
        if (layout[pot.Ball] is null)
            return new PotResponse(
                Describe(scene, answer, null, null, null, null),
                Predictor.Judge(
                    Predictor.Compose(played, scene.Profile, table.Conditions, scene.Placing, scene.Units), layout, outcome, question.State,
                    null, question.LineUp, table.Outline));

        var line = PottingLine.Of(layout, pot, table);
        var stroke = player.Play(layout, pot, strike);
        var run = stroke.ObjectBall;
        var result = run.Fate == ObjectBallFate.Potted ? null
            : question.KeepPot && answer is { Solution: null, Refusal: { } refusal }
                ? PotWords.WhyShort(refusal, pot, table.Diameter, names)
            : PotWords.Result(run, answer.Solution, pot, line, table.Diameter, names);
        var parts = answer.Solution is { } solution ? new AimExplainer(table).Explain(layout, solution) : null;
        var dangers = new DangerFinder(player).Find(layout, pot, strike);
        return new PotResponse(
            Describe(scene, answer, line, stroke, parts, dangers),
            Predictor.Judge(Predictor.Compose(played, scene.Profile, table.Conditions, scene.Placing, scene.Units, result), layout, outcome,
                question.State, pot.Ball, question.LineUp, table.Outline));
    }

    private static PotOutput Describe(
        PotScene scene, PotAnswer answer, PottingLine? line, PlayedStroke? stroke, AimParts? parts, IReadOnlyList<Danger>? dangers)
    {
        var (pot, table) = (scene.Pot, scene.Table);
        var solution = answer.Solution;
        return new PotOutput(
            Names.Text(pot.Ball),
            Names.Text(pot.Pocket),
            NameWords.Of(pot.Pocket),
            Shared.Code(pot.Part),
            solution is not null,
            solution is { IsPartial: true },
            stroke?.ObjectBall.Fate == ObjectBallFate.Potted,
            answer.Refusal is { } refusal ? Shared.Code(refusal.Reason) : null,
            answer.Refusal?.Blocker is { } blocker ? Names.Text(blocker) : null,
            answer.Refusal is { } why ? Sentence(why, solution, scene) : null,
            solution is null ? null : Shared.Degrees(solution.Strike.DirectionRadians),
            line is { } judged ? PotMapping.ToJudge(judged, pot, table.Diameter) : null,
            solution is null ? null : PotMapping.ToWindow(solution, table.Diameter),
            parts is null ? null : PotMapping.ToAim(parts, solution!, table),
            stroke is null ? [] : PotMapping.ToCushions(stroke.White),
            dangers is null ? [] : PotMapping.ToDangers(dangers, scene));
    }

    private static string Sentence(NoPot refusal, PotSolution? solution, PotScene scene) => solution is null
        ? PotWords.Why(refusal, scene.Pot, scene.Table.Diameter, scene.Names)
        : PotWords.OnlyPart(solution, refusal, scene.Pot, scene.Table.Diameter, scene.Names);
}
