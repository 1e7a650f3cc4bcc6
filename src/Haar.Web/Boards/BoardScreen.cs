using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Haar.Web.Soldering;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Boards;

/// <summary>One side of a board as it is shown.</summary>
/// <param name="TakenId">The photo as taken, when the picture was straightened.</param>
/// <param name="PixelsWide">Of the picture; 0 when there is none.</param>
public sealed record SideSheet(
    Guid? PhotoId,
    string? Hash,
    Guid? TakenId,
    string? TakenHash,
    int PixelsWide,
    int PixelsHigh,
    double? WidthMillimetres,
    double? HeightMillimetres,
    IReadOnlyList<Point> Corners
);

/// <param name="BackShift">What has to be added to a mirrored back point.</param>
/// <param name="FrontOnBack">Where what is in front lies when one looks at the back.</param>
public sealed record BoardSheet(
    Guid Id,
    string Name,
    int Version,
    SideSheet Front,
    SideSheet Back,
    Turned Turned,
    Point BackShift,
    Verdict Registration,
    SideOnSide FrontOnBack,
    SideOnSide BackOnFront
);

/// <summary>One capacitor with all that is judged of it.</summary>
/// <param name="Part">What is reserved or fitted, in words; null when nothing is.</param>
/// <param name="Next">The step of its exchange that the hand does next.</param>
/// <param name="Overruled">Why a person decided otherwise.</param>
/// <param name="OnOrder">Its new part is in the post.</param>
/// <param name="Turn">Its place in the order of fitting, with tool and joint; null when it is not to be exchanged.</param>
/// <param name="Polarity">Only when the new part has been fitted or the two sources contradict each other.</param>
public sealed record CapacitorRow(
    Capacitor Capacitor,
    CapacitorReadings Readings,
    CapacitorRiskResult Risk,
    Verdict Sound,
    Verdict ComesOut,
    CapacitorStand Stand,
    string? Part,
    FittingStep? Next,
    string? Overruled,
    string Does,
    bool OnOrder,
    FittingTurn? Turn,
    [property: JsonPropertyName("wayRound")] Verdict? Polarity,
    PadRepairPlan? Pad,
    bool SetAside,
    bool Again,
    bool OverruleLapsed
);

/// <param name="Capacitors">Designators of parts inside the outline.</param>
public sealed record AreaRow(
    CorrosionArea Area,
    double SquareCentimetres,
    AreaStep? Next,
    string NextWords,
    NeutralisePlan Plan,
    ReinspectionResult Inspect,
    IReadOnlyList<MaskOption> Mask,
    IReadOnlyList<Guid> Nets,
    int NetsToMeasure,
    int NetsBad,
    bool Due,
    IReadOnlyList<string> Capacitors
);

public sealed record NetRow(
    BoardNet Net,
    TraceResult Trace,
    NetState State,
    double? ReadOhms,
    JumperResult? Jumper,
    IReadOnlyList<string> Under,
    bool Ready
);

public sealed record HotRow(HotPart Part, GapResult Gap, HeatComparison Heat, Verdict? Fan, int Before, int After, string Open);

/// <param name="State">What is left to do, in a few words.</param>
public sealed record CellMark(Guid? BoardId, double? X, double? Y, string Name, string State, bool Done);

/// <param name="ByEvidence">How many come out under the evidence school now.</param>
/// <param name="Preventive">How many under the preventive.</param>
/// <param name="Forecast">Null when there is no capacitor left to decide.</param>
public sealed record CapacitorsScreen(
    IReadOnlyList<BoardSheet> Boards,
    IReadOnlyList<CapacitorRow> Capacitors,
    IReadOnlyList<AreaRow> Areas,
    IReadOnlyList<NetRow> Nets,
    IReadOnlyList<HotRow> HotParts,
    IReadOnlyList<SolderedRow> Soldered,
    CellMark? Cell,
    RecapPolicy School,
    int ByEvidence,
    int Preventive,
    Forecast? Forecast,
    IReadOnlyList<string> Baths
);

/// <summary>Everything on a machine's boards, judged, as the one screen shows it.</summary>
static class BoardScreen
{
    public static async Task<CapacitorsScreen> OfAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var facts = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var rows = CapacitorAssessments.Of(facts, work.Today.Year);
        var partIds = facts
            .Capacitors.SelectMany(c => new[] { c.Fitting.PartId, c.Fitting.OtherPartId })
            .OfType<Guid>()
            .Concat(facts.Reservations.Select(r => r.PartId))
            .ToHashSet();
        var parts = await db
            .Drawer.AsNoTracking()
            .Where(p => partIds.Contains(p.Id))
            .ToDictionaryAsync(p => p.Id, p => Substitution.Describe(p.Spec), cancel);
        int Out(RecapPolicy school) =>
            rows.Count(r =>
                r.Stand == CapacitorStand.Exchanged
                || CapacitorRisk.ComesOut(r.Capacitor.Designator, r.Capacitor.Spec, r.Sound, r.Risk, school).Outcome == Outcome.Yes
            );
        var currency = (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;
        var forecast = CapacitorAssessments.ForForecast(rows);
        var nets = facts.JudgedNets();
        var areas = CorrosionAssessments.Areas(facts.Areas, nets, work.Today);
        return new(
            [.. facts.Boards.Select(b => Sheet(b, facts.Photos))],
            Capacitors(facts, rows, parts),
            [.. areas.OrderBy(a => a.Area.Next is null).ThenByDescending(a => a.Area.Stage).Select(a => Area(a, facts, work.Today))],
            [
                .. nets.OrderBy(n =>
                        n.State switch
                        {
                            NetState.Open => 0,
                            NetState.Thin or NetState.Bridged => 1,
                            NetState.MeasureBetter => 2,
                            NetState.NotMeasured => 3,
                            _ => 4,
                        }
                    )
                    .ThenBy(n => n.Net.Id)
                    .Select(n => Net(n, areas)),
            ],
            [
                .. HotAssessments
                    .Of(facts.HotParts, facts.Readings)
                    .Select(h => new HotRow(h.Part, h.Gap, h.Heat, h.Fan, h.Before, h.After, h.Open)),
            ],
            SolderingEndpoints.Rows(facts, work.Now),
            Cell(facts.Cell),
            facts.Machine.RecapPolicy,
            Out(RecapPolicy.Evidence),
            Out(RecapPolicy.Preventive),
            forecast.Count == 0 ? null : RecapForecast.Of(forecast, null, currency),
            [
                .. Neutralise
                    .Baths([
                        .. areas
                            .Where(a => a.Area.Treatment.NeutralisedAt is null && a.SquareCentimetres > 0)
                            .Select(a => Facts(a.Area, a.SquareCentimetres)),
                    ])
                    .Where(b => b.Neutraliser != Neutraliser.None)
                    .Select(b => $"{Core.Corrosion.Neutralise.Words(b.Neutraliser)}: {string.Join(", ", b.Areas.Select(a => a.Name))}"),
            ]
        );
    }

    static List<CapacitorRow> Capacitors(MachineFacts facts, IReadOnlyList<CapacitorAssessment> rows, Dictionary<Guid, string> parts)
    {
        var goes = rows.Where(r => r.Stand is CapacitorStand.ComesOut or CapacitorStand.Exchanging).Select(r => r.Capacitor).ToList();
        var turns = FittingOrder
            .Of([
                .. goes.Select(c => new FittingPlace(
                    c.Id,
                    c.Designator,
                    c.Spec.Kind,
                    c is { X: { } x, Y: { } y } ? new Point(x, y) : null,
                    c.Spec.HeightMillimetres,
                    c.Signs.Contains(CapacitorSign.Weeping),
                    c.Role == CapacitorRole.Bulk
                )),
            ])
            .ToDictionary(t => t.Id);
        var aside = facts.Reservations.ToLookup(r => r.CapacitorId, r => r.PartId);
        return
        [
            .. CapacitorAssessments
                .ByUrgency(rows)
                .Select(r =>
                {
                    var c = r.Capacitor;
                    var f = c.Fitting;
                    var contradicts =
                        c.MinusBefore != Direction.NotKnown && c.MinusPrinted != Direction.NotKnown && c.MinusBefore != c.MinusPrinted;
                    return new CapacitorRow(
                        c,
                        r.Readings,
                        r.Risk,
                        r.Sound,
                        r.ComesOut,
                        r.Stand,
                        Named(f, aside[c.Id], parts),
                        f.Next(c.Spec.WayRoundCounts),
                        r.Overruled,
                        CapacitorAssessments.InBrief(r),
                        f.PartId is null && !aside[c.Id].Any() && facts.OnOrder.Contains(c.Id),
                        turns.GetValueOrDefault(c.Id),
                        c.Spec.Polarised && (contradicts || f.FittedAt is not null)
                            ? Polarity.Check(c.Designator, c.MinusBefore, c.MinusPrinted, f.MinusSeen)
                            : null,
                        f.Pads is { } pads and not PadState.Sound && f.FittedAt is null ? PadRepair.Of(c.Designator, pads) : null,
                        aside[c.Id].Any(),
                        f.FittedAt is not null && r.Stand == CapacitorStand.ComesOut,
                        r.OverruleLapsed
                    );
                }),
        ];
    }

    /// <summary>What is set aside for a place, or fitted in it; null when neither.</summary>
    static string? Named(FittingSheet f, IEnumerable<Guid> aside, Dictionary<Guid, string> parts)
    {
        var names = (f.FittedAt is null ? aside : new[] { f.PartId, f.OtherPartId }.OfType<Guid>())
            .Select(p => parts.GetValueOrDefault(p))
            .OfType<string>()
            .ToList();
        return names.Count == 0 ? null : string.Join(" and ", names);
    }

    static BoardSheet Sheet(Board b, IReadOnlyList<Photo> photos)
    {
        SideSheet Side(Core.Boards.Side side)
        {
            var map = b.Map.Of(side);
            var picture = photos.FirstOrDefault(p => p.Id == b.PictureOf(side));
            return new(
                picture?.Id,
                picture?.Hash,
                map.TakenId,
                photos.FirstOrDefault(p => p.Id == map.TakenId)?.Hash,
                picture?.Width ?? 0,
                picture?.Height ?? 0,
                map.WidthMillimetres,
                map.HeightMillimetres,
                map.Corners
            );
        }

        return new(
            b.Id,
            b.Name,
            b.Version,
            Side(Core.Boards.Side.Front),
            Side(Core.Boards.Side.Back),
            b.Map.Turned,
            b.Map.BackShift,
            Registration.Of(b.Map.Pairs, b.Map.Turned, b.Map.Front.WidthMillimetres, b.Map.Front.HeightMillimetres).Verdict,
            Registration.FrontOnBack(b.Map),
            Registration.BackOnFront(b.Map)
        );
    }

    static AreaFacts Facts(CorrosionArea a, double squareCentimetres) =>
        new(a.Name, a.Source, a.Stage, Math.Max(0.01, squareCentimetres), a.PhBefore);

    static AreaRow Area(AreaAssessment a, MachineFacts facts, DateOnly today)
    {
        var area = a.Area;
        var last = area.Inspections.Count > 0 ? DateOnly.FromDateTime(area.Inspections[^1].At.UtcDateTime) : today;
        var dried = area.Treatment.DriedAt is { } d ? DateOnly.FromDateTime(d.UtcDateTime) : last;
        return new(
            area,
            a.SquareCentimetres,
            area.Next,
            area.Next is { } n ? AreaTreatment.Words(n) : "",
            Neutralise.Plan(Facts(area, a.SquareCentimetres)),
            Reinspection.Of(
                area.Inspections.Count > 0 ? area.Inspections : [new(DateTimeOffset.UnixEpoch, CorrosionStage.Bloom, 0)],
                area.Treatment.Ph,
                dried > last ? dried : last
            ),
            MaskRepair.Options(Math.Max(0.01, a.SquareCentimetres)),
            a.Nets,
            a.NetsToMeasure,
            a.NetsBad,
            a.Due,
            [
                .. facts
                    .Capacitors.Where(c =>
                        c.BoardId == area.BoardId
                        && c.Side == area.Side
                        && c is { X: not null, Y: not null }
                        && Outline.Contains(area.Outline, new(c.X!.Value, c.Y!.Value))
                    )
                    .Select(c => c.Designator),
            ]
        );
    }

    static NetRow Net(NetAssessment n, IReadOnlyList<AreaAssessment> areas)
    {
        var over = areas.Where(a => n.UnderAreas.Contains(a.Area.Id)).ToList();
        return new(
            n.Net,
            n.Trace,
            n.State,
            n.ReadOhms,
            n.State is NetState.Thin or NetState.Open ? Jumper.Choose(n.Net.Name, n.Net.Trace) : null,
            [.. over.Select(a => a.Area.Name)],
            over.All(a => a.Area.Treatment.DriedAt is not null)
        );
    }

    static CellMark? Cell(MachineCell? c) =>
        c is null
            ? null
            : new(
                c.BoardId,
                c.X,
                c.Y,
                c.Site.Chemistry == CellChemistry.Unknown
                    ? "Cell"
                    : $"{char.ToUpperInvariant(c.Site.Chemistry.Words()[0])}{c.Site.Chemistry.Words()[1..]} cell",
                c.FittedAt is not null ? "replaced"
                    : c.OldOutAt is not null ? "out, nothing fitted yet"
                    : c.Site.Leaking == ThreeState.Yes ? "leaks"
                    : "to be decided",
                c.FittedAt is not null
            );
}
