using DeepBaize.Data.Positions;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Book;

/// <summary>Turns what lies on a sheet into a document, and back; every road into the database goes through it.</summary>
internal static class PositionReader
{
    /// <summary>The document of a sheet's content.</summary>
    /// <param name="content">The content.</param>
    /// <param name="contacts">Pairs that touch, where the content comes from a file that names them.</param>
    /// <exception cref="RefusalException">Something cannot be as given; every reason is named.</exception>
    public static PositionDocument Read(PositionContent content, IReadOnlyList<IReadOnlyList<string>>? contacts = null)
    {
        var (profile, table) = FieldReader.ReadTable(content.Profile, content.Coefficients);
        if (content.Player is { } player) PlayerReader.Read(player);
        var placed = LayoutReader.ReadBalls(content.Balls);
        var layout = LayoutReader.Build(
            placed, table.Outline, table.Conditions.Gauge, ReadMode(content.Mode),
            contacts is null ? null : LayoutReader.ReadContacts(contacts));
        Strike? strike = content.Stroke is { } stroke
            ? StrikeReader.Read(stroke, table.Conditions)
            : null;
        var intent = IntentReader.Read(content, layout);
        var marks = MarkReader.Read(content.Marks);
        var state = StateReader.ReadFor(content.State, [.. layout.Balls.Select(ball => ball.Ball)]);
        var (balls, touching) = PositionDocument.From(layout);
        return new PositionDocument(
            PositionDocument.CurrentVersion, balls, touching, ToSaved(strike, content.Stroke), profile.Id, intent,
            ToSaved(marks), ToSaved(state), SettingReader.ToSaved(content));
    }

    /// <summary>The paces of a sheet's content: the player's own, or the house's.</summary>
    /// <exception cref="RefusalException">They make no scale.</exception>
    public static PaceScale PacesOf(PositionContent content) => ConditionsReader.ReadPaces(content.Coefficients?.Cue?.Paces);

    /// <summary>What a document holds, as a sheet's content.</summary>
    /// <param name="document">The document.</param>
    /// <param name="paces">The paces in whose numbers the stroke is told.</param>
    public static PositionContent ToContent(PositionDocument document, PaceScale paces) => new(
        ToBalls(document.Balls),
        document.Stroke is { } stroke
            ? new StrokeInput(
                stroke.DirectionDeg, Math.Round(paces.FromSpeed(stroke.WhiteSpeed), 9), stroke.Side, stroke.Height, stroke.WhiteSpeed,
                stroke.ElevationDeg)
            : null,
        null,
        ToProfile(document.Profile).Id,
        IntentReader.ToPot(document.Intent),
        [.. (document.Marks ?? []).Select(mark => new MarkInput(
            mark.Id, mark.Kind, [.. mark.Places.Select(place => new MarkPlace(place.X, place.Y))], mark.Radius, mark.Text))],
        document.State is { } state
            ? new StateInput(
                state.On,
                state.Nominated,
                state.InHand,
                state.FreeBall,
                state.Scores is { } scores ? new ScoresInput(scores.Player, scores.Opponent) : null,
                state.Break,
                state.MissCount,
                state.Practice)
            : null,
        SettingReader.ToCoefficients(document.Setting),
        SettingReader.ToPlayer(document.Setting))
    {
        Aim = IntentReader.ToAim(document.Intent),
    };

    /// <summary>Saved balls, as they are sent.</summary>
    public static IReadOnlyList<BallPlace> ToBalls(IReadOnlyList<SavedBall> balls) =>
        [.. balls.Select(ball => new BallPlace(ball.Id, ball.X, ball.Y))];

    /// <summary>The profile of an id; one that is no longer known is opened on the club table.</summary>
    public static ProfileName ToProfile(string id)
    {
        var profile = ProfileWords.Find(id) ?? HouseProfiles.Club;
        return new ProfileName(profile.Id, ProfileWords.Name(profile));
    }

    private static LayoutMode ReadMode(string? mode) => mode switch
    {
        null or "free" => LayoutMode.Free,
        "frame" => LayoutMode.Frame,
        _ => throw RefusalException.Invalid("mode", "mode", BookRefusals.Mode),
    };

    private static SavedStroke? ToSaved(Strike? strike, StrokeInput? stroke) =>
        strike is { } struck && stroke is not null
            ? new SavedStroke(stroke.DirectionDeg, struck.WhiteSpeed, stroke.Side, stroke.Height, stroke.ElevationDeg)
            : null;

    private static SavedMark[] ToSaved(IReadOnlyList<Mark> marks) =>
        [.. marks.Select(mark => new SavedMark(
            mark.Id, MarkReader.Text(mark.Kind), [.. mark.Places.Select(place => new SavedPlace(place.X, place.Y))], mark.Radius,
            mark.Text))];

    private static SavedState? ToSaved(PlayState state) => StateReader.ToOutput(state) is not { } output
        ? null
        : new SavedState(
            output.On,
            output.Nominated,
            output.InHand,
            output.FreeBall,
            output.Scores is { } scores ? new SavedScores(scores.Player, scores.Opponent) : null,
            output.Break,
            output.MissCount,
            output.Practice);
}
