using DeepBaize.Data.Club;
using DeepBaize.Data.Positions;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Data;

/// <summary>
/// The database as one owner sees it: own rows and those of the house.
/// </summary>
public sealed class BaizeDbContext(DbContextOptions<BaizeDbContext> options, OwnerScope scope) : DbContext(options)
{
    private readonly Guid _owner = scope.Id;

    /// <summary>Owners.</summary>
    public DbSet<Owner> Owners => Set<Owner>();

    /// <summary>Saved positions.</summary>
    public DbSet<SavedPosition> Positions => Set<SavedPosition>();

    /// <summary>Players and coaches.</summary>
    public DbSet<Person> People => Set<Person>();

    /// <summary>Tables.</summary>
    public DbSet<ClubTable> Tables => Set<ClubTable>();

    /// <inheritdoc />
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        ArgumentNullException.ThrowIfNull(modelBuilder);
        modelBuilder.Entity<Owner>(owner =>
        {
            owner.ToTable("owners");
            owner.Property(o => o.Name).HasMaxLength(80);
        });
        modelBuilder.Entity<SavedPosition>(position =>
        {
            position.ToTable("positions");
            position.Property(p => p.Name).HasMaxLength(SavedPosition.NameLength);
            position.Property(p => p.Note).HasMaxLength(SavedPosition.NoteLength);
            position.Property(p => p.Version).IsConcurrencyToken();
            position.Property(p => p.Document)
                .HasColumnType("jsonb")
                .HasConversion(document => document.Write(), json => PositionDocument.Read(json));
            position.HasIndex(p => new { p.OwnerId, p.Name }).IsUnique();
            position.HasOne<Owner>().WithMany().HasForeignKey(p => p.OwnerId);
            position.HasQueryFilter(p => p.OwnerId == _owner || p.OwnerId == Owner.House);
        });
        modelBuilder.Entity<Person>(person =>
        {
            person.ToTable("people");
            person.Property(p => p.Club).HasMaxLength(80);
            person.Property(p => p.Name).HasMaxLength(80);
            person.Property(p => p.Role).HasConversion<string>().HasMaxLength(20);
            person.HasOne<Owner>().WithMany().HasForeignKey(p => p.OwnerId);
            person.HasQueryFilter(p => p.OwnerId == _owner);
        });
        modelBuilder.Entity<ClubTable>(table =>
        {
            table.ToTable("club_tables");
            table.Property(t => t.Club).HasMaxLength(80);
            table.Property(t => t.Name).HasMaxLength(80);
            table.HasOne<Owner>().WithMany().HasForeignKey(t => t.OwnerId);
            table.HasQueryFilter(t => t.OwnerId == _owner);
        });
    }
}
