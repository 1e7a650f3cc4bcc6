using Haar.Core.Acts;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What an act on one item is decided on.</summary>
/// <param name="Held">Trays of the workshop that hold something, by their lower-case names, with what lies there.</param>
/// <param name="Stock">What lies on the shelf; null where it is not looked at.</param>
public sealed record CleaningActFacts(
    Machine Machine,
    CleanedItem Item,
    IReadOnlyList<Overrule> Overrules,
    IReadOnlyDictionary<string, string>? Held = null,
    IReadOnlyList<SupplyStock>? Stock = null
) : IActFacts
{
    public string? HeldBy(string tray) => Held?.GetValueOrDefault(tray.Trim().ToLowerInvariant());
}

/// <summary>A method has been tried on it: what came off, and what it did.</summary>
/// <param name="RemovedShare">Of what was there before this pass, 0 to 1.</param>
/// <param name="Damage">New scratches, bloom, lettering gone; null where nobody has looked: the pass is kept, since it wetted the part all the same, and proves nothing.</param>
/// <param name="ByEye">A guess then; false where two photos were laid over each other.</param>
/// <param name="SpotTested">A hidden place bore it before.</param>
/// <param name="Loosened">Of what was there, what has come loose and still lies there; in fifths, since no photo tells it.</param>
/// <param name="Breadths">How many hand's breadths it went over: that much comes off the shelf.</param>
/// <param name="AlreadyDone">It was done before anybody asked, also where it is ruled out here: it is kept with what to watch for.</param>
/// <param name="HoursAgo">When, where it was done already; 0 is now.</param>
public sealed record TryMethod(
    string Method,
    double RemovedShare,
    bool? Damage,
    bool ByEye,
    bool SpotTested,
    double Loosened = 0,
    double Breadths = 1,
    bool AlreadyDone = false,
    double HoursAgo = 0
) : Command<CleaningActFacts>
{
    const double MostHoursAgo = 24 * 366;

    /// <summary>How it stood is noted with this very act, for it and others.</summary>
    public bool NotedWithIt { get; init; }

    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("removedShare", RemovedShare, 0, 1, "");
        InvalidInputException.Finite("loosened", Loosened, 0, 1, "");
        InvalidInputException.Finite("breadths", Breadths, 0, 1000, "hand's breadths");
        InvalidInputException.Finite("hoursAgo", HoursAgo, 0, MostHoursAgo, "h");
        if (HoursAgo > 0 && !AlreadyDone)
        {
            throw new InvalidInputException("hoursAgo", "Only what was done already was done some hours ago: say so.");
        }
        if (RemovedShare + Loosened > 1 + 1e-9)
        {
            throw new InvalidInputException("loosened", "What came off and what lies loose are together no more than all of it.");
        }
        var rung =
            Ladder.For(f.Item.Facts).Rungs.FirstOrDefault(r => r.Method == Method)
            ?? throw new InvalidInputException("method", $"There is no method “{Method}”.");
        const string question = "May it be tried here?";
        var soaked = f.Item.Sheet.Soak is { Method.Length: > 0 } lies && lies.Method == Method;
        if (f.Item.Sheet.Soak is { } soak && !soaked)
        {
            return Permit.No("method", $"{Words.Capital(f.Item.Name)} lies in {soak.Tray}: take it out of that bath first.", question);
        }
        // What did harm, or makes poison, is no matter of opinion.
        // What it has lain in it has lain in, whatever has been found out since: only so it comes out again.
        // What was done cannot be undone by refusing to write it down.
        var asked = !soaked && !AlreadyDone;
        return asked && rung.State == RungState.Out ? Permit.No("method", $"Never here: {Words.Lower(rung.Name)}. {rung.Why}", question)
            : asked && rung.SpotTest && !SpotTested
                ? Permit.No(
                    "spotTested",
                    $"First in a hidden place, and wait {Ladder.SpotTestMinutes} minutes: nobody has said that this bears {Words.Lower(rung.Name)}.",
                    question
                )
            : asked && Unnoted(f.Item) is { } first ? Permit.No("noted", first, question)
            : ByEye && !Fifths(RemovedShare) || !Fifths(Loosened)
                ? Permit.No(
                    ByEye && !Fifths(RemovedShare) ? "removedShare" : "loosened",
                    "By eye nobody sees finer than fifths: 0, 0.2, 0.4, 0.6, 0.8 or 1. Two photos of one patch measure it.",
                    question
                )
            : Permit.Yes(question);
    }

    static bool Fifths(double share) => Math.Abs(share * 5 - Math.Round(share * 5)) < 1e-9;

    /// <summary>What has to be noted before this method wets it; null where nothing has, or it was.</summary>
    string? Unnoted(CleanedItem item) =>
        item.Sheet.NotedAt is null
        && !NotedWithIt
        && Methods.Of(item.Facts).First(m => m.Id == Method).Wets
        && Ladder.BeforeWet(item.Facts) is [var what, ..]
            ? $"Before it gets wet: {Words.Lower(what)}"
            : null;

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        var (item, method) = (f.Item, Methods.Of(f.Item.Facts).First(m => m.Id == Method));
        var rung = Ladder.For(item.Facts).Rungs.First(r => r.Method == Method);
        var when = at.Now.AddHours(-HoursAgo);
        item.Facts = item.Facts with { Trials = [.. item.Facts.Trials, new(Method, RemovedShare, Damage, ByEye, Loosened)] };
        // What the bath took went into the tray when it began.
        var used = item.Sheet.Soak is null
            ? Supplies.Take([.. method.Uses.Select(u => u with { Amount = u.Amount * Breadths })], f.Stock, at, f.Machine.Id, out var shelf)
            : Supplies.Take([], null, at, null, out shelf);
        item.Sheet = item.Sheet with { DoneAt = null, Soak = null };
        if (method.Wets)
        {
            item.Sheet = item.Sheet with
            {
                WetAt = when,
                By = method.Rinse ? WettedBy.Unrinsed : WettedBy.Water,
                Weighings = [],
                DriedAt = null,
                TestedBy = "",
            };
            // What it leaves meets the next method.
            if (method.Rinse && method.Substance != Substance.Water)
            {
                item.Facts = item.Facts with { On = [.. item.Facts.On.Append(method.Substance).Distinct()] };
            }
        }
        else if (method.Substance is Substance.Alcohol or Substance.Hydrocarbon or Substance.Acetone && item.HoldsLiquid)
        {
            // It brings no water, and is under chips and in switches all the same until it has gone.
            item.Sheet = item.Sheet with
            {
                WetAt = when,
                By = item.Sheet.WetAt is not null && item.Sheet.By != WettedBy.Alcohol ? item.Sheet.By : WettedBy.Alcohol,
                Weighings = [],
                DriedAt = null,
                TestedBy = "",
            };
        }
        string Watch() =>
            !AlreadyDone ? ""
            : rung.State == RungState.Out ? $" It is ruled out here, so look at it closely now. {rung.Why}"
            : rung.SpotTest && !SpotTested ? " Nobody tried it in a hidden place first: look at it again in a day."
            : "";
        var done = new Done(
            $"{Words.Capital(item.Name)}: {Words.Lower(method.Name)}, {Si.Plain(Math.Round(RemovedShare * 100))} % of it off{(Loosened > 0 ? $", {Si.Plain(Math.Round(Loosened * 100))} % loose on it" : "")}{(Damage == true ? ", and it did damage" : "")}.{(Damage is null ? " Nobody has looked for damage: look at it in raking light." : "")}{Watch()}{shelf}",
            item.Id
        ).Adding(used);
        // What was done on the way is mended, and not forgotten.
        return Damage == true
            ? done.Adding(
                new Job
                {
                    Id = at.NewId(),
                    MachineId = f.Machine.Id,
                    Stage = Stage.Case,
                    Title = $"Mend {Words.Lower(item.Name)}: the cleaning did damage",
                    For = Planning.WorkFor.Anyone,
                    Why = $"{Words.Capital(Words.Lower(method.Name))} left a mark on it.",
                    Minutes = 20,
                    At = at.Now,
                    SubjectId = item.Id,
                }
            )
            : done;
    }
}

/// <summary>Several items of one machine that go through one pass together.</summary>
public sealed record TogetherFacts(Machine Machine, IReadOnlyList<CleaningActFacts> Items, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>One pass over several items, answered once for all of them: what looks otherwise is left out, and kept by itself.</summary>
/// <param name="RemovedShare">Of what was there before, by eye, in fifths.</param>
/// <param name="Damage">As on <see cref="TryMethod"/>.</param>
/// <param name="SpotTested">A hidden place of each that needs it bore it before.</param>
/// <param name="AlreadyDone">It was done before anybody asked, whatever the ladder of each says.</param>
/// <param name="HoursAgo">When, where it was done already; 0 is now.</param>
/// <param name="Noted">How what moves and is printed on them stood before, in words; empty where each has its note, or needs none.</param>
public sealed record TryTogether(
    string Method,
    double RemovedShare,
    bool? Damage,
    bool SpotTested,
    bool AlreadyDone = false,
    double HoursAgo = 0,
    string Noted = ""
) : Command<TogetherFacts>
{
    const int Most = 200;

    TryMethod One =>
        new(Method, RemovedShare, Damage, true, SpotTested, AlreadyDone: AlreadyDone, HoursAgo: HoursAgo)
        {
            NotedWithIt = Noted.Trim().Length > 0,
        };

    public override Permit May(TogetherFacts f, DateTimeOffset now)
    {
        const string question = "May they go through it together?";
        if (f.Items.Count is < 2 or > Most)
        {
            throw new InvalidInputException("items", $"2 to {Most} of them go through a pass together.");
        }
        TextField.Check("noted", Noted, NoteBefore.MostNoted);
        foreach (var i in f.Items)
        {
            if (One.May(i, now) is { Granted: false } no)
            {
                return Permit.No(
                    no.Field,
                    $"{Words.Capital(i.Item.Name)}: {no.Verdict.Sentence} Leave it out, or keep its pass by itself.",
                    question
                );
            }
            if (!AlreadyDone && i.Item.Sheet.Soak is null && Ladder.For(i.Item.Facts).Next is var next && next != Method)
            {
                return Permit.No(
                    "items",
                    $"{Words.Capital(i.Item.Name)} is not next in line for this: leave it out, or keep its pass by itself.",
                    question
                );
            }
        }
        return !AlreadyDone && Batch.Clash(Method, [.. f.Items.Select(i => i.Item.Facts)]) is { } clash
            ? Permit.No("items", $"They do not share a vessel: {Mixing.Sentence(clash)}", question)
            : Permit.Yes(question);
    }

    protected override Done Do(TogetherFacts f, Moment at)
    {
        if (Noted.Trim().Length > 0)
        {
            foreach (var i in f.Items.Where(i => i.Item.Sheet.NotedAt is null))
            {
                _ = new NoteBefore(Noted, null).Decide(i, at);
            }
        }
        var each = f.Items.Select(i => (Done)One.Decide(i, at)).ToList();
        var done = new Done(
            $"{Words.Capital(Words.And(f.Items.Select(i => Words.Lower(i.Item.Name))))} together. {string.Join(' ', each.Select(d => d.Sentence).Distinct())}"
        );
        return done.Adding(each.SelectMany(d => d.Added)).Removing(each.SelectMany(d => d.Removed));
    }
}

/// <summary>Trimmers, switches, jumpers and labels photographed, read and marked: after the bath nobody knows how they stood.</summary>
/// <param name="PhotoId">Of how they stood; null where it is only written down.</param>
public sealed record NoteBefore(string Noted, Guid? PhotoId) : Command<CleaningActFacts>
{
    internal const int MostNoted = 500;

    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        TextField.Check("noted", Noted, MostNoted);
        return Noted.Trim().Length == 0 && PhotoId is null
            ? Permit.No("noted", "A photo, or how they stand in words: one of them at least.")
            : Permit.Yes();
    }

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Sheet = f.Item.Sheet with { NotedAt = at.Now, Noted = Noted.Trim() };
        f.Item.PhotoId = PhotoId ?? f.Item.PhotoId;
        return new($"{Words.Capital(f.Item.Name)}: how its switches and labels stand is noted.", f.Item.Id);
    }
}

/// <summary>A mild test of where the soil sits.</summary>
public sealed record TestSeat(SeatTests Tests) : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now) => Permit.Yes();

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Facts = f.Item.Facts with { Seat = Tests };
        var seat = SoilSeat.Of(Tests);
        return new(
            seat.Seat == Seat.NotKnown
                ? $"{Words.Capital(f.Item.Name)}: where it sits is not known yet."
                : $"{Words.Capital(f.Item.Name)}: {Words.Lower(seat.Verdict.Sentence)}",
            f.Item.Id
        );
    }
}

/// <summary>Somebody smelled at it.</summary>
public sealed record RateOdour(OdourRating Rating) : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        _ = Odour.Of(f.Item.Odour with { Ratings = [.. f.Item.Odour.Ratings, Rating] });
        return Permit.Yes();
    }

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Odour = f.Item.Odour with { Ratings = [.. f.Item.Odour.Ratings, Rating] };
        return new($"{Words.Capital(f.Item.Name)} is smelled from {Si.Plain(Rating.Centimetres)} cm.", f.Item.Id);
    }
}

/// <summary>A rung against the smell has been taken.</summary>
public sealed record TakeOdourRung(OdourRung Rung) : Command<CleaningActFacts>
{
    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        var next = Odour.Of(f.Item.Odour);
        return next.Next == Rung ? Permit.Yes() : new(next.Verdict with { Outcome = Outcome.No, MayBeOverruled = false }, "rung");
    }

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        f.Item.Odour = f.Item.Odour with { Done = [.. f.Item.Odour.Done, Rung] };
        return new(
            $"{Words.Capital(f.Item.Name)}: {Rung switch { OdourRung.Airing => "aired", OdourRung.Washing => "washed against the smell", OdourRung.Sorbent => "a week with charcoal", _ => "what holds the smell is out or sealed" }}.",
            f.Item.Id
        );
    }
}

/// <summary>Into a bath with it, by the method that comes next: how much goes into the tray is worked out, and what must not meet is asked.</summary>
/// <param name="Tray">Its name: one thing at a time lies in it.</param>
/// <param name="Minutes">Until one goes and looks; null takes the method's own time.</param>
public sealed record StartSoak(
    string Method,
    string Tray,
    TrayFacts Size,
    double? StockPercent,
    double? WantedPercent,
    double? LeftMillilitres,
    double? Minutes,
    bool SpotTested
) : Command<CleaningActFacts>
{
    const string Question = "May it go into the bath?";

    public override Permit May(CleaningActFacts f, DateTimeOffset now)
    {
        TextField.Check("tray", Tray, 40, "Give the tray a name: the grey tray.");
        InvalidInputException.Finite("minutes", Minutes, 1, 14 * 24 * 60, "min");
        if (f.Item.Sheet.Soak is { } soak)
        {
            return Permit.No("step", $"{Words.Capital(f.Item.Name)} lies in {soak.Tray} already.", Question);
        }
        if (f.HeldBy(Tray) is { } held)
        {
            return Permit.No("tray", $"{Words.Capital(Tray.Trim())} is taken: {held} lies in it.", Question);
        }
        var method =
            Methods.Of(f.Item.Facts).FirstOrDefault(m => m.Id == Method)
            ?? throw new InvalidInputException("method", $"There is no method “{Method}”.");
        if (!method.Bath)
        {
            return Permit.No("method", $"{method.Name}: that is no bath.", Question);
        }
        // As it would be judged when it is kept afterwards.
        if (new TryMethod(Method, 0, false, true, SpotTested).May(f, now) is { Granted: false } tried)
        {
            return tried;
        }
        var bath = Wanted(f, method);
        return bath.Verdict.Outcome is Outcome.Yes or Outcome.YesIf ? new(bath.Verdict, "") : new(bath.Verdict.Final(), "tray");
    }

    BathResult Wanted(CleaningActFacts f, CleaningMethod method) =>
        Bath.Of(Size, method.Substance, StockPercent, WantedPercent, LeftMillilitres, [.. f.Item.Facts.On, .. Ladder.OnIt(f.Item.Facts)]);

    protected override Done Do(CleaningActFacts f, Moment at)
    {
        var method = Methods.Of(f.Item.Facts).First(m => m.Id == Method);
        var bath = Wanted(f, method);
        var minutes = Minutes ?? Math.Max(5, method.DwellMinutes);
        // Out of the bottle by what was worked out; where nothing was, as a pass takes.
        var used = Supplies.Take(
            [.. method.Uses.Select(u => u.Unit == SupplyUnit.Millilitres && bath.StockMillilitres is { } ml ? u with { Amount = ml } : u)],
            f.Stock,
            at,
            f.Machine.Id,
            out var shelf
        );
        f.Item.Sheet = f.Item.Sheet with
        {
            Soak = new(Method, Tray.Trim(), at.Now, at.Now.AddMinutes(minutes), bath.Litres, bath.StockMillilitres),
            WetAt = at.Now,
            By = WettedBy.Unrinsed,
            Weighings = [],
            DriedAt = null,
            TestedBy = "",
            DoneAt = null,
        };
        return new Done(
            $"{Words.Capital(f.Item.Name)} into {Tray.Trim()}: {Si.Plain(Math.Round(bath.Litres, 1))} l{(bath.StockMillilitres is { } ml ? $", {Si.Plain(Math.Round(ml))} ml out of the bottle" : "")}, to be looked at after {Si.Plain(minutes)} min.{shelf}",
            f.Item.Id
        ).Adding(used);
    }
}

/// <summary>Rinsed with clean water: what the cleaner left is off.</summary>
public sealed record RinseItem : Command<CleaningActFacts>
{
    public static bool Rinsable(Substance s) => s is not (Substance.AlkalineResidue or Substance.AcidResidue);

    public override Permit May(CleaningActFacts f, DateTimeOffset now) =>
        f.Item.Sheet.Soak is { } soak
            ? Permit.No("step", $"{Words.Capital(f.Item.Name)} lies in {soak.Tray}: take it out of that bath first.")
        : f.Item.Sheet is { WetAt: not null, By: WettedBy.Unrinsed } || f.Item.Facts.On.Any(Rinsable) ? Permit.Yes()
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
/// <param name="HoursAgo">It was wetted so many hours before now, and written down later: a fact that a person says, and no reason against the time that drying takes. Null where it was written down at once.</param>
public sealed record DryItem(double ScaleGrams = 1, string TestedBy = "", double? HoursAgo = null) : Command<CleaningActFacts>
{
    /// <summary>Nobody writes down later than this what dried. A house figure.</summary>
    const double MostHoursAgo = 24 * 60;

    public override Permit May(CleaningActFacts f, DateTimeOffset now) =>
        f.Item.Sheet.Soak is { } soak ? Permit.No("step", $"{Words.Capital(f.Item.Name)} lies in {soak.Tray}.")
        : !f.Item.Wet ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is not wet.")
        : Permit.By(
            f.Item.IsDry(
                Since(f.Item, now) is { } since ? now + (f.Item.Sheet.WetAt!.Value - since) : now,
                ScaleGrams,
                TestedBy.Trim().Length > 2
            ),
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

    /// <summary>Since when it has dried, where that is earlier than was written down; null where it is not.</summary>
    DateTimeOffset? Since(CleanedItem item, DateTimeOffset now)
    {
        InvalidInputException.Finite("hoursAgo", HoursAgo, 0, MostHoursAgo, "h");
        return HoursAgo is { } hours && now.AddHours(-hours) is var since && since < item.Sheet.WetAt ? since : null;
    }

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
        : Ladder.Owed(f.Item.Facts) is { } owed && Ladder.For(f.Item.Facts).Next == owed
            ? Permit.No(
                "step",
                $"What the last pass left is still on it: first {Words.Lower(Methods.Of(f.Item.Facts).FirstOrDefault(m => m.Id == owed)?.Name ?? owed)}."
            )
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

/// <summary>It was cleaned already, or otherwise, by nothing that stands on its ladder.</summary>
/// <param name="Wetted">Water or another liquid went on it. Not known counts as yes: it dries first.</param>
public sealed record CleanedOtherwise(SaidOtherwise Said, ThreeState Wetted = ThreeState.NotKnown) : DoOtherwise<CleaningActFacts>(Said)
{
    protected override bool ShownLater => false;

    protected override (Guid MachineId, Guid Id, string Name) About(CleaningActFacts f) => (f.Machine.Id, f.Item.Id, f.Item.Name);

    protected override string NotClaimed(CleaningActFacts f) => "What it left on the surface is not known: look at it again in a week.";

    protected override Permit Possible(CleaningActFacts f, DateTimeOffset now) =>
        f.Item.Sheet.Soak is { } soak
            ? Permit.No("step", $"{Words.Capital(f.Item.Name)} lies in {soak.Tray}: take it out of that bath first.")
        : f.Item.Sheet.DoneAt is not null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is done already.")
        : Permit.Yes();

    protected override Done Mark(CleaningActFacts f, DateTimeOffset when, Done done)
    {
        var s = f.Item.Sheet with { DoneAt = when };
        f.Item.Sheet =
            Wetted == ThreeState.No
                ? s
                : s with
                {
                    WetAt = s.WetAt > when ? s.WetAt : when,
                    By = WettedBy.Water,
                    Weighings = [],
                    DriedAt = null,
                    TestedBy = "",
                };
        return done;
    }
}
