using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Haar.Data.Log;

/// <summary>How a row is written into the log and read back: by the names of the database's own tables and columns, so that the code's names may change.</summary>
static class RowChange
{
    /// <summary>What one tracked row has become.</summary>
    public static Change Of(EntityEntry entry) =>
        new(
            entry.Metadata.GetTableName()!,
            Key(entry).ToString()!,
            entry.State == EntityState.Added ? null : Row(entry.Metadata, entry.OriginalValues),
            entry.State == EntityState.Deleted ? null : Row(entry.Metadata, entry.CurrentValues)
        );

    public static object Key(EntityEntry entry) => entry.Property(KeyOf(entry.Metadata).Name).CurrentValue!;

    public static IProperty KeyOf(IReadOnlyEntityType type) => ((IEntityType)type).FindPrimaryKey()!.Properties[0];

    static JsonElement Row(IEntityType type, PropertyValues values)
    {
        var row = new JsonObject();
        foreach (var p in type.GetProperties())
        {
            row[Column(p)] = Store(p, values[p]) is { } value ? JsonSerializer.SerializeToNode(value) : null;
        }
        return JsonSerializer.SerializeToElement(row);
    }

    /// <summary>A row as it stands now, in the same words.</summary>
    public static JsonElement? Now(EntityEntry? entry) =>
        entry is null || entry.State == EntityState.Deleted ? null : Row(entry.Metadata, entry.CurrentValues);

    static string Column(IProperty p) => p.GetColumnName();

    static object? Store(IProperty p, object? value) =>
        value is null ? null
        : p.GetTypeMapping().Converter is { } converter ? converter.ConvertToProvider(value)
        : value is Enum ? value.ToString()
        : value;

    /// <summary>Puts the columns that are kept into a row; what a newer Haar has added to it keeps what it has.</summary>
    public static void Write(JsonElement kept, EntityEntry entry)
    {
        var type = entry.Metadata;
        if (Legacy(kept, type) is { } old)
        {
            entry.CurrentValues.SetValues(old);
            return;
        }
        foreach (var p in type.GetProperties().Where(p => !p.IsPrimaryKey() || entry.State == EntityState.Detached))
        {
            if (kept.TryGetProperty(Column(p), out var value))
            {
                entry.Property(p.Name).CurrentValue = Model(p, value);
            }
        }
    }

    static object? Model(IProperty p, JsonElement value)
    {
        if (value.ValueKind == JsonValueKind.Null)
        {
            return null;
        }
        var converter = p.GetTypeMapping().Converter;
        var read = value.Deserialize(converter?.ProviderClrType ?? Nullable.GetUnderlyingType(p.ClrType) ?? p.ClrType);
        return converter is null ? read : converter.ConvertFromProvider(read);
    }

    /// <summary>The row's type by its table; by its class in entries that an older Haar wrote.</summary>
    public static IEntityType TypeOf(IModel model, string table) =>
        model.GetEntityTypes().FirstOrDefault(t => t.GetTableName() == table)
        ?? model.GetEntityTypes().FirstOrDefault(t => t.ClrType.Name == table)
        ?? throw new UndoException("That act changed something that this Haar no longer keeps, so it cannot be undone.");

    /// <summary>Entries of an older Haar hold the row as a document.</summary>
    static object? Legacy(JsonElement kept, IEntityType type) =>
        type.GetProperties().Any(p => kept.TryGetProperty(Column(p), out _) && char.IsUpper(Column(p)[0]))
            ? null
            : JsonSerializer.Deserialize(kept, type.ClrType, HaarJson.Compact);

    /// <summary>A row that is no longer there, made anew.</summary>
    public static object Make(JsonElement kept, IEntityType type, DbContext db)
    {
        if (Legacy(kept, type) is { } old)
        {
            return old;
        }
        var made = Activator.CreateInstance(type.ClrType, true)!;
        Write(kept, db.Entry(made));
        return made;
    }

    /// <summary>Whether a row still is what the act left: column by column, versions aside, and only those that were kept.</summary>
    public static bool Same(JsonElement? now, JsonElement? after, IEntityType type)
    {
        if (now is not { } a || after is not { } b)
        {
            return now is null && after is null;
        }
        if (Legacy(b, type) is { } old)
        {
            // Read and written once more, so that what a newer Haar added to the row does not look like a change.
            return a.EnumerateObject()
                .All(c =>
                    c.Name == "Version"
                    || type.GetProperties().First(p => Column(p) == c.Name) is var p
                        && JsonNode.DeepEquals(
                            JsonSerializer.SerializeToNode(c.Value),
                            Store(p, p.GetGetter().GetClrValue(old)) is { } value ? JsonSerializer.SerializeToNode(value) : null
                        )
                );
        }
        return b.EnumerateObject()
            .All(c =>
                c.Name == "Version"
                || !a.TryGetProperty(c.Name, out var v)
                || JsonElement.DeepEquals(v, c.Value)
                || Again(type, c.Name, c.Value) is { } again && JsonNode.DeepEquals(JsonSerializer.SerializeToNode(v), again)
            );
    }

    /// <summary>A column that was kept, read and written once more: what a newer Haar writes besides within it is no change.</summary>
    static JsonNode? Again(IEntityType type, string column, JsonElement kept)
    {
        try
        {
            return
                type.GetProperties().FirstOrDefault(p => Column(p) == column) is { } property
                && Store(property, Model(property, kept)) is { } value
                ? JsonSerializer.SerializeToNode(value)
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>The capacitors that changes can have made come out otherwise; null when it may be any, as when the machine's own row changed.</summary>
    public static IReadOnlySet<Guid>? CapacitorsIn(IEnumerable<Change> changes)
    {
        var found = new HashSet<Guid>();
        foreach (var c in changes)
        {
            if (c.Table == "Machines")
            {
                return null;
            }
            var of = c.Table switch
            {
                "Capacitors" => c.Key,
                "Readings" => Text(c, "SubjectId"),
                // "capacitors/comes-out/…"
                "Overrules" => Text(c, "Key")?.Split('/')[^1],
                _ => null,
            };
            if (Guid.TryParse(of, out var id))
            {
                found.Add(id);
            }
        }
        return found;
    }

    static string? Text(Change c, string column) =>
        (c.After ?? c.Before) is { } row && row.TryGetProperty(column, out var value) ? value.GetString() : null;
}
