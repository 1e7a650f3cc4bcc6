using Haar.Core.Cleaning;

namespace Haar.Data.Packs;

/// <summary>Methods, materials and soils of a workshop's own packs.</summary>
public sealed record OwnCleaning(IReadOnlyList<CleaningMethod> Methods, IReadOnlyList<OwnMaterial> Materials, IReadOnlyList<OwnSoil> Soils)
{
    public static OwnCleaning Of(IReadOnlyList<Pack> packs) =>
        new(
            [.. packs.SelectMany(p => p.Methods).DistinctBy(m => m.Id)],
            [.. packs.SelectMany(p => p.Materials).DistinctBy(m => m.Id)],
            [.. packs.SelectMany(p => p.Soils).DistinctBy(m => m.Id)]
        );

    /// <summary>The same item by these: a method that was tried and is gone stays, so that what was done can be told.</summary>
    public CleaningFacts On(CleaningFacts item)
    {
        var tried = item.Trials.Select(t => t.Method).ToHashSet();
        return item with
        {
            OwnMethods = [.. Methods.Concat(item.OwnMethods.Where(m => tried.Contains(m.Id))).DistinctBy(m => m.Id)],
            OwnMaterials = [.. item.OwnMaterials.Select(m => Materials.FirstOrDefault(x => x.Id == m.Id) ?? m)],
            OwnSoils = [.. item.OwnSoils.Select(m => Soils.FirstOrDefault(x => x.Id == m.Id) ?? m)],
        };
    }
}
