using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What is written down of a step beside its readings.</summary>
public sealed record PowerNotes(string Load, string Seen, string Heard, string Smelled, string Said);

/// <summary>An act on a step of first power; every one asks the same session.</summary>
public abstract record PowerAct(PowerStepKind Kind) : Command<MachineFacts>
{
    protected static PowerStepPlan PlanOf(PowerSession s, PowerStepKind kind) => s.Plan.First(p => p.Kind == kind);

    /// <summary>The row of the step, made when it is taken for the first time. One that has lapsed is begun anew.</summary>
    protected (PowerStep Step, IReadOnlyList<object> Added) StepOf(MachineFacts f, Moment at)
    {
        if (f.PowerSteps.FirstOrDefault(s => s.Kind == Kind) is { } there)
        {
            if (f.Lapsed(there))
            {
                (there.State, there.Sentence, there.Load, there.OnLoadSince) = (PowerStepState.NotYet, "", "", null);
            }
            return (there, []);
        }
        var step = new PowerStep
        {
            Id = at.NewId(),
            MachineId = f.Machine.Id,
            Kind = Kind,
        };
        return (step, [step]);
    }

    /// <summary>
    /// What was read in this step, judged: what must be read in it, and whatever rail was read besides. Every rail read stands for what
    /// is read from outside. Null where nothing is to be read and nothing was.
    /// </summary>
    public static RailsResult? Judge(Machine machine, PowerStepKind kind, IEnumerable<Reading> readings)
    {
        var mine = readings.ToList();
        var all = machine.Rails.Select(With).ToList();
        bool Read(RailReading r) => kind == PowerStepKind.Shorts ? r.OhmsToGround is not null : r.Volts is not null;
        var must = PowerReadings.In(machine, kind).Select(With).ToList();
        var rails =
            all.Count > 0 && all.TrueForAll(Read) && !must.Exists(m => Read(m) && !all.Contains(m))
                ? all
                : [.. must, .. all.Where(r => Read(r) && !must.Contains(r))];
        return rails.Count == 0 ? null
            : kind == PowerStepKind.Shorts ? Rails.Shorts(rails)
            : Rails.Powered(rails, kind is PowerStepKind.SupplyLoaded or PowerStepKind.BareBoard, null, SupplyInside(machine));

        RailReading With(RailReading r) =>
            r with
            {
                Volts = mine.Latest(r.Name, Quantity.Volts)?.Value,
                RippleMillivolts = mine.Latest(r.Name, Quantity.RippleVolts)?.Value * 1000,
                OhmsToGround = mine.Latest(r.Name, Quantity.Ohms)?.Value,
            };
    }

    public static bool SupplyInside(Machine m) => Hazards.Mains(m) != ThreeState.No;
}

/// <summary>A rail is read.</summary>
/// <param name="Value">In volts, volts of ripple or ohms.</param>
/// <param name="With">What it was read with; ripple by anything but an oscilloscope may fail a supply, and passes none.</param>
public sealed record ReadRail(
    PowerStepKind Kind,
    string Rail,
    Quantity Quantity,
    double Value,
    string Source,
    Instrument With = Instrument.NotKnown
) : PowerAct(Kind)
{
    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        var s = PowerSession.Of(f, now);
        if (s.Plan.FirstOrDefault(p => p.Kind == Kind) is { Reads: false })
        {
            throw new InvalidInputException("kind", "Nothing is measured in this step: say what you see.");
        }
        if (Quantity is not (Quantity.Volts or Quantity.RippleVolts or Quantity.Ohms))
        {
            throw new InvalidInputException("quantity", "A rail is read in volts, ripple or ohms.");
        }
        if ((Kind == PowerStepKind.Shorts) != (Quantity == Quantity.Ohms))
        {
            throw new InvalidInputException(
                "quantity",
                Kind == PowerStepKind.Shorts ? "This step reads ohms, with the plug out." : "This step reads volts and ripple."
            );
        }
        if (f.Machine.Rails.Concat(PowerReadings.In(f.Machine, Kind)).All(r => r.Name != Rail))
        {
            throw new InvalidInputException("rail", $"This machine has no rail “{Rail}”.");
        }
        ReadingLimits.Check("value", Quantity, Value);
        if (
            Quantity == Quantity.Volts
            && f.Machine.Rails.FirstOrDefault(r => r.Name == Rail)?.NominalVolts is { } nominal and not 0
            && Slips.Of(Value, nominal) is { } was
        )
        {
            throw new InvalidInputException(
                "value",
                $"{Si.Plain(Value)} V on a rail of {Si.Plain(nominal)} V? Was it {Si.Plain(was)} V? Type that, or read it again."
            );
        }
        if (Source.Length is 0 or > 80)
        {
            throw new InvalidInputException("source", "Say where the reading comes from: typed, or the meter.");
        }
        return s.May(Kind);
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        var (step, added) = StepOf(f, at);
        if (step.State != PowerStepState.NotYet)
        {
            (step.State, step.Sentence) = (PowerStepState.NotYet, "");
        }
        var said = Quantity == Quantity.RippleVolts ? $"{Si.Plain(Value * 1000)} mV of ripple" : Si.Format(Value, Quantity.Unit(), 4);
        return new Done($"{Rail}: {said}, {PlanOf(PowerSession.Of(f, at.Now), Kind).Title.ToLowerInvariant()}.", step.Id)
            .Adding(added)
            .Adding(
                new Reading
                {
                    Id = at.NewId(),
                    MachineId = f.Machine.Id,
                    SubjectKind = SubjectKind.Rail,
                    SubjectId = step.Id,
                    Channel = Rail,
                    Quantity = Quantity,
                    Value = Value,
                    Source = Source,
                    Instrument = With,
                    At = at.Now,
                }
            );
    }
}

/// <summary>A step is judged from its readings, or from what was seen: through, or stopped.</summary>
/// <param name="Trained">The person says of themselves that they are trained for what the step's cautions name.</param>
/// <param name="FailedBecause">Set when the person fails a step by what they saw.</param>
public sealed record ClosePowerStep(PowerStepKind Kind, PowerNotes Notes, bool Trained, string? FailedBecause) : PowerAct(Kind)
{
    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        foreach (
            var (field, text) in new[]
            {
                ("load", Notes.Load),
                ("seen", Notes.Seen),
                ("heard", Notes.Heard),
                ("smelled", Notes.Smelled),
                ("said", Notes.Said),
            }
        )
        {
            if (text.Length > 500)
            {
                throw new InvalidInputException($"notes.{field}", "At most 500 characters.");
            }
        }
        if (FailedBecause is { Length: > 300 })
        {
            throw new InvalidInputException("failedBecause", "At most 300 characters.");
        }
        var s = PowerSession.Of(f, now);
        var may = s.May(Kind);
        if (!may.Granted)
        {
            return may;
        }
        var plan = PlanOf(s, Kind);
        if (!Trained && plan.Cautions.Any(c => Cautions.Get(c).StopsUntilConfirmed))
        {
            throw new InvalidInputException(
                "confirmedCautions",
                "This step touches mains or a tube: confirm that you are trained for it, or hand it over."
            );
        }
        if (FailedBecause is { Length: > 0 })
        {
            return may;
        }
        if (plan.Reads)
        {
            var read = Judge(f.Machine, Kind, f.PowerSteps.FirstOrDefault(x => x.Kind == Kind) is { } step ? f.ReadingsOf(step) : []);
            if (read is null && plan.MustRead)
            {
                throw new InvalidInputException("rails", "Name the rails of its supply: nothing can be measured before.");
            }
            if (read is null or { Verdict.Outcome: not Outcome.No } && !plan.MustRead && Notes.Seen.Trim().Length == 0)
            {
                throw new InvalidInputException("notes.seen", "Say what you saw: “no smoke, nothing hot” is an answer too.");
            }
            return read is { Verdict: { Outcome: Outcome.Unknown } verdict } ? new(verdict.Final(), "readings") : may;
        }
        if (Kind == PowerStepKind.WhatItSaid && Notes.Said.Trim().Length == 0)
        {
            throw new InvalidInputException("notes.said", "Write down what it said, beeped or counted; “nothing at all” is an answer too.");
        }
        if (Kind == PowerStepKind.SupplyLook && Notes.Seen.Trim().Length == 0)
        {
            throw new InvalidInputException("notes.seen", "Say what you saw; “nothing swollen, nothing smells” is an answer too.");
        }
        if (
            Kind is PowerStepKind.OneMemory or PowerStepKind.Picture or PowerStepKind.Drives
            && Notes.Seen.Trim().Length + Notes.Heard.Trim().Length + Notes.Said.Trim().Length == 0
        )
        {
            throw new InvalidInputException("notes.seen", "Say what you saw, heard or read: the next step rests on it.");
        }
        return may;
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        var plan = PlanOf(PowerSession.Of(f, at.Now), Kind);
        var (step, added) = StepOf(f, at);
        var readings = f.ReadingsOf(step).ToList();
        (step.Load, step.Seen, step.Heard, step.Smelled, step.Said, step.At) = (
            Notes.Load.Trim() is { Length: > 0 } load ? load : step.Load,
            Notes.Seen.Trim(),
            Notes.Heard.Trim(),
            Notes.Smelled.Trim(),
            Notes.Said.Trim(),
            at.Now
        );
        if (FailedBecause is { Length: > 0 } because)
        {
            (step.State, step.Sentence) = (PowerStepState.Failed, $"Go no further. {because.Trim().TrimEnd('.')}.");
        }
        else if (plan.Reads && Judge(f.Machine, Kind, readings) is { Verdict: var verdict })
        {
            (step.State, step.Sentence) = (verdict.Outcome == Outcome.No ? PowerStepState.Failed : PowerStepState.Passed, verdict.Sentence);
        }
        else
        {
            (step.State, step.Sentence) = (
                PowerStepState.Passed,
                Kind == PowerStepKind.WhatItSaid ? $"It said: {step.Said}"
                : step.Seen.Length > 0 ? step.Seen
                : step.Heard.Length > 0 ? step.Heard
                : step.Said
            );
        }
        return new Done($"{plan.Title}: {(step.State == PowerStepState.Failed ? "stopped" : "through")}. {step.Sentence}", step.Id).Adding(
            added
        );
    }
}

/// <summary>The supply hangs on a stated load from now; the hour that earns full trust begins.</summary>
/// <param name="MinutesAgo">Since when it has been on it; 0 is now.</param>
public sealed record PutOnLoad(string Load, double MinutesAgo = 0) : PowerAct(PowerStepKind.SupplyLoaded)
{
    const double MostMinutesAgo = 24 * 60;

    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        if (Load.Trim().Length is 0 or > 200)
        {
            throw new InvalidInputException("load", "State the load: 2.0 A on +5, 1.0 A on +12.");
        }
        InvalidInputException.Finite("minutesAgo", MinutesAgo, 0, MostMinutesAgo, "min");
        return PowerSession.Of(f, now).May(Kind);
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        var (step, added) = StepOf(f, at);
        (step.Load, step.OnLoadSince) = (Load.Trim(), at.Now.AddMinutes(-MinutesAgo));
        // Said where it is said, so that nobody waits ten minutes for a supply that stands idle.
        return new Done(
            PowerReadings.Closed(f.Machine) ? "Switched on, covers on: it is its own load."
                : StatedLoad.Is(step.Load) ? $"On its load: {step.Load}."
                : $"“{step.Load}” is no load: the supply stands idle. Say what draws current, such as a 5 Ω resistor on +5 V.",
            step.Id
        ).Adding(added);
    }
}

/// <summary>A step is taken again; its readings are kept.</summary>
public sealed record TakePowerStepAgain(PowerStepKind Kind) : PowerAct(Kind)
{
    public override Permit May(MachineFacts f, DateTimeOffset now) =>
        f.PowerSteps.Any(s => s.Kind == Kind) ? Permit.Yes() : Permit.No("kind", "This step was not taken yet.");

    protected override Done Do(MachineFacts f, Moment at)
    {
        var (step, _) = StepOf(f, at);
        (step.State, step.Sentence) = (PowerStepState.NotYet, "");
        return new("A step of first power is taken again; its readings are kept.", step.Id);
    }
}

/// <summary>A failed step, or a supply that was read without a load, counts as through: with a reason, and only while nothing worse stands.</summary>
public sealed record OverrulePowerStep(PowerStepKind Kind) : PowerAct(Kind)
{
    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        if (f.PowerSteps.FirstOrDefault(s => s.Kind == Kind) is not { } step)
        {
            return Permit.No("kind", "This step was not taken yet.");
        }
        var idle = Kind == PowerStepKind.SupplyLoaded && step.State == PowerStepState.Passed && f.SupplyTrust().Trust < Trust.Loaded;
        if (step.State != PowerStepState.Failed && !idle)
        {
            return Permit.No("kind", "Only a failed step, or a supply that was not read on a load, can be overruled.");
        }
        var verdict = Verdict.Of("May it count as through?", Outcome.No, step.Sentence, Basis.Measured);
        return Permit.By(verdict, "reason", Decision(f, step), []);
    }

    static Overrulable Decision(MachineFacts f, PowerStep step) =>
        new(
            OverruleKind.PowerStep,
            f.Machine.Id,
            step.Kind.ToString(),
            Overrulable.Fingerprint(
                step.Sentence,
                f.ReadingsOf(step).Select(r => r.Id.ToString()).Order(StringComparer.Ordinal).ToList(),
                f.Machine.Rails.Select(r => $"{r.Name} {r.NominalVolts}").ToList()
            )
        );

    /// <summary>Somebody decided so, on the readings and the rails as they are now. A step that only says of itself that it was overruled was not.</summary>
    public static bool Stands(MachineFacts f, PowerStep step) =>
        Decision(f, step) is var decision && f.Overrules.Any(o => decision.HeldBy(o, Outcome.No));

    protected override Done Do(MachineFacts f, Moment at)
    {
        var (step, _) = StepOf(f, at);
        step.State = PowerStepState.Overruled;
        step.At = at.Now;
        return new($"Overruled “{step.Sentence}”.", step.Id);
    }
}

/// <summary>Somebody says when the machine was last seen running: from that follows how it is brought to power.</summary>
/// <param name="Word">Whose word it is, or what was seen when it ran here.</param>
public sealed record SayRan(LastRan Ran, string Word = "") : Command<MachineFacts>
{
    const int MostWord = 200;

    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        TextField.Check("word", Word, MostWord);
        return Ran is LastRan.ForSomebody or LastRan.Here && Word.Trim().Length == 0
            ? throw new InvalidInputException(
                "word",
                Ran == LastRan.Here
                    ? "Say what you saw when it ran here, and for how long."
                    : "Say whose word it is: the seller’s, the owner’s."
            )
            : Permit.Yes();
    }

    protected override Done Do(MachineFacts f, Moment at)
    {
        (f.Machine.Ran, f.Machine.RanWord, f.Machine.RanAt) = (Ran, Word.Trim(), Ran == LastRan.NotKnown ? null : at.Now);
        return new(
            Ran switch
            {
                LastRan.Never => "Nobody has seen it running.",
                LastRan.ForSomebody => $"It ran for somebody: {Word.Trim()}",
                LastRan.Here => $"It runs here: {Word.Trim()}",
                _ => "Whether it has run is not known.",
            },
            f.Machine.Id
        );
    }
}
