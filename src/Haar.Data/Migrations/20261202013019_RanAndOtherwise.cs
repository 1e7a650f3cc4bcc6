using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class RanAndOtherwise : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Ran",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<long>(
                name: "RanAt",
                table: "Machines",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "RanWord",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateTable(
                name: "CircuitWorks",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CircuitWorks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CircuitWorks_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "Otherwise",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    SubjectId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    CameOut = table.Column<string>(type: "TEXT", nullable: false),
                    NotClaimed = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Otherwise", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Otherwise_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_CircuitWorks_MachineId",
                table: "CircuitWorks",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Otherwise_MachineId",
                table: "Otherwise",
                column: "MachineId");

            // What was soldered or washed before this was kept counts for the shorts that were measured before it.
            migrationBuilder.Sql(
                """
                INSERT INTO "CircuitWorks" ("Id", "MachineId", "At", "What")
                SELECT upper(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(6))),
                       t."MachineId", CAST(strftime('%s', json_extract(t."Fitting", '$.fittedAt')) AS INTEGER) * 10000000 + 621355968000000000, t."Designator" || ' fitted.'
                FROM "Capacitors" t
                WHERE json_extract(t."Fitting", '$.fittedAt') IS NOT NULL;
                """
            );
            migrationBuilder.Sql(
                """
                INSERT INTO "CircuitWorks" ("Id", "MachineId", "At", "What")
                SELECT upper(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(6))),
                       t."MachineId", CAST(strftime('%s', json_extract(t."Sheet", '$.solderedAt')) AS INTEGER) * 10000000 + 621355968000000000, substr(t."Name", 1, 150) || ' soldered.'
                FROM "SolderedParts" t
                WHERE json_extract(t."Sheet", '$.solderedAt') IS NOT NULL;
                """
            );
            migrationBuilder.Sql(
                """
                INSERT INTO "CircuitWorks" ("Id", "MachineId", "At", "What")
                SELECT upper(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(6))),
                       t."MachineId", CAST(strftime('%s', json_extract(t."Treatment", '$.alcoholAt')) AS INTEGER) * 10000000 + 621355968000000000, substr(t."Name", 1, 150) || ' washed.'
                FROM "Areas" t
                WHERE json_extract(t."Treatment", '$.alcoholAt') IS NOT NULL;
                """
            );
            migrationBuilder.Sql("UPDATE Standings SET StaleAt = 0;");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "CircuitWorks");

            migrationBuilder.DropTable(
                name: "Otherwise");

            migrationBuilder.DropColumn(
                name: "Ran",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "RanAt",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "RanWord",
                table: "Machines");
        }
    }
}
