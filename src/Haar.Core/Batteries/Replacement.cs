using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

public enum ReplacementKind
{
    LikeForLike,
    HolderOnLead,
    CoinWithSchottky,
    CoinWithSilicon,
    CoinInHolder,
    RechargeableCoin,
    ModuleReworked,
    ModuleSocketed,
    ModuleOnCarrier,
}

/// <summary>One way to replace a cell, judged.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Name">In words, with what is fitted.</param>
/// <param name="Chemistry">Of what is fitted.</param>
/// <param name="FreshVolts">At the chip when new, after any diode.</param>
/// <param name="EndVolts">At the chip when its chemistry is empty.</param>
/// <param name="Run">Null when the drain is not known, or it is charged and so never runs down for good.</param>
/// <param name="AsksOfBoard">What has to be done to the board.</param>
/// <param name="Leaks">What leaks out of it in the end.</param>
/// <param name="Sits">Where it sits then: what would be eaten.</param>
/// <param name="Space">Room that it takes.</param>
/// <param name="LeadMillimetres">Of a lead to it; null when it sits on the board.</param>
/// <param name="Risk">What can be spoilt by doing it, and how likely; empty when nothing to speak of.</param>
/// <param name="Curve">Volts at the chip over its life; empty without a drain or when the board charges it.</param>
/// <param name="CheckAfterYears">When to look at it.</param>
/// <param name="Verdict">Will it do?</param>
public sealed record ReplacementOption(
    ReplacementKind Kind,
    string Name,
    CellChemistry Chemistry,
    double FreshVolts,
    double EndVolts,
    RunTimeResult? Run,
    IReadOnlyList<string> AsksOfBoard,
    double CheckAfterYears,
    Verdict Verdict,
    LeakReaction Leaks,
    string Sits,
    string Space,
    double? LeadMillimetres,
    string Risk,
    IReadOnlyList<VoltsPoint> Curve
);

/// <param name="Options">Best first under the school; refused ones last.</param>
/// <param name="Data">May the old cell come out now?</param>
/// <param name="SchottkyVolts">The drop used.</param>
/// <param name="SiliconVolts">The drop used.</param>
public sealed record ReplacementPlan(IReadOnlyList<ReplacementOption> Options, Verdict Data, double SchottkyVolts, double SiliconVolts);

/// <summary>Which replacement for the battery? A primary lithium cell on a line that charges is always refused.</summary>
public static class Replacement
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
        if (site.Leaking)
        {
            cautions.Add(CautionId.LeakingCell);
        }
        if (site.Swollen)
        {
            cautions.Add(CautionId.SwollenCell);
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
                KeptData.UserData => Verdict.Of(question, Outcome.Yes, "Yes. The data is copied, or the line is bridged.", Basis.Measured),
                KeptData.Settings => Verdict.Of(
                    question,
                    Outcome.YesIf,
                    site.DataSafe
                        ? "Yes. The settings are written down."
                        : "Yes, once the settings are written down: drive geometry above all.",
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

    /// <summary>Known reworks of a clock module with a cell moulded in, with what each can spoil. Risks are a guess from what restorers report.</summary>
    static Draft[] Modules() =>
        [
            new(
                ReplacementKind.ModuleReworked,
                "The module opened and a holder put outside it",
                CellChemistry.LithiumPrimary,
                1,
                CoinMilliampHours,
                0,
                false,
                [
                    "Open the moulding over the cell's two tabs only",
                    "Cut the hidden cell off its tabs, so that the two never work against each other",
                    "Lead to a holder stuck where it can be reached, its plus marked",
                ],
                "in a holder stuck to the case",
                "20 mm above the module stays free; holder 24 × 24 × 6 mm",
                100,
                "A slip breaks the module for good: about one in ten at the first try."
            ),
            new(
                ReplacementKind.ModuleSocketed,
                "A socket, and a module of the same pinout with a fresh date code",
                CellChemistry.LithiumPrimary,
                1,
                48,
                0,
                false,
                [
                    "The module desoldered: 24 or more holes, some in wide ground copper",
                    "A turned-pin socket",
                    "A date code of this year or last: its cell has aged on the shelf too",
                ],
                "moulded into the new module",
                "8 mm higher than the old one",
                null,
                "A pad lifts about once in fifteen boards; the new module's cell is as hidden as the old one's."
            ),
            new(
                ReplacementKind.ModuleOnCarrier,
                "A carrier with a coin holder and the bare clock chip, in a socket",
                CellChemistry.LithiumPrimary,
                1,
                CoinMilliampHours,
                0,
                false,
                [
                    "The module desoldered",
                    "A turned-pin socket",
                    "A carrier board, its chip with an address pin for pin",
                    "A crystal on the carrier",
                ],
                "in a holder on the carrier",
                "30 × 40 × 14 mm above the socket",
                null,
                "A pad lifts about once in fifteen boards; nothing of the old module is harmed."
            ),
        ];

    static Draft LikeForLike(CellSite site, int nickelCells) =>
        site.Chemistry switch
        {
            CellChemistry.NickelCadmium or CellChemistry.NickelMetalHydride => new(
                ReplacementKind.LikeForLike,
                $"Like for like: a {nickelCells}-cell NiMH pack in the old place",
                CellChemistry.NickelMetalHydride,
                nickelCells,
                NickelBarrelMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LithiumRechargeable => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same rechargeable lithium coin",
                CellChemistry.LithiumRechargeable,
                1,
                RechargeableCoinMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.Alkaline or CellChemistry.ZincCarbon => new(
                ReplacementKind.LikeForLike,
                "Like for like: fresh alkaline cells in the old place",
                CellChemistry.Alkaline,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3) / 1.5)),
                AlkalineAaMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LeadAcid => new(
                ReplacementKind.LikeForLike,
                "Like for like: a sealed lead-acid battery",
                CellChemistry.LeadAcid,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 6) / 2)),
                1200,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            _ => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same lithium cell",
                CellChemistry.LithiumPrimary,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3) / 3)),
                CoinMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
        };

    static ReplacementOption Judge(Draft d, CellSite site)
    {
        var facts = Chemistries.Get(d.Chemistry);
        var fresh = Si.Tidy(facts.FreshVolts * d.Cells - d.Drop);
        var end = Si.Tidy(facts.EndVolts * d.Cells - d.Drop);
        var least = site.WindowLowVolts is { } low ? (low + d.Drop) / d.Cells : (double?)null;
        var run =
            site.DrainMicroamps is { } drain && !(facts.Rechargeable && site.Charges == ThreeState.Yes)
                ? RunTime.Of(d.Chemistry, d.MilliampHours, drain, least)
                : null;
        var check = run?.CheckAfterYears ?? facts.CheckYears;
        var verdict = Decide(d, site, facts, fresh, run);
        if (d.Chemistry == CellChemistry.LithiumPrimary)
        {
            verdict = verdict.With(CautionId.LithiumCell);
        }
        if (site.Leaking)
        {
            verdict = verdict.With(CautionId.LeakingCell);
        }
        var curve = run is null ? [] : RunTime.Curve(d.Chemistry, d.MilliampHours, site.DrainMicroamps!.Value, d.Cells, d.Drop);
        return new(
            d.Kind,
            d.Name,
            d.Chemistry,
            fresh,
            end,
            run,
            d.Asks,
            check,
            verdict,
            facts.Leaks,
            d.Sits,
            d.Space,
            d.Lead,
            d.Risk,
            curve
        );
    }

    static Verdict Decide(Draft d, CellSite site, CellFacts facts, double fresh, RunTimeResult? run)
    {
        var question = $"{d.Name}?";
        var volts = new Figure("At the chip, fresh", fresh, "V", site.WindowLowVolts, site.WindowHighVolts);
        Verdict No(string sentence, Reason reason, params string[] change) =>
            Verdict.Of(question, Outcome.No, sentence, Basis.Rule, reason).Changing(change);

        if (!facts.Rechargeable && !d.Blocks && site.Charges == ThreeState.Yes)
        {
            return facts.Chemistry == CellChemistry.LithiumPrimary
                ? No(
                        "Do not fit: this line charges, and a primary lithium cell must never be charged. Fit a blocking diode, or use the holder kit with AA cells behind one.",
                        new(
                            $"The board puts {(site.ChargeVolts is { } cv ? $"{Si.Plain(cv)} V" : "its charging volts")} on the cell.",
                            Source: "IEC 60086-4: primary lithium cells are never charged"
                        ),
                        "A charging line that has been cut and measured dead."
                    )
                    .Final()
                : No(
                    "Do not fit: this line charges, and primary cells leak when they are charged. Put a blocking diode in the lead.",
                    new("Charging makes gas in a primary cell, and the gas drives its electrolyte out.", Source: "IEC 60086-5"),
                    "A blocking diode, or a charging line cut and measured dead."
                );
        }

        if (facts.Rechargeable && site.Charges == ThreeState.No)
        {
            return No(
                "Do not fit: nothing on this board charges it, and it would be flat within the year.",
                new(
                    $"It loses {Si.Plain(facts.SelfDischargePerYear * 100)} % a year by itself.",
                    new("Self-discharge", facts.SelfDischargePerYear * 100, "%")
                ),
                "A charging line measured on the board."
            );
        }

        if (
            d.Kind == ReplacementKind.RechargeableCoin
            && site.ChargeVolts is { } charge
            && charge is > RechargeableCoinMostVolts or < RechargeableCoinLeastVolts
        )
        {
            return No(
                charge > RechargeableCoinMostVolts
                    ? $"Do not fit: the line charges to {Si.Plain(charge)} V, and this cell bears {Si.Plain(RechargeableCoinMostVolts)} V."
                    : $"Do not fit: the line reaches {Si.Plain(charge)} V, too little to charge this cell.",
                new(
                    "A rechargeable lithium coin is charged to 2.8 to 3.2 V.",
                    new("Charging line", charge, "V", RechargeableCoinLeastVolts, RechargeableCoinMostVolts),
                    "typical data sheets of manganese-lithium coins"
                ),
                "A regulator or divider that holds the line to 3.1 V."
            );
        }

        if (facts.Rechargeable && site.ChargeMilliamps is { } current && site.Charges == ThreeState.Yes)
        {
            var most = d.Kind == ReplacementKind.RechargeableCoin ? RechargeableCoinMostMilliamps : d.MilliampHours * NickelTrickleShare;
            if (current > most)
            {
                return No(
                    $"Do not fit: the line gives {Si.Plain(current)} mA, and this cell bears {Si.Plain(most)} mA for ever.",
                    new(
                        "More than it can bear turns into heat and gas.",
                        new("Charging line", current, "mA", null, most),
                        d.Kind == ReplacementKind.RechargeableCoin
                            ? "typical data sheets of manganese-lithium coins"
                            : "a tenth of the capacity, IEC 61951"
                    ),
                    $"A resistor in the line that holds it to {Si.Plain(most)} mA."
                );
            }
        }

        if (site.WindowHighVolts is { } high && fresh > high)
        {
            return No(
                $"Do not fit: {Si.Plain(fresh)} V fresh is more than the {Si.Plain(high)} V that the chip bears.",
                new("The chip's backup pin has a highest volts.", volts),
                "One cell fewer, or a silicon diode in the lead."
            );
        }

        if (site.WindowLowVolts is { } low && fresh <= low)
        {
            return No(
                $"Do not fit: {Si.Plain(fresh)} V is left at the chip, and it needs {Si.Plain(low)} V.",
                new($"{Si.Plain(facts.FreshVolts * d.Cells)} V less {Si.Plain(d.Drop)} V of the diode.", volts),
                "A diode with a lower drop, or one cell more."
            );
        }

        if (run is { UsableShare: < 0.05 })
        {
            return No(
                $"Do not fit: only {Si.Plain(Math.Round(run.UsableShare * 100))} % of its capacity lies above the chip's least volts.",
                new("It falls out of the window almost at once.", volts),
                "A diode with a lower drop, or one cell more."
            );
        }

        if (run is { Years.Likely: < LeastYears })
        {
            return No(
                $"Do not fit: it would be empty in {Span(run.Years.Likely)}.",
                new(
                    $"{Si.Plain(Math.Round(run.UsableShare * 100))} % of its capacity lies above the chip's least volts, against a drain of {Si.Plain(site.DrainMicroamps ?? 0)} µA.",
                    volts
                ),
                "A diode with a lower drop, one cell more, or less drain."
            );
        }

        if (d.Kind == ReplacementKind.HolderOnLead && site.RoomForHolder == ThreeState.No)
        {
            return No(
                "Do not fit: there is no room in the case for a holder.",
                new("Somebody looked, and there is none."),
                "A place outside the shield."
            );
        }

        return Allowed(d, site, facts, fresh, run, question, volts);
    }

    static Verdict Allowed(Draft d, CellSite site, CellFacts facts, double fresh, RunTimeResult? run, string question, Figure volts)
    {
        var reasons = new List<Reason>
        {
            new(
                site.WindowLowVolts is null
                    ? $"{Si.Plain(fresh)} V at the chip when fresh; its window is not known."
                    : $"{Si.Plain(fresh)} V at the chip when fresh.",
                volts
            ),
        };
        if (d.Drop > 0)
        {
            reasons.Add(
                new(
                    $"The diode takes {Si.Plain(d.Drop)} V and keeps the board from charging the cell.",
                    new("Diode", d.Drop, "V"),
                    "forward drop at microamps, small-signal diode data sheets"
                )
            );
        }
        if (run is not null)
        {
            reasons.Add(
                new(
                    $"Runs {Span(run.Years.Low)} to {Span(run.Years.High)}, {Span(run.Years.Likely)} likely.",
                    new("Runs", Math.Round(run.Years.Likely, 1), "years"),
                    "capacity against drain and self-discharge"
                )
            );
        }
        if (facts.Leaks != LeakReaction.None)
        {
            reasons.Add(
                new(
                    d.Kind == ReplacementKind.HolderOnLead
                        ? $"It will leak one day ({(facts.Leaks == LeakReaction.Alkaline ? "alkaline" : "acid")}), but into a holder and not onto the board."
                        : $"It will leak one day ({(facts.Leaks == LeakReaction.Alkaline ? "alkaline" : "acid")}), onto the board."
                )
            );
        }

        var unknown = new List<string>();
        if (site.Charges == ThreeState.NotKnown && (!facts.Rechargeable && !d.Blocks || facts.Rechargeable))
        {
            unknown.Add("Whether the line charges: cell out, board on, volts from the cell's plus pad to ground.");
        }
        if (facts.Rechargeable && site.Charges == ThreeState.Yes && site.ChargeVolts is null && d.Kind == ReplacementKind.RechargeableCoin)
        {
            unknown.Add("The charging line's volts with the cell out and the board on.");
        }
        if (unknown.Count > 0)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Cannot say yet: {char.ToLowerInvariant(unknown[0][0])}{unknown[0][1..]}",
                    Basis.Guess,
                    reasons
                )
                .Changing(unknown);
        }

        var ifs = new List<string>();
        if (site.WindowLowVolts is null)
        {
            ifs.Add("the chip keeps its data down to the volts this cell falls to");
        }
        if (d.Kind == ReplacementKind.HolderOnLead && site.RoomForHolder == ThreeState.NotKnown)
        {
            ifs.Add("there is room in the case for a holder");
        }
        if (d.Kind == ReplacementKind.LikeForLike && facts.Leaks != LeakReaction.None)
        {
            ifs.Add(
                $"somebody looks at it every {(facts.CheckYears <= 1 ? "year" : $"{Si.Plain(facts.CheckYears)} years")}, because it leaks onto the board in the end"
            );
        }
        if (d.Kind is ReplacementKind.ModuleSocketed or ReplacementKind.ModuleOnCarrier)
        {
            ifs.Add("every pad under the module is sound after it is out");
        }
        if (d.Kind == ReplacementKind.ModuleReworked)
        {
            ifs.Add("a steady hand opens the moulding; a slip breaks the module for good");
        }
        if (facts.Chemistry == CellChemistry.LithiumPrimary && d.Blocks && site.Charges == ThreeState.Yes)
        {
            ifs.Add("the diode is measured after soldering: less than 1 µA back into the cell");
        }
        var yes = ifs.Count == 0;
        var sentence =
            run is { } r ? $"lasts about {Span(r.Years.Likely)}"
            : facts.Rechargeable ? "is kept charged by the board"
            : "its years cannot be told until the drain is measured";
        return Verdict
            .Of(
                question,
                yes ? Outcome.Yes : Outcome.YesIf,
                yes
                    ? $"Fits: {Si.Plain(fresh)} V at the chip, and it {sentence}."
                    : $"Fits if {string.Join(", and ", ifs)}. It {sentence}.".Replace("It its", "Its", StringComparison.Ordinal),
                site.WindowLowVolts is null || site.DrainMicroamps is null ? Basis.Guess : Basis.Rule,
                reasons
            )
            .Changing(site.DrainMicroamps is null ? ["The drain: a meter in the cell's lead with the machine off, in microamps."] : []);
    }

    static string Span(double years) =>
        years < 0.2 ? $"{Math.Max(1, Math.Round(years * 52))} weeks"
        : years < 1.5 ? $"{Math.Round(years * 12)} months"
        : $"{Si.Plain(years >= RunTime.LongestYears ? RunTime.LongestYears : Math.Round(years * 2) / 2)} years";

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
