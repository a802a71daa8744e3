using DeepBaize.Data.Positions;
using DeepBaize.Physics.Profiles;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Profiles;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Layouts;

/// <summary>Turns what lies on a sheet into a document, and back; every road into the database goes through it.</summary>
internal static class PositionReader
{
    /// <summary>The document of a sheet's content.</summary>
    /// <param name="content">The content.</param>
    /// <param name="contacts">Pairs that touch, where the content comes from a file that names them.</param>
    /// <exception cref="RefusalException">Something cannot be as given; every reason is named.</exception>
    public static PositionDocument Read(PositionContent content, IReadOnlyList<IReadOnlyList<string>>? contacts = null)
    {
        var profile = ConditionsReader.Find(content.Profile);
        var placed = LayoutReader.ReadBalls(content.Balls);
        var layout = LayoutReader.Build(
            placed, profile.Outline, profile.Conditions.Gauge, ReadMode(content.Mode), contacts is null ? null : LayoutReader.ReadContacts(contacts));
        if (content.Stroke is { } stroke) StrikeReader.Read(new StrikeInput(stroke.DirectionDeg, Pace: stroke.Pace, Side: stroke.Side, Height: stroke.Height), profile.Conditions);
        if (content.Pot is { } pot) PotReader.RequireBall(layout, PotReader.ReadPot(new PotInput(pot.Ball, pot.Pocket, pot.Part)).Ball, "pot.ball");
        var marks = MarkReader.Read(content.Marks);
        var state = StateReader.ReadFor(content.State, [.. layout.Balls.Select(ball => ball.Ball)]);
        var (balls, touching) = PositionDocument.From(layout);
        return new PositionDocument(
            PositionDocument.CurrentVersion, balls, touching, ToSaved(content.Stroke), profile.Id, ToSaved(content.Pot), ToSaved(marks), ToSaved(state));
    }

    /// <summary>What a document holds, as a sheet's content.</summary>
    public static PositionContent ToContent(PositionDocument document) => new(
        ToBalls(document),
        document.Stroke is { } stroke ? new StrokeInput(stroke.DirectionDeg, stroke.Pace, stroke.Side, stroke.Height) : null,
        null,
        ToProfile(document).Id,
        document.Pot is { } pot ? new KeptPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep) : null,
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
                state.MissCount)
            : null);

    /// <summary>The balls of a document.</summary>
    public static IReadOnlyList<BallPlace> ToBalls(PositionDocument document) =>
        [.. document.Balls.Select(ball => new BallPlace(ball.Id, ball.X, ball.Y))];

    /// <summary>The profile that a document names; one that is no longer known is opened on the club table.</summary>
    public static ProfileName ToProfile(PositionDocument document)
    {
        var profile = HouseProfiles.Find(document.Profile) ?? HouseProfiles.Club;
        return new ProfileName(profile.Id, profile.Name);
    }

    private static LayoutMode ReadMode(string? mode) => mode switch
    {
        null or "free" => LayoutMode.Free,
        "frame" => LayoutMode.Frame,
        _ => throw RefusalException.Invalid("mode", "Unknown mode", new Fault("mode", null, "mode", "A position is saved as free or as frame.")),
    };

    private static SavedStroke? ToSaved(StrokeInput? stroke) =>
        stroke is null ? null : new SavedStroke(stroke.DirectionDeg, stroke.Pace, stroke.Side, stroke.Height);

    private static SavedPot? ToSaved(KeptPot? pot) => pot is null ? null : new SavedPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep);

    private static SavedMark[] ToSaved(IReadOnlyList<Mark> marks) =>
        [.. marks.Select(mark => new SavedMark(
            mark.Id, MarkReader.Text(mark.Kind), [.. mark.Places.Select(place => new SavedPlace(place.X, place.Y))], mark.Radius, mark.Text))];

    private static SavedState? ToSaved(PlayState state) => StateReader.ToOutput(state) is not { } output
        ? null
        : new SavedState(
            output.On,
            output.Nominated,
            output.InHand,
            output.FreeBall,
            output.Scores is { } scores ? new SavedScores(scores.Player, scores.Opponent) : null,
            output.Break,
            output.MissCount);
}
