using Haar.Core.Cleaning;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <param name="Grit">Of the abrasive, FEPA P; polish counts as 6000.</param>
/// <param name="LeftShare">Of what was there before this pass, 0 to 1.</param>
public sealed record PolishPass(int Grit, double LeftShare);

/// <summary>Scratches in a clear or glossy part.</summary>
public sealed record PolishFacts
{
    public Material Material { get; init; }

    /// <summary>A fingernail catches in them. Not known is asked.</summary>
    public ThreeState NailCatches { get; init; }

    /// <summary>A coat lies on it: against glare or scratches, soft touch, print. Not known is asked.</summary>
    public ThreeState Coated { get; init; }

    /// <summary>In order.</summary>
    public IReadOnlyList<PolishPass> Passes { get; init; } = [];
}

/// <param name="NextGrit">Null where one stops.</param>
/// <param name="LeftShare">Of what was there at the start.</param>
public sealed record PolishResult(int? NextGrit, double LeftShare, Verdict Verdict);

/// <summary>Whether polish can reach a scratch, with what, and when another pass is not worth it.</summary>
public static class Polish
{
    /// <summary>A pass that takes less than this of what is left is not worth the next.</summary>
    public const double LeastGain = 0.1;

    /// <summary>From the coarsest that is allowed on, each takes out the scratches of the last: P1500 to polish. Practice.</summary>
    public static readonly IReadOnlyList<int> Grits = [1500, 2000, 3000, 6000];

    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public static PolishResult Of(PolishFacts f)
    {
        if (f.Passes.Count > 50)
        {
            throw new InvalidInputException("passes", "At most 50 passes.");
        }
        for (var i = 0; i < f.Passes.Count; i++)
        {
            InvalidInputException.Finite($"passes[{i}].leftShare", f.Passes[i].LeftShare, 0, 1, "");
            InvalidInputException.Finite($"passes[{i}].grit", (double)f.Passes[i].Grit, 60, 20_000, "");
        }
        const string question = "Can it be polished?";
        var left = f.Passes.Aggregate(1.0, (l, p) => l * p.LeftShare);
        PolishResult Stop(Outcome o, string sentence, string why, string change, Basis b = Basis.Rule) =>
            new(
                null,
                Math.Round(left, 4),
                Verdict.Of(question, o, sentence, b, new Reason(why, new("Left", Math.Round(left * 100, 1), "%"))).Changing(change)
            );
        if (f.Material == Material.Magnesium)
        {
            return Stop(Outcome.No, "No: magnesium is never ground here.", "Its dust burns.", "Another part.") is var m
                ? m with
                {
                    Verdict = m.Verdict.Final(),
                }
                : m;
        }
        if (f.Coated == ThreeState.Yes || f.Material == Material.CoatedGlass)
        {
            return Stop(
                Outcome.No,
                "No: polish goes through the coat, and leaves a dull island.",
                "The coat is thinner than the scratch is deep.",
                "A part without a coat."
            );
        }
        if (
            f.Material
            is not (
                Material.Acrylic
                or Material.Polycarbonate
                or Material.Abs
                or Material.Polystyrene
                or Material.PcAbs
                or Material.Glass
                or Material.NotKnown
            )
        )
        {
            return Stop(
                Outcome.No,
                "No: this is not a material that polish makes clear or glossy.",
                "Polish works on hard, even surfaces.",
                "What it is made of."
            );
        }
        if (f.Coated == ThreeState.NotKnown || f.NailCatches == ThreeState.NotKnown || f.Material == Material.NotKnown)
        {
            List<string> open =
            [
                .. f.Material == Material.NotKnown ? ["what it is made of"] : Array.Empty<string>(),
                .. f.Coated == ThreeState.NotKnown ? ["whether a coat lies on it"] : Array.Empty<string>(),
                .. f.NailCatches == ThreeState.NotKnown ? ["whether a fingernail catches"] : Array.Empty<string>(),
            ];
            return Stop(
                Outcome.Unknown,
                $"First look {Words.And(open)}: by raking light, and with a nail across the scratch.",
                "A coat that is polished through cannot be put back.",
                "Raking light, and a fingernail."
            );
        }
        if (f.Material == Material.Glass)
        {
            return Stop(
                Outcome.No,
                "No: glass is not polished with what polishes plastic, and a tube's face never.",
                "Cerium oxide and an hour a square centimetre would.",
                "Another pane."
            );
        }
        if (left <= 0.1)
        {
            return Stop(
                Outcome.No,
                "Stop: it is clear enough.",
                $"{Si.Plain(Math.Round(left * 100))} % of the scratches is left.",
                "Raking light.",
                Basis.Measured
            );
        }
        if (f.NailCatches == ThreeState.Yes && f.Passes.Count == 0)
        {
            return new(
                Grits[0],
                left,
                Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        "Polish alone does not reach it: wet P1500 first, if the place may become a little hollow.",
                        Basis.Rule,
                        new Reason("A nail catches from about 20 µm on; polish takes off a tenth of that.", Source: "practice")
                    )
                    .Changing("A deep scratch may be left: it shows less than a hollow.")
            );
        }
        var last = f.Passes.Count == 0 ? null : f.Passes[^1];
        var gain = last is null ? 1 : 1 - last.LeftShare;
        if (last is { Grit: >= 6000 } && gain < LeastGain)
        {
            return Stop(
                Outcome.No,
                "Stop: the last pass gained hardly anything.",
                $"It took {Si.Plain(Math.Round(gain * 100))} % of what was left.",
                "A coarser grit, if a nail catches.",
                Basis.Measured
            );
        }
        var next =
            last is null ? 6000
            : last.Grit < 6000 ? Grits.FirstOrDefault(g => g > last.Grit, 6000)
            : 6000;
        var forecast = last is null ? (double?)null : Math.Round(left * (1 - gain), 3);
        return new(
            next,
            Math.Round(left, 4),
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    next == 6000
                        ? $"Plastic polish, by hand{(last is { Grit: 6000 } ? ", once more" : "")}."
                        : $"Wet P{next}, across the last pass.",
                    last is null ? Basis.Rule : Basis.Measured,
                    new Reason(
                        forecast is { } will
                            ? $"{Si.Plain(Math.Round(left * 100))} % is left; another pass like the last leaves {Si.Plain(Math.Round(will * 100))} %."
                            : "Hair scratches that no nail catches in are what polish is for.",
                        new("Left", Math.Round(left * 100, 1), "%", null, 10)
                    ),
                    new Reason("By hand, with little pressure: warm acrylic smears.", Source: "practice")
                )
                .Changing("A pass that takes less than a tenth: then stop.")
        );
    }
}
