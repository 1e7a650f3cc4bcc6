using Haar.Data;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Http;

/// <summary>How a kind of row that a person types is added, changed and taken away: the same for all of them. What such a row cannot be is the row's own to say.</summary>
/// <typeparam name="TRow">What is kept.</typeparam>
/// <typeparam name="TEdit">What is sent.</typeparam>
/// <param name="Thing">As it stands inside a sentence: "hot part".</param>
/// <param name="Make">A new one, empty.</param>
/// <param name="Apply">Writes what was sent into it.</param>
/// <param name="Added">What the log says when it is new.</param>
/// <param name="Changed">When it is changed.</param>
/// <param name="Removed">When it is taken away.</param>
sealed record TypedRows<TRow, TEdit>(
    string Thing,
    Func<Made, TRow> Make,
    Action<TRow, TEdit> Apply,
    Func<TRow, string> Added,
    Func<TRow, string> Changed,
    Func<TRow, string> Removed
)
    where TRow : class
{
    /// <summary>What it needs of other rows before it is kept; null for nothing. The row is written already and not saved.</summary>
    public Func<HaarDb, TRow, TEdit, CancellationToken, Task>? Beside { get; init; }

    /// <summary>What is only its own and goes with it, named in the log; null for nothing.</summary>
    public Func<HaarDb, TRow, CancellationToken, Task>? Taking { get; init; }
}

/// <param name="On">The row above it, such as its board; empty where there is none.</param>
readonly record struct Made(Guid Id, Guid MachineId, Guid On, DateTimeOffset At);

// These are written once for every kind of row, so the compiler cannot write each one’s delegate ahead: they are built when first asked.
#pragma warning disable RDG011
static class TypedRowEndpoints
{
    /// <summary>Maps all three under a machine: POST to <paramref name="add"/>, PUT and DELETE to <paramref name="one"/>, which names <c>{rowId}</c>.</summary>
    /// <param name="word">In the operations' names: "HotPart" gives AddHotPart, EditHotPart, RemoveHotPart.</param>
    public static void MapTyped<TRow, TEdit>(
        this IEndpointRouteBuilder machine,
        string add,
        string one,
        string word,
        TypedRows<TRow, TEdit> rows
    )
        where TRow : class
    {
        machine
            .MapPost(
                add,
                (Guid id, TEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                    AddAsync(id, Guid.Empty, e, rows, db, work, cancel)
            )
            .WithName($"Add{word}");
        MapOne(machine, one, word, rows);
    }

    /// <summary>The same for rows that lie on a board: <paramref name="add"/> names <c>{boardId}</c>.</summary>
    public static void MapTypedOnBoard<TRow, TEdit>(
        this IEndpointRouteBuilder machine,
        string add,
        string one,
        string word,
        TypedRows<TRow, TEdit> rows
    )
        where TRow : class
    {
        machine
            .MapPost(
                add,
                async (Guid id, Guid boardId, TEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db
                        .Boards.AsNoTracking()
                        .FirstOrDefaultAsync(x => x.Id == boardId && x.MachineId == id, cancel)
                        .OrNotHere("board");
                    return await AddAsync(id, boardId, e, rows, db, work, cancel);
                }
            )
            .WithName($"Add{word}");
        MapOne(machine, one, word, rows);
    }

    static async Task<Acted> AddAsync<TRow, TEdit>(
        Guid id,
        Guid on,
        TEdit e,
        TypedRows<TRow, TEdit> rows,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
        where TRow : class
    {
        await db.OnTheListAsync(id, cancel);
        var made = new Made(work.NewId(), id, on, work.Now);
        var row = rows.Make(made);
        await WriteAsync(row, e, rows, db, cancel);
        db.Add(row);
        return (await work.ActAsync(id, rows.Added(row), cancel)).Said(made.Id);
    }

    static async Task WriteAsync<TRow, TEdit>(TRow row, TEdit e, TypedRows<TRow, TEdit> rows, HaarDb db, CancellationToken cancel)
        where TRow : class
    {
        if (e is null)
        {
            throw new Core.Verdicts.InvalidInputException("", "Send what it is to be, as JSON.");
        }
        rows.Apply(row, e);
        (row as Core.Acts.ICheckedRow)?.Check();
        if (rows.Beside is { } beside)
        {
            await beside(db, row, e, cancel);
        }
    }

    static void MapOne<TRow, TEdit>(IEndpointRouteBuilder machine, string one, string word, TypedRows<TRow, TEdit> rows)
        where TRow : class
    {
        Task<TRow> RowAsync(HaarDb db, Guid id, Guid rowId, CancellationToken cancel) =>
            db.Set<TRow>()
                .FirstOrDefaultAsync(x => EF.Property<Guid>(x, "Id") == rowId && EF.Property<Guid>(x, "MachineId") == id, cancel)
                .OrNotHere(rows.Thing);

        machine
            .MapPut(
                one,
                async (Guid id, Guid rowId, TEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var row = await RowAsync(db, id, rowId, cancel);
                    UnitOfWork.Match(row, db.Entry(row).Property<int>("Version").CurrentValue, based.On);
                    await WriteAsync(row, e, rows, db, cancel);
                    return (await work.ActAsync(id, rows.Changed(row), cancel)).Said(rowId);
                }
            )
            .WithName($"Edit{word}");
        machine
            .MapDelete(
                one,
                async (Guid id, Guid rowId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var row = await RowAsync(db, id, rowId, cancel);
                    if (rows.Taking is { } taking)
                    {
                        await taking(db, row, cancel);
                    }
                    db.Remove(row);
                    return (await work.ActAsync(id, rows.Removed(row), cancel)).Said(rowId);
                }
            )
            .WithName($"Remove{word}");
    }
}
