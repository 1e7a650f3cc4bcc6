using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>A machine is opened once: how deep, for which work, and what else is done while it is open.</summary>
public static class CaseOpening
{
    /// <summary>Work is worth its opening when its hands take at least this share of the minutes that it opens and closes for. A house figure.</summary>
    public const double WorthItsOpening = 0.5;

    /// <summary>What is due within so many days is soon due. A house figure.</summary>
    public const int SoonDays = 365;

    /// <summary>Work of a machine with what opening it comes to: what lies deeper than it is opened is marked, and taking apart and putting together take what their pieces take.</summary>
    public static IReadOnlyList<WorkTask> With(MachineNow m, IReadOnlyList<WorkTask> work)
    {
        var map = m.Access;
        var limit = map.Said?.DownTo is { } to ? map.To(to) : null;
        List<WorkTask> marked = [.. work.Select(Mark)];
        WorkTask Mark(WorkTask w)
        {
            if (!Inside(w))
            {
                return w;
            }
            var needs = map.Needs(w);
            return w with
            {
                Behind = needs is null || needs.Any(id => map.Find(id) is { IsOff: false }),
                Deeper = limit is not null && !w.Danger && (needs is null || !needs.IsSubsetOf(limit)),
            };
        }
        var here = marked.Where(w => !w.Deeper && Inside(w)).ToList();
        // Nobody can say how far it comes apart before it is looked over, or while it is not known where work lies.
        if (m.Machine.SurveyedAt is null || here.Any(w => map.Needs(w) is null))
        {
            return marked;
        }
        var needed = here.SelectMany(w => map.Needs(w)!).ToHashSet();
        var on = needed.Where(id => map.Find(id) is { IsOff: false }).ToHashSet();
        var order = map.InOrder(on);
        string Say(string verb) =>
            order.Count == 1
                ? $"{verb} the {Words.Lower(order[0].Title)}"
                : $"{verb} {order.Count} pieces, the {Words.Lower(order[^1].Title)} last";
        var apart = m.Facts.StripSteps.Any(s => s.Apart);
        // What is recorded goes back by its own room; what is still on is counted here.
        IEnumerable<WorkTask> rest =
            on.Count > 0 && m.Facts.StripSteps.Count > 0 && !m.Closed.Contains(Stage.Rebuild)
                ?
                [
                    new WorkTask("rebuild/rest", Say("Put back"), Stage.Rebuild, WorkKind.Assembling, AtLeast(map.Close(on)))
                    {
                        Why = "What is still to come off goes back too.",
                        Needs = "Trays, driver",
                        ByWord = true,
                        Screen = "rebuild",
                    },
                ]
                : [];
        return
        [
            .. marked
                .Where(w => on.Count > 0 || !(w.Key is "stage/StripDown" or "stage/Rebuild" || w.Key == "strip" && !apart))
                .Select(w =>
                    w.Key switch
                    {
                        "stage/StripDown" => w with
                        {
                            Title = Say("Take off"),
                            Minutes = AtLeast(map.Open(on)),
                            Guess = map.Supposed,
                            Why = Behind(here.Count(x => map.Needs(x)!.Count > 0)),
                            Needs = "Phone, trays, driver",
                            Screen = "howdeep",
                        },
                        "strip" when on.Count > 0 => w with { Minutes = AtLeast(map.Open(on)), Title = Say("Take off") },
                        "stage/Rebuild" => w with
                        {
                            Minutes = AtLeast(map.Close(on)),
                            Guess = map.Supposed,
                            Why = "All that came off goes back, tested before it is covered.",
                        },
                        _ => w,
                    }
                ),
            .. rest,
        ];
    }

    static string Behind(int work) => $"{work} {(work == 1 ? "piece of work lies" : "pieces of work lie")} behind: it is opened once.";

    static Estimate AtLeast(Estimate e) => new(Math.Max(2, e.Low), Math.Max(3, e.Likely), Math.Max(5, e.High));

    /// <summary>Work for which a case is opened: not the looking before it, nor what is done at the whole machine.</summary>
    static bool Inside(WorkTask w) => w.Stage is Stage.Boards or Stage.Case or Stage.Parts;

    /// <param name="work">What is left to do, as <see cref="WorkLeft"/> says it.</param>
    /// <param name="today">At the bench.</param>
    public static CaseOpeningResult Of(MachineNow m, IReadOnlyList<WorkTask> work, DateOnly today)
    {
        var map = m.Access;
        var inside = work.Where(Inside).DistinctBy(w => w.Key).ToList();
        var needs = inside.ToDictionary(w => w.Key, map.Needs);
        List<PlacedWork> placed =
        [
            .. inside.Select(w =>
            {
                var at = map.Place(w);
                return new PlacedWork(
                    w.Key,
                    w.Title,
                    w.Stage,
                    w.Minutes.Likely,
                    needs[w.Key] is null ? null : at?.Piece.Id ?? "",
                    at?.Out ?? false,
                    map.Said?.Behind.Any(b => b.Key == w.Key) == true,
                    w.Deeper,
                    w.Danger
                );
            }),
        ];
        var (levels, advised, chosen, holds, verdict) = Deep(map, inside, WorthItsOpening);
        return new(
            map.Pieces,
            map.Supposed,
            levels,
            advised,
            chosen,
            placed,
            Proposals(m, map, inside, holds, today),
            [.. map.InOrder(holds).Where(p => !p.IsOff).Select(p => p.Title)],
            Total(map, holds),
            inside.Where(w => needs[w.Key] is { } n && n.IsSubsetOf(holds)).Aggregate(Estimate.None, (sum, w) => sum + w.Minutes),
            Risks(map.InOrder(holds)),
            [.. map.InOrder(holds).Where(p => p.Destroys.Length > 0).Select(p => p.Destroys).Distinct()],
            verdict
        );
    }

    /// <summary>Each depth that makes a difference, which is advised, which is chosen, and what comes off at the one that holds.</summary>
    /// <param name="inside">Work inside; one of each key.</param>
    /// <param name="worth">See <see cref="WorthItsOpening"/>.</param>
    internal static (List<OpeningLevel> Levels, int Advised, int? Chosen, IReadOnlySet<string> Holds, Verdict Verdict) Deep(
        AccessMap map,
        List<WorkTask> inside,
        double worth
    )
    {
        var needs = inside.ToDictionary(w => w.Key, map.Needs);
        var depths = inside
            .Select(map.Place)
            .OfType<(AccessPiece Piece, bool Out)>()
            .Select(p => new OpenDepth(p.Piece.Id, p.Out))
            .Append(new("", false))
            .Concat(map.Said?.DownTo is { } to && map.To(to) is not null ? [to] : [])
            .DistinctBy(d => string.Join('|', map.To(d)!.Order(StringComparer.Ordinal)))
            .OrderBy(d => Total(map, map.To(d)!).Likely)
            .ThenBy(d => map.To(d)!.Count)
            .ToList();
        // Without a choice it is opened as deep as all of its work needs.
        var down = map.Said?.DownTo is { } said ? map.To(said) : null;
        var holds = down ?? needs.Values.OfType<IReadOnlySet<string>>().SelectMany(x => x).ToHashSet();
        List<OpeningLevel> levels = [.. depths.Select(d => Level(map, d, inside, needs) with { IsOpen = map.To(d)!.IsSubsetOf(holds) })];
        var advised = Advised(levels, inside, worth);
        var chosen = down is null ? -1 : levels.FindIndex(l => map.To(l.Depth)!.SetEquals(down));
        return (levels, advised, chosen >= 0 ? chosen : null, holds, Say(map, inside, needs, levels, advised, chosen, holds, worth));
    }

    static IReadOnlyList<string> Risks(IEnumerable<AccessPiece> pieces) =>
        [.. pieces.Where(p => !p.IsOff && p.Risk.Length > 0).Select(p => p.Risk).Distinct()];

    static Estimate Total(AccessMap map, IEnumerable<string> ids) => map.Open(ids) + map.Close(ids);

    static OpeningLevel Level(AccessMap map, OpenDepth depth, List<WorkTask> inside, Dictionary<string, IReadOnlySet<string>?> needs)
    {
        var off = map.To(depth)!;
        var order = map.InOrder(off);
        bool Open(WorkTask w) => needs[w.Key] is { } n && n.IsSubsetOf(off);
        var (does, leaves) = (inside.Where(Open).ToList(), inside.Where(w => !Open(w)).ToList());
        var piece = map.Find(depth.Piece);
        var name =
            piece is null ? "Shut"
            : depth.Out ? $"{piece.Title} off"
            : $"{piece.Title} uncovered";
        const string question = "Is it deep enough?";
        var danger = leaves.Find(w => w.Danger);
        var again = Total(map, leaves.SelectMany(w => needs[w.Key] ?? new HashSet<string>()).Distinct());
        return new(
            depth,
            name,
            [.. order.Where(p => !p.IsOff).Select(p => p.Title)],
            Total(map, off),
            does.Aggregate(Estimate.None, (a, w) => a + w.Minutes),
            [.. does.Select(w => w.Key)],
            [.. leaves.Select(w => w.Key)],
            Risks(order),
            false,
            danger is not null
                    ? Verdict
                        .Of(
                            question,
                            Outcome.No,
                            $"Not deep enough: {Words.Lower(danger.Title)} lies deeper, and must not wait.",
                            Basis.Rule,
                            new Reason(danger.Why.Length > 0 ? Words.Sentence(danger.Why) : "It is a danger.")
                        )
                        .Changing("A deeper opening, or that danger dealt with.")
                        .Final()
                : leaves.Count == 0
                    ? Verdict
                        .Of(
                            question,
                            Outcome.Yes,
                            does.Count == 0 ? "Nothing that is left lies inside." : "All that is left lies open then.",
                            map.Supposed ? Basis.Guess : Basis.Rule,
                            new Reason(
                                $"Opening and closing take {Plain(Total(map, off).Likely)} min.",
                                new("Opening", Total(map, off).Likely, "min")
                            )
                        )
                        .Changing("More work behind it.")
                : Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"{leaves.Count} {(leaves.Count == 1 ? "piece of work is" : "pieces of work are")} left for another opening.",
                        map.Supposed || leaves.Exists(w => needs[w.Key] is null) ? Basis.Guess : Basis.Rule,
                        new Reason(
                            $"{Words.And(leaves.Take(3).Select(w => Words.Lower(w.Title)))}{(leaves.Count > 3 ? " and more" : "")}."
                        ),
                        new Reason(
                            $"Opening it again for that takes {Plain(again.Likely)} min.",
                            new("Opened again", again.Likely, "min"),
                            map.Supposed ? "supposed: a cover, and the board behind it" : "what sits in front of what"
                        )
                    )
                    .Changing("A deeper opening, or that work left for good.")
        );
    }

    /// <summary>The shallowest that leaves no danger, and beyond which the work that is gained is not worth the opening.</summary>
    static int Advised(List<OpeningLevel> levels, List<WorkTask> inside, double worth)
    {
        var minutes = inside.ToDictionary(w => w.Key, w => w.Minutes.Likely);
        var at = levels.FindIndex(l => l.Verdict.Outcome != Outcome.No);
        at = at < 0 ? levels.Count - 1 : at;
        for (var i = at + 1; i < levels.Count; i++)
        {
            // Only what also does all that the shallower does is a going on.
            if (!levels[at].Does.All(levels[i].Does.Contains) || levels[i].Verdict.Outcome == Outcome.No)
            {
                continue;
            }
            var gained = levels[i].Does.Except(levels[at].Does).Sum(k => minutes[k]);
            if (gained > 0 && gained >= worth * (levels[i].Opening.Likely - levels[at].Opening.Likely))
            {
                at = i;
            }
        }
        return Math.Max(0, at);
    }

    static Verdict Say(
        AccessMap map,
        List<WorkTask> inside,
        Dictionary<string, IReadOnlySet<string>?> needs,
        List<OpeningLevel> levels,
        int advised,
        int chosen,
        IReadOnlySet<string> holds,
        double worth
    )
    {
        const string question = "How deep is it opened?";
        var unknown = inside.Count(w => needs[w.Key] is null);
        var order = map.InOrder(holds).Where(p => !p.IsOff).ToList();
        var total = Total(map, holds);
        var said = chosen >= 0 ? levels[chosen] : null;
        var off =
            order.Count == 0 && holds.Count > 0 ? "It is open as far as its work needs"
            : order.Count == 0 ? "Nothing has to come off"
            : order.Count == 1 ? $"Only the {Words.Lower(order[0].Title)} comes off"
            : $"{order.Count} pieces come off, the {Words.Lower(order[^1].Title)} last";
        var sentence =
            said?.Verdict.Outcome == Outcome.No ? said.Verdict.Sentence
            : said is not null || unknown == 0 ? $"{off}."
            : unknown == inside.Count ? "Nobody has said where its work lies."
            : $"{off}, as far as is known: of {unknown} {(unknown == 1 ? "piece" : "pieces")} of work nobody has said where {(unknown == 1 ? "it lies" : "they lie")}.";
        List<Reason> reasons =
        [
            new(
                $"Opening and closing take {Plain(total.Likely)} min, {Plain(total.Low)} to {Plain(total.High)}.",
                new("Opening", total.Likely, "min"),
                map.Supposed ? "supposed: a cover, and the board behind it" : "what sits in front of what"
            ),
        ];
        if (unknown > 0 && said is not null)
        {
            reasons.Add(new($"Of {unknown} {(unknown == 1 ? "piece" : "pieces")} of work nobody has said where it lies."));
        }
        if (said is { Leaves.Count: > 0 })
        {
            reasons.Add(new(said.Verdict.Sentence));
        }
        if (chosen < 0 && advised >= 0 && levels[advised].Leaves.Count > unknown)
        {
            reasons.Add(
                new(
                    $"{levels[advised].Name} is deep enough: what lies deeper takes less than {(worth == 0.5 ? "half" : $"{Plain(worth * 100)} %")} of its own opening."
                )
            );
        }
        return Verdict
            .Of(
                question,
                said?.Verdict.Outcome == Outcome.No ? Outcome.No
                    : unknown > 0 && said is null ? Outcome.Unknown
                    : said is { Leaves.Count: > 0 } ? Outcome.YesIf
                    : Outcome.Yes,
                sentence,
                map.Supposed ? Basis.Guess : Basis.Rule,
                reasons
            )
            .Changing(map.Supposed ? "Somebody says what sits in front of what." : "Other work, or a choice to open it less far.");
    }

    static IReadOnlyList<OpeningProposal> Proposals(
        MachineNow m,
        AccessMap map,
        List<WorkTask> inside,
        IReadOnlySet<string> holds,
        DateOnly today
    )
    {
        if (holds.Count == 0)
        {
            return [];
        }
        var jobs = WhileItIsOpen.Of(m, inside, today).ToList();
        var at = jobs.Select(j => map.Pieces.Where(p => p.Kind == j.Piece).MaxBy(p => map.To(p.Id, true).Count)).ToList();
        // By the rule that anybody may ask: what is wanted is the depth that holds.
        var answer = Opening.Of(
            new(
                [
                    .. map.Pieces.Select(p => new OpeningPiece(
                        p.Id,
                        p.Title,
                        [.. p.Behind.Where(b => !map.To(b, true).Contains(p.Id))],
                        p.Off.Likely,
                        p.Back.Likely
                    )),
                ],
                [
                    new("", "what it is opened for", [.. holds], 0, true),
                    .. jobs.Zip(at)
                        .Where(x => x.Second is not null)
                        .Select(x => new OpeningWork(
                            x.First.Id,
                            x.First.Title,
                            [.. map.To(x.Second!.Id, x.First.Out).Where(b => !map.To(b, false).Contains(b))],
                            x.First.Minutes
                        )),
                ]
            )
        );
        return
        [
            .. answer
                .Offers.Where(o => o.ExtraMinutes <= o.SavedMinutes)
                .Select(o => new OpeningProposal(
                    jobs.First(j => j.Id == o.Id),
                    [.. o.More.Select(i => map.Find(i)!.Title)],
                    o.ExtraMinutes,
                    o.SavedMinutes
                ))
                .Take(8),
        ];
    }

    static string Plain(double minutes) => Markings.Si.Plain(Math.Round(minutes));
}
