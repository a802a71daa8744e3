using DeepBaize.Data.Positions;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shelf;

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
            : new SavedSetting(
                table is null ? null : SavedMapper.ToSaved(table),
                given?.Cue is { } cue ? SavedMapper.ToSaved(cue) : null,
                player is null ? null : SavedMapper.ToSaved(player));
    }

    /// <summary>The coefficients of a setting; null when it has none.</summary>
    public static CoefficientsInput? ToCoefficients(SavedSetting? setting)
    {
        var table = setting?.Table is { } kept ? SavedMapper.ToInput(kept) : null;
        var cue = setting?.Cue is { } held ? SavedMapper.ToInput(held) : null;
        return table is null && cue is null ? null : (table ?? new CoefficientsInput()) with { Cue = cue };
    }

    /// <summary>The player of a setting; null when it names none.</summary>
    public static PlayerInput? ToPlayer(SavedSetting? setting) => setting?.Player is { } kept ? SavedMapper.ToInput(kept) : null;
}
