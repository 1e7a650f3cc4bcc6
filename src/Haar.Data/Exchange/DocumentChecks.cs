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
        foreach (var s in d.StripSteps)
        {
            Whole($"step {s.Number}", () => Core.Stripdown.StripFacts.Check(s));
        }
        foreach (var s in d.StripFasteners)
        {
            Whole("a fastener", () => Core.Stripdown.StripFacts.Check(s));
        }
        foreach (var s in d.StripConnectors)
        {
            Whole("a connector", () => Core.Stripdown.StripFacts.Check(s));
        }
        foreach (var s in d.Items)
        {
            Whole(s.Slot, () => Core.Intake.AsShipped.Check(s));
        }
        foreach (var s in d.Boxes)
        {
            Whole(s.Name, () => Core.Intake.Lots.Check(s));
        }
        foreach (var a in d.Areas)
        {
            Whole(a.Name, () => Core.Boards.Outline.Check("outline", a.Outline));
        }
        foreach (var n in d.Nets)
        {
            Whole(n.Name, () => Core.Corrosion.Trace.Ohms(n.Trace));
        }
        foreach (var h in d.HotParts)
        {
            Whole(h.Name, () => Core.Thermal.Gap.Choose(h.Name, h.Facts));
        }
        if (d.Pack is { } pack)
        {
            Whole("the pack", () => Core.Batteries.PackHealth.Of(pack.Facts));
        }
        foreach (var c in d.Capacitors)
        {
            try
            {
                CapacitorFacts.Check(c);
            }
            catch (InvalidInputException e)
            {
                throw new ImportException($"{c.Designator}: {e.Message} Nothing was changed.");
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
            throw new ImportException($"{what}: {e.Message} Nothing was changed.");
        }
    }
}
