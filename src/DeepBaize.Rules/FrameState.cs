using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules;

/// <summary>How far a frame is.</summary>
public enum FramePhase
{
    /// <summary>It is played.</summary>
    InPlay,

    /// <summary>The scores were level after the black: it is on its spot again and the next score or foul ends the frame.</summary>
    RespottedBlack,

    /// <summary>It is over.</summary>
    Over,
}

/// <summary>A frame between two strokes, seen by the player who is at the table.</summary>
/// <param name="Balls">The balls on the table in any order; the white is missing while it is in hand.</param>
/// <param name="Gauge">Size of the balls.</param>
/// <param name="On">What is on.</param>
/// <param name="Scores">Points of the player at the table and of the opponent.</param>
/// <param name="Break">Points of the break so far.</param>
/// <param name="IsInHand">True when the white is played from the D.</param>
/// <param name="IsFreeBall">True when the player has a free ball.</param>
/// <param name="Phase">How far the frame is.</param>
/// <param name="Misses">
/// How often running a miss was called on this player from this position while a full ball could be hit: he plays again with the balls put
/// back.
/// </param>
public sealed record FrameState(
    IReadOnlyList<PlacedBall> Balls,
    BallGauge Gauge,
    BallOn On,
    Scores Scores = default,
    int Break = 0,
    bool IsInHand = false,
    bool IsFreeBall = false,
    FramePhase Phase = FramePhase.InPlay,
    int Misses = 0)
{
    /// <summary>The start of a frame: balls racked, colours on their spots, the white in hand.</summary>
    /// <param name="gauge">Size of the balls.</param>
    public static FrameState Start(BallGauge gauge)
    {
        var reds = BallSet.Reds.Zip(Spots.Rack(gauge.Diameter), (red, place) => new PlacedBall(red, place));
        var colours = BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value));
        return new FrameState([.. reds, .. colours], gauge, BallOn.Red, IsInHand: true);
    }

    /// <summary>A frame that was laid: what is not known of its state is inferred from the balls.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="state">What is known.</param>
    /// <param name="ball">The ball that is played at, if any: in free practice it is on.</param>
    /// <returns>The frame; null when nothing can be on.</returns>
    public static FrameState? Of(Layout layout, PlayState state, BallId? ball = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Of(layout.Balls, layout.Gauge, state, ball);
    }

    /// <summary>The same for balls that may be without a white.</summary>
    /// <param name="balls">The balls.</param>
    /// <param name="gauge">Their size.</param>
    /// <param name="state">What is known.</param>
    /// <param name="ball">The ball that is played at, if any.</param>
    public static FrameState? Of(IReadOnlyList<PlacedBall> balls, BallGauge gauge, PlayState state, BallId? ball)
    {
        ArgumentNullException.ThrowIfNull(balls);
        ArgumentNullException.ThrowIfNull(state);
        List<BallId> up = [.. balls.Select(placed => placed.Ball)];
        var known = state.IsPractice && ball is { } played ? BallsOn.InferFor(up, played) : state.On ?? BallsOn.Infer(up);
        if (known is not { } on) return null;
        return new FrameState(
            balls, gauge, on, state.Scores ?? default, state.Break ?? 0, state.IsInHand, state.IsFreeBall,
            Misses: state.MissCount);
    }

    /// <summary>A frame that was laid and of which nobody says what is on: a ball is played at, so it is on.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="ball">The ball that is played at; null when none is, and what is on is inferred.</param>
    public static FrameState For(Layout layout, BallId? ball)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Of(layout, new PlayState(IsPractice: true), ball) ?? new FrameState(layout.Balls, layout.Gauge, BallOn.Red);
    }

    /// <summary>The balls that are up, without the white.</summary>
    public IEnumerable<BallId> Up => Balls.Select(placed => placed.Ball).Where(ball => ball != BallId.Cue);

    /// <summary>The balls without the white.</summary>
    public IReadOnlyList<PlacedBall> ObjectBalls => [.. Balls.Where(placed => placed.Ball != BallId.Cue)];

    /// <summary>How many reds are up.</summary>
    public int Reds => Up.Count(BallSet.IsRed);

    /// <summary>True when the black is the only ball left.</summary>
    public bool IsOnlyBlackLeft => On == BallOn.Black && Up.All(ball => ball == BallId.Black);

    /// <summary>Where the white is; null while it is in hand.</summary>
    public Place? White
    {
        get
        {
            foreach (var placed in Balls)
            {
                if (placed.Ball == BallId.Cue) return placed.Place;
            }

            return null;
        }
    }

    /// <summary>The balls that are on: the reds, the colour, or for a colour of choice the nominated one, all while none is.</summary>
    /// <param name="nominated">What the player nominates.</param>
    public IEnumerable<BallId> BallsThatAreOn(BallId? nominated) => On switch
    {
        BallOn.Red => Up.Where(BallSet.IsRed),
        BallOn.Colour => Up.Where(ball => ball >= BallId.Yellow && (nominated is null || ball == nominated)),
        _ => Up.Where(ball => ball == BallsOn.ToBall(On)),
    };

    /// <summary>The balls that a player may choose to play at: those that are on, and with a free ball any.</summary>
    public IEnumerable<BallId> Playable => IsFreeBall ? Up : BallsThatAreOn(null);

    /// <summary>Points that potting a ball brings when nothing goes wrong: a free ball counts as the ball on.</summary>
    /// <param name="ball">The ball.</param>
    public int ValueOf(BallId ball) => IsFreeBall && On != BallOn.Colour ? BallValue.Of(On, null) : BallValue.Of(ball);

    /// <summary>True when the player may claim the frame: only the black is left and the lead is more than it is worth.</summary>
    public bool CanClaim => Phase == FramePhase.InPlay && IsOnlyBlackLeft && Scores.Player - Scores.Opponent > BallValue.Most;

    /// <summary>The same frame seen by the other player, whose turn it becomes.</summary>
    public FrameState ForOpponent() => this with { Scores = new Scores(Scores.Opponent, Scores.Player), Break = 0 };
}
