using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Exchange;

/// <summary>What a document has to be before anything of it is taken.</summary>
public sealed partial class MachineExchange
{
    static void Check(MachineDocument d)
    {
        try
        {
            Core.Intake.Arrivals.Check(d.Machine, DateTimeOffset.UtcNow.Year + 1);
        }
        catch (InvalidInputException e)
        {
            throw new ImportException($"machine.{e.Field}: {e.Message} Nothing was changed.");
        }

        if (d.Machine.Id == Guid.Empty)
        {
            throw new ImportException("The machine has no id. Nothing was changed.");
        }
        var rows = RowsOfMachine.All(d).ToList();
        if (rows.Any(r => r.MachineId != d.Machine.Id))
        {
            throw new ImportException("A row in the document belongs to another machine. Nothing was changed.");
        }
        var ids = rows.Select(r => r.Id).Concat(d.Parts.Select(x => x.Id)).Concat(d.Log.Select(x => x.Id)).ToList();
        if (ids.Distinct().Count() != ids.Count)
        {
            throw new ImportException("Two rows in the document have one id. Nothing was changed.");
        }
        if (d.Readings.Any(r => !double.IsFinite(r.Value)))
        {
            throw new ImportException("A reading in the document is no number. Nothing was changed.");
        }
        if (d.Photos.Any(p => p.Hash.Length != 64 || !p.Hash.All(char.IsAsciiHexDigitLower)))
        {
            throw new ImportException("A photo's hash is not a SHA-256. Nothing was changed.");
        }
        // What a rule cannot be asked with would keep the whole machine from being shown.
        if (d.Machine.Rails.Count > 0)
        {
            Whole("machine.rails", () => Core.Survey.Rails.Check(d.Machine.Rails));
        }
        foreach (var r in d.Readings)
        {
            Whole($"A reading of {r.Quantity}", () => Core.Meters.ReadingLimits.Check("value", r.Quantity, r.Value));
        }
        // The same as is asked of what is typed.
        foreach (var (kind, of) in RowsOfMachine.All(d).GroupBy(r => r.Row.GetType()).Select(g => (g.Key.Name, g.ToList())))
        {
            for (var i = 0; i < of.Count; i++)
            {
                if (of[i].Row is Core.Acts.ICheckedRow row)
                {
                    Whole($"{kind} {i + 1}", row.Check);
                }
            }
        }
    }

    static void Whole(string what, Action check)
    {
        try
        {
            check();
        }
        catch (InvalidInputException e)
        {
            throw new ImportException($"{what}, {e.Field}: {e.Message} Nothing was changed.");
        }
    }
}
