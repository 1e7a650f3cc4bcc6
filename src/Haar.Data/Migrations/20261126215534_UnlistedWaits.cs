using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class UnlistedWaits : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "UnlistedUntil",
                table: "Standings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_Standings_UnlistedUntil",
                table: "Standings",
                column: "UnlistedUntil",
                filter: "UnlistedUntil IS NOT NULL");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Standings_UnlistedUntil",
                table: "Standings");

            migrationBuilder.DropColumn(
                name: "UnlistedUntil",
                table: "Standings");
        }
    }
}
