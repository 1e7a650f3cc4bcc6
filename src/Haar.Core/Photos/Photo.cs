namespace Haar.Core.Photos;

/// <summary>A photo, stored by its content.</summary>
public sealed class Photo
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>SHA-256 of the stored JPEG, lower-case hex.</summary>
    public string Hash { get; init; } = "";
    public int Width { get; init; }
    public int Height { get; init; }
    public string Caption { get; set; } = "";
    public DateTimeOffset At { get; init; }
}
