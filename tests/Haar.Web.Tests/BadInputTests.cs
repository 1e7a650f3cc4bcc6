using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>Whatever is sent: a sentence that says what was wrong; nothing half-written; never a 500.</summary>
public partial class BadInputTests
{
    [Theory]
    [InlineData("capacitors/judge", """{"spec":{"kind":"film","microfarads":-1},"readings":{}}""", "microfarads")]
    [InlineData("capacitors/judge", """{"spec":{"kind":"film","microfarads":1},"readings":{"esrOhms":-2}}""", "readings.esrOhms")]
    [InlineData("capacitors/judge", """{"spec":{"kind":"film","microfarads":NaN},"readings":{}}""", "spec.microfarads")]
    [InlineData(
        "capacitors/order",
        """{"needs":[{"key":"a","spec":{"kind":"film","microfarads":1},"role":"bulk","count":1},{"key":"b","count":NaN}],"offers":[],"suppliers":[]}""",
        "needs[1].count"
    )]
    [InlineData("capacitors/sitting", """{"repeats":[1,2.5,Infinity]}""", "repeats[2]")]
    [InlineData("capacitors/judge", """{"spec":{"kind":"plasma","microfarads":1},"readings":{}}""", "spec.kind")]
    [InlineData("capacitors/judge", """{"readings":{}}""", "spec")]
    [InlineData("capacitors/judge", """{"spec":{"kind":"film","microfarads":"4"},"readings":{}}""", "spec.microfarads")]
    [InlineData("capacitors/judge", """{"spec":null,"readings":{}}""", "spec")]
    [InlineData("capacitors/judge", "", "body")]
    [InlineData("capacitors/judge", "[", "body")]
    [InlineData("capacitors/substitute", """{"original":{"kind":"film","microfarads":1},"candidates":[]}""", "candidates")]
    [InlineData("capacitors/risk", """{"spec":{"kind":"film","microfarads":1},"madeYear":2090}""", "madeYear")]
    [InlineData("capacitors/life", """{"ratedHours":0,"ratedCelsius":105,"workingCelsius":40}""", "ratedHours")]
    [InlineData("markings/date-code", """{"code":"ab"}""", "code")]
    [InlineData("markings/date-code", """{"code":"9214","windowFromYear":1999,"windowToYear":1990}""", "windowTo")]
    [InlineData("markings/earliest-build", """{"codes":[]}""", "codes")]
    [InlineData("batteries/run-time", """{"chemistry":"lithiumPrimary","milliampHours":-5,"drainMicroamps":1}""", "milliampHours")]
    [InlineData(
        "batteries/options",
        """{"site":{"chemistry":"alkaline","windowLowVolts":5,"windowHighVolts":2}}""",
        "site.windowHighVolts"
    )]
    [InlineData("survey/rails", """{"rails":[]}""", "rails")]
    [InlineData("survey/rails", """{"rails":[{"name":"x","nominalVolts":0}]}""", "rails[0].nominalVolts")]
    [InlineData("survey/shorts", """{"rails":[{"name":"x","nominalVolts":5,"ohmsToGround":-1}]}""", "rails[0].ohmsToGround")]
    [InlineData("intake/triage", """{"boxes":[],"budgetMoney":1,"budgetHours":1}""", "boxes")]
    [InlineData(
        "intake/triage",
        """{"boxes":[{"id":"1","name":"a","parts":[],"money":{"low":9,"likely":5,"high":10},"hours":{"low":1,"likely":1,"high":1}}],"budgetMoney":1,"budgetHours":1}""",
        "boxes[0].money"
    )]
    [InlineData(
        "intake/triage",
        """{"boxes":[{"id":"1","name":"a","parts":[{"kind":"supply","state":"good"},{"kind":"supply","state":"missing"}],"money":{"low":1,"likely":1,"high":1},"hours":{"low":1,"likely":1,"high":1}}],"budgetMoney":1,"budgetHours":1}""",
        "boxes[0].parts"
    )]
    [InlineData(
        "intake/as-shipped",
        """{"configurations":[],"found":[{"slot":"drive","dateCode":"x"}],"yearFrom":1990,"yearTo":1990}""",
        "code"
    )]
    [InlineData("survey/checklist", """{"class":"level386","traits":[],"yearFrom":1995,"yearTo":1990}""", "yearTo")]
    [InlineData("survey/first-power", """{"class":"level386","traits":[],"supply":{"rails":[],"load":""}}""", "rails")]
    [InlineData("stripdown/rebuild-order", """{"pieces":[{"id":"1","number":1,"title":"a","behind":["9"]}]}""", "pieces")]
    [InlineData(
        "stripdown/reconcile",
        """{"fasteners":[{"id":"a","stepNumber":1,"stepTitle":"x","thread":"M3","lengthMillimetres":6,"head":"pan","count":1,"missingBefore":0,"hole":"","tray":"","pierces":"","returns":[{"count":2,"thread":"M3","lengthMillimetres":6,"head":"pan"}],"stepBack":true}]}""",
        "fasteners[0].returns"
    )]
    [InlineData("costs/go-on", """{"spent":-4,"expectation":{}}""", "spent")]
    [InlineData("proving/is-it-real", """{"before":[],"after":[1]}""", "before")]
    [InlineData("proving/is-it-real", """{"before":[1],"after":[1],"alpha":7}""", "alpha")]
    public async Task A_rule_asked_badly_names_the_field(string path, string json, string field)
    {
        await using var w = new Workshop();
        var (status, body) = await w.SendAsync(HttpMethod.Post, $"/api/calc/{path}", json);
        Assert.Equal(400, status);
        Assert.True(body["errors"]!.AsObject().ContainsKey(field), body.ToString());
        Assert.NotEmpty(body["errors"]![field]![0]!.GetValue<string>());
    }

    [Theory]
    [InlineData("GET", "/api/plan/tonight?hours=abc", "hours")]
    [InlineData("POST", "/api/plan/take", "body")]
    public async Task What_cannot_be_read_is_said_in_the_words_of_who_sent_it(string method, string path, string field)
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body) = await w.SendAsync(new(method), path, method == "POST" ? "" : null);
        Assert.Equal(400, status);
        var said = body["errors"]![field]![0]!.GetValue<string>();
        Assert.DoesNotContain("parameter", said, StringComparison.OrdinalIgnoreCase);
        Assert.EndsWith(".", said, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("yearFrom", 1969, 1990)]
    [InlineData("yearFrom", 2090, null)]
    [InlineData("yearTo", 1992, 1990)]
    public async Task A_machine_that_cannot_be_is_not_taken_in(string field, int from, int? to)
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body) = await w.PostAsync("/api/machines", Workshop.Machine(from: from, to: to));
        Assert.Equal(400, status);
        Assert.True(body["errors"]!.AsObject().ContainsKey(field));
        Assert.Empty((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
    }

    [Fact]
    public async Task Two_browsers_saving_the_same_machine_lose_nothing_unseen()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync("As it was");
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", Workshop.Machine("Mine"), 0)).Status);
        var (status, body) = await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", Workshop.Machine("Theirs"), 0);
        Assert.Equal(412, status);
        Assert.Equal("Mine", body["current"]!["name"]!.GetValue<string>());
        Assert.Equal(428, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", Workshop.Machine("Theirs"))).Status);
        Assert.Equal("Mine", (await w.GetAsync($"/api/machines/{id}"))["machine"]!["name"]!.GetValue<string>());
    }

    [Fact]
    public async Task Saved_in_the_very_same_moment_one_of_them_wins_and_the_other_is_told()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var statuses = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(async i => (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", Workshop.Machine($"Hand {i}"), 0)).Status)
        );
        Assert.Single(statuses, s => s == 200);
        Assert.All(statuses, s => Assert.Contains(s, new[] { 200, 409, 412 }));
    }

    [Fact]
    public async Task One_piece_in_the_drawer_is_set_aside_once()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Newsletter desktop");
        var part = (
            await w.DoAsync(
                "/api/drawer",
                new
                {
                    spec = new
                    {
                        kind = "aluminiumSurfaceMount",
                        microfarads = 47,
                        ratedVolts = 16,
                        maxCelsius = 105,
                    },
                    quantity = 1,
                    place = "Z9",
                    boughtOn = (string?)null,
                    price = (double?)null,
                }
            )
        )["id"]!.GetValue<string>();
        var caps = (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!
            .AsArray()
            .Where(c => c!["capacitor"]!["spec"]!["microfarads"]!.GetValue<double>() == 47)
            .Take(5)
            .Select(c => c!["capacitor"]!["id"]!.GetValue<string>())
            .ToList();
        var statuses = await Task.WhenAll(
            caps.Select(async c =>
                (
                    await w.PostAsync($"/api/machines/{id}/capacitors/{c}/reserve", new { partId = part, overruleReason = (string?)null })
                ).Status
            )
        );
        Assert.Single(statuses, s => s == 200);
        Assert.DoesNotContain(statuses, s => s >= 500);
    }

    [Theory]
    [InlineData("designator,marking\nC1,=HYPERLINK(\"http://x\")\n", "formula")]
    [InlineData("designator,marking\nC1,+SUM(1;2)\n", "formula")]
    [InlineData("designator,marking\nC1,banana\nC2,47 16V\n", "C1")]
    [InlineData("designator,marking\nC1,-47u\n", "negative")]
    [InlineData("designator,marking\nC1,47 16V\nC1,10u\n", "already")]
    [InlineData("colour,size\nC1,47\n", "first line")]
    [InlineData("", "empty")]
    [InlineData("designator,marking\n", "no rows")]
    [InlineData("designator,marking\nC1,470\n", "2 readings fit")]
    [InlineData("designator,marking,volts\nC1,47 16V,25\n", "16 V")]
    [InlineData("designator,marking,kind\nC1,47 16V,chocolate\n", "chocolate")]
    [InlineData("designator,marking,x\nC1,47 16V,7\n", "x must be")]
    public async Task A_list_is_taken_whole_or_not_at_all(string text, string part)
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        var (status, body) = await w.PostAsync($"/api/machines/{id}/boards/{board}/csv", new { text });
        Assert.Equal(400, status);
        Assert.Contains(part, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("Nothing was taken", body["detail"]!.GetValue<string>(), StringComparison.OrdinalIgnoreCase);
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!.AsArray());
    }

    [Fact]
    public async Task A_list_of_thirty_in_another_locale_is_taken_given_and_taken_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        async Task<string> Board(string name) =>
            (await w.DoAsync($"/api/machines/{id}/boards", new { name, photoId = (string?)null }))["id"]!.GetValue<string>();
        var text =
            "designator;marking;kind;height\n"
            + string.Join("\n", Enumerable.Range(1, 30).Select(i => $"C{i};4,7u 25V;aluminiumRadial;11,5"));
        var taken = await w.DoAsync($"/api/machines/{id}/boards/{await Board("One")}/csv", new { text });
        Assert.Equal(30, taken["count"]!.GetValue<int>());
        var caps = await w.GetAsync($"/api/machines/{id}/capacitors");
        Assert.Equal(
            (4.7, 11.5),
            (
                caps["capacitors"]![0]!["capacitor"]!["spec"]!["microfarads"]!.GetValue<double>(),
                caps["capacitors"]![0]!["capacitor"]!["spec"]!["heightMillimetres"]!.GetValue<double>()
            )
        );
        var given = await w.Client.GetStringAsync($"/api/machines/{id}/boards/{caps["boards"]![0]!["id"]!.GetValue<string>()}/csv");
        Assert.Equal(
            30,
            (await w.DoAsync($"/api/machines/{id}/boards/{await Board("Two")}/csv", new { text = given }))["count"]!.GetValue<int>()
        );
    }

    [Fact]
    public async Task A_list_of_a_million_rows_is_refused_quickly()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        var text = new StringBuilder("designator,marking\n");
        for (var i = 0; i < 1_000_000; i++)
        {
            text.Append('C').Append(i).Append(",47u\n");
        }
        var (status, body) = await w.PostAsync($"/api/machines/{id}/boards/{board}/csv", new { text = text.ToString() });
        Assert.Equal(400, status);
        Assert.Contains("at most", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_full_disk_is_said_and_what_was_there_is_safe()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync("Kept");
        // The same trouble as a full disk: the database may not grow by one page more.
        using (var scope = w.Services.CreateScope())
        {
            var interceptor = new Full();
            var options = new DbContextOptionsBuilder<HaarDb>()
                .UseSqlite(w.Services.GetRequiredService<DataFolder>().ConnectionString)
                .AddInterceptors(interceptor)
                .Options;
            await using var db = new HaarDb(options);
            var work = new Data.Log.UnitOfWork(db, TimeProvider.System, new Data.Log.Live());
            for (var i = 0; i < 400; i++)
            {
                db.Add(
                    new Core.Survey.Finding
                    {
                        Id = work.NewId(),
                        MachineId = Guid.Parse(id),
                        Seen = new string('x', 400),
                    }
                );
            }
            var e = await Assert.ThrowsAsync<DbUpdateException>(() => work.ActAsync(Guid.Parse(id), "Too much."));
            Assert.Equal(13, Assert.IsType<Microsoft.Data.Sqlite.SqliteException>(e.InnerException).SqliteErrorCode);
        }

        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]!.AsArray());
        Assert.Single((await w.GetAsync($"/api/machines/{id}/log")).AsArray());
        Assert.Equal(507, await Status(new DbUpdateException("x", new Microsoft.Data.Sqlite.SqliteException("full", 13))));
        Assert.Equal(507, await Status(new IOException("No space left on device")));

        static async Task<int> Status(Exception e)
        {
            var context = new Microsoft.AspNetCore.Http.DefaultHttpContext { Response = { Body = new MemoryStream() } };
            await new Http.Problems(Microsoft.Extensions.Logging.Abstractions.NullLogger<Http.Problems>.Instance).TryHandleAsync(
                context,
                e,
                default
            );
            return context.Response.StatusCode;
        }
    }

    sealed class Full : Microsoft.EntityFrameworkCore.Diagnostics.DbConnectionInterceptor
    {
        public override async Task ConnectionOpenedAsync(
            System.Data.Common.DbConnection connection,
            Microsoft.EntityFrameworkCore.Diagnostics.ConnectionEndEventData eventData,
            CancellationToken cancellationToken = default
        )
        {
            await using var c = connection.CreateCommand();
            c.CommandText = "PRAGMA max_page_count = 1";
            await c.ExecuteNonQueryAsync(cancellationToken);
        }
    }

    [Fact]
    public async Task Whatever_is_thrown_at_any_endpoint_is_never_a_500()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var document = JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;
        var machine = await w.DemoMachineAsync("House-clearance lot");
        var bodies = new[] { "", "{}", "[]", "null", "{\"a\":", "\"x\"", "{\"name\":null}", "{\"value\":1e999}", new string('[', 200) };
        var seen = 0;
        foreach (var (path, methods) in document["paths"]!.AsObject())
        {
            foreach (var (method, _) in methods!.AsObject())
            {
                foreach (var id in new[] { machine, Guid.Empty.ToString(), "..%2f" })
                {
                    var url = System.Text.RegularExpressions.Regex.Replace(path, "\\{[^}]+\\}", id);
                    // Where nothing lies there, it is the way there that is tried, not every body.
                    foreach (var body in method == "get" ? [""] : bodies.Take(id == machine ? bodies.Length : 2))
                    {
                        using var request = new HttpRequestMessage(new HttpMethod(method), url)
                        {
                            Content = method == "get" ? null : new StringContent(body, Encoding.UTF8, "application/json"),
                        };
                        using var response = await w.Client.SendAsync(request);
                        Assert.True(
                            (int)response.StatusCode is < 500 or 503,
                            $"{method} {url} with {body}: {(int)response.StatusCode} {await response.Content.ReadAsStringAsync()}"
                        );
                        seen++;
                    }
                }
            }
        }

        Assert.True(seen > 500);
    }

    [Fact]
    public async Task A_misspelled_field_is_named_and_a_wrong_word_gets_the_list_of_right_ones()
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body) = await w.PostAsync("/api/calc/markings/capacitor", new { text = "226C", knd = "film" });
        Assert.Equal(400, status);
        Assert.Contains("“knd” is no field of this", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        (status, body) = await w.PostAsync("/api/calc/markings/capacitor", new { text = "226C", kind = "tantalumm" });
        Assert.Equal(400, status);
        Assert.Contains("“kind” is one of: unknown, aluminiumRadial", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        (status, body) = await w.PostAsync("/api/calc/markings/earliest-build", new { codes = new[] { "9148", "9207", "xx" } });
        Assert.Equal(400, status);
        Assert.NotNull(body["errors"]!["codes[2]"]);
    }

    [Fact]
    public async Task A_quote_that_is_never_closed_swallows_no_rows_and_a_designator_is_letters_and_digits()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        async Task<string> Refused(string text)
        {
            var (status, body) = await w.PostAsync($"/api/machines/{id}/boards/{board}/csv", new { text });
            Assert.Equal(400, status);
            return body["detail"]!.GetValue<string>();
        }
        Assert.Contains(
            "Line 3: a quote",
            await Refused("designator,marking\nC1,47 16V\nC2,\"22 16V\nC3,10 25V\nC4,\"1 50V\"\n"),
            StringComparison.Ordinal
        );
        foreach (var bad in new[] { "-abc", "+1+1", "C 1", "C１", "C.1" })
        {
            Assert.Contains("letters and digits", await Refused($"designator,marking\n{bad},47 16V\n"), StringComparison.Ordinal);
        }
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!.AsArray());
    }

    [Fact]
    public async Task Slips_of_the_unit_and_negative_times_are_refused_where_they_are_kept()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var proof = (
            await w.DoAsync(
                $"/api/machines/{id}/proofs",
                new
                {
                    what = "Boot",
                    unit = "s",
                    better = "lower",
                    resolution = 0.1,
                }
            )
        )["id"]!.GetValue<string>();
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/proofs/{proof}/runs", new { side = "before", value = -3.0 })).Status);
        Assert.Equal((5.02, null), (Haar.Core.Meters.Slips.Of(502, 5), Haar.Core.Meters.Slips.Of(5.4, 5)));
        Assert.Equal(12.1, Haar.Core.Meters.Slips.Of(12100, 12));
        Assert.Null(Haar.Core.Meters.Slips.Of(0, 5));
    }
}
