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
        // A case with a tube in it, or of which nobody has said that there is none, is opened, worked in and fed by somebody trained.
        var tube = Hazards.Tube(m.Machine) != ThreeState.No;
        return
        [
            .. AllRooms
                .InOrder.SelectMany(r => r.Work(m))
                .Select(w => tube && Inside(w.Stage) ? w with { Skills = [.. w.Skills.Append(BenchSkill.Mains).Distinct()] } : w),
        ];
    }

    static bool Inside(Stage stage) => stage is Stage.StripDown or Stage.Boards or Stage.Rebuild or Stage.BringUp;
}
