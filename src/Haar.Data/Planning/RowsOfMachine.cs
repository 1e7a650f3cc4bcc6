using System.Linq.Expressions;
using System.Reflection;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>
/// The rows that <see cref="MachineRows"/> names, whatever they are: read for one machine, put into a database, and gone through
/// one by one. A new kind of row needs nothing here.
/// </summary>
public static class RowsOfMachine
{
    sealed record Kind(PropertyInfo Property, Type Row, bool Many)
    {
        public MethodInfo Read { get; } =
            typeof(RowsOfMachine)
                .GetMethod(Many ? nameof(ManyAsync) : nameof(OneAsync), BindingFlags.NonPublic | BindingFlags.Static)!
                .MakeGenericMethod(Row);
    }

    static readonly IReadOnlyList<Kind> Kinds =
    [
        .. typeof(MachineRows)
            .GetProperties(BindingFlags.Public | BindingFlags.Instance | BindingFlags.DeclaredOnly)
            .Where(p => p.CanWrite && p.PropertyType != typeof(Machine))
            .Select(p =>
                p.PropertyType.IsGenericType
                    ? new Kind(p, p.PropertyType.GetGenericArguments()[0], true)
                    : new Kind(p, p.PropertyType, false)
            ),
    ];

    /// <summary>Every kind of row but the machine itself.</summary>
    public static IEnumerable<Type> Types => Kinds.Select(k => k.Row);

    /// <summary>Reads every row of one machine into <paramref name="into"/>.</summary>
    /// <param name="tracked">They are to be changed. Readings never are.</param>
    /// <param name="without">Kinds of rows that are left out.</param>
    public static async Task FillAsync(
        HaarDb db,
        Guid id,
        MachineRows into,
        bool tracked,
        CancellationToken cancel,
        params IReadOnlyList<Type> without
    )
    {
        foreach (var k in Kinds.Where(k => !without.Contains(k.Row)))
        {
            await (Task)k.Read.Invoke(null, [db, id, into, k.Property, tracked && k.Row != typeof(Core.Meters.Reading), cancel])!;
        }
    }

    static async Task ManyAsync<T>(HaarDb db, Guid id, MachineRows into, PropertyInfo property, bool tracked, CancellationToken cancel)
        where T : class => property.SetValue(into, await Of<T>(db, id, tracked).ToListAsync(cancel));

    static async Task OneAsync<T>(HaarDb db, Guid id, MachineRows into, PropertyInfo property, bool tracked, CancellationToken cancel)
        where T : class => property.SetValue(into, await Of<T>(db, id, tracked).FirstOrDefaultAsync(cancel));

    static IQueryable<T> Of<T>(HaarDb db, Guid id, bool tracked)
        where T : class
    {
        var rows = db.Set<T>().Where(x => EF.Property<Guid>(x, "MachineId") == id).OrderBy(x => EF.Property<Guid>(x, "Id"));
        return tracked ? rows : rows.AsNoTracking();
    }

    /// <summary>Copies every row from one to the other, as from facts to a document.</summary>
    public static void Copy(MachineRows from, MachineRows to)
    {
        foreach (var k in Kinds)
        {
            k.Property.SetValue(to, k.Property.GetValue(from));
        }
    }

    /// <summary>Every row, with its id and the machine that it says it is of.</summary>
    public static IEnumerable<(object Row, Guid Id, Guid MachineId)> All(MachineRows of)
    {
        foreach (var k in Kinds)
        {
            var (id, machine) = (k.Row.GetProperty("Id")!, k.Row.GetProperty("MachineId")!);
            var rows = k.Property.GetValue(of) switch
            {
                null => [],
                IEnumerable<object> many => many,
                var one => [one],
            };
            foreach (var row in rows)
            {
                yield return (row, (Guid)id.GetValue(row)!, (Guid)machine.GetValue(row)!);
            }
        }
    }
}
