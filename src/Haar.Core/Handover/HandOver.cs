using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Handover;

/// <summary>The machine goes to whoever it belongs to. What is not ready may go all the same, with a reason that the write-up keeps.</summary>
public sealed record HandOver : Command<MachineFacts>
{
    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        if (f.Machine.HandedOverAt is not null)
        {
            return Permit.No("machine", "It is handed over already.");
        }
        var ready = HandoverReadiness.Judge(f, now);
        return Permit.By(
            ready,
            "overruleReason",
            new(
                OverruleKind.HandOver,
                f.Machine.Id,
                "",
                Overrulable.Fingerprint(ready.Sentence, ready.Reasons.Select(r => r.Text).ToList())
            ),
            f.Overrules
        );
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        f.Machine.HandedOverAt = at.Now;
        return new($"{f.Machine.Name} handed over.", f.Machine.Id);
    }
}
