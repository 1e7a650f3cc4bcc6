using System.Runtime.CompilerServices;
using Haar.Core.Markings;

namespace Haar.Core.Capacitors;

/// <summary>A rule's answer for one candidate: a <see cref="SubstitutionRule"/> that takes no room of its own, since thousands are asked for at once. The text is empty when nobody reads it.</summary>
readonly record struct Ruling(string Rule, RuleResult Result, string Text);

/// <summary>The rules of <see cref="Substitution"/>, one by one. Each answers for one original and one candidate, and words its answer only when somebody will read it.</summary>
static class SubstitutionRules
{
    public const int Count = 11;

    /// <summary>The rules by number, the most telling first; null where one does not apply.</summary>
    public static Ruling? At(
        int number,
        CapacitorSpec original,
        CapacitorRole role,
        DrawerCandidate candidate,
        DateOnly today,
        double? headroomMillimetres,
        bool speak
    ) =>
        number switch
        {
            0 => original.SafetyClass is not null || role == CapacitorRole.MainsFilter || original.Kind.IsMainsFilter()
                ? SafetyClass(speak, original, candidate.Spec)
            // What has no polarity and bears the mains, or may, may lie across them.
            : role == CapacitorRole.Unknown && original is { Polarised: false, RatedVolts: null or >= 200 }
                ? Rule(speak, "safety class", RuleResult.NotKnown, "Whether its place is across the mains: there it wants a safety class.")
            : null,
            1 => Volts(speak, original, candidate.Spec),
            2 => Value(speak, original, role, candidate.Spec),
            3 => Technology(speak, original, role, candidate.Spec),
            4 => Esr(speak, original, role, candidate.Spec),
            5 => Temperature(speak, original, candidate.Spec),
            6 => Size(
                speak,
                "height",
                headroomMillimetres ?? original.HeightMillimetres,
                candidate.Spec.HeightMillimetres,
                headroomMillimetres
            ),
            7 => Size(speak, "diameter", original.DiameterMillimetres is { } d ? d + 1.5 : null, candidate.Spec.DiameterMillimetres, null),
            8 => Pitch(speak, original, candidate.Spec),
            9 => Ripple(speak, original, role, candidate.Spec),
            _ => Age(speak, candidate.Spec, candidate.BoughtOn, today),
        };

    static Ruling Rule(bool speak, string rule, RuleResult result, [InterpolatedStringHandlerArgument(nameof(speak))] ref Said text) =>
        new(rule, result, text.Text());

    static Ruling Rule(bool speak, string rule, RuleResult result, string text) => new(rule, result, speak ? text : "");

    /// <summary>A sentence whose figures are only formatted when somebody will read it.</summary>
    [InterpolatedStringHandler]
    internal ref struct Said
    {
        DefaultInterpolatedStringHandler inner;
        readonly bool speak;

        public Said(int literalLength, int formattedCount, bool speak, out bool go)
        {
            go = this.speak = speak;
            if (speak)
            {
                inner = new(literalLength, formattedCount, System.Globalization.CultureInfo.InvariantCulture);
            }
        }

        public void AppendLiteral(string value) => inner.AppendLiteral(value);

        public void AppendFormatted<T>(T value) => inner.AppendFormatted(value);

        public void AppendFormatted<T>(T value, string? format) => inner.AppendFormatted(value, format);

        public string Text() => speak ? inner.ToStringAndClear() : "";
    }

    static Ruling Volts(bool speak, CapacitorSpec o, CapacitorSpec c)
    {
        if (o.RatedVolts is not { } need || c.RatedVolts is not { } has)
        {
            return Rule(
                speak,
                "volts",
                RuleResult.Open,
                o.RatedVolts is { } n
                    ? $"Nobody knows its rated volts, and the old part has {Si.Plain(n)} V."
                    : "Nobody knows the volts of the old part: read its print, or the line under power, and take a part rated above it."
            );
        }

        // A tantalum is used at half its rated volts where the source impedance is low; common reliability guidance.
        if (c.Kind.IsTantalum() && !o.Kind.IsTantalum() && has < 2 * need - 1e-9)
        {
            return Rule(
                speak,
                "volts",
                RuleResult.Broken,
                $"A tantalum in place of an electrolytic wants twice the old rating: {Si.Plain(has)} V is less than {Si.Plain(2 * need)} V."
            );
        }

        return has < need
            ? Rule(speak, "volts", RuleResult.Broken, $"It is rated for {Si.Plain(has)} V, the old part for {Si.Plain(need)} V.")
            : Rule(speak, "volts", RuleResult.Met, $"{Si.Plain(has)} V for {Si.Plain(need)} V.");
    }

    static Ruling Value(bool speak, CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (!o.ValueKnown)
        {
            return Rule(speak, "value", RuleResult.NotKnown, "It has the value of the old part, which nobody could read.");
        }
        var (least, most) = Substitution.ValueRange(role, o);
        var ratio = c.Microfarads / o.Microfarads;
        var result =
            ratio < least - 1e-9 || ratio > most + 1e-9 ? RuleResult.Broken
            : ratio > 1 + Substitution.SameValueShare || ratio < 1 - Substitution.SameValueShare ? RuleResult.JustMet
            : RuleResult.Met;
        return result != RuleResult.Met
            ? Rule(
                speak,
                "value",
                result,
                $"{Si.Format(c.Microfarads * 1e-6, "F")} for {Si.Format(o.Microfarads * 1e-6, "F")}; {Substitution.RoleWords(role)} bears {Si.Plain(Math.Round(least * 100))} to {Si.Plain(Math.Round(most * 100))} %."
            )
            : Rule(speak, "value", RuleResult.Met, $"{Si.Format(c.Microfarads * 1e-6, "F")}, the same value.");
    }

    /// <summary>No leads on pads, no pads over holes.</summary>
    internal static bool Mounts(CapacitorKind original, CapacitorKind candidate) =>
        original.IsSurfaceMount() ? !candidate.IsLeaded() : original == CapacitorKind.Unknown || !candidate.IsSurfaceMount();

    static Ruling Technology(bool speak, CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (!Mounts(o.Kind, c.Kind) && o.Kind.IsSurfaceMount())
        {
            return Rule(speak, "mounting", RuleResult.Broken, "It has leads, and the board has pads for a surface-mount part.");
        }

        if (!Mounts(o.Kind, c.Kind))
        {
            return Rule(speak, "mounting", RuleResult.Broken, "It is a surface-mount part, and the board has holes.");
        }

        if (!o.Polarised && o.Kind != CapacitorKind.Unknown && c.Polarised)
        {
            return Rule(speak, "polarity", RuleResult.Broken, "It is polarised and the old part is not: the line may swing both ways.");
        }

        if (c.Kind == CapacitorKind.MainsFilterPaper)
        {
            return Rule(
                speak,
                "kind",
                RuleResult.Broken,
                "A moulded paper part cracks and smokes as the old one did: a film one of the same class."
            );
        }

        if (role != CapacitorRole.Unknown && KindInPlace(speak, o, role, c) is { } forbidden)
        {
            return forbidden;
        }

        if (c.Kind == CapacitorKind.Ceramic && o.Kind.IsElectrolytic() && o.RatedVolts is { } ov && c.RatedVolts is { } cv && cv < 2 * ov)
        {
            return Rule(
                speak,
                "kind",
                RuleResult.Broken,
                $"A ceramic loses half its value near its rated volts: it wants at least {Si.Plain(2 * ov)} V here."
            );
        }

        if (o.Kind == CapacitorKind.Unknown || c.Kind == CapacitorKind.Unknown)
        {
            return Rule(
                speak,
                "kind",
                RuleResult.Open,
                o.Kind == CapacitorKind.Unknown
                    ? "Nobody knows of which kind the old part is, and so which way round its place is: look what it is."
                    : "Nobody knows of which kind it is: look what it is."
            );
        }

        if (role == CapacitorRole.Unknown && Enum.GetValues<CapacitorRole>().Any(r => KindInPlace(false, o, r, c) is not null))
        {
            return Rule(
                speak,
                "kind",
                RuleResult.NotKnown,
                $"Its place is one in which a {c.Kind.Words()} may stand for a {o.Kind.Words()}: look what it does there."
            );
        }

        return Rule(speak, "kind", RuleResult.Met, $"A {c.Kind.Words()} in the place of a {o.Kind.Words()}.");
    }

    /// <summary>What a place of that duty does not bear of the new part's kind; null where it bears it, or nobody knows the duty.</summary>
    static Ruling? KindInPlace(bool speak, CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (role == CapacitorRole.Timing && c.Kind == CapacitorKind.Ceramic && o.Kind != CapacitorKind.Ceramic)
        {
            return Rule(
                speak,
                "kind",
                RuleResult.Broken,
                "A large ceramic loses value with volts and heat, which a timing circuit cannot bear."
            );
        }

        if (role == CapacitorRole.Coupling && o.Kind.IsElectrolytic() && c.Kind == CapacitorKind.Ceramic)
        {
            return Rule(speak, "kind", RuleResult.Broken, "A ceramic in the sound path adds distortion and sings.");
        }

        if (role == CapacitorRole.Coupling && o.Kind.IsElectrolytic() && c.Kind is CapacitorKind.Polymer)
        {
            return Rule(
                speak,
                "kind",
                RuleResult.JustMet,
                "A polymer leaks ten times more than an electrolytic: listen for a thump or a scratching volume knob after fitting."
            );
        }

        if (role == CapacitorRole.Timing && c.Kind is CapacitorKind.Polymer && o.Kind != CapacitorKind.Polymer)
        {
            return Rule(speak, "kind", RuleResult.Broken, "A polymer's leakage shifts a timing circuit.");
        }

        if (
            role is CapacitorRole.SwitchingOutput or CapacitorRole.RegulatorOutput
            && o.Kind.IsElectrolytic()
            && c.Kind is CapacitorKind.Ceramic or CapacitorKind.Film
        )
        {
            return Rule(
                speak,
                "kind",
                RuleResult.Broken,
                $"The loop needs the old part's resistance, and a {c.Kind.Words()} has next to none: it may oscillate."
            );
        }

        return null;
    }

    /// <summary>Ohms that a part of this kind usually has at 100 kHz when its data sheet is not at hand; null where nothing tells.</summary>
    internal static double? Expected(CapacitorSpec s) =>
        s.EsrOhms
        ?? (
            s.Kind == CapacitorKind.Polymer ? 0.02
            : s.Kind == CapacitorKind.Ceramic ? 0.005
            : s.Kind == CapacitorKind.Film ? 0.01
            : s.Kind.IsAluminium() && s.ValueKnown && s.RatedVolts is { } v
                ? CapacitorJudge.TypicalEsrOhms(s.Microfarads, v, 100_000) * (s.Kind == CapacitorKind.AluminiumLowEsr ? 0.25 : 1)
            : null
        );

    static Ruling Esr(bool speak, CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (role == CapacitorRole.Unknown)
        {
            // Whatever its place turns out to be: no worse for a switching supply, and not blindly lower for a regulator.
            return o.EsrOhms is { } was && c.EsrOhms is { } has && has <= was * 1.05 && has >= was * 0.2
                ? Rule(speak, "ESR", RuleResult.Met, $"About {Si.Format(has, "Ω", 2)}, the old part {Si.Format(was, "Ω", 2)}.")
                : Rule(speak, "ESR", RuleResult.NotKnown, "Its place bears another ESR: look whether it smooths a supply or a regulator.");
        }

        if (role is not (CapacitorRole.SwitchingOutput or CapacitorRole.RegulatorOutput))
        {
            return Rule(speak, "ESR", RuleResult.Met, "ESR does not decide in this place.");
        }

        if (Expected(o) is not { } old || Expected(c) is not { } now)
        {
            return Rule(speak, "ESR", RuleResult.NotKnown, "Its data sheet shows an ESR no higher than the old part's.");
        }

        if (now > old * 1.05)
        {
            return Rule(
                speak,
                "ESR",
                RuleResult.Broken,
                $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: ripple in a switching supply would grow."
            );
        }

        // A linear regulator is stable within a band of ESR; a tenth of the old one is outside most of them (regulator data sheets).
        if (role == CapacitorRole.RegulatorOutput && now < old * 0.1)
        {
            return Rule(
                speak,
                "ESR",
                RuleResult.Broken,
                $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: a linear regulator's loop needs that resistance, and would oscillate."
            );
        }

        // What no sheet says is guessed from the kind, and one of low ESR looks like any other until its print is read.
        if (o.EsrOhms is null || c.EsrOhms is null)
        {
            return Rule(
                speak,
                "ESR",
                RuleResult.JustMet,
                $"About {Si.Format(now, "Ω", 2)} where the old part had about {Si.Format(old, "Ω", 2)}, as such kinds have: if a print or a sheet says otherwise of either, it decides."
            );
        }

        return now < old * 0.2
            ? Rule(
                speak,
                "ESR",
                RuleResult.JustMet,
                $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: so much lower that the regulator's loop may ring, so look at its ripple after fitting."
            )
            : Rule(speak, "ESR", RuleResult.Met, $"About {Si.Format(now, "Ω", 2)}, the old part {Si.Format(old, "Ω", 2)}.");
    }

    /// <summary>
    /// Ripple current warms a part from inside: it must bear what the old one bore. Where no sheet says so, a part of no higher ESR in
    /// a case no smaller bears at least as much, since what it may bear goes with the root of its surface over its ESR.
    /// </summary>
    static Ruling Ripple(bool speak, CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        var duty = role is CapacitorRole.SwitchingOutput or CapacitorRole.Bulk or CapacitorRole.Unknown;
        if (!duty || !o.Kind.IsElectrolytic() && o.Kind != CapacitorKind.Unknown)
        {
            return Rule(speak, "ripple", RuleResult.Met, "Ripple does not decide in this place.");
        }
        if (o.RippleAmps is { } need && c.RippleAmps is { } has)
        {
            return has < need * (1 - 1e-9)
                ? Rule(
                    speak,
                    "ripple",
                    RuleResult.Broken,
                    $"It bears {Si.Format(has, "A")} of ripple, the old part {Si.Format(need, "A")}."
                )
                : Rule(speak, "ripple", RuleResult.Met, $"{Si.Format(has, "A")} of ripple for {Si.Format(need, "A")}.");
        }
        var (size, old) = (Surface(c), Surface(o));
        // Of both from a sheet: what such kinds usually have is no fact to bear a current by.
        return
            o.EsrOhms is { } was
            && c.EsrOhms is { } now
            && now <= was * 1.001
            && (size is null && old is null && c.Kind == o.Kind || size >= old)
            ? Rule(speak, "ripple", RuleResult.Met, "No higher an ESR, in a case no smaller: it bears at least the old part's ripple.")
            : Rule(speak, "ripple", RuleResult.NotKnown, "Its data sheet bears the ripple that the old part bore.");
    }

    /// <summary>Of the can, mm²; null where its size is not known.</summary>
    static double? Surface(CapacitorSpec s) =>
        s is { DiameterMillimetres: { } d, HeightMillimetres: { } h } ? Math.PI * d * (h + d / 2) : null;

    static Ruling Temperature(bool speak, CapacitorSpec o, CapacitorSpec c) =>
        o.MaxCelsius is not { } need || c.MaxCelsius is not { } has
            ? Rule(
                speak,
                "temperature",
                c.MaxCelsius is >= 105 || o.MaxCelsius is null ? RuleResult.Met : RuleResult.NotKnown,
                "It is rated for at least the old part's temperature."
            )
        : has < need
            ? Rule(speak, "temperature", RuleResult.Broken, $"It is rated for {Si.Plain(has)} °C, the old part for {Si.Plain(need)} °C.")
        : Rule(speak, "temperature", RuleResult.Met, $"{Si.Plain(has)} °C for {Si.Plain(need)} °C.");

    static Ruling Size(bool speak, string rule, double? room, double? has, double? headroom)
    {
        if (room is null || has is null)
        {
            return Rule(speak, rule, RuleResult.Met, $"No {rule} is known to compare.");
        }

        var limit = headroom ?? room.Value;
        // The old part's height is what fits for certain, and not the room that there is.
        if (headroom is null && rule == "height")
        {
            return has > limit + 0.5
                ? Rule(
                    speak,
                    rule,
                    RuleResult.NotKnown,
                    $"There is room for its {Si.Plain(has.Value)} mm: the old part stood {Si.Plain(limit)} mm high, and nobody has measured above it."
                )
                : Rule(speak, rule, RuleResult.Met, $"{Si.Plain(has.Value)} mm of height where the old part had {Si.Plain(limit)} mm.");
        }
        return has > limit + 0.5 && (headroom is not null || has > limit * 1.15)
                ? Rule(
                    speak,
                    rule,
                    RuleResult.Broken,
                    $"Its {rule} is {Si.Plain(has.Value)} mm and there is room for {Si.Plain(limit)} mm."
                )
            : has > limit
                ? Rule(
                    speak,
                    rule,
                    RuleResult.JustMet,
                    $"Its {rule} is {Si.Plain(has.Value)} mm, the room {Si.Plain(limit)} mm: try it in place first."
                )
            : Rule(speak, rule, RuleResult.Met, $"{Si.Plain(has.Value)} mm of {rule}, room for {Si.Plain(limit)} mm.");
    }

    static Ruling Pitch(bool speak, CapacitorSpec o, CapacitorSpec c)
    {
        if (o.LeadPitchMillimetres is not { } holes || c.LeadPitchMillimetres is not { } leads)
        {
            return Rule(speak, "pitch", RuleResult.Met, "No lead pitch is known to compare.");
        }

        var gap = Math.Abs(leads - holes);
        return gap <= 0.6 ? Rule(speak, "pitch", RuleResult.Met, $"Leads {Si.Plain(leads)} mm apart, holes {Si.Plain(holes)} mm.")
            : leads < holes && gap <= 3.1
                ? Rule(
                    speak,
                    "pitch",
                    RuleResult.JustMet,
                    $"Leads {Si.Plain(leads)} mm apart have to be spread to {Si.Plain(holes)} mm: bend them away from the seal."
                )
            : Rule(
                speak,
                "pitch",
                RuleResult.Broken,
                $"Leads {Si.Plain(leads)} mm apart do not reach holes {Si.Plain(holes)} mm apart without strain on the seal."
            );
    }

    static Ruling Age(bool speak, CapacitorSpec c, DateOnly? bought, DateOnly today)
    {
        if (!c.Kind.IsAluminium() || bought is not { } day)
        {
            return Rule(speak, "age", RuleResult.Met, "Its age does not decide.");
        }

        var years = (today.DayNumber - day.DayNumber) / 365.25;
        return years > Substitution.ReformYears
            ? Rule(
                speak,
                "age",
                RuleResult.JustMet,
                $"It has lain {Math.Floor(years)} years: bring it up to its volts slowly through a resistor and measure it before you fit it."
            )
            : Rule(speak, "age", RuleResult.Met, $"Bought {day:MMMM yyyy}.");
    }

    static Ruling SafetyClass(bool speak, CapacitorSpec o, CapacitorSpec c)
    {
        // X1 is above X2, Y1 above Y2, and a Y part may stand for an X part of its class, never the other way (IEC 60384-14).
        var has = c.SafetyClass?.ToUpperInvariant();
        if (o.SafetyClass is null)
        {
            return has is null
                ? Rule(speak, "safety class", RuleResult.Broken, "The place is across the mains, and this part has no safety class.")
                : Rule(
                    speak,
                    "safety class",
                    RuleResult.Open,
                    $"Nobody knows the class of the old part, and this one is {has}: an X part lies between the two lines, a Y part from a line to earth, and one never stands for a Y that is not a Y."
                );
        }
        var need = o.SafetyClass.ToUpperInvariant();
        var fits = has is { Length: 2 } && has[1] <= need[1] && (has[0] == need[0] || (has[0] == 'Y' && need[0] == 'X'));
        return fits
            ? Rule(speak, "safety class", RuleResult.Met, $"Class {has} in the place of {need}.")
            : Rule(
                speak,
                "safety class",
                RuleResult.Broken,
                $"The place needs safety class {need} or better, and this part {(has is null ? "has none" : $"is {has}")}."
            );
    }
}
