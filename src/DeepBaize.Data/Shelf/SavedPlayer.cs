namespace DeepBaize.Data.Shelf;

/// <summary>
/// A player as it stands in the database: what is absent is that of the preset. Errors are standard deviations,
/// lengths metres unless a name says mm.
/// </summary>
public sealed record SavedPlayer(
    string? Preset = null, string? Hand = null, double? ShoulderHeight = null, double? Reach = null, double? Stretch = null,
    double? CueLength = null, SavedRests? Rests = null, SavedSpread? Alignment = null, SavedSpread? Swing = null,
    SavedSpread? HeightMm = null, SavedSpread? Pace = null, SavedSpread? Butt = null, SavedSpread? JudgePushOff = null,
    SavedSpread? JudgeSwerve = null, SavedSpread? JudgeThrow = null, double? SideBiasMm = null,
    SavedFactors? Factors = null, SavedPreferences? Preferences = null, IReadOnlyList<SavedPace>? Paces = null);

/// <summary>Rests at hand; what is absent is there.</summary>
public sealed record SavedRests(bool Plain = true, bool Extension = true, bool Spider = true, bool SwanNeck = true);

/// <summary>Standard deviation and mean of an error.</summary>
public sealed record SavedSpread(double Size, double Bias = 0);

/// <summary>Factors on all errors; what is absent is the preset's.</summary>
public sealed record SavedFactors(
    double? PerPace = null, double? PerDegree = null, double? Stretched = null, double? Rest = null, double? Extended = null,
    double? HighRest = null, double? OtherHand = null, double? OverBall = null, double? OffCushion = null);

/// <summary>A school as weights; what is absent is the preset's.</summary>
public sealed record SavedPreferences(
    string? Side = null, double? Follow = null, double? Stun = null, double? Screw = null, double? RestCost = null,
    bool? CushionRule = null, double? Cushion = null, double? High = null, double? Low = null);
