using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

/// <summary>Facts that decide whether a part goes in: volts, polarity, safety class, loss. What nobody knows is asked, never taken.</summary>
public class DecidingFactsTests
{
    static readonly DateOnly Today = new(2026, 5, 4);

    static CapacitorSpec Of(CapacitorKind kind, double microfarads = 10, double? volts = 16, string? safety = null) =>
        new()
        {
            Kind = kind,
            Microfarads = microfarads,
            RatedVolts = volts,
            SafetyClass = safety,
        };

    static Verdict Do(CapacitorSpec original, CapacitorSpec candidate, CapacitorRole role = CapacitorRole.Decoupling)
    {
        var offered = new DrawerCandidate(Guid.NewGuid(), candidate, 5, null, "tray 1");
        var verdict = Substitution.Judge(original, role, offered, Today).Verdict;
        // What is sifted by the thousand says the same.
        Assert.Equal(verdict.Outcome, Substitution.Sift(original, role, offered, Today, null));
        return verdict;
    }

    [Fact]
    public void A_polarised_part_never_goes_where_a_bipolar_one_was()
    {
        var bipolar = Of(CapacitorKind.AluminiumBipolar);
        Assert.False(bipolar.Polarised);
        Assert.Equal(Outcome.No, Do(bipolar, Of(CapacitorKind.AluminiumRadial)).Outcome);
        Assert.NotEqual(Outcome.No, Do(bipolar, bipolar).Outcome);
        Assert.NotEqual(Outcome.No, Do(Of(CapacitorKind.AluminiumRadial), bipolar).Outcome);
        // The same, said of a kind that has a plus, is asked about; said first and the kind after, it says nothing.
        Assert.Equal(
            "polarised",
            Assert.Throws<InvalidInputException>(() => Do(Of(CapacitorKind.AluminiumRadial) with { Polarised = false }, bipolar)).Field
        );
        Assert.True((Of(CapacitorKind.Film) with { Polarised = false } with { Kind = CapacitorKind.AluminiumRadial }).Polarised);
    }

    [Fact]
    public void A_kind_that_nobody_knows_is_asked_for()
    {
        Assert.Equal(Outcome.Unknown, Do(Of(CapacitorKind.Unknown), Of(CapacitorKind.AluminiumRadial)).Outcome);
        Assert.Equal(Outcome.Unknown, Do(Of(CapacitorKind.AluminiumRadial), Of(CapacitorKind.Unknown)).Outcome);
    }

    [Fact]
    public void Volts_that_nobody_knows_are_asked_for()
    {
        var v = Do(Of(CapacitorKind.AluminiumRadial, volts: null), Of(CapacitorKind.AluminiumRadial, volts: 4));
        Assert.Equal(Outcome.Unknown, v.Outcome);
        Assert.Contains(v.WouldChange, c => c.Contains("volts", StringComparison.Ordinal));
        Assert.Equal(Outcome.Unknown, Do(Of(CapacitorKind.AluminiumRadial), Of(CapacitorKind.AluminiumRadial, volts: null)).Outcome);
    }

    [Theory]
    [InlineData(25, Outcome.No)]
    [InlineData(31.9, Outcome.No)]
    [InlineData(35, Outcome.Yes)]
    public void A_tantalum_works_at_half_its_rated_volts(double volts, Outcome outcome)
    {
        var v = Do(Of(CapacitorKind.AluminiumRadial), Of(CapacitorKind.TantalumBead, volts: volts));
        Assert.Equal(outcome == Outcome.No, v.Outcome == Outcome.No);
    }

    [Fact]
    public void A_filter_of_no_known_class_is_asked_for_it_and_paper_is_never_fitted()
    {
        var paper = Of(CapacitorKind.MainsFilterPaper, 0.1, 275);
        var x2 = Of(CapacitorKind.MainsFilterFilm, 0.1, 275, "X2");
        Assert.Equal(Outcome.Unknown, Do(paper, x2, CapacitorRole.MainsFilter).Outcome);
        Assert.Equal(Outcome.No, Do(paper with { SafetyClass = "Y2" }, x2, CapacitorRole.MainsFilter).Outcome);
        Assert.NotEqual(Outcome.No, Do(paper with { SafetyClass = "X2" }, x2, CapacitorRole.MainsFilter).Outcome);
        Assert.Equal(
            Outcome.No,
            Do(paper with { SafetyClass = "X2" }, paper with { SafetyClass = "X2" }, CapacitorRole.MainsFilter).Outcome
        );
        Assert.Equal(Outcome.No, Do(paper, Of(CapacitorKind.Film, 0.1, 400), CapacitorRole.MainsFilter).Outcome);
        var line = Assert.Single(
            ShoppingList.Of([(new OrderNeed("C1", paper, CapacitorRole.MainsFilter, 1), (IReadOnlyList<string>)["C1"])])
        );
        Assert.DoesNotContain("paper", line.Kind, StringComparison.Ordinal);
        Assert.Contains("safety class to be read", line.Kind, StringComparison.Ordinal);
    }

    [Fact]
    public void A_Y_part_is_never_larger()
    {
        var y = Of(CapacitorKind.MainsFilterFilm, 0.0047, 250, "Y2");
        Assert.NotEqual(Outcome.No, Do(y, y, CapacitorRole.MainsFilter).Outcome);
        Assert.Equal(Outcome.No, Do(y, y with { Microfarads = 0.0048 }, CapacitorRole.MainsFilter).Outcome);
        Assert.Equal(Outcome.No, Do(y, y with { Microfarads = 0.0048 }, CapacitorRole.Unknown).Outcome);
    }

    [Theory]
    [InlineData(CapacitorKind.Film, 0.1, 500, Outcome.No)]
    [InlineData(CapacitorKind.Film, 0.1, 0.4, Outcome.Yes)]
    [InlineData(CapacitorKind.Ceramic, 0.1, 500, Outcome.No)]
    public void A_film_or_ceramic_part_has_its_limit_too(CapacitorKind kind, double microfarads, double esr, Outcome outcome) =>
        Assert.Equal(
            outcome,
            CapacitorJudge
                .Judge(
                    "C1",
                    Of(kind, microfarads, 100),
                    [],
                    new()
                    {
                        Microfarads = microfarads,
                        EsrOhms = esr,
                        EsrFrequencyHertz = 100_000,
                    }
                )
                .Outcome
        );

    [Fact]
    public void What_it_has_lost_is_counted_from_its_first_reading()
    {
        var v = CapacitorJudge.Judge("C1", Of(CapacitorKind.AluminiumRadial, 100), [], new() { Microfarads = 92, FirstMicrofarads = 118 });
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.Contains("lost 22 %", v.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_part_of_unknown_kind_has_its_way_round_checked()
    {
        var spec = Of(CapacitorKind.Unknown);
        Assert.True(spec.WayRoundCounts);
        Assert.False(Of(CapacitorKind.Film).WayRoundCounts);
        Assert.False(Of(CapacitorKind.AluminiumBipolar).WayRoundCounts);
    }
}
