using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

public sealed record MechanismFacts(Machine Machine, Mechanism Mechanism, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>One step of a service.</summary>
/// <param name="Value">Turns a minute, errors that were read, dB, °C, or the belt's path in mm.</param>
/// <param name="Worthless">What was put in first is worth nothing. Not known counts as no.</param>
/// <param name="Good">It turns freely; it read or printed right. Not known counts as no.</param>
/// <param name="With">What it was lubricated with.</param>
public sealed record TakeMechanismStep(
    MechanismStep Step,
    double? Value = null,
    ThreeState Worthless = ThreeState.NotKnown,
    ThreeState Good = ThreeState.NotKnown,
    LubricantKind With = LubricantKind.NotKnown,
    string Note = ""
) : Command<MechanismFacts>
{
    public override Permit May(MechanismFacts f, DateTimeOffset now)
    {
        TextField.Check("note", Note, 200);
        InvalidInputException.Finite("value", Value, 0, 1e6, "");
        var m = f.Mechanism;
        if (Service.Procedure.Turn(m, Step) is { Granted: false } turn)
        {
            return turn;
        }
        switch (Step)
        {
            case MechanismStep.CopyFirst when Good != ThreeState.Yes:
                return Permit.No("good", "Not before it is copied off, and the copy read back: an old drive may have one good start left.");
            case MechanismStep.Belt:
                InvalidInputException.Finite("value", Value, 10, 10_000, "mm");
                return Value is null && m.BeltPathMillimetres is null
                    ? Permit.No("value", "How long is the belt's path, by a thread laid round it?")
                    : Permit.Yes();
            case MechanismStep.Rails:
                if (With == LubricantKind.NotKnown)
                {
                    return Permit.No("with", "What was it lubricated with?");
                }
                var lubricated = Lubricant.For(m.Rails, With).Verdict;
                return lubricated.Outcome == Outcome.Yes
                    ? Permit.Yes()
                    : new(lubricated.Final(), m.Rails == Sliding.NotKnown ? "rails" : "with");
            case MechanismStep.TurnByHand when Good != ThreeState.Yes:
                return Permit.No("good", "Not yet: what binds by hand burns its motor.");
            case MechanismStep.Speed:
                if (Value is not { } rpm)
                {
                    return Permit.No("value", "How many turns a minute?");
                }
                var speed = Speed.Judge(rpm, m.NominalRpm ?? 300);
                return speed.Outcome == Outcome.Yes ? Permit.Yes() : new(speed.Final(), "value");
            case MechanismStep.FirstRun:
                return Worthless != ThreeState.Yes
                        ? Permit.No("worthless", "A worthless one first, never a precious one: what the heads plough up is gone.")
                    : m.Drive && Value is null ? Permit.No("value", "How many errors did it read?")
                    : Value > 0
                        ? Permit.No(
                            "value",
                            $"{Si.Plain(Value.Value)} {(Value == 1 ? "error" : "errors")} on a disk that is known to be good: clean the head once more, and look at it under a lens."
                        )
                    : Good != ThreeState.Yes
                        ? Permit.No("good", "Look at it afterwards: a ring on the disk or a crease in the sheet says what is still wrong.")
                    : Permit.Yes();
            case MechanismStep.Real when Good != ThreeState.Yes:
                return Permit.No("good", "Not before it has been read without an error.");
            case MechanismStep.Noise or MechanismStep.Temperature when Value is null:
                return Permit.No(
                    "value",
                    Step == MechanismStep.Noise ? "How loud, dB, at the same distance as before?" : "How warm, °C, at the same load?"
                );
            default:
                return Permit.Yes();
        }
    }

    protected override Done Do(MechanismFacts f, Moment at)
    {
        var m = f.Mechanism;
        m.Done = [.. m.Done.Where(d => d.Step != Step), new(Step, at.Now, Value, Note.Trim())];
        if (Step == MechanismStep.Belt && Value is { } path)
        {
            m.BeltPathMillimetres = path;
        }
        var read = (Step, Value) switch
        {
            (MechanismStep.Speed, { } v) => $", {Si.Plain(v)} turns a minute",
            (MechanismStep.Belt, { } v) => $", path {Si.Plain(v)} mm",
            (MechanismStep.Noise, { } v) => $", {Si.Plain(v)} dB{(m.NoiseBefore is { } b ? $" after {Si.Plain(b)} dB" : "")}",
            (MechanismStep.Temperature, { } v) => $", {Si.Plain(v)} °C{(m.CelsiusBefore is { } b ? $" after {Si.Plain(b)} °C" : "")}",
            (MechanismStep.FirstRun, { } v) when m.Drive => $", {Si.Plain(v)} errors",
            _ => "",
        };
        return new($"{Words.Capital(m.Name)}: {Service.Procedure.Words(Step)}{read}.", m.Id);
    }
}

/// <summary>From a step on once more: what was cleaned before it stays.</summary>
public sealed record ServiceAgain(MechanismStep From) : Command<MechanismFacts>
{
    public override Permit May(MechanismFacts f, DateTimeOffset now) =>
        f.Mechanism.Of(From) is null ? Permit.No("from", "That step has not been done yet.") : Permit.Yes();

    protected override Done Do(MechanismFacts f, Moment at)
    {
        f.Mechanism.Done = [.. f.Mechanism.Done.Where(d => d.Step < From)];
        return new($"{Words.Capital(f.Mechanism.Name)}: once more, from “{Service.Procedure.Words(From)}”.", f.Mechanism.Id);
    }
}

/// <summary>It was serviced already, or otherwise: what is on a drive is still copied first, and it is still tried with something worthless.</summary>
public sealed record ServicedOtherwise(SaidOtherwise Said) : DoOtherwise<MechanismFacts>(Said)
{
    /// <summary>What no word stands for: a copy, a reading, a run.</summary>
    static bool ByItself(MechanismStep step) =>
        step
            is MechanismStep.CopyFirst
                or MechanismStep.Speed
                or MechanismStep.FirstRun
                or MechanismStep.Real
                or MechanismStep.Noise
                or MechanismStep.Temperature;

    static IEnumerable<MechanismStep> Open(MechanismFacts f) =>
        Service.Procedure.Of(f.Mechanism).Select(s => s.Step).Where(s => !ByItself(s) && f.Mechanism.Of(s) is null);

    protected override (Guid MachineId, Guid Id, string Name) About(MechanismFacts f) =>
        (f.Mechanism.MachineId, f.Mechanism.Id, f.Mechanism.Name);

    protected override string NotClaimed(MechanismFacts f) => "What it was cleaned and lubricated with is not known.";

    protected override Permit Possible(MechanismFacts f, DateTimeOffset now) =>
        Open(f).Any() ? Permit.Yes() : Permit.No("step", "Only what has to be read or tried is left.");

    protected override Done Mark(MechanismFacts f, DateTimeOffset when, Done done)
    {
        f.Mechanism.Done = [.. f.Mechanism.Done, .. Open(f).ToList().Select(s => new MechanismDone(s, when, null, "done otherwise"))];
        return done;
    }
}
