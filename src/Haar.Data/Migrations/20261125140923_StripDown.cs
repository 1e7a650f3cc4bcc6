using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class StripDown : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "OnLoadSince",
                table: "PowerSteps",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Donor",
                table: "Machines",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Expectation",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<string>(
                name: "Lot",
                table: "Machines",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "FindingId",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Settles",
                table: "Jobs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "Answers",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Item = table.Column<string>(type: "TEXT", nullable: false),
                    Answer = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    FindingId = table.Column<Guid>(type: "TEXT", nullable: true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Answers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Answers_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Boxes",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    ProfileId = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    Parts = table.Column<string>(type: "TEXT", nullable: false),
                    Money = table.Column<string>(type: "TEXT", nullable: false),
                    Hours = table.Column<string>(type: "TEXT", nullable: false),
                    Complete = table.Column<double>(type: "REAL", nullable: true),
                    Worth = table.Column<double>(type: "REAL", nullable: false),
                    Lock = table.Column<string>(type: "TEXT", nullable: false),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    BecameId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Boxes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Boxes_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Fasteners",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Thread = table.Column<string>(type: "TEXT", nullable: false),
                    LengthMillimetres = table.Column<double>(type: "REAL", nullable: false),
                    Head = table.Column<string>(type: "TEXT", nullable: false),
                    Quantity = table.Column<int>(type: "INTEGER", nullable: false),
                    Place = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Fasteners", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Items",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Slot = table.Column<string>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    Absent = table.Column<bool>(type: "INTEGER", nullable: false),
                    DateCode = table.Column<string>(type: "TEXT", nullable: false),
                    Evidence = table.Column<string>(type: "TEXT", nullable: false),
                    SaidFate = table.Column<string>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Items", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Items_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Observations",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    Kilobytes = table.Column<int>(type: "INTEGER", nullable: true),
                    During = table.Column<string>(type: "TEXT", nullable: true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Struck = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Observations", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Observations_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Store",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Fits = table.Column<string>(type: "TEXT", nullable: false),
                    Quantity = table.Column<int>(type: "INTEGER", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Place = table.Column<string>(type: "TEXT", nullable: false),
                    CameFrom = table.Column<string>(type: "TEXT", nullable: false),
                    DonorId = table.Column<Guid>(type: "TEXT", nullable: true),
                    ForMachineId = table.Column<Guid>(type: "TEXT", nullable: true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Store", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "StripSteps",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Lies = table.Column<string>(type: "TEXT", nullable: false),
                    Behind = table.Column<string>(type: "TEXT", nullable: false),
                    PhotoId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Marks = table.Column<string>(type: "TEXT", nullable: false),
                    WayRound = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    TestBeforeCovered = table.Column<string>(type: "TEXT", nullable: false),
                    ExchangedFor = table.Column<string>(type: "TEXT", nullable: false),
                    StaysOut = table.Column<bool>(type: "INTEGER", nullable: false),
                    AfterJobId = table.Column<Guid>(type: "TEXT", nullable: true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    BackAt = table.Column<long>(type: "INTEGER", nullable: true),
                    SecondLookAt = table.Column<long>(type: "INTEGER", nullable: true),
                    TestedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    TestSaid = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StripSteps", x => x.Id);
                    table.ForeignKey(
                        name: "FK_StripSteps_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "StripConnectors",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    StepId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Keyed = table.Column<string>(type: "TEXT", nullable: false),
                    WayRound = table.Column<string>(type: "TEXT", nullable: false),
                    Route = table.Column<string>(type: "TEXT", nullable: false),
                    Marks = table.Column<string>(type: "TEXT", nullable: false),
                    BackAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StripConnectors", x => x.Id);
                    table.ForeignKey(
                        name: "FK_StripConnectors_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_StripConnectors_StripSteps_StepId",
                        column: x => x.StepId,
                        principalTable: "StripSteps",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "StripFasteners",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    MachineId = table.Column<Guid>(type: "TEXT", nullable: false),
                    StepId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Thread = table.Column<string>(type: "TEXT", nullable: false),
                    LengthMillimetres = table.Column<double>(type: "REAL", nullable: true),
                    Head = table.Column<string>(type: "TEXT", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false),
                    MissingBefore = table.Column<int>(type: "INTEGER", nullable: false),
                    Hole = table.Column<string>(type: "TEXT", nullable: false),
                    Marks = table.Column<string>(type: "TEXT", nullable: false),
                    Tray = table.Column<string>(type: "TEXT", nullable: false),
                    Pierces = table.Column<string>(type: "TEXT", nullable: false),
                    Returns = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StripFasteners", x => x.Id);
                    table.ForeignKey(
                        name: "FK_StripFasteners_Machines_MachineId",
                        column: x => x.MachineId,
                        principalTable: "Machines",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_StripFasteners_StripSteps_StepId",
                        column: x => x.StepId,
                        principalTable: "StripSteps",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Answers_MachineId_Item",
                table: "Answers",
                columns: new[] { "MachineId", "Item" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Boxes_MachineId",
                table: "Boxes",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Items_MachineId",
                table: "Items",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Observations_MachineId",
                table: "Observations",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_Store_Kind",
                table: "Store",
                column: "Kind");

            migrationBuilder.CreateIndex(
                name: "IX_StripConnectors_MachineId",
                table: "StripConnectors",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_StripConnectors_StepId",
                table: "StripConnectors",
                column: "StepId");

            migrationBuilder.CreateIndex(
                name: "IX_StripFasteners_MachineId",
                table: "StripFasteners",
                column: "MachineId");

            migrationBuilder.CreateIndex(
                name: "IX_StripFasteners_StepId",
                table: "StripFasteners",
                column: "StepId");

            migrationBuilder.CreateIndex(
                name: "IX_StripSteps_MachineId_Number",
                table: "StripSteps",
                columns: new[] { "MachineId", "Number" },
                unique: true);

            // One step of first power for everything after the supply became five: the first of them is the bare board.
            migrationBuilder.Sql("UPDATE PowerSteps SET Kind = 'BareBoard' WHERE Kind = 'WholeBoard';");
            migrationBuilder.Sql("UPDATE Log SET Changes = replace(Changes, '\"wholeBoard\"', '\"bareBoard\"') WHERE Changes LIKE '%wholeBoard%';");
            // What is kept of every machine's standing is computed again.
            migrationBuilder.Sql("UPDATE Standings SET StaleAt = 0;");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Answers");

            migrationBuilder.DropTable(
                name: "Boxes");

            migrationBuilder.DropTable(
                name: "Fasteners");

            migrationBuilder.DropTable(
                name: "Items");

            migrationBuilder.DropTable(
                name: "Observations");

            migrationBuilder.DropTable(
                name: "Store");

            migrationBuilder.DropTable(
                name: "StripConnectors");

            migrationBuilder.DropTable(
                name: "StripFasteners");

            migrationBuilder.DropTable(
                name: "StripSteps");

            migrationBuilder.DropColumn(
                name: "OnLoadSince",
                table: "PowerSteps");

            migrationBuilder.DropColumn(
                name: "Donor",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "Expectation",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "Lot",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "FindingId",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Settles",
                table: "Jobs");
        }
    }
}
