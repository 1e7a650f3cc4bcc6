using Haar.Core.Handover;
using Haar.Core.Meters;
using Haar.Core.Proving;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Proving;

public sealed record ProofEdit(string What, string Unit, Better Better, double Resolution);

/// <param name="Side">before or after.</param>
public sealed record RunAsk(string Side, double Value);

public sealed record Run(Guid Id, string Side, double Value, DateTimeOffset At);

public sealed record ProofRow(Proof Proof, IReadOnlyList<Run> Runs, Comparison? Comparison, int RunsNeeded);

static class ProofEndpoints
{
    public static void MapProving(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/proofs").WithTags("Proving");
        m.MapGet(
                "/",
                async (Guid id, HaarDb db, CancellationToken cancel) =>
                {
                    var proofs = await db.Proofs.AsNoTracking().Where(p => p.MachineId == id).OrderBy(p => p.Id).ToListAsync(cancel);
                    var readings = await db
                        .Readings.AsNoTracking()
                        .Where(r => r.MachineId == id && r.SubjectKind == SubjectKind.Proof && !r.Voided)
                        .OrderBy(r => r.Id)
                        .ToListAsync(cancel);
                    return proofs
                        .Select(p => new ProofRow(
                            p,
                            [.. readings.Where(r => r.SubjectId == p.Id).Select(r => new Run(r.Id, r.Channel, r.Value, r.At))],
                            ProvingRoom.Compare(p, readings),
                            SignificanceTest.RunsNeeded(SignificanceTest.DefaultAlpha)
                        ))
                        .ToList();
                }
            )
            .WithName("GetProofs");
        m.MapPost(
                "/",
                async (Guid id, ProofEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    var p = new Proof
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        What = e.What.Trim(),
                        Unit = e.Unit.Trim(),
                        Better = e.Better,
                        Resolution = e.Resolution,
                        At = work.Now,
                    };
                    db.Add(p);
                    return (await work.ActAsync(id, $"To be measured before and after: {p.What}.", cancel)).Said(p.Id);
                }
            )
            .WithName("AddProof");
        m.MapPost(
                "/{proofId:guid}/runs",
                async (Guid id, Guid proofId, RunAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.Proofs.FirstOrDefaultAsync(x => x.Id == proofId && x.MachineId == id, cancel).OrNotHere("measurement");
                    if (ask.Side is not ("before" or "after"))
                    {
                        throw new InvalidInputException("side", "A run is “before” or “after”.");
                    }
                    var quantity = p.Unit switch
                    {
                        "s" => Quantity.Seconds,
                        "°C" => Quantity.Celsius,
                        "frames/s" => Quantity.Frames,
                        _ => Quantity.Rate,
                    };
                    ReadingLimits.Check("value", quantity, ask.Value);
                    db.Add(
                        new Reading
                        {
                            Id = work.NewId(),
                            MachineId = id,
                            SubjectKind = SubjectKind.Proof,
                            SubjectId = p.Id,
                            Channel = ask.Side,
                            Quantity = quantity,
                            Value = ask.Value,
                            At = work.Now,
                        }
                    );
                    return (
                        await work.ActAsync(
                            id,
                            $"{p.What}, {ask.Side}: {Core.Markings.Si.Plain(ask.Value)} {p.Unit}".TrimEnd() + ".",
                            cancel
                        )
                    ).Said(p.Id);
                }
            )
            .WithName("AddRun");
        m.MapDelete(
                "/{proofId:guid}/runs/{runId:guid}",
                async (Guid id, Guid proofId, Guid runId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var r = await db
                        .Readings.FirstOrDefaultAsync(x => x.Id == runId && x.SubjectId == proofId && x.MachineId == id, cancel)
                        .OrNotHere("run");
                    r.Voided = true;
                    return (await work.ActAsync(id, $"A run of {Core.Markings.Si.Plain(r.Value)} struck out.", cancel)).Said(proofId);
                }
            )
            .WithName("VoidRun");
    }
}
