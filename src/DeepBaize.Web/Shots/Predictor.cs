using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Places;
using DeepBaize.Words.Refusals;
using System.Text.Json;

namespace DeepBaize.Web.Shots;

/// <summary>A stroke that was played.</summary>
/// <param name="Layout">The balls before it.</param>
/// <param name="Strike">The stroke; null when the white set off by itself.</param>
/// <param name="Outcome">What came of it.</param>
/// <param name="Record">Everything that happened.</param>
internal sealed record Played(Layout Layout, Strike? Strike, ShotOutcome Outcome, ShotRecord Record);

/// <summary>Carries out a prediction: reads the request, plays the shot once without any noise, and says what came of it.</summary>
public static class Predictor
{
    /// <summary>Predicts one shot.</summary>
    /// <param name="request">What to predict.</param>
    /// <exception cref="RefusalException">The request is wrong or cannot be carried out.</exception>
    public static PredictResponse Predict(PredictRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var profile = ConditionsReader.Find(request.Profile);
        var (conditions, outline) = ConditionsReader.Read(profile, request.Coefficients);
        var units = FieldReader.ReadUnits(request.Units);
        var (layout, placing) = Lay(request.Balls, request.Placing, conditions, outline);
        var record = new ShotRecord();
        var (strike, outcome) = Play(request, layout, conditions, new TableSimulation(conditions, outline), record);
        return Judge(
            Compose(new Played(layout, strike, outcome, record), profile, conditions, placing, units), layout, outcome, request.State, null,
            request.LineUp, outline);
    }

    /// <summary>The layout of a request's balls, with the one in the hand settled.</summary>
    /// <exception cref="RefusalException">The balls cannot stand like this.</exception>
    internal static (Layout Layout, PlacingOutput? Placing) Lay(
        IReadOnlyList<BallPlace> balls, PlacingInput? input, PlayingConditions conditions, TableOutline outline)
    {
        var placed = LayoutReader.ReadBalls(balls);
        var placing = input is null ? null : Settle(input, placed, conditions, outline);
        return (LayoutReader.Build(placed, outline, conditions.Gauge), placing);
    }

    /// <summary>Puts a played stroke into the response's shape.</summary>
    /// <param name="played">The stroke and what came of it.</param>
    /// <param name="profile">The table that it was played on.</param>
    /// <param name="conditions">Its conditions, with what the request changed.</param>
    /// <param name="placing">The ball in the hand.</param>
    /// <param name="units">How distances are put into words.</param>
    /// <param name="result">What happens to the ball, in words, where more is known than the outcome tells.</param>
    internal static PredictResponse Compose(
        Played played, ConditionProfile profile, PlayingConditions conditions, PlacingOutput? placing, LengthUnits units,
        string? result = null)
    {
        var (layout, strike, outcome, record) = played;
        var stroke = strike is { } struck ? ShotMapping.ToStroke(struck, conditions) : null;
        return new PredictResponse(
            ShotMapping.ToEvents(record, BallNames.Among(layout)),
            ShotMapping.ToPaths(record, conditions.Balls.Radius),
            [.. outcome.Final.Select(ball => new BallPlace(Names.Text(ball.Ball), ball.State.Position.X, ball.State.Position.Y))],
            ShotMapping.ToOutcome(outcome, strike),
            ShotMapping.ToAim(outcome.FirstContact),
            ShotMapping.ToVerdict(Verdict.Compose(outcome, record, strike, conditions, result), Lengths.Away(layout, outcome, units)),
            stroke,
            placing,
            new ProfileName(profile.Id, ProfileWords.Name(profile)));
    }

    /// <summary>Lets the referee judge a stroke, by the state of play that was given or that the balls say.</summary>
    /// <param name="response">The prediction.</param>
    /// <param name="layout">The balls before the stroke.</param>
    /// <param name="outcome">What came of it.</param>
    /// <param name="state">The state of play; null when nothing is known.</param>
    /// <param name="pot">The ball that is played for, if any.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    /// <param name="outline">The table.</param>
    internal static PredictResponse Judge(
        PredictResponse response, Layout layout, ShotOutcome outcome, StateInput? state, BallId? pot, LineUpInput? lineUp,
        TableOutline outline)
    {
        var judged = RulingWords.Judge(
            layout, outcome, StateReader.ReadInForce(state, layout.Balls), pot, StateReader.ReadLineUp(lineUp),
            new Sight(outline, layout.Gauge));
        return response with { Verdict = response.Verdict with { Ruling = judged?.Words, IsFoul = judged?.IsFoul ?? false } };
    }

    private static (Strike? Strike, ShotOutcome Outcome) Play(
        PredictRequest request, Layout layout, PlayingConditions conditions, TableSimulation simulation, ShotRecord record)
    {
        switch (request)
        {
            case { Strike: { } input, Initial: null }:
                var strike = StrikeReader.Read(input, conditions);
                if (input.LeastButt) strike = ButtRaise.Lift(layout, strike);
                return (strike, simulation.Play(layout, strike, record));
            case { Strike: null, Initial: { } initial }:
                var (velocity, spin) = StrikeReader.Read(initial);
                return (null, simulation.Play(layout, velocity, spin, record));
            default:
                throw RefusalException.Invalid(
                    "strike", "strike", StrokeRefusals.StrikeOrMotion(request.Strike is null), reason: "strikeOrInitial");
        }
    }

    /// <summary>Settles the ball in the hand among the others and lays it there.</summary>
    /// <param name="input">The ball and where it is held.</param>
    /// <param name="placed">The balls; the settled one is added, or put to its new place.</param>
    /// <param name="conditions">Ball size and nose height.</param>
    /// <param name="outline">The table's outline.</param>
    /// <exception cref="RefusalException">There is no such ball, or the place is no place.</exception>
    internal static PlacingOutput Settle(
        PlacingInput input, List<PlacedBall> placed, PlayingConditions conditions, TableOutline outline)
    {
        if (!Names.TryParseBall(input.Ball, out var ball))
            throw RefusalException.Invalid("placing", "placing.ball", BallRefusals.NothingToLay, reason: "unknownBall", ball: input.Ball);
        var wanted = new Place(input.X, input.Y);
        if (!wanted.IsFinite)
            throw RefusalException.Invalid("placing", "placing", BallRefusals.NoPlace, reason: "notFinite", ball: input.Ball);
        placed.RemoveAll(other => other.Ball == ball);
        var manner = new LayingManner(
            input.Snap, input.InHand && ball == BallId.Cue, input.Reach ?? Settling.LeastReach);
        var settled = Settling.Settle(wanted, placed, outline, conditions.Gauge, manner);
        var words = Landmarks.Describe(settled.Place, placed, conditions.Gauge);
        placed.Add(new PlacedBall(ball, settled.Place));
        return new PlacingOutput(
            input.Ball,
            settled.Place.X,
            settled.Place.Y,
            [.. settled.Touching.Select(Names.Text)],
            [.. settled.Frozen.Select(Names.Text)],
            words,
            JsonNamingPolicy.CamelCase.ConvertName(settled.Snap.ToString()),
            new PlaceOutput(settled.Loose.X, settled.Loose.Y),
            LayoutWords.NoRoom(ball, settled, wanted));
    }
}
