using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Soldering;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Soldering;

/// <summary>Connectors, switches, sockets and chips: every joint counted, every neighbour measured, no flux into contacts, no iron at a wet coat.</summary>
public class SolderingTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 26, 12, 0, 0, TimeSpan.Zero);
    static readonly Guid Photo = Guid.NewGuid();

    static SolderedPart Part(
        SolderedKind kind = SolderedKind.Connector,
        int pins = 4,
        int rows = 1,
        SolderWork work = SolderWork.Exchange
    ) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Guid.NewGuid(),
            BoardId = Guid.NewGuid(),
            Name = "J4",
            Kind = kind,
            Pins = pins,
            Rows = rows,
            Work = work,
            Lacquer = Lacquer.None,
        };

    static SolderFacts Facts(SolderedPart p, IReadOnlyList<CorrosionArea>? areas = null, params Overrule[] overrules) =>
        new(new Machine { Id = p.MachineId }, p, new HashSet<Guid> { Photo }, areas ?? [], overrules);

    static Moment At(DateTimeOffset? now = null) => new(now ?? Now, DateOnly.FromDateTime((now ?? Now).UtcDateTime), Guid.NewGuid, "Ana");

    static TakeSolderStep Step(SolderStep step, SolderedPart p, Direction way = Direction.Left) =>
        new(
            step,
            PadState.Sound,
            way,
            Flux.InTheWire,
            Photo,
            [.. Enumerable.Range(0, p.Pins).Select(i => new JointMark(0.1, i / (double)p.Pins))],
            Joints.Neighbours(p.Kind, p.Pins, p.Rows),
            []
        );

    static Decision Take(SolderedPart p, SolderStep step, DateTimeOffset? now = null) => Step(step, p).Decide(Facts(p), At(now));

    static void Until(SolderedPart p, SolderStep? stop)
    {
        while (p.Next is { } next && next != stop)
        {
            Assert.IsType<Done>(Take(p, next));
        }
    }

    [Theory]
    [InlineData(SolderedKind.Connector, 1, 1, 0)]
    [InlineData(SolderedKind.Connector, 8, 1, 7)]
    [InlineData(SolderedKind.Connector, 34, 2, 32 + 17)] // two rows of 17
    [InlineData(SolderedKind.Connector, 25, 2, 23 + 24)] // 13 and 12, staggered
    [InlineData(SolderedKind.Connector, 15, 3, 12 + 10)] // three rows of 5
    [InlineData(SolderedKind.Chip, 16, 2, 14)]
    [InlineData(SolderedKind.Socket, 44, 4, 40)]
    [InlineData(SolderedKind.Switch, 3, 1, 2)]
    public void Neighbours_are_counted(SolderedKind kind, int pins, int rows, int pairs) =>
        Assert.Equal(pairs, Joints.Neighbours(kind, pins, rows));

    [Theory]
    [InlineData(SolderedKind.Connector, 0, 1)]
    [InlineData(SolderedKind.Connector, 2, 3)]
    [InlineData(SolderedKind.Chip, 20, 5)]
    [InlineData(SolderedKind.Connector, 1001, 1)]
    [InlineData(SolderedKind.Connector, -4, 1)]
    [InlineData(SolderedKind.Connector, 4, 0)]
    public void What_has_no_pins_or_too_many_rows_is_no_part(SolderedKind kind, int pins, int rows) =>
        Assert.Throws<InvalidInputException>(() => Joints.Neighbours(kind, pins, rows));

    [Fact]
    public void A_joint_that_nobody_looked_at_is_not_a_good_one()
    {
        Verdict Of(int counted, int bad, int? measured, params string[] bridged) =>
            Joints.Judge("J4", SolderedKind.Connector, 34, 2, counted, bad, measured, bridged);
        Assert.Equal(Outcome.Unknown, Of(0, 0, null).Outcome);
        Assert.Equal(Outcome.Unknown, Of(33, 0, 49).Outcome);
        Assert.Equal(Outcome.Unknown, Of(35, 0, 49).Outcome);
        Assert.Equal(Outcome.No, Of(34, 1, 49).Outcome);
        Assert.Equal(Outcome.Unknown, Of(34, 0, null).Outcome);
        Assert.Equal(Outcome.Unknown, Of(34, 0, 48).Outcome);
        Assert.Equal(Outcome.No, Of(34, 0, 49, "4-5").Outcome);
        Assert.Equal(Outcome.Yes, Of(34, 0, 49).Outcome);
        Assert.Throws<InvalidInputException>(() => Of(3, 4, null));
    }

    [Fact]
    public void An_exchange_goes_through_its_steps_and_no_other_way()
    {
        var p = Part();
        Assert.Equal(SolderStep.Note, p.Next);
        var refused = Assert.IsType<Refused>(Take(p, SolderStep.Solder));
        Assert.Contains("note which way round", refused.Permit.Verdict.Sentence, StringComparison.Ordinal);
        Until(p, null);
        Assert.Null(p.Next);
        Assert.False(p.Half);
        // Nothing was put on it, so nothing is washed off.
        Assert.Null(p.Sheet.WashedAt);
        Assert.IsType<Done>(new SolderAgain().Decide(Facts(p), At()));
        Assert.Equal((SolderStep.Note, 1), (p.Next, p.Sheet.Round));
    }

    [Fact]
    public void A_lifted_pad_is_mended_before_anything_sits_on_it()
    {
        var p = Part();
        Until(p, SolderStep.CheckPads);
        Assert.IsType<Done>((Step(SolderStep.CheckPads, p) with { Pads = PadState.Lifted }).Decide(Facts(p), At()));
        Assert.Equal(SolderStep.MendPads, p.Next);
    }

    [Fact]
    public void The_wrong_way_round_is_nobodys_to_overrule()
    {
        var p = Part();
        Until(p, SolderStep.CheckWayRound);
        var wrong = Step(SolderStep.CheckWayRound, p, Direction.Right);
        var refused = Assert.IsType<Refused>(wrong.Decide(Facts(p), At(), "it will be fine"));
        Assert.Equal(Outcome.No, refused.Permit.Verdict.Outcome);
        Assert.False(refused.Permit.MayBeOverruled);
        Assert.Equal(SolderStep.CheckWayRound, p.Next);
    }

    [Fact]
    public void No_liquid_flux_goes_into_contacts_unless_somebody_says_why()
    {
        foreach (var open in Enum.GetValues<ThreeState>())
        {
            var p = Part(work: SolderWork.Resolder);
            p.OpenContacts = open;
            var wet = Step(SolderStep.Solder, p) with { Flux = Flux.Liquid };
            // Not known is on the side of care.
            Assert.Equal(open == ThreeState.No, wet.Decide(Facts(p), At()) is Done);
        }
        var q = Part(work: SolderWork.Resolder);
        var done = Assert.IsType<Done>(
            (Step(SolderStep.Solder, q) with { Flux = Flux.Liquid }).Decide(Facts(q), At(), "the shell is off and masked")
        );
        Assert.Contains(done.Added, o => o is Overrule { Key: var key } && key.StartsWith("soldering/flux/", StringComparison.Ordinal));
        // A chip has no contacts to run into.
        Assert.Equal(Outcome.Yes, SolderGates.MayFlux("U1", Flux.Liquid, Part(SolderedKind.Chip).Open).Outcome);
    }

    [Fact]
    public void Lacquer_cures_before_an_iron_comes_near()
    {
        var p = Part(work: SolderWork.Resolder);
        (p.Lacquer, p.LacqueredAt, p.CureHours) = (Lacquer.Fresh, Now.AddHours(-5), 6);
        var early = Assert.IsType<Refused>(Take(p, SolderStep.Solder));
        Assert.Contains("1 h more", early.Permit.Verdict.Sentence, StringComparison.Ordinal);
        Assert.False(early.Permit.MayBeOverruled);
        Assert.IsType<Done>(Take(p, SolderStep.Solder, Now.AddHours(1)));

        // Without the can's figure a day; without an hour nobody can say; not looked at is not none.
        Assert.Equal(Outcome.No, SolderGates.MayHeat("J4", Lacquer.Fresh, Now.AddHours(-23), null, Now).Outcome);
        Assert.Equal(Outcome.Yes, SolderGates.MayHeat("J4", Lacquer.Fresh, Now.AddHours(-24), null, Now).Outcome);
        Assert.Equal(Outcome.Unknown, SolderGates.MayHeat("J4", Lacquer.Fresh, null, 6, Now).Outcome);
        Assert.Equal(Outcome.Unknown, SolderGates.MayHeat("J4", Lacquer.NotKnown, null, null, Now).Outcome);
        Assert.Equal(Outcome.YesIf, SolderGates.MayHeat("J4", Lacquer.Old, null, null, Now).Outcome);
    }

    [Fact]
    public void New_mask_on_an_area_that_it_lies_in_is_a_fresh_coat()
    {
        var p = Part(work: SolderWork.Resolder);
        CorrosionArea area = new()
        {
            Id = Guid.NewGuid(),
            BoardId = p.BoardId,
            Name = "the corner",
            Outline = [new(0, 0), new(0.5, 0), new(0.5, 0.5), new(0, 0.5)],
            Treatment = new() { MaskedAt = Now.AddHours(-2) },
        };
        (p.X, p.Y) = (0.2, 0.2);
        Assert.IsType<Refused>(Step(SolderStep.Solder, p).Decide(Facts(p, [area]), At()));
        Assert.IsType<Done>(Step(SolderStep.Solder, p).Decide(Facts(p, [area]), At(Now.AddHours(22))));
        // Where nobody marked its place it may lie there too; elsewhere it does not.
        var q = Part(work: SolderWork.Resolder);
        Assert.IsType<Refused>(Step(SolderStep.Solder, q).Decide(Facts(q, [area]), At()));
        (q.X, q.Y) = (0.9, 0.9);
        Assert.IsType<Done>(Step(SolderStep.Solder, q).Decide(Facts(q, [area]), At()));
    }

    [Fact]
    public void Flux_is_washed_off_and_dry_before_power()
    {
        var p = Part(work: SolderWork.Resolder);
        Assert.IsType<Done>((Step(SolderStep.Solder, p) with { Flux = Flux.Gel }).Decide(Facts(p), At()));
        Until(p, SolderStep.Dry);
        Assert.True(p.Sheet.Wet);
        Assert.IsType<Refused>(Take(p, SolderStep.Dry, Now.AddMinutes(59)));
        var f = Haar.Core.Tests.Survey.KnownMachine.Powered(
            new()
            {
                Machine = new() { Id = p.MachineId },
                SolderedParts = [p],
            },
            Now.AddDays(-1)
        );
        var wet = Assert.Single(PowerSession.Of(f, Now).Before);
        Assert.Equal("wetParts", wet.Word);
        Assert.False(wet.Permit.MayBeOverruled);
        Assert.IsType<Done>(Take(p, SolderStep.Dry, Now.AddMinutes(60)));
        Assert.Empty(PowerSession.Of(f, Now).Before);
    }

    [Fact]
    public void What_is_half_soldered_closes_power_and_the_door()
    {
        var p = Part();
        var f = Haar.Core.Tests.Survey.KnownMachine.Powered(
            new()
            {
                Machine = new() { Id = p.MachineId },
                SolderedParts = [p],
            },
            Now.AddDays(-1)
        );
        // What nobody has touched yet is work, and no danger.
        Assert.Empty(PowerSession.Of(f, Now).Before);
        Until(p, SolderStep.CountJoints);
        Assert.Contains(
            "count its joints",
            Assert.Single(PowerSession.Of(f, Now).Before).Permit.Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.Contains(new SolderingRoom().Left(new(f, Now)), l => l.Against is not null);
        Assert.Equal("J4: count its joints on a photo", Assert.Single(new SolderingRoom().Acts(new(f, Now))).Title);
        Until(p, null);
        Assert.Empty(new SolderingRoom().Left(new(f, Now)));
        Assert.Contains(
            "4 joints counted, 3 pairs",
            Assert.Single(new SolderingRoom().WriteUp(new(new(f, Now), "EUR", new Dictionary<Guid, CapacitorSpec>()))).Line,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_bridge_or_a_pair_that_was_left_out_closes_nothing()
    {
        var p = Part(pins: 6);
        Until(p, SolderStep.MeasureNeighbours);
        var all = Step(SolderStep.MeasureNeighbours, p);
        Assert.IsType<Refused>((all with { Pairs = 4 }).Decide(Facts(p), At()));
        Assert.Throws<InvalidInputException>(() => (all with { Pairs = 6 }).Decide(Facts(p), At()));
        Assert.IsType<Refused>((all with { Bridged = ["4-5"] }).Decide(Facts(p), At()));
        // Two ground pins are joined by the board itself.
        Assert.IsType<Done>((all with { Bridged = ["4-5"], JoinedByBoard = ["4-5"] }).Decide(Facts(p), At()));
    }

    [Fact]
    public void Joints_are_counted_on_a_photo_of_this_machine()
    {
        var p = Part();
        Until(p, SolderStep.CountJoints);
        var count = Step(SolderStep.CountJoints, p);
        Assert.Equal("photoId", Assert.Throws<InvalidInputException>(() => (count with { PhotoId = null }).May(Facts(p), Now)).Field);
        Assert.Equal(
            "photoId",
            Assert.Throws<InvalidInputException>(() => (count with { PhotoId = Guid.NewGuid() }).May(Facts(p), Now)).Field
        );
        Assert.IsType<Refused>((count with { Joints = [.. count.Joints!.Skip(1)] }).Decide(Facts(p), At()));
        Assert.IsType<Refused>(
            (count with { Joints = [.. count.Joints!.Select((j, i) => j with { Good = i > 0 })] }).Decide(Facts(p), At())
        );
        Assert.Throws<InvalidInputException>(() => (count with { Joints = [new(double.NaN, 0)] }).May(Facts(p), Now));
    }

    /// <summary>Taking a fact away (what lacquer there is, whether contacts lie open, whether it has a way round) never opens a step that was closed.</summary>
    [Property(MaxTest = 300)]
    public Property Knowing_less_never_opens_a_step()
    {
        var parts =
            from kind in Gen.Elements(Enum.GetValues<SolderedKind>())
            from lacquer in Gen.Elements(Enum.GetValues<Lacquer>())
            from open in Gen.Elements(Enum.GetValues<ThreeState>())
            from round in Gen.Elements(Enum.GetValues<ThreeState>())
            from since in Gen.Elements<double?>(null, 1, 23, 25, 100)
            from cure in Gen.Elements<double?>(null, 0, 12, 48)
            from flux in Gen.Elements(Enum.GetValues<Flux>())
            from forget in Gen.Choose(0, 3)
            select (kind, lacquer, open, round, since, cure, flux, forget);
        return Prop.ForAll(
            Arb.From(parts),
            x =>
            {
                SolderedPart Make(bool less)
                {
                    var p = Part(x.kind, 4, 1, SolderWork.Resolder);
                    (p.Lacquer, p.LacqueredAt, p.CureHours) = (x.lacquer, x.since is { } h ? Now.AddHours(-h) : null, x.cure);
                    (p.OpenContacts, p.HasWayRound) = (x.open, x.round);
                    if (less)
                    {
                        switch (x.forget)
                        {
                            case 0:
                                p.Lacquer = Lacquer.NotKnown;
                                break;
                            case 1:
                                p.OpenContacts =
                                    p.OpenContacts == ThreeState.Yes && x.kind == SolderedKind.Chip ? ThreeState.Yes : ThreeState.NotKnown;
                                break;
                            case 2:
                                p.LacqueredAt = null;
                                break;
                            default:
                                p.HasWayRound = ThreeState.NotKnown;
                                break;
                        }
                    }
                    return p;
                }
                bool Opens(SolderedPart p) => (Step(SolderStep.Solder, p) with { Flux = x.flux }).May(Facts(p), Now).Granted;
                return Opens(Make(false)) || !Opens(Make(true));
            }
        );
    }
}
