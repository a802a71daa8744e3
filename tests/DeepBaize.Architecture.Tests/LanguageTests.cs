using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace DeepBaize.Architecture.Tests;

/// <summary>All English for a player stands in one assembly, so that it can be read, corrected and put into another language.</summary>
public sealed partial class LanguageTests
{
    /// <summary>Calls whose texts are for those who program or run the server: the API's document, the log, measures, SQL.</summary>
    private static readonly string[] ForEngineers =
    [
        "WithSummary", "WithName", "Define", "HasFilter", "FromSql", "WriteLine", "CreateObservableGauge", "CreateObservableCounter",
        "AddMeter", "AddSource",
    ];

    /// <summary>
    /// Files that hold no words for a player, and folders of made-up names: the demo's players and positions are content.
    /// </summary>
    private static readonly string[] Elsewhere =
    [
        "DeepBaize.Words/", "DeepBaize.Data/Demo/", "DeepBaize.Data/Migrations/", "DeepBaize.Data/DatabaseSetup.cs",
        "DeepBaize.Web/AppConfiguration.cs",
    ];

    [Fact]
    public void Only_the_assembly_of_words_holds_English()
    {
        var sources = Path.Combine(RepositoryRoot.Find(), "src");
        var found = Directory.GetFiles(sources, "*.cs", SearchOption.AllDirectories)
            .Select(file => Path.GetRelativePath(sources, file).Replace('\\', '/'))
            .Where(file => !file.Split('/').Any(part => part is "bin" or "obj" or "client")
                && !Elsewhere.Any(place => file.StartsWith(place, StringComparison.Ordinal)))
            .SelectMany(file => EnglishIn(File.ReadAllText(Path.Combine(sources, file))).Select(text => $"{file}: {text}"));
        Assert.Equal("", string.Join("\n", found));
    }

    [Theory]
    [InlineData("class A { string B => \"The white is missing.\"; }", true)]
    [InlineData("class A { string B(int n) => $\"{n} reds\"; }", true)]
    [InlineData("class A { string B => \"Reds\"; }", true)]
    [InlineData("class A { string B => \"topGreenSide\"; }", false)]
    [InlineData("class A { void B() => throw new System.ArgumentException(\"This cannot be.\"); }", false)]
    [InlineData("class A { void B() => throw new RefusalException(\"This cannot be.\"); }", true)]
    [InlineData("class A { void B() => Map().WithSummary(\"Lists presets.\"); }", false)]
    public void English_is_told_from_ids_and_from_what_engineers_read(string code, bool isEnglish) =>
        Assert.Equal(isEnglish, EnglishIn(code).Any());

    private static IEnumerable<string> EnglishIn(string code) => CSharpSyntaxTree.ParseText(code).GetRoot().DescendantTokens()
        .Where(token => token.IsKind(SyntaxKind.StringLiteralToken) || token.IsKind(SyntaxKind.InterpolatedStringTextToken))
        .Where(token => English().IsMatch(token.ValueText) && !IsForEngineers(token.Parent!))
        .Select(token => token.ValueText);

    /// <summary>Two words beside each other, a word that follows a value, or a word with a capital.</summary>
    [GeneratedRegex(@"[A-Za-z]{2,}[,;:]? [A-Za-z(]{2,}|^ [a-z]{2,}|^[A-Z][a-z]+[.:]?( |$)")]
    private static partial Regex English();

    private static bool IsForEngineers(SyntaxNode text) => text.Ancestors().Any(node => node switch
    {
        AttributeSyntax => true,
        ObjectCreationExpressionSyntax made => IsMistake($"{made.Type}"),
        PrimaryConstructorBaseTypeSyntax based => IsMistake($"{based.Type}"),
        ConstructorInitializerSyntax => true,
        InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax called } =>
            ForEngineers.Contains(called.Name.Identifier.Text),
        _ => false,
    });

    /// <summary>An exception is for engineers, unless it is a refusal.</summary>
    private static bool IsMistake(string type) => type.EndsWith("Exception", StringComparison.Ordinal) && type != "RefusalException";
}
