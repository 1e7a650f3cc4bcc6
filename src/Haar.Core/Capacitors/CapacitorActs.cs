using Haar.Core.Acts;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>What an act on one capacitor is decided on: the place, its own readings, what is set aside for it, and the drawer parts in question. However many others the board has.</summary>
/// <param name="Readings">Of this part.</param>
/// <param name="SetAside">For this place.</param>
/// <param name="Parts">Those set aside, and those asked for; each with what is reserved of it.</param>
/// <param name="Jobs">Pieces of work about this part.</param>
public sealed record CapacitorActFacts(
    Machine Machine,
    Capacitor Capacitor,
    IReadOnlyList<Reading> Readings,
    IReadOnlyList<Reservation> SetAside,
    IReadOnlyList<DrawerPart> Parts,
    IReadOnlyList<Job> Jobs,
    IReadOnlyList<Overrule> Overrules,
    DateOnly Today
) : IActFacts
{
    public DrawerPart Part(Guid id) =>
        Parts.FirstOrDefault(p => p.Id == id) ?? throw new InvalidInputException("partId", "There is no such part in the drawer.");

    /// <summary>Will these, one or a pair, do in this place as it is now? A person may take them against a rule, on these facts.</summary>
    public Permit Serves(IReadOnlyList<DrawerPart> parts, string field)
    {
        var c = Capacitor;
        DrawerCandidate Candidate(DrawerPart p) => new(p.Id, p.Spec, Math.Max(1, p.Free), p.BoughtOn, p.Place);
        var verdict =
            parts.Count == 1
                ? Substitution.Judge(c.Spec, c.Role, Candidate(parts[0]), Today, c.HeadroomMillimetres).Verdict
                : Combination.Judge(c.Spec, c.Role, Candidate(parts[0]), Candidate(parts[1]), Today, c.HeadroomMillimetres);
        return Permit.By(
            verdict with
            {
                Sentence = $"{c.Designator}: {verdict.Sentence}",
            },
            field,
            new(
                OverruleKind.Substitute,
                Machine.Id,
                c.Id.ToString(),
                Overrulable.Fingerprint(c.Spec, c.Role.ToString(), c.HeadroomMillimetres, parts.Select(p => p.Spec).ToList())
            ),
            Overrules
        );
    }

    /// <summary>What is set aside, as parts.</summary>
    public IReadOnlyList<DrawerPart> Aside => [.. SetAside.OrderBy(r => r.Id).Select(r => Part(r.PartId))];
}

/// <summary>Sets one piece, or a pair, aside for a place. What was set aside for it before goes back.</summary>
public sealed record SetPartAside(IReadOnlyList<Guid> PartIds) : Command<CapacitorActFacts>
{
    public override Permit May(CapacitorActFacts f, DateTimeOffset now)
    {
        if (PartIds.Count is 0 or > 2)
        {
            throw new InvalidInputException("partId", "Name one part, or the two of a pair.");
        }
        var parts = PartIds.Select(f.Part).ToList();
        if (f.Capacitor.Fitting.FittedAt is not null)
        {
            return Permit.No("partId", $"{f.Capacitor.Designator} has its new part already.");
        }
        if (f.SetAside.Select(r => r.PartId).Order().SequenceEqual(PartIds.Order()))
        {
            return Permit.No("partId", $"A piece of it is set aside for {f.Capacitor.Designator} already.");
        }
        foreach (var wanted in parts.GroupBy(p => p.Id))
        {
            // What is put back in the same act is free for it.
            var free = wanted.First().Free + f.SetAside.Count(r => r.PartId == wanted.Key);
            if (free < wanted.Count())
            {
                return Permit.No(
                    "partId",
                    free == 0
                        ? "No free piece of this part is left in the drawer: another board has the last one."
                        : $"Only {free} of this part {(free == 1 ? "is" : "are")} left in the drawer."
                );
            }
        }
        return f.Serves(parts, "partId");
    }

    protected override Done Do(CapacitorActFacts f, Moment at)
    {
        foreach (var back in f.SetAside)
        {
            f.Part(back.PartId).Reserved--;
        }
        var parts = PartIds.Select(f.Part).ToList();
        return new Done(
            $"Set aside for {f.Capacitor.Designator}: {string.Join(" and ", parts.Select(p => Substitution.Describe(p.Spec)))}, from {parts[0].Place}.",
            f.Capacitor.Id
        )
            .Removing(f.SetAside)
            .Adding(PutPartBack.Unbook(f, at))
            .Adding(parts.Select(p => p.Reserve(f.Capacitor, at.NewId(), at.Now)));
    }
}

/// <summary>What was set aside for a place goes back into the drawer.</summary>
public sealed record PutPartBack : Command<CapacitorActFacts>
{
    public override Permit May(CapacitorActFacts f, DateTimeOffset now) =>
        f.SetAside.Count == 0 ? Permit.No("partId", "Nothing is set aside for it.") : Permit.Yes();

    protected override Done Do(CapacitorActFacts f, Moment at) =>
        new Done($"Put back into the drawer: what was set aside for {f.Capacitor.Designator}.", f.Capacitor.Id)
            .Removing(f.SetAside)
            .Adding(Unbook(f, at));

    /// <summary>What was bought for this machine and goes back into the drawer is no cost of it.</summary>
    internal static IEnumerable<CostEntry> Unbook(CapacitorActFacts f, Moment at) =>
        f
            .SetAside.Where(r => r.Booked)
            .Select(r =>
                CostEntry.OfPieces(
                    at.NewId(),
                    r.MachineId,
                    $"Back into the drawer: {Substitution.Describe(f.Part(r.PartId).Spec)}",
                    -f.Part(r.PartId).Price,
                    1,
                    at.Now
                )
            )
            .OfType<CostEntry>();
}

/// <summary>One step of an exchange, in its order. A part is judged once more in the moment in which it is fitted.</summary>
/// <param name="Pads">When the pads are looked at.</param>
/// <param name="MinusSeen">At the second look: where the new part's minus points.</param>
public sealed record TakeFittingStep(FittingStep Step, PadState? Pads = null, Direction MinusSeen = Direction.NotKnown)
    : Command<CapacitorActFacts>
{
    public override Permit May(CapacitorActFacts f, DateTimeOffset now)
    {
        var c = f.Capacitor;
        var turn = FittingSheet.Procedure.Turn((c.Fitting, c.Spec.WayRoundCounts), Step);
        if (!turn.Granted)
        {
            return turn;
        }
        switch (Step)
        {
            case FittingStep.CheckPads when Pads is null:
                throw new InvalidInputException("pads", "Say how the pads are: sound, lifted or corroded.");
            case FittingStep.Fit when f.SetAside.Count == 0:
                return Permit.No("step", "Reserve a part from the drawer before fitting one.");
            case FittingStep.Fit:
                return f.Serves(f.Aside, "step");
            case FittingStep.CheckPolarity:
                var way = Polarity.Check(c.Designator, c.MinusBefore, c.MinusPrinted, MinusSeen);
                return way.Outcome == Outcome.No || way.Outcome == Outcome.Unknown && MinusSeen == Direction.NotKnown
                    ? new(way.Final(), "minusSeen")
                    : Permit.Yes();
            default:
                return Permit.Yes();
        }
    }

    protected override CircuitWork? OnTheCircuit(CapacitorActFacts f, Moment at) =>
        Step is FittingStep.Remove or FittingStep.MendPads or FittingStep.Clean or FittingStep.Fit
            ? CircuitWork.Of(f.Capacitor.MachineId, Said(f.Capacitor), at.Now, at.NewId)
            : null;

    protected override Done Do(CapacitorActFacts f, Moment at)
    {
        var c = f.Capacitor;
        c.Fitting = c.Fitting.Take(Step, c.Spec.WayRoundCounts, at.Now, Pads, MinusSeen);
        var done = new Done(Said(c), c.Id);
        switch (Step)
        {
            case FittingStep.Fit:
                var parts = f.Aside;
                foreach (var p in parts)
                {
                    p.Use();
                }
                c.Fitting = c.Fitting with { PartId = parts[0].Id, OtherPartId = parts.Count > 1 ? parts[1].Id : null };
                return done.Removing(f.SetAside)
                    .Adding(
                        f.SetAside.Where(r => !r.Booked)
                            .Select(r =>
                                CostEntry.OfPieces(
                                    at.NewId(),
                                    c.MachineId,
                                    $"{Substitution.Describe(f.Part(r.PartId).Spec)} for {c.Designator}",
                                    f.Part(r.PartId).Price,
                                    1,
                                    at.Now
                                )
                            )
                            .OfType<CostEntry>()
                    );
            case FittingStep.CheckPads when Pads == PadState.Lifted:
                var repair = PadRepair.Of(c.Designator, PadState.Lifted);
                return done.Adding(
                    new Job
                    {
                        Id = at.NewId(),
                        MachineId = c.MachineId,
                        Stage = Stage.Boards,
                        Title = $"Mend the lifted pad under {c.Designator}",
                        For = WorkFor.WhoSolders,
                        Why = repair.Verdict.Sentence,
                        Needs = repair.Needs,
                        Minutes = repair.Minutes,
                        At = at.Now,
                        SubjectId = c.Id,
                    }
                );
            case FittingStep.MendPads:
                foreach (var job in f.Jobs.Where(j => j.SubjectId == c.Id && j.State != JobState.Done))
                {
                    job.Finish(at.Now);
                }
                return done;
            default:
                return done;
        }
    }

    string Said(Capacitor c) =>
        Step switch
        {
            FittingStep.Remove => $"{c.Designator} is off.",
            FittingStep.CheckPads => $"Pads under {c.Designator}: {Pads.ToString()!.ToLowerInvariant()}.",
            FittingStep.MendPads => $"The lifted pad under {c.Designator} is mended.",
            FittingStep.Clean => $"Pads under {c.Designator} cleaned.",
            FittingStep.Fit => $"{c.Designator} fitted.",
            _ => $"{c.Designator}: way round checked by a second look.",
        };
}

/// <summary>A part that was fitted is exchanged once more, because it is bad or the wrong one.</summary>
public sealed record ExchangeAgain : Command<CapacitorActFacts>
{
    public override Permit May(CapacitorActFacts f, DateTimeOffset now) =>
        f.Capacitor.Fitting.FittedAt is null
            ? Permit.No("step", $"Nothing new is fitted at {f.Capacitor.Designator} that could be exchanged again.")
            : Permit.Yes();

    protected override Done Do(CapacitorActFacts f, Moment at)
    {
        var c = f.Capacitor;
        c.Fitting = new FittingSheet { Round = c.Fitting.Round + 1 };
        return new($"{c.Designator} is exchanged once more: what was fitted does not go back into the drawer.", c.Id);
    }
}

/// <summary>A part is read; when its new part was to be measured again, that closes its exchange, if it reads as it should.</summary>
/// <param name="Source">"typed", or the meter's identification.</param>
/// <param name="EsrWith">What the ESR was read with.</param>
/// <param name="EsrStepOhms">The smallest step that its range shows.</param>
public sealed record ReadCapacitor(
    double? Microfarads,
    double? EsrOhms,
    double? EsrFrequencyHertz,
    double? LeakageMicroamps,
    bool InCircuit,
    string Source,
    Instrument EsrWith = Instrument.NotKnown,
    double? EsrStepOhms = null
) : Command<CapacitorActFacts>
{
    const double UsualEsrHertz = 100_000;

    public override Permit May(CapacitorActFacts f, DateTimeOffset now)
    {
        if (Microfarads is null && EsrOhms is null && LeakageMicroamps is null)
        {
            throw new InvalidInputException("microfarads", "Give at least one reading.");
        }
        if (Source.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("source", "Say where the reading comes from: typed, or the meter.");
        }
        InvalidInputException.Finite("esrFrequencyHertz", EsrFrequencyHertz, 1, 1e8, "Hz");
        InvalidInputException.Finite("esrStepOhms", EsrStepOhms, 0, 1e6, "Ω");
        if (EsrOhms is not null && EsrWith is Instrument.Multimeter or Instrument.Oscilloscope)
        {
            throw new InvalidInputException(
                "esrWith",
                $"ESR is not read with {EsrWith.Words()}: its ohms charge the capacitor. It takes an ESR meter or a bridge."
            );
        }
        foreach (var (field, q, value) in Values)
        {
            if (value is { } v)
            {
                ReadingLimits.Check(field, q, v);
            }
        }
        var sheet = f.Capacitor.Fitting;
        // What was taken off is read in the hand, and says more there than it did on the board.
        return InCircuit && sheet is { Started: true, FittedAt: null }
            ? Permit.No("inCircuit", $"{f.Capacitor.Designator} is off the board: it is not read in circuit.")
            : Permit.Yes();
    }

    IEnumerable<(string Field, Quantity Quantity, double? Value)> Values =>
        [
            ("microfarads", Quantity.Capacitance, Microfarads * 1e-6),
            ("esrOhms", Quantity.Esr, EsrOhms),
            ("leakageMicroamps", Quantity.Leakage, LeakageMicroamps * 1e-6),
        ];

    protected override Done Do(CapacitorActFacts f, Moment at)
    {
        var c = f.Capacitor;
        var added = Values
            .Where(v => v.Value is not null)
            .Select(v => new Reading
            {
                Id = at.NewId(),
                MachineId = c.MachineId,
                SubjectKind = SubjectKind.Capacitor,
                SubjectId = c.Id,
                Channel = c.Fitting.Channel,
                Quantity = v.Quantity,
                Value = v.Value!.Value,
                FrequencyHertz = v.Quantity == Quantity.Esr ? EsrFrequencyHertz ?? UsualEsrHertz : null,
                InCircuit = InCircuit,
                Source = Source.Trim(),
                Instrument = v.Quantity == Quantity.Esr ? EsrWith : Instrument.NotKnown,
                Step = v.Quantity == Quantity.Esr ? EsrStepOhms : null,
                At = at.Now,
            })
            .ToList();
        var fitted = c.Fitting.FittedAt is not null;
        var said =
            $"{c.Designator}{(fitted ? ", new part" : "")}: {string.Join(", ", added.Select(r => Si.Format(r.Value, r.Quantity.Unit())))}{(InCircuit ? " in circuit" : "")}{(Source == "typed" ? "" : ", from the meter")}.";
        if (fitted)
        {
            var sound = CapacitorJudge.Judge(c.Designator, c.Spec, [], MachineFacts.ReadingsOf(c, [.. f.Readings, .. added]));
            if (sound.Outcome is Outcome.Yes or Outcome.YesIf && c.Fitting.Next(c.Spec.WayRoundCounts) == FittingStep.Remeasure)
            {
                c.Fitting = c.Fitting.Take(FittingStep.Remeasure, c.Spec.WayRoundCounts, at.Now);
            }
            else if (sound.Outcome == Outcome.Unknown && c.Fitting.Next(c.Spec.WayRoundCounts) == FittingStep.Remeasure)
            {
                said += $" {sound.Sentence}";
            }
            else if (sound.Outcome == Outcome.No)
            {
                said += $" {sound.Sentence} It is not exchanged until a part reads as it should.";
            }
        }
        return new Done(said, c.Id).Adding(added);
    }
}

/// <summary>The part was exchanged already, or otherwise: its way round and a reading of the new part are still wanted.</summary>
public sealed record CapacitorOtherwise(SaidOtherwise Said) : DoOtherwise<CapacitorActFacts>(Said)
{
    protected override (Guid MachineId, Guid Id, string Name) About(CapacitorActFacts f) =>
        (f.Capacitor.MachineId, f.Capacitor.Id, f.Capacitor.Designator);

    protected override string NotClaimed(CapacitorActFacts f) => "Which part was fitted and how its pads were is not known.";

    protected override Permit Possible(CapacitorActFacts f, DateTimeOffset now) =>
        f.Capacitor.Fitting.FittedAt is null
            ? Permit.Yes()
            : Permit.No("step", $"A new part is fitted at {f.Capacitor.Designator} already: exchange it again first.");

    protected override CircuitWork? OnTheCircuit(CapacitorActFacts f, Moment at) => Touched(f, at);

    protected override Done Mark(CapacitorActFacts f, DateTimeOffset when, Done done)
    {
        var s = f.Capacitor.Fitting;
        f.Capacitor.Fitting = s with
        {
            RemovedAt = s.RemovedAt ?? when,
            PadsCheckedAt = s.PadsCheckedAt ?? when,
            PadsMendedAt = s.PadsMendedAt ?? when,
            CleanedAt = s.CleanedAt ?? when,
            FittedAt = when,
        };
        // What was set aside for the place is still in the drawer.
        return done.Removing(f.SetAside);
    }
}
