using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>Stun, follow and screw of a pot, and how far off a pupil's guess was.</summary>
internal static class AnchorSearch
{
    /// <summary>Stun, follow and screw.</summary>
    public static AnchorResponse Find(AnchorQuestion question)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var guess = question.Guess is { } given ? FieldReader.ReadPlace(given.X, given.Y, "guess") : (Place?)null;
        var (table, layout, pot) = (scene.Table, scene.Layout, scene.Pot);
        var anchors = Anchors.Of(new StrokePlayer(table), layout, pot, scene.Dials);
        var radius = table.Conditions.Balls.Radius;
        return new AnchorResponse(
            [.. anchors.Select(anchor => ToAnchor(anchor, scene))],
            guess is { } place ? WhiteWords.Guess(Nearest(anchors, place), place, table.Diameter) : null,
            anchors.Where(anchor => anchor is { IsReached: true, Stroke.IsClean: true })
                .OrderBy(anchor => anchor.Stroke!.White.Meetings.Count).ThenBy(anchor => Math.Abs(anchor.Dials.Height))
                .Select(anchor => Shared.Code(anchor.Kind)).FirstOrDefault());

        AnchorOutput ToAnchor(Anchor anchor, PotScene of)
        {
            var white = anchor.Stroke?.White;
            return new AnchorOutput(
                Shared.Code(anchor.Kind),
                anchor.IsReached,
                anchor.Dials.Height,
                of.PaceOf(anchor.Dials),
                StrokeWords.Dial(anchor.Dials, table.Conditions),
                anchor.Stroke is { } stroke ? Shared.Degrees(stroke.Strike.DirectionRadians) : null,
                anchor.Stroke?.ObjectBall.Fate == ObjectBallFate.Potted,
                white is null || double.IsNaN(white.LeavingHeading) ? null : Shared.Degrees(white.LeavingHeading),
                anchor.Stroke is { } played ? FromAim(played, of) : null,
                white is null ? [] : ShotMapping.ToSegments(white.Pieces, radius),
                white?.Rest is { } rest ? Shared.ToPlace(rest) : null,
                white is null ? "" : WhiteWords.Where(white.Rest, layout, pot.Ball),
                white is null ? [] : [.. white.Meetings.Select(meeting => WhiteWords.Meets(meeting, pot, scene.Names))],
                anchor.Refusal is { } refusal && anchor.Stroke is null ? PotWords.Why(refusal, pot, table.Diameter, scene.Names) : null);
        }
    }

    /// <summary>
    /// Angle in degrees by which the white's way turns from the aim once it rolls again, 0 to 180; null when it meets something first.
    /// </summary>
    private static double? FromAim(PlayedStroke stroke, PotScene scene)
    {
        if (double.IsNaN(stroke.White.RollingHeading)) return null;
        var aim = stroke.Strike.DirectionRadians
            + Physics.Impacts.CueStrike.PushOffRadians(stroke.Strike.Side, scene.Table.Conditions.Cue.EndMassRatio);
        return Math.Abs(Math.IEEERemainder(stroke.White.RollingHeading - aim, Math.Tau)) * 180 / Math.PI;
    }

    private static Anchor? Nearest(IReadOnlyList<Anchor> anchors, Place guess) =>
        anchors.Where(anchor => anchor.Stroke?.White.Rest is not null)
            .MinBy(anchor => anchor.Stroke!.White.Rest!.Value.SquaredDistanceTo(guess));
}
