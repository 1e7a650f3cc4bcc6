using Haar.Core.Planning;
using Haar.Core.Rooms;

namespace Haar.Core.Safety;

/// <summary>What raised a danger.</summary>
public enum DangerKind
{
    /// <summary>A finding that stops power.</summary>
    Finding = 0,

    /// <summary>A cell that must not stay on the line that it is fitted on.</summary>
    FittedCell,

    /// <summary>A laptop's pack that is swollen, hot or leaking, and still in.</summary>
    SwollenPack,

    /// <summary>Something that takes the mains, or may, is wet.</summary>
    WetMains,

    /// <summary>The cell that came in it leaks, as the battery's own screen says.</summary>
    LeakingCell,

    /// <summary>The cell that came in it is swollen.</summary>
    SwollenCell,

    /// <summary>A primary lithium cell that came in it sits on a line that charges.</summary>
    ChargedPrimaryCell,

    /// <summary>Something was wet when its entry was taken off a list.</summary>
    WetRowGone,

    /// <summary>Something was half done, or about to vent, when its entry was taken off a list.</summary>
    RowGone,
}

/// <summary>A danger of one machine: it stands from the moment that a fact raises it until an act answers it. Kept, so that what was measured before it is known for what it is.</summary>
public sealed class Danger
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public DangerKind Kind { get; init; }

    /// <summary>The finding, the cell, the pack or the item.</summary>
    public Guid Subject { get; init; }

    /// <summary>What was found, where it is a finding's: kept, so that it is known when the finding is gone.</summary>
    public Survey.FindingKind? Found { get; init; }
    public string Sentence { get; set; } = "";
    public DateTimeOffset Since { get; init; }
    public DateTimeOffset? AnsweredAt { get; set; }

    /// <summary>The act that answered it, as it stands in the log; empty while it stands.</summary>
    public string Answer { get; set; } = "";

    public bool Stands => AnsweredAt is null;
}

/// <summary>A danger as the facts raise it now.</summary>
/// <param name="Sentence">What it is.</param>
/// <param name="Work">What answers it, as an order.</param>
/// <param name="Why">What happens otherwise.</param>
/// <param name="Since">When the fact was noted; null when it follows from others.</param>
/// <param name="Screen">Where it is answered.</param>
public sealed record RaisedDanger(
    DangerKind Kind,
    Guid Subject,
    string Sentence,
    string Work,
    string Why,
    IReadOnlyList<CautionId> Cautions,
    DateTimeOffset? Since,
    string Screen
)
{
    public Survey.FindingKind? Found { get; init; }

    /// <summary>The row that still stands although the fact that raised it is gone; null where a fact raises it.</summary>
    public Guid? LeftBehind { get; init; }
}

/// <summary>The dangers of a machine. One hazard is one row, whichever route said it, and ends by the act that deals with it.</summary>
public static class Dangers
{
    /// <summary>
    /// Everything that may not be powered, charged or left as it is, from all rooms; and what stood and was never dealt with, though
    /// the fact that raised it was deleted, reworded or is no longer said.
    /// </summary>
    public static IReadOnlyList<RaisedDanger> Of(MachineFacts f)
    {
        var raised = AllRooms.InOrder.SelectMany(r => r.Dangers(f)).ToList();
        var now = raised.Select(d => (d.Kind, d.Subject)).ToHashSet();
        return [.. raised, .. f.Dangers.Where(r => r.Stands && !now.Contains((r.Kind, r.Subject)) && !DealtWith(f, r)).Select(LeftBehind)];
    }

    static bool DealtWith(MachineFacts f, Danger row) => AllRooms.InOrder.Any(r => r.DealtWith(f, row) == true);

    static RaisedDanger LeftBehind(Danger row)
    {
        var meaning = row.Found is { } kind ? Survey.FindingRules.Meaning(kind) : null;
        return new(
            row.Kind,
            row.Subject,
            row.Sentence,
            "Look again, and say what is there now",
            $"It was written down, and nobody has dealt with it since. {meaning?.Why}".Trim(),
            meaning?.Cautions ?? [],
            row.Since,
            "power"
        )
        {
            Found = row.Found,
            LeftBehind = row.Id,
        };
    }

    /// <summary>Kinds of rows that dangers are raised from: an act that touches none of them raises and answers none.</summary>
    public static IReadOnlySet<Type> RaisedFrom { get; } = AllRooms.InOrder.SelectMany(r => r.RaisedFrom).ToHashSet();

    /// <summary>Brings the rows to what the facts raise now: new ones stand from now, and what is dealt with was answered by this act.</summary>
    /// <param name="f">The facts, with all of this machine's danger rows.</param>
    /// <param name="act">The act's sentence.</param>
    /// <param name="asNoted">They are taken over with a record, and stand from when their facts were noted; else from now, also where the fact was noted earlier as something harmless.</param>
    /// <returns>Rows that are new.</returns>
    public static IReadOnlyList<Danger> Keep(MachineFacts f, DateTimeOffset now, string act, Func<Guid> newId, bool asNoted = false)
    {
        var raised = Of(f);
        var standing = f.Dangers.Where(r => r.Stands).ToDictionary(r => (r.Kind, r.Subject));
        foreach (var (key, row) in standing)
        {
            if (raised.FirstOrDefault(d => (d.Kind, d.Subject) == key) is { } still)
            {
                row.Sentence = still.Sentence;
            }
            else
            {
                (row.AnsweredAt, row.Answer) = (now, act);
            }
        }
        return
        [
            .. raised
                .Where(d => !standing.ContainsKey((d.Kind, d.Subject)))
                .Select(d => new Danger
                {
                    Id = newId(),
                    MachineId = f.Machine.Id,
                    Kind = d.Kind,
                    Subject = d.Subject,
                    Found = d.Found,
                    Sentence = d.Sentence,
                    Since = asNoted ? d.Since ?? now : now,
                }),
        ];
    }
}
