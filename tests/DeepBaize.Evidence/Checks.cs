namespace DeepBaize.Evidence;

/// <summary>The one list of outside checks: the tests run it, and the command writes it to docs/evidence.md.</summary>
public static class Checks
{
    public const string Trade = "common practice, no source";
    public const string Coriolis = "Coriolis 1835; Wallace and Schroeder 1988";
    public const string Derived = "closed form, derived from the law";
    public const string Alciatore = "Alciatore, technical proof A.14, with Marlow's data (from memory)";
    public const string Mathavan = "equations of Mathavan, Jackson and Parkin 2010, integrated independently (from memory)";

    public static IReadOnlyList<(string Section, IReadOnlyList<Check> Checks)> Sections { get; } =
    [
        ("Motion on the cloth", Motion.All),
        ("Ball on ball", Contacts.All),
        ("Balls that touch", Clusters.All),
        ("Cue on ball", Cueing.All),
        ("A raised butt, and balls in the air", Flying.All),
        ("Cushions", Cushions.All),
        ("Independent integrations", Integrations.All),
        ("Facts of the trade: angles and pace", TradeAngles.All),
        ("Facts of the trade: side, cushions, pockets", TradeSide.All),
        ("Facts of the trade: aiming", TradeAiming.All),
        ("Facts of the trade: doubles, plants, safety and the last black", TradeSafety.All),
    ];

    public static IEnumerable<Check> All => Sections.SelectMany(section => section.Checks);
}
