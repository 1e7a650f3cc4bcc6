using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class Hazards : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Battery",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<string>(
                name: "MainsLead",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");

            migrationBuilder.AddColumn<string>(
                name: "Tube",
                table: "Machines",
                type: "TEXT",
                nullable: false,
                defaultValue: "NotKnown");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Battery",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "MainsLead",
                table: "Machines");

            migrationBuilder.DropColumn(
                name: "Tube",
                table: "Machines");
        }
    }
}
