using System.Text.Json;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads balls from a request and refuses what cannot stand on the table.</summary>
internal static class LayoutReader
{
    /// <summary>The balls with known ids.</summary>
    /// <exception cref="RefusalException">An id is unknown or there are too many balls.</exception>
    public static List<PlacedBall> ReadBalls(IReadOnlyList<BallPlace> balls)
    {
        if (balls.Count > BallSet.Count)
        {
            throw RefusalException.Invalid(
                "layout", BallRefusals.TooMany,
                new Fault("balls", null, "tooMany", LayoutWords.Say(new LayoutProblem(LayoutFault.TooMany, null, Amount: balls.Count))));
        }

        var faults = new List<Fault>();
        var placed = new List<PlacedBall>(balls.Count);
        for (var i = 0; i < balls.Count; i++)
        {
            if (balls[i] is null)
                faults.Add(new Fault($"balls[{i}]", null, "missing", BallRefusals.Missing(i + 1)));
            else if (Names.TryParseBall(balls[i].Id, out var id))
                placed.Add(new PlacedBall(id, new Place(balls[i].X, balls[i].Y)));
            else
                faults.Add(new Fault($"balls[{i}].id", balls[i].Id, "unknownBall", BallRefusals.Unknown(balls[i].Id).Sentence));
        }

        return faults.Count == 0 ? placed : throw RefusalException.Invalid("layout", BallRefusals.UnknownBall, faults);
    }

    /// <summary>The ball of an id.</summary>
    /// <exception cref="RefusalException">There is no such ball.</exception>
    public static BallId ReadBall(string? id, string field) => Names.TryParseBall(id, out var ball)
        ? ball
        : throw RefusalException.Invalid("ball", field, BallRefusals.Unknown(id), reason: "unknownBall", ball: id);

    /// <summary>Pairs of balls that a file says touch.</summary>
    /// <exception cref="RefusalException">An entry is no pair of balls.</exception>
    public static IReadOnlySet<Contact> ReadContacts(IReadOnlyList<IReadOnlyList<string>> pairs)
    {
        var contacts = new HashSet<Contact>();
        for (var i = 0; i < pairs.Count; i++)
        {
            if (pairs[i] is [var first, var second] && Names.TryParseBall(first, out var a) && Names.TryParseBall(second, out var b)
                && a != b)
                contacts.Add(new Contact(a < b ? a : b, a < b ? b : a));
            else throw RefusalException.Invalid("contacts", $"contacts[{i}]", BallRefusals.NoPair(i + 1), reason: "contact");
        }

        return contacts;
    }

    /// <summary>The legal layout of these balls.</summary>
    /// <exception cref="RefusalException">The balls cannot stand so; every reason is named.</exception>
    public static Layout Build(
        IReadOnlyList<PlacedBall> placed,
        TableOutline outline,
        BallGauge gauge,
        LayoutMode mode = LayoutMode.Free,
        IReadOnlySet<Contact>? touching = null) =>
        LayoutRules.TryBuild(placed, outline, gauge, mode, out var problems, touching)
        ?? throw RefusalException.Invalid(
            "layout",
            BallRefusals.CannotStand,
            [.. problems.Select(problem => ToFault(problem, placed))]);

    private static Fault ToFault(LayoutProblem problem, IReadOnlyList<PlacedBall> placed)
    {
        var index = placed.Select((ball, i) => (ball.Ball, i)).Where(ball => ball.Ball == problem.Ball).Select(ball => ball.i)
            .DefaultIfEmpty(-1).Last();
        return new Fault(
            index < 0 ? "balls" : $"balls[{index}]",
            problem.Ball is { } ball ? Names.Text(ball) : null,
            JsonNamingPolicy.CamelCase.ConvertName(problem.Fault.ToString()),
            LayoutWords.Say(problem));
    }
}
