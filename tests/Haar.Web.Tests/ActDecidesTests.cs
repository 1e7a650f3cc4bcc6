using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>What was true when a screen was drawn may be false when its button is pressed: the act asks again, on every way in.</summary>
public partial class ActDecidesTests
{
    static string Text(JsonNode body) => body["detail"]?.GetValue<string>() ?? body.ToJsonString();

    static async Task RefusedAsync(Task<(int Status, JsonNode Body)> act, string because, int status = 400)
    {
        var (got, body) = await act;
        Assert.True(got == status, $"{got} {body}");
        Assert.Contains(because, Text(body), StringComparison.OrdinalIgnoreCase);
    }

    // ---- cells

    static object Site(string charges, double? chargeVolts = null, string keeps = "settings") =>
        new
        {
            place = "beside the keyboard plug",
            site = new
            {
                chemistry = "lithiumPrimary",
                nominalVolts = 3.0,
                charges,
                chargeVolts,
                windowLowVolts = 2.0,
                windowHighVolts = 5.0,
                drainMicroamps = 2.0,
                keeps,
                coinHolder = true,
                roomForHolder = "yes",
            },
        };

    static async Task SiteAsync(Workshop w, string id, object edit)
    {
        var cell = (await w.GetAsync($"/api/machines/{id}/battery"))["cell"];
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/battery",
            edit,
            cell is null ? null : cell["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToJsonString());
    }

    static Task<(int, JsonNode)> CellAsync(Workshop w, string id, string step, string? why = null) =>
        w.PostAsync($"/api/machines/{id}/battery/step", new { step, overruleReason = why });

    static Task<(int, JsonNode)> ChooseAsync(Workshop w, string id, string kind, string? why = null) =>
        w.PostAsync($"/api/machines/{id}/battery/choose", new { kind, overruleReason = why });

    [Fact]
    public async Task A_bare_coin_chosen_for_a_line_that_does_not_charge_is_not_fitted_once_it_does()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await SiteAsync(w, id, Site("no"));
        Assert.Equal(200, (await ChooseAsync(w, id, "coinInHolder")).Item1);
        Assert.Equal(200, (await CellAsync(w, id, "oldOut")).Item1);
        await SiteAsync(w, id, Site("yes", 4.2));
        await RefusedAsync(CellAsync(w, id, "fitted"), "charg");
        await RefusedAsync(CellAsync(w, id, "fitted", "I know better"), "charg");
        Assert.Null((await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["fittedAt"]);
    }

    [Fact]
    public async Task A_fitted_coin_on_a_line_that_turns_out_to_charge_is_a_danger_that_stops_power()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await SiteAsync(w, id, Site("no"));
        await ChooseAsync(w, id, "coinInHolder");
        await CellAsync(w, id, "oldOut");
        Assert.Equal(200, (await CellAsync(w, id, "fitted")).Item1);
        await SiteAsync(w, id, Site("yes", 4.2));
        var power = (await w.GetAsync($"/api/machines/{id}/power"))["verdict"]!;
        Assert.Equal("no", power["outcome"]!.GetValue<string>());
        Assert.Contains("cell", power.ToJsonString(), StringComparison.Ordinal);
        var next = (await w.GetAsync($"/api/machines/{id}"))["standing"]!["next"]!;
        Assert.True(next["danger"]!.GetValue<bool>(), next.ToJsonString());
        // Taking it out again is what answers it.
        Assert.Equal(200, (await CellAsync(w, id, "outAgain")).Item1);
        Assert.NotEqual("no", (await w.GetAsync($"/api/machines/{id}/power"))["verdict"]!["outcome"]!.GetValue<string>());
    }

    [Fact]
    public async Task What_was_refused_is_not_fitted_either_and_what_is_fitted_is_not_rewritten_by_a_choice()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await SiteAsync(w, id, Site("no"));
        await ChooseAsync(w, id, "coinInHolder");
        await CellAsync(w, id, "oldOut");
        await CellAsync(w, id, "fitted");
        await RefusedAsync(ChooseAsync(w, id, "holderOnLead", "another after all"), "fitted");
        Assert.Equal("coinInHolder", (await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["chosen"]!.GetValue<string>());
    }

    [Fact]
    public async Task An_overrule_of_a_choice_holds_only_on_the_facts_that_it_was_given_on()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        // Nobody knows whether the line charges: a coin is a guess, and a person may make it.
        await SiteAsync(w, id, Site("notKnown"));
        var options = (await w.GetAsync($"/api/machines/{id}/battery"))["plan"]!["options"]!.AsArray();
        var refused = options.First(o =>
            o!["verdict"]!["outcome"]!.GetValue<string>() is "no" or "unknown" && o["verdict"]!["mayBeOverruled"]!.GetValue<bool>()
        )!["kind"]!.GetValue<string>();
        Assert.Equal(400, (await ChooseAsync(w, id, refused)).Item1);
        Assert.Equal(200, (await ChooseAsync(w, id, refused, "The owner wants it so.")).Item1);
        Assert.Equal(200, (await CellAsync(w, id, "oldOut")).Item1);
        await SiteAsync(w, id, Site("yes", 9));
        Assert.Equal(400, (await CellAsync(w, id, "fitted")).Item1);
    }

    // ---- capacitors

    static object Capacitor(string designator, string marking, string role = "bulk") =>
        new
        {
            designator,
            marking,
            kind = "aluminiumRadial",
            role,
            ratedVolts = (double?)null,
            maxCelsius = 105.0,
            diameterMillimetres = (double?)null,
            heightMillimetres = (double?)null,
            leadPitchMillimetres = (double?)null,
            signs = Array.Empty<string>(),
            x = 0.5,
            y = 0.5,
            side = "front",
            minusBefore = "up",
            minusPrinted = "notKnown",
            headroomMillimetres = (double?)null,
        };

    static async Task<(string Machine, string Board, string BoardLog)> BoardAsync(Workshop w)
    {
        var id = await w.TakeInAsync(traits: []);
        var made = await w.DoAsync(
            $"/api/machines/{id}/boards",
            new
            {
                name = "Main",
                photoId = (string?)null,
                side = "front",
            }
        );
        return (id, made["id"]!.GetValue<string>(), made["logId"]!.GetValue<string>());
    }

    static async Task<string> AddAsync(Workshop w, string id, string board, string designator = "C1", string marking = "47 16V") =>
        (await w.DoAsync($"/api/machines/{id}/boards/{board}/capacitors", Capacitor(designator, marking)))["id"]!.GetValue<string>();

    static async Task<string> DrawerAsync(Workshop w, double microfarads, double volts, int quantity = 5)
    {
        await w.DoAsync(
            "/api/drawer",
            new
            {
                spec = new
                {
                    kind = "aluminiumRadial",
                    microfarads,
                    ratedVolts = volts,
                    maxCelsius = 105.0,
                },
                quantity,
                place = "tray 1",
                boughtOn = (string?)null,
                price = (double?)null,
            }
        );
        return (await w.GetAsync("/api/drawer"))["parts"]!
            .AsArray()
            .Select(p => p!["part"]!)
            .First(p => p["spec"]!["microfarads"]!.GetValue<double>() == microfarads)["id"]!.GetValue<string>();
    }

    static Task<(int, JsonNode)> FittingAsync(Workshop w, string id, string cap, string step, string? pads = null, string? why = null) =>
        w.PostAsync(
            $"/api/machines/{id}/capacitors/{cap}/fitting",
            new
            {
                step,
                pads,
                minusSeen = step == "checkWayRound" ? "up" : "notKnown",
                overruleReason = why,
            }
        );

    static Task ReadAsync(Workshop w, string id, string cap, double? microfarads, double? esr) =>
        w.DoAsync(
            $"/api/machines/{id}/capacitors/{cap}/readings",
            new
            {
                microfarads,
                esrOhms = esr,
                esrFrequencyHertz = 100000,
                leakageMicroamps = (double?)null,
                inCircuit = false,
                source = "typed",
            }
        );

    static async Task<JsonNode> RowAsync(Workshop w, string id, string cap) =>
        (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!
            .AsArray()
            .First(c => c!["capacitor"]!["id"]!.GetValue<string>() == cap)!;

    static async Task StepsAsync(Workshop w, string id, string cap, params string[] steps)
    {
        foreach (var step in steps)
        {
            var (status, body) = await FittingAsync(w, id, cap, step, step == "checkPads" ? "sound" : null);
            Assert.True(status == 200, $"{step}: {body}");
        }
    }

    [Fact]
    public async Task A_part_set_aside_for_another_value_is_not_fitted()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean");
        var row = (await RowAsync(w, id, cap))["capacitor"]!;
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/capacitors/{cap}",
            Capacitor("C1", "100 25V"),
            row["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToJsonString());
        await RefusedAsync(FittingAsync(w, id, cap, "fit"), "47");
        Assert.Null((await RowAsync(w, id, cap))["capacitor"]!["fitting"]!["fittedAt"]);
    }

    [Fact]
    public async Task A_new_part_that_reads_bad_is_not_exchanged_and_can_be_exchanged_again()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean", "fit", "checkWayRound");
        await ReadAsync(w, id, cap, 9.4, 5);
        var row = await RowAsync(w, id, cap);
        Assert.NotEqual("exchanged", row["stand"]!.GetValue<string>());
        Assert.NotEqual("sound", row["stand"]!.GetValue<string>());
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/again");
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean", "fit", "checkWayRound");
        await ReadAsync(w, id, cap, 46.8, 0.3);
        Assert.Equal("exchanged", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        // Two pieces are gone from the drawer.
        Assert.Equal(3, (await w.GetAsync("/api/drawer"))["parts"]![0]!["part"]!["quantity"]!.GetValue<int>());
    }

    [Fact]
    public async Task Nothing_is_fitted_on_a_pad_that_was_found_lifted_until_it_is_mended()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove");
        Assert.Equal(200, (await FittingAsync(w, id, cap, "checkPads", "lifted")).Item1);
        Assert.Equal("mendPads", (await RowAsync(w, id, cap))["next"]!.GetValue<string>());
        await RefusedAsync(FittingAsync(w, id, cap, "fit"), "pad");
        await StepsAsync(w, id, cap, "mendPads", "clean", "fit");
        Assert.DoesNotContain(
            (await w.GetAsync($"/api/machines/{id}/stages/boards"))["jobs"]!.AsArray(),
            j => j!["state"]!.GetValue<string>() != "done"
        );
    }

    [Fact]
    public async Task A_part_kept_out_against_the_verdict_stays_in_once_it_reads_good()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        await ReadAsync(w, id, cap, 12, 9);
        Assert.Equal("comesOut", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        await w.DoAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                of = "comesOut",
                subject = cap,
                reason = "The owner wants it kept.",
            }
        );
        Assert.Equal("sound", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        await ReadAsync(w, id, cap, 47.2, 0.3);
        Assert.Equal("sound", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        // And what was decided on other readings counts no longer when it reads bad again, another way.
        await ReadAsync(w, id, cap, 5, 40);
        var row = await RowAsync(w, id, cap);
        Assert.Equal("comesOut", row["stand"]!.GetValue<string>());
        Assert.True(row["overruleLapsed"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Only_what_may_be_overruled_is_and_the_sentence_is_Haars_own()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var (status, _) = await w.PostAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                key = "anything/at/all",
                sentence = "The moon is a cheese.",
                reason = "Because I say so.",
            }
        );
        Assert.Equal(400, status);
        await ReadAsync(w, id, cap, 12, 9);
        await w.DoAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                of = "comesOut",
                subject = cap,
                sentence = "The moon is a cheese.",
                reason = "The owner wants it kept.",
            }
        );
        Assert.DoesNotContain("moon", (await w.GetAsync($"/api/machines/{id}/log")).ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/overrules",
                    new
                    {
                        of = "comesOut",
                        subject = Guid.NewGuid(),
                        reason = "Of nothing.",
                    }
                )
            ).Status
        );
        // Data, substitutes and choices are overruled where they are done, not beside it.
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/overrules",
                    new
                    {
                        of = "cellData",
                        subject = "",
                        reason = "Out with it.",
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_pair_is_set_aside_in_one_press_and_each_piece_once()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var (c1, c2) = (await AddAsync(w, id, board), await AddAsync(w, id, board, "C2"));
        var part = await DrawerAsync(w, 27, 25, 3);
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{c1}/reserve",
            new { partIds = new[] { part, part }, overruleReason = (string?)null }
        );
        JsonNode Part(JsonNode drawer) => drawer["parts"]!.AsArray().First(p => p!["part"]!["id"]!.GetValue<string>() == part)!;
        Assert.Equal(1, Part(await w.GetAsync("/api/drawer"))["free"]!.GetValue<int>());
        await RefusedAsync(
            w.PostAsync(
                $"/api/machines/{id}/capacitors/{c2}/reserve",
                new { partIds = new[] { part, part }, overruleReason = "all the same" }
            ),
            "left"
        );
        Assert.Equal(1, Part(await w.GetAsync("/api/drawer"))["free"]!.GetValue<int>());
    }

    // ---- corrosion

    static object Area(string name = "the corner") =>
        new
        {
            name,
            side = "front",
            source = "nickelCell",
            outline = new[] { new { x = 0.1, y = 0.1 }, new { x = 0.4, y = 0.1 }, new { x = 0.4, y = 0.4 }, new { x = 0.1, y = 0.4 } },
            stage = "maskLifted",
            squareCentimetres = 9.0,
            phBefore = (double?)null,
        };

    static object Net() =>
        new
        {
            name = "A7",
            from = "U1",
            to = "U2",
            side = "front",
            path = new[] { new { x = 0.05, y = 0.2 }, new { x = 0.6, y = 0.2 } },
            trace = new
            {
                lengthMillimetres = 100,
                widthMillimetres = 0.25,
                copperMicrometres = 35,
                vias = 0,
            },
        };

    static Task<(int, JsonNode)> TreatAsync(
        Workshop w,
        string id,
        string area,
        string step,
        double hoursAgo = 0,
        double? ph = null,
        int rinses = 0,
        string? why = null
    ) =>
        w.PostAsync(
            $"/api/machines/{id}/areas/{area}/step",
            new
            {
                step,
                ph,
                rinses,
                hoursAgo,
                celsius = step == "dry" ? 40 : (double?)null,
                overruleReason = why,
            }
        );

    static async Task TreatedAsync(Workshop w, string id, string area, bool dry = true)
    {
        Assert.Equal(200, (await TreatAsync(w, id, area, "neutralise", 6, ph: 7)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "rinse", 5.8, rinses: 3)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "alcohol", 5)).Item1);
        if (dry)
        {
            var (status, body) = await TreatAsync(w, id, area, "dry");
            Assert.True(status == 200, body.ToJsonString());
        }
    }

    [Fact]
    public async Task An_area_is_rinsed_as_often_as_it_needs_dry_when_it_can_be_and_masked_over_measured_nets()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
        var net = (await w.DoAsync($"/api/machines/{id}/boards/{board}/nets", Net()))["id"]!.GetValue<string>();
        Assert.Equal(200, (await TreatAsync(w, id, area, "neutralise", ph: 7)).Item1);
        await RefusedAsync(TreatAsync(w, id, area, "rinse", rinses: 1), "2 more");
        Assert.Equal(200, (await TreatAsync(w, id, area, "rinse", rinses: 3)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "alcohol")).Item1);
        await RefusedAsync(TreatAsync(w, id, area, "dry"), "hours");
        await RefusedAsync(TreatAsync(w, id, area, "dry", why: "It looks dry"), "hours");

        var other = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area("the same, earlier")))["id"]!.GetValue<string>();
        await TreatedAsync(w, id, other);
        await RefusedAsync(TreatAsync(w, id, other, "mask"), "measured");
        await w.DoAsync(
            $"/api/machines/{id}/nets/{net}/readings",
            new
            {
                ohms = 0.21,
                open = false,
                source = "4-wire meter",
            }
        );
        Assert.Equal(200, (await TreatAsync(w, id, other, "mask")).Item1);
    }

    [Fact]
    public async Task A_day_on_which_an_area_is_looked_at_again_comes_up_by_itself()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
        await TreatedAsync(w, id, area);
        Assert.Equal(200, (await TreatAsync(w, id, area, "mask", why: "No net runs under it.")).Item1);
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<Haar.Data.HaarDb>();
        var stale = db.Statuses.Single(s => s.MachineId == Guid.Parse(id)).StaleAt;
        Assert.NotNull(stale);
        Assert.True(stale <= DateTimeOffset.UtcNow.AddMonths(24));
    }

    // ---- first power

    static Task<(int, JsonNode)> ReadRailAsync(Workshop w, string id, string step, string rail, string quantity, double value) =>
        w.PostAsync(
            $"/api/machines/{id}/power/{step}/readings",
            new
            {
                rail,
                quantity,
                value,
                source = "typed",
            }
        );

    static async Task ShortsAsync(Workshop w, string id)
    {
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var (status, body) = await ReadRailAsync(w, id, "shorts", rail!["name"]!.GetValue<string>(), "ohms", 1200);
            Assert.True(status == 200, body.ToJsonString());
        }
        await CloseAsync(w, id, "shorts");
    }

    static async Task CloseAsync(Workshop w, string id, string step)
    {
        var (status, body) = await w.PostAsync($"/api/machines/{id}/power/{step}/close", Close());
        Assert.True(status == 200, body.ToJsonString());
    }

    static object Close() =>
        new
        {
            notes = new
            {
                load = "2.0 A on +5",
                seen = "Nothing swollen.",
                heard = "A fan.",
                smelled = "",
                said = "One beep.",
            },
            confirmedCautions = true,
            failedBecause = (string?)null,
        };

    static async Task<JsonNode> GateAsync(Workshop w, string id) => (await w.GetAsync($"/api/machines/{id}/power"))["verdict"]!;

    [Fact]
    public async Task First_power_that_was_through_closes_again_when_a_danger_is_found()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await ShortsAsync(w, id);
        Assert.Equal("supplyLook", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
        var found = await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "leakingCell",
                place = "corner",
                seen = "Green crust.",
                photoId = (string?)null,
            }
        );
        Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        await RefusedAsync(w.PostAsync($"/api/machines/{id}/power/supplyLook/close", Close()), "leaking cell");
        await w.DoAsync($"/api/machines/{id}/survey/findings/{found["id"]}/dealt-with", new { how = "Out, and its corner is clean." });
        // What was measured before it was found says nothing of the machine as it is now.
        Assert.Equal("shorts", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("residue")]
    [InlineData("wet")]
    [InlineData("traces")]
    [InlineData("apart")]
    public async Task First_power_does_not_open_on_a_board_that_is_not_fit_for_it(string what)
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        if (what == "apart")
        {
            await w.DoAsync($"/api/machines/{id}/strip/steps", StripStep());
        }
        else
        {
            var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
            if (what == "traces")
            {
                await w.DoAsync($"/api/machines/{id}/boards/{board}/nets", Net());
                await TreatedAsync(w, id, area);
            }
            else if (what == "wet")
            {
                await TreatedAsync(w, id, area, dry: false);
            }
        }
        // Ohms with the plug out hurt nobody; nothing is fed before it is put right.
        await ShortsAsync(w, id);
        Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        await CloseAsync(w, id, "supplyLook");
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var volts = rail!["nominalVolts"]!.GetValue<double>();
            Assert.Equal(200, (await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "volts", volts)).Item1);
            Assert.Equal(200, (await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "rippleVolts", 0.01)).Item1);
        }
        await CloseAsync(w, id, "supplyLoaded");
        var (status, body) = await ReadRailAsync(w, id, "bareBoard", "+5 V", "volts", 5);
        Assert.True(status == 400, body.ToJsonString());
        var mayBe = (await GateAsync(w, id))["mayBeOverruled"]!.GetValue<bool>();
        // Power to a wet part nobody overrules; in pieces it has a test of its own.
        Assert.Equal(what is not ("wet" or "apart"), mayBe);
        if (what == "apart")
        {
            object Test(string on) =>
                new
                {
                    test = new
                    {
                        on,
                        looseMetal = "no",
                        missing = new[] { "shield" },
                        minutes = 5,
                    },
                };
            await RefusedAsync(w.PostAsync($"/api/machines/{id}/power/in-pieces", Test("staticBag")), "conducts");
            await w.DoAsync($"/api/machines/{id}/power/in-pieces", Test("insulator"));
            Assert.NotEqual("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
            var over = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/power/in-pieces");
            Assert.Equal(200, over.Status);
            Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        }
    }

    [Fact]
    public async Task The_survey_the_power_screen_and_the_tideline_trust_a_supply_alike()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await ShortsAsync(w, id);
        await CloseAsync(w, id, "supplyLook");
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var volts = rail!["nominalVolts"]!.GetValue<double>();
            await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "volts", volts);
        }
        // Without its ripple and a load nobody can vouch for it.
        var close = await w.PostAsync(
            $"/api/machines/{id}/power/supplyLoaded/close",
            new
            {
                notes = new
                {
                    load = "",
                    seen = "",
                    heard = "",
                    smelled = "",
                    said = "",
                },
                confirmedCautions = true,
                failedBecause = (string?)null,
            }
        );
        Assert.True(close.Status is 200 or 400, close.Body.ToJsonString());
        var power = await GateAsync(w, id);
        var survey = (await w.GetAsync($"/api/machines/{id}/survey"))["power"]!;
        Assert.Equal(power["outcome"]!.GetValue<string>(), survey["outcome"]!.GetValue<string>());
        Assert.Equal(power["sentence"]!.GetValue<string>(), survey["sentence"]!.GetValue<string>());
    }

    // ---- rebuild

    static object StripStep() =>
        new
        {
            id = Guid.NewGuid(),
            step = new
            {
                title = "Drive cage",
                kind = "cage",
                lies = "asUsed",
                behind = Array.Empty<string>(),
                photoId = (string?)null,
                marks = Array.Empty<object>(),
                wayRound = "",
                note = "",
                testBeforeCovered = "",
                exchangedFor = "",
                staysOut = false,
                afterJobId = (string?)null,
            },
            at = DateTimeOffset.UtcNow,
            by = "bench",
        };

    [Fact]
    public async Task A_screw_does_not_go_in_before_its_piece_is_back()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        var step = (await w.DoAsync($"/api/machines/{id}/strip/steps", StripStep()))["id"]!.GetValue<string>();
        var fastener = (
            await w.DoAsync(
                $"/api/machines/{id}/strip/steps/{step}/fasteners",
                new
                {
                    id = Guid.NewGuid(),
                    fastener = new
                    {
                        thread = "M3",
                        lengthMillimetres = 6.0,
                        head = "pan",
                        count = 2,
                        missingBefore = 0,
                        hole = "",
                        marks = Array.Empty<object>(),
                        tray = "A1",
                        pierces = "",
                    },
                }
            )
        )["id"]!.GetValue<string>();
        var back = new
        {
            count = 1,
            thread = "M3",
            lengthMillimetres = 6.0,
            head = "pan",
            fromStoreId = (string?)null,
        };
        await RefusedAsync(w.PostAsync($"/api/machines/{id}/rebuild/fasteners/{fastener}", back), "Drive cage");
        await w.DoAsync($"/api/machines/{id}/rebuild/{step}/back", new { secondLook = false });
        await w.DoAsync($"/api/machines/{id}/rebuild/fasteners/{fastener}", back);
    }

    // ---- undo

    static Task<(int, JsonNode)> UndoAsync(Workshop w, JsonNode act) => w.PostAsync($"/api/log/{act["logId"]}/undo");

    [Fact]
    public async Task Undoing_a_board_that_something_stands_on_is_refused_and_takes_nothing()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, log) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await ReadAsync(w, id, cap, 40, 1);
        await RefusedAsync(w.PostAsync($"/api/log/{log}/undo"), "C1", 409);
        Assert.NotNull((await RowAsync(w, id, cap))["readings"]!["microfarads"]);
        Assert.Equal(4, (await w.GetAsync("/api/drawer"))["parts"]![0]!["free"]!.GetValue<int>());
    }

    [Fact]
    public async Task Undoing_that_a_machine_was_taken_in_takes_it_off_the_list_and_its_log_stays()
    {
        await using var w = await Workshop.OpenAsync();
        var act = await w.DoAsync("/api/machines", Workshop.Machine());
        var id = act["id"]!.GetValue<string>();
        var undone = await w.DoAsync($"/api/log/{act["logId"]}/undo");
        Assert.Empty((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
        // The entry that was answered with is there, and puts it back.
        await w.DoAsync($"/api/log/{undone["logId"]}/undo");
        Assert.Single((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
        Assert.True((await w.GetAsync($"/api/machines/{id}/log")).AsArray().Count >= 3);
    }

    [Fact]
    public async Task Taking_in_is_not_undone_once_something_was_done_on_the_machine()
    {
        await using var w = await Workshop.OpenAsync();
        var act = await w.DoAsync("/api/machines", Workshop.Machine());
        var id = act["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "rust",
                place = "lid",
                seen = "Bubbles.",
                photoId = (string?)null,
            }
        );
        await RefusedAsync(UndoAsync(w, act), "later", 409);
        Assert.Single((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]!.AsArray());
    }

    [Fact]
    public async Task The_log_speaks_of_rows_by_the_names_of_the_database_and_not_of_the_code()
    {
        await using var w = await Workshop.OpenAsync();
        await BoardAsync(w);
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<Haar.Data.HaarDb>();
        var tables = db.Model.GetEntityTypes().Select(t => Microsoft.EntityFrameworkCore.RelationalEntityTypeExtensions.GetTableName(t));
        foreach (var entry in db.Log.Where(l => l.Changes != null))
        {
            foreach (var change in JsonNode.Parse(entry.Changes!)!.AsArray())
            {
                Assert.Contains(change!["table"]!.GetValue<string>(), tables);
            }
        }
    }
}
