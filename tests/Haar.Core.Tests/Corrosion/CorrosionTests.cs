using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Corrosion;
using Haar.Core.Meters;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Corrosion;

public class NeutraliseTests
{
    static AreaFacts Corner(
        LeakSource source = LeakSource.NickelCell,
        double? ph = null,
        CorrosionStage stage = CorrosionStage.CopperEaten
    ) => new("the corner", source, stage, 14, ph);

    [Theory]
    [InlineData(LeakSource.NickelCell, Neutraliser.AceticAcid)]
    [InlineData(LeakSource.AlkalineCell, Neutraliser.AceticAcid)]
    [InlineData(LeakSource.ZincCarbonCell, Neutraliser.Bicarbonate)]
    [InlineData(LeakSource.LeadAcidCell, Neutraliser.Bicarbonate)]
    [InlineData(LeakSource.SaltWater, Neutraliser.None)]
    public void What_leaked_decides_what_takes_it_off(LeakSource source, Neutraliser want) =>
        Assert.Equal(want, Neutralise.Plan(Corner(source)).Neutraliser);

    [Fact]
    public void Nobody_guesses_what_a_capacitor_left_until_paper_has_told()
    {
        Assert.Equal(Outcome.Unknown, Neutralise.Plan(Corner(LeakSource.CapacitorElectrolyte)).Verdict.Outcome);
        Assert.Equal(Neutraliser.AceticAcid, Neutralise.Plan(Corner(LeakSource.CapacitorElectrolyte, 9)).Neutraliser);
        Assert.Equal(Neutraliser.None, Neutralise.Plan(Corner(LeakSource.CapacitorElectrolyte, 7)).Neutraliser);
    }

    [Fact]
    public void Paper_outweighs_what_was_thought_to_have_leaked() =>
        Assert.Equal(Neutraliser.Bicarbonate, Neutralise.Plan(Corner(LeakSource.NickelCell, 4)).Neutraliser);

    [Fact]
    public void Rinses_follow_from_what_clings()
    {
        // (0.28/(0.28 + 7))³ = 5.7e-5 is under a thousandth, the square 1.5e-3 is not.
        Assert.Equal(3, Neutralise.Rinses(0.28, 7, 0.001));
        Assert.Equal(10, Neutralise.Rinses(1, 1, 1.0 / 1024));
    }

    [Property]
    public Property The_rinses_reach_the_residue_and_one_less_does_not() =>
        Prop.ForAll(
            Gen.Choose(1, 500).ToArbitrary(),
            Gen.Choose(1, 5000).ToArbitrary(),
            Gen.Choose(1, 500).ToArbitrary(),
            (film, water, perMille) =>
            {
                var (f, w, share) = (film / 100.0, water / 100.0, perMille / 1000.0);
                var n = Neutralise.Rinses(f, w, share);
                double Left(int k) => Math.Pow(f / (f + w), k);
                return Left(n) <= share * (1 + 1e-9) && (n == 1 || Left(n - 1) > share * (1 - 1e-9));
            }
        );

    [Fact]
    public void Stronger_acid_is_diluted_by_volume_times_strength_and_a_weaker_one_never_upwards()
    {
        var plan = Neutralise.Plan(Corner(), new() { StockPercent = 20, BathLitres = 1 });
        Assert.Contains("250 ml of 20 % acetic acid made up to 1000 ml", plan.Mix, StringComparison.Ordinal);
        Assert.Equal(
            "house.stockPercent",
            Assert.Throws<InvalidInputException>(() => Neutralise.Plan(Corner(), new() { StockPercent = 2 })).Field
        );
    }

    [Fact]
    public void Acid_and_alkali_never_share_a_bath_and_no_reason_stands_against_it()
    {
        var v = Neutralise.MayShare(Neutraliser.CitricAcid, Neutraliser.Bicarbonate);
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.False(v.MayBeOverruled);
        Assert.Equal(Outcome.Yes, Neutralise.MayShare(Neutraliser.AceticAcid, Neutraliser.AceticAcid).Outcome);
    }

    [Property]
    public Property No_plan_puts_acid_and_alkali_together() =>
        Prop.ForAll(
            Gen.Elements(Enum.GetValues<LeakSource>()).ListOf().ToArbitrary(),
            Gen.Choose(0, 14).ToArbitrary(),
            (sources, ph) =>
            {
                var areas = sources
                    .Select((s, i) => new AreaFacts($"a{i}", s, CorrosionStage.Bloom, 1 + i, i % 3 == 0 ? ph : null))
                    .ToList();
                var baths = Neutralise.Baths(areas);
                return baths.All(b => b.Areas.Select(a => Neutralise.Reaction(a)).Distinct().Count() == 1)
                    && baths.All(b => !(b.Neutraliser.IsAcid() && b.Areas.Any(a => Neutralise.Reaction(a) == LeakReaction.Acid)))
                    && baths.Sum(b => b.Areas.Count) == areas.Count(a => Neutralise.Reaction(a) is not null);
            }
        );

    [Fact]
    public void A_step_is_done_only_when_the_paper_says_so_and_in_its_order()
    {
        var at = DateTimeOffset.UnixEpoch;
        var t = new AreaTreatment();
        Assert.Equal("step", Assert.Throws<InvalidInputException>(() => t.Take(AreaStep.Rinse, CorrosionStage.Bloom, at, rinses: 3)).Field);
        // The bath itself reads 3 or 8.3 and says nothing; the rinse water does.
        t = t.Take(AreaStep.Neutralise, CorrosionStage.Bloom, at, 3);
        Assert.Null(t.Ph);
        Assert.Equal("ph", Assert.Throws<InvalidInputException>(() => t.Take(AreaStep.Rinse, CorrosionStage.Bloom, at, 9.5, 3)).Field);
        Assert.Equal("ph", Assert.Throws<InvalidInputException>(() => t.Take(AreaStep.Rinse, CorrosionStage.Bloom, at, 3, 3)).Field);
        Assert.Equal("ph", Assert.Throws<InvalidInputException>(() => t.Take(AreaStep.Rinse, CorrosionStage.Bloom, at, rinses: 3)).Field);
        t = t.Take(AreaStep.Rinse, CorrosionStage.Bloom, at, 7, 3)
            .Take(AreaStep.Alcohol, CorrosionStage.Bloom, at)
            .Take(AreaStep.Dry, CorrosionStage.Bloom, at);
        Assert.Null(t.Next(CorrosionStage.Bloom));
        Assert.Equal(AreaStep.Mask, t.Next(CorrosionStage.MaskLifted));
    }
}

public class TraceTests
{
    static readonly TraceFacts A7 = new()
    {
        LengthMillimetres = 100,
        WidthMillimetres = 0.25,
        CopperMicrometres = 35,
    };

    [Fact]
    public void Resistance_is_resistivity_times_length_over_section() =>
        Assert.Equal(1.72e-8 * 0.1 / (0.25e-3 * 35e-6), Trace.Ohms(A7), 12);

    [Fact]
    public void One_ounce_copper_has_half_a_milliohm_a_square() =>
        Assert.Equal(0.00049, Trace.Ohms(new() { LengthMillimetres = 10, WidthMillimetres = 10 }), 5);

    [Theory]
    [InlineData(0.2, NetState.Sound)]
    [InlineData(0.26, NetState.Sound)]
    [InlineData(0.295, NetState.MeasureBetter)]
    [InlineData(0.40, NetState.Thin)]
    [InlineData(150, NetState.Open)]
    public void A_reading_is_sound_thin_open_or_too_near_to_say(double ohms, NetState want) =>
        Assert.Equal(want, Trace.Judge("A7", A7, ohms).State);

    [Fact]
    public void A_contact_error_of_ten_milliohms_decides_nothing_on_a_short_wide_trace()
    {
        var wide = new TraceFacts { LengthMillimetres = 20, WidthMillimetres = 2 };
        var r = Trace.Judge("+5 V", wide, 0.012);
        Assert.Equal(NetState.MeasureBetter, r.State);
        Assert.Contains("four wires", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(NetState.Sound, Trace.Judge("+5 V", wide, 0.0055, contactErrorOhms: 0.001).State);
    }

    [Fact]
    public void Not_measured_says_what_whole_copper_would_read()
    {
        var r = Trace.Judge("A7", A7, null);
        Assert.Equal(Outcome.Unknown, r.Verdict.Outcome);
        Assert.Contains("197 mΩ", r.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Property]
    public Property The_copper_left_lies_between_nothing_and_all_of_it() =>
        Prop.ForAll(
            Gen.Choose(1, 90_000).ToArbitrary(),
            milliohms =>
            {
                var r = Trace.Judge("n", A7, milliohms / 1000.0);
                // Far under whole copper it is joined elsewhere, and says nothing of the copper.
                return r.State == NetState.Bridged && r.CopperLeftLow is null
                    || r.CopperLeftLow is >= 0 and <= 1 && r.CopperLeftHigh >= r.CopperLeftLow && r.CopperLeftHigh <= 1;
            }
        );

    [Theory]
    [InlineData(0, 0.3)]
    [InlineData(double.NaN, 0.3)]
    [InlineData(50, 0)]
    public void A_trace_without_length_or_width_is_refused(double length, double width) =>
        Assert.Throws<InvalidInputException>(() => Trace.Ohms(new() { LengthMillimetres = length, WidthMillimetres = width }));

    [Fact]
    public void A_run_lies_under_an_area_of_the_other_side_when_it_does_so_from_the_front()
    {
        var board = new Board { Id = Guid.NewGuid() };
        var area = new CorrosionArea
        {
            Id = Guid.NewGuid(),
            BoardId = board.Id,
            Outline = [new(0.1, 0.1), new(0.3, 0.1), new(0.3, 0.3), new(0.1, 0.3)],
        };
        var behind = new BoardNet
        {
            Id = Guid.NewGuid(),
            BoardId = board.Id,
            Name = "D3",
            Side = Side.Back,
            Path = [new(0.75, 0.2), new(0.95, 0.2)],
            Trace = A7,
        };
        var elsewhere = new BoardNet
        {
            Id = Guid.NewGuid(),
            BoardId = board.Id,
            Name = "D4",
            Side = Side.Back,
            Path = [new(0.1, 0.2), new(0.3, 0.2)],
            Trace = A7,
        };
        var open = new Reading
        {
            Id = Guid.NewGuid(),
            SubjectKind = SubjectKind.Net,
            SubjectId = behind.Id,
            Channel = "old",
            Quantity = Quantity.Ohms,
            Value = CorrosionAssessments.OpenAsOhms,
        };
        var judged = CorrosionAssessments.Nets([behind, elsewhere], [area], [board], [open]);
        Assert.Equal([area.Id], judged[0].UnderAreas);
        Assert.Equal(NetState.Open, judged[0].State);
        Assert.Empty(judged[1].UnderAreas);
    }
}

public class JumperTests
{
    [Theory]
    [InlineData(36, 0.127)]
    [InlineData(30, 0.2546)]
    [InlineData(24, 0.5106)]
    [InlineData(18, 1.0237)]
    public void Gauge_follows_the_standard(int awg, double millimetres) => Assert.Equal(millimetres, Jumper.AwgMillimetres(awg), 3);

    [Fact]
    public void Awg_30_has_about_a_third_of_an_ohm_a_metre() => Assert.Equal(0.339, Jumper.AwgOhmsPerMetre(30), 2);

    [Fact]
    public void A_trace_of_one_millimetre_in_one_ounce_carries_what_the_standard_says()
    {
        // 54.25 square mils, 10 K, outside: 0.048 · 10^0.44 · 54.25^0.725.
        Assert.Equal(0.048 * Math.Pow(10, 0.44) * Math.Pow(54.25, 0.725), Jumper.Ipc2221Amps(0.035, 10), 2);
        Assert.Equal(Jumper.Ipc2221Amps(0.035, 10) / 2, Jumper.Ipc2221Amps(0.035, 10, inside: true), 9);
    }

    [Fact]
    public void The_thinnest_that_carries_it_and_drops_little_is_chosen()
    {
        var signal = Jumper.Choose(
            "A7",
            new()
            {
                LengthMillimetres = 80,
                WidthMillimetres = 0.3,
                Amps = 0.02,
            }
        );
        Assert.Equal(36, signal.Chosen!.Awg);
        Assert.Equal(0.86, Jumper.ChassisAmps(30), 1);
        var supply = Jumper.Choose(
            "+5 V",
            new()
            {
                LengthMillimetres = 60,
                WidthMillimetres = 1.5,
                Amps = 1.5,
            }
        );
        Assert.True(supply.Chosen!.Awg < 30);
        Assert.All(supply.Wires.Where(w => w.Awg > supply.Chosen.Awg), w => Assert.False(w.Enough));
        Assert.Equal(
            Outcome.No,
            Jumper
                .Choose(
                    "bus bar",
                    new()
                    {
                        LengthMillimetres = 500,
                        WidthMillimetres = 20,
                        Amps = 40,
                    }
                )
                .Verdict.Outcome
        );
    }

    [Fact]
    public void What_is_at_hand_comes_first_and_says_what_it_is_worth()
    {
        Assert.Equal(MaskKind.UvMask, MaskRepair.Options(6)[0].Kind);
        var atHand = MaskRepair.Options(6, [MaskKind.NailVarnish])[0];
        Assert.Equal((MaskKind.NailVarnish, Outcome.YesIf), (atHand.Kind, atHand.Verdict.Outcome));
    }
}

public class ReinspectionTests
{
    static AreaInspection Look(int month, CorrosionStage stage, double cm2) => new(new(2026, month, 1, 0, 0, 0, TimeSpan.Zero), stage, cm2);

    static readonly DateOnly From = new(2026, 6, 1);

    [Fact]
    public void The_worse_it_was_the_sooner_one_looks_and_sooner_still_where_nobody_measured()
    {
        var mild = Reinspection.Of([Look(5, CorrosionStage.Bloom, 4)], 7, From);
        var bad = Reinspection.Of([Look(5, CorrosionStage.Open, 4)], 7, From);
        Assert.True(bad.On < mild.On);
        Assert.Equal(mild.Months / 2, Reinspection.Of([Look(5, CorrosionStage.Bloom, 4)], null, From).Months, 9);
    }

    [Fact]
    public void Growth_means_residue_is_still_there_and_no_growth_doubles_the_time()
    {
        var grown = Reinspection.Of([Look(1, CorrosionStage.Bloom, 4), Look(5, CorrosionStage.Bloom, 6)], 7, From);
        Assert.Equal(Outcome.No, grown.Verdict.Outcome);
        Assert.Equal(From.AddDays(30), grown.On);
        var still = Reinspection.Of([Look(1, CorrosionStage.Bloom, 4), Look(5, CorrosionStage.Bloom, 4.2)], 7, From);
        Assert.Equal(18, still.Months, 9);
        Assert.Equal(
            Outcome.No,
            Reinspection.Of([Look(1, CorrosionStage.Bloom, 4), Look(5, CorrosionStage.MaskLifted, 4)], 7, From).Verdict.Outcome
        );
    }
}
