using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace DeepBaize.Data.Migrations
{
    /// <inheritdoc />
    public partial class Shelf : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "shelf_items",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    owner_id = table.Column<Guid>(type: "uuid", nullable: false),
                    kind = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: false),
                    name = table.Column<string>(type: "character varying(60)", maxLength: 60, nullable: false),
                    note = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false),
                    schema_version = table.Column<int>(type: "integer", nullable: false),
                    version = table.Column<int>(type: "integer", nullable: false),
                    is_current = table.Column<bool>(type: "boolean", nullable: false),
                    deleted_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_shelf_items", x => x.id);
                    table.ForeignKey(
                        name: "fk_shelf_items_owners_owner_id",
                        column: x => x.owner_id,
                        principalTable: "owners",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_shelf_items_current",
                table: "shelf_items",
                columns: new[] { "owner_id", "kind" },
                unique: true,
                filter: "is_current and deleted_at is null");

            migrationBuilder.CreateIndex(
                name: "ix_shelf_items_owner_id_kind_name",
                table: "shelf_items",
                columns: new[] { "owner_id", "kind", "name" },
                unique: true,
                filter: "deleted_at is null");

            // Those who were known by name alone become club players, tables become club tables.
            migrationBuilder.Sql(
                """
                insert into shelf_items (id, owner_id, kind, name, note, document, schema_version, version, is_current)
                select distinct on (owner_id, left(name, 60)) id, owner_id, 'Player', left(name, 60),
                  case role when 'Coach' then 'Coach.' else '' end, '{"preset":"club"}', 1, 1,
                  is_current and id = (select min(p.id::text)::uuid from people p where p.owner_id = people.owner_id and p.is_current)
                from people order by owner_id, left(name, 60), is_current desc;
                insert into shelf_items (id, owner_id, kind, name, note, document, schema_version, version, is_current)
                select distinct on (owner_id, left(name, 60)) id, owner_id, 'Table', left(name, 60), club,
                  jsonb_strip_nulls(jsonb_build_object('profile', 'club', 'measuredOn', measured_on)), 1, 1,
                  is_current and id = (select min(t.id::text)::uuid from club_tables t where t.owner_id = club_tables.owner_id and t.is_current)
                from club_tables order by owner_id, left(name, 60), is_current desc;
                """);

            migrationBuilder.DropTable(
                name: "club_tables");

            migrationBuilder.DropTable(
                name: "people");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "shelf_items");

            migrationBuilder.CreateTable(
                name: "club_tables",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    club = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    is_current = table.Column<bool>(type: "boolean", nullable: false),
                    measured_on = table.Column<DateOnly>(type: "date", nullable: true),
                    name = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    owner_id = table.Column<Guid>(type: "uuid", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_club_tables", x => x.id);
                    table.ForeignKey(
                        name: "fk_club_tables_owners_owner_id",
                        column: x => x.owner_id,
                        principalTable: "owners",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "people",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    club = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    is_current = table.Column<bool>(type: "boolean", nullable: false),
                    name = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    owner_id = table.Column<Guid>(type: "uuid", nullable: false),
                    role = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_people", x => x.id);
                    table.ForeignKey(
                        name: "fk_people_owners_owner_id",
                        column: x => x.owner_id,
                        principalTable: "owners",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_club_tables_owner_id",
                table: "club_tables",
                column: "owner_id");

            migrationBuilder.CreateIndex(
                name: "ix_people_owner_id",
                table: "people",
                column: "owner_id");
        }
    }
}
