using Haar.Core.Markings;

namespace Haar.Core.Capacitors;

/// <summary>What a capacitor that is still on its board does when the board is fed.</summary>
public static class CapacitorHarm
{
    /// <summary>At this much leakage a tantalum bead is on its way to a short, and the next switch-on heats it. Far over the data sheets' 0.01·C·V of any bead; a house figure, µA.</summary>
    public const double TantalumMicroamps = 1000;

    /// <summary>A few words for the sentence, after its name: "bulges"; empty where nothing is known against it. A part that is off its board does nothing.</summary>
    public static string Of(Capacitor c, CapacitorReadings readings)
    {
        if (c.Fitting.RemovedAt is not null)
        {
            return "";
        }
        var filter = c.Spec.Kind is CapacitorKind.MainsFilterPaper or CapacitorKind.MainsFilterFilm || c.Role == CapacitorRole.MainsFilter;
        return c.Signs.Contains(CapacitorSign.Cracked)
            ? filter
                ? "is cracked, and sits across the mains"
                : "is cracked"
            : c.Signs.Contains(CapacitorSign.Bulging)
                ? "bulges"
                : filter && c.Signs.Contains(CapacitorSign.Weeping)
                    ? "weeps, and sits across the mains"
                    : readings.LeakageMicroamps >= TantalumMicroamps
                    && c.Spec.Kind is CapacitorKind.TantalumBead or CapacitorKind.TantalumSurfaceMount
                        ? $"leaks {Si.Format(readings.LeakageMicroamps!.Value / 1e6, "A")}"
                        : "";
    }
}
