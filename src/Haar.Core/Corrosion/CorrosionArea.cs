using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <summary>What leaked; it decides the reaction of what it left.</summary>
public enum LeakSource
{
    NotKnown = 0,
    NickelCell,
    AlkalineCell,
    ZincCarbonCell,
    LeadAcidCell,
    CapacitorElectrolyte,
    SaltWater,

    /// <summary>A lithium-thionyl cell of 3.6 V, ½AA or AA: an acid.</summary>
    ThionylCell,
}

/// <summary>How far it has gone.</summary>
public enum CorrosionStage
{
    /// <summary>Copper dull under a whole mask.</summary>
    Tarnish = 0,

    /// <summary>Green or white bloom on top.</summary>
    Bloom,

    /// <summary>The mask has lifted.</summary>
    MaskLifted,

    /// <summary>Copper is eaten thin.</summary>
    CopperEaten,

    /// <summary>A trace or a via is gone.</summary>
    Open,
}

/// <summary>One look at an area: stage and size on a day.</summary>
public sealed record AreaInspection(DateTimeOffset At, CorrosionStage Stage, double SquareCentimetres);

/// <summary>A step of the cleaning, in the only order in which they can be done.</summary>
public enum AreaStep
{
    Neutralise,
    Rinse,
    Alcohol,
    Dry,
    Mask,
}

/// <summary>How far the cleaning of one area has come; a null instant is a step not yet done.</summary>
public sealed record AreaTreatment
{
    public DateTimeOffset? NeutralisedAt { get; init; }

    /// <summary>Of the last rinse water, on paper; null when nobody looked.</summary>
    public double? Ph { get; init; }
    public DateTimeOffset? RinsedAt { get; init; }
    public int Rinses { get; init; }
    public DateTimeOffset? AlcoholAt { get; init; }
    public DateTimeOffset? DriedAt { get; init; }
    public DateTimeOffset? MaskedAt { get; init; }

    /// <summary>Something was put on it, and it is not dry.</summary>
    [JsonIgnore]
    public bool Wet => DriedAt is null && (NeutralisedAt ?? RinsedAt ?? AlcoholAt) is not null;

    /// <summary>The steps of the cleaning; how long it dries is <see cref="AreaDrying"/>'s to say.</summary>
    public static readonly Procedure<(AreaTreatment Treatment, CorrosionStage Stage), AreaStep> Procedure = new(
        "Everything is done on this area.",
        new(AreaStep.Neutralise, "neutralise it", s => s.Treatment.NeutralisedAt),
        new(AreaStep.Rinse, "rinse it", s => s.Treatment.RinsedAt),
        new(AreaStep.Alcohol, "alcohol, to carry the water off", s => s.Treatment.AlcoholAt),
        new(AreaStep.Dry, "dry it", s => s.Treatment.DriedAt),
        new(AreaStep.Mask, "new mask over bare copper", s => s.Treatment.MaskedAt, s => s.Stage >= CorrosionStage.MaskLifted)
    );

    /// <summary>The next step; null when all are done.</summary>
    public AreaStep? Next(CorrosionStage stage) => Procedure.Next((this, stage));

    internal const string RinsePh =
        "Let the last rinse water stand for a minute, lay pH paper in it and say what it reads: 6 to 8 ends this step.";

    internal static string StillPh(double ph) =>
        $"The rinse water is still {(ph > 7 ? "alkaline" : "acid")}, pH {Markings.Si.Plain(ph)}: go on with the neutraliser, then rinse again.";

    /// <exception cref="InvalidInputException">Not the next step, or rinse water that does not yet read 6 to 8.</exception>
    public AreaTreatment Take(AreaStep step, CorrosionStage stage, DateTimeOffset at, double? ph = null, int rinses = 0)
    {
        var turn = Procedure.Turn((this, stage), step);
        if (!turn.Granted)
        {
            throw new InvalidInputException(turn.Field, turn.Verdict.Sentence);
        }
        switch (step)
        {
            case AreaStep.Neutralise:
                // The bath reads 3 or 8.3: what reads neutral is water that stood on it, and counts as that.
                return this with { NeutralisedAt = at, Ph = ph is >= Neutralise.LeastPh and <= Neutralise.MostPh ? ph : null };
            case AreaStep.Rinse:
                if (rinses is <= 0 or >= 100)
                {
                    throw new InvalidInputException("rinses", "Say how often it was rinsed.");
                }
                if ((ph ?? Ph) is not { } value)
                {
                    throw new InvalidInputException("ph", RinsePh);
                }
                InvalidInputException.Finite("ph", value, 0, 14, "");
                return value is < Neutralise.LeastPh or > Neutralise.MostPh
                    ? throw new InvalidInputException("ph", StillPh(value))
                    : this with
                    {
                        RinsedAt = at,
                        Rinses = rinses,
                        Ph = value,
                    };
            case AreaStep.Alcohol:
                return this with { AlcoholAt = at };
            case AreaStep.Dry:
                return this with { DriedAt = at };
            default:
                return this with { MaskedAt = at };
        }
    }

    public static string Words(AreaStep step) => Procedure.Words(step);
}

/// <summary>One corroded area on a board's map.</summary>
public sealed class CorrosionArea : Acts.ICheckedRow, Acts.IHazardRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid BoardId { get; init; }
    public Side Side { get; set; }
    public string Name { get; set; } = "";
    public LeakSource Source { get; set; }

    /// <summary>Of wet paper laid on the residue before anything was done; null when nobody tried.</summary>
    public double? PhBefore { get; set; }
    public List<Point> Outline { get; set; } = [];

    /// <summary>Oldest first; the last one stands.</summary>
    [JsonPropertyName("looks")]
    public List<AreaInspection> Inspections { get; set; } = [];
    public AreaTreatment Treatment { get; set; } = new();
    public DateOnly? InspectOn { get; set; }

    /// <summary>A piece of work on the plan that stands for its next step, so that it is not listed twice; taking that step does it.</summary>
    public Guid? JobId { get; set; }
    public int Version { get; set; }

    public CorrosionStage Stage => Inspections.Count == 0 ? CorrosionStage.Bloom : Inspections[^1].Stage;

    public AreaStep? Next => Treatment.Next(Stage);

    public void Check()
    {
        Acts.TextField.Check("name", Name, 60, "1 to 60 characters.");
        Boards.Outline.Check("outline", Outline);
        InvalidInputException.Finite("phBefore", PhBefore, 0, 14, "");
    }

    /// <inheritdoc />
    [JsonIgnore]
    public Acts.Hazard? Hazard =>
        Treatment.Wet ? new(Safety.DangerKind.WetRowGone, $"{Words.Capital(Name)} was wet.")
        : Stage >= CorrosionStage.Bloom && Treatment.RinsedAt is null
            ? new(Safety.DangerKind.RowGone, $"What leaked at {Words.Lower(Name)} was not neutralised and rinsed off.")
        : null;
}

public static class Leaks
{
    public static LeakReaction? Reaction(this LeakSource source) =>
        source switch
        {
            LeakSource.NickelCell or LeakSource.AlkalineCell => LeakReaction.Alkaline,
            LeakSource.ZincCarbonCell or LeakSource.LeadAcidCell or LeakSource.ThionylCell => LeakReaction.Acid,
            LeakSource.SaltWater => LeakReaction.None,
            // Electrolyte of capacitors is met both ways: only paper tells.
            _ => null,
        };

    /// <summary>What a cell of this chemistry leaves behind.</summary>
    public static LeakSource Source(this CellChemistry chemistry) =>
        chemistry switch
        {
            CellChemistry.NickelCadmium or CellChemistry.NickelMetalHydride => LeakSource.NickelCell,
            CellChemistry.Alkaline or CellChemistry.SilverOxide => LeakSource.AlkalineCell,
            CellChemistry.ZincCarbon => LeakSource.ZincCarbonCell,
            CellChemistry.LeadAcid => LeakSource.LeadAcidCell,
            CellChemistry.LithiumThionyl => LeakSource.ThionylCell,
            _ => LeakSource.NotKnown,
        };

    /// <summary>By wet pH paper laid on the residue.</summary>
    public static LeakReaction ReactionOf(double ph) =>
        ph > Neutralise.MostPh ? LeakReaction.Alkaline
        : ph < Neutralise.LeastPh ? LeakReaction.Acid
        : LeakReaction.None;
}
