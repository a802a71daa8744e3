namespace DeepBaize.Tests;

/// <summary>Figures that <c>./test</c> prints at its end.</summary>
internal static class Figures
{
    private static readonly Lock Gate = new();

    public static void Print(string line)
    {
        if (Environment.GetEnvironmentVariable("DEEP_BAIZE_FIGURES") is not { } file) return;
        lock (Gate) File.AppendAllText(file, line + Environment.NewLine);
    }

    public static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "DeepBaize.slnx"))) folder = folder.Parent;
        return folder.FullName;
    }
}
