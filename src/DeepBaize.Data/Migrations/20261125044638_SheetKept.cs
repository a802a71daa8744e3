using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace DeepBaize.Data.Migrations
{
    /// <inheritdoc />
    public partial class SheetKept : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "ix_positions_owner_id_name",
                table: "positions");

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "deleted_at",
                table: "positions",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<string[]>(
                name: "tags",
                table: "positions",
                type: "text[]",
                nullable: false,
                defaultValue: new string[0]);

            migrationBuilder.CreateTable(
                name: "position_versions",
                columns: table => new
                {
                    position_id = table.Column<Guid>(type: "uuid", nullable: false),
                    version = table.Column<int>(type: "integer", nullable: false),
                    owner_id = table.Column<Guid>(type: "uuid", nullable: false),
                    note = table.Column<string>(type: "character varying(300)", maxLength: 300, nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false),
                    saved_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_position_versions", x => new { x.position_id, x.version });
                    table.ForeignKey(
                        name: "fk_position_versions_owners_owner_id",
                        column: x => x.owner_id,
                        principalTable: "owners",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "fk_position_versions_positions_position_id",
                        column: x => x.position_id,
                        principalTable: "positions",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "working_sheets",
                columns: table => new
                {
                    owner_id = table.Column<Guid>(type: "uuid", nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false),
                    opened_id = table.Column<Guid>(type: "uuid", nullable: true),
                    updated_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_working_sheets", x => x.owner_id);
                    table.ForeignKey(
                        name: "fk_working_sheets_owners_owner_id",
                        column: x => x.owner_id,
                        principalTable: "owners",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_positions_owner_id_name",
                table: "positions",
                columns: new[] { "owner_id", "name" },
                unique: true,
                filter: "deleted_at is null");

            migrationBuilder.CreateIndex(
                name: "ix_position_versions_owner_id",
                table: "position_versions",
                column: "owner_id");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "position_versions");

            migrationBuilder.DropTable(
                name: "working_sheets");

            migrationBuilder.DropIndex(
                name: "ix_positions_owner_id_name",
                table: "positions");

            migrationBuilder.DropColumn(
                name: "deleted_at",
                table: "positions");

            migrationBuilder.DropColumn(
                name: "tags",
                table: "positions");

            migrationBuilder.CreateIndex(
                name: "ix_positions_owner_id_name",
                table: "positions",
                columns: new[] { "owner_id", "name" },
                unique: true);
        }
    }
}
