using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class ShelfAndMends : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Fits",
                table: "WhiteningRuns",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.CreateTable(
                name: "Mendings",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    FromId = table.Column<Guid>(type: "TEXT", nullable: true),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Crack = table.Column<string>(type: "TEXT", nullable: false),
                    Scratches = table.Column<string>(type: "TEXT", nullable: false),
                    Other = table.Column<string>(type: "TEXT", nullable: false),
                    Sheet = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Mendings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Mendings_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateTable(
                name: "Supplies",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Unit = table.Column<string>(type: "TEXT", nullable: false),
                    Counted = table.Column<double>(type: "REAL", nullable: false),
                    CountedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Tool = table.Column<bool>(type: "INTEGER", nullable: false),
                    OpenedOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    KeepsMonths = table.Column<int>(type: "INTEGER", nullable: true),
                    DaysToCome = table.Column<int>(type: "INTEGER", nullable: true),
                    Place = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Supplies", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "SupplyUses",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    SupplyId = table.Column<Guid>(type: "TEXT", nullable: false),
                    ForMachineId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Amount = table.Column<double>(type: "REAL", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SupplyUses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SupplyUses_Supplies_SupplyId",
                        column: x => x.SupplyId,
                        principalTable: "Supplies",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Mendings_MachineId",
                table: "Mendings",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Supplies_Kind",
                table: "Supplies",
                column: "Kind");

            migrationBuilder.CreateIndex(
                name: "IX_SupplyUses_SupplyId",
                table: "SupplyUses",
                column: "SupplyId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Mendings");

            migrationBuilder.DropTable(
                name: "SupplyUses");

            migrationBuilder.DropTable(
                name: "Supplies");

            migrationBuilder.DropColumn(
                name: "Fits",
                table: "WhiteningRuns");
        }
    }
}
