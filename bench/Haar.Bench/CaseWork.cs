using System.Diagnostics;
using System.Text.Json.Nodes;
using Haar.Core.Cleaning;
using SkiaSharp;

namespace Haar.Bench;

/// <summary>What Case looks into: colours of a large photo, a keyboard laid over one, and the ladder.</summary>
static class CaseWork
{
    /// <summary>A photo of a shell with a card, or of keys on a plate, with a sensor's noise.</summary>
    static byte[] Photo(int width, int height, bool keys)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(new SKColor(70, 66, 60));
            canvas.Scale(width / 100f, height / 100f);
            using var paint = new SKPaint();
            void Fill(float x, float y, float w, float h, SKColor c)
            {
                paint.Color = c;
                canvas.DrawRect(x, y, w, h, paint);
            }
            if (keys)
            {
                var layout = Core.Keyboards.Layouts.Named("office-105");
                foreach (var k in layout.Keys)
                {
                    Fill(
                        5 + 90 * (float)((k.X + 0.07) / layout.Width),
                        10 + 80 * (float)((k.Y + 0.07) / layout.Height),
                        90 * (float)((k.Width - 0.14) / layout.Width),
                        80 * (float)((k.Height - 0.14) / layout.Height),
                        new SKColor(206, 196, 168)
                    );
                }
            }
            else
            {
                Fill(8, 12, 14, 16, new SKColor(226, 216, 192));
                Fill(8, 28, 14, 16, new SKColor(116, 111, 99));
                Fill(30, 15, 65, 70, new SKColor(203, 186, 140));
            }
        }
        var r = new Random(7);
        var pixels = bitmap.GetPixelSpan();
        for (var i = 0; i < pixels.Length; i++)
        {
            pixels[i] = (byte)Math.Clamp(pixels[i] + r.Next(-5, 6), 0, 255);
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, 88);
        return jpeg.ToArray();
    }

    static object At(double x, double y) => new { x, y };

    public static async Task<IReadOnlyList<(string, string, string, string, string)>> RunAsync(string root, string scratch)
    {
        var rows = new List<(string, string, string, string, string)>();
        await using var haar = await Served.OpenAsync(root, Path.Combine(scratch, "case"), "--demo=true");
        var machines = JsonNode.Parse(await haar.Client.GetStringAsync("/api/workshop"))!["machines"]!.AsArray();
        var id = machines.First(m => m!["name"]!.GetValue<string>() == "Boat-builder's micro")!["id"]!.GetValue<string>();
        async Task<string> SendAsync(byte[] jpeg)
        {
            using var content = new ByteArrayContent(jpeg);
            content.Headers.ContentType = new("image/jpeg");
            using var answer = await haar.Client.PostAsync($"/api/machines/{id}/photos", content);
            return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["id"]!.GetValue<string>();
        }
        var run = JsonNode.Parse(await haar.Client.GetStringAsync($"/api/machines/{id}/cleaning"))!["whitenings"]![0]!["run"]![
            "id"
        ]!.GetValue<string>();
        async Task<(double Sending, double Looking, long Peak)> ColourAsync(int width, int height)
        {
            var jpeg = Photo(width, height, false);
            await Task.Delay(500);
            var before = haar.Memory().Now;
            var watch = Stopwatch.StartNew();
            var photo = await SendAsync(jpeg);
            var sent = watch.Elapsed.TotalMilliseconds;
            watch.Restart();
            var (status, body) = await haar.PostAsync(
                $"/api/machines/{id}/whitening/{run}/look",
                new
                {
                    photoId = photo,
                    kind = "published",
                    card = new object[]
                    {
                        new
                        {
                            at = At(0.15, 0.2),
                            published = new
                            {
                                l = 95.2,
                                a = -0.4,
                                b = 1.1,
                            },
                        },
                        new
                        {
                            at = At(0.15, 0.36),
                            published = new
                            {
                                l = 50.1,
                                a = -0.2,
                                b = 0.3,
                            },
                        },
                    },
                    patches = Enumerable
                        .Range(0, 12)
                        .Select(i => new
                        {
                            name = $"place {i}",
                            at = At(0.35 + 0.05 * i, 0.3 + 0.04 * i),
                            unaged = i == 11,
                        }),
                    cleaned = "yes",
                }
            );
            var looked = watch.Elapsed.TotalMilliseconds;
            if (status != 200 || body!["patches"]!.AsArray().Count != 12)
            {
                throw new InvalidOperationException($"{status} {body}");
            }
            return (sent, looked, haar.Memory().Peak - before);
        }
        // The first one compiles.
        await ColourAsync(800, 600);
        var small = await ColourAsync(1200, 900);
        var large = await ColourAsync(4000, 3000);
        rows.Add(
            (
                "Colour of a photo of 12 megapixels, 12 places",
                $"{large.Sending + large.Looking:0} ms",
                $"of them measuring {large.Looking:0} ms; 1 megapixel: {small.Sending + small.Looking:0} ms",
                $"{(large.Sending + large.Looking) / 1000:0.00}×",
                "under 1 s"
            )
        );
        rows.Add(
            (
                "Memory that it takes besides",
                $"{large.Peak / 1e6:0} MB",
                $"1 megapixel: {Math.Max(0, small.Peak) / 1e6:0} MB",
                $"{large.Peak / 150e6:0.00}×",
                "under 150 MB"
            )
        );
        async Task<double> LayAsync(int width, int height)
        {
            var keyboard = (await haar.PostAsync($"/api/machines/{id}/keyboards", new { name = $"Keyboard {width}" })).Body![
                "id"
            ]!.GetValue<string>();
            var jpeg = Photo(width, height, true);
            var watch = Stopwatch.StartNew();
            var photo = await SendAsync(jpeg);
            var (status, body) = await haar.PostAsync(
                $"/api/machines/{id}/keyboards/{keyboard}/lay",
                new
                {
                    photoId = photo,
                    layout = "office-105",
                    corners = new[] { At(0.05, 0.1), At(0.95, 0.1), At(0.95, 0.9), At(0.05, 0.9) },
                }
            );
            return status == 200 ? watch.Elapsed.TotalMilliseconds : throw new InvalidOperationException($"{status} {body}");
        }
        var few = await LayAsync(1200, 600);
        var many = await LayAsync(4000, 2000);
        rows.Add(
            (
                "A keyboard of 105 caps laid over a photo of 8 megapixels",
                $"{many:0} ms",
                $"of 0.7 megapixels: {few:0} ms",
                $"{many / 2000:0.00}×",
                "under 2 s"
            )
        );
        CleaningFacts Item(int trials) =>
            new()
            {
                Materials = [Material.Abs, Material.Board],
                Features = [Feature.PrintedLegend, Feature.FoilLabel],
                Soils = [Soil.VapourFilm, Soil.Adhesive, Soil.Oxide],
                Trials = [.. Enumerable.Repeat(new CleaningTrial("cloth-damp", 0.2), trials)],
            };
        var (fresh, _) = Measure.Timed(() => Enumerable.Range(0, 100).Select(_ => Ladder.For(Item(0))).Last());
        var (tried, _) = Measure.Timed(() => Enumerable.Range(0, 100).Select(_ => Ladder.For(Item(200))).Last());
        rows.Add(
            (
                "A ladder after 200 passes",
                $"{tried / 100:0.000} ms",
                $"before the first: {fresh / 100:0.000} ms; limit 20 ms",
                $"{tried / 100 / 20:0.000}×",
                "under 20 ms"
            )
        );
        return rows;
    }
}
