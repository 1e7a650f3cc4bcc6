using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <param name="LayOut">What is wanted on the bench, each once, in the order in which it is first wanted.</param>
/// <param name="Minutes">Hands on.</param>
public sealed record EveningResult(IReadOnlyList<KeptTask> Tasks, IReadOnlyList<string> LayOut, int Minutes, Verdict Verdict);

/// <summary>One person's time at the bench: the work in its order, and what to lay out before.</summary>
public static class Evening
{
    /// <param name="from">Work that begins from then on, or has begun.</param>
    /// <param name="until">And before then.</param>
    public static EveningResult Of(KeptPlan plan, string person, DateTimeOffset from, DateTimeOffset until)
    {
        var tasks = plan
            .Tasks.Where(t => t.Person == person && t.End > from && t.Start < until)
            .OrderBy(t => t.Start)
            .ThenBy(t => t.Id, StringComparer.Ordinal)
            .ToList();
        var lay = tasks
            .SelectMany(t => t.Work.Needs.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
            .Select(n => n.TrimEnd('.'))
            .Where(n => n.Length > 0)
            .DistinctBy(n => n.ToLowerInvariant())
            // "pH paper" keeps its own letters.
            .Select(n => n.Length > 1 && char.IsUpper(n[1]) ? n : Words.Capital(n))
            .ToList();
        var minutes = (int)tasks.Sum(t => (t.End - t.Start).TotalMinutes);
        const string question = "What is done in this time?";
        return new(
            tasks,
            lay,
            minutes,
            tasks.Count == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Nothing is planned for {person} then.",
                        Basis.Rule,
                        new Reason("Their hours are others, all of it waits, or others do it when they are there anyway.")
                    )
                    .Changing("Other hours, or work that is laid down for then.")
                : Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"{tasks.Count} {(tasks.Count == 1 ? "piece" : "pieces")} of work, {Schedule.Span(minutes)} of hands: {tasks[0].Machine} first.",
                        Basis.Rule,
                        new Reason(
                            $"{tasks.Select(t => t.MachineId).Distinct().Count()} {(tasks.Select(t => t.MachineId).Distinct().Count() == 1 ? "machine" : "machines")}.",
                            new("Hands", minutes, "min")
                        )
                    )
                    .Changing("What takes longer than is likely.")
        );
    }
}
