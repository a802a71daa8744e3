using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Players;

/// <summary>A player to be looked at.</summary>
/// <param name="Player">The player.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record PlayerQuestion(PlayerInput Player, string? Profile = null, CoefficientsInput? Coefficients = null);

/// <summary>How far a stroke's end scatters at a pace.</summary>
/// <param name="Pace">The pace, in the player's own numbers.</param>
/// <param name="Lengths">Lengths that it runs when played as meant.</param>
/// <param name="HalfWithinMm">Half of the strokes stop within this distance of where they should.</param>
/// <param name="Words">In words.</param>
public sealed record FinishOutput(double Pace, double Lengths, double HalfWithinMm, string Words);

/// <summary>What a player's hands do, as players speak of it.</summary>
/// <param name="Player">The player with everything said.</param>
/// <param name="Black">How often the black off its spot is potted, from 0.6 m at a comfortable angle.</param>
/// <param name="Straight">How often the long straight pot is.</param>
/// <param name="Finishes">How far the ends of strokes scatter.</param>
/// <param name="SuitableCueLength">The cue that suits the player's shoulder, in metres.</param>
/// <param name="Words">In words.</param>
public sealed record PlayerOutput(
    PlayerInput Player, ChanceOutput Black, ChanceOutput Straight,
    IReadOnlyList<FinishOutput> Finishes, double SuitableCueLength, IReadOnlyList<string> Words);

/// <summary>Strokes at one pace and how far they ran.</summary>
/// <param name="Pace">The player's number for it.</param>
/// <param name="Lengths">Lengths that the white ran up and down the table alone.</param>
public sealed record PaceTrialInput(double Pace, IReadOnlyList<double> Lengths);

/// <summary>Strokes by which a player's own scale is found.</summary>
/// <param name="Trials">One to ten paces, each with one to twenty strokes.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record PaceQuestion(IReadOnlyList<PaceTrialInput> Trials, string? Profile = null, CoefficientsInput? Coefficients = null);

/// <summary>A player's own scale.</summary>
/// <param name="Paces">The measured paces.</param>
/// <param name="Words">What was found.</param>
public sealed record PaceAnswer(IReadOnlyList<PaceInput> Paces, string Words);

/// <summary>Routes about players.</summary>
public static class PlayerEndpoints
{
    private const int Strokes = 3000;
    private const int Seed = 1;

    /// <summary>Half of a normal law lies within this many standard deviations.</summary>
    private const double HalfWithin = 0.6744897501960817;

    /// <summary>Maps the routes.</summary>
    public static void MapPlayers(this IEndpointRouteBuilder routes)
    {
        routes.MapPost(
                "/api/players/look",
                (PlayerQuestion request, CallerPool pool, CancellationToken cancel) => pool.AnswerAsync(_ => Look(request), cancel))
            .WithName("LookAtPlayer").WithSummary("What a player's hands do: pot rates and how far strokes scatter.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity)
            .ProducesProblem(StatusCodes.Status429TooManyRequests);
        routes.MapPost("/api/players/paces", (PaceQuestion request) => FindPaces(request))
            .WithName("FindPaces").WithSummary("A player's own pace scale from a few strokes.")
                .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static PlayerOutput Look(PlayerQuestion question)
    {
        var player = PlayerReader.Read(question.Player);
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var black = Shared.ToChance(PlayerTrial.Rate(table, player.Errors, PlayerTrial.Black(table), Strokes, Seed));
        var straight = Shared.ToChance(PlayerTrial.Rate(table, player.Errors, PlayerTrial.LongStraight(table), Strokes, Seed));
        var halfTip = PlayerTrial.HalfTipCost(table, player.Errors, Strokes, Seed);
        var lengths = new RunLengths(table);
        return new PlayerOutput(
            PlayerReader.ToInput(player), black, straight, [.. new[] { 2.0, 4, 6 }.Select(pace => Finish(player, lengths, pace))],
            player.Physique.SuitableCueLength,
            PlayerWords.Look(black.Share, straight.Share, halfTip, player.Physique));
    }

    private static FinishOutput Finish(PlayerProfile player, RunLengths lengths, double pace)
    {
        var speed = player.Paces.ToSpeed(pace);
        var spread = player.PaceSpread(speed) * HalfWithin;
        var half = (lengths.Of(speed * Math.Exp(spread)) - lengths.Of(speed * Math.Exp(-spread))) / 2 * RunLength.Metres;
        var runs = lengths.Of(speed);
        return new FinishOutput(pace, runs, 1000 * half, PaceWords.Finish(pace, runs, half));
    }

    private static PaceAnswer FindPaces(PaceQuestion question)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        FieldReader.Within(question.Trials.Count, 1, 10, "trials");
        foreach (var trial in question.Trials) FieldReader.Within(trial.Lengths.Count, 1, 20, "trials.lengths");
        var scale = new RunLengths(table).Scale(question.Trials.Select(trial => new PaceTrial(trial.Pace, trial.Lengths)), out var problem)
            ?? throw RefusalException.Invalid("paces", FieldRefusals.Strokes, new Fault("trials", null, "paces", PaceWords.Say(problem!)));
        return new PaceAnswer(
            [.. scale.Marks.Select(mark => new PaceInput(mark.Pace, mark.WhiteSpeed, mark.Scatter))],
            PaceWords.Measured(scale));
    }
}
