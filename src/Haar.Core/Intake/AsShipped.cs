using System.Text.Json.Serialization;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What became of one item since the machine left the factory.</summary>
public enum ItemFate
{
    NotKnown = 0,
    Original,
    SwappedInPeriod,
    SwappedLater,
    Added,
    Missing,
}

/// <summary>One item of a configuration as it was sold.</summary>
/// <param name="Slot">Where it sits or what it is for: "drive", "graphics card", "supply".</param>
/// <param name="What">What was sold there, such as "105 MB SCSI drive"; several makers' are told apart by " or ".</param>
public sealed record ShippedItem(string Slot, string What);

/// <summary>One configuration in which a machine was sold.</summary>
public sealed record ShippedConfiguration(string Id, string Name, IReadOnlyList<ShippedItem> Items);

/// <summary>One item as it was found, with what says so.</summary>
public sealed class FoundItem : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Slot { get; set; } = "";

    /// <summary>What is there now; empty when it is not there.</summary>
    public string What { get; set; } = "";

    /// <summary>Plainly absent: its place is empty.</summary>
    public bool Absent { get; set; }

    /// <summary>YYWW, WWYY or YWW as printed; empty when none was read.</summary>
    public string DateCode { get; set; } = "";

    /// <summary>What else says so: a label, a maker's sticker, other screws.</summary>
    public string Evidence { get; set; } = "";

    /// <summary>A person's own word, which stands against what is computed.</summary>
    public ItemFate? SaidFate { get; set; }
    public int Version { get; set; }

    public void Check() => AsShipped.Check(this);
}

/// <param name="Slot">The item.</param>
/// <param name="Shipped">What the best configuration has there; empty when it has nothing.</param>
/// <param name="Found">What is there; empty when nothing was recorded or it is absent.</param>
/// <param name="Date">Its date code, resolved.</param>
/// <param name="Sentence">Why.</param>
/// <param name="Said">A person decided it.</param>
public sealed record ItemVerdict(
    Guid? Id,
    string Slot,
    string Shipped,
    string Found,
    ItemFate Fate,
    DateCodeResult? Date,
    string Sentence,
    [property: JsonPropertyName("founded")] Basis Basis,
    bool Said
);

/// <param name="Configuration">One as sold.</param>
/// <param name="Agrees">Items that agree with it.</param>
/// <param name="Contradicts">Items that speak against it.</param>
/// <param name="NotSeen">Items nobody has looked at.</param>
public sealed record ConfigurationFit(ShippedConfiguration Configuration, int Agrees, int Contradicts, int NotSeen);

/// <param name="Verdict">Which configuration was it?</param>
/// <param name="TellApart">Slots that would settle between the best two, and what each would have.</param>
public sealed record AsShippedResult(
    Verdict Verdict,
    IReadOnlyList<ItemVerdict> Items,
    IReadOnlyList<ConfigurationFit> Fits,
    IReadOnlyList<string> TellApart,
    int PeriodYears
);

/// <summary>What left the factory against what is here, item by item, with the date that says so.</summary>
public static class AsShipped
{
    /// <summary>How many years after it was sold a swap still counts as the owner's own of the time. A house number: about one working life of an office machine.</summary>
    public const int DefaultPeriodYears = 6;

    /// <param name="configurations">As sold; may be empty when only typed items are known.</param>
    /// <param name="found">As found.</param>
    /// <param name="yearFrom">First year that the machine can be from.</param>
    /// <param name="yearTo">Last; counts.</param>
    public static AsShippedResult Of(
        IReadOnlyList<ShippedConfiguration> configurations,
        IReadOnlyList<FoundItem> found,
        int? yearFrom,
        int? yearTo,
        DateOnly today,
        int periodYears = DefaultPeriodYears
    )
    {
        const string question = "What was it when it left the factory?";
        if (periodYears is < 0 or > 40)
        {
            throw new InvalidInputException("periodYears", "The period is 0 to 40 years.");
        }
        void Named(string field, string slot)
        {
            if (slot.Trim().Length is 0 or > 60)
            {
                throw new InvalidInputException(field, "Say in 1 to 60 characters which item it is: drive, supply, graphics card.");
            }
        }
        for (var i = 0; i < configurations.Count; i++)
        {
            for (var j = 0; j < configurations[i].Items.Count; j++)
            {
                Named($"configurations[{i}].items[{j}].slot", configurations[i].Items[j].Slot);
            }
        }
        for (var i = 0; i < found.Count; i++)
        {
            Named($"found[{i}].slot", found[i].Slot);
        }
        if (found.GroupBy(f => Key(f.Slot)).FirstOrDefault(g => g.Count() > 1) is { } twice)
        {
            throw new InvalidInputException("slot", $"“{twice.First().Slot}” is listed twice: give each a name of its own.");
        }
        var dates = found
            .Where(f => f.DateCode.Trim().Length > 0)
            .ToDictionary(f => f.Id, f => DateCode.Read(f.DateCode, yearFrom, yearTo, today));
        var fits = configurations
            .Select(c => Fit(c, found, dates))
            .OrderBy(f => f.Contradicts)
            .ThenByDescending(f => f.Agrees)
            .ThenBy(f => f.Configuration.Items.Count)
            .ToList();
        var best = fits.FirstOrDefault();
        var rivals = best is null ? [] : fits.Skip(1).Where(f => f.Contradicts == best.Contradicts && f.Agrees == best.Agrees).ToList();
        var items = Items(best?.Configuration, found, dates, yearTo ?? yearFrom, periodYears);
        var apart = best is null ? [] : TellApart(best, rivals.Count > 0 ? rivals : fits.Skip(1).Take(1).ToList(), found);
        var changed = items.Count(i => i.Fate is ItemFate.SwappedInPeriod or ItemFate.SwappedLater or ItemFate.Added);
        var gone = items.Count(i => i.Fate == ItemFate.Missing);
        var tail = items.All(i => i.Fate == ItemFate.NotKnown)
            ? "nothing has been looked at yet"
            : $"{items.Count(i => i.Fate == ItemFate.Original)} original, {changed} changed, {gone} missing, {items.Count(i => i.Fate == ItemFate.NotKnown)} not known";
        var verdict =
            best is null
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        items.Count == 0
                            ? "Nothing is known of what was sold, and nothing has been noted of what is here."
                            : $"No profile says what was sold; of what was noted, {tail}.",
                        Basis.Guess
                    )
                    .Changing("A pack with this machine's configurations.", "A date code on each part.")
            : best.Agrees == 0 && best.Contradicts == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"It was sold in {configurations.Count} {(configurations.Count == 1 ? "form" : "forms")}; nothing has been noted yet that tells which this was.",
                        Basis.Guess,
                        Reasons(fits)
                    )
                    .Changing(apart)
            : rivals.Count > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{best.Configuration.Name} and {string.Join(" and ", rivals.Select(r => r.Configuration.Name))} fit equally well: {tail}.",
                        Basis.Rule,
                        Reasons(fits)
                    )
                    .Changing(apart)
            : Verdict
                .Of(
                    question,
                    best.Contradicts == 0 ? Outcome.Yes : Outcome.YesIf,
                    $"{best.Configuration.Name} fits best: {tail}.",
                    dates.Count > 0 ? Basis.Measured : Basis.Rule,
                    Reasons(fits)
                )
                .Changing(apart);
        return new(verdict, items, fits, apart, periodYears);
    }

    static IEnumerable<Reason> Reasons(List<ConfigurationFit> fits) =>
        fits.Take(3)
            .Select(f => new Reason(
                $"{f.Configuration.Name}: {f.Agrees} {(f.Agrees == 1 ? "item agrees" : "items agree")}, {f.Contradicts} {(f.Contradicts == 1 ? "speaks" : "speak")} against it, {f.NotSeen} not looked at.",
                new("agree", f.Agrees, ""),
                "its profile"
            ));

    static ConfigurationFit Fit(ShippedConfiguration c, IReadOnlyList<FoundItem> found, Dictionary<Guid, DateCodeResult> dates)
    {
        int agrees = 0,
            against = 0,
            unseen = 0;
        foreach (var item in c.Items)
        {
            var f = found.FirstOrDefault(x => Key(x.Slot) == Key(item.Slot));
            if (f is null || (f.What.Trim().Length == 0 && !f.Absent))
            {
                unseen++;
            }
            // A part that is newer than the machine says nothing of what was there before it; nor does an empty place.
            else if (
                f.Absent
                || f.SaidFate is ItemFate.SwappedInPeriod or ItemFate.SwappedLater
                || (dates.TryGetValue(f.Id, out var d) && Newer(d))
            )
            {
                unseen++;
            }
            else if (Matches(item.What, f.What))
            {
                agrees++;
            }
            else
            {
                against++;
            }
        }

        // Something original where this one had nothing.
        against += found.Count(f =>
            !f.Absent && f.What.Trim().Length > 0 && f.SaidFate == ItemFate.Original && c.Items.All(i => Key(i.Slot) != Key(f.Slot))
        );
        return new(c, agrees, against, unseen);
    }

    static List<ItemVerdict> Items(
        ShippedConfiguration? c,
        IReadOnlyList<FoundItem> found,
        Dictionary<Guid, DateCodeResult> dates,
        int? year,
        int periodYears
    )
    {
        var list = new List<ItemVerdict>();
        foreach (var slot in (c?.Items.Select(i => i.Slot) ?? []).Concat(found.Select(f => f.Slot)).DistinctBy(Key))
        {
            var shipped = c?.Items.FirstOrDefault(i => Key(i.Slot) == Key(slot))?.What ?? "";
            var f = found.FirstOrDefault(x => Key(x.Slot) == Key(slot));
            var date = f is not null ? dates.GetValueOrDefault(f.Id) : null;
            var (fate, sentence, founded) = Judge(c is not null, shipped, f, date, year, periodYears);
            list.Add(
                f?.SaidFate is { } said
                    ? new(
                        f.Id,
                        slot,
                        shipped,
                        f.What,
                        said,
                        date,
                        said == fate ? sentence : $"Somebody here says so. {sentence}",
                        Basis.Guess,
                        true
                    )
                    : new(f?.Id, slot, shipped, f?.What ?? "", fate, date, sentence, founded, false)
            );
        }

        return list;
    }

    static (ItemFate, string, Basis) Judge(bool profiled, string shipped, FoundItem? f, DateCodeResult? date, int? year, int period)
    {
        if (f is null || (f.What.Trim().Length == 0 && !f.Absent))
        {
            return (ItemFate.NotKnown, "Nobody has looked.", Basis.Guess);
        }
        if (f.Absent)
        {
            return shipped.Length > 0 || !profiled
                ? (ItemFate.Missing, shipped.Length > 0 ? $"Sold with {shipped}; its place is empty." : "Its place is empty.", Basis.Rule)
                : (ItemFate.NotKnown, "Not there, and not sold with it.", Basis.Rule);
        }
        var newer = date is not null && Newer(date);
        var made = date?.Resolved?.Year ?? (newer ? date!.Readings.Min(r => r.Year) : null);
        if (made is { } y && year is { } built && newer)
        {
            var late = y - built;
            var younger =
                $"This {f.Slot.ToLowerInvariant()} is {(date!.Resolved is null ? "at least " : "")}{(late == 1 ? "one year" : $"{late} years")} younger than the machine: an earlier repair or upgrade.";
            return shipped.Length == 0 && profiled ? (ItemFate.Added, $"Not sold with it. {younger}", Basis.Measured)
                : late <= period ? (ItemFate.SwappedInPeriod, younger, Basis.Measured)
                : (ItemFate.SwappedLater, younger, Basis.Measured);
        }

        if (shipped.Length == 0)
        {
            return profiled
                    ? (
                        ItemFate.Added,
                        made is { } m
                            ? $"Not sold with it; made in {m}, so added in its own time."
                            : "Not sold with it; without a date nobody can say when it was added.",
                        made is null ? Basis.Rule : Basis.Measured
                    )
                : made is { } dated ? (ItemFate.Original, $"Made in {dated}, within the machine's years.", Basis.Measured)
                : (ItemFate.NotKnown, "No profile and no date code.", Basis.Guess);
        }

        return Matches(shipped, f.What)
                ? (
                    ItemFate.Original,
                    made is { } when ? $"As sold, and made in {when}." : "As sold, by what it is; a date code would settle it.",
                    made is null ? Basis.Rule : Basis.Measured
                )
            : made is not null ? (ItemFate.SwappedInPeriod, $"Sold with {shipped}; this one is another, made in {made}.", Basis.Measured)
            : (
                ItemFate.NotKnown,
                $"Sold with {shipped}; this one is another, and without a date nobody can say when it was swapped.",
                Basis.Guess
            );
    }

    /// <summary>Later than the machine, whichever way its code is read.</summary>
    static bool Newer(DateCodeResult d) =>
        d.NewerThanMachine || (d.Resolved is null && d.Readings.Count > 0 && d.Readings.All(r => r.Fit == DateCodeFit.AfterMachine));

    static List<string> TellApart(ConfigurationFit best, List<ConfigurationFit> rivals, IReadOnlyList<FoundItem> found)
    {
        var list = new List<string>();
        foreach (
            var slot in rivals.SelectMany(r => r.Configuration.Items).Concat(best.Configuration.Items).Select(i => i.Slot).DistinctBy(Key)
        )
        {
            var f = found.FirstOrDefault(x => Key(x.Slot) == Key(slot));
            if (f is not null && f.What.Trim().Length > 0)
            {
                continue;
            }
            string Of(ConfigurationFit c) => c.Configuration.Items.FirstOrDefault(i => Key(i.Slot) == Key(slot))?.What ?? "nothing there";
            var options = rivals.Prepend(best).Select(c => (c.Configuration.Name, What: Of(c))).ToList();
            if (options.Select(o => Key(o.What)).Distinct().Count() > 1)
            {
                list.Add(
                    $"{char.ToUpperInvariant(slot[0])}{slot[1..]}: {string.Join("; ", options.Select(o => $"{o.What} means {o.Name}"))}."
                );
            }
        }

        return list;
    }

    /// <summary>The same words in any order, or one of the alternatives that " or " parts.</summary>
    static bool Matches(string shipped, string found) =>
        shipped
            .Split(" or ", StringSplitOptions.TrimEntries)
            .Any(alternative =>
            {
                var (a, b) = (Words(alternative), Words(found));
                return a.Count > 0 && (a.IsSubsetOf(b) || b.IsSubsetOf(a));
            });

    static HashSet<string> Words(string s) =>
        [
            .. s.ToLowerInvariant()
                .Split([' ', ',', '/', '(', ')', '-'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries),
        ];

    static string Key(string s) => string.Join(' ', s.Trim().ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries));

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public static void Check(FoundItem f)
    {
        foreach (
            var (field, text, most) in new[]
            {
                ("slot", f.Slot, 60),
                ("what", f.What, 120),
                ("dateCode", f.DateCode, 8),
                ("evidence", f.Evidence, 300),
            }
        )
        {
            if (text.Length > most)
            {
                throw new InvalidInputException(field, $"At most {most} characters.");
            }
        }

        if (f.Slot.Trim().Length == 0)
        {
            throw new InvalidInputException("slot", "Say which item it is: drive, supply, graphics card.");
        }
        if (f.Absent && f.What.Trim().Length > 0)
        {
            throw new InvalidInputException("what", "It cannot be there and absent at once.");
        }
        if (f.DateCode.Trim().Length > 0)
        {
            _ = DateCode.Read(f.DateCode, null, null, new DateOnly(2100, 1, 1));
        }
    }
}
