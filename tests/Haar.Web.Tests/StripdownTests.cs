using System.Text.Json.Nodes;
using Haar.Core.Settings;
using UglyToad.PdfPig;

namespace Haar.Web.Tests;

/// <summary>The recorder, the order of the rebuild and the fasteners, over real HTTP.</summary>
public partial class StripdownTests
{
    static object Step(
        string title,
        string[]? behind = null,
        string kind = "other",
        string lies = "notKnown",
        string wayRound = "",
        string test = "",
        string? after = null,
        string? photo = null
    ) =>
        new
        {
            title,
            kind,
            lies,
            behind = behind ?? [],
            photoId = photo,
            marks = Array.Empty<object>(),
            wayRound,
            note = "",
            testBeforeCovered = test,
            exchangedFor = "",
            staysOut = false,
            afterJobId = after,
        };

    static object Screws(
        string thread = "M3",
        double? length = 6,
        int count = 4,
        int missing = 0,
        string tray = "C2",
        string pierces = ""
    ) =>
        new
        {
            thread,
            lengthMillimetres = length,
            head = "pan",
            count,
            missingBefore = missing,
            hole = "1 to 4",
            marks = Array.Empty<object>(),
            tray,
            pierces,
        };

    static async Task<string> OffAsync(Workshop w, string id, string title, string[]? behind = null, string wayRound = "", string test = "")
    {
        var stepId = Guid.NewGuid().ToString();
        await w.DoAsync(
            $"/api/machines/{id}/strip/steps",
            new
            {
                id = stepId,
                step = Step(title, behind, wayRound: wayRound, test: test),
                at = (string?)null,
                by = "test",
            }
        );
        return stepId;
    }

    static async Task<string> ScrewsAsync(Workshop w, string id, string stepId, object? fastener = null)
    {
        var fastenerId = Guid.NewGuid().ToString();
        await w.DoAsync($"/api/machines/{id}/strip/steps/{stepId}/fasteners", new { id = fastenerId, fastener = fastener ?? Screws() });
        return fastenerId;
    }

    [Fact]
    public async Task A_step_sent_twice_is_one_step_and_twenty_at_once_are_twenty()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var one = new
        {
            id = Guid.NewGuid().ToString(),
            step = Step("Lid"),
            at = (string?)null,
            by = "phone",
        };
        await w.DoAsync($"/api/machines/{id}/strip/steps", one);
        await w.DoAsync($"/api/machines/{id}/strip/steps", one);
        Assert.Single((await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray());
        await Task.WhenAll(
            Enumerable
                .Range(0, 20)
                .Select(i =>
                    w.DoAsync(
                        $"/api/machines/{id}/strip/steps",
                        new
                        {
                            id = Guid.NewGuid().ToString(),
                            step = Step($"Piece {i}"),
                            at = (string?)null,
                            by = i % 2 == 0 ? "phone" : "tablet",
                        }
                    )
                )
        );
        var steps = (await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray();
        Assert.Equal(Enumerable.Range(1, 21), steps.Select(s => s!["step"]!["number"]!.GetValue<int>()));
        Assert.Equal(21, steps.Select(s => s!["step"]!["title"]!.GetValue<string>()).Distinct().Count());
    }

    [Fact]
    public async Task A_loop_is_shown_with_what_to_correct_and_nothing_goes_back_until_it_is()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var a = await OffAsync(w, id, "Lid");
        var b = await OffAsync(w, id, "Cage", [a]);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/strip/steps/{a}", Step("Lid", [b]), 0)).Status);
        var plan = (await w.GetAsync($"/api/machines/{id}/rebuild"))["plan"]!;
        Assert.Equal(2, plan["loop"]!.AsArray().Count);
        Assert.StartsWith("The record contradicts itself", plan["verdict"]!["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/rebuild/{a}/back", new { secondLook = false })).Status);
        var (status, body) = await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/strip/steps/{a}", Step("Lid", [a]), 1);
        Assert.Equal((400, "A piece cannot sit behind itself."), (status, body["detail"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_step_that_others_refer_to_goes_only_when_they_are_mended()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var lid = await OffAsync(w, id, "Lid");
        var cage = await OffAsync(w, id, "Cage", [lid]);
        await ScrewsAsync(w, id, cage);
        var board = await OffAsync(w, id, "Board", [cage]);
        var (status, body) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/strip/steps/{cage}");
        Assert.Equal(400, status);
        Assert.Contains("Step 3 says that it sat behind step 2", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        var (gone, act) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/strip/steps/{cage}?mend=true");
        Assert.Equal(200, gone);
        var steps = (await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray();
        Assert.Equal(lid, steps.Single(s => s!["step"]!["id"]!.GetValue<string>() == board)!["step"]!["behind"]![0]!.GetValue<string>());
        await w.DoAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo");
        steps = (await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray();
        Assert.Equal(3, steps.Count);
        Assert.Single(steps[1]!["fasteners"]!.AsArray());
        Assert.Equal(cage, steps[2]!["step"]!["behind"]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task A_phone_that_returns_after_the_machine_was_taken_off_loses_nothing()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}");
        var late = new
        {
            id = Guid.NewGuid().ToString(),
            step = Step("Lid"),
            at = (string?)null,
            by = "phone",
        };
        var (status, body) = await w.PostAsync($"/api/machines/{id}/strip/steps", late);
        Assert.Equal(410, status);
        Assert.Contains("put the machine back on the list", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{Guid.NewGuid()}/strip/steps", late)).Status);
        await w.DoAsync($"/api/machines/{id}/put-back");
        await w.DoAsync($"/api/machines/{id}/strip/steps", late);
        Assert.Single((await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray());
    }

    [Fact]
    public async Task What_was_done_becomes_the_known_order_for_the_next_of_its_kind()
    {
        await using var w = await Workshop.OpenAsync();
        var first = await w.TakeInAsync("First");
        var lid = await OffAsync(w, first, "Lid");
        await ScrewsAsync(w, first, lid);
        await OffAsync(w, first, "Board", [lid], wayRound: "plug to the left");
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{first}/strip/profile", new { model = " " })).Status);
        await w.DoAsync($"/api/machines/{first}/strip/profile", new { model = "Osmere 12" });
        var second = (
            await w.DoAsync(
                "/api/machines",
                new
                {
                    name = "Second",
                    kind = "",
                    model = "Osmere 12",
                    @class = "unknown",
                    yearFrom = (int?)null,
                    yearTo = (int?)null,
                    traits = Array.Empty<string>(),
                    cameFrom = "",
                    paid = (int?)null,
                    claimed = "",
                    recapSchool = "evidence",
                    restorationSchool = "asShipped",
                }
            )
        )["id"]!.GetValue<string>();
        var strip = await w.GetAsync($"/api/machines/{second}/strip");
        Assert.Equal(
            ("Lid", 1, 2),
            (strip["hint"]!["title"]!.GetValue<string>(), strip["hintNumber"]!.GetValue<int>(), strip["hintCount"]!.GetValue<int>())
        );
        Assert.Equal(4, strip["hint"]!["fasteners"]![0]!["count"]!.GetValue<int>());
        var off = await OffAsync(w, second, "Lid");
        strip = await w.GetAsync($"/api/machines/{second}/strip");
        Assert.Equal("plug to the left", strip["hint"]!["wayRound"]!.GetValue<string>());
        Assert.Equal(off, strip["hintBehind"]!.AsArray().Single()!.GetValue<string>());
    }

    [Fact]
    public async Task Labels_are_a_sheet_with_a_code_for_each_tray()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Fish-auction server");
        using var response = await w.Client.GetAsync($"/api/machines/{id}/strip/labels.pdf?skip=20");
        Assert.Equal("application/pdf", response.Content.Headers.ContentType!.MediaType);
        using var pdf = PdfDocument.Open(await response.Content.ReadAsByteArrayAsync());
        Assert.Equal(2, pdf.NumberOfPages);
        var text = string.Join(' ', pdf.GetPages().Select(p => p.Text));
        foreach (var tray in new[] { "A1", "A2", "B1", "B2", "B3", "C1", "C2", "C3" })
        {
            Assert.Contains(tray, text, StringComparison.Ordinal);
        }
        Assert.Contains("4 × M3 × 6 pan", text, StringComparison.Ordinal);
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Get, $"/api/machines/{id}/strip/labels.pdf?skip=24")).Status);
    }

    [Fact]
    public async Task Nothing_on_is_looked_for_in_this_machines_own_record_and_each_look_shortens_it()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var stepId = Guid.NewGuid().ToString();
        await w.DoAsync(
            $"/api/machines/{id}/strip/steps",
            new
            {
                id = stepId,
                step = Step("Memory module", kind: "module"),
                at = (string?)null,
                by = "x",
            }
        );
        await w.DoAsync($"/api/machines/{id}/rebuild/{stepId}/back", new { secondLook = false });
        await w.DoAsync(
            $"/api/machines/{id}/observations",
            new
            {
                kind = "beep",
                text = "three long",
                kilobytes = (int?)null,
                during = (string?)null,
            }
        );
        var screen = await w.GetAsync($"/api/machines/{id}/rebuild/nothing-on");
        Assert.Equal("beepsOnly", screen["silence"]!.GetValue<string>());
        var check = screen["checks"]![0]!["id"]!.GetValue<string>();
        Assert.Equal($"{stepId}:seat", check);
        await w.DoAsync($"/api/machines/{id}/rebuild/nothing-on/{Uri.EscapeDataString(check)}", new { right = true });
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/rebuild/nothing-on"))["checks"]!.AsArray());
        Assert.Equal(
            404,
            (await w.PostAsync($"/api/machines/{id}/rebuild/nothing-on/{Uri.EscapeDataString(check)}", new { right = true })).Status
        );
        // Taken out and put back, it is doubtful again.
        await w.DoAsync($"/api/machines/{id}/rebuild/{stepId}/out");
        await w.DoAsync($"/api/machines/{id}/rebuild/{stepId}/back", new { secondLook = false });
        Assert.Equal(check, (await w.GetAsync($"/api/machines/{id}/rebuild/nothing-on"))["checks"]![0]!["id"]!.GetValue<string>());
    }

    [Fact]
    public async Task One_device_hears_of_the_others_step_at_once()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        // So that it ends at all where nothing is heard.
        using var cancel = new CancellationTokenSource(TimeSpan.FromMinutes(3));
        using var response = await w.Client.GetAsync("/api/live", HttpCompletionOption.ResponseHeadersRead, cancel.Token);
        Assert.Equal("text/event-stream", response.Content.Headers.ContentType!.MediaType);
        using var reader = new StreamReader(await response.Content.ReadAsStreamAsync(cancel.Token));
        while (await reader.ReadLineAsync(cancel.Token) != ": here") { }
        await OffAsync(w, id, "Lid");
        string? line;
        do
        {
            line = await reader.ReadLineAsync(cancel.Token);
        } while (line is not null && !line.StartsWith("data:", StringComparison.Ordinal));
        Assert.Equal($"data: {id}", line);
    }

    [Theory]
    [InlineData(
        """{"thread":"","lengthMillimetres":6,"head":"","count":1,"missingBefore":0,"hole":"","marks":[],"tray":"","pierces":""}""",
        "thread"
    )]
    [InlineData(
        """{"thread":"M3","lengthMillimetres":-6,"head":"","count":1,"missingBefore":0,"hole":"","marks":[],"tray":"","pierces":""}""",
        "lengthMillimetres"
    )]
    [InlineData(
        """{"thread":"M3","lengthMillimetres":6,"head":"","count":0,"missingBefore":0,"hole":"","marks":[],"tray":"","pierces":""}""",
        "count"
    )]
    [InlineData(
        """{"thread":"M3","lengthMillimetres":6,"head":"","count":1,"missingBefore":0,"hole":"","marks":[{"x":2,"y":0,"text":"1"}],"tray":"","pierces":""}""",
        "marks"
    )]
    public async Task A_fastener_that_cannot_be_names_its_field(string json, string field)
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var step = await OffAsync(w, id, "Lid");
        var (status, body) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/strip/steps/{step}/fasteners",
            $$"""{"id":"{{Guid.NewGuid()}}","fastener":{{json}}}"""
        );
        Assert.Equal(400, status);
        Assert.True(body["errors"]!.AsObject().ContainsKey(field), body.ToString());
    }
}
