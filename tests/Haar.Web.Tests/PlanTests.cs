using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>The plan over real HTTP: the demo's machines carried on by three people, with a late parcel, a failed step and an evening missed.</summary>
public class PlanTests
{
    static Task<JsonNode> PlanAsync(Workshop w) => w.GetAsync("/api/plan");

    static JsonArray Tasks(JsonNode screen) => screen["plan"]!["tasks"]!.AsArray();

    static async Task<string> MachineAsync(Workshop w, string name) =>
        (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().First(m => m!["name"]!.GetValue<string>() == name)![
            "id"
        ]!.GetValue<string>();

    static string Of(JsonNode n, string field) => n[field]!.GetValue<string>();

    [Fact]
    public async Task Every_machine_is_planned_for_the_day_and_nothing_changed_keeps_the_plan()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var plan = await PlanAsync(w);
        Assert.Equal(7, plan["machines"]!.AsArray().Count);
        Assert.Empty(plan["plan"]!["unplanned"]!.AsArray());
        Assert.True(plan["plan"]!["gap"]!.GetValue<double>() < 0.2);
        Assert.All(Tasks(plan), t => Assert.Contains(Of(t!, "person"), new[] { "Ines", "Odd", "Tam" }));
        // Mains and tubes for who is trained alone.
        Assert.All(
            Tasks(plan).Where(t => t!["work"]!["skills"]!.AsArray().Any(s => s!.GetValue<string>() == "mains")),
            t => Assert.Equal("Ines", Of(t!, "person"))
        );
        Assert.Contains(Tasks(plan), t => t!["work"]!["skills"]!.AsArray().Any(s => s!.GetValue<string>() == "mains"));
        var again = await PlanAsync(w);
        Assert.Equal(plan["plan"]!.ToJsonString(), again["plan"]!.ToJsonString());
        // Four at once get the same.
        var four = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => PlanAsync(w)));
        Assert.All(four, p => Assert.Equal(plan["plan"]!["readyAt"]!.ToString(), p["plan"]!["readyAt"]!.ToString()));
        // What is first at the workshop is the plan's, unless a danger goes before it.
        var home = await w.GetAsync("/api/workshop");
        Assert.True(home["next"]!["act"]!["danger"]!.GetValue<bool>() || home["byPlan"] is not null);
    }

    [Fact]
    public async Task An_evening_missed_a_late_parcel_and_a_failed_step_are_planned_round_and_told()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var plan = await PlanAsync(w);
        var first = Tasks(plan).MinBy(t => Of(t!, "start"))!;
        var (person, day) = (Of(first, "person"), Of(first, "start")[..10]);
        var people = plan["people"]!.AsArray();
        var id = Of(people.First(p => Of(p!["person"]!, "name") == person)!["person"]!, "id");
        // An evening missed.
        await w.DoAsync($"/api/plan/people/{id}/day", new { day });
        var after = await PlanAsync(w);
        Assert.NotEmpty(after["plan"]!["moves"]!.AsArray());
        Assert.DoesNotContain(Tasks(after), t => Of(t!, "person") == person && Of(t!, "start").StartsWith(day, StringComparison.Ordinal));
        Assert.All(after["plan"]!["moves"]!.AsArray(), m => Assert.NotEqual("", Of(m!, "why")));
        // A late parcel: work that waits for it moves, and says that it is the wait.
        var laptop = await MachineAsync(w, "Pilot-launch laptop");
        var job = await w.DoAsync(
            $"/api/machines/{laptop}/jobs",
            new
            {
                stage = "parts",
                title = "Fit the drive caddy",
                why = "It came without one.",
                needs = "Driver",
                minutes = 20,
                after = Array.Empty<string>(),
            }
        );
        await PlanAsync(w);
        var until = DateTimeOffset.UtcNow.AddDays(6);
        await w.DoAsync(
            $"/api/machines/{laptop}/jobs/{Of(job, "id")}/state",
            new
            {
                state = "waiting",
                waitsFor = "the post",
                waitUntil = until,
            }
        );
        after = await PlanAsync(w);
        var caddy = Tasks(after).First(t => Of(t!, "title") == "Fit the drive caddy")!;
        Assert.True(DateTimeOffset.Parse(Of(caddy, "start"), System.Globalization.CultureInfo.InvariantCulture) >= until.AddMinutes(-1));
        Assert.Contains(
            after["plan"]!["moves"]!.AsArray(),
            m => Of(m!, "title") == "Fit the drive caddy" && Of(m!, "why") == "What it waits for comes later."
        );
        Assert.Contains((await w.GetAsync("/api/plan/waits")).AsArray(), x => Of(x!, "for") == "the post");
        // A step that did not come out stays in the plan; what was finished is timed.
        var next = Tasks(after).First(t => t!["work"]!["from"] is null && t["work"]!["skills"]!.AsArray().Count == 0)!;
        var who = Of(next, "person");
        var taken = await w.DoAsync(
            "/api/plan/take",
            new
            {
                machineId = Of(next, "machineId"),
                key = Of(next, "key"),
                person = who,
            }
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    "/api/plan/take",
                    new
                    {
                        machineId = Of(next, "machineId"),
                        key = Of(next, "key"),
                        person = "Tam",
                    }
                )
            ).Status
        );
        var running = (await PlanAsync(w))["running"]!.AsArray();
        Assert.Equal(who, Of(Assert.Single(running)!, "person"));
        Assert.Contains(Tasks(await PlanAsync(w)), t => Of(t!, "key") == Of(next, "key") && t!["pinned"]!.GetValue<bool>());
        var end = $"/api/plan/taken/{Of(taken, "id")}/end";
        // Two finish it at once: one does.
        var ends = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => w.PostAsync(end, new { end = "failed", takenMinutes = 25 })));
        Assert.Equal(1, ends.Count(e => e.Status == 200));
        after = await PlanAsync(w);
        Assert.Contains(Tasks(after), t => Of(t!, "key") == Of(next, "key"));
        Assert.Empty(after["running"]!.AsArray());
        Assert.Contains((await w.GetAsync($"/api/plan/tonight?person={who}"))["endedToday"]!.AsArray(), t => Of(t!, "end") == "failed");
    }

    [Fact]
    public async Task The_day_is_asked_a_thousand_times_and_a_better_plan_is_no_worse()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var plan = await PlanAsync(w);
        var better = await w.DoAsync("/api/plan/better");
        Assert.True(string.CompareOrdinal(Of(better["plan"]!, "readyAt"), Of(plan["plan"]!, "readyAt")) <= 0);
        Assert.True(string.CompareOrdinal(Of(better["plan"]!, "bound"), Of(better["plan"]!, "readyAt")) <= 0);
        var day = await w.GetAsync("/api/plan/day");
        var chance = day["chance"]!["now"]!["chance"]!.GetValue<double>();
        Assert.InRange(chance, 0, 1);
        Assert.Equal(7, day["machines"]!.AsArray().Count);
        Assert.All(day["machines"]!.AsArray(), m => Assert.True(m!["chance"]!.GetValue<double>() >= chance - 1e-9));
        Assert.Equal(17, day["daysLeft"]!.GetValue<int>());
    }

    [Fact]
    public async Task Something_else_keeps_to_the_time_the_hands_and_the_iron()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        async Task<JsonArray> ElseAsync(object ask) => (await w.DoAsync("/api/plan/else", ask))["choices"]!.AsArray();
        var all = await ElseAsync(new { person = "Ines" });
        Assert.NotEmpty(all);
        Assert.All(await ElseAsync(new { person = "Ines", mostMinutes = 10 }), c => Assert.True(c!["minutes"]!.GetValue<int>() <= 10));
        var seated = await ElseAsync(new { person = "Ines", seated = true });
        Assert.NotEmpty(seated);
        Assert.Equal(400, (await w.PostAsync("/api/plan/else", new { person = "Nobody" })).Status);
    }

    [Fact]
    public async Task People_are_said_changed_and_gone_and_what_cannot_be_is_a_sentence()
    {
        await using var w = await Workshop.OpenAsync();
        Assert.Null((await PlanAsync(w))["plan"]);
        Assert.Empty((await w.GetAsync("/api/plan/tonight"))["names"]!.AsArray());
        Assert.Null((await w.GetAsync("/api/plan/day"))["chance"]);
        object Person(string name, string from = "18:00:00", string to = "21:00:00") =>
            new
            {
                name,
                skills = new[] { "soldering" },
                avoids = Array.Empty<string>(),
                hours = new[]
                {
                    new
                    {
                        day = "monday",
                        from,
                        to,
                    },
                },
            };
        var id = Of(await w.DoAsync("/api/plan/people", Person("Ines")), "id");
        foreach (var bad in new[] { Person(""), Person("Ines"), Person("Odd", "21:00:00", "18:00:00"), Person(new string('x', 41)) })
        {
            Assert.Equal(400, (await w.PostAsync("/api/plan/people", bad)).Status);
        }
        Assert.Equal(400, (await w.PostAsync($"/api/plan/people/{id}/day", new { day = "2026-06-01", from = "18:00:00" })).Status);
        Assert.Equal(404, (await w.SendAsync(HttpMethod.Get, "/api/plan/tonight?person=Zoe", null)).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, $"/api/plan/people/{id}", null)).Status);
        Assert.Equal(404, (await w.SendAsync(HttpMethod.Delete, $"/api/plan/people/{id}", null)).Status);
        await w.DoAsync("/api/plan/places", new { name = "Bath" });
        Assert.Equal(400, (await w.PostAsync("/api/plan/places", new { name = "bath" })).Status);
        // Eight at once with one name: one of them is here.
        var said = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => w.PostAsync("/api/plan/people", Person("Tam"))));
        Assert.Equal([200, 400, 400, 400, 400, 400, 400, 400], said.Select(x => x.Status).Order());
    }

    [Fact]
    public async Task A_pin_holds_a_split_makes_goes_and_both_are_taken_back()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var task = Tasks(await PlanAsync(w)).First(t => t!["work"]!["skills"]!.AsArray().Count == 0 && t["work"]!["from"] is null)!;
        object Pin(string person, object? at = null, int split = 0) =>
            new
            {
                machineId = Of(task, "machineId"),
                key = Of(task, "key"),
                person,
                at,
                split,
            };
        await w.DoAsync("/api/plan/pin", Pin("Odd"));
        Assert.All(Tasks(await PlanAsync(w)).Where(t => Of(t!, "id") == Of(task, "id")), t => Assert.Equal("Odd", Of(t!, "person")));
        await w.DoAsync("/api/plan/pin", Pin("", split: 2));
        Assert.Equal(
            2,
            Tasks(await PlanAsync(w)).Count(t => Of(t!, "key") == Of(task, "key") && Of(t!, "machineId") == Of(task, "machineId"))
        );
        await w.DoAsync("/api/plan/pin", Pin(""));
        Assert.Empty((await PlanAsync(w))["pins"]!.AsArray());
        Assert.Equal(400, (await w.PostAsync("/api/plan/pin", Pin("", DateTimeOffset.UtcNow.AddDays(-1)))).Status);
        // Where nobody is at that hour it cannot be planned, and that is said.
        await w.DoAsync("/api/plan/pin", Pin("Odd", DateTimeOffset.UtcNow.Date.AddDays(2).AddHours(3)));
        Assert.NotEmpty((await PlanAsync(w))["plan"]!["unplanned"]!.AsArray());
    }

    [Fact]
    public async Task What_is_too_dear_is_set_aside_until_it_is_seen_at_its_price()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Lifeboat editor");
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/park/price", new { price = 10 })).Status);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/park", new { why = "Too dear", wakesBelow = -1 })).Status);
        await w.DoAsync(
            $"/api/machines/{id}/park",
            new
            {
                why = "Too dear",
                wakesFor = "a tested graphics card",
                wakesBelow = 25,
            }
        );
        async Task<string> WokenAsync() => Of(Assert.Single((await PlanAsync(w))["parked"]!.AsArray())!, "wokenBy");
        foreach (var price in new object?[] { null, -1, "x", 1e9 })
        {
            Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/park/price", new { price })).Status);
        }
        await w.DoAsync($"/api/machines/{id}/park/price", new { price = 40 });
        Assert.Equal("", await WokenAsync());
        var said = await w.DoAsync($"/api/machines/{id}/park/price", new { price = 24.5 });
        Assert.Equal("A tested graphics card was seen for 24.50.", await WokenAsync());
        Assert.Contains("24.50", Of(await w.GetAsync($"/api/machines/{id}/where"), "wokenBy"));
        Assert.Equal(
            "Set aside, and can go on.",
            Of((await w.GetAsync("/api/workshop"))["machines"]!.AsArray().Single(m => Of(m!, "id") == id)!, "headline")
        );
        // A price that was typed wrongly is taken back like any act.
        await w.DoAsync($"/api/log/{said["logId"]}/undo");
        Assert.Equal("", await WokenAsync());
    }

    [Fact]
    public async Task What_is_set_aside_neither_nags_nor_counts_and_wakes_by_its_part()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Lifeboat editor");
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/park", new { why = "" })).Status);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/park", new { why = "x", wakesOn = "2020-01-01" })).Status);
        await w.DoAsync($"/api/machines/{id}/park", new { why = "No supply that is to be trusted", wakesFor = "supply" });
        var plan = await PlanAsync(w);
        Assert.DoesNotContain(plan["machines"]!.AsArray(), m => Of(m!, "id") == id);
        Assert.Contains("in the store", Of(Assert.Single(plan["parked"]!.AsArray())!, "wokenBy"));
        Assert.Equal("Set aside.", Of((await w.GetAsync($"/api/machines/{id}"))["standing"]!, "headline"));
        // The workshop says so too, and does not count it.
        var screen = await w.GetAsync("/api/workshop");
        Assert.Equal("1", screen["counts"]!["setAside"]!.ToString());
        Assert.Contains("in the store", Of(screen["machines"]!.AsArray().Single(m => Of(m!, "id") == id)!, "detail"));
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/park", null)).Status);
        Assert.Contains((await PlanAsync(w))["machines"]!.AsArray(), m => Of(m!, "id") == id);
        // A day of its own is its deadline.
        var response = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/due",
            new
            {
                owner = "the lifeboat station",
                dueOn = DateTime.UtcNow.AddDays(4).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
            }
        );
        Assert.Equal(200, response.Status);
        Assert.Equal(id, Of((await PlanAsync(w))["machines"]![0]!, "id"));
    }

    [Fact]
    public async Task Coming_back_and_before_opening_each_have_their_page()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Fish-auction server");
        var where = await w.GetAsync($"/api/machines/{id}/where");
        Assert.NotEmpty(where["last"]!.AsArray());
        Assert.NotEmpty(where["trays"]!.AsArray());
        Assert.NotNull(where["planned"]);
        var before = await w.GetAsync($"/api/machines/{id}/before");
        var copy = before["lines"]!.AsArray().First(l => Of(l!, "key") == "drive")!;
        Assert.Equal("copy", Of(copy, "kind"));
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/before", new { key = "drive", skipped = true })).Status);
        await w.DoAsync(
            $"/api/machines/{id}/before",
            new
            {
                key = "drive",
                skipped = true,
                why = "both drives are dead",
            }
        );
        before = await w.GetAsync($"/api/machines/{id}/before");
        Assert.Equal("both drives are dead", Of(before["lines"]!.AsArray().First(l => Of(l!, "key") == "drive")!, "skipped"));
        // Kept, and said in the write-up.
        Assert.Contains(
            "Not copied before it was opened",
            (await w.GetAsync($"/api/machines/{id}/write-up")).ToJsonString(),
            StringComparison.Ordinal
        );
        var ics = await w.Client.GetStringAsync("/api/workshop/checks.ics");
        Assert.Contains("under the lamp", ics, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task What_runs_is_ended_also_when_its_machine_is_gone_and_an_undo_begins_nothing_twice()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var plan = await PlanAsync(w);
        var free = Tasks(plan)
            .Where(t =>
                t!["work"]!["skills"]!.AsArray().Count == 0 && t["work"]!["gives"]!.AsArray().Count == 0 && t["work"]!["from"] is null
            )
            .ToList();
        object Take(JsonNode t) =>
            new
            {
                machineId = Of(t, "machineId"),
                key = Of(t, "key"),
                person = "Odd",
            };
        var (one, other) = (free[0]!, free.First(t => Of(t!, "machineId") != Of(free[0]!, "machineId"))!);
        var first = await w.DoAsync("/api/plan/take", Take(one));
        Assert.Equal(400, (await w.PostAsync("/api/plan/take", Take(other))).Status);
        var ended = await w.DoAsync($"/api/plan/taken/{Of(first, "id")}/end", new { end = "done", takenMinutes = 12 });
        var second = await w.DoAsync("/api/plan/take", Take(other));
        // Back to running it would be the second thing that he does at once.
        var undone = await w.PostAsync($"/api/log/{Of(ended, "logId")}/undo");
        Assert.InRange(undone.Status, 400, 499);
        var gone = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{Of(other, "machineId")}", null);
        Assert.Equal(200, gone.Status);
        Assert.DoesNotContain((await PlanAsync(w))["machines"]!.AsArray(), m => Of(m!, "id") == Of(other, "machineId"));
        Assert.Equal(400, (await w.PostAsync("/api/plan/take", Take(one))).Status);
        await w.DoAsync(
            $"/api/plan/taken/{Of(second, "id")}/end",
            new
            {
                end = "unfinished",
                takenMinutes = 5,
                leftMinutes = 30,
            }
        );
        await w.DoAsync("/api/plan/take", Take(one));
    }

    [Fact]
    public async Task A_name_is_any_name_and_no_plan_breaks_on_it()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        foreach (var name in new[] { "Ines K. & sons <b>", "Übel \"X\" 😀", "a#b/c?d" })
        {
            await w.DoAsync(
                "/api/plan/people",
                new
                {
                    name,
                    skills = new[] { "soldering", "mains" },
                    avoids = Array.Empty<string>(),
                    hours = Enumerable
                        .Range(0, 7)
                        .Select(d => new
                        {
                            day = ((DayOfWeek)d).ToString().ToLowerInvariant(),
                            from = "00:00:00",
                            to = "23:59:00",
                        }),
                }
            );
            Assert.NotNull((await w.GetAsync($"/api/plan/tonight?person={Uri.EscapeDataString(name)}"))["evening"]);
        }
        Assert.Empty((await PlanAsync(w))["plan"]!["unplanned"]!.AsArray());
    }

    [Fact]
    public async Task Listed_work_that_is_ended_as_done_is_done_on_its_list_and_what_is_set_aside_is_not_begun()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var job = Tasks(await PlanAsync(w))
            .First(t => t!["work"]!["jobId"] is not null && t["work"]!["from"] is null && t["work"]!["skills"]!.AsArray().Count == 0)!;
        var machine = Of(job, "machineId");
        object take = new
        {
            machineId = machine,
            key = Of(job, "key"),
            person = "Ines",
        };
        await w.DoAsync($"/api/machines/{machine}/park", new { why = "No time" });
        Assert.Equal(400, (await w.PostAsync("/api/plan/take", take)).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, $"/api/machines/{machine}/park", null)).Status);
        var taken = await w.DoAsync("/api/plan/take", take);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{machine}/park", new { why = "No time" })).Status);
        await w.DoAsync($"/api/plan/taken/{Of(taken, "id")}/end", new { end = "done", takenMinutes = 14 });
        Assert.DoesNotContain(Tasks(await PlanAsync(w)), t => Of(t!, "id") == Of(job, "id"));
        var stage = await w.GetAsync($"/api/machines/{machine}/stages/{Of(job["work"]!, "stage")}");
        Assert.Equal("done", Of(stage["jobs"]!.AsArray().First(j => Of(j!, "id") == Of(job["work"]!, "jobId"))!, "state"));
    }

    [Fact]
    public async Task What_is_lent_goes_into_the_calendar_and_says_whose_it_is()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var day = DateOnly.FromDateTime(DateTime.UtcNow.AddDays(6));
        var part = await w.DoAsync(
            "/api/store/parts",
            new
            {
                kind = "drive with the harbour's accounts",
                fits = "SCSI",
                quantity = 1,
                state = "notKnown",
                place = "",
                cameFrom = "",
                owner = "the harbour master",
                dueOn = day,
            }
        );
        var id = await MachineAsync(w, "Fish-auction server");
        await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/due", new { owner = "the auction", dueOn = day });
        var calendar = await w.Client.GetStringAsync("/api/workshop/checks.ics");
        Assert.Contains(
            "goes back to the harbour master",
            calendar.Replace("\r\n ", "", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "Fish-auction server goes back to the auction",
            calendar.Replace("\r\n ", "", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
        var kept = (await w.GetAsync("/api/store"))["parts"]!.AsArray().First(p => Of(p!["part"]!, "id") == Of(part, "id"))!["part"]!;
        Assert.Equal("the harbour master", Of(kept, "owner"));
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    "/api/store/parts",
                    new
                    {
                        kind = "drive",
                        fits = "",
                        quantity = 1,
                        state = "notKnown",
                        place = "",
                        cameFrom = "",
                        owner = "",
                        dueOn = "0001-01-01",
                    }
                )
            ).Status
        );
    }
}
