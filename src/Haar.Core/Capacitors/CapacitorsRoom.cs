using Haar.Core.Acts;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>The capacitors of its boards: counted for the tideline, one by one for the write-up.</summary>
public sealed class CapacitorsRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m)
    {
        var caps = m.Capacitors;
        yield return new(Stage.Boards, 8 * caps.All, 8.0 * (caps.Of(CapacitorStand.Sound) + caps.Of(CapacitorStand.Exchanged)));
    }

    public override string? Beneath(MachineNow m, Stage stage)
    {
        if (stage != Stage.Boards)
        {
            return null;
        }
        var caps = m.Capacitors;
        var left = caps.Of(CapacitorStand.ComesOut) + caps.Of(CapacitorStand.Exchanging);
        return left > 0 ? $"{left} to go"
            : caps.Of(CapacitorStand.NotMeasured) > 0 ? $"{caps.Of(CapacitorStand.NotMeasured)} to measure"
            : caps.Of(CapacitorStand.Undecided) > 0 ? $"{caps.Of(CapacitorStand.Undecided)} undecided"
            : null;
    }

    /// <summary>Exchanged in one go at the most: more than these, and one is too tired for the way round. A house figure.</summary>
    public const int InOneGo = 8;

    /// <summary>Out, pads looked at and cleaned, in, measured. A figure by practice.</summary>
    public const int ExchangeMinutes = 12;

    /// <summary>Capacitors that a finding's own work exchanges.</summary>
    static int OfFindings(MachineNow m) =>
        m.Facts.Jobs.Count(j =>
            j is { Settles: true, FindingId: { } found }
            && j.State != JobState.Done
            && m.Facts.Findings.Any(x =>
                x.Id == found
                && x.Open
                && x.Kind
                    is Survey.FindingKind.BulgingCapacitor
                        or Survey.FindingKind.WeepingCapacitor
                        or Survey.FindingKind.CrackedMainsFilter
            )
        );

    /// <summary>When the last area that is drying now is dry; null when none is.</summary>
    static DateTimeOffset? DryAt(MachineNow m) =>
        m
            .Facts.Areas.Where(a => a.Next == Corrosion.AreaStep.Dry && a.Treatment.AlcoholAt is not null)
            .Select(a => (DateTimeOffset?)a.Treatment.AlcoholAt!.Value.AddHours(Corrosion.AreaDrying.RoomHours))
            .Max()
            is { } at
        && at > m.Now
            ? at
            : null;

    /// <summary>The washing of areas that are not dry yet.</summary>
    static IReadOnlyList<string> Washed(MachineNow m) =>
        [.. m.Facts.Areas.Where(a => a.Treatment.DriedAt is null && a.Next is not null).Select(a => $"area/{a.Id}/wash")];

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards))
        {
            yield break;
        }
        var caps = m.Capacitors;
        var (measure, out_, undecided) = (
            caps.Of(CapacitorStand.NotMeasured),
            // Those in the post are the work that was listed when they were ordered; those of a finding's work are that work.
            Math.Max(0, caps.Goes - OfFindings(m)) + caps.Of(CapacitorStand.Exchanging),
            caps.Of(CapacitorStand.Undecided)
        );
        var dry = DryAt(m);
        if (measure + undecided > 0)
        {
            yield return new(
                "capacitors/measure",
                $"Measure {measure + undecided} {(measure + undecided == 1 ? "capacitor" : "capacitors")}",
                Stage.Boards,
                WorkKind.Measuring,
                WorkTask.About(2 * measure + 3 * undecided)
            )
            {
                Why = "What has not been measured is neither sound nor bad.",
                Needs = "ESR and capacitance meter",
                At = new(PieceKind.Board, false),
                // What is wet reads wrong.
                After = Washed(m),
                From = dry,
                WaitsFor = dry is null ? "" : "the board drying",
                Places = [BenchPlaces.Meter],
                Screen = "capacitors",
            };
        }
        // Half of an exchange has its part; of the others those that are set aside have.
        var without = Math.Max(0, caps.Goes - OfFindings(m) - m.Facts.Reservations.DistinctBy(r => r.CapacitorId).Count());
        if (without > 0)
        {
            yield return new(
                "capacitors/parts",
                $"Set parts aside for {without} {(without == 1 ? "capacitor" : "capacitors")}, and order what the drawer lacks",
                Stage.Boards,
                WorkKind.Deciding,
                new(5, 12, 30)
            )
            {
                Why = "What is not in the drawer comes by post, and the board waits open for it.",
                Screen = "/order",
            };
        }
        // What has its part is soldered now; what has none waits for it.
        var ready = Math.Clamp(out_ - without, 0, out_);
        List<(int Count, bool Waits)> sittings =
        [
            .. Enumerable.Range(0, (ready + InOneGo - 1) / InOneGo).Select(i => (Math.Min(InOneGo, ready - i * InOneGo), false)),
            .. Enumerable
                .Range(0, (out_ - ready + InOneGo - 1) / InOneGo)
                .Select(i => (Math.Min(InOneGo, out_ - ready - i * InOneGo), true)),
        ];
        var goes = sittings.Count;
        for (var i = 0; i < goes; i++)
        {
            var (here, waits) = sittings[i];
            yield return new(
                $"capacitors/exchange/{i}",
                $"Exchange {here} {(here == 1 ? "capacitor" : "capacitors")}{(goes > 1 ? $", {i + 1} of {goes}" : "")}",
                Stage.Boards,
                WorkKind.Soldering,
                WorkTask.About(ExchangeMinutes * here)
            )
            {
                Why = "They come out by the machine's policy, or by what they read.",
                Needs = "Iron, tweezers, flux, alcohol",
                Uses = [new("isopropyl alcohol", 5 * here, SupplyUnit.Millilitres)],
                Skills = [BenchSkill.Soldering],
                Places = [BenchPlaces.Iron],
                Gives = [Airborne.Solvent],
                At = new(PieceKind.Board, true),
                From = dry,
                WaitsFor = dry is null ? "" : "the board drying",
                After =
                [
                    .. i == 0 ? ["capacitors/measure", "nets", .. Washed(m)] : (string[])[$"capacitors/exchange/{i - 1}"],
                    .. waits ? ["capacitors/parts"] : (string[])[],
                ],
                Screen = "capacitors",
            };
        }
    }

    /// <summary>A capacitor that weeps or bulges and is on a board's map is exchanged from there, and the leak under it is an area of the map.</summary>
    public override IEnumerable<(Guid FindingId, string Keys)> Treats(MachineNow m)
    {
        foreach (var x in m.Facts.Findings.Where(x => x.Open))
        {
            CapacitorSign? sign =
                x.Kind == Survey.FindingKind.WeepingCapacitor ? CapacitorSign.Weeping
                : x.Kind == Survey.FindingKind.BulgingCapacitor ? CapacitorSign.Bulging
                : null;
            if (sign is { } seen && m.Facts.Capacitors.Any(c => c.Signs.Contains(seen)))
            {
                yield return (x.Id, "capacitors/");
                foreach (var a in m.Facts.Areas.Where(_ => seen == CapacitorSign.Weeping))
                {
                    yield return (x.Id, $"area/{a.Id}/wash");
                }
            }
        }
    }

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards))
        {
            yield break;
        }
        var caps = m.Capacitors;
        var open = caps.Of(CapacitorStand.NotMeasured);
        var out_ = caps.Of(CapacitorStand.ComesOut) + caps.Of(CapacitorStand.Exchanging);
        NextAct Act(string title, string why, int minutes, string needs, DateTimeOffset since) =>
            new(title, why, Stage.Boards, minutes, needs, false, 0, since, "capacitors")
            {
                Beside = out_ > 0 ? $"{out_} come out, {open} not measured" : null,
            };
        if (caps.Begun is { } begun)
        {
            yield return Act(
                $"{begun.Designator}: {(begun.Next is { } s ? FittingSheet.Words(s) : "finish")}",
                "It is half done: a board with one part off is neither one thing nor the other.",
                10,
                "Iron, tweezers, flux",
                begun.RemovedAt ?? m.Machine.ArrivedAt
            );
        }
        else if (caps.First is { } first)
        {
            yield return Act(
                $"Exchange {first.Designator}{(caps.Goes > 1 ? $" and {caps.Goes - 1} more capacitors" : "")}",
                first.Sentence,
                12 * caps.Goes,
                "Iron, tweezers, flux, alcohol",
                m.Machine.ArrivedAt
            );
        }
        else if (open > 0)
        {
            yield return Act(
                $"Measure {open} {(open == 1 ? "capacitor" : "capacitors")}",
                "What has not been measured is neither sound nor bad.",
                2 * open,
                "ESR and capacitance meter",
                m.Machine.ArrivedAt
            );
        }
        else if (caps.Of(CapacitorStand.Undecided) is > 0 and var undecided)
        {
            yield return Act(
                undecided == 1 ? "Say what one measured capacitor may read" : $"Say what {undecided} measured capacitors may read",
                "They are measured, and their kind or their sheet's ESR is missing: without a limit none of them is sound.",
                3 * undecided,
                "The parts' markings, their data sheets",
                m.Machine.ArrivedAt
            );
        }
    }

    public override IEnumerable<(DateTimeOffset At, string What)> Worked(MachineFacts f) =>
        f
            .Capacitors.Select(c => (At: c.Fitting.FittedAt ?? c.Fitting.CleanedAt ?? c.Fitting.RemovedAt, c.Designator))
            .Where(w => w.At is not null)
            .Select(w => (w.At!.Value, $"{w.Designator} exchanged"));

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        var half =
            f.KeptSummary?.Half.Select(h => (h.Id, h.Designator, h.Next)).ToList()
            ??
            [
                .. f
                    .Capacitors.Where(c => c.Fitting.Half)
                    .OrderBy(c => c.Id)
                    .Select(c => (c.Id, c.Designator, c.Fitting.Next(c.Spec.WayRoundCounts))),
            ];
        const string done = "No capacitor is half exchanged",
            sound = "No capacitor bulges, is cracked or shorts";
        if (half.Count == 0)
        {
            yield return Rooms.BeforePower.Is("exchange", done, "Every exchange that was begun is measured.");
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "exchange",
                done,
                Verdict
                    .Of(
                        Rooms.BeforePower.Question,
                        Outcome.No,
                        $"Not yet: {half[0].Designator}{(half.Count > 1 ? $" and {half.Count - 1} more are" : " is")} half exchanged.",
                        Basis.Rule,
                        new Reason("A part the wrong way round bursts at the first switch-on; nobody has looked twice yet.")
                    )
                    .Changing("Fitted, its way round looked at twice, measured again."),
                half.Select(c => $"{c.Id} {c.Next}").ToList()
            ) with
            {
                Screen = "capacitors",
            };
        }
        var readings = f.KeptSummary is null ? f.Readings.ToLookup(r => r.SubjectId) : null;
        var harmful =
            f.KeptSummary?.Harmful.Select(h => (h.Id, h.Designator, h.Harm)).ToList()
            ??
            [
                .. f
                    .Capacitors.Select(c => (c.Id, c.Designator, Harm: CapacitorHarm.Of(c, MachineFacts.ReadingsOf(c, readings![c.Id]))))
                    .Where(c => c.Harm.Length > 0)
                    .OrderBy(c => c.Id),
            ];
        if (harmful.Count == 0)
        {
            yield return Rooms.BeforePower.Is("capacitors", sound, "None that is marked on its board maps does.");
            yield break;
        }
        var first = harmful[0];
        // What sits across the mains smokes as soon as the plug is in, board or no board.
        var mains = harmful.Any(h => h.Harm.EndsWith("the mains", StringComparison.Ordinal));
        yield return Rooms.BeforePower.By(
            f,
            "capacitors",
            sound,
            Verdict
                .Of(
                    Rooms.BeforePower.Question,
                    Outcome.No,
                    $"Leave it off: {first.Designator} {first.Harm}{(harmful.Count > 1 ? $", and {harmful.Count - 1} more must not be fed" : "")}.",
                    Basis.Measured,
                    new Reason(
                        mains
                            ? "A filter capacitor that has cracked goes up in smoke at the next switch-on."
                            : "It vents or shorts at the next switch-on, and takes what it feeds with it."
                    )
                )
                .Changing("Exchanged, and the new part measured.")
                .With(mains ? [CautionId.LineFilterCapacitor, CautionId.MainsSupply] : [CautionId.ChargedCapacitor]),
            harmful.Select(c => $"{c.Id} {c.Harm}").ToList()
        ) with
        {
            Screen = "capacitors",
            From = mains ? PowerStepKind.SupplyLoaded : PowerStepKind.BareBoard,
        };
    }

    public override Disputed? Against(OverruleKind kind, string subject, MachineNow m)
    {
        if (kind != OverruleKind.ComesOut)
        {
            return null;
        }
        var a =
            m.JudgedCapacitors.FirstOrDefault(c => Guid.TryParse(subject, out var id) && id == c.Capacitor.Id)
            ?? throw new InvalidInputException("subject", "There is no such capacitor on this machine.");
        if (a.ComesOut.Outcome is not (Outcome.Yes or Outcome.No))
        {
            return new(Permit.No("subject", $"{a.ComesOut.Sentence} There is no verdict yet that could be overruled."), "");
        }
        // Asked as a refusal, whichever way the verdict goes: it is the other way that a person wants.
        var refusal = a.ComesOut with
        {
            Outcome = Outcome.No,
        };
        return new(
            new(refusal, "subject") { Overrulable = a.Decision, OverruledBecause = null },
            a.ComesOut.Outcome == Outcome.Yes ? "stays in" : "comes out"
        );
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var caps = m.Capacitors;
        if (caps.Begun is { } half)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {half.Designator} is half exchanged.",
                "A board with one part off is neither one thing nor the other.",
                "Its last step."
            ) with
            {
                Count = caps.Of(CapacitorStand.Exchanging),
            };
        }
        var bad = caps.Of(CapacitorStand.ComesOut);
        if (bad > 0)
        {
            yield return new(
                Stage.Boards,
                $"{bad} {(bad == 1 ? "capacitor comes" : "capacitors come")} out and still {(bad == 1 ? "sits" : "sit")} there."
            )
            {
                Lines = [.. m.JudgedCapacitors.Where(c => c.Stand == CapacitorStand.ComesOut).Select(c => c.ComesOut.Sentence)],
                Count = bad,
            };
        }
        if (caps.Of(CapacitorStand.NotMeasured) is > 0 and var open)
        {
            var said = $"{open} {(open == 1 ? "capacitor has" : "capacitors have")} not been measured.";
            yield return new(Stage.Boards, said) { Lines = [said] };
        }
        if (caps.Of(CapacitorStand.Undecided) is > 0 and var undecided)
        {
            var said =
                $"{undecided} {(undecided == 1 ? "capacitor is" : "capacitors are")} measured, and nobody knows what {(undecided == 1 ? "it" : "they")} may read.";
            yield return new(Stage.Boards, said) { Lines = [said] };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        var caps = w.Now.JudgedCapacitors;
        foreach (var c in caps.Select(c => c.Capacitor).Where(c => c.Fitting.FittedAt is not null))
        {
            var mine = w.Facts.Readings.Where(r => r.SubjectId == c.Id).ToList();
            string Read(string channel)
            {
                var farads = mine.Latest(channel, Quantity.Capacitance);
                var ohms = mine.Latest(channel, Quantity.Esr);
                return string.Join(
                    ", ",
                    new[] { farads is null ? "" : Si.Format(farads.Value, "F"), ohms is null ? "" : Si.Format(ohms.Value, "Ω") }.Where(x =>
                        x.Length > 0
                    )
                );
            }

            var (was, now) = (Read("old"), Read(c.Fitting.NewChannel));
            var part = c.Fitting.PartId is { } id && w.Parts.TryGetValue(id, out var spec) ? Substitution.Describe(spec) : "a new part";
            yield return new(
                WriteUpPart.Replaced,
                $"{c.Designator}: {Substitution.Describe(c.Spec)}{(was.Length > 0 ? $" ({was})" : "")} exchanged for {part}{(now.Length > 0 ? $" ({now})" : "")}{(c.Fitting.Pads is PadState.Lifted or PadState.Corroded ? $"; pads {c.Fitting.Pads.ToString()!.ToLowerInvariant()}" : "")}."
            );
        }
        var kept = caps.Count(c => c.Stand == CapacitorStand.Sound);
        if (kept > 0)
        {
            yield return new(WriteUpPart.Replaced, $"{kept} {(kept == 1 ? "capacitor" : "capacitors")} kept after measuring.");
        }
        var done = caps.Count(c => c.Stand == CapacitorStand.Exchanged);
        yield return new(WriteUpPart.Summary, $"{done} {(done == 1 ? "capacitor" : "capacitors")} exchanged");
    }
}
