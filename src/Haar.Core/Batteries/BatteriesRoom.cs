using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>The board's cell and a laptop's pack.</summary>
public sealed class BatteriesRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m)
    {
        if (m.Facts.Cell is { } cell)
        {
            yield return new(Stage.Boards, 10, cell.OldOutAt is not null);
            yield return new(Stage.Boards, 20, cell.FittedAt is not null);
        }
    }

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.Cell?.NextCheck is { } day ? [new DateTimeOffset(day, TimeOnly.MinValue, TimeSpan.Zero)] : [];

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (!m.Closed.Contains(Stage.Boards) && m.Facts.Cell is { FittedAt: null } cell)
        {
            var urgent = cell is { OldOutAt: null, Site: { Leaking: true } or { Swollen: true } };
            yield return new(
                "cell",
                cell.OldOutAt is null ? "Take the cell out and fit what replaces it" : "Fit what replaces the cell",
                Stage.Boards,
                WorkKind.Soldering,
                new(15, 40, 90)
            )
            {
                Why = urgent
                    ? "It leaks or is swollen: every day it stays it does harm."
                    : "A cell leaks one day, and nobody will be there to see it.",
                Needs = "Iron, wick, multimeter",
                Skills = [BenchSkill.Soldering],
                Places = [BenchPlaces.Iron],
                Danger = urgent,
                // What sits in a holder or on a lead is changed where it is; what is soldered comes out with its board.
                At = new(PieceKind.Board, !cell.Site.CoinHolder),
                Screen = "battery",
            };
        }
    }

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards) || m.Facts.Cell is not { } cell)
        {
            yield break;
        }
        var arrived = m.Machine.ArrivedAt;
        if (
            cell is { OldOutAt: null, Site: { Leaking: true } or { Swollen: true } }
            && !new TakeCellOut().May(new(m.Machine, cell, m.Facts.Overrules), m.Now).Granted
        )
        {
            yield return new(
                "Say what the cell keeps alive",
                $"It {(cell.Site.Swollen ? "is swollen" : "leaks")} and has to come out today; what it keeps would go with it.",
                Stage.Survey,
                5,
                "",
                true,
                0,
                arrived,
                "battery"
            );
        }
        if (cell.FittedAt is not { } fitted)
        {
            yield return cell.Chosen is null
                ? new(
                    "Decide what replaces the cell",
                    cell.Site.Leaking
                        ? "It leaks: every day it stays it eats copper."
                        : "A cell leaks one day, and nobody will be there to see it.",
                    Stage.Boards,
                    10,
                    "",
                    cell.Site.Leaking,
                    0,
                    arrived,
                    "battery"
                )
                : new(
                    "Fit what replaces the cell",
                    "It is decided; the board is without its clock until it is done.",
                    Stage.Boards,
                    30,
                    "Iron, wick, multimeter",
                    false,
                    0,
                    arrived,
                    "battery"
                );
        }
        else if (cell.NextCheck is { } check && check <= DateOnly.FromDateTime(m.Now.UtcDateTime))
        {
            yield return new(
                "Look at the cell again",
                $"Fitted {fitted:d MMMM yyyy}: its day has come.",
                Stage.Boards,
                10,
                "Multimeter",
                false,
                0,
                new DateTimeOffset(check, TimeOnly.MinValue, TimeSpan.Zero),
                "battery"
            );
        }
    }

    /// <summary>The leaking or swollen cell that a finding wants out comes out as any other: what it keeps alive is asked first.</summary>
    public override Acts.Permit? Holds(MachineNow m, Job job) =>
        m.Facts.Cell is { OldOutAt: null } cell
        && job is { Settles: true, FindingId: { } finding }
        && m.Facts.Findings.Any(x => x.Id == finding && x.Kind is FindingKind.LeakingCell or FindingKind.SwollenCell)
        && new TakeCellOut().May(new(m.Machine, cell, m.Facts.Overrules), m.Now) is { Granted: false } not
            ? not
            : null;

    public override IReadOnlyList<Type> RaisedFrom => [typeof(MachineCell), typeof(MachinePack)];

    public override IEnumerable<RaisedDanger> Dangers(MachineFacts f)
    {
        if (f.Cell is { } cell && CellActs.MustComeOut(cell, f.Machine.RestorationPolicy) is { } fitted)
        {
            yield return new(
                DangerKind.FittedCell,
                cell.Id,
                fitted.Verdict.Sentence,
                "Take the cell that was fitted out again",
                "A cell that must not be charged is on a line that charges.",
                [.. fitted.Verdict.Cautions.Append(CautionId.LithiumCell).Distinct()],
                null,
                "battery"
            );
        }
        if (f.Pack is { Facts: { Swollen: true, TakenOut: false } or { HotOrWet: true, TakenOut: false } } pack)
        {
            yield return new(
                DangerKind.SwollenPack,
                pack.Id,
                pack.Facts.Swollen ? "The pack is swollen." : "The pack gets hot, smells or leaks.",
                "Take the pack out, and take it outside",
                "A lithium pack like this can catch fire, and charging is what sets it off.",
                [CautionId.SwollenCell],
                null,
                "battery"
            );
        }
    }

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        if (
            f.Cell is not { FittedAt: not null, Chosen: { } chosen } cell
            || CellActs.MustComeOut(cell, f.Machine.RestorationPolicy) is not null
        )
        {
            yield break;
        }
        var facts = new CellActFacts(f.Machine, cell, f.Overrules);
        var option = facts.Option(chosen);
        if (option is null || !facts.Permit(option, "kind").Granted)
        {
            yield return Rooms.BeforePower.By(
                f,
                "cell",
                Verdict
                    .Of(
                        Rooms.BeforePower.Question,
                        Outcome.No,
                        "Not yet: what is known of the cell's line has changed since a cell was fitted, and it is not clear that it may stay.",
                        Basis.Rule,
                        new Reason(option?.Verdict.Sentence ?? "What was fitted is no way to replace this cell, as it is known now.")
                    )
                    .Changing("The charging line measured, or what was fitted taken out."),
                cell.Site,
                chosen.ToString()
            );
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        foreach (var d in Dangers(m.Facts))
        {
            yield return Rooms.Left.No(Stage.HandOver, $"Not yet. {d.Sentence}", d.Why, $"{d.Work}.") with
            {
                Lines = [d.Sentence],
                Count = 1,
            };
        }
        if (m.Facts.Cell is { FittedAt: null })
        {
            yield return new(Stage.Boards, "Nothing has been fitted in the place of its cell.", Holds: false);
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        if (w.Facts.Cell is { FittedAt: { } at, Chosen: { } kind } cell)
        {
            yield return new(
                WriteUpPart.Replaced,
                $"Cell{(cell.Place.Length > 0 ? $", {cell.Place}" : "")}: {Named(kind)}, fitted {at:d MMMM yyyy}{(cell.NextCheck is { } check ? $", to be looked at by {check:MMMM yyyy}" : "")}."
            );
        }
        if (w.Facts.Pack is { } pack)
        {
            yield return new(WriteUpPart.Eaten, $"Pack: {PackHealth.Of(pack.Facts).Verdict.Sentence}");
        }
    }

    static string Named(ReplacementKind kind) =>
        kind switch
        {
            ReplacementKind.LikeForLike => "like for like",
            ReplacementKind.HolderOnLead => "a holder with AA cells on a lead, away from the board",
            ReplacementKind.CoinWithSchottky => "a coin cell behind a Schottky diode",
            ReplacementKind.CoinWithSilicon => "a coin cell behind a silicon diode",
            ReplacementKind.CoinInHolder => "a coin cell in a holder",
            ReplacementKind.RechargeableCoin => "a rechargeable coin cell",
            ReplacementKind.ModuleSocketed => "a fresh module in a socket",
            ReplacementKind.ModuleOnCarrier => "a carrier with a coin holder and the bare clock chip",
            _ => "the module reworked with a holder outside it",
        };
}
