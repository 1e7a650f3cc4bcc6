using Haar.Core.Acts;
using Haar.Core.Capacitors;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>
/// A person's decision against a verdict that stands on a screen: a part that comes out or stays, a finding that stops power, or
/// what stands before it. The sentence is the verdict's own, and the decision holds while the facts under it are these.
/// </summary>
public sealed record DecideAgainst(OverruleKind Of, string Subject) : Command<MachineFacts>
{
    public override Permit May(MachineFacts f, DateTimeOffset now) => Against(f, now).Permit;

    (Permit Permit, string Words) Against(MachineFacts f, DateTimeOffset now)
    {
        switch (Of)
        {
            case OverruleKind.ComesOut:
                var a =
                    CapacitorAssessments.Of(f, now.Year).FirstOrDefault(c => Is(c.Capacitor.Id))
                    ?? throw new InvalidInputException("subject", "There is no such capacitor on this machine.");
                if (a.ComesOut.Outcome is not (Outcome.Yes or Outcome.No))
                {
                    return (Permit.No("subject", $"{a.ComesOut.Sentence} There is no verdict yet that could be overruled."), "");
                }
                // Asked as a refusal, whichever way the verdict goes: it is the other way that a person wants.
                var refusal = a.ComesOut with
                {
                    Outcome = Outcome.No,
                };
                return (
                    new(refusal, "subject") { Overrulable = a.Decision, OverruledBecause = null },
                    a.ComesOut.Outcome == Outcome.Yes ? "stays in" : "comes out"
                );
            case OverruleKind.Finding:
                var x =
                    f.Findings.FirstOrDefault(x => Is(x.Id))
                    ?? throw new InvalidInputException("subject", "There is no such finding on this machine.");
                var stops = FindingRules.StopsPower(x, f.Overrules);
                return stops.Granted
                    ? (Permit.No("subject", "It stops no power: there is nothing to overrule."), "")
                    : (stops, "no longer stops power");
            case OverruleKind.BeforePower:
                var before = PowerSession.Of(f, now).Before.FirstOrDefault(b => b.Word == Subject);
                return before is null
                    ? (Permit.No("subject", "Nothing of that name stands before its first power now."), "")
                    : (before.Permit, "no longer stands before power");
            default:
                throw new InvalidInputException("of", "That is decided where it is done, with its reason, and not beside it.");
        }
    }

    bool Is(Guid id) => Guid.TryParse(Subject, out var s) && s == id;

    protected override Done Do(MachineFacts f, Moment at)
    {
        var (permit, words) = Against(f, at.Now);
        return new($"Overruled “{permit.Verdict.Sentence}”: it {words}.");
    }
}
