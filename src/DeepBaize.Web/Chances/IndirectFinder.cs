using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>A table on which doubles, plants, cannons and in-offs are looked for.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="State">The state of play: it says which balls are on.</param>
/// <param name="Player">The player; absent is the house's club player.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record IndirectQuestion(
    IReadOnlyList<BallPlace> Balls, StateInput? State = null, PlayerInput? Player = null, string? Profile = null,
    CoefficientsInput? Coefficients = null);

/// <summary>A pot off a cushion or another ball.</summary>
/// <param name="Way">How the ball comes to the pocket.</param>
/// <param name="Name">What it is called: double, plant, set ...</param>
/// <param name="First">The ball that the white meets.</param>
/// <param name="Ball">The ball that falls.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="Chance">How often the player makes it, with what the eye errs about such ways (estimate).</param>
/// <param name="Room">Room for error at the first contact, to either side of the aim, in millimetres.</param>
/// <param name="Words">The pot, its chance and its room in words.</param>
public sealed record IndirectPotOutput(
    [Codes(typeof(IndirectWay))] string Way, string Name, string First, string Ball, [Codes(typeof(PocketId))] string Pocket,
    StrokeInput Stroke, ChanceOutput Chance, double Room, string Words);

/// <summary>What can be potted otherwise than straight.</summary>
/// <param name="Pots">The pots, the likeliest first.</param>
/// <param name="Words">What there is, in a sentence.</param>
public sealed record IndirectResponse(IReadOnlyList<IndirectPotOutput> Pots, string Words);

/// <summary>Finds doubles, plants, cannons and in-offs.</summary>
internal static class IndirectFinder
{
    private const int Most = 10;

    /// <summary>A pot that goes more rarely than this is told only when nothing better is found.</summary>
    private const double LeastChance = 0.05;

    /// <summary>Finds them.</summary>
    /// <exception cref="RefusalException">The balls cannot stand like this, or something in it is unknown.</exception>
    public static IndirectResponse Find(IndirectQuestion question, CancellationToken cancel)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var (layout, _) = Predictor.Lay(question.Balls, null, table.Conditions, table.Outline);
        FieldReader.RequireBall(layout, BallId.Cue, "balls");
        var player = PlayerReader.Read(question.Player);
        var state = StateReader.ReadInForce(question.State, layout.Balls);
        if (FrameState.Of(layout, state) is not { } frame) return new IndirectResponse([], IndirectWords.Summary([]));
        var found = IndirectReading.Read(table, layout, frame, player, state.IsPractice, cancel);
        List<IndirectEntry> told = [.. found.Where((entry, i) => i == 0 || entry.Chance.Share >= LeastChance).Take(Most)];
        return new IndirectResponse([.. told.Select(entry => ToOutput(entry, frame))], IndirectWords.Summary(found));

        IndirectPotOutput ToOutput(IndirectEntry entry, FrameState at)
        {
            var (pot, strike) = (entry.Solution.Pot, entry.Solution.Strike);
            return new IndirectPotOutput(
                Shared.Code(pot.Way), IndirectWords.Name(pot, at), Names.Text(pot.First), Names.Text(pot.Ball), Names.Text(pot.Pocket),
                PlannedStrokes.ToStroke(strike, table.Conditions), Shared.ToChance(entry.Chance), 1000 * IndirectWords.Room(entry.Solution),
                IndirectWords.Entry(entry, at, BallNames.Among(layout)));
        }
    }
}
