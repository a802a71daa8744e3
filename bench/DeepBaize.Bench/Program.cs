using BenchmarkDotNet.Running;

namespace DeepBaize.Bench;

internal static class EntryPoint
{
    private static void Main(string[] args) => BenchmarkSwitcher.FromAssembly(typeof(EntryPoint).Assembly).Run(args);
}
