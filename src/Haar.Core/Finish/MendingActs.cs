using System.Globalization;
using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What an act on one mend is decided on.</summary>
public sealed record MendingFacts(Machine Machine, Mending Mending, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>The next step of a mend is done.</summary>
/// <param name="Step">Its words, as they were read; another than the one whose turn it is now is refused.</param>
/// <param name="Helped">Of a button: it comes back by itself now. Not known is asked.</param>
/// <param name="LeftShare">Of scratches: what is left of what was there before this pass, in fifths by eye.</param>
public sealed record TakeMendingStep(string Step, ThreeState Helped = ThreeState.NotKnown, double? LeftShare = null) : Command<MendingFacts>
{
    public override Permit May(MendingFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("leftShare", LeftShare, 0, 1, "");
        var m = f.Mending;
        const string question = "May that be done now?";
        if (!m.Open)
        {
            return Permit.No("step", $"{Words.Capital(m.Name)} is done already.", question);
        }
        if (m.Next() is not { } next)
        {
            var v = m.Verdict();
            return v.Outcome is Outcome.Yes or Outcome.YesIf || m.Sheet.Steps.Count > 0
                ? Permit.No("step", $"Every step on {Words.Lower(m.Name)} is done: say that it is mended, or left as it is.", question)
                : new(v.Final(), "step");
        }
        return Step != next ? Permit.No("step", $"The next step here is: {next}", question)
            : m.From() > now
                ? Permit.No(
                    "step",
                    $"Not before {m.From()!.Value.ToString("HH:mm 'on' d MMMM", CultureInfo.InvariantCulture)} UTC: the glue has to hold first.",
                    question
                )
            : m.Kind == MendingKind.Button && Helped == ThreeState.NotKnown
                ? Permit.No("helped", "Does it come back by itself now?", question)
            : m.Kind == MendingKind.Scratches && LeftShare is null
                ? Permit.No("leftShare", "How much of the scratches is left, in fifths?", question)
            : m.Kind == MendingKind.Scratches && Math.Abs(LeftShare!.Value * 5 - Math.Round(LeftShare.Value * 5)) > 1e-9
                ? Permit.No("leftShare", "By eye nobody sees finer than fifths: 0, 0.2, 0.4, 0.6, 0.8 or 1.", question)
            : Permit.Yes(question);
    }

    protected override Done Do(MendingFacts f, Moment at)
    {
        var m = f.Mending;
        var name = Words.Capital(m.Name);
        m.Sheet = m.Sheet with { Steps = [.. m.Sheet.Steps, new(Step, at.Now)] };
        switch (m.Kind)
        {
            case MendingKind.Scratches:
                var grit = Polish.Of(m.Scratches).NextGrit!.Value;
                m.Scratches = m.Scratches with { Passes = [.. m.Scratches.Passes, new(grit, LeftShare!.Value)] };
                return new(
                    $"{name}: {(grit >= 6000 ? "polish" : $"P{grit}")}, {Si.Plain(Math.Round(LeftShare.Value * 100))} % of the scratches left.",
                    m.Id
                );
            case MendingKind.Button when Helped == ThreeState.Yes:
                m.Sheet = m.Sheet with { DoneAt = at.Now };
                return new($"{name} comes back by itself.", m.Id);
            case MendingKind.Button:
                var ruled = Enum.GetValues<ButtonCause>().First(c => !m.Other.RuledOut.Contains(c));
                m.Other = m.Other with { RuledOut = [.. m.Other.RuledOut, ruled] };
                return new($"{name}: that was not it.", m.Id);
            default:
                return new($"{name}: {Words.Lower(Step)}", m.Id);
        }
    }
}

/// <summary>It is mended, or it is left as it is.</summary>
/// <param name="AsItIs">Nothing more is done, and that is decided.</param>
public sealed record FinishMending(bool AsItIs) : Command<MendingFacts>
{
    public override Permit May(MendingFacts f, DateTimeOffset now)
    {
        var m = f.Mending;
        return !m.Open ? Permit.No("step", $"{Words.Capital(m.Name)} is done already.")
            : AsItIs ? Permit.Yes()
            : m.Next() is { } next ? Permit.No("step", $"Not mended yet. The next step is: {next}")
            : m.Sheet.Steps.Count == 0 ? Permit.No("step", "Nothing was done to it: leave it as it is, or begin.")
            // What was found out since may have taken its steps away: glued, and nobody knows any more whether that glue holds there.
            : m.Steps().Count == 0 && m.Kind is not (MendingKind.Button or MendingKind.Scratches) ? new(m.Verdict().Final(), "step")
            : Permit.Yes();
    }

    protected override Done Do(MendingFacts f, Moment at)
    {
        f.Mending.Sheet = f.Mending.Sheet with { DoneAt = at.Now, LeftAsItIs = AsItIs };
        return new($"{Words.Capital(f.Mending.Name)}: {(AsItIs ? "left as it is" : "mended")}.", f.Mending.Id);
    }
}

/// <summary>It was mended already, or otherwise.</summary>
public sealed record MendedOtherwise(SaidOtherwise Said) : DoOtherwise<MendingFacts>(Said)
{
    protected override bool ShownLater => false;

    protected override (Guid MachineId, Guid Id, string Name) About(MendingFacts f) => (f.Mending.MachineId, f.Mending.Id, f.Mending.Name);

    protected override string NotClaimed(MendingFacts f) =>
        f.Mending.Kind == MendingKind.Crack ? "Which glue holds it, and how long, is not known." : "How long it holds is not known.";

    protected override Permit Possible(MendingFacts f, DateTimeOffset now) =>
        f.Mending.Open ? Permit.Yes() : Permit.No("step", $"{Words.Capital(f.Mending.Name)} is done already.");

    protected override Done Mark(MendingFacts f, DateTimeOffset when, Done done)
    {
        f.Mending.Sheet = f.Mending.Sheet with { DoneAt = when };
        return done;
    }
}
