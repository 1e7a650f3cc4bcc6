using Haar.Core.Acts;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>
/// A person's decision against a verdict that stands on a screen: a part that comes out or stays, a finding that stops power, or
/// what stands before it. The sentence is the verdict's own, and the decision holds while the facts under it are these.
/// </summary>
public sealed record DecideAgainst(OverruleKind Of, string Subject) : Command<MachineFacts>
{
    public override Permit May(MachineFacts f, DateTimeOffset now) => Against(f, now).Permit;

    Disputed Against(MachineFacts f, DateTimeOffset now)
    {
        var m = new MachineNow(f, now);
        return AllRooms.InOrder.Select(r => r.Against(Of, Subject, m)).FirstOrDefault(d => d is not null)
            ?? throw new InvalidInputException("of", "That is decided where it is done, with its reason, and not beside it.");
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        var against = Against(f, at.Now);
        return new($"Overruled “{against.Permit.Verdict.Sentence}”: it {against.Words}.");
    }
}
