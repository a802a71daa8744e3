using System.Security.Cryptography;
using System.Text.Json;
using DeepBaize.Data;
using DeepBaize.Data.Attempts;
using DeepBaize.Data.Positions;
using DeepBaize.Planning.Attempts;
using DeepBaize.Rules;
using DeepBaize.Web.Keeping;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace DeepBaize.Web.Attempts;

/// <summary>Keeps the attempts of one owner and tells what they came to. What is kept is never changed, only taken back.</summary>
public sealed class AttemptStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock)
{
    private const int Last = 5;

    /// <summary>Keeps an attempt; one that was kept already is not kept again.</summary>
    /// <exception cref="RefusalException">It cannot be, or another was kept under its id.</exception>
    public async Task<TallyResponse> KeepAsync(Guid id, AttemptInput attempt, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(attempt);
        var row = Read(id, attempt);
        try
        {
            database.Attempts.Add(row);
            await database.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException taken) when (taken.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            var kept = await database.Attempts.AsNoTracking().SingleOrDefaultAsync(other => other.Id == id, cancel);
            if (kept is null || (kept.Task, kept.Points, kept.End) != (row.Task, row.Points, row.End))
                throw RefusalException.Conflict("keptAsAnother", AttemptRefusals.KeptAsAnother);
        }

        return await TallyAsync(row.Task, cancel);
    }

    /// <summary>Takes an attempt back; nothing happens when it is not kept.</summary>
    public Task TakeBackAsync(Guid id, CancellationToken cancel) => database.Attempts.Where(row => row.Id == id).ExecuteDeleteAsync(cancel);

    /// <summary>What all attempts at the same thing came to.</summary>
    /// <exception cref="RefusalException">The balls cannot stand so.</exception>
    public Task<TallyResponse> TallyAsync(TaskInput task, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(task);
        return TallyAsync(TaskOf(ReadPlayer(task), RulesOf(task), ReadBalls(task)), cancel);
    }

    private async Task<TallyResponse> TallyAsync(string task, CancellationToken cancel)
    {
        var attempts = database.Attempts.AsNoTracking().Where(row => row.Task == task);
        var cleared = Shared.Code(AttemptEnd.Cleared);
        var sums = await attempts.GroupBy(row => row.Task)
            .Select(all => new
            {
                Count = all.Count(),
                Cleared = all.Count(row => row.End == cleared),
                Best = all.Max(row => row.Points),
                Mean = all.Average(row => row.Points),
            })
            .SingleOrDefaultAsync(cancel);
        var last = await attempts.OrderByDescending(row => row.PlayedAt).ThenByDescending(row => row.Id).Take(Last)
            .Select(row => new { row.Points, row.End }).ToListAsync(cancel);
        var tally = new AttemptTally(
            sums?.Count ?? 0, sums?.Cleared ?? 0, sums?.Best ?? 0, sums?.Mean ?? 0,
            [.. last.Select(row => new Attempt(row.Points, ReadEnd(row.End)))]);
        return new TallyResponse(
            tally.Count, tally.Cleared, tally.Best, tally.Mean,
            [.. tally.Last.Select(one => new AttemptOutput(one.Points, Shared.Code(one.End)))], AttemptWords.Say(tally));
    }

    private KeptAttempt Read(Guid id, AttemptInput attempt)
    {
        if (attempt.Points is < 0 or > PlayState.MostPoints)
            throw RefusalException.Invalid("attempt", "points", AttemptRefusals.Points(PlayState.MostPoints));
        var end = ReadEnd(attempt.End);
        if (end == AttemptEnd.Cushion && attempt.LineUp.Cushions)
            throw RefusalException.Invalid("attempt", "end", AttemptRefusals.AllowedCushion);
        var (player, rules, balls) = (ReadPlayer(attempt), RulesOf(attempt), ReadBalls(attempt));
        return new KeptAttempt
        {
            Id = id,
            OwnerId = owner.Id,
            Player = player,
            Kind = AttemptKind.LineUp,
            Rules = rules,
            Balls = balls,
            Task = TaskOf(player, rules, balls),
            Points = attempt.Points,
            End = Shared.Code(end),
            PlayedAt = clock.GetUtcNow(),
        };
    }

    private static AttemptEnd ReadEnd(string end) => end switch
    {
        "missed" => AttemptEnd.Missed,
        "foul" => AttemptEnd.Foul,
        "cushion" => AttemptEnd.Cushion,
        "cleared" => AttemptEnd.Cleared,
        _ => throw RefusalException.Invalid("attempt", "end", AttemptRefusals.End),
    };

    private static IReadOnlyList<SavedBall> ReadBalls(TaskInput task)
    {
        var (_, table) = FieldReader.ReadTable(task.Profile, task.Coefficients);
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(task.Balls), table.Outline, table.Conditions.Gauge);
        return PositionDocument.From(layout).Balls;
    }

    private static string ReadPlayer(TaskInput task) =>
        task.Player is null ? "" : NamedText.Name(task.Player, KeptAttempt.PlayerLength);

    private static string RulesOf(TaskInput task) => JsonSerializer.Serialize(task.LineUp, JsonSerializerOptions.Web);

    /// <summary>Layouts are sorted by ball, so that the same balls give the same key in whatever order they are sent.</summary>
    private static string TaskOf(string player, string rules, IReadOnlyList<SavedBall> balls)
    {
        var task = new { Kind = AttemptKind.LineUp, player, rules, balls };
        return Convert.ToHexStringLower(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(task, JsonSerializerOptions.Web)));
    }
}
