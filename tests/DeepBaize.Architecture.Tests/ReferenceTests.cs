using System.Reflection;
using NetArchTest.Rules;

namespace DeepBaize.Architecture.Tests;

/// <summary>Who may know whom. Nothing below knows what is above it.</summary>
public sealed class ReferenceTests
{
    /// <summary>Each assembly with those of ours that it may reference; an assembly that is not listed fails the test.</summary>
    private static readonly Dictionary<string, string[]> Allowed = new()
    {
        ["DeepBaize.Table"] = [],
        ["DeepBaize.Physics"] = ["DeepBaize.Table"],
        ["DeepBaize.Rules"] = ["DeepBaize.Table"],
        ["DeepBaize.Planning"] = ["DeepBaize.Table", "DeepBaize.Physics", "DeepBaize.Rules"],
        ["DeepBaize.Data"] = ["DeepBaize.Table"],
        ["DeepBaize.Words"] = ["DeepBaize.Table", "DeepBaize.Physics", "DeepBaize.Rules", "DeepBaize.Planning"],
        ["DeepBaize.Web"] =
            ["DeepBaize.Table", "DeepBaize.Physics", "DeepBaize.Rules", "DeepBaize.Planning", "DeepBaize.Words", "DeepBaize.Data"],
    };

    private const int Longest = 140;

    /// <summary>Folders of an assembly in order: each may use those before it, none after it.</summary>
    private static readonly Dictionary<string, string[]> Order = new()
    {
        ["DeepBaize.Table"] = ["Outline", "Layouts", "Presets"],
        ["DeepBaize.Physics"] = ["Balls", "Profiles", "Motion", "Work", "Impacts", "Simulation"],
        ["DeepBaize.Words"] = ["Places", "Refusals"],
        ["DeepBaize.Planning"] =
        [
            "Aiming", "Reading", "Indirect", "Attempts", "Players", "Cueing", "Leaves", "Sampling", "Search", "Worths", "Breaks", "Safety",
            "Escapes",
        ],
        ["DeepBaize.Web"] =
        [
            "Mapping", "Problems", "Reading", "Formats", "Keeping", "Compute", "Health", "Shelf", "Outline", "Profiles", "Paces",
            "Shots", "Pots", "Chances", "Players", "Attempts", "Breaks", "Safety", "Escapes", "Book", "Exchange", "Sheets", "Presets",
        ],
    };

    [Fact]
    public void Projects_reference_only_what_the_house_allows()
    {
        var sources = Path.Combine(RepositoryRoot.Find(), "src");
        var projects = Directory.GetFiles(sources, "*.csproj", SearchOption.AllDirectories);
        Assert.Equal(Allowed.Keys.Order(), projects.Select(Path.GetFileNameWithoutExtension).Order());
        foreach (var project in projects)
        {
            var name = Path.GetFileNameWithoutExtension(project);
            var referenced = System.Xml.Linq.XDocument.Load(project).Descendants("ProjectReference")
                .Select(reference => Path.GetFileNameWithoutExtension(reference.Attribute("Include")!.Value.Replace('\\', '/')));
            Assert.All(referenced, other => Assert.Contains(other, Allowed[name]));
        }
    }

    [Fact]
    public void Compiled_assemblies_use_only_what_the_house_allows()
    {
        foreach (var (name, allowed) in Allowed)
        {
            var used = Assembly.Load(name).GetReferencedAssemblies().Select(reference => reference.Name!)
                .Where(other => other.StartsWith("DeepBaize.", StringComparison.Ordinal));
            Assert.All(used, other => Assert.Contains(other, allowed));
        }
    }

    [Theory]
    [InlineData("DeepBaize.Table")]
    [InlineData("DeepBaize.Physics")]
    [InlineData("DeepBaize.Rules")]
    [InlineData("DeepBaize.Planning")]
    [InlineData("DeepBaize.Words")]
    public void The_core_knows_neither_web_nor_database(string name)
    {
        var result = Types.InAssembly(Assembly.Load(name))
            .ShouldNot().HaveDependencyOnAny("Microsoft.AspNetCore", "Microsoft.EntityFrameworkCore", "Npgsql", "System.Text.Json")
            .GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Folders_look_only_downwards()
    {
        foreach (var (name, folders) in Order)
        {
            for (var i = 0; i < folders.Length; i++)
            {
                var above = folders[(i + 1)..].Select(folder => $"{name}.{folder}").ToArray();
                if (above.Length == 0) continue;
                var result = Types.InAssembly(Assembly.Load(name)).That().ResideInNamespaceStartingWith($"{name}.{folders[i]}")
                    .ShouldNot().HaveDependencyOnAny(above).GetResult();
                Assert.True(result.IsSuccessful, $"{name}.{folders[i]}: {string.Join(", ", result.FailingTypeNames ?? [])}");
            }
        }
    }

    [Fact]
    public void Every_source_folder_has_a_place_in_the_order()
    {
        foreach (var (name, folders) in Order)
        {
            var found = Directory.GetDirectories(Path.Combine(RepositoryRoot.Find(), "src", name)).Select(Path.GetFileName)
                .Where(folder => folder is not ("bin" or "obj" or "openapi" or "wwwroot"));
            Assert.Equal(folders.Order(), found.Order());
        }
    }

    /// <summary>Migrations are generated.</summary>
    [Fact]
    public void Lines_of_code_are_not_longer_than_140()
    {
        var files = new[] { "src", "tests", "bench" }
            .SelectMany(part => Directory.GetFiles(Path.Combine(RepositoryRoot.Find(), part), "*.cs", SearchOption.AllDirectories))
            .Where(file => !file.Split(Path.DirectorySeparatorChar).Any(part => part is "bin" or "obj" or "Migrations" or "node_modules"));
        var found = files.SelectMany(file => File.ReadLines(file).Select((line, i) => (line.Length, Where: $"{file}:{i + 1}")));
        Assert.Equal([], found.Where(line => line.Length > Longest).Select(line => line.Where));
    }
}
