using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>Lots, what was sold against what is here, money from the first minute, and photos.</summary>
public class IntakeTests
{
    static object Range(double a, double b, double c) =>
        new
        {
            low = a,
            likely = b,
            high = c,
        };

    static object Part(string kind, string state, string fits = "") =>
        new
        {
            kind,
            state,
            fits,
            count = 1,
        };

    static object Box(string name, object[] parts, double money = 10, double? complete = 200) =>
        new
        {
            name,
            kind = "tower",
            profileId = "",
            note = "",
            parts,
            money = Range(money / 2, money, money * 2),
            hours = Range(1, 2, 3),
            complete,
            worth = 1,
            @lock = "free",
            photoId = (string?)null,
        };

    static async Task<string> LotAsync(Workshop w, params object[] boxes)
    {
        var id = (
            await w.DoAsync(
                "/api/lots",
                new
                {
                    name = "Van-load",
                    cameFrom = "a barn",
                    paid = 30,
                    claimed = "",
                }
            )
        )["id"]!.GetValue<string>();
        var (status, _) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/lot",
            new
            {
                budgetMoney = 100,
                budgetHours = 20,
                aim = "mostFinished",
                prices = Array.Empty<object>(),
            },
            0
        );
        Assert.Equal(200, status);
        foreach (var b in boxes)
        {
            await w.DoAsync($"/api/machines/{id}/lot/boxes", b);
        }
        return id;
    }

    [Fact]
    public async Task A_lot_is_sorted_into_machines_and_donors_and_the_donors_parts_stand_in_the_store()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await LotAsync(
            w,
            Box("Tower", [Part("supply", "missing"), Part("drive", "good")]),
            Box("Wreck", [Part("supply", "good"), Part("keyboard", "good"), Part("board", "damaged")], 5)
        );
        var lot = await w.GetAsync($"/api/machines/{id}/lot");
        Assert.True(lot["plan"]!["proven"]!.GetValue<bool>());
        Assert.Equal(
            "Finish Tower: 1 part comes from the others, none is bought.",
            lot["plan"]!["verdict"]!["sentence"]!.GetValue<string>()
        );
        Assert.Equal(428, (await w.PostAsync($"/api/machines/{id}/lot/sort")).Status);
        var (status, sorted) = await w.SendAsync(HttpMethod.Post, $"/api/machines/{id}/lot/sort", null, lot["version"]!.GetValue<int>());
        Assert.True(status == 200, sorted.ToString());
        Assert.Equal(2, sorted["machines"]!.AsArray().Count);
        var store = (await w.GetAsync("/api/store"))["parts"]!.AsArray();
        Assert.Equal(["keyboard", "supply"], store.Select(p => p!["part"]!["kind"]!.GetValue<string>()));
        Assert.Equal("Tower", store[1]!["forMachine"]!.GetValue<string>());
        Assert.Equal("Wreck, box 2 of Van-load", store[0]!["part"]!["cameFrom"]!.GetValue<string>());
        var machines = (await w.GetAsync("/api/workshop"))["machines"]!.AsArray();
        Assert.Contains(machines, m => m!["name"]!.GetValue<string>() == "Tower");
        var tower = await w.GetAsync($"/api/machines/{sorted["machines"]![0]!.GetValue<string>()}/stages/parts");
        Assert.Equal("Fit the supply from Wreck", tower["jobs"]![0]!["title"]!.GetValue<string>());
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/lot/boxes", Box("Late", []))).Status);
        // One act: undo puts the boxes back as they were.
        await w.DoAsync($"/api/log/{sorted["logId"]!.GetValue<string>()}/undo");
        Assert.Empty((await w.GetAsync("/api/store"))["parts"]!.AsArray());
        Assert.Null((await w.GetAsync($"/api/machines/{id}/lot"))["lot"]!["sortedAt"]);
    }

    [Fact]
    public async Task Locking_a_box_makes_the_sum_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await LotAsync(w, Box("Tower", [Part("supply", "missing")]), Box("Wreck", [Part("supply", "good")], 5));
        string Fate(JsonNode lot, int i) => lot["plan"]!["boxes"]![i]!["fate"]!.GetValue<string>();
        var lot = await w.GetAsync($"/api/machines/{id}/lot");
        Assert.Equal(("donor", "restore"), (Fate(lot, 0), Fate(lot, 1)));
        await w.DoAsync(
            $"/api/machines/{id}/lot/boxes/{lot["boxes"]![0]!["box"]!["id"]!.GetValue<string>()}/lock",
            new { @lock = "restore" }
        );
        lot = await w.GetAsync($"/api/machines/{id}/lot");
        Assert.Equal(("restore", "donor"), (Fate(lot, 0), Fate(lot, 1)));
    }

    [Fact]
    public async Task Bad_lots_are_said_and_nothing_is_lost()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await LotAsync(w);
        Assert.Null((await w.GetAsync($"/api/machines/{id}/lot"))["plan"]);
        Assert.Contains(
            "no box to sort",
            (await w.SendAsync(HttpMethod.Post, $"/api/machines/{id}/lot/sort", null, 1)).Body["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "cannot give to itself",
            (await w.PostAsync($"/api/machines/{id}/lot/boxes", Box("Odd", [Part("supply", "good"), Part("supply", "missing")]))).Body[
                "detail"
            ]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        var upside = new
        {
            name = "Odd",
            kind = "",
            profileId = "",
            note = "",
            parts = Array.Empty<object>(),
            money = Range(9, 5, 10),
            hours = Range(1, 2, 3),
            complete = (double?)null,
            worth = 1,
            @lock = "free",
            photoId = (string?)null,
        };
        Assert.Contains(
            "upside down",
            (await w.PostAsync($"/api/machines/{id}/lot/boxes", upside)).Body["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            400,
            (
                await w.SendAsync(
                    HttpMethod.Put,
                    $"/api/machines/{id}/lot",
                    new
                    {
                        budgetMoney = -1,
                        budgetHours = 1,
                        aim = "mostFinished",
                        prices = Array.Empty<object>(),
                    },
                    1
                )
            ).Status
        );
        // A budget of nothing is a budget: nothing can be finished, and it says so.
        await w.DoAsync($"/api/machines/{id}/lot/boxes", Box("Tower", []));
        Assert.Equal(
            200,
            (
                await w.SendAsync(
                    HttpMethod.Put,
                    $"/api/machines/{id}/lot",
                    new
                    {
                        budgetMoney = 0,
                        budgetHours = 0,
                        aim = "mostFinished",
                        prices = Array.Empty<object>(),
                    },
                    1
                )
            ).Status
        );
        Assert.StartsWith(
            "None is worth it",
            (await w.GetAsync($"/api/machines/{id}/lot"))["plan"]!["verdict"]!["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(404, (await w.SendAsync(HttpMethod.Get, $"/api/machines/{await w.TakeInAsync()}/lot")).Status);
    }

    [Fact]
    public async Task What_was_found_names_the_configuration_and_what_would_tell_it_apart()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = (
            await w.DoAsync(
                "/api/machines",
                new
                {
                    name = "Server",
                    kind = "",
                    model = "Halvorne S325",
                    @class = "level386",
                    yearFrom = 1991,
                    yearTo = 1991,
                    traits = Array.Empty<string>(),
                    cameFrom = "",
                    paid = (int?)null,
                    claimed = "",
                    recapSchool = "evidence",
                    restorationSchool = "asShipped",
                }
            )
        )["id"]!.GetValue<string>();
        object Item(string slot, string what, string code = "") =>
            new
            {
                slot,
                what,
                absent = false,
                dateCode = code,
                evidence = "",
                saidFate = (string?)null,
            };
        await w.DoAsync($"/api/machines/{id}/shipped", Item("drive", "210 MB SCSI drive", "9417"));
        await w.DoAsync($"/api/machines/{id}/shipped", Item("tape drive", "150 MB tape drive"));
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/shipped", Item("drive", "another"))).Status);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/shipped", Item("supply", "x", "99999"))).Status);
        var r = (await w.GetAsync($"/api/machines/{id}/shipped"))["result"]!;
        Assert.Equal("S325/T", r["fits"]![0]!["configuration"]!["name"]!.GetValue<string>());
        var drive = r["items"]!.AsArray().Single(i => i!["slot"]!.GetValue<string>() == "drive")!;
        Assert.Equal("swappedInPeriod", drive["fate"]!.GetValue<string>());
        Assert.Contains("3 years younger than the machine", drive["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Money_is_on_every_screen_from_the_first_minute()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        Assert.Equal("unknown", (await w.GetAsync($"/api/machines/{id}"))["money"]!["verdict"]!["outcome"]!.GetValue<string>());
        var e = new
        {
            toFinish = Range(10, 30, 60),
            complete = Range(60, 80, 100),
            stopLoss = (double?)null,
        };
        Assert.Equal(428, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/costs/expectation", e)).Status);
        Assert.Equal(
            400,
            (
                await w.SendAsync(
                    HttpMethod.Put,
                    $"/api/machines/{id}/costs/expectation",
                    new
                    {
                        toFinish = Range(9, 5, 1),
                        complete = (object?)null,
                        stopLoss = (double?)null,
                    },
                    0
                )
            ).Status
        );
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/costs/expectation", e, 0)).Status);
        Assert.Equal(
            (20.0, 80.0),
            (
                (await w.GetAsync($"/api/machines/{id}"))["money"]!["spent"]!.GetValue<double>(),
                (await w.GetAsync($"/api/machines/{id}"))["money"]!["stopLoss"]!.GetValue<double>()
            )
        );
        await w.DoAsync(
            $"/api/machines/{id}/costs",
            new
            {
                what = "A board",
                amount = 65,
                minutes = (int?)null,
            }
        );
        Assert.StartsWith(
            "Stop: €85.00 is spent",
            (await w.GetAsync($"/api/machines/{id}"))["money"]!["verdict"]!["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    static byte[] Picture(int width, int height, byte shade = 90)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(new SKColor(shade, 120, 60));
        using var image = SKImage.FromBitmap(bitmap);
        return image.Encode(SKEncodedImageFormat.Jpeg, 70).ToArray();
    }

    static async Task<(int Status, JsonNode Body)> SendPhotoAsync(Workshop w, string id, byte[] bytes, string query = "")
    {
        using var content = new ByteArrayContent(bytes) { Headers = { ContentType = new MediaTypeHeaderValue("image/jpeg") } };
        using var response = await w.Client.PostAsync($"/api/machines/{id}/photos{query}", content);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync())!);
    }

    [Fact]
    public async Task A_photo_sent_again_is_still_one_and_comes_in_three_sizes()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var photoId = Guid.NewGuid();
        var bytes = Picture(3000, 2000);
        for (var i = 0; i < 3; i++)
        {
            Assert.Equal(200, (await SendPhotoAsync(w, id, bytes, $"?photoId={photoId}&caption=Lid")).Status);
        }
        var photos = (await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray();
        Assert.Single(photos);
        Assert.Equal(photoId.ToString(), photos[0]!["id"]!.GetValue<string>());
        var hash = photos[0]!["hash"]!.GetValue<string>();
        async Task<int> Width(string size)
        {
            using var b = SKBitmap.Decode(await w.Client.GetByteArrayAsync($"/api/photos/{hash}?size={size}"));
            return b.Width;
        }

        Assert.Equal((2400, 1200, 480), (await Width("full"), await Width("screen"), await Width("thumb")));
        // A size that an older Haar did not make is made when it is asked for.
        File.Delete(Directory.GetFiles(Path.Combine(w.Folder, "photos"), "*.screen.jpg", SearchOption.AllDirectories).Single());
        Assert.Equal(1200, await Width("screen"));
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Get, $"/api/photos/{hash}?size=poster")).Status);
    }

    [Fact]
    public async Task A_photo_cut_off_in_its_upload_leaves_nothing_and_goes_through_when_it_is_sent_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var photoId = Guid.NewGuid();
        var bytes = Picture(2000, 1500);
        // The line drops half-way: the length that was promised never comes.
        using (var line = new System.Net.Sockets.TcpClient())
        {
            await line.ConnectAsync(w.Client.BaseAddress!.Host, w.Client.BaseAddress.Port);
            var head =
                $"POST /api/machines/{id}/photos?photoId={photoId} HTTP/1.1\r\nHost: {w.Client.BaseAddress.Authority}\r\nContent-Type: image/jpeg\r\nContent-Length: {bytes.Length}\r\nX-Haar-Token: {w.Client.DefaultRequestHeaders.GetValues("X-Haar-Token").First()}\r\n\r\n";
            await line.GetStream().WriteAsync(System.Text.Encoding.ASCII.GetBytes(head));
            await line.GetStream().WriteAsync(bytes.AsMemory(0, bytes.Length / 2));
        }

        Assert.Equal(422, (await SendPhotoAsync(w, id, bytes[..(bytes.Length / 2)], $"?photoId={photoId}")).Status);
        Assert.Empty((await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray());
        Assert.Equal(200, (await SendPhotoAsync(w, id, bytes, $"?photoId={photoId}")).Status);
        Assert.Single((await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray());
    }

    [Fact]
    public async Task Forty_photos_all_arrive_once_those_of_twelve_megapixels_too()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var shots = Enumerable.Range(0, 4).Select(i => i == 0 ? Picture(4000, 3000) : Picture(640, 480, (byte)(i * 60))).ToList();
        var pictures = Enumerable.Range(0, 40).Select(i => (Id: Guid.NewGuid(), Bytes: shots[i % 8 == 0 ? 0 : 1 + i % 3])).ToList();
        foreach (var p in pictures.Concat(pictures.Take(5)))
        {
            Assert.Equal(200, (await SendPhotoAsync(w, id, p.Bytes, $"?photoId={p.Id}")).Status);
        }
        var photos = (await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray();
        Assert.Equal(40, photos.Select(p => p!["id"]!.GetValue<string>()).Distinct().Count());
        Assert.Equal(40, photos.Count);
        Assert.Equal(4, photos.Select(p => p!["hash"]!.GetValue<string>()).Distinct().Count());
    }
}
