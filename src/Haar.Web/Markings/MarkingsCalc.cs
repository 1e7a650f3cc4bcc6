using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Markings;

/// <param name="Kind">Settles what the print alone leaves open; unknown when left out.</param>
public sealed record CapacitorMarkingAsk(string Text, CapacitorKind Kind = CapacitorKind.Unknown);

/// <param name="Certain">Exactly one reading, nothing left unread.</param>
public sealed record CapacitorMarkingAnswer(
    string Text,
    bool Certain,
    string Sentence,
    IReadOnlyList<CapacitorReading> Readings,
    IReadOnlyList<string> Problems
);

/// <param name="WindowFromYear">First year that the machine can be from.</param>
/// <param name="WindowToYear">Last year; counts.</param>
/// <param name="PivotYear">Two-digit years from this one on are 19YY; 70 when left out.</param>
/// <param name="LeadYears">Years before the machine that a part may be from; 2 when left out.</param>
public sealed record DateCodeAsk(
    string Code,
    int? WindowFromYear = null,
    int? WindowToYear = null,
    int PivotYear = DateCode.DefaultPivotYear,
    int LeadYears = DateCode.DefaultLeadYears
);

public sealed record DateCodeAnswer(
    string Code,
    DateCodeReading? Resolved,
    bool NewerThanMachine,
    string Sentence,
    IReadOnlyList<DateCodeReading> Readings,
    int PivotYear,
    int LeadYears
);

public sealed record EarliestBuildAsk(IReadOnlyList<string> Codes, int? WindowFromYear = null, int? WindowToYear = null);

public sealed record EarliestBuildAnswer(DateOnly? Day, string Sentence, IReadOnlyList<DateCodeAnswer> Codes);

/// <param name="Code">The letter and the digit; before them a letter of the maker where there is one.</param>
public sealed record CeramicCodeAsk(string Code);

static class MarkingsCalc
{
    public static void MapMarkingsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/markings").WithTags("Calc: markings");
        g.MapPost("/ceramic", (CeramicCodeAsk ask) => CeramicCode.Read(ask.Code))
            .WithName("CalcCeramicCode")
            .WithSummary("What a letter and a digit on a small ceramic capacitor stand for.")
            .WithExample("""{"code":"A5"}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/capacitor",
                (CapacitorMarkingAsk ask) =>
                {
                    if (ask.Text.Trim().Length is 0 or > 60)
                    {
                        throw new InvalidInputException("text", "A marking is 1 to 60 characters.");
                    }
                    var r = CapacitorMarking.Read(ask.Text, ask.Kind);
                    return new CapacitorMarkingAnswer(r.Text, r.Certain, r.Sentence, r.Readings, r.Problems);
                }
            )
            .WithName("CalcCapacitorMarking")
            .WithSummary("What is printed on a capacitor, read strictly.")
            .WithDescription(
                "Three-digit codes, letters as decimal point, surface-mount marks, EIA voltage codes, tolerance letters, temperature, safety class. Every reading that fits is given; what no convention covers is said."
            )
            .WithExample("""{"text":"226C","kind":"tantalumSurfaceMount"}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/date-code",
                (DateCodeAsk ask, TimeProvider time) =>
                    Answer(DateCode.Read(ask.Code, ask.WindowFromYear, ask.WindowToYear, Today(time), ask.PivotYear, ask.LeadYears))
            )
            .WithName("CalcDateCode")
            .WithSummary("A date code YYWW, WWYY or YWW to its ISO 8601 week.")
            .WithExample("""{"code":"9214","windowFromYear":1991,"windowToYear":1993}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/earliest-build",
                (EarliestBuildAsk ask, TimeProvider time) =>
                {
                    if (ask.Codes.Count is 0 or > 500)
                    {
                        throw new InvalidInputException("codes", "Give 1 to 500 date codes.");
                    }
                    var (day, codes) = DateCode.EarliestBuild(ask.Codes, ask.WindowFromYear, ask.WindowToYear, Today(time));
                    return new EarliestBuildAnswer(
                        day,
                        day is { } d
                            ? $"The board was made on or after {d:d MMMM yyyy}."
                            : "No code is certain, so the board's day cannot be told.",
                        [.. codes.Select(Answer)]
                    );
                }
            )
            .WithName("CalcEarliestBuild")
            .WithSummary("The earliest day on which a board can have been made, from all its date codes.")
            .WithExample("""{"codes":["9148","9207","9911"],"windowFromYear":1991,"windowToYear":1993}""")
            .ProducesValidationProblem();
    }

    static DateOnly Today(TimeProvider time) => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    static DateCodeAnswer Answer(DateCodeResult r) =>
        new(r.Code, r.Resolved, r.NewerThanMachine, r.Sentence, r.Readings, r.PivotYear, r.LeadYears);
}
