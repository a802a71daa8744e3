using DeepBaize.Data.Attempts;
using DeepBaize.Data.Positions;
using DeepBaize.Data.Shelf;
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

    /// <summary>Players, tables and cues.</summary>
    public DbSet<ShelfItem> Shelf => Set<ShelfItem>();

    /// <summary>Attempts that are over.</summary>
    public DbSet<KeptAttempt> Attempts => Set<KeptAttempt>();

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
        modelBuilder.Entity<ShelfItem>(item =>
        {
            item.ToTable("shelf_items");
            item.Property(i => i.Kind).HasConversion<string>().HasMaxLength(20);
            item.Property(i => i.Name).HasMaxLength(ShelfItem.NameLength);
            item.Property(i => i.Note).HasMaxLength(ShelfItem.NoteLength);
            item.Property(i => i.Document).HasColumnType("jsonb");
            item.Property(i => i.Version).IsConcurrencyToken();
            // A name is free again once its item is taken away; one of each kind is in use.
            item.HasIndex(i => new { i.OwnerId, i.Kind, i.Name }).IsUnique().HasFilter("deleted_at is null");
            item.HasIndex(i => new { i.OwnerId, i.Kind }).IsUnique().HasFilter("is_current and deleted_at is null")
                .HasDatabaseName("ix_shelf_items_current");
            item.HasOne<Owner>().WithMany().HasForeignKey(i => i.OwnerId);
            item.HasQueryFilter(i => i.OwnerId == _owner);
        });
        modelBuilder.Entity<KeptAttempt>(attempt =>
        {
            attempt.ToTable("attempts");
            attempt.Property(a => a.Id).ValueGeneratedNever();
            attempt.Property(a => a.Player).HasMaxLength(KeptAttempt.PlayerLength);
            attempt.Property(a => a.Kind).HasConversion<string>().HasMaxLength(20);
            attempt.Property(a => a.Rules).HasColumnType("jsonb");
            AsJson(attempt.Property(a => a.Balls));
            attempt.Property(a => a.Task).HasMaxLength(KeptAttempt.TaskLength);
            attempt.Property(a => a.End).HasMaxLength(20);
            attempt.HasIndex(a => new { a.OwnerId, a.Task, a.PlayedAt });
            attempt.HasOne<Owner>().WithMany().HasForeignKey(a => a.OwnerId);
            attempt.HasQueryFilter(a => a.OwnerId == _owner);
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
            AsJson(position.Property(p => p.Balls));
            position.Property(p => p.Profile).HasMaxLength(40);
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
            AsJson(version.Property(v => v.Balls));
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

    private static void AsJson(PropertyBuilder<IReadOnlyList<SavedBall>> balls) =>
        balls.HasColumnType("jsonb").HasConversion(value => SavedBall.Write(value), json => SavedBall.Read(json), SavedBall.Comparer);
}
