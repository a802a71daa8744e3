using System.Text;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>My shots, files and the set-up sheet as a player handles them.</summary>
[Collection(Lane.Questions)]
public sealed class BookTests(BrowserFixture browser) : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("baize-files-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public void A_saved_shot_is_found_by_its_tag_and_by_its_mirror_image_copied_deleted_and_brought_back()
    {
        var page = new TablePage(browser).OpenFresh();
        var name = Save(page, "Fan of my own", "mine, screw");
        page.Type("m");
        page.Settle();
        page.Still();
        page.Find("open").Click();
        page.Until(() => Shown() > 0);
        Assert.Equal(3, Shown());
        page.Find("alike").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=likeness]")).Count > 0);
        Assert.Contains("mirrored", Row(0).FindElement(By.CssSelector("[data-testid=likeness]")).Text, StringComparison.Ordinal);
        page.Find("alike").Click();
        browser.Driver.FindElement(By.CssSelector("[data-tag=mine]")).Click();
        page.Until(() => Named(name) == 1);

        Button($"Copy {name}").Click();
        page.Until(() => Named($"{name} (2)") == 1);
        Button($"Delete {name} (2)").Click();
        page.Until(() => Named($"{name} (2)") == 0);
        page.Find("bring-back").Click();
        page.Until(() => Named($"{name} (2)") == 1);
        Button($"Delete {name} (2)").Click();
        page.Until(() => Named($"{name} (2)") == 0);
        page.OpenFresh(keepsSaved: true).OpenPosition(name);

        int Shown() => browser.Driver.FindElements(By.CssSelector("[data-position]")).Count;
        int Named(string wanted) => browser.Driver.FindElements(By.CssSelector($"[data-position='{wanted}']")).Count;
        IWebElement Row(int index) => browser.Driver.FindElements(By.CssSelector("[data-testid=positions] li"))[index];
        IWebElement Button(string label) => browser.Driver.FindElement(By.CssSelector($"[aria-label='{label}']"));
    }

    [Fact]
    public void What_was_saved_over_can_be_gone_back_to()
    {
        var page = new TablePage(browser).OpenFresh();
        Save(page, "Twice saved", "");
        var before = page.PlaceOf("red1");
        page.DragBall("red1", -100, 0);
        page.Find("save").Click();
        page.Until(() => page.Text("sheet-state").StartsWith("Saved", StringComparison.Ordinal));
        page.Find("save-as").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-version='1']")).Count == 1);
        browser.Driver.FindElement(By.CssSelector("[data-version='1']")).Click();
        page.Until(() => page.PlaceOf("red1") == before);
        Assert.Contains("Back at version 1", page.Text("sheet-state"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("json")]
    [InlineData("csv")]
    public void A_sheet_is_saved_as_a_file_and_read_back(string format)
    {
        var page = new TablePage(browser).OpenFresh();
        var before = page.Sheet();
        browser.DownloadTo(_folder);
        page.Find("files").Click();
        page.Find($"save-{format}").Click();
        var path = Path.Combine(_folder, $"High-on-the-black.{format}");
        page.Until(() => File.Exists(path) && new FileInfo(path).Length > 0);
        page.Find("new").Click();
        page.Until(() => !page.HasBall("black"));
        page.Find("files").Click();
        page.Find("file-input").SendKeys(path);
        page.Until(() => page.HasBall("black"));
        var after = page.Sheet();
        if (format == "json")
        {
            Assert.Equal(before.GetProperty("balls").GetRawText(), after.GetProperty("balls").GetRawText());
            Assert.Equal("High on the black", page.Text("sheet-name"));
        }

        Assert.Equal(2950, page.PlaceOf("red1").X, 0.001);
    }

    [Fact]
    public void A_file_that_is_wrong_is_refused_with_a_sentence_and_the_sheet_stays()
    {
        var page = new TablePage(browser).OpenFresh();
        var before = page.Sheet().GetRawText();
        page.Find("files").Click();
        var files = new (string Name, byte[] Bytes, string Words)[]
        {
            ("cut.json", Encoding.UTF8.GetBytes("""{"schemaVersion":4,"balls":[{"id":"cue","""), "it breaks off here"),
            ("formula.csv", Encoding.UTF8.GetBytes("record,name,x_mm,y_mm,value\nversion,,,,1\nball,cue,=1+1,900,\n"),
                "Line 3, x_mm: this looks like a formula"),
            ("picture.json", [0x89, 0x50, 0x4E, 0x47, 0, 0, 0], "This is no text file."),
        };
        foreach (var (name, bytes, words) in files)
        {
            var path = Path.Combine(_folder, name);
            File.WriteAllBytes(path, bytes);
            page.Find("file-input").SendKeys(path);
            page.Until(() => page.Text("files-refusal").Contains(words, StringComparison.Ordinal));
            Assert.StartsWith($"{name} was not taken, and nothing was changed.", page.Text("files-refusal"), StringComparison.Ordinal);
            Assert.Equal(before, page.Sheet().GetRawText());
        }

        Assert.False(page.Find("undo").Enabled);
    }

    [Fact]
    public void Pictures_are_whole_by_themselves()
    {
        var page = new TablePage(browser).OpenFresh();
        browser.DownloadTo(_folder);
        page.Find("files").Click();
        page.Find("save-svg").Click();
        var svg = Path.Combine(_folder, "High-on-the-black.svg");
        page.Until(() => File.Exists(svg) && new FileInfo(svg).Length > 0);
        var drawing = System.Xml.Linq.XDocument.Load(svg);
        Assert.Equal("svg", drawing.Root!.Name.LocalName);
        Assert.Equal(4, drawing.Descendants().Count(element => element.Attribute("data-ball") is not null));
        Assert.DoesNotContain("var(--", drawing.ToString(), StringComparison.Ordinal);

        page.Find("save-png").Click();
        var png = Path.Combine(_folder, "High-on-the-black.png");
        page.Until(() => File.Exists(png) && new FileInfo(png).Length > 20_000);
        Assert.Equal([0x89, 0x50, 0x4E, 0x47], File.ReadAllBytes(png)[..4]);
    }

    [Fact]
    public void The_set_up_sheet_names_two_cushions_for_each_ball_and_prints_on_a_page()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Find("mark-white").Click();
        page.Find("files").Click();
        page.Find("set-up").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-line]")).Count == 5);
        var red = browser.Driver.FindElement(By.CssSelector("[data-line=red1]")).Text;
        Assert.Contains("619 mm from the top cushion", red, StringComparison.Ordinal);
        Assert.Contains("620 mm from the yellow side cushion", red, StringComparison.Ordinal);
        Assert.Contains("on its spot", browser.Driver.FindElement(By.CssSelector("[data-line=black]")).Text, StringComparison.Ordinal);
        var pdf = browser.Driver.Print(new PrintOptions());
        Assert.StartsWith("%PDF", Encoding.Latin1.GetString(pdf.AsByteArray), StringComparison.Ordinal);
        Assert.Equal(1, CountPages(pdf.AsByteArray));
        page.Find("set-up-close").Click();
        page.Until(() => page.HasBall("red1"));
    }

    private static int CountPages(byte[] pdf) =>
        System.Text.RegularExpressions.Regex.Count(Encoding.Latin1.GetString(pdf), @"/Type\s*/Page\b");

    private static string Save(TablePage page, string name, string tags)
    {
        var whole = $"{name} {Guid.NewGuid():n}"[..40];
        page.Find("save").Click();
        page.Find("save-name").SendKeys(whole);
        if (tags.Length > 0) page.Find("save-tags").SendKeys(tags);
        page.Find("save-confirm").Click();
        page.Until(() => page.Text("sheet-name") == whole);
        return whole;
    }
}
