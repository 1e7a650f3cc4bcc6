using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Verdicts;

/// <summary>A fact that is not known is never counted as harmless: it is unknown, with what settles it, or the careful assumption, said as such.</summary>
public class UnknownIsNotSafeTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 26, 12, 0, 0, TimeSpan.Zero);
    static readonly DateOnly Today = new(2026, 11, 26);

    static Machine Machine(MachineClass c = MachineClass.Unknown, params Trait[] traits) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "It",
            Class = c,
            Traits = [.. traits],
            ArrivedAt = Now.AddDays(-1),
        };

    // What feeds it.

    [Theory]
    [InlineData(MachineClass.Unknown)]
    [InlineData(MachineClass.Terminal)]
    [InlineData(MachineClass.Level386)]
    [InlineData(MachineClass.EightBit)]
    public void A_machine_of_which_nobody_said_anything_has_mains_and_a_tube_until_somebody_looks(MachineClass c)
    {
        var m = Machine(c);
        Assert.Equal((ThreeState.NotKnown, ThreeState.NotKnown), (Hazards.Mains(m), Hazards.Tube(m)));
        Assert.Superset(
            new HashSet<CautionId> { CautionId.MainsSupply, CautionId.PictureTube, CautionId.LineFilterCapacitor },
            Hazards.Cautions(m).ToHashSet()
        );
        var list = Checklist.For(m, []);
        Assert.Contains(list.Items, i => i.Id == "supply" && i.Because == Hazards.NobodyKnows);
        Assert.DoesNotContain(list.Items, i => i.Title.Contains("Adapter", StringComparison.Ordinal));
        var act = MachineStatusRule.Of(new() { Machine = m }, Now).Next!;
        Assert.StartsWith("Unplug it", act.Title, StringComparison.Ordinal);
        Assert.True(act.Danger);
        Assert.True(PowerActs_SupplyInside(m));
    }

    static bool PowerActs_SupplyInside(Machine m) => PowerAct.SupplyInside(m);

    [Fact]
    public void An_answer_and_a_trait_say_what_feeds_it()
    {
        var answered = Machine();
        (answered.MainsLead, answered.Tube) = (ThreeState.No, ThreeState.No);
        // A cell of which nobody has said anything may have leaked.
        Assert.Equal([CautionId.LeakingCell], Hazards.Cautions(answered));
        answered.Battery = ThreeState.No;
        Assert.Empty(Hazards.Cautions(answered));
        Assert.False(Hazards.Unidentified(answered));
        Assert.Equal(ThreeState.No, Hazards.Mains(Machine(MachineClass.Level686, Trait.ExternalAdapter)));
        Assert.Equal(ThreeState.Yes, Hazards.Mains(Machine(MachineClass.Level686, Trait.InternalMainsSupply)));
        // What is seen outranks what was answered.
        var seen = Machine(MachineClass.Terminal, Trait.PictureTube);
        (seen.MainsLead, seen.Tube) = (ThreeState.No, ThreeState.No);
        Assert.Equal((ThreeState.Yes, ThreeState.Yes), (Hazards.Mains(seen), Hazards.Tube(seen)));
        // A barrel cell says nothing of what feeds it.
        Assert.True(Hazards.Unidentified(Machine(MachineClass.Level386, Trait.BarrelCell)));
    }

    [Property(MaxTest = 200)]
    public Property Saying_less_of_a_machine_takes_no_caution_away()
    {
        var machines =
            from c in Gen.Elements(Enum.GetValues<MachineClass>())
            from traits in Gen.SubListOf(Enum.GetValues<Trait>())
            from mains in Gen.Elements(Enum.GetValues<ThreeState>())
            from tube in Gen.Elements(Enum.GetValues<ThreeState>())
            from forget in Gen.Choose(0, 1)
            select (c, traits, mains, tube, forget);
        return Prop.ForAll(
            Arb.From(machines),
            x =>
            {
                Machine Make(bool less)
                {
                    var m = Machine(x.c, [.. x.traits]);
                    (m.MainsLead, m.Tube) = (
                        less && x.forget == 0 ? ThreeState.NotKnown : x.mains,
                        less && x.forget == 1 ? ThreeState.NotKnown : x.tube
                    );
                    return m;
                }
                // An answer that its traits contradict is put right and not forgotten.
                var silent = Machine(x.c, [.. x.traits]);
                var contradicts =
                    x.tube == ThreeState.Yes && Hazards.Tube(silent) == ThreeState.No
                    || x.mains == ThreeState.Yes && Hazards.Mains(silent) == ThreeState.No;
                var (more, less) = (Hazards.Cautions(Make(false)), Hazards.Cautions(Make(true)));
                return contradicts || more.All(less.Contains);
            }
        );
    }

    // The cell and what it keeps.

    [Fact]
    public void A_leaking_cell_is_not_cut_out_before_somebody_said_what_it_keeps_alive()
    {
        var m = Machine(MachineClass.Pocket);
        var finding = new Finding
        {
            Id = Guid.NewGuid(),
            MachineId = m.Id,
            Kind = FindingKind.LeakingCell,
            Seen = "green crust",
            At = Now,
        };
        var job = new Job
        {
            Id = Guid.NewGuid(),
            MachineId = m.Id,
            Stage = Stage.Boards,
            Title = "Take the leaking cell out",
            FindingId = finding.Id,
            Settles = true,
            At = Now,
        };
        MachineFacts Facts(KeptData keeps, bool safe = false, bool lost = false) =>
            new()
            {
                Machine = m,
                Findings = [finding],
                Jobs = [job],
                Cell = new()
                {
                    Id = Guid.NewGuid(),
                    MachineId = m.Id,
                    Site = new()
                    {
                        Leaking = ThreeState.Yes,
                        Keeps = keeps,
                        DataSafe = safe,
                        LossAccepted = lost,
                    },
                },
            };
        foreach (var keeps in new[] { KeptData.NotKnown, KeptData.UserData, KeptData.Settings })
        {
            var status = MachineStatusRule.Of(Facts(keeps), Now);
            Assert.Equal("Say what the cell keeps alive", status.Next!.Title);
            Assert.DoesNotContain(status.Others.Append(status.Next), a => a.JobId == job.Id);
            Assert.NotNull(new BatteriesRoom().Holds(new(Facts(keeps), Now), job));
        }
        foreach (var open in new[] { Facts(KeptData.Nothing), Facts(KeptData.NotKnown, safe: true), Facts(KeptData.UserData, lost: true) })
        {
            Assert.Null(new BatteriesRoom().Holds(new(open, Now), job));
            Assert.Equal(job.Id, MachineStatusRule.Of(open, Now).Next!.JobId);
        }
    }

    [Fact]
    public void A_rechargeable_that_nothing_charges_lasts_as_long_as_its_own_figure_says()
    {
        var site = new CellSite
        {
            Chemistry = CellChemistry.LithiumPrimary,
            NominalVolts = 3,
            Charges = ThreeState.No,
            WindowLowVolts = 2,
            WindowHighVolts = 5.5,
            DrainMicroamps = 1,
        };
        var option = Replacement.Options(site, default).Options.First(o => o.Kind == ReplacementKind.RechargeableCoin);
        Assert.Equal(Outcome.No, option.Verdict.Outcome);
        Assert.DoesNotContain("within the year", option.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Contains(
            $"{Math.Round(option.Run!.Years.Low, 1).ToString(System.Globalization.CultureInfo.InvariantCulture)} years",
            option.Verdict.Sentence,
            StringComparison.Ordinal
        );
    }

    // Capacitors.

    static Verdict Judge(
        CapacitorSpec s,
        double? microfarads = null,
        double? ohms = null,
        double? leak = null,
        ThreeState twice = default
    ) =>
        CapacitorJudge.Judge(
            "C1",
            s,
            [],
            new()
            {
                Microfarads = microfarads,
                EsrOhms = ohms,
                LeakageMicroamps = leak,
                EsrReadTwice = twice,
            }
        );

    static CapacitorSpec Spec(CapacitorKind kind, double? volts = 16, double microfarads = 220) =>
        new()
        {
            Kind = kind,
            Microfarads = microfarads,
            RatedVolts = volts,
        };

    [Fact]
    public void Fifty_ohms_are_sound_for_no_kind_known_or_not()
    {
        foreach (
            var spec in new[]
            {
                Spec(CapacitorKind.Unknown),
                Spec(CapacitorKind.AluminiumRadial, null),
                Spec(CapacitorKind.TantalumBead, null),
                Spec(CapacitorKind.AluminiumLowEsr),
            }
        )
        {
            // Typed once they may be milliohms; read alike twice they are what they are.
            Assert.Equal(Outcome.Unknown, Judge(spec, 220, 50).Outcome);
            Assert.Equal(Outcome.No, Judge(spec, 220, 50, twice: ThreeState.Yes).Outcome);
        }
    }

    [Fact]
    public void What_has_no_limit_is_not_within_it()
    {
        Assert.Equal(Outcome.Unknown, Judge(Spec(CapacitorKind.Unknown), 220, 0.1).Outcome);
        Assert.Equal(Outcome.YesIf, Judge(Spec(CapacitorKind.AluminiumRadial, null), 220, 0.1).Outcome);
        Assert.Equal(Outcome.YesIf, Judge(Spec(CapacitorKind.TantalumBead), 220, 0.1).Outcome);
        // A low-ESR part is not judged by general-purpose loss, which would let it have several times what it may.
        Assert.Equal(Outcome.YesIf, Judge(Spec(CapacitorKind.AluminiumLowEsr), 220, 0.3).Outcome);
        Assert.Equal(Outcome.Yes, Judge(Spec(CapacitorKind.AluminiumRadial), 220, 0.3).Outcome);
        Assert.Equal(Outcome.Yes, Judge(Spec(CapacitorKind.AluminiumLowEsr) with { EsrOhms = 0.1 }, 220, 0.09).Outcome);
        Assert.Equal(Outcome.YesIf, Judge(Spec(CapacitorKind.TantalumBead), 220).Outcome);
        Assert.Equal(Outcome.YesIf, Judge(Spec(CapacitorKind.AluminiumRadial), null, 0.3).Outcome);
        // Without rated volts nobody knows what it may leak; up to the floor any may.
        Assert.Equal(Outcome.Unknown, Judge(Spec(CapacitorKind.AluminiumRadial, null), 220, 0.1, 30).Outcome);
        Assert.Equal(Outcome.Unknown, Judge(Spec(CapacitorKind.MainsFilterFilm, 275, 0.1), 0.1, null, 1).Outcome);
    }

    [Fact]
    public void An_unknown_kind_and_an_unknown_year_count_as_the_worse_ones()
    {
        CapacitorRiskResult Rank(CapacitorKind kind, int? made) => CapacitorRisk.Rank(Spec(kind), CapacitorRole.Unknown, [], made, 2026);
        Assert.True(Rank(CapacitorKind.Unknown, 1990).Score >= Rank(CapacitorKind.AluminiumRadial, 1990).Score);
        Assert.DoesNotContain("film", Rank(CapacitorKind.Unknown, 1990).Family, StringComparison.Ordinal);
        foreach (var kind in Enum.GetValues<CapacitorKind>())
        {
            var unknown = Rank(kind, null);
            Assert.All(Enumerable.Range(1970, 57), y => Assert.True(unknown.Score >= Rank(kind, y).Score, $"{kind} of {y}"));
            Assert.Contains(unknown.Reasons, r => r.Text.StartsWith("Nobody knows its year", StringComparison.Ordinal));
            Assert.DoesNotContain(unknown.Reasons, r => r.Text.EndsWith("years old.", StringComparison.Ordinal));
        }
    }

    static Outcome Serves(CapacitorSpec old, CapacitorRole role, CapacitorSpec offered, double? headroom = null) =>
        Substitution.Judge(old, role, new(Guid.NewGuid(), offered, 1, Today, "A1"), Today, headroom).Verdict.Outcome;

    [Fact]
    public void No_part_meets_every_rule_in_a_place_that_nobody_knows()
    {
        var old = Spec(CapacitorKind.AluminiumRadial) with { MaxCelsius = 85, RippleAmps = 0.3 };
        Assert.Equal(Outcome.Yes, Serves(old, CapacitorRole.Bulk, old));
        Assert.NotEqual(Outcome.Yes, Serves(old with { Kind = CapacitorKind.Unknown }, CapacitorRole.Bulk, old));
        Assert.NotEqual(Outcome.Yes, Serves(old, CapacitorRole.Bulk, old with { Kind = CapacitorKind.Unknown }));
        Assert.NotEqual(Outcome.Yes, Serves(old, CapacitorRole.Unknown, old with { Kind = CapacitorKind.Ceramic, RatedVolts = 50 }));
        Assert.NotEqual(Outcome.Yes, Serves(old, CapacitorRole.Unknown, old with { Kind = CapacitorKind.Polymer }));
        // A film part of the old one's very resistance would do in most places, and not in a supply's output.
        var known = old with
        {
            EsrOhms = 0.2,
        };
        var film = known with { Kind = CapacitorKind.Film };
        Assert.Equal(Outcome.No, Serves(known, CapacitorRole.SwitchingOutput, film));
        Assert.Equal(Outcome.YesIf, Serves(known, CapacitorRole.Unknown, film));
    }

    [Fact]
    public void Ripple_is_a_rule()
    {
        var old = Spec(CapacitorKind.AluminiumRadial) with
        {
            EsrOhms = 0.3,
            RippleAmps = 0.8,
            DiameterMillimetres = 10,
            HeightMillimetres = 16,
        };
        Assert.Equal(Outcome.No, Serves(old, CapacitorRole.SwitchingOutput, old with { RippleAmps = 0.79 }));
        Assert.Equal(Outcome.Yes, Serves(old, CapacitorRole.SwitchingOutput, old with { RippleAmps = 0.8 }));
        // Not known: a case no smaller at no higher an ESR bears as much, a smaller one may not.
        Assert.Equal(Outcome.Yes, Serves(old, CapacitorRole.SwitchingOutput, old with { RippleAmps = null }));
        Assert.Equal(
            Outcome.YesIf,
            Serves(old, CapacitorRole.SwitchingOutput, old with { RippleAmps = null, DiameterMillimetres = 8, HeightMillimetres = 12 })
        );
        Assert.Equal(Outcome.Yes, Serves(old, CapacitorRole.Coupling, old with { RippleAmps = null, HeightMillimetres = 12 }));
        // What the old part bore, nobody knows: that it looks like any other of its kind does not say that it was.
        Assert.Equal(Outcome.No, Serves(old, CapacitorRole.Bulk, old with { RippleAmps = 0.2 }));
        var unknown = old with { EsrOhms = null, RippleAmps = null };
        Assert.Equal(Outcome.YesIf, Serves(unknown, CapacitorRole.Bulk, old with { RippleAmps = 0.2 }));
        Assert.Equal(Outcome.YesIf, Serves(unknown, CapacitorRole.Bulk, unknown));
    }

    /// <summary>Found by the property below: a part of low ESR whose sheet nobody has looks like any other of its kind.</summary>
    [Fact]
    public void An_old_part_whose_resistance_nobody_knows_may_have_been_of_low_ESR()
    {
        var old = Spec(CapacitorKind.AluminiumRadial);
        foreach (var role in new[] { CapacitorRole.SwitchingOutput, CapacitorRole.RegulatorOutput })
        {
            Assert.Equal(Outcome.No, Serves(old with { EsrOhms = 0.05 }, role, old));
            Assert.NotEqual(Outcome.Yes, Serves(old, role, old));
        }
        Assert.Equal(Outcome.Yes, Serves(old with { EsrOhms = 0.3 }, CapacitorRole.RegulatorOutput, old with { EsrOhms = 0.3 }));
    }

    [Fact]
    public void Two_in_parallel_share_ripple_by_their_resistance()
    {
        CapacitorSpec Of(double ohms, double amps) => Spec(CapacitorKind.AluminiumRadial) with { EsrOhms = ohms, RippleAmps = amps };
        // The part of 0.1 Ω takes three quarters: at its 1 A the pair carries 1.33 A, not 2.
        Assert.Equal(4.0 / 3, Combination.InParallel(Of(0.1, 1), Of(0.3, 1)).RippleAmps!.Value, 9);
        Assert.Equal(2, Combination.InParallel(Of(0.1, 1), Of(0.1, 1)).RippleAmps!.Value, 9);
        Assert.Null(Combination.InParallel(Of(0.1, 1), Of(0.3, 1) with { EsrOhms = null }).RippleAmps);
    }

    /// <summary>Taking any one fact of old part or new one away never makes a verdict a yes that was none.</summary>
    [Property(MaxTest = 500)]
    public Property Knowing_less_of_a_part_never_makes_it_fit()
    {
        var specs =
            from kind in Gen.Elements(Enum.GetValues<CapacitorKind>())
            from c in Gen.Elements(100.0, 220, 330)
            from v in Gen.Elements<double?>(null, 10, 16, 25)
            from t in Gen.Elements<double?>(null, 85, 105)
            from esr in Gen.Elements<double?>(null, 0.05, 0.2, 1)
            from ripple in Gen.Elements<double?>(null, 0.2, 0.8)
            from size in Gen.Elements<(double, double)?>(null, (8, 12), (10, 16))
            select Spec(kind, v, c) with
            {
                MaxCelsius = t,
                EsrOhms = esr,
                RippleAmps = ripple,
                DiameterMillimetres = size?.Item1,
                HeightMillimetres = size?.Item2,
            };
        var asked =
            from old in specs
            from offered in specs
            from role in Gen.Elements(Enum.GetValues<CapacitorRole>())
            from forget in Gen.Choose(0, 7)
            // No polarised part, and none of a few volts, lies across the mains: that would be a contradiction, and no fact.
            where role != CapacitorRole.MainsFilter || old is { Polarised: false, RatedVolts: null or >= 200 }
            select (old, offered, role, forget);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                var (old, offered, role) = x.forget switch
                {
                    0 => (x.old with { Kind = CapacitorKind.Unknown }, x.offered, x.role),
                    1 => (x.old, x.offered with { Kind = CapacitorKind.Unknown }, x.role),
                    2 => (x.old with { RatedVolts = null }, x.offered, x.role),
                    3 => (x.old, x.offered with { RatedVolts = null }, x.role),
                    4 => (x.old, x.offered with { EsrOhms = null, RippleAmps = null }, x.role),
                    5 => (x.old with { RippleAmps = null, EsrOhms = null }, x.offered, x.role),
                    6 => (x.old with { Microfarads = 0 }, x.offered, x.role),
                    _ => (x.old, x.offered, CapacitorRole.Unknown),
                };
                var before = Serves(x.old, x.role, x.offered);
                var after = Serves(old, role, offered);
                return (after != Outcome.Yes || before == Outcome.Yes).Label(
                    $"{x.forget}: {x.old} {x.role} {x.offered} {before} → {after}"
                );
            }
        );
    }

    /// <summary>Taking a fact of a part away, or a reading that its kind is judged by, never makes it sound that was not. (Nobody needs the leakage of every part: one that was never read condemns none.)</summary>
    [Property(MaxTest = 500)]
    public Property Knowing_less_of_a_part_never_makes_it_sound()
    {
        var asked =
            from kind in Gen.Elements(Enum.GetValues<CapacitorKind>())
            from v in Gen.Elements<double?>(null, 16, 50)
            from sheet in Gen.Elements<double?>(null, 0.1)
            from c in Gen.Elements<double?>(null, 100, 150, 170, 200, 220, 400)
            from ohms in Gen.Elements<double?>(null, 0.05, 0.3, 1, 50)
            from leak in Gen.Elements<double?>(null, 1, 50)
            from forget in Gen.Choose(-1, kind.IsElectrolytic() ? 4 : 3)
            select (kind, v, sheet, c, ohms, leak, forget);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                var more = Judge(Spec(x.kind, x.v) with { EsrOhms = x.sheet }, x.c, x.ohms, x.leak).Outcome;
                var less = Judge(
                    Spec(x.forget == 0 ? CapacitorKind.Unknown : x.kind, x.forget == 1 ? null : x.v, x.forget == -1 ? 0 : 220) with
                    {
                        EsrOhms = x.forget == 2 ? null : x.sheet,
                    },
                    x.forget == 3 ? null : x.c,
                    x.forget == 4 ? null : x.ohms,
                    x.leak
                ).Outcome;
                // Where an aluminium part has no data sheet, general-purpose loss stands in for it by rule, and is the wider of the two.
                var bySheet = x.forget == 2 && x.kind.IsAluminium();
                return (bySheet || less != Outcome.Yes || more == Outcome.Yes).Label($"{x} {more} → {less}");
            }
        );
    }

    [Fact]
    public void What_nobody_could_read_is_never_sound_and_nothing_is_bought_for_it()
    {
        var worn = Spec(CapacitorKind.AluminiumRadial, null, 0);
        Assert.Equal(Outcome.Unknown, Judge(worn).Outcome);
        Assert.Equal(Outcome.Unknown, Judge(worn, 43, 0.3, 1).Outcome);
        Assert.Contains("no value to buy by", Judge(worn, 43).Reasons[0].Text, StringComparison.Ordinal);
        // What is seen is enough to take it out.
        Assert.Equal(Outcome.No, CapacitorJudge.Judge("C1", worn, [CapacitorSign.Bulging], new() { Microfarads = 43 }).Outcome);
        var any = Spec(CapacitorKind.AluminiumRadial);
        Assert.Equal(Outcome.Unknown, Serves(worn, CapacitorRole.Decoupling, any));
        var drawer = new[] { new DrawerCandidate(Guid.NewGuid(), any, 4, Today, "A1") };
        Assert.Empty(Combination.Find(worn, CapacitorRole.Bulk, drawer, Today));
        Assert.Empty(new DrawerIndex(drawer, Today).Usable(worn, CapacitorRole.Bulk));
        // A part in hand has a value.
        Assert.Equal("microfarads", Assert.Throws<InvalidInputException>(() => Serves(any, CapacitorRole.Bulk, worn)).Field);
    }

    [Theory]
    [InlineData("not readable")]
    [InlineData(" Unreadable ")]
    [InlineData("?")]
    public void Not_readable_is_a_marking(string marking)
    {
        var c = CapacitorFacts.FromMarking(
            Guid.NewGuid(),
            Guid.NewGuid(),
            Guid.NewGuid(),
            "C7",
            marking,
            CapacitorKind.AluminiumRadial,
            CapacitorRole.Unknown,
            16,
            out var note
        );
        CapacitorFacts.Check(c);
        Assert.Equal(("not readable", 0, 16, ""), (c.Marking, c.Spec.Microfarads, c.Spec.RatedVolts, note));
        Assert.StartsWith("value not known", Substitution.Describe(c.Spec), StringComparison.Ordinal);
        Assert.StartsWith("Put down without a value", Haar.Core.Markings.CapacitorMarking.Read(marking).Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void There_is_no_sum_in_money_for_parts_that_nobody_knows()
    {
        var known = new ForecastPart("C1", CapacitorKind.AluminiumSurfaceMount, 80, false);
        var stranger = new ForecastPart("C2", CapacitorKind.Unknown, 80, false);
        var none = RecapForecast.Of([stranger, stranger, known]).Verdict;
        Assert.Equal(Outcome.Unknown, none.Outcome);
        Assert.DoesNotContain("€", none.Sentence + string.Concat(none.Reasons.Select(r => r.Text)), StringComparison.Ordinal);
        Assert.NotEqual(Outcome.Unknown, RecapForecast.Of([stranger, known, known]).Verdict.Outcome);
        // What comes out by what is seen costs what it costs.
        Assert.NotEqual(Outcome.Unknown, RecapForecast.Of([stranger with { ComesOutNow = true }]).Verdict.Outcome);
    }

    // Heat.

    /// <summary>Paste or pad from the gap alone: what nobody knows of the chip never turns a no into a yes.</summary>
    [Property(MaxTest = 300)]
    public Property Knowing_less_of_a_chip_never_makes_a_layer_do()
    {
        var asked =
            from watts in Gen.Elements(2.0, 28, 90)
            from face in Gen.Elements(60.0, 169, 900)
            from gap in Gen.Elements(0.03, 0.3, 1.2, 3)
            from bare in Gen.Elements(true, false)
            from forget in Gen.Choose(0, 2)
            select (watts, face, gap, bare, forget);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                Haar.Core.Thermal.HotPartFacts Part(bool less) =>
                    new()
                    {
                        Watts = less && x.forget != 1 ? null : x.watts,
                        SquareMillimetres = less && x.forget != 0 ? null : x.face,
                        GapMillimetres = new(x.gap * 0.9, x.gap, x.gap * 1.1),
                        BareDie = x.bare,
                    };
                var (more, less) = (Haar.Core.Thermal.Gap.Choose("it", Part(false)), Haar.Core.Thermal.Gap.Choose("it", Part(true)));
                return (less.Verdict.Outcome != Outcome.Yes || more.Verdict.Outcome == Outcome.Yes).Label(
                    $"{x} {more.Verdict.Outcome} → {less.Verdict.Outcome}"
                );
            }
        );
    }

    // Traces, pads, neutraliser.

    [Fact]
    public void Far_less_than_whole_copper_is_a_bridge_and_not_a_better_trace()
    {
        var t = new TraceFacts { LengthMillimetres = 60, WidthMillimetres = 0.3 };
        var whole = Trace.Ohms(t);
        Assert.InRange(whole, 0.09, 0.11);
        var r = Trace.Judge("A7", t, 0.001);
        Assert.Equal((NetState.Bridged, Outcome.No), (r.State, r.Verdict.Outcome));
        Assert.Equal(NetState.Sound, Trace.Judge("A7", t, whole).State);
        // A wire laid over it has less than the copper it stands for.
        Assert.Equal(NetState.Sound, Trace.Judge("A7", t, 0.001, mended: true).State);
        // Where the probes' own error is as large as the trace, nothing tells.
        Assert.NotEqual(NetState.Bridged, Trace.Judge("A7", new() { LengthMillimetres = 3 }, 0.001).State);
    }

    [Fact]
    public void A_lifted_pads_trace_is_not_whole_because_nobody_measured_it()
    {
        var p = PadRepair.Of("C14", PadState.Lifted);
        Assert.Equal(Outcome.Unknown, p.Verdict.Outcome);
        Assert.StartsWith("Ohms from the pad", p.Steps[0], StringComparison.Ordinal);
        Assert.Equal(Outcome.No, PadRepair.Of("C14", PadState.Lifted, true).Verdict.Outcome);
        Assert.Contains("wire", PadRepair.Of("C14", PadState.Lifted, false).Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Strong_acid_is_diluted_by_figures_and_above_a_strength_refused()
    {
        var a = new AreaFacts("the corner", LeakSource.NickelCell, CorrosionStage.Bloom, 9);
        Assert.Contains("White vinegar as it is", Neutralise.Plan(a).Mix, StringComparison.Ordinal);
        foreach (var percent in new[] { 5.0, 9 })
        {
            var mix = Neutralise.Plan(a, new() { StockPercent = 20, Percent = percent }).Mix;
            Assert.DoesNotContain("as it is", mix, StringComparison.Ordinal);
            Assert.Contains("made up to", mix, StringComparison.Ordinal);
        }
        Assert.Throws<InvalidInputException>(() => Neutralise.Plan(a, new() { StockPercent = 20, Percent = 20 }));
        Assert.Equal(
            "house.stockPercent",
            Assert.Throws<InvalidInputException>(() => Neutralise.Plan(a, new() { StockPercent = 80 })).Field
        );
    }
}
