using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Haar.Data.Log;

/// <summary>What speaks of a row and would be left without it: by a foreign key, by an id kept beside, or in a list.</summary>
static partial class StandsOn
{
    /// <summary>Computed from the others, and gone with them.</summary>
    static bool Derived(IReadOnlyEntityType t) =>
        t.ClrType == typeof(LogEntry)
        || t.ClrType == typeof(MachineStatusRow)
        || t.ClrType == typeof(MachineWorkRow)
        || t.ClrType == typeof(KeptPlanRow)
        || t.ClrType == typeof(Capacitors.CapacitorStandRow)
        || t.ClrType == typeof(Core.Safety.Danger);

    /// <summary>Rows that name it, without those in <paramref name="leaving"/>; a few are enough to refuse by.</summary>
    public static async Task<IReadOnlyList<object>> OfAsync(
        HaarDb db,
        IEntityType type,
        object key,
        IReadOnlySet<(string Table, string Key)> leaving,
        CancellationToken cancel,
        int enough = 5
    )
    {
        var found = new List<object>();
        foreach (var t in db.Model.GetEntityTypes().Where(t => !Derived(t)))
        {
            var columns = t.GetProperties().Where(p => !p.IsPrimaryKey() && Names(p, type)).ToList();
            if (columns.Count == 0)
            {
                continue;
            }
            var table = t.GetTableName()!;
            var rows = await Rows(db, t, columns, key).ToListAsync(cancel);
            found.AddRange(rows.Where(r => !leaving.Contains((table, RowChange.Key(db.Entry(r)).ToString()!))));
            if (found.Count >= enough)
            {
                return found;
            }
        }

        return found;
    }

    /// <summary>All ids that other rows speak of where they could mean a row of this kind: one pass for many that leave at once.</summary>
    public static async Task<HashSet<Guid>> NamedAsync(HaarDb db, IEntityType type, CancellationToken cancel)
    {
        var named = new HashSet<Guid>();
        foreach (var t in db.Model.GetEntityTypes().Where(t => !Derived(t)))
        {
            foreach (var column in t.GetProperties().Where(p => !p.IsPrimaryKey() && Names(p, type)).Select(p => p.GetColumnName()))
            {
                // Names of the model's own tables and columns, no one's text.
                var sql = $"SELECT DISTINCT \"{column}\" AS \"Value\" FROM \"{t.GetTableName()}\" WHERE \"{column}\" IS NOT NULL";
                await foreach (var said in db.Database.SqlQueryRaw<string>(sql).AsAsyncEnumerable().WithCancellation(cancel))
                {
                    named.UnionWith(Ids().Matches(said).Select(m => Guid.Parse(m.Value)));
                }
            }
        }
        return named;
    }

    [System.Text.RegularExpressions.GeneratedRegex("[0-9A-Fa-f]{8}-(?:[0-9A-Fa-f]{4}-){3}[0-9A-Fa-f]{12}")]
    private static partial System.Text.RegularExpressions.Regex Ids();

    /// <summary>Whether a column can hold the id of such a row.</summary>
    static bool Names(IProperty p, IEntityType type)
    {
        var keys = RowChange.KeyOf(type).ClrType == typeof(Guid);
        if (!keys)
        {
            return false;
        }
        if (p.Name == "MachineId")
        {
            return type.ClrType == typeof(Machine);
        }
        if (type.ClrType == typeof(Machine))
        {
            return false;
        }
        return (Nullable.GetUnderlyingType(p.ClrType) ?? p.ClrType) == typeof(Guid)
            || p.Name == nameof(Overrule.Key)
            || p.GetTypeMapping().Converter?.ProviderClrType == typeof(string) && p.ClrType.IsGenericType;
    }

    /// <summary>The rows of one table that name it in any column. Ids stand in columns in capitals, in lists and keys in small letters; LIKE does not mind.</summary>
    static IQueryable<object> Rows(HaarDb db, IEntityType t, List<IProperty> columns, object key)
    {
        var any = columns.Select(p =>
            p.GetTypeMapping().Converter is not null || p.ClrType == typeof(string)
                ? $"\"{p.GetColumnName()}\" LIKE {{1}}"
                : $"\"{p.GetColumnName()}\" = {{0}}"
        );
        var sql = $"SELECT * FROM \"{t.GetTableName()}\" WHERE {string.Join(" OR ", any)}";
        return (IQueryable<object>)
            typeof(StandsOn)
                .GetMethod(nameof(Typed), System.Reflection.BindingFlags.NonPublic | System.Reflection.BindingFlags.Static)!
                .MakeGenericMethod(t.ClrType)
                .Invoke(null, [db, sql, key.ToString()!.ToUpperInvariant(), $"%{key}%"])!;
    }

    static IQueryable<T> Typed<T>(HaarDb db, string sql, string id, string text)
        where T : class => db.Set<T>().FromSqlRaw(sql, id, text);

    /// <summary>A row, as a person speaks of it.</summary>
    public static string Words(object row) =>
        row switch
        {
            Capacitor c => c.Designator,
            Board b => $"the board “{b.Name}”",
            CorrosionArea a => a.Name,
            BoardNet n => $"the net {n.Name}",
            HotPart h => h.Name,
            MachineCell => "the cell",
            MachinePack => "the pack",
            Reading r => r.SubjectKind == SubjectKind.Rail ? $"a reading of {r.Channel}" : "a reading",
            Reservation => "a piece set aside for it",
            Finding f => $"the finding “{FindingRules.Meaning(f.Kind).Words}”",
            Job j => $"“{j.Title}”",
            StripStep s => $"step {s.Number}, {s.Title}",
            StripFastener f => $"screws {f.Thread}",
            StripConnector c => c.Kind,
            PowerStep => "a step of first power",
            Photo => "a photo",
            Proof p => $"the proof “{p.What}”",
            Overrule => "a decision against a verdict",
            Core.Acts.DoneOtherwise o => $"what was done otherwise on {o.Name}",
            PartOrder o => $"an order at {o.Supplier}",
            StageClosing => "a closed stage",
            LotBox b => $"the box “{b.Name}”",
            FoundItem i => i.Slot,
            DrawerPart d => Substitution.Describe(d.Spec),
            _ => "something else",
        };
}
