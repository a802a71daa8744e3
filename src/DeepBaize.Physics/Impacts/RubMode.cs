namespace DeepBaize.Physics.Impacts;

/// <summary>What the ball does at one of the two rubbing surfaces.</summary>
internal enum RubMode
{
    /// <summary>It slips; friction is against the slip.</summary>
    Slips,

    /// <summary>
    /// It slips so little that the slip's direction has settled: friction turns a small slip at once into the direction
    /// in which it can go on without being turned.
    /// </summary>
    Creeps,

    /// <summary>It does not slip; friction is what that takes.</summary>
    Grips,
}
