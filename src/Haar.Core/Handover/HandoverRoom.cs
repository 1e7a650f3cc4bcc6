using Haar.Core.Planning;
using Haar.Core.Rooms;

namespace Haar.Core.Handover;

/// <summary>The last stage: it goes to whoever it belongs to.</summary>
public sealed class HandoverRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) => m.Machine.HandedOverAt is not null ? [new(Stage.HandOver, 1, true)] : [];

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (
            m.Machine.HandedOverAt is null
            && !HandoverReadiness.Left(m).Any(l => l.Against is not null || (l.Holds && !m.Closed.Contains(l.Stage)))
        )
        {
            yield return new(
                "Hand it over",
                "Everything listed is done: read the write-up once more and sign it off.",
                Stage.HandOver,
                15,
                "",
                false,
                0,
                m.Now,
                "handover"
            );
        }
    }
}
