using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What a pack knows of a kind of machine, as far as a machine begins with it.</summary>
/// <param name="Cell">Null where nothing is known of one.</param>
public sealed record KnownKind(
    string Kind,
    string Model,
    MachineClass Class,
    int? YearFrom,
    int? YearTo,
    IReadOnlyList<Trait> Traits,
    IReadOnlyList<RailReading> Rails,
    string CellPlace,
    CellSite? Cell
);

/// <summary>What the sorting of a lot is decided on.</summary>
/// <param name="Kinds">By the id that a box names.</param>
public sealed record LotFacts(Machine Lot, IReadOnlyList<LotBox> Boxes, IReadOnlyDictionary<string, KnownKind> Kinds) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];
}

/// <summary>A lot becomes machines and donors, and the donors' good parts stand in the store.</summary>
/// <param name="Asked">What the sum was worked out from: if the boxes are others by now, it is not carried out.</param>
/// <param name="Plan">Null where there was nothing to sort.</param>
public sealed record SortLot(TriageAsk Asked, TriagePlan? Plan) : Command<LotFacts>
{
    public override Permit May(LotFacts f, DateTimeOffset now)
    {
        if (f.Lot.Lot is not { } lot)
        {
            return Permit.No("lot", $"{f.Lot.Name} is a machine, not a lot.");
        }
        if (lot.SortedAt is not null)
        {
            return Permit.No("lot", "This lot has been sorted: its boxes are machines and donors now.");
        }
        if (f.Boxes.Count == 0 || Plan is null)
        {
            return Permit.No("boxes", "There is no box to sort yet.");
        }
        if (Overrulable.Fingerprint(Lots.Ask(lot, f.Boxes)) != Overrulable.Fingerprint(Asked))
        {
            return Permit.No("boxes", "Somebody changed a box while this was worked out. Look at the plan again, then sort it.");
        }
        return Plan.Boxes.Count == 0 ? new(Plan.Verdict, "boxes") : Permit.Yes();
    }

    protected override Done Do(LotFacts f, Moment at)
    {
        var (lot, plan) = (f.Lot, Plan!);
        var boxes = f.Boxes.ToDictionary(b => b.Id.ToString());
        var made = new List<object>();
        // To the cent: what rounding leaves goes to the boxes that come later, and the machines carry what was paid.
        decimal? Share(int i) =>
            lot.Paid is { } paid ? Math.Round(paid * (i + 1) / plan.Boxes.Count, 2) - Math.Round(paid * i / plan.Boxes.Count, 2) : null;
        foreach (var (p, i) in plan.Boxes.Select((p, i) => (p, i)))
        {
            var (box, kind) = (boxes[p.Id], f.Kinds.GetValueOrDefault(boxes[p.Id].ProfileId));
            var m = Become(lot, box, kind, p, Share(i), at);
            box.BecameId = m.Id;
            made.Add(m);
            if (kind?.Cell is { } cell)
            {
                made.Add(
                    new MachineCell
                    {
                        Id = at.NewId(),
                        MachineId = m.Id,
                        Place = kind.CellPlace,
                        Site = cell,
                    }
                );
            }
            if (p.Fate == BoxFate.Restore)
            {
                made.AddRange(p.Parts.Select(move => Fit(m.Id, move, plan, at)));
            }
        }
        var store = plan.Boxes.Where(x => x.Fate == BoxFate.Donor).SelectMany(p => Give(lot, p, boxes, at)).ToList();
        lot.Lot = lot.Lot! with { SortedAt = at.Now };
        lot.Kind = "a lot, sorted";
        lot.HandedOverAt = at.Now;
        return new Done(
            $"Sorted: {plan.Finished} to finish, {plan.Boxes.Count(b => b.Fate == BoxFate.Donor)} donors, {store.Sum(p => p.Quantity)} parts into the store.",
            lot.Id
        ).Adding(made.Concat(store));
    }

    static Machine Become(Machine lot, LotBox box, KnownKind? kind, BoxPlan p, decimal? share, Moment at)
    {
        var m = new Machine
        {
            Id = at.NewId(),
            Name = box.Name,
            Kind = box.Kind.Length > 0 ? box.Kind : kind?.Kind ?? "",
            Model = kind?.Model ?? "",
            Class = kind?.Class ?? MachineClass.Unknown,
            YearFrom = kind?.YearFrom,
            YearTo = kind?.YearTo,
            Traits = [.. kind?.Traits ?? []],
            Rails = [.. kind?.Rails ?? []],
            CameFrom = $"{lot.Name}, box {box.Number}{(lot.CameFrom.Length > 0 ? $"; {lot.CameFrom}" : "")}",
            Paid = share,
            Claimed = lot.Claimed,
            ArrivedAt = at.Now,
            Donor = p.Fate == BoxFate.Donor,
            Expectation =
                p.Fate == BoxFate.Restore ? new() { ToFinish = p.Money, Complete = box.Complete is { } c ? new(c, c, c) : null } : new(),
        };
        if (m.Rails.Count == 0 && m.Class != MachineClass.Unknown)
        {
            m.Rails = [.. FirstPower.UsualRails(m.Class, m.YearTo, m.Traits)];
        }
        return m;
    }

    static Job Fit(Guid machineId, PartMove move, TriagePlan plan, Moment at) =>
        new()
        {
            Id = at.NewId(),
            MachineId = machineId,
            Stage = Stage.Parts,
            Title = move.From is null ? $"Buy and fit: {move.Kind}" : $"Fit the {move.Kind} from {move.FromName}",
            Why = move.From is null
                ? $"About {move.Money.Likely:0.##}; no other box of the lot has one to give."
                : "The lot's sum gave it to this machine, and to no other.",
            Minutes = Math.Max(1, (int)(plan.FittingHours * 60)),
            At = at.Now,
        };

    /// <summary>A donor's good parts: one for each machine that the sum gave one to, the rest for anybody.</summary>
    static IEnumerable<StorePart> Give(Machine lot, BoxPlan p, Dictionary<string, LotBox> boxes, Moment at)
    {
        var box = boxes[p.Id];
        foreach (var part in box.Parts.Where(x => x.State == PartState.Good))
        {
            var moves = p
                .Parts.Where(x =>
                    string.Equals(x.Kind, part.Kind, StringComparison.OrdinalIgnoreCase)
                    && string.Equals(x.Fits, part.Fits, StringComparison.OrdinalIgnoreCase)
                )
                .ToList();
            StorePart Make(int quantity, Guid? forMachine) =>
                new()
                {
                    Id = at.NewId(),
                    Kind = part.Kind,
                    Fits = part.Fits,
                    Quantity = quantity,
                    State = PartState.Good,
                    CameFrom = $"{box.Name}, box {box.Number} of {lot.Name}",
                    DonorId = box.BecameId,
                    ForMachineId = forMachine,
                    At = at.Now,
                };
            foreach (var move in moves)
            {
                yield return Make(1, boxes[move.To].BecameId);
            }
            if (part.Count - moves.Count > 0)
            {
                yield return Make(part.Count - moves.Count, null);
            }
        }
    }
}
