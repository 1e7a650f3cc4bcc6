using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <param name="Candidate">A part that will do.</param>
/// <param name="Outcome">Yes, or yes-if; <see cref="Substitution.Judge"/> says on what condition.</param>
public readonly record struct Fit(DrawerCandidate Candidate, Outcome Outcome);

/// <summary>A drawer laid out by value, so that many parts can be asked about at once: only what can meet value, volts and mounting is judged in full, and one kind of part is judged once.</summary>
public sealed class DrawerIndex
{
    readonly DrawerCandidate[] byValue;
    readonly double[] microfarads;
    readonly DateOnly today;
    readonly Dictionary<(CapacitorSpec, CapacitorRole, double?), IReadOnlyList<Fit>> known = [];

    public DrawerIndex(IEnumerable<DrawerCandidate> drawer, DateOnly today)
    {
        byValue = [.. drawer.Where(d => d.Free > 0).OrderBy(d => d.Spec.Microfarads)];
        microfarads = [.. byValue.Select(d => d.Spec.Microfarads)];
        this.today = today;
        foreach (var c in byValue)
        {
            CapacitorJudge.Check(c.Spec);
        }
    }

    /// <summary>All that will do, best first, as <see cref="Substitution.Rank"/> has them but without those that will not.</summary>
    public IReadOnlyList<Fit> Usable(CapacitorSpec original, CapacitorRole role, double? headroomMillimetres = null)
    {
        var key = (original, role, headroomMillimetres);
        if (known.TryGetValue(key, out var before))
        {
            return before;
        }
        CapacitorJudge.Check(original, place: true);
        if (!original.ValueKnown)
        {
            return [];
        }
        InvalidInputException.Finite("headroomMillimetres", headroomMillimetres, 0.2, 500, "mm");
        var (least, most) = Substitution.ValueRange(role, original);
        var from = Array.BinarySearch(microfarads, original.Microfarads * (least - 1e-6));
        from = from < 0 ? ~from : from;
        while (from > 0 && microfarads[from - 1] >= original.Microfarads * (least - 1e-6))
        {
            from--;
        }
        var will = new List<Fit>();
        for (var i = from; i < byValue.Length && microfarads[i] <= original.Microfarads * (most + 1e-6); i++)
        {
            // Nearly all that will not do fails here, before the rules are asked in turn.
            if (byValue[i].Spec.RatedVolts < original.RatedVolts || !SubstitutionRules.Mounts(original.Kind, byValue[i].Spec.Kind))
            {
                continue;
            }
            var outcome = Substitution.Sift(original, role, byValue[i], today, headroomMillimetres);
            if (outcome != Outcome.No)
            {
                will.Add(new(byValue[i], outcome));
            }
        }

        var fits = will.ToArray();
        Array.Sort(Array.ConvertAll(fits, f => Substitution.PlaceOf(original, f.Candidate, f.Outcome, 0)), fits);
        return known[key] = fits;
    }
}
