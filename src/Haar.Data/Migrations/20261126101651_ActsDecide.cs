using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class ActsDecide : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Answers_Machines_MachineId",
                table: "Answers");

            migrationBuilder.DropForeignKey(
                name: "FK_Areas_Boards_BoardId",
                table: "Areas");

            migrationBuilder.DropForeignKey(
                name: "FK_Areas_Machines_MachineId",
                table: "Areas");

            migrationBuilder.DropForeignKey(
                name: "FK_Boards_Machines_MachineId",
                table: "Boards");

            migrationBuilder.DropForeignKey(
                name: "FK_Boxes_Machines_MachineId",
                table: "Boxes");

            migrationBuilder.DropForeignKey(
                name: "FK_Capacitors_Boards_BoardId",
                table: "Capacitors");

            migrationBuilder.DropForeignKey(
                name: "FK_Capacitors_Machines_MachineId",
                table: "Capacitors");

            migrationBuilder.DropForeignKey(
                name: "FK_Cells_Machines_MachineId",
                table: "Cells");

            migrationBuilder.DropForeignKey(
                name: "FK_Closings_Machines_MachineId",
                table: "Closings");

            migrationBuilder.DropForeignKey(
                name: "FK_Costs_Machines_MachineId",
                table: "Costs");

            migrationBuilder.DropForeignKey(
                name: "FK_Findings_Machines_MachineId",
                table: "Findings");

            migrationBuilder.DropForeignKey(
                name: "FK_HotParts_Boards_BoardId",
                table: "HotParts");

            migrationBuilder.DropForeignKey(
                name: "FK_HotParts_Machines_MachineId",
                table: "HotParts");

            migrationBuilder.DropForeignKey(
                name: "FK_Items_Machines_MachineId",
                table: "Items");

            migrationBuilder.DropForeignKey(
                name: "FK_Jobs_Machines_MachineId",
                table: "Jobs");

            migrationBuilder.DropForeignKey(
                name: "FK_Log_Machines_MachineId",
                table: "Log");

            migrationBuilder.DropForeignKey(
                name: "FK_MachinePacks_Machines_MachineId",
                table: "MachinePacks");

            migrationBuilder.DropForeignKey(
                name: "FK_Nets_Boards_BoardId",
                table: "Nets");

            migrationBuilder.DropForeignKey(
                name: "FK_Nets_Machines_MachineId",
                table: "Nets");

            migrationBuilder.DropForeignKey(
                name: "FK_Observations_Machines_MachineId",
                table: "Observations");

            migrationBuilder.DropForeignKey(
                name: "FK_Overrules_Machines_MachineId",
                table: "Overrules");

            migrationBuilder.DropForeignKey(
                name: "FK_Photos_Machines_MachineId",
                table: "Photos");

            migrationBuilder.DropForeignKey(
                name: "FK_PowerSteps_Machines_MachineId",
                table: "PowerSteps");

            migrationBuilder.DropForeignKey(
                name: "FK_Proofs_Machines_MachineId",
                table: "Proofs");

            migrationBuilder.DropForeignKey(
                name: "FK_Readings_Machines_MachineId",
                table: "Readings");

            migrationBuilder.DropForeignKey(
                name: "FK_StripConnectors_Machines_MachineId",
                table: "StripConnectors");

            migrationBuilder.DropForeignKey(
                name: "FK_StripConnectors_StripSteps_StepId",
                table: "StripConnectors");

            migrationBuilder.DropForeignKey(
                name: "FK_StripFasteners_Machines_MachineId",
                table: "StripFasteners");

            migrationBuilder.DropForeignKey(
                name: "FK_StripFasteners_StripSteps_StepId",
                table: "StripFasteners");

            migrationBuilder.DropForeignKey(
                name: "FK_StripSteps_Machines_MachineId",
                table: "StripSteps");

            migrationBuilder.DropColumn(
                name: "Reserved",
                table: "Drawer");

            migrationBuilder.AddColumn<string>(
                name: "Rules",
                table: "Standings",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "By",
                table: "Overrules",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Facts",
                table: "Overrules",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Outcome",
                table: "Overrules",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "By",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "StaysDone",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<Guid>(
                name: "Undoes",
                table: "Log",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "OrderId",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "SubjectId",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "OrderId",
                table: "Costs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Dangers",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Subject = table.Column<Guid>(type: "TEXT", nullable: false),
                    Sentence = table.Column<string>(type: "TEXT", nullable: false),
                    Since = table.Column<long>(type: "INTEGER", nullable: false),
                    AnsweredAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Answer = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Dangers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Dangers_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "Reservations",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    CapacitorId = table.Column<Guid>(type: "TEXT", nullable: false),
                    PartId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Booked = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Reservations", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Reservations_Capacitors_CapacitorId",
                        column: x => x.CapacitorId,
                        principalTable: "Capacitors",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_Reservations_Drawer_PartId",
                        column: x => x.PartId,
                        principalTable: "Drawer",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_Reservations_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Jobs_OrderId",
                table: "Jobs",
                column: "OrderId");

            migrationBuilder.CreateIndex(
                name: "IX_Dangers_MachineId_AnsweredAt",
                table: "Dangers",
                columns: new[] { "MachineId", "AnsweredAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Reservations_CapacitorId",
                table: "Reservations",
                column: "CapacitorId");

            migrationBuilder.CreateIndex(
                name: "IX_Reservations_MachineId",
                table: "Reservations",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Reservations_PartId",
                table: "Reservations",
                column: "PartId");

            migrationBuilder.AddForeignKey(
                name: "FK_Answers_Machines_MachineId",
                table: "Answers",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Areas_Boards_BoardId",
                table: "Areas",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Areas_Machines_MachineId",
                table: "Areas",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Boards_Machines_MachineId",
                table: "Boards",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Boxes_Machines_MachineId",
                table: "Boxes",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Capacitors_Boards_BoardId",
                table: "Capacitors",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Capacitors_Machines_MachineId",
                table: "Capacitors",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Cells_Machines_MachineId",
                table: "Cells",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Closings_Machines_MachineId",
                table: "Closings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Costs_Machines_MachineId",
                table: "Costs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Findings_Machines_MachineId",
                table: "Findings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_HotParts_Boards_BoardId",
                table: "HotParts",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_HotParts_Machines_MachineId",
                table: "HotParts",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Items_Machines_MachineId",
                table: "Items",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Jobs_Machines_MachineId",
                table: "Jobs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Log_Machines_MachineId",
                table: "Log",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_MachinePacks_Machines_MachineId",
                table: "MachinePacks",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Nets_Boards_BoardId",
                table: "Nets",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Nets_Machines_MachineId",
                table: "Nets",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Observations_Machines_MachineId",
                table: "Observations",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Overrules_Machines_MachineId",
                table: "Overrules",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Photos_Machines_MachineId",
                table: "Photos",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_PowerSteps_Machines_MachineId",
                table: "PowerSteps",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Proofs_Machines_MachineId",
                table: "Proofs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_Readings_Machines_MachineId",
                table: "Readings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_StripConnectors_Machines_MachineId",
                table: "StripConnectors",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_StripConnectors_StripSteps_StepId",
                table: "StripConnectors",
                column: "StepId",
                principalTable: "StripSteps",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_StripFasteners_Machines_MachineId",
                table: "StripFasteners",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_StripFasteners_StripSteps_StepId",
                table: "StripFasteners",
                column: "StepId",
                principalTable: "StripSteps",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);

            migrationBuilder.AddForeignKey(
                name: "FK_StripSteps_Machines_MachineId",
                table: "StripSteps",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Restrict);
            // What was set aside and is not fitted becomes a row of its own; only pieces that are still in the drawer.
            migrationBuilder.Sql(
                """
                INSERT INTO "Reservations" ("Id", "MachineId", "CapacitorId", "PartId", "At", "Booked")
                SELECT upper(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(6))),
                       c."MachineId", c."Id", upper(json_extract(c."Fitting", '$.partId')),
                       CAST(strftime('%s', 'now') AS INTEGER) * 10000000 + 621355968000000000, 0
                FROM "Capacitors" c
                WHERE json_extract(c."Fitting", '$.partId') IS NOT NULL AND json_extract(c."Fitting", '$.fittedAt') IS NULL
                  AND EXISTS (SELECT 1 FROM "Drawer" d WHERE d."Id" = upper(json_extract(c."Fitting", '$.partId')))
                """
            );
            migrationBuilder.Sql(
                """
                UPDATE "Capacitors" SET "Fitting" = json_remove("Fitting", '$.partId')
                WHERE json_extract("Fitting", '$.partId') IS NOT NULL AND json_extract("Fitting", '$.fittedAt') IS NULL
                """
            );
            // Work that waits for the post names its order.
            migrationBuilder.Sql(
                """
                UPDATE "Jobs" SET "OrderId" = (
                    SELECT o."Id" FROM "Orders" o JOIN "Capacitors" c ON c."MachineId" = "Jobs"."MachineId"
                    WHERE o."Lines" LIKE '%' || lower(c."Id") || '%' ORDER BY o."Id" DESC LIMIT 1)
                WHERE "State" = 'Waiting' AND "WaitsFor" = 'capacitors in the post'
                """
            );
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Answers_Machines_MachineId",
                table: "Answers");

            migrationBuilder.DropForeignKey(
                name: "FK_Areas_Boards_BoardId",
                table: "Areas");

            migrationBuilder.DropForeignKey(
                name: "FK_Areas_Machines_MachineId",
                table: "Areas");

            migrationBuilder.DropForeignKey(
                name: "FK_Boards_Machines_MachineId",
                table: "Boards");

            migrationBuilder.DropForeignKey(
                name: "FK_Boxes_Machines_MachineId",
                table: "Boxes");

            migrationBuilder.DropForeignKey(
                name: "FK_Capacitors_Boards_BoardId",
                table: "Capacitors");

            migrationBuilder.DropForeignKey(
                name: "FK_Capacitors_Machines_MachineId",
                table: "Capacitors");

            migrationBuilder.DropForeignKey(
                name: "FK_Cells_Machines_MachineId",
                table: "Cells");

            migrationBuilder.DropForeignKey(
                name: "FK_Closings_Machines_MachineId",
                table: "Closings");

            migrationBuilder.DropForeignKey(
                name: "FK_Costs_Machines_MachineId",
                table: "Costs");

            migrationBuilder.DropForeignKey(
                name: "FK_Findings_Machines_MachineId",
                table: "Findings");

            migrationBuilder.DropForeignKey(
                name: "FK_HotParts_Boards_BoardId",
                table: "HotParts");

            migrationBuilder.DropForeignKey(
                name: "FK_HotParts_Machines_MachineId",
                table: "HotParts");

            migrationBuilder.DropForeignKey(
                name: "FK_Items_Machines_MachineId",
                table: "Items");

            migrationBuilder.DropForeignKey(
                name: "FK_Jobs_Machines_MachineId",
                table: "Jobs");

            migrationBuilder.DropForeignKey(
                name: "FK_Log_Machines_MachineId",
                table: "Log");

            migrationBuilder.DropForeignKey(
                name: "FK_MachinePacks_Machines_MachineId",
                table: "MachinePacks");

            migrationBuilder.DropForeignKey(
                name: "FK_Nets_Boards_BoardId",
                table: "Nets");

            migrationBuilder.DropForeignKey(
                name: "FK_Nets_Machines_MachineId",
                table: "Nets");

            migrationBuilder.DropForeignKey(
                name: "FK_Observations_Machines_MachineId",
                table: "Observations");

            migrationBuilder.DropForeignKey(
                name: "FK_Overrules_Machines_MachineId",
                table: "Overrules");

            migrationBuilder.DropForeignKey(
                name: "FK_Photos_Machines_MachineId",
                table: "Photos");

            migrationBuilder.DropForeignKey(
                name: "FK_PowerSteps_Machines_MachineId",
                table: "PowerSteps");

            migrationBuilder.DropForeignKey(
                name: "FK_Proofs_Machines_MachineId",
                table: "Proofs");

            migrationBuilder.DropForeignKey(
                name: "FK_Readings_Machines_MachineId",
                table: "Readings");

            migrationBuilder.DropForeignKey(
                name: "FK_StripConnectors_Machines_MachineId",
                table: "StripConnectors");

            migrationBuilder.DropForeignKey(
                name: "FK_StripConnectors_StripSteps_StepId",
                table: "StripConnectors");

            migrationBuilder.DropForeignKey(
                name: "FK_StripFasteners_Machines_MachineId",
                table: "StripFasteners");

            migrationBuilder.DropForeignKey(
                name: "FK_StripFasteners_StripSteps_StepId",
                table: "StripFasteners");

            migrationBuilder.DropForeignKey(
                name: "FK_StripSteps_Machines_MachineId",
                table: "StripSteps");

            migrationBuilder.DropTable(
                name: "Dangers");

            migrationBuilder.DropTable(
                name: "Reservations");

            migrationBuilder.DropIndex(
                name: "IX_Jobs_OrderId",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Rules",
                table: "Standings");

            migrationBuilder.DropColumn(
                name: "By",
                table: "Overrules");

            migrationBuilder.DropColumn(
                name: "Facts",
                table: "Overrules");

            migrationBuilder.DropColumn(
                name: "Outcome",
                table: "Overrules");

            migrationBuilder.DropColumn(
                name: "By",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "StaysDone",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Undoes",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "OrderId",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "SubjectId",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "OrderId",
                table: "Costs");

            migrationBuilder.AddColumn<int>(
                name: "Reserved",
                table: "Drawer",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddForeignKey(
                name: "FK_Answers_Machines_MachineId",
                table: "Answers",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Areas_Boards_BoardId",
                table: "Areas",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Areas_Machines_MachineId",
                table: "Areas",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Boards_Machines_MachineId",
                table: "Boards",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Boxes_Machines_MachineId",
                table: "Boxes",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Capacitors_Boards_BoardId",
                table: "Capacitors",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Capacitors_Machines_MachineId",
                table: "Capacitors",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Cells_Machines_MachineId",
                table: "Cells",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Closings_Machines_MachineId",
                table: "Closings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Costs_Machines_MachineId",
                table: "Costs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Findings_Machines_MachineId",
                table: "Findings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_HotParts_Boards_BoardId",
                table: "HotParts",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_HotParts_Machines_MachineId",
                table: "HotParts",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Items_Machines_MachineId",
                table: "Items",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Jobs_Machines_MachineId",
                table: "Jobs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Log_Machines_MachineId",
                table: "Log",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_MachinePacks_Machines_MachineId",
                table: "MachinePacks",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Nets_Boards_BoardId",
                table: "Nets",
                column: "BoardId",
                principalTable: "Boards",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Nets_Machines_MachineId",
                table: "Nets",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Observations_Machines_MachineId",
                table: "Observations",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Overrules_Machines_MachineId",
                table: "Overrules",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Photos_Machines_MachineId",
                table: "Photos",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_PowerSteps_Machines_MachineId",
                table: "PowerSteps",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Proofs_Machines_MachineId",
                table: "Proofs",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_Readings_Machines_MachineId",
                table: "Readings",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_StripConnectors_Machines_MachineId",
                table: "StripConnectors",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_StripConnectors_StripSteps_StepId",
                table: "StripConnectors",
                column: "StepId",
                principalTable: "StripSteps",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_StripFasteners_Machines_MachineId",
                table: "StripFasteners",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_StripFasteners_StripSteps_StepId",
                table: "StripFasteners",
                column: "StepId",
                principalTable: "StripSteps",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "FK_StripSteps_Machines_MachineId",
                table: "StripSteps",
                column: "MachineId",
                principalTable: "Machines",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);
        }
    }
}
