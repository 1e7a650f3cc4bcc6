namespace Haar.Core.Capacitors;

/// <summary>A drawer laid out by value, so that many parts can be asked about at once: only what can meet value, volts and mounting is judged in full, and one kind of part is judged once.</summary>
public sealed class DrawerIndex
{
    readonly DrawerCandidate[] byValue;
    readonly double[] microfarads;
    readonly DateOnly today;
    readonly Dictionary<(CapacitorSpec, CapacitorRole, double?), IReadOnlyList<Substitute>> known = [];

    public DrawerIndex(IEnumerable<DrawerCandidate> drawer, DateOnly today)
    {
        byValue = [.. drawer.Where(d => d.Free > 0).OrderBy(d => d.Spec.Microfarads)];
        microfarads = [.. byValue.Select(d => d.Spec.Microfarads)];
        this.today = today;
    }

    /// <summary>All that will do, best first, as <see cref="Substitution.Rank"/> has them but without those that will not.</summary>
    public IReadOnlyList<Substitute> Usable(CapacitorSpec original, CapacitorRole role, double? headroomMillimetres = null)
    {
        var key = (original, role, headroomMillimetres);
        if (known.TryGetValue(key, out var before)) { return before; }
        var (least, most) = Substitution.ValueRange(role, original);
        var from = Array.BinarySearch(microfarads, original.Microfarads * (least - 1e-6));
        from = from < 0 ? ~from : from;
        while (from > 0 && microfarads[from - 1] >= original.Microfarads * (least - 1e-6)) { from--; }
        var judged = new List<Substitute>();
        for (var i = from; i < byValue.Length && microfarads[i] <= original.Microfarads * (most + 1e-6); i++)
        {
            var c = byValue[i];
            if (c.Spec.RatedVolts < original.RatedVolts || original.Kind.IsSurfaceMount() && c.Spec.Kind.IsLeaded()) { continue; }
            if (!original.Kind.IsSurfaceMount() && original.Kind != CapacitorKind.Unknown && c.Spec.Kind.IsSurfaceMount()) { continue; }
            var s = Substitution.Judge(original, role, c, today, headroomMillimetres);
            if (s.Verdict.Outcome != Verdicts.Outcome.No) { judged.Add(s); }
        }

        return known[key] = [.. Substitution.Ordered(original, judged)];
    }
}
