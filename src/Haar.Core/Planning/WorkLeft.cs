using Haar.Core.Intake;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>All that is left to do on a machine, from every room; and who may do it, where the whole machine decides that.</summary>
public static class WorkLeft
{
    /// <summary>Nothing where it plans nothing: a lot, a donor, one that has left or is off the list.</summary>
    public static IReadOnlyList<WorkTask> Of(MachineNow m)
    {
        if (!m.Restored || m.Machine is not { HandedOverAt: null, RemovedAt: null })
        {
            return [];
        }
        IReadOnlyList<WorkTask> work = [.. AllRooms.InOrder.SelectMany(r => r.Work(m))];
        work = AllRooms.InOrder.Aggregate(work, (w, r) => r.Shape(m, w));
        // A case with a tube in it, or of which nobody has said that there is none, is opened, worked in and fed by somebody trained.
        return Hazards.Tube(m.Machine) == ThreeState.No
            ? work
            : [.. work.Select(w => Inside(w) ? w with { Skills = [.. w.Skills.Append(BenchSkill.Mains).Distinct()] } : w)];
    }

    // What lies on the bench already is cleaned by anybody.
    static bool Inside(WorkTask w) => w.Stage is Stage.StripDown or Stage.Boards or Stage.Rebuild or Stage.BringUp || w.Behind;
}
