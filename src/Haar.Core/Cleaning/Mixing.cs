using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What stands on a cleaning bench, or lies under it.</summary>
public enum Substance
{
    NotKnown = 0,
    Water,
    Soap,

    /// <summary>Isopropyl or methylated spirit.</summary>
    Alcohol,

    /// <summary>Vinegar, citric acid, rust and lime removers, what neutralises an alkaline leak.</summary>
    Acid,

    /// <summary>Washing soda, ammonia-free degreasers, caustic cleaners.</summary>
    Alkali,
    Ammonia,

    /// <summary>Sodium hypochlorite, chlorine bleaches and mould removers.</summary>
    ChlorineBleach,
    Peroxide,
    Acetone,

    /// <summary>White spirit, contact cleaner, label remover, fuel.</summary>
    Hydrocarbon,
    Aluminium,
    Magnesium,

    /// <summary>Copper, brass, zinc, bare steel: whatever metal is not coated.</summary>
    BareMetal,
    UltrasonicBath,

    /// <summary>What leaks out of nickel cells and alkaline ones.</summary>
    AlkalineResidue,

    /// <summary>What leaks out of lead-acid and some lithium cells.</summary>
    AcidResidue,
}

/// <param name="First">Of the pair.</param>
/// <param name="Second">Of the pair.</param>
/// <param name="Makes">What comes of it.</param>
/// <param name="Instead">What one does in its place.</param>
public sealed record MustNotMeet(Substance First, Substance Second, string Makes, string Instead);

/// <param name="Clashes">Every pair that must not meet.</param>
public sealed record MixingResult(IReadOnlyList<MustNotMeet> Clashes, Verdict Verdict);

/// <summary>What must not meet: in one bath, one after the other without water between, or as a residue. Nobody overrules it.</summary>
public static class Mixing
{
    /// <summary>The table. Sources: safety data sheets (sections 7 and 10) of hypochlorite, ammonia, hydrogen peroxide, acetone, caustic soda and isopropyl alcohol.</summary>
    public static readonly IReadOnlyList<MustNotMeet> Table =
    [
        new(Substance.ChlorineBleach, Substance.Acid, "chlorine gas", "Rinse with water in between, and air the room."),
        new(
            Substance.ChlorineBleach,
            Substance.AcidResidue,
            "chlorine gas",
            "Neutralise the residue first, rinse, then something else than bleach."
        ),
        new(
            Substance.ChlorineBleach,
            Substance.Ammonia,
            "chloramine, which burns the lungs",
            "One of them, never both, and not on one day in one sink."
        ),
        new(Substance.ChlorineBleach, Substance.Alcohol, "chloroform and other poisons", "One of them, with water in between."),
        new(Substance.ChlorineBleach, Substance.Acetone, "chloroform", "One of them, with water in between."),
        new(Substance.ChlorineBleach, Substance.Peroxide, "a burst of oxygen that throws the bath about", "Rinse with water in between."),
        new(Substance.ChlorineBleach, Substance.Aluminium, "pitted metal and gas", "Soap and water."),
        new(Substance.ChlorineBleach, Substance.BareMetal, "pitted and rusted metal", "Soap and water, dried at once."),
        new(Substance.ChlorineBleach, Substance.Magnesium, "hydrogen and eaten metal", "Alcohol on a cloth."),
        new(
            Substance.Peroxide,
            Substance.Acetone,
            "an explosive that goes off by itself",
            "Never in one room open at once; acetone only when all is dry."
        ),
        new(Substance.Peroxide, Substance.Acid, "peracids, which burn eyes and lungs", "Rinse with water in between."),
        new(Substance.Peroxide, Substance.AcidResidue, "peracids, which burn eyes and lungs", "Neutralise and rinse first."),
        new(Substance.Peroxide, Substance.Alcohol, "a mixture that burns fiercely", "Let the alcohol air off, then rinse."),
        new(Substance.Peroxide, Substance.Hydrocarbon, "a mixture that burns fiercely", "Wash it off with soap and rinse first."),
        new(
            Substance.Peroxide,
            Substance.BareMetal,
            "oxygen and heat: metal breaks it down",
            "Take metal inserts and screws out, or mask them."
        ),
        new(Substance.Peroxide, Substance.Aluminium, "oxygen and heat, and dull metal", "Take it out, or mask it."),
        new(Substance.Peroxide, Substance.Magnesium, "oxygen and heat, and eaten metal", "Take it out, or mask it."),
        new(
            Substance.Ammonia,
            Substance.BareMetal,
            "blue, cracked copper and brass",
            "Soap and water; ammonia only on metal that is known to be plain steel."
        ),
        new(Substance.Alkali, Substance.Aluminium, "hydrogen and eaten metal", "Soap and water."),
        new(Substance.AlkalineResidue, Substance.Aluminium, "eaten metal", "Neutralise it at once, then rinse."),
        new(Substance.Acid, Substance.Magnesium, "hydrogen and eaten metal", "Alcohol on a cloth."),
        new(Substance.Acid, Substance.Alkali, "heat and foam, and neither cleans", "One, then water, then the other."),
        new(
            Substance.Alcohol,
            Substance.UltrasonicBath,
            "fire: the bath is warm and its vapour catches from the switch",
            "Water with a little detergent made for it."
        ),
        new(
            Substance.Acetone,
            Substance.UltrasonicBath,
            "fire: the bath is warm and its vapour catches from the switch",
            "Water with a little detergent made for it."
        ),
        new(
            Substance.Hydrocarbon,
            Substance.UltrasonicBath,
            "fire: the bath is warm and its vapour catches from the switch",
            "Water with a little detergent made for it."
        ),
        new(
            Substance.ChlorineBleach,
            Substance.UltrasonicBath,
            "chlorine in the air, driven out by the sound",
            "Water with a little detergent made for it."
        ),
        new(Substance.Peroxide, Substance.UltrasonicBath, "a bath that foams over and burns skin", "A still bath, in the open."),
    ];

    /// <summary>Whether these may meet: whatever goes in together, follows without water between, or lies there as a residue.</summary>
    /// <param name="what">At least one; water takes part and does no harm.</param>
    /// <exception cref="InvalidInputException">Nothing was named.</exception>
    public static MixingResult May(IReadOnlyCollection<Substance> what)
    {
        var named = what.Distinct().ToList();
        if (named.Count == 0 || what.Count > 1000)
        {
            throw new InvalidInputException("substances", "Name at least one of them, each once.");
        }
        var clashes = Table.Where(t => named.Contains(t.First) && named.Contains(t.Second)).ToList();
        const string question = "May these meet?";
        if (clashes.Count > 0)
        {
            return new(
                clashes,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        Sentence(clashes[0]),
                        Basis.Rule,
                        clashes.Select(c => new Reason(
                            $"{Verdicts.Words.Capital(Words.Of(c.First))} and {Words.Of(c.Second)}: {c.Makes}. {c.Instead}",
                            Source: "safety data sheets, sections 7 and 10"
                        ))
                    )
                    .With(CautionId.MustNotMeet)
                    .Final()
            );
        }
        if (named.Contains(Substance.NotKnown))
        {
            var alone = named.TrueForAll(n => n is Substance.NotKnown or Substance.Water);
            return new(
                [],
                Verdict
                    .Of(
                        question,
                        alone ? Outcome.Unknown : Outcome.No,
                        alone ? "It is not known what it is: read its label." : "Not before it is known what that is.",
                        Basis.Guess,
                        new Reason(
                            "Two cleaners that nobody has read the label of may make a gas that harms.",
                            Source: "safety data sheets, section 10"
                        )
                    )
                    .Changing("What stands on its label.")
                    .With(CautionId.MustNotMeet)
                    .Final()
            );
        }
        return new(
            [],
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    named.Count == 1 ? $"{Verdicts.Words.Capital(Words.Of(named[0]))} by itself: follow its label." : "They may meet.",
                    Basis.Rule,
                    new Reason("No pair of them is in the table of what must not meet.", Source: "safety data sheets, sections 7 and 10")
                )
                .Changing("A residue, a metal or a cleaner that was not named.")
        );
    }

    /// <summary>"Never: acid and chlorine bleach make chlorine gas."</summary>
    internal static string Sentence(MustNotMeet c) => $"Never: {Words.Of(c.First)} and {Words.Of(c.Second)} make {c.Makes}.";

    static class Words
    {
        public static string Of(Substance s) =>
            s switch
            {
                Substance.NotKnown => "something unknown",
                Substance.Water => "water",
                Substance.Soap => "soap",
                Substance.Alcohol => "alcohol",
                Substance.Acid => "acid",
                Substance.Alkali => "an alkaline cleaner",
                Substance.Ammonia => "ammonia",
                Substance.ChlorineBleach => "chlorine bleach",
                Substance.Peroxide => "peroxide",
                Substance.Acetone => "acetone",
                Substance.Hydrocarbon => "white spirit or the like",
                Substance.Aluminium => "aluminium",
                Substance.Magnesium => "magnesium",
                Substance.BareMetal => "bare metal",
                Substance.UltrasonicBath => "an ultrasonic bath",
                Substance.AlkalineResidue => "alkaline residue",
                _ => "acid residue",
            };
    }
}
