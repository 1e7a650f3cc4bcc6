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

    public static CircuitWork Of(Guid machineId, string what, DateTimeOffset when, Func<Guid> newId) =>
        new()
        {
            Id = newId(),
            MachineId = machineId,
            At = when,
            What = what.Length > MostWhat ? what[..MostWhat] : what,
        };
}
