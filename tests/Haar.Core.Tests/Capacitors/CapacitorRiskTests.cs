using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class CapacitorRiskTests
{
    static CapacitorRiskResult Rank(CapacitorKind kind, int made, params CapacitorSign[] signs) =>
        CapacitorRisk.Rank(
            new()
            {
                Kind = kind,
                Microfarads = 47,
                RatedVolts = 16,
            },
            CapacitorRole.Decoupling,
            signs,
            made,
            2026
        );

    [Fact]
    public void The_known_bad_families_rank_above_their_neighbours()
    {
        Assert.True(Rank(CapacitorKind.AluminiumSurfaceMount, 1992).Score > Rank(CapacitorKind.AluminiumSurfaceMount, 2000).Score);
        Assert.True(Rank(CapacitorKind.AluminiumLowEsr, 2002).Score > Rank(CapacitorKind.AluminiumRadial, 1990).Score);
        Assert.True(Rank(CapacitorKind.MainsFilterPaper, 1986).Score > Rank(CapacitorKind.MainsFilterFilm, 1986).Score);
        Assert.Equal("low", Rank(CapacitorKind.Ceramic, 1985).Word);
    }

    [Fact]
    public void Heat_and_signs_only_ever_raise_it()
    {
        foreach (var kind in Enum.GetValues<CapacitorKind>())
        {
            foreach (var sign in Enum.GetValues<CapacitorSign>())
            {
                Assert.True(Rank(kind, 1992, sign).Score >= Rank(kind, 1992).Score);
            }
        }

        Assert.Equal(100, Rank(CapacitorKind.Film, 1992, CapacitorSign.Bulging).Score);
    }

    [Fact]
    public void The_two_schools_differ_on_a_sound_part_of_a_bad_family_only()
    {
        var spec = new CapacitorSpec
        {
            Kind = CapacitorKind.AluminiumSurfaceMount,
            Microfarads = 47,
            RatedVolts = 16,
        };
        var sound = CapacitorJudge.Judge("C1", spec, [], new() { Microfarads = 47, EsrOhms = 1 });
        var risk = Rank(CapacitorKind.AluminiumSurfaceMount, 1992);
        Assert.Equal(Outcome.No, CapacitorRisk.ComesOut("C1", spec, sound, risk, RecapPolicy.Evidence).Outcome);
        Assert.Equal(Outcome.Yes, CapacitorRisk.ComesOut("C1", spec, sound, risk, RecapPolicy.Preventive).Outcome);
        var bad = CapacitorJudge.Judge("C1", spec, [], new() { Microfarads = 20, EsrOhms = 1 });
        Assert.All(Enum.GetValues<RecapPolicy>(), s => Assert.Equal(Outcome.Yes, CapacitorRisk.ComesOut("C1", spec, bad, risk, s).Outcome));
    }

    [Fact]
    public void No_one_keeps_a_paper_filter_across_the_mains()
    {
        var spec = new CapacitorSpec
        {
            Kind = CapacitorKind.MainsFilterPaper,
            Microfarads = 0.1,
            RatedVolts = 250,
            SafetyClass = "X2",
        };
        var sound = CapacitorJudge.Judge("C101", spec, [], new() { Microfarads = 0.1, EsrOhms = 1 });
        var v = CapacitorRisk.ComesOut("C101", spec, sound, Rank(CapacitorKind.MainsFilterPaper, 1986), RecapPolicy.Evidence);
        Assert.Equal(Outcome.Yes, v.Outcome);
        Assert.Contains(Core.Safety.CautionId.LineFilterCapacitor, v.Cautions);
    }

    [Theory]
    [InlineData(2000, 105, 105, 2000)]
    [InlineData(2000, 105, 95, 4000)]
    [InlineData(2000, 105, 45, 128000)]
    [InlineData(1000, 85, 95, 500)]
    public void Ten_kelvin_halve_the_life(double hours, double rated, double at, double life) =>
        Assert.Equal(life, CapacitorRisk.LifeHours(hours, rated, at), 6);
}
