using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>What an act on the plan is decided on.</summary>
/// <param name="Work">What is left to do on that machine, as its rooms see it now; null where there is no such machine in hand.</param>
/// <param name="Taken">What has been taken up on it, and whatever runs anywhere.</param>
public sealed record PlanActFacts(
    Guid MachineId,
    string Machine,
    IReadOnlyList<WorkTask> Work,
    IReadOnlyList<BenchPerson> People,
    IReadOnlyList<WorkTaken> Taken,
    IReadOnlyList<PlanPin> Pins,
    bool Parked = false
) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];

    public WorkTask? Of(string key) => Work.FirstOrDefault(w => w.Key == key);
}

/// <summary>Somebody begins a piece of work: from now on it is timed, and the plan goes round it.</summary>
public sealed record TakeUpWork(string Key, string Person) : Command<PlanActFacts>
{
    const string Question = "May it be begun?";

    public override Permit May(PlanActFacts f, DateTimeOffset now)
    {
        TextField.Check("person", Person, 40, "Say who begins it, in 1 to 40 characters.");
        if (f.Of(Key) is not { } work)
        {
            return Permit.No("key", "That work is no longer to be done: somebody has finished it, or it was taken off the list.", Question);
        }
        if (work.Deeper)
        {
            return Permit.No("key", $"It lies deeper than {f.Machine} is opened this time: say first that it is opened further.", Question);
        }
        if (f.Parked)
        {
            return Permit.No("machineId", $"{f.Machine} is set aside: take it in hand again first.", Question);
        }
        if (f.Taken.FirstOrDefault(t => t.End == WorkEnd.Running && t.ForMachineId == f.MachineId && t.Key == Key) is { } running)
        {
            return Permit.No("key", $"{running.Person} is at it since {running.BegunAt:HH:mm} UTC.", Question);
        }
        if (f.Taken.FirstOrDefault(t => t.End == WorkEnd.Running && t.Person == Person) is { } other)
        {
            return Permit.No("person", $"{Person} is at something else: {Words.Lower(other.Title)}. End that first.", Question);
        }
        var person = f.People.FirstOrDefault(p => p.Name == Person);
        if (work.Skills.Contains(BenchSkill.Mains) && person?.Skills.Contains(BenchSkill.Mains) != true)
        {
            return new(
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"No: this is for somebody trained for mains and tubes, and {Person} has not said to be.",
                        Basis.Rule,
                        new Reason("Trained is what people say of themselves; local codes decide who may.")
                    )
                    .Changing("Somebody trained.")
                    .Final(),
                "person"
            );
        }
        if (Said(f, work))
        {
            // It is done, and only written down: by anybody, whatever the work itself took.
            return Permit.Yes(Question);
        }
        // Who is known here says of themselves whether they solder; a stranger is not asked.
        if (person is not null && work.Skills.Contains(BenchSkill.Soldering) && !person.Skills.Contains(BenchSkill.Soldering))
        {
            return Permit.No("person", $"{Person} has not said to solder: give it to somebody who does, or say so under People.", Question);
        }
        if (person is not null && person.Avoids.Intersect(work.Gives).ToList() is [var air, ..])
        {
            return Permit.No("person", $"{Person} cannot be near {(air == Airborne.Dust ? "dust" : "solvents")}.", Question);
        }
        return work.From > now
            ? Permit.No(
                "key",
                $"Not yet: {(work.WaitsFor.Length > 0 ? $"it is {work.WaitsFor}" : "what it waits for is not over")}.",
                Question
            )
            : Permit.Yes(Question);
    }

    bool Said(PlanActFacts f, WorkTask work) =>
        WorkPast.SaidDone(work, f.Taken.Where(t => t.ForMachineId == f.MachineId && t.Key == Key)) is not null;

    protected override Done Do(PlanActFacts f, Moment at)
    {
        var work = f.Of(Key)!;
        var id = at.NewId();
        // What is only written down says nothing of how long such work takes.
        var said = Said(f, work);
        return new Done($"{Person} begins: {Words.Lower(work.Title)}.", id).Adding(
            new WorkTaken
            {
                Id = id,
                ForMachineId = f.MachineId,
                Key = Key,
                Title = said ? WorkPast.WriteDownTitle(work) : work.Title,
                Kind = said ? WorkKind.Deciding : work.Kind,
                Person = Person,
                PlannedMinutes = said ? WorkPast.WriteDown.Likely : work.Minutes.Likely,
                BegunAt = at.Now,
            }
        );
    }
}

/// <summary>Somebody stops: done, unfinished, or it did not come out.</summary>
/// <param name="TakenMinutes">At the bench; null takes the clock's.</param>
/// <param name="LeftMinutes">Of what is unfinished; null takes what was planned, less what was taken.</param>
public sealed record EndWork(Guid TakenId, WorkEnd End, double? TakenMinutes = null, double? LeftMinutes = null) : Command<PlanActFacts>
{
    public override Permit May(PlanActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("takenMinutes", TakenMinutes, 0, 24 * 60, "min");
        InvalidInputException.Finite("leftMinutes", LeftMinutes, 1, 100 * 60, "min");
        if (End == WorkEnd.Running)
        {
            throw new InvalidInputException("end", "Done, unfinished or failed.");
        }
        return f.Taken.FirstOrDefault(t => t.Id == TakenId) is not { } taken ? Permit.No("takenId", "There is no such work.")
            : taken.End != WorkEnd.Running
                ? Permit.No("takenId", $"It is ended already: {Words.Lower(taken.Title)}, {Words.Lower(taken.End.ToString())}.")
            : Permit.Yes();
    }

    protected override CircuitWork? OnTheCircuit(PlanActFacts f, Moment at) =>
        End != WorkEnd.Unfinished && f.Taken.First(x => x.Id == TakenId) is var t && f.Of(t.Key) is { Stage: Stage.Boards }
            ? CircuitWork.Of(t.ForMachineId, t.Title, at.Now, at.NewId)
            : null;

    protected override Done Do(PlanActFacts f, Moment at)
    {
        var t = f.Taken.First(x => x.Id == TakenId);
        // A clock that was set back, or a night that it ran through, is no time at the bench.
        var clock = Math.Clamp((at.Now - t.BegunAt).TotalMinutes, 1, 6 * 60);
        t.End = End;
        t.EndedAt = at.Now;
        t.TakenMinutes = Math.Round(TakenMinutes ?? clock, 1);
        t.LeftMinutes = End == WorkEnd.Unfinished ? LeftMinutes : null;
        var done = new Done(
            $"{t.Person}: {Words.Lower(t.Title)}, {(End == WorkEnd.Done ? "done" : End == WorkEnd.Failed ? "did not come out" : "goes on another time")}, {Markings.Si.Plain(Math.Round(t.TakenMinutes.Value))} min.",
            t.Id
        );
        return done;
    }
}

/// <summary>Laid down by hand: when, by whom, in how many goes. All empty takes it back.</summary>
public sealed record PinWork(string Key, string Person, DateTimeOffset? At, int Split = 0) : Command<PlanActFacts>
{
    public override Permit May(PlanActFacts f, DateTimeOffset now)
    {
        TextField.Check("person", Person, 40);
        InvalidInputException.Finite("split", (double)Split, 0, 20, "goes");
        return f.Of(Key) is not { } work ? Permit.No("key", "That work is no longer to be done.")
            : Person.Length > 0 && f.People.All(p => p.Name != Person) ? Permit.No("person", $"{Person} is not among the people here.")
            : Person.Length > 0 && !work.Skills.All(f.People.First(p => p.Name == Person).Skills.Contains)
                ? Permit.No(
                    "person",
                    $"{Person} may not do it: {Words.And(work.Skills.Select(s => s == BenchSkill.Mains ? "trained for mains" : "solders"))} is wanted."
                )
            : Person.Length > 0 && f.People.First(p => p.Name == Person).Avoids.Intersect(work.Gives).Any()
                ? Permit.No("person", $"{Person} cannot be near what it puts into the air.")
            : At < now.AddMinutes(-1) ? Permit.No("at", "That time is past.")
            : At > now.AddDays(WorkPlan.HorizonDays) ? Permit.No("at", $"At most {WorkPlan.HorizonDays} days ahead.")
            : Permit.Yes();
    }

    protected override Done Do(PlanActFacts f, Moment at)
    {
        var work = f.Of(Key)!;
        var old = f.Pins.Where(p => p.ForMachineId == f.MachineId && p.Key == Key).ToList();
        var title = Words.Lower(work.Title);
        if (Person.Length == 0 && At is null && Split < 2)
        {
            return new Done($"Free again in the plan: {title}.").Removing(old);
        }
        var pin = old.FirstOrDefault();
        if (pin is not null)
        {
            (pin.Person, pin.At, pin.Split) = (Person, At, Split);
            return new Done($"Laid down: {title}{Said()}.", pin.Id).Removing(old.Skip(1));
        }
        pin = new()
        {
            Id = at.NewId(),
            ForMachineId = f.MachineId,
            Key = Key,
            Person = Person,
            At = At,
            Split = Split,
        };
        return new Done($"Laid down: {title}{Said()}.", pin.Id).Adding(pin);
    }

    string Said() =>
        $"{(Person.Length > 0 ? $", by {Person}" : "")}{(At is { } a ? $", {a.ToString("HH:mm 'on' d MMMM", System.Globalization.CultureInfo.InvariantCulture)} UTC" : "")}{(Split > 1 ? $", in {Split} goes" : "")}";
}
