using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class CombinationTests
{
    static readonly DateOnly Today = new(2026, 1, 1);

    static DrawerCandidate Part(int n, double uf, double volts, int free = 2, CapacitorKind kind = CapacitorKind.AluminiumRadial) =>
        new(
            new Guid(n, 0, 0, new byte[8]),
            new()
            {
                Kind = kind,
                Microfarads = uf,
                RatedVolts = volts,
                MaxCelsius = 105,
            },
            free,
            null,
            "A"
        );

    static readonly CapacitorSpec Bulk = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 1000,
        RatedVolts = 25,
    };

    [Fact]
    public void In_parallel_capacitance_adds_and_the_weaker_volts_count()
    {
        var s = Combination.InParallel(Part(1, 470, 25).Spec with { EsrOhms = 0.2 }, Part(2, 560, 35).Spec with { EsrOhms = 0.2 });
        Assert.Equal((1030, 25), (s.Microfarads, s.RatedVolts!.Value));
        Assert.Equal(0.1, s.EsrOhms!.Value, 12);
    }

    [Fact]
    public void In_series_it_halves_and_volts_add()
    {
        var s = Combination.InSeries(Part(1, 2200, 16).Spec, Part(1, 2200, 16).Spec);
        Assert.Equal((1100, 32), (s.Microfarads, s.RatedVolts!.Value));
    }

    [Fact]
    public void Two_are_found_where_one_will_not_do_and_two_in_series_ask_for_resistors()
    {
        Assert.Equal(Joined.Parallel, Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 560, 25)], Today)[0].Joined);
        var series = Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 2200, 16)], Today)[0];
        Assert.Equal(Joined.Series, series.Joined);
        Assert.Contains("resistor", series.Needs, StringComparison.Ordinal);
        Assert.Empty(Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 560, 25, free: 1)], Today));
    }

    [Fact]
    public void Never_across_the_mains() =>
        Assert.Empty(
            Combination.Find(
                new()
                {
                    Kind = CapacitorKind.MainsFilterFilm,
                    Microfarads = 0.1,
                    RatedVolts = 275,
                    SafetyClass = "X2",
                },
                CapacitorRole.MainsFilter,
                [Part(1, 0.05, 400, 4, CapacitorKind.Film)],
                Today
            )
        );
}
