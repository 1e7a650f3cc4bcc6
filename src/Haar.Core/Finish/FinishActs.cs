using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What an act on one panel is decided on.</summary>
public sealed record FinishFacts(Machine Machine, SheetMetal Panel, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>One step on a panel, when it is its turn and can be true.</summary>
/// <param name="Ph">Of wet pH paper on it, for the residue and after neutralising.</param>
/// <param name="Celsius">Of the air, for a coat.</param>
/// <param name="Humidity">Relative, percent, for a coat.</param>
/// <param name="Apart">ΔE00 of the dried card against the part; null by eye.</param>
/// <param name="Looks">The dried card looks like the part; its mating parts fit. Not known counts as no.</param>
/// <param name="Wet">Rust came off wet, with a mask on. Not known counts as no.</param>
/// <param name="Ohms">The worst earth point against the inlet's earth pin.</param>
public sealed record TakeFinishStep(
    FinishStep Step,
    double? Ph = null,
    double? Celsius = null,
    double? Humidity = null,
    double? Apart = null,
    ThreeState Looks = ThreeState.NotKnown,
    ThreeState Wet = ThreeState.NotKnown,
    double? Ohms = null
) : Command<FinishFacts>
{
    public override Permit May(FinishFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("ph", Ph, 0, 14, "");
        InvalidInputException.Finite("celsius", Celsius, -20, 50, "°C");
        InvalidInputException.Finite("humidity", Humidity, 0, 100, "%");
        InvalidInputException.Finite("apart", Apart, 0, 200, "");
        InvalidInputException.Finite("ohms", Ohms, 0, 1e9, "Ω");
        var m = f.Panel;
        if (FinishSteps.Procedure.Turn(m, Step) is { Granted: false } turn)
        {
            return m.StaysAsItIs ? new(FinishSteps.Stand(m), "step") : turn;
        }
        var s = m.Sheet;
        return Step switch
        {
            FinishStep.ReadResidue when Ph is null => Permit.No("ph", "What does the wet pH paper read?"),
            FinishStep.Neutralise when Ph is not (>= 6 and <= 8) => Permit.No(
                "ph",
                "Not yet: rinse until wet pH paper on it reads 6 to 8."
            ),
            FinishStep.RemoveRust => Removing(m),
            FinishStep.TrueUp when Looks != ThreeState.Yes => Permit.No(
                "looks",
                "Not yet: it is true when its mating parts fit without force."
            ),
            FinishStep.Prime => Laying(f, now, s.DriedAt, true),
            // Measured on a photo, the eye may still say no; not measured, it has to say yes.
            FinishStep.TestCard
                when (Apart is null ? Looks != ThreeState.Yes : Looks == ThreeState.No) || Apart >= Colour.ColourDifference.PlainFrom =>
                Permit.No(
                    "looks",
                    Apart >= Colour.ColourDifference.PlainFrom
                        ? $"Another shade: the dried card is {Si.Plain(Math.Round(Apart.Value, 1))} from the part, and anybody sees that."
                        : "Another shade: what looks right on the cap or wet is not the shade. Let a card dry, and hold it against the part in daylight."
                ),
            FinishStep.Coat => Laying(f, now, s.Coats.Count > 0 ? s.Coats[^1].At : s.Primer?.At, false),
            FinishStep.Cure when FinishSteps.From(m) > now => Permit.No(
                "step",
                $"Not yet: it cures until {FinishSteps.From(m)!.Value.ToString("HH:mm 'on' d MMMM", System.Globalization.CultureInfo.InvariantCulture)} UTC by its sheet."
            ),
            FinishStep.EarthPoints when Ohms is null => Permit.No(
                "ohms",
                "What does the worst earth point read against the inlet's earth pin?"
            ),
            FinishStep.EarthPoints when Ohms > Rust.MostEarthOhms => new(
                Verdict
                    .Of(
                        "Does it earth?",
                        Outcome.No,
                        $"No: {Si.Plain(Ohms!.Value)} Ω, and {Si.Plain(Rust.MostEarthOhms)} Ω is the most. Bare the metal under its screw and measure again.",
                        Basis.Measured,
                        new Reason(
                            "A case that does not earth is live when something comes loose inside.",
                            new("Earth", Ohms.Value, "Ω", null, Rust.MostEarthOhms),
                            "IEC 62368-1, 5.6.6"
                        )
                    )
                    .Changing("Bare metal, and a toothed washer.")
                    .With(CautionId.MainsSupply)
                    .Final(),
                "ohms"
            ),
            _ => Permit.Yes(),
        };
    }

    Permit Removing(SheetMetal m)
    {
        if (m.Rusted() is not { } plan)
        {
            return Permit.No("rustedPercent", "First, how much of it is rusted: a photo with the panel outlined, or a figure by eye.");
        }
        return plan.Verdict.Outcome is Outcome.No or Outcome.Unknown ? new(plan.Verdict.Final(), "step")
            : plan.Verdict.Outcome == Outcome.YesIf && Wet != ThreeState.Yes
                ? Permit.No("wet", "Its paint may hold lead or chromate: wet only, with a mask, and wiped up. Nothing dry.")
            : Permit.Yes();
    }

    /// <summary>A coat goes on when the weather is right, and the ground is neither too fresh nor too old.</summary>
    Permit Laying(FinishFacts f, DateTimeOffset now, DateTimeOffset? ground, bool primer)
    {
        var m = f.Panel;
        var plan = Finish.Paint.Plan(m.SquareCentimetres, primer ? 1 : m.Coats, Celsius, Humidity, null, m.Paint);
        var what = new Overrulable(
            OverruleKind.Coat,
            f.Machine.Id,
            $"{m.Id}/{Step}",
            Overrulable.Fingerprint(m.Sheet.Coats.Count, Celsius, Humidity, m.Sheet.DriedAt)
        );
        if (plan.Verdict.Outcome is Outcome.No or Outcome.Unknown)
        {
            return plan.Verdict.Outcome == Outcome.Unknown
                ? new(plan.Verdict.Final(), "celsius")
                : Permit.By(plan.Verdict, "celsius", what, f.Overrules);
        }
        if (ground is not { } at)
        {
            return new(plan.Verdict, "");
        }
        var minutes = (now - at).TotalMinutes;
        Verdict? against =
            primer && m.Sheet.RustOffAt is not null && minutes > Rust.FlashRustHours * 60
                ? Verdict
                    .Of(
                        "May it be primed?",
                        Outcome.No,
                        $"It has lain bare for {Si.Plain(Math.Round(minutes / 60, 1))} h, and bare steel rusts again within {Si.Plain(Rust.FlashRustHours)} h: go over it once more.",
                        Basis.Rule,
                        new Reason(
                            "Paint over flash rust lifts within the year.",
                            new("Bare", Math.Round(minutes / 60, 2), "h", null, Rust.FlashRustHours),
                            "practice of painters"
                        )
                    )
                    .Changing("The rust taken off once more, and dried.")
            : primer ? null
            : minutes < m.Paint.RecoatFromMinutes
                ? Verdict
                    .Of(
                        "May the next coat go on?",
                        Outcome.No,
                        $"Not yet: {Si.Plain(Math.Ceiling(m.Paint.RecoatFromMinutes - minutes))} min more, or it runs.",
                        Basis.Rule,
                        new Reason("By its sheet.", new("Since the last", Math.Round(minutes), "min", m.Paint.RecoatFromMinutes))
                    )
                    .Changing("The time over.")
            : minutes > m.Paint.RecoatUntilMinutes && minutes < m.Paint.RecoatAgainHours * 60
                ? Verdict
                    .Of(
                        "May the next coat go on?",
                        Outcome.No,
                        $"Too late, and too soon: the window closed {Si.Plain(Math.Round(minutes - m.Paint.RecoatUntilMinutes))} min ago, and opens again {Si.Plain(m.Paint.RecoatAgainHours)} h after the last coat. Between, it wrinkles.",
                        Basis.Rule,
                        new Reason(
                            "By its sheet.",
                            new("Since the last", Math.Round(minutes), "min", m.Paint.RecoatFromMinutes, m.Paint.RecoatUntilMinutes)
                        )
                    )
                    .Changing("Tomorrow, after a light rub.")
            : null;
        return against is null ? new(plan.Verdict, "") : Permit.By(against, "step", what, f.Overrules);
    }

    protected override Done Do(FinishFacts f, Moment at)
    {
        var m = f.Panel;
        var s = m.Sheet;
        m.Sheet = Step switch
        {
            FinishStep.ReadResidue => s with { ResidueAt = at.Now, ResiduePh = Ph },
            FinishStep.Neutralise => s with { NeutralisedAt = at.Now },
            FinishStep.Mask => s with { MaskedAt = at.Now },
            FinishStep.RemoveRust => s with { RustOffAt = at.Now },
            FinishStep.Dry => s with { DriedAt = at.Now },
            FinishStep.TrueUp => s with { TruedAt = at.Now },
            FinishStep.Prime => s with { Primer = new(at.Now, Celsius!.Value, Humidity!.Value) },
            FinishStep.TestCard => s with { CardAt = at.Now, CardApart = Apart },
            FinishStep.Coat => s with { Coats = [.. s.Coats, new(at.Now, Celsius!.Value, Humidity!.Value)] },
            FinishStep.Cure => s with { CuredAt = at.Now },
            FinishStep.Oil => s with { OiledAt = at.Now },
            _ => s with { EarthAt = at.Now, EarthOhms = Ohms },
        };
        var name = Words.Capital(m.Name);
        return new(
            Step switch
            {
                FinishStep.ReadResidue =>
                    $"{name}: pH paper reads {Si.Plain(Ph!.Value)}{(Ph is < 6 or > 8 ? ", so a residue lies on it" : "")}.",
                FinishStep.Coat =>
                    $"{name}: coat {m.Sheet.Coats.Count} of {m.Coats} laid at {Si.Plain(Celsius!.Value)} °C and {Si.Plain(Humidity!.Value)} %.",
                FinishStep.Prime => $"{name} primed at {Si.Plain(Celsius!.Value)} °C and {Si.Plain(Humidity!.Value)} %.",
                FinishStep.EarthPoints => $"{name}: its earth points read {Si.Plain(Ohms!.Value)} Ω at most.",
                FinishStep.Neutralise => $"{name}: neutralised and rinsed, pH {Si.Plain(Ph!.Value)}.",
                FinishStep.Mask => $"{name}: threads, rails and earth points masked.",
                FinishStep.RemoveRust => $"{name}: the rust is off.",
                FinishStep.Dry => $"{name}: rinsed and dried.",
                FinishStep.Oil => $"{name}: a film of oil on what is bare.",
                FinishStep.TrueUp => $"{name}: trued, and its mating parts fit.",
                FinishStep.TestCard =>
                    $"{name}: the dried test card {(Apart is { } e ? $"is {Si.Plain(Math.Round(e, 1))} from the part" : "looks like the part")}.",
                _ => $"{name}: cured.",
            },
            m.Id
        );
    }
}

/// <summary>It has begun to rust again: once more from there. What is neutralised, masked and true stays so.</summary>
public sealed record RustAgain : Command<FinishFacts>
{
    public override Permit May(FinishFacts f, DateTimeOffset now) =>
        f.Panel.Sheet is { RustOffAt: not null, Primer: null, OiledAt: null }
            ? Permit.Yes()
            : Permit.No("step", $"{Words.Capital(f.Panel.Name)} does not lie bare.");

    protected override Done Do(FinishFacts f, Moment at)
    {
        f.Panel.Sheet = f.Panel.Sheet with { RustOffAt = null, DriedAt = null };
        return new($"{Words.Capital(f.Panel.Name)}: over it once more.", f.Panel.Id);
    }
}

/// <summary>The panel was done already, or otherwise: its earth points are still measured, and what leaked on it is still read.</summary>
public sealed record PanelOtherwise(SaidOtherwise Said) : DoOtherwise<FinishFacts>(Said)
{
    protected override bool ShownLater => false;

    protected override (Guid MachineId, Guid Id, string Name) About(FinishFacts f) => (f.Panel.MachineId, f.Panel.Id, f.Panel.Name);

    protected override string NotClaimed(FinishFacts f) =>
        f.Panel.Coats > 0
            ? "Which paint lies on it and whether its windows were kept is not known."
            : "How the rust came off is not known.";

    protected override Permit Possible(FinishFacts f, DateTimeOffset now) =>
        f.Panel.Next is null ? Permit.No("step", "Every step on this panel is done.")
        : f.Panel.Next == FinishStep.EarthPoints ? Permit.No("step", "Its earth points are left: only a reading stands for them.")
        : Permit.Yes();

    protected override Done Mark(FinishFacts f, DateTimeOffset when, Done done)
    {
        f.Panel.Sheet = f.Panel.Sheet with { OtherwiseAt = when };
        return done;
    }
}
