using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>The steps of a cell's exchange that hands take.</summary>
public enum CellStep
{
    OldOut,
    Fitted,

    /// <summary>What was fitted comes out again.</summary>
    OutAgain,
}

/// <summary>What an act on a cell is decided on.</summary>
/// <param name="Findings">Open ones that want this cell out.</param>
/// <param name="Jobs">Work that settles them.</param>
public sealed record CellActFacts(
    Machine Machine,
    MachineCell Cell,
    IReadOnlyList<Overrule> Overrules,
    IReadOnlyList<Finding>? Findings = null,
    IReadOnlyList<Job>? Jobs = null
) : IActFacts
{
    public ReplacementPlan Plan => Replacement.Options(Cell.Site, Machine.RestorationPolicy);

    public ReplacementOption? Option(ReplacementKind kind) => Plan.Options.FirstOrDefault(o => o.Kind == kind);

    /// <summary>May this way be taken, as the site is known now?</summary>
    public Permit Permit(ReplacementOption option, string field) =>
        Acts.Permit.By(
            option.Verdict,
            field,
            new(OverruleKind.CellChoice, Machine.Id, option.Kind.ToString(), Overrulable.Fingerprint(Cell.Site, Machine.RestorationPolicy)),
            Overrules
        );
}

/// <summary>What replaces the cell. What is fitted is not rewritten by a choice: it comes out first.</summary>
public sealed record ChooseCell(ReplacementKind Kind) : Command<CellActFacts>
{
    ReplacementOption Option(CellActFacts f) =>
        f.Option(Kind) ?? throw new InvalidInputException("kind", "That is no way to replace this cell.");

    public override Permit May(CellActFacts f, DateTimeOffset now) =>
        f.Cell is { FittedAt: not null, Chosen: { } fitted }
            ? Permit.No(
                "kind",
                fitted == Kind
                    ? "It is fitted already."
                    : $"{f.Option(fitted)?.Name ?? "Another way"} is fitted. Take that out first, then choose again."
            )
            : f.Permit(Option(f), "kind");

    protected override Done Do(CellActFacts f, Moment at)
    {
        f.Cell.Chosen = Kind;
        return new($"Chosen for the cell: {Option(f).Name}.", f.Cell.Id);
    }
}

/// <summary>The old cell comes out: what it keeps alive is safe first.</summary>
public sealed record TakeCellOut : Command<CellActFacts>
{
    public override Permit May(CellActFacts f, DateTimeOffset now) =>
        f.Cell.OldOutAt is not null
            ? Permit.No("step", "The old cell is out already.")
            : Permit.By(
                Replacement.Data(f.Cell.Site),
                "overruleReason",
                new(
                    OverruleKind.CellData,
                    f.Machine.Id,
                    "",
                    Overrulable.Fingerprint(f.Cell.Site.Keeps, f.Cell.Site.DataSafe, f.Cell.Site.LossAccepted)
                ),
                f.Overrules
            );

    protected override CircuitWork? OnTheCircuit(CellActFacts f, Moment at) =>
        CircuitWork.Of(f.Cell.MachineId, "The old cell is out", at.Now, at.NewId);

    protected override Done Do(CellActFacts f, Moment at)
    {
        f.Cell.OldOutAt = at.Now;
        foreach (var x in f.Findings ?? [])
        {
            (x.DealtWithAt, x.DealtWith) = (at.Now, "The old cell is out.");
        }
        foreach (var job in f.Jobs ?? [])
        {
            job.Finish(at.Now);
        }
        return new("The old cell is out.", f.Cell.Id);
    }
}

/// <summary>What was chosen is fitted, if it still will do on the board as it is known now.</summary>
public sealed record FitCell : Command<CellActFacts>
{
    public override Permit May(CellActFacts f, DateTimeOffset now) =>
        f.Cell.OldOutAt is null ? Permit.No("step", "The old cell comes out first.")
        : f.Cell.FittedAt is not null ? Permit.No("step", "It is fitted already.")
        : f.Cell.Chosen is not { } kind ? Permit.No("step", "Choose what replaces it first.")
        : f.Option(kind) is not { } option ? Permit.No("step", "What was chosen no longer fits what is known of the cell: choose again.")
        : f.Permit(option, "step");

    protected override CircuitWork? OnTheCircuit(CellActFacts f, Moment at) =>
        CircuitWork.Of(f.Cell.MachineId, "A cell is fitted", at.Now, at.NewId);

    protected override Done Do(CellActFacts f, Moment at)
    {
        var option = f.Option(f.Cell.Chosen!.Value)!;
        f.Cell.FittedAt = at.Now;
        f.Cell.NextCheck = at.Today.AddDays((int)Math.Max(LeastDays, option.CheckAfterYears * DaysAYear));
        return new($"Fitted: {option.Name}. To be looked at by {f.Cell.NextCheck:d MMMM yyyy}.", f.Cell.Id);
    }

    /// <summary>Nobody is sent back to a cell within the month that it was fitted in. A house figure.</summary>
    const int LeastDays = 30;

    const double DaysAYear = 365.25;
}

/// <summary>What was fitted comes out again, to choose otherwise or because it must not stay.</summary>
public sealed record TakeFittedCellOut : Command<CellActFacts>
{
    public override Permit May(CellActFacts f, DateTimeOffset now) =>
        f.Cell.FittedAt is null ? Permit.No("step", "Nothing is fitted that could come out.") : Permit.Yes();

    protected override CircuitWork? OnTheCircuit(CellActFacts f, Moment at) =>
        CircuitWork.Of(f.Cell.MachineId, "The fitted cell is out again", at.Now, at.NewId);

    protected override Done Do(CellActFacts f, Moment at)
    {
        var name = f.Cell.Chosen is { } kind && f.Option(kind) is { } option ? option.Name : "what was fitted";
        (f.Cell.FittedAt, f.Cell.NextCheck) = (null, null);
        return new($"Out again: {Words.Lower(name)}.", f.Cell.Id);
    }
}

/// <summary>The acts that a cell's exchange is made of, and which comes next.</summary>
public static class CellActs
{
    public static Command<CellActFacts> Of(CellStep step) =>
        step switch
        {
            CellStep.OldOut => new TakeCellOut(),
            CellStep.Fitted => new FitCell(),
            _ => new TakeFittedCellOut(),
        };

    /// <summary>A cell that must not stay on the line that it sits on: refused now, and nobody's to overrule. Null when there is none.</summary>
    public static ReplacementOption? MustComeOut(MachineCell cell, RestorationPolicy policy) =>
        cell is { FittedAt: not null, Chosen: { } kind }
            ? Replacement
                .Options(cell.Site, policy)
                .Options.FirstOrDefault(o => o.Kind == kind && o.Verdict is { Outcome: Outcome.No, MayBeOverruled: false })
            : null;

    /// <summary>The exchange of a cell. What must not stay on its line comes out first.</summary>
    public static readonly Procedure<(MachineCell Cell, RestorationPolicy Policy), CellStep> Procedure = new(
        "The cell is exchanged.",
        new(CellStep.OutAgain, "take what was fitted out again", _ => null, s => MustComeOut(s.Cell, s.Policy) is not null),
        new(CellStep.OldOut, "take the old cell out", s => s.Cell.OldOutAt),
        new(CellStep.Fitted, "fit what was chosen", s => s.Cell.FittedAt)
    );

    /// <summary>The step that the hands take next; null when all is done.</summary>
    public static CellStep? Next(CellActFacts f) => Procedure.Next((f.Cell, f.Machine.RestorationPolicy));
}
