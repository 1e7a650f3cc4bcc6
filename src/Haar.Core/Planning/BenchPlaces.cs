namespace Haar.Core.Planning;

/// <param name="Open">When one of that name may usually be used.</param>
public sealed record UsualPlace(string Name, PlaceOpen Open);

/// <summary>The places and tools that work asks for by name, and when such a one may be used where nobody has said it of theirs.</summary>
public static class BenchPlaces
{
    public const string Iron = "iron",
        Meter = "meter",
        Bath = "bath",
        AiringCupboard = "airing cupboard",
        Lamp = "lamp",
        Sill = "sill",
        Yard = "yard";

    /// <summary>One of each. Nobody sprays paint in a yard by night or in the rain, and no sun comes through a window after dark: what is not said counts no better than that.</summary>
    public static readonly IReadOnlyList<UsualPlace> Usual =
    [
        new(Iron, PlaceOpen.Always),
        new(Meter, PlaceOpen.Always),
        new(Bath, PlaceOpen.Always),
        new(AiringCupboard, PlaceOpen.Always),
        new(Lamp, PlaceOpen.Always),
        new(Sill, PlaceOpen.Daylight),
        new(Yard, PlaceOpen.Outdoors),
    ];

    /// <summary>What nobody has said anything of, as it usually is.</summary>
    public static IReadOnlyList<UsualPlace> NotSaid(IReadOnlyCollection<BenchPlace> places) =>
        [.. Usual.Where(u => places.All(p => p.Name != u.Name))];

    /// <summary>These, and those of which nobody has said anything as they usually are.</summary>
    public static IEnumerable<BenchPlace> WithUsual(IReadOnlyCollection<BenchPlace> places) =>
        places.Concat(NotSaid(places).Select(u => new BenchPlace { Name = u.Name, Open = u.Open }));

    /// <summary>A machine as a whole: one person at a time is at it.</summary>
    public static string Machine(Guid id) => $"machine/{id:N}";

    /// <summary>Its boards, which may be away from its case.</summary>
    public static string Boards(Guid id) => $"boards/{id:N}";

    /// <summary>A machine or its boards, and no place of the workshop.</summary>
    public static bool IsMachine(string name) =>
        name.StartsWith("machine/", StringComparison.Ordinal) || name.StartsWith("boards/", StringComparison.Ordinal);

    /// <summary>When that is: "always", "by day", "by day, when the weather is fit".</summary>
    public static string Words(PlaceOpen open) =>
        open switch
        {
            PlaceOpen.Always => "always",
            PlaceOpen.Daylight => "by day",
            _ => "by day, when the weather is fit",
        };

    /// <summary>What a plan supposes of places that its work needs, in whole sentences; none where all is said, or the usual is always.</summary>
    /// <param name="needed">Names that work asks for.</param>
    public static IEnumerable<string> Supposed(IReadOnlyCollection<BenchPlace> places, IEnumerable<string> needed)
    {
        var asked = needed.Where(n => !IsMachine(n)).ToHashSet();
        foreach (var u in NotSaid(places).Where(u => u.Open != PlaceOpen.Always && asked.Contains(u.Name)))
        {
            yield return $"When the {u.Name} may be used nobody has said: it counts as is usual, {Words(u.Open)}.";
        }
        foreach (var name in asked.Where(n => Usual.All(u => u.Name != n) && places.All(p => p.Name != n)).Order(StringComparer.Ordinal))
        {
            yield return $"When the {name} may be used nobody has said: it counts as one that is there always.";
        }
    }
}
