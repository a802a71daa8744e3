using System.Globalization;
using DeepBaize.Planning.Players;

namespace DeepBaize.Bench;

/// <summary>Options of a command: <c>--name value</c>.</summary>
internal sealed class Options(string[] args)
{
    /// <summary>A text.</summary>
    public string Text(string name, string usual) =>
        Array.IndexOf(args, "--" + name) is >= 0 and var at && at + 1 < args.Length ? args[at + 1] : usual;

    /// <summary>A number.</summary>
    public int Number(string name, int usual) =>
        int.Parse(Text(name, usual.ToString(CultureInfo.InvariantCulture)), CultureInfo.InvariantCulture);

    /// <summary>Players of the house, by their names with commas between them.</summary>
    public IEnumerable<PlayerProfile> Players(string usual) =>
        Text("players", usual).Split(',')
            .Select(name => HousePlayers.Find(name) ?? throw new ArgumentException($"There is no player {name}."));
}
