using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Core.Handover;

/// <param name="Title">Of the section.</param>
/// <param name="Lines">Whole sentences.</param>
public sealed record WriteUpSection(string Title, IReadOnlyList<string> Lines);

/// <summary>The sheet that leaves with a machine.</summary>
/// <param name="Summary">One sentence: what it was and what it is now.</param>
public sealed record WriteUp(
    string Machine,
    string Summary,
    IReadOnlyList<WriteUpSection> Sections,
    CostSum Costs,
    DateOnly? NextCellCheck,
    IReadOnlyList<Comparison> Proofs
);

/// <summary>Writes up a machine from its record: found, done, replaced, overruled and why, still open, cost, hours, next battery check.</summary>
public static class WriteUps
{
    public static WriteUp Of(MachineFacts f, string currency, DateTimeOffset now, IReadOnlyDictionary<Guid, CapacitorSpec> parts)
    {
        var m = f.Machine;
        var caps = CapacitorAssessments.Of(f, now.Year);
        var proofs = f.Proofs.Select(p => Compare(p, f.Readings)).OfType<Comparison>().ToList();
        var sections = new List<WriteUpSection>();
        void Section(string title, IEnumerable<string> lines)
        {
            var list = lines.Where(l => l.Length > 0).ToList();
            if (list.Count > 0)
            {
                sections.Add(new(title, list));
            }
        }

        Section("As it came", Arrived(m, currency));
        Section(
            "What was found",
            f.Findings.OrderBy(x => x.At)
                .Select(x =>
                    $"{Words.Capital(FindingRules.Meaning(x.Kind).Words)}{(x.Place.Length > 0 ? $", {x.Place}" : "")}: {x.Seen}{(x.Open ? "" : $" {Sentence(x.DealtWith)}")}".Trim()
                )
        );
        Section("What was done", Done(f));
        Section("Replaced and kept", Replaced(f, caps, parts));
        Section("What was eaten, and what runs hot", Boards(f));
        Section("Measured before and after", proofs.Select(p => p.Verdict.Sentence).Zip(f.Proofs, (s, p) => $"{p.What}: {s}"));
        Section(
            "First power",
            f.PowerSteps.Where(s => s.State != PowerStepState.NotYet)
                .OrderBy(s => s.Kind)
                .SelectMany(s =>
                    new[]
                    {
                        s.State == PowerStepState.Overruled ? $"{Sentence(s.Sentence)} Overruled." : Sentence(s.Sentence),
                        string.Join(
                            " ",
                            new[] { ("Seen", s.Seen), ("Heard", s.Heard), ("Smelled", s.Smelled), ("It said", s.Said) }
                                .Where(x => x.Item2.Length > 0)
                                .Select(x => $"{x.Item1}: {Sentence(x.Item2)}")
                        ),
                    }
                )
        );
        Section(
            "What it said",
            f.Observations.Where(o => !o.Voided)
                .OrderBy(o => o.At)
                .Select(o =>
                    $"{o.Kind switch { ObservationKind.Beep => "It beeped", ObservationKind.ErrorCode => "Error code", ObservationKind.MemoryCount => "It counted", ObservationKind.Sound => "Heard", ObservationKind.Smell => "Smelled", ObservationKind.Picture => "Picture", _ => "It said" }}: {Sentence(o.Text)}"
                )
        );
        Section("Taken apart and put together", Apart(f));
        Section("Overruled, and why", f.Overrules.OrderBy(o => o.At).Select(o => $"“{o.Sentence}” Overruled: {Sentence(o.Reason)}"));
        Section(
            "Still open",
            f.Findings.Where(x => x.Open)
                .Select(x => $"{Words.Capital(FindingRules.Meaning(x.Kind).Words)}{(x.Place.Length > 0 ? $", {x.Place}" : "")}: {x.Seen}")
                .Concat(f.Jobs.Where(j => j.State != JobState.Done).Select(j => $"{j.Title}."))
                .Concat(caps.Where(c => c.Stand == CapacitorStand.ComesOut).Select(c => c.ComesOut.Sentence))
                .Concat(
                    f.Areas.Where(a => a.Next is not null).Select(a => $"{Words.Capital(a.Name)}: {AreaTreatment.Words(a.Next!.Value)}.")
                )
                .Concat(
                    f.JudgedNets().Where(n => n.State is not (NetState.Sound or NetState.Repaired)).Select(n => n.Trace.Verdict.Sentence)
                )
                .Concat(
                    caps.Count(c => c.Stand == CapacitorStand.NotMeasured) is > 0 and var n
                        ? [$"{n} {(n == 1 ? "capacitor has" : "capacitors have")} not been measured."]
                        : Array.Empty<string>()
                )
        );
        var costs = CostSums.Of(m.Paid, f.Costs, currency);
        var done = caps.Count(c => c.Stand == CapacitorStand.Exchanged);
        var open =
            f.Findings.Count(x => x.Open)
            + f.Jobs.Count(j => j.State != JobState.Done)
            + caps.Count(c => c.Stand is CapacitorStand.ComesOut or CapacitorStand.Exchanging)
            + f.Areas.Count(a => a.Next is not null)
            + f.JudgedNets().Count(n => n.State is not (NetState.Sound or NetState.Repaired));
        var year =
            m.YearFrom is null ? ""
            : m.YearFrom == m.YearTo || m.YearTo is null ? $" of {m.YearFrom}"
            : $" of {m.YearFrom} to {m.YearTo}";
        var summary =
            $"{Words.Capital(m.Kind.Length > 0 ? m.Kind : "machine")}{year}: {f.Findings.Count} {(f.Findings.Count == 1 ? "finding" : "findings")}, {done} {(done == 1 ? "capacitor" : "capacitors")} exchanged, {(open == 0 ? "nothing left open" : $"{open} left open")}.";
        return new(m.Name, summary, sections, costs, f.Cell?.NextCheck, proofs);
    }

    /// <summary>Null until there is a run on both sides.</summary>
    public static Comparison? Compare(Proof p, IEnumerable<Reading> readings)
    {
        var mine = readings.Where(r => r.SubjectId == p.Id && !r.Voided).OrderBy(r => r.At).ThenBy(r => r.Id).ToList();
        var before = mine.Where(r => r.Channel == "before").Select(r => r.Value).ToList();
        var after = mine.Where(r => r.Channel == "after").Select(r => r.Value).ToList();
        return before.Count == 0 || after.Count == 0
            ? null
            : SignificanceTest.Compare(p.What, before, after, p.Unit, p.Better, p.Resolution);
    }

    static IEnumerable<string> Arrived(Intake.Machine m, string currency)
    {
        yield return $"{(m.Model.Length > 0 ? $"{m.Model}. " : "")}{(m.CameFrom.Length > 0 ? $"From {m.CameFrom}" : "Where it came from is not recorded")}, {m.ArrivedAt:d MMMM yyyy}{(m.Paid is { } paid ? paid == 0 ? ", given" : $", {paid:0.00} {currency} paid" : "")}.";
        if (m.Claimed.Length > 0)
        {
            yield return $"It was said: “{m.Claimed}”";
        }
    }

    static IEnumerable<string> Apart(MachineFacts f)
    {
        if (f.StripSteps.Count == 0)
        {
            yield break;
        }
        var back = f.StripSteps.Count(s => s.BackAt is not null);
        var stays = f.StripSteps.Where(s => s.StaysOut).Select(s => s.Title.ToLowerInvariant()).ToList();
        yield return $"{f.StripSteps.Count} {(f.StripSteps.Count == 1 ? "step" : "steps")} apart, {back} back in{(stays.Count > 0 ? $"; {string.Join(", ", stays)} stayed out" : "")}.";
        foreach (var s in f.StripSteps.Where(s => s.ExchangedFor.Length > 0 && s.BackAt is not null))
        {
            yield return $"{Words.Capital(s.ExchangedFor)} in the place of {s.Title.ToLowerInvariant()}.";
        }
        foreach (var s in f.StripSteps.Where(s => s.TestedAt is not null))
        {
            yield return $"Tested before it was covered: {Sentence(s.TestBeforeCovered)}";
        }
        var fasteners = f.Strip.Reconciled();
        if (fasteners.Rows.Count > 0)
        {
            yield return fasteners.Verdict.Sentence;
        }
    }

    static IEnumerable<string> Boards(MachineFacts f)
    {
        foreach (var a in f.Areas.Where(a => a.Treatment.NeutralisedAt is not null))
        {
            var last = a.Inspections.Count > 0 ? a.Inspections[^1] : null;
            yield return $"{Words.Capital(a.Name)}: {(last is null ? "" : $"{Si.Plain(Math.Round(last.SquareCentimetres, 1))} cm² at stage {(int)last.Stage}, ")}neutralised to pH {Si.Plain(a.Treatment.Ph ?? 7)}{(a.Treatment.RinsedAt is null ? "" : $", rinsed {a.Treatment.Rinses} times")}{(a.Treatment.DriedAt is null ? "" : ", dried")}{(a.Treatment.MaskedAt is null ? "" : ", new mask")}{(a.InspectOn is { } day ? $"; to be looked at by {day:d MMMM yyyy}" : "")}.";
        }

        foreach (var n in f.JudgedNets().Where(n => n.Net.RepairedAt is not null))
        {
            yield return $"{n.Net.Name} mended: {Sentence(n.Net.Repair)}{(n.ReadOhms is { } ohms ? $" {Si.Format(ohms, "Ω")} end to end." : "")}";
        }
        foreach (var h in HotAssessments.Of(f.HotParts, f.Readings).Where(h => h.Part.Fitted is not null))
        {
            yield return $"{Words.Capital(h.Part.Name)}: {h.Part.Fitted!.Value.ToString().ToLowerInvariant()}. {(h.After > 0 ? h.Heat.Verdict.Sentence : "Not measured since.")}";
        }
        if (f.Pack is { } pack)
        {
            yield return $"Pack: {PackHealth.Of(pack.Facts).Verdict.Sentence}";
        }
    }

    static IEnumerable<string> Done(MachineFacts f)
    {
        foreach (var j in f.Jobs.Where(j => j.State == JobState.Done).OrderBy(j => j.DoneAt))
        {
            yield return $"{j.Title}.";
        }
        foreach (var c in f.Closings.OrderBy(c => c.Stage))
        {
            yield return $"{StageWords(c.Stage)}: {Sentence(c.Reason)}";
        }
    }

    static IEnumerable<string> Replaced(
        MachineFacts f,
        IReadOnlyList<CapacitorAssessment> caps,
        IReadOnlyDictionary<Guid, CapacitorSpec> parts
    )
    {
        if (f.Cell is { FittedAt: { } at, Chosen: { } kind } cell)
        {
            yield return $"Cell{(cell.Place.Length > 0 ? $", {cell.Place}" : "")}: {ReplacementWords(kind)}, fitted {at:d MMMM yyyy}{(cell.NextCheck is { } check ? $", to be looked at by {check:MMMM yyyy}" : "")}.";
        }

        foreach (var a in caps.Where(c => c.Capacitor.Fitting.FittedAt is not null))
        {
            var mine = f.Readings.Where(r => r.SubjectId == a.Capacitor.Id).ToList();
            string Read(string channel)
            {
                var c = mine.Latest(channel, Quantity.Capacitance);
                var e = mine.Latest(channel, Quantity.Esr);
                return string.Join(
                    ", ",
                    new[] { c is null ? "" : Si.Format(c.Value, "F"), e is null ? "" : Si.Format(e.Value, "Ω") }.Where(x => x.Length > 0)
                );
            }

            var (was, now) = (Read("old"), Read(a.Capacitor.Fitting.NewChannel));
            var part =
                a.Capacitor.Fitting.PartId is { } id && parts.TryGetValue(id, out var spec) ? Substitution.Describe(spec) : "a new part";
            yield return $"{a.Capacitor.Designator}: {Substitution.Describe(a.Capacitor.Spec)}{(was.Length > 0 ? $" ({was})" : "")} exchanged for {part}{(now.Length > 0 ? $" ({now})" : "")}{(a.Capacitor.Fitting.Pads is PadState.Lifted or PadState.Corroded ? $"; pads {a.Capacitor.Fitting.Pads.ToString()!.ToLowerInvariant()}" : "")}.";
        }

        var kept = caps.Count(c => c.Stand == CapacitorStand.Sound);
        if (kept > 0)
        {
            yield return $"{kept} {(kept == 1 ? "capacitor" : "capacitors")} kept after measuring.";
        }
    }

    public static string ReplacementWords(ReplacementKind kind) =>
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

    public static string StageWords(Stage stage) =>
        stage switch
        {
            Stage.StripDown => "Strip down",
            Stage.BringUp => "Bring up",
            Stage.HandOver => "Hand over",
            _ => stage.ToString(),
        };

    static string Sentence(string s) =>
        s.Length == 0 ? s
        : s.TrimEnd() is var t && t[^1] is '.' or '!' or '?' or '”' ? t
        : $"{t}.";
}
