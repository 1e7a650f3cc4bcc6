using Haar.Core.Drying;
using Haar.Core.Finish;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What a piece or a finding becomes in the case's list.</summary>
public enum CandidateKind
{
    Item = 0,
    Panel,
    Keyboard,
    Mechanism,
}

/// <summary>Something that came off or was found, and is not on the list yet: one tap puts it there.</summary>
/// <param name="Why">Where it is from: "came off in step 3", "mould, found under the keyboard".</param>
/// <param name="Materials">As far as its kind says; a person says more.</param>
public sealed record Candidate(
    CandidateKind Kind,
    Guid? PieceId,
    Guid? FindingId,
    Guid? PhotoId,
    string Name,
    string Why,
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Soil> Soils,
    WetPart Dries,
    ThreeState Mains,
    MechanismKind Mechanism
);

/// <summary>Pieces of the strip-down and findings that the case has not on its list.</summary>
public static class Candidates
{
    public static IReadOnlyList<Candidate> Of(MachineFacts f)
    {
        var taken = f
            .CleanedItems.SelectMany(i => new[] { i.PieceId, i.FindingId })
            .Concat(f.SheetMetals.Select(s => s.FromId))
            .Concat(f.Keyboards.Select(k => k.FromId))
            .Concat(f.Mechanisms.Select(m => m.FromId))
            .OfType<Guid>()
            .ToHashSet();
        return
        [
            .. f.Findings.Where(x => x.Open && !taken.Contains(x.Id)).Select(Of).OfType<Candidate>(),
            .. f.StripSteps.Where(s => !taken.Contains(s.Id)).OrderBy(s => s.Number).Select(Of).OfType<Candidate>(),
        ];
    }

    /// <summary>The row that it becomes: with what its kind says of it, and nothing more.</summary>
    /// <returns>A <see cref="CleanedItem"/>, <see cref="SheetMetal"/>, <see cref="Keyboard"/> or <see cref="Mechanism"/>.</returns>
    public static object Row(Candidate c, Guid machineId, Guid id) =>
        c.Kind switch
        {
            CandidateKind.Panel => new SheetMetal
            {
                Id = id,
                MachineId = machineId,
                Name = Words.Capital(c.Name),
                FromId = c.PieceId ?? c.FindingId,
            },
            CandidateKind.Keyboard => new Keyboard
            {
                Id = id,
                MachineId = machineId,
                Name = Words.Capital(c.Name),
                FromId = c.PieceId ?? c.FindingId,
            },
            CandidateKind.Mechanism => new Mechanism
            {
                Id = id,
                MachineId = machineId,
                Name = Words.Capital(c.Name),
                Kind = c.Mechanism,
                FromId = c.PieceId ?? c.FindingId,
            },
            _ => new CleanedItem
            {
                Id = id,
                MachineId = machineId,
                Name = Words.Capital(c.Name),
                Facts = new() { Materials = c.Materials, Soils = c.Soils },
                Dries = c.Dries,
                Mains = c.Mains,
                PieceId = c.PieceId,
                FindingId = c.FindingId,
                PhotoId = c.PhotoId,
            },
        };

    static Candidate? Of(Finding x)
    {
        Soil? soil = x.Kind switch
        {
            FindingKind.Rodents => Soil.Droppings,
            FindingKind.Mould => Soil.Mould,
            FindingKind.SaltOrDamp => Soil.Salt,
            FindingKind.Rust => Soil.Oxide,
            _ => null,
        };
        if (soil is not { } s)
        {
            return null;
        }
        var place = x.Place.Length > 0 ? x.Place : x.Seen;
        return new(
            x.Kind == FindingKind.Rust ? CandidateKind.Panel : CandidateKind.Item,
            null,
            x.Id,
            x.PhotoId,
            place.Length > 60 ? place[..60].TrimEnd() : place,
            $"Found: {x.Seen.TrimEnd('.')}.",
            [],
            [s],
            WetPart.NotKnown,
            ThreeState.NotKnown,
            MechanismKind.NotKnown
        );
    }

    static Candidate? Of(StripStep s)
    {
        var title = s.Title.Length > 60 ? s.Title[..60].TrimEnd() : s.Title;
        Candidate Make(CandidateKind kind, WetPart dries, ThreeState mains, MechanismKind mechanism = MechanismKind.NotKnown) =>
            new(kind, s.Id, null, s.PhotoId, title, $"Came off in step {s.Number}.", MaterialsOf(s.Kind), [], dries, mains, mechanism);
        return s.Kind switch
        {
            PieceKind.Cover => Make(CandidateKind.Item, WetPart.Shell, ThreeState.No),
            PieceKind.Cage => Make(CandidateKind.Panel, WetPart.Shell, ThreeState.No),
            PieceKind.Keyboard => Make(CandidateKind.Keyboard, WetPart.Membrane, ThreeState.No),
            PieceKind.Drive => Make(CandidateKind.Mechanism, WetPart.Coils, ThreeState.NotKnown, Service.KindOf(title)),
            PieceKind.Fan => Make(CandidateKind.Mechanism, WetPart.Coils, ThreeState.NotKnown, MechanismKind.Fan),
            PieceKind.Speaker or PieceKind.Display or PieceKind.Supply or PieceKind.Cell or PieceKind.Module => null,
            PieceKind.Board or PieceKind.Card => Make(CandidateKind.Item, WetPart.Board, ThreeState.NotKnown),
            _ => Make(CandidateKind.Item, WetPart.NotKnown, ThreeState.NotKnown),
        };
    }

    /// <summary>What a piece of this kind is made of in every machine; empty where that differs.</summary>
    static IReadOnlyList<Material> MaterialsOf(PieceKind kind) => kind is PieceKind.Board or PieceKind.Card ? [Material.Board] : [];
}
