using Haar.Core.Acts;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>What an act of the rebuild is decided on: the whole record, since pieces stand before one another.</summary>
/// <param name="Store">The spares asked for; empty when none is.</param>
/// <param name="Looked">What was looked at after nothing came on, and is right no longer once a piece has been out.</param>
public sealed record RebuildActFacts(
    StripRecord Record,
    IReadOnlyList<StoreFastener> Store,
    IReadOnlyList<Survey.ChecklistAnswer> Looked,
    IReadOnlyList<Overrule> Overrules
) : IActFacts
{
    public StripStep Step(Guid id) => Record.Steps.First(s => s.Id == id);

    public StripFastener Fastener(Guid id) => Record.Fasteners.First(f => f.Id == id);
}

/// <summary>A piece goes back in.</summary>
/// <param name="SecondLook">Somebody looked a second time that everything is the right way round.</param>
/// <param name="Leads">Every lead of it is plugged in. What nobody says of a lead leaves it off: a piece goes back without its leads often enough.</param>
public sealed record PutPieceBack(Guid StepId, bool SecondLook, ThreeState Leads = ThreeState.NotKnown) : Command<RebuildActFacts>
{
    public override Permit May(RebuildActFacts f, DateTimeOffset now)
    {
        var s = f.Step(StepId);
        return s.BackAt is not null ? Permit.No("step", $"{s.Title} is back in already.")
            : f.Record.Hindrance(StepId, now) is { } why ? Permit.No("step", why)
            : f.Record.WantsSecondLook(s) && !SecondLook
                ? Permit.No(
                    "secondLook",
                    $"It can go in the wrong way round{(s.Polarity.Length > 0 ? $": {s.Polarity}" : "")}. Look a second time, and say so."
                )
            : Permit.Yes();
    }

    protected override Done Do(RebuildActFacts f, Moment at)
    {
        var s = f.Step(StepId);
        s.BackAt = at.Now;
        s.SecondLookAt = SecondLook ? at.Now : null;
        foreach (var c in f.Record.Connectors.Where(c => Leads == ThreeState.Yes && c.StepId == StepId && c.BackAt is null))
        {
            c.BackAt = at.Now;
        }
        return new(
            $"Back in: {(s.ExchangedFor.Length > 0 ? $"{s.ExchangedFor} for {s.Title}" : s.Title)}{(SecondLook && f.Record.WantsSecondLook(s) ? ", way round looked at twice" : "")}.",
            StepId
        );
    }
}

/// <summary>What is due on a piece before anything covers it was done: it was pressed home, or tested.</summary>
/// <param name="Said">What it did; needed where it failed.</param>
public sealed record TestPiece(Guid StepId, bool Passed, string Said) : Command<RebuildActFacts>
{
    public override Permit May(RebuildActFacts f, DateTimeOffset now)
    {
        TextField.Check("said", Said, 200);
        var s = f.Step(StepId);
        if (!Passed && Said.Trim().Length == 0)
        {
            throw new InvalidInputException("said", "Say what it did instead.");
        }
        return s.DueBeforeCovered.Length == 0 ? Permit.No("step", $"No test is due for {s.Title}.")
            : s.BackAt is null ? Permit.No("step", $"{s.Title} is not back in yet: it is tested where it sits.")
            : Permit.Yes();
    }

    protected override Done Do(RebuildActFacts f, Moment at)
    {
        var s = f.Step(StepId);
        if (Passed)
        {
            s.TestedAt = at.Now;
        }
        s.TestSaid = Said.Trim();
        return new(
            $"{s.DueBeforeCovered}: {(Passed ? "passed" : "failed, and it stays uncovered")}{(s.TestSaid.Length > 0 ? $". {s.TestSaid}" : "")}.",
            StepId
        );
    }
}

/// <summary>A piece that was back in comes out again, with its screws and leads.</summary>
public sealed record TakePieceOutAgain(Guid StepId) : Command<RebuildActFacts>
{
    public override Permit May(RebuildActFacts f, DateTimeOffset now)
    {
        var s = f.Step(StepId);
        return s.BackAt is null ? Permit.No("step", $"{s.Title} is out.")
            : f.Record.Steps.FirstOrDefault(x => x.BackAt is not null && s.Behind.Contains(x.Id)) is { } over
                ? Permit.No("step", $"{over.Title} goes over it and is back in: take that out first.")
            : Permit.Yes();
    }

    protected override Done Do(RebuildActFacts f, Moment at)
    {
        var s = f.Step(StepId);
        (s.BackAt, s.SecondLookAt, s.TestedAt, s.TestSaid) = (null, null, null, "");
        foreach (var c in f.Record.Connectors.Where(c => c.StepId == StepId))
        {
            c.BackAt = null;
        }
        foreach (var x in f.Record.Fasteners.Where(x => x.StepId == StepId && x.Returns.Any(r => !r.FromStore)))
        {
            x.Returns = [.. x.Returns.Where(r => r.FromStore)];
        }
        var touched = f.Record.Connectors.Where(c => c.StepId == StepId).Select(c => c.Id).Append(StepId).ToList();
        return new Done($"Out again: {s.Title}.", StepId).Removing(
            f.Looked.Where(a => touched.Any(t => a.Item.StartsWith($"nothing-on/{t}", StringComparison.Ordinal)))
        );
    }
}

/// <summary>Screws go in: of the right thread, none longer than what came out, and after the piece that they hold.</summary>
/// <param name="FromStoreId">Spares that they are taken from; null for the tray.</param>
public sealed record PutFastenerBack(Guid FastenerId, int Count, string Thread, double? LengthMillimetres, string Head, Guid? FromStoreId)
    : Command<RebuildActFacts>
{
    FastenerBack Back => new(Count, Thread.Trim(), LengthMillimetres, Head.Trim(), FromStoreId is not null);

    static FastenerFact Fact(RebuildActFacts f, Guid id) => f.Record.FastenerFacts().First(x => x.Id == id.ToString());

    public override Permit May(RebuildActFacts f, DateTimeOffset now)
    {
        if (Count is < 1 or > StripFacts.MostCount)
        {
            throw new InvalidInputException("count", "At least one goes in.");
        }
        var fact = Fact(f, FastenerId);
        var verdict = Reconcile.MayGoIn(fact, Back);
        if (verdict.Outcome == Outcome.No)
        {
            return new(verdict.Final(), "lengthMillimetres");
        }
        var s = f.Step(f.Fastener(FastenerId).StepId);
        if (s is { BackAt: null, StaysOut: false })
        {
            return Permit.No("fastener", $"{s.Title} is not back in yet: its screws hold nothing.");
        }
        if (s.StaysOut)
        {
            return Permit.No("fastener", $"{s.Title} stays out: its screws go into a bag with its name.");
        }
        _ = Reconcile.Of([fact with { Returns = [.. fact.Returns, Back] }]);
        return f.Store.FirstOrDefault(x => x.Id == FromStoreId) is { } store && store.Quantity < Count
            ? Permit.No("count", $"Only {store.Quantity} of them {(store.Quantity == 1 ? "is" : "are")} left, {store.Place}.")
            : Permit.Yes();
    }

    protected override Done Do(RebuildActFacts f, Moment at)
    {
        if (f.Store.FirstOrDefault(x => x.Id == FromStoreId) is { } store)
        {
            store.Quantity -= Count;
        }
        var x = f.Fastener(FastenerId);
        var back = Back;
        x.Returns = [.. x.Returns, new FastenerReturn(Count, back.Thread, back.LengthMillimetres, back.Head, back.FromStore, at.Now)];
        return new(
            $"{Count} × {Reconcile.Size(back.Thread, back.LengthMillimetres, back.Head)} in, {f.Step(x.StepId).Title}{(back.FromStore ? ", from the store" : "")}.",
            FastenerId
        );
    }
}
