using System.Globalization;

namespace Haar.Core.Costs;

/// <summary>Sums as they are written in British English: the sign before the figure where the currency has one, its three letters where it has none (ISO 4217).</summary>
public static class Money
{
    static readonly Dictionary<string, string> Signs = new()
    {
        ["EUR"] = "€",
        ["GBP"] = "£",
        ["USD"] = "US$",
        ["JPY"] = "JP¥",
    };

    /// <param name="digits">After the point: 2, or 0 where pence say nothing.</param>
    public static string Of(double sum, string currency, int digits = 2) =>
        $"{(sum < 0 ? "−" : "")}{(Signs.TryGetValue(currency, out var sign) ? sign : $"{currency} ")}{Math.Abs(sum).ToString(digits == 0 ? "#,##0" : "#,##0.00", CultureInfo.InvariantCulture)}";
}
