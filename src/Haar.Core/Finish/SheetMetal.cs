using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

public enum FinishStep
{
    /// <summary>Wet pH paper laid on it.</summary>
    ReadResidue = 0,
    Neutralise,

    /// <summary>Threads, rails and earth points.</summary>
    Mask,
    RemoveRust,
    Dry,

    /// <summary>Bent metal, until its mating parts fit.</summary>
    TrueUp,
    Prime,

    /// <summary>The shade, sprayed on a card and dried, against the part.</summary>
    TestCard,
    Coat,
    Cure,
    EarthPoints,

    /// <summary>Where it is not painted: a film against fresh rust.</summary>
    Oil,
}

/// <param name="Celsius">Of the air.</param>
/// <param name="Humidity">Relative, percent.</param>
public sealed record CoatLaid(DateTimeOffset At, double Celsius, double Humidity);

/// <summary>How far the work on a panel has come; a null instant is a step not yet done.</summary>
public sealed record FinishSheet
{
    public DateTimeOffset? ResidueAt { get; init; }
    public double? ResiduePh { get; init; }
    public DateTimeOffset? NeutralisedAt { get; init; }
    public DateTimeOffset? MaskedAt { get; init; }
    public DateTimeOffset? RustOffAt { get; init; }
    public DateTimeOffset? DriedAt { get; init; }
    public DateTimeOffset? TruedAt { get; init; }
    public CoatLaid? Primer { get; init; }
    public DateTimeOffset? CardAt { get; init; }

    /// <summary>ΔE00 of the dried test card against the part; null where it was judged by eye.</summary>
    public double? CardApart { get; init; }
    public IReadOnlyList<CoatLaid> Coats { get; init; } = [];
    public DateTimeOffset? CuredAt { get; init; }
    public DateTimeOffset? OiledAt { get; init; }
    public DateTimeOffset? EarthAt { get; init; }
    public double? EarthOhms { get; init; }

    /// <summary>When it was done otherwise than by these steps; everything but what is read counts as done then.</summary>
    public DateTimeOffset? OtherwiseAt { get; init; }
}

/// <summary>A panel, cover or frame of sheet steel that is freed of rust, and painted where it was.</summary>
public sealed class SheetMetal : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>The piece of the strip-down or the finding that it was put down for.</summary>
    public Guid? FromId { get; set; }

    /// <summary>Share of it that is rusted, percent; null when nobody looked.</summary>
    public double? RustedPercent { get; set; }

    /// <summary>By a photo, and not by eye.</summary>
    public Guid? PhotoId { get; set; }
    public Coating Coating { get; set; }
    public ToolReach Reach { get; set; }

    /// <summary>Something leaked near it. Not known counts as yes.</summary>
    public ThreeState Leaked { get; set; }

    /// <summary>Threads, rails or earth points on it. Not known counts as yes.</summary>
    public ThreeState Working { get; set; }
    public ThreeState Bent { get; set; }
    public double SquareCentimetres { get; set; } = 1000;

    /// <summary>Of top coat; 0 for none.</summary>
    public int Coats { get; set; }
    public PaintFacts Paint { get; set; } = new();

    /// <summary>By the sheet, until it is handled.</summary>
    public double CureHours { get; set; } = 24;
    public FinishSheet Sheet { get; set; } = new();
    public int Version { get; set; }

    [JsonIgnore]
    public bool HasWorking => Working != ThreeState.No;

    public FinishStep? Next => FinishSteps.Procedure.Next(this);

    [JsonIgnore]
    public bool Begun => FinishSteps.Procedure.LastAt(this) is not null;

    /// <summary>How its rust comes off, on what is known of it.</summary>
    public RustResult? Rusted() => RustedPercent is { } p ? Rust.Plan(p, Coating, Reach, Residue) : null;

    /// <summary>A leak's residue lies on it; null when nobody has read the paper, and something may have leaked.</summary>
    bool? Residue =>
        StaysAsItIs || Leaked == ThreeState.No ? false
        : Sheet.ResiduePh is not { } ph ? null
        : ph is < 6 or > 8 && Sheet.NeutralisedAt is null;

    /// <summary>It is left as it is: cadmium, or chromate.</summary>
    [JsonIgnore]
    public bool StaysAsItIs => Coating is Coating.Cadmium or Coating.YellowPassivated;

    public void Check()
    {
        TextField.Check("name", Name, 60, "Say in 1 to 60 characters what it is: the side cover, the drive cage.");
        InvalidInputException.Finite("rustedPercent", RustedPercent, 0, 100, "%");
        InvalidInputException.Finite("squareCentimetres", SquareCentimetres, 1, 1e6, "cm²");
        InvalidInputException.Finite("coats", (double)Coats, 0, 10, "coats");
        InvalidInputException.Finite("cureHours", CureHours, 0, 24 * 60, "h");
        if (Coats > 0)
        {
            _ = Finish.Paint.Plan(SquareCentimetres, Coats, paint: Paint);
        }
    }
}

/// <summary>The steps of the work on a panel, in the only order in which they can be done.</summary>
public static class FinishSteps
{
    static bool Rusty(SheetMetal m) => !m.StaysAsItIs && m.RustedPercent is not <= 0;

    public static readonly Procedure<SheetMetal, FinishStep> Procedure = new(
        "Every step on this panel is done.",
        new(FinishStep.ReadResidue, "lay wet pH paper on it", m => m.Sheet.ResidueAt, m => !m.StaysAsItIs && m.Leaked != ThreeState.No),
        new(
            FinishStep.Neutralise,
            "neutralise what leaked, and rinse until pH paper reads 6 to 8",
            m => m.Sheet.NeutralisedAt,
            m => !m.StaysAsItIs && m.Sheet.ResiduePh is < 6 or > 8
        ),
        new(
            FinishStep.Mask,
            "mask threads, rails and earth points",
            m => m.Sheet.MaskedAt ?? m.Sheet.OtherwiseAt,
            m => !m.StaysAsItIs && m.HasWorking
        ),
        new(FinishStep.RemoveRust, "take the rust off", m => m.Sheet.RustOffAt ?? m.Sheet.OtherwiseAt, Rusty),
        new(FinishStep.Dry, "rinse and dry it warm", m => m.Sheet.DriedAt ?? m.Sheet.OtherwiseAt, Rusty),
        new(
            FinishStep.Oil,
            "wipe a film of oil or wax on what is bare",
            m => m.Sheet.OiledAt ?? m.Sheet.OtherwiseAt,
            m => Rusty(m) && m.Coats == 0
        ),
        new(
            FinishStep.TrueUp,
            "true it until its mating parts fit",
            m => m.Sheet.TruedAt ?? m.Sheet.OtherwiseAt,
            m => m.Bent == ThreeState.Yes
        ),
        new(FinishStep.Prime, "prime it", m => m.Sheet.Primer?.At ?? m.Sheet.OtherwiseAt, m => m.Coats > 0 && !m.StaysAsItIs),
        new(
            FinishStep.TestCard,
            "hold the dried test card against it",
            m => m.Sheet.CardAt ?? m.Sheet.OtherwiseAt,
            m => m.Coats > 0 && !m.StaysAsItIs
        ),
        new(
            FinishStep.Coat,
            "lay the next coat",
            m => m.Sheet.Coats.Count >= m.Coats ? m.Sheet.Coats[^1].At : m.Sheet.OtherwiseAt,
            m => m.Coats > 0 && !m.StaysAsItIs
        ),
        new(FinishStep.Cure, "let it cure", m => m.Sheet.CuredAt ?? m.Sheet.OtherwiseAt, m => m.Coats > 0 && !m.StaysAsItIs),
        new(FinishStep.EarthPoints, "measure its earth points", m => m.Sheet.EarthAt, m => m.HasWorking && !m.StaysAsItIs)
    );

    /// <summary>When the next step may be done; null for now.</summary>
    public static DateTimeOffset? From(SheetMetal m) =>
        m.Next switch
        {
            FinishStep.Coat when (m.Sheet.Coats.Count > 0 ? m.Sheet.Coats[^1].At : m.Sheet.Primer?.At) is { } last => last.AddMinutes(
                m.Paint.RecoatFromMinutes
            ),
            FinishStep.Cure when m.Sheet.Coats is [.., var last] => last.At.AddHours(m.CureHours),
            _ => null,
        };

    /// <summary>How it stands with a panel, in one sentence.</summary>
    public static Verdict Stand(SheetMetal m)
    {
        const string question = "What is done here?";
        var name = Words.Capital(m.Name);
        if (m.StaysAsItIs)
        {
            return (m.Rusted() ?? Rust.Plan(1, m.Coating, m.Reach, false)).Verdict with { Question = question };
        }
        if (m.Next is not { } next)
        {
            return Verdict.Of(
                question,
                Outcome.Yes,
                $"{name}: done.",
                Basis.Measured,
                new Reason(Procedure.Turn(m, FinishStep.Mask).Verdict.Sentence)
            );
        }
        if (next == FinishStep.RemoveRust)
        {
            return m.Rusted() is { } rust
                ? rust.Verdict with
                {
                    Question = question,
                }
                : Verdict
                    .Of(question, Outcome.Unknown, $"{name}: how much of it is rusted nobody has looked.", Basis.Rule)
                    .Changing("A photo with the panel outlined, or a figure by eye.");
        }
        return Verdict.Of(
            question,
            Outcome.YesIf,
            $"{name}: {Procedure.Words(next)}{(next == FinishStep.Coat ? $", {m.Sheet.Coats.Count + 1} of {m.Coats}" : "")}.",
            Basis.Rule,
            [.. m.Rusted() is { } r ? r.Steps.Select(s => new Reason(s)) : []]
        );
    }
}
