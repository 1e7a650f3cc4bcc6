using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.StandIns.Suppliers;

namespace Haar.Web.Tests;

/// <summary>The order over all boards, with suppliers that answer as real ones do.</summary>
public class OrderTests
{
    static async Task<(Workshop, StandInSupplier)> OpenAsync()
    {
        var suppliers = new StandInSupplier(0);
        suppliers.Start();
        var w = await Workshop.OpenAsync(demo: true);
        foreach (var s in (await w.GetAsync("/api/suppliers")).AsArray())
        {
            var id = new Uri(s!["address"]!.GetValue<string>()).AbsolutePath;
            var (status, body) = await w.SendAsync(
                HttpMethod.Put,
                $"/api/suppliers/{s["id"]}",
                new
                {
                    name = s["name"]!.GetValue<string>(),
                    address = $"http://127.0.0.1:{suppliers.Port}{id}",
                    postage = s["postage"]!.GetValue<double>(),
                    freeFrom = s["freeFrom"]?.GetValue<double>(),
                    days = s["days"]!.GetValue<int>(),
                },
                s["version"]!.GetValue<int>()
            );
            Assert.True(status == 200, body.ToJsonString());
        }

        return (w, suppliers);
    }

    static async Task<JsonNode> SendAsync(Workshop w, double spare = 0)
    {
        var screen = await w.GetAsync($"/api/orders?spareShare={spare.ToString(System.Globalization.CultureInfo.InvariantCulture)}");
        return await w.DoAsync(
            "/api/orders/send",
            new
            {
                cost = screen["plan"]!["cost"]!.GetValue<double>(),
                spareShare = spare,
                spareLeast = 0,
                latestDays = (int?)null,
            }
        );
    }

    [Fact]
    public async Task What_went_out_is_not_undone_and_what_came_is_in_the_costs_of_the_machines_that_it_came_for()
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        var sent = await SendAsync(w);
        var (status, body) = await w.PostAsync($"/api/log/{sent["logId"]}/undo");
        Assert.Equal(409, status);
        Assert.Contains("close the order", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        var id = await w.DemoMachineAsync("Lifeboat editor");
        async Task<double> SpentAsync() => (await w.GetAsync($"/api/machines/{id}/costs"))["sum"]!["spent"]!.GetValue<double>();
        var before = await SpentAsync();
        foreach (var o in (await w.GetAsync("/api/orders"))["orders"]!.AsArray())
        {
            var arrived = o!["lines"]!
                .AsArray()
                .Where(l => l!["open"]!.GetValue<int>() > 0)
                .Select(l => new { sku = l!["sku"]!.GetValue<string>(), pieces = l["open"]!.GetValue<int>() })
                .ToArray();
            if (arrived.Length > 0)
            {
                await w.DoAsync($"/api/orders/{o["id"]}/arrived", new { arrived });
            }
        }
        Assert.True(await SpentAsync() > before);
        // Work that waited for one order waits no longer once that order is here, whatever its words are.
        Assert.DoesNotContain(
            (await w.GetAsync($"/api/machines/{id}/stages/boards"))["jobs"]!.AsArray(),
            j => j!["orderId"] is not null && j["state"]!.GetValue<string>() == "waiting"
        );
    }

    [Fact]
    public async Task The_drawer_is_shared_out_once_the_rest_ordered_sent_and_booked_in_for_what_waited()
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        var before = await w.GetAsync("/api/orders");
        var covered = before["drawer"]!.AsArray().Count;
        Assert.True(covered > 0);
        Assert.True(before["plan"]!["proven"]!.GetValue<bool>());
        Assert.True(before["needs"]!.AsArray().Count > 0);

        var aside = await w.DoAsync("/api/orders/set-aside");
        Assert.Empty((await w.GetAsync("/api/orders"))["drawer"]!.AsArray());
        foreach (var p in (await w.GetAsync("/api/drawer"))["parts"]!.AsArray())
        {
            Assert.True(p!["free"]!.GetValue<int>() >= 0);
        }
        // Set aside in one act, and put back in one.
        await w.DoAsync($"/api/log/{aside["logId"]}/undo");
        Assert.Equal(covered, (await w.GetAsync("/api/orders"))["drawer"]!.AsArray().Count);
        await w.DoAsync("/api/orders/set-aside");

        var sent = await SendAsync(w);
        Assert.Empty(sent["troubles"]!.AsArray());
        var screen = await w.GetAsync("/api/orders");
        var orders = screen["orders"]!.AsArray();
        Assert.NotEmpty(orders);
        Assert.All(orders, o => Assert.StartsWith("confirmed", o!["state"]!.GetValue<string>(), StringComparison.Ordinal));
        // Out of stock, fewer and refused substitutes are free to be ordered again; nothing in the post is.
        var awaited = orders
            .SelectMany(o => o!["lines"]!.AsArray())
            .SelectMany(l => l!["for"]!.AsArray().Select(f => f!.GetValue<string>()))
            .ToList();
        Assert.Equal(awaited.Count, awaited.Distinct().Count());
        var waits = (await w.GetAsync("/api/workshop"))["machines"]!
            .AsArray()
            .Select(m => m!.ToJsonString())
            .Count(s => s.Contains("capacitors in the post", StringComparison.Ordinal));
        Assert.True(waits > 0);

        var order = orders[0]!;
        var id = order["id"]!.GetValue<string>();
        await w.DoAsync($"/api/orders/{id}/ask");
        var lines = order["lines"]!.AsArray().Where(l => l!["state"]!.GetValue<string>() != "outOfStock").ToList();
        var half = lines[0]!;
        var pieces = half["confirmedPacks"]!.GetValue<int>() * half["packSize"]!.GetValue<int>();
        await w.DoAsync($"/api/orders/{id}/arrived", new { arrived = new[] { new { sku = half["sku"]!.GetValue<string>(), pieces } } });
        var after = (await w.GetAsync("/api/orders"))["orders"]!.AsArray().First(o => o!["id"]!.GetValue<string>() == id)!;
        Assert.Equal(lines.Count == 1 ? "here" : "partlyHere", after["state"]!.GetValue<string>());
        var cap = half["for"]!.AsArray().Select(f => f!.GetValue<string>()).FirstOrDefault();
        if (cap is not null)
        {
            var machine = (await w.GetAsync("/api/drawer"))["parts"]!
                .AsArray()
                .SelectMany(p => p!["for"]!.AsArray())
                .FirstOrDefault(f => f!["capacitorId"]!.GetValue<string>() == cap);
            Assert.NotNull(machine);
        }

        foreach (var o in (await w.GetAsync("/api/orders"))["orders"]!.AsArray())
        {
            var rest = o!["lines"]!
                .AsArray()
                .Where(l => l!["open"]!.GetValue<int>() > 0)
                .Select(l => new { sku = l!["sku"]!.GetValue<string>(), pieces = l["open"]!.GetValue<int>() })
                .ToArray();
            if (rest.Length > 0)
            {
                await w.DoAsync($"/api/orders/{o["id"]}/arrived", new { arrived = rest });
            }
        }

        Assert.DoesNotContain(
            (await w.GetAsync("/api/workshop"))["machines"]!.AsArray(),
            m => m!.ToJsonString().Contains("capacitors in the post", StringComparison.Ordinal)
        );
        using var csv = await w.Client.GetAsync($"/api/orders/{id}/csv");
        Assert.Contains("supplier,sku,part", await csv.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_parcel_on_another_day_moves_what_waits_for_it_and_undo_moves_it_back()
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        await SendAsync(w);
        async Task<List<JsonNode>> WaitsAsync(string order) =>
            [.. (await w.GetAsync("/api/plan/waits")).AsArray().Where(x => x!["orderId"]?.GetValue<string>() == order).Select(x => x!)];
        var orders = (await w.GetAsync("/api/orders"))["orders"]!.AsArray();
        var order = orders[0]!;
        var id = order["id"]!.GetValue<string>();
        var before = await WaitsAsync(id);
        Assert.NotEmpty(before);
        var day = DateOnly.Parse(order["expectedOn"]!.GetValue<string>(), System.Globalization.CultureInfo.InvariantCulture).AddDays(9);
        var (status, said) = await w.SendAsync(HttpMethod.Put, $"/api/orders/{id}/expected", new { expectedOn = day });
        Assert.True(status == 200, said.ToJsonString());
        Assert.All(
            await WaitsAsync(id),
            x => Assert.StartsWith(day.AddDays(1).ToString("yyyy-MM-dd"), x["until"]!.GetValue<string>(), StringComparison.Ordinal)
        );
        // The plan goes round it.
        var plan = await w.GetAsync("/api/plan");
        Assert.All(
            plan["plan"]!["tasks"]!.AsArray().Where(t => t!["work"]!["orderId"]?.GetValue<string>() == id),
            t => Assert.True(string.CompareOrdinal(t!["start"]!.GetValue<string>(), day.ToString("yyyy-MM-dd")) > 0)
        );
        await w.DoAsync($"/api/log/{said["logId"]}/undo");
        Assert.Equal(before.Select(x => x["until"]!.ToString()), (await WaitsAsync(id)).Select(x => x["until"]!.ToString()));
        // A day that is past, and an order of which nothing comes any more.
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Put, $"/api/orders/{id}/expected", new { expectedOn = "2020-01-01" })).Status);
        await w.DoAsync($"/api/orders/{id}/cancel");
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Put, $"/api/orders/{id}/expected", new { expectedOn = day })).Status);
    }

    [Fact]
    public async Task Four_presses_in_the_same_moment_send_one_order()
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        await w.DoAsync("/api/orders/set-aside");
        var plan = (await w.GetAsync("/api/orders"))["plan"]!;
        var parcels = plan["parcels"]!.AsArray().Count;
        var press = new
        {
            cost = plan["cost"]!.GetValue<double>(),
            spareShare = 0.0,
            spareLeast = 0,
            latestDays = (int?)null,
        };
        var pressed = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => w.PostAsync("/api/orders/send", press)));
        // One goes out. Whoever was as fast is told so; whoever was a little slower finds that the plan has moved.
        Assert.Single(
            pressed,
            p => p.Status == 200 && p.Body["sentence"]!.GetValue<string>().StartsWith("Ordered", StringComparison.Ordinal)
        );
        Assert.All(
            pressed,
            p =>
                Assert.True(
                    p.Status == 400
                        || p.Status == 200
                            && p.Body["sentence"]!.GetValue<string>().StartsWith("Ordered", StringComparison.Ordinal)
                            && p.Body["logId"]!.GetValue<Guid>() != Guid.Empty,
                    $"{p.Status} {p.Body}"
                )
        );
        var orders = (await w.GetAsync("/api/orders"))["orders"]!.AsArray();
        Assert.Equal(parcels, orders.Count);
        Assert.All(orders, o => Assert.Equal("confirmed", o!["state"]!.GetValue<string>()));
        Assert.Equal(parcels, suppliers.OrdersTaken);

        // What was called off can be ordered again, and is a new order then.
        var called = new List<string>();
        foreach (var o in orders)
        {
            called.Add((await w.DoAsync($"/api/orders/{o!["id"]}/cancel"))["logId"]!.GetValue<string>());
        }
        await SendAsync(w);
        Assert.Equal(2 * parcels, suppliers.OrdersTaken);
        // And no undo brings back beside it what was called off.
        foreach (var log in called)
        {
            Assert.NotEqual(200, (await w.PostAsync($"/api/log/{log}/undo", new { })).Status);
        }
    }

    [Theory]
    [InlineData("late", "did not answer within")]
    [InlineData("error", "an error (503)")]
    [InlineData("half", "half a document")]
    public async Task A_supplier_that_answers_late_wrong_or_by_half_loses_nothing_and_takes_the_order_once(string fault, string said)
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        await w.DoAsync("/api/orders/set-aside");
        using var plain = new HttpClient();
        var list = await w.GetAsync("/api/suppliers");
        foreach (var id in suppliers.Ids)
        {
            (await plain.PostAsync($"http://127.0.0.1:{suppliers.Port}/{id}/fault/{fault}", null)).Dispose();
        }
        var sent = await SendAsync(w);
        Assert.All(sent["troubles"]!.AsArray(), t => Assert.Contains(said, t!.GetValue<string>(), StringComparison.Ordinal));
        Assert.NotEmpty(sent["troubles"]!.AsArray());
        var order = (await w.GetAsync("/api/orders"))["orders"]![0]!;
        Assert.Equal("notSent", order["state"]!.GetValue<string>());
        // Nothing that is written down is offered for ordering again.
        Assert.DoesNotContain(
            (await w.GetAsync("/api/orders"))["needs"]!.AsArray(),
            n => order["lines"]!.AsArray().Any(l => l!["for"]!.AsArray().Count > 0 && n!["for"]!.AsArray().Count == 0)
        );
        await w.DoAsync($"/api/orders/{order["id"]}/send");
        var after = (await w.GetAsync("/api/orders"))["orders"]!
            .AsArray()
            .First(o => o!["id"]!.GetValue<string>() == order["id"]!.GetValue<string>())!;
        Assert.Equal("confirmed", after["state"]!.GetValue<string>());
        Assert.Equal("", after["trouble"]!.GetValue<string>());
        Assert.Equal(400, (await w.PostAsync($"/api/orders/{order["id"]}/send")).Status);

        // The same of its list: what was known before stands.
        var supplier = list[0]!;
        var path = new Uri(supplier["address"]!.GetValue<string>()).AbsolutePath;
        (await plain.PostAsync($"http://127.0.0.1:{suppliers.Port}{path}/fault/{fault}", null)).Dispose();
        var (status, body) = await w.PostAsync($"/api/suppliers/{supplier["id"]}/read");
        Assert.Equal(503, status);
        Assert.Contains(said, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.True((await w.GetAsync("/api/suppliers"))[0]!["offers"]!.GetValue<int>() > 0);
        await w.DoAsync($"/api/suppliers/{supplier["id"]}/read");
    }

    [Fact]
    public async Task A_plan_that_has_moved_is_not_sent_unseen_and_a_parcel_holds_only_what_can_be()
    {
        var (w, suppliers) = await OpenAsync();
        await using var _ = w;
        await using var __ = suppliers;
        var (status, body) = await w.PostAsync(
            "/api/orders/send",
            new
            {
                cost = 0.01,
                spareShare = 0.0,
                spareLeast = 0,
                latestDays = (int?)null,
            }
        );
        Assert.Equal(400, status);
        Assert.Contains("moved", body["errors"]!["cost"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await w.GetAsync("/api/orders"))["orders"]!.AsArray());
        await SendAsync(w);
        var order = (await w.GetAsync("/api/orders"))["orders"]![0]!;
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/orders/{order["id"]}/arrived",
                    new { arrived = new[] { new { sku = "nothing-like-it", pieces = 1 } } }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/orders/{order["id"]}/arrived",
                    new { arrived = new[] { new { sku = order["lines"]![0]!["sku"]!.GetValue<string>(), pieces = 100_000 } } }
                )
            ).Status
        );
        await w.DoAsync($"/api/orders/{order["id"]}/cancel");
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/orders/{order["id"]}/arrived",
                    new { arrived = new[] { new { sku = order["lines"]![0]!["sku"]!.GetValue<string>(), pieces = 1 } } }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_list_from_a_spreadsheet_of_another_country_is_read_and_a_bad_one_changes_nothing()
    {
        await using var w = await Workshop.OpenAsync();
        var id = (
            await w.DoAsync(
                "/api/suppliers",
                new
                {
                    name = "By post",
                    address = "",
                    postage = 3.5,
                    freeFrom = (double?)null,
                    days = 6,
                }
            )
        )["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/suppliers/{id}/csv",
            new
            {
                text = "sku;marking;kind;volts;pack;price;from2;price2\nX-1;4,7u;aluminiumRadial;25;1;0,32;10;0,19\nX-2;47 16V;aluminiumSurfaceMount;;10;1,9;;",
            }
        );
        Assert.Equal(2, (await w.GetAsync("/api/suppliers"))[0]!["offers"]!.GetValue<int>());
        var (status, body) = await w.PostAsync($"/api/suppliers/{id}/csv", new { text = "sku;marking;price\nX-1;47 16V;cheap" });
        Assert.Equal(400, status);
        Assert.Contains("Nothing was taken", body["errors"]!["text"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(2, (await w.GetAsync("/api/suppliers"))[0]!["offers"]!.GetValue<int>());
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    "/api/suppliers",
                    new
                    {
                        name = "x",
                        address = "file:///etc/passwd",
                        postage = 0,
                        freeFrom = (double?)null,
                        days = 1,
                    }
                )
            ).Status
        );
        Assert.Equal(400, (await w.PostAsync($"/api/suppliers/{id}/read")).Status);
    }

    [Fact]
    public async Task A_reserved_piece_taken_by_hand_frees_its_place_and_a_label_opens_its_count()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        await w.DoAsync("/api/orders/set-aside");
        var part = (await w.GetAsync("/api/drawer"))["parts"]!.AsArray().First(p => p!["part"]!["reserved"]!.GetValue<int>() > 0)!;
        var (id, reserved) = (part["part"]!["id"]!.GetValue<string>(), part["part"]!["reserved"]!.GetValue<int>());
        Assert.Equal(400, (await w.PostAsync($"/api/drawer/{id}/count", new { quantity = -1 })).Status);
        var said = await w.DoAsync($"/api/drawer/{id}/count", new { quantity = reserved - 1 });
        Assert.Contains("somebody took it", said["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        var after = (await w.GetAsync("/api/drawer"))["parts"]!.AsArray().First(p => p!["part"]!["id"]!.GetValue<string>() == id)!;
        Assert.Equal(
            (reserved - 1, reserved - 1, reserved - 1),
            (after["part"]!["quantity"]!.GetValue<int>(), after["part"]!["reserved"]!.GetValue<int>(), after["for"]!.AsArray().Count)
        );
        var pdf = await w.Client.GetByteArrayAsync("/api/drawer/labels.pdf");
        using var document = UglyToad.PdfPig.PdfDocument.Open(pdf);
        Assert.Contains("47 uF 16 V", document.GetPage(1).Text, StringComparison.Ordinal);
    }
}
