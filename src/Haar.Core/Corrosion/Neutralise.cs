using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Costs;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

public enum Neutraliser
{
    None = 0,
    AceticAcid,
    CitricAcid,
    Bicarbonate,
}

/// <param name="Name">Of the area, for the sentence.</param>
/// <param name="Ph">Of wet paper laid on it before; settles what leaked when nobody knows. Null when not tried.</param>
/// <param name="SquareCentimetres">From the map.</param>
public sealed record AreaFacts(string Name, LeakSource Source, CorrosionStage Stage, double SquareCentimetres, double? Ph = null);

/// <summary>Numbers of the house for neutralising.</summary>
public sealed record NeutraliseDefaults
{
    /// <summary>Percent by weight that the neutraliser is used at.</summary>
    public double Percent { get; init; } = 5;

    /// <summary>Percent by weight of acetic acid as bought; 5 is white vinegar.</summary>
    public double StockPercent { get; init; } = 5;

    /// <summary>Times what the residue needs, since most of it never meets the residue.</summary>
    public double Excess { get; init; } = 5;

    /// <summary>Share of the residue that may stay.</summary>
    public double ResidueShare { get; init; } = 0.001;

    /// <summary>Film of liquid that a board keeps when it is tipped, ml/cm².</summary>
    public double FilmMillilitresPerSquareCentimetre { get; init; } = 0.02;

    /// <summary>Water a rinse, ml/cm².</summary>
    public double RinseMillilitresPerSquareCentimetre { get; init; } = 0.5;

    /// <summary>A bath the area lies in instead of being brushed: litres; null to brush.</summary>
    public double? BathLitres { get; init; }
    public bool Citric { get; init; }
}

/// <param name="Neutraliser">What is used; none for a neutral residue.</param>
/// <param name="Millilitres">Of the diluted neutraliser.</param>
/// <param name="Mix">How it is made up, with its figures.</param>
/// <param name="Rinses">With clean water, each of <paramref name="RinseMillilitres"/>.</param>
/// <param name="ResidueShare">What is left after them.</param>
public sealed record NeutralisePlan(
    Neutraliser Neutraliser,
    Estimate Millilitres,
    string Mix,
    int Rinses,
    double RinseMillilitres,
    double ResidueShare,
    IReadOnlyList<string> Steps,
    Verdict Verdict,
    [property: JsonPropertyName("house")] NeutraliseDefaults Defaults
);

/// <summary>Areas that may lie in one bath, since their residues react the same way.</summary>
public sealed record NeutraliseBath(Neutraliser Neutraliser, IReadOnlyList<AreaFacts> Areas);

/// <summary>What takes a leak's residue off: the neutraliser, how much, when it is done, the rinses, the drying.</summary>
public static class Neutralise
{
    /// <summary>Percent by weight: as vinegar is sold; the most that is brushed on here, below which acetic acid is no irritant; and from where it burns skin. Limits of Regulation (EC) 1272/2008, Annex VI, acetic acid: irritant from 10, corrosive from 25.</summary>
    public const double VinegarPercent = 6,
        MostPercent = 9.9,
        CorrosivePercent = 25;

    /// <summary>pH paper between these means done. Paper is read to half a unit; rain is about 5.6.</summary>
    public const double LeastPh = 6,
        MostPh = 8;

    /// <summary>Molar masses, g/mol, and acid or base equivalents a mole (IUPAC atomic weights): acetic 60.05 and 1, citric 192.12 and 3, bicarbonate 84.01 and 1, potassium hydroxide 56.11, sulfuric acid 98.08.</summary>
    const double Acetic = 60.05,
        Citric = 192.12,
        Bicarbonate = 84.01,
        PotassiumHydroxide = 56.11;

    /// <summary>Residue by stage, mg of potassium hydroxide or its like to a cm². A house guess from crusts scraped off and weighed: a bloom is a milligram or so.</summary>
    static double Residue(CorrosionStage stage) =>
        stage switch
        {
            CorrosionStage.Tarnish => 0.3,
            CorrosionStage.Bloom => 1.5,
            CorrosionStage.MaskLifted => 3,
            CorrosionStage.CopperEaten => 5,
            _ => 6,
        };

    /// <summary>What the area's residue is: by the paper if it was tried, else by what leaked; null when neither tells.</summary>
    public static LeakReaction? Reaction(AreaFacts a) => a.Ph is { } ph ? Leaks.ReactionOf(ph) : a.Source.Reaction();

    public static Neutraliser For(LeakReaction reaction, bool citric = false) =>
        reaction switch
        {
            LeakReaction.Alkaline => citric ? Neutraliser.CitricAcid : Neutraliser.AceticAcid,
            LeakReaction.Acid => Neutraliser.Bicarbonate,
            _ => Neutraliser.None,
        };

    public static bool IsAcid(this Neutraliser n) => n is Neutraliser.AceticAcid or Neutraliser.CitricAcid;

    public static string Words(this Neutraliser n) =>
        n switch
        {
            Neutraliser.AceticAcid => "acetic acid",
            Neutraliser.CitricAcid => "citric acid",
            Neutraliser.Bicarbonate => "bicarbonate of soda",
            _ => "water",
        };

    /// <summary>Rinses until at most <paramref name="share"/> is left, where each leaves film/(film + water) of what was there: n = ⌈ln share / ln(film/(film + water))⌉.</summary>
    public static int Rinses(double filmMillilitres, double waterMillilitres, double share)
    {
        InvalidInputException.Finite("filmMillilitres", filmMillilitres, 1e-6, 1e6, "ml");
        InvalidInputException.Finite("waterMillilitres", waterMillilitres, 1e-6, 1e7, "ml");
        InvalidInputException.Finite("share", share, 1e-9, 0.9, "");
        return Math.Max(1, (int)Math.Ceiling(Math.Log(share) / Math.Log(filmMillilitres / (filmMillilitres + waterMillilitres)) - 1e-9));
    }

    /// <exception cref="InvalidInputException">An area of nothing, or a figure of the house that cannot be.</exception>
    public static NeutralisePlan Plan(AreaFacts a, NeutraliseDefaults? house = null)
    {
        house ??= new();
        Check(a, house);
        var question = $"What takes the residue off {Words2(a)}?";
        var film = house.FilmMillilitresPerSquareCentimetre * a.SquareCentimetres;
        var water = house.RinseMillilitresPerSquareCentimetre * a.SquareCentimetres;
        var rinses = Rinses(film, water, house.ResidueShare);
        var left = Math.Pow(film / (film + water), rinses);
        var cautions =
            a.Source is LeakSource.CapacitorElectrolyte or LeakSource.SaltWater ? []
            : a.Source == LeakSource.ThionylCell ? [CautionId.LeakingCell, CautionId.ThionylLeak]
            : new List<CautionId> { CautionId.LeakingCell };
        if (Reaction(a) is not { } reaction)
        {
            var unknown = Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    "Cannot say yet: wet a strip of pH paper and lay it on the residue. Above 8 takes an acid, below 6 bicarbonate.",
                    Basis.Guess,
                    new Reason("The wrong neutraliser adds to the damage.", Source: "acid and base")
                )
                .Changing("pH paper, wet, on the residue.")
                .With(cautions);
            return new(Neutraliser.None, Estimate.None, "", rinses, Math.Round(water), left, [], unknown, house);
        }

        var n = For(reaction, house.Citric);
        var (likely, mix) = Volume(n, a, house);
        var millilitres = new Estimate(Math.Ceiling(likely * 0.6), Math.Ceiling(likely), Math.Ceiling(likely * 1.8));
        var reasons = new List<Reason>
        {
            new(
                a.Ph is { } ph
                    ? $"pH {Si.Plain(ph)} on the residue: it is {(reaction == LeakReaction.None ? "neutral" : reaction.ToString().ToLowerInvariant())}."
                    : $"{Leaked(a.Source)} leaves an {(reaction == LeakReaction.Alkaline ? "alkaline" : reaction == LeakReaction.Acid ? "acid" : "all but neutral, but salty")} residue.",
                a.Ph is { } p ? new("pH", p, "", LeastPh, MostPh) : null,
                a.Ph is null ? "cell chemistry, IEC 60086 and IEC 61951" : "pH paper"
            ),
            new(
                $"{Si.Plain(Math.Round(a.SquareCentimetres, 1))} cm² at stage {(int)a.Stage}.",
                new("Area", Math.Round(a.SquareCentimetres, 2), "cm²")
            ),
            new(
                $"{rinses} rinses of {Si.Plain(Math.Max(1, Math.Round(water)))} ml leave {Si.Plain(Math.Round(left * 100, 3))} % of what was there.",
                new("Left", Math.Round(left * 100, 4), "%", null, house.ResidueShare * 100),
                "each rinse dilutes what clings to the board"
            ),
        };
        var steps = new List<string>();
        if (n != Neutraliser.None)
        {
            steps.Add(
                $"{mix} Soft brush, nothing into connectors or switches; {(house.BathLitres is null ? "dab it on, wait, wipe, and again" : "into the bath")} until it no longer {(n == Neutraliser.Bicarbonate ? "foams" : "fizzes or changes")}. The bath itself reads {(n == Neutraliser.Bicarbonate ? "about 8.3" : "about 3")} and never neutral."
            );
        }

        steps.Add(
            $"Rinse {rinses} times with {Si.Plain(Math.Max(1, Math.Round(water)))} ml of distilled water, tipping the board dry each time."
        );
        steps.Add(
            "Let the last rinse water stand for a minute, and lay pH paper in it: 6 to 8 is done. Otherwise go on with the step before."
        );
        steps.Add("Alcohol over all of it, iron off and window open: it takes the water out from under the chips.");
        steps.Add("Dry it for 4 hours at 40 °C, or two days in a dry room, standing on edge.");
        if (a.Stage >= CorrosionStage.MaskLifted)
        {
            steps.Add("Scrape back to bright copper, measure the nets end to end, then new mask.");
        }
        var verdict =
            n == Neutraliser.None
                ? Verdict.Of(
                    question,
                    Outcome.Yes,
                    $"Water alone: the residue {(a.Ph is null ? "is salt" : "is neutral")}. Rinse {rinses} times, then alcohol, then dry.",
                    a.Ph is null ? Basis.Rule : Basis.Measured,
                    reasons
                )
                : Verdict.Of(
                    question,
                    Outcome.Yes,
                    $"{(n == Neutraliser.AceticAcid && house.StockPercent <= VinegarPercent ? "White vinegar" : Verdicts.Words.Capital(n.Words()))}, {Si.Plain(house.Percent)} %, {Si.Plain(millilitres.Low)} to {Si.Plain(millilitres.High)} ml, until it no longer reacts; then {rinses} rinses, until the rinse water reads 6 to 8.",
                    a.Ph is null ? Basis.Rule : Basis.Measured,
                    reasons
                );
        return new(
            n,
            millilitres,
            mix,
            rinses,
            Math.Max(1, Math.Round(water)),
            left,
            steps,
            verdict.Changing(a.Ph is null ? ["pH paper on the residue, before."] : []).With(cautions),
            house
        );
    }

    static (double Millilitres, string Mix) Volume(Neutraliser n, AreaFacts a, NeutraliseDefaults house)
    {
        if (n == Neutraliser.None)
        {
            return (0, "");
        }
        var moles = Residue(a.Stage) * a.SquareCentimetres / 1000 / PotassiumHydroxide;
        // Dilute: a litre weighs a kilogram, so percent by weight is tens of grams a litre.
        var perLitre =
            house.Percent
            * 10
            / (
                n switch
                {
                    Neutraliser.AceticAcid => Acetic,
                    Neutraliser.CitricAcid => Citric / 3,
                    _ => Bicarbonate,
                }
            );
        var need = moles * house.Excess / perLitre * 1000;
        // At least what wets the area three times over.
        var ml = house.BathLitres * 1000 ?? Math.Max(need, 3 * 0.1 * a.SquareCentimetres);
        ml = Math.Max(5, ml);
        var mix = n switch
        {
            Neutraliser.AceticAcid when house.StockPercent <= VinegarPercent && house.StockPercent <= house.Percent * 1.1 =>
                "White vinegar as it is.",
            Neutraliser.AceticAcid =>
                $"{Si.Plain(Math.Round(ml * house.Percent / house.StockPercent, 1))} ml of {Si.Plain(house.StockPercent)} % acetic acid made up to {Si.Plain(Math.Ceiling(ml))} ml with water (C₁V₁ = C₂V₂; acid into water).",
            Neutraliser.CitricAcid =>
                $"{Si.Plain(Math.Round(ml * house.Percent / 100, 1))} g of citric acid in {Si.Plain(Math.Ceiling(ml))} ml of water.",
            _ =>
                $"{Si.Plain(Math.Round(ml * house.Percent / 100, 1))} g of bicarbonate of soda in {Si.Plain(Math.Ceiling(ml))} ml of water.",
        };
        return (ml, mix);
    }

    /// <summary>May these two lie in one bath, or be treated one on the other? Never acid with alkali.</summary>
    public static Verdict MayShare(Neutraliser a, Neutraliser b)
    {
        const string question = "May they go into one bath?";
        return a.IsAcid() && b == Neutraliser.Bicarbonate || b.IsAcid() && a == Neutraliser.Bicarbonate
            ? Verdict
                .Of(
                    question,
                    Outcome.No,
                    "Never in one bath: an acid and bicarbonate foam over, use each other up and clean nothing. Two baths, and water between them.",
                    Basis.Rule,
                    new Reason("Each neutralises the other instead of the residue.", Source: "acid and base")
                )
                .Changing("A bath of its own for each.")
                .Final()
            : Verdict.Of(
                question,
                Outcome.Yes,
                a == b ? "Yes: it is the same neutraliser." : "Yes: neither works against the other.",
                Basis.Rule
            );
    }

    /// <summary>What nobody has named shares no bath.</summary>
    public static Verdict NotKnown(IReadOnlyList<string> areas) =>
        Verdict
            .Of(
                "May they go into one bath?",
                Outcome.Unknown,
                $"Residue unknown at {Verdicts.Words.And(areas)}: rinse it with water first, and read its pH on paper.",
                Basis.Guess,
                new Reason("An acid on an acid, or an alkali on an alkali, neutralises nothing, and the two in one bath foam over.")
            )
            .Changing("The pH of the residue, wetted, on paper.");

    /// <summary>Every area whose reaction is known, in as few baths as there are neutralisers: no bath holds both an acid and an alkali.</summary>
    public static IReadOnlyList<NeutraliseBath> Baths(IReadOnlyList<AreaFacts> areas, bool citric = false) =>
        [
            .. areas
                .Where(a => Reaction(a) is not null)
                .GroupBy(a => For(Reaction(a)!.Value, citric))
                .OrderBy(g => g.Key)
                .Select(g => new NeutraliseBath(g.Key, [.. g])),
        ];

    static string Leaked(LeakSource s) =>
        s switch
        {
            LeakSource.NickelCell => "A nickel cell",
            LeakSource.AlkalineCell => "An alkaline cell",
            LeakSource.ZincCarbonCell => "A zinc-carbon cell",
            LeakSource.LeadAcidCell => "A lead-acid battery",
            LeakSource.ThionylCell => "A lithium-thionyl cell",
            LeakSource.SaltWater => "Salt water",
            _ => "What leaked",
        };

    static string Words2(AreaFacts a) => a.Name.Trim().Length > 0 ? a.Name.Trim() : "it";

    static void Check(AreaFacts a, NeutraliseDefaults h)
    {
        InvalidInputException.Finite("squareCentimetres", a.SquareCentimetres, 0.01, 5000, "cm²");
        InvalidInputException.Finite("ph", a.Ph, 0, 14, "");
        InvalidInputException.Finite("house.percent", h.Percent, 0.5, MostPercent, "%");
        InvalidInputException.Finite("house.stockPercent", h.StockPercent, 1, 100, "%");
        if (h.StockPercent >= CorrosivePercent && !h.Citric && Reaction(a) == LeakReaction.Alkaline)
        {
            throw new InvalidInputException(
                "house.stockPercent",
                $"Acetic acid of {Si.Plain(h.StockPercent)} % burns skin and eyes: it is not mixed at this bench. White vinegar has 5 %, and does the same."
            );
        }
        InvalidInputException.Finite("house.excess", h.Excess, 1, 100, "");
        InvalidInputException.Finite("house.residueShare", h.ResidueShare, 1e-6, 0.5, "");
        InvalidInputException.Finite("house.filmMillilitresPerSquareCentimetre", h.FilmMillilitresPerSquareCentimetre, 0.001, 1, "ml");
        InvalidInputException.Finite("house.rinseMillilitresPerSquareCentimetre", h.RinseMillilitresPerSquareCentimetre, 0.01, 20, "ml");
        InvalidInputException.Finite("house.bathLitres", h.BathLitres, 0.02, 50, "l");
        if (h.StockPercent < h.Percent && !h.Citric && Reaction(a) == LeakReaction.Alkaline)
        {
            throw new InvalidInputException(
                "house.stockPercent",
                "What is in the bottle is weaker than what is wanted: nothing can be diluted upwards."
            );
        }
    }
}
