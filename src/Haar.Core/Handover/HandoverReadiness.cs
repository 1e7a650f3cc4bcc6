using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Handover;

/// <summary>May a machine leave? Not with a danger open, not half taken apart; with open work only if it is said so in the write-up.</summary>
public static class HandoverReadiness
{
    /// <summary>What every room has left to do, in the order of the rooms.</summary>
    public static IEnumerable<Left> Left(MachineNow m) => AllRooms.InOrder.SelectMany(r => r.Left(m));

    public static Verdict Judge(MachineFacts f, DateTimeOffset now)
    {
        var left = Left(new(f, now)).ToList();
        if (left.Select(l => l.Against).FirstOrDefault(v => v is not null) is { } against)
        {
            return against;
        }
        return left.Count == 0
            ? Verdict.Of(Rooms.Left.Question, Outcome.Yes, "Yes. Everything listed is done.", Basis.Measured)
            : Verdict
                .Of(
                    Rooms.Left.Question,
                    Outcome.YesIf,
                    "Yes, if whoever takes it knows what is still open.",
                    Basis.Measured,
                    [.. left.Select(l => new Reason(l.Sentence))]
                )
                .Changing("The open points done.");
    }
}
