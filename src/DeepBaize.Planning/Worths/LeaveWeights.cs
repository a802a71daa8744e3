using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// How the parts of a leave's worth count: chance to a power times points and what follows by the white's runs. Fitted to visits that were
/// played by three players; docs/planning-experiments.md.
/// </summary>
/// <param name="ChancePower">Power of the pot's chance.</param>
/// <param name="Points">Weight of the ball's own points.</param>
/// <param name="Second">Weight of the second best pot.</param>
/// <param name="Most">Weight of the best of the white's runs.</param>
/// <param name="Mean">Weight of their mean.</param>
/// <param name="PerMetre">
/// What each metre of the white's way to the ball takes of what follows, times the chance to miss a comfortable pot: whose pots waver, his
/// positions do.
/// </param>
/// <param name="PerDegree">The same for each degree of the cut beyond what is thin.</param>
/// <param name="PerMetreUp">What each metre towards the top cushion adds to what follows: players stay at the top end.</param>
/// <param name="PerRed">What each red that can be potted adds to it.</param>
internal readonly record struct LeaveWeights(
    double ChancePower, double Points, double Second, double Most, double Mean, double PerMetre, double PerDegree, double PerMetreUp,
    double PerRed)
{
    /// <summary>The cut, in degrees, up to which position does not suffer: a straight pot leaves stun, screw and follow.</summary>
    private const double ThinFrom = 40;

    private const double LeastEase = 0.3;

    /// <summary>What visits with the hands of today came to, as a share of what the weights say; docs/planning-experiments.md.</summary>
    private const double Today = 0.82;

    /// <summary>Where, in metres from the baulk cushion, and with how many reds what follows is as the runs say.</summary>
    private const double UsualPlace = 2.6;

    private const double UsualReds = 6.5;

    private static readonly LeaveWeights Red = new(1.226, 0.9, 0.192, 0.47, 0.273, 0.326, 0.039, 0.042, 0.016);
    private static readonly LeaveWeights Colour = new(1.114, 0.98, 0.046, 0.483, 0.421, 1.103, 0.072, 0.037, 0.016);
    private static readonly LeaveWeights InOrder = new(1.14, 1.15, 0.089, 0.52, 0.47, 0.274, 0.013, 0, 0);

    /// <summary>The weights by what is on.</summary>
    public static LeaveWeights Of(BallOn on) => on switch
    {
        BallOn.Red => Red,
        BallOn.Colour => Colour,
        _ => InOrder,
    };

    /// <summary>What a pot's distance and angle leave of what follows.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="miss">The player's chance to miss a comfortable pot.</param>
    public double Ease(in LeavePot pot, double miss) =>
        Math.Max(LeastEase, 1 - miss * (PerMetre * pot.WhiteDistance + PerDegree * Math.Max(0, Degrees(pot.CutRadians) - ThinFrom)));

    /// <summary>What the place of a pot and the reds make of what follows.</summary>
    /// <param name="contact">The white's place at the contact.</param>
    /// <param name="reds">Reds, each counted by how it can be potted.</param>
    public double Setting(Place contact, double reds) => (1 + PerMetreUp * (contact.X - UsualPlace)) * (1 + PerRed * (reds - UsualReds));

    /// <summary>What visits come to: strokes that bring position are missed more often than plain pots.</summary>
    /// <param name="points">Points as the weights say.</param>
    public static double Scaled(double points) => Today * points;

    /// <summary>What the angle alone leaves of it where nothing else is known.</summary>
    public static double Ease(double cutRadians) => Math.Max(0.55, 1 - Math.Max(0, Degrees(cutRadians) - ThinFrom) / 70);

    private static double Degrees(double radians) => Math.Abs(radians) * 180 / Math.PI;
}
