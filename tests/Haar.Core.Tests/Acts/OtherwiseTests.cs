using Haar.Core.Acts;
using Haar.Core.Capacitors;
using Haar.Core.Cleaning;
using Haar.Core.Corrosion;
using Haar.Core.Finish;
using Haar.Core.Intake;
using Haar.Core.Mechanisms;
using Haar.Core.Soldering;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Acts;

/// <summary>Whoever did it already, or otherwise, goes on from there; what no word stands for is still asked for.</summary>
public class OtherwiseTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 2, 18, 0, 0, TimeSpan.Zero);

    static Guid Id() => Guid.CreateVersion7();

    static Moment At() => new(Now, new DateOnly(2026, 6, 2), Id, "Ines");

    static readonly Machine Machine = new() { Id = Id(), Name = "Till" };

    static readonly SaidOtherwise Said = new("by the owner, last year", 24 * 300, "the owner");

    static readonly SaidOtherwise CameOut = Said with { CameOut = ThreeState.Yes };

    [Fact]
    public void What_nothing_later_shows_is_said_by_the_person()
    {
        Mending m = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "crack",
        };
        MendingFacts f = new(Machine, m, []);
        Assert.Throws<InvalidInputException>(() => new MendedOtherwise(Said).May(f, Now));
        Does(new MendedOtherwise(Said with { CameOut = ThreeState.No }), f);
        Assert.True(m.Open);
        Does(new MendedOtherwise(CameOut), f);
        Assert.False(m.Open);
    }

    static Done Does<T>(Command<T> c, T f)
        where T : IActFacts => Assert.IsType<Done>(c.Decide(f, At()));

    static CapacitorActFacts Place(Capacitor c) => new(Machine, c, [], [], [], [], [], new DateOnly(2026, 6, 2));

    static Capacitor C14() =>
        new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Designator = "C14",
            Spec = new()
            {
                Kind = CapacitorKind.AluminiumRadial,
                Microfarads = 47,
                RatedVolts = 16,
            },
        };

    [Fact]
    public void A_part_exchanged_before_is_still_looked_at_and_measured()
    {
        var c = C14();
        var done = Does(new CapacitorOtherwise(Said), Place(c));
        Assert.NotNull(c.Fitting.FittedAt);
        Assert.Equal(FittingStep.CheckPolarity, c.Fitting.Next(true));
        Assert.False(c.Fitting.Finished);
        var row = Assert.Single(done.Added.OfType<DoneOtherwise>());
        Assert.Equal((c.Id, "the owner", Now.AddHours(-24 * 300)), (row.SubjectId, row.By, row.At));
        Assert.Contains("not known", row.Sentence, StringComparison.Ordinal);
        // The iron was on the board, whoever held it.
        Assert.Equal(Now.AddHours(-24 * 300), Assert.Single(done.Added.OfType<CircuitWork>()).At);
        Assert.IsType<Refused>(new CapacitorOtherwise(Said).Decide(Place(c), At()));
    }

    [Fact]
    public void What_did_not_come_out_is_kept_and_counts_as_nothing()
    {
        var c = C14();
        var done = Does(new CapacitorOtherwise(Said with { CameOut = ThreeState.No }), Place(c));
        Assert.Null(c.Fitting.FittedAt);
        Assert.Contains("nothing counts", Assert.Single(done.Added.OfType<DoneOtherwise>()).Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Nothing_said_is_asked_for()
    {
        Assert.Throws<InvalidInputException>(() => new CapacitorOtherwise(new("  ")).May(Place(C14()), Now));
        Assert.Throws<InvalidInputException>(() => new CapacitorOtherwise(new("x", -1)).May(Place(C14()), Now));
        Assert.Throws<InvalidInputException>(() => new CapacitorOtherwise(new("x", double.NaN)).May(Place(C14()), Now));
    }

    [Fact]
    public void A_soldered_part_keeps_its_counts_and_the_flux_counts_as_one_that_is_washed_off()
    {
        SolderedPart p = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "J1",
            Work = SolderWork.Exchange,
            Pins = 4,
            Rows = 1,
            HasWayRound = ThreeState.Yes,
        };
        SolderFacts f = new(Machine, p, new HashSet<Guid>(), [], []);
        Does(new SolderedOtherwise(Said), f);
        Assert.Equal(SolderStep.CheckWayRound, p.Next);
        Does(new TakeSolderStep(SolderStep.CheckWayRound, Way: Core.Capacitors.Direction.Up), f);
        Assert.Equal(SolderStep.CountJoints, p.Next);
        Assert.Contains(SolderSteps.Procedure.Of(p), s => s.Step == SolderStep.Wash);
        Assert.IsType<Refused>(new SolderedOtherwise(Said).Decide(f, At()));
    }

    [Fact]
    public void Of_an_area_paper_stands_for_the_residue_and_time_for_the_drying()
    {
        CorrosionArea a = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "the corner",
            Inspections = [new(Now, CorrosionStage.Bloom, 4)],
        };
        AreaActFacts f = new(Machine, a, [], [], []);
        Assert.Throws<InvalidInputException>(() => new AreaOtherwise(Said).May(f, Now));
        Assert.IsType<Refused>(new AreaOtherwise(Said, 9.5).Decide(f, At()));
        Does(new AreaOtherwise(Said with { HoursAgo = 1 }, 7), f);
        Assert.Equal(AreaStep.Dry, a.Next);
        Assert.True(a.Treatment.Wet);
        Assert.IsType<Refused>(new TakeAreaStep(AreaStep.Dry).Decide(f, At()));
    }

    [Fact]
    public void A_drive_serviced_before_is_copied_first_and_tried_with_something_worthless()
    {
        Mechanism m = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "the hard drive",
            Kind = MechanismKind.HardDrive,
        };
        MechanismFacts f = new(Machine, m, []);
        Does(new ServicedOtherwise(Said), f);
        Assert.Equal(MechanismStep.CopyFirst, m.Next);
        Mechanism floppy = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "the floppy drive",
            Kind = MechanismKind.FloppyDrive,
        };
        Does(new ServicedOtherwise(Said), f with { Mechanism = floppy });
        Assert.Equal(MechanismStep.FirstRun, floppy.Next);
        Assert.IsType<Refused>(new ServicedOtherwise(Said).Decide(f with { Mechanism = floppy }, At()));
    }

    [Fact]
    public void A_drive_of_which_nobody_has_said_the_kind_is_not_opened()
    {
        Assert.Equal(MechanismKind.NotKnown, Service.KindOf("Drive"));
        Assert.Equal(MechanismKind.HardDrive, Service.KindOf("Hard drive and its cage"));
        Assert.Equal(MechanismKind.FloppyDrive, Service.KindOf("Floppy drive"));
        Mechanism m = new()
        {
            Id = Id(),
            Name = "Drive",
            Kind = MechanismKind.NotKnown,
        };
        Assert.DoesNotContain(
            Service.Procedure.Of(m),
            s => s.Step is MechanismStep.LookInside or MechanismStep.OldGrease or MechanismStep.Rails
        );
        Assert.Contains(Service.Procedure.Of(m), s => s.Step == MechanismStep.CopyFirst);
        m.Done = [new(MechanismStep.Photograph, Now)];
        Assert.Equal(Outcome.Unknown, Service.Stand(m).Outcome);
    }

    [Fact]
    public void A_panel_painted_before_still_has_its_earth_points_measured()
    {
        SheetMetal p = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "side cover",
            RustedPercent = 20,
            Coats = 3,
            Leaked = ThreeState.No,
        };
        FinishFacts f = new(Machine, p, []);
        Does(new PanelOtherwise(CameOut), f);
        Assert.Equal(FinishStep.EarthPoints, p.Next);
        Assert.IsType<Refused>(new PanelOtherwise(CameOut).Decide(f, At()));
        Does(new TakeFinishStep(FinishStep.EarthPoints, Ohms: 0.05), f);
        Assert.Null(p.Next);
        // What leaked near it is still read.
        SheetMetal near = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "floor",
            RustedPercent = 5,
        };
        Does(new PanelOtherwise(CameOut), f with { Panel = near });
        Assert.Equal(FinishStep.ReadResidue, near.Next);
    }

    [Fact]
    public void What_was_cleaned_otherwise_dries_unless_it_stayed_dry()
    {
        CleanedItem i = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "shell",
        };
        CleaningActFacts f = new(Machine, i, []);
        Does(new CleanedOtherwise(CameOut with { HoursAgo = 2 }), f);
        Assert.True(i.Wet);
        CleanedItem dry = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "shell",
        };
        Does(new CleanedOtherwise(CameOut, ThreeState.No), f with { Item = dry });
        Assert.False(dry.Open);
    }

    [Fact]
    public void A_method_that_is_ruled_out_is_kept_where_it_was_done_with_what_to_watch_for()
    {
        CleanedItem i = new()
        {
            Id = Id(),
            MachineId = Machine.Id,
            Name = "key caps",
            Facts = new()
            {
                Materials = [Material.Abs],
                Features = [Feature.PrintedLegend],
                Soils = [Soil.Grease],
            },
        };
        CleaningActFacts f = new(Machine, i, []);
        var rung = Ladder.For(i.Facts).Rungs.First(r => r.State == RungState.Out);
        var did = new TryMethod(rung.Method, 0.6, false, true, false);
        Assert.IsType<Refused>(did.Decide(f, At()));
        var done = Does(did with { AlreadyDone = true, HoursAgo = 3 }, f);
        Assert.Contains(rung.Why, done.Sentence, StringComparison.Ordinal);
        Assert.Single(i.Facts.Trials);
        Assert.Throws<InvalidInputException>(() => (did with { HoursAgo = 3 }).May(f, Now));
    }
}
