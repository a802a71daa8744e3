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
            Item(ShelfKind.Player, "Tamsin Orrell", "Plays in the second team.", """{"preset":"club","reach":0.76,"shoulderHeight":1.39}""",
                true),
            Item(ShelfKind.Player, "Desmond Vane", "Left-handed; avoids side.",
                """{"preset":"league","hand":"left","preferences":{"side":"avoid"}}"""),
            Item(ShelfKind.Player, "Ruth Calloway", "Coach.", """{"preset":"expert","reach":0.82}"""),
            Item(ShelfKind.Player, "Milo Fenn", "Started this winter.", """{"preset":"starter","reach":0.7,"shoulderHeight":1.3}"""),
            Item(ShelfKind.Table, "Window table", ClubName, """{"profile":"club"}""", true),
            Item(ShelfKind.Table, "Back room", $"{ClubName}; old cloth.", """{"profile":"slow-old-cloth"}"""),
            Item(ShelfKind.Cue, "Ash, 9.5 mm", "Tip changed in October.", """{"mass":0.5,"endMassRatio":25,"maxSpeed":5}""", true));
        database.Positions.AddRange(HouseContent.Positions());
    }

    private static ShelfItem Item(ShelfKind kind, string name, string note, string document, bool isCurrent = false) => new()
    {
        Id = Guid.NewGuid(),
        OwnerId = Owner.Local,
        Kind = kind,
        Name = name,
        Note = note,
        Document = document,
        IsCurrent = isCurrent,
    };
}
