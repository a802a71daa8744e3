using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

namespace DeepBaize.Web.Breaks;

/// <summary>Plays one stroke of a plan on the sheet and lets the referee judge it.</summary>
internal static class StepPlayer
{
    /// <summary>Plays a stroke.</summary>
    /// <exception cref="RefusalException">The request is wrong or cannot be carried out.</exception>
    public static StepAnswer Play(StepQuestion question)
    {
        var (profile, table, layout, frame) = BreakReader.ReadFrame(
            question.Balls, question.State, question.Profile, question.Coefficients);
        var lineUp = StateReader.ReadLineUp(question.LineUp);
        var player = PlayerReader.Read(question.Player);
        var meant = ButtRaise.Lift(layout, StrikeReader.Read(question.Stroke, table.Conditions));
        var simulation = new TableSimulation(table.Conditions, table.Outline);
        var strike = question.Scatter is { } number
            ? CueingReader.Deliver(table, layout, player, meant, IntentOf(simulation.Play(layout, meant)))
                .Delivery.Play(meant, Draws.Stroke(question.Seed, number))
            : meant;
        var record = new ShotRecord();
        var outcome = simulation.Play(layout, strike, record);
        var nominated = frame.On == BallOn.Colour
            || frame.IsFreeBall ? StateReader.Read(question.State).Nominated ?? NominatedBy(outcome) : null;
        var facts = SeenStroke.Of(layout, outcome);
        var ruling = new Referee(new Sight(table.Outline, frame.Gauge)).Judge(frame, nominated, facts);
        var failure = lineUp?.Judge(ruling, facts) ?? LineUpFailure.None;
        ruling = lineUp?.Apply(ruling, facts, frame) ?? ruling;
        return new StepAnswer(
            RulingWords.Say(ruling, failure, BallValue.Of(frame.On, nominated)),
            ruling.Points,
            ruling.Penalty,
            ruling.StaysAtTable,
            ruling.Next.Phase == FramePhase.Over,
            failure == LineUpFailure.None ? null : Shared.Code(failure),
            [.. WithWhite(ruling.Next).Select(placed => new BallPlace(Names.Text(placed.Ball), placed.Place.X, placed.Place.Y))],
            ToState(ruling.Next, question.State?.Practice ?? false),
            Predictor.Compose(
                new Played(layout, strike, outcome, record), profile, table.Conditions, null, FieldReader.ReadUnits(null)));
    }

    /// <summary>What a stroke is for that does, as it is meant, what it does.</summary>
    private static Intent IntentOf(ShotOutcome meant)
    {
        var rest = meant.Final.FirstOrDefault(ball => ball.Ball == BallId.Cue).State.Place;
        if (meant.FirstContact is not { } first) return new ReachIntent(rest, 0);
        var fell = meant.Potted.Where(potted => potted.Ball == first.Ball).Select(potted => new Pot(potted.Ball, potted.Pocket));
        return fell.Select(pot => new PotIntent(pot with { Part = PocketPart.Opening })).FirstOrDefault() as Intent
            ?? new HitIntent(first.Ball);
    }

    /// <summary>A player who says nothing plays for the colour that he hits.</summary>
    private static BallId? NominatedBy(ShotOutcome outcome) =>
        outcome.FirstContact?.Ball is { } ball && ball >= BallId.Yellow ? ball : null;

    /// <summary>The balls, with a white in hand put where there is room in the D.</summary>
    private static IEnumerable<PlacedBall> WithWhite(FrameState frame)
    {
        if (frame.White is not null) return frame.Balls;
        var place = BreakPlanner.PlacesInTheD(frame).Cast<Place?>().FirstOrDefault();
        return place is { } stands ? frame.Balls.Prepend(new PlacedBall(BallId.Cue, stands)) : frame.Balls;
    }

    private static StateInput ToState(FrameState frame, bool isPractice) => new(
        StateReader.Text(frame.On), null, frame.IsInHand, frame.IsFreeBall, new ScoresInput(frame.Scores.Player, frame.Scores.Opponent),
        frame.Break, frame.Misses, isPractice);
}
