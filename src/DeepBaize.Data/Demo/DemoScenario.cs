using DeepBaize.Data.Shelf;

namespace DeepBaize.Data.Demo;

/// <summary>An invented club with its players, its tables, their cues and its positions.</summary>
public static class DemoScenario
{
    private const string ClubName = "Larkfield Cue Club";

    /// <summary>Adds the scenario to an empty database; the caller saves.</summary>
    public static void AddTo(BaizeDbContext database)
    {
        ArgumentNullException.ThrowIfNull(database);
        database.Owners.AddRange(
            new Owner { Id = Owner.House, Name = "House", ContentVersion = HouseContent.Version },
            new Owner { Id = Owner.Local, Name = "This machine" });
        database.Shelf.AddRange(
            Item(ShelfKind.Player, "Tamsin Orrell", "Plays in the second team.", new SavedPlayer("club", Reach: 0.76, ShoulderHeight: 1.39),
                true),
            Item(ShelfKind.Player, "Desmond Vane", "Left-handed; avoids side.",
                new SavedPlayer("league", "left", Preferences: new SavedPreferences("avoid"))),
            Item(ShelfKind.Player, "Ruth Calloway", "Coach.", new SavedPlayer("expert", Reach: 0.82)),
            Item(ShelfKind.Player, "Milo Fenn", "Started this winter.", new SavedPlayer("starter", Reach: 0.7, ShoulderHeight: 1.3)),
            Item(ShelfKind.Table, "Window table", ClubName, new SavedTable("club"), true),
            Item(ShelfKind.Table, "Back room", $"{ClubName}; old cloth.", new SavedTable("slow-old-cloth")),
            Item(ShelfKind.Cue, "Ash, 9.5 mm", "Tip changed in October.", new SavedCue(0.5, 25, 5), true));
        database.Positions.AddRange(HouseContent.Positions());
    }

    private static ShelfItem Item<T>(ShelfKind kind, string name, string note, T document, bool isCurrent = false) => new()
    {
        Id = Guid.NewGuid(),
        OwnerId = Owner.Local,
        Kind = kind,
        Name = name,
        Note = note,
        Document = SavedShelf.Write(document),
        IsCurrent = isCurrent,
    };
}
