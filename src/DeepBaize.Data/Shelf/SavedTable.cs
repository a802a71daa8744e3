namespace DeepBaize.Data.Shelf;

/// <summary>A table with its balls as it stands in the database: a profile of the house and what differs from it.</summary>
public sealed record SavedTable(string? Profile = null, SavedCoefficients? Coefficients = null, DateOnly? MeasuredOn = null);

/// <summary>A cue as it stands in the database; what is absent is the house's.</summary>
public sealed record SavedCue(double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, DateOnly? TipChangedOn = null);

/// <summary>What differs from a profile.</summary>
public sealed record SavedCoefficients(
    SavedCloth? Table = null, SavedPockets? Pockets = null, SavedBalls? Balls = null, SavedCueInUse? Cue = null);

/// <summary>Cloth and cushions.</summary>
public sealed record SavedCloth(
    double? SlidingFriction = null, double? RollingFriction = null, double? SpinDeceleration = null, double? Nap = null,
    double? Gravity = null, double? BedRestitution = null, double? CushionRestitution = null, double? CushionRestitutionLoss = null,
    double? CushionFriction = null, double? CushionFrictionFall = null, SavedLiveliness? CushionLiveliness = null,
    double? NoseHeight = null);

/// <summary>The cushions beside each other.</summary>
public sealed record SavedLiveliness(double? Baulk = null, double? Top = null, double? YellowSide = null, double? GreenSide = null);

/// <summary>Pockets.</summary>
public sealed record SavedPockets(
    double? CornerThroat = null, double? CornerJawRadius = null, double? CornerDrop = null, double? MiddleThroat = null,
    double? MiddleJawRadius = null, double? MiddleDrop = null, double? DropRadius = null, double? EdgeRadius = null,
    double? BackDepth = null, double? EdgeRestitution = null, double? BackRestitution = null, double? JawFactor = null);

/// <summary>Balls.</summary>
public sealed record SavedBalls(
    double? Diameter = null, double? Mass = null, double? Restitution = null, double? FrictionFactor = null, double? FrictionA = null,
    double? FrictionB = null, double? FrictionC = null);

/// <summary>A cue in a player's hands: with the paces that he has measured.</summary>
public sealed record SavedCueInUse(
    double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, IReadOnlyList<SavedPace>? Paces = null);

/// <summary>A pace that was measured.</summary>
public sealed record SavedPace(double Pace, double WhiteSpeed, double Scatter = 0);
