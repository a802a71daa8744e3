namespace DeepBaize.Architecture.Tests;

/// <summary>Where the sources stand.</summary>
internal static class RepositoryRoot
{
    /// <summary>The folder of the solution, above the folder of the tests.</summary>
    public static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "DeepBaize.slnx"))) folder = folder.Parent;
        return folder.FullName;
    }
}
