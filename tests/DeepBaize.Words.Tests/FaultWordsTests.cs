using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Table.Presets;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Words.Tests;

/// <summary>Everything that can be wrong has its sentence, and everything that has a name is named.</summary>
public sealed class FaultWordsTests
{
    [Fact]
    public void Every_preset_and_each_of_its_parameters_is_named()
    {
        foreach (var preset in PresetBook.All)
        {
            AssertSentence(PresetWords.About(preset));
            Assert.NotEmpty(PresetWords.Name(preset));
            Assert.All(preset.Parameters, parameter => Assert.NotEmpty(PresetWords.Name(preset, parameter)));
        }

        Assert.Equal(PresetBook.All.Count, PresetBook.All.Select(PresetWords.Name).Distinct().Count());
    }

    [Theory]
    [InlineData("gap", "width", "Room between the reds: from 60 mm to 600 mm.")]
    [InlineData("rail", "reds", "Reds: a whole number, from 1 to 8.")]
    [InlineData("gap", "colour", "Through the gap has nothing called \"colour\" to set.")]
    public void A_value_that_cannot_be_set_is_told_its_range(string preset, string parameter, string sentence) =>
        Assert.Equal(sentence, PresetWords.Flaw(PresetBook.Find(preset)!, parameter));

    [Fact]
    public void Every_coefficient_and_every_table_of_the_house_is_named()
    {
        Assert.Equal(Coefficients.All.Count, Coefficients.All.Select(CoefficientWords.Name).Distinct().Count());
        Assert.All(Coefficients.All, coefficient => Assert.NotEmpty(CoefficientWords.Source(coefficient)));
        foreach (var profile in HouseProfiles.All)
        {
            AssertSentence(ProfileWords.About(profile));
            Assert.Equal(profile, ProfileWords.Find(ProfileWords.Name(profile).ToUpperInvariant()));
            Assert.Equal(profile, ProfileWords.Find(profile.Id));
        }

        Assert.Null(ProfileWords.Find("no such table"));
    }

    [Fact]
    public void Every_fault_of_a_layout_has_a_sentence_of_its_own()
    {
        var said = Enum.GetValues<LayoutFault>().Select(fault => LayoutWords.Say(new(fault, BallId.Pink, BallId.Red7, 0.002))).ToList();
        Assert.All(said, AssertSentence);
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Equal("Red 7 and the pink overlap by 2 mm.", LayoutWords.Say(new(LayoutFault.Overlap, BallId.Pink, BallId.Red7, 0.002)));
        Assert.Equal("In a frame the pink is on the table while a red is.", LayoutWords.Say(new(LayoutFault.NotInFrame, BallId.Pink)));
    }

    [Fact]
    public void What_stops_balls_that_are_moved_together_is_said_as_at_the_table()
    {
        Assert.Equal("That is as far as they go. The pink is in the way or would lie in another ball.",
            LayoutWords.StoppedBy(new(LayoutFault.Overlap, BallId.Pink, BallId.Red1, 0.001)));
        Assert.Equal("That is as far as they go. Red 1 would leave the bed.",
            LayoutWords.StoppedBy(new(LayoutFault.OffTheTable, BallId.Red1)));
    }

    [Fact]
    public void Every_fault_of_a_mark_has_a_sentence_of_its_own()
    {
        var mark = new Mark("a", MarkKind.Gate, [new Place(1, 1)]);
        var said = Enum.GetValues<MarkFault>().Select(fault => MarkWords.Say(new(fault, 61, mark))).ToList();
        Assert.All(said, AssertSentence);
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Contains("Two marks are called \"a\".", said);
        Assert.Contains("This mark has 2 places, not 1.", said);
    }

    [Fact]
    public void Every_fault_of_a_player_a_pace_and_a_table_has_a_sentence_of_its_own()
    {
        List<string> said =
        [
            .. Enum.GetValues<PlayerFault>().Select(fault => PlayerWords.Say(new("rest", fault, 4, 0.4, 1.2))),
            .. Enum.GetValues<PaceFault>().Select(fault => PaceWords.Say(new(fault, 5, 3))),
            .. Enum.GetValues<PocketFlaw>()
                .Select(flaw => CoefficientWords.Say(new("pockets", ConditionFault.Pockets, Pockets: flaw))),
            CoefficientWords.Say(new("table.noseHeight", ConditionFault.NoseHeight, 0.2)),
            CoefficientWords.Say(new("table.cushionFriction", ConditionFault.CushionFriction, 0.5, 0.4)),
            CoefficientWords.Say(new("balls.mass", ConditionFault.OutOfRange, 2)),
            CoefficientWords.Say(new("balls.diameter", ConditionFault.OutOfRange, 2)),
            .. Enum.GetValues<RegionFault>().Select(RegionWords.Say),
        ];
        Assert.All(said, AssertSentence);
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Contains("balls.mass is more than 0 and at most 1; 2 was given.", said);
        Assert.Contains("balls.diameter lies between 0.03 and 0.08; 2 was given.", said);
        Assert.Contains("A reach of 4 m cannot be: from the cushion to the bridge it is 0.4 to 1.2 m.", said);
        Assert.Contains("Pace 5 came out softer than pace 3: a harder pace must run farther. Play those two again.", said);
    }

    [Fact]
    public void Every_foul_has_words_of_its_own()
    {
        var said = Enum.GetValues<FoulKind>().Select(kind => RulingWords.Say(new Foul(kind, BallId.Pink))).ToList();
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Equal("the pink falls and is not on", RulingWords.Say(new Foul(FoulKind.NotOnPotted, BallId.Pink)));
        Assert.Equal("the white goes in-off", RulingWords.Say(new Foul(FoulKind.InOff)));
    }

    [Theory]
    [InlineData(BallOn.Red, "a red")]
    [InlineData(BallOn.Colour, "a colour")]
    [InlineData(BallOn.Black, "the black")]
    public void What_is_on_is_said_as_at_the_table(BallOn on, string words) => Assert.Equal(words, StateWords.On(on));

    [Fact]
    public void What_was_taken_out_of_a_state_of_play_is_said()
    {
        Assert.Equal("No red is up, so a red cannot be on.", StateWords.Say(new DroppedChoice(ChoiceKind.On, On: BallOn.Red)));
        Assert.Equal("With these balls the blue cannot be on.", StateWords.Say(new DroppedChoice(ChoiceKind.On, On: BallOn.Blue)));
        Assert.Equal("The pink cannot be nominated here.", StateWords.Say(new DroppedChoice(ChoiceKind.Nomination, Ball: BallId.Pink)));
        Assert.Equal("A free ball is for a red or the lowest colour.", StateWords.Say(new DroppedChoice(ChoiceKind.FreeBall)));
    }

    [Fact]
    public void Pockets_and_cushions_keep_their_names_when_the_table_is_turned()
    {
        Assert.Equal("middle pocket, yellow side", NameWords.Of(PocketId.MiddleYellowSide));
        Assert.Equal("green side cushion", NameWords.Of(CushionId.GreenSide));
        Assert.Equal("red", NameWords.Of(BallId.Red7));
        Assert.Equal("white", NameWords.Of(BallId.Cue));
    }

    [Fact]
    public void The_usual_regions_have_names_and_others_keep_theirs()
    {
        Assert.Equal(["above the black", "black to pink", "pink to blue", "below the blue"], RedsByRegion.Usual.Select(RegionWords.Name));
        Assert.Equal("mine", RegionWords.Name(new Region("mine", 0, 1)));
    }

    [Theory]
    [InlineData(3, "x", "Line 3, x: this is missing.")]
    [InlineData(3, "", "Line 3: this is missing.")]
    [InlineData(0, "x", "x: this is missing.")]
    public void What_is_wrong_with_a_file_is_said_with_line_and_field(int line, string field, string words) =>
        Assert.Equal(words, FileRefusals.At(line, field, FileRefusals.Missing));

    [Fact]
    public void A_stroke_beyond_the_cue_is_told_what_is_left()
    {
        Assert.EndsWith("pace 7.2 is the hardest.", StrokeRefusals.BeyondTheCue(8, 6, 7.29).Sentence, StringComparison.Ordinal);
        Assert.EndsWith("play nearer the centre.", StrokeRefusals.BeyondTheCue(8, 6, 0.5).Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Attempts_are_told_with_the_best_and_the_last_ones()
    {
        Assert.Equal("No attempt at these balls yet.", AttemptWords.Say(new AttemptTally(0, 0, 0, 0, [])));
        Assert.Equal("1 attempt at these balls: 147 points, 1 clearance.",
            AttemptWords.Say(new AttemptTally(1, 1, 147, 147, [new Attempt(147, AttemptEnd.Cleared)])));
        Assert.Equal("2 attempts at these balls: best 16, 8.5 on average; the last 1, 16.", AttemptWords.Say(
            new AttemptTally(2, 0, 16, 8.5, [new Attempt(1, AttemptEnd.Missed), new Attempt(16, AttemptEnd.Foul)])));
    }

    private static void AssertSentence(string text)
    {
        Assert.Matches("^[A-Za-z].*[.?]$", text);
        Assert.DoesNotContain("{", text, StringComparison.Ordinal);
    }
}
