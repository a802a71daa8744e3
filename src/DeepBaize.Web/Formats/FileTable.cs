namespace DeepBaize.Web.Formats;

/// <summary>A table with its balls in a file: a profile of the house and what differs from it.</summary>
internal sealed record FileTable(string? Profile = null, FileCoefficients? Coefficients = null, DateOnly? MeasuredOn = null);

/// <summary>A cue in a file; what is absent is the house's.</summary>
internal sealed record FileCue(double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, DateOnly? TipChangedOn = null);

/// <summary>What differs from a profile.</summary>
internal sealed record FileCoefficients(
    FileCloth? Table = null, FilePockets? Pockets = null, FileBalls? Balls = null, FileCueInUse? Cue = null);

/// <summary>Cloth and cushions.</summary>
internal sealed record FileCloth(
    double? SlidingFriction = null, double? RollingFriction = null, double? SpinDeceleration = null, double? Nap = null,
    double? Gravity = null, double? BedRestitution = null, double? CushionRestitution = null, double? CushionRestitutionLoss = null,
    double? CushionFriction = null, double? CushionFrictionFall = null, FileLiveliness? CushionLiveliness = null,
    double? NoseHeight = null);

/// <summary>The cushions beside each other.</summary>
internal sealed record FileLiveliness(double? Baulk = null, double? Top = null, double? YellowSide = null, double? GreenSide = null);

/// <summary>Pockets.</summary>
internal sealed record FilePockets(
    double? CornerThroat = null, double? CornerJawRadius = null, double? CornerDrop = null, double? MiddleThroat = null,
    double? MiddleJawRadius = null, double? MiddleDrop = null, double? DropRadius = null, double? EdgeRadius = null,
    double? BackDepth = null, double? EdgeRestitution = null, double? BackRestitution = null, double? JawFactor = null);

/// <summary>Balls.</summary>
internal sealed record FileBalls(
    double? Diameter = null, double? Mass = null, double? Restitution = null, double? FrictionFactor = null, double? FrictionA = null,
    double? FrictionB = null, double? FrictionC = null);

/// <summary>A cue in a player's hands: with the paces that he has measured.</summary>
internal sealed record FileCueInUse(
    double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, IReadOnlyList<FilePace>? Paces = null);

/// <summary>A pace that was measured.</summary>
internal sealed record FilePace(double Pace, double WhiteSpeed, double Scatter = 0);
