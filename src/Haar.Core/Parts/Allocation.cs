using Google.OrTools.Graph;
using Haar.Core.Capacitors;

namespace Haar.Core.Parts;

/// <summary>One place on a board that wants a part.</summary>
/// <param name="Id">Of the capacitor.</param>
/// <param name="Options">Drawer parts that will do, best first.</param>
public sealed record DrawerWant(Guid Id, IReadOnlyList<Guid> Options);

/// <summary>Shares the drawer out over many places at once: no piece twice, as many places served as can be, and among those the best parts. Exact (minimum-cost flow).</summary>
public static class Allocation
{
    /// <returns>Which drawer part each served place gets.</returns>
    public static IReadOnlyDictionary<Guid, Guid> Of(IReadOnlyList<DrawerWant> wants, IReadOnlyDictionary<Guid, int> free)
    {
        var served = new Dictionary<Guid, Guid>();
        if (wants.Count == 0)
        {
            return served;
        }
        var parts = wants.SelectMany(w => w.Options).Distinct().Where(p => free.GetValueOrDefault(p) > 0).ToList();
        var partNode = parts.Select((p, i) => (p, i)).ToDictionary(x => x.p, x => wants.Count + x.i);
        var (source, sink) = (wants.Count + parts.Count, wants.Count + parts.Count + 1);
        var flow = new MinCostFlow();
        // Unserved places flow past at a cost that outweighs any choice among parts.
        const long unserved = 1_000_000;
        var arcs = new List<(int Arc, Guid Want, Guid Part)>();
        for (var w = 0; w < wants.Count; w++)
        {
            flow.AddArcWithCapacityAndUnitCost(source, w, 1, 0);
            flow.AddArcWithCapacityAndUnitCost(w, sink, 1, unserved);
            var rank = 0;
            foreach (var part in wants[w].Options)
            {
                if (partNode.TryGetValue(part, out var node))
                {
                    arcs.Add((flow.AddArcWithCapacityAndUnitCost(w, node, 1, rank), wants[w].Id, part));
                }
                rank++;
            }
        }

        foreach (var part in parts)
        {
            flow.AddArcWithCapacityAndUnitCost(partNode[part], sink, free[part], 0);
        }
        flow.SetNodeSupply(source, wants.Count);
        flow.SetNodeSupply(sink, -wants.Count);
        if (flow.Solve() != MinCostFlowBase.Status.OPTIMAL)
        {
            return served;
        }
        foreach (var (arc, want, part) in arcs.Where(a => flow.Flow(a.Arc) > 0))
        {
            served[want] = part;
        }
        return served;
    }
}
