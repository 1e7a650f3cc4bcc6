using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <summary>What an act on one area is decided on.</summary>
/// <param name="Nets">Those of its board, judged.</param>
/// <param name="Jobs">The piece of work that stands for its next step, if there is one.</param>
public sealed record AreaActFacts(
    Machine Machine,
    CorrosionArea Area,
    IReadOnlyList<NetAssessment> Nets,
    IReadOnlyList<Job> Jobs,
    IReadOnlyList<Overrule> Overrules
) : IActFacts
{
    public IReadOnlyList<NetAssessment> Under => [.. Nets.Where(n => n.UnderAreas.Contains(Area.Id))];
}

/// <summary>How long a board takes to dry once alcohol has carried the water off.</summary>
public static class AreaDrying
{
    /// <summary>In warm air, and in a dry room standing on edge. Practice of board washers: water under a chip leaves last. Below a room's warmth nobody can say; the most is a house figure, under what sleeves and labels bear.</summary>
    public const double WarmHours = 4,
        RoomHours = 48,
        WarmCelsius = 40,
        LeastCelsius = 15,
        MostCelsius = 70;

    public static double Hours(double? celsius) => celsius >= WarmCelsius ? WarmHours : RoomHours;
}

/// <summary>One step of an area's cleaning, in its order, when it can be true.</summary>
/// <param name="Ph">Of the last rinse water, on paper, after a minute: it ends the rinsing. The bath's own says nothing.</param>
/// <param name="Rinses">How often it was rinsed.</param>
/// <param name="HoursAgo">When it was done, if it is written down later; 0 is now.</param>
/// <param name="Celsius">Of the air that it dried in; null is the room's.</param>
public sealed record TakeAreaStep(AreaStep Step, double? Ph = null, int Rinses = 0, double HoursAgo = 0, double? Celsius = null)
    : Command<AreaActFacts>
{
    const double MostHoursAgo = 24 * 366;

    public override Permit May(AreaActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("hoursAgo", HoursAgo, 0, MostHoursAgo, "h");
        InvalidInputException.Finite("celsius", Celsius, -20, AreaDrying.MostCelsius, "°C");
        var a = f.Area;
        var turn = AreaTreatment.Procedure.Turn((a.Treatment, a.Stage), Step);
        if (!turn.Granted)
        {
            return turn;
        }
        var at = now.AddHours(-HoursAgo);
        if (AreaTreatment.Procedure.LastAt((a.Treatment, a.Stage)) is { } last && at < last.AddMinutes(-1))
        {
            return Permit.No(
                "hoursAgo",
                $"The step before it was done later, on {last:d MMMM} at {last:HH:mm} UTC: it cannot have been done then."
            );
        }
        return Step switch
        {
            AreaStep.Rinse => Rinsed(f),
            AreaStep.Dry => Dry(a, at),
            AreaStep.Mask => Mask(f),
            _ => Permit.Yes(),
        };
    }

    Permit Rinsed(AreaActFacts f)
    {
        if (Rinses is <= 0 or >= 100)
        {
            throw new InvalidInputException("rinses", "Say how often it was rinsed.");
        }
        var needed = Neutralise
            .Plan(
                new(
                    f.Area.Name,
                    f.Area.Source,
                    f.Area.Stage,
                    Math.Max(0.01, f.Area.Inspections.LastOrDefault()?.SquareCentimetres ?? 1),
                    f.Area.PhBefore
                )
            )
            .Rinses;
        if (Rinses < needed)
        {
            return Permit.No("rinses", $"It takes {needed} rinses until next to nothing is left: {needed - Rinses} more.");
        }
        if ((Ph ?? f.Area.Treatment.Ph) is not { } ph)
        {
            throw new InvalidInputException("ph", AreaTreatment.RinsePh);
        }
        InvalidInputException.Finite("ph", ph, 0, 14, "");
        return ph is < Neutralise.LeastPh or > Neutralise.MostPh ? Permit.No("ph", AreaTreatment.StillPh(ph)) : Permit.Yes();
    }

    Permit Dry(CorrosionArea a, DateTimeOffset at)
    {
        if (Celsius < AreaDrying.LeastCelsius)
        {
            return Permit.No(
                "celsius",
                $"Nobody can say when it is dry below {Si.Plain(AreaDrying.LeastCelsius)} °C: bring it into a warm, dry room and count from there."
            );
        }
        var since = a.Treatment.AlcoholAt!.Value;
        var hours = (at - since).TotalHours;
        var needed = AreaDrying.Hours(Celsius);
        return hours < needed - 1e-6
            ? Permit.No(
                "step",
                $"It cannot be dry yet: {Si.Plain(Math.Max(0, Math.Round(hours, 1)))} hours since the alcohol, and it takes {Si.Plain(AreaDrying.WarmHours)} hours at {Si.Plain(AreaDrying.WarmCelsius)} °C or {Si.Plain(AreaDrying.RoomHours)} in a dry room."
            )
            : Permit.Yes();
    }

    static Permit Mask(AreaActFacts f)
    {
        const string question = "May new mask go over it?";
        var under = f.Under;
        var open = under.Where(n => n.State is not (NetState.Sound or NetState.Repaired)).ToList();
        var verdict =
            under.Count == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "No net is marked under it: mark those that run there, or say that none does.",
                        Basis.Guess,
                        new Reason("What is under new mask nobody measures again.")
                    )
                    .Changing("The nets under it, measured end to end.")
            : open.Count > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not yet: {Words.And(open.Select(n => n.Net.Name))} {(open.Count == 1 ? "has" : "have")} not been measured and found whole.",
                        Basis.Measured,
                        new Reason("What is under new mask nobody measures again.")
                    )
                    .Changing("Every net under it measured, and mended where it has to be.")
            : Verdict.Of(question, Outcome.Yes, "Every net under it has been measured and is whole.", Basis.Measured);
        return Permit.By(
            verdict,
            "step",
            new(
                OverruleKind.Mask,
                f.Machine.Id,
                f.Area.Id.ToString(),
                Overrulable.Fingerprint(under.Select(n => $"{n.Net.Id} {n.State}").ToList())
            ),
            f.Overrules
        );
    }

    protected override CircuitWork? OnTheCircuit(AreaActFacts f, Moment at) =>
        CircuitWork.Of(f.Area.MachineId, $"{f.Area.Name}: {AreaTreatment.Procedure.Words(Step)}", at.Now.AddHours(-HoursAgo), at.NewId);

    protected override Done Do(AreaActFacts f, Moment at)
    {
        var a = f.Area;
        a.Treatment = a.Treatment.Take(Step, a.Stage, at.Now.AddHours(-HoursAgo), Ph, Rinses);
        foreach (var job in f.Jobs.Where(j => j.Id == a.JobId && j.State != JobState.Done))
        {
            job.Finish(at.Now);
        }
        a.JobId = null;
        if (a.Next is null)
        {
            a.InspectOn = Reinspection.Of(a.Inspections, a.Treatment.Ph, at.Today).On;
        }
        return new(
            Step switch
            {
                AreaStep.Neutralise => $"{a.Name}: it no longer reacts. Rinse it now.",
                AreaStep.Rinse => $"{a.Name}: rinsed {Rinses} times, the rinse water reads {Si.Plain(a.Treatment.Ph!.Value)}.",
                AreaStep.Alcohol => $"{a.Name}: alcohol.",
                AreaStep.Dry => $"{a.Name}: dry.{(a.Next is null ? $" To be looked at by {a.InspectOn:d MMMM yyyy}." : "")}",
                _ => $"{a.Name}: new mask. To be looked at by {a.InspectOn:d MMMM yyyy}.",
            },
            a.Id
        );
    }
}

/// <summary>The area was cleaned already, or otherwise. A reading stands for the residue, and time for the drying: neither goes by a word.</summary>
/// <param name="Ph">Of pH paper in a drop of distilled water that stood on it for a minute, read now.</param>
public sealed record AreaOtherwise(SaidOtherwise Said, double? Ph = null) : DoOtherwise<AreaActFacts>(Said)
{
    protected override (Guid MachineId, Guid Id, string Name) About(AreaActFacts f) => (f.Area.MachineId, f.Area.Id, f.Area.Name);

    protected override string NotClaimed(AreaActFacts f) =>
        "What it was neutralised with and how often it was rinsed are not known: the drop of water on it reads neutral.";

    protected override Permit Possible(AreaActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("ph", Ph, 0, 14, "");
        return f.Area.Treatment.AlcoholAt is not null ? Permit.No("step", $"{Words.Capital(f.Area.Name)} is cleaned already.")
            : Ph is not { } ph
                ? throw new InvalidInputException(
                    "ph",
                    "Put a drop of distilled water on it for a minute, lay pH paper in it and say what it reads: 6 to 8 is clean."
                )
            : ph is < Neutralise.LeastPh or > Neutralise.MostPh
                ? Permit.No("ph", $"It still reads pH {Si.Plain(ph)}: what leaked is still on it. Neutralise it, and rinse.")
            : Permit.Yes();
    }

    protected override CircuitWork? OnTheCircuit(AreaActFacts f, Moment at) => Touched(f, at);

    protected override Done Mark(AreaActFacts f, DateTimeOffset when, Done done)
    {
        var t = f.Area.Treatment;
        f.Area.Treatment = t with
        {
            NeutralisedAt = t.NeutralisedAt ?? when,
            RinsedAt = t.RinsedAt ?? when,
            Rinses = Math.Max(1, t.Rinses),
            Ph = Ph,
            AlcoholAt = when,
        };
        return done;
    }
}
