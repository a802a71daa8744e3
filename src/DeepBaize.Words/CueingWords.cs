using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;

namespace DeepBaize.Words;

/// <summary>Says how a stroke is cued.</summary>
public static class CueingWords
{
    /// <summary>Degrees from which a raised butt is a danger to cloth and people (common practice, no source).</summary>
    private const double Steep = 20;

    /// <summary>How the cue is held up: "the rest", "a stretch".</summary>
    public static string Way(BridgeWay way) => way switch
    {
        BridgeWay.Plain => "reached normally",
        BridgeWay.Stretched => "stretch",
        BridgeWay.Rest => "the rest",
        BridgeWay.RestWithExtension => "the rest with its extension",
        BridgeWay.Spider => "the spider",
        BridgeWay.SwanNeck => "the swan neck",
        BridgeWay.OtherHand => "the other hand",
        _ => "out of reach",
    };

    /// <summary>Where the player may stand, and how.</summary>
    public static string Say(Stance stance) => $"{EventWords.Capital(NameWords.Of(stance.Side))}: {Way(stance.Way)}";

    /// <summary>Where the player stands and how, in a sentence.</summary>
    public static string Say(CueingAnswer cueing)
    {
        var side = NameWords.Of(cueing.Best.Side);
        var stance = cueing.Best.Way switch
        {
            BridgeWay.Plain => $"Reached normally from the {side}",
            BridgeWay.Stretched => $"Stretch from the {side}",
            BridgeWay.OutOfReach => "Out of reach with what is at hand",
            var way => EventWords.Capital($"{Way(way)} from the {side}"),
        };
        var bridge = cueing.Bridge switch
        {
            { IsOnCushion: true, Length: < 0.2 } => ", short bridge on the cushion",
            { IsOnCushion: true } => ", bridge on the cushion",
            { Over: { } over } when !cueing.NeedsRest => $", bridge over the {NameWords.Of(over)}",
            _ => "",
        };
        var grows = cueing.Factor > 1.045
            && cueing.Best.Way != BridgeWay.OutOfReach ? $" The scatter grows by {100 * (cueing.Factor - 1):0} in 100." : "";
        var raised = cueing.ElevationDegrees is > ButtRaise.LeastDegrees + 0.5 and <= CueingAnswer.LevelDegrees
            && cueing.RaisedDegrees < cueing.ElevationDegrees + 0.5 ? $" The butt is up {cueing.ElevationDegrees:0} degrees." : "";
        return $"{stance}{bridge}.{raised}{grows}";
    }

    /// <summary>What the player is to mind; empty when there is nothing.</summary>
    public static IReadOnlyList<string> Cautions(CueingAnswer cueing, double hardestPace)
    {
        var cautions = new List<string>();
        if (cueing.ElevationDegrees > ButtRaise.MostDegrees)
            cautions.Add("The tip cannot get there with an ordinary stroke: play higher on the white.");
        else if (cueing.IsRaised)
            cautions.Add($"The butt is up about {cueing.ElevationDegrees:0} degrees to clear what is behind the white: it hops, and side "
                + "curves it.");
        if (cueing.RaisedDegrees >= Steep)
            cautions.Add(ButtWords.Caution);
        if (cueing.HardestPace < Physics.Balls.Pace.Hardest)
            cautions.Add($"Not harder than {StrokeWords.PaceInWords(hardestPace)} from there.");
        if (cueing.Best.Way == BridgeWay.Stretched) cautions.Add("Keep a foot on the floor.");
        if (cueing.Bridge.Over is { } over && !cueing.NeedsRest) cautions.Add($"Mind the {NameWords.Of(over)}: touching it is a foul.");
        return cautions;
    }
}
