namespace DeepBaize.Planning.Safety;

/// <summary>What kind of answer a stroke is, by what it does when it is played as meant.</summary>
public enum SafetyKind
{
    /// <summary>A pot for its own sake.</summary>
    Pot,

    /// <summary>A double, a plant, a cannon or an in-off for its own sake.</summary>
    IndirectPot,

    /// <summary>A pot of which a miss leaves little.</summary>
    ShotToNothing,

    /// <summary>The opponent is left snookered.</summary>
    Snooker,

    /// <summary>The last black goes to one end of the table, and the white stays at the other.</summary>
    OppositeEnds,

    /// <summary>The last black goes to one side cushion, and the white to the other.</summary>
    OppositeSides,

    /// <summary>The last black is met full on its cushion: it stays, and the white comes back.</summary>
    DoubleKiss,

    /// <summary>The last black is caught so fine that it hardly moves.</summary>
    FineEdge,

    /// <summary>The white comes to baulk.</summary>
    ToBaulk,

    /// <summary>The white stays close to a ball.</summary>
    RollUp,

    /// <summary>The white comes to a cushion before the ball.</summary>
    ByCushion,

    /// <summary>The balls are left where they give little.</summary>
    Contain,
}
