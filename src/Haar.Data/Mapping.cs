using System.Linq.Expressions;
using System.Text.Json;
using Haar.Core.Boards;
using Haar.Core.Intake;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Haar.Data;

/// <summary>How rows hang on one another, and how a value is kept whole.</summary>
static class Mapping
{
    /// <summary>Nothing goes with a row that it hangs on: what is taken away is named, and taken away by itself.</summary>
    public static void OfMachine<T>(this EntityTypeBuilder<T> e, Expression<Func<T, object?>> machineId)
        where T : class => e.HasOne<Machine>().WithMany().HasForeignKey(machineId).OnDelete(DeleteBehavior.Restrict);

    public static void OnBoard<T>(this EntityTypeBuilder<T> e, Expression<Func<T, object?>> machineId, Expression<Func<T, object?>> boardId)
        where T : class
    {
        e.OfMachine(machineId);
        e.HasOne<Board>().WithMany().HasForeignKey(boardId).OnDelete(DeleteBehavior.Restrict);
    }

    public static void Json<T>(this PropertyBuilder<T> property)
        where T : class => property.HasConversion<JsonText<T>, JsonTextComparer<T>>();
}

/// <summary>Instants as ticks in UTC.</summary>
public sealed class UtcTicks() : ValueConverter<DateTimeOffset, long>(v => v.UtcTicks, t => new DateTimeOffset(t, TimeSpan.Zero));

/// <summary>A value that is read and written whole, as JSON text.</summary>
public sealed class JsonText<T>()
    : ValueConverter<T, string>(
        v => JsonSerializer.Serialize(v, HaarJson.Compact),
        s => JsonSerializer.Deserialize<T>(s, HaarJson.Compact)!
    )
    where T : class;

/// <summary>Two such values are the same when their text is.</summary>
public sealed class JsonTextComparer<T>()
    : ValueComparer<T>(
        (a, b) => JsonSerializer.Serialize(a, HaarJson.Compact) == JsonSerializer.Serialize(b, HaarJson.Compact),
        v => JsonSerializer.Serialize(v, HaarJson.Compact).GetHashCode(StringComparison.Ordinal),
        v => JsonSerializer.Deserialize<T>(JsonSerializer.Serialize(v, HaarJson.Compact), HaarJson.Compact)!
    )
    where T : class;
