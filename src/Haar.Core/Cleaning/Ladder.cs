using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>Where a rung stands.</summary>
public enum RungState
{
    /// <summary>Never on this, with the reason.</summary>
    Out = 0,

    /// <summary>It has no real chance with this soil.</summary>
    NoChance,
    Tried,
    Next,
    Later,
}

/// <param name="Method">Id.</param>
/// <param name="Chance">That it takes most of it off, 0 to 1.</param>
/// <param name="SpotTest">First in a hidden place, waited for, looked at.</param>
/// <param name="Why">Of one that is out; empty otherwise.</param>
public sealed record Rung(string Method, string Name, int Strength, double Chance, bool SpotTest, RungState State, string Why);

/// <param name="LeftShare">Of what was there at the start.</param>
/// <param name="Next">Method; null where one stops.</param>
/// <param name="Before">What is done before.</param>
/// <param name="Then">What the step leaves, and so the next task; empty for nothing.</param>
public sealed record LadderResult(
    IReadOnlyList<Rung> Rungs,
    double LeftShare,
    string? Next,
    IReadOnlyList<string> Before,
    string Then,
    Verdict Verdict
);

/// <summary>Which method comes next: the mildest that is safe here and has a real chance, one rung harder when it gains no more.</summary>
public static partial class Ladder
{
    /// <summary>Least chance that is worth a try. A house figure.</summary>
    public const double RealChance = 0.3;

    /// <summary>A pass that takes less than this of what is left has had its turn.</summary>
    public const double LeastGain = 0.1;

    /// <summary>Loosened by this share it is carried off before anything harder is tried: one fifth, the least that is seen. A house figure.</summary>
    public const double WorthCarrying = 0.2;

    /// <summary>Left of it that nobody minds: in sight, and where nobody looks. House figures.</summary>
    public const double CleanInSight = 0.05,
        CleanHidden = 0.2;

    /// <summary>From this strength on a method is for materials that are known: it grinds, or eats light metals. A house figure.</summary>
    public const int KnownOnlyFrom = 6;

    /// <summary>Up to this strength a wash is mild enough for a label to be covered. A house figure: soap.</summary>
    public const int MildWash = 3;

    /// <summary>Minutes that a spot test waits. Plastics craze within that time or not at all from one wipe; a house figure.</summary>
    public const int SpotTestMinutes = 10;

    /// <exception cref="InvalidInputException">A figure that cannot be, or a trial of a method that is not there.</exception>
    public static LadderResult For(CleaningFacts item, IReadOnlyList<CleaningMethod>? methods = null)
    {
        item.Check();
        methods ??= Methods.Of(item);
        for (var i = 0; i < item.Trials.Count; i++)
        {
            if (methods.All(m => m.Id != item.Trials[i].Method))
            {
                throw new InvalidInputException($"trials[{i}].method", $"There is no method “{item.Trials[i].Method}”.");
            }
        }
        var materials = item.AllMaterials;
        // Lettering and labels that nobody has looked for count as there: looked for and covered before a mild wash, and out of bounds to the rest.
        var features = item.Features?.Distinct().ToList() ?? [Feature.PrintedLegend, Feature.PaperLabel];
        var soils = item.AllSoils;
        var left = item.Trials.Aggregate(1.0, (l, t) => l * (1 - t.RemovedShare));
        var rungs = methods
            .OrderBy(m => m.Strength)
            .ThenBy(m => m.Id, StringComparer.Ordinal)
            .Select(m => Judge(m, item, materials, features, soils))
            .ToList();
        var owed = Owed(item);
        var carry = owed is null && Loose(item) ? Carrying(rungs, methods) : null;
        var next = owed is { } o ? rungs.Find(r => r.Method == o && r.State != RungState.Out) : carry;
        next ??= Disinfecting(item, rungs, methods) ?? Choose(rungs, item.Trials);
        rungs = [.. rungs.Select(r => r == next ? r with { State = RungState.Next } : r)];
        var owes = (owed is not null && next?.Method == owed) || carry is not null;
        var clean = !owes && left <= (item.InSight ? CleanInSight : CleanHidden) + 1e-9;
        var damaged = item.Trials is [.., { Damage: true }];
        var method = next is null ? null : methods.First(m => m.Id == next.Method);
        var spent = item.Trials.Sum(t => methods.First(m => m.Id == t.Method).HandsMinutes);
        var blocked = rungs.Exists(r => r is { State: RungState.Out } && r.Chance >= RealChance && Blocked(r, item, methods));
        var verdict = Say(item, materials, features, soils, left, clean, damaged, next, method, spent, carry is not null, blocked);
        if (verdict.Outcome == Outcome.Yes && next is not null && materials.Contains(Material.NotKnown))
        {
            verdict = verdict with
            {
                Outcome = Outcome.YesIf,
                Sentence = $"{verdict.Sentence.TrimEnd('.')}, if it bears that: nobody has said what all of it is made of.",
            };
        }
        var goesOn = verdict.Outcome is Outcome.Yes or Outcome.YesIf;
        if (!goesOn)
        {
            rungs = [.. rungs.Select(r => r.State == RungState.Next ? r with { State = RungState.Later } : r)];
        }
        return new(
            rungs,
            Math.Round(left, 4),
            goesOn ? next!.Method : null,
            goesOn ? [.. Before(method!), .. method!.Wets ? BeforeWet(materials, features) : []] : [],
            goesOn ? method!.Leaves : "",
            verdict
        );
    }

    /// <summary>What the last method left that another takes off: its id, null where nothing is owed.</summary>
    public static string? Owed(CleaningFacts item)
    {
        var methods = Methods.Of(item);
        for (var i = item.Trials.Count - 1; i >= 0; i--)
        {
            var then = methods.FirstOrDefault(m => m.Id == item.Trials[i].Method)?.Then;
            if (then is { Length: > 0 })
            {
                return item.Trials.Skip(i + 1).Any(t => t.Method == then) ? null : then;
            }
        }
        return null;
    }

    /// <summary>The last pass loosened some of it, and nothing has carried that off since.</summary>
    public static bool Loose(CleaningFacts item) => item.Trials is [.., { Loosened: >= WorthCarrying }];

    /// <summary>The mildest that takes along what lies loose, and can move such a soil at all: a dry brush carries no grease. A real chance is not asked for, since it is loose already.</summary>
    static Rung? Carrying(List<Rung> rungs, IReadOnlyList<CleaningMethod> methods) =>
        rungs.Find(r => r.State != RungState.Out && r.Chance > 0 && methods.First(m => m.Id == r.Method).Carries);

    /// <summary>Droppings and mould are disinfected before anything else, once, by the mildest that this bears; null where that is done, or nothing does.</summary>
    static Rung? Disinfecting(CleaningFacts item, List<Rung> rungs, IReadOnlyList<CleaningMethod> methods)
    {
        bool Kills(string id) => methods.First(m => m.Id == id).Disinfects;
        return item.AllSoils.Any(s => s is Soil.Droppings or Soil.Mould) && !item.Trials.Any(t => Kills(t.Method))
            ? rungs.Find(r => r.State is RungState.Later or RungState.NoChance && Kills(r.Method))
            : null;
    }

    /// <summary>It is out only for what lies on the part and a rinse takes off.</summary>
    static bool Blocked(Rung rung, CleaningFacts item, IReadOnlyList<CleaningMethod> methods)
    {
        var substance = methods.First(m => m.Id == rung.Method).Substance;
        return item.On.Count > 0 && Mixing.May([substance, .. item.On]).Verdict.Outcome == Outcome.No;
    }

    static Rung Judge(
        CleaningMethod m,
        CleaningFacts item,
        IReadOnlyList<Material> materials,
        IReadOnlyList<Feature> features,
        IReadOnlyList<Soil> soils
    )
    {
        var chance = soils.Max(s => m.Moves.GetValueOrDefault(s));
        Rung With(RungState state, string why = "", bool test = false) => new(m.Id, m.Name, m.Strength, chance, test, state, why);
        // Only what the method itself brings; what lies there already is told by itself.
        var meets = Mixing
            .May([m.Substance, .. item.On, .. OnIt(materials, soils)])
            .Clashes.FirstOrDefault(c => c.First == m.Substance || c.Second == m.Substance);
        if (meets is not null)
        {
            return With(RungState.Out, Mixing.Sentence(meets));
        }
        if (item.On.Contains(Substance.NotKnown) && m.Substance != Substance.Water)
        {
            return With(RungState.Out, "Residue unknown: rinse it with water first.");
        }
        if (item.OwnMaterials.FirstOrDefault(o => o.Never.Contains(m.Id)) is { } own)
        {
            return With(RungState.Out, own.Why.Length > 0 ? own.Why : $"Never on {Words.Lower(own.Name)}.");
        }
        if (
            materials.Any(x => m.Materials.GetValueOrDefault(x) == Bears.Never)
            || features.Any(f => m.Features.GetValueOrDefault(f) == Bears.Never && !Coverable(f))
        )
        {
            return With(RungState.Out, m.Why);
        }
        if (m.Strength >= KnownOnlyFrom && materials.Contains(Material.NotKnown))
        {
            return With(
                RungState.Out,
                "Not before it is known what this is made of: magnesium is never ground, and a clear part is dull for good."
            );
        }
        if (!m.Wets && m.Substance == Substance.Water && soils.Any(s => s is Soil.Droppings or Soil.Mould))
        {
            return With(RungState.Out, "Droppings and mould are wetted before they are wiped, never brushed dry.");
        }
        if (item.Trials.Any(t => t.Method == m.Id && t.Damage == true))
        {
            return With(RungState.Out, "It did damage here.");
        }
        // A label that nobody has looked for is looked for, and covered, before soap and water; nothing harder may count on that.
        bool Coverable(Feature f) =>
            item.Features is null
            && f == Feature.PaperLabel
            && m.Wets
            && m.Strength <= MildWash
            && m.Substance is Substance.Soap or Substance.Water;
        var test =
            item.OwnMaterials.Any(o => !o.Safe.Contains(m.Id))
            || materials.Any(x => m.Materials.GetValueOrDefault(x) != Bears.Safe)
            || features.Any(f => m.Features.GetValueOrDefault(f) != Bears.Safe);
        var last = item.Trials.LastOrDefault(t => t.Method == m.Id);
        return With(
                // One without a chance by itself may still carry off what lies loose, and is spot-tested as any other.
                chance < RealChance
                    ? RungState.NoChance
                // Disinfecting is done once; what is left is dirt.
                : last is null || !m.Disinfects && last.RemovedShare + last.Loosened >= LeastGain ? RungState.Later
                : RungState.Tried,
            "",
            // What it bore once, as somebody saw, it bears again.
            test && !item.Trials.Any(t => t.Method == m.Id && t.Damage == false)
        );
    }

    /// <summary>The mildest that may still gain. One that was passed over by a harder one is not gone back to, unless it was never tried.</summary>
    static Rung? Choose(List<Rung> rungs, IReadOnlyList<CleaningTrial> trials)
    {
        var open = rungs.Where(r => r.State == RungState.Later).ToList();
        // Once more with what has just gained; otherwise the mildest that is left.
        return trials.Count > 0 && open.Find(r => r.Method == trials[^1].Method) is { } again
            ? again
            : open.FirstOrDefault(r => trials.All(t => t.Method != r.Method)) ?? open.FirstOrDefault();
    }

    /// <summary>What the part and its dirt bring to whatever is put on them.</summary>
    public static IEnumerable<Substance> OnIt(CleaningFacts f) => OnIt(f.AllMaterials, f.AllSoils);

    /// <summary>What it may be besides, where nobody has named its material, or its material may hold bare metal.</summary>
    public static IEnumerable<Substance> MayBe(CleaningFacts f) => MayBe(f.AllMaterials);

    static IEnumerable<Substance> OnIt(IReadOnlyList<Material> materials, IReadOnlyList<Soil> soils)
    {
        foreach (var m in materials)
        {
            switch (m)
            {
                case Material.Aluminium:
                    yield return Substance.Aluminium;
                    break;
                case Material.Magnesium:
                    yield return Substance.Magnesium;
                    break;
                case Material.BareSteel or Material.ZincDieCast or Material.Bearing or Material.Connector:
                    yield return Substance.BareMetal;
                    break;
            }
        }
        if (soils.Contains(Soil.AlkalineLeak))
        {
            yield return Substance.AlkalineResidue;
        }
        if (soils.Contains(Soil.AcidLeak))
        {
            yield return Substance.AcidResidue;
        }
    }

    /// <summary>What a material that nobody has named may be, for whatever lies on it already.</summary>
    static Substance[] MayBe(IReadOnlyList<Material> materials) =>
        materials.Contains(Material.NotKnown) ? [Substance.BareMetal, Substance.Aluminium, Substance.Magnesium]
        : materials.Any(m => m is Material.Board or Material.Switch or Material.PlatedSteel) ? [Substance.BareMetal]
        : [];

    static string[] Before(CleaningMethod m) => m.Before.Length > 0 ? [m.Before] : [];

    /// <summary>What is noted before it gets wet; empty where nothing on it moves or washes off.</summary>
    public static IReadOnlyList<string> BeforeWet(CleaningFacts f) =>
        BeforeWet(f.AllMaterials, f.Features?.Distinct().ToList() ?? [Feature.PrintedLegend, Feature.PaperLabel]);

    static List<string> BeforeWet(IReadOnlyList<Material> materials, IReadOnlyList<Feature> features)
    {
        var list = new List<string>();
        if (materials.Any(m => m is Material.Board or Material.Switch or Material.Connector or Material.NotKnown))
        {
            list.Add("Photograph and read trimmers, switches and jumpers, and mark where they stand.");
        }
        if (features.Any(f => f is Feature.PaperLabel or Feature.FoilLabel or Feature.MarkOfItsHistory))
        {
            list.Add("Photograph every label and mark, and cover what is to stay.");
        }
        return list;
    }
}
