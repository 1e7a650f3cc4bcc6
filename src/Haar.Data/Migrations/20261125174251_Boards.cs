using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class Boards : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<Guid>(
                name: "BoardId",
                table: "Cells",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "X",
                table: "Cells",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "Y",
                table: "Cells",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "HeadroomMillimetres",
                table: "Capacitors",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "MinusBefore",
                table: "Capacitors",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<string>(
                name: "MinusPrinted",
                table: "Capacitors",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<string>(
                name: "Side",
                table: "Capacitors",
                type: "TEXT",
                nullable: false,
                defaultValue: "Front");

            migrationBuilder.AddColumn<string>(
                name: "Map",
                table: "Boards",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.CreateTable(
                name: "Areas",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    BoardId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Side = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    PhBefore = table.Column<double>(type: "REAL", nullable: true),
                    Outline = table.Column<string>(type: "TEXT", nullable: false),
                    Looks = table.Column<string>(type: "TEXT", nullable: false),
                    Treatment = table.Column<string>(type: "TEXT", nullable: false),
                    InspectOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    JobId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Areas", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Areas_Boards_BoardId",
                        column: x => x.BoardId,
                        principalTable: "Boards",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Areas_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "HotParts",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    BoardId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Side = table.Column<string>(type: "TEXT", nullable: false),
                    X = table.Column<double>(type: "REAL", nullable: true),
                    Y = table.Column<double>(type: "REAL", nullable: true),
                    Facts = table.Column<string>(type: "TEXT", nullable: false),
                    Fitted = table.Column<string>(type: "TEXT", nullable: true),
                    FittedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Load = table.Column<string>(type: "TEXT", nullable: false),
                    Fan = table.Column<string>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HotParts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_HotParts_Boards_BoardId",
                        column: x => x.BoardId,
                        principalTable: "Boards",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_HotParts_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "MachinePacks",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Facts = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_MachinePacks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_MachinePacks_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Nets",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    BoardId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    From = table.Column<string>(type: "TEXT", nullable: false),
                    To = table.Column<string>(type: "TEXT", nullable: false),
                    Side = table.Column<string>(type: "TEXT", nullable: false),
                    Path = table.Column<string>(type: "TEXT", nullable: false),
                    Trace = table.Column<string>(type: "TEXT", nullable: false),
                    Repair = table.Column<string>(type: "TEXT", nullable: false),
                    RepairedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Nets", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Nets_Boards_BoardId",
                        column: x => x.BoardId,
                        principalTable: "Boards",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Nets_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Orders",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    SupplierId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Supplier = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Lines = table.Column<string>(type: "TEXT", nullable: false),
                    Postage = table.Column<double>(type: "REAL", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    ExpectedOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    TheirNumber = table.Column<string>(type: "TEXT", nullable: false),
                    Trouble = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Orders", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Suppliers",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Postage = table.Column<double>(type: "REAL", nullable: false),
                    FreeFrom = table.Column<double>(type: "REAL", nullable: true),
                    Days = table.Column<int>(type: "INTEGER", nullable: false),
                    Offers = table.Column<string>(type: "TEXT", nullable: false),
                    ReadAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Suppliers", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Areas_BoardId",
                table: "Areas",
                column: "BoardId");

            migrationBuilder.CreateIndex(
                name: "IX_Areas_InspectOn",
                table: "Areas",
                column: "InspectOn");

            migrationBuilder.CreateIndex(
                name: "IX_Areas_MachineId",
                table: "Areas",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_HotParts_BoardId",
                table: "HotParts",
                column: "BoardId");

            migrationBuilder.CreateIndex(
                name: "IX_HotParts_MachineId",
                table: "HotParts",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_MachinePacks_MachineId",
                table: "MachinePacks",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Nets_BoardId",
                table: "Nets",
                column: "BoardId");

            migrationBuilder.CreateIndex(
                name: "IX_Nets_MachineId",
                table: "Nets",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Orders_State",
                table: "Orders",
                column: "State");
            // Standings count work that was not known before.
            migrationBuilder.Sql("UPDATE Standings SET StaleAt = 0;");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Areas");

            migrationBuilder.DropTable(
                name: "HotParts");

            migrationBuilder.DropTable(
                name: "MachinePacks");

            migrationBuilder.DropTable(
                name: "Nets");

            migrationBuilder.DropTable(
                name: "Orders");

            migrationBuilder.DropTable(
                name: "Suppliers");

            migrationBuilder.DropColumn(
                name: "BoardId",
                table: "Cells");

            migrationBuilder.DropColumn(
                name: "X",
                table: "Cells");

            migrationBuilder.DropColumn(
                name: "Y",
                table: "Cells");

            migrationBuilder.DropColumn(
                name: "HeadroomMillimetres",
                table: "Capacitors");

            migrationBuilder.DropColumn(
                name: "MinusBefore",
                table: "Capacitors");

            migrationBuilder.DropColumn(
                name: "MinusPrinted",
                table: "Capacitors");

            migrationBuilder.DropColumn(
                name: "Side",
                table: "Capacitors");

            migrationBuilder.DropColumn(
                name: "Map",
                table: "Boards");
        }
    }
}
