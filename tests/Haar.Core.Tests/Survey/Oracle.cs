using Haar.Core.Batteries;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>
/// What must never be fed, and what must not leave, written down from the rules of the trade alone as plain predicates over rows. It
/// shares no code with the rules: no room, no session, no list.
/// </summary>
static class Oracle
{
    static readonly string[] PrimaryLithium = ["LithiumPrimary", "LithiumThionyl", "LithiumCarbonMonofluoride"];

    /// <summary>Ways to replace a cell that put a primary lithium cell on the line with nothing between.</summary>
    static readonly string[] BareCoin = ["CoinInHolder"];

    /// <summary>Why the machine must not be fed now; empty where nothing of this list says so.</summary>
    public static IEnumerable<string> MustNotBeFed(MachineFacts f)
    {
        // A primary or swollen lithium cell on a charging line: nobody overrules it.
        if (f.Cell is { } cell)
        {
            var chemistry = cell.Site.Chemistry.ToString();
            var there = cell.OldOutAt is null;
            if (there && cell.Site.Charges == ThreeState.Yes && PrimaryLithium.Contains(chemistry))
            {
                yield return "a primary lithium cell is on a charging line";
            }
            if (there && cell.Site.Charges == ThreeState.Yes && cell.Site.Swollen == ThreeState.Yes)
            {
                yield return "a swollen cell is on a charging line";
            }
            if (
                cell is { FittedAt: not null, Chosen: { } chosen }
                && cell.Site.Charges == ThreeState.Yes
                && BareCoin.Contains(chosen.ToString())
            )
            {
                yield return "a coin was fitted on a charging line with nothing between";
            }
        }
        // Power to a wet part: nobody overrules it.
        foreach (var i in f.CleanedItems.Where(i => i.Sheet.WetAt is not null))
        {
            yield return $"{i.Name} is wet";
        }
        foreach (
            var a in f.Areas.Where(a =>
                a.Treatment.DriedAt is null
                && (a.Treatment.NeutralisedAt is not null || a.Treatment.RinsedAt is not null || a.Treatment.AlcoholAt is not null)
            )
        )
        {
            yield return $"{a.Name} is wet";
        }
        foreach (var s in f.SolderedParts.Where(s => s.Sheet is { WashedAt: not null, DriedAt: null }))
        {
            yield return $"{s.Name} was washed and is not dry";
        }
        // Mains and tubes: what nobody has identified counts as both.
        var m = f.Machine;
        var says = m.Traits.Count > 0 || m.MainsLead != ThreeState.NotKnown || m.Tube != ThreeState.NotKnown || m.Absent.Count > 0;
        if (!says && m.Class != MachineClass.Pocket)
        {
            yield return "nobody has said what feeds it";
        }
        // Every rail that can be reached was read for shorts, after the last iron, wash or cell, unless it runs here as it is.
        var hands = f
            .Capacitors.SelectMany(c => new[] { c.Fitting.RemovedAt, c.Fitting.FittedAt })
            .Concat(f.Areas.SelectMany(a => new[] { a.Treatment.RinsedAt, a.Treatment.AlcoholAt }))
            .Concat(f.SolderedParts.SelectMany(s => new[] { s.Sheet.SolderedAt, s.Sheet.WashedAt }))
            .Append(f.Cell?.FittedAt)
            .OfType<DateTimeOffset>()
            .DefaultIfEmpty(DateTimeOffset.MinValue)
            .Max();
        var behindGlass = m.Tube == ThreeState.Yes || m.Traits.Contains(Trait.PictureTube);
        var laptop = m.Traits.Contains(Trait.LithiumPack) && m.Rails.Any(r => r.Name == "adapter");
        var runs = m.Ran == LastRan.Here && m.RanAt >= hands;
        if (!runs && !behindGlass && f.PowerSteps.Any(s => s.Kind == PowerStepKind.SupplyLoaded && s.State != PowerStepState.NotYet))
        {
            foreach (var rail in m.Rails.Where(r => !laptop || r.Name == "adapter"))
            {
                var read = f
                    .Readings.Where(r =>
                        r.Quantity == Quantity.Ohms
                        && r.Channel == rail.Name
                        && f.PowerSteps.Any(s => s.Kind == PowerStepKind.Shorts && s.Id == r.SubjectId && s.State != PowerStepState.NotYet)
                    )
                    .OrderBy(r => r.Id)
                    .LastOrDefault();
                if (read is null)
                {
                    yield return $"{rail.Name} was never read for shorts";
                }
                else if (read.At < hands)
                {
                    yield return $"{rail.Name} was read for shorts before the last work on its boards";
                }
            }
        }
        if (!runs && !behindGlass && m.Rails.Count == 0 && m.Class != MachineClass.Pocket)
        {
            yield return "it has no rails that anybody named";
        }
        // Without a person's reason for anything, a hazard that stands is a no.
        if (f.Overrules.Count == 0)
        {
            foreach (var x in f.Findings.Where(x => x.DealtWithAt is null && Hazards.Contains(x.Kind.ToString())))
            {
                yield return $"{x.Kind} is not dealt with";
            }
            if (f.Cell is { OldOutAt: null, Site.Leaking: ThreeState.Yes })
            {
                yield return "the cell leaks, and is in";
            }
            foreach (var a in f.Answers.GroupBy(a => a.Item).Select(g => g.OrderBy(a => a.Id).Last()))
            {
                if (Always.Contains(a.Item) && a.Answer is LookAnswer.CannotTell or LookAnswer.NotLooked)
                {
                    yield return $"{a.Item}: nobody knows";
                }
            }
        }
    }

    static readonly string[] Hazards =
    [
        "LeakingCell",
        "SwollenCell",
        "CrackedMainsFilter",
        "SaltOrDamp",
        "LooseMetal",
        "CoolingOff",
        "ChafedLead",
        "BulgingCapacitor",
    ];

    /// <summary>Places that first power asks of every machine.</summary>
    static readonly string[] Always = ["loose"];

    /// <summary>Why the machine must not leave; empty where nothing of this list says so.</summary>
    public static IEnumerable<string> MustNotLeave(MachineFacts f)
    {
        foreach (var i in f.CleanedItems.Where(i => i.Sheet.WetAt is not null))
        {
            yield return $"{i.Name} is wet";
        }
        if (f.Cell is { OldOutAt: null } cell && (cell.Site.Leaking == ThreeState.Yes || cell.Site.Swollen == ThreeState.Yes))
        {
            yield return "its cell leaks or is swollen";
        }
        foreach (var a in f.Areas.Where(a => a.Treatment.NeutralisedAt is not null && a.Treatment.DriedAt is null))
        {
            yield return $"{a.Name} is half cleaned";
        }
    }
}
