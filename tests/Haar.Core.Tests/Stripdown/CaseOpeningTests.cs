using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Stripdown;

/// <summary>A machine is opened once: what comes off for which work, how deep, and what else is done then.</summary>
public class CaseOpeningTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero);
    static readonly DateOnly Today = new(2026, 6, 1);
    static readonly Guid Id = Guid.NewGuid();

    static Machine Tower() =>
        new()
        {
            Id = Id,
            Name = "tower",
            Class = MachineClass.Level486,
            Tube = ThreeState.No,
            MainsLead = ThreeState.No,
            Battery = ThreeState.No,
            SurveyedAt = Now.AddDays(-3),
        };

    static MachineAccess Access(params IReadOnlyList<string> titles) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Id,
            Pieces = KnownApart.Of(titles),
        };

    static readonly string[] Desktop = ["Cover", "Drives", "Cards", "Supply", "Board"];

    static WorkTask Work(string key, double minutes, Reach? at, Stage stage = Stage.Boards, bool danger = false) =>
        new(key, $"Do {key}", stage, WorkKind.Soldering, new(minutes / 2, minutes, minutes * 2)) { At = at, Danger = danger };

    static MachineNow At(MachineAccess? access, params IReadOnlyList<StripStep> steps) =>
        new(
            new()
            {
                Machine = Tower(),
                Access = access,
                StripSteps = steps,
            },
            Now
        );

    static StripStep Step(int number, string title, PieceKind kind, bool back = false, params StripStep[] behind) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Id,
            Number = number,
            Title = title,
            Kind = kind,
            At = Now.AddDays(-1),
            BackAt = back ? Now : null,
            Behind = [.. behind.Select(b => b.Id)],
        };

    static readonly Reach Uncovered = new(PieceKind.Board, false),
        Out = new(PieceKind.Board, true);

    [Fact]
    public void A_case_with_a_hood_opens_its_pieces_side_by_side_and_a_laptop_one_behind_the_other()
    {
        var m = At(Access(Desktop));
        Assert.Equal(["cover"], m.Access.To("supply", false));
        Assert.Equal(["cards", "cover", "drives"], m.Access.To("board", false).Order());
        var laptop = At(Access("Pack", "Memory door", "Keyboard", "Palm rest", "Panel", "Board")).Access;
        Assert.Equal(5, laptop.To("board", false).Count);
        Assert.Equal(["Pack", "Memory door", "Keyboard"], laptop.InOrder(laptop.To("keyboard", true)).Select(p => p.Title));
    }

    [Fact]
    public void Taking_apart_takes_what_its_pieces_take_and_nothing_comes_off_for_nothing()
    {
        var m = At(Access(Desktop));
        WorkTask[] rest =
        [
            new("stage/StripDown", "Take it apart", Stage.StripDown, WorkKind.Assembling, new(15, 40, 120)) { Guess = true, ByWord = true },
        ];
        var work = CaseOpening.With(m, [.. rest, Work("caps", 60, Uncovered)]);
        // Cover 4, drives 8, cards 4.
        var open = work.Single(w => w.Key == "stage/StripDown");
        Assert.Equal((16.0, false, "Take off 3 pieces, the cards last"), (open.Minutes.Likely, open.Guess, open.Title));
        Assert.True(work.Single(w => w.Key == "caps").Behind);
        Assert.DoesNotContain(CaseOpening.With(m, [.. rest, Work("dust", 5, null, Stage.Case)]), w => w.Key == "stage/StripDown");
        // Nobody knows where it lies, or nobody has looked: as it was.
        Assert.True(CaseOpening.With(m, [.. rest, Work("?", 5, null)]).Single(w => w.Key == "stage/StripDown").Guess);
    }

    [Fact]
    public void The_record_outranks_what_was_known_and_what_lies_on_the_bench_costs_no_opening()
    {
        var cover = Step(1, "Cover", PieceKind.Cover);
        var m = At(Access(Desktop), cover);
        var o = CaseOpening.Of(m, [Work("caps", 60, Uncovered)], Today);
        Assert.Equal(["Drives", "Cards"], o.Off);
        Assert.True(o.Pieces.Single(p => p.Id == "cover").IsOff);
        // A board that the record has behind the cover alone needs no more than that.
        var board = Step(2, "Main board", PieceKind.Board, false, cover);
        var open = At(Access(Desktop), cover, board);
        Assert.Empty(CaseOpening.Of(open, [Work("caps", 60, Out)], Today).Off);
        Assert.Equal(["cover", "board"], open.Access.To("board", true));
        // Back in, it is in front again.
        cover.BackAt = board.BackAt = Now;
        Assert.Equal(["Cover", "Main board"], CaseOpening.Of(At(Access(Desktop), cover, board), [Work("caps", 60, Out)], Today).Off);
    }

    [Fact]
    public void A_record_that_goes_in_a_circle_ends_where_it_began()
    {
        var (a, b) = (Step(1, "Cover", PieceKind.Cover), Step(2, "Board", PieceKind.Board));
        (a.Behind, b.Behind) = ([b.Id], [a.Id]);
        var m = At(null, a, b);
        var o = CaseOpening.Of(m, [Work("caps", 60, Out)], Today);
        Assert.NotEmpty(o.Levels);
        Assert.Equal(2, m.Access.To("step/" + b.Id, true).Count);
    }

    [Fact]
    public void Depths_are_offered_shallow_first_with_what_each_leaves_and_the_last_minutes_are_not_worth_an_hour()
    {
        var m = At(Access(Desktop));
        // Ten minutes under the cover, an hour at the board where it sits, three minutes with it out.
        var o = CaseOpening.Of(
            m,
            [Work("fan", 10, new(PieceKind.Cover, true), Stage.Case), Work("caps", 60, Uncovered), Work("label", 3, Out)],
            Today
        );
        Assert.Equal(["Shut", "Cover off", "Board uncovered", "Board off"], o.Levels.Select(l => l.Name));
        Assert.Equal([0, 1, 2, 3], o.Levels.Select(l => l.Does.Count));
        Assert.Equal("Board uncovered", o.Levels[o.Advised].Name);
        Assert.Equal([.. o.Levels.Select(l => l.Opening.Likely).Order()], o.Levels.Select(l => l.Opening.Likely));
        Assert.Equal(Outcome.Yes, o.Levels[^1].Verdict.Outcome);
        Assert.Contains(o.Verdict.Reasons, r => r.Text.Contains("Board uncovered is deep enough"));
    }

    [Fact]
    public void A_danger_lies_deeper_than_nobody_s_choice()
    {
        var access = Access(Desktop);
        var m = At(access);
        WorkTask[] work = [Work("fan", 60, new(PieceKind.Cover, true), Stage.Case), Work("cell", 5, Out, danger: true)];
        var o = CaseOpening.Of(m, work, Today);
        Assert.Equal("Board off", o.Levels[o.Advised].Name);
        var facts = new OpeningFacts(m.Machine, access, o);
        var moment = new Moment(Now, Today, Guid.NewGuid);
        var refused = Assert.IsType<Refused>(new OpenDownTo(new("cover", true)).Decide(facts, moment, "there is no time today"));
        Assert.Equal(Outcome.No, refused.Permit.Verdict.Outcome);
        Assert.False(refused.Permit.Verdict.MayBeOverruled);
        Assert.IsType<Done>(new OpenDownTo(new("board", true)).Decide(facts, moment));
        // One that comes up after a choice was made is not left by it.
        access.DownTo = new("cover", true);
        Assert.False(CaseOpening.With(At(access), work).Single(w => w.Key == "cell").Deeper);
        Assert.Equal(Outcome.No, CaseOpening.Of(At(access), CaseOpening.With(At(access), work), Today).Verdict.Outcome);
    }

    [Fact]
    public void What_lies_deeper_than_the_choice_is_kept_and_neither_planned_nor_begun()
    {
        var access = Access(Desktop);
        access.DownTo = new("cover", true);
        var m = At(access);
        var work = CaseOpening.With(
            m,
            [Work("fan", 10, new(PieceKind.Cover, true), Stage.Case), Work("caps", 60, Out), Work("?", 5, null)]
        );
        Assert.Equal([false, true, true], work.Select(w => w.Deeper));
        var plan = WorkPlan.Of(
            new(
                [new(Id, "tower", work, null)],
                [new() { Name = "Ines", Skills = [BenchSkill.Soldering] }],
                [],
                [],
                [],
                Now,
                TimeZoneInfo.Utc
            )
        );
        Assert.Equal(["fan"], plan.Entries.Values.Select(e => e.Work.Key));
        Assert.Contains(plan.Said, s => s.Contains("2 pieces of work are left for another time"));
        Assert.IsType<Refused>(
            new TakeUpWork("caps", "Ines").Decide(new PlanActFacts(Id, "tower", work, [], [], []), new Moment(Now, Today, Guid.NewGuid))
        );
    }

    [Fact]
    public void A_choice_at_a_piece_that_is_gone_is_none_and_a_person_says_where_work_lies()
    {
        var access = Access(Desktop);
        access.DownTo = new("cards", true);
        var facts = new OpeningFacts(Tower(), access, CaseOpening.Of(At(access), [Work("caps", 60, null)], Today));
        var moment = new Moment(Now, Today, Guid.NewGuid);
        Assert.IsType<Done>(new SayPieces(KnownApart.Of(["Cover", "Board"])).Decide(facts, moment));
        Assert.Null(access.DownTo);
        Assert.True(access.ByPerson);
        facts = new OpeningFacts(Tower(), access, CaseOpening.Of(At(access), [Work("caps", 60, null)], Today));
        Assert.Null(facts.Opening.Work.Single().Piece);
        Assert.Equal(Outcome.Unknown, facts.Opening.Verdict.Outcome);
        Assert.IsType<Refused>(new SayBehind("caps", "cards", true).Decide(facts, moment));
        Assert.IsType<Refused>(new SayBehind("gone", "board", true).Decide(facts, moment));
        Assert.IsType<Done>(new SayBehind("caps", "board", true).Decide(facts, moment));
        Assert.Equal(["Cover", "Board"], CaseOpening.Of(At(access), [Work("caps", 60, null)], Today).Off);
        Assert.IsType<Done>(new SayBehind("caps", "", false).Decide(facts, moment));
        Assert.Empty(CaseOpening.Of(At(access), [Work("caps", 60, null)], Today).Off);
        Assert.IsType<Done>(new SayBehind("caps", null, false).Decide(facts, moment));
        Assert.Empty(access.Behind);
    }

    [Fact]
    public void What_cannot_be_is_refused_by_its_field()
    {
        void Bad(string field, params ApartPiece[] pieces) =>
            Assert.Equal(field, Assert.Throws<InvalidInputException>(() => new MachineAccess { Pieces = pieces }.Check()).Field);
        Bad("pieces[0].title", new ApartPiece("a", " ", PieceKind.Cover, []));
        Bad("pieces[1].id", new("a", "Cover", PieceKind.Cover, []), new("a", "Board", PieceKind.Board, []));
        Bad("pieces[0].behind", new ApartPiece("a", "Cover", PieceKind.Cover, ["b"]));
        Bad("pieces[0].behind", new("a", "Cover", PieceKind.Cover, ["b"]), new("b", "Board", PieceKind.Board, ["a"]));
        Bad("pieces[0].offMinutes", new ApartPiece("a", "Cover", PieceKind.Cover, [], "", double.NaN));
        Bad("pieces[0].id", new ApartPiece($"step/{Guid.NewGuid()}", "Cover", PieceKind.Cover, []));
        Assert.Throws<InvalidInputException>(() => new MachineAccess { DownTo = new(null!, true) }.Check());
        Assert.Throws<InvalidInputException>(() => new MachineAccess { Pieces = null! }.Check());
        // Somebody's own piece may be called as the board that is supposed.
        var own = At(new() { Pieces = [new("board", "Lid", PieceKind.Cover, [])] });
        Assert.Equal(["Lid"], CaseOpening.Of(own, [Work("caps", 60, Uncovered)], Today).Off);
        // A piece of the record may be named: it is not in this list.
        new MachineAccess { Pieces = [new("a", "Board", PieceKind.Board, [$"step/{Guid.NewGuid()}"])] }.Check();
    }

    [Fact]
    public void The_cheap_job_behind_the_cover_is_proposed_with_what_it_saves_and_becomes_work_once()
    {
        var access = Access(Desktop);
        var m = At(access);
        var o = CaseOpening.Of(m, [Work("caps", 60, Uncovered)], Today);
        var paste = o.Proposals.Single(p => p.Job.Id == "paste");
        // Cover 4 + 6, drives 8 + 11, cards 4 + 6: opened once more it would take all of that again.
        Assert.Equal((0.0, 39.0), (paste.ExtraMinutes, paste.SavedMinutes));
        var done = Assert.IsType<Done>(
            new DoWhileOpen("paste").Decide(new OpeningFacts(m.Machine, access, o), new Moment(Now, Today, Guid.NewGuid))
        );
        var job = done.Added.OfType<Job>().Single();
        Assert.Equal($"job/{job.Id}", access.Behind.Single().Key);
        var facts = new MachineFacts
        {
            Machine = Tower(),
            Access = access,
            Jobs = [job],
        };
        var again = CaseOpening.Of(new(facts, Now), WorkLeft.Of(new(facts, Now)), Today);
        Assert.DoesNotContain(again.Proposals, p => p.Job.Id == "paste");
        Assert.IsType<Refused>(
            new DoWhileOpen("paste").Decide(new OpeningFacts(m.Machine, access, again), new Moment(Now, Today, Guid.NewGuid))
        );
        // Nothing is proposed behind what stays on.
        Assert.Empty(CaseOpening.Of(m, [Work("shell", 60, null, Stage.Case)], Today).Proposals);
    }

    [Fact]
    public void What_is_soon_due_behind_the_same_cover_is_proposed()
    {
        var facts = new MachineFacts
        {
            Machine = Tower(),
            Access = Access(Desktop),
            Cell = new()
            {
                Id = Guid.NewGuid(),
                MachineId = Id,
                FittedAt = Now.AddYears(-2),
                NextCheck = Today.AddDays(200),
            },
        };
        CaseOpeningResult Of() => CaseOpening.Of(new(facts, Now), [Work("caps", 60, Uncovered)], Today);
        Assert.Contains(Of().Proposals, p => p.Job is { Id: "cell", DueOn: not null });
        facts.Cell.NextCheck = Today.AddDays(CaseOpening.SoonDays + 1);
        Assert.DoesNotContain(Of().Proposals, p => p.Job.Id == "cell");
    }

    /// <summary>Whatever sits in front of whatever: what comes off comes off in an order in which nothing is behind a later one, and with any piece all that is in front of it.</summary>
    [Property(MaxTest = 300)]
    public Property What_comes_off_comes_off_in_an_order_that_can_be()
    {
        var asked =
            from count in Gen.Choose(1, 9)
            from links in Gen.Choose(0, 1).ArrayOf(81)
            from picked in Gen.Choose(0, count - 1)
            from @out in Gen.Elements(true, false)
            select (count, links, picked, @out);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                var pieces = Enumerable
                    .Range(0, x.count)
                    .Select(i => new ApartPiece(
                        $"p{i}",
                        $"P{i}",
                        i == x.count - 1 ? PieceKind.Board : PieceKind.Other,
                        [.. Enumerable.Range(0, i).Where(k => x.links[9 * i + k] == 1).Select(k => $"p{k}")]
                    ))
                    .Reverse()
                    .ToList();
                var map = At(
                    new()
                    {
                        Id = Guid.NewGuid(),
                        MachineId = Id,
                        Pieces = pieces,
                    }
                ).Access;
                var set = map.To($"p{x.picked}", x.@out);
                var order = map.InOrder(set).Select(p => p.Id).ToList();
                var closed = set.All(id => map.Find(id)!.Behind.All(set.Contains));
                var inTurn = order.Select((id, i) => map.Find(id)!.Behind.All(b => order.IndexOf(b) < i)).All(t => t);
                return (closed && inTurn && order.Count == set.Count && set.Contains($"p{x.picked}") == x.@out).Label(
                    string.Join(' ', order)
                );
            }
        );
    }

    /// <summary>Forgetting where work lies, or what sits in front of it, never makes a depth enough that was not.</summary>
    [Property(MaxTest = 200)]
    public Property Knowing_less_never_makes_a_depth_deep_enough()
    {
        var asked =
            from reaches in Gen.Elements<Reach?>(null, Uncovered, Out, new Reach(PieceKind.Cover, true), new Reach(PieceKind.Drive, true))
                .ArrayOf(4)
            from danger in Gen.Choose(0, 3)
            from forget in Gen.Choose(0, 3)
            select (reaches, danger, forget);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                List<WorkTask> Of(bool less) =>
                    [.. x.reaches.Select((r, i) => Work($"w{i}", 20, less && i == x.forget ? null : r, Stage.Boards, i == x.danger))];
                var m = At(Access(Desktop));
                var (before, after) = (CaseOpening.Of(m, Of(false), Today), CaseOpening.Of(m, Of(true), Today));
                return after
                    .Levels.All(l =>
                        l.Verdict.Outcome == Outcome.No
                        || before.Levels.FirstOrDefault(b => b.Depth == l.Depth) is not { } was
                        || (l.Verdict.Outcome != Outcome.Yes || was.Verdict.Outcome == Outcome.Yes) && was.Verdict.Outcome != Outcome.No
                    )
                    .Label(string.Join("; ", after.Levels.Select(l => $"{l.Name} {l.Verdict.Outcome}")));
            }
        );
    }
}
