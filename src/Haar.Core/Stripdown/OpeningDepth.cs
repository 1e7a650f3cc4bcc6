using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <param name="Behind">Ids of the pieces that come off before it.</param>
/// <param name="OffMinutes">To take it off; null takes what is usual of its kind.</param>
/// <param name="IsOff">It lies on the bench now.</param>
public sealed record DepthPiece(
    string Id,
    string Title,
    PieceKind Kind = PieceKind.Other,
    IReadOnlyList<string>? Behind = null,
    double? OffMinutes = null,
    bool IsOff = false
);

/// <param name="Piece">Id of the piece where it lies; empty for outside, null where nobody has said: its words may name the piece, otherwise it is not known.</param>
/// <param name="Out">That piece itself is out for it; otherwise what is in front of it is enough.</param>
/// <param name="Danger">It must not be left for another time.</param>
public sealed record DepthWork(string Id, string Title, string? Piece = null, bool Out = false, double Minutes = 10, bool Danger = false);

/// <param name="DownTo">Id of the piece down to which it is to be opened; empty for shut, null for as deep as its work needs.</param>
/// <param name="DownToOut">That piece itself comes out too.</param>
/// <param name="WorthItsOpening">Of the minutes that a deeper opening takes, the share that its work must take for it to be advised; null takes the house's.</param>
public sealed record OpeningDepthAsk(
    IReadOnlyList<DepthPiece> Pieces,
    IReadOnlyList<DepthWork> Work,
    string? DownTo = null,
    bool DownToOut = false,
    double? WorthItsOpening = null
);

/// <param name="Levels">Shallow first.</param>
/// <param name="Advised">Index of the one that is advised.</param>
/// <param name="Chosen">Index of the one that is chosen; null for as deep as its work needs.</param>
/// <param name="Off">Titles of what comes off at the depth that holds and is still on, in order.</param>
/// <param name="Opening">Minutes of taking off and putting back, to the depth that holds.</param>
/// <param name="WorthItsOpening">The share that was used.</param>
public sealed record OpeningDepthResult(
    IReadOnlyList<OpeningLevel> Levels,
    int Advised,
    int? Chosen,
    IReadOnlyList<string> Off,
    Estimate Opening,
    double WorthItsOpening,
    Verdict Verdict
);

/// <summary>How deep something is opened, asked of any pieces and any work: the rule that a machine's own screen asks.</summary>
public static class OpeningDepth
{
    /// <exception cref="InvalidInputException">Names the first field that cannot be: a name twice or not there, a circle, a length.</exception>
    public static OpeningDepthResult Of(OpeningDepthAsk ask)
    {
        if (ask.Work.Count > MachineAccess.MostWords)
        {
            throw new InvalidInputException("work", $"At most {MachineAccess.MostWords} pieces of work.");
        }
        InvalidInputException.Finite("worthItsOpening", ask.WorthItsOpening, 0, 100, "");
        var worth = ask.WorthItsOpening ?? CaseOpening.WorthItsOpening;
        var said = new MachineAccess
        {
            Pieces = [.. ask.Pieces.Select(p => new ApartPiece(p.Id, p.Title, p.Kind, p.Behind ?? [], "", p.OffMinutes))],
            Behind = [.. ask.Work.Where(w => w.Piece is not null).Select(w => new WorkBehind(w.Id, w.Piece!, w.Out))],
            DownTo = ask.DownTo is { } piece ? new(piece, ask.DownToOut) : null,
        };
        said.Check();
        var ids = ask.Pieces.Select(p => p.Id).ToHashSet();
        var keys = new HashSet<string>();
        for (var i = 0; i < ask.Work.Count; i++)
        {
            var w = ask.Work[i];
            TextField.Check($"work[{i}].title", w.Title, 200, "Say what is to be done.");
            InvalidInputException.Finite($"work[{i}].minutes", w.Minutes, 0, 100_000, "min");
            if (w.Id.Length is 0 or > 200 || !keys.Add(w.Id))
            {
                throw new InvalidInputException($"work[{i}].id", "Each piece of work has a name of its own, of at most 200 characters.");
            }
            if (w.Piece is { Length: > 0 } at && !ids.Contains(at))
            {
                throw new InvalidInputException($"work[{i}].piece", $"There is no piece “{at}”.");
            }
        }
        if (ask.DownTo is { Length: > 0 } down && !ids.Contains(down))
        {
            throw new InvalidInputException("downTo", $"There is no piece “{down}”.");
        }
        var map = new AccessMap(
            [
                .. ask.Pieces.Select(p =>
                    AccessMap.Counted(p.Id, p.Title, p.Kind, [.. (p.Behind ?? []).Distinct()], p.IsOff, "", p.OffMinutes, null, tube: true)
                ),
            ],
            false,
            said
        );
        List<WorkTask> inside =
        [
            .. ask.Work.Select(w => new WorkTask(
                w.Id,
                w.Title,
                Stage.Boards,
                WorkKind.Assembling,
                new(w.Minutes / 2, w.Minutes, w.Minutes * 2)
            )
            {
                Danger = w.Danger,
            }),
        ];
        var (levels, advised, chosen, holds, verdict) = CaseOpening.Deep(map, inside, worth);
        return new(
            levels,
            advised,
            chosen,
            [.. map.InOrder(holds).Where(p => !p.IsOff).Select(p => p.Title)],
            map.Open(holds) + map.Close(holds),
            worth,
            verdict
        );
    }
}
