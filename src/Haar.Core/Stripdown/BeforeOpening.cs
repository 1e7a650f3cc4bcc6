using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>What is to be done before a machine is opened.</summary>
public enum BeforeKind
{
    /// <summary>Now, because it cannot be measured later.</summary>
    Measure = 0,
    Copy,
    Photograph,
    HaveReady,

    /// <summary>To be known, and not to be ticked.</summary>
    Trap,
}

/// <summary>A word on one line of the page: done, or skipped with why. What is skipped is kept, so that nobody claims it later.</summary>
public sealed class BeforeAnswer : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Key { get; set; } = "";

    /// <summary>As it was read then.</summary>
    public string What { get; set; } = "";
    public BeforeKind Kind { get; set; }
    public bool Skipped { get; set; }
    public string Why { get; set; } = "";
    public DateTimeOffset At { get; set; }

    public void Check()
    {
        TextField.Check("key", Key, 80, "Say which line.");
        TextField.Check("what", What, 200);
        TextField.Check("why", Why, 200);
    }
}

/// <param name="Key">The same from one look to the next.</param>
/// <param name="Done">By the rows, or by a word.</param>
/// <param name="Skipped">And why; empty where it is not.</param>
/// <param name="Screen">Where it is done; empty for nowhere.</param>
public sealed record BeforeLine(string Key, BeforeKind Kind, string What, string Why, bool Done, string Skipped, string Screen);

/// <param name="Evenings">Of two hours, until it is together again: low, likely, high.</param>
/// <param name="Opened">It has been opened already.</param>
public sealed record BeforeResult(IReadOnlyList<BeforeLine> Lines, Estimate Evenings, bool Opened, Verdict Verdict);

/// <summary>The page that is read before a machine is opened: what has to be measured, copied and photographed while it is whole, and what lies ready.</summary>
public static class BeforeOpening
{
    /// <summary>Minutes of an evening at the bench. A house figure.</summary>
    public const double EveningMinutes = 120;

    /// <param name="traps">Of its kind, a sentence each.</param>
    /// <param name="work">What is left to do on it.</param>
    public static BeforeResult Of(MachineNow m, IReadOnlyList<WorkTask> work, IReadOnlyList<string> traps)
    {
        var f = m.Facts;
        work = [.. work.Where(w => !w.Deeper)];
        var said = f.BeforeAnswers.GroupBy(a => a.Key).ToDictionary(g => g.Key, g => g.Last());
        var lines = new List<BeforeLine>();
        void Add(string key, BeforeKind kind, string what, string why, bool done = false, string screen = "")
        {
            var answer = said.GetValueOrDefault(key);
            lines.Add(
                new(
                    key,
                    kind,
                    what,
                    why,
                    done || answer is { Skipped: false },
                    !done && answer is { Skipped: true } ? (answer.Why.Length > 0 ? answer.Why : "skipped") : "",
                    screen
                )
            );
        }
        bool Trait(Trait t) => f.Machine.Traits.Contains(t) || f.Machine.Possible.Any(p => p.Trait == t);
        // Only what has been through first power is run: one that stands before it has no run to compare with.
        var runs = m.Session.Next is null;
        foreach (var p in f.Proofs)
        {
            Add(
                $"run/{p.Id}",
                BeforeKind.Measure,
                $"{p.What}: three runs before",
                "One run has no spread, and without a spread no difference is real.",
                f.Readings.Count(r => r.SubjectId == p.Id && r.Channel == "before" && !r.Voided) >= 3,
                "prove"
            );
        }
        if (f.Proofs.Count == 0)
        {
            Add(
                "run",
                BeforeKind.Measure,
                runs
                    ? "Time from power to prompt, three times, and how loud it is"
                    : "Nothing can be run: it is not fed before it is looked over",
                runs ? "Only what was measured before can be compared after." : "The comparison later claims nothing of how it ran.",
                false,
                runs ? "prove" : ""
            );
        }
        if (runs)
        {
            Add(
                "count",
                BeforeKind.Measure,
                "What it says, beeps and counts when it starts",
                "A module that is back in wrong shows by the count.",
                f.Observations.Any(o => o.Kind == Survey.ObservationKind.MemoryCount),
                "power"
            );
            if (f.Machine.Traits.Contains(Intake.Trait.InternalMainsSupply) || f.Machine.Rails.Count > 0)
            {
                Add(
                    "rails",
                    BeforeKind.Measure,
                    "Its rails under load",
                    "What the supply gave before says what the work did to it.",
                    f.Readings.Any(r => r.SubjectKind == SubjectKind.Rail && !r.Voided),
                    "power"
                );
            }
        }
        bool Gone(Trait t) => f.Machine.Absent.Contains(t);
        // What nobody has looked for counts as there.
        if (
            Trait(Intake.Trait.AtaDrives)
            || Trait(Intake.Trait.ScsiDrives)
            || !Gone(Intake.Trait.AtaDrives)
            || !Gone(Intake.Trait.ScsiDrives)
        )
        {
            Add(
                "drive",
                BeforeKind.Copy,
                Trait(Intake.Trait.AtaDrives) || Trait(Intake.Trait.ScsiDrives)
                    ? "Copy its drive off, and look whose files they are"
                    : "Look whether a drive is in it, whose files are on it, and copy it off",
                "An old drive is trusted for one evening too many."
            );
        }
        if (f.Cell is { OldOutAt: null } cell)
        {
            Add(
                "cell",
                BeforeKind.Copy,
                "Copy or write down what its cell keeps alive",
                "It is gone the moment that the cell is out.",
                cell.Site.Keeps == Batteries.KeptData.Nothing,
                "battery"
            );
        }
        else if (f.Cell is null && Hazards.Battery(f.Machine) != ThreeState.No)
        {
            Add(
                "cell",
                BeforeKind.Copy,
                Trait(Intake.Trait.BatteryBackedMemory)
                    ? "Copy what its memory keeps, or bridge it"
                    : "Look whether a cell keeps something alive, and copy it",
                "It is gone the moment that the cell is out.",
                false,
                "battery"
            );
        }
        Add(
            "outside",
            BeforeKind.Photograph,
            "All six sides, every label and every jumper outside",
            "Serial numbers and stickers are its history.",
            f.Photos.Count >= 6,
            "arrive"
        );
        Add("leads", BeforeKind.Photograph, "Leads and ports as they are plugged", "Which way round is forgotten in a week.");
        foreach (
            var need in work.Where(w => w.Stage is Stage.StripDown or Stage.Boards or Stage.Case)
                .SelectMany(w => w.Needs.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
                .Select(n => n.TrimEnd('.'))
                .Where(n => n.Length is > 0 and <= 60)
                .DistinctBy(n => n.ToLowerInvariant())
                .Take(16)
        )
        {
            Add(
                $"ready/{need.ToLowerInvariant()}",
                BeforeKind.HaveReady,
                need.Length > 1 && char.IsUpper(need[1]) ? need : Words.Capital(need),
                "Work behind the cover wants it."
            );
        }
        var destroyed = m.Access.Pieces.Where(p => p.Destroys.Length > 0).Select(p => p.Destroys).Distinct().ToList();
        Add(
            "destroys",
            BeforeKind.HaveReady,
            destroyed.Count > 0
                ? $"What opening destroys: {Words.And(destroyed.Select(Words.Lower))}"
                : "What opening destroys: feet over screws, foam seals, a clip or two",
            "New ones lie ready before the old ones go."
        );
        foreach (var (trap, i) in traps.Select((t, i) => (t, i)))
        {
            Add($"trap/{i}", BeforeKind.Trap, trap, "Known of its kind.");
        }
        var minutes = work.Where(w => w.Stage is >= Stage.StripDown and <= Stage.Rebuild).Aggregate(Estimate.None, (a, w) => a + w.Minutes);
        var evenings = new Estimate(
            Math.Max(1, Math.Ceiling(minutes.Low / EveningMinutes)),
            Math.Max(1, Math.Ceiling(minutes.Likely / EveningMinutes)),
            Math.Max(1, Math.Ceiling(minutes.High / EveningMinutes))
        );
        var opened = f.StripSteps.Count > 0;
        var open = lines.Where(l => l is { Done: false, Skipped.Length: 0, Kind: BeforeKind.Measure or BeforeKind.Copy }).ToList();
        const string question = "May it be opened now?";
        string First()
        {
            // What can be done goes before what can only be known.
            var lead = open.Find(l => l.Kind == BeforeKind.Copy || runs) ?? open[0];
            return open.Count == 1
                ? $"First, since it cannot be had later: {Words.Lower(lead.What)}."
                : $"First: {Words.Lower(lead.What)}; and {open.Count - 1} more {(open.Count == 2 ? "thing" : "things")} that cannot be had later.";
        }
        return new(
            lines,
            evenings,
            opened,
            open.Count == 0
                ? Verdict.Of(
                    question,
                    Outcome.Yes,
                    opened ? "It is open; what was measured and copied before is above." : "Open it: what cannot be had later is had.",
                    Basis.Rule,
                    new Reason(
                        $"About {Markings.Si.Plain(evenings.Likely)} {(evenings.Likely == 1 ? "evening" : "evenings")} until it is together again.",
                        new("Evenings", evenings.Likely, "")
                    )
                )
                : Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        opened
                            ? $"It is open, and {open.Count} {(open.Count == 1 ? "thing was" : "things were")} not had before: they cannot be claimed."
                            : First(),
                        Basis.Rule,
                        [.. open.Select(l => new Reason($"{l.What}: {Words.Lower(l.Why)}"))]
                    )
                    .Changing("Each done, or skipped with a word.")
        );
    }
}

/// <summary>What an act on the page is decided on.</summary>
public sealed record BeforeFacts(Machine Machine, BeforeResult Page, IReadOnlyList<BeforeAnswer> Answers) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];
}

/// <summary>A line is done, or skipped with why.</summary>
public sealed record AnswerBefore(string Key, bool Skipped, string Why) : Command<BeforeFacts>
{
    public override Permit May(BeforeFacts f, DateTimeOffset now)
    {
        TextField.Check("why", Why, 200);
        return f.Page.Lines.FirstOrDefault(l => l.Key == Key) is not { } line ? Permit.No("key", "That line is not on the page any more.")
            : line.Kind == BeforeKind.Trap ? Permit.No("key", "That is to be known, not done.")
            : Skipped && line is { Kind: BeforeKind.Measure or BeforeKind.Copy } && Why.Trim().Length < 3
                ? Permit.No("why", "Say in a few words why: the comparison later will say what it cannot claim.")
            : Permit.Yes();
    }

    protected override Done Do(BeforeFacts f, Moment at)
    {
        var line = f.Page.Lines.First(l => l.Key == Key);
        var said = Skipped
            ? $"Before opening, skipped: {Words.Lower(line.What)}{(Why.Trim().Length > 0 ? $" ({Why.Trim()})" : "")}."
            : $"Before opening: {Words.Lower(line.What)}, done.";
        if (f.Answers.FirstOrDefault(a => a.Key == Key) is { } there)
        {
            (there.Skipped, there.Why, there.At, there.What) = (Skipped, Why.Trim(), at.Now, line.What);
            return new(said, there.Id);
        }
        var answer = new BeforeAnswer
        {
            Id = at.NewId(),
            MachineId = f.Machine.Id,
            Key = Key,
            What = line.What,
            Kind = line.Kind,
            Skipped = Skipped,
            Why = Why.Trim(),
            At = at.Now,
        };
        return new Done(said, answer.Id).Adding(answer);
    }
}
