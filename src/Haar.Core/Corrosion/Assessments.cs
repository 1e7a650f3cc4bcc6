using Haar.Core.Boards;
using Haar.Core.Meters;

namespace Haar.Core.Corrosion;

/// <param name="State">With the repair taken into account.</param>
/// <param name="UnderAreas">Areas that its run crosses.</param>
public sealed record NetAssessment(BoardNet Net, TraceResult Trace, double? ReadOhms, NetState State, IReadOnlyList<Guid> UnderAreas);

/// <param name="SquareCentimetres">From the outline and the scale; the last look's own when there is no scale.</param>
/// <param name="NetsToMeasure">Under it and not yet measured.</param>
public sealed record AreaAssessment(
    CorrosionArea Area,
    double SquareCentimetres,
    IReadOnlyList<Guid> Nets,
    int NetsToMeasure,
    int NetsBad,
    bool Due
);

/// <summary>Every area and net of a machine, judged.</summary>
public static class CorrosionAssessments
{
    /// <summary>What an open reading is kept as, ohms: more than any trace has, and finite.</summary>
    public const double OpenAsOhms = 1e9;

    public static IReadOnlyList<NetAssessment> Nets(
        IReadOnlyList<BoardNet> nets,
        IReadOnlyList<CorrosionArea> areas,
        IReadOnlyList<Board> boards,
        IReadOnlyList<Reading> readings
    )
    {
        var bySubject = readings.Where(r => r.SubjectKind == SubjectKind.Net).ToLookup(r => r.SubjectId);
        return
        [
            .. nets.Select(n =>
            {
                var reading = bySubject[n.Id].Latest(n.RepairedAt is null ? "old" : "new", Quantity.Ohms);
                var read = reading?.Value;
                var trace = Trace.Judge(
                    n.Name,
                    n.Trace,
                    read,
                    read >= OpenAsOhms,
                    reading is null ? Trace.ContactErrorOhms : Instruments.OffByOhms(reading),
                    mended: n.RepairedAt is not null
                );
                var state = n.RepairedAt is not null && trace.State == NetState.Sound ? NetState.Repaired : trace.State;
                var map = boards.FirstOrDefault(b => b.Id == n.BoardId)?.Map;
                return new NetAssessment(
                    n,
                    trace,
                    read >= OpenAsOhms ? null : read,
                    state,
                    map is null ? [] : [.. areas.Where(a => a.BoardId == n.BoardId && Under(n, a, map)).Select(a => a.Id)]
                );
            }),
        ];
    }

    /// <summary>A run on one side lies under an area of the other when it does so seen from the front.</summary>
    static bool Under(BoardNet n, CorrosionArea a, BoardMap map)
    {
        if (n.Path.Count == 0)
        {
            return false;
        }
        var path =
            n.Side == a.Side
                ? n.Path
                : [.. n.Path.Select(p => n.Side == Side.Back ? Registration.ToFront(p, map) : Registration.ToBack(p, map))];
        return Outline.Touches(a.Outline, path);
    }

    public static IReadOnlyList<AreaAssessment> Areas(
        IReadOnlyList<CorrosionArea> areas,
        IReadOnlyList<NetAssessment> nets,
        DateOnly today
    ) =>
        [
            .. areas.Select(a =>
            {
                var under = nets.Where(n => n.UnderAreas.Contains(a.Id)).ToList();
                return new AreaAssessment(
                    a,
                    a.Inspections.Count == 0 ? 0 : a.Inspections[^1].SquareCentimetres,
                    [.. under.Select(n => n.Net.Id)],
                    under.Count(n => n.State is NetState.NotMeasured or NetState.MeasureBetter),
                    under.Count(n => n.State is NetState.Thin or NetState.Open),
                    a.InspectOn is { } day && day <= today
                );
            }),
        ];
}
