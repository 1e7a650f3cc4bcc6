using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Thermal;

namespace Haar.Core.Planning;

/// <summary>What the hand can do on a machine's boards: battery first, then what it ate, then the capacitors, then the heat.</summary>
static class BoardActs
{
    public static IEnumerable<NextAct> Of(MachineFacts f, CapacitorSummary caps, DateTimeOffset now)
    {
        NextAct Act(string title, string why, int minutes, string needs, string screen, DateTimeOffset since, bool danger) =>
            new(title, why, Stage.Boards, minutes, needs, danger, 0, since, screen);
        var arrived = f.Machine.ArrivedAt;
        if (f.Cell is { FittedAt: null } cell)
        {
            yield return cell.Chosen is null
                ? Act(
                    "Decide what replaces the cell",
                    cell.Site.Leaking
                        ? "It leaks: every day it stays it eats copper."
                        : "A cell leaks one day, and nobody will be there to see it.",
                    10,
                    "",
                    "battery",
                    arrived,
                    cell.Site.Leaking
                )
                : Act(
                    "Fit what replaces the cell",
                    "It is decided; the board is without its clock until it is done.",
                    30,
                    "Iron, wick, multimeter",
                    "battery",
                    arrived,
                    false
                );
        }

        if (f.Cell is { FittedAt: { } fittedAt, NextCheck: { } check } && check <= DateOnly.FromDateTime(now.UtcDateTime))
        {
            yield return Act(
                "Look at the cell again",
                $"Fitted {fittedAt:d MMMM yyyy}: its day has come.",
                10,
                "Multimeter",
                "battery",
                new DateTimeOffset(check, TimeOnly.MinValue, TimeSpan.Zero),
                false
            );
        }

        foreach (var act in Corrosion(f, Act, now))
        {
            yield return act;
        }
        foreach (var act in Capacitors(arrived, caps, Act))
        {
            yield return act;
        }
        foreach (var hot in HotAssessments.Of(f.HotParts, f.Readings).Where(h => h.Open.Length > 0))
        {
            yield return Act(
                $"{hot.Part.Name}: {hot.Open}",
                hot.Part.FittedAt is null ? hot.Gap.Verdict.Sentence : hot.Heat.Verdict.Sentence,
                20,
                "Thermometer, alcohol",
                "capacitors",
                arrived,
                false
            );
        }
    }

    static IEnumerable<NextAct> Corrosion(
        MachineFacts f,
        Func<string, string, int, string, string, DateTimeOffset, bool, NextAct> act,
        DateTimeOffset now
    )
    {
        var planned = f.Jobs.Where(j => j.State != JobState.Done).Select(j => j.Id).ToHashSet();
        foreach (var a in f.Areas.Where(a => a.Next is not null && !(a.JobId is { } job && planned.Contains(job))))
        {
            var step = a.Next!.Value;
            yield return act(
                $"{Capital(AreaTreatment.Words(step))}: {a.Name}",
                step == AreaStep.Neutralise
                    ? "What leaked goes on eating until it is neutralised."
                    : "A board half cleaned corrodes faster than one not touched.",
                step == AreaStep.Neutralise ? 30 : 15,
                step is AreaStep.Neutralise ? "Gloves, glasses, pH paper, soft brush"
                    : step == AreaStep.Rinse ? "Distilled water"
                    : "Alcohol, iron off",
                "capacitors",
                a.Inspections.Count > 0 ? a.Inspections[^1].At : f.Machine.ArrivedAt,
                false
            );
        }

        // A net is measured once the area over it is dry, or when it lies under none.
        var nets = f.JudgedNets();
        var dry = f.Areas.Where(a => a.Treatment.DriedAt is not null).Select(a => a.Id).ToHashSet();
        var ready = nets.Where(n => n.UnderAreas.Count == 0 || n.UnderAreas.All(dry.Contains)).ToList();
        var open = ready.Count(n => n.State is NetState.NotMeasured or NetState.MeasureBetter);
        if (open > 0)
        {
            yield return act(
                $"Measure {open} {(open == 1 ? "net" : "nets")} end to end",
                "A trace that looks whole may be eaten through.",
                4 * open,
                "Multimeter, board map",
                "capacitors",
                f.Machine.ArrivedAt,
                false
            );
        }
        var bad = ready.Where(n => n.State is NetState.Thin or NetState.Open).ToList();
        if (bad.Count > 0)
        {
            yield return act(
                $"Mend {bad[0].Net.Name}{(bad.Count > 1 ? $" and {bad.Count - 1} more" : "")}",
                bad[0].Trace.Verdict.Sentence,
                15 * bad.Count,
                "Jumper wire, iron, mask",
                "capacitors",
                f.Machine.ArrivedAt,
                false
            );
        }
        var today = DateOnly.FromDateTime(now.UtcDateTime);
        foreach (var a in f.Areas.Where(a => a.Next is null && a.InspectOn <= today))
        {
            yield return act(
                $"Look at {a.Name} again",
                "Residue left under a chip shows within a season.",
                10,
                "Magnifier, pH paper",
                "capacitors",
                new DateTimeOffset(a.InspectOn!.Value, TimeOnly.MinValue, TimeSpan.Zero),
                false
            );
        }
    }

    static IEnumerable<NextAct> Capacitors(
        DateTimeOffset arrived,
        CapacitorSummary caps,
        Func<string, string, int, string, string, DateTimeOffset, bool, NextAct> act
    )
    {
        var open = caps.Of(CapacitorStand.NotMeasured);
        if (caps.Begun is { } begun)
        {
            yield return act(
                $"{begun.Designator}: {(begun.Next is { } s ? FittingSheet.Words(s) : "finish")}",
                "It is half done: a board with one part off is neither one thing nor the other.",
                10,
                "Iron, tweezers, flux",
                "capacitors",
                begun.RemovedAt ?? arrived,
                false
            );
        }
        else if (caps.First is { } first)
        {
            yield return act(
                $"Exchange {first.Designator}{(caps.Goes > 1 ? $" and {caps.Goes - 1} more capacitors" : "")}",
                first.Sentence,
                12 * caps.Goes,
                "Iron, tweezers, flux, alcohol",
                "capacitors",
                arrived,
                false
            );
        }
        else if (open > 0)
        {
            yield return act(
                $"Measure {open} {(open == 1 ? "capacitor" : "capacitors")}",
                "What has not been measured is neither sound nor bad.",
                2 * open,
                "ESR and capacitance meter",
                "capacitors",
                arrived,
                false
            );
        }
    }

    /// <summary>Work of the boards beside battery and capacitors, with its weight and whether it is done.</summary>
    public static IEnumerable<(double Weight, bool Done)> Progress(MachineFacts f)
    {
        foreach (var a in f.Areas)
        {
            foreach (var done in new[] { a.Treatment.NeutralisedAt, a.Treatment.RinsedAt, a.Treatment.AlcoholAt, a.Treatment.DriedAt })
            {
                yield return (6, done is not null);
            }
            if (a.Stage >= CorrosionStage.MaskLifted)
            {
                yield return (6, a.Treatment.MaskedAt is not null);
            }
        }

        foreach (var n in f.JudgedNets())
        {
            yield return (4, n.State is NetState.Sound or NetState.Repaired);
        }
        foreach (var h in HotAssessments.Of(f.HotParts, f.Readings))
        {
            yield return (10, h.Open.Length == 0);
        }
    }

    static string Capital(string s) => Verdicts.Words.Capital(s);
}
