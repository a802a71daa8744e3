using DeepBaize.Data.Positions;
using DeepBaize.Web.Reading;
using Riok.Mapperly.Abstractions;

namespace DeepBaize.Web.Formats;

/// <summary>
/// Turns what files hold into what requests send and what is kept, and back. The shapes are alike today; where one of the three changes,
/// the others stay, and this is where they meet.
/// </summary>
[Mapper]
internal static partial class FormatMapper
{
    public static partial FilePlayer ToFile(PlayerInput player);

    public static partial PlayerInput ToInput(FilePlayer player);

    public static partial FileTable ToFile(TableDocument table);

    public static partial TableDocument ToInput(FileTable table);

    public static partial FileCue ToFile(CueDocument cue);

    public static partial CueDocument ToInput(FileCue cue);

    public static partial FilePosition ToFile(PositionDocument position);

    public static partial PositionDocument ToSaved(FilePosition position);

    [MapDerivedType<SavedPot, FilePot>]
    [MapDerivedType<SavedHit, FileHit>]
    [MapDerivedType<SavedReach, FileReach>]
    private static partial FileIntent ToFile(SavedIntent intent);

    [MapDerivedType<FilePot, SavedPot>]
    [MapDerivedType<FileHit, SavedHit>]
    [MapDerivedType<FileReach, SavedReach>]
    private static partial SavedIntent ToSaved(FileIntent intent);
}
