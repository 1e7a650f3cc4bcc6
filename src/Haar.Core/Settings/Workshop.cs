namespace Haar.Core.Settings;

/// <summary>The workshop itself.</summary>
public sealed class Workshop
{
    public int Id { get; init; } = 1;
    public string Name { get; set; } = "Workshop";

    /// <summary>What everything has to be ready for; empty when nothing presses.</summary>
    public string EventName { get; set; } = "";
    public DateOnly? EventDay { get; set; }

    /// <summary>ISO 4217.</summary>
    public string Currency { get; set; } = "EUR";
    public string MeterHost { get; set; } = "127.0.0.1";
    public int MeterPort { get; set; } = 5025;

    /// <summary>Show on the meter's own display which part is to be probed next (DISPlay:TEXT).</summary>
    public bool MeterShowsPart { get; set; } = true;
    public int Version { get; set; }
}
