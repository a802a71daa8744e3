namespace DeepBaize.Web.Formats;

/// <summary>
/// A player in a file: what is absent is that of the preset. Errors are standard deviations, lengths metres unless a name says mm.
/// </summary>
internal sealed record FilePlayer(
    string? Preset = null, string? Hand = null, double? ShoulderHeight = null, double? Reach = null, double? Stretch = null,
    double? CueLength = null, FileRests? Rests = null, FileSpread? Alignment = null, FileSpread? Swing = null,
    FileSpread? HeightMm = null, FileSpread? Pace = null, FileSpread? Butt = null, FileSpread? JudgePushOff = null,
    FileSpread? JudgeSwerve = null, FileSpread? JudgeThrow = null, double? SideBiasMm = null, FileFactors? Factors = null,
    FilePreferences? Preferences = null, IReadOnlyList<FilePace>? Paces = null);

/// <summary>Rests at hand; what is absent is there.</summary>
internal sealed record FileRests(bool Plain = true, bool Extension = true, bool Spider = true, bool SwanNeck = true);

/// <summary>Standard deviation and mean of an error.</summary>
internal sealed record FileSpread(double Size, double Bias = 0);

/// <summary>Factors on all errors; what is absent is the preset's.</summary>
internal sealed record FileFactors(
    double? PerPace = null, double? PerDegree = null, double? Stretched = null, double? Rest = null, double? Extended = null,
    double? HighRest = null, double? OtherHand = null, double? OverBall = null, double? OffCushion = null);

/// <summary>A school as weights; what is absent is the preset's.</summary>
internal sealed record FilePreferences(
    string? Side = null, double? Follow = null, double? Stun = null, double? Screw = null, double? RestCost = null,
    bool? CushionRule = null, double? Cushion = null, double? High = null, double? Low = null);
