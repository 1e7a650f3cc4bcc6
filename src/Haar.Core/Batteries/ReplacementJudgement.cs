using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>How one option is judged: what this line, this window and this case allow.</summary>
public static partial class Replacement
{
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
        if (d.Chemistry.IsPrimaryLithium())
        {
            verdict = verdict.With(CautionId.LithiumCell);
        }
        if (site.Leaking != ThreeState.No)
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

    static string Time(double years) =>
        years < 1
            ? $"{Si.Plain(Math.Max(1, Math.Round(years * 12)))} {(Math.Round(years * 12) <= 1 ? "month" : "months")}"
            : $"{Si.Plain(Math.Round(years, 1))} {(Math.Round(years, 1) == 1 ? "year" : "years")}";

    static Verdict Decide(Draft d, CellSite site, CellFacts facts, double fresh, RunTimeResult? run)
    {
        var question = $"{d.Name}?";
        var volts = new Figure("At the chip, fresh", fresh, "V", site.WindowLowVolts, site.WindowHighVolts);
        Verdict No(string sentence, Reason reason, params string[] change) =>
            Verdict.Of(question, Outcome.No, sentence, Basis.Rule, reason).Changing(change);

        if (!facts.Rechargeable && !d.Blocks && site.Charges == ThreeState.Yes)
        {
            return facts.Chemistry.IsPrimaryLithium()
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
                run is { Years: { } flat }
                    ? $"Do not fit: nothing on this board charges it, and after {Time(flat.Low)} to {Time(flat.High)} it would be flat for good."
                    : "Do not fit: nothing on this board charges it, and once it has run down it would stay flat.",
                new(
                    $"It loses {Si.Plain(facts.SelfDischargePerYear * 100)} % a year by itself.",
                    new("Self-discharge", facts.SelfDischargePerYear * 100, "%")
                ),
                "A charging line measured on the board."
            );
        }

        if (
            d.Chemistry.ChargeWindow() is { } window
            && site.Charges != ThreeState.No
            && site.ChargeVolts is { } charge
            && (charge > window.Most || charge < window.Least)
        )
        {
            return No(
                charge > window.Most
                    ? $"Do not fit: the line charges to {Si.Plain(charge)} V, and this cell bears {Si.Plain(window.Most)} V."
                    : $"Do not fit: the line reaches {Si.Plain(charge)} V, too little to charge this cell.",
                new(
                    d.Chemistry == CellChemistry.LithiumRechargeable
                        ? "A rechargeable lithium coin is charged to 2.8 to 3.2 V."
                        : $"A {d.Chemistry.Words()} is charged to {Si.Plain(window.Least)} to {Si.Plain(window.Most)} V.",
                    new("Charging line", charge, "V", window.Least, window.Most),
                    "typical data sheets of lithium coins that are charged"
                ),
                $"A regulator or divider that holds the line to {Si.Plain(Math.Round((window.Least + window.Most) / 2, 1))} V."
            );
        }

        if (facts.Rechargeable && site.ChargeMilliamps is { } current && site.Charges == ThreeState.Yes)
        {
            var most = d.Chemistry.ChargeWindow() is not null ? RechargeableCoinMostMilliamps : d.MilliampHours * NickelTrickleShare;
            if (current > most)
            {
                return No(
                    $"Do not fit: the line gives {Si.Plain(current)} mA, and this cell bears {Si.Plain(most)} mA for ever.",
                    new(
                        "More than it can bear turns into heat and gas.",
                        new("Charging line", current, "mA", null, most),
                        d.Chemistry.ChargeWindow() is not null
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
        if (site.NominalVolts is null && d.Kind is ReplacementKind.LikeForLike or ReplacementKind.HolderOnLead)
        {
            unknown.Add("The volts that are printed on the cell: how many cells go in follows from them.");
        }
        if (site.WindowHighVolts is null && !SameCell(d, site))
        {
            unknown.Add(
                $"The most volts that the chip bears: this gives it {Si.Plain(fresh)} V. Its data sheet says so, beside its backup pin."
            );
        }
        if (facts.Rechargeable && site.Charges == ThreeState.Yes && site.ChargeMilliamps is null)
        {
            unknown.Add("The current of the charging line: the third of the three readings, with a resistor across the pads.");
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
        if (site.WindowHighVolts is null)
        {
            ifs.Add("the cell that came out is the kind that the board was made for");
        }
        if (run is null && !(facts.Rechargeable && site.Charges == ThreeState.Yes))
        {
            ifs.Add("somebody looks at it every year until the drain is measured");
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
        if (facts.Chemistry.IsPrimaryLithium() && d.Blocks && site.Charges != ThreeState.No)
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

    /// <summary>The very cell that was there: what the board was made for it bears, whatever its sheet says. Known by its chemistry and its printed volts.</summary>
    static bool SameCell(Draft d, CellSite site) =>
        d.Kind == ReplacementKind.LikeForLike && site.NominalVolts is not null && site.Cell == d.Chemistry
        || d.Kind is ReplacementKind.CoinInHolder && site is { CoinHolder: true, Cell: CellChemistry.LithiumPrimary }
        || d.Kind is ReplacementKind.ModuleSocketed or ReplacementKind.ModuleReworked or ReplacementKind.ModuleOnCarrier;

    static string Span(double years) =>
        years < 0.2 ? $"{Math.Max(1, Math.Round(years * 52))} weeks"
        : years < 1.5 ? $"{Math.Round(years * 12)} months"
        : $"{Si.Plain(years >= RunTime.LongestYears ? RunTime.LongestYears : Math.Round(years * 2) / 2)} years";
}
