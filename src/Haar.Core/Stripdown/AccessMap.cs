using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>A piece as the opening counts it: recorded, known, or supposed.</summary>
/// <param name="Off">Minutes to take it off; none where it is off.</param>
/// <param name="Back">Minutes to put it back.</param>
/// <param name="IsOff">It lies on the bench now.</param>
/// <param name="Risk">What can go wrong with it, one sentence; empty for nothing to speak of.</param>
/// <param name="Destroys">What taking it off destroys; empty for nothing.</param>
/// <param name="Step">Of the strip-down's record; null where it is not recorded.</param>
/// <param name="OffMinutes">To take it off, where a person said so.</param>
public sealed record AccessPiece(
    string Id,
    string Title,
    PieceKind Kind,
    IReadOnlyList<string> Behind,
    Estimate Off,
    Estimate Back,
    bool IsOff,
    string Risk,
    string Destroys,
    Guid? Step = null,
    double? OffMinutes = null
);

/// <summary>What sits in front of what in one machine: the record first, then what is known of it, then what is supposed.</summary>
/// <param name="Supposed">Nobody has said how it comes apart.</param>
public sealed record AccessMap(IReadOnlyList<AccessPiece> Pieces, bool Supposed, MachineAccess? Said)
{
    /// <summary>To put a piece back takes longer than to take it off: it is looked at, seated and tested. A house figure.</summary>
    public const double BackTimes = 1.3;

    /// <summary>Minutes to take a piece off, by practice on small machines. House figures.</summary>
    public static Estimate Usual(PieceKind kind) =>
        kind switch
        {
            PieceKind.Cover => new(2, 4, 12),
            PieceKind.Board => new(6, 15, 40),
            PieceKind.Module => new(1, 2, 5),
            PieceKind.Card => new(2, 4, 10),
            PieceKind.Drive or PieceKind.Supply or PieceKind.Cage => new(4, 8, 20),
            PieceKind.Display => new(6, 15, 40),
            PieceKind.Keyboard => new(3, 8, 25),
            PieceKind.Fan => new(2, 5, 12),
            PieceKind.Speaker or PieceKind.Cell => new(1, 3, 8),
            _ => new(2, 6, 20),
        };

    static string RiskOf(PieceKind kind, bool tube) =>
        kind switch
        {
            PieceKind.Cover => "Clips and posts of old plastic snap: warm it, and go round it twice before pulling.",
            PieceKind.Board => "Every lead on the board is off: each is one that can go back wrong, or not at all.",
            PieceKind.Display when tube => "A picture tube holds its charge and can implode: by somebody trained for it.",
            PieceKind.Display => "The display hangs on a ribbon and an inverter lead: one kink, and it stays dark.",
            PieceKind.Keyboard => "A keyboard's ribbon cracks where it is bent.",
            PieceKind.Supply => "The supply comes out whole and stays shut: mains, and by somebody trained.",
            PieceKind.Drive or PieceKind.Cage => "Drives are carried flat; which lead sat where is written down.",
            PieceKind.Card or PieceKind.Module => "Cards and modules are rocked out, not levered.",
            _ => "",
        };

    /// <summary>A piece with what taking it off and putting it back come to, and what can go wrong.</summary>
    /// <param name="minutes">To take it off, where a person says; null takes what is usual of its kind.</param>
    /// <param name="tube">There is a picture tube in it, or may be.</param>
    internal static AccessPiece Counted(
        string id,
        string title,
        PieceKind kind,
        IReadOnlyList<string> behind,
        bool off,
        string destroys,
        double? minutes,
        Guid? step,
        bool tube
    )
    {
        var takes = minutes is { } m ? new Estimate(Math.Floor(m * 0.6), m, Math.Ceiling(m * 2)) : Usual(kind);
        return new(
            id,
            title,
            kind,
            behind,
            off ? Estimate.None : takes,
            new(Math.Ceiling(takes.Low * BackTimes), Math.Ceiling(takes.Likely * BackTimes), Math.Ceiling(takes.High * BackTimes)),
            off,
            RiskOf(kind, tube),
            off ? "" : destroys,
            step,
            minutes
        );
    }

    public static AccessMap Of(MachineFacts f)
    {
        var tube = Hazards.Tube(f.Machine) != ThreeState.No;
        var steps = f.StripSteps.Where(s => !s.StaysOut).OrderBy(s => s.Number).ToList();
        var known = f.Access is { Pieces.Count: > 0 } a ? a.Pieces : null;
        var supposed = known is null && steps.Count == 0;
        // What is recorded takes the place of what was known of it.
        var left = (known ?? (supposed ? KnownApart.Supposed : [])).ToList();
        var idOf = new Dictionary<Guid, string>();
        var stepOf = new Dictionary<string, StripStep>();
        foreach (var s in steps)
        {
            var same =
                left.Find(p => p.Title.Equals(s.Title, StringComparison.OrdinalIgnoreCase))
                ?? (
                    s.Kind != PieceKind.Other && left.Count(p => p.Kind == s.Kind) == 1 && steps.Count(x => x.Kind == s.Kind) == 1
                        ? left.Find(p => p.Kind == s.Kind)
                        : null
                );
            idOf[s.Id] = same?.Id ?? $"step/{s.Id}";
            if (same is not null)
            {
                left.Remove(same);
            }
            stepOf[idOf[s.Id]] = s;
        }
        // A machine without a board is none that anybody opens: where nothing says where it is, it sits behind all the rest.
        if (left.TrueForAll(p => p.Kind != PieceKind.Board) && steps.TrueForAll(s => s.Kind != PieceKind.Board))
        {
            var id = "board";
            while (left.Exists(p => p.Id == id))
            {
                id += "’";
            }
            left.Add(new(id, "Board", PieceKind.Board, [.. stepOf.Keys, .. left.Select(p => p.Id)]));
        }
        var there = stepOf.Keys.Concat(left.Select(p => p.Id)).ToHashSet();
        var byKnown = (known ?? []).ToDictionary(p => p.Id);
        AccessPiece Piece(
            string id,
            string title,
            PieceKind kind,
            IEnumerable<string> behind,
            bool off,
            string destroys,
            double? minutes,
            Guid? step
        ) => Counted(id, title, kind, [.. behind.Where(b => there.Contains(b) && b != id).Distinct()], off, destroys, minutes, step, tube);
        return new(
            [
                .. stepOf.Select(x =>
                    Piece(
                        x.Key,
                        x.Value.Title,
                        x.Value.Kind,
                        x.Value.Behind.Select(b => idOf.GetValueOrDefault(b)).OfType<string>(),
                        x.Value.BackAt is null,
                        byKnown.GetValueOrDefault(x.Key)?.Destroys ?? "",
                        byKnown.GetValueOrDefault(x.Key)?.OffMinutes,
                        x.Value.Id
                    )
                ),
                .. left.Select(p => Piece(p.Id, p.Title, p.Kind, p.Behind, false, p.Destroys, p.OffMinutes, null)),
            ],
            supposed,
            f.Access
        );
    }

    public AccessPiece? Find(string id) => Pieces.FirstOrDefault(p => p.Id == id);

    /// <summary>Ids of all that must be off for a piece to be reached, with it where it comes out itself. A record that goes in a circle ends where it began.</summary>
    public IReadOnlySet<string> To(string id, bool @out)
    {
        var seen = new HashSet<string>();
        var open = new Queue<string>(Find(id)?.Behind ?? []);
        while (open.Count > 0)
        {
            if (open.Dequeue() is var b && seen.Add(b))
            {
                foreach (var c in Find(b)?.Behind ?? [])
                {
                    open.Enqueue(c);
                }
            }
        }
        if (@out && Find(id) is not null)
        {
            seen.Add(id);
        }
        return seen;
    }

    /// <summary>Ids of all that must be off for a depth; null where that piece is no longer there.</summary>
    public IReadOnlySet<string>? To(OpenDepth depth) =>
        depth.Piece.Length == 0 ? new HashSet<string>()
        : Find(depth.Piece) is null ? null
        : To(depth.Piece, depth.Out);

    /// <summary>Which piece a piece of work lies at, and whether that is out for it; null where nobody has said, and for work at the whole machine.</summary>
    public (AccessPiece Piece, bool Out)? Place(WorkTask w)
    {
        if (Said?.Behind.LastOrDefault(b => b.Key == w.Key) is { } said)
        {
            return Find(said.Piece) is { } p ? (p, said.Out) : null;
        }
        if (w.At is not { } at)
        {
            // Listed by hand: its own words may name the piece.
            return
                (w.Inside || w.Stage == Stage.Case)
                && Pieces.FirstOrDefault(p => w.Title.Contains(p.Title, StringComparison.OrdinalIgnoreCase)) is { } named
                ? (named, true)
                : null;
        }
        if (at.Step is { } step && Pieces.FirstOrDefault(p => p.Step == step) is { } recorded)
        {
            return (recorded, at.Out);
        }
        // The deepest of several of a kind: what is not known is not counted as near.
        return Pieces.Where(p => p.Kind == at.Piece).MaxBy(p => To(p.Id, true).Count) is { } of ? (of, at.Out) : null;
    }

    /// <summary>Ids of what must be off for it; empty for nothing, null where nobody knows where it lies.</summary>
    public IReadOnlySet<string>? Needs(WorkTask w)
    {
        if (Said?.Behind.LastOrDefault(b => b.Key == w.Key) is { Piece.Length: 0 })
        {
            return new HashSet<string>();
        }
        return Place(w) is (var piece, var @out) ? To(piece.Id, @out)
            : w.Inside || Said?.Behind.Any(b => b.Key == w.Key) == true ? null
            : new HashSet<string>();
    }

    public Estimate Open(IEnumerable<string> ids) => Sum(ids, p => p.Off);

    public Estimate Close(IEnumerable<string> ids) => Sum(ids, p => p.Back);

    Estimate Sum(IEnumerable<string> ids, Func<AccessPiece, Estimate> of) =>
        ids.Select(Find).OfType<AccessPiece>().Select(of).Aggregate(Estimate.None, (a, b) => a + b);

    /// <summary>In the order in which they come off.</summary>
    public IReadOnlyList<AccessPiece> InOrder(IReadOnlySet<string> ids)
    {
        var order = new List<AccessPiece>();
        var seen = new HashSet<string>();
        void Take(AccessPiece p)
        {
            if (!seen.Add(p.Id))
            {
                return;
            }
            foreach (var b in p.Behind.Where(ids.Contains).Select(Find).OfType<AccessPiece>())
            {
                Take(b);
            }
            order.Add(p);
        }
        foreach (var p in Pieces.Where(p => ids.Contains(p.Id)))
        {
            Take(p);
        }
        return order;
    }
}
