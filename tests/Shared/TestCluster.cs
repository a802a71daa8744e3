using System.Diagnostics;

namespace DeepBaize.Tests;

/// <summary>A private PostgreSQL for tests, run by the same script that serves the product.</summary>
internal sealed class TestCluster(string folder, bool durable)
{
    private static readonly string Root = FindRoot();

    /// <summary>The cluster that test assemblies share; it gives up durability for speed.</summary>
    public static TestCluster Shared { get; } = new(
        Environment.GetEnvironmentVariable("DEEP_BAIZE_TEST_DATA") ?? Path.Combine(Root, ".local", "test-postgres"), durable: false);

    /// <summary>A cluster of a test's own, beside the shared one.</summary>
    public static TestCluster Beside(string name, bool durable) => new($"{Shared.Folder}-{name}", durable);

    /// <summary>Where the repository is.</summary>
    public static string RepositoryRoot => Root;

    public string Folder { get; } = folder;

    public int Start() => int.Parse(Run("start"));

    public int Pid() => int.Parse(Run("pid"));

    public void Stop() => Run("stop");

    /// <summary>Starts the watcher that brings the server back whenever it dies.</summary>
    public Process Keep() => Launch("keep");

    /// <summary>A name for a fresh database; where the owner of the tables may make none, that of the product.</summary>
    public string FreshDatabase() => durable ? "deep_baize" : $"t_{Guid.NewGuid():n}";

    /// <summary>The folder with the passwords of the cluster's roles.</summary>
    public string Secrets() => Run("secrets");

    /// <summary>
    /// How a test reaches its database, as the role that owns the tables. The waits are long because every test project runs at once on the
    /// machine.
    /// </summary>
    public string Connection(string database, string role = "deep_baize_owner") =>
        $"Host=127.0.0.1;Port={Start()};Username={role};Passfile={Path.Combine(Secrets(), role)}.pgpass;Database={database};"
        + "Timeout=60;Command Timeout=120";

    private string Run(string verb)
    {
        using var process = Launch(verb);
        var printed = process.StandardOutput.ReadLine() ?? "";
        var said = process.StandardError.ReadToEnd();
        process.WaitForExit();
        return process.ExitCode == 0 ? printed : throw new InvalidOperationException($"postgres {verb} failed: {said}");
    }

    private Process Launch(string verb)
    {
        var info = new ProcessStartInfo(Path.Combine(Root, "scripts", "postgres"))
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        info.ArgumentList.Add(verb);
        info.ArgumentList.Add(Folder);
        if (!durable) info.ArgumentList.Add("fast");
        return Process.Start(info) ?? throw new InvalidOperationException("The database script did not start.");
    }

    private static string FindRoot()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (folder is not null && !File.Exists(Path.Combine(folder.FullName, "DeepBaize.slnx"))) folder = folder.Parent;
        return folder?.FullName ?? throw new InvalidOperationException("The tests run outside the repository.");
    }
}
