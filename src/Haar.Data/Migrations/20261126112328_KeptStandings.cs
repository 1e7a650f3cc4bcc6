using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class KeptStandings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "CapacitorStands",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Designator = table.Column<string>(type: "TEXT", nullable: false),
                    Stand = table.Column<string>(type: "TEXT", nullable: false),
                    Score = table.Column<double>(type: "REAL", nullable: false),
                    Sentence = table.Column<string>(type: "TEXT", nullable: false),
                    Next = table.Column<string>(type: "TEXT", nullable: true),
                    RemovedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Half = table.Column<bool>(type: "INTEGER", nullable: false),
                    Year = table.Column<int>(type: "INTEGER", nullable: false),
                    Rules = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CapacitorStands", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Jobs_Dependent",
                table: "Jobs",
                column: "State",
                filter: "\"After\" <> '[]'");

            migrationBuilder.CreateIndex(
                name: "IX_CapacitorStands_MachineId_Half",
                table: "CapacitorStands",
                columns: new[] { "MachineId", "Half" });

            migrationBuilder.CreateIndex(
                name: "IX_CapacitorStands_MachineId_Stand_Score",
                table: "CapacitorStands",
                columns: new[] { "MachineId", "Stand", "Score" });

            migrationBuilder.CreateIndex(
                name: "IX_CapacitorStands_MachineId_Year_Rules",
                table: "CapacitorStands",
                columns: new[] { "MachineId", "Year", "Rules" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "CapacitorStands");

            migrationBuilder.DropIndex(
                name: "IX_Jobs_Dependent",
                table: "Jobs");
        }
    }
}
