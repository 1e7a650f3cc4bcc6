namespace Haar.Core.Stripdown;

/// <summary>What is usual of how machines come apart, from the words of a kind's order.</summary>
public static class KnownApart
{
    /// <summary>
    /// Pieces from titles in the usual order, outermost first. Where cards or a supply are named it is a case with a hood: everything sits
    /// behind the first, and the board behind all but the supply. Otherwise each sits behind the one before it.
    /// </summary>
    public static IReadOnlyList<ApartPiece> Of(IReadOnlyList<string> titles)
    {
        var pieces = titles
            .Select(t => t.Trim())
            .Where(t => t.Length > 0)
            .DistinctBy(t => t.ToLowerInvariant())
            .Take(MachineAccess.MostPieces)
            .Select(t => (Id: t.ToLowerInvariant() is { Length: > 60 } l ? l[..60] : t.ToLowerInvariant(), Title: t, Kind: KindOf(t)))
            .DistinctBy(t => t.Id)
            .ToList();
        var hood = pieces.Any(p => p.Kind is PieceKind.Card or PieceKind.Supply);
        return
        [
            .. pieces.Select(
                (p, i) =>
                    new ApartPiece(
                        p.Id,
                        p.Title,
                        p.Kind,
                        i == 0 ? []
                            : !hood ? [pieces[i - 1].Id]
                            : p.Kind == PieceKind.Board ? [.. pieces.Where(x => x != p && x.Kind is not PieceKind.Supply).Select(x => x.Id)]
                            : [pieces[0].Id]
                    )
            ),
        ];
    }

    static readonly (string Word, PieceKind Kind)[] Words =
    [
        ("keyboard", PieceKind.Keyboard),
        ("memory door", PieceKind.Cover),
        ("cage", PieceKind.Cage),
        ("drive", PieceKind.Drive),
        ("card", PieceKind.Card),
        ("supply", PieceKind.Supply),
        ("board", PieceKind.Board),
        ("panel", PieceKind.Display),
        ("display", PieceKind.Display),
        ("fan", PieceKind.Fan),
        ("speaker", PieceKind.Speaker),
        ("cells", PieceKind.Cell),
        ("pack", PieceKind.Cell),
        ("cover", PieceKind.Cover),
        ("shell", PieceKind.Cover),
        ("lid", PieceKind.Cover),
        ("shield", PieceKind.Cover),
        ("rest", PieceKind.Cover),
    ];

    /// <summary>For a machine of which nothing is known: a cover, and its board behind it.</summary>
    public static readonly IReadOnlyList<ApartPiece> Supposed = Of(["Cover", "Board"]);

    static PieceKind KindOf(string title) =>
        Words.FirstOrDefault(w => title.Contains(w.Word, StringComparison.OrdinalIgnoreCase)) is { Word: not null } w
            ? w.Kind
            : PieceKind.Other;
}
