using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Makes a capacitor from what is printed on it, and checks one.</summary>
public static class CapacitorFacts
{
    /// <summary>A marking of <see cref="CapacitorMarking.NotReadable"/> gives a part without a value.</summary>
    /// <exception cref="InvalidInputException">The marking cannot be read, or leaves two values.</exception>
    public static Capacitor FromMarking(
        Guid id,
        Guid machineId,
        Guid boardId,
        string designator,
        string marking,
        CapacitorKind kind,
        CapacitorRole role,
        double? volts,
        out string note
    )
    {
        note = "";
        if (CapacitorMarking.IsNotReadable(marking))
        {
            return new Capacitor
            {
                Id = id,
                MachineId = machineId,
                BoardId = boardId,
                Designator = designator.Trim(),
                Marking = CapacitorMarking.NotReadable,
                Role = role,
                Spec = new() { Kind = kind, RatedVolts = volts },
            };
        }
        var read = CapacitorMarking.Read(marking, kind);
        if (read.Problems.Count > 0 || read.Readings.Count == 0)
        {
            throw new InvalidInputException("marking", read.Sentence);
        }
        if (read.Readings.Select(r => r.Microfarads).Distinct().Count() > 1)
        {
            throw new InvalidInputException("marking", $"“{read.Text}”: {read.Sentence}");
        }
        var r = read.Readings[0];
        note = read.Readings.Count > 1 ? read.Sentence : "";
        if (volts is { } given && r.RatedVolts is { } printed && given != printed)
        {
            throw new InvalidInputException("volts", $"The marking says {Si.Plain(printed)} V and the list {Si.Plain(given)} V.");
        }
        return new Capacitor
        {
            Id = id,
            MachineId = machineId,
            BoardId = boardId,
            Designator = designator.Trim(),
            Marking = marking.Trim(),
            Role = role,
            Spec = new()
            {
                Kind = kind,
                Microfarads = r.Microfarads,
                RatedVolts = volts ?? r.RatedVolts,
                ToleranceMinusShare = r.ToleranceMinusShare ?? 0.2,
                TolerancePlusShare = r.TolerancePlusShare ?? 0.2,
                MaxCelsius = r.MaxCelsius,
                SafetyClass = r.SafetyClass,
            },
        };
    }

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public static void Check(Capacitor c)
    {
        if (c.Designator.Length is 0 or > 12 || !c.Designator.All(char.IsAsciiLetterOrDigit))
        {
            throw new InvalidInputException("designator", "A designator is 1 to 12 letters and digits, such as C14.");
        }
        foreach (var (field, v) in new[] { ("x", c.X), ("y", c.Y) })
        {
            InvalidInputException.Finite(field, v, 0, 1, "(a share of the photo)");
        }
        CapacitorJudge.Judge(c.Designator, c.Spec, [], new());
    }
}
