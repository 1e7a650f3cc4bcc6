using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What the ladder says.</summary>
public static partial class Ladder
{
    static Verdict Say(
        CleaningFacts item,
        IReadOnlyList<Material> materials,
        IReadOnlyList<Feature> features,
        IReadOnlyList<Soil> soils,
        double left,
        bool clean,
        bool damaged,
        Rung? next,
        CleaningMethod? method,
        int spent,
        bool carries,
        bool blocked
    )
    {
        const string question = "What is tried next?";
        var byEye = item.Trials.Any(t => t.ByEye);
        var founded =
            item.Trials.Count == 0 ? Basis.Rule
            : byEye ? Basis.Guess
            : Basis.Measured;
        var stands = new Reason(
            item.Trials.Count == 0
                ? "Nothing has been tried yet."
                : $"{Si.Plain(Math.Round(left * 100))} % of it is left after {item.Trials.Count} {(item.Trials.Count == 1 ? "pass" : "passes")}{(byEye ? ", by eye" : "")}.",
            new("Left", Math.Round(left * 100, 2), "%", null, 100 * (item.InSight ? CleanInSight : CleanHidden))
        );
        CautionId[] cautions =
        [
            .. method?.Cautions ?? [],
            .. soils.Any(s => s is Soil.Droppings or Soil.Mould or Soil.NotKnown) ? new[] { CautionId.RodentsAndMould } : [],
        ];
        if (damaged && !clean)
        {
            stands = stands with { Text = $"{stands.Text} The last pass did damage: that method is out." };
        }
        if (
            Mixing
                .May([Substance.Water, .. item.On, .. OnIt(materials, soils), .. MayBe(materials)])
                .Clashes.FirstOrDefault(c => item.On.Contains(c.First) || item.On.Contains(c.Second)) is
            { } clash
        )
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"First rinse it with plenty of water. {Mixing.Sentence(clash)}",
                    Basis.Rule,
                    new Reason(clash.Instead),
                    stands
                )
                .Changing("That it has been rinsed.")
                .With(CautionId.MustNotMeet)
                .Final();
        }
        if (item.On.Contains(Substance.NotKnown) || blocked && (method is null or { Substance: Substance.Water, Wets: true }))
        {
            var wet = materials.All(m => m is not (Material.Bearing or Material.Wood or Material.Membrane or Material.Switch));
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"First {(wet ? "rinse it with plenty of water" : "wipe it with a damp cloth, twice")}: {(item.On.Contains(Substance.NotKnown) ? "what was used on it is not known" : "what was used on it must not meet what comes next")}.",
                    Basis.Rule,
                    new Reason(
                        "Two cleaners that nobody has read the label of may make a gas that harms.",
                        Source: "safety data sheets, section 10"
                    ),
                    stands
                )
                .Changing("That it has been rinsed.")
                .With(CautionId.MustNotMeet)
                .Final();
        }
        if (clean)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    item.InSight ? "Stop: it is clean." : "Stop: it is clean enough for a place that nobody sees.",
                    founded,
                    stands
                )
                .Changing("A look in raking light.");
        }
        var seat = item.Seat is { } tests ? SoilSeat.Of(tests) : null;
        if (seat is { Seat: Seat.Behind or Seat.Surface } && !carries)
        {
            return Verdict
                .Of(question, Outcome.No, $"Stop: {Words.Lower(seat.Verdict.Sentence)}", Basis.Measured, [.. seat.Verdict.Reasons, stands])
                .Changing(
                    seat.Seat == Seat.Behind
                        ? "The part taken apart, and what lies behind cleaned by itself."
                        : "Whitening, paint, or leaving it as it is."
                );
        }
        if (next is null || method is null)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    soils.Contains(Soil.NotKnown)
                        ? "Stop: nothing mild moves it. It may sit in the surface, or be the surface: pits, or yellowing."
                        : "Stop: nothing that is safe on this moves it any further.",
                    founded,
                    stands,
                    new Reason("What is harder does more harm to the part than the dirt does.", Source: "practice")
                )
                .Changing("What it is made of, what lies on it, or another method of your own.");
        }
        if (
            item is { Replacement: { } price, HourWorth: { } worth }
            && (spent + method.HandsMinutes) / 60.0 * worth > price
            && item.Trials.Count > 0
        )
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    "Stop: the hours have passed the price of a tested one.",
                    Basis.Rule,
                    new Reason(
                        $"{spent} min so far and {method.HandsMinutes} more at {Si.Plain(worth)} an hour, against {Si.Plain(price)}.",
                        new("Hours", Math.Round((spent + method.HandsMinutes) / 60.0, 2), "h")
                    ),
                    stands
                )
                .Changing("That no other is to be had, or what it means to you.");
        }
        var unknown = new List<string>();
        if (materials.Contains(Material.NotKnown))
        {
            unknown.Add("what it is made of");
        }
        if (item.Features is null)
        {
            unknown.Add("whether lettering or labels lie on it");
        }
        var again = item.Trials is [.., var last] && last.Method == next.Method;
        var does =
            $"{(carries ? "Carry off what lies loose: " : "")}{(carries ? Words.Lower(method.Name) : method.Name)}{(again && !carries ? ", once more" : "")}";
        var reasons = new List<Reason>
        {
            carries
                ? new(
                    "What the last pass loosened still lies there: carried off first, or the next pass only moves it about.",
                    new("Loose", Math.Round(item.Trials[^1].Loosened * 100), "%", 100 * WorthCarrying)
                )
                : new(
                    $"The mildest that is safe here and has a real chance: {Si.Plain(Math.Round(next.Chance * 100))} %.",
                    new("Chance", Math.Round(next.Chance * 100), "%", 100 * RealChance),
                    method.Source
                ),
            stands,
        };
        if (seat is { Seat: Seat.In })
        {
            reasons.Add(new(seat.Verdict.Sentence, Source: "practice"));
        }
        else if (seat is { Next.Length: > 0 } && soils.Contains(Soil.NotKnown))
        {
            reasons.Add(new($"Where it sits is not known yet. {seat.Next}"));
        }
        if (unknown.Count > 0)
        {
            reasons.Add(new($"Nobody has said {Words.And(unknown)}: so it is tried in a hidden place first."));
        }
        if (method.Leaves.Length > 0)
        {
            reasons.Add(new($"It leaves {method.Leaves}."));
        }
        return Verdict
            .Of(
                question,
                next.SpotTest ? Outcome.YesIf : Outcome.Yes,
                next.SpotTest ? $"{does}, if a hidden place bears it for {SpotTestMinutes} minutes." : $"{does}.",
                founded,
                reasons
            )
            .Changing([
                .. next.SpotTest ? ["The hidden place: dull, sticky, crazed or coloured the cloth."] : Array.Empty<string>(),
                "A pass that takes less than a tenth of what is left: then the next rung.",
            ])
            .With(cautions.Distinct());
    }
}
