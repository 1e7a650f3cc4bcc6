using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Handover;

/// <summary>May a machine leave? Not with a danger open, not half taken apart; with open work only if it is said so in the write-up.</summary>
public static class HandoverReadiness
{
    public static Verdict Judge(MachineFacts f, DateTimeOffset now)
    {
        const string question = "May it be handed over?";
        var dangers = f.Findings.Where(x => x.Open && FindingRules.Meaning(x.Kind).StopsPower).ToList();
        if (dangers.Count > 0)
        {
            var meaning = FindingRules.Meaning(dangers[0].Kind);
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Not yet. A danger is open: {meaning.Words}{(dangers[0].Place.Length > 0 ? $", {dangers[0].Place}" : "")}.",
                    Basis.Rule,
                    new Reason(meaning.Why)
                )
                .Changing($"{meaning.Work}, and say so on the finding.")
                .With(meaning.Cautions);
        }

        var caps = CapacitorAssessments.Of(f, now.Year);
        if (caps.FirstOrDefault(c => c.Stand == CapacitorStand.Exchanging) is { } half)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Not yet. {half.Capacitor.Designator} is half exchanged.",
                    Basis.Measured,
                    new Reason("A board with one part off is neither one thing nor the other.")
                )
                .Changing("Its last step.");
        }

        var gate = PowerSession.Of(f, now);
        if (gate is { Next: not null, Stopped: true })
        {
            return Verdict
                .Of(question, Outcome.No, "Not yet. Its first power has stopped.", Basis.Measured, new Reason(gate.Verdict.Sentence))
                .Changing("The failed step read again and passed.");
        }

        if (f.StripSteps.FirstOrDefault(s => s is { StaysOut: false, BackAt: null }) is { } apart)
        {
            var out_ = f.StripSteps.Count(s => s is { StaysOut: false, BackAt: null });
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Not yet. {(out_ == 1 ? $"{apart.Title} is" : $"{out_} pieces are")} not back in.",
                    Basis.Measured,
                    new Reason("What is left out stays behind when the machine leaves.")
                )
                .Changing("The rebuild, or a word that it stays out.");
        }

        var open = new List<Reason>();
        if (f.StripFasteners.Count > 0 && f.Strip.Reconciled() is { Verdict.Outcome: not Outcome.Yes } fasteners)
        {
            open.Add(new(fasteners.Verdict.Sentence));
        }
        if (gate.Next is not null)
        {
            open.Add(new("Its first power has not been taken to the end."));
        }
        if (f.Jobs.Count(j => j.State != JobState.Done) is > 0 and var jobs)
        {
            open.Add(new($"{jobs} {(jobs == 1 ? "piece of work is" : "pieces of work are")} still listed."));
        }
        if (f.Findings.Count(x => x.Open) is > 0 and var found)
        {
            open.Add(new($"{found} {(found == 1 ? "finding is" : "findings are")} still open."));
        }
        if (caps.Count(c => c.Stand is CapacitorStand.ComesOut) is > 0 and var bad)
        {
            open.Add(new($"{bad} {(bad == 1 ? "capacitor comes" : "capacitors come")} out and still {(bad == 1 ? "sits" : "sit")} there."));
        }
        if (f.Areas.FirstOrDefault(a => a.Treatment.NeutralisedAt is not null && a.Next is not null) is { } area)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Not yet. {Words.Capital(area.Name)} is half cleaned.",
                    Basis.Measured,
                    new Reason("A board half cleaned corrodes faster than one not touched.")
                )
                .Changing($"Its next step: {AreaTreatment.Words(area.Next!.Value)}.");
        }

        if (f.Areas.Count(a => a.Next is not null) is > 0 and var dirty)
        {
            open.Add(new($"{dirty} corroded {(dirty == 1 ? "area is" : "areas are")} not cleaned."));
        }
        if (f.JudgedNets().Count(n => n.State is not (NetState.Sound or NetState.Repaired)) is > 0 and var nets)
        {
            open.Add(new($"{nets} {(nets == 1 ? "net is" : "nets are")} not known to be whole."));
        }
        if (f.Cell is { FittedAt: null })
        {
            open.Add(new("Nothing has been fitted in the place of its cell."));
        }
        if (f.Proofs.Count == 0)
        {
            open.Add(new("Nothing was measured before and after."));
        }
        return open.Count == 0
            ? Verdict.Of(question, Outcome.Yes, "Yes. Everything listed is done.", Basis.Measured)
            : Verdict
                .Of(question, Outcome.YesIf, "Yes, if whoever takes it knows what is still open.", Basis.Measured, open)
                .Changing("The open points done.");
    }
}
