using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>A cheap job that lies open once something is off: done then, it costs no opening of its own.</summary>
/// <param name="Id">The same from one look to the next.</param>
/// <param name="DueOn">Its day, where it has one.</param>
public sealed record WhileOpen(
    string Id,
    string Title,
    string Why,
    Stage Stage,
    int Minutes,
    PieceKind Piece,
    bool Out,
    DateOnly? DueOn = null
);

/// <summary>The cheap jobs that are forgotten behind an open cover, and what is soon to be looked at again. What is listed already is not proposed. Their minutes are by practice: house figures.</summary>
public static class WhileItIsOpen
{
    /// <param name="inside">What is to be done inside already.</param>
    public static IEnumerable<WhileOpen> Of(MachineNow m, IReadOnlyList<WorkTask> inside, DateOnly today)
    {
        var f = m.Facts;
        var soon = today.AddDays(CaseOpening.SoonDays);
        bool Listed(params string[] words) =>
            inside.Any(w => words.Any(x => w.Title.Contains(x, StringComparison.OrdinalIgnoreCase)))
            || f.Jobs.Any(j => words.Any(x => j.Title.Contains(x, StringComparison.OrdinalIgnoreCase)));
        if (f.Cell is { FittedAt: not null, NextCheck: { } look } && look <= soon)
        {
            yield return new(
                "cell",
                "Look at the cell",
                look <= today ? "It is due." : $"It is due by {Day(look)}.",
                Stage.Boards,
                5,
                PieceKind.Board,
                false,
                look
            );
        }
        foreach (var a in f.Areas.Where(a => a.Next is null && a.InspectOn <= soon))
        {
            yield return new(
                $"area/{a.Id}",
                $"Look at {Words.Lower(a.Name)} again",
                a.InspectOn <= today
                    ? "It is due: what leaked creeps on under the mask."
                    : $"It is due by {Day(a.InspectOn!.Value)}: what leaked creeps on under the mask.",
                Stage.Boards,
                5,
                PieceKind.Board,
                false,
                a.InspectOn
            );
        }
        if (f.Cell is null && Hazards.Battery(f.Machine) != ThreeState.No && !Listed("cell"))
        {
            yield return new(
                "seek",
                "Look for a cell, on the board and under every card",
                "Nobody has looked: one that leaks eats what it sits on.",
                Stage.Boards,
                5,
                PieceKind.Board,
                false
            );
        }
        if (f.Boards.Any(b => b.PhotoId is null) || f.Boards.Count == 0)
        {
            yield return new(
                "photo",
                "Photograph the board from straight above, with its date codes and jumpers",
                "It is the map that everything else is marked on.",
                Stage.Boards,
                5,
                PieceKind.Board,
                false
            );
        }
        if (!f.CleanedItems.Any(i => i.Facts.Soils.Contains(Cleaning.Soil.Dust)) && !Listed("dust"))
        {
            yield return new(
                "dust",
                "Brush the dust out, each fan held still",
                "It holds heat and damp, and goes into every contact that is opened.",
                Stage.Case,
                10,
                PieceKind.Cover,
                true
            );
        }
        if (
            f.Machine.Class is MachineClass.Level486 or MachineClass.Level586 or MachineClass.Level686
            && f.HotParts.Count == 0
            && !Listed("paste", "heatsink")
        )
        {
            yield return new(
                "paste",
                "New paste under the heatsink",
                "Old paste is dry: it carries heat no longer.",
                Stage.Boards,
                15,
                PieceKind.Board,
                false
            );
        }
        if (f.Machine.Class is MachineClass.EightBit or MachineClass.SixteenBit && !Listed("socket"))
        {
            yield return new(
                "sockets",
                "Press the socketed chips home",
                "They walk out of their sockets over the years.",
                Stage.Boards,
                5,
                PieceKind.Board,
                false
            );
        }
        if (f.Machine.Traits.Contains(Trait.FloppyDrive) && f.Mechanisms.Count == 0 && !Listed("floppy", "heads", "drive"))
        {
            yield return new(
                "floppy",
                "Clean the floppy drive's heads and oil its rails",
                "Its grease is gum by now, and the first disk would tear the top head.",
                Stage.Case,
                20,
                PieceKind.Drive,
                true
            );
        }
    }

    static string Day(DateOnly day) => day.ToString("MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture);
}
