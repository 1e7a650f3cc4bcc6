using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>How often something is in machines of a kind. Never a fact about the one in hand.</summary>
public enum Likelihood
{
    Usual = 0,
    Sometimes,
    Rare,
}

/// <summary>What may be in a machine because it is so in its kind, until somebody looks.</summary>
public sealed record Possible(Trait Trait, [property: JsonPropertyName("how")] Likelihood Likelihood);

/// <param name="From">First year of manufacture of which this holds; null for every year of the kind.</param>
/// <param name="To">Last year; counts.</param>
public sealed record KindLikelihood(
    Trait Trait,
    [property: JsonPropertyName("how")] Likelihood Likelihood,
    int? From = null,
    int? To = null
);

/// <summary>What is usual of a kind, in words; empty where there is nothing to say.</summary>
public sealed record KindUsual(
    string Cell = "",
    string Capacitors = "",
    string Supply = "",
    string Memory = "",
    string Storage = "",
    string Display = "",
    string Case = "",
    string Fasteners = ""
);

/// <summary>What is usually true of a kind of machine, whoever made it. Everything in it is a likelihood.</summary>
public sealed record KindProfile
{
    public string Id { get; init; } = "";
    public string Name { get; init; } = "";

    /// <summary>Years of manufacture of the kind, not of a machine.</summary>
    public int? YearFrom { get; init; }
    public int? YearTo { get; init; }
    public MachineClass Class { get; init; }
    public IReadOnlyList<KindLikelihood> Likely { get; init; } = [];

    /// <summary>Rails that its supply usually has; empty for those that its class has.</summary>
    public IReadOnlyList<Survey.RailReading> Rails { get; init; } = [];

    /// <summary>Known traps, a sentence each.</summary>
    public IReadOnlyList<string> Watch { get; init; } = [];
    public KindUsual Usual { get; init; } = new();

    /// <summary>The cell that is usual where one is seen; null where its trait says enough.</summary>
    public CellSite? Cell { get; init; }

    /// <summary>Hours at the bench from arrival to handover: wide, an estimate of whoever wrote the pack.</summary>
    public Estimate? Hours { get; init; }

    /// <summary>Usual order of apart, outermost first.</summary>
    public IReadOnlyList<string> Apart { get; init; } = [];
}

/// <summary>What a kind says of one machine, and what looking says against it.</summary>
public static class Kinds
{
    /// <summary>
    /// What may be in a machine of this kind and these years. A likelihood of certain years holds for a machine that can be from one of them;
    /// where its years are not known, all are possible. What is known to be there or not there is left out.
    /// </summary>
    public static IReadOnlyList<Possible> Of(
        KindProfile kind,
        int? yearFrom,
        int? yearTo,
        IReadOnlyCollection<Trait> there,
        IReadOnlyCollection<Trait> absent
    ) =>
        [
            .. kind
                .Likely.Where(l =>
                    (l.From is not { } a || (yearTo ?? yearFrom ?? a) >= a) && (l.To is not { } b || (yearFrom ?? yearTo ?? b) <= b)
                )
                .Where(l => !there.Contains(l.Trait) && !absent.Contains(l.Trait))
                .GroupBy(l => l.Trait)
                .Select(g => new Possible(g.Key, g.Min(l => l.Likelihood)))
                .OrderBy(p => p.Trait),
        ];

    /// <summary>Makes the machine one of this kind; what somebody has said of it stands.</summary>
    public static void Take(Machine m, KindProfile kind)
    {
        m.KindId = kind.Id;
        if (m.Kind.Length == 0)
        {
            m.Kind = kind.Name;
        }
        if (m.Class == MachineClass.Unknown)
        {
            m.Class = kind.Class;
        }
        m.Possible = [.. Of(kind, m.YearFrom, m.YearTo, m.Traits, m.Absent)];
    }

    /// <summary>After an edit: what somebody says is there is no longer among what was looked for in vain.</summary>
    public static void Settle(Machine m) =>
        m.Absent = [
            .. m.Absent.Where(t =>
                !m.Traits.Contains(t)
                && !(t == Trait.PictureTube && m.Tube == ThreeState.Yes)
                && !(t == Trait.InternalMainsSupply && m.MainsLead == ThreeState.Yes)
            ),
        ];

    /// <summary>Somebody looked, and it is there.</summary>
    public static void Confirm(Machine m, Trait trait)
    {
        // That it has a supply says nothing of a tube that nobody has excluded.
        if (trait != Trait.PictureTube && Hazards.Tube(m) == ThreeState.NotKnown && m.Possible.All(p => p.Trait != Trait.PictureTube))
        {
            m.Possible = [.. m.Possible, new(Trait.PictureTube, Likelihood.Rare)];
        }
        m.Traits = [.. m.Traits.Append(trait).Distinct().Order()];
        m.Absent = [.. m.Absent.Where(t => t != trait)];
        m.Possible = [.. m.Possible.Where(p => p.Trait != trait)];
    }

    /// <summary>Somebody looked, and it is not there: a fact of its own, which outranks what the kind says.</summary>
    public static void RuleOut(Machine m, Trait trait)
    {
        m.Traits = [.. m.Traits.Where(t => t != trait)];
        m.Absent = [.. m.Absent.Append(trait).Distinct().Order()];
        m.Possible = [.. m.Possible.Where(p => p.Trait != trait)];
        if (trait == Trait.PictureTube && m.Tube == ThreeState.Yes)
        {
            m.Tube = ThreeState.No;
        }
    }

    /// <summary>Why something is on a machine's list that nobody has seen in it.</summary>
    public static string Because(Likelihood l) =>
        l switch
        {
            Likelihood.Usual => "Usual in machines of this kind. Look whether it is there.",
            Likelihood.Sometimes => "Machines of this kind sometimes have it. Look whether it is there.",
            _ => "Rare in machines of this kind. Look whether it is there.",
        };

    /// <summary>Finished machines of its own kind, from which a workshop's own hours count more than a pack's. A house number.</summary>
    public const int OwnFromThree = 3;

    /// <summary>Hours for a machine of a kind: from those of the kind that were finished here, lowest, middle and highest; from the pack until there are three.</summary>
    /// <param name="finishedMinutes">Minutes written down for each finished machine of the kind; those with none are left out by the caller.</param>
    /// <returns>Null where neither says anything.</returns>
    public static KindHours? Forecast(KindProfile kind, IReadOnlyCollection<int> finishedMinutes)
    {
        if (finishedMinutes.Count >= OwnFromThree)
        {
            var sorted = finishedMinutes.Order().Select(m => m / 60.0).ToList();
            return new(new(sorted[0], sorted[sorted.Count / 2], sorted[^1]), sorted.Count);
        }
        return kind.Hours is { } h ? new(h, 0) : null;
    }
}

/// <param name="Hours">At the bench, from arrival to handover.</param>
/// <param name="FromOwn">Machines finished here that it comes from; 0 where it is the pack's.</param>
public sealed record KindHours(Estimate Hours, int FromOwn);
