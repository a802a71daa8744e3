using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says where the white can go: anchors, dials swept, ways out of an in-off, cannons.</summary>
public static class WhiteWords
{
    /// <summary>Where a place is, among the balls that will be left there.</summary>
    /// <param name="place">The place; null when the white falls.</param>
    /// <param name="layout">The balls before the stroke.</param>
    /// <param name="potted">The ball that goes.</param>
    public static string Where(Place? place, Layout layout, BallId potted)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return place is { } at
            ? Landmarks.Describe(at, [.. layout.Balls.Where(ball => ball.Ball != BallId.Cue && ball.Ball != potted)], layout.Gauge)
            : "nowhere: it falls";
    }

    /// <summary>What a stroke of a map or a sweep comes to.</summary>
    public static string Cell(DialCell cell, Layout layout, BallId potted)
    {
        ArgumentNullException.ThrowIfNull(cell);
        ArgumentNullException.ThrowIfNull(layout);
        var what = cell.Kind switch
        {
            CellKind.NoPot => "the ball stays up",
            CellKind.InOff => $"in-off in the {NameWords.Of(cell.InOff!.Value)}",
            CellKind.OffTable => "the white leaves the table",
            CellKind.MeetsBall => $"meets {BallNames.Among(layout).The(cell.Met!.Value)}, stops {Where(cell.Rest, layout, potted)}",
            CellKind.InZone => $"in the zone, {Where(cell.Rest, layout, potted)}",
            CellKind.FallsShort => $"falls {BallWidths.Say(-cell.Miss / layout.Gauge.Diameter)} short",
            CellKind.RunsPast => $"runs {BallWidths.Say(cell.Miss / layout.Gauge.Diameter)} past",
            _ => $"stops {Where(cell.Rest, layout, potted)}",
        };
        return what + (cell.CushionCount > 0
            && cell.Kind != CellKind.NoPot ? $", {cell.CushionCount} cushion{(cell.CushionCount > 1 ? "s" : "")}" : "");
    }

    /// <summary>The window of a dial in which the white stops in the zone.</summary>
    /// <param name="window">The window.</param>
    /// <param name="isPace">True when the dial is the pace, in the player's own numbers; else the height, in ball radii.</param>
    /// <param name="radius">Of the balls, in metres.</param>
    public static string Window(PaceWindow window, bool isPace, double radius)
    {
        ArgumentNullException.ThrowIfNull(window);
        return isPace
            ? $"{EventWords.Capital(StrokeWords.PaceInWords(window.Best))}; from {window.Least:0.0} to {window.Most:0.0} it stays in the "
                + "zone"
            : $"{EventWords.Capital(Tips(window.Best))}; from {Tips(window.Least)} to {Tips(window.Most)} it stays in the zone";

        string Tips(double height) => StrokeWords.Height(StrokeWords.ToTips(height, radius));
    }

    /// <summary>What to play between tries that fell short and ran past.</summary>
    public static string Between(PaceWindow window)
    {
        ArgumentNullException.ThrowIfNull(window);
        return $"Next {window.Best:0.0}; between {window.Least:0.0} and {window.Most:0.0} it should stay there";
    }

    /// <summary>A tip height at a distance; null when no safe tip does it.</summary>
    public static string TipAt(double? tips) => tips is { } said ? StrokeWords.Height(said) : "not with a safe tip at this pace";

    /// <summary>What the white meets on its way.</summary>
    public static string Meets(WhiteMeeting meeting, Pot pot, BallNames names)
    {
        return meeting switch
        {
            { Ball: { } ball } when ball == pot.Ball && names.Of(ball) == NameWords.Of(ball) => $"the same {NameWords.Of(ball)}",
            { Ball: { } ball } => names.The(ball),
            { Kind: ShotEventKind.Pocket, Pocket: { } pocket } => $"in-off, {NameWords.Of(pocket)}",
            { Pocket: { } pocket } => $"a jaw of the {NameWords.Of(pocket)}",
            _ => $"the {NameWords.Of(meeting.Cushion!.Value)}",
        };
    }

    /// <summary>How far off a pupil's guess was.</summary>
    /// <param name="nearest">The anchor whose white stops nearest; null when none stays up.</param>
    /// <param name="guess">Where the pupil thought.</param>
    /// <param name="diameter">Of the balls, in metres.</param>
    public static string Guess(Anchor? nearest, Place guess, double diameter)
    {
        if (nearest?.Stroke is not { } stroke) return "You: no line to compare with; the white does not stay up.";
        // The path says where the guess lies along the way: the white falls short of it or runs past it.
        var miss = stroke.White.MissOf(guess);
        var widths = Math.Abs(miss) / diameter;
        if (widths < 0.75) return $"You: spot on, where {Name(nearest.Kind)} leaves the white.";
        return $"You: {BallWidths.Say(widths)} {(miss > 0 ? "short of" : "beyond")} where {Name(nearest.Kind)} leaves the white.";
    }

    /// <summary>A way out of a danger.</summary>
    public static string Fix(Fix fix, PlayingConditions conditions, Layout layout)
    {
        ArgumentNullException.ThrowIfNull(fix);
        ArgumentNullException.ThrowIfNull(conditions);
        return $"{How(fix, conditions)}: the white stops {Where(fix.Rest, layout, fix.Pot.Ball)}"
            + fix.StillNear switch
            {
                0 => "",
                1 => "; one stroke beside it still threatens",
                var near => $"; {near} strokes beside it still threaten",
            };
    }

    /// <summary>A cannon.</summary>
    public static string Cannon(Cannon cannon, PlayingConditions conditions, Layout layout, BallId potted, BallId second)
    {
        ArgumentNullException.ThrowIfNull(cannon);
        return $"{EventWords.Capital(StrokeWords.Dial(cannon.Dials, conditions))}: {ContactWords.Describe(cannon.Fraction)} on "
            + $"{BallNames.Among(layout).The(second)}; the white stops {Where(cannon.WhiteRest, layout, potted)}";
    }

    /// <summary>What the line of the stun says of a cannon, and what to mind.</summary>
    /// <param name="line">The line.</param>
    /// <param name="isSensitive">True when a degree matters much.</param>
    /// <param name="count">Cannons that were found.</param>
    /// <param name="second">The second ball.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Cannons(CannonLine line, bool isSensitive, int count, BallId second, Pot pot, BallNames names)
    {
        var ball = names.The(second);
        var stun = line.Fraction > 0
            ? $"Square off {names.The(pot.Ball)} the white meets {ball} {ContactWords.Describe(line.Fraction)}."
            : $"Square off {names.The(pot.Ball)} the white passes {ball}.";
        var found = count == 0 ? $" No stroke that pots meets {ball} next." : "";
        var care = isSensitive
            ? $" Take care: over {line.Distance:0.0} m one degree shifts the contact by "
                + $"{PotWords.Share(line.Distance * Math.PI / 180, line.Diameter)}."
            : "";
        return stun + found + care;
    }

    private static string Name(AnchorKind kind) => kind switch
    {
        AnchorKind.Stun => "stun",
        AnchorKind.Follow => "follow",
        _ => "screw",
    };

    private static string How(Fix fix, PlayingConditions conditions)
    {
        return fix.Kind switch
        {
            FixKind.PocketPart => fix.Pot.Part switch
            {
                PocketPart.NearJaw => "Use the near jaw",
                PocketPart.FarJaw => "Use the far jaw",
                PocketPart.Opening => "Aim where most room is",
                _ => "Use the middle of the pocket",
            },
            FixKind.Stun => $"Stun it, {StrokeWords.Height(Tips(fix.Dials.Height))}",
            FixKind.Height => EventWords.Capital(StrokeWords.Height(Tips(fix.Dials.Height))),
            FixKind.Pace => EventWords.Capital(StrokeWords.PaceInWords(conditions.Cue.Paces.FromSpeed(fix.Dials.WhiteSpeed))),
            _ => EventWords.Capital(StrokeWords.Side(Tips(fix.Dials.Side))),
        };

        double Tips(double offset) => StrokeWords.ToTips(offset, conditions.Balls.Radius);
    }
}
