using System.Text.Json;
using DeepBaize.Data.Positions;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shelf;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Book;

/// <summary>With what a position was made, as it is kept with it: table, cue and player as they were then.</summary>
internal static class SettingReader
{
    /// <summary>The setting of a sheet's content; null when it says nothing beyond the profile.</summary>
    public static SavedSetting? ToSaved(PositionContent content)
    {
        var (given, player) = (content.Coefficients, content.Player);
        var table = given is null or { Table: null, Pockets: null, Balls: null } ? null : given with { Cue = null };
        return table is null && given?.Cue is null && player is null
            ? null
            : new SavedSetting(Written(table), Written(given?.Cue), Written(player));
    }

    /// <summary>The coefficients of a setting; null when it has none.</summary>
    public static CoefficientsInput? ToCoefficients(SavedSetting? setting)
    {
        var (table, cue) = (Read<CoefficientsInput>(setting?.Table), Read<CueInput>(setting?.Cue));
        return table is null && cue is null ? null : (table ?? new CoefficientsInput()) with { Cue = cue };
    }

    /// <summary>The player of a setting; null when it names none.</summary>
    public static PlayerInput? ToPlayer(SavedSetting? setting) => Read<PlayerInput>(setting?.Player);

    private static JsonElement? Written<T>(T? document)
        where T : class => document is null ? null : JsonSerializer.SerializeToElement(document, ShelfDocuments.Written);

    /// <exception cref="RefusalException">It is no such document.</exception>
    private static T? Read<T>(JsonElement? document)
        where T : class
    {
        try
        {
            return document is { ValueKind: JsonValueKind.Object } written ? written.Deserialize<T>(ShelfDocuments.Written) : null;
        }
        catch (JsonException bad)
        {
            throw RefusalException.Invalid("setting", "setting", BookRefusals.Setting(bad.Path?.TrimStart('$', '.')));
        }
    }
}
