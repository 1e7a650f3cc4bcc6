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

    static object Site(string charges, double? chargeVolts = null, string keeps = "nothing") =>
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
