using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class KnownBeforePower : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Instrument",
                table: "Readings",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<string>(
                name: "Found",
                table: "Dangers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.Sql(
                "UPDATE Dangers SET Found = (SELECT f.Kind FROM Findings f WHERE f.Id = Dangers.Subject) WHERE Kind = 'Finding'"
            );

            migrationBuilder.AddColumn<string>(
                name: "Harm",
                table: "CapacitorStands",
                type: "TEXT",
                nullable: false,
                defaultValue: "");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Instrument",
                table: "Readings");

            migrationBuilder.DropColumn(
                name: "Found",
                table: "Dangers");

            migrationBuilder.DropColumn(
                name: "Harm",
                table: "CapacitorStands");
        }
    }
}
