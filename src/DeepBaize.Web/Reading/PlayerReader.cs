using DeepBaize.Planning.Players;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads players from requests and files and refuses those that cannot be.</summary>
internal static class PlayerReader
{
    /// <summary>The player of a request; the house's club player for none.</summary>
    /// <param name="input">The player.</param>
    /// <param name="name">What the player is called.</param>
    /// <param name="field">Where in the request the player stands.</param>
    /// <exception cref="RefusalException">Something about the player cannot be; everything is named.</exception>
    public static PlayerProfile Read(PlayerInput? input, string name = "player", string field = "player")
    {
        if (input is null) return HousePlayers.Club;
        var preset = HousePlayers.Find(input.Preset ?? "club")
            ?? throw Wrong($"{field}.preset", FieldRefusals.PlayerPreset);
        var player = new PlayerProfile(
            name, ReadPhysique(input, preset.Physique, field), ReadErrors(input, preset.Errors),
            ReadPreferences(input.Preferences, preset.Preferences, field), ConditionsReader.ReadPaces(input.Paces, $"{field}.paces"));
        var problems = player.Problems();
        if (problems.Count > 0)
            throw RefusalException.Invalid(
                "player", FieldRefusals.Player,
                [.. problems.Select(problem => new Fault($"{field}.{problem.Field}", null, "player", PlayerWords.Say(problem)))]);
        return player;
    }

    /// <summary>A player with everything said.</summary>
    public static PlayerInput ToInput(PlayerProfile player) => new(
        null,
        player.Physique.Hand == Hand.Left ? "left" : "right",
        player.Physique.ShoulderHeight,
        player.Physique.Reach,
        player.Physique.Stretch,
        player.Physique.CueLength,
        new RestsInput(player.Physique.Rests.Plain, player.Physique.Rests.Extension, player.Physique.Rests.Spider,
            player.Physique.Rests.SwanNeck),
        ToSpread(player.Errors.Alignment),
        ToSpread(player.Errors.Swing),
        ToSpread(player.Errors.Height),
        ToSpread(player.Errors.Pace),
        ToSpread(player.Errors.Butt),
        ToSpread(player.Errors.Eye.PushOff),
        ToSpread(player.Errors.Eye.Swerve),
        ToSpread(player.Errors.Eye.Throw),
        player.Errors.SideBias,
        ToFactors(player.Errors.Factors),
        new PreferencesInput(
            player.Preferences.Side.ToString().ToLowerInvariant(), player.Preferences.Follow, player.Preferences.Stun,
            player.Preferences.Screw, player.Preferences.Rest,
            player.Preferences.CushionRule, player.Preferences.Cushion, player.Preferences.High, player.Preferences.Low),
        [.. player.Paces.Marks.Select(mark => new PaceInput(mark.Pace, mark.WhiteSpeed, mark.Scatter))]);

    private static SpreadInput ToSpread(Spread spread) => new(spread.Size, spread.Bias);

    private static FactorsInput ToFactors(ErrorFactors factors) => new(
        factors.PerPace, factors.PerDegree, factors.Stretched, factors.Rest, factors.Extended, factors.HighRest, factors.OtherHand,
        factors.OverBall, factors.OffCushion);

    private static Physique ReadPhysique(PlayerInput input, Physique based, string field) => new(
        input.Hand switch
        {
            null => based.Hand,
            "right" => Hand.Right,
            "left" => Hand.Left,
            _ => throw Wrong($"{field}.hand", FieldRefusals.Hand),
        },
        input.ShoulderHeight ?? based.ShoulderHeight,
        input.Reach ?? based.Reach,
        input.Stretch ?? based.Stretch,
        input.CueLength ?? based.CueLength,
        input.Rests is { } rests ? new Rests(rests.Plain, rests.Extension, rests.Spider, rests.SwanNeck) : based.Rests);

    private static DeliveryErrors ReadErrors(PlayerInput input, DeliveryErrors based)
    {
        var (given, factors) = (input.Factors ?? new FactorsInput(), based.Factors);
        return new DeliveryErrors(
            ReadSpread(input.Alignment, based.Alignment),
            ReadSpread(input.Swing, based.Swing),
            ReadSpread(input.HeightMm, based.Height),
            ReadSpread(input.Pace, based.Pace),
            input.SideBiasMm ?? based.SideBias,
            new ErrorFactors(
                given.PerPace ?? factors.PerPace,
                given.PerDegree ?? factors.PerDegree,
                given.Stretched ?? factors.Stretched,
                given.Rest ?? factors.Rest,
                given.Extended ?? factors.Extended,
                given.HighRest ?? factors.HighRest,
                given.OtherHand ?? factors.OtherHand,
                given.OverBall ?? factors.OverBall,
                given.OffCushion ?? factors.OffCushion),
            ReadSpread(input.Butt, based.Butt),
            new EyeErrors(
                ReadSpread(input.JudgePushOff, based.Eye.PushOff),
                ReadSpread(input.JudgeSwerve, based.Eye.Swerve),
                ReadSpread(input.JudgeThrow, based.Eye.Throw)));
    }

    private static Spread ReadSpread(SpreadInput? input, Spread based) => input is null ? based : new Spread(input.Size, input.Bias);

    private static Preferences ReadPreferences(PreferencesInput? input, Preferences based, string field) =>
        input is null ? based : new Preferences(
        input.Side switch
        {
            null => based.Side,
            "avoid" => SidePolicy.Avoid,
            "sparing" => SidePolicy.Sparing,
            "helping" => SidePolicy.Helping,
            _ => throw Wrong($"{field}.preferences.side", FieldRefusals.SidePolicy),
        },
        input.Follow ?? based.Follow,
        input.Stun ?? based.Stun,
        input.Screw ?? based.Screw,
        input.RestCost ?? based.Rest,
        input.CushionRule ?? based.CushionRule,
        input.Cushion ?? based.Cushion,
        input.High ?? based.High,
        input.Low ?? based.Low);

    private static RefusalException Wrong(string field, string sentence) =>
        RefusalException.Invalid("player", FieldRefusals.Player, new Fault(field, null, "player", sentence));
}
