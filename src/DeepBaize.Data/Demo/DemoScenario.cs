using DeepBaize.Data.Club;

namespace DeepBaize.Data.Demo;

/// <summary>An invented club with its people, its table and its positions.</summary>
public static class DemoScenario
{
    private const string ClubName = "Larkfield Cue Club";

    /// <summary>Adds the scenario to an empty database; the caller saves.</summary>
    public static void AddTo(BaizeDbContext database)
    {
        ArgumentNullException.ThrowIfNull(database);
        database.Owners.AddRange(
            new Owner { Id = Owner.House, Name = "House" },
            new Owner { Id = Owner.Local, Name = "This machine" });
        database.People.AddRange(
            Member("Tamsin Orrell", PersonRole.Player, true),
            Member("Desmond Vane", PersonRole.Player, false),
            Member("Ruth Calloway", PersonRole.Coach, false));
        database.Tables.Add(new ClubTable
        {
            Id = Guid.NewGuid(),
            OwnerId = Owner.Local,
            Club = ClubName,
            Name = "Window table",
            MeasuredOn = null,
            IsCurrent = true,
        });
        database.Positions.AddRange(DemoPositions.All());
    }

    private static Person Member(string name, PersonRole role, bool isCurrent) => new()
    {
        Id = Guid.NewGuid(),
        OwnerId = Owner.Local,
        Club = ClubName,
        Name = name,
        Role = role,
        IsCurrent = isCurrent,
    };
}
