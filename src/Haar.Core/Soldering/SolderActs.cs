using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Soldering;

/// <summary>The steps of the work on a soldered part, in the only order in which they can be done.</summary>
public static class SolderSteps
{
    static bool Out(SolderedPart p) => p.Work == SolderWork.Exchange;

    public static readonly Procedure<SolderedPart, SolderStep> Procedure = new(
        "Every joint of this part is made, counted and measured: nothing is left to do on it.",
        new(SolderStep.Note, "note which way round it sits", p => p.Sheet.NotedAt, p => Out(p) && p.WaysRound),
        new(SolderStep.Remove, "take the old one out", p => p.Sheet.RemovedAt, Out),
        new(SolderStep.CheckPads, "look at the pads", p => p.Sheet.PadsAt, Out),
        new(SolderStep.MendPads, "mend the lifted pads", p => p.Sheet.MendedAt, p => Out(p) && p.Sheet.Pads == PadState.Lifted),
        new(SolderStep.Clean, "clean the pads", p => p.Sheet.CleanedAt, Out),
        new(SolderStep.Solder, "solder it", p => p.Sheet.SolderedAt),
        new(SolderStep.CheckWayRound, "check which way round it sits", p => p.Sheet.WayAt, p => Out(p) && p.WaysRound),
        new(SolderStep.CountJoints, "count its joints on a photo", p => p.Sheet.CountedAt),
        new(
            SolderStep.MeasureNeighbours,
            "measure each pin against the next",
            p => p.Sheet.MeasuredAt,
            p => Joints.Neighbours(p.Kind, p.Pins, p.Rows) > 0
        ),
        new(SolderStep.Wash, "wash the flux off", p => p.Sheet.WashedAt, p => p.Sheet.Flux != Flux.InTheWire),
        new(SolderStep.Dry, "let it dry", p => p.Sheet.DriedAt, p => p.Sheet.Flux != Flux.InTheWire)
    );

    /// <summary>How it stands with a part, in one sentence: what is next until its joints can be looked at, and then how they are.</summary>
    public static Verdict Stand(SolderedPart p)
    {
        if (p.Next is { } next && p.Sheet.CountedAt is null && next != SolderStep.CountJoints)
        {
            return Verdict.Of(
                "What is done here?",
                Outcome.YesIf,
                $"{Words.Capital(p.Name)}: {Procedure.Words(next)}.",
                Basis.Rule,
                [.. p.Why.Length > 0 ? [new Reason(Words.Sentence(Words.Capital(p.Why)))] : Array.Empty<Reason>()]
            );
        }
        var joints = Joints.Judge(
            Words.Capital(p.Name),
            p.Kind,
            p.Pins,
            p.Rows,
            p.Sheet.Joints.Count,
            p.Sheet.Joints.Count(j => !j.Good),
            p.Sheet.MeasuredAt is null ? null : p.Sheet.Pairs,
            []
        );
        // Good joints on a wet board are not the end of it.
        return joints.Outcome == Outcome.Yes && p.Next is { } left
            ? joints with
            {
                Outcome = Outcome.YesIf,
                Sentence = $"{joints.Sentence.TrimEnd('.')}; {Procedure.Words(left)}.",
            }
            : joints;
    }

    /// <summary>Steps in which an iron is near.</summary>
    public static bool Hot(SolderStep step) => step is SolderStep.Remove or SolderStep.MendPads or SolderStep.Clean or SolderStep.Solder;
}

/// <summary>What an act on one soldered part is decided on.</summary>
/// <param name="Photos">Ids of the machine's photos that the act names.</param>
/// <param name="Areas">Corroded areas of its board: new mask on one of them is a fresh coat near the part.</param>
public sealed record SolderFacts(
    Machine Machine,
    SolderedPart Part,
    IReadOnlySet<Guid> Photos,
    IReadOnlyList<CorrosionArea> Areas,
    IReadOnlyList<Overrule> Overrules
) : IActFacts
{
    /// <summary>The coat that an iron would meet: the part's own, or new mask that was put over an area that it lies in, whichever cures longer.</summary>
    public Verdict MayHeat(DateTimeOffset now)
    {
        var p = Part;
        var own = SolderGates.MayHeat(p.Name, p.Lacquer, p.LacqueredAt, p.CureHours, now);
        if (own.Outcome is Outcome.No or Outcome.Unknown)
        {
            return own;
        }
        // A part without a place may lie in any of its board's areas.
        var masked = Areas
            .Where(a =>
                a.Treatment.MaskedAt is not null
                && (p is not { X: { } x, Y: { } y } || a.Side == p.Side && Outline.Contains(a.Outline, new(x, y)))
            )
            .Select(a => SolderGates.MayHeat($"{p.Name}, on {a.Name}", Lacquer.Fresh, a.Treatment.MaskedAt, null, now))
            .FirstOrDefault(v => v.Outcome == Outcome.No);
        return masked ?? own;
    }
}

/// <summary>One step of the work on a soldered part, when it is its turn and can be true.</summary>
/// <param name="Pads">When the pads are looked at.</param>
/// <param name="Way">Where pin 1, a notch or a key points: noted before, and seen at the second look.</param>
/// <param name="Flux">When it is soldered.</param>
/// <param name="PhotoId">Of the joints.</param>
/// <param name="Joints">Each pin, tapped on that photo.</param>
/// <param name="Pairs">Neighbours that were measured.</param>
/// <param name="Bridged">Pairs that read joined.</param>
/// <param name="JoinedByBoard">Of these, those that the board itself joins.</param>
public sealed record TakeSolderStep(
    SolderStep Step,
    PadState? Pads = null,
    Direction Way = Direction.NotKnown,
    Flux? Flux = null,
    Guid? PhotoId = null,
    IReadOnlyList<JointMark>? Joints = null,
    int? Pairs = null,
    IReadOnlyList<string>? Bridged = null,
    IReadOnlyList<string>? JoinedByBoard = null
) : Command<SolderFacts>
{
    public override Permit May(SolderFacts f, DateTimeOffset now)
    {
        var p = f.Part;
        var turn = SolderSteps.Procedure.Turn(p, Step);
        if (!turn.Granted)
        {
            return turn;
        }
        if (SolderSteps.Hot(Step) && f.MayHeat(now) is { Outcome: Outcome.No or Outcome.Unknown } coat)
        {
            return new(coat.Final(), "lacquer");
        }
        switch (Step)
        {
            case SolderStep.Note when Way == Direction.NotKnown:
                throw new InvalidInputException("way", "Say where pin 1, the notch or the key points before it comes off.");
            case SolderStep.CheckPads when Pads is null:
                throw new InvalidInputException(
                    "pads",
                    "Say how the pads are: sound, lifted or corroded. One lifted pad makes them lifted."
                );
            case SolderStep.Solder when Flux is null:
                throw new InvalidInputException("flux", "Say which flux goes on: only the wire's own, gel or liquid.");
            case SolderStep.Solder:
                return Permit.By(
                    SolderGates.MayFlux(p.Name, Flux.Value, p.Open),
                    "flux",
                    new(
                        OverruleKind.Flux,
                        p.MachineId,
                        p.Id.ToString(),
                        Overrulable.Fingerprint(p.Kind.ToString(), p.OpenContacts.ToString(), Flux.ToString())
                    ),
                    f.Overrules
                );
            case SolderStep.CheckWayRound when Way == Direction.NotKnown:
                throw new InvalidInputException("way", "Say where its pin 1, notch or key points now.");
            // Where it was soldered before anybody noted it, there is nothing to compare with but the board’s own print.
            case SolderStep.CheckWayRound when p.Sheet.WayBefore != Direction.NotKnown && Way != p.Sheet.WayBefore:
                return new(
                    Verdict
                        .Of(
                            "Does it sit the right way round?",
                            Outcome.No,
                            $"No: {p.Name} pointed {Words.Lower(p.Sheet.WayBefore.ToString())} before, and points {Words.Lower(Way.ToString())} now. It comes off again before anything is fed.",
                            Basis.Measured
                        )
                        .Final(),
                    "way"
                );
            case SolderStep.CountJoints:
                return Counted(p, f.Photos);
            case SolderStep.MeasureNeighbours:
                return Measured(p);
            case SolderStep.Dry when p.Sheet.WashedAt is { } washed && now < washed.AddHours(SolderGates.DryHours):
                return Permit.No(
                    "step",
                    $"It was washed {Si.Plain(Math.Round((now - washed).TotalMinutes))} minutes ago: alcohol under a part needs {Si.Plain(SolderGates.DryHours * 60)} minutes to leave."
                );
            default:
                return Permit.Yes();
        }
    }

    Permit Counted(SolderedPart p, IReadOnlySet<Guid> photos)
    {
        if (PhotoId is not { } photo)
        {
            throw new InvalidInputException("photoId", "Take a photo of the joints: they are counted on it, pin by pin.");
        }
        if (!photos.Contains(photo))
        {
            throw new InvalidInputException("photoId", "That photo is not one of this machine's.");
        }
        var marks = Joints ?? [];
        for (var i = 0; i < marks.Count; i++)
        {
            InvalidInputException.Finite($"joints[{i}].x", marks[i].X, 0, 1, "of the width");
            InvalidInputException.Finite($"joints[{i}].y", marks[i].Y, 0, 1, "of the height");
        }
        if (marks.Count > SolderedPart.MostPins)
        {
            throw new InvalidInputException("joints", $"At most {SolderedPart.MostPins} joints.");
        }
        var v = Core.Soldering.Joints.Judge(p.Name, p.Kind, p.Pins, p.Rows, marks.Count, marks.Count(m => !m.Good), null, []);
        // Unknown here is only that the neighbours come next.
        return marks.Count == p.Pins && marks.All(m => m.Good) ? Permit.Yes() : new(v.Final(), "joints");
    }

    Permit Measured(SolderedPart p)
    {
        if (Pairs is not { } pairs)
        {
            throw new InvalidInputException("pairs", "Say how many pairs of neighbours you measured.");
        }
        foreach (var (field, names) in new[] { ("bridged", Bridged), ("joinedByBoard", JoinedByBoard) })
        {
            if (names?.Any(n => n.Trim().Length is 0 or > 60) == true || names?.Count > SolderedPart.MostPins)
            {
                throw new InvalidInputException(field, "Name each pair in 1 to 60 characters: 4-5.");
            }
        }
        var all = Core.Soldering.Joints.Neighbours(p.Kind, p.Pins, p.Rows);
        if (pairs > all)
        {
            throw new InvalidInputException(
                "pairs",
                $"It has {all} pairs of neighbours; {pairs} were measured. Are its pins and rows right?"
            );
        }
        var bridged = (Bridged ?? []).Where(b => JoinedByBoard?.Contains(b) != true).ToList();
        var v = Core.Soldering.Joints.Judge(p.Name, p.Kind, p.Pins, p.Rows, p.Pins, 0, pairs, bridged);
        return v.Outcome == Outcome.Yes ? Permit.Yes() : new(v.Final(), "pairs");
    }

    protected override CircuitWork? OnTheCircuit(SolderFacts f, Moment at) =>
        SolderSteps.Hot(Step) || Step is SolderStep.Wash ? CircuitWork.Of(f.Part.MachineId, Said(f.Part), at.Now, at.NewId) : null;

    protected override Done Do(SolderFacts f, Moment at)
    {
        var (p, s, now) = (f.Part, f.Part.Sheet, at.Now);
        p.Sheet = Step switch
        {
            SolderStep.Note => s with { NotedAt = now, WayBefore = Way },
            SolderStep.Remove => s with { RemovedAt = now },
            SolderStep.CheckPads => s with { PadsAt = now, Pads = Pads },
            SolderStep.MendPads => s with { MendedAt = now },
            SolderStep.Clean => s with { CleanedAt = now },
            SolderStep.Solder => s with { SolderedAt = now, Flux = Flux!.Value },
            SolderStep.CheckWayRound => s with { WayAt = now, WaySeen = Way },
            SolderStep.CountJoints => s with { CountedAt = now, PhotoId = PhotoId, Joints = [.. Joints!] },
            SolderStep.MeasureNeighbours => s with { MeasuredAt = now, Pairs = Pairs!.Value, JoinedByBoard = [.. JoinedByBoard ?? []] },
            SolderStep.Wash => s with { WashedAt = now },
            _ => s with { DriedAt = now },
        };
        return new(Said(p), p.Id);
    }

    string Said(SolderedPart p) =>
        Step switch
        {
            SolderStep.Note => $"{p.Name} points {Words.Lower(Way.ToString())}.",
            SolderStep.Remove => $"{p.Name} is out.",
            SolderStep.CheckPads => $"Pads under {p.Name}: {Words.Lower(Pads.ToString()!)}.",
            SolderStep.MendPads => $"The lifted pads under {p.Name} are mended.",
            SolderStep.Clean => $"Pads under {p.Name} cleaned.",
            SolderStep.Solder => $"{p.Name} soldered.",
            SolderStep.CheckWayRound => $"{p.Name}: way round checked by a second look.",
            SolderStep.CountJoints => $"{p.Name}: {p.Pins} {(p.Pins == 1 ? "joint" : "joints")} counted on a photo, all good.",
            SolderStep.MeasureNeighbours => $"{p.Name}: {Pairs} pairs of neighbours measured, none bridged.",
            SolderStep.Wash => $"Flux washed off {p.Name}.",
            _ => $"{p.Name} is dry.",
        };
}

/// <summary>The work on a part is done once more, from its first step.</summary>
public sealed record SolderAgain : Command<SolderFacts>
{
    public override Permit May(SolderFacts f, DateTimeOffset now) =>
        f.Part.Begun ? Permit.Yes() : Permit.No("step", $"Nothing has been done on {f.Part.Name} yet.");

    protected override Done Do(SolderFacts f, Moment at)
    {
        f.Part.Sheet = new() { Round = f.Part.Sheet.Round + 1 };
        return new($"{f.Part.Name} is done once more, from the first step.", f.Part.Id);
    }
}

/// <summary>The part was soldered already, or otherwise: its joints, its neighbours, its way round and the flux are still looked at.</summary>
public sealed record SolderedOtherwise(SaidOtherwise Said) : DoOtherwise<SolderFacts>(Said)
{
    protected override (Guid MachineId, Guid Id, string Name) About(SolderFacts f) => (f.Part.MachineId, f.Part.Id, f.Part.Name);

    protected override string NotClaimed(SolderFacts f) =>
        "Which way round it sat before, how its pads were and which flux was used are not known: the flux counts as one that is washed off.";

    protected override Permit Possible(SolderFacts f, DateTimeOffset now) =>
        f.Part.Sheet.SolderedAt is null ? Permit.Yes() : Permit.No("step", $"{Words.Capital(f.Part.Name)} is soldered already.");

    protected override CircuitWork? OnTheCircuit(SolderFacts f, Moment at) => Touched(f, at);

    protected override Done Mark(SolderFacts f, DateTimeOffset when, Done done)
    {
        var s = f.Part.Sheet;
        f.Part.Sheet = s with
        {
            NotedAt = s.NotedAt ?? when,
            RemovedAt = s.RemovedAt ?? when,
            PadsAt = s.PadsAt ?? when,
            MendedAt = s.MendedAt ?? when,
            CleanedAt = s.CleanedAt ?? when,
            SolderedAt = when,
            Flux = Flux.Liquid,
        };
        return done;
    }
}
