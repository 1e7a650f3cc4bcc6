using Haar.Core.Intake;
using Haar.Core.Stripdown;

namespace Haar.Data.Packs;

/// <summary>How a machine comes apart before anybody here has opened it: as its model was recorded, or as is usual of its kind.</summary>
public static class KnownPieces
{
    /// <summary>Outermost first; empty where neither says anything.</summary>
    public static IReadOnlyList<ApartPiece> Of(MachineProfile? model, KindProfile? kind)
    {
        if (model is { StripOrder.Count: > 0 })
        {
            var steps = model.StripOrder.Take(MachineAccess.MostPieces).ToList();
            return
            [
                .. steps.Select(
                    (s, i) =>
                        new ApartPiece(
                            $"s{i + 1}",
                            s.Title,
                            s.Kind,
                            // By numbers of its own, and only on what came off before: a list that says otherwise says nothing.
                            [.. s.Behind.Where(b => b >= 1 && b <= i).Distinct().Select(b => $"s{b}")]
                        )
                ),
            ];
        }
        return kind is { Apart.Count: > 0 } ? KnownApart.Of(kind.Apart) : [];
    }
}
