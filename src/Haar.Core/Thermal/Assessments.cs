using Haar.Core.Meters;
using Haar.Core.Verdicts;

namespace Haar.Core.Thermal;

/// <param name="Fan">Null when it has none.</param>
/// <param name="Open">What is left to do, in a few words; empty when nothing is.</param>
public sealed record HotAssessment(HotPart Part, GapResult Gap, HeatComparison Heat, Verdict? Fan, int Before, int After, string Open);

/// <summary>Every hot part of a machine, judged.</summary>
public static class HotAssessments
{
    public static IReadOnlyList<HotAssessment> Of(IReadOnlyList<HotPart> parts, IReadOnlyList<Reading> readings)
    {
        var bySubject = readings.Where(r => r.SubjectKind == SubjectKind.HotPart && !r.Voided).ToLookup(r => r.SubjectId);
        return
        [
            .. parts.Select(p =>
            {
                List<HeatReading> Pairs(string channel) =>
                    [
                        .. bySubject[p.Id]
                            .Where(r => r.Channel == channel)
                            .OrderBy(r => r.At)
                            .ThenBy(r => r.Id)
                            .Zip(
                                bySubject[p.Id].Where(r => r.Channel == $"{channel} room").OrderBy(r => r.At).ThenBy(r => r.Id),
                                (part, room) => new HeatReading(part.Value, room.Value)
                            ),
                    ];
                var (before, after) = (Pairs("before"), Pairs("after"));
                var gap = Gap.Choose(p.Name, p.Facts);
                var fan = p.Fan is { } f ? Thermal.Fan.Judge(f) : null;
                var open = p.FittedAt is null
                    ? before.Count == 0
                        ? "measure it as it is"
                        : gap.Options.Count == 0
                            ? "measure the gap"
                            : "clean it and fit"
                    : after.Count == 0
                        ? "measure it again"
                        : fan?.Outcome == Outcome.No
                            ? "change the fan"
                            : "";
                return new HotAssessment(p, gap, HeatProof.Compare(p.Name, before, after), fan, before.Count, after.Count, open);
            }),
        ];
    }
}
