using System.Text.Json.Serialization;

namespace Haar.Core.Capacitors;

/// <summary>How a capacitor is made; it decides how it ages, what its ESR means and what may stand in for it.</summary>
public enum CapacitorKind
{
    Unknown = 0,
    AluminiumRadial,
    AluminiumAxial,
    AluminiumSurfaceMount,
    AluminiumLowEsr,
    Polymer,
    TantalumBead,
    TantalumSurfaceMount,
    Film,
    Ceramic,
    MainsFilterPaper,
    MainsFilterFilm,
    DoubleLayer,

    /// <summary>An aluminium electrolytic without a plus and a minus: NP, BP, for lines that swing both ways.</summary>
    AluminiumBipolar,
}

/// <summary>What it does on the board; it decides how exact a substitute has to be.</summary>
public enum CapacitorRole
{
    Unknown = 0,
    Bulk,
    SwitchingOutput,
    Timing,
    Coupling,
    Decoupling,
    MainsFilter,
    Backup,
    RegulatorOutput,
}

/// <summary>What can be seen, smelled or felt before anything is measured.</summary>
public enum CapacitorSign
{
    Bulging,
    Weeping,
    Cracked,
    FishySmell,
    DullJoint,
    NearHeat,
    EarlierRepair,
}

/// <summary>The two schools of recapping, a policy of the machine.</summary>
public enum RecapPolicy
{
    /// <summary>Only what looks or measures bad comes out.</summary>
    Evidence = 0,

    /// <summary>Parts of a known-bad kind and age come out whatever they measure.</summary>
    Preventive,
}

public static class CapacitorKinds
{
    public static bool IsAluminium(this CapacitorKind kind) =>
        kind
            is CapacitorKind.AluminiumRadial
                or CapacitorKind.AluminiumAxial
                or CapacitorKind.AluminiumSurfaceMount
                or CapacitorKind.AluminiumLowEsr
                or CapacitorKind.AluminiumBipolar;

    public static bool IsTantalum(this CapacitorKind kind) => kind is CapacitorKind.TantalumBead or CapacitorKind.TantalumSurfaceMount;

    /// <summary>Marked in the manner of electrolytics: microfarads in full, letters for volts.</summary>
    public static bool IsElectrolytic(this CapacitorKind kind) =>
        kind.IsAluminium() || kind.IsTantalum() || kind is CapacitorKind.Polymer or CapacitorKind.DoubleLayer;

    public static bool IsSurfaceMount(this CapacitorKind kind) =>
        kind is CapacitorKind.AluminiumSurfaceMount or CapacitorKind.TantalumSurfaceMount;

    /// <summary>Has wires that go through holes.</summary>
    public static bool IsLeaded(this CapacitorKind kind) => kind is CapacitorKind.AluminiumRadial or CapacitorKind.AluminiumAxial;

    public static bool IsMainsFilter(this CapacitorKind kind) => kind is CapacitorKind.MainsFilterPaper or CapacitorKind.MainsFilterFilm;

    /// <summary>Smallest and largest value that the kind is made in, farads. From the ranges that catalogues of through-hole and surface-mount parts cover; wide on purpose.</summary>
    public static (double Least, double Most) PlausibleFarads(this CapacitorKind kind) =>
        kind switch
        {
            CapacitorKind.DoubleLayer => (1e-3, 100),
            CapacitorKind.Polymer => (1e-6, 10e-3),
            CapacitorKind.TantalumBead or CapacitorKind.TantalumSurfaceMount => (0.09e-6, 3e-3),
            CapacitorKind.Film => (90e-12, 100e-6),
            CapacitorKind.Ceramic => (0.4e-12, 470e-6),
            CapacitorKind.MainsFilterFilm or CapacitorKind.MainsFilterPaper => (0.9e-9, 10e-6),
            CapacitorKind.Unknown => (0.4e-12, 100),
            _ => (0.09e-6, 1),
        };

    public static string Words(this CapacitorKind kind) =>
        kind switch
        {
            CapacitorKind.AluminiumRadial => "radial aluminium electrolytic",
            CapacitorKind.AluminiumAxial => "axial aluminium electrolytic",
            CapacitorKind.AluminiumSurfaceMount => "surface-mount aluminium electrolytic",
            CapacitorKind.AluminiumLowEsr => "low-ESR aluminium electrolytic",
            CapacitorKind.Polymer => "polymer electrolytic",
            CapacitorKind.TantalumBead => "tantalum bead",
            CapacitorKind.TantalumSurfaceMount => "surface-mount tantalum",
            CapacitorKind.Film => "film capacitor",
            CapacitorKind.Ceramic => "ceramic capacitor",
            CapacitorKind.MainsFilterPaper => "moulded paper mains filter capacitor",
            CapacitorKind.MainsFilterFilm => "film mains filter capacitor",
            CapacitorKind.DoubleLayer => "double-layer backup capacitor",
            CapacitorKind.AluminiumBipolar => "bipolar aluminium electrolytic",
            _ => "capacitor of unknown kind",
        };
}

/// <summary>What a part is, without where it sits. Lengths are millimetres, temperatures degrees Celsius.</summary>
public sealed record CapacitorSpec
{
    public CapacitorKind Kind
    {
        get;
        init
        {
            field = value;
            // Of another kind, what was said of the one before says nothing.
            said = null;
        }
    }

    /// <summary>Nominal capacitance; 0 where nobody could read it.</summary>
    public double Microfarads { get; init; }

    /// <summary>Somebody could read its value.</summary>
    [JsonIgnore]
    public bool ValueKnown => Microfarads > 0;
    public double? RatedVolts { get; init; }

    /// <summary>Share below nominal that a new part may have; 0.2 where the print is silent.</summary>
    public double ToleranceMinusShare { get; init; } = 0.2;
    public double TolerancePlusShare { get; init; } = 0.2;
    public double? MaxCelsius { get; init; }
    public double? DiameterMillimetres { get; init; }
    public double? HeightMillimetres { get; init; }
    public double? LeadPitchMillimetres { get; init; }

    /// <summary>X1, X2, Y1, Y2 ... for parts across or from the mains.</summary>
    public string? SafetyClass { get; init; }

    /// <summary>From the data sheet, at <see cref="EsrFrequencyHertz"/>; null where there is none.</summary>
    public double? EsrOhms { get; init; }
    public double EsrFrequencyHertz { get; init; } = 100_000;
    public double? RippleAmps { get; init; }

    /// <summary>It has a plus and a minus, by its kind. What is said otherwise is asked about: an aluminium part without them is of the bipolar kind.</summary>
    public bool Polarised
    {
        get => Kind.IsElectrolytic() && Kind != CapacitorKind.AluminiumBipolar;
        init => said = value;
    }

    readonly bool? said;

    /// <summary>Somebody said of its plus and minus what its kind contradicts.</summary>
    internal bool Contradicts => said == false && Polarised;

    /// <summary>Which way round it sits is looked at: it is polarised, or nobody knows what it is.</summary>
    [JsonIgnore]
    public bool WayRoundCounts => Polarised || Kind == CapacitorKind.Unknown;
}

/// <summary>One capacitor on a board: what it is, where it sits and how far its exchange has come.</summary>
public sealed class Capacitor : Acts.ICheckedRow, Acts.IHazardRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid BoardId { get; init; }
    public string Designator { get; set; } = "";

    /// <summary>The print, as typed.</summary>
    public string Marking { get; set; } = "";
    public CapacitorSpec Spec { get; set; } = new();
    public CapacitorRole Role { get; set; }
    public List<CapacitorSign> Signs { get; set; } = [];

    /// <summary>Place on the board's photo as shares of its width and height, 0 to 1; null when not marked.</summary>
    public double? X { get; set; }
    public double? Y { get; set; }
    public Boards.Side Side { get; set; }

    /// <summary>Which way its minus points on the board's picture, taken down before it comes out.</summary>
    public Direction MinusBefore { get; set; }

    /// <summary>Which way the board's own print says that minus points.</summary>
    public Direction MinusPrinted { get; set; }

    /// <summary>Room above the board there, under a keyboard or a shield, mm; null when nothing sits above.</summary>
    public double? HeadroomMillimetres { get; set; }
    public FittingSheet Fitting { get; set; } = new();
    public int Version { get; set; }

    /// <summary>What its way round is checked against. A second look that the new figures contradict is taken again, and the part measured after it.</summary>
    public void SetPolarity(Direction minusBefore, Direction minusPrinted)
    {
        (MinusBefore, MinusPrinted) = (minusBefore, minusPrinted);
        if (
            Spec.Polarised
            && Fitting.PolarityCheckedAt is not null
            && Polarity.Check(Designator, MinusBefore, MinusPrinted, Fitting.MinusSeen).Outcome == Verdicts.Outcome.No
        )
        {
            Fitting = Fitting with { PolarityCheckedAt = null, RemeasuredAt = null };
        }
    }

    public void Check() => CapacitorFacts.Check(this);

    /// <inheritdoc />
    [JsonIgnore]
    public Acts.Hazard? Hazard =>
        Fitting.Half ? new(Safety.DangerKind.RowGone, $"{Designator} was half exchanged.")
        : CapacitorHarm.Of(this, new()) is { Length: > 0 } harm ? new(Safety.DangerKind.RowGone, $"{Designator} {harm}.")
        : null;
}

/// <summary>State of a pad after the old part is off.</summary>
public enum PadState
{
    Sound,
    Lifted,
    Corroded,
}

/// <summary>The steps of one exchange, in the only order in which they can be done.</summary>
public enum FittingStep
{
    Remove,
    CheckPads,

    /// <summary>Only where a pad was found lifted.</summary>
    MendPads,
    Clean,
    Fit,

    [JsonStringEnumMemberName("checkWayRound")]
    CheckPolarity,
    Remeasure,
}

/// <summary>How far the exchange of one part has come; a null instant is a step not yet done.</summary>
public sealed record FittingSheet
{
    /// <summary>The drawer part that was fitted; what is set aside for it is a <see cref="Parts.Reservation"/>.</summary>
    public Guid? PartId { get; init; }

    /// <summary>The second of a pair.</summary>
    public Guid? OtherPartId { get; init; }

    /// <summary>How often it was exchanged before this: a new part may be bad too.</summary>
    public int Round { get; init; }
    public DateTimeOffset? RemovedAt { get; init; }
    public DateTimeOffset? PadsCheckedAt { get; init; }
    public PadState? Pads { get; init; }
    public DateTimeOffset? PadsMendedAt { get; init; }
    public DateTimeOffset? CleanedAt { get; init; }
    public DateTimeOffset? FittedAt { get; init; }

    [JsonPropertyName("wayRoundCheckedAt")]
    public DateTimeOffset? PolarityCheckedAt { get; init; }

    /// <summary>Which way the new part's minus was seen to point at the second look.</summary>
    public Direction MinusSeen { get; init; }
    public DateTimeOffset? RemeasuredAt { get; init; }

    /// <summary>Under which its readings are kept now: those of the part that sits there, or sat there last.</summary>
    [JsonIgnore]
    public string Channel =>
        FittedAt is not null ? NewChannel
        : Round == 0 ? "old"
        : New(Round - 1);

    /// <summary>Under which the readings of the part that this exchange fits are kept.</summary>
    [JsonIgnore]
    public string NewChannel => New(Round);

    static string New(int round) => round == 0 ? "new" : $"new {round + 1}";

    public bool Started => RemovedAt is not null;
    public bool Finished => RemeasuredAt is not null;

    /// <summary>Begun, and not finished.</summary>
    [JsonIgnore]
    public bool Half => Started && !Finished;

    /// <summary>The steps of an exchange. A lifted pad is mended before anything sits on it; an unpolarised part has no way round to check.</summary>
    public static readonly Acts.Procedure<(FittingSheet Sheet, bool Polarised), FittingStep> Procedure = new(
        "This part is fitted and measured: nothing is left to do on it.",
        new(FittingStep.Remove, "remove the old part", s => s.Sheet.RemovedAt),
        new(FittingStep.CheckPads, "look at the pads", s => s.Sheet.PadsCheckedAt),
        new(FittingStep.MendPads, "mend the lifted pad", s => s.Sheet.PadsMendedAt, s => s.Sheet.Pads == PadState.Lifted),
        new(FittingStep.Clean, "clean the pads", s => s.Sheet.CleanedAt),
        new(FittingStep.Fit, "fit the new part", s => s.Sheet.FittedAt),
        new(FittingStep.CheckPolarity, "check which way round it sits", s => s.Sheet.PolarityCheckedAt, s => s.Polarised),
        new(
            FittingStep.Remeasure,
            "measure it again",
            s => s.Sheet.RemeasuredAt,
            ClosedBy: "Measure it: a reading is what closes this step."
        )
    );

    /// <summary>The step that the hand does next; null when all are done.</summary>
    public FittingStep? Next(bool polarised) => Procedure.Next((this, polarised));

    /// <summary>Takes one step.</summary>
    /// <exception cref="Verdicts.InvalidInputException">The step is not the next one, or nobody said how the pads are.</exception>
    public FittingSheet Take(
        FittingStep step,
        bool polarised,
        DateTimeOffset at,
        PadState? pads = null,
        Direction seen = Direction.NotKnown
    )
    {
        if (step != Next(polarised))
        {
            throw new Verdicts.InvalidInputException("step", Procedure.Turn((this, polarised), step).Verdict.Sentence);
        }

        return step switch
        {
            FittingStep.Remove => this with { RemovedAt = at },
            FittingStep.CheckPads => this with
            {
                PadsCheckedAt = at,
                Pads = pads ?? throw new Verdicts.InvalidInputException("pads", "Say how the pads are: sound, lifted or corroded."),
            },
            FittingStep.MendPads => this with { PadsMendedAt = at },
            FittingStep.Clean => this with { CleanedAt = at },
            FittingStep.Fit => this with { FittedAt = at },
            FittingStep.CheckPolarity => this with { PolarityCheckedAt = at, MinusSeen = seen },
            _ => this with { RemeasuredAt = at },
        };
    }

    public static string Words(FittingStep step) => Procedure.Words(step);
}
