using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

/// <summary>What slides or turns on what.</summary>
public enum Sliding
{
    NotKnown = 0,
    MetalOnMetal,

    /// <summary>A sleeve of sintered metal, as of most small motors and fans.</summary>
    SinteredSleeve,
    BallBearing,
    MetalOnPlastic,
    PlasticOnPlastic,

    /// <summary>Gears of nylon or acetal.</summary>
    PlasticGears,

    /// <summary>Belt, pinch roller, feed roller, clutch, brake.</summary>
    RubberOrBelt,

    /// <summary>Head, lens, disk, tape path, encoder strip.</summary>
    HeadOrOptics,
    Contact,
}

public enum LubricantKind
{
    NotKnown = 0,
    None,

    /// <summary>A drop of light synthetic oil.</summary>
    LightOil,

    /// <summary>Thin turbine oil for sintered sleeves.</summary>
    SleeveOil,
    LithiumGrease,

    /// <summary>Synthetic grease with PTFE that its maker calls safe for plastics.</summary>
    PlasticSafeGrease,
    SiliconeGrease,

    /// <summary>Penetrating spray.</summary>
    Spray,
}

/// <param name="Use">Best first; empty where none may go.</param>
public sealed record LubricantResult(IReadOnlyList<LubricantKind> Use, Verdict Verdict);

/// <summary>Which lubricant goes where, and where none may.</summary>
public static class Lubricant
{
    static readonly Dictionary<Sliding, (LubricantKind[] Use, string Words, string Why)> Table = new()
    {
        [Sliding.MetalOnMetal] = (
            [LubricantKind.LithiumGrease, LubricantKind.LightOil],
            "a thin film of lithium grease, wiped off again until it only shines",
            "Steel on steel wants a film that stays."
        ),
        [Sliding.SinteredSleeve] = (
            [LubricantKind.SleeveOil, LubricantKind.LightOil],
            "one drop of sleeve oil, soaked in for an hour, the rest wiped off",
            "The sintered metal holds oil; grease plugs its pores."
        ),
        [Sliding.BallBearing] = (
            [LubricantKind.LightOil],
            "a drop of light oil if it is open; a shielded bearing that is rough is exchanged",
            "What has run dry has pitted."
        ),
        [Sliding.MetalOnPlastic] = (
            [LubricantKind.PlasticSafeGrease, LubricantKind.SiliconeGrease],
            "a thin film of grease that its maker calls safe for plastics",
            "Mineral oil swells and crazes ABS, polystyrene and polycarbonate."
        ),
        [Sliding.PlasticOnPlastic] = (
            [LubricantKind.SiliconeGrease, LubricantKind.PlasticSafeGrease],
            "silicone grease, a trace",
            "Mineral oil swells and crazes plastics."
        ),
        [Sliding.PlasticGears] = (
            [LubricantKind.PlasticSafeGrease, LubricantKind.None],
            "none where they ran dry; else plastic-safe grease on the flanks, a trace",
            "Nylon and acetal run dry by design."
        ),
        [Sliding.RubberOrBelt] = (
            [LubricantKind.None],
            "none: wiped with alcohol, and dry",
            "What is to grip must not slip, and oil swells rubber."
        ),
        [Sliding.HeadOrOptics] = ([LubricantKind.None], "none, ever", "A film on a head or a lens is what one has just cleaned off."),
        [Sliding.Contact] = (
            [LubricantKind.None],
            "none here: contact cleaner, and dry",
            "Grease in a switch holds the dust that stops it."
        ),
    };

    /// <param name="wanted">What is at hand; null for which it should be.</param>
    public static LubricantResult For(Sliding where, LubricantKind? wanted = null)
    {
        const string question = "What does it run on?";
        if (!Table.TryGetValue(where, out var t))
        {
            return new(
                [],
                Verdict
                    .Of(question, Outcome.Unknown, "First, what slides on what: oil that metal wants crazes plastic.", Basis.Rule)
                    .Changing("The two surfaces.")
            );
        }
        var why = new Reason(t.Why, Source: "data sheets of lubricants and of the plastics' makers");
        return new(
            t.Use,
            wanted is null or LubricantKind.NotKnown
                    ? Verdict.Of(question, Outcome.Yes, $"{Words.Capital(t.Words)}.", Basis.Rule, why).Changing("What slides on what.")
                : t.Use.Contains(wanted.Value)
                    ? Verdict.Of(question, Outcome.Yes, $"Yes: {t.Words}.", Basis.Rule, why).Changing("What slides on what.")
                : Verdict
                    .Of(question, Outcome.No, $"Not here: {t.Words}.", Basis.Rule, why)
                    .Changing("Another lubricant, or what slides on what.")
        );
    }
}

/// <summary>Turning speed against nominal.</summary>
public static class Speed
{
    /// <summary>Floppy drives hold 1.5 % over temperature and years; ECMA-78 and ECMA-100 give 1 to 1.5 % for the track's length.</summary>
    public const double MostOffShare = 0.015;

    /// <param name="nominal">Turns a minute: 300, or 360.</param>
    /// <exception cref="InvalidInputException">A speed that nothing has.</exception>
    public static Verdict Judge(double measured, double nominal, double mostOffShare = MostOffShare)
    {
        InvalidInputException.Finite("measured", measured, 0.1, 100_000, "turns a minute");
        InvalidInputException.Finite("nominal", nominal, 0.1, 100_000, "turns a minute");
        InvalidInputException.Finite("mostOffShare", mostOffShare, 0.0001, 0.5, "");
        var off = measured / nominal - 1;
        var figure = new Reason(
            $"{Markings.Si.Plain(measured)} against {Markings.Si.Plain(nominal)} turns a minute: {(off >= 0 ? "+" : "−")}{Markings.Si.Plain(Math.Round(Math.Abs(off) * 100, 2))} %.",
            new("Speed", measured, "turns a minute", nominal * (1 - mostOffShare), nominal * (1 + mostOffShare)),
            "ECMA-78, ECMA-100"
        );
        return Math.Abs(off) <= mostOffShare + 1e-12
            ? Verdict
                .Of("Does it turn at its speed?", Outcome.Yes, "It turns at its speed.", Basis.Measured, figure)
                .Changing("A warm drive, after ten minutes.")
            : Verdict
                .Of(
                    "Does it turn at its speed?",
                    Outcome.No,
                    off < 0
                        ? "It turns too slowly: belt, dry bearing, or its trimmer."
                        : "It turns too fast: its trimmer, or the wrong pulley.",
                    Basis.Measured,
                    figure
                )
                .Changing("A new belt, and a clean bearing; the trimmer last.");
    }
}
