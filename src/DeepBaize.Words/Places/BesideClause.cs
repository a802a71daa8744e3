using System.Text.RegularExpressions;
using DeepBaize.Table;

namespace DeepBaize.Words.Places;

/// <summary>A place said from a ball, a spot or a pocket: "two balls below the pink", "touching the black, above it".</summary>
/// <param name="Thing">The middle of the thing.</param>
/// <param name="Away">Metres from there to the ball's centre.</param>
/// <param name="Up">Share of the way up the table.</param>
/// <param name="Left">Share of the way towards the green side.</param>
internal sealed partial record BesideClause(Place Thing, double Away, double Up, double Left)
{
    /// <summary>Reads a clause; null without a sentence when it is none of this kind.</summary>
    /// <param name="clause">The clause in small letters.</param>
    /// <param name="from">Where the ball stands now.</param>
    /// <param name="things">What can be named.</param>
    /// <param name="unit">What a bare number means, in metres.</param>
    /// <param name="diameter">Ball diameter in metres.</param>
    /// <param name="sentence">What could not be understood.</param>
    public static BesideClause? Read(string clause, Place from, Things things, double unit, double diameter, out string? sentence)
    {
        sentence = null;
        if (Pattern().Match(clause) is not { Success: true } match) return null;
        if (things.Find(match.Groups["thing"].Value, from, out sentence) is not { } thing) return null;
        var isApart = match.Groups["vertical"].Value is "behind" || match.Groups["beside"].Success;
        // Behind or beside a ball, and nothing more, is not touching it: a ball's room between.
        var away = thing.IsBall ? (isApart ? 2 : 1) * diameter : 0;
        if (match.Groups["distance"].Success)
        {
            if (SpokenDistance.Read(match.Groups["distance"].Value, unit, diameter) is not { } said)
            {
                sentence = $"\"{match.Groups["distance"].Value}\" is no distance.";
                return null;
            }

            away = !said.InBalls ? said.Metres : said.Metres + (thing.IsBall ? diameter : 0);
        }

        return new BesideClause(thing.Place, away, 0, 0).Towards(match, from);
    }

    /// <summary>Takes a bearing that was said afterwards, "above it"; null when the clause is none.</summary>
    public BesideClause? Bearing(string clause, Place from) =>
        Afterwards().Match(clause) is { Success: true } match ? Towards(match, from) : null;

    /// <summary>The place; where another clause fixed one coordinate, the one on that line at the distance that was said.</summary>
    /// <param name="x">Metres up the table when they are fixed.</param>
    /// <param name="y">Metres from the yellow side when they are fixed.</param>
    public (double X, double Y) Place(double? x, double? y)
    {
        if (x is { } up && y is { } across) return (up, across);
        if (x is { } fixedUp) return (fixedUp, Thing.Y + Rest(fixedUp - Thing.X, Left));
        return y is { } fixedAcross
            ? (Thing.X + Rest(fixedAcross - Thing.Y, Up), fixedAcross) : (Thing.X + Up * Away, Thing.Y + Left * Away);
    }

    /// <summary>What is left of the distance beside a part that is fixed.</summary>
    private double Rest(double fixedPart, double share) =>
        Math.Abs(fixedPart) < Away ? Math.CopySign(Math.Sqrt(Away * Away - fixedPart * fixedPart), share) : share * Away;

    /// <summary>Takes the direction that was said; none means from the thing to where the ball stands now.</summary>
    private BesideClause Towards(Match match, Place from)
    {
        double up = match.Groups["vertical"].Value switch { "above" => 1, "below" or "behind" => -1, _ => 0 };
        double left = match.Groups["side"].Value switch { "green" => 1, "yellow" => -1, _ => 0 };
        if (match.Groups["beside"].Success) left = from.Y >= Thing.Y ? 1 : -1;
        if (up == 0 && left == 0) (up, left) = (from.X - Thing.X, from.Y - Thing.Y);
        var length = Math.Sqrt(up * up + left * left);
        return length == 0 ? this with { Up = -1, Left = 0 } : this with { Up = up / length, Left = left / length };
    }

    [GeneratedRegex(@"^((almost )?touching |(?<distance>(?!above|below|behind|beside|to the ).+?) )?((?<vertical>above|below|behind) )?"
        + @"((?<beside>beside) )?((and )?to the (?<side>yellow|green) side of )?(from )?"
        + @"(?<thing>the .+|(nearest )?red( \d+)?|white|yellow|green|brown|blue|pink|black)$")]
    private static partial Regex Pattern();

    [GeneratedRegex("^(?=.)(?<vertical>above|below|behind)?(?<beside>beside)?( ?and )?(to the (?<side>yellow|green) side)?( of)?( it)?$")]
    private static partial Regex Afterwards();
}
