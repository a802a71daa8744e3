using DeepBaize.Data.Positions;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Data.Demo;

/// <summary>What the stroke of a demo position does; a test plays it on its table.</summary>
/// <param name="Meets">The ball that the white meets first.</param>
/// <param name="Pots">The ball that falls; null when none does.</param>
/// <param name="WhiteX">Where the white stops, in metres up the table; within a ball of it.</param>
/// <param name="WhiteY">The same from the yellow side.</param>
/// <param name="Cushions">How many cushions the white meets.</param>
/// <param name="ViaCushion">True when it meets one before the ball.</param>
public sealed record DemoPromise(BallId Meets, BallId? Pots, double WhiteX, double WhiteY, int Cushions, bool ViaCushion = false);

/// <summary>A position of the house.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Note">One line that says what to look at.</param>
/// <param name="Balls">The balls.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="State">The state of play.</param>
/// <param name="Intent">What the stroke is for.</param>
/// <param name="Promise">What it does.</param>
/// <param name="Profile">The table that it is for.</param>
public sealed record DemoPosition(
    string Name, string Note, IEnumerable<(BallId Ball, double X, double Y)> Balls, SavedStroke Stroke, SavedState State,
    SavedIntent Intent, DemoPromise Promise, string Profile = PositionDocument.ClubProfile)
{
    /// <summary>The row of the position.</summary>
    /// <param name="isFirst">True for the one with which a first visit begins.</param>
    /// <exception cref="InvalidOperationException">Its balls cannot stand so.</exception>
    internal SavedPosition ToRow(bool isFirst)
    {
        var layout = LayoutRules.TryBuild(
            [.. Balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))],
            TableOutline.Club,
            BallGauge.Standard,
            LayoutMode.Free,
            out var problems) ?? throw new InvalidOperationException($"{Name}: {problems[0]}");
        return new SavedPosition
        {
            Id = Guid.NewGuid(),
            OwnerId = Owner.House,
            Name = Name,
            Note = Note,
            Document = PositionDocument.From(layout, Stroke, Profile) with { Intent = Intent, State = State },
            IsFirst = isFirst,
            UpdatedAt = DateTimeOffset.UtcNow,
        };
    }
}
