using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Leaves;

/// <summary>The straight line of a ball to a pocket, as far as it does not depend on the white.</summary>
/// <param name="Index">Which of the balls.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Heading">The ball's way in radians, to the middle of what the pocket takes.</param>
/// <param name="Way">The same as a direction of length 1.</param>
/// <param name="Target">Where that is, at the throat.</param>
/// <param name="Contact">Where the white is when it sends the ball there.</param>
/// <param name="Distance">Metres from the ball to the throat.</param>
/// <param name="Width">Metres of lines that drop.</param>
/// <param name="IsFree">True when no ball stands in the ball's way.</param>
/// <param name="IsClear">True when the white has room at the contact as well.</param>
public readonly record struct PotLine(
    int Index, PocketId Pocket, double Heading, (double X, double Y) Way, Place Target, Place Contact, double Distance, double Width,
    bool IsFree, bool IsClear);

/// <summary>
/// All lines of some balls to the pockets. They are found once for balls that lie the same: most strokes of a search move few balls, and
/// leaves differ by the white alone.
/// </summary>
public sealed class PotLines
{
    private const int Pockets = 6;

    private readonly PlacedBall[] _balls;
    private readonly double _diameter;
    private readonly PotLine[] _lines;

    /// <summary>Where each ball's lines begin, by its id; one more than the place, 0 for balls that are not there.</summary>
    private readonly int[] _first = new int[BallSet.Count];

    /// <summary>Finds the lines.</summary>
    /// <param name="openings">What the pockets take.</param>
    /// <param name="balls">The balls without the white.</param>
    /// <param name="diameter">Diameter of the balls in metres.</param>
    /// <param name="like">Lines that are known for balls of which some lie the same; null for none.</param>
    public PotLines(PocketOpenings openings, IReadOnlyList<PlacedBall> balls, double diameter, PotLines? like = null)
    {
        ArgumentNullException.ThrowIfNull(openings);
        ArgumentNullException.ThrowIfNull(balls);
        (_diameter, _balls) = (diameter, [.. balls]);
        _lines = new PotLine[_balls.Length * Pockets];
        var count = 0;
        for (var index = 0; index < _balls.Length; index++)
        {
            _first[(int)_balls[index].Ball] = count + 1;
            var from = count;
            if (like?.Copy(_balls[index], index, _lines, ref count) != true)
            {
                for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
                {
                    if (Find(openings, index, pocket) is { } line) _lines[count++] = line;
                }
            }

            for (; from < count; from++) _lines[from] = Judged(_lines[from]);
        }

        Array.Resize(ref _lines, count);
    }

    /// <summary>The lines that are left when a ball is gone: what was free stays free.</summary>
    private PotLines(PotLines from, int gone)
    {
        (_diameter, _balls) = (from._diameter, [.. from._balls.Where((_, i) => i != gone)]);
        _lines = new PotLine[from._lines.Length];
        var count = 0;
        foreach (ref readonly var line in from._lines.AsSpan())
        {
            if (line.Index == gone) continue;
            var index = line.Index > gone ? line.Index - 1 : line.Index;
            ref var first = ref _first[(int)_balls[index].Ball];
            if (first == 0) first = count + 1;
            _lines[count++] = line.IsClear ? line with { Index = index } : Judged(line with { Index = index });
        }

        Array.Resize(ref _lines, count);
    }

    /// <summary>The lines when a ball is gone and the others lie as they do.</summary>
    /// <param name="ball">The ball.</param>
    public PotLines Without(BallId ball) => new(this, Array.FindIndex(_balls, placed => placed.Ball == ball));

    /// <summary>The balls.</summary>
    public ReadOnlySpan<PlacedBall> Balls => _balls;

    /// <summary>The lines on which something drops, in the order of the balls.</summary>
    public ReadOnlySpan<PotLine> Lines => _lines;

    /// <summary>True for balls that lie where these do.</summary>
    /// <param name="balls">The balls without the white.</param>
    public bool Are(IReadOnlyList<PlacedBall> balls)
    {
        ArgumentNullException.ThrowIfNull(balls);
        if (balls.Count != _balls.Length) return false;
        for (var i = 0; i < _balls.Length; i++)
        {
            if (balls[i].Ball != _balls[i].Ball || balls[i].Place.X != _balls[i].Place.X || balls[i].Place.Y != _balls[i].Place.Y)
                return false;
        }

        return true;
    }

    /// <summary>Copies the lines of a ball that lies here as well; false when it does not.</summary>
    private bool Copy(PlacedBall placed, int index, PotLine[] into, ref int count)
    {
        var at = _first[(int)placed.Ball] - 1;
        if (at < 0 || at >= _lines.Length) return false;
        var own = _lines[at].Index;
        if (_balls[own].Ball != placed.Ball || _balls[own].Place.X != placed.Place.X || _balls[own].Place.Y != placed.Place.Y) return false;
        for (; at < _lines.Length && _lines[at].Index == own; at++) into[count++] = _lines[at] with { Index = index };
        return true;
    }

    /// <summary>The line of a ball by its own place alone; null when nothing drops on it.</summary>
    private PotLine? Find(PocketOpenings openings, int index, PocketId pocket)
    {
        var ball = _balls[index].Place;
        var opening = openings.At(pocket, ball, out var throat);
        var distance = ball.DistanceTo(throat);
        if (opening.Width <= 0 || distance < 1e-6) return null;
        var (ux, uy) = ((throat.X - ball.X) / distance, (throat.Y - ball.Y) / distance);
        // The middle of what the pocket takes is aimed at.
        var target = throat.Offset(-uy * opening.Middle, ux * opening.Middle);
        var heading = ball.HeadingTo(target);
        return new PotLine(index, pocket, heading, (Math.Cos(heading), Math.Sin(heading)), target,
            PottingLine.GhostAt(heading, ball, _diameter), distance, opening.Width, false, false);
    }

    /// <summary>A line with what the other balls make of it.</summary>
    private PotLine Judged(in PotLine line)
    {
        var isFree = !Corridor.IsBlocked(_balls, _balls[line.Index].Place, line.Target, line.Index, _diameter);
        return line with { IsFree = isFree, IsClear = isFree && HasRoom(line.Contact, line.Index) };
    }

    private bool HasRoom(Place contact, int index)
    {
        for (var i = 0; i < _balls.Length; i++)
        {
            if (i != index && contact.SquaredDistanceTo(_balls[i].Place) < _diameter * _diameter) return false;
        }

        return contact.X > 0 && contact.X < Measurements.Length && contact.Y > 0 && contact.Y < Measurements.Width;
    }
}
