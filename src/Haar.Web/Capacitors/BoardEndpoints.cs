using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Standings;
using Haar.Web.Http;
using Haar.Web.Intake;
using Haar.Web.Meters;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Capacitors;

/// <summary>One capacitor with all that is judged of it.</summary>
/// <param name="Part">What is reserved or fitted, in words; null when nothing is.</param>
/// <param name="Next">The step of its exchange that the hand does next.</param>
/// <param name="Overruled">Why a person decided otherwise.</param>
public sealed record CapacitorRow(Capacitor Capacitor, CapacitorReadings Readings, CapacitorRiskResult Risk, Verdict Sound, Verdict ComesOut, CapacitorStand Stand, string? Part, FittingStep? Next, string? Overruled, string Does);

/// <param name="ByEvidence">How many come out under the evidence school now.</param>
/// <param name="Preventive">How many under the preventive.</param>
public sealed record CapacitorsScreen(IReadOnlyList<BoardRow> Boards, IReadOnlyList<CapacitorRow> Capacitors, RecapSchool School, int ByEvidence, int Preventive);

public sealed record BoardEdit(string Name, Guid? PhotoId);

public sealed record CapacitorEdit(string Designator, string Marking, CapacitorKind Kind, CapacitorRole Role, double? RatedVolts, double? MaxCelsius, double? DiameterMillimetres, double? HeightMillimetres, double? LeadPitchMillimetres, IReadOnlyList<CapacitorSign> Signs, double? X, double? Y);

public sealed record CapacitorCsv(string Text);

/// <param name="Notes">Ambiguities and how they were taken.</param>
public sealed record CsvTaken(Guid LogId, string Sentence, int Count, IReadOnlyList<string> Notes);

/// <param name="Microfarads">Typed values; those not read are null.</param>
/// <param name="Source">"typed", or the meter's identification.</param>
public sealed record CapacitorReadingAsk(double? Microfarads, double? EsrOhms, double? EsrFrequencyHertz, double? LeakageMicroamps, bool InCircuit, string Source);

static class BoardEndpoints
{
    public static void MapBoards(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Capacitors");
        m.MapGet("/capacitors", ScreenAsync).WithName("GetCapacitors");
        m.MapPost("/boards", AddBoardAsync).WithName("AddBoard");
        m.MapPut("/boards/{boardId:guid}", EditBoardAsync).WithName("EditBoard");
        m.MapPost("/boards/{boardId:guid}/capacitors", AddAsync).WithName("AddCapacitor");
        m.MapPost("/boards/{boardId:guid}/csv", CsvAsync).WithName("ImportCapacitors").WithSummary("Takes a whole list or nothing.");
        m.MapGet("/boards/{boardId:guid}/csv", async (Guid id, Guid boardId, HaarDb db, CancellationToken cancel) =>
            Results.Text(CapacitorTable.Write(await db.Capacitors.AsNoTracking().Where(c => c.BoardId == boardId && c.MachineId == id).OrderBy(c => c.Id).ToListAsync(cancel)), "text/csv")).WithName("ExportCapacitors").Produces(200, contentType: "text/csv");
        m.MapPut("/capacitors/{capacitorId:guid}", EditAsync).WithName("EditCapacitor");
        m.MapDelete("/capacitors/{capacitorId:guid}", RemoveAsync).WithName("RemoveCapacitor");
        m.MapPost("/capacitors/{capacitorId:guid}/readings", ReadAsync).WithName("ReadCapacitor");
    }

    static async Task<CapacitorsScreen> ScreenAsync(Guid id, HaarDb db, Bench bench, CancellationToken cancel)
    {
        var facts = await StandingKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var rows = CapacitorAssessments.Of(facts, bench.Today.Year);
        var partIds = facts.Capacitors.Select(c => c.Fitting.PartId).OfType<Guid>().ToHashSet();
        var parts = await db.Drawer.AsNoTracking().Where(p => partIds.Contains(p.Id)).ToDictionaryAsync(p => p.Id, p => Substitution.Describe(p.Spec), cancel);
        int Out(RecapSchool school) => rows.Count(r => r.Stand == CapacitorStand.Exchanged || CapacitorRisk.ComesOut(r.Capacitor.Designator, r.Capacitor.Spec, r.Sound, r.Risk, school).Outcome == Outcome.Yes);
        var photos = facts.Photos.ToDictionary(p => p.Id, p => p.Hash);
        return new(
            [.. facts.Boards.Select(b => new BoardRow(b.Id, b.Name, b.PhotoId, b.PhotoId is { } p ? photos.GetValueOrDefault(p) : null, b.Version))],
            [.. rows.OrderBy(r => r.Stand switch { CapacitorStand.Exchanging => 0, CapacitorStand.ComesOut => 1, CapacitorStand.NotMeasured => 2, CapacitorStand.Exchanged => 3, _ => 4 }).ThenByDescending(r => r.Risk.Score).ThenBy(r => r.Capacitor.Designator, Designators)
                .Select(r => new CapacitorRow(r.Capacitor, r.Readings, r.Risk, r.Sound, r.ComesOut, r.Stand,
                    r.Capacitor.Fitting.PartId is { } part ? parts.GetValueOrDefault(part) : null, r.Capacitor.Fitting.Next(r.Capacitor.Spec.Polarised),
                    facts.Overrules.LastOrDefault(o => o.Key == $"capacitors/comes-out/{r.Capacitor.Id}")?.Reason, Short(r)))],
            facts.Machine.RecapSchool, Out(RecapSchool.Evidence), Out(RecapSchool.Preventive));
    }

    /// <summary>C2 before C10.</summary>
    static readonly Comparer<string> Designators = Comparer<string>.Create((a, b) =>
    {
        static (string, long) Parts(string s) => (s.TrimEnd("0123456789".ToCharArray()), long.TryParse(s.AsSpan(s.TrimEnd("0123456789".ToCharArray()).Length), out var n) ? n : -1);
        return Parts(a).CompareTo(Parts(b));
    });

    /// <summary>What the row says at its end: the reading that decided, or what is missing.</summary>
    static string Short(CapacitorAssessment r)
    {
        var sign = r.Capacitor.Signs.FirstOrDefault(s => s is CapacitorSign.Weeping or CapacitorSign.Bulging or CapacitorSign.Cracked, (CapacitorSign)(-1));
        if (r.Capacitor.Fitting.FittedAt is null && (int)sign >= 0) { return sign switch { CapacitorSign.Weeping => "weeps", CapacitorSign.Bulging => "bulges", _ => "is cracked" }; }
        if (r.Readings.InCircuit) { return "measure out of circuit"; }
        if (!r.Readings.Any) { return r.Stand == CapacitorStand.ComesOut ? r.Risk.Family : "not measured"; }
        var change = r.Readings.Microfarads is { } c ? Math.Round((c / r.Capacitor.Spec.Microfarads - 1) * 100) : (double?)null;
        return string.Join(", ", new[]
        {
            change is { } d ? $"{(d > 0 ? "+" : "")}{Core.Markings.Si.Plain(d)} %" : "",
            r.Readings.EsrOhms is { } e ? Core.Markings.Si.Format(e, "Ω", 2) : "",
            r.Readings.LeakageMicroamps is { } l ? $"leaks {Core.Markings.Si.Plain(l)} µA" : "",
        }.Where(s => s.Length > 0));
    }

    static void CheckName(string name)
    {
        if (name.Trim().Length is 0 or > 80) { throw new BadFactException("name", "Give the board a name of 1 to 80 characters."); }
    }

    static async Task<Acted> AddBoardAsync(Guid id, BoardEdit e, HaarDb db, Bench bench, CancellationToken cancel)
    {
        CheckName(e.Name);
        await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        await PhotoOf(id, e.PhotoId, db, cancel);
        var b = new Board { Id = bench.NewId(), MachineId = id, Name = e.Name.Trim(), PhotoId = e.PhotoId };
        db.Add(b);
        return (await bench.ActAsync(id, $"Board: {b.Name}.", cancel)).Said(b.Id);
    }

    static async Task<Acted> EditBoardAsync(Guid id, Guid boardId, BoardEdit e, HttpRequest request, HaarDb db, Bench bench, CancellationToken cancel)
    {
        CheckName(e.Name);
        var b = await db.Boards.FirstOrDefaultAsync(x => x.Id == boardId && x.MachineId == id, cancel).OrNotHere("board");
        Bench.Match(b, b.Version, request.Version());
        await PhotoOf(id, e.PhotoId, db, cancel);
        (b.Name, b.PhotoId) = (e.Name.Trim(), e.PhotoId);
        return (await bench.ActAsync(id, $"Board changed: {b.Name}.", cancel)).Said(b.Id);
    }

    static async Task PhotoOf(Guid id, Guid? photoId, HaarDb db, CancellationToken cancel)
    {
        if (photoId is { } p && !await db.Photos.AnyAsync(x => x.Id == p && x.MachineId == id, cancel)) { throw new BadFactException("photoId", "That photo is not one of this machine's."); }
    }

    static Capacitor Make(Guid capId, Guid id, Guid boardId, CapacitorEdit e)
    {
        var c = CapacitorFacts.FromMarking(capId, id, boardId, e.Designator, e.Marking, e.Kind, e.Role, e.RatedVolts, out _);
        c.Spec = c.Spec with { MaxCelsius = e.MaxCelsius ?? c.Spec.MaxCelsius, DiameterMillimetres = e.DiameterMillimetres, HeightMillimetres = e.HeightMillimetres, LeadPitchMillimetres = e.LeadPitchMillimetres };
        c.Signs = [.. e.Signs.Distinct()];
        (c.X, c.Y) = (e.X, e.Y);
        CapacitorFacts.Check(c);
        return c;
    }

    static async Task<Acted> AddAsync(Guid id, Guid boardId, CapacitorEdit e, HaarDb db, Bench bench, CancellationToken cancel)
    {
        await db.Boards.FirstOrDefaultAsync(b => b.Id == boardId && b.MachineId == id, cancel).OrNotHere("board");
        var c = Make(bench.NewId(), id, boardId, e);
        if (await db.Capacitors.AnyAsync(x => x.BoardId == boardId && x.Designator == c.Designator, cancel)) { throw new BadFactException("designator", $"{c.Designator} is on this board already."); }
        db.Add(c);
        return (await bench.ActAsync(id, $"{c.Designator} on the board: {Substitution.Describe(c.Spec)}.", cancel)).Said(c.Id);
    }

    static async Task<Acted> EditAsync(Guid id, Guid capacitorId, CapacitorEdit e, HttpRequest request, HaarDb db, Bench bench, CancellationToken cancel)
    {
        var c = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        Bench.Match(c, c.Version, request.Version());
        var made = Make(c.Id, id, c.BoardId, e);
        if (await db.Capacitors.AnyAsync(x => x.BoardId == c.BoardId && x.Id != c.Id && x.Designator == made.Designator, cancel)) { throw new BadFactException("designator", $"{made.Designator} is on this board already."); }
        (c.Designator, c.Marking, c.Spec, c.Role, c.Signs, c.X, c.Y) = (made.Designator, made.Marking, made.Spec with { SafetyClass = made.Spec.SafetyClass ?? c.Spec.SafetyClass, EsrOhms = c.Spec.EsrOhms, RippleAmps = c.Spec.RippleAmps }, made.Role, made.Signs, made.X, made.Y);
        return (await bench.ActAsync(id, $"{c.Designator} changed: {Substitution.Describe(c.Spec)}.", cancel)).Said(c.Id);
    }

    static async Task<Acted> RemoveAsync(Guid id, Guid capacitorId, HaarDb db, Bench bench, CancellationToken cancel)
    {
        var c = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        if (c.Fitting.PartId is { } part && c.Fitting.FittedAt is null && await db.Drawer.FirstOrDefaultAsync(p => p.Id == part, cancel) is { } drawer) { drawer.Release(); }
        db.Remove(c);
        return (await bench.ActAsync(id, $"{c.Designator} taken off the board's list.", cancel)).Said(c.Id);
    }

    static async Task<CsvTaken> CsvAsync(Guid id, Guid boardId, CapacitorCsv csv, HaarDb db, Bench bench, CancellationToken cancel)
    {
        await db.Boards.FirstOrDefaultAsync(b => b.Id == boardId && b.MachineId == id, cancel).OrNotHere("board");
        var taken = (await db.Capacitors.Where(c => c.BoardId == boardId).Select(c => c.Designator).ToListAsync(cancel)).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var read = CapacitorTable.Read(csv.Text, id, boardId, taken, bench.NewId);
        if (read.Problems.Count > 0) { throw new BadFactException("text", string.Join("\n", read.Problems.Append("Nothing was taken."))); }
        db.AddRange(read.Rows.Select(r => r.Capacitor));
        var log = await bench.ActAsync(id, $"{read.Rows.Count} capacitors taken from a list.", cancel);
        return new(log.Id, log.Sentence, read.Rows.Count, [.. read.Rows.Where(r => r.Note.Length > 0).Select(r => $"Line {r.Line}, {r.Capacitor.Designator}: {r.Note}")]);
    }

    static async Task<Acted> ReadAsync(Guid id, Guid capacitorId, CapacitorReadingAsk ask, HaarDb db, Bench bench, CancellationToken cancel)
    {
        var c = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        if (ask.Microfarads is null && ask.EsrOhms is null && ask.LeakageMicroamps is null) { throw new BadFactException("microfarads", "Give at least one reading."); }
        if (ask.Source.Trim().Length is 0 or > 80) { throw new BadFactException("source", "Say where the reading comes from: typed, or the meter."); }
        BadFactException.Finite("esrFrequencyHertz", ask.EsrFrequencyHertz, 1, 1e8, "Hz");
        var fitted = c.Fitting.FittedAt is not null;
        var said = new List<string>();
        void Add(string field, Quantity q, double? value, double? hertz = null)
        {
            if (value is not { } v) { return; }
            MeterEndpoints.Check(field, q, v);
            db.Add(new Reading { Id = bench.NewId(), MachineId = id, SubjectKind = SubjectKind.Capacitor, SubjectId = c.Id, Channel = fitted ? "new" : "old", Quantity = q, Value = v, FrequencyHertz = hertz, InCircuit = ask.InCircuit, Source = ask.Source.Trim(), At = bench.Now });
            said.Add(Core.Markings.Si.Format(v, q.Unit()));
        }

        Add("microfarads", Quantity.Capacitance, ask.Microfarads * 1e-6);
        Add("esrOhms", Quantity.Esr, ask.EsrOhms, ask.EsrFrequencyHertz ?? 100_000);
        Add("leakageMicroamps", Quantity.Leakage, ask.LeakageMicroamps * 1e-6);
        if (c.Fitting.Next(c.Spec.Polarised) == FittingStep.Remeasure) { c.Fitting = c.Fitting.Take(FittingStep.Remeasure, c.Spec.Polarised, bench.Now); }
        return (await bench.ActAsync(id, $"{c.Designator}{(fitted ? ", new part" : "")}: {string.Join(", ", said)}{(ask.InCircuit ? " in circuit" : "")}{(ask.Source == "typed" ? "" : ", from the meter")}.", cancel)).Said(c.Id);
    }
}
