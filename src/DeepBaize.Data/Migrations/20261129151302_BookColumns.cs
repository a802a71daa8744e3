using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace DeepBaize.Data.Migrations
{
    /// <inheritdoc />
    public partial class BookColumns : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "balls",
                table: "positions",
                type: "jsonb",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "profile",
                table: "positions",
                type: "character varying(40)",
                maxLength: 40,
                nullable: false,
                defaultValue: "club");

            migrationBuilder.AddColumn<string>(
                name: "balls",
                table: "position_versions",
                type: "jsonb",
                nullable: false,
                defaultValue: "[]");

            // In documents of every version so far balls have the same shape.
            migrationBuilder.Sql(
                """
                update positions set balls = coalesce(document -> 'balls', '[]'), profile = left(coalesce(document ->> 'profile', 'club'), 40);
                update position_versions set balls = coalesce(document -> 'balls', '[]');
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "balls",
                table: "positions");

            migrationBuilder.DropColumn(
                name: "profile",
                table: "positions");

            migrationBuilder.DropColumn(
                name: "balls",
                table: "position_versions");
        }
    }
}
