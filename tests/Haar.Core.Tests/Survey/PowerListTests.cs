using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Cleaning;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>Power is a yes when everything that must be known is known, and never because nobody objected.</summary>
public class PowerListTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 2, 18, 0, 0, TimeSpan.Zero);

    static Guid Id() => Guid.CreateVersion7();

    static Moment At() => new(Now, new DateOnly(2026, 6, 2), Id, "Ines");

    static MachineFacts Known(MachineClass c = MachineClass.Level486, params Trait[] traits) =>
        KnownMachine.Powered(
            new()
            {
                Machine = new()
                {
                    Id = Id(),
                    Name = "Till",
                    Class = c,
                    Traits = [.. traits],
                    Rails = [new("+5 V", 5), new("+12 V", 12)],
                },
            },
            Now.AddHours(-2)
        );

    static Outcome Power(MachineFacts f) => PowerSession.Of(f, Now).Verdict.Outcome;

    static PowerSession Session(MachineFacts f) => PowerSession.Of(f, Now);

    [Fact]
    public void Everything_known_is_a_yes_and_nothing_known_is_none()
    {
        Assert.Equal(Outcome.Yes, Power(Known()));
        Assert.Null(Session(Known()).Next);
        var nothing = Session(new() { Machine = new() { Id = Id() } });
        Assert.Equal(Outcome.Unknown, nothing.Verdict.Outcome);
        Assert.False(nothing.May(PowerStepKind.SupplyLoaded).Granted);
        // With the plug out ohms hurt nobody.
        Assert.True(nothing.May(PowerStepKind.Shorts).Granted);
    }

    [Fact]
    public void A_step_that_failed_later_on_does_not_hide_what_is_open()
    {
        // Open, and no danger: a place that nobody has looked at.
        var f = Known();
        var place = PowerList.Of(f, Now).First(b => b.Word.StartsWith("look/", StringComparison.Ordinal)).Word[5..];
        f = f with { Answers = [.. f.Answers.Where(a => a.Item != place)] };
        Assert.Equal(Outcome.Unknown, Power(f));
        f.PowerSteps.Last(s => Session(f).Plan.Any(p => p.Kind == s.Kind)).State = PowerStepState.Failed;
        f.PowerSteps.First(s => s.Kind == PowerStepKind.SupplyLook).State = PowerStepState.NotYet;
        Assert.Equal(PowerStepKind.SupplyLook, Session(f).Next);
        Assert.Equal(Outcome.Unknown, Power(f));
    }

    [Theory]
    [InlineData(ThreeState.No)]
    [InlineData(ThreeState.NotKnown)]
    [InlineData(ThreeState.Yes)]
    public void What_was_washed_is_not_fed_before_it_is_dry_whatever_it_takes(ThreeState mains)
    {
        CleanedItem item = new()
        {
            Id = Id(),
            Name = "shell",
            Mains = mains,
            Sheet = new() { WetAt = Now.AddHours(-1) },
        };
        var f = Known() with { CleanedItems = [item] };
        Assert.Equal(Outcome.No, Power(f));
        Assert.Contains(PowerList.Of(f, Now), b => b is { Word: "wetItems", Permit.Granted: false });
        item.Sheet = item.Sheet with { WetAt = null };
        Assert.Equal(Outcome.Yes, Power(f));
    }

    [Fact]
    public void What_leaked_stands_before_power_until_it_is_rinsed()
    {
        CorrosionArea area = new()
        {
            Id = Id(),
            Name = "corner",
            Source = LeakSource.NickelCell,
            Inspections = [new(Now.AddDays(-3), CorrosionStage.Bloom, 4)],
        };
        var f = Known() with { Areas = [area] };
        BeforePower Residue() => PowerList.Of(f, Now).Single(b => b.Word == "residue");
        Assert.False(Residue().Permit.Granted);
        // Neutralised and dried is not rinsed.
        area.Treatment = area.Treatment with
        {
            NeutralisedAt = Now.AddDays(-2),
            DriedAt = Now.AddDays(-1),
        };
        Assert.False(Residue().Permit.Granted);
        area.Treatment = area.Treatment with { RinsedAt = Now.AddDays(-2) };
        Assert.True(Residue().Permit.Granted);
    }

    [Fact]
    public void A_room_that_says_nothing_says_no_yes()
    {
        var f = Known();
        Assert.DoesNotContain(PowerList.Of(f, Now), b => !b.Permit.Granted);
        foreach (var room in AllRooms.InOrder.Where(r => r.BeforePower(f, Now).Any()))
        {
            var without = PowerList.Of(f, Now, AllRooms.InOrder.Where(r => r != room)).Where(b => !b.Permit.Granted).ToList();
            Assert.True(without.Count > 0, $"Without {room.GetType().Name} nothing is open.");
        }
        var silent = PowerList.Of(f, Now, []);
        Assert.Equal(PowerList.Always.Keys.Order(StringComparer.Ordinal), silent.Select(b => b.Word).Order(StringComparer.Ordinal));
        Assert.All(silent, b => Assert.Equal(Outcome.Unknown, b.Permit.Verdict.Outcome));
    }

    [Fact]
    public void Each_place_that_is_not_known_keeps_it_shut()
    {
        var f = Known(MachineClass.Level486, Trait.InternalMainsSupply, Trait.CoinCell, Trait.LowEsrElectrolytics);
        var places = PowerList
            .Of(f, Now)
            .Where(b => b.Word.StartsWith("look/", StringComparison.Ordinal))
            .Select(b => b.Word[5..])
            .ToList();
        Assert.Superset(
            new HashSet<string> { "supply", "lead", "earth", "coin-cell", "low-esr-caps", "board", "ports", "cooling", "loose" },
            places.ToHashSet()
        );
        foreach (var place in places)
        {
            foreach (var answer in new LookAnswer?[] { null, LookAnswer.NotLooked, LookAnswer.CannotTell })
            {
                var less = f with
                {
                    Answers =
                    [
                        .. f.Answers.Where(a => a.Item != place),
                        .. answer is { } given ? [Answer(f, place, given)] : Array.Empty<ChecklistAnswer>(),
                    ],
                };
                Assert.NotEqual(Outcome.Yes, Power(less));
            }
        }
    }

    static ChecklistAnswer Answer(MachineFacts f, string item, LookAnswer answer) =>
        new()
        {
            Id = Id(),
            MachineId = f.Machine.Id,
            Item = item,
            Answer = answer,
            At = Now,
        };

    [Fact]
    public void What_feeds_it_is_said_before_anything_is_plugged_and_nobody_decides_against_that()
    {
        foreach (var say in new Action<Machine>[] { m => m.MainsLead = ThreeState.NotKnown, m => m.Tube = ThreeState.NotKnown })
        {
            var f = Known();
            say(f.Machine);
            var entry = Session(f).Before.Single(b => b.Word == "identity");
            Assert.Equal((PowerStepKind.SupplyLoaded, false), (entry.From, entry.Permit.MayBeOverruled));
            Assert.IsType<Refused>(new DecideAgainst(OverruleKind.BeforePower, "identity").Decide(f, At(), "I want to."));
        }
        // That the mains goes in says nothing of a tube.
        Assert.Equal(ThreeState.NotKnown, Hazards.Tube(new() { Traits = [Trait.InternalMainsSupply] }));
    }

    [Theory]
    [InlineData(PowerStepKind.Shorts)]
    [InlineData(PowerStepKind.SupplyLoaded)]
    [InlineData(PowerStepKind.BareBoard)]
    public void A_step_is_through_while_its_readings_say_so(PowerStepKind kind)
    {
        var f = Known();
        var step = f.PowerSteps.Single(s => s.Kind == kind);
        // Struck off, never there, or a rail that nobody has read: it is taken again.
        Assert.Equal(kind, Session(f with { Readings = [.. f.Readings.Where(r => r.SubjectId != step.Id)] }).Next);
        var struck = Known();
        foreach (
            var r in struck.Readings.Where(r => r.SubjectId == struck.PowerSteps.Single(s => s.Kind == kind).Id && r.Channel == "+12 V")
        )
        {
            r.Voided = true;
        }
        Assert.Equal(kind, Session(struck).Next);
        // A rail that was added: everything that reads rails begins anew.
        f.Machine.Rails = [.. f.Machine.Rails, new("−12 V", -12)];
        Assert.Equal(PowerStepKind.Shorts, Session(f).Next);
        Assert.Contains(kind, Session(f).Lapsed);
        Assert.False(Session(f).May(PowerStepKind.BareBoard).Granted);
    }

    [Fact]
    public void Volts_put_right_are_judged_anew()
    {
        var f = Known();
        f.Machine.Rails = [new("+5 V", 3.3), new("+12 V", 12)];
        Assert.NotEqual(Outcome.Yes, Power(f));
        f.Machine.Rails = [];
        Assert.NotEqual(Outcome.Yes, Power(f));
    }

    [Theory]
    [InlineData(Instrument.Oscilloscope, "typed", true)]
    [InlineData(Instrument.NotKnown, "oscilloscope, 20 MHz", true)]
    [InlineData(Instrument.NotKnown, "typed", false)]
    [InlineData(Instrument.Multimeter, "oscilloscope", false)]
    [InlineData(Instrument.NotKnown, "multimeter, AC millivolts", false)]
    [InlineData(Instrument.NotKnown, "no oscilloscope here", false)]
    public void Ripple_passes_by_an_oscilloscope_alone(Instrument with, string source, bool passes)
    {
        var f = Known();
        var readings = f.Readings.Select(r =>
            r.Quantity != Quantity.RippleVolts
                ? r
                : new Reading
                {
                    Id = r.Id,
                    MachineId = r.MachineId,
                    SubjectKind = r.SubjectKind,
                    SubjectId = r.SubjectId,
                    Channel = r.Channel,
                    Quantity = r.Quantity,
                    Value = r.Value,
                    At = r.At,
                    Source = source,
                    Instrument = with,
                }
        );
        Assert.Equal(passes, Power(f with { Readings = [.. readings] }) == Outcome.Yes);
    }

    [Theory]
    [InlineData("none", 15, false)]
    [InlineData("2 A on +5", 9, false)]
    [InlineData("2 A on +5", 10, true)]
    public void A_supply_is_measured_on_a_load_for_ten_minutes(string load, double minutes, bool passes)
    {
        var f = Known();
        var step = f.PowerSteps.Single(s => s.Kind == PowerStepKind.SupplyLoaded);
        (step.Load, step.OnLoadSince) = (load, step.At!.Value.AddMinutes(-minutes));
        Assert.Equal(passes, Power(f) == Outcome.Yes);
    }

    [Fact]
    public void A_step_that_says_of_itself_that_it_was_overruled_was_not()
    {
        var f = Known();
        f.PowerSteps.Single(s => s.Kind == PowerStepKind.SupplyLoaded).State = PowerStepState.Overruled;
        Assert.Equal(PowerStepKind.SupplyLoaded, Session(f).Next);
        // Decided by somebody, it stands; on other rails it does not.
        var failed = Known();
        var step = failed.PowerSteps.Single(s => s.Kind == PowerStepKind.SupplyLoaded);
        (step.State, step.Sentence) = (PowerStepState.Failed, "Go no further.");
        var done = Assert.IsType<Done>(new OverrulePowerStep(PowerStepKind.SupplyLoaded).Decide(failed, At(), "It feeds scrap."));
        failed = failed with { Overrules = [.. done.Added.OfType<Overrule>()] };
        Assert.Null(Session(failed).Next);
        failed.Machine.Rails = [.. failed.Machine.Rails, new("−5 V", -5)];
        Assert.Contains(PowerStepKind.SupplyLoaded, Session(failed).Lapsed);
    }

    [Fact]
    public void A_place_that_is_bad_stands_before_power_until_it_is_dealt_with_also_where_its_finding_stops_none()
    {
        var f = Known();
        var found = new Finding
        {
            Id = Id(),
            MachineId = f.Machine.Id,
            Kind = FindingKind.Other,
            Seen = "A bead is burnt.",
            At = Now,
        };
        var answer = Answer(f, "tantalum", LookAnswer.Bad);
        answer.FindingId = found.Id;
        f = f with { Answers = [.. f.Answers.Where(a => a.Item != "tantalum"), answer] };
        Assert.Equal(Outcome.No, Power(f));
        f = f with { Findings = [found] };
        Assert.Equal(Outcome.No, Power(f));
        (found.DealtWithAt, found.DealtWith) = (Now, "Exchanged.");
        Assert.Equal(Outcome.Yes, Power(f));
    }

    [Fact]
    public void To_go_on_without_knowing_holds_while_the_place_is_as_it_was()
    {
        var f = Known();
        f = f with { Answers = [.. f.Answers.Where(a => a.Item != "tantalum"), Answer(f, "tantalum", LookAnswer.CannotTell)] };
        var decided = Assert.IsType<Done>(
            new DecideAgainst(OverruleKind.BeforePower, "look/tantalum").Decide(f, At(), "Under the shield.")
        );
        f = f with { Overrules = [.. decided.Added.OfType<Overrule>()] };
        Assert.Equal(Outcome.Yes, Power(f));
        // Taken back: nobody has looked, and nobody has decided on that.
        Assert.NotEqual(Outcome.Yes, Power(f with { Answers = [.. f.Answers.Where(a => a.Item != "tantalum")] }));
    }

    static MachineCell Cell(Guid machine, CellSite site) =>
        new()
        {
            Id = Id(),
            MachineId = machine,
            Site = site,
        };

    [Fact]
    public void A_leak_is_one_danger_whichever_screen_says_it_and_ends_when_the_cell_is_out()
    {
        var f = Known(MachineClass.Level486, Trait.BarrelCell);
        var cell = Cell(f.Machine.Id, new() { Chemistry = CellChemistry.NickelCadmium, Leaking = ThreeState.Yes });
        f = f with { Cell = cell };
        Assert.Equal(DangerKind.LeakingCell, Assert.Single(Dangers.Of(f)).Kind);
        var found = new Finding
        {
            Id = Id(),
            MachineId = f.Machine.Id,
            Kind = FindingKind.LeakingCell,
            Seen = "crust",
            At = Now,
        };
        var said = f with { Findings = [found] };
        Assert.Equal(DangerKind.Finding, Assert.Single(Dangers.Of(said)).Kind);
        // The finding is deleted: the same hazard stands on the battery's own screen, once.
        var rows = Dangers.Keep(said, Now, "Found.", Id);
        Assert.Equal(DangerKind.LeakingCell, Assert.Single(Dangers.Of(f with { Dangers = rows })).Kind);
        // What the screen says is set back: nobody has dealt with it.
        var kept = Dangers.Keep(f, Now, "Said.", Id);
        cell.Site = cell.Site with { Leaking = ThreeState.NotKnown };
        Assert.NotNull(Assert.Single(Dangers.Of(f with { Dangers = kept })).LeftBehind);
        cell.OldOutAt = Now;
        Assert.Empty(Dangers.Of(f with { Dangers = kept }));
        // How far it reached has still to be said.
        cell.Site = cell.Site with
        {
            Leaking = ThreeState.Yes,
        };
        Assert.Contains(Session(f with { Dangers = kept }).Before, b => b.Word == "residue");
    }

    [Fact]
    public void A_primary_cell_on_a_line_that_charges_is_nobodys_to_power_also_where_it_came_so()
    {
        var f = Known(MachineClass.Level486, Trait.CoinCell);
        var cell = Cell(f.Machine.Id, new() { Chemistry = CellChemistry.LithiumPrimary, Charges = ThreeState.Yes });
        f = f with { Cell = cell };
        var session = Session(f);
        Assert.True(session.Stopped);
        Assert.False(session.Verdict.MayBeOverruled);
        // Of a line nobody knows, and no holder that the board was made with: not known.
        cell.Site = cell.Site with
        {
            Charges = ThreeState.NotKnown,
        };
        Assert.Contains(Session(f).Before, b => b.Word == "cell");
        cell.Site = cell.Site with { CoinHolder = true };
        Assert.DoesNotContain(Session(f).Before, b => b.Word == "cell");
    }

    [Fact]
    public void A_finding_deleted_or_reworded_leaves_its_danger_until_somebody_looks_again()
    {
        var f = Known();
        var found = new Finding
        {
            Id = Id(),
            MachineId = f.Machine.Id,
            Kind = FindingKind.CrackedMainsFilter,
            Seen = "crazed",
            At = Now,
        };
        f = f with { Findings = [found] };
        f = f with { Dangers = Dangers.Keep(f, Now, "Found.", Id) };
        var row = Assert.Single(f.Dangers);
        var gone = f with { Findings = [] };
        Assert.Empty(Dangers.Keep(gone, Now, "Taken back.", Id));
        Assert.True(row.Stands);
        Assert.NotEqual(Outcome.Yes, Power(gone));
        found.Kind = FindingKind.Rust;
        Assert.NotNull(Assert.Single(Dangers.Of(f)).LeftBehind);
        Assert.Throws<InvalidInputException>(() => new LookAgain(row.Id, "no").May(gone, Now));
        Assert.IsType<Done>(new LookAgain(row.Id, "It was dust, wiped off: the block is whole.").Decide(gone, At()));
        Assert.False(row.Stands);
        Assert.Contains("dust", row.Answer, StringComparison.Ordinal);
        // What stands there is dealt with there.
        found.Kind = FindingKind.CrackedMainsFilter;
        var again = f with
        {
            Dangers =
            [
                new()
                {
                    Id = Id(),
                    Kind = DangerKind.Finding,
                    Subject = found.Id,
                    Since = Now,
                },
            ],
        };
        Assert.IsType<Refused>(new LookAgain(again.Dangers[0].Id, "It is nothing.").Decide(again, At()));
    }

    [Fact]
    public void Water_does_not_go_by_a_word()
    {
        var f = Known() with
        {
            Dangers =
            [
                new()
                {
                    Id = Id(),
                    Kind = DangerKind.WetRowGone,
                    Subject = Id(),
                    Sentence = "Main board was wet.",
                    Since = Now,
                },
            ],
        };
        Assert.IsType<Refused>(new LookAgain(f.Dangers[0].Id, "It looks dry to me.").Decide(f, At(), "I want to"));
        var later = new Moment(Now.AddHours(new Haar.Core.Drying.DryingDefaults().CoilsHours), new(2026, 6, 7), Id, "Ines");
        Assert.IsType<Done>(new LookAgain(f.Dangers[0].Id, "Dry in every socket.").Decide(f, later));
    }

    [Theory]
    [InlineData(CapacitorSign.Bulging, CapacitorKind.AluminiumRadial, PowerStepKind.BareBoard)]
    [InlineData(CapacitorSign.Cracked, CapacitorKind.MainsFilterPaper, PowerStepKind.SupplyLoaded)]
    public void A_capacitor_that_must_not_be_fed_stands_before_power(CapacitorSign sign, CapacitorKind kind, PowerStepKind from)
    {
        var c = new Capacitor
        {
            Id = Id(),
            Designator = "C1",
            Spec = new() { Kind = kind, Microfarads = 0.1 },
            Signs = [sign],
        };
        var f = Known() with { Capacitors = [c] };
        var entry = Session(f).Before.Single(b => b.Word == "capacitors");
        Assert.Equal(from, entry.From);
        Assert.NotNull(c.Hazard);
        c.Fitting = new() { RemovedAt = Now };
        Assert.DoesNotContain(Session(f).Before, b => b.Word == "capacitors");
    }

    static StripStep Off(string title, PieceKind kind, int number = 1) =>
        new()
        {
            Id = Id(),
            Title = title,
            Kind = kind,
            Number = number,
        };

    [Fact]
    public void What_is_off_is_read_from_the_record_and_not_from_what_is_said()
    {
        var said = new TestInPiecesFacts(RestsOn.Insulator, ThreeState.No, [], 5);
        var tube = Known(MachineClass.Terminal, Trait.PictureTube, Trait.InternalMainsSupply) with
        {
            StripSteps = [Off("Back shell", PieceKind.Cover)],
        };
        Assert.IsType<Refused>(new AllowTestInPieces(said).Decide(tube, At(), "I want to"));
        Assert.Equal(PowerStepKind.SupplyLoaded, Session(tube).Before.Single(b => b.Word == "apart").From);
        var hot = Known(MachineClass.Level686) with { StripSteps = [Off("Heatsink", PieceKind.Other), Off("Fan", PieceKind.Fan, 2)] };
        Assert.Equal([LeftOff.Fan, LeftOff.Heatsink], TestInPiecesRule.OffByRecord(hot));
        Assert.IsType<Refused>(new AllowTestInPieces(said).Decide(hot, At()));
        // Allowed once, and a tube is known since: it is asked again.
        var open = Known() with
        {
            StripSteps = [Off("Cover", PieceKind.Cover)],
        };
        var allowed = Assert.IsType<Done>(new AllowTestInPieces(said).Decide(open, At()));
        open = open with { TestsInPieces = [.. allowed.Added.OfType<TestInPieces>()] };
        Assert.DoesNotContain(Session(open).Before, b => b.Word == "apart");
        open.Machine.Tube = ThreeState.Yes;
        Assert.Contains(Session(open).Before, b => b.Word == "apart");
    }

    [Fact]
    public void A_piece_that_is_back_has_its_leads_back_only_when_somebody_says_so()
    {
        var step = Off("Cover", PieceKind.Cover);
        var lead = new StripConnector
        {
            Id = Id(),
            StepId = step.Id,
            Kind = "earth lead",
        };
        step.BackAt = Now;
        var f = Known() with { StripSteps = [step], StripConnectors = [lead] };
        var entry = Session(f).Before.Single(b => b.Word == "unplugged");
        Assert.Equal(PowerStepKind.SupplyLoaded, entry.From);
        lead.BackAt = Now;
        Assert.DoesNotContain(Session(f).Before, b => b.Word == "unplugged");
    }

    /// <summary>Any fact taken away: power never opens by it, and where it was open it stays so only if that fact was none that power rests on.</summary>
    [Property(MaxTest = 300)]
    public Property Knowing_less_never_opens_power() =>
        Prop.ForAll(
            Gen.Choose(0, 5).Two().Zip(Gen.Choose(0, 1000)).ToArbitrary(),
            x =>
            {
                var ((what, which), seed) = x;
                var f = Known(MachineClass.Level486, Trait.InternalMainsSupply);
                // Something is wrong or open to begin with.
                f = which switch
                {
                    0 => f with { Areas = [new() { Id = Id(), Name = "the corner" }] },
                    1 => f with { Cell = Cell(f.Machine.Id, new() { Leaking = ThreeState.Yes }) },
                    2 => f with { StripSteps = [Off("Cover", PieceKind.Cover)] },
                    3 => f with
                    {
                        Capacitors =
                        [
                            new()
                            {
                                Id = Id(),
                                Designator = "C1",
                                Signs = [CapacitorSign.Bulging],
                            },
                        ],
                    },
                    4 => f with { Answers = [.. f.Answers.Skip(1)] },
                    _ => f,
                };
                var before = Power(f);
                T[] Less<T>(IReadOnlyList<T> rows) => rows.Count == 0 ? [] : [.. rows.Where((_, i) => i != seed % rows.Count)];
                var less = what switch
                {
                    0 => f with { Answers = Less(f.Answers) },
                    1 => f with { Readings = Less(f.Readings) },
                    2 => f with { PowerSteps = Less(f.PowerSteps) },
                    3 => Unsaid(f, m => m.MainsLead = ThreeState.NotKnown),
                    4 => Unsaid(f, m => m.Traits = []),
                    _ => Unsaid(f, m => m.Rails = [.. m.Rails.Skip(1)]),
                };
                var after = Power(less);
                return before is Outcome.Yes or Outcome.YesIf
                    || after is Outcome.No or Outcome.Unknown
                    || Session(less).Next <= PowerStepKind.SupplyLook;
            }
        );

    static MachineFacts Unsaid(MachineFacts f, Action<Machine> less)
    {
        less(f.Machine);
        return f;
    }
}
