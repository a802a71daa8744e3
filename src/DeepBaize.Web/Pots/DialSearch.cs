using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Pots;

/// <summary>Answers about one dial alone: tip heights by distance, and what to play between two tries.</summary>
internal static class DialSearch
{
    /// <summary>Tip heights by distance.</summary>
    public static IReadOnlyList<HeightOutput> FindHeights(HeightsQuestion question)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        FieldReader.Within(question.Distances.Count, 1, 20, "distances");
        foreach (var distance in question.Distances) FieldReader.Within(distance, 0.05, 2.8, "distances");
        var (pace, roll) = (FieldReader.Within(question.Pace, Pace.Softest, Pace.Hardest, "pace"),
            FieldReader.Within(question.Roll, -1.1, 1.1, "roll"));
        var radius = table.Conditions.Balls.Radius;
        return [.. TipHeights.ByDistance(new StrokePlayer(table), table.Conditions.Cue.Paces.ToSpeed(pace), roll, question.Distances)
            .Select(found =>
        {
            double? tips = found.Height is { } height ? StrokeWords.ToTips(height, radius) : null;
            return new HeightOutput(
                found.DistanceMetres, found.Height, tips, WhiteWords.TipAt(tips));
        })];
    }

    /// <summary>The value between tries that fell short and ran past.</summary>
    public static DialWindowOutput FindBetween(BetweenQuestion question)
    {
        FieldReader.Within(question.Tries.Count, 2, 50, "tries");
        foreach (var made in question.Tries)
        {
            FieldReader.Within(made.Value, -100, 100, "tries.value");
            FieldReader.Within(made.Miss, -10, 10, "tries.miss");
        }

        var within = FieldReader.Within(question.Within, 0.001, 2, "within");
        var window = PaceWindow.Between(
            [.. question.Tries.Select(made => new DialTry(made.Value, made.Miss)).OrderBy(made => made.Value)], within)
            ?? throw RefusalException.Impossible("notBracketed", "tries", QuestionRefusals.NotBetween);
        return new DialWindowOutput(
            window.Best, window.Least, window.Most, WhiteWords.Between(window));
    }
}
