using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>A row that a coach can read aloud.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Label">What it is about.</param>
/// <param name="Words">What it says.</param>
/// <param name="Chance">The chance in it, if there is one.</param>
/// <param name="IsWarning">True for what a player should mind.</param>
public sealed record RowOutput(
    [Codes(typeof(RowKind))] string Kind, string Label, string Words, ChanceOutput? Chance, bool IsWarning);

/// <summary>Where the white may stop.</summary>
/// <param name="Half">Places of the densest half of the strokes.</param>
/// <param name="Rest">Places of the others up to nine in ten.</param>
/// <param name="Reach">Radius in metres for which each place stands.</param>
public sealed record StainOutput(IReadOnlyList<PlaceOutput> Half, IReadOnlyList<PlaceOutput> Rest, double Reach);

/// <summary>A pot that is on from a leave.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Chance">Estimated chance.</param>
/// <param name="CutDeg">The cut in degrees.</param>
/// <param name="Way">How it is reached.</param>
/// <param name="Words">In words.</param>
public sealed record LeavePotOutput(
    string Ball, [Codes(typeof(PocketId))] string Pocket, double Chance, double CutDeg, [Codes(typeof(BridgeWay))] string Way,
    string Words);

/// <summary>What a stroke leaves when pace is out.</summary>
/// <param name="PaceShare">How far the white's speed is out.</param>
/// <param name="White">Where the white stops; null when it falls.</param>
/// <param name="Pots">Next pots that are one in two or better, the likeliest first.</param>
public sealed record LeaveOutput(double PaceShare, PlaceOutput? White, IReadOnlyList<LeavePotOutput> Pots);

/// <summary>A side of the table from which the stroke can be cued.</summary>
/// <param name="Side">The cushion.</param>
/// <param name="Way">plain, stretched, rest, restWithExtension, spider, swanNeck, otherHand or outOfReach.</param>
/// <param name="Factor">What it multiplies the player's errors with; null when it cannot be done.</param>
/// <param name="Feet">Where the body leans over the cushion.</param>
/// <param name="Words">In words.</param>
public sealed record StanceOutput(string Side, [Codes(typeof(BridgeWay))] string Way, double? Factor, PlaceOutput Feet, string Words);

/// <summary>The lowest point of the face that can be reached at a side.</summary>
/// <param name="Side">Contact point right of centre in ball radii.</param>
/// <param name="Lowest">Least height there; null when nothing there can be reached.</param>
public sealed record FaceLimitOutput(double Side, double? Lowest);

/// <summary>How a stroke is cued.</summary>
/// <param name="IsPossible">True when an ordinary stroke gets the tip there.</param>
/// <param name="Best">The stance that costs least.</param>
/// <param name="Sides">The stance at each side.</param>
/// <param name="ElevationDeg">Least elevation; null when the tip cannot get there.</param>
/// <param name="Bridge">Place of the bridge.</param>
/// <param name="BridgeLength">Metres from bridge to tip.</param>
/// <param name="Factor">What the errors are multiplied with here.</param>
/// <param name="HardestPace">Hardest pace recommended.</param>
/// <param name="Face">What of the face can be reached.</param>
/// <param name="Words">Where to stand and how.</param>
/// <param name="Cautions">What to mind.</param>
public sealed record CueingOutput(
    bool IsPossible,
    StanceOutput Best,
    IReadOnlyList<StanceOutput> Sides,
    double? ElevationDeg,
    PlaceOutput Bridge,
    double BridgeLength,
    double Factor,
    double HardestPace,
    IReadOnlyList<FaceLimitOutput> Face,
    string Words,
    IReadOnlyList<string> Cautions);

/// <summary>A chance of something named.</summary>
/// <param name="Name">A ball or a pocket.</param>
/// <param name="Chance">How often.</param>
public sealed record NamedChance(string Name, ChanceOutput Chance);

/// <summary>What a stroke comes to in this player's hands.</summary>
/// <param name="DirectionDeg">The direction that was played.</param>
/// <param name="Pot">Potted, and nothing forbidden falls.</param>
/// <param name="Thick">Missed thick.</param>
/// <param name="Thin">Missed thin.</param>
/// <param name="InOff">The white falls.</param>
/// <param name="InOffs">By pocket.</param>
/// <param name="Contacts">Other balls that the white meets after a pot.</param>
/// <param name="Zone">Potted and in the zone; null without one.</param>
/// <param name="Next">Potted with a next pot on.</param>
/// <param name="IsLast">True when no ball is left after the pot: nothing is to follow.</param>
/// <param name="IfPast">When it runs past.</param>
/// <param name="IfShort">When it falls short.</param>
/// <param name="AsMeant">When it is played as meant.</param>
/// <param name="HandsMm">Spread of the white's place due to the hands.</param>
/// <param name="TableMm">The same due to what is not known of the table.</param>
/// <param name="Source">hands, table or both.</param>
/// <param name="Demand">How much the stroke asks.</param>
/// <param name="SchoolCost">Points of a hundred that the player's school takes off.</param>
/// <param name="Stain">Where the white may stop.</param>
/// <param name="Cueing">How it is cued.</param>
/// <param name="Rows">Everything in words.</param>
/// <param name="Samples">Strokes played.</param>
/// <param name="Seed">Seed of the draws.</param>
public sealed record ChanceResponse(
    double DirectionDeg,
    ChanceOutput Pot,
    ChanceOutput Thick,
    ChanceOutput Thin,
    ChanceOutput InOff,
    IReadOnlyList<NamedChance> InOffs,
    IReadOnlyList<NamedChance> Contacts,
    ChanceOutput? Zone,
    ChanceOutput Next,
    bool IsLast,
    LeaveOutput IfPast,
    LeaveOutput IfShort,
    LeaveOutput AsMeant,
    double HandsMm,
    double TableMm,
    [Codes(typeof(ScatterSource))] string Source,
    double Demand,
    double SchoolCost,
    StainOutput Stain,
    CueingOutput Cueing,
    IReadOnlyList<RowOutput> Rows,
    int Samples,
    int Seed);

/// <summary>One plan of a comparison.</summary>
/// <param name="Answer">What it comes to.</param>
/// <param name="Product">Chance that pot and position both go well.</param>
/// <param name="Worth">The same, less what the player's school takes off.</param>
/// <param name="Stroke">The stroke in words.</param>
public sealed record ComparedOutput(ChanceResponse Answer, double Product, double Worth, string Stroke);

/// <summary>Plans side by side.</summary>
/// <param name="Plans">In the order of the question.</param>
/// <param name="Recommended">Index of the plainest good one.</param>
/// <param name="Words">The recommendation.</param>
public sealed record CompareResponse(IReadOnlyList<ComparedOutput> Plans, int Recommended, string Words);

/// <summary>A stroke that was found.</summary>
/// <param name="Pace">Pace.</param>
/// <param name="Side">Side in ball radii.</param>
/// <param name="Height">Height in ball radii.</param>
/// <param name="DirectionDeg">The cue's direction.</param>
/// <param name="Pot">Chance of the pot.</param>
/// <param name="Success">Chance of pot and position.</param>
/// <param name="Demand">How much it asks.</param>
/// <param name="SchoolCost">Points of a hundred that the player's school takes off.</param>
/// <param name="Rest">Where the white stops when played as meant.</param>
/// <param name="Samples">Strokes of which the chances come.</param>
/// <param name="Words">In words.</param>
public sealed record FoundOutput(
    double Pace, double Side, double Height, double DirectionDeg, double Pot, double Success, double Demand, double SchoolCost,
    PlaceOutput? Rest, int Samples, string Words);

/// <summary>Strokes found so far.</summary>
/// <param name="Best">The least demanding good one first.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="IsFinal">True for the last answer.</param>
/// <param name="Words">What it comes to.</param>
public sealed record FoundProgress(IReadOnlyList<FoundOutput> Best, int Played, bool IsFinal, string Words);

/// <summary>The plainest stroke that is nearly as good.</summary>
/// <param name="Simpler">The stroke; null when the given one is the plainest.</param>
/// <param name="Success">Chance of the given one.</param>
/// <param name="Words">In words, with what it costs.</param>
public sealed record SimplerResponse(FoundOutput? Simpler, double Success, string Words);

/// <summary>A computed zone.</summary>
/// <param name="Cell">Size of a cell in metres.</param>
/// <param name="Runs">Runs of cells inside: row, first column, count.</param>
/// <param name="Best">The place with most room; null when the zone is empty.</param>
/// <param name="RoomMm">Room around it.</param>
/// <param name="AlongMm">Width through it along the white's way.</param>
/// <param name="AcrossMm">Width across.</param>
/// <param name="Reasons">What is wrong with the place that was asked for; null when none was, empty when nothing is.</param>
/// <param name="Words">The zone in words.</param>
public sealed record ZoneResponse(
    double Cell, IReadOnlyList<IReadOnlyList<int>> Runs, PlaceOutput? Best, double RoomMm, double AlongMm, double AcrossMm,
    IReadOnlyList<string>? Reasons, string Words);

/// <summary>A way into the reds.</summary>
/// <param name="Pace">Pace.</param>
/// <param name="Side">Side in ball radii.</param>
/// <param name="Height">Height in ball radii.</param>
/// <param name="Entry">The red met; null when none is.</param>
/// <param name="EntryPlace">Centre of the white there.</param>
/// <param name="EntrySpeed">Its speed there in m/s.</param>
/// <param name="Enters">Chance that a red is met.</param>
/// <param name="Next">Chance of a next red.</param>
/// <param name="NextByRest">Of those, with the rest.</param>
/// <param name="Pot">Chance of the pot.</param>
/// <param name="InOff">Chance of an in-off.</param>
/// <param name="Words">In words.</param>
public sealed record PackOutput(
    double Pace,
    double Side,
    double Height,
    string? Entry,
    PlaceOutput? EntryPlace,
    double EntrySpeed,
    ChanceOutput Enters,
    ChanceOutput Next,
    ChanceOutput NextByRest,
    ChanceOutput Pot,
    ChanceOutput InOff,
    string Words);

/// <summary>Ways into the reds.</summary>
/// <param name="Ways">By pace, then side.</param>
/// <param name="Words">Which leaves a next red most often.</param>
public sealed record PackResponse(IReadOnlyList<PackOutput> Ways, string Words);

/// <summary>A way to a place.</summary>
/// <param name="Pace">Pace.</param>
/// <param name="Side">Side in ball radii.</param>
/// <param name="Height">Height in ball radii.</param>
/// <param name="Cushions">Cushions met.</param>
/// <param name="MissMm">How far the white stops from the place, root mean square.</param>
/// <param name="Pot">Chance of the pot.</param>
/// <param name="Words">In words.</param>
public sealed record WayOutput(double Pace, double Side, double Height, int Cushions, double MissMm, ChanceOutput Pot, string Words);

/// <summary>Cushion or hold.</summary>
/// <param name="Rule">hold, either or cushions: the trade's rule; null when the player has switched it off.</param>
/// <param name="Simulated">The same as simulated; null when neither way comes near.</param>
/// <param name="Disagree">True when they name different ways.</param>
/// <param name="Hold">The best way without a cushion.</param>
/// <param name="Cushions">The best way with cushions.</param>
/// <param name="Words">In words.</param>
public sealed record CushionResponse(
    [Codes(typeof(CushionAdvice))] string? Rule, [Codes(typeof(CushionAdvice))] string? Simulated, bool Disagree, WayOutput? Hold,
    WayOutput? Cushions, string Words);
