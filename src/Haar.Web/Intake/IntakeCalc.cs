using Haar.Core.Intake;
using Haar.Web.Http;

namespace Haar.Web.Intake;

/// <param name="PeriodYears">6 when left out.</param>
public sealed record AsShippedAsk(
    IReadOnlyList<ShippedConfiguration> Configurations,
    IReadOnlyList<FoundItemAsk> Found,
    int? YearFrom,
    int? YearTo,
    int PeriodYears = AsShipped.DefaultPeriodYears
);

public sealed record FoundItemAsk(string Slot, string What = "", bool Absent = false, string DateCode = "", ItemFate? SaidFate = null);

static class IntakeCalc
{
    public static void MapIntakeCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/intake").WithTags("Calc: intake");
        g.MapPost(
                "/triage",
                (TriageAsk ask, LongAnswers answers, CancellationToken cancel) => answers.RunAsync(stop => Triage.Of(ask, stop), cancel)
            )
            .WithName("CalcTriage")
            .WithSummary(
                "Which boxes of a lot to finish, which donor gives which part to whom, what is bought, why the runner-up lost. Proven."
            )
            .Asking("boxes.complete", "Say what a complete one costs.")
            .WithExample(
                """{"boxes":[{"id":"1","name":"Tower","parts":[{"kind":"supply","state":"missing","fits":"AT"},{"kind":"floppy drive","state":"good"}],"money":{"low":10,"likely":15,"high":30},"hours":{"low":3,"likely":5,"high":9},"complete":120},{"id":"2","name":"Desktop","parts":[{"kind":"supply","state":"good","fits":"AT"},{"kind":"main board","state":"damaged"}],"money":{"low":20,"likely":40,"high":90},"hours":{"low":6,"likely":10,"high":20},"complete":80}],"prices":[{"kind":"supply","fits":"AT","money":{"low":20,"likely":30,"high":45}}],"budgetMoney":100,"budgetHours":20,"aim":"mostFinished"}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/as-shipped",
                (AsShippedAsk ask, TimeProvider time) =>
                    AsShipped.Of(
                        ask.Configurations,
                        [
                            .. ask.Found.Select(f => new FoundItem
                            {
                                Id = Guid.NewGuid(),
                                Slot = f.Slot,
                                What = f.What,
                                Absent = f.Absent,
                                DateCode = f.DateCode,
                                SaidFate = f.SaidFate,
                            }),
                        ],
                        ask.YearFrom,
                        ask.YearTo,
                        DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                        ask.PeriodYears
                    )
            )
            .WithName("CalcAsShipped")
            .WithSummary(
                "What left the factory against what was found: each item's fate, the configuration that fits best, and what would tell it from the next."
            )
            .Asking("found.absent", "Say whether it is here.")
            .Asking("found.saidFate", "Say what is said of it; notKnown where nothing is.")
            .Asking("found.dateCode", "Say what date code it carries; empty where it has none.")
            .Asking("yearTo", "Say the last year that the machine can be from.")
            .WithExample(
                """{"configurations":[{"id":"a","name":"with one drive","items":[{"slot":"drive","what":"105 MB SCSI drive"}]},{"id":"b","name":"with two drives","items":[{"slot":"drive","what":"210 MB SCSI drive"},{"slot":"second drive","what":"210 MB SCSI drive"}]}],"found":[{"slot":"drive","what":"210 MB SCSI drive","dateCode":"9417","absent":false,"saidFate":"notKnown"}],"yearFrom":1991,"yearTo":1991}"""
            )
            .ProducesValidationProblem();
    }
}
