using Haar.Core.Cleaning;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What pulls at a mended place.</summary>
public enum CrackLoad
{
    NotKnown = 0,

    /// <summary>Nothing but itself.</summary>
    None,
    Handling,

    /// <summary>A screw, a hinge, a latch.</summary>
    Screw,
}

/// <summary>A crack in a case.</summary>
public sealed record CrackFacts
{
    public Material Material { get; init; }
    public double LengthMillimetres { get; init; } = 10;
    public CrackLoad Load { get; init; }

    /// <summary>It is in sight. Not known counts as yes.</summary>
    public ThreeState InSight { get; init; }

    /// <summary>Clean of grease and old glue. Not known counts as no.</summary>
    public ThreeState Clean { get; init; }

    /// <summary>A piece is missing, and is filled.</summary>
    public ThreeState PieceMissing { get; init; }

    /// <summary>Threadlocker is to go near it.</summary>
    public bool Threadlocker { get; init; }
}

/// <param name="Adhesive">Empty where it cannot be said.</param>
/// <param name="Steps">In order.</param>
/// <param name="FixtureMinutes">Held by clamp or tape.</param>
/// <param name="CureHours">Until it may bear.</param>
public sealed record CrackResult(string Adhesive, IReadOnlyList<string> Steps, double FixtureMinutes, double CureHours, Verdict Verdict);

/// <summary>A crack: stopped, cleaned, glued by what it is made of, backed where it bears, cured before it is loaded.</summary>
public static class Crack
{
    /// <summary>By plastic: what joins it, minutes to hold, hours to cure at 20 °C. From sheets of solvent cements and two-part adhesives.</summary>
    static (string Adhesive, double Fixture, double Cure, bool Solvent)? For(Material m) =>
        m switch
        {
            Material.Abs or Material.PcAbs => ("solvent cement for ABS, thin, drawn in by the crack", 10, 24, true),
            Material.Polystyrene => ("solvent cement for polystyrene, thin, little of it", 10, 24, true),
            Material.Acrylic => ("acrylic cement, thin, drawn in by the crack", 10, 48, true),
            Material.Polycarbonate => ("two-part epoxy or acrylic adhesive: solvents craze it", 60, 24, false),
            Material.Nylon => ("two-part epoxy on a roughened joint, with a backing: hardly anything sticks to it", 60, 24, false),
            Material.PlatedSteel or Material.BareSteel or Material.Aluminium or Material.ZincDieCast => (
                "two-part epoxy, filled with metal",
                60,
                24,
                false
            ),
            Material.Wood => ("wood glue, clamped", 30, 24, false),
            Material.Magnesium => ("two-part epoxy on the bare, degreased joint: never ground or sanded dry", 60, 24, false),
            _ => null,
        };

    /// <exception cref="InvalidInputException">A length that no crack has.</exception>
    public static CrackResult Of(CrackFacts f)
    {
        InvalidInputException.Finite("lengthMillimetres", f.LengthMillimetres, 0.5, 2000, "mm");
        const string question = "How is the crack mended?";
        if (f.Threadlocker && f.Material is not (Material.PlatedSteel or Material.BareSteel or Material.Aluminium or Material.ZincDieCast))
        {
            return new(
                "",
                [],
                0,
                0,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "No threadlocker here: it crazes plastics under stress, and the boss breaks off.",
                        Basis.Rule,
                        new Reason("Anaerobic adhesives attack ABS, polystyrene, polycarbonate and acrylic.", Source: "their data sheets")
                    )
                    .Changing("A drop of lacquer on the head, or a spring washer.")
            );
        }
        if (For(f.Material) is not var (adhesive, fixture, cure, solvent))
        {
            return new(
                "",
                [],
                0,
                0,
                Verdict
                    .Of(
                        question,
                        f.Material == Material.NotKnown ? Outcome.Unknown : Outcome.No,
                        f.Material == Material.NotKnown
                            ? "First, what it is made of: a solvent that joins one plastic crazes the next."
                            : "A crack in this is not glued: it is exchanged.",
                        Basis.Rule,
                        new Reason("The letters moulded inside most cases say it: >ABS<, >PS<, >PC+ABS<.", Source: "ISO 11469")
                    )
                    .Changing(f.Material == Material.NotKnown ? "The mark inside, or a drop of solvent on a hidden rib." : "A donor.")
            );
        }
        var backed = f.Load is CrackLoad.Screw or CrackLoad.NotKnown || f.LengthMillimetres > 40;
        List<string> steps =
        [
            "Take the stress off it: loosen what pulls it open.",
            .. f.LengthMillimetres >= 5 && f.Material != Material.Magnesium
                ?
                [
                    $"Drill a hole of 1.5 mm where it ends, {(f.InSight == ThreeState.No ? "and it runs no further" : "from inside and not through, so that it runs no further")}.",
                ]
                : Array.Empty<string>(),
            .. f.Clean == ThreeState.Yes
                ? Array.Empty<string>()
                : ["Degrease it with soap, rinse, dry: no glue holds on skin grease, and no solvent cleaner goes near a stressed crack."],
            $"{Words.Capital(adhesive)}.",
            $"Hold it for {Si.Plain(fixture)} min, with tape and not with force.",
            .. backed
                ? ["Back it from inside: glass cloth or a strip of the same plastic, a hand's breadth past each end."]
                : Array.Empty<string>(),
            .. f.PieceMissing == ThreeState.Yes
                ? ["Fill what is missing in layers under 2 mm, each cured, with filler of the same plastic."]
                : Array.Empty<string>(),
            $"Let it cure {Si.Plain(cure)} h at 20 °C, twice that at 10 °C, before it bears{(f.Load == CrackLoad.Screw ? "; then the screw by hand, a quarter turn past contact" : "")}.",
        ];
        return new(
            Words.Capital(adhesive),
            steps,
            fixture,
            cure,
            Verdict
                .Of(
                    question,
                    f.Load == CrackLoad.NotKnown ? Outcome.YesIf : Outcome.Yes,
                    $"{Words.Capital(adhesive.Split(':')[0].Split(',')[0])}{(backed ? ", backed from inside" : "")}; {Si.Plain(cure)} h before it bears{(f.Load == CrackLoad.NotKnown ? ", if nothing pulls harder than a hand" : "")}.",
                    Basis.Rule,
                    new Reason(
                        solvent
                            ? "Solvent cement makes one piece of two; what runs over the outside marks it for good."
                            : "It bridges and does not dissolve.",
                        new("Cure", cure, "h"),
                        "sheets of cements by plastic"
                    )
                )
                .Changing("What it is made of, and what pulls at it.")
                .With(CautionId.SolventAndFlame)
        );
    }
}
