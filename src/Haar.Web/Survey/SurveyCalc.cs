using Haar.Core.Survey;
using Haar.Web.Http;

namespace Haar.Web.Survey;

/// <param name="Loaded">A stated load hangs on the supply.</param>
/// <param name="SupplyIsInternal">A mains part that stays closed.</param>
public sealed record RailsAsk(IReadOnlyList<RailReading> Rails, bool Loaded = true, bool SupplyIsInternal = true, RailLimits? Limits = null);

public sealed record ShortsAsk(IReadOnlyList<RailReading> Rails, RailLimits? Limits = null);

static class SurveyCalc
{
    public static void MapSurveyCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/survey").WithTags("Calc: survey");
        g.MapPost("/rails", (RailsAsk ask) => Rails.Powered(ask.Rails, ask.Loaded, ask.Limits, ask.SupplyIsInternal))
            .WithName("CalcRails").WithSummary("Supply rails under power against their limits, and what a bad one points at.")
            .WithExample("""{"rails":[{"name":"+5 V","nominalVolts":5,"volts":5.07,"rippleMillivolts":38},{"name":"+12 V","nominalVolts":12,"volts":11.21,"rippleMillivolts":360}],"loaded":true}""").ProducesValidationProblem();
        g.MapPost("/shorts", (ShortsAsk ask) => Rails.Shorts(ask.Rails, ask.Limits))
            .WithName("CalcShorts").WithSummary("Rails measured to ground with the plug out.").WithExample("""{"rails":[{"name":"+5 V","nominalVolts":5,"ohmsToGround":41}]}""").ProducesValidationProblem();
    }
}
