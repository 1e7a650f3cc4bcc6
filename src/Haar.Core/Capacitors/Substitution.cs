using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>How one rule of substitution went for one candidate.</summary>
public enum RuleResult
{
    Met,
    JustMet,
    Broken,

    /// <summary>Not known, and a look at the place settles it; the part may do.</summary>
    NotKnown,

    /// <summary>Not known, and it decides: volts, kind, the safety class. Nothing is fitted on it without a person's reason, and nothing bought.</summary>
    Open,
}

/// <param name="Rule">volts, value, ESR, ripple, temperature, size, pitch, mounting, polarity, safety class, age.</param>
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

    /// <summary>Up to this far apart two printed values are the same one. A house figure: neighbours in the finest usual series (E24) lie five per cent apart and more.</summary>
    public const double SameValueShare = 0.02;

    /// <summary>What a role bears of the nominal value, as a ratio of candidate to original. House figures from common practice.</summary>
    public static (double Least, double Most) ValueRange(CapacitorRole role, CapacitorSpec original) =>
        role switch
        {
            // A Y part is never larger: what it lets through to the case is felt (touch current, IEC 60384-14).
            _ when original.SafetyClass?.StartsWith("y", StringComparison.OrdinalIgnoreCase) == true => (0.8, 1),
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
    public static Substitute Judge(
        CapacitorSpec original,
        CapacitorRole role,
        DrawerCandidate candidate,
        DateOnly today,
        double? headroomMillimetres = null
    )
    {
        CapacitorJudge.Check(original, place: true);
        CapacitorJudge.Check(candidate.Spec);
        InvalidInputException.Finite("headroomMillimetres", headroomMillimetres, 0.2, 500, "mm");
        List<SubstitutionRule> rules =
        [
            .. Enumerable
                .Range(0, SubstitutionRules.Count)
                .Select(i => SubstitutionRules.At(i, original, role, candidate, today, headroomMillimetres, speak: true))
                .OfType<Ruling>()
                .Select(r => new SubstitutionRule(r.Rule, r.Result, r.Text))
                .OrderBy(r =>
                    r.Result switch
                    {
                        RuleResult.Broken => 0,
                        RuleResult.Open => 1,
                        RuleResult.JustMet => 2,
                        RuleResult.NotKnown => 3,
                        _ => 4,
                    }
                ),
        ];
        var verdict = Conclude(candidate, rules, original.ValueKnown);
        // A place or a part that nobody has named may sit across the mains: that caution needs no proof.
        return new(
            candidate,
            role == CapacitorRole.Unknown || original.Kind == CapacitorKind.Unknown ? verdict.With(CautionId.LineFilterCapacitor) : verdict,
            rules
        );
    }

    /// <summary>What <see cref="Judge"/> would come to, without its words and no further than the first broken rule. Both specs must have been checked.</summary>
    internal static Outcome Sift(
        CapacitorSpec original,
        CapacitorRole role,
        DrawerCandidate candidate,
        DateOnly today,
        double? headroomMillimetres
    )
    {
        var outcome = Outcome.Yes;
        for (var i = 0; i < SubstitutionRules.Count; i++)
        {
            if (SubstitutionRules.At(i, original, role, candidate, today, headroomMillimetres, speak: false) is not { } r)
            {
                continue;
            }
            if (r.Result == RuleResult.Broken)
            {
                return Outcome.No;
            }
            if (r.Result == RuleResult.Open)
            {
                outcome = Outcome.Unknown;
            }
            else if (r.Result != RuleResult.Met && outcome == Outcome.Yes)
            {
                outcome = Outcome.YesIf;
            }
        }

        return outcome;
    }

    /// <summary>Best first: those that will do, exact value first, then the oldest stock, then the nearest size; ones that will not do last. Parts with no free piece are left out.</summary>
    public static IReadOnlyList<Substitute> Rank(
        CapacitorSpec original,
        CapacitorRole role,
        IEnumerable<DrawerCandidate> drawer,
        DateOnly today,
        double? headroomMillimetres = null
    ) =>
        [
            .. drawer
                .Where(c => c.Free > 0)
                .Select(c => Judge(original, role, c, today, headroomMillimetres))
                .OrderBy(s => PlaceOf(original, s.Candidate, s.Verdict.Outcome, s.Rules.Count(r => r.Result == RuleResult.Broken))),
        ];

    /// <summary>Where a candidate stands among others, least first.</summary>
    internal static Place PlaceOf(CapacitorSpec original, DrawerCandidate candidate, Outcome outcome, int broken)
    {
        var s = candidate.Spec;
        var far = Math.Abs(Math.Log(s.Microfarads / original.Microfarads));
        var will = outcome switch
        {
            Outcome.Yes => 0,
            Outcome.YesIf => 1,
            Outcome.Unknown => 2,
            _ => 3,
        };
        var coarse = will * 1000 + broken * 4 + (far < 0.01 ? 0 : 2) + (s.Kind == original.Kind || s.Kind == CapacitorKind.Polymer ? 0 : 1);
        return new(((long)coarse << 32) + (candidate.BoughtOn?.DayNumber ?? int.MaxValue), far, candidate);
    }

    /// <param name="Coarse">Whether it will do, broken rules, whether the value is the same, whether the kind is, and the day it was bought.</param>
    /// <param name="Far">How far the value is off, as a logarithm.</param>
    /// <param name="Candidate">Its volts and its id settle what is left.</param>
    internal readonly record struct Place(long Coarse, double Far, DrawerCandidate Candidate) : IComparable<Place>
    {
        public int CompareTo(Place other) =>
            Coarse != other.Coarse ? Coarse.CompareTo(other.Coarse)
            : Far != other.Far ? Far.CompareTo(other.Far)
            : (Candidate.Spec.RatedVolts ?? 0).CompareTo(other.Candidate.Spec.RatedVolts ?? 0) is var v and not 0 ? v
            : Candidate.Id.CompareTo(other.Candidate.Id);
    }

    static Verdict Conclude(DrawerCandidate candidate, List<SubstitutionRule> rules, bool valueKnown)
    {
        var name = Describe(candidate.Spec);
        var question = $"Will the {name} do?";
        var reasons = rules.Select(r => new Reason(r.Text)).ToArray();
        var broken = rules.Where(r => r.Result == RuleResult.Broken).ToList();
        if (broken.Count > 0)
        {
            var no = Verdict.Of(question, Outcome.No, $"Do not fit the {name}. {broken[0].Text}", Basis.Rule, reasons);
            return broken.Any(r => r.Rule == "safety class") ? no.With(CautionId.LineFilterCapacitor).Final() : no;
        }

        if (!valueKnown)
        {
            return Verdict
                .Of(question, Outcome.Unknown, "Nobody could read the value that belongs there.", Basis.Rule, reasons)
                .Changing("The old part's value: from a plan of the board, a twin beside it, or the same place on another board.");
        }
        if (rules.Find(r => r.Result == RuleResult.Open) is { } decides)
        {
            return Verdict
                .Of(question, Outcome.Unknown, $"Cannot say whether the {name} will do. {decides.Text}", Basis.Rule, reasons)
                .Changing(
                    decides.Rule == "kind" ? "Its kind: its case, its marking, its stripe."
                    : decides.Rule == "volts" ? "The volts printed on the old part, or of the line it sits on."
                    : "The class printed on the old part, or which lines its place joins."
                );
        }
        var open = rules.Where(r => r.Result == RuleResult.NotKnown).ToList();
        var just = rules.Where(r => r.Result == RuleResult.JustMet).ToList();
        return (open.Count, just.Count) switch
        {
            (> 0, _) => Verdict.Of(
                question,
                Outcome.YesIf,
                $"The {name} will do if {char.ToLowerInvariant(open[0].Text[0])}{open[0].Text[1..]}",
                Basis.Rule,
                reasons
            ),
            (_, > 0) => Verdict.Of(
                question,
                Outcome.YesIf,
                $"The {name} will do, just: {char.ToLowerInvariant(just[0].Text[0])}{just[0].Text[1..]}",
                Basis.Rule,
                reasons
            ),
            _ => Verdict.Of(question, Outcome.Yes, $"The {name} fits and meets every rule.", Basis.Rule, reasons),
        };
    }

    /// <summary>What is bought for a place: a film part in the stead of a moulded paper one, of the class that stands on the old.</summary>
    public static CapacitorSpec ToBuy(CapacitorSpec s) =>
        s.Kind == CapacitorKind.MainsFilterPaper ? s with { Kind = CapacitorKind.MainsFilterFilm } : s;

    public static string Describe(CapacitorSpec s) =>
        $"{(s.ValueKnown ? Si.Format(s.Microfarads * 1e-6, "F") : "value not known,")}{(s.RatedVolts is { } v ? $" {Si.Plain(v)} V" : "")}{(s.MaxCelsius is { } t ? $" {Si.Plain(t)} °C" : "")} {Short(s.Kind)}{(s.SafetyClass is { } x ? $" {x}" : "")}";

    static string Short(CapacitorKind kind) =>
        kind switch
        {
            CapacitorKind.Polymer => "polymer",
            CapacitorKind.Film or CapacitorKind.MainsFilterFilm => "film",
            CapacitorKind.MainsFilterPaper => "paper",
            CapacitorKind.Ceramic => "ceramic",
            CapacitorKind.DoubleLayer => "double-layer",
            CapacitorKind.AluminiumBipolar => "bipolar electrolytic",
            _ when kind.IsTantalum() => "tantalum",
            CapacitorKind.AluminiumLowEsr => "low-ESR",
            _ when kind.IsAluminium() => "electrolytic",
            _ => "capacitor",
        };

    /// <summary>The role in a word or two, without an article.</summary>
    public static string RoleName(CapacitorRole role) =>
        role switch
        {
            CapacitorRole.SwitchingOutput => "switching output",
            CapacitorRole.MainsFilter => "mains filter",
            CapacitorRole.RegulatorOutput => "regulator output",
            CapacitorRole.Unknown => "any role",
            _ => role.ToString().ToLowerInvariant(),
        };

    internal static string RoleWords(CapacitorRole role) =>
        role switch
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
