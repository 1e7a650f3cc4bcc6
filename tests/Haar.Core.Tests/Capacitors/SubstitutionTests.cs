using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class SubstitutionTests
{
    static readonly DateOnly Today = new(2026, 11, 25);
    static readonly CapacitorSpec Original = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 470,
        RatedVolts = 16,
        MaxCelsius = 85,
        DiameterMillimetres = 10,
        HeightMillimetres = 16,
        LeadPitchMillimetres = 5,
    };

    static DrawerCandidate Of(CapacitorSpec spec, int free = 1, int yearsOld = 1) =>
        new(Guid.CreateVersion7(), spec, free, Today.AddYears(-yearsOld), "A1");

    static Substitute Judge(
        Func<CapacitorSpec, CapacitorSpec> change,
        CapacitorRole role = CapacitorRole.Bulk,
        CapacitorSpec? original = null
    ) => Substitution.Judge(original ?? Original, role, Of(change(original ?? Original)), Today);

    [Fact]
    public void The_same_part_will_do_by_its_sheet()
    {
        var sheet = Original with { RippleAmps = 0.4 };
        Assert.Equal(Outcome.Yes, Judge(s => s, original: sheet).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Judge(s => s, original: Original with { EsrOhms = 0.3 }).Verdict.Outcome);
        // It looks the same; that it bears as much ripple nobody has read yet.
        var unread = Judge(s => s).Verdict;
        Assert.Equal(Outcome.YesIf, unread.Outcome);
        Assert.Contains("its data sheet bears the ripple", unread.Sentence, StringComparison.Ordinal);
        Assert.Equal(Outcome.Yes, Judge(s => s, CapacitorRole.Coupling).Verdict.Outcome);
    }

    [Fact]
    public void Fewer_volts_never_do() => Assert.Equal(Outcome.No, Judge(s => s with { RatedVolts = 10 }).Verdict.Outcome);

    [Fact]
    public void A_cooler_rating_never_does() => Assert.Equal(Outcome.No, Judge(s => s with { MaxCelsius = 70 }).Verdict.Outcome);

    [Fact]
    public void A_timing_part_bears_five_per_cent_and_a_bulk_one_half_as_much_again()
    {
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 560 }, CapacitorRole.Timing).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { Microfarads = 680 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 1000 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 330 }).Verdict.Outcome);
    }

    [Fact]
    public void In_switching_duty_esr_is_never_worse_and_not_blindly_lower()
    {
        var lowEsr = Original with { Kind = CapacitorKind.AluminiumLowEsr, EsrOhms = 0.05 };
        Assert.Equal(
            Outcome.No,
            Judge(
                s => s with { Kind = CapacitorKind.AluminiumRadial, EsrOhms = null },
                CapacitorRole.SwitchingOutput,
                lowEsr
            ).Verdict.Outcome
        );
        Assert.Equal(Outcome.Yes, Judge(s => s with { EsrOhms = 0.04 }, CapacitorRole.SwitchingOutput, lowEsr).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { EsrOhms = 0.005 }, CapacitorRole.SwitchingOutput, lowEsr).Verdict.Outcome);
    }

    [Theory]
    [InlineData("X2", "X2", true)]
    [InlineData("X2", "X1", true)]
    [InlineData("X2", "Y2", true)]
    [InlineData("Y2", "X1", false)]
    [InlineData("Y2", "Y1", true)]
    [InlineData("X1", "X2", false)]
    [InlineData("X2", null, false)]
    public void Safety_classes_by_their_order(string need, string? has, bool fits)
    {
        var original = new CapacitorSpec
        {
            Kind = CapacitorKind.MainsFilterPaper,
            Microfarads = 0.1,
            RatedVolts = 250,
            SafetyClass = need,
        };
        var v = Substitution.Judge(
            original,
            CapacitorRole.MainsFilter,
            Of(
                new()
                {
                    Kind = CapacitorKind.MainsFilterFilm,
                    Microfarads = 0.1,
                    RatedVolts = 275,
                    SafetyClass = has,
                }
            ),
            Today
        );
        Assert.Equal(!fits, v.Rules.Any(r => r is { Rule: "safety class", Result: RuleResult.Broken }));
    }

    [Fact]
    public void A_polarised_part_never_stands_for_one_that_is_not() =>
        Assert.Equal(
            Outcome.No,
            Judge(
                s => s with { Kind = CapacitorKind.AluminiumRadial },
                CapacitorRole.Coupling,
                Original with
                {
                    Kind = CapacitorKind.Film,
                    Microfarads = 4.7,
                }
            ).Verdict.Outcome
        );

    [Fact]
    public void Size_and_pitch_have_to_fit()
    {
        // Nobody has measured above it: the old part's height is no room, and no lack of it.
        Assert.Equal(Outcome.YesIf, Judge(s => s with { HeightMillimetres = 25 }).Verdict.Outcome);
        Assert.Equal(
            Outcome.No,
            Substitution
                .Judge(Original, CapacitorRole.Bulk, Of(Original with { HeightMillimetres = 25 }), Today, headroomMillimetres: 16)
                .Verdict.Outcome
        );
        Assert.Equal(Outcome.No, Judge(s => s with { LeadPitchMillimetres = 7.5 }).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { LeadPitchMillimetres = 3.5 }).Verdict.Outcome);
    }

    [Fact]
    public void Exact_value_first_then_the_oldest_stock_and_nothing_that_is_taken()
    {
        var exactNew = Of(Original, yearsOld: 1);
        var exactOld = Of(Original, yearsOld: 3);
        var larger = Of(Original with { Microfarads = 560 }, yearsOld: 4);
        var gone = Of(Original, free: 0, yearsOld: 5);
        var ranked = Substitution.Rank(Original, CapacitorRole.Bulk, [larger, exactNew, gone, exactOld], Today);
        Assert.Equal([exactOld.Id, exactNew.Id, larger.Id], ranked.Select(r => r.Candidate.Id));
    }

    [Fact]
    public void Stock_of_more_than_five_years_is_formed_first() =>
        Assert.Equal(Outcome.YesIf, Substitution.Judge(Original, CapacitorRole.Bulk, Of(Original, yearsOld: 7), Today).Verdict.Outcome);

    [Property]
    public Property What_will_do_never_breaks_a_rule() =>
        Prop.ForAll(
            Gen.Elements(4.0, 6.3, 10, 16, 25, 35).ToArbitrary(),
            Gen.Choose(100, 1500).ToArbitrary(),
            Gen.Elements(70.0, 85, 105, 125).ToArbitrary(),
            (v, c, t) =>
            {
                var s = Judge(o => o with { RatedVolts = v, Microfarads = c, MaxCelsius = t });
                return s.Verdict.Outcome == Outcome.No == s.Rules.Any(r => r.Result == RuleResult.Broken)
                    && (s.Verdict.Outcome == Outcome.No || (v >= 16 && t >= 85));
            }
        );
}
