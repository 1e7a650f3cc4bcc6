using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>Where one looks, outside to inside.</summary>
public enum Zone
{
    Outside = 0,
    Ports,
    Opening,
    Supply,
    Board,
    Cells,
    Memory,
    Drives,
    Display,
    Keyboard,
}

public enum LookAnswer
{
    NotLooked = 0,
    Sound,
    Bad,
    CannotTell,
    NotHere,
}

/// <summary>One answer, as given with one thumb.</summary>
public sealed class ChecklistAnswer
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>Of the item.</summary>
    public string Item { get; init; } = "";
    public LookAnswer Answer { get; set; }
    public string Note { get; set; } = "";
    public Guid? PhotoId { get; set; }

    /// <summary>What a bad answer raised.</summary>
    public Guid? FindingId { get; set; }
    public DateTimeOffset At { get; set; }
    public int Version { get; set; }
}

/// <param name="Id">Stable, for answers.</param>
/// <param name="Title">What to look at.</param>
/// <param name="LooksLike">What it looks like when it is bad.</param>
/// <param name="Because">Why it is on this machine's list.</param>
/// <param name="Raises">The finding that a bad answer is.</param>
/// <param name="Cautions">Said beside it.</param>
/// <param name="Of">Traits that put it on the list: to see it is to know them, and "not here" rules them out.</param>
public sealed record ChecklistItem(
    string Id,
    Zone Zone,
    string Title,
    string LooksLike,
    string Because,
    FindingKind Raises,
    IReadOnlyList<CautionId> Cautions,
    IReadOnlyList<Trait> Of
);

/// <summary>An act that this machine's findings forbid.</summary>
public sealed record RefusedAct(string Act, string Why);

/// <param name="Items">In walking order.</param>
/// <param name="Refused">What must not be done to it now.</param>
public sealed record ChecklistResult(IReadOnlyList<ChecklistItem> Items, IReadOnlyList<RefusedAct> Refused)
{
    public string Sentence =>
        $"{Items.Count} {(Items.Count == 1 ? "place" : "places")} to look at{(Refused.Count > 0 ? $". {string.Join(" ", Refused.Select(r => r.Why).Distinct().Take(1))}" : ".")}";
}
