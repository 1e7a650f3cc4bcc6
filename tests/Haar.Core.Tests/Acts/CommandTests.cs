using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Acts;

/// <summary>An act is decided on the facts of the moment; what a person has decided against a verdict holds on the facts that it was given on.</summary>
public class CommandTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 26, 12, 0, 0, TimeSpan.Zero);
    static int serial;

    static Guid Id() => new(++serial, 0, 0, new byte[8]);

    static Moment At(DateTimeOffset? now = null) => new(now ?? Now, DateOnly.FromDateTime((now ?? Now).UtcDateTime), Id, "Bench");

    static Machine Machine() => new() { Id = Id(), Name = "Till" };

    static CellSite Coin(ThreeState charges = ThreeState.No, double? volts = null) =>
        new()
        {
            Chemistry = CellChemistry.LithiumPrimary,
            NominalVolts = 3,
            Charges = charges,
            ChargeVolts = volts,
            WindowLowVolts = 2,
            WindowHighVolts = 5,
            DrainMicroamps = 2,
            CoinHolder = true,
            RoomForHolder = ThreeState.Yes,
            Keeps = KeptData.Nothing,
        };

    static CellActFacts Cell(CellSite site, params Overrule[] overrules) =>
        new(Machine(), new MachineCell { Id = Id(), Site = site }, overrules);

    [Fact]
    public void A_cell_is_chosen_taken_out_and_fitted_in_that_order_and_each_says_what_it_did()
    {
        var f = Cell(Coin());
        Assert.IsType<Refused>(new FitCell().Decide(f, At()));
        Assert.IsType<Done>(new ChooseCell(ReplacementKind.CoinInHolder).Decide(f, At()));
        Assert.IsType<Refused>(new FitCell().Decide(f, At()));
        Assert.Equal(CellStep.OldOut, CellActs.Next(f));
        Assert.Equal("The old cell is out.", Assert.IsType<Done>(new TakeCellOut().Decide(f, At())).Sentence);
        var fitted = Assert.IsType<Done>(new FitCell().Decide(f, At()));
        Assert.StartsWith("Fitted: ", fitted.Sentence, StringComparison.Ordinal);
        Assert.NotNull(f.Cell.NextCheck);
        Assert.Null(CellActs.Next(f));
        Assert.IsType<Refused>(new ChooseCell(ReplacementKind.HolderOnLead).Decide(f, At(), "another after all"));
        Assert.IsType<Done>(new TakeFittedCellOut().Decide(f, At()));
        Assert.Null(f.Cell.FittedAt);
    }

    [Fact]
    public void A_refused_act_changes_nothing_and_a_reason_changes_only_what_it_may()
    {
        var f = Cell(Coin(ThreeState.Yes, 4.2));
        f.Cell.OldOutAt = Now;
        f.Cell.Chosen = ReplacementKind.CoinInHolder;
        var refused = Assert.IsType<Refused>(new FitCell().Decide(f, At(), "I know better"));
        Assert.Equal(Outcome.No, refused.Permit.Verdict.Outcome);
        Assert.False(refused.Permit.MayBeOverruled);
        Assert.Null(f.Cell.FittedAt);
        Assert.NotNull(
            CellActs.MustComeOut(
                new()
                {
                    FittedAt = Now,
                    Chosen = ReplacementKind.CoinInHolder,
                    Site = f.Cell.Site,
                },
                default
            )
        );
    }

    [Fact]
    public void An_overrule_keeps_the_verdict_the_facts_and_who_and_lapses_when_they_change()
    {
        var site = Coin() with { Keeps = KeptData.UserData };
        var f = Cell(site);
        var refused = Assert.IsType<Refused>(new TakeCellOut().Decide(f, At()));
        Assert.True(refused.Permit.MayBeOverruled);
        Assert.Throws<InvalidInputException>(() => new TakeCellOut().Decide(f, At(), "ok"));
        var done = Assert.IsType<Done>(new TakeCellOut().Decide(f, At(), "It is all on paper."));
        var given = Assert.Single(done.Added.OfType<Overrule>());
        Assert.Equal((Outcome.No, "It is all on paper.", "Bench"), (given.Outcome, given.Reason, given.By));

        var again = new CellActFacts(f.Machine, new MachineCell { Id = Id(), Site = site }, [given]);
        Assert.True(new TakeCellOut().May(again, Now).Granted);
        var other = new CellActFacts(
            f.Machine,
            new MachineCell { Id = Id(), Site = site with { LossAccepted = false, DataSafe = true } },
            [given]
        );
        Assert.True(new TakeCellOut().May(other, Now).Granted);
        // One that was kept before the facts were is not trusted on any.
        var old = new Overrule
        {
            Id = Id(),
            Key = given.Key,
            Reason = "Long ago.",
        };
        var may = new TakeCellOut().May(new CellActFacts(f.Machine, new MachineCell { Id = Id(), Site = site }, [old]), Now);
        Assert.False(may.Granted);
        Assert.True(may.OverruleLapsed);
    }

    [Property(MaxTest = 300)]
    public Property No_overrule_outlives_its_facts(byte kept, bool safe, bool accepted, byte keptThen, bool safeThen, bool acceptedThen)
    {
        CellSite Site(byte k, bool s, bool a) => Coin() with { Keeps = (KeptData)(k % 5), DataSafe = s, LossAccepted = a };
        var (now, then) = (Site(kept, safe, accepted), Site(keptThen, safeThen, acceptedThen));
        var before = Cell(then);
        var given = new TakeCellOut().Decide(before, At(), "All the same.") is Done { Added: [Overrule o] } ? o : null;
        var bare = new TakeCellOut().May(Cell(now), Now);
        var with = new TakeCellOut().May(
            new CellActFacts(before.Machine, new MachineCell { Id = Id(), Site = now }, given is null ? [] : [given]),
            Now
        );
        // It adds a yes only on the very facts that it was given on.
        return (bare.Granted == with.Granted || now == then).ToProperty();
    }

    // ---- capacitors

    static Capacitor Place(double microfarads = 47, double volts = 16) =>
        new()
        {
            Id = Id(),
            MachineId = Id(),
            Designator = "C14",
            Role = CapacitorRole.Bulk,
            Spec = new()
            {
                Kind = CapacitorKind.AluminiumRadial,
                Microfarads = microfarads,
                RatedVolts = volts,
                MaxCelsius = 105,
            },
        };

    static DrawerPart Part(double microfarads = 47, double volts = 16, int quantity = 3, decimal? price = null) =>
        new()
        {
            Id = Id(),
            Place = "tray 1",
            Quantity = quantity,
            Price = price,
            Spec = new()
            {
                Kind = CapacitorKind.AluminiumRadial,
                Microfarads = microfarads,
                RatedVolts = volts,
                MaxCelsius = 105,
            },
        };

    static CapacitorActFacts Facts(Capacitor c, IReadOnlyList<DrawerPart> parts, params Reservation[] aside) =>
        new(Machine(), c, [], aside, parts, [], [], DateOnly.FromDateTime(Now.UtcDateTime));

    static CapacitorActFacts Aside(Capacitor c, DrawerPart p) => Facts(c, [p], p.Reserve(c, Id(), Now));

    [Fact]
    public void A_part_is_judged_again_in_the_moment_in_which_it_is_fitted()
    {
        var (c, p) = (Place(), Part());
        var f = Aside(c, p);
        foreach (var step in new[] { FittingStep.Remove, FittingStep.CheckPads, FittingStep.Clean })
        {
            Assert.IsType<Done>(new TakeFittingStep(step, PadState.Sound).Decide(f, At()));
        }
        c.Spec = c.Spec with { Microfarads = 100, RatedVolts = 25 };
        var refused = Assert.IsType<Refused>(new TakeFittingStep(FittingStep.Fit).Decide(f, At()));
        Assert.True(refused.Permit.MayBeOverruled);
        Assert.Null(c.Fitting.FittedAt);
        var done = Assert.IsType<Done>(new TakeFittingStep(FittingStep.Fit).Decide(f, At(), "It is only for a test."));
        Assert.Equal((2, 0), (p.Quantity, p.Reserved));
        Assert.Equal(p.Id, c.Fitting.PartId);
        Assert.Contains(done.Added, o => o is Overrule { Key: var k } && k.EndsWith(c.Id.ToString(), StringComparison.Ordinal));
    }

    [Fact]
    public void Mains_filters_are_nobodys_to_overrule_and_a_pair_never_goes_there()
    {
        var c = Place(0.1, 275);
        c.Role = CapacitorRole.MainsFilter;
        c.Spec = c.Spec with { Kind = CapacitorKind.MainsFilterPaper, SafetyClass = "X2" };
        var p = Part(0.1, 400, 5);
        Assert.IsType<Refused>(new SetPartAside([p.Id]).Decide(Facts(c, [p]), At(), "It is what I have."));
        Assert.IsType<Refused>(new SetPartAside([p.Id, p.Id]).Decide(Facts(c, [p]), At(), "It is what I have."));
        Assert.Equal(0, p.Reserved);
    }

    [Fact]
    public void What_is_fitted_from_the_drawer_is_a_cost_and_what_goes_back_is_none()
    {
        var (c, p) = (Place(), Part(price: 0.42m));
        c.Fitting = new()
        {
            RemovedAt = Now,
            PadsCheckedAt = Now,
            Pads = PadState.Sound,
            CleanedAt = Now,
        };
        var cost = Assert.Single(
            Assert.IsType<Done>(new TakeFittingStep(FittingStep.Fit).Decide(Aside(c, p), At())).Added.OfType<Core.Costs.CostEntry>()
        );
        Assert.Equal(0.42m, cost.Amount);

        var (d, q) = (Place(), Part(price: 0.42m));
        var booked = Facts(d, [q], q.Reserve(d, Id(), Now, booked: true));
        var back = Assert.Single(Assert.IsType<Done>(new PutPartBack().Decide(booked, At())).Added.OfType<Core.Costs.CostEntry>());
        Assert.Equal(-0.42m, back.Amount);
    }

    [Fact]
    public void A_new_part_that_reads_bad_leaves_its_exchange_open_and_the_next_one_has_readings_of_its_own()
    {
        var c = Place();
        c.Fitting = new()
        {
            RemovedAt = Now,
            PadsCheckedAt = Now,
            Pads = PadState.Sound,
            CleanedAt = Now,
            FittedAt = Now,
            PolarityCheckedAt = Now,
        };
        Assert.Equal("new", c.Fitting.Channel);
        var bad = Assert.IsType<Done>(new ReadCapacitor(9.4, 5, null, null, false, "typed").Decide(Facts(c, []), At()));
        Assert.False(c.Fitting.Finished);
        Assert.Contains("not exchanged", bad.Sentence, StringComparison.Ordinal);
        Assert.IsType<Done>(new ExchangeAgain().Decide(Facts(c, []), At()));
        Assert.Equal(("new", "new 2", FittingStep.Remove), (c.Fitting.Channel, c.Fitting.NewChannel, c.Fitting.Next(true)!.Value));
        c.Fitting = c.Fitting with { RemovedAt = Now, PadsCheckedAt = Now, CleanedAt = Now, FittedAt = Now, PolarityCheckedAt = Now };
        Assert.IsType<Done>(new ReadCapacitor(46.8, 0.3, null, null, false, "typed").Decide(Facts(c, []), At()));
        Assert.True(c.Fitting.Finished);
    }

    [Fact]
    public void A_part_in_the_hand_is_not_read_in_circuit()
    {
        var c = Place();
        c.Fitting = new() { RemovedAt = Now };
        Assert.IsType<Refused>(new ReadCapacitor(47, null, null, null, true, "typed").Decide(Facts(c, []), At()));
        var read = Assert.IsType<Done>(new ReadCapacitor(47, null, null, null, false, "typed").Decide(Facts(c, []), At()));
        Assert.Equal("old", Assert.IsType<Reading>(Assert.Single(read.Added)).Channel);
    }

    [Property(MaxTest = 300)]
    public Property Pieces_are_neither_made_nor_lost(byte quantity, byte[] moves)
    {
        var (c, p) = (Place(), Part(quantity: quantity % 6));
        List<Reservation> aside = [];
        var fitted = 0;
        foreach (var m in (moves ?? []).Take(40))
        {
            var f = Facts(c, [p], [.. aside]);
            Command<CapacitorActFacts> act = (m % 5) switch
            {
                0 => new SetPartAside([p.Id]),
                1 => new SetPartAside([p.Id, p.Id]),
                2 => new PutPartBack(),
                3 => c.Fitting.Next(true) is { } s
                    ? new TakeFittingStep(s, PadState.Sound, Core.Capacitors.Direction.Up)
                    : new ExchangeAgain(),
                _ => new ExchangeAgain(),
            };
            // As it is counted when a request begins.
            p.Reserved = aside.Count;
            if (act.Decide(f, At(), "All the same.") is Done done)
            {
                aside = [.. aside.Except(done.Removed.OfType<Reservation>()), .. done.Added.OfType<Reservation>()];
                fitted += act is TakeFittingStep { Step: FittingStep.Fit } ? done.Removed.OfType<Reservation>().Count() : 0;
            }
            if (p.Quantity + fitted != quantity % 6 || aside.Count > p.Quantity)
            {
                return false.ToProperty();
            }
        }
        return true.ToProperty();
    }

    // ---- areas

    static AreaActFacts Area(CorrosionStage stage = CorrosionStage.MaskLifted, params NetAssessment[] nets) =>
        new(
            Machine(),
            new CorrosionArea
            {
                Id = Id(),
                Name = "the corner",
                Source = LeakSource.NickelCell,
                Inspections = [new(Now.AddDays(-1), stage, 9)],
            },
            nets,
            [],
            []
        );

    [Fact]
    public void An_area_goes_through_its_steps_at_times_that_can_be()
    {
        var f = Area();
        Assert.IsType<Done>(new TakeAreaStep(AreaStep.Neutralise, HoursAgo: 6).Decide(f, At()));
        // What leaked stands until the rinse water says that it is gone.
        Assert.NotNull(f.Area.Hazard);
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Rinse, Rinses: 1).Decide(f, At()));
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Rinse, 7, Rinses: 3, HoursAgo: 7).Decide(f, At()));
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Rinse, 9, Rinses: 3, HoursAgo: 5.5).Decide(f, At()));
        Assert.Throws<InvalidInputException>(() => new TakeAreaStep(AreaStep.Rinse, Rinses: 3, HoursAgo: 5.5).Decide(f, At()));
        Assert.IsType<Done>(new TakeAreaStep(AreaStep.Rinse, 7, Rinses: 3, HoursAgo: 5.5).Decide(f, At()));
        Assert.IsType<Done>(new TakeAreaStep(AreaStep.Alcohol, HoursAgo: 5).Decide(f, At()));
        Assert.True(f.Area.Treatment.Wet);
        // Four hours in warm air, two days without.
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Dry).Decide(f, At()));
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Dry, Celsius: 25).Decide(f, At()));
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Dry, Celsius: 5).Decide(f, At(Now.AddDays(30))));
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Dry, Celsius: 40, HoursAgo: 1.5).Decide(f, At()));
        Assert.Throws<InvalidInputException>(() => new TakeAreaStep(AreaStep.Dry, Celsius: 104).Decide(f, At()));
        Assert.IsType<Done>(new TakeAreaStep(AreaStep.Dry, Celsius: 40).Decide(f, At()));
        Assert.False(f.Area.Treatment.Wet);
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Mask).Decide(f, At()));
        Assert.IsType<Done>(new TakeAreaStep(AreaStep.Mask).Decide(f, At(), "No net runs under it."));
        Assert.NotNull(f.Area.InspectOn);
    }

    // ---- first power

    static MachineFacts Facts(Machine m) => new() { Machine = m };

    [Fact]
    public void A_danger_found_later_makes_what_was_through_lapse_and_its_answer_does_not_bring_it_back()
    {
        var m = new Machine
        {
            Id = Id(),
            Class = MachineClass.EightBit,
            Rails = [new("+5 V", 5)],
        };
        var step = new PowerStep
        {
            Id = Id(),
            MachineId = m.Id,
            Kind = PowerStepKind.Shorts,
            State = PowerStepState.Passed,
            At = Now.AddDays(-2),
        };
        Reading ohms = new()
        {
            Id = Id(),
            MachineId = m.Id,
            SubjectKind = SubjectKind.Rail,
            SubjectId = step.Id,
            Channel = "+5 V",
            Quantity = Quantity.Ohms,
            Value = 120,
            At = Now.AddDays(-2),
        };
        // Passed without a reading is not through.
        Assert.Equal(PowerStepKind.Shorts, PowerSession.Of(Facts(m) with { PowerSteps = [step] }, Now).Next);
        var f = Facts(m) with { PowerSteps = [step], Readings = [ohms] };
        Assert.Equal(PowerStepKind.SupplyLook, PowerSession.Of(f, Now).Next);
        var leak = new Finding
        {
            Id = Id(),
            MachineId = m.Id,
            Kind = FindingKind.LeakingCell,
            Seen = "Crust.",
            At = Now.AddDays(-1),
        };
        f = f with { Findings = [leak] };
        var rows = Dangers.Keep(f, leak.At, "Found.", Id);
        Assert.Equal(leak.At, Assert.Single(rows).Since);
        var session = PowerSession.Of(f with { Dangers = rows }, Now);
        Assert.Equal((PowerStepKind.Shorts, true), (session.Next!.Value, session.Stopped));
        Assert.False(session.May(PowerStepKind.Shorts).Granted);
        leak.DealtWithAt = Now;
        Assert.Empty(Dangers.Keep(f with { Dangers = rows }, Now, "Out.", Id));
        Assert.Equal("Out.", rows[0].Answer);
        session = PowerSession.Of(f with { Dangers = rows }, Now);
        Assert.Equal((PowerStepKind.Shorts, false), (session.Next!.Value, session.Stopped));
        Assert.True(session.May(PowerStepKind.Shorts).Granted);
    }

    [Fact]
    public void Wet_boards_are_nobodys_to_power_and_all_else_before_it_is_said_at_once()
    {
        var m = new Machine { Id = Id(), Class = MachineClass.EightBit };
        var wet = new CorrosionArea
        {
            Id = Id(),
            Name = "the corner",
            Treatment = new()
            {
                NeutralisedAt = Now,
                RinsedAt = Now,
                AlcoholAt = Now,
            },
        };
        var half = Place();
        half.Fitting = new() { RemovedAt = Now };
        var f = Haar.Core.Tests.Survey.KnownMachine.Powered(Facts(m), Now.AddDays(-1)) with
        {
            Areas = [wet],
            Capacitors = [half],
            StripSteps =
            [
                new()
                {
                    Id = Id(),
                    Title = "Lid",
                    Number = 1,
                },
            ],
        };
        var session = PowerSession.Of(f, Now);
        Assert.Equal(["apart", "exchange", "wet"], session.Before.Select(b => b.Word).Order(StringComparer.Ordinal));
        Assert.Equal(Outcome.No, session.Verdict.Outcome);
        Assert.False(session.Verdict.MayBeOverruled);
        Assert.False(session.Stopped);
        Assert.True(session.May(PowerStepKind.Shorts).Granted);
        Assert.IsType<Refused>(new DecideAgainst(OverruleKind.BeforePower, "wet").Decide(f, At(), "It looks dry to me."));
        Assert.IsType<Refused>(new DecideAgainst(OverruleKind.BeforePower, "apart").Decide(f, At(), "On a wooden board."));
        var decided = Assert.IsType<Done>(new DecideAgainst(OverruleKind.BeforePower, "exchange").Decide(f, At(), "Its place is not fed."));
        var after = f with { Overrules = [.. decided.Added.OfType<Overrule>()] };
        Assert.DoesNotContain(PowerSession.Of(after, Now).Before, b => b.Word == "exchange");
    }

    static TestInPiecesFacts Test(
        RestsOn on = RestsOn.Insulator,
        ThreeState loose = ThreeState.No,
        double minutes = 5,
        params LeftOff[] missing
    ) => new(on, loose, missing, minutes);

    [Theory]
    [InlineData(MachineClass.Level386, true, Outcome.YesIf, 60)]
    [InlineData(MachineClass.Level386, true, Outcome.No, 61)]
    [InlineData(MachineClass.Level386, true, Outcome.YesIf, 10, LeftOff.Fan)]
    [InlineData(MachineClass.Level386, true, Outcome.No, 11, LeftOff.Fan)]
    [InlineData(MachineClass.Level386, true, Outcome.YesIf, 1, LeftOff.Heatsink)]
    [InlineData(MachineClass.Level586, true, Outcome.No, 1, LeftOff.Heatsink)]
    [InlineData(MachineClass.Unknown, true, Outcome.No, 1, LeftOff.Heatsink)]
    [InlineData(MachineClass.Risc, true, Outcome.No, 1, LeftOff.Heatsink)]
    [InlineData(MachineClass.Level386, true, Outcome.YesIf, 5, LeftOff.EarthClip)]
    [InlineData(MachineClass.Level386, false, Outcome.No, 5, LeftOff.EarthClip)]
    [InlineData(MachineClass.Level386, true, Outcome.No, 5, LeftOff.MainsCover)]
    [InlineData(MachineClass.Level386, true, Outcome.YesIf, 5, LeftOff.Shield)]
    public void A_test_in_pieces_has_its_limits(MachineClass of, bool adapter, Outcome outcome, double minutes, params LeftOff[] missing)
    {
        var m = new Machine
        {
            Id = Id(),
            Class = of,
            Traits = adapter ? [Trait.ExternalAdapter] : [],
        };
        Assert.Equal(outcome, TestInPiecesRule.Judge(m, Test(minutes: minutes, missing: missing)).Outcome);
        // Whatever is not known, or lies on metal, is not powered.
        Assert.Equal(Outcome.Unknown, TestInPiecesRule.Judge(m, Test(RestsOn.NotKnown)).Outcome);
        Assert.Equal(Outcome.Unknown, TestInPiecesRule.Judge(m, Test(loose: ThreeState.NotKnown)).Outcome);
        Assert.Equal(Outcome.Unknown, TestInPiecesRule.Judge(m, Test() with { Missing = null }).Outcome);
        Assert.Equal(Outcome.No, TestInPiecesRule.Judge(m, Test(RestsOn.StaticBag)).Outcome);
        Assert.Equal(Outcome.No, TestInPiecesRule.Judge(m, Test(loose: ThreeState.Yes)).Outcome);
    }

    [Fact]
    public void A_test_in_pieces_counts_for_the_pieces_that_were_out_and_for_its_hours()
    {
        var m = new Machine
        {
            Id = Id(),
            Class = MachineClass.EightBit,
            Traits = [Trait.ExternalAdapter],
        };
        var f = Haar.Core.Tests.Survey.KnownMachine.Powered(Facts(m), Now.AddDays(-1)) with
        {
            StripSteps =
            [
                new()
                {
                    Id = Id(),
                    Title = "Lid",
                    Number = 1,
                },
            ],
        };
        Assert.Contains(PowerSession.Of(f, Now).Before, b => b.Word == "apart");
        Assert.IsType<Refused>(new AllowTestInPieces(Test(RestsOn.BareMetal)).Decide(f, At(), "It is only for a minute."));
        var allowed = Assert.IsType<Done>(new AllowTestInPieces(Test()).Decide(f, At()));
        f = f with { TestsInPieces = [.. allowed.Added.OfType<TestInPieces>()] };
        Assert.Empty(PowerSession.Of(f, Now).Before);
        Assert.Contains(PowerSession.Of(f, Now + TestInPieces.Good).Before, b => b.Word == "apart");
        // Another piece comes off: it was allowed on other facts.
        var more = f with
        {
            StripSteps =
            [
                .. f.StripSteps,
                new()
                {
                    Id = Id(),
                    Title = "Cage",
                    Number = 2,
                },
            ],
        };
        Assert.Contains(PowerSession.Of(more, Now).Before, b => b.Word == "apart");
        Assert.IsType<Done>(new EndTestInPieces().Decide(f, At()));
        Assert.Contains(PowerSession.Of(f, Now).Before, b => b.Word == "apart");
        Assert.IsType<Refused>(new EndTestInPieces().Decide(f, At()));
    }

    /// <summary>Facts are taken away one by one; what was refused or not known is never granted by knowing less.</summary>
    [Property(MaxTest = 200)]
    public Property Knowing_less_never_opens_an_act(byte charges, double volts, byte keeps, byte what)
    {
        var site = Coin(
            (ThreeState)(charges % 3),
            charges % 3 == 1 ? Math.Clamp(double.IsFinite(volts) ? Math.Abs(volts) : 4, 0.1, 12) : null
        ) with
        {
            Keeps = (KeptData)(keeps % 5),
        };
        var less = (what % 5) switch
        {
            0 => site with { Charges = ThreeState.NotKnown, ChargeVolts = null },
            1 => site with { NominalVolts = null },
            2 => site with { WindowLowVolts = null, WindowHighVolts = null },
            3 => site with { RoomForHolder = ThreeState.NotKnown },
            _ => site with { Chemistry = CellChemistry.Unknown },
        };
        return Enum.GetValues<ReplacementKind>()
            .All(kind =>
            {
                bool Granted(CellSite s) => Cell(s) is var f && f.Option(kind) is { } o && f.Permit(o, "kind").Granted;
                return Granted(site) || !Granted(less);
            })
            .ToProperty();
    }
}
