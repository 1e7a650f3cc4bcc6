using Haar.Core.Corrosion;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>A tray, inside, and what lies in it; centimetres.</summary>
public sealed record TrayFacts
{
    public double LengthCentimetres { get; init; }
    public double WidthCentimetres { get; init; }

    /// <summary>Of the tray itself.</summary>
    public double HeightCentimetres { get; init; }

    /// <summary>How deep the bath is to stand over its floor.</summary>
    public double DepthCentimetres { get; init; }

    /// <summary>That the parts push aside; null when nobody measured, and then it is nothing: there is rather too much than too little.</summary>
    public double? DisplacedLitres { get; init; }

    /// <summary>Longest side, second and third of the largest part; null when nobody measured.</summary>
    public double? PartLengthCentimetres { get; init; }
    public double? PartWidthCentimetres { get; init; }
    public double? PartHeightCentimetres { get; init; }
}

/// <param name="Litres">Of bath.</param>
/// <param name="StockMillilitres">Out of the bottle; null where it is not diluted.</param>
/// <param name="LeftMillilitres">In the bottle afterwards; null when nobody looked.</param>
public sealed record BathResult(
    double Litres,
    double? StockMillilitres,
    double? WaterMillilitres,
    double? LeftMillilitres,
    Verdict Verdict
);

/// <summary>A bath: how many litres, how much out of the bottle, and what to mind.</summary>
public static class Bath
{
    /// <summary>Room that is kept to the rim, cm: hands and parts go in and out. A house figure.</summary>
    public const double FreeboardCentimetres = 2;

    /// <summary>An open bath of more solvent than this fills a room with vapour that burns. A house figure; workplace rules for flammable liquids start from containers of about this size.</summary>
    public const double MostOpenSolventLitres = 1;

    /// <summary>No tray of a bench holds more. A house figure.</summary>
    public const int MostLitres = 100;

    /// <summary>Peroxide stronger than this is not sold to everyone: Regulation (EU) 2019/1148, annex I, per cent by weight.</summary>
    public const double RestrictedPeroxidePercent = 12;

    /// <summary>Litres of the tray up to the depth, less what the parts displace.</summary>
    /// <exception cref="InvalidInputException">A tray that cannot be, too small for its part, or parts that fill it.</exception>
    public static double Litres(TrayFacts t)
    {
        InvalidInputException.Finite("tray.lengthCentimetres", t.LengthCentimetres, 1, 500, "cm");
        InvalidInputException.Finite("tray.widthCentimetres", t.WidthCentimetres, 1, 500, "cm");
        InvalidInputException.Finite("tray.heightCentimetres", t.HeightCentimetres, 1, 200, "cm");
        InvalidInputException.Finite("tray.depthCentimetres", t.DepthCentimetres, 0.1, 200, "cm");
        InvalidInputException.Finite("tray.displacedLitres", t.DisplacedLitres, 0, 10_000, "l");
        InvalidInputException.Finite("tray.partLengthCentimetres", t.PartLengthCentimetres, 0.1, 500, "cm");
        InvalidInputException.Finite("tray.partWidthCentimetres", t.PartWidthCentimetres, 0.1, 500, "cm");
        InvalidInputException.Finite("tray.partHeightCentimetres", t.PartHeightCentimetres, 0.1, 500, "cm");
        if (t.DepthCentimetres > t.HeightCentimetres - FreeboardCentimetres + 1e-9)
        {
            throw new InvalidInputException(
                "tray.depthCentimetres",
                $"The tray is {Si.Plain(t.HeightCentimetres)} cm high: at most {Si.Plain(Math.Max(0, t.HeightCentimetres - FreeboardCentimetres))} cm of bath, or it spills."
            );
        }
        var (tray, part) = (
            new[] { t.LengthCentimetres, t.WidthCentimetres }.Order().ToArray(),
            new[] { t.PartLengthCentimetres, t.PartWidthCentimetres }.OfType<double>().Order().ToArray()
        );
        if (part.Length == 2 && (part[0] > tray[0] || part[1] > tray[1]) || part.Length == 1 && part[0] > tray[1])
        {
            throw new InvalidInputException(
                "tray",
                "The tray is smaller than the part: a larger one, or one side after the other, said so."
            );
        }
        var litres = t.LengthCentimetres * t.WidthCentimetres * t.DepthCentimetres / 1000 - (t.DisplacedLitres ?? 0);
        return litres > 0
            ? litres
            : throw new InvalidInputException("tray.displacedLitres", "The parts fill the bath: there is no room for anything else.");
    }

    /// <param name="what">The bath is of.</param>
    /// <param name="stockPercent">In the bottle; null for something that is used as it is.</param>
    /// <param name="wantedPercent">In the bath.</param>
    /// <param name="leftMillilitres">In the bottle now; null when nobody looked.</param>
    /// <param name="with">Whatever else lies in it or was on it before: metals, residues, cleaners.</param>
    public static BathResult Of(
        TrayFacts tray,
        Substance what,
        double? stockPercent = null,
        double? wantedPercent = null,
        double? leftMillilitres = null,
        IReadOnlyCollection<Substance>? with = null
    )
    {
        var litres = Litres(tray);
        if (litres > MostLitres)
        {
            throw new InvalidInputException(
                "tray",
                $"That is {Si.Plain(Math.Round(litres))} l: at most {MostLitres} l are mixed at a bench."
            );
        }
        const string question = "What goes into the tray?";
        var volume = new Reason(
            $"{Si.Plain(tray.LengthCentimetres)} × {Si.Plain(tray.WidthCentimetres)} × {Si.Plain(tray.DepthCentimetres)} cm{(tray.DisplacedLitres is { } d ? $", less {Si.Plain(d)} l of parts" : "")}.",
            new("Bath", Si.Tidy(litres), "l"),
            "length × width × depth, less what the parts displace"
        );
        var met = Mixing.May([what, .. with ?? []]);
        if (met.Verdict.Outcome is Outcome.No or Outcome.Unknown)
        {
            return new(litres, null, null, null, met.Verdict with { Reasons = [.. met.Verdict.Reasons, volume] });
        }
        if ((stockPercent, wantedPercent) is not ({ } stock, { } wanted))
        {
            return new(
                litres,
                null,
                null,
                null,
                (stockPercent is null) == (wantedPercent is null)
                    ? Guarded(
                        Verdict.Of(question, Outcome.Yes, $"{Si.Plain(Math.Round(litres, 1))} l, as it is.", Basis.Rule, volume),
                        what,
                        litres,
                        null,
                        with is not null
                    )
                    : Verdict
                        .Of(
                            question,
                            Outcome.Unknown,
                            $"{Si.Plain(Math.Round(litres, 1))} l; how strong it is in the bottle and in the bath has to be said.",
                            Basis.Rule,
                            volume
                        )
                        .Changing("The strength on the label, and the one that is wanted.")
                        .With([
                            .. what is Substance.Alcohol or Substance.Acetone or Substance.Hydrocarbon
                                ? [CautionId.SolventAndFlame]
                                : Array.Empty<CautionId>(),
                        ])
            );
        }
        var mixed = Dilution.Of(stock, wanted, litres * 1000, leftMillilitres);
        var left = leftMillilitres is { } l && mixed.Verdict.Outcome == Outcome.Yes ? l - mixed.StockMillilitres : (double?)null;
        return new(
            litres,
            mixed.StockMillilitres,
            mixed.WaterMillilitres,
            left,
            Guarded(
                mixed.Verdict with
                {
                    Question = question,
                    Reasons = [.. mixed.Verdict.Reasons, volume],
                },
                what,
                litres,
                Math.Max(stock, wanted),
                with is not null
            )
        );
    }

    /// <summary>What goes with every bath of it: protection, what is never done, where it goes in the end.</summary>
    static Verdict Guarded(Verdict given, Substance what, double litres, double? strongest, bool said)
    {
        // What else lies in it nobody has said.
        var v =
            said || given.Outcome != Outcome.Yes
                ? given
                : (
                    given with
                    {
                        Outcome = Outcome.YesIf,
                        Sentence = $"{given.Sentence.TrimEnd('.')}, if nothing lies in it or on the parts that it must not meet.",
                    }
                ).Changing("What the parts are made of, and what was on them before.");
        if (!said)
        {
            v = v.With(CautionId.MustNotMeet);
        }
        if (what is Substance.Alcohol or Substance.Acetone or Substance.Hydrocarbon)
        {
            v = (
                litres > MostOpenSolventLitres + 1e-9 && v.Outcome is Outcome.Yes or Outcome.YesIf
                    ? v with
                    {
                        Outcome = Outcome.YesIf,
                        Sentence =
                            $"{v.Sentence.TrimEnd('.')}; {Si.Plain(Math.Round(litres, 1))} l of it burn: outdoors or with the windows open, no flame, no switch, no iron in the room, the tray lidded.",
                    }
                    : v
            ).With(CautionId.SolventAndFlame);
        }
        if (what != Substance.Peroxide)
        {
            return v with
            {
                Reasons =
                [
                    .. v.Reasons,
                    new("What is left goes where your council takes it, not into the drain unread.", Source: "local rules"),
                ],
            };
        }
        List<Reason> minded =
        [
            new(
                "Glasses and gloves; never sealed, never poured back, never foil over it while nobody looks.",
                Source: "safety data sheet of hydrogen peroxide"
            ),
            new("Lamps that give UV-C harm eyes and skin and make ozone: behind a shade, and air the room.", Source: "IEC 62471"),
        ];
        if (strongest is null)
        {
            minded.Add(new("How strong it is nobody said: it counts as strong.", Source: "the careful assumption"));
        }
        else if (strongest > RestrictedPeroxidePercent)
        {
            minded.Add(
                new(
                    $"Above {Si.Plain(RestrictedPeroxidePercent)} % it is not sold to everyone, and it sets paper and cloth on fire.",
                    new("Strongest", strongest.Value, "%", null, RestrictedPeroxidePercent),
                    "Regulation (EU) 2019/1148, annex I"
                )
            );
        }
        return (v with { Reasons = [.. v.Reasons, .. minded] }).With(CautionId.Peroxide);
    }
}
