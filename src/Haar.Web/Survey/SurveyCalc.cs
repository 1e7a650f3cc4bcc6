using Haar.Core.Intake;
using Haar.Core.Survey;
using Haar.Web.Http;

namespace Haar.Web.Survey;

/// <param name="Loaded">A stated load hangs on the supply.</param>
/// <param name="SupplyIsInternal">A mains part that stays closed.</param>
public sealed record RailsAsk(
    IReadOnlyList<RailReading> Rails,
    bool Loaded = false,
    bool SupplyIsInternal = true,
    RailLimits? Limits = null
);

/// <param name="Found">Kinds found and open: they change the list.</param>
public sealed record ChecklistCalcAsk(
    MachineClass Class,
    IReadOnlyList<Trait> Traits,
    int? YearFrom,
    int? YearTo,
    IReadOnlyList<FindingKind>? Found = null
);

/// <param name="Taken">Steps taken so far.</param>
/// <param name="Supply">Its readings alone on a load; null when there are none.</param>
public sealed record FirstPowerAsk(
    MachineClass Class,
    IReadOnlyList<Trait> Traits,
    int? YearTo = null,
    IReadOnlyList<TakenStep>? Taken = null,
    SupplyAsk? Supply = null,
    LastRan Ran = LastRan.NotKnown
);

public sealed record TakenStep(PowerStepKind Kind, PowerStepState State, string Sentence = "");

/// <param name="SoakMinutes">60 when left out.</param>
public sealed record SupplyAsk(
    IReadOnlyList<RailReading> Rails,
    string Load = "",
    double Minutes = 0,
    RailLimits? Limits = null,
    double SoakMinutes = SupplyTrust.SoakMinutes
);

public sealed record FirstPowerAnswer(
    IReadOnlyList<PowerStepPlan> Steps,
    PowerStepKind? Next,
    Core.Verdicts.Verdict Verdict,
    IReadOnlyList<RailReading> UsualRails,
    SupplyTrustResult? Supply
);

public sealed record ShortsAsk(IReadOnlyList<RailReading> Rails, RailLimits? Limits = null);

public sealed record TestInPiecesCalc(MachineClass Class, IReadOnlyList<Trait> Traits, TestInPiecesFacts Test);

/// <param name="Volts">Of the rail, nominal.</param>
/// <param name="Amps">That the rail is to give.</param>
public sealed record LoadResistorAsk(double Volts, double Amps);

static class SurveyCalc
{
    public static void MapSurveyCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/survey").WithTags("Calc: survey");
        g.MapPost("/load-resistor", (LoadResistorAsk ask) => LoadResistor.Of(ask.Volts, ask.Amps))
            .WithName("CalcLoadResistor")
            .WithSummary("Which resistor loads a rail while a supply is tried.")
            .WithExample("""{"volts":5,"amps":1}""")
            .ProducesValidationProblem();
        g.MapPost("/rails", (RailsAsk ask) => Rails.Powered(ask.Rails, ask.Loaded, ask.Limits, ask.SupplyIsInternal))
            .WithName("CalcRails")
            .WithSummary("Supply rails under power against their limits, and what a bad one points at.")
            .Asking("rails.rippleMillivolts", "Read the ripple of the rail.")
            .Asking("loaded", "Say whether it was read on a stated load.")
            .WithExample(
                """{"rails":[{"name":"+5 V","nominalVolts":5,"volts":5.07,"rippleMillivolts":38},{"name":"+12 V","nominalVolts":12,"volts":11.21,"rippleMillivolts":360}],"loaded":true}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/checklist",
                (ChecklistCalcAsk ask) => Checklist.Compose(ask.Class, ask.Traits, ask.YearFrom, ask.YearTo, ask.Found ?? [])
            )
            .WithName("CalcChecklist")
            .WithSummary("What to look at on a machine with these traits, zone by zone, why, and what its findings forbid.")
            .WithExample(
                """{"class":"level386","traits":["internalMainsSupply","barrelCell","scsiDrives"],"yearFrom":1991,"yearTo":1991,"found":["rodents"]}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/first-power",
                (FirstPowerAsk ask) =>
                {
                    var ritual = Rituals.Of(ask.Ran);
                    var plan = FirstPower.Compose(ask.Class, ask.Traits, ritual);
                    var inside = ask.Traits.Contains(Trait.InternalMainsSupply) || ask.Traits.Contains(Trait.PictureTube);
                    var supply = ask.Supply is { } s
                        ? SupplyTrust.Of(
                            Rails.Powered(s.Rails, StatedLoad.Is(s.Load), s.Limits, inside),
                            s.Load,
                            s.Minutes,
                            s.SoakMinutes,
                            ask.Class == MachineClass.Pocket && !inside
                        )
                        : null;
                    var gate = FirstPower.Stand(
                        plan,
                        [
                            .. (ask.Taken ?? []).Select(t => new PowerStep
                            {
                                Kind = t.Kind,
                                State = t.State,
                                Sentence = t.Sentence,
                            }),
                        ],
                        supply
                    );
                    return new FirstPowerAnswer(
                        plan,
                        gate.Next,
                        gate.Verdict,
                        FirstPower.UsualRails(ask.Class, ask.YearTo, ask.Traits),
                        supply
                    );
                }
            )
            .WithName("CalcFirstPower")
            .WithSummary(
                "The steps of a first power-up for a machine with these traits, what stands between it and the next, and what its supply has earned."
            )
            .WithExample(
                """{"class":"level686","traits":["internalMainsSupply","ataDrives","lowEsrElectrolytics"],"yearTo":2002,"taken":[{"kind":"shorts","state":"passed"},{"kind":"supplyLook","state":"passed"},{"kind":"supplyLoaded","state":"passed"}],"supply":{"rails":[{"name":"+5 V","nominalVolts":5,"volts":5.06,"rippleMillivolts":22},{"name":"+12 V","nominalVolts":12,"volts":12.1,"rippleMillivolts":60}],"load":"","minutes":5}}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/test-in-pieces",
                (TestInPiecesCalc ask) => TestInPiecesRule.Judge(new Machine { Class = ask.Class, Traits = [.. ask.Traits] }, ask.Test)
            )
            .WithName("CalcTestInPieces")
            .WithSummary("May a machine that is not put together be powered, and for how long?")
            .WithExample(
                """{"class":"level386","traits":["internalMainsSupply"],"test":{"on":"insulator","looseMetal":"no","missing":["fan"],"minutes":5}}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/shorts", (ShortsAsk ask) => Rails.Shorts(ask.Rails, ask.Limits))
            .WithName("CalcShorts")
            .WithSummary("Rails measured to ground with the plug out.")
            .WithExample("""{"rails":[{"name":"+5 V","nominalVolts":5,"ohmsToGround":41}]}""")
            .ProducesValidationProblem();
    }
}
