using DeepBaize.Data.Shelf;
using DeepBaize.Web.Reading;
using Riok.Mapperly.Abstractions;

namespace DeepBaize.Web.Shelf;

/// <summary>Turns players, tables and cues as requests send them into what is kept, and back.</summary>
[Mapper]
internal static partial class SavedMapper
{
    public static partial SavedPlayer ToSaved(PlayerInput player);

    public static partial PlayerInput ToInput(SavedPlayer player);

    public static partial SavedTable ToSaved(TableDocument table);

    public static partial TableDocument ToInput(SavedTable table);

    public static partial SavedCue ToSaved(CueDocument cue);

    public static partial CueDocument ToInput(SavedCue cue);

    public static partial SavedCoefficients ToSaved(CoefficientsInput coefficients);

    public static partial CoefficientsInput ToInput(SavedCoefficients coefficients);

    public static partial SavedCueInUse ToSaved(CueInput cue);

    public static partial CueInput ToInput(SavedCueInUse cue);
}
