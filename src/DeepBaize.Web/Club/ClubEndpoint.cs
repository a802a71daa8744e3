using DeepBaize.Data;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Club;

/// <summary>Who plays, and on which table.</summary>
/// <param name="Club">The club.</param>
/// <param name="Player">The player in use.</param>
/// <param name="Table">The table in use.</param>
/// <param name="MeasuredOn">When the table was measured; null when it was not.</param>
/// <param name="People">Everybody at the club.</param>
public sealed record ClubResponse(string? Club, string? Player, string? Table, DateOnly? MeasuredOn, IReadOnlyList<PersonOutput> People);

/// <summary>A player or coach.</summary>
/// <param name="Name">Name.</param>
/// <param name="Role">player or coach.</param>
public sealed record PersonOutput(string Name, string Role);

/// <summary>Route of the club.</summary>
public static class ClubEndpoint
{
    /// <summary>Maps the route.</summary>
    public static void MapClub(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/club", async (BaizeDbContext database, CancellationToken cancel) =>
        {
            var people = await database.People.AsNoTracking().OrderBy(person => person.Name).ToListAsync(cancel);
            var table = await database.Tables.AsNoTracking().OrderByDescending(row => row.IsCurrent).FirstOrDefaultAsync(cancel);
            return new ClubResponse(
                table?.Club ?? people.FirstOrDefault()?.Club,
                people.FirstOrDefault(person => person.IsCurrent)?.Name,
                table?.Name,
                table?.MeasuredOn,
                [.. people.Select(person => new PersonOutput(person.Name, person.Role == Data.Club.PersonRole.Coach ? "coach" : "player"))]);
        }).WithName("Club").ProducesProblem(StatusCodes.Status503ServiceUnavailable);
    }
}
