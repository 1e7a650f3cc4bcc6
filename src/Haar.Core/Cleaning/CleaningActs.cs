using Haar.Core.Acts;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What an act on one item is decided on.</summary>
public sealed record CleaningActFacts(Machine Machine, CleanedItem Item, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>A method has been tried on it: what came off, and what it did.</summary>
/// <param name="RemovedShare">Of what was there before this pass, 0 to 1.</param>
/// <param name="Damage">New scratches, bloom, lettering gone.</param>
/// <param name="ByEye">A guess then; false where two photos were laid over each other.</param>
/// <param name="SpotTested">A hidden place bore it before.</param>
public sealed record TryMethod(string Method, double RemovedShare, bool Damage, bool ByEye, bool SpotTested) : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("removedShare", RemovedShare, 0, 1, "");
        var rung =
            Ladder.For(f.Item.Facts).Rungs.FirstOrDefault(r => r.Method == Method)
            ?? throw new InvalidInputException("method", $"There is no method “{Method}”.");
        const string question = "May it be tried here?";
        // What did harm, or makes poison, is no matter of opinion.
        return rung.State == RungState.Out ? Permit.No("method", $"Never here: {Words.Lower(rung.Name)}. {rung.Why}", question)
            : rung.SpotTest && !SpotTested
                ? Permit.No(
                    "spotTested",
                    $"First in a hidden place, and wait {Ladder.SpotTestMinutes} minutes: nobody has said that this bears {Words.Lower(rung.Name)}.",
                    question
                )
            : Permit.Yes(question);
    }

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        var (item, method) = (f.Item, Methods.Usual.First(m => m.Id == Method));
        item.Facts = item.Facts with { Trials = [.. item.Facts.Trials, new(Method, RemovedShare, Damage, ByEye)] };
        item.Sheet = item.Sheet with { DoneAt = null };
        if (method.Wets)
        {
            item.Sheet = item.Sheet with
            {
                WetAt = at.Now,
                By = method.Leaves.Contains("rinse", StringComparison.Ordinal) ? WettedBy.Unrinsed : WettedBy.Water,
                Weighings = [],
                DriedAt = null,
                TestedBy = "",
            };
            // What it leaves meets the next method.
            if (method.Leaves.Length > 0 && method.Substance != Substance.Water)
            {
                item.Facts = item.Facts with { On = [.. item.Facts.On.Append(method.Substance).Distinct()] };
            }
        }
        return new(
            $"{Words.Capital(item.Name)}: {Words.Lower(method.Name)}, {Si.Plain(Math.Round(RemovedShare * 100))} % of it off{(Damage ? ", and it did damage" : "")}.",
            item.Id
        );
    }
}

/// <summary>Rinsed with clean water: what the cleaner left is off.</summary>
public sealed record RinseItem : Command<CleaningActFacts>
{
    public static bool Rinsable(Substance s) => s is not (Substance.AlkalineResidue or Substance.AcidResidue);

    public override Permit May(CleaningActFacts f, DateTimeOffset now) =>
        f.Item.Sheet is { WetAt: not null, By: WettedBy.Unrinsed } || f.Item.Facts.On.Any(Rinsable)
            ? Permit.Yes()
            : Permit.No("step", $"There is nothing to rinse off {f.Item.Name}.");

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        // Whatever it was before, it is wet now.
        f.Item.Sheet = f.Item.Sheet with
        {
            WetAt = at.Now,
            By = WettedBy.Water,
            Weighings = [],
            DriedAt = null,
            TestedBy = "",
        };
        // Water takes a cleaner off; a leak's residue it does not neutralise.
        f.Item.Facts = f.Item.Facts with
        {
            On = [.. f.Item.Facts.On.Where(s => !Rinsable(s))],
        };
        return new($"{Words.Capital(f.Item.Name)} rinsed.", f.Item.Id);
    }
}

/// <summary>Laid on the scale: two equal weighings an hour apart go with the least time.</summary>
public sealed record WeighItem(double Grams) : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("grams", Grams, 0.01, 100_000, "g");
        return f.Item.Wet ? Permit.Yes() : Permit.No("step", $"{Words.Capital(f.Item.Name)} is not wet.");
    }

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Sheet = f.Item.Sheet with { Weighings = [.. f.Item.Sheet.Weighings, new(at.Now, Grams)] };
        return new($"{Words.Capital(f.Item.Name)} weighs {Si.Plain(Grams)} g.", f.Item.Id);
    }
}

/// <summary>It counts as dry.</summary>
/// <param name="TestedBy">Of something that takes the mains: who is trained for it and tested its insulation, and what it read.</param>
public sealed record DryItem(double ScaleGrams = 1, string TestedBy = "") : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now) =>
        !f.Item.Wet
            ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is not wet.")
            : Permit.By(
                f.Item.IsDry(now, ScaleGrams, TestedBy.Trim().Length > 2),
                "step",
                new(
                    OverruleKind.Dry,
                    f.Item.MachineId,
                    f.Item.Id.ToString(),
                    Overrulable.Fingerprint(
                        f.Item.Sheet.WetAt,
                        f.Item.Sheet.By.ToString(),
                        f.Item.Dries.ToString(),
                        f.Item.Sheet.Weighings.Count
                    )
                ),
                f.Overrules
            );

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Sheet = f.Item.Sheet with { WetAt = null, DriedAt = at.Now, TestedBy = TestedBy.Trim() };
        return new(
            $"{Words.Capital(f.Item.Name)} is dry{(TestedBy.Trim().Length > 0 ? $"; insulation tested: {TestedBy.Trim()}" : "")}.",
            f.Item.Id
        );
    }
}

/// <summary>Clean enough, or left as it is.</summary>
public sealed record FinishItem : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now) =>
        f.Item.Sheet.DoneAt is not null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is done already.")
        : f.Item.Wet ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is wet: first it dries.")
        : f.Item.Facts.On.Any(RinseItem.Rinsable) ? Permit.No("step", $"What cleaned {f.Item.Name} is still on it: first it is rinsed.")
        : Permit.Yes();

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Sheet = f.Item.Sheet with { DoneAt = at.Now };
        return new(
            f.Item.Facts.Trials.Count == 0
                ? $"{Words.Capital(f.Item.Name)} is left as it is."
                : $"{Words.Capital(f.Item.Name)} is clean enough.",
            f.Item.Id
        );
    }
}
