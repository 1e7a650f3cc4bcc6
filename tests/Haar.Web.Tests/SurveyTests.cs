using System.Text.Json.Nodes;
using Haar.Core.Settings;

namespace Haar.Web.Tests;

/// <summary>The list, what a bad answer sets going, and the eight steps of first power.</summary>
public class SurveyTests
{
    static object Answer(string answer, string note = "") =>
        new
        {
            answer,
            note,
            photoId = (string?)null,
        };

    [Fact]
    public async Task A_bad_answer_raises_the_finding_its_work_in_order_and_changes_the_list()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["internalMainsSupply", "barrelCell"]);
        await w.DoAsync($"/api/machines/{id}/checklist/barrel-cell", Answer("bad", "Green crust over two sockets."));
        var finding = (await w.GetAsync($"/api/machines/{id}/survey"))["findings"]![0]!["finding"]!;
        Assert.Equal("leakingCell", finding["kind"]!.GetValue<string>());
        var jobs = (await w.GetAsync($"/api/machines/{id}/stages/boards"))["jobs"]!.AsArray();
        Assert.Equal(3, jobs.Count);
        Assert.Equal(jobs[0]!["id"]!.GetValue<string>(), jobs[1]!["after"]![0]!.GetValue<string>());
        // Each is opened where it is done.
        var screens = (await w.GetAsync($"/api/machines/{id}/stages/boards"))["screens"]!;
        Assert.Equal(
            ["battery", "capacitors?mark=area", "capacitors"],
            jobs.Select(j => screens[j!["id"]!.GetValue<string>()]!.GetValue<string>())
        );
        Assert.Equal(jobs[1]!["id"]!.GetValue<string>(), jobs[2]!["after"]![0]!.GetValue<string>());
        var list = await w.GetAsync($"/api/machines/{id}/checklist");
        Assert.Contains(list["rows"]!.AsArray(), r => r!["item"]!["id"]!.GetValue<string>() == "leak-reach");
        Assert.Contains(list["refused"]!.AsArray(), r => r!["act"]!.GetValue<string>() == "Switching on");
        var next = (await w.GetAsync("/api/workshop"))["next"]!["act"]!;
        // Nobody cuts it out before it is asked what it keeps alive, on whatever way.
        Assert.Equal(("Say what the cell keeps alive", true), (next["title"]!.GetValue<string>(), next["danger"]!.GetValue<bool>()));
        var done = new
        {
            state = "done",
            waitsFor = (string?)null,
            waitUntil = (string?)null,
        };
        var job = jobs[0]!["id"]!.GetValue<string>();
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/jobs/{job}/state", done)).Status);
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/survey/findings/{finding["id"]!.GetValue<string>()}/dealt-with",
                    new { how = "Clipped out." }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/battery/step", new { step = "oldOut", overruleReason = (string?)null })).Status
        );
        await w.CellKeepsAsync(id, "nothing");
        next = (await w.GetAsync("/api/workshop"))["next"]!["act"]!;
        Assert.Equal(("Take the leaking cell out", true), (next["title"]!.GetValue<string>(), next["danger"]!.GetValue<bool>()));
        // The work done settles the finding, and power is free again.
        await w.DoAsync(
            $"/api/machines/{id}/jobs/{jobs[0]!["id"]!.GetValue<string>()}/state",
            new
            {
                state = "done",
                waitsFor = (string?)null,
                waitUntil = (string?)null,
            }
        );
        Assert.NotNull((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]![0]!["finding"]!["dealtWithAt"]);
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/checklist"))["refused"]!.AsArray());
        // Out in the survey is out on the battery's screen.
        Assert.NotNull((await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["oldOutAt"]);
    }

    [Fact]
    public async Task Out_on_the_batterys_screen_is_out_in_the_survey_and_a_leak_makes_the_cell()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["externalAdapter"]);
        Assert.Null((await w.GetAsync($"/api/machines/{id}/battery"))["cell"]);
        await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "leakingCell",
                place = "behind the lid",
                seen = "green crust",
                photoId = (string?)null,
            }
        );
        var cell = (await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!;
        Assert.Equal("yes", cell["site"]!["leaking"]!.GetValue<string>());
        Assert.Equal("notKnown", cell["site"]!["keeps"]!.GetValue<string>());
        await w.CellKeepsAsync(id);
        await w.DoAsync($"/api/machines/{id}/battery/step", new { step = "oldOut", overruleReason = (string?)null });
        Assert.NotNull((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]![0]!["finding"]!["dealtWithAt"]);
        Assert.Equal("done", (await w.GetAsync($"/api/machines/{id}/stages/boards"))["jobs"]![0]!["state"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_bad_answer_is_not_what_bad_looks_like()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var looks = (await w.GetAsync($"/api/machines/{id}/checklist"))["rows"]!
            .AsArray()
            .Single(r => r!["item"]!["id"]!.GetValue<string>() == "rodents")!["item"]!["looksLike"]!.GetValue<string>();
        await w.DoAsync($"/api/machines/{id}/checklist/rodents", Answer("bad"));
        var seen = (await w.GetAsync($"/api/machines/{id}/survey"))["findings"]![0]!["finding"]!["seen"]!.GetValue<string>();
        Assert.NotEqual(looks, seen);
        Assert.Contains("nobody has written down", seen, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_feeds_a_machine_is_asked_first_and_counts_as_mains_until_it_is_known()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        var head = await w.GetAsync($"/api/machines/{id}");
        Assert.Equal(
            ["pictureTube", "mainsSupply", "lineFilterCapacitor", "leakingCell"],
            head["cautions"]!.AsArray().Select(c => c!.GetValue<string>())
        );
        Assert.StartsWith("Unplug it", head["standing"]!["next"]!["title"]!.GetValue<string>(), StringComparison.Ordinal);
        var edit = JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(Workshop.Machine(traits: [])))!;
        (edit["mainsLead"], edit["tube"], edit["battery"]) = ("no", "no", "no");
        Assert.Equal(
            200,
            (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", edit, head["machine"]!["version"]!.GetValue<int>())).Status
        );
        head = await w.GetAsync($"/api/machines/{id}");
        Assert.Empty(head["cautions"]!.AsArray());
        Assert.StartsWith("Look it over", head["standing"]!["next"]!["title"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Droppings_bring_the_wet_branch_and_an_answer_taken_back_takes_its_work_along()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        await w.DoAsync($"/api/machines/{id}/checklist/rodents", Answer("bad"));
        var list = await w.GetAsync($"/api/machines/{id}/checklist");
        Assert.Contains(list["rows"]!.AsArray(), r => r!["item"]!["id"]!.GetValue<string>() == "wet-clean");
        Assert.Contains(list["refused"]!.AsArray(), r => r!["act"]!.GetValue<string>().StartsWith("Vacuuming", StringComparison.Ordinal));
        Assert.Equal(2, (await w.GetAsync($"/api/machines/{id}/stages/survey"))["jobs"]!.AsArray().Count);
        await w.DoAsync($"/api/machines/{id}/checklist/rodents", Answer("sound"));
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]!.AsArray());
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/stages/survey"))["jobs"]!.AsArray());
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{id}/checklist/warp-drive", Answer("sound"))).Status);
    }

    [Fact]
    public async Task The_last_answer_says_that_it_has_been_looked_over()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        foreach (var r in (await w.GetAsync($"/api/machines/{id}/checklist"))["rows"]!.AsArray())
        {
            await w.DoAsync($"/api/machines/{id}/checklist/{r!["item"]!["id"]!.GetValue<string>()}", Answer("sound"));
        }
        Assert.NotNull((await w.GetAsync($"/api/machines/{id}/survey"))["surveyedAt"]);
        Assert.Null((await w.GetAsync($"/api/machines/{id}/checklist"))["next"]);
    }

    [Fact]
    public async Task A_survey_is_closed_when_every_place_has_its_answer_or_by_name_with_what_is_left_out()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var (status, body) = await w.PostAsync($"/api/machines/{id}/survey/looked");
        Assert.Equal(400, status);
        Assert.Contains("have not been looked at", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Null((await w.GetAsync($"/api/machines/{id}/survey"))["surveyedAt"]);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/survey/looked", new { without = "   " })).Status);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/survey/looked", new { without = new string('x', 301) })).Status);

        await w.DoAsync($"/api/machines/{id}/checklist/case-cracks", Answer("sound"));
        var said = await w.DoAsync($"/api/machines/{id}/survey/looked", new { without = "The cover does not come off today." });
        Assert.Contains("without", said["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        var rows = (await w.GetAsync($"/api/machines/{id}/checklist"))["rows"]!.AsArray();
        Assert.All(rows, r => Assert.NotNull(r!["answer"]));
        Assert.Equal(
            "sound",
            rows.Single(r => r!["item"]!["id"]!.GetValue<string>() == "case-cracks")!["answer"]!["answer"]!.GetValue<string>()
        );
        Assert.Contains(rows, r => r!["answer"]!["note"]!.GetValue<string>() == "Left out: The cover does not come off today.");
        // Undone, nobody has looked.
        await w.DoAsync($"/api/log/{said["logId"]!.GetValue<string>()}/undo");
        Assert.Null((await w.GetAsync($"/api/machines/{id}/survey"))["surveyedAt"]);
        Assert.Single((await w.GetAsync($"/api/machines/{id}/checklist"))["rows"]!.AsArray(), r => r!["answer"] is not null);
    }

    [Fact]
    public async Task A_kind_brings_what_to_look_for_and_looking_makes_it_known()
    {
        await using var w = await Workshop.OpenAsync(demo: false);
        var kinds = (await w.GetAsync("/api/kinds")).AsArray();
        Assert.True(kinds.Count > 30);
        Assert.Equal(["kinds", "methods"], (await w.GetAsync("/api/packs")).AsArray().Select(p => p!["id"]!.GetValue<string>()));
        var id = (await w.DoAsync("/api/machines", Bare("Found in a shed", "compact-tube-68k")))["id"]!.GetValue<string>();
        var head = await w.GetAsync($"/api/machines/{id}");
        Assert.True(head["unidentified"]!.GetValue<bool>());
        Assert.Equal("level68k", head["machine"]!["class"]!.GetValue<string>());
        Assert.Empty(head["machine"]!["traits"]!.AsArray());
        Assert.Contains(head["cautions"]!.AsArray(), c => c!.GetValue<string>() == "pictureTube");
        var usual = await w.GetAsync($"/api/machines/{id}/usual");
        Assert.Equal(0, usual["hours"]!["fromOwn"]!.GetValue<int>());
        Assert.Contains(
            usual["open"]!.AsArray(),
            p => p!["trait"]!.GetValue<string>() == "coinCell" && p["how"]!.GetValue<string>() == "usual"
        );

        // Seen: it has a cell now, of the kind that is usual, and nobody knows what it keeps.
        await w.DoAsync($"/api/machines/{id}/checklist/coin-cell", Answer("sound"));
        var cell = (await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["site"]!;
        Assert.Equal((3.6, "notKnown"), (cell["nominalVolts"]!.GetValue<double>(), cell["keeps"]!.GetValue<string>()));
        // Looked for and not there: gone from the list, for good.
        await w.DoAsync($"/api/machines/{id}/checklist/floppy", Answer("notHere"));
        Assert.DoesNotContain(
            (await w.GetAsync($"/api/machines/{id}/checklist"))["rows"]!.AsArray(),
            r => r!["item"]!["id"]!.GetValue<string>() == "floppy"
        );
        Assert.Equal(400, (await w.PostAsync("/api/machines", Bare("Other", "no-such-kind"))).Status);
    }

    static object Bare(string name, string kindId) =>
        new
        {
            name,
            kind = "",
            model = "",
            @class = "unknown",
            yearFrom = (int?)null,
            yearTo = (int?)null,
            traits = Array.Empty<string>(),
            cameFrom = "",
            paid = (decimal?)null,
            claimed = "",
            recapSchool = "evidence",
            restorationSchool = "asShipped",
            kindId,
        };

    static readonly object Nothing = new
    {
        load = "",
        seen = "",
        heard = "",
        smelled = "",
        said = "",
    };

    static async Task ReadAsync(Workshop w, string id, string step, string quantity, double[] values)
    {
        string[] rails = ["+5 V", "+12 V", "−5 V", "−12 V"];
        foreach (var (rail, value) in rails.Zip(values))
        {
            await w.DoAsync(
                $"/api/machines/{id}/power/{step}/readings",
                new
                {
                    rail,
                    quantity,
                    value,
                    source = "typed",
                    instrument = quantity == "rippleVolts" ? "oscilloscope" : "multimeter",
                }
            );
        }
    }

    static Task<JsonNode> CloseAsync(Workshop w, string id, string step, object? notes = null) =>
        w.DoAsync(
            $"/api/machines/{id}/power/{step}/close",
            new
            {
                notes = notes ?? Nothing,
                confirmedCautions = true,
                failedBecause = (string?)null,
            }
        );

    [Fact]
    public async Task A_supply_read_without_a_load_is_kept_off_a_good_board()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["internalMainsSupply"]);
        await w.LookOverAsync(id);
        await ReadAsync(w, id, "shorts", "ohms", [60, 200, 300, 400]);
        await CloseAsync(w, id, "shorts");
        await CloseAsync(
            w,
            id,
            "supplyLook",
            new
            {
                load = "",
                seen = "Nothing.",
                heard = "",
                smelled = "",
                said = "",
            }
        );
        double[] volts = [5.02, 12.1, -5.1, -12.1];
        await ReadAsync(w, id, "supplyLoaded", "volts", volts);
        await ReadAsync(w, id, "supplyLoaded", "rippleVolts", [0.02, 0.05, 0.03, 0.04]);
        await CloseAsync(w, id, "supplyLoaded");
        var power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.Equal(
            ("idle", "no", "bareBoard"),
            (
                power["supply"]!["trust"]!.GetValue<string>(),
                power["verdict"]!["outcome"]!.GetValue<string>(),
                power["next"]!.GetValue<string>()
            )
        );
        var (status, body) = await w.PostAsync(
            $"/api/machines/{id}/power/bareBoard/readings",
            new
            {
                rail = "+5 V",
                quantity = "volts",
                value = 5,
                source = "typed",
            }
        );
        Assert.Equal(400, status);
        Assert.Contains("Idle only", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        // Taken again on a stated load, it is trusted.
        await w.DoAsync($"/api/machines/{id}/power/supplyLoaded/again");
        await w.DoAsync($"/api/machines/{id}/power/load", new { load = "2.0 A on +5, 1.0 A on +12" });
        // A minute is no test; ten are, read at their end.
        await w.OnLoadForAsync(id, 12);
        await ReadAsync(w, id, "supplyLoaded", "volts", volts);
        await CloseAsync(w, id, "supplyLoaded");
        power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.Equal(
            ("loaded", "yesIf"),
            (power["supply"]!["trust"]!.GetValue<string>(), power["verdict"]!["outcome"]!.GetValue<string>())
        );
        await ReadAsync(w, id, "bareBoard", "volts", volts);
        await ReadAsync(w, id, "bareBoard", "rippleVolts", [0.02, 0.05, 0.03, 0.04]);
        await CloseAsync(w, id, "bareBoard");
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/power/oneMemory/close",
                    new
                    {
                        notes = Nothing,
                        confirmedCautions = true,
                        failedBecause = (string?)null,
                    }
                )
            ).Status
        );
        await CloseAsync(
            w,
            id,
            "oneMemory",
            new
            {
                load = "",
                seen = "",
                heard = "One short beep.",
                smelled = "",
                said = "",
            }
        );
        await w.DoAsync(
            $"/api/machines/{id}/power/picture/close",
            new
            {
                notes = Nothing,
                confirmedCautions = true,
                failedBecause = "No picture",
            }
        );
        power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.Equal(("picture", "no"), (power["next"]!.GetValue<string>(), power["verdict"]!["outcome"]!.GetValue<string>()));
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/power/whatItSaid/close",
                    new
                    {
                        notes = Nothing,
                        confirmedCautions = true,
                        failedBecause = (string?)null,
                    }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/power/drives/close",
                    new
                    {
                        notes = Nothing,
                        confirmedCautions = true,
                        failedBecause = (string?)null,
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task An_idle_supply_can_be_overruled_with_a_reason_that_is_kept()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["internalMainsSupply"]);
        await w.LookOverAsync(id);
        await ReadAsync(w, id, "shorts", "ohms", [60, 200, 300, 400]);
        await CloseAsync(w, id, "shorts");
        await CloseAsync(
            w,
            id,
            "supplyLook",
            new
            {
                load = "",
                seen = "Nothing.",
                heard = "",
                smelled = "",
                said = "",
            }
        );
        await ReadAsync(w, id, "supplyLoaded", "volts", [5.02, 12.1, -5.1, -12.1]);
        await CloseAsync(w, id, "supplyLoaded");
        await w.DoAsync($"/api/machines/{id}/power/supplyLoaded/overrule", new { reason = "The board is scrap anyway." });
        var power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.Equal(("bareBoard", "yesIf"), (power["next"]!.GetValue<string>(), power["verdict"]!["outcome"]!.GetValue<string>()));
    }

    [Fact]
    public async Task What_it_said_is_kept_as_observations_and_struck_not_lost()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/observations",
                    new
                    {
                        kind = "memoryCount",
                        text = "lots",
                        kilobytes = (int?)null,
                        during = (string?)null,
                    }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/observations",
                    new
                    {
                        kind = "beep",
                        text = " ",
                        kilobytes = (int?)null,
                        during = (string?)null,
                    }
                )
            ).Status
        );
        var o = await w.DoAsync(
            $"/api/machines/{id}/observations",
            new
            {
                kind = "memoryCount",
                text = "8192 KB",
                kilobytes = 8192,
                during = "whatItSaid",
            }
        );
        Assert.Single((await w.GetAsync($"/api/machines/{id}/observations")).AsArray());
        await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/observations/{o["id"]!.GetValue<string>()}");
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/observations")).AsArray());
    }
}
