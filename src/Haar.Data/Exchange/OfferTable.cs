using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Data.Exchange;

/// <summary>A supplier's list as a table, and an order as one. Documented in docs/formats.md.</summary>
public static class OfferTable
{
    const int MostRows = 10_000,
        MostProblems = 8;

    /// <summary>Comma, semicolon or tab; a decimal comma is taken when it can mean nothing else. All rows or none.</summary>
    public static (List<SupplierOffer> Offers, List<string> Problems) Read(string text, string supplier)
    {
        var offers = new List<SupplierOffer>();
        var problems = new List<string>();
        if (text.Length > 5_000_000)
        {
            return (offers, ["The list is larger than 5 MB."]);
        }
        if (CsvQuotes.OpenOn(text) is { } open)
        {
            return (offers, [CsvQuotes.Sentence(open)]);
        }
        using var csv = new CsvReader(
            new StringReader(text.TrimStart('\uFEFF')),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
                PrepareHeaderForMatch = a => a.Header.Trim().ToLowerInvariant(),
                MissingFieldFound = null,
                BadDataFound = null,
                TrimOptions = TrimOptions.Trim,
            }
        );
        if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is not { } header)
        {
            return (offers, ["The list is empty."]);
        }
        foreach (var needed in new[] { "sku", "marking", "price" })
        {
            if (!header.Any(h => h.Trim().Equals(needed, StringComparison.OrdinalIgnoreCase)))
            {
                problems.Add($"The header has no column “{needed}”.");
            }
        }

        while (problems.Count < MostProblems && csv.Read())
        {
            if (offers.Count >= MostRows)
            {
                return ([], [$"The list has more than {MostRows} rows."]);
            }
            string Field(string name) => csv.TryGetField<string>(name, out var v) ? v?.Trim() ?? "" : "";
            if (Field("sku").Length == 0 && Field("marking").Length == 0)
            {
                continue;
            }
            try
            {
                offers.Add(Row(Field, supplier));
            }
            catch (InvalidInputException e)
            {
                problems.Add($"Line {csv.Parser.RawRow}: {e.Message}");
            }
        }

        if (offers.Count == 0 && problems.Count == 0)
        {
            problems.Add("The list has a header and no rows.");
        }
        return (problems.Count > 0 ? [] : offers, problems);
    }

    static SupplierOffer Row(Func<string, string> field, string supplier)
    {
        if (CapacitorMarking.IsNotReadable(field("marking")))
        {
            throw new InvalidInputException("marking", "What is sold has a value: type it.");
        }
        var c = CapacitorFacts.FromMarking(
            Guid.Empty,
            Guid.Empty,
            Guid.Empty,
            "C1",
            field("marking"),
            CapacitorTable.Enum<CapacitorKind>("kind", field("kind")),
            CapacitorRole.Unknown,
            CapacitorTable.Number("volts", field("volts")),
            out _
        );
        var breaks = new List<PriceBreak>
        {
            new(1, CapacitorTable.Number("price", field("price")) ?? throw new InvalidInputException("price", "The price is missing.")),
        };
        foreach (var n in new[] { "2", "3", "4" })
        {
            if (
                CapacitorTable.Number($"from{n}", field($"from{n}")) is { } from
                && CapacitorTable.Number($"price{n}", field($"price{n}")) is { } price
            )
            {
                breaks.Add(new((int)from, price));
            }
        }

        var sku = field("sku");
        if (sku.Length is 0 or > 60)
        {
            throw new InvalidInputException("sku", "A number of 1 to 60 characters.");
        }
        return new(
            supplier,
            sku,
            c.Spec with
            {
                MaxCelsius = CapacitorTable.Number("celsius", field("celsius")) ?? c.Spec.MaxCelsius,
                DiameterMillimetres = CapacitorTable.Number("diameter", field("diameter")),
                HeightMillimetres = CapacitorTable.Number("height", field("height")),
                LeadPitchMillimetres = CapacitorTable.Number("pitch", field("pitch")),
                EsrOhms = CapacitorTable.Number("esr", field("esr")),
            },
            (int)(CapacitorTable.Number("pack", field("pack")) ?? 1),
            [.. breaks.OrderBy(b => b.FromPacks)],
            CapacitorTable.Number("stock", field("stock")) is { } stock ? (int)stock : null
        );
    }

    /// <summary>An order, one row a line.</summary>
    /// <summary>A shopping list: pieces, value, volts, kind, temperature, size, what for.</summary>
    public static string Write(IEnumerable<ShoppingLine> lines)
    {
        using var writer = new StringWriter { NewLine = "\r\n" };
        using var csv = new CsvWriter(
            writer,
            new CsvConfiguration(CultureInfo.InvariantCulture) { InjectionOptions = InjectionOptions.Escape }
        );
        string[] Fields(ShoppingLine l) =>
            [l.Pieces.ToString(CultureInfo.InvariantCulture), l.Value, l.Volts, l.Kind, l.Celsius, l.Size, string.Join(", ", l.For)];
        foreach (var row in lines.Select(Fields).Prepend(["pieces", "value", "volts", "kind", "celsius", "size", "for"]))
        {
            foreach (var field in row)
            {
                csv.WriteField(field);
            }
            csv.NextRecord();
        }
        csv.Flush();
        return writer.ToString();
    }

    public static string Write(
        IEnumerable<(string Supplier, string Sku, CapacitorSpec Spec, int Packs, int PackSize, double PackPrice, string For)> lines
    )
    {
        using var writer = new StringWriter { NewLine = "\r\n" };
        using var csv = new CsvWriter(
            writer,
            new CsvConfiguration(CultureInfo.InvariantCulture) { InjectionOptions = InjectionOptions.Escape }
        );
        foreach (var h in new[] { "supplier", "sku", "part", "packs", "pack", "pieces", "price", "cost", "for" })
        {
            csv.WriteField(h);
        }
        csv.NextRecord();
        foreach (var l in lines)
        {
            csv.WriteField(l.Supplier);
            csv.WriteField(l.Sku);
            csv.WriteField(Substitution.Describe(l.Spec));
            csv.WriteField(l.Packs);
            csv.WriteField(l.PackSize);
            csv.WriteField(l.Packs * l.PackSize);
            csv.WriteField(l.PackPrice.ToString("0.00", CultureInfo.InvariantCulture));
            csv.WriteField((l.Packs * l.PackPrice).ToString("0.00", CultureInfo.InvariantCulture));
            csv.WriteField(l.For);
            csv.NextRecord();
        }

        csv.Flush();
        return writer.ToString();
    }
}
