using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>What an act on how a machine opens is decided on.</summary>
/// <param name="Access">As it is kept; null where nobody has said anything yet.</param>
/// <param name="Opening">As the screen shows it, from the facts of now.</param>
public sealed record OpeningFacts(Machine Machine, MachineAccess? Access, CaseOpeningResult Opening) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];

    /// <summary>The row to write into, made where there is none.</summary>
    public (MachineAccess Row, bool New) Row(Moment at) =>
        Access is { } there ? (there, false) : (new MachineAccess { Id = at.NewId(), MachineId = Machine.Id }, true);
}

/// <summary>What sits in front of what, as a person says it. Outermost first; all of it is replaced.</summary>
public sealed record SayPieces(IReadOnlyList<ApartPiece> Pieces) : Command<OpeningFacts>
{
    public override Permit May(OpeningFacts f, DateTimeOffset now)
    {
        if (Pieces is null || Pieces.Any(p => p is null))
        {
            throw new InvalidInputException("pieces", "Send the pieces, outermost first.");
        }
        new MachineAccess { Pieces = With(f) }.Check();
        return Permit.Yes();
    }

    protected override Done Do(OpeningFacts f, Moment at)
    {
        var (row, made) = f.Row(at);
        (row.Pieces, row.ByPerson) = (
            [.. With(f).Select(p => p with { Title = p.Title.Trim(), Destroys = (p.Destroys ?? "").Trim() })],
            true
        );
        // A choice of depth at a piece that is gone is no choice.
        row.DownTo = row.DownTo is { Piece.Length: > 0 } d && !Known(d.Piece) ? null : row.DownTo;
        var done = new Done(
            Pieces.Count == 0
                ? "Nothing is known of how it comes apart."
                : $"How it comes apart: {Words.And(Pieces.Take(6).Select(p => Words.Lower(p.Title.Trim())))}{(Pieces.Count > 6 ? " and more" : "")}.",
            row.Id
        );
        return made ? done.Adding(row) : done;

        bool Known(string id) => MachineAccess.OfRecord(id) || row.Pieces.Any(p => p.Id == id);
    }

    /// <summary>What was known of a piece that is recorded meanwhile stays, under its record.</summary>
    List<ApartPiece> With(OpeningFacts f) =>
        [
            .. (f.Access?.Pieces ?? []).Where(p =>
                f.Opening.Pieces.Any(x => x.Id == p.Id && x.Step is not null) && Pieces.All(x => x.Id != p.Id)
            ),
            .. Pieces,
        ];
}

/// <summary>Where a piece of work lies. An empty piece is outside; null takes the word back.</summary>
public sealed record SayBehind(string Key, string? Piece, bool Out) : Command<OpeningFacts>
{
    public override Permit May(OpeningFacts f, DateTimeOffset now)
    {
        TextField.Check("key", Key, 200, "Say which work.");
        return f.Opening.Work.All(w => w.Key != Key) ? Permit.No("key", "That work is no longer to be done inside this machine.")
            : Piece is { Length: > 0 } && f.Opening.Pieces.All(p => p.Id != Piece) ? Permit.No("piece", "There is no such piece in it.")
            : Permit.Yes();
    }

    /// <summary>What was said so far; where that is much, of work that is still to be done.</summary>
    internal static IEnumerable<WorkBehind> Said(MachineAccess row, OpeningFacts f) =>
        row.Behind.Count < MachineAccess.MostWords / 2 ? row.Behind : row.Behind.Where(b => f.Opening.Work.Any(w => w.Key == b.Key));

    protected override Done Do(OpeningFacts f, Moment at)
    {
        var (row, made) = f.Row(at);
        var work = f.Opening.Work.First(w => w.Key == Key);
        row.Behind =
        [
            .. Said(row, f).Where(b => b.Key != Key),
            .. Piece is null ? (WorkBehind[])[] : [new WorkBehind(Key, Piece, Piece.Length > 0 && Out)],
        ];
        var title = Words.Lower(work.Title);
        var done = new Done(
            Piece is null ? $"Where it lies is open again: {title}."
                : Piece.Length == 0 ? $"Nothing comes off for it: {title}."
                : $"{Words.Capital(title)} lies {(Out ? "at" : "behind what is in front of")} {Words.Lower(f.Opening.Pieces.First(p => p.Id == Piece).Title)}.",
            row.Id
        );
        return made ? done.Adding(row) : done;
    }
}

/// <summary>How deep it is opened this time. Null for as deep as its work needs.</summary>
public sealed record OpenDownTo(OpenDepth? Depth) : Command<OpeningFacts>
{
    const string Question = "Is it deep enough?";

    public override Permit May(OpeningFacts f, DateTimeOffset now)
    {
        if (Depth is null)
        {
            return Permit.Yes(Question);
        }
        TextField.Check("depth.piece", Depth.Piece ?? "", 60);
        if (f.Opening.Levels.FirstOrDefault(l => l.Depth == Depth) is not { } level)
        {
            return Permit.No(
                "depth",
                "It cannot be opened so deep and no deeper: no work lies there now, or what sits in front has changed.",
                Question
            );
        }
        // A danger that is left in is left to nobody's choice.
        return level.Verdict.Outcome == Outcome.No ? new(level.Verdict, "depth") : Permit.Yes(Question);
    }

    protected override Done Do(OpeningFacts f, Moment at)
    {
        var (row, made) = f.Row(at);
        row.DownTo = Depth;
        var level = Depth is null ? null : f.Opening.Levels.First(l => l.Depth == Depth);
        var done = new Done(
            level is null
                ? "It is opened as deep as its work needs."
                : $"Opened this time: {Words.Lower(level.Name)}{(level.Leaves.Count > 0 ? $"; {level.Leaves.Count} {(level.Leaves.Count == 1 ? "piece of work is" : "pieces of work are")} left for another" : "")}.",
            row.Id
        );
        return made ? done.Adding(row) : done;
    }
}

/// <summary>What is proposed while it is open becomes listed work.</summary>
public sealed record DoWhileOpen(string Proposal) : Command<OpeningFacts>
{
    public override Permit May(OpeningFacts f, DateTimeOffset now) =>
        f.Opening.Proposals.Any(p => p.Job.Id == Proposal)
            ? Permit.Yes()
            : Permit.No("proposal", "That is listed already, or lies behind something that stays on.");

    protected override Done Do(OpeningFacts f, Moment at)
    {
        var p = f.Opening.Proposals.First(x => x.Job.Id == Proposal);
        var job = new Job
        {
            Id = at.NewId(),
            MachineId = f.Machine.Id,
            Stage = p.Job.Stage,
            Title = p.Job.Title,
            Why = p.Job.Why,
            Minutes = p.Job.Minutes,
            At = at.Now,
        };
        var (row, made) = f.Row(at);
        var piece = f.Opening.Pieces.Where(x => x.Kind == p.Job.Piece).Select(x => x.Id).LastOrDefault();
        if (piece is not null)
        {
            row.Behind = [.. SayBehind.Said(row, f), new WorkBehind($"job/{job.Id}", piece, p.Job.Out)];
        }
        var done = new Done(
            $"Done while it is open: {Words.Lower(job.Title)}, about {p.SavedMinutes:0} min of opening saved.",
            job.Id
        ).Adding(job);
        return made ? done.Adding(row) : done;
    }
}
