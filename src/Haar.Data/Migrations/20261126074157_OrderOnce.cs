using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Haar.Data.Migrations
{
    /// <inheritdoc />
    public partial class OrderOnce : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Proposal",
                table: "Orders",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "SendingSince",
                table: "Orders",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_Orders_Proposal_SupplierId",
                table: "Orders",
                columns: new[] { "Proposal", "SupplierId" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Orders_Proposal_SupplierId",
                table: "Orders");

            migrationBuilder.DropColumn(
                name: "Proposal",
                table: "Orders");

            migrationBuilder.DropColumn(
                name: "SendingSince",
                table: "Orders");
        }
    }
}
