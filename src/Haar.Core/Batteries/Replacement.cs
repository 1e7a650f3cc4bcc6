using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>Which replacement for the battery? A primary lithium cell on a line that charges is always refused.</summary>
public static partial class Replacement
{
    /// <summary>Forward drop at microamps: small-signal Schottky data sheets, 0.2 to 0.3 V.</summary>
    public const double SchottkyVolts = 0.25;

    /// <summary>Small-signal silicon, 0.6 to 0.7 V.</summary>
    public const double SiliconVolts = 0.65;

    /// <summary>Charge limit of a manganese-lithium coin: 2.8 to 3.2 V, never above 3.3 V; typical data sheets.</summary>
    public const double RechargeableCoinMostVolts = 3.3,
        RechargeableCoinLeastVolts = 2.8;

    /// <summary>Usual capacities of a CR2032, an ML2032, an alkaline AA at microamps and a small nickel barrel; typical data sheets.</summary>
    public const double CoinMilliampHours = 220,
        RechargeableCoinMilliampHours = 65,
        AlkalineAaMilliampHours = 2500,
        NickelBarrelMilliampHours = 80;

    /// <summary>Usual capacities of an ER14250, a VL2330, an LIR2032 and an SR44; typical data sheets.</summary>
    public const double ThionylHalfAaMilliampHours = 1200,
        VanadiumCoinMilliampHours = 50,
        IonCoinMilliampHours = 40,
        SilverButtonMilliampHours = 150;

    /// <summary>A backup that lasts less than half a year is refused: nobody remembers to change it. A house figure.</summary>
    public const double LeastYears = 0.5;

    /// <summary>Charging a rechargeable lithium coin above this spoils it: typical data sheets of 20 mm manganese-lithium coins.</summary>
    public const double RechargeableCoinMostMilliamps = 2;

    /// <summary>A nickel cell bears a tenth of its capacity for ever; IEC 61951, trickle.</summary>
    public const double NickelTrickleShare = 0.1;

    sealed record Draft(
        ReplacementKind Kind,
        string Name,
        CellChemistry Chemistry,
        int Cells,
        double MilliampHours,
        double Drop,
        bool Blocks,
        string[] Asks,
        string Sits,
        string Space,
        double? Lead = null,
        string Risk = ""
    );

    /// <exception cref="InvalidInputException">A figure that no board has, or a window upside down.</exception>
    public static ReplacementPlan Options(
        CellSite site,
        RestorationPolicy school,
        double schottkyVolts = SchottkyVolts,
        double siliconVolts = SiliconVolts
    )
    {
        Check(site, schottkyVolts, siliconVolts);
        var cells = Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3.6) / 1.2));
        // Alkaline cells that come nearest to the old nominal from above, so that the chip's window is met late in life too.
        var aa = Math.Clamp((int)Math.Ceiling(((site.NominalVolts ?? 3.6) - 0.3) / 1.5), 2, 4);
        var drafts = new List<Draft>();
        if (site.HiddenInModule)
        {
            drafts.AddRange(Modules());
        }
        else
        {
            drafts.Add(LikeForLike(site, cells));
        }

        drafts.Add(
            new(
                ReplacementKind.HolderOnLead,
                $"Holder with {aa} AA alkaline cells on a lead, away from the board",
                CellChemistry.Alkaline,
                aa,
                AlkalineAaMilliampHours,
                site.Charges == ThreeState.No ? 0 : schottkyVolts,
                site.Charges != ThreeState.No,
                [
                    .. site.Charges == ThreeState.No ? Array.Empty<string>() : ["A Schottky diode in the lead, its band towards the board"],
                    "A lead of 150 to 300 mm",
                    "Room in the case, below the board rather than above it",
                    .. site.HiddenInModule ? ["The module's own cell cut off its tabs first"] : Array.Empty<string>(),
                ],
                "in a holder in the case, away from the board",
                $"{aa * 16} × 58 × 17 mm",
                200,
                site.HiddenInModule ? "A slip while the moulding is opened breaks the module: about one in ten at the first try." : ""
            )
        );
        if (!site.HiddenInModule)
        {
            const string onBoard = "on the board, in a holder",
                coin = "24 × 24 × 6 mm";
            drafts.Add(
                new(
                    ReplacementKind.CoinWithSchottky,
                    "Coin cell CR2032 in a holder, with a Schottky blocking diode",
                    CellChemistry.LithiumPrimary,
                    1,
                    CoinMilliampHours,
                    schottkyVolts,
                    true,
                    ["A Schottky diode in line, its band towards the board", "A coin holder on the old pads or on a short lead"],
                    onBoard,
                    coin,
                    60
                )
            );
            drafts.Add(
                new(
                    ReplacementKind.CoinWithSilicon,
                    "Coin cell CR2032 in a holder, with a silicon blocking diode",
                    CellChemistry.LithiumPrimary,
                    1,
                    CoinMilliampHours,
                    siliconVolts,
                    true,
                    ["A silicon diode in line, its band towards the board", "A coin holder on the old pads or on a short lead"],
                    onBoard,
                    coin,
                    60
                )
            );
            drafts.Add(
                new(
                    ReplacementKind.CoinInHolder,
                    "Coin cell CR2032 in a holder, straight to the line",
                    CellChemistry.LithiumPrimary,
                    1,
                    CoinMilliampHours,
                    0,
                    false,
                    site.CoinHolder
                        ? ["Its polarity read off the holder, not off the old cell"]
                        : ["A coin holder on the old pads, its plus checked against the board's"],
                    onBoard,
                    coin
                )
            );
            drafts.Add(
                new(
                    ReplacementKind.RechargeableCoin,
                    "Rechargeable coin ML2032 with tabs",
                    CellChemistry.LithiumRechargeable,
                    1,
                    RechargeableCoinMilliampHours,
                    0,
                    false,
                    [
                        "Welded tabs: the can is never soldered",
                        "Its charge held to 2.8 to 3.2 V and 2 mA: a resistor in the line, or a regulator",
                    ],
                    "on the board",
                    "20 × 20 × 4 mm"
                )
            );
        }

        var options = drafts.Select(d => Judge(d, site)).ToList();
        var order = Preference(school);
        options =
        [
            .. options
                .OrderBy(o =>
                    o.Verdict.Outcome switch
                    {
                        Outcome.Yes => 0,
                        Outcome.YesIf => 1,
                        Outcome.Unknown => 2,
                        _ => 3,
                    }
                )
                .ThenBy(o => Array.IndexOf(order, o.Kind)),
        ];
        return new(options, Data(site), schottkyVolts, siliconVolts);
    }

    /// <summary>May the old cell come out now? Never before the data that it keeps alive is copied or bridged.</summary>
    public static Verdict Data(CellSite site)
    {
        const string question = "May the old cell come out now?";
        var cautions = new List<CautionId>();
        if (site.Leaking != ThreeState.No)
        {
            cautions.Add(CautionId.LeakingCell);
        }
        if (site.Swollen != ThreeState.No)
        {
            cautions.Add(CautionId.SwollenCell);
        }
        if (site is { Keeps: KeptData.NotKnown, DataSafe: false, LossAccepted: false })
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    site.Leaking == ThreeState.Yes
                        ? "Not yet: it leaks, and nobody has said what it keeps alive. Ask that first, today, and then take it out."
                        : "Not yet: nobody has said what it keeps alive. Ask that first: with the cell it is gone within seconds.",
                    Basis.Rule,
                    new Reason("Memory kept by a cell is gone within seconds of the cell.", Source: "data retention of static memory")
                )
                .Changing("Nothing hangs on it.", "What it keeps is copied, or bridged.", "Its owner says that it may go.")
                .With(cautions)
                .Final();
        }

        if (site is { Keeps: KeptData.Settings, DataSafe: false, LossAccepted: false })
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    "Not yet. Write the settings down first, drive geometry above all: they go with the cell.",
                    Basis.Rule,
                    new Reason("Firmware settings go with the cell: clock, drive geometry, processor settings.")
                )
                .Changing("The settings written down, or photographed screen by screen.", "Its owner says that they may go.")
                .With(cautions);
        }

        if (site is { DataSafe: false, LossAccepted: true, Keeps: KeptData.Settings or KeptData.NotKnown })
        {
            return Verdict
                .Of(
                    question,
                    Outcome.YesIf,
                    "Yes, and what it keeps is lost: its owner has said that it may go.",
                    Basis.Rule,
                    new Reason("Nothing brings it back once the cell is out.", Source: "data retention of static memory")
                )
                .With(cautions);
        }

        if (site is { Keeps: KeptData.UserData, DataSafe: false, LossAccepted: true })
        {
            return Verdict
                .Of(
                    question,
                    Outcome.YesIf,
                    "Yes, and the data is lost: its owner has said that it may go.",
                    Basis.Rule,
                    new Reason("Nothing brings it back once the cell is out.", Source: "data retention of static memory")
                )
                .Changing("A copy after all, while the cell still holds.")
                .With(cautions);
        }

        if (site.Keeps == KeptData.UserData && !site.DataSafe)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    "Not yet. The cell keeps somebody's data alive: copy it first, or bridge the line with a second source while the cell is out.",
                    Basis.Rule,
                    HoldSeconds(site) is { } hold
                        ? new Reason(
                            $"The capacitor beside it holds it up for about {Si.Plain(Math.Round(hold))} seconds, no longer.",
                            new("Holds", Math.Round(hold, 1), "s"),
                            "t = C·ΔV/I"
                        )
                        : new Reason("Memory kept by a cell is gone within seconds of the cell.", Source: "data retention of static memory")
                )
                .Changing(
                    "A copy that has been read back.",
                    $"A second source on the line while it is out: {(site.NominalVolts is { } nominal ? $"{Si.Plain(nominal)} V" : "the cell's volts")} through a Schottky diode, no more than 10 mA.",
                    "Its owner says that the data may go."
                )
                .With(cautions);
        }

        return
            site.Keeps switch
            {
                KeptData.UserData or KeptData.NotKnown => Verdict.Of(
                    question,
                    Outcome.Yes,
                    "Yes. The data is copied, or the line is bridged.",
                    Basis.Measured
                ),
                KeptData.Settings => Verdict.Of(
                    question,
                    Outcome.Yes,
                    "Yes. The settings are written down.",
                    Basis.Rule,
                    new Reason("Firmware settings go with the cell: clock, drive geometry, processor settings.")
                ),
                _ => Verdict.Of(question, Outcome.Yes, "Yes. Nothing but the clock hangs on it.", Basis.Rule),
            }
                is var v
            ? v.With(cautions)
            : v;
    }

    /// <summary>How long the capacitor beside the chip keeps it alive: t = C·ΔV/I, from the cell's volts to the least of the window. Null when one of the four is not known.</summary>
    public static double? HoldSeconds(CellSite site) =>
        site is { HoldMicrofarads: { } c, NominalVolts: { } from, WindowLowVolts: { } to, DrainMicroamps: > 0 and { } i } && from > to
            ? c * (from - to) / i
            : null;

    static ReplacementKind[] Preference(RestorationPolicy school) =>
        school switch
        {
            RestorationPolicy.AsShipped =>
            [
                ReplacementKind.ModuleReworked,
                ReplacementKind.ModuleSocketed,
                ReplacementKind.ModuleOnCarrier,
                ReplacementKind.CoinInHolder,
                ReplacementKind.LikeForLike,
                ReplacementKind.RechargeableCoin,
                ReplacementKind.CoinWithSchottky,
                ReplacementKind.HolderOnLead,
                ReplacementKind.CoinWithSilicon,
            ],
            RestorationPolicy.PeriodUpgrade =>
            [
                ReplacementKind.HolderOnLead,
                ReplacementKind.CoinInHolder,
                ReplacementKind.CoinWithSchottky,
                ReplacementKind.LikeForLike,
                ReplacementKind.RechargeableCoin,
                ReplacementKind.ModuleReworked,
                ReplacementKind.ModuleSocketed,
                ReplacementKind.ModuleOnCarrier,
                ReplacementKind.CoinWithSilicon,
            ],
            _ =>
            [
                ReplacementKind.CoinInHolder,
                ReplacementKind.CoinWithSchottky,
                ReplacementKind.HolderOnLead,
                ReplacementKind.RechargeableCoin,
                ReplacementKind.CoinWithSilicon,
                ReplacementKind.ModuleReworked,
                ReplacementKind.ModuleSocketed,
                ReplacementKind.ModuleOnCarrier,
                ReplacementKind.LikeForLike,
            ],
        };

    static void Check(CellSite s, double schottky, double silicon)
    {
        InvalidInputException.Finite("schottkyVolts", schottky, 0, 1.5, "V");
        InvalidInputException.Finite("siliconVolts", silicon, 0, 1.5, "V");
        InvalidInputException.Finite("site.nominalVolts", s.NominalVolts, 0.5, 48, "V");
        InvalidInputException.Finite("site.chargeVolts", s.ChargeVolts, 0, 60, "V");
        InvalidInputException.Finite("site.chargeMilliamps", s.ChargeMilliamps, 0, 5000, "mA");
        InvalidInputException.Finite("site.windowLowVolts", s.WindowLowVolts, 0, 48, "V");
        InvalidInputException.Finite("site.windowHighVolts", s.WindowHighVolts, 0, 48, "V");
        InvalidInputException.Finite("site.holdMicrofarads", s.HoldMicrofarads, 0.01, 1e7, "µF");
        InvalidInputException.Finite("site.drainMicroamps", s.DrainMicroamps, 0, 1_000_000, "µA");
        if (s.WindowLowVolts > s.WindowHighVolts)
        {
            throw new InvalidInputException("site.windowHighVolts", "The window's top lies below its bottom.");
        }

        if (s is { Charges: ThreeState.No, ChargeVolts: > 0.5 })
        {
            throw new InvalidInputException(
                "site.chargeVolts",
                $"The site says that nothing charges, and also that {Si.Plain(s.ChargeVolts.Value)} V stands on the line: one of the two is wrong."
            );
        }
    }
}
