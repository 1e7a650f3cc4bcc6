using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class CaseRooms : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "ColourPolicy",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotDecided");

            migrationBuilder.AddColumn<Guid>(
                name: "FindingId",
                table: "CleanedItems",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Odour",
                table: "CleanedItems",
                type: "TEXT",
                nullable: false,
                defaultValue: "{\"ratings\":[],\"done\":[]}");

            migrationBuilder.AddColumn<Guid>(
                name: "PhotoId",
                table: "CleanedItems",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "PieceId",
                table: "CleanedItems",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Worth",
                table: "CleanedItems",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Keyboards",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    FromId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Switch = table.Column<string>(type: "TEXT", nullable: false),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    PictureId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Layout = table.Column<string>(type: "TEXT", nullable: false),
                    Corners = table.Column<string>(type: "TEXT", nullable: false),
                    Caps = table.Column<string>(type: "TEXT", nullable: false),
                    ItemId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Keyboards", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Keyboards_CleanedItems_ItemId",
                        column: x => x.ItemId,
                        principalTable: "CleanedItems",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_Keyboards_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "Mechanisms",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    FromId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    NominalRpm = table.Column<double>(type: "REAL", nullable: true),
                    HasBelt = table.Column<string>(type: "TEXT", nullable: false),
                    BeltPathMillimetres = table.Column<double>(type: "REAL", nullable: true),
                    Rails = table.Column<string>(type: "TEXT", nullable: false),
                    HoldsData = table.Column<string>(type: "TEXT", nullable: false),
                    NoiseBefore = table.Column<double>(type: "REAL", nullable: true),
                    CelsiusBefore = table.Column<double>(type: "REAL", nullable: true),
                    Done = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Mechanisms", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Mechanisms_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "SheetMetals",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    FromId = table.Column<Guid>(type: "TEXT", nullable: true),
                    RustedPercent = table.Column<double>(type: "REAL", nullable: true),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Coating = table.Column<string>(type: "TEXT", nullable: false),
                    Reach = table.Column<string>(type: "TEXT", nullable: false),
                    Leaked = table.Column<string>(type: "TEXT", nullable: false),
                    Working = table.Column<string>(type: "TEXT", nullable: false),
                    Bent = table.Column<string>(type: "TEXT", nullable: false),
                    SquareCentimetres = table.Column<double>(type: "REAL", nullable: false),
                    Coats = table.Column<int>(type: "INTEGER", nullable: false),
                    Paint = table.Column<string>(type: "TEXT", nullable: false),
                    CureHours = table.Column<double>(type: "REAL", nullable: false),
                    Sheet = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SheetMetals", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SheetMetals_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "WhiteningRuns",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    ItemId = table.Column<Guid>(type: "TEXT", nullable: false),
                    TargetB = table.Column<double>(type: "REAL", nullable: true),
                    Masked = table.Column<string>(type: "TEXT", nullable: false),
                    Repeats = table.Column<string>(type: "TEXT", nullable: false),
                    Sessions = table.Column<string>(type: "TEXT", nullable: false),
                    Readings = table.Column<string>(type: "TEXT", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WhiteningRuns", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WhiteningRuns_CleanedItems_ItemId",
                        column: x => x.ItemId,
                        principalTable: "CleanedItems",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_WhiteningRuns_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Keyboards_ItemId",
                table: "Keyboards",
                column: "ItemId");

            migrationBuilder.CreateIndex(
                name: "IX_Keyboards_MachineId",
                table: "Keyboards",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Mechanisms_MachineId",
                table: "Mechanisms",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_SheetMetals_MachineId",
                table: "SheetMetals",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_WhiteningRuns_ItemId",
                table: "WhiteningRuns",
                column: "ItemId");

            migrationBuilder.CreateIndex(
                name: "IX_WhiteningRuns_MachineId",
                table: "WhiteningRuns",
                column: "MachineId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Keyboards");

            migrationBuilder.DropTable(
                name: "Mechanisms");

            migrationBuilder.DropTable(
                name: "SheetMetals");

            migrationBuilder.DropTable(
                name: "WhiteningRuns");

            migrationBuilder.DropColumn(
                name: "ColourPolicy",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "FindingId",
                table: "CleanedItems");

            migrationBuilder.DropColumn(
                name: "Odour",
                table: "CleanedItems");

            migrationBuilder.DropColumn(
                name: "PhotoId",
                table: "CleanedItems");

            migrationBuilder.DropColumn(
                name: "PieceId",
                table: "CleanedItems");

            migrationBuilder.DropColumn(
                name: "Worth",
                table: "CleanedItems");
        }
    }
}
