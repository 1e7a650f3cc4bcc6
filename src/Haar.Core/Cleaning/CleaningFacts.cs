using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What is cleaned is made of.</summary>
public enum Material
{
    NotKnown = 0,
    Abs,
    Polystyrene,
    Polycarbonate,
    PcAbs,
    Acrylic,
    Nylon,
    PlatedSteel,
    BareSteel,
    Aluminium,
    Magnesium,
    ZincDieCast,
    Glass,
    CoatedGlass,
    Rubber,
    Foam,
    Wood,
    LeatherLike,
    Membrane,
    Board,
    Connector,
    Switch,
    Bearing,
}

/// <summary>What lies on it and must stay as it is.</summary>
public enum Feature
{
    /// <summary>Lettering printed on; worn off by what cleans it.</summary>
    PrintedLegend,
    PaperLabel,
    FoilLabel,
    SoftTouch,
    Paint,

    /// <summary>A name, a sticker, a stamp that belongs to its history.</summary>
    MarkOfItsHistory,
}

/// <summary>What is to come off.</summary>
public enum Soil
{
    NotKnown = 0,
    Dust,
    Grease,
    VapourFilm,
    Odour,
    Mould,
    Droppings,
    Adhesive,
    Paint,
    Ink,
    Oxide,
    Salt,
    AlkalineLeak,
    AcidLeak,
    Tarnish,
    CrumbledFoam,
    DriedHeatCompound,
    Flux,
}

/// <summary>What a method does to a material or a feature.</summary>
public enum Bears
{
    /// <summary>Nobody has said: a spot test in a hidden place comes first.</summary>
    SpotTest = 0,
    Safe,
    Never,
}

/// <param name="Strength">1 the mildest, 10 the hardest.</param>
/// <param name="Moves">Chance that it takes most of such a soil off, 0 to 1; a soil that is not named it does not move.</param>
/// <param name="Materials">What it does to each; one that is not named wants a spot test.</param>
/// <param name="Features">The same of features.</param>
/// <param name="Why">Of each never: the reason.</param>
/// <param name="Leaves">What has to be dealt with next: water, oil, powder; empty for nothing.</param>
/// <param name="DwellMinutes">That it works by itself.</param>
/// <param name="HandsMinutes">For a hand's breadth.</param>
/// <param name="Wets">It brings water: trimmers, switches and labels are photographed before.</param>
public sealed record CleaningMethod(
    string Id,
    string Name,
    int Strength,
    Substance Substance,
    IReadOnlyDictionary<Soil, double> Moves,
    IReadOnlyDictionary<Material, Bears> Materials,
    IReadOnlyDictionary<Feature, Bears> Features,
    string Why,
    string Leaves,
    int DwellMinutes,
    int HandsMinutes,
    string Needs,
    bool Wets,
    IReadOnlyList<Safety.CautionId> Cautions,
    string Source
)
{
    /// <summary>What it leaves has to be rinsed off with clean water.</summary>
    public bool Rinse { get; init; }

    /// <summary>What is cleaned may lie in it.</summary>
    public bool Bath { get; init; }

    /// <summary>What is done before it, beside noting what it wets; empty for nothing.</summary>
    public string Before { get; init; } = "";

    /// <summary>Id of the method that follows it, as water follows a remover; empty for none.</summary>
    public string Then { get; init; } = "";

    /// <summary>It takes along what lies loose, as a cloth does and a bottle of solvent does not.</summary>
    public bool Carries { get; init; }

    /// <summary>It disinfects: on droppings and mould it comes before anything is wiped, rinsed or brushed.</summary>
    public bool Disinfects { get; init; }

    /// <summary>What one pass over a hand's breadth uses up; empty for nothing that is counted.</summary>
    public IReadOnlyList<Planning.SupplyNeed> Uses { get; init; } = [];

    /// <summary>How sure it is.</summary>
    [JsonPropertyName("founded")]
    public Basis Basis { get; init; } = Basis.Guess;
}

/// <summary>A material of a workshop's own: what it behaves like, and what is never done to it.</summary>
/// <param name="Like">Whatever holds for each of these holds for it; none counts as not known.</param>
/// <param name="Safe">Ids of methods that it is known to bear; all others want a spot test.</param>
/// <param name="Never">Ids of methods that it does not bear.</param>
public sealed record OwnMaterial(
    string Id,
    string Name,
    IReadOnlyList<Material> Like,
    IReadOnlyList<string> Safe,
    IReadOnlyList<string> Never,
    string Why,
    string Source
);

/// <summary>A soil of a workshop's own: what moves it is what moves these.</summary>
public sealed record OwnSoil(string Id, string Name, IReadOnlyList<Soil> Like, string Source);

/// <param name="Method">Id.</param>
/// <param name="RemovedShare">Of what was there before this pass, 0 to 1; by two photos, or in fifths by eye.</param>
/// <param name="Damage">New: scratches, bloom, lettering gone; null where nobody has looked, and then it has not borne it yet.</param>
/// <param name="ByEye">A guess then.</param>
/// <param name="Loosened">Of what was there before this pass, what has come loose and still lies there: by eye, in fifths. It is not removed until it is carried off.</param>
public sealed record CleaningTrial(string Method, double RemovedShare, bool? Damage = null, bool ByEye = true, double Loosened = 0);

/// <summary>What is cleaned.</summary>
public sealed record CleaningFacts
{
    /// <summary>Nothing named counts as not known.</summary>
    public IReadOnlyList<Material> Materials { get; init; } = [];

    /// <summary>Null when nobody looked, and then lettering and labels count as there.</summary>
    public IReadOnlyList<Feature>? Features { get; init; }
    public IReadOnlyList<Soil> Soils { get; init; } = [];

    /// <summary>Materials and soils by a pack, as they were when it was put down.</summary>
    public IReadOnlyList<OwnMaterial> OwnMaterials { get; init; } = [];
    public IReadOnlyList<OwnSoil> OwnSoils { get; init; } = [];

    /// <summary>Methods of the workshop's packs, beside the usual ones or in their place; as they were when it was last put down or a pack came in.</summary>
    public IReadOnlyList<CleaningMethod> OwnMethods { get; init; } = [];

    /// <summary>All that it is made of, by what the rules know; never empty.</summary>
    [JsonIgnore]
    public IReadOnlyList<Material> AllMaterials
    {
        get
        {
            List<Material> all =
            [
                .. Materials.Concat(OwnMaterials.SelectMany(m => m.Like.Count == 0 ? [Material.NotKnown] : m.Like)).Distinct(),
            ];
            return all.Count == 0 ? [Material.NotKnown] : all;
        }
    }

    /// <summary>The same of what is on it.</summary>
    [JsonIgnore]
    public IReadOnlyList<Soil> AllSoils
    {
        get
        {
            List<Soil> all = [.. Soils.Concat(OwnSoils.SelectMany(m => m.Like.Count == 0 ? [Soil.NotKnown] : m.Like)).Distinct()];
            return all.Count == 0 ? [Soil.NotKnown] : all;
        }
    }

    /// <summary>Cleaners and residues that are on it, or were and were not rinsed off.</summary>
    public IReadOnlyList<Substance> On { get; init; } = [];

    /// <summary>In order, oldest first.</summary>
    public IReadOnlyList<CleaningTrial> Trials { get; init; } = [];

    /// <summary>Mild tests of where it sits; null where nobody tried any.</summary>
    public SeatTests? Seat { get; init; }

    /// <summary>In sight when the machine is whole; a hidden place is clean enough sooner.</summary>
    public bool InSight { get; init; } = true;

    /// <summary>Price of a tested one, and what an hour is worth, in the workshop's currency; null when not known.</summary>
    public double? Replacement { get; init; }
    public double? HourWorth { get; init; }

    /// <exception cref="InvalidInputException">A share that cannot be, or a money figure.</exception>
    public void Check()
    {
        if (Trials.Count > 200)
        {
            throw new InvalidInputException("trials", "At most 200 trials.");
        }
        for (var i = 0; i < Trials.Count; i++)
        {
            InvalidInputException.Finite($"trials[{i}].removedShare", Trials[i].RemovedShare, 0, 1, "");
            InvalidInputException.Finite($"trials[{i}].loosened", Trials[i].Loosened, 0, 1, "");
            if (Trials[i].RemovedShare + Trials[i].Loosened > 1 + 1e-9)
            {
                throw new InvalidInputException(
                    $"trials[{i}].loosened",
                    "What came off and what lies loose are together no more than all of it."
                );
            }
        }
        if (OwnMethods.Count > 500 || OwnMaterials.Count > 40 || OwnSoils.Count > 40)
        {
            throw new InvalidInputException("ownMethods", "At most 500 methods, 40 materials and 40 soils of one's own.");
        }
        for (var i = 0; i < OwnMethods.Count; i++)
        {
            InvalidInputException.Finite($"ownMethods[{i}].strength", (double)OwnMethods[i].Strength, 1, 10, "");
            InvalidInputException.Finite($"ownMethods[{i}].dwellMinutes", (double)OwnMethods[i].DwellMinutes, 0, 100_000, "min");
            InvalidInputException.Finite($"ownMethods[{i}].handsMinutes", (double)OwnMethods[i].HandsMinutes, 0, 600, "min");
            if (OwnMethods[i].Uses.Count > 12)
            {
                throw new InvalidInputException($"ownMethods[{i}].uses", "At most 12 supplies.");
            }
            foreach (var use in OwnMethods[i].Uses)
            {
                use.Check($"ownMethods[{i}].uses");
            }
            if (OwnMethods[i].Moves.Values.Any(c => !(c is >= 0 and <= 1)))
            {
                throw new InvalidInputException($"ownMethods[{i}].moves", "A chance is between 0 and 1.");
            }
        }
        InvalidInputException.Finite("replacement", Replacement, 0, 1e6, "");
        InvalidInputException.Finite("hourWorth", HourWorth, 0, 1e5, "");
    }
}
