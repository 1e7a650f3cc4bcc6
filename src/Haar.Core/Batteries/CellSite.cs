using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>What a cell keeps alive.</summary>
public enum KeptData
{
    Nothing,
    Clock,
    Settings,
    UserData,

    /// <summary>Nobody has asked yet. Counts as somebody's data until it is known.</summary>
    NotKnown,
}

/// <summary>Schools of replacement, a policy of the machine.</summary>
public enum RestorationPolicy
{
    AsShipped = 0,
    PeriodUpgrade,
    ModernInside,
}

/// <summary>Where a cell sits and what the board does with it. Null figures have not been measured.</summary>
public sealed record CellSite
{
    public CellChemistry Chemistry { get; init; }

    /// <summary>The chemistry by its print and its volts: a primary lithium cell of 3.6 V is a thionyl one, whatever it was noted as.</summary>
    [JsonIgnore]
    public CellChemistry Cell =>
        Chemistry == CellChemistry.LithiumPrimary && NominalVolts is >= 3.4 and < 4 ? CellChemistry.LithiumThionyl : Chemistry;

    /// <summary>Nominal volts of the whole cell or pack.</summary>
    public double? NominalVolts { get; init; }

    /// <summary>Whether the board charges the cell while it is on.</summary>
    public ThreeState Charges { get; init; }

    /// <summary>Open-line volts of the charging line with the cell out and the board on.</summary>
    public double? ChargeVolts { get; init; }

    /// <summary>What the charging line gives into the cell.</summary>
    public double? ChargeMilliamps { get; init; }

    /// <summary>Least volts at which the clock or memory chip keeps its data.</summary>
    public double? WindowLowVolts { get; init; }

    /// <summary>Most volts that the chip bears on its backup pin.</summary>
    public double? WindowHighVolts { get; init; }

    /// <summary>What the chip draws from the cell with the machine off.</summary>
    public double? DrainMicroamps { get; init; }
    public KeptData Keeps { get; init; } = KeptData.NotKnown;

    /// <summary>The data was copied off, or the line is bridged by a second source while the cell is out.</summary>
    public bool DataSafe { get; init; }

    /// <summary>The owner has said, in writing or before a witness, that the data may go.</summary>
    public bool LossAccepted { get; init; }

    /// <summary>What holds the memory up by itself when the cell is out: the capacitor beside the chip, µF.</summary>
    public double? HoldMicrofarads { get; init; }

    /// <summary>The cell is moulded into a clock module.</summary>
    public bool HiddenInModule { get; init; }

    /// <summary>A holder for a coin cell is what the board has now.</summary>
    public bool CoinHolder { get; init; }

    /// <summary>There is room in the case for a holder on a lead.</summary>
    public ThreeState RoomForHolder { get; init; }

    /// <summary>The cell that came in it leaks, or has leaked.</summary>
    [JsonConverter(typeof(OnceATick))]
    public ThreeState Leaking { get; init; }

    [JsonConverter(typeof(OnceATick))]
    public ThreeState Swollen { get; init; }
}

/// <summary>The cell of one machine: the site, what was chosen for it and what has been done.</summary>
public sealed class MachineCell : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Place { get; set; } = "";
    public CellSite Site { get; set; } = new();
    public ReplacementKind? Chosen { get; set; }
    public DateTimeOffset? OldOutAt { get; set; }
    public DateTimeOffset? FittedAt { get; set; }
    public DateOnly? NextCheck { get; set; }

    /// <summary>Where it sits on a board's front, as shares of its picture; null when not marked.</summary>
    public Guid? BoardId { get; set; }
    public double? X { get; set; }
    public double? Y { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        Acts.TextField.Check("place", Place, 120);
        Verdicts.InvalidInputException.Finite("x", X, 0, 1, "");
        Verdicts.InvalidInputException.Finite("y", Y, 0, 1, "");
        _ = Replacement.Options(Site, default);
    }
}
