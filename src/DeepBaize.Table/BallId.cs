namespace DeepBaize.Table;

/// <summary>The 22 balls of the game: the cue ball, fifteen reds and six colours.</summary>
public enum BallId
{
    /// <summary>The white, the only ball that the cue strikes.</summary>
    Cue,

    /// <summary>Red ball 1.</summary>
    Red1,

    /// <summary>Red ball 2.</summary>
    Red2,

    /// <summary>Red ball 3.</summary>
    Red3,

    /// <summary>Red ball 4.</summary>
    Red4,

    /// <summary>Red ball 5.</summary>
    Red5,

    /// <summary>Red ball 6.</summary>
    Red6,

    /// <summary>Red ball 7.</summary>
    Red7,

    /// <summary>Red ball 8.</summary>
    Red8,

    /// <summary>Red ball 9.</summary>
    Red9,

    /// <summary>Red ball 10.</summary>
    Red10,

    /// <summary>Red ball 11.</summary>
    Red11,

    /// <summary>Red ball 12.</summary>
    Red12,

    /// <summary>Red ball 13.</summary>
    Red13,

    /// <summary>Red ball 14.</summary>
    Red14,

    /// <summary>Red ball 15.</summary>
    Red15,

    /// <summary>The yellow, worth 2.</summary>
    Yellow,

    /// <summary>The green, worth 3.</summary>
    Green,

    /// <summary>The brown, worth 4.</summary>
    Brown,

    /// <summary>The blue, worth 5.</summary>
    Blue,

    /// <summary>The pink, worth 6.</summary>
    Pink,

    /// <summary>The black, worth 7.</summary>
    Black,
}
