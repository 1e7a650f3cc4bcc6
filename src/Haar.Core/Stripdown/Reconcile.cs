using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <param name="Id">Names the line once.</param>
/// <param name="StepNumber">Of the strip-down.</param>
/// <param name="LengthMillimetres">As it came out; null when not measured.</param>
/// <param name="Count">Came out.</param>
/// <param name="MissingBefore">Holes that were empty before.</param>
/// <param name="Pierces">What lies behind the hole.</param>
/// <param name="StepBack">Its piece is back in, so that nothing of it should be in a tray any more.</param>
public sealed record FastenerFact(
    string Id,
    int StepNumber,
    string StepTitle,
    string Thread,
    double? LengthMillimetres,
    string Head,
    int Count,
    int MissingBefore,
    string Hole,
    string Tray,
    string Pierces,
    IReadOnlyList<FastenerBack> Returns,
    bool StepBack
);

/// <summary>Put into those holes.</summary>
public sealed record FastenerBack(int Count, string Thread, double? LengthMillimetres, string Head, bool FromStore = false);

/// <summary>Spares in the store.</summary>
public sealed record SpareFastener(string Id, string Thread, double LengthMillimetres, string Head, int Quantity, string Place);

public enum FastenerStand
{
    InTray = 0,
    Back,
    LeftOver,
    MissingFromBefore,
    Wrong,
}

/// <param name="Out">Came out.</param>
/// <param name="In">Back in, of those and from the store.</param>
/// <param name="Left">Not back.</param>
/// <param name="EmptyHoles">Holes that still hold nothing.</param>
/// <param name="Sentence">For the row.</param>
/// <param name="Spares">Spares that fit by thread, length and head, the fullest place first.</param>
public sealed record FastenerRow(
    string Id,
    int StepNumber,
    string StepTitle,
    string Size,
    string Hole,
    string Tray,
    int Out,
    int In,
    int Left,
    int EmptyHoles,
    FastenerStand Stand,
    string Sentence,
    IReadOnlyList<SpareFastener> Spares
);

/// <param name="Verdict">Is every fastener accounted for?</param>
public sealed record ReconcileResult(
    Verdict Verdict,
    IReadOnlyList<FastenerRow> Rows,
    int Out,
    int In,
    int InTrays,
    int LeftOver,
    int MissingFromBefore,
    int Wrong
);

/// <summary>Every fastener, from the hole that it came out of to the hole that it went back into.</summary>
public static class Reconcile
{
    /// <summary>Lengths are measured with a ruler at the bench: half a millimetre is the same length. A house number.</summary>
    public const double LengthToleranceMillimetres = 0.5;

    /// <summary>A screw that reaches less than this share of the old one's length no longer holds. Practice: at least one diameter of thread has to engage, which for case screws is about half their length.</summary>
    public const double LeastLengthShare = 0.5;

    /// <summary>May this fastener go into that hole?</summary>
    public static Verdict MayGoIn(FastenerFact hole, FastenerBack screw)
    {
        const string question = "May this fastener go in here?";
        var name = Size(screw.Thread, screw.LengthMillimetres, screw.Head);
        if (!Same(hole.Thread, screw.Thread))
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Do not fit: {screw.Thread} in a hole of {hole.Thread} strips it.",
                    Basis.Rule,
                    new Reason(
                        $"{hole.Hole.Trim()} held {Size(hole.Thread, hole.LengthMillimetres, hole.Head)}.".Trim(),
                        null,
                        "the record of this strip-down"
                    )
                )
                .Changing("The same thread from the tray or the store.");
        }

        if (hole.LengthMillimetres is not { } was || screw.LengthMillimetres is not { } now)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    "Its length, or the one that came out, has not been measured: measure before it goes in.",
                    Basis.Guess
                )
                .Changing("Both lengths, under the head.");
        }

        if (now > was + LengthToleranceMillimetres)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Do not fit: {Si.Plain(now)} mm goes {Si.Plain(Math.Round(now - was, 1))} mm further in than the {Si.Plain(was)} mm that came out. It could pierce {(hole.Pierces.Length > 0 ? hole.Pierces : "whatever lies behind the hole")}.",
                    Basis.Measured,
                    new Reason(
                        $"The hole held {Si.Plain(was)} mm.",
                        new("length", now / 1000, "m", null, was / 1000),
                        "the record of this strip-down"
                    )
                )
                .Changing($"A {hole.Thread} of {Si.Plain(was)} mm.");
        }

        if (now < was * LeastLengthShare)
        {
            return Verdict.Of(
                question,
                Outcome.YesIf,
                $"Only until a longer one is found: {Si.Plain(now)} mm is under half of the {Si.Plain(was)} mm that came out and may not hold.",
                Basis.Rule,
                new Reason(
                    "Less than one diameter of thread may engage.",
                    new("length", now / 1000, "m", was * LeastLengthShare / 1000),
                    "bench practice"
                )
            );
        }

        return Same(hole.Head, screw.Head) || hole.Head.Length == 0 || screw.Head.Length == 0
            ? Verdict.Of(question, Outcome.Yes, $"It fits: {name}.", Basis.Measured)
            : Verdict.Of(
                question,
                Outcome.YesIf,
                $"It holds, but its head is {screw.Head.ToLowerInvariant()} where a {hole.Head.ToLowerInvariant()} one was: see that it seats and clears.",
                Basis.Rule
            );
    }

    /// <summary>Lines at once. A default.</summary>
    public const int MostFasteners = 20_000;

    /// <summary>Of one size in one step. A default.</summary>
    public const int MostOfOne = 10_000;

    /// <summary>Places of spares at once. A default.</summary>
    public const int MostSpares = 5_000;

    /// <summary>Spares laid out by thread and head, so that each size is looked for once.</summary>
    sealed class Fitting(IReadOnlyList<SpareFastener> spares)
    {
        readonly ILookup<string, SpareFastener> byThread = spares.Where(s => s.Quantity > 0).ToLookup(s => Key(s.Thread));
        readonly Dictionary<(string, string, double), IReadOnlyList<SpareFastener>> known = [];

        static string Key(string s) => Bare(s).ToUpperInvariant();

        /// <summary>The fullest place first.</summary>
        public IReadOnlyList<SpareFastener> For(FastenerFact f)
        {
            if (f.LengthMillimetres is not { } length)
            {
                return [];
            }
            var key = (Key(f.Thread), Key(f.Head), length);
            if (!known.TryGetValue(key, out var fits))
            {
                known[key] = fits = [
                    .. byThread[key.Item1]
                        .Where(s =>
                            (f.Head.Length == 0 || Key(s.Head) == key.Item2)
                            && Math.Abs(s.LengthMillimetres - length) <= LengthToleranceMillimetres
                        )
                        .OrderByDescending(s => s.Quantity),
                ];
            }
            return fits;
        }
    }

    /// <exception cref="InvalidInputException">More went back than there are holes, or a count below nothing.</exception>
    public static ReconcileResult Of(IReadOnlyList<FastenerFact> fasteners, IReadOnlyList<SpareFastener>? spares = null)
    {
        if (fasteners.Count > MostFasteners || spares?.Count > MostSpares)
        {
            throw new InvalidInputException(
                fasteners.Count > MostFasteners ? "fasteners" : "spares",
                $"At most {MostFasteners} fasteners and {MostSpares} spares."
            );
        }
        var fitting = new Fitting(spares ?? []);
        var rows = fasteners.Select((f, i) => Row(f, i, fitting)).ToList();
        const string question = "Is every fastener accounted for?";
        int outs = rows.Sum(r => r.Out),
            ins = rows.Sum(r => r.In),
            trays = rows.Where(r => r.Stand == FastenerStand.InTray).Sum(r => r.Left),
            left = rows.Where(r => r.Stand == FastenerStand.LeftOver).Sum(r => r.Left),
            missing = rows.Sum(r => r.EmptyHoles),
            wrong = rows.Count(r => r.Stand == FastenerStand.Wrong);
        var reasons = rows.Where(r => r.Stand is FastenerStand.Wrong or FastenerStand.LeftOver or FastenerStand.MissingFromBefore)
            .OrderByDescending(r => r.Stand)
            .Select(r => new Reason($"{r.StepTitle}, {r.Size}: {r.Sentence}"))
            .Append(new Reason($"{outs} came out and {ins} {(ins == 1 ? "is" : "are")} back.", new("back in", ins, "", outs)));
        var verdict =
            rows.Count == 0 ? Verdict.Of(question, Outcome.Unknown, "No fastener has been recorded.", Basis.Rule)
            : wrong > 0
                ? Verdict
                    .Of(question, Outcome.No, rows.First(r => r.Stand == FastenerStand.Wrong).Sentence, Basis.Measured, reasons)
                    .Changing("The screw that came out of that hole.")
            : left > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{Plural(left, "screw")} left over: {rows.First(r => r.Stand == FastenerStand.LeftOver).Size} from step {rows.First(r => r.Stand == FastenerStand.LeftOver).StepNumber}, {Words.Lower(rows.First(r => r.Stand == FastenerStand.LeftOver).StepTitle)}.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("Its hole found, and the screw put back.", "A word that it was lost or stays out.")
            : trays > 0
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"{Plural(trays, "screw")} still in {(rows.Where(r => r.Stand == FastenerStand.InTray).Select(r => r.Tray).Distinct().Count() == 1 ? "its tray" : "their trays")}, which is right: {(trays == 1 ? "its piece is" : "their pieces are")} not back yet.",
                    Basis.Measured,
                    reasons
                )
            : missing > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"Everything that came out is back; {Plural(missing, "hole")} {(missing == 1 ? "was" : "were")} empty before you and still {(missing == 1 ? "is" : "are")}.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("Spares from the store.")
            : Verdict.Of(question, Outcome.Yes, $"Every fastener is back: {ins} of {outs}.", Basis.Measured, reasons);
        return new(verdict, rows, outs, ins, trays, left, missing, wrong);
    }

    static FastenerRow Row(FastenerFact f, int index, Fitting spares)
    {
        if (f.Count is < 0 or > MostOfOne || f.MissingBefore is < 0 or > MostOfOne || f.Returns.Any(r => r.Count is < 1 or > MostOfOne))
        {
            throw new InvalidInputException($"fasteners[{index}].count", $"A count is 0 to {MostOfOne}, and a return is at least one.");
        }
        var size = Size(f.Thread, f.LengthMillimetres, f.Head);
        var own = f.Returns.Where(r => !r.FromStore).Sum(r => r.Count);
        var all = f.Returns.Sum(r => r.Count);
        if (own > f.Count)
        {
            throw new InvalidInputException(
                $"fasteners[{index}].returns",
                $"{f.StepTitle}: {own} are said to be back of {f.Count} that came out. One was counted twice."
            );
        }
        if (all > f.Count + f.MissingBefore)
        {
            throw new InvalidInputException(
                $"fasteners[{index}].returns",
                $"{f.StepTitle}: {all} for {f.Count + f.MissingBefore} holes. One was put back twice."
            );
        }
        var refused = f.Returns.Select(r => MayGoIn(f, r)).FirstOrDefault(v => v.Outcome == Outcome.No);
        var left = f.Count - own;
        // A spare fills a hole; of the ones that came out, those not back are left over.
        var empty = Math.Max(0, f.Count + f.MissingBefore - all - left);
        var fits = spares.For(f);
        var stand =
            refused is not null ? FastenerStand.Wrong
            : left > 0 && !f.StepBack ? FastenerStand.InTray
            : left > 0 ? FastenerStand.LeftOver
            : empty > 0 ? FastenerStand.MissingFromBefore
            : FastenerStand.Back;
        var sentence = stand switch
        {
            FastenerStand.Wrong => refused!.Sentence,
            FastenerStand.InTray => $"{left} in {(f.Tray.Length > 0 ? $"tray {f.Tray}" : "a tray that nobody named")}.",
            FastenerStand.LeftOver => $"{left} left over, though its piece is back.",
            FastenerStand.MissingFromBefore =>
                $"{empty} missing since before you{(fits.Count > 0 ? $"; {fits.Sum(s => s.Quantity)} in the store, {fits[0].Place}" : "")}.",
            _ => $"All {all} back.",
        };
        return new(f.Id, f.StepNumber, f.StepTitle, size, f.Hole, f.Tray, f.Count, all, left, empty, stand, sentence, fits);
    }

    /// <summary>As it is written on a label: "M3 × 6 pan".</summary>
    public static string Size(string thread, double? length, string head) =>
        $"{thread}{(length is { } l ? $" × {Si.Plain(l)}" : "")}{(head.Length > 0 ? $" {head}" : "")}";

    static string Plural(int n, string what) => n == 1 ? $"One {what}" : $"{n} {what}s";

    static bool Same(string a, string b) => string.Equals(Bare(a), Bare(b), StringComparison.OrdinalIgnoreCase);

    static string Bare(string s) => string.Concat(s.Where(c => !char.IsWhiteSpace(c))).Replace('−', '-').Replace('–', '-');
}
