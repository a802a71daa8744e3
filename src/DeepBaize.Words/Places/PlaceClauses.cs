using System.Text.RegularExpressions;
using DeepBaize.Table;

namespace DeepBaize.Words.Places;

/// <summary>Gathers what the parts of a said place fix: the way up the table, the way across, or a line.</summary>
internal sealed partial class PlaceClauses(Place from, Things things, BallGauge gauge, double unit)
{
    /// <summary>Half the depth of the D, in metres.</summary>
    private const double HalfD = 0.146;

    private double? _x;
    private double? _y;
    private Place? _inLineWith;
    private (Place A, Place B)? _line;
    private BesideClause? _beside;

    /// <summary>Takes one part; a sentence when it cannot be understood.</summary>
    public string? Take(string clause) =>
        Cushion(clause, out var sentence) || Spot(clause, ref sentence) || Between(clause, ref sentence)
        || InLine(clause, ref sentence) || Beside(clause, ref sentence)
            ? sentence
            : sentence ?? $"\"{clause}\" is not understood.";

    /// <summary>The place that everything together fixes; what stays open is as it was.</summary>
    public Place Place()
    {
        if (_inLineWith is { } like)
        {
            if (_y is not null && _x is null) _x = like.X;
            else _y ??= like.Y;
        }

        if (_beside is { } beside) (_x, _y) = beside.Place(_x, _y);
        if (_line is { } line) return OnLine(line.A, line.B);
        return new Place(_x ?? from.X, _y ?? from.Y);
    }

    private Place OnLine(Place a, Place b)
    {
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        if (_x is { } x && Math.Abs(dx) > 1e-9) return new Place(x, a.Y + (x - a.X) / dx * dy);
        if (_y is { } y && Math.Abs(dy) > 1e-9) return new Place(a.X + (y - a.Y) / dy * dx, y);
        var share = ((from.X - a.X) * dx + (from.Y - a.Y) * dy) / (dx * dx + dy * dy);
        return new Place(a.X + share * dx, a.Y + share * dy);
    }

    private bool Cushion(string clause, out string? sentence)
    {
        sentence = null;
        var match = CushionClause().Match(clause);
        if (!match.Success) return false;
        var away = gauge.CushionInset;
        if (match.Groups["distance"].Success)
        {
            if (SpokenDistance.Read(match.Groups["distance"].Value, unit, gauge.Diameter) is not { } said)
            {
                sentence = $"\"{match.Groups["distance"].Value}\" is no distance.";
                return true;
            }

            away = said.InBalls ? gauge.CushionInset + said.Metres : said.Metres;
        }

        switch (match.Groups["cushion"].Value)
        {
            case "baulk": _x = away; break;
            case "top": _x = Measurements.Length - away; break;
            case "green side": _y = Measurements.Width - away; break;
            case "side" when from.Y > Measurements.CentreLine: _y = Measurements.Width - away; break;
            default: _y = away; break;
        }

        return true;
    }

    private bool Spot(string clause, ref string? sentence)
    {
        if (clause == "in the d")
        {
            var place = TheD.Contains(from) ? from : new Place(Measurements.BaulkLine - HalfD, Measurements.CentreLine);
            (_x, _y) = (place.X, place.Y);
        }
        else if (LevelClause().Match(clause) is { Success: true } level)
        {
            if (things.Find(level.Groups["thing"].Value, from, out sentence) is { } thing) _x = thing.Place.X;
        }
        else if (OverClause().Match(clause) is { Success: true } over)
        {
            if (things.InFrontOf(over.Groups["pocket"].Value, gauge, out sentence) is { } place) (_x, _y) = (place.X, place.Y);
        }
        else if (clause == "on the baulk line") _x = Measurements.BaulkLine;
        else if (clause is "on the line of the spots" or "on the centre line" or "in the middle") _y = Measurements.CentreLine;
        else if (SpotClause().Match(clause) is { Success: true } match)
        {
            if (things.Find(match.Groups["spot"].Value, from, out sentence) is { } spot) (_x, _y) = (spot.Place.X, spot.Place.Y);
        }
        else return false;
        return true;
    }

    private bool Between(string clause, ref string? sentence)
    {
        if (BetweenClause().Match(clause) is not { Success: true } match) return false;
        if (Two(match, out sentence) is not { } two) return true;
        (_x, _y) = ((two.A.X + two.B.X) / 2, (two.A.Y + two.B.Y) / 2);
        return true;
    }

    private bool InLine(string clause, ref string? sentence)
    {
        if (InLineClause().Match(clause) is not { Success: true } match) return false;
        if (!match.Groups["b"].Success)
        {
            if (things.Find(match.Groups["a"].Value, from, out sentence) is { } thing) _inLineWith = thing.Place;
            return true;
        }

        if (Two(match, out sentence) is not { } two) return true;
        if (two.A.DistanceTo(two.B) < 1e-6) sentence = "Two things at one place give no line.";
        else _line = two;
        return true;
    }

    private (Place A, Place B)? Two(Match match, out string? sentence)
    {
        if (things.Find(match.Groups["a"].Value, from, out sentence) is not { } a) return null;
        return things.Find(match.Groups["b"].Value, from, out sentence) is { } b ? (a.Place, b.Place) : null;
    }

    private bool Beside(string clause, ref string? sentence)
    {
        if (_beside?.Bearing(clause, from) is { } turned) _beside = turned;
        else if (BesideClause.Read(clause, from, things, unit, gauge.Diameter, out sentence) is { } beside) _beside = beside;
        else return sentence is not null;
        return true;
    }

    [GeneratedRegex("^((?<distance>.+?) (off|from)|tight on|frozen to|against) (the )?(?<cushion>baulk|top|yellow side|green side|side)( "
        + "cushion)?$")]
    private static partial Regex CushionClause();

    [GeneratedRegex("^level with (?<thing>.+)$")]
    private static partial Regex LevelClause();

    [GeneratedRegex("^over (?<pocket>.*pocket.*)$")]
    private static partial Regex OverClause();

    [GeneratedRegex("^(on )?(the )?(?<spot>[a-z]+ spot)$")]
    private static partial Regex SpotClause();

    [GeneratedRegex("^(half ?way )?between (?<a>.+?) and (?<b>.+)$")]
    private static partial Regex BetweenClause();

    [GeneratedRegex("^in line with (?<a>.+?)( and (?<b>.+))?$")]
    private static partial Regex InLineClause();
}
