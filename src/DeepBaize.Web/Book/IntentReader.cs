using DeepBaize.Data.Positions;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Book;

/// <summary>What a kept stroke is for: read from a sheet, and back.</summary>
internal static class IntentReader
{
    private const double UsualWithin = 0.1;
    private const double LeastWithin = 0.01;
    private const double MostWithin = 1;

    /// <summary>What the stroke of a sheet is for; null when that was not chosen.</summary>
    /// <exception cref="RefusalException">It is for two things, or for a ball that is not there.</exception>
    public static SavedIntent? Read(PositionContent content, Layout layout)
    {
        if (content.Aim is not { } aim) return content.Pot is { } pot ? ReadPot(pot, layout) : null;
        if (content.Pot is not null) throw Refuse("aim", "twoAims", StrokeRefusals.TwoAims);
        return aim.Kind switch
        {
            "hit" => ReadHit(aim, layout),
            "reach" => ReadReach(aim),
            _ => throw Refuse("aim.kind", "unknownAim", StrokeRefusals.UnknownAim),
        };
    }

    /// <summary>The pot of a kept stroke; null when it is for something else.</summary>
    public static KeptPot? ToPot(SavedIntent? intent) =>
        intent is SavedPot pot ? new KeptPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep) : null;

    /// <summary>What a kept stroke is for that pots nothing; null when it pots.</summary>
    public static KeptAim? ToAim(SavedIntent? intent) => intent switch
    {
        SavedHit hit => new KeptAim("hit", hit.Ball),
        SavedReach reach => new KeptAim("reach", null, new PlaceOutput(reach.X, reach.Y), reach.Within),
        _ => null,
    };

    private static SavedPot ReadPot(KeptPot pot, Layout layout)
    {
        FieldReader.RequireBall(layout, FieldReader.ReadPot(new PotInput(pot.Ball, pot.Pocket, pot.Part)).Ball, "pot.ball");
        return new SavedPot(pot.Ball, pot.Pocket, pot.Part, pot.Keep);
    }

    private static SavedHit ReadHit(KeptAim aim, Layout layout)
    {
        if (aim.Ball is not { } ball) throw Refuse("aim.ball", "noBall", StrokeRefusals.NoBall);
        FieldReader.RequireBall(layout, FieldReader.ReadBall(ball, "aim.ball"), "aim.ball");
        return new SavedHit(ball);
    }

    private static SavedReach ReadReach(KeptAim aim)
    {
        if (aim.Place is not { } asked) throw Refuse("aim.place", "noPlace", StrokeRefusals.NoPlace);
        var place = FieldReader.ReadPlace(asked.X, asked.Y, "aim.place");
        return new SavedReach(
            place.X, place.Y, FieldReader.Within(aim.Within ?? UsualWithin, LeastWithin, MostWithin, "aim.within"));
    }

    private static RefusalException Refuse(string field, string reason, Refused words) =>
        RefusalException.Invalid("aim", field, words, reason);
}
