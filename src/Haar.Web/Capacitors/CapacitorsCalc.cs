using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Capacitors;

/// <param name="Limits">Thresholds of the house; those left out keep their defaults, and the answer says which were used.</param>
public sealed record JudgeAsk(
    CapacitorSpec Spec,
    CapacitorReadings Readings,
    IReadOnlyList<CapacitorSign>? Signs = null,
    string Designator = "C1",
    CapacitorLimits? Limits = null
);

/// <param name="EsrLimitOhms">At the readings' test frequency; null when nothing gives one.</param>
public sealed record JudgeAnswer(Verdict Verdict, double? EsrLimitOhms, double? TanDelta, CapacitorLimits Limits);

/// <param name="SheetEsrOhms">From its data sheet; null when there is none.</param>
/// <param name="Hertz">At which the meter reads; 100 kHz when left out.</param>
public sealed record EsrLimitAsk(
    CapacitorKind Kind,
    double Microfarads,
    double? RatedVolts = null,
    double? SheetEsrOhms = null,
    double Hertz = 100_000
);

public sealed record RiskAsk(
    CapacitorSpec Spec,
    int? MadeYear,
    CapacitorRole Role = CapacitorRole.Unknown,
    IReadOnlyList<CapacitorSign>? Signs = null,
    CapacitorReadings? Readings = null,
    RecapPolicy School = RecapPolicy.Evidence,
    string Designator = "C1"
);

public sealed record RiskAnswer(CapacitorRiskResult Risk, Verdict ComesOut);

public sealed record CandidateAsk(CapacitorSpec Spec, int Free = 1, DateOnly? BoughtOn = null, string Place = "");

public sealed record SubstituteAsk(
    CapacitorSpec Original,
    IReadOnlyList<CandidateAsk> Candidates,
    CapacitorRole Role = CapacitorRole.Unknown,
    double? HeadroomMillimetres = null
);

/// <param name="Index">Of the candidate as it was sent, from 0.</param>
public sealed record SubstituteAnswer(int Index, string Name, Verdict Verdict, IReadOnlyList<SubstitutionRule> Rules);

public sealed record LifeAsk(double RatedHours, double RatedCelsius, double WorkingCelsius);

public sealed record LifeAnswer(double Hours, double Years, string Sentence);

public sealed record CombinationAsk(
    CapacitorSpec Original,
    IReadOnlyList<CandidateAsk> Candidates,
    CapacitorRole Role = CapacitorRole.Unknown,
    double? HeadroomMillimetres = null
);

/// <param name="Indices">Of the two candidates as sent, from 0.</param>
public sealed record CombinationAnswer(IReadOnlyList<int> Indices, Joined Joined, CapacitorSpec Spec, string Needs, Verdict Verdict);

public sealed record ForecastAsk(
    IReadOnlyList<ForecastPart> Parts,
    [property: JsonPropertyName("house")] ForecastDefaults? Defaults = null,
    string Currency = "EUR"
);

public sealed record SeriesAsk(
    double? ReferenceStart = null,
    double? ReferenceEnd = null,
    IReadOnlyList<double>? Repeats = null,
    double? MostDriftShare = null,
    double? MostScatterShare = null
);

public sealed record PolarityAsk(Direction Before, Direction Printed, Direction Seen, string Designator = "C1");

public sealed record PadAsk(PadState Pads, bool? TraceWhole = null, Core.Corrosion.TraceFacts? Trace = null, string Designator = "C1");

public sealed record FittingOrderPart(
    string Designator,
    CapacitorKind Kind,
    double? X = null,
    double? Y = null,
    double? HeightMillimetres = null,
    bool Weeping = false,
    bool WideCopper = false,
    bool LeadFree = false
);

public sealed record FittingOrderAsk(IReadOnlyList<FittingOrderPart> Parts);

public sealed record FittingOrderAnswer(int Number, string Designator, JointSettings Joint, string Why);

/// <param name="Seconds">For the answer; at most 10.</param>
public sealed record OrderAsk(
    IReadOnlyList<OrderNeed> Needs,
    IReadOnlyList<SupplierOffer> Offers,
    IReadOnlyList<SupplierTerms> Suppliers,
    OrderPolicy? Policy = null,
    string Currency = "EUR",
    double Seconds = 10
);

/// <param name="RatedWatts">Of the resistor; null when nobody looked.</param>
public sealed record BleedAsk(
    double Microfarads,
    double Volts,
    double Ohms,
    double? RatedWatts = null,
    double SafeVolts = BleedDown.SafeVolts
);

public sealed record ReactanceAsk(double Microfarads, double Hertz);

public sealed record ReactanceAnswer(double Ohms, string Sentence);

static class CapacitorsCalc
{
    public static void MapCapacitorsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/capacitors").WithTags("Calc: capacitors");
        g.MapPost("/let-down", (BleedAsk ask) => BleedDown.Of(ask.Microfarads, ask.Volts, ask.Ohms, ask.RatedWatts, ask.SafeVolts))
            .WithName("CalcLetDown")
            .WithSummary("Seconds until a resistor has let a charged capacitor down, the energy in it, and what the resistor takes.")
            .WithExample("""{"microfarads":220,"volts":320,"ohms":2200,"ratedWatts":5}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/reactance",
                (ReactanceAsk ask) =>
                {
                    var ohms = Core.Markings.Si.Tidy(Reactance.Ohms(ask.Microfarads, ask.Hertz));
                    return new ReactanceAnswer(
                        ohms,
                        $"{Core.Markings.Si.Format(ohms, "Ω")} at {Core.Markings.Si.Format(ask.Hertz, "Hz")}."
                    );
                }
            )
            .WithName("CalcReactance")
            .WithSummary("What a capacitor lets through at a frequency.")
            .WithExample("""{"microfarads":0.1,"hertz":100000}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/esr-limit",
                (EsrLimitAsk ask) => CapacitorJudge.MostEsr(ask.Kind, ask.Microfarads, ask.RatedVolts, ask.SheetEsrOhms, ask.Hertz)
            )
            .WithName("CalcEsrLimit")
            .WithSummary("What ESR a capacitor may have.")
            .WithExample("""{"kind":"aluminiumRadial","microfarads":100,"ratedVolts":16}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/judge",
                (JudgeAsk ask) =>
                {
                    var limits = ask.Limits ?? new();
                    InvalidInputException.Finite("limits.capacitanceLossShare", limits.CapacitanceLossShare, 0.01, 0.9, "");
                    InvalidInputException.Finite("limits.esrFactor", limits.EsrFactor, 1, 20, "");
                    InvalidInputException.Finite("limits.leakagePerCapacitanceVolt", limits.LeakagePerCapacitanceVolt, 0.0001, 10, "");
                    InvalidInputException.Finite("limits.leakageFloorMicroamps", limits.LeakageFloorMicroamps, 0, 10_000, "µA");
                    InvalidInputException.Finite("limits.highShare", limits.HighShare, 0, 5, "");
                    InvalidInputException.Finite("limits.esrRatioAt100Kilohertz", limits.EsrRatioAt100Kilohertz, 0.01, 1, "");
                    var verdict = CapacitorJudge.Judge(ask.Designator, ask.Spec, ask.Signs ?? [], ask.Readings, limits);
                    return new JudgeAnswer(
                        verdict,
                        CapacitorJudge.EsrLimit(ask.Spec, ask.Readings.EsrFrequencyHertz, limits)?.Ohms,
                        ask.Spec is { ValueKnown: true, RatedVolts: { } v } && ask.Spec.Kind.IsAluminium()
                            ? CapacitorJudge.TanDelta(ask.Spec.Microfarads, v)
                            : null,
                        limits
                    );
                }
            )
            .WithName("CalcJudgeCapacitor")
            .WithSummary("Is this capacitor sound?")
            .Asking("readings.inCircuit", "Say whether it was read in circuit.")
            .Asking("spec.microfarads", "Say what value is printed on it.")
            .Asking("signs", "Say what can be seen on it: none of them is an answer too.")
            .WithExample(
                """{"designator":"C14","signs":[],"spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16},"readings":{"microfarads":32.4,"esrOhms":8.6,"esrFrequencyHertz":100000,"inCircuit":false}}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/risk",
                (RiskAsk ask, TimeProvider time) =>
                {
                    var sound = CapacitorJudge.Judge(ask.Designator, ask.Spec, ask.Signs ?? [], ask.Readings ?? new());
                    var risk = CapacitorRisk.Rank(ask.Spec, ask.Role, ask.Signs ?? [], ask.MadeYear, time.GetLocalNow().Year);
                    return new RiskAnswer(risk, CapacitorRisk.ComesOut(ask.Designator, ask.Spec, sound, risk, ask.School));
                }
            )
            .WithName("CalcCapacitorRisk")
            .WithSummary("How likely it is to fail, and whether it comes out under a school.")
            .WithExample(
                """{"spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16},"madeYear":1992,"role":"decoupling","school":"preventive"}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/substitute",
                (SubstituteAsk ask, TimeProvider time) =>
                {
                    if (ask.Candidates.Count is 0 or > 5000)
                    {
                        throw new InvalidInputException("candidates", "Give 1 to 5000 candidates.");
                    }
                    var ids = ask.Candidates.Select((c, i) => (Id: new Guid(i, 0, 0, new byte[8]), c, i)).ToList();
                    var ranked = Substitution.Rank(
                        ask.Original,
                        ask.Role,
                        ids.Select(x => new DrawerCandidate(x.Id, x.c.Spec, x.c.Free, x.c.BoughtOn, x.c.Place)),
                        DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                        ask.HeadroomMillimetres
                    );
                    var index = ids.ToDictionary(x => x.Id, x => x.i);
                    return ranked
                        .Select(s => new SubstituteAnswer(
                            index[s.Candidate.Id],
                            Substitution.Describe(s.Candidate.Spec),
                            s.Verdict,
                            s.Rules
                        ))
                        .ToList();
                }
            )
            .WithName("CalcSubstitute")
            .WithSummary("Which of these will do in its place, best first, with every rule.")
            .Asking("original.maxCelsius", "Say what temperature the old part is rated for.")
            .Asking("original.diameterMillimetres", "Measure the diameter of the old part.")
            .Asking("original.heightMillimetres", "Measure the height of the old part.")
            .Asking("candidates.spec.diameterMillimetres", "Say the diameter of the new part.")
            .Asking("candidates.spec.heightMillimetres", "Say the height of the new part.")
            .Asking("headroomMillimetres", "Measure the room above the place.")
            .WithExample(
                """{"original":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16,"maxCelsius":85,"diameterMillimetres":6.3,"heightMillimetres":5.4},"role":"decoupling","candidates":[{"spec":{"kind":"polymer","microfarads":47,"ratedVolts":16,"maxCelsius":105,"diameterMillimetres":6.3,"heightMillimetres":5.7},"free":7}],"headroomMillimetres":12}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/combine",
                (CombinationAsk ask, TimeProvider time) =>
                {
                    if (ask.Candidates.Count is 0 or > 500)
                    {
                        throw new InvalidInputException("candidates", "Give 1 to 500 candidates.");
                    }
                    var ids = ask
                        .Candidates.Select(
                            (c, i) => new DrawerCandidate(new Guid(i, 0, 0, new byte[8]), c.Spec, c.Free, c.BoughtOn, c.Place)
                        )
                        .ToList();
                    var index = ids.Select((c, i) => (c.Id, i)).ToDictionary(x => x.Id, x => x.i);
                    return Combination
                        .Find(ask.Original, ask.Role, ids, DateOnly.FromDateTime(time.GetLocalNow().DateTime), ask.HeadroomMillimetres)
                        .Select(p => new CombinationAnswer([.. p.Parts.Select(x => index[x.Id])], p.Joined, p.Spec, p.Needs, p.Verdict))
                        .ToList();
                }
            )
            .WithName("CalcCombine")
            .WithSummary("Two parts where one will not do.")
            .WithExample(
                """{"original":{"kind":"aluminiumRadial","microfarads":1000,"ratedVolts":16},"role":"bulk","candidates":[{"spec":{"kind":"aluminiumRadial","microfarads":470,"ratedVolts":25},"free":4},{"spec":{"kind":"aluminiumRadial","microfarads":560,"ratedVolts":16},"free":1}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/forecast", (ForecastAsk ask) => RecapForecast.Of(ask.Parts, ask.Defaults, ask.Currency))
            .WithName("CalcForecast")
            .WithSummary("Recap now, or wait? The expected cost of leaving each part against taking it out.")
            .WithExample(
                """{"parts":[{"designator":"C1","kind":"aluminiumSurfaceMount","riskScore":88,"comesOutNow":true,"weeping":true},{"designator":"C2","kind":"aluminiumSurfaceMount","riskScore":88,"comesOutNow":false}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/sitting",
                (SeriesAsk ask) =>
                    MeasurementSeries.Check(
                        ask.ReferenceStart,
                        ask.ReferenceEnd,
                        ask.Repeats ?? [],
                        ask.MostDriftShare ?? MeasurementSeries.MostDriftShare,
                        ask.MostScatterShare ?? MeasurementSeries.MostScatterShare
                    )
            )
            .WithName("CalcMeasurementSeries")
            .WithSummary("Did the meter or the hand move during a sitting?")
            .WithExample("""{"referenceStart":47.1,"referenceEnd":47.2,"repeats":[32.4,32.6]}""")
            .ProducesValidationProblem();
        g.MapPost("/way-round", (PolarityAsk ask) => Polarity.Check(ask.Designator, ask.Before, ask.Printed, ask.Seen))
            .WithName("CalcPolarity")
            .WithSummary("Photo, print and second look against each other.")
            .WithExample("""{"designator":"C14","before":"left","printed":"notKnown","seen":"right"}""")
            .ProducesValidationProblem();
        g.MapPost("/pad", (PadAsk ask) => PadRepair.Of(ask.Designator, ask.Pads, ask.TraceWhole, ask.Trace))
            .WithName("CalcPad")
            .WithSummary("What is done about a pad that is not sound.")
            .WithExample("""{"pads":"lifted","traceWhole":false,"trace":{"lengthMillimetres":18,"widthMillimetres":0.5}}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/fitting-order",
                (FittingOrderAsk ask) =>
                {
                    if (ask.Parts.Count is 0 or > 2000)
                    {
                        throw new InvalidInputException("parts", "Give 1 to 2000 parts.");
                    }
                    return FittingOrder
                        .Of([
                            .. ask.Parts.Select(p => new FittingPlace(
                                Guid.Empty,
                                p.Designator,
                                p.Kind,
                                p is { X: { } x, Y: { } y } ? new(x, y) : null,
                                p.HeightMillimetres,
                                p.Weeping,
                                p.WideCopper,
                                p.LeadFree
                            )),
                        ])
                        .Select(t => new FittingOrderAnswer(t.Number, t.Designator, t.Joint, t.Why))
                        .ToList();
                }
            )
            .WithName("CalcFittingOrder")
            .WithSummary("In which order the hand goes over the board, with tool, temperature and dwell.")
            .WithExample(
                """{"parts":[{"designator":"C14","kind":"aluminiumSurfaceMount","x":0.2,"y":0.7,"weeping":true},{"designator":"C1","kind":"aluminiumRadial","x":0.1,"y":0.1,"wideCopper":true}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/do-it", (RecapWork ask) => DoItOrNot.Of(ask))
            .WithName("CalcDoIt")
            .WithSummary("Do it, or have it done?")
            .WithExample(
                """{"parts":28,"surfaceMount":28,"weeping":4,"wideCopper":2,"worth":180,"servicePrice":140,"serviceDays":21,"experience":"never","owned":["iron","flux"]}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/order",
                (OrderAsk ask, TimeProvider time, LongAnswers answers, CancellationToken cancel) =>
                    answers.RunAsync(
                        stop =>
                            OrderPlan.Of(
                                ask.Needs,
                                ask.Offers,
                                ask.Suppliers,
                                DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                                ask.Policy,
                                ask.Currency,
                                InvalidInputException.Finite("seconds", ask.Seconds, 0.1, 10, "s"),
                                stop
                            ),
                        cancel
                    )
            )
            .WithName("CalcOrder")
            .WithSummary("The order that costs least over several suppliers, proven.")
            .WithExample(
                """{"needs":[{"key":"47u16","spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16},"role":"decoupling","count":9}],"offers":[{"supplier":"a","sku":"A-1","spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16,"maxCelsius":105},"packSize":1,"breaks":[{"fromPacks":1,"packPrice":0.32},{"fromPacks":10,"packPrice":0.19}]},{"supplier":"b","sku":"B-7","spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":25,"maxCelsius":105},"packSize":10,"breaks":[{"fromPacks":1,"packPrice":1.9}]}],"suppliers":[{"id":"a","name":"A","postage":4.9,"days":3},{"id":"b","name":"B","postage":3.5,"days":9}],"policy":{"spareShare":0.1}}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/life",
                (LifeAsk ask) =>
                {
                    var hours = CapacitorRisk.LifeHours(ask.RatedHours, ask.RatedCelsius, ask.WorkingCelsius);
                    return new LifeAnswer(
                        hours,
                        hours / 8766,
                        $"About {Core.Markings.Si.Plain(Math.Round(hours / 8766, 1))} years of running at {Core.Markings.Si.Plain(ask.WorkingCelsius)} °C."
                    );
                }
            )
            .WithName("CalcCapacitorLife")
            .WithSummary("Expected life by the ten-kelvin rule.")
            .WithExample("""{"ratedHours":2000,"ratedCelsius":105,"workingCelsius":45}""")
            .ProducesValidationProblem();
    }
}
