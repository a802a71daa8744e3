using DeepBaize.Data.Club;
using DeepBaize.Data.Positions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

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

    /// <summary>What positions were before they were saved over.</summary>
    public DbSet<PositionVersion> PositionVersions => Set<PositionVersion>();

    /// <summary>The sheets that are being worked on.</summary>
    public DbSet<WorkingSheet> WorkingSheets => Set<WorkingSheet>();

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
        OnPositionsCreating(modelBuilder);
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

    private void OnPositionsCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<SavedPosition>(position =>
        {
            position.ToTable("positions");
            position.Property(p => p.Name).HasMaxLength(SavedPosition.NameLength);
            position.Property(p => p.Note).HasMaxLength(SavedPosition.NoteLength);
            position.Property(p => p.Version).IsConcurrencyToken();
            AsJson(position.Property(p => p.Document));
            // A name is free again once its position is deleted.
            position.HasIndex(p => new { p.OwnerId, p.Name }).IsUnique().HasFilter("deleted_at is null");
            position.HasOne<Owner>().WithMany().HasForeignKey(p => p.OwnerId);
            position.HasQueryFilter(p => p.OwnerId == _owner || p.OwnerId == Owner.House);
        });
        modelBuilder.Entity<PositionVersion>(version =>
        {
            version.ToTable("position_versions");
            version.HasKey(v => new { v.PositionId, v.Version });
            version.Property(v => v.Note).HasMaxLength(SavedPosition.NoteLength);
            AsJson(version.Property(v => v.Document));
            version.HasOne<SavedPosition>().WithMany().HasForeignKey(v => v.PositionId).OnDelete(DeleteBehavior.Cascade);
            version.HasOne<Owner>().WithMany().HasForeignKey(v => v.OwnerId).OnDelete(DeleteBehavior.Restrict);
            version.HasQueryFilter(v => v.OwnerId == _owner || v.OwnerId == Owner.House);
        });
        modelBuilder.Entity<WorkingSheet>(sheet =>
        {
            sheet.ToTable("working_sheets");
            sheet.HasKey(s => s.OwnerId);
            AsJson(sheet.Property(s => s.Document));
            sheet.HasOne<Owner>().WithMany().HasForeignKey(s => s.OwnerId);
            sheet.HasQueryFilter(s => s.OwnerId == _owner);
        });
    }

    private static void AsJson(PropertyBuilder<PositionDocument> document) =>
        document.HasColumnType("jsonb").HasConversion(value => value.Write(), json => PositionDocument.Read(json));
}
