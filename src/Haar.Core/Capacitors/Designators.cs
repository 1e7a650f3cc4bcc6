namespace Haar.Core.Capacitors;

/// <summary>Designators in the order in which a finger goes down a list: C2 before C10.</summary>
public sealed class Designators : IComparer<string>
{
    public static readonly Designators InOrder = new();

    public int Compare(string? x, string? y) => Parts(x ?? "").CompareTo(Parts(y ?? ""));

    static (string, long, string) Parts(string s)
    {
        var head = s.TrimEnd("0123456789".ToCharArray());
        return (head.ToUpperInvariant(), long.TryParse(s.AsSpan(head.Length), out var n) ? n : -1, s);
    }
}
