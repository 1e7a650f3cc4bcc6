using Haar.Core.Acts;
using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <summary>A bottle, a tin, a roll, a pack of swabs; or a tool, which is not used up.</summary>
public sealed class Supply : ICheckedRow
{
    public Guid Id { get; init; }

    /// <summary>What kind of thing, as work asks for it; what the label says stands in <see cref="Name"/>.</summary>
    public string Kind { get; set; } = "";
    public string Name { get; set; } = "";
    public SupplyUnit Unit { get; set; }

    /// <summary>How much lay there when it was last counted.</summary>
    public double Counted { get; set; }
    public DateTimeOffset CountedAt { get; set; }

    /// <summary>It is a tool: work needs it and gives it back.</summary>
    public bool Tool { get; set; }
    public DateOnly? OpenedOn { get; set; }

    /// <summary>By its label, from the day on which it was opened; null where nothing is said.</summary>
    public int? KeepsMonths { get; set; }

    /// <summary>From the order to the shelf; null where nobody said.</summary>
    public int? DaysToCome { get; set; }
    public string Place { get; set; } = "";
    public int Version { get; set; }

    /// <summary>The last day on which it is to be trusted; null where it was not opened, or keeps.</summary>
    public DateOnly? KeepsUntil => OpenedOn is { } o && KeepsMonths is { } m ? o.AddMonths(m) : null;

    public void Check()
    {
        TextField.Check("kind", Kind, 60, "Say in 1 to 60 characters what it is: isopropyl alcohol, pH paper.");
        TextField.Check("name", Name, 80);
        TextField.Check("place", Place, 40);
        InvalidInputException.Finite("counted", Counted, 0, 1_000_000, "");
        InvalidInputException.Finite("keepsMonths", KeepsMonths, 0, 600, "months");
        InvalidInputException.Finite("daysToCome", DaysToCome, 0, 365, "days");
        if (OpenedOn is { Year: < 1970 or > 2200 })
        {
            throw new InvalidInputException("openedOn", "A day from 1970 on.");
        }
    }
}

/// <summary>That much of a supply was used. What is left is counted from these, so that taking one back leaves the others.</summary>
public sealed class SupplyUse : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid SupplyId { get; init; }

    /// <summary>The machine that it was used on.</summary>
    public Guid? ForMachineId { get; init; }
    public double Amount { get; init; }
    public DateTimeOffset At { get; init; }

    public void Check() => InvalidInputException.Finite("amount", Amount, 0, 1_000_000, "");
}

/// <param name="Left">Of what was counted last, less what was used since.</param>
public sealed record SupplyStock(Supply Supply, double Left)
{
    public static SupplyStock Of(Supply s, IEnumerable<SupplyUse> uses) =>
        new(s, Math.Max(0, s.Counted - uses.Where(u => u.SupplyId == s.Id && u.At > s.CountedAt).Sum(u => u.Amount)));
}

/// <summary>Whether something at hand may stand in for what has run out.</summary>
/// <param name="For">What is wanted.</param>
/// <param name="Of">What is at hand.</param>
/// <param name="Share">How much of it does what one of the other does.</param>
/// <param name="If">What has to be so; empty for nothing.</param>
public sealed record StandIn(string For, string Of, Outcome May, string Why, string If = "", double Share = 1);

/// <param name="Id">Of the supply.</param>
public sealed record TakenFrom(Guid Id, double Amount);

/// <param name="Wanted">In the unit of the need.</param>
/// <param name="Left">On the shelf and still good, 0 where none is known.</param>
/// <param name="Listed">The store knows such a thing at all.</param>
/// <param name="From">What is taken, the one that spoils first before the others.</param>
/// <param name="Instead">Names of what is at hand and may stand in, or may not, with why.</param>
public sealed record EnoughLine(
    string Supply,
    double Wanted,
    SupplyUnit Unit,
    double Left,
    bool Listed,
    IReadOnlyList<TakenFrom> From,
    IReadOnlyList<StandIn> Instead
)
{
    public bool TooLittle => Left < Wanted - 1e-9;
}

/// <param name="Lines">One for each kind that is wanted, in the order in which they were asked for.</param>
public sealed record EnoughResult(IReadOnlyList<EnoughLine> Lines, Verdict Verdict);

/// <summary>What work uses up, against what lies on the shelf.</summary>
public static class Supplies
{
    /// <summary>What may stand in for what, and what must not. From safety data sheets and practice at the bench.</summary>
    public static readonly IReadOnlyList<StandIn> StandIns =
    [
        new(
            "isopropyl alcohol",
            "denatured alcohol",
            Outcome.YesIf,
            "It dissolves the same; what denatures it may leave a film or craze plastic.",
            "a hidden place bears it"
        ),
        new("isopropyl alcohol", "acetone", Outcome.No, "Acetone melts the plastics of cases and lifts legends."),
        new("isopropyl alcohol", "methylated spirits", Outcome.No, "Its dye and its bitter stuff stay behind."),
        new("citric acid", "vinegar", Outcome.Yes, "Vinegar of 5 % is as sour as citric acid of 5 %: 20 ml for a gram.", Share: 20),
        new("vinegar", "citric acid", Outcome.Yes, "A gram in 20 ml of water is as sour as vinegar.", Share: 0.05),
        new("bicarbonate of soda", "washing soda", Outcome.No, "It is a far stronger alkali: it eats aluminium and solder mask."),
        new("washing-up liquid", "dishwasher tablets", Outcome.No, "They are strong alkali and bleach, and scour."),
        new("distilled water", "tap water", Outcome.No, "Its salts stay under chips when it dries."),
        new("contact cleaner", "penetrating oil", Outcome.No, "It leaves oil, and oil holds dust in the contact."),
        new("label remover", "cooking oil", Outcome.YesIf, "Warm, under foil, it loosens the same glue.", "it is washed off with soap"),
        new("rust remover", "citric acid", Outcome.YesIf, "It takes rust too, and etches bright steel.", "it is watched and rinsed well"),
        new("peroxide", "household bleach", Outcome.No, "Chlorine turns ABS brittle and browner; beside acid it is poison gas."),
        new("heat compound", "toothpaste", Outcome.No, "It dries within weeks and lets the part run hot."),
        new("leaded solder", "lead-free solder", Outcome.No, "Mixed on an old pad it makes a weak, dull joint."),
        new("melamine sponge", "kitchen scourer", Outcome.No, "Its grit is a hundred times as coarse."),
    ];

    static bool Same(string a, string b) => string.Equals(a.Trim(), b.Trim(), StringComparison.OrdinalIgnoreCase);

    /// <summary>Still good on that day. What has no date keeps.</summary>
    public static bool Good(Supply s, DateOnly today) => s.KeepsUntil is not { } until || until >= today;

    /// <summary>Is there enough? What nobody has counted is not enough: it is not known.</summary>
    /// <param name="needs">Of one kind more than once are added.</param>
    /// <exception cref="InvalidInputException">An amount that cannot be, more than 200 needs.</exception>
    public static EnoughResult Enough(IReadOnlyList<SupplyNeed> needs, IReadOnlyList<SupplyStock> stock, DateOnly today)
    {
        if (needs.Count > 200)
        {
            throw new InvalidInputException("needs", "At most 200 needs.");
        }
        for (var i = 0; i < needs.Count; i++)
        {
            needs[i].Check($"needs[{i}]");
        }
        var lines = needs
            .GroupBy(n => (Kind: n.Supply.Trim().ToLowerInvariant(), n.Unit))
            .Select(g => Line(g.First().Supply.Trim(), g.Sum(n => n.Amount), g.Key.Unit, stock, today))
            .ToList();
        var missing = lines.Where(l => l.TooLittle && l.Listed).ToList();
        var unknown = lines.Where(l => l.TooLittle && !l.Listed).ToList();
        const string question = "Is there enough?";
        var reasons = lines
            .Select(l => new Reason(
                l.Listed
                    ? $"{Words.Capital(l.Supply)}: {Amount(l.Wanted, l.Unit)} wanted, {Amount(l.Left, l.Unit)} there."
                    : $"{Words.Capital(l.Supply)}: {Amount(l.Wanted, l.Unit)} wanted; none is in the store’s list.",
                new(l.Supply, Math.Round(l.Left, 2), Symbol(l.Unit), l.Wanted)
            ))
            .ToList();
        var verdict = missing switch
        {
            [] when unknown.Count == 0 => Verdict.Of(
                question,
                Outcome.Yes,
                lines.Count == 0 ? "Nothing is used up." : "There is enough.",
                Basis.Measured,
                reasons
            ),
            [] => Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Nobody has counted {Words.And(unknown.Select(l => l.Supply))}: look before you begin.",
                    Basis.Rule,
                    reasons
                )
                .Changing("A look at the shelf, and a figure in the store."),
            _ => Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"No: {Words.And(missing.Select(l => $"{Amount(l.Wanted - l.Left, l.Unit)} of {l.Supply} {(l.Wanted - l.Left == 1 && l.Unit == SupplyUnit.Pieces ? "is" : "are")} missing"))}.",
                    Basis.Measured,
                    [.. reasons, .. missing.SelectMany(l => l.Instead).Select(s => new Reason(Sentence(s), Source: "practice"))]
                )
                .Changing("A new one, or less to do."),
        };
        return new(lines, verdict);
    }

    static EnoughLine Line(string kind, double wanted, SupplyUnit unit, IReadOnlyList<SupplyStock> stock, DateOnly today)
    {
        var all = stock.Where(s => Same(s.Supply.Kind, kind) && s.Supply.Unit == unit).ToList();
        var good = all.Where(s => Good(s.Supply, today))
            .OrderBy(s => s.Supply.KeepsUntil ?? DateOnly.MaxValue)
            .ThenBy(s => s.Supply.OpenedOn ?? DateOnly.MaxValue)
            .ThenBy(s => s.Supply.Id)
            .ToList();
        var from = new List<TakenFrom>();
        var open = wanted;
        foreach (var s in good)
        {
            var take = s.Supply.Tool ? 0 : Math.Min(open, s.Left);
            if (take > 0)
            {
                from.Add(new(s.Supply.Id, take));
                open -= take;
            }
        }
        var left = good.Sum(s => s.Left);
        return new(
            kind,
            wanted,
            unit,
            left,
            all.Count > 0,
            from,
            left < wanted ? [.. StandIns.Where(s => Same(s.For, kind) && stock.Any(x => Same(x.Supply.Kind, s.Of) && x.Left > 0))] : []
        );
    }

    /// <summary>May this stand in for that? What nobody has judged may not.</summary>
    public static Verdict MayStandIn(string wanted, string atHand)
    {
        const string question = "May it stand in?";
        if (Same(wanted, atHand))
        {
            return Verdict.Of(question, Outcome.Yes, "It is the same.", Basis.Rule, new Reason("One kind of thing."));
        }
        return StandIns.FirstOrDefault(s => Same(s.For, wanted) && Same(s.Of, atHand)) is { } known
            ? Verdict
                .Of(question, known.May, Sentence(known), Basis.Rule, new Reason(known.Why, Source: "data sheets and practice"))
                .Changing("Another thing of the same kind.")
            : Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Whether {Words.Lower(atHand)} may stand in for {Words.Lower(wanted)} nobody has judged: wait for the right one.",
                    Basis.Rule,
                    new Reason("What is not known to be harmless is not taken.")
                )
                .Changing("Its data sheet, and a trial on scrap.");
    }

    public static string Sentence(StandIn s) =>
        s.May == Outcome.No
            ? $"Not {s.Of} in its place: {Words.Lower(s.Why)}"
            : $"{Words.Capital(s.Of)} may stand in{(s.If.Length > 0 ? $" if {s.If}" : "")}: {Words.Lower(s.Why)}";

    public static string Amount(double amount, SupplyUnit unit) =>
        unit == SupplyUnit.Pieces ? Si.Plain(Math.Round(amount, 1)) : $"{Si.Plain(Math.Round(amount, 1))} {Symbol(unit)}";

    public static string Symbol(SupplyUnit unit) =>
        unit switch
        {
            SupplyUnit.Millilitres => "ml",
            SupplyUnit.Grams => "g",
            SupplyUnit.Metres => "m",
            _ => "",
        };

    /// <summary>What an act takes off the shelf: as much as lies there, never below nothing.</summary>
    /// <param name="sentence">To be put behind the act's own; empty where nothing is taken.</param>
    public static IReadOnlyList<SupplyUse> Take(
        IReadOnlyList<SupplyNeed> needs,
        IReadOnlyList<SupplyStock>? stock,
        Moment at,
        Guid? machine,
        out string sentence
    )
    {
        sentence = "";
        if (stock is null || needs.Count == 0)
        {
            return [];
        }
        var lines = Enough(needs, stock, at.Today).Lines;
        var used = lines
            .SelectMany(l => l.From)
            .Select(f => new SupplyUse
            {
                Id = at.NewId(),
                SupplyId = f.Id,
                ForMachineId = machine,
                Amount = f.Amount,
                At = at.Now,
            })
            .ToList();
        var words = lines
            .Where(l => l.From.Count > 0)
            .Select(l =>
            {
                var (taken, rest) = (l.From.Sum(f => f.Amount), l.Left - l.From.Sum(f => f.Amount));
                return rest > 1e-9
                    ? $"{Amount(taken, l.Unit)} of {l.Supply} off the shelf, {Amount(rest, l.Unit)} left"
                    : $"the {l.Supply} is at its end";
            })
            .ToList();
        sentence = words.Count == 0 ? "" : $" {Words.Capital(Words.And(words))}.";
        return used;
    }
}
