using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Drying;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <param name="At">When it lay on the scale.</param>
public sealed record WeighedAt(DateTimeOffset At, double Grams);

/// <summary>It lies in a bath. A bath is a place that one thing at a time holds.</summary>
/// <param name="Method">Id; empty where it is whitened, and its session ends it.</param>
/// <param name="Tray">Its name.</param>
/// <param name="Until">When one goes and looks.</param>
/// <param name="StockMillilitres">Out of the bottle; null where it is not diluted.</param>
public sealed record Soak(string Method, string Tray, DateTimeOffset From, DateTimeOffset Until, double Litres, double? StockMillilitres);

/// <summary>How far the cleaning of one item has come.</summary>
public sealed record CleaningSheet
{
    /// <summary>Since when it is wet; null when nothing has wetted it, or it is dry again.</summary>
    public DateTimeOffset? WetAt { get; init; }
    public WettedBy By { get; init; }

    /// <summary>Since it was wetted, oldest first.</summary>
    public IReadOnlyList<WeighedAt> Weighings { get; init; } = [];
    public DateTimeOffset? DriedAt { get; init; }

    /// <summary>Of something that takes the mains: who is trained for it and tested its insulation, and what it read; empty for nobody.</summary>
    public string TestedBy { get; init; } = "";

    /// <summary>Clean enough, or left as it is.</summary>
    public DateTimeOffset? DoneAt { get; init; }

    /// <summary>When trimmers, switches, jumpers and labels were photographed and read, before it got wet; null for not yet.</summary>
    public DateTimeOffset? NotedAt { get; init; }

    /// <summary>How they stood.</summary>
    public string Noted { get; init; } = "";

    /// <summary>The bath that it lies in; null for none.</summary>
    public Soak? Soak { get; init; }
}

/// <summary>One thing that is cleaned: a shell, a panel, key caps, a board, a bracket.</summary>
public sealed class CleanedItem : ICheckedRow, IHazardRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>The piece of the strip-down that it is; null where it is none.</summary>
    public Guid? PieceId { get; set; }

    /// <summary>The finding that it was put down for.</summary>
    public Guid? FindingId { get; set; }

    /// <summary>A photo of it as it was.</summary>
    public Guid? PhotoId { get; set; }

    /// <summary>Effort against a replacement; null where nobody asked.</summary>
    public WorthFacts? Worth { get; set; }

    /// <summary>A smell, rated, and what was done against it.</summary>
    public OdourFacts Odour { get; set; } = new([], []);

    /// <summary>What it is made of, what lies on it, what has been tried.</summary>
    public CleaningFacts Facts { get; set; } = new();

    /// <summary>As what it dries.</summary>
    public WetPart Dries { get; set; }

    /// <summary>It takes the mains, or sits in a supply: once wet it is not put back by drying alone.</summary>
    public ThreeState Mains { get; set; }

    /// <summary>Where it dries, °C; null takes the room.</summary>
    public double? DryingCelsius { get; set; }
    public MovingAir Air { get; set; }
    public CleaningSheet Sheet { get; set; } = new();
    public int Version { get; set; }

    /// <summary>Whether it takes the mains. Where nobody said, plastic, metal and glass by themselves do not; anything else counts as taking them.</summary>
    [JsonIgnore]
    public bool TakesMains =>
        Mains == ThreeState.Yes
        || Mains == ThreeState.NotKnown
            && (
                Facts.Materials.Count == 0
                || Facts.Materials.Any(m =>
                    m
                        is Material.NotKnown
                            or Material.Board
                            or Material.Connector
                            or Material.Switch
                            or Material.Membrane
                            or Material.Bearing
                )
            );

    [JsonIgnore]
    public bool Wet => Sheet.WetAt is not null;

    [JsonIgnore]
    public bool Open => Sheet.DoneAt is null || Wet;

    /// <summary>How long it has to dry from when it was wetted. The room counts as 20 °C and half damp; where it dries colder, the room is as cold.</summary>
    public DryingTimeResult DryingNeeded()
    {
        // Warmth that harms a part shortens nothing: no more counts than what bears least on it bears.
        var bears = DryingTemperature.MostFor(HeatShyOf());
        var celsius = Math.Min(DryingCelsius ?? 20, Math.Max(20, bears ?? 20));
        return DryingTime.Of(Dries, Sheet.By, celsius, Math.Min(20, celsius), air: Air);
    }

    /// <summary>When the least time is over; null when it is not wet.</summary>
    public DateTimeOffset? DryFrom() =>
        Sheet.Soak is null && Sheet.WetAt is { } at && DryingNeeded().Hours is { } hours ? at.AddHours(hours) : null;

    /// <summary>It is exchanged whatever it looks like, and is not cleaned.</summary>
    [JsonIgnore]
    public bool GoesAnyway => Worth?.Exchanged == ThreeState.Yes;

    /// <summary>Which method comes next for it; none where it is exchanged anyway.</summary>
    public LadderResult Rungs()
    {
        var ladder = Ladder.For(Facts);
        return GoesAnyway
            ? ladder with
            {
                Next = null,
                Before = [],
                Then = "",
                Verdict = IsItWorth()!.Verdict with { Question = ladder.Verdict.Question },
            }
            : ladder;
    }

    /// <summary>Whether the rest is worth it; null where nobody asked.</summary>
    public WorthResult? IsItWorth() =>
        Worth is { } w
            ? Cleaning.Worth.Of(w with { Replacement = w.Replacement ?? Facts.Replacement, HourWorth = w.HourWorth ?? Facts.HourWorth })
            : null;

    /// <summary>Whether it counts as dry now.</summary>
    /// <param name="scaleGrams">Least step of the scale.</param>
    /// <param name="tested">Somebody trained for mains has tested its insulation.</param>
    public Verdict IsDry(DateTimeOffset now, double scaleGrams = 1, bool tested = false)
    {
        var at = Sheet.WetAt ?? now;
        return DryingTime.IsDry(
            DryingNeeded().Hours ?? 10_000,
            Math.Max(0, (now - at).TotalHours),
            [.. Sheet.Weighings.Select(w => new Weighing(Math.Max(0, (w.At - at).TotalHours), w.Grams))],
            scaleGrams,
            TakesMains && !tested ? ThreeState.Yes : ThreeState.No
        );
    }

    /// <summary>What of it bears warmth least; what nobody has named bears what an unknown thing does.</summary>
    IEnumerable<HeatShy> HeatShyOf() =>
        Facts
            .Materials.Select(m =>
                m switch
                {
                    Material.Abs or Material.PcAbs => HeatShy.Abs,
                    Material.Polystyrene => HeatShy.Polystyrene,
                    Material.Polycarbonate => HeatShy.Polycarbonate,
                    Material.Acrylic => HeatShy.Acrylic,
                    Material.Nylon => HeatShy.Nylon,
                    Material.PlatedSteel or Material.BareSteel or Material.Aluminium or Material.Magnesium or Material.ZincDieCast =>
                        HeatShy.Metal,
                    Material.Foam => HeatShy.Foam,
                    Material.Wood => HeatShy.Wood,
                    Material.Membrane => HeatShy.Membrane,
                    // A populated board carries electrolytics.
                    Material.Board => HeatShy.Electrolytics,
                    _ => HeatShy.NotKnown,
                }
            )
            .Concat(
                (Facts.Features ?? []).Select(x =>
                    x switch
                    {
                        Feature.PaperLabel => HeatShy.PaperLabel,
                        Feature.FoilLabel => HeatShy.FoilLabel,
                        Feature.SoftTouch => HeatShy.SoftTouch,
                        _ => HeatShy.Metal,
                    }
                )
            )
            .DefaultIfEmpty(HeatShy.NotKnown);

    /// <summary>What runs over it stays in it: sockets, switches, foils and posts, and whatever nobody has named.</summary>
    [JsonIgnore]
    public bool HoldsLiquid =>
        Dries is WetPart.NotKnown or WetPart.Board or WetPart.Connectors or WetPart.Membrane or WetPart.Coils
        || Facts.Materials.Any(m => m is Material.Board or Material.Connector or Material.Switch or Material.Membrane or Material.Bearing);

    /// <inheritdoc />
    [JsonIgnore]
    public Hazard? Hazard => Wet ? new(DangerKind.WetRowGone, $"{Words.Capital(Name)} was wet.") : null;

    public void Check()
    {
        TextField.Check("name", Name, 60, "Say in 1 to 60 characters what is cleaned: the upper shell, the key caps.");
        Facts.Check();
        if (Facts.Materials.Count > 40 || Facts.Features?.Count > 20 || Facts.Soils.Count > 40 || Facts.On.Count > 40)
        {
            throw new InvalidInputException("facts", "Each of these lists names a thing once.");
        }
        // A pass by a method that nobody knows could never be told again.
        _ = Ladder.For(Facts);
        InvalidInputException.Finite("dryingCelsius", DryingCelsius, 0, 120, "°C");
        TextField.Check("testedBy", Sheet.TestedBy, 200);
        TextField.Check("noted", Sheet.Noted, 500);
        Worth?.Check();
        _ = Cleaning.Odour.Of(Odour);
        if (Sheet.Weighings.Count > 500)
        {
            throw new InvalidInputException("sheet.weighings", "At most 500 weighings.");
        }
    }
}
