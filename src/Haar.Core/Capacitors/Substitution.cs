using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>How one rule of substitution went for one candidate.</summary>
public enum RuleResult { Met, JustMet, Broken, NotKnown }

/// <param name="Rule">volts, value, ESR, temperature, size, pitch, mounting, polarity, safety class, age.</param>
/// <param name="Result">How it went.</param>
/// <param name="Text">A whole sentence with both figures.</param>
public sealed record SubstitutionRule(string Rule, RuleResult Result, string Text);

/// <summary>A part lying in the drawer.</summary>
/// <param name="Id">Its drawer row.</param>
/// <param name="Spec">What it is.</param>
/// <param name="Free">Pieces neither reserved nor fitted.</param>
/// <param name="BoughtOn">When it came; null when not known.</param>
/// <param name="Place">Which drawer.</param>
public sealed record DrawerCandidate(Guid Id, CapacitorSpec Spec, int Free, DateOnly? BoughtOn, string Place);

/// <param name="Candidate">The part.</param>
/// <param name="Verdict">Will it do?</param>
/// <param name="Rules">Every rule, with broken and just-met ones first.</param>
public sealed record Substitute(DrawerCandidate Candidate, Verdict Verdict, IReadOnlyList<SubstitutionRule> Rules);

/// <summary>
/// Which part from the drawer will do? Never fewer volts; a value within what the role bears; ESR never worse in switching
/// duty and not blindly lower; no cooler rating; it must fit; mains parts only by their class. Practice of data-sheet
/// substitution guides; safety classes by IEC 60384-14.
/// </summary>
public static class Substitution
{
    /// <summary>Shelf age from which an aluminium electrolytic is re-formed and measured before it is fitted, years. Makers' storage advice is two to five.</summary>
    public const int ReformYears = 5;

    /// <summary>What a role bears of the nominal value, as a ratio of candidate to original. House figures from common practice.</summary>
    public static (double Least, double Most) ValueRange(CapacitorRole role, CapacitorSpec original) => role switch
    {
        CapacitorRole.Timing => (0.95, 1.05),
        CapacitorRole.SwitchingOutput => (0.98, 1.6),
        CapacitorRole.Bulk => (0.98, 1.5),
        CapacitorRole.Coupling => (0.98, 2.2),
        CapacitorRole.Decoupling => (0.98, 2.2),
        CapacitorRole.MainsFilter => (0.98, 1.02),
        CapacitorRole.Backup => (0.98, 3),
        // A linear regulator's loop is made for one value and one ESR.
        CapacitorRole.RegulatorOutput => (0.98, 1.5),
        _ => (1 - Math.Min(0.02, original.ToleranceMinusShare), 1 + Math.Max(0.2, original.TolerancePlusShare)),
    };

    /// <summary>Judges one candidate in the place of <paramref name="original"/>.</summary>
    /// <param name="original">The part that comes out.</param>
    /// <param name="role">What it does there.</param>
    /// <param name="candidate">The part offered.</param>
    /// <param name="today">For the age of the stock.</param>
    /// <param name="headroomMillimetres">Room above the board, if less than the original's height does not already say.</param>
    public static Substitute Judge(CapacitorSpec original, CapacitorRole role, DrawerCandidate candidate, DateOnly today, double? headroomMillimetres = null)
    {
        CapacitorJudge.Check(original);
        CapacitorJudge.Check(candidate.Spec);
        BadFactException.Finite("headroomMillimetres", headroomMillimetres, 0.2, 500, "mm");
        var c = candidate.Spec;
        var rules = new List<SubstitutionRule>
        {
            Volts(original, c), Value(original, role, c), Technology(original, role, c), Esr(original, role, c),
            Temperature(original, c), Size("height", original.HeightMillimetres ?? headroomMillimetres, c.HeightMillimetres, headroomMillimetres),
            Size("diameter", original.DiameterMillimetres is { } d ? d + 1.5 : null, c.DiameterMillimetres, null), Pitch(original, c), Age(c, candidate.BoughtOn, today),
        };
        if (original.SafetyClass is not null || role == CapacitorRole.MainsFilter || original.Kind.IsMainsFilter())
        {
            rules.Insert(0, SafetyClass(original, c));
        }

        rules = [.. rules.OrderBy(r => r.Result switch { RuleResult.Broken => 0, RuleResult.JustMet => 1, RuleResult.NotKnown => 2, _ => 3 })];
        return new(candidate, Conclude(candidate, rules), rules);
    }

    /// <summary>Best first: those that will do, exact value first, then the oldest stock, then the nearest size; ones that will not do last. Parts with no free piece are left out.</summary>
    public static IReadOnlyList<Substitute> Rank(CapacitorSpec original, CapacitorRole role, IEnumerable<DrawerCandidate> drawer, DateOnly today, double? headroomMillimetres = null) =>
        [.. Ordered(original, drawer.Where(c => c.Free > 0).Select(c => Judge(original, role, c, today, headroomMillimetres)))];

    internal static IEnumerable<Substitute> Ordered(CapacitorSpec original, IEnumerable<Substitute> judged) =>
        judged.OrderBy(s => s.Verdict.Outcome switch { Outcome.Yes => 0, Outcome.YesIf => 1, Outcome.Unknown => 2, _ => 3 })
            .ThenBy(s => s.Rules.Count(r => r.Result == RuleResult.Broken))
            .ThenBy(s => Math.Abs(Math.Log(s.Candidate.Spec.Microfarads / original.Microfarads)) < 0.01 ? 0 : 1)
            .ThenBy(s => s.Candidate.Spec.Kind == original.Kind || s.Candidate.Spec.Kind == CapacitorKind.Polymer ? 0 : 1)
            .ThenBy(s => s.Candidate.BoughtOn ?? DateOnly.MaxValue)
            .ThenBy(s => Math.Abs(Math.Log(s.Candidate.Spec.Microfarads / original.Microfarads)))
            .ThenBy(s => (s.Candidate.Spec.RatedVolts ?? 0))
            .ThenBy(s => s.Candidate.Id);

    static Verdict Conclude(DrawerCandidate candidate, List<SubstitutionRule> rules)
    {
        var name = Describe(candidate.Spec);
        var question = $"Will the {name} do?";
        var reasons = rules.Select(r => new Reason(r.Text)).ToArray();
        var broken = rules.Where(r => r.Result == RuleResult.Broken).ToList();
        if (broken.Count > 0)
        {
            var no = Verdict.Of(question, Outcome.No, $"Do not fit the {name}. {broken[0].Text}", Founded.Rule, reasons);
            return broken.Any(r => r.Rule == "safety class") ? no.With(CautionId.LineFilterCapacitor).Final() : no;
        }

        var open = rules.Where(r => r.Result == RuleResult.NotKnown).ToList();
        var just = rules.Where(r => r.Result == RuleResult.JustMet).ToList();
        return (open.Count, just.Count) switch
        {
            ( > 0, _) => Verdict.Of(question, Outcome.YesIf, $"The {name} will do if {char.ToLowerInvariant(open[0].Text[0])}{open[0].Text[1..]}", Founded.Rule, reasons),
            (_, > 0) => Verdict.Of(question, Outcome.YesIf, $"The {name} will do, just: {char.ToLowerInvariant(just[0].Text[0])}{just[0].Text[1..]}", Founded.Rule, reasons),
            _ => Verdict.Of(question, Outcome.Yes, $"The {name} fits and meets every rule.", Founded.Rule, reasons),
        };
    }

    public static string Describe(CapacitorSpec s) =>
        $"{Si.Format(s.Microfarads * 1e-6, "F")}{(s.RatedVolts is { } v ? $" {Si.Plain(v)} V" : "")}{(s.MaxCelsius is { } t ? $" {Si.Plain(t)} °C" : "")} {Short(s.Kind)}{(s.SafetyClass is { } x ? $" {x}" : "")}";

    static string Short(CapacitorKind kind) => kind switch
    {
        CapacitorKind.Polymer => "polymer",
        CapacitorKind.Film or CapacitorKind.MainsFilterFilm => "film",
        CapacitorKind.MainsFilterPaper => "paper",
        CapacitorKind.Ceramic => "ceramic",
        CapacitorKind.DoubleLayer => "double-layer",
        _ when kind.IsTantalum() => "tantalum",
        CapacitorKind.AluminiumLowEsr => "low-ESR",
        _ when kind.IsAluminium() => "electrolytic",
        _ => "capacitor",
    };

    static SubstitutionRule Volts(CapacitorSpec o, CapacitorSpec c)
    {
        if (o.RatedVolts is not { } need || c.RatedVolts is not { } has)
        {
            return new("volts", RuleResult.NotKnown, $"Its rating is at least the {(o.RatedVolts is { } n ? $"{Si.Plain(n)} V of the old part" : "volts that the line carries, which nobody has read yet")}.");
        }

        // A tantalum is derated to half where the source impedance is low; common reliability guidance.
        if (c.Kind.IsTantalum() && !o.Kind.IsTantalum() && has < 1.6 * need)
        {
            return new("volts", RuleResult.Broken, $"A tantalum in place of an electrolytic wants well over the old rating: {Si.Plain(has)} V is less than {Si.Plain(1.6 * need)} V.");
        }

        return has < need
            ? new("volts", RuleResult.Broken, $"It is rated for {Si.Plain(has)} V, the old part for {Si.Plain(need)} V.")
            : new("volts", RuleResult.Met, $"{Si.Plain(has)} V for {Si.Plain(need)} V.");
    }

    static SubstitutionRule Value(CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        var (least, most) = ValueRange(role, o);
        var ratio = c.Microfarads / o.Microfarads;
        var text = $"{Si.Format(c.Microfarads * 1e-6, "F")} for {Si.Format(o.Microfarads * 1e-6, "F")}; {RoleWords(role)} bears {Si.Plain(Math.Round(least * 100))} to {Si.Plain(Math.Round(most * 100))} %.";
        return ratio < least - 1e-9 || ratio > most + 1e-9 ? new("value", RuleResult.Broken, text)
            : ratio is > 1.02 or < 0.98 ? new("value", RuleResult.JustMet, text)
            : new("value", RuleResult.Met, $"{Si.Format(c.Microfarads * 1e-6, "F")}, the same value.");
    }

    static SubstitutionRule Technology(CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (o.Kind.IsSurfaceMount() && c.Kind.IsLeaded())
        {
            return new("mounting", RuleResult.Broken, "It has leads, and the board has pads for a surface-mount part.");
        }

        if (!o.Kind.IsSurfaceMount() && o.Kind != CapacitorKind.Unknown && c.Kind.IsSurfaceMount())
        {
            return new("mounting", RuleResult.Broken, "It is a surface-mount part, and the board has holes.");
        }

        if (!o.Polarised && o.Kind != CapacitorKind.Unknown && c.Polarised)
        {
            return new("polarity", RuleResult.Broken, "It is polarised and the old part is not: the line may swing both ways.");
        }

        if (role == CapacitorRole.Timing && c.Kind == CapacitorKind.Ceramic && o.Kind != CapacitorKind.Ceramic)
        {
            return new("kind", RuleResult.Broken, "A large ceramic loses value with volts and heat, which a timing circuit cannot bear.");
        }

        if (role == CapacitorRole.Coupling && o.Kind.IsElectrolytic() && c.Kind == CapacitorKind.Ceramic)
        {
            return new("kind", RuleResult.Broken, "A ceramic in the sound path adds distortion and sings.");
        }

        if (role == CapacitorRole.Coupling && o.Kind.IsElectrolytic() && c.Kind is CapacitorKind.Polymer)
        {
            return new("kind", RuleResult.JustMet, "A polymer leaks ten times more than an electrolytic: listen for a thump or a scratching volume knob after fitting.");
        }

        if (role == CapacitorRole.Timing && c.Kind is CapacitorKind.Polymer && o.Kind != CapacitorKind.Polymer)
        {
            return new("kind", RuleResult.Broken, "A polymer's leakage shifts a timing circuit.");
        }

        if (role is CapacitorRole.SwitchingOutput or CapacitorRole.RegulatorOutput && o.Kind.IsElectrolytic() && c.Kind is CapacitorKind.Ceramic or CapacitorKind.Film)
        {
            return new("kind", RuleResult.Broken, $"The loop needs the old part's resistance, and a {c.Kind.Words()} has next to none: it may oscillate.");
        }

        if (c.Kind == CapacitorKind.Ceramic && o.Kind.IsElectrolytic() && o.RatedVolts is { } ov && c.RatedVolts is { } cv && cv < 2 * ov)
        {
            return new("kind", RuleResult.Broken, $"A ceramic loses half its value near its rated volts: it wants at least {Si.Plain(2 * ov)} V here.");
        }

        return new("kind", RuleResult.Met, $"A {c.Kind.Words()} in the place of a {o.Kind.Words()}.");
    }

    /// <summary>Ohms that a part of this kind usually has at 100 kHz when its data sheet is not at hand; null where nothing tells.</summary>
    internal static double? Expected(CapacitorSpec s) => s.EsrOhms ?? (s.Kind == CapacitorKind.Polymer ? 0.02
        : s.Kind == CapacitorKind.Ceramic ? 0.005 : s.Kind == CapacitorKind.Film ? 0.01
        : s.Kind.IsAluminium() && s.RatedVolts is { } v ? CapacitorJudge.TypicalEsrOhms(s.Microfarads, v, 100_000) * (s.Kind == CapacitorKind.AluminiumLowEsr ? 0.25 : 1) : null);

    static SubstitutionRule Esr(CapacitorSpec o, CapacitorRole role, CapacitorSpec c)
    {
        if (role is not (CapacitorRole.SwitchingOutput or CapacitorRole.RegulatorOutput))
        {
            return new("ESR", RuleResult.Met, "ESR does not decide in this place.");
        }

        if (Expected(o) is not { } old || Expected(c) is not { } now)
        {
            return new("ESR", RuleResult.NotKnown, "Its data sheet shows an ESR no higher than the old part's.");
        }

        if (now > old * 1.05)
        {
            return new("ESR", RuleResult.Broken, $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: ripple in a switching supply would grow.");
        }

        // A linear regulator is stable within a band of ESR; a tenth of the old one is outside most of them (regulator data sheets).
        if (role == CapacitorRole.RegulatorOutput && now < old * 0.1)
        {
            return new("ESR", RuleResult.Broken, $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: a linear regulator's loop needs that resistance, and would oscillate.");
        }

        return now < old * 0.2
            ? new("ESR", RuleResult.JustMet, $"About {Si.Format(now, "Ω", 2)} where the old part had {Si.Format(old, "Ω", 2)}: so much lower that the regulator's loop may ring, so look at its ripple after fitting.")
            : new("ESR", RuleResult.Met, $"About {Si.Format(now, "Ω", 2)}, the old part {Si.Format(old, "Ω", 2)}.");
    }

    static SubstitutionRule Temperature(CapacitorSpec o, CapacitorSpec c) =>
        o.MaxCelsius is not { } need || c.MaxCelsius is not { } has ? new("temperature", c.MaxCelsius is >= 105 || o.MaxCelsius is null ? RuleResult.Met : RuleResult.NotKnown, "It is rated for at least the old part's temperature.")
        : has < need ? new("temperature", RuleResult.Broken, $"It is rated for {Si.Plain(has)} °C, the old part for {Si.Plain(need)} °C.")
        : new("temperature", RuleResult.Met, $"{Si.Plain(has)} °C for {Si.Plain(need)} °C.");

    static SubstitutionRule Size(string rule, double? room, double? has, double? headroom)
    {
        if (room is null || has is null)
        {
            return new(rule, RuleResult.Met, $"No {rule} is known to compare.");
        }

        var limit = headroom ?? room.Value;
        return has > limit + 0.5 && (headroom is not null || has > limit * 1.15)
            ? new(rule, RuleResult.Broken, $"Its {rule} is {Si.Plain(has.Value)} mm and there is room for {Si.Plain(limit)} mm.")
            : has > limit ? new(rule, RuleResult.JustMet, $"Its {rule} is {Si.Plain(has.Value)} mm, the room {Si.Plain(limit)} mm: try it in place first.")
            : new(rule, RuleResult.Met, $"{Si.Plain(has.Value)} mm of {rule}, room for {Si.Plain(limit)} mm.");
    }

    static SubstitutionRule Pitch(CapacitorSpec o, CapacitorSpec c)
    {
        if (o.LeadPitchMillimetres is not { } holes || c.LeadPitchMillimetres is not { } leads)
        {
            return new("pitch", RuleResult.Met, "No lead pitch is known to compare.");
        }

        var gap = Math.Abs(leads - holes);
        return gap <= 0.6 ? new("pitch", RuleResult.Met, $"Leads {Si.Plain(leads)} mm apart, holes {Si.Plain(holes)} mm.")
            : leads < holes && gap <= 3.1 ? new("pitch", RuleResult.JustMet, $"Leads {Si.Plain(leads)} mm apart have to be spread to {Si.Plain(holes)} mm: bend them away from the seal.")
            : new("pitch", RuleResult.Broken, $"Leads {Si.Plain(leads)} mm apart do not reach holes {Si.Plain(holes)} mm apart without strain on the seal.");
    }

    static SubstitutionRule Age(CapacitorSpec c, DateOnly? bought, DateOnly today)
    {
        if (!c.Kind.IsAluminium() || bought is not { } day)
        {
            return new("age", RuleResult.Met, "Its age does not decide.");
        }

        var years = (today.DayNumber - day.DayNumber) / 365.25;
        return years > ReformYears
            ? new("age", RuleResult.JustMet, $"It has lain {Math.Floor(years)} years: bring it up to its volts slowly through a resistor and measure it before you fit it.")
            : new("age", RuleResult.Met, $"Bought {day:MMMM yyyy}.");
    }

    static SubstitutionRule SafetyClass(CapacitorSpec o, CapacitorSpec c)
    {
        // X1 is above X2, Y1 above Y2, and a Y part may stand for an X part of its class, never the other way (IEC 60384-14).
        var need = o.SafetyClass?.ToUpperInvariant() ?? "X2";
        var has = c.SafetyClass?.ToUpperInvariant();
        var fits = has is { Length: 2 } && has[1] <= need[1] && (has[0] == need[0] || (has[0] == 'Y' && need[0] == 'X'));
        return fits
            ? new("safety class", RuleResult.Met, $"Class {has} in the place of {need}.")
            : new("safety class", RuleResult.Broken, $"The place needs safety class {need} or better, and this part {(has is null ? "has none" : $"is {has}")}.");
    }

    /// <summary>The role in a word or two, without an article.</summary>
    public static string RoleName(CapacitorRole role) => role switch { CapacitorRole.SwitchingOutput => "switching output", CapacitorRole.MainsFilter => "mains filter", CapacitorRole.RegulatorOutput => "regulator output", CapacitorRole.Unknown => "any role", _ => role.ToString().ToLowerInvariant() };

    internal static string RoleWords(CapacitorRole role) => role switch
    {
        CapacitorRole.Bulk => "a bulk capacitor",
        CapacitorRole.SwitchingOutput => "a switching supply's output",
        CapacitorRole.Timing => "a timing part",
        CapacitorRole.Coupling => "a coupling part",
        CapacitorRole.Decoupling => "decoupling",
        CapacitorRole.MainsFilter => "a mains filter",
        CapacitorRole.Backup => "a backup capacitor",
        CapacitorRole.RegulatorOutput => "a linear regulator's output",
        _ => "an unknown role",
    };
}
