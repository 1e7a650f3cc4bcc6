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
            // Taking it out stands once: where a finding's work does it, what is left here is what replaces it.
            var takes = m
                .Facts.Jobs.Where(j =>
                    j is { Settles: true, FindingId: { } found }
                    && j.State != JobState.Done
                    && m.Facts.Findings.Any(x =>
                        x.Id == found && x.Open && x.Kind is Survey.FindingKind.LeakingCell or Survey.FindingKind.SwollenCell
                    )
                )
                .Select(j => $"job/{j.Id}")
                .ToList();
            var urgent = MustGo(cell) && takes.Count == 0;
            yield return new(
                "cell",
                cell.OldOutAt is null && takes.Count == 0 ? "Take the cell out and fit what replaces it" : "Fit what replaces the cell",
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
                Grows = urgent,
                After = takes,
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
        var leaks = cell is { OldOutAt: null, Site.Leaking: ThreeState.Yes };
        if (MustGo(cell) && !new TakeCellOut().May(new(m.Machine, cell, m.Facts.Overrules), m.Now).Granted)
        {
            yield return new(
                "Say what the cell keeps alive",
                $"It {(cell.Site.Swollen == ThreeState.Yes ? "is swollen" : "leaks")} and has to come out today; what it keeps would go with it.",
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
                    leaks ? "It leaks: every day it stays it eats copper." : "A cell leaks one day, and nobody will be there to see it.",
                    Stage.Boards,
                    10,
                    "",
                    leaks,
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
        // What a cell leaks comes back while it is in: nothing that follows it is done before.
        job is { Settles: false, FindingId: { } after }
        && m.Facts.Findings.FirstOrDefault(x => x.Id == after) is { Kind: FindingKind.LeakingCell, Open: true }
            ? Haar.Core.Acts.Permit.No(
                "state",
                "The leaking cell is still in, and what it leaks comes back: take it out first, and say so."
            )
        : m.Facts.Cell is { OldOutAt: null } cell
        && job is { Settles: true, FindingId: { } finding }
        && m.Facts.Findings.Any(x => x.Id == finding && x.Kind is FindingKind.LeakingCell or FindingKind.SwollenCell)
        && new TakeCellOut().May(new(m.Machine, cell, m.Facts.Overrules), m.Now) is { Granted: false } not
            ? not
        : null;

    public override IReadOnlyList<Type> RaisedFrom => [typeof(MachineCell), typeof(MachinePack), typeof(Finding), typeof(Overrule)];

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
        if (f.Cell is { OldOutAt: null } old)
        {
            // A finding of the survey that says the same is the same hazard, and stands there.
            bool Said(FindingKind kind) => f.Findings.Any(x => x.Kind == kind && x.Open);
            if (old.Site.Leaking == ThreeState.Yes && !Said(FindingKind.LeakingCell))
            {
                yield return OldCell(old, DangerKind.LeakingCell, "The cell leaks.", FindingKind.LeakingCell);
            }
            if (old.Site.Swollen == ThreeState.Yes && !Said(FindingKind.SwollenCell))
            {
                yield return OldCell(old, DangerKind.SwollenCell, "The cell is swollen.", FindingKind.SwollenCell);
            }
            if (old.Site.Charges == ThreeState.Yes && old.Site.Cell.IsPrimaryLithium())
            {
                yield return OldCell(old, DangerKind.ChargedPrimaryCell, "A primary lithium cell sits on a line that charges.", null) with
                {
                    Why = "Charged, a primary lithium cell vents and burns.",
                    Cautions = [CautionId.LithiumCell],
                };
            }
        }
        if (f.Pack is { Facts: { Swollen: ThreeState.Yes, TakenOut: false } or { HotOrWet: ThreeState.Yes, TakenOut: false } } pack)
        {
            yield return new(
                DangerKind.SwollenPack,
                pack.Id,
                pack.Facts.Swollen == ThreeState.Yes ? "The pack is swollen." : "The pack gets hot, smells or leaks.",
                "Take the pack out, and take it outside",
                "A lithium pack like this can catch fire, and charging is what sets it off.",
                [CautionId.SwollenCell],
                null,
                "battery"
            );
        }
    }

    static RaisedDanger OldCell(MachineCell cell, DangerKind kind, string sentence, FindingKind? found) =>
        new(
            kind,
            cell.Id,
            sentence,
            found is { } k ? FindingRules.Meaning(k).Work : "Take the cell out",
            found is { } m ? FindingRules.Meaning(m).Why : "",
            found is { } c ? FindingRules.Meaning(c).Cautions : [],
            null,
            "battery"
        )
        {
            Found = found,
        };

    /// <summary>It leaks or is swollen, and is still in.</summary>
    static bool MustGo(MachineCell cell) => cell is { OldOutAt: null, Site: { Leaking: ThreeState.Yes } or { Swollen: ThreeState.Yes } };

    public override bool? DealtWith(MachineFacts f, Danger danger) =>
        danger.Kind switch
        {
            DangerKind.LeakingCell or DangerKind.SwollenCell => f.Cell is { OldOutAt: not null } || Found(f, danger),
            DangerKind.ChargedPrimaryCell => f.Cell is { OldOutAt: not null } or { Site.Charges: ThreeState.No },
            DangerKind.FittedCell => f.Cell is { FittedAt: null } || f.Cell is { } cell && Fits(f, cell),
            DangerKind.SwollenPack => f.Pack is { Facts.TakenOut: true },
            // What the survey said of a cell that is out has been dealt with, whatever became of the entry.
            DangerKind.Finding when danger.Found is FindingKind.LeakingCell or FindingKind.SwollenCell => f.Cell is { OldOutAt: not null }
                || f.Cell is { } still
                    && (danger.Found == FindingKind.LeakingCell ? still.Site.Leaking : still.Site.Swollen) == ThreeState.Yes,
            _ => null,
        };

    /// <summary>The survey has the same hazard as a finding: it stands there, and ends there.</summary>
    static bool Found(MachineFacts f, Danger d) => f.Findings.Any(x => x.Kind == d.Found && x.Open);

    static bool Fits(MachineFacts f, MachineCell cell)
    {
        var facts = new CellActFacts(f.Machine, cell, f.Overrules);
        return cell.Chosen is { } chosen && facts.Option(chosen) is { } option && facts.Permit(option, "kind").Granted;
    }

    public override IEnumerable<(DateTimeOffset At, string What)> Worked(MachineFacts f) =>
        f.Cell is { } cell
            ? new[] { (At: cell.OldOutAt, What: "The old cell is out"), (At: cell.FittedAt, What: "A cell is fitted") }
                .Where(w => w.At is not null)
                .Select(w => (w.At!.Value, w.What))
            : [];

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        const string title = "The cell in it may stay there";
        yield return Entry(f, title) with
        {
            Screen = "battery",
            Lapses = "Another cell, or another word on its line.",
        };
    }

    static BeforePower Entry(MachineFacts f, string title)
    {
        if (f.Cell is not { } cell)
        {
            return Intake.Hazards.Battery(f.Machine) switch
            {
                ThreeState.No => Rooms.BeforePower.Is("cell", title, "It has no cell."),
                ThreeState.Yes => Rooms.BeforePower.Is("cell", title, "What is seen of it stands on the look-over."),
                _ => Rooms.BeforePower.Open(
                    f,
                    "cell",
                    title,
                    "Say whether it has a cell or battery: nobody has looked.",
                    "A cell that leaks conducts, and one on the wrong line vents.",
                    "A look at the board, at leads and into every bay."
                ),
            };
        }
        if (cell is { FittedAt: not null, Chosen: not null })
        {
            return Fits(f, cell)
                ? Rooms.BeforePower.Is("cell", title, "What was fitted suits the line as it is known.") with
                {
                    Since = cell.FittedAt,
                }
                : Rooms.BeforePower.By(
                    f,
                    "cell",
                    title,
                    Verdict
                        .Of(
                            Rooms.BeforePower.Question,
                            Outcome.No,
                            "Not yet: what is known of the cell's line has changed since a cell was fitted, and it is not clear that it may stay.",
                            Basis.Rule,
                            new Reason(
                                new CellActFacts(f.Machine, cell, f.Overrules).Option(cell.Chosen.Value)?.Verdict.Sentence
                                    ?? "What was fitted is no way to replace this cell, as it is known now."
                            )
                        )
                        .Changing("The charging line measured, or what was fitted taken out."),
                    cell.Site,
                    cell.Chosen.ToString()
                );
        }
        if (cell.OldOutAt is { } outAt)
        {
            return Rooms.BeforePower.Is("cell", title, "The old cell is out, and nothing is fitted.") with { Since = outAt };
        }
        // A primary cell in the holder, or in the module, that the board was made with sits on a line made for it.
        return
            cell.Site
                is {
                        Cell: CellChemistry.LithiumPrimary
                            or CellChemistry.LithiumThionyl
                            or CellChemistry.LithiumCarbonMonofluoride
                            or CellChemistry.Unknown,
                        Charges: ThreeState.NotKnown
                    }
                    and { CoinHolder: false, HiddenInModule: false }
                    or { Chemistry: CellChemistry.Unknown, Charges: ThreeState.Yes }
            ? Rooms.BeforePower.Open(
                f,
                "cell",
                title,
                cell.Site.Chemistry == CellChemistry.Unknown
                    ? "Say what kind of cell it is, and whether the board charges it."
                    : "Say whether the board charges the cell: a primary lithium cell sits on a line of which nobody knows.",
                "Somebody may have put it where a rechargeable cell was; charged, it vents and burns.",
                "The line measured with the cell out; or the cell taken out.",
                cell.Site
            )
            : Rooms.BeforePower.Is("cell", title, "The cell that came in it is of the kind that its line was made for.");
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
