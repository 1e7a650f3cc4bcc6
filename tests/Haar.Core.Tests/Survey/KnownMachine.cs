using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>A machine of which everything is known that first power asks for: the opposite of one that nobody has looked at.</summary>
public static class KnownMachine
{
    static Guid Id() => Guid.CreateVersion7();

    /// <summary>What feeds it is said, and it has one rail.</summary>
    public static Machine Identified(Machine m)
    {
        (m.MainsLead, m.Tube, m.Battery) = (
            m.MainsLead == ThreeState.NotKnown ? ThreeState.No : m.MainsLead,
            m.Tube == ThreeState.NotKnown ? ThreeState.No : m.Tube,
            m.Battery == ThreeState.NotKnown ? ThreeState.No : m.Battery
        );
        if (m.Rails.Count == 0)
        {
            m.Rails = [new("+5 V", 5)];
        }
        return m;
    }

    /// <summary>Identified, and every place of its list sound.</summary>
    public static MachineFacts LookedOver(MachineFacts f, DateTimeOffset at)
    {
        Identified(f.Machine);
        return f with
        {
            Answers =
            [
                .. Checklist
                    .For(f.Machine, [.. f.Findings.Select(x => x.Kind)])
                    .Items.Select(i => new ChecklistAnswer
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        Item = i.Id,
                        Answer = LookAnswer.Sound,
                        At = at,
                    }),
            ],
        };
    }

    /// <summary>Looked over, and through every step with readings that are as they should be.</summary>
    public static MachineFacts Powered(MachineFacts f, DateTimeOffset at)
    {
        f = LookedOver(f, at);
        var steps = Enum.GetValues<PowerStepKind>()
            .Select(k => new PowerStep
            {
                Id = Id(),
                MachineId = f.Machine.Id,
                Kind = k,
                State = PowerStepState.Passed,
                Seen = "as it should be",
                Load = "a 5 Ω resistor on each rail",
                OnLoadSince = at.AddMinutes(-15),
                At = at,
            })
            .ToList();
        return f with
        {
            PowerSteps = steps,
            Readings =
            [
                .. f.Readings,
                .. steps
                    .Where(s => s.Kind is PowerStepKind.Shorts or PowerStepKind.SupplyLoaded or PowerStepKind.BareBoard)
                    .SelectMany(s => f.Machine.Rails.SelectMany(r => ReadingsOf(f, s, r, at))),
            ],
        };
    }

    static IEnumerable<Reading> ReadingsOf(MachineFacts f, PowerStep s, RailReading r, DateTimeOffset at)
    {
        Reading Read(Quantity q, double value) =>
            new()
            {
                Id = Id(),
                MachineId = f.Machine.Id,
                SubjectKind = SubjectKind.Rail,
                SubjectId = s.Id,
                Channel = r.Name,
                Quantity = q,
                Value = value,
                Instrument = q == Quantity.RippleVolts ? Instrument.Oscilloscope : Instrument.Multimeter,
                At = at,
            };
        return s.Kind == PowerStepKind.Shorts
            ? [Read(Quantity.Ohms, 180)]
            : [Read(Quantity.Volts, r.NominalVolts), Read(Quantity.RippleVolts, 0.02)];
    }
}
