using System.Text.Json;
using DeepBaize.Planning.Attempts;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads a state of play from a request and refuses what cannot be one.</summary>
internal static class StateReader
{
    private static readonly Dictionary<string, BallOn> Ons = Enum.GetValues<BallOn>().ToDictionary(Text, StringComparer.Ordinal);

    /// <summary>What is on, as text.</summary>
    public static string Text(BallOn on) => JsonNamingPolicy.CamelCase.ConvertName(on.ToString());

    /// <summary>The state; nothing is known when none is given.</summary>
    /// <exception cref="RefusalException">Something is no value of a state; every reason is named.</exception>
    public static PlayState Read(StateInput? input)
    {
        if (input is null) return PlayState.Unknown;
        var faults = new List<Fault>();
        BallOn? on = null;
        BallId? nominated = null;
        if (input.On is not null)
        {
            if (Ons.TryGetValue(input.On, out var known)) on = known;
            else faults.Add(Wrong("on", SheetRefusals.On));
        }

        if (input.Nominated is not null)
        {
            if (Names.TryParseBall(input.Nominated, out var ball) && BallSet.Colours.Contains(ball)) nominated = ball;
            else faults.Add(Wrong("nominated", SheetRefusals.Nominated));
        }

        foreach (var (field, points) in Points(input))
        {
            if (points is < 0 or > PlayState.MostPoints) faults.Add(Wrong(field, SheetRefusals.Points(PlayState.MostPoints)));
        }

        if (input.MissCount is < 0 or > PlayState.MostMisses)
            faults.Add(Wrong("missCount", SheetRefusals.Misses(PlayState.MostMisses)));
        if (faults.Count > 0) throw RefusalException.Invalid("state", SheetRefusals.NoState, faults);
        return new PlayState(
            on, nominated, input.InHand, input.FreeBall, input.Scores is { } scores ? new Scores(scores.Player, scores.Opponent) : null,
            input.Break, input.MissCount, input.Practice);
    }

    /// <summary>
    /// The state of a position that is kept: what is wrong for its balls is named.
    /// </summary>
    /// <exception cref="RefusalException">The state cannot be with these balls.</exception>
    public static PlayState ReadFor(StateInput? input, IReadOnlyCollection<BallId> up)
    {
        var state = Read(input);
        BallsOn.Clean(state, up, out var dropped);
        return dropped.Count == 0 ? state : throw RefusalException.Invalid(
            "state", SheetRefusals.CannotBeOn, Wrong("on", StateWords.Say(dropped[0])));
    }

    /// <summary>The state that is in force with these balls: what cannot be with them is left out.</summary>
    /// <exception cref="RefusalException">Something is no value of a state.</exception>
    public static PlayState ReadInForce(StateInput? input, IReadOnlyList<PlacedBall> balls) =>
        BallsOn.Clean(Read(input), [.. balls.Select(placed => placed.Ball)], out _);

    /// <summary>The frame of a question about a pot: its ball must be on, or nobody keeps to rules.</summary>
    /// <exception cref="RefusalException">The ball is not on.</exception>
    public static FrameState ReadFrame(StateInput? input, IReadOnlyList<PlacedBall> balls, BallGauge gauge, BallId ball)
    {
        var frame = FrameState.Of(balls, gauge, ReadInForce(input, balls), ball)
            ?? throw RefusalException.Impossible("nothingUp", "balls", BallRefusals.NothingUp);
        return frame.Playable.Contains(ball) ? frame : throw RefusalException.Impossible(
            "notOn", "pot.ball", QuestionRefusals.NotOn(ball, frame.On), ball: Names.Text(ball));
    }

    /// <summary>The rules of a line-up; null in a frame.</summary>
    public static LineUp? ReadLineUp(LineUpInput? input) => input is null ? null : new LineUp(input.Cushions);

    /// <summary>The state as it is answered; null when nothing of it is set.</summary>
    public static StateInput? ToOutput(PlayState state) => state == PlayState.Unknown
        ? null
        : new StateInput(
            state.On is { } on ? Text(on) : null,
            state.Nominated is { } ball ? Names.Text(ball) : null,
            state.IsInHand,
            state.IsFreeBall,
            state.Scores is { } scores ? new ScoresInput(scores.Player, scores.Opponent) : null,
            state.Break,
            state.MissCount,
            state.IsPractice);

    private static IEnumerable<(string Field, int Points)> Points(StateInput input)
    {
        if (input.Scores is { } scores)
        {
            yield return ("scores.player", scores.Player);
            yield return ("scores.opponent", scores.Opponent);
        }

        if (input.Break is { } points) yield return ("break", points);
    }

    private static Fault Wrong(string field, string sentence) => new($"state.{field}", null, "state", sentence);
}
