using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Haar.Web.Meters;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

static class PowerEndpoints
{
    public static void MapPower(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/power").WithTags("Survey");
        m.MapGet("/", ScreenAsync).WithName("GetPower");
        m.MapPost("/{kind}/readings", ReadAsync).WithName("ReadRail");
        m.MapPost("/{kind}/close", CloseAsync)
            .WithName("ClosePowerStep")
            .WithSummary("Judges the step from its readings: passes it, or stops everything after it.");
        m.MapPost("/{kind}/again", AgainAsync).WithName("TakePowerStepAgain");
        m.MapPost("/{kind}/overrule", OverruleAsync).WithName("OverrulePowerStep");
        m.MapPost("/load", LoadOnAsync)
            .WithName("LoadOn")
            .WithSummary("States the load that the supply hangs on from now; the hour that earns full trust begins.");
        m.MapPut("/rails", RailsAsync).WithName("SetRails");
    }

    sealed record Facts(
        Machine Machine,
        IReadOnlyList<PowerStepPlan> Plan,
        List<PowerStep> Steps,
        List<Reading> Readings,
        FirstPower.Gate Gate,
        SupplyTrustResult Supply
    );

    static async Task<Facts> LoadAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var steps = await db.PowerSteps.Where(s => s.MachineId == id).ToListAsync(cancel);
        var findings = await db.Findings.AsNoTracking().Where(f => f.MachineId == id).ToListAsync(cancel);
        var overruled = (
            await db
                .Overrules.AsNoTracking()
                .Where(o => o.MachineId == id && o.Key.StartsWith("survey/finding/"))
                .Select(o => o.Key)
                .ToListAsync(cancel)
        )
            .Select(k => Guid.Parse(k["survey/finding/".Length..]))
            .ToHashSet();
        var readings = await db
            .Readings.AsNoTracking()
            .Where(r => r.MachineId == id && r.SubjectKind == SubjectKind.Rail && !r.Voided)
            .OrderBy(r => r.At)
            .ToListAsync(cancel);
        var plan = FirstPower.Compose(machine.Class, machine.Traits);
        var supply = SupplyTrust.Of(machine, steps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded), readings);
        return new(machine, plan, steps, readings, FirstPower.Stand(plan, steps, findings, overruled, supply), supply);
    }

    static async Task<PowerScreen> ScreenAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        var f = await LoadAsync(id, db, cancel);
        return new(
            [
                .. f.Plan.Select(p =>
                {
                    var step = f.Steps.FirstOrDefault(s => s.Kind == p.Kind);
                    var mine = step is null ? [] : f.Readings.Where(r => r.SubjectId == step.Id).ToList();
                    var standing = mine.GroupBy(r => (r.Channel, r.Quantity))
                        .Select(g => g.Latest(g.Key.Channel, g.Key.Quantity)!.Id)
                        .ToHashSet();
                    return new PowerStepView(
                        p,
                        step,
                        p.Reads && f.Machine.Rails.Count > 0 ? Judge(f.Machine, p, mine) : null,
                        [.. mine.Where(r => !standing.Contains(r.Id))]
                    );
                }),
            ],
            f.Gate.Next,
            f.Gate.Verdict,
            f.Machine.Traits.Contains(Trait.InternalMainsSupply) || f.Machine.Traits.Contains(Trait.PictureTube),
            f.Supply,
            await db.Observations.AsNoTracking().Where(o => o.MachineId == id && !o.Voided).OrderBy(o => o.Id).ToListAsync(cancel)
        );
    }

    static RailsResult Judge(Machine machine, PowerStepPlan plan, List<Reading> readings)
    {
        var rails = machine
            .Rails.Select(r =>
                r with
                {
                    Volts = readings.Latest(r.Name, Quantity.Volts)?.Value,
                    RippleMillivolts = readings.Latest(r.Name, Quantity.RippleVolts)?.Value * 1000,
                    OhmsToGround = readings.Latest(r.Name, Quantity.Ohms)?.Value,
                }
            )
            .ToList();
        return plan.Kind == PowerStepKind.Shorts
            ? Rails.Shorts(rails)
            : Rails.Powered(
                rails,
                plan.Kind == PowerStepKind.SupplyLoaded || plan.Kind == PowerStepKind.BareBoard,
                null,
                machine.Traits.Contains(Trait.InternalMainsSupply) || machine.Traits.Contains(Trait.PictureTube)
            );
    }

    static PowerStepPlan PlanOf(Facts f, PowerStepKind kind) =>
        f.Plan.FirstOrDefault(p => p.Kind == kind)
        ?? throw new InvalidInputException("kind", "This machine has no such step: what it does not have is not asked for.");

    static PowerStep StepOf(Facts f, PowerStepKind kind, HaarDb db, UnitOfWork work)
    {
        if (
            f.Gate.Verdict.Outcome == Outcome.No
            && f.Steps.All(s => s.State != PowerStepState.Failed)
            && !(f.Gate.Next == PowerStepKind.BareBoard && kind < PowerStepKind.BareBoard)
        )
        {
            throw new InvalidInputException("kind", f.Gate.Verdict.Sentence);
        }
        if (f.Gate.Next is { } next && kind > next)
        {
            throw new InvalidInputException(
                "kind",
                $"“{f.Plan.First(p => p.Kind == next).Title}” comes first: nothing goes on before it is through."
            );
        }
        if (f.Steps.FirstOrDefault(s => s.Kind == kind) is { } there)
        {
            return there;
        }
        var step = new PowerStep
        {
            Id = work.NewId(),
            MachineId = f.Machine.Id,
            Kind = kind,
        };
        db.Add(step);
        return step;
    }

    static async Task<Acted> ReadAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "kind")] string word,
        RailReadingAsk ask,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var kind = word.As<PowerStepKind>("kind");
        var f = await LoadAsync(id, db, cancel);
        var plan = PlanOf(f, kind);
        if (!plan.Reads)
        {
            throw new InvalidInputException("kind", "Nothing is measured in this step: say what you see.");
        }
        if (ask.Quantity is not (Quantity.Volts or Quantity.RippleVolts or Quantity.Ohms))
        {
            throw new InvalidInputException("quantity", "A rail is read in volts, ripple or ohms.");
        }
        if ((kind == PowerStepKind.Shorts) != (ask.Quantity == Quantity.Ohms))
        {
            throw new InvalidInputException(
                "quantity",
                kind == PowerStepKind.Shorts ? "This step reads ohms, with the plug out." : "This step reads volts and ripple."
            );
        }
        if (f.Machine.Rails.All(r => r.Name != ask.Rail))
        {
            throw new InvalidInputException("rail", $"This machine has no rail “{ask.Rail}”.");
        }
        MeterEndpoints.Check("value", ask.Quantity, ask.Value);
        if (ask.Source.Length is 0 or > 80)
        {
            throw new InvalidInputException("source", "Say where the reading comes from: typed, or the meter.");
        }
        var step = StepOf(f, kind, db, work);
        if (step.State != PowerStepState.NotYet)
        {
            step.State = PowerStepState.NotYet;
            step.Sentence = "";
        }

        db.Add(
            new Reading
            {
                Id = work.NewId(),
                MachineId = id,
                SubjectKind = SubjectKind.Rail,
                SubjectId = step.Id,
                Channel = ask.Rail,
                Quantity = ask.Quantity,
                Value = ask.Value,
                Source = ask.Source,
                At = work.Now,
            }
        );
        var said =
            ask.Quantity == Quantity.RippleVolts
                ? $"{Core.Markings.Si.Plain(ask.Value * 1000)} mV of ripple"
                : Core.Markings.Si.Format(ask.Value, ask.Quantity.Unit(), 4);
        return (await work.ActAsync(id, $"{ask.Rail}: {said}, {plan.Title.ToLowerInvariant()}.", cancel)).Said(step.Id);
    }

    static async Task<Acted> CloseAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "kind")] string word,
        ClosePowerStep ask,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var kind = word.As<PowerStepKind>("kind");
        var f = await LoadAsync(id, db, cancel);
        var plan = PlanOf(f, kind);
        foreach (
            var (field, text) in new[]
            {
                ("load", ask.Notes.Load),
                ("seen", ask.Notes.Seen),
                ("heard", ask.Notes.Heard),
                ("smelled", ask.Notes.Smelled),
                ("said", ask.Notes.Said),
            }
        )
        {
            if (text.Length > 500)
            {
                throw new InvalidInputException($"notes.{field}", "At most 500 characters.");
            }
        }

        if (!ask.ConfirmedCautions && plan.Cautions.Any(c => Core.Safety.Cautions.Get(c).StopsUntilConfirmed))
        {
            throw new InvalidInputException(
                "confirmedCautions",
                "This step touches mains or a tube: confirm that you are trained for it, or hand it over."
            );
        }

        var step = StepOf(f, kind, db, work);
        (step.Load, step.Seen, step.Heard, step.Smelled, step.Said, step.At) = (
            ask.Notes.Load.Trim() is { Length: > 0 } load ? load : step.Load,
            ask.Notes.Seen.Trim(),
            ask.Notes.Heard.Trim(),
            ask.Notes.Smelled.Trim(),
            ask.Notes.Said.Trim(),
            work.Now
        );
        if (ask.FailedBecause is { Length: > 0 } because)
        {
            if (because.Length > 300)
            {
                throw new InvalidInputException("failedBecause", "At most 300 characters.");
            }
            (step.State, step.Sentence) = (PowerStepState.Failed, $"Go no further. {because.Trim().TrimEnd('.')}.");
        }
        else if (plan.Reads)
        {
            var verdict = Judge(f.Machine, plan, [.. f.Readings.Where(r => r.SubjectId == step.Id)]).Verdict;
            if (verdict.Outcome == Outcome.Unknown)
            {
                throw new InvalidInputException("readings", verdict.Sentence);
            }
            (step.State, step.Sentence) = (verdict.Outcome == Outcome.No ? PowerStepState.Failed : PowerStepState.Passed, verdict.Sentence);
        }
        else
        {
            if (kind == PowerStepKind.WhatItSaid && step.Said.Length == 0)
            {
                throw new InvalidInputException(
                    "notes.said",
                    "Write down what it said, beeped or counted; “nothing at all” is an answer too."
                );
            }
            if (kind == PowerStepKind.SupplyLook && step.Seen.Length == 0)
            {
                throw new InvalidInputException("notes.seen", "Say what you saw; “nothing swollen, nothing smells” is an answer too.");
            }
            if (
                kind is PowerStepKind.OneMemory or PowerStepKind.Picture or PowerStepKind.Drives
                && step.Seen.Length + step.Heard.Length + step.Said.Length == 0
            )
            {
                throw new InvalidInputException("notes.seen", "Say what you saw, heard or read: the next step rests on it.");
            }
            (step.State, step.Sentence) = (
                PowerStepState.Passed,
                kind == PowerStepKind.WhatItSaid ? $"It said: {step.Said}"
                : step.Seen.Length > 0 ? step.Seen
                : step.Heard.Length > 0 ? step.Heard
                : step.Said
            );
        }

        return (
            await work.ActAsync(
                id,
                $"{plan.Title}: {(step.State == PowerStepState.Failed ? "stopped" : "through")}. {step.Sentence}",
                cancel
            )
        ).Said(step.Id);
    }

    static async Task<Acted> LoadOnAsync(Guid id, LoadAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var f = await LoadAsync(id, db, cancel);
        if (ask.Load.Trim().Length is 0 or > 200)
        {
            throw new InvalidInputException("load", "State the load: 2.0 A on +5, 1.0 A on +12.");
        }
        var step = StepOf(f, PowerStepKind.SupplyLoaded, db, work);
        (step.Load, step.OnLoadSince) = (ask.Load.Trim(), work.Now);
        return (await work.ActAsync(id, $"On its load: {step.Load}.", cancel)).Said(step.Id);
    }

    static async Task<Acted> AgainAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "kind")] string word,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var kind = word.As<PowerStepKind>("kind");
        var step = await db.PowerSteps.FirstOrDefaultAsync(s => s.MachineId == id && s.Kind == kind, cancel).OrNotHere("step");
        (step.State, step.Sentence) = (PowerStepState.NotYet, "");
        return (await work.ActAsync(id, "A step of first power is taken again; its readings are kept.", cancel)).Said(step.Id);
    }

    static async Task<Acted> OverruleAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "kind")] string word,
        OverrulePowerStep ask,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var kind = word.As<PowerStepKind>("kind");
        if (ask.Reason.Trim().Length is < 3 or > 500)
        {
            throw new InvalidInputException("reason", "Say why, in 3 to 500 characters: whoever opens this next will ask.");
        }
        var step = await db.PowerSteps.FirstOrDefaultAsync(s => s.MachineId == id && s.Kind == kind, cancel).OrNotHere("step");
        var idle =
            kind == PowerStepKind.SupplyLoaded
            && step.State == PowerStepState.Passed
            && (await LoadAsync(id, db, cancel)).Supply.Trust < Trust.Loaded;
        if (step.State != PowerStepState.Failed && !idle)
        {
            throw new InvalidInputException("kind", "Only a failed step, or a supply that nobody can vouch for, can be overruled.");
        }
        db.Add(
            new Overrule
            {
                Id = work.NewId(),
                MachineId = id,
                Key = $"survey/power/{kind}",
                Sentence = step.Sentence,
                Reason = ask.Reason.Trim(),
                At = work.Now,
            }
        );
        step.State = PowerStepState.Overruled;
        return (await work.ActAsync(id, $"Overruled “{step.Sentence}”: {ask.Reason.Trim()}", cancel)).Said(step.Id);
    }

    static async Task<Acted> RailsAsync(
        Guid id,
        IReadOnlyList<RailReading> rails,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        UnitOfWork.Match(machine, machine.Version, request.Version());
        _ = Rails.Shorts(rails);
        if (rails.Any(r => r.Name.Trim().Length is 0 or > 20) || rails.Select(r => r.Name).Distinct().Count() != rails.Count)
        {
            throw new InvalidInputException("rails", "Every rail has a name of its own, 1 to 20 characters.");
        }
        machine.Rails = [.. rails.Select(r => new RailReading(r.Name.Trim(), r.NominalVolts))];
        return (await work.ActAsync(id, "The supply's rails changed.", cancel)).Said(id);
    }
}
