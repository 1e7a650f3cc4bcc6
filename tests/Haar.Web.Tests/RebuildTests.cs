using System.Text.Json.Nodes;
using Haar.Core.Settings;
using UglyToad.PdfPig;

namespace Haar.Web.Tests;

/// <summary>What goes back, and when.</summary>
public partial class StripdownTests
{
    [Fact]
    public async Task The_order_is_from_the_record_and_a_piece_out_of_order_is_refused_with_the_reason()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var lid = await OffAsync(w, id, "Lid");
        var cage = await OffAsync(w, id, "Drive cage", [lid], "red edge up");
        var board = await OffAsync(w, id, "Main board", [cage], test: "Bare board beeps");
        var plan = (await w.GetAsync($"/api/machines/{id}/rebuild"))["plan"]!;
        Assert.Equal(
            ["Put back the main board", "Bare board beeps", "Put back the drive cage", "Put back the lid"],
            plan["steps"]!.AsArray().Select(s => s!["title"]!.GetValue<string>())
        );

        async Task<string> Refused(string stepId, bool twice = false)
        {
            var (status, body) = await w.PostAsync($"/api/machines/{id}/rebuild/{stepId}/back", new { secondLook = twice });
            Assert.Equal(400, status);
            return body["detail"]!.GetValue<string>();
        }

        Assert.Contains("board goes first", await Refused(cage, true), StringComparison.Ordinal);
        await w.DoAsync($"/api/machines/{id}/rebuild/{board}/back", new { secondLook = false });
        Assert.Contains("before it is tested", await Refused(cage, true), StringComparison.Ordinal);
        await w.DoAsync($"/api/machines/{id}/rebuild/{board}/tested", new { passed = true, said = "" });
        Assert.Contains("Look a second time", await Refused(cage), StringComparison.Ordinal);
        await w.DoAsync($"/api/machines/{id}/rebuild/{cage}/back", new { secondLook = true });
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/rebuild/{board}/out")).Status);
        var back = await w.DoAsync($"/api/machines/{id}/rebuild/{lid}/back", new { secondLook = false });
        Assert.Equal(
            "Everything is back in.",
            (await w.GetAsync($"/api/machines/{id}/rebuild"))["plan"]!["verdict"]!["sentence"]!.GetValue<string>()
        );
        await w.DoAsync($"/api/log/{back["logId"]!.GetValue<string>()}/undo");
        Assert.Single((await w.GetAsync($"/api/machines/{id}/rebuild"))["plan"]!["steps"]!.AsArray());
    }

    [Fact]
    public async Task A_long_screw_is_refused_and_one_put_back_twice_is_said()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var cage = await OffAsync(w, id, "Drive cage");
        var screws = await ScrewsAsync(w, id, cage, Screws(missing: 1, pierces: "the drive's board"));
        Task<(int Status, JsonNode Body)> In(int count, double length, string? store = null) =>
            w.PostAsync(
                $"/api/machines/{id}/rebuild/fasteners/{screws}",
                new
                {
                    count,
                    thread = "M3",
                    lengthMillimetres = length,
                    head = "pan",
                    fromStoreId = store,
                }
            );
        var (status, body) = await In(1, 12);
        Assert.Equal(400, status);
        Assert.Contains("could pierce the drive's board", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("not back in yet", (await In(4, 6)).Body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        await w.DoAsync($"/api/machines/{id}/rebuild/{cage}/back", new { secondLook = true });
        Assert.Equal(200, (await In(4, 6)).Status);
        Assert.Contains("counted twice", (await In(1, 6)).Body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        // The hole that was empty before is filled from the store, which then has one fewer.
        var spare = (
            await w.DoAsync(
                "/api/store/fasteners",
                new
                {
                    thread = "M3",
                    lengthMillimetres = 6,
                    head = "pan",
                    quantity = 2,
                    place = "F1",
                }
            )
        )["id"]!.GetValue<string>();
        var row = (await w.GetAsync($"/api/machines/{id}/rebuild"))["fasteners"]!["rows"]![0]!;
        Assert.Equal(spare, row["spares"]![0]!["id"]!.GetValue<string>());
        Assert.Equal(200, (await In(1, 6, spare)).Status);
        Assert.Equal(400, (await In(1, 6, spare)).Status);
        Assert.Equal(1, (await w.GetAsync("/api/store"))["fasteners"]![0]!["quantity"]!.GetValue<int>());
        var all = (await w.GetAsync($"/api/machines/{id}/rebuild"))["fasteners"]!;
        Assert.Equal((0, 5), (all["missingFromBefore"]!.GetValue<int>(), all["in"]!.GetValue<int>()));
    }

    [Fact]
    public async Task A_piece_that_still_cures_stays_off_until_it_is_over()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var job = (
            await w.DoAsync(
                $"/api/machines/{id}/jobs",
                new
                {
                    stage = "case",
                    title = "Try the hinge",
                    why = "",
                    needs = "",
                    minutes = 5,
                    after = Array.Empty<string>(),
                }
            )
        )["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/machines/{id}/jobs/{job}/state",
            new
            {
                state = "waiting",
                waitsFor = "glue curing",
                waitUntil = DateTimeOffset.UtcNow.AddHours(3),
            }
        );
        var stepId = Guid.NewGuid().ToString();
        await w.DoAsync(
            $"/api/machines/{id}/strip/steps",
            new
            {
                id = stepId,
                step = Step("Lid", after: job),
                at = (string?)null,
                by = "",
            }
        );
        var (status, body) = await w.PostAsync($"/api/machines/{id}/rebuild/{stepId}/back", new { secondLook = false });
        Assert.Equal((400, "Lid is not ready: glue curing."), (status, body["detail"]!.GetValue<string>()));
        await w.DoAsync(
            $"/api/machines/{id}/jobs/{job}/state",
            new
            {
                state = "done",
                waitsFor = (string?)null,
                waitUntil = (string?)null,
            }
        );
        await w.DoAsync($"/api/machines/{id}/rebuild/{stepId}/back", new { secondLook = false });
    }
}
