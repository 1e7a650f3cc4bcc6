using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>A piece that is known to come off, before anybody here has recorded it.</summary>
/// <param name="Id">Names it once on its machine, and stays the same when its title changes.</param>
/// <param name="Behind">Ids of the pieces that come off before it, those of the record among them.</param>
/// <param name="Destroys">What taking it off destroys, so that a new one lies ready: "its four feet"; empty for nothing.</param>
/// <param name="OffMinutes">To take it off, where a person says; null takes what is usual of its kind.</param>
public sealed record ApartPiece(
    string Id,
    string Title,
    PieceKind Kind,
    IReadOnlyList<string> Behind,
    string Destroys = "",
    double? OffMinutes = null
);

/// <summary>Where a person says that a piece of work lies.</summary>
/// <param name="Key">Of the work.</param>
/// <param name="Piece">Id of the piece; empty for outside, with nothing in front.</param>
/// <param name="Out">That piece itself is out for it; otherwise what is in front of it is enough.</param>
public sealed record WorkBehind(string Key, string Piece, bool Out);

/// <summary>How deep a machine is opened this time.</summary>
/// <param name="Piece">Id of the deepest piece; empty for shut.</param>
/// <param name="Out">It comes out itself; otherwise what is in front of it comes off.</param>
public sealed record OpenDepth(string Piece, bool Out);

/// <summary>What is known of how one machine opens: what sits in front of what, where work lies, and how deep it is opened this time.</summary>
public sealed class MachineAccess : ICheckedRow
{
    public const int MostPieces = 60,
        MostWords = 1000;

    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>Outermost first. The record of the strip-down outranks it, piece by piece.</summary>
    public IReadOnlyList<ApartPiece> Pieces { get; set; } = [];

    /// <summary>A person has gone over it: another kind of machine no longer changes it.</summary>
    public bool ByPerson { get; set; }
    public IReadOnlyList<WorkBehind> Behind { get; set; } = [];

    /// <summary>Null for as deep as its work needs.</summary>
    public OpenDepth? DownTo { get; set; }
    public int Version { get; set; }

    /// <summary>A piece that only the strip-down's record knows.</summary>
    public static bool OfRecord(string id) => id.StartsWith("step/", StringComparison.Ordinal);

    /// <exception cref="InvalidInputException">Names the first field that cannot be.</exception>
    public void Check()
    {
        if (Pieces is null || Pieces.Count > MostPieces || Pieces.Any(p => p is null))
        {
            throw new InvalidInputException("pieces", $"At most {MostPieces} pieces.");
        }
        if (Behind is null || Behind.Count > MostWords || Behind.Any(b => b is null))
        {
            throw new InvalidInputException("behind", $"At most {MostWords} pieces of work.");
        }
        if (DownTo is { Piece: null } or { Piece.Length: > 60 })
        {
            throw new InvalidInputException("downTo.piece", "Say down to which piece; empty for shut.");
        }
        var at = new Dictionary<string, int>();
        for (var i = 0; i < Pieces.Count; i++)
        {
            var p = Pieces[i];
            TextField.Check($"pieces[{i}].title", p.Title ?? "", 80, "Say what comes off, in a word or two.");
            TextField.Check($"pieces[{i}].destroys", p.Destroys ?? "", 120);
            InvalidInputException.Finite($"pieces[{i}].offMinutes", p.OffMinutes, 0, 600, "min");
            if (p.Id is not { Length: > 0 and <= 60 } || OfRecord(p.Id) || !at.TryAdd(p.Id, i))
            {
                throw new InvalidInputException($"pieces[{i}].id", "Each piece has a name of its own, of at most 60 characters.");
            }
        }
        for (var i = 0; i < Pieces.Count; i++)
        {
            if (Pieces[i].Behind is not { } behind || behind.Any(b => b is null || !at.ContainsKey(b) && !OfRecord(b)))
            {
                throw new InvalidInputException($"pieces[{i}].behind", "It sits behind a piece that is not there.");
            }
        }
        foreach (var p in Pieces)
        {
            if (Front(p.Id).Contains(p.Id))
            {
                throw new InvalidInputException($"pieces[{at[p.Id]}].behind", $"“{p.Title}” sits behind itself, by way of others.");
            }
        }
        for (var i = 0; i < Behind.Count; i++)
        {
            TextField.Check($"behind[{i}].key", Behind[i].Key ?? "", 200, "Say which work.");
            TextField.Check($"behind[{i}].piece", Behind[i].Piece ?? "", 60);
        }

        HashSet<string> Front(string id)
        {
            var seen = new HashSet<string>();
            var open = new Queue<string>(Pieces[at[id]].Behind.Where(at.ContainsKey));
            while (open.Count > 0)
            {
                if (open.Dequeue() is var b && seen.Add(b))
                {
                    foreach (var c in Pieces[at[b]].Behind.Where(at.ContainsKey))
                    {
                        open.Enqueue(c);
                    }
                }
            }
            return seen;
        }
    }
}
