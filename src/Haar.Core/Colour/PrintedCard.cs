namespace Haar.Core.Colour;

/// <param name="Name">Printed beside it.</param>
/// <param name="Grey">8-bit sRGB value that is sent to the printer; 255 is bare paper.</param>
public sealed record CardPatch(string Name, byte Grey);

/// <summary>
/// A card to be printed: bare paper, greys and black, and a rule. No printer lays a grey of known colour, so readings under it
/// compare with each other under the same card and are no absolute figures.
/// </summary>
public static class PrintedCard
{
    public const double WidthMillimetres = 105;
    public const double HeightMillimetres = 74;

    /// <summary>About even steps of lightness, so that the camera's curve shows.</summary>
    public static readonly IReadOnlyList<CardPatch> Patches =
    [
        new("paper", 255),
        new("light", 200),
        new("grey", 119),
        new("dark", 62),
        new("black", 0),
    ];
}
