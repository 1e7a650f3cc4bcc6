using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Acts;

/// <summary>
/// Something was soldered, fitted, taken out or wetted on a machine's boards. Rails that were measured for shorts before it say nothing
/// of them now. It stays when the part, area or cell that it was about is deleted.
/// </summary>
public sealed class CircuitWork : ICheckedRow
{
    const int MostWhat = 200;

    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>When hands were at it; the act may be written down later.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>What it was, in a few words: "C14 fitted".</summary>
    public string What { get; init; } = "";

    public void Check() => TextField.Check("what", What, MostWhat, "Say what was done on the board, in 1 to 200 characters.");

    /// <summary>Listed work on the boards is work on a circuit; null for any other.</summary>
    public static CircuitWork? Of(Job job, DateTimeOffset when, Func<Guid> newId) =>
        job.Stage == Stage.Boards ? Of(job.MachineId, job.Title, when, newId) : null;

    /// <summary>What a machine's rows say was soldered or washed, and of which no row of this kind is left: a document of an older Haar, or one that somebody has edited.</summary>
    public static IEnumerable<CircuitWork> Missing(MachineFacts f, Func<Guid> newId) =>
        Rooms
            .AllRooms.InOrder.SelectMany(r => r.Worked(f))
            // Only what came after shorts that were measured, or after a word that it ran, says anything of them.
            .Where(w =>
                !(f.LastOnCircuit?.At >= w.At)
                && (
                    f.PowerSteps.Any(s => s is { Kind: Survey.PowerStepKind.Shorts, Through: true } && !(s.At >= w.At))
                    || f.Machine.RanAt < w.At
                )
            )
            .OrderBy(w => w.At)
            .TakeLast(1)
            .Select(w => Of(f.Machine.Id, w.What, w.At, newId));

    public static CircuitWork Of(Guid machineId, string what, DateTimeOffset when, Func<Guid> newId) =>
        new()
        {
            Id = newId(),
            MachineId = machineId,
            At = when,
            What = what.Length > MostWhat ? what[..MostWhat] : what,
        };
}
