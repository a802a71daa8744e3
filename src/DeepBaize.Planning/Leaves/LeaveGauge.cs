using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using MathNet.Numerics;

namespace DeepBaize.Planning.Leaves;

/// <summary>A pot that is on from a leave, estimated.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Chance">Chance that this player pots it.</param>
/// <param name="CutRadians">Signed cut, positive to the left.</param>
/// <param name="WhiteDistance">Metres that the white runs to the contact.</param>
/// <param name="Way">How it is reached.</param>
/// <param name="Line">Which of the lines of the balls it runs on; -1 for none.</param>
/// <param name="HeadingRadians">
/// Heading from white to ball at contact with which it was potted when only a part of the pocket is open; NaN when its middle is to be
/// aimed at.
/// </param>
/// <param name="Solved">The stroke with which it was solved; without speed when it is estimated.</param>
public readonly record struct LeavePot(
    Pot Pot, double Chance, double CutRadians, double WhiteDistance, BridgeWay Way, int Line, double HeadingRadians = double.NaN,
    Dials Solved = default)
{
    /// <summary>Chance from which a pot counts as on.</summary>
    public const double OnFrom = 0.5;

    /// <summary>True when the chance is one in two or better.</summary>
    public bool IsOn => Chance >= OnFrom;
}

/// <summary>
/// Estimates in microseconds what a player can pot from a leave: straight lines, what the pocket takes at that angle, and the player's
/// spread of direction. It plays nothing; where a figure is shown for one pot it is sampled instead. One instance serves one thread at a
/// time.
/// </summary>
public sealed class LeaveGauge
{
    /// <summary>Pace at which the next pot is thought to be played.</summary>
    private const double UsualPace = 3;

    /// <summary>
    /// Height of the tip, in ball radii, at which it is thought to be played from a cushion: above the centre, as the cushion allows.
    /// </summary>
    private const double HeightOffCushion = 0.25;

    /// <summary>Thin pots waver more than their cut alone says: read off strokes that were sampled.</summary>
    private const double ThinShare = 0.13;

    private const double CushionFelt = 0.4;
    private const double CushionStep = 0.01;

    /// <summary>
    /// Spread of the object ball's way in radians that throw adds, for a player whose tip lands a millimetre off (estimate; docs/players.md
    /// says how near it comes).
    /// </summary>
    private const double ThrowPerMillimetre = 0.0035;

    /// <summary>Throw of a cut at a usual pace in radians, of which a player misjudges a share (estimate).</summary>
    private const double UsualThrow = 0.05;

    /// <summary>Chance from which a pot is told at all.</summary>
    public const double LeastChance = 0.02;

    /// <summary>How many ways of lying are remembered: those of the strokes that a search looks at by turns.</summary>
    private const int Remembered = 12;

    /// <summary>Cosine of a cut of 80 degrees.</summary>
    private const double ThinnestCut = 0.17;

    /// <summary>Cosine of a cut of 25 degrees.</summary>
    private const double EasyCut = 0.906;

    private readonly PocketOpenings _openings;
    private readonly PlayerProfile _player;
    private readonly double _diameter;
    private readonly double _direction;
    private readonly double _throw;

    /// <summary>What a cushion behind the white multiplies the spread with, by its distance.</summary>
    private readonly double[] _cushion = new double[(int)(CushionFelt / CushionStep) + 1];

    /// <summary>The lines of the balls that were asked about last.</summary>
    private readonly PotLines?[] _known = new PotLines?[Remembered];

    private int _next;

    /// <summary>Prepares a player on a table.</summary>
    public LeaveGauge(TableInUse table, PlayerProfile player)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(player);
        (_openings, _player, _diameter) = (PocketOpenings.Of(table), player, table.Diameter);
        _direction = CueingReader.DirectionSpread(table, player) * player.Errors.Factors.AtPace(UsualPace);
        for (var i = 0; i < _cushion.Length; i++)
            _cushion[i] = CueingReader.CushionFactor(table, player, i * CushionStep, HeightOffCushion);
        var spun = ThrowPerMillimetre * (player.Errors.Height.Size + player.Errors.Swing.Size * BridgeRoom.UsualLength);
        var judged = UsualThrow * player.Errors.Eye.Throw.Size;
        _throw = Math.Sqrt(spun * spun + judged * judged);
    }

    /// <summary>The player.</summary>
    public PlayerProfile Player => _player;

    /// <summary>Everything that may be potted, the likeliest first.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="balls">The other balls on the table.</param>
    /// <param name="on">The balls that are on.</param>
    /// <param name="into">Filled with what was found.</param>
    public void Read(Place white, IReadOnlyList<PlacedBall> balls, IReadOnlyList<BallId> on, List<LeavePot> into)
    {
        ArgumentNullException.ThrowIfNull(balls);
        ArgumentNullException.ThrowIfNull(on);
        ArgumentNullException.ThrowIfNull(into);
        Read(white, LinesOf(balls), on, into);
    }

    /// <summary>The same for balls whose lines are known.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="known">The lines of the other balls.</param>
    /// <param name="on">The balls that are on.</param>
    /// <param name="into">Filled with what was found.</param>
    public void Read(Place white, PotLines known, IReadOnlyList<BallId> on, List<LeavePot> into)
    {
        ArgumentNullException.ThrowIfNull(known);
        ArgumentNullException.ThrowIfNull(on);
        ArgumentNullException.ThrowIfNull(into);
        into.Clear();
        var lines = known.Lines;
        for (var i = 0; i < lines.Length; i++)
        {
            if (lines[i].IsFree && Contains(on, known.Balls[lines[i].Index].Ball) && Estimate(white, known, i, LeastChance) is { } pot)
                into.Add(pot);
        }

        into.Sort((a, b) => b.Chance.CompareTo(a.Chance));
    }

    /// <summary>Everything that may be potted in a frame, the likeliest first; nothing while the white is in hand.</summary>
    /// <param name="frame">The frame.</param>
    public IReadOnlyList<LeavePot> Read(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var found = new List<LeavePot>();
        if (frame.White is { } white) Read(white, frame.ObjectBalls, [.. frame.Playable], found);
        return found;
    }

    /// <summary>Chance of a pot that is a little off straight, wherever the white lies: nothing blocks it.</summary>
    /// <param name="run">Metres that the white runs to the contact.</param>
    /// <param name="pocket">The pocket.</param>
    /// <param name="ball">Centre of the ball.</param>
    public double ChanceFrom(double run, PocketId pocket, Place ball)
    {
        var opening = _openings.At(pocket, ball, out var throat);
        return opening.Width <= 0 ? 0 : ChanceOf(opening.Width, _direction * run / (_diameter * EasyCut), ball.DistanceTo(throat));
    }

    /// <summary>The lines of some balls to the pockets.</summary>
    /// <param name="balls">The balls without the white.</param>
    public PotLines LinesOf(IReadOnlyList<PlacedBall> balls)
    {
        foreach (var known in _known)
        {
            if (known?.Are(balls) == true) return known;
        }

        var found = new PotLines(_openings, balls, _diameter, _known[(_next + Remembered - 1) % Remembered]);
        _known[_next] = found;
        _next = (_next + 1) % _known.Length;
        return found;
    }

    /// <summary>Chance to pot a ball on a line from a place of the white a little off straight, where nothing blocks it.</summary>
    /// <param name="line">The line.</param>
    /// <param name="run">Metres that the white runs to the contact.</param>
    public double ChanceFrom(in PotLine line, double run) => ChanceOf(line.Width, _direction * run / (_diameter * EasyCut), line.Distance);

    /// <summary>A pot from a place of the white; null when it is blocked, cut too thin, or less likely than asked.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="lines">The lines of the other balls.</param>
    /// <param name="number">Which of them.</param>
    /// <param name="least">Least chance.</param>
    public LeavePot? Estimate(Place white, PotLines lines, int number, double least)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ref readonly var line = ref lines.Lines[number];
        if (Meet(white, line.Contact, line.Way) is not { } meet) return null;
        // What is too unlikely from a plain stance is not looked at twice.
        if (ChanceOf(line.Width, meet.Turn, line.Distance) < least
            || Corridor.IsBlocked(lines.Balls, white, line.Contact, line.Index, _diameter)) return null;
        var aim = Math.Atan2(meet.Way.Y, meet.Way.X);
        var (way, factor) = StanceFinder.BestAt(_player, white, aim);
        var chance = ChanceOf(line.Width, factor * meet.Turn, line.Distance);
        return chance < least
            ? null
            : new LeavePot(new Pot(lines.Balls[line.Index].Ball, line.Pocket), chance, Turned(line.Heading - aim), meet.Run, way, number);
    }

    /// <summary>How the white comes to a contact from a plain stance; null when the ball would be cut too thin.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="contact">Centre of the white at the contact.</param>
    /// <param name="sent">The way on which the ball is sent, as a direction of length 1.</param>
    internal MeetingOfBalls? Meet(Place white, Place contact, (double X, double Y) sent)
    {
        var (dx, dy) = (contact.X - white.X, contact.Y - white.Y);
        var run = Math.Sqrt(dx * dx + dy * dy);
        if (run < 1e-6) return null;
        var cos = (dx * sent.X + dy * sent.Y) / run;
        if (!(cos > ThinnestCut)) return null;
        var turn = _direction * run / (_diameter * cos) * (1 + ThinShare * (1 / cos - 1)) * CushionAt(
            ButtRaise.NoseBehind(white, dx / run, dy / run));
        return new MeetingOfBalls(run, cos, turn, (dx / run, dy / run));
    }

    /// <summary>Spread of a ball's way in radians that throw adds to where the white meets it.</summary>
    internal double Throw => _throw;

    private double CushionAt(double noseBehind) => noseBehind >= CushionFelt ? 1 : _cushion[(int)(Math.Max(0, noseBehind) / CushionStep)];

    /// <summary>An angle between two headings, from half a turn to the right to half a turn to the left.</summary>
    private static double Turned(double radians) =>
        radians > Math.PI ? radians - Math.Tau : radians < -Math.PI ? radians + Math.Tau : radians;

    /// <summary>Chance that a ball whose way turns by a spread in radians drops into an opening at a distance.</summary>
    private double ChanceOf(double width, double turn, double distance)
    {
        var spread = Math.Sqrt(turn * turn + _throw * _throw) * distance;
        return spread < 1e-12 ? 1 : SpecialFunctions.Erf(width / 2 / (spread * Math.Sqrt(2)));
    }

    private static bool Contains(IReadOnlyList<BallId> on, BallId ball)
    {
        for (var i = 0; i < on.Count; i++)
        {
            if (on[i] == ball) return true;
        }

        return false;
    }
}

/// <summary>How the white comes to a ball.</summary>
/// <param name="Run">Metres that the white runs.</param>
/// <param name="Cosine">Cosine of the cut.</param>
/// <param name="Turn">Spread in radians of the line of centres.</param>
/// <param name="Way">The white's way as a direction of length 1.</param>
internal readonly record struct MeetingOfBalls(double Run, double Cosine, double Turn, (double X, double Y) Way);
