using Haar.Core.Planning;
using Haar.Core.Rooms;

namespace Haar.Core.Intake;

/// <summary>How it came: a machine, or a lot that is sorted first.</summary>
public sealed class IntakeRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m)
    {
        yield return new(Stage.Arrive, 1, m.Machine.Lot is null || m.Machine.Lot.SortedAt is not null);
        if (m.Machine.Lot is { SortedAt: null })
        {
            yield return new(Stage.Arrive, 1, m.Facts.Boxes.Count > 0);
        }
    }

    public override string? Beneath(MachineNow m, Stage stage) =>
        stage == Stage.Arrive && m.Machine.Lot is { SortedAt: null } ? "unsorted" : null;

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Machine.Lot is not { SortedAt: null })
        {
            yield break;
        }
        var boxes = m.Facts.Boxes.Count;
        yield return boxes == 0
            ? new(
                "Write down what is in each box",
                "A lot is a few machines and many donors: which few shows only when all are open.",
                Stage.Arrive,
                30,
                "Torch, gloves, camera",
                false,
                0,
                m.Machine.ArrivedAt,
                "lot"
            )
            : new(
                $"Sort the lot of {boxes} {(boxes == 1 ? "box" : "boxes")}",
                "Nothing of it is worth an hour before it is clear which few are finished and which give.",
                Stage.Arrive,
                10 + 5 * boxes,
                "",
                false,
                0,
                m.Machine.ArrivedAt,
                "lot"
            );
    }

    public override Headline? Headline(MachineNow m, NextAct? next) =>
        m.Machine.Donor ? new("A donor.", "Its good parts stand in the store", StageState.Empty)
        : m.Machine.Lot is { SortedAt: null }
            ? new($"{next?.Title}.", m.Facts.Boxes.Count == 0 ? "" : "Nothing of it is decided yet", StageState.Here)
        : null;

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        var m = w.Facts.Machine;
        yield return new(
            WriteUpPart.AsItCame,
            $"{(m.Model.Length > 0 ? $"{m.Model}. " : "")}{(m.CameFrom.Length > 0 ? $"From {m.CameFrom}" : "Where it came from is not recorded")}, {m.ArrivedAt:d MMMM yyyy}{(m.Paid is { } paid ? paid == 0 ? ", given" : $", {Costs.Money.Of((double)paid, w.Currency)} paid" : "")}."
        );
        if (m.Claimed.Length > 0)
        {
            yield return new(WriteUpPart.AsItCame, $"It was said: “{m.Claimed}”");
        }
    }
}
