using Haar.Core.Capacitors;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Capacitors;

/// <param name="Limits">Thresholds of the house; those left out keep their defaults, and the answer says which were used.</param>
public sealed record JudgeAsk(CapacitorSpec Spec, CapacitorReadings Readings, IReadOnlyList<CapacitorSign>? Signs = null, string Designator = "C1", CapacitorLimits? Limits = null);

/// <param name="EsrLimitOhms">At the readings' test frequency; null when nothing gives one.</param>
public sealed record JudgeAnswer(Verdict Verdict, double? EsrLimitOhms, double? TanDelta, CapacitorLimits Limits);

public sealed record RiskAsk(CapacitorSpec Spec, int MadeYear, CapacitorRole Role = CapacitorRole.Unknown, IReadOnlyList<CapacitorSign>? Signs = null, CapacitorReadings? Readings = null, RecapSchool School = RecapSchool.Evidence, string Designator = "C1");

public sealed record RiskAnswer(CapacitorRiskResult Risk, Verdict ComesOut);

public sealed record CandidateAsk(CapacitorSpec Spec, int Free = 1, DateOnly? BoughtOn = null, string Place = "");

public sealed record SubstituteAsk(CapacitorSpec Original, IReadOnlyList<CandidateAsk> Candidates, CapacitorRole Role = CapacitorRole.Unknown, double? HeadroomMillimetres = null);

/// <param name="Index">Of the candidate as it was sent, from 0.</param>
public sealed record SubstituteAnswer(int Index, string Name, Verdict Verdict, IReadOnlyList<SubstitutionRule> Rules);

public sealed record LifeAsk(double RatedHours, double RatedCelsius, double WorkingCelsius);

public sealed record LifeAnswer(double Hours, double Years, string Sentence);

static class CapacitorsCalc
{
    public static void MapCapacitorsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/capacitors").WithTags("Calc: capacitors");
        g.MapPost("/judge", (JudgeAsk ask) =>
        {
            var limits = ask.Limits ?? new();
            BadFactException.Finite("limits.capacitanceLossShare", limits.CapacitanceLossShare, 0.01, 0.9, "");
            BadFactException.Finite("limits.esrFactor", limits.EsrFactor, 1, 20, "");
            BadFactException.Finite("limits.leakagePerCapacitanceVolt", limits.LeakagePerCapacitanceVolt, 0.0001, 10, "");
            BadFactException.Finite("limits.leakageFloorMicroamps", limits.LeakageFloorMicroamps, 0, 10_000, "µA");
            BadFactException.Finite("limits.highShare", limits.HighShare, 0, 5, "");
            BadFactException.Finite("limits.esrRatioAt100Kilohertz", limits.EsrRatioAt100Kilohertz, 0.01, 1, "");
            var verdict = CapacitorJudge.Judge(ask.Designator, ask.Spec, ask.Signs ?? [], ask.Readings, limits);
            return new JudgeAnswer(verdict, CapacitorJudge.EsrLimit(ask.Spec, ask.Readings.EsrFrequencyHertz, limits)?.Ohms, ask.Spec.RatedVolts is { } v && ask.Spec.Kind.IsAluminium() ? CapacitorJudge.TanDelta(ask.Spec.Microfarads, v) : null, limits);
        }).WithName("CalcJudgeCapacitor").WithSummary("Is this capacitor sound?").WithExample("""{"designator":"C14","spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16},"readings":{"microfarads":32.4,"esrOhms":8.6,"esrFrequencyHertz":100000}}""").ProducesValidationProblem();
        g.MapPost("/risk", (RiskAsk ask, TimeProvider time) =>
        {
            var sound = CapacitorJudge.Judge(ask.Designator, ask.Spec, ask.Signs ?? [], ask.Readings ?? new());
            var risk = CapacitorRisk.Rank(ask.Spec, ask.Role, ask.Signs ?? [], ask.MadeYear, time.GetLocalNow().Year);
            return new RiskAnswer(risk, CapacitorRisk.ComesOut(ask.Designator, ask.Spec, sound, risk, ask.School));
        }).WithName("CalcCapacitorRisk").WithSummary("How likely it is to fail, and whether it comes out under a school.").WithExample("""{"spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16},"madeYear":1992,"role":"decoupling","school":"preventive"}""").ProducesValidationProblem();
        g.MapPost("/substitute", (SubstituteAsk ask, TimeProvider time) =>
        {
            if (ask.Candidates.Count is 0 or > 5000) { throw new BadFactException("candidates", "Give 1 to 5000 candidates."); }
            var ids = ask.Candidates.Select((c, i) => (Id: new Guid(i, 0, 0, new byte[8]), c, i)).ToList();
            var ranked = Substitution.Rank(ask.Original, ask.Role, ids.Select(x => new DrawerCandidate(x.Id, x.c.Spec, x.c.Free, x.c.BoughtOn, x.c.Place)), DateOnly.FromDateTime(time.GetLocalNow().DateTime), ask.HeadroomMillimetres);
            var index = ids.ToDictionary(x => x.Id, x => x.i);
            return ranked.Select(s => new SubstituteAnswer(index[s.Candidate.Id], Substitution.Describe(s.Candidate.Spec), s.Verdict, s.Rules)).ToList();
        }).WithName("CalcSubstitute").WithSummary("Which of these will do in its place, best first, with every rule.").WithExample("""{"original":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16,"maxCelsius":85,"diameterMillimetres":6.3,"heightMillimetres":5.4},"role":"decoupling","candidates":[{"spec":{"kind":"polymer","microfarads":47,"ratedVolts":16,"maxCelsius":105,"diameterMillimetres":6.3,"heightMillimetres":5.7},"free":7}]}""").ProducesValidationProblem();
        g.MapPost("/life", (LifeAsk ask) =>
        {
            var hours = CapacitorRisk.LifeHours(ask.RatedHours, ask.RatedCelsius, ask.WorkingCelsius);
            return new LifeAnswer(hours, hours / 8766, $"About {Core.Markings.Si.Plain(Math.Round(hours / 8766, 1))} years of running at {Core.Markings.Si.Plain(ask.WorkingCelsius)} °C.");
        }).WithName("CalcCapacitorLife").WithSummary("Expected life by the ten-kelvin rule.").WithExample("""{"ratedHours":2000,"ratedCelsius":105,"workingCelsius":45}""").ProducesValidationProblem();
    }
}
