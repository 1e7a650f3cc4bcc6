using System.Reflection;
using System.Text.Json;
using System.Text.Json.Nodes;
using Haar.Core.Intake;
using Haar.Core.Verdicts;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Json.Schema;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Packs;

/// <summary>Packs: those that ship with Haar and those that people import. Every one is checked against the published schema.</summary>
public sealed class PackStore(HaarDb db, UnitOfWork work)
{
    const string OwnId = "own";
    public const int MostBytes = 5_000_000;

    static readonly Lazy<JsonSchema> Schema = new(() => JsonSchema.FromText(SchemaText));

    /// <summary>JSON Schema 2020-12 of a pack, as published at <c>/schemas/haar-pack-1.schema.json</c>.</summary>
    public static string SchemaText => Resource("haar-pack-1.schema.json");

    /// <summary>The demo workshop's pack, of made-up makers.</summary>
    public static Pack Demo => JsonSerializer.Deserialize<Pack>(Resource("harbour.json"), HaarJson.Readable)!;

    /// <summary>What is usual of kinds of machines, whoever made them: in every workshop.</summary>
    public static Pack Kinds => JsonSerializer.Deserialize<Pack>(Resource("kinds.json"), HaarJson.Readable)!;

    /// <summary>Puts what ships in, or renews it when a newer Haar ships another. The made-up makers are for the demo, and for workshops that have them.</summary>
    public static async Task SeedAsync(HaarDb db, DateTimeOffset now, bool demo = false, CancellationToken cancel = default)
    {
        await SeedAsync(db, "kinds", now, cancel);
        await SeedAsync(db, "methods", now, cancel);
        if (demo || await db.Packs.AnyAsync(p => p.Id == "harbour" && p.BuiltIn, cancel))
        {
            await SeedAsync(db, "harbour", now, cancel);
        }
    }

    static async Task SeedAsync(HaarDb db, string id, DateTimeOffset now, CancellationToken cancel)
    {
        var json = Resource($"{id}.json");
        var row = await db.Packs.FirstOrDefaultAsync(p => p.Id == id, cancel);
        if (row is { BuiltIn: true } && row.Json == json)
        {
            return;
        }
        var pack = JsonSerializer.Deserialize<Pack>(json, HaarJson.Readable)!;
        if (row is null)
        {
            db.Packs.Add(
                new PackRow
                {
                    Id = pack.Id,
                    Name = pack.Name,
                    Json = json,
                    BuiltIn = true,
                    At = now,
                }
            );
        }
        else if (row.BuiltIn)
        {
            row.Json = json;
            row.Name = pack.Name;
            row.At = now;
        }
        else
        {
            return;
        }
        await db.SaveChangesAsync(cancel);
    }

    public async Task<IReadOnlyList<Pack>> AllAsync(CancellationToken cancel = default) =>
        [
            .. (await db.Packs.AsNoTracking().OrderBy(p => p.Id).ToListAsync(cancel)).Select(p =>
                JsonSerializer.Deserialize<Pack>(p.Json, HaarJson.Readable)!
            ),
        ];

    /// <summary>Every kind of every pack here; of one id, the one that somebody imported outranks the one that ships.</summary>
    public async Task<IReadOnlyList<KindProfile>> KindsAsync(CancellationToken cancel = default) =>
        [
            .. (await db.Packs.AsNoTracking().OrderBy(p => p.BuiltIn).ThenBy(p => p.Id).ToListAsync(cancel))
                .SelectMany(p => JsonSerializer.Deserialize<Pack>(p.Json, HaarJson.Readable)!.Kinds)
                .DistinctBy(k => k.Id),
        ];

    /// <summary>What this workshop's own packs say of cleaning; of one id the first by the pack's name.</summary>
    public static async Task<OwnCleaning> CleaningAsync(HaarDb db, CancellationToken cancel)
    {
        var packs = (await db.Packs.AsNoTracking().Where(p => !p.BuiltIn).OrderBy(p => p.Id).ToListAsync(cancel))
            .Select(p => JsonSerializer.Deserialize<Pack>(p.Json, HaarJson.Readable)!)
            .ToList();
        return OwnCleaning.Of(packs);
    }

    /// <summary>Every item that is not done is cleaned by what the packs say now. A method that was tried stays as it was tried.</summary>
    async Task RenewItemsAsync(Func<IEnumerable<Pack>, IEnumerable<Pack>> change, CancellationToken cancel)
    {
        var packs = (await db.Packs.AsNoTracking().Where(p => !p.BuiltIn).OrderBy(p => p.Id).ToListAsync(cancel)).Select(p =>
            JsonSerializer.Deserialize<Pack>(p.Json, HaarJson.Readable)!
        );
        var own = OwnCleaning.Of([.. change(packs)]);
        foreach (var item in await db.CleanedItems.ToListAsync(cancel))
        {
            // What it lies in now has to be told when it comes out.
            if (item.Open && item.Sheet.Soak is null)
            {
                item.Facts = own.On(item.Facts);
            }
        }
    }

    /// <summary>Null where no pack here knows the kind.</summary>
    public async Task<KindProfile?> KindAsync(string id, CancellationToken cancel) =>
        id.Length == 0 ? null : (await KindsAsync(cancel)).FirstOrDefault(k => k.Id == id);

    /// <summary>The first profile of this very model that has something to say; null where the model is not known, or none has.</summary>
    public async Task<MachineProfile?> OfModelAsync(string model, Func<MachineProfile, bool> says, CancellationToken cancel) =>
        model.Length == 0 ? null : (await AllAsync(cancel)).SelectMany(p => p.Machines).FirstOrDefault(p => p.Model == model && says(p));

    /// <summary>Checks and stores a pack; one with the same id is exchanged, except the shipped one.</summary>
    /// <exception cref="ImportException">Not JSON, not to the schema, a contradiction, or from a newer version.</exception>
    public async Task<Pack> ImportAsync(string text, CancellationToken cancel = default)
    {
        var pack = Read(text);
        var row = await db.Packs.FirstOrDefaultAsync(p => p.Id == pack.Id, cancel);
        if (row is { BuiltIn: true })
        {
            throw new ImportException($"“{pack.Id}” is the pack that ships with Haar: give yours another id. Nothing was changed.");
        }
        if (row is null)
        {
            row = new PackRow { Id = pack.Id };
            db.Packs.Add(row);
        }

        row.Name = pack.Name;
        row.Json = text;
        row.At = work.Now;
        await RenewItemsAsync(all => all.Where(p => p.Id != pack.Id).Append(pack), cancel);
        await work.ActAsync(
            null,
            $"Pack “{pack.Name}” imported: {pack.Machines.Count} machines, {pack.Boards.Count} boards, {pack.Parts.Count} parts{(pack.Kinds.Count > 0 ? $", {pack.Kinds.Count} kinds" : "")}{(pack.Methods.Count > 0 ? $", {pack.Methods.Count} methods" : "")}.",
            cancel
        );
        return pack;
    }

    /// <summary>Takes a pack away; what items were cleaned by stays with them.</summary>
    public async Task<LogEntry> RemoveAsync(PackRow row, CancellationToken cancel)
    {
        db.Remove(row);
        await RenewItemsAsync(all => all.Where(p => p.Id != row.Id), cancel);
        return await work.ActAsync(null, $"Pack “{row.Name}” taken away.", cancel);
    }

    /// <summary>Keeps a machine's profile of the workshop's own, in a pack of its own; one of the same id is exchanged. Saved with the act that follows.</summary>
    /// <exception cref="ImportException">The profile is not as the schema has it.</exception>
    public Task<Pack> KeepAsync(MachineProfile profile, CancellationToken cancel = default) =>
        KeepAsync(pack => pack with { Machines = [.. pack.Machines.Where(m => m.Id != profile.Id), profile] }, cancel);

    /// <summary>The same for a board's plan.</summary>
    public Task<Pack> KeepAsync(BoardProfile plan, CancellationToken cancel = default) =>
        KeepAsync(pack => pack with { Boards = [.. pack.Boards.Where(b => b.Id != plan.Id), plan] }, cancel);

    async Task<Pack> KeepAsync(Func<Pack, Pack> change, CancellationToken cancel)
    {
        var row = await db.Packs.FirstOrDefaultAsync(p => p.Id == OwnId, cancel);
        var pack = change(
            row is null
                ? new Pack { Id = OwnId, Name = "This workshop's own" }
                : JsonSerializer.Deserialize<Pack>(row.Json, HaarJson.Readable)!
        );
        var text = JsonSerializer.Serialize(pack, HaarJson.Readable);
        _ = Read(text);
        if (row is null)
        {
            row = new PackRow { Id = OwnId };
            db.Packs.Add(row);
        }

        (row.Name, row.Json, row.At) = (pack.Name, text, work.Now);
        return pack;
    }

    public static Pack Read(string text)
    {
        if (text.Length > MostBytes)
        {
            throw new ImportException($"A pack is at most {MostBytes / 1_000_000} MB. Nothing was changed.");
        }
        JsonNode? node;
        try
        {
            node = JsonNode.Parse(text, documentOptions: HaarJson.Strict);
            // What is no text (half of a pair of characters) is found when it is read, and not before.
            _ = node?.ToJsonString();
        }
        catch (Exception e) when (e is InvalidOperationException or ArgumentException)
        {
            throw new ImportException("The pack has a text that is none: half a character. Nothing was changed.");
        }
        catch (JsonException e) when (e.Message.Contains("uplicate", StringComparison.Ordinal))
        {
            throw new ImportException(
                $"The pack has the same name twice in one place{(e.Path is { Length: > 1 } at ? $" ({at})" : "")}. Nothing was changed."
            );
        }
        catch (JsonException e)
        {
            throw new ImportException(
                $"The pack is cut off or damaged{(e.LineNumber is { } l ? $" at line {l + 1}" : "")}. Nothing was changed."
            );
        }

        if (
            node is JsonObject o
            && o["format"]?.ToString() == "haar-pack"
            && o["version"] is JsonValue v
            && v.TryGetValue<int>(out var number)
            && number > 1
        )
        {
            throw new ImportException($"The pack was written for a newer Haar (version {number}). Nothing was changed.");
        }

        using var document = JsonDocument.Parse(text, HaarJson.Strict);
        var result = Schema.Value.Evaluate(document.RootElement, new EvaluationOptions { OutputFormat = OutputFormat.List });
        if (!result.IsValid)
        {
            var faults = (result.Details ?? [])
                .Where(d => d.Errors is { Count: > 0 })
                .SelectMany(d =>
                    d.Errors!.Select(e => $"{(d.InstanceLocation.ToString() is { Length: > 0 } at ? at : "the pack")}: {e.Value}")
                )
                .Distinct()
                .Take(5)
                .ToList();
            throw new ImportException($"The pack is not as its schema has it. {string.Join("; ", faults)}. Nothing was changed.");
        }

        Pack pack;
        try
        {
            pack = JsonSerializer.Deserialize<Pack>(text, HaarJson.Readable)!;
            SoundInput.Check(pack);
        }
        catch (InvalidInputException e)
        {
            throw new ImportException($"{e.Field}: {e.Message} Nothing was changed.");
        }
        catch (InvalidOperationException)
        {
            throw new ImportException("The pack has a text that is none: half a character. Nothing was changed.");
        }
        catch (JsonException e)
        {
            throw new ImportException($"The pack has something that cannot be at {e.Path?.TrimStart('$', '.')}. Nothing was changed.");
        }
        if (pack.Kinds.GroupBy(k => k.Id).FirstOrDefault(g => g.Count() > 1) is { } same)
        {
            throw new ImportException($"Kind “{same.Key}” is in the pack twice. Nothing was changed.");
        }
        if (pack.Methods.GroupBy(m => m.Id).FirstOrDefault(g => g.Count() > 1) is { } twin)
        {
            throw new ImportException($"Method “{twin.Key}” is in the pack twice. Nothing was changed.");
        }
        if (Core.Cleaning.Methods.Circle(pack.Methods) is { } round)
        {
            throw new ImportException(
                $"The methods {Words.And(round.Select(r => $"“{r}”"))} follow one another in a circle: nobody would ever be done. Nothing was changed."
            );
        }
        var known = pack.Methods.Concat(Core.Cleaning.Methods.Usual).Select(m => m.Id).ToHashSet();
        foreach (var method in pack.Methods)
        {
            if (method.Then.Length > 0 && !known.Contains(method.Then))
            {
                throw new ImportException($"Method “{method.Id}” is followed by “{method.Then}”, which is not there. Nothing was changed.");
            }
            if (
                method.Why.Length == 0
                && (
                    method.Materials.Values.Contains(Core.Cleaning.Bears.Never)
                    || method.Features.Values.Contains(Core.Cleaning.Bears.Never)
                )
            )
            {
                throw new ImportException($"Method “{method.Id}” says never, and not why. Nothing was changed.");
            }
        }
        if (pack.Materials.FirstOrDefault(m => m.Safe.Intersect(m.Never).Any()) is { } torn)
        {
            throw new ImportException($"Material “{torn.Id}” bears a method and does not. Nothing was changed.");
        }
        foreach (var kind in pack.Kinds)
        {
            if (kind.YearFrom > kind.YearTo || kind.Likely.Any(l => l.From > l.To))
            {
                throw new ImportException($"Kind “{kind.Id}” has years that are upside down. Nothing was changed.");
            }
            if (kind.Hours is { } h && !(h.Low <= h.Likely && h.Likely <= h.High))
            {
                throw new ImportException($"Kind “{kind.Id}” has hours that are not in order: low, likely, high. Nothing was changed.");
            }
        }
        foreach (var board in pack.Boards)
        {
            if (
                board.Capacitors.GroupBy(c => c.Designator, StringComparer.OrdinalIgnoreCase).FirstOrDefault(g => g.Count() > 1) is
                { } twice
            )
            {
                throw new ImportException($"Board “{board.Id}” has {twice.Key} twice. Nothing was changed.");
            }
        }

        return pack;
    }

    static string Resource(string name)
    {
        if (name == "methods.json")
        {
            // The core's own table, as a pack that can be taken out, changed and brought in under another id.
            return $$"""
                {
                "format": "haar-pack",
                "version": 1,
                "id": "methods",
                "name": "Ways to clean, as they are usual",
                "methods": {{Core.Cleaning.Methods.Text.TrimEnd()}}
                }
                """;
        }
        using var s =
            Assembly.GetExecutingAssembly().GetManifestResourceStream($"Haar.Data.Packs.{name}")
            ?? throw new InvalidOperationException($"{name} does not ship.");
        using var r = new StreamReader(s);
        return r.ReadToEnd();
    }
}
