using System.IO.Compression;
using System.Text.Json;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Exchange;

/// <summary>A document that cannot be taken in. Carries a sentence; nothing was written.</summary>
public sealed class ImportException(string message) : Exception(message);

/// <summary>Writes and reads machine documents: JSON alone, or a ZIP of the JSON and its photos.</summary>
public sealed partial class MachineExchange(HaarDb db, PhotoStore photos, UnitOfWork work)
{
    /// <summary>The document, written as it is put into words.</summary>
    /// <returns>Null when there is no such machine; else what writes it.</returns>
    public async Task<Action<Stream>?> ExportJsonAsync(Guid id, CancellationToken cancel = default) =>
        await DocumentAsync(id, cancel) is { } document ? to => Write(document, to) : null;

    static void Write(MachineDocument document, Stream to)
    {
        JsonSerializer.Serialize(to, document, HaarJson.Readable);
        to.Write("\n"u8);
    }

    /// <summary>A ZIP of the document and its photos, written as it is packed.</summary>
    /// <returns>Null when there is no such machine; else what writes it.</returns>
    public async Task<Action<Stream>?> ExportZipAsync(Guid id, CancellationToken cancel = default) =>
        await DocumentAsync(id, cancel) is not { } document
            ? null
            : to =>
            {
                using var zip = new ZipArchive(to, ZipArchiveMode.Create, true);
                using (var json = Entry(zip, "machine.json", document.Machine.ArrivedAt))
                {
                    Write(document, json);
                }
                foreach (var photo in document.Photos.DistinctBy(p => p.Hash))
                {
                    var path = photos.PathOf(photo.Hash, PhotoSize.Full);
                    if (File.Exists(path))
                    {
                        using var picture = File.OpenRead(path);
                        using var entry = Entry(zip, $"photos/{photo.Hash}.jpg", photo.At);
                        picture.CopyTo(entry);
                    }
                }
            };

    static Stream Entry(ZipArchive zip, string name, DateTimeOffset at)
    {
        var entry = zip.CreateEntry(name, CompressionLevel.Fastest);
        entry.LastWriteTime = at.Year >= 1980 ? at : new DateTimeOffset(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);
        return entry.Open();
    }

    /// <summary>Takes a machine in from a document: all of it, or nothing.</summary>
    /// <param name="from">JSON, or a ZIP; has to be one in which one can go back.</param>
    /// <returns>Its id, and how many of its photos came along.</returns>
    /// <exception cref="ImportException">Cut off, from a newer version, not a machine, or already here.</exception>
    public async Task<(Guid Id, int Photos, int PhotosMissing)> ImportAsync(Stream from, CancellationToken cancel = default)
    {
        using var zip = ImportedZip.IsZip(from) ? new ImportedZip(from) : null;
        var d = Read(zip is null ? ImportedZip.Text(from) : zip.Document());
        if (await db.Machines.AnyAsync(m => m.Id == d.Machine.Id, cancel))
        {
            throw new ImportException($"“{d.Machine.Name}” is in this workshop already. Nothing was changed.");
        }

        var added = new List<string>();
        try
        {
            return await TakeAsync(zip is null ? d : d with { Photos = await PhotosAsync(d, zip, added, cancel) }, cancel);
        }
        catch
        {
            foreach (var hash in added)
            {
                photos.Remove(hash);
            }
            throw;
        }
    }

    /// <summary>Stores the photos that the document names, one after another. Nothing else of the ZIP is unpacked.</summary>
    /// <returns>The document's photos, by the names under which they are kept here.</returns>
    async Task<List<Core.Photos.Photo>> PhotosAsync(MachineDocument d, ImportedZip zip, List<string> added, CancellationToken cancel)
    {
        var kept = new Dictionary<string, StoredPhoto>();
        foreach (var hash in d.Photos.Select(p => p.Hash).Distinct())
        {
            if (zip.Photo(hash) is not { } bytes)
            {
                continue;
            }
            var before = File.Exists(photos.PathOf(hash, PhotoSize.Full));
            var stored = await photos.AddForeignAsync(hash, bytes, cancel);
            kept[hash] = stored;
            if (!before && !await db.Photos.AnyAsync(p => p.Hash == stored.Hash, cancel))
            {
                added.Add(stored.Hash);
            }
        }
        return
        [
            .. d.Photos.Select(p =>
                kept.TryGetValue(p.Hash, out var s) && s.Hash != p.Hash
                    ? new Core.Photos.Photo
                    {
                        Id = p.Id,
                        MachineId = p.MachineId,
                        Hash = s.Hash,
                        Width = s.Width,
                        Height = s.Height,
                        Caption = p.Caption,
                        At = p.At,
                    }
                    : p
            ),
        ];
    }

    async Task<(Guid Id, int Photos, int PhotosMissing)> TakeAsync(MachineDocument d, CancellationToken cancel)
    {
        var have = await db.Drawer.Select(p => p.Id).ToListAsync(cancel);
        // An order is another workshop's business, unless the document is one of this one's.
        foreach (var w in d.Waits.Where(w => w.OrderId is not null))
        {
            w.OrderId = await db.Orders.AnyAsync(o => o.Id == w.OrderId, cancel) ? w.OrderId : null;
        }
        Core.Survey.Rituals.TakenIn(d.Machine);
        var facts = new Core.Planning.MachineFacts { Machine = d.Machine };
        RowsOfMachine.Copy(d, facts);
        db.AddRange(Core.Acts.CircuitWork.Missing(facts, work.NewId));
        db.Add(d.Machine);
        db.AddRange(RowsOfMachine.All(d).Select(r => r.Row).Where(r => r is not Reservation));
        db.AddRange(d.Parts.Where(p => !have.Contains(p.Id)));
        await SetAsideAsync(d, cancel);
        db.AddRange(
            d.Log.Select(l => new LogEntry
            {
                Id = l.Id,
                MachineId = d.Machine.Id,
                At = l.At,
                Sentence = l.Sentence,
                UndoneAt = l.UndoneAt,
                By = l.By.Length <= Hands.MostCharacters ? l.By : "",
            })
        );
        try
        {
            await using var transaction = await db.Database.BeginTransactionAsync(cancel);
            work.Pass();
            await db.SaveChangesAsync(cancel);
            await DangerFacts.KeepAsync(db, d.Machine.Id, "Taken in from a document.", work.Now, work.NewId, true, cancel);
            await db.SaveChangesAsync(cancel);
            await MachineStatusKeeper.RefreshAsync(db, d.Machine.Id, work.Now, cancel);
            await transaction.CommitAsync(cancel);
        }
        catch (InvalidOperationException e)
            when (e is not ObjectDisposedException && e.Message.Contains("tracked", StringComparison.Ordinal))
        {
            throw new ImportException("Two rows in the document have one id. Nothing was changed.");
        }
        catch (DbUpdateException e) when (e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 })
        {
            throw new ImportException(
                "The document contradicts itself or something that is here already (two rows with one id, or a row that names one that is missing). Nothing was changed."
            );
        }

        var missing = d.Photos.Select(p => p.Hash).Distinct().Count(h => !File.Exists(photos.PathOf(h, PhotoSize.Full)));
        return (d.Machine.Id, d.Photos.Count, missing);
    }

    /// <summary>Pieces that were set aside are so here too, as far as the drawer has them.</summary>
    async Task SetAsideAsync(MachineDocument d, CancellationToken cancel)
    {
        var ids = d.Reservations.Select(r => r.PartId).Distinct().ToList();
        var parts = (await db.Stock().OfAsync(ids, cancel)).Concat(d.Parts).DistinctBy(p => p.Id).ToDictionary(p => p.Id);
        foreach (var r in d.Reservations)
        {
            if (parts.TryGetValue(r.PartId, out var part) && part.Free > 0)
            {
                part.Reserved++;
                db.Add(r);
            }
        }
    }

    static MachineDocument Read(byte[] json)
    {
        try
        {
            var (format, version) = Head(json);
            if (format != "haar-machine")
            {
                throw new ImportException("That is not a machine's document: its “format” is not “haar-machine”. Nothing was changed.");
            }
            if (version is not { } number || number < 1)
            {
                throw new ImportException("The document does not say which version it is. Nothing was changed.");
            }
            if (number > MachineDocument.CurrentVersion)
            {
                throw new ImportException(
                    $"The document was written by a newer Haar (version {number}; this one reads up to {MachineDocument.CurrentVersion}). Nothing was changed."
                );
            }

            var d =
                (
                    number < MachineDocument.CurrentVersion
                        ? Upgrade.From(json, number)
                        : JsonSerializer.Deserialize<MachineDocument>(json, HaarJson.Readable)
                ) ?? throw new ImportException("The document is empty. Nothing was changed.");
            SoundInput.Check(d);
            Check(d);
            return d;
        }
        catch (InvalidInputException e)
        {
            throw new ImportException($"{e.Field}: {e.Message} Nothing was changed.");
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException or ArgumentException)
        {
            var where = e as JsonException;
            throw new ImportException(
                $"The document is cut off or damaged{(where?.LineNumber is { } line ? $" at line {line + 1}" : "")}{(string.IsNullOrEmpty(where?.Path) ? "" : $" ({where.Path})")}. Nothing was changed."
            );
        }
    }

    /// <summary>What a document says of itself at its outermost level, whatever else it holds.</summary>
    static (string? Format, int? Version) Head(byte[] json)
    {
        var reader = new Utf8JsonReader(json);
        string? format = null;
        int? version = null;
        if (!reader.Read() || reader.TokenType != JsonTokenType.StartObject)
        {
            return default;
        }
        while (reader.Read() && reader.TokenType == JsonTokenType.PropertyName)
        {
            var name = reader.GetString();
            reader.Read();
            if (name == "format" && reader.TokenType == JsonTokenType.String)
            {
                format = reader.GetString();
            }
            else if (name == "version" && reader.TokenType == JsonTokenType.Number && reader.TryGetInt32(out var number))
            {
                version = number;
            }
            reader.Skip();
        }
        return (format, version);
    }

    async Task<MachineDocument?> DocumentAsync(Guid id, CancellationToken cancel)
    {
        if (await MachineStatusKeeper.FactsAsync(db, id, cancel) is not { } f)
        {
            return null;
        }
        var partIds = f.PartsUsed.Distinct().ToList();
        var workshop = await db.Workshops.FirstOrDefaultAsync(w => w.Id == 1, cancel);
        var document = new MachineDocument
        {
            Currency = workshop?.Currency ?? "EUR",
            Machine = f.Machine,
            Parts = await db.Drawer.AsNoTracking().Where(p => partIds.Contains(p.Id)).OrderBy(p => p.Id).ToListAsync(cancel),
            Log = await db
                .Log.AsNoTracking()
                .Where(l => l.MachineId == id)
                .OrderBy(l => l.Id)
                .Select(l => new LogLine(l.Id, l.At, l.Sentence, l.UndoneAt, l.By))
                .ToListAsync(cancel),
        };
        RowsOfMachine.Copy(f, document);
        return document;
    }
}
