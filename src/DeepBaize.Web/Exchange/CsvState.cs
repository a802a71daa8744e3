using System.Globalization;
using DeepBaize.Data.Positions;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Exchange;

/// <summary>The state of play as lines of a table: a name and a value each.</summary>
internal static class CsvState
{
    /// <summary>The lines of a state; none when nothing is set.</summary>
    public static IEnumerable<(string Name, string Value)> Write(SavedState? state)
    {
        if (state is null) yield break;
        if (state.On is { } on) yield return ("on", on);
        if (state.Nominated is { } nominated) yield return ("nominated", nominated);
        if (state.InHand) yield return ("inHand", "yes");
        if (state.FreeBall) yield return ("freeBall", "yes");
        if (state.Scores is { } scores)
        {
            yield return ("player", Text(scores.Player));
            yield return ("opponent", Text(scores.Opponent));
        }

        if (state.Break is { } points) yield return ("break", Text(points));
        if (state.Practice) yield return ("practice", "yes");
        if (state.MissCount > 0) yield return ("missCount", Text(state.MissCount));
    }

    /// <summary>Takes one line into a state; null when the name or the value is none.</summary>
    public static StateInput? Take(StateInput state, string name, string value) => (name, Number(value)) switch
    {
        ("on", _) => state with { On = value },
        ("nominated", _) => state with { Nominated = value },
        ("inHand", _) when value == "yes" => state with { InHand = true },
        ("freeBall", _) when value == "yes" => state with { FreeBall = true },
        ("practice", _) when value == "yes" => state with { Practice = true },
        ("player", { } points) => state with { Scores = new ScoresInput(points, state.Scores?.Opponent ?? 0) },
        ("opponent", { } points) => state with { Scores = new ScoresInput(state.Scores?.Player ?? 0, points) },
        ("break", { } points) => state with { Break = points },
        ("missCount", { } count) => state with { MissCount = count },
        _ => null,
    };

    private static string Text(int value) => value.ToString(CultureInfo.InvariantCulture);

    private static int? Number(string value) =>
        int.TryParse(value, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;
}
