using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class WaitsAndSolderedParts : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Latch",
                table: "StripSteps",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.CreateTable(
                name: "SolderedParts",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    BoardId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Work = table.Column<string>(type: "TEXT", nullable: false),
                    Why = table.Column<string>(type: "TEXT", nullable: false),
                    Side = table.Column<string>(type: "TEXT", nullable: false),
                    X = table.Column<double>(type: "REAL", nullable: true),
                    Y = table.Column<double>(type: "REAL", nullable: true),
                    Pins = table.Column<int>(type: "INTEGER", nullable: false),
                    Rows = table.Column<int>(type: "INTEGER", nullable: false),
                    HasWayRound = table.Column<string>(type: "TEXT", nullable: false),
                    OpenContacts = table.Column<string>(type: "TEXT", nullable: false),
                    Lacquer = table.Column<string>(type: "TEXT", nullable: false),
                    LacqueredAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CureHours = table.Column<double>(type: "REAL", nullable: true),
                    Sheet = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SolderedParts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SolderedParts_Boards_BoardId",
                        column: x => x.BoardId,
                        principalTable: "Boards",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_SolderedParts_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "Waits",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    JobId = table.Column<Guid>(type: "TEXT", nullable: false),
                    For = table.Column<string>(type: "TEXT", nullable: false),
                    Until = table.Column<long>(type: "INTEGER", nullable: true),
                    OrderId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Since = table.Column<long>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Waits", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Waits_Jobs_JobId",
                        column: x => x.JobId,
                        principalTable: "Jobs",
                        principalColumn: "Id");
                    table.ForeignKey(
                        name: "FK_Waits_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_Waits_Orders_OrderId",
                        column: x => x.OrderId,
                        principalTable: "Orders",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            // A wait becomes a row; one whose order is gone names none. The id is of the form of all others, and new.
            migrationBuilder.Sql(
                """
                INSERT INTO "Waits" ("Id", "MachineId", "JobId", "For", "Until", "OrderId", "Since", "Version")
                SELECT upper(substr(h, 1, 8) || '-' || substr(h, 9, 4) || '-7' || substr(h, 14, 3) || '-8' || substr(h, 18, 3) || '-' || substr(h, 21, 12)),
                    "MachineId", "Id", "WaitsFor", "WaitUntil",
                    CASE WHEN "OrderId" IN (SELECT "Id" FROM "Orders") THEN "OrderId" END, "At", 0
                FROM (SELECT *, hex(randomblob(16)) AS h FROM "Jobs" WHERE "State" = 'Waiting' AND "WaitsFor" <> '')
                """
            );

            migrationBuilder.DropIndex(
                name: "IX_Jobs_OrderId",
                table: "Jobs");

            migrationBuilder.DropIndex(
                name: "IX_Jobs_State_WaitUntil",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "OrderId",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "WaitUntil",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "WaitsFor",
                table: "Jobs");

            migrationBuilder.CreateIndex(
                name: "IX_SolderedParts_BoardId",
                table: "SolderedParts",
                column: "BoardId");

            migrationBuilder.CreateIndex(
                name: "IX_SolderedParts_MachineId",
                table: "SolderedParts",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Waits_JobId",
                table: "Waits",
                column: "JobId",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Waits_MachineId",
                table: "Waits",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Waits_OrderId",
                table: "Waits",
                column: "OrderId");

            migrationBuilder.CreateIndex(
                name: "IX_Waits_Until",
                table: "Waits",
                column: "Until");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "SolderedParts");

            migrationBuilder.DropColumn(
                name: "Latch",
                table: "StripSteps");

            migrationBuilder.AddColumn<Guid>(
                name: "OrderId",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "WaitUntil",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "WaitsFor",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.Sql(
                """
                UPDATE "Jobs" SET ("WaitsFor", "WaitUntil", "OrderId") = (SELECT "For", "Until", "OrderId" FROM "Waits" w WHERE w."JobId" = "Jobs"."Id")
                WHERE "Id" IN (SELECT "JobId" FROM "Waits")
                """
            );
            migrationBuilder.DropTable(
                name: "Waits");

            migrationBuilder.CreateIndex(
                name: "IX_Jobs_OrderId",
                table: "Jobs",
                column: "OrderId");

            migrationBuilder.CreateIndex(
                name: "IX_Jobs_State_WaitUntil",
                table: "Jobs",
                columns: new[] { "State", "WaitUntil" });
        }
    }
}
