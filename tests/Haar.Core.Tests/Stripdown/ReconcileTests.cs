using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Stripdown;

public class ReconcileTests
{
    static FastenerFact Hole(
        int count = 4,
        double? length = 6,
        int missing = 0,
        bool back = true,
        string pierces = "",
        params FastenerBack[] returns
    ) => new("f", 14, "Drive cage", "M3", length, "pan", count, missing, "1 to 4", "C2", pierces, returns, back);

    static FastenerBack Back(int count, double? length = 6, string thread = "M3", string head = "pan", bool store = false) =>
        new(count, thread, length, head, store);

    [Fact]
    public void A_long_screw_in_a_short_hole_is_refused_with_what_it_could_pierce()
    {
        var v = Reconcile.MayGoIn(Hole(pierces: "the drive's board"), Back(1, 12));
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.Equal("Do not fit: 12 mm goes 6 mm further in than the 6 mm that came out. It could pierce the drive's board.", v.Sentence);
        Assert.Contains("whatever lies behind the hole", Reconcile.MayGoIn(Hole(), Back(1, 12)).Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(6.5, Outcome.Yes)]
    [InlineData(6.6, Outcome.No)]
    [InlineData(6, Outcome.Yes)]
    [InlineData(3, Outcome.Yes)]
    [InlineData(2.9, Outcome.YesIf)]
    public void The_limits_count_as_within(double length, Outcome outcome) =>
        Assert.Equal(outcome, Reconcile.MayGoIn(Hole(), Back(1, length)).Outcome);

    [Fact]
    public void Another_thread_strips_the_hole_and_an_unmeasured_one_is_measured_first()
    {
        Assert.Equal(Outcome.No, Reconcile.MayGoIn(Hole(), Back(1, 6, "6-32")).Outcome);
        Assert.Equal(Outcome.Unknown, Reconcile.MayGoIn(Hole(), Back(1, null)).Outcome);
        Assert.Equal(Outcome.Unknown, Reconcile.MayGoIn(Hole(length: null), Back(1)).Outcome);
        Assert.Equal(Outcome.YesIf, Reconcile.MayGoIn(Hole(), Back(1, 6, "M3", "countersunk")).Outcome);
        Assert.Equal(Outcome.Yes, Reconcile.MayGoIn(Hole() with { Thread = "6–32" }, Back(1, 6, "6-32")).Outcome);
    }

    [Fact]
    public void Left_over_is_what_is_not_back_though_its_piece_is()
    {
        var r = Reconcile.Of([Hole(returns: [Back(3)])]);
        Assert.Equal(1, r.LeftOver);
        Assert.Equal(Outcome.No, r.Verdict.Outcome);
        Assert.Equal("One screw left over: M3 × 6 pan from step 14, drive cage.", r.Verdict.Sentence);
        Assert.Equal(FastenerStand.LeftOver, r.Rows[0].Stand);
    }

    [Fact]
    public void While_its_piece_is_out_it_is_in_its_tray_which_is_right()
    {
        var r = Reconcile.Of([Hole(back: false)]);
        Assert.Equal((4, 0, Outcome.YesIf), (r.InTrays, r.LeftOver, r.Verdict.Outcome));
        Assert.Equal("4 in tray C2.", r.Rows[0].Sentence);
    }

    [Fact]
    public void Missing_from_before_is_no_fault_of_ours_and_spares_that_fit_are_named()
    {
        SpareFastener[] spares =
        [
            new("a", "M3", 6, "pan", 12, "F1"),
            new("b", "M3", 10, "pan", 90, "F1"),
            new("c", "M3", 6.4, "Pan", 30, "F2"),
            new("d", "M3", 6, "hex", 5, "F1"),
            new("e", "M3", 6, "pan", 0, "F9"),
        ];
        var r = Reconcile.Of([Hole(3, missing: 1, returns: [Back(3)])], spares);
        Assert.Equal((1, Outcome.YesIf), (r.MissingFromBefore, r.Verdict.Outcome));
        Assert.Equal(["c", "a"], r.Rows[0].Spares.Select(s => s.Id));
        var filled = Reconcile.Of([Hole(3, missing: 1, returns: [Back(3), Back(1, store: true)])], spares);
        Assert.Equal((0, Outcome.Yes), (filled.MissingFromBefore, filled.Verdict.Outcome));
        Assert.Equal("Every fastener is back: 4 of 3.", filled.Verdict.Sentence);
    }

    [Fact]
    public void A_wrong_length_that_is_in_already_comes_first()
    {
        var r = Reconcile.Of([Hole(returns: [Back(3), Back(1, 10)]), Hole(2, returns: [Back(1)]) with { Id = "g" }]);
        Assert.Equal(1, r.Wrong);
        Assert.StartsWith("Do not fit: 10 mm", r.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_fastener_put_back_twice_is_said()
    {
        var e = Assert.Throws<InvalidInputException>(() => Reconcile.Of([Hole(returns: [Back(3), Back(2)])]));
        Assert.Contains("5 are said to be back of 4", e.Message, StringComparison.Ordinal);
        Assert.Throws<InvalidInputException>(() => Reconcile.Of([Hole(returns: [Back(4), Back(1, store: true)])]));
        Assert.Throws<InvalidInputException>(() => Reconcile.Of([Hole(returns: [Back(0)])]));
    }

    [Fact]
    public void Nothing_recorded_is_not_known() => Assert.Equal(Outcome.Unknown, Reconcile.Of([]).Verdict.Outcome);

    [Fact]
    public void Counts_add_up()
    {
        var r = Reconcile.Of([
            Hole(returns: [Back(4)]),
            Hole(5, back: false) with
            {
                Id = "g",
            },
            Hole(2, returns: [Back(1)]) with
            {
                Id = "h",
            },
        ]);
        Assert.Equal(r.Out, r.In + r.InTrays + r.LeftOver);
    }
}

public class NoPowerDiagnosisTests
{
    static TouchedPiece Piece(
        string id,
        PieceKind kind,
        string wayRound = "",
        bool second = false,
        bool back = true,
        params TouchedLead[] leads
    ) => new(id, 3, $"The {id}", kind, back, false, "", wayRound, second, leads);

    [Fact]
    public void An_unseated_module_is_looked_at_first()
    {
        var (v, checks) = NoPowerDiagnosis.Of(
            [Piece("cover", PieceKind.Cover), Piece("memory", PieceKind.Module), Piece("board", PieceKind.Board)],
            0,
            new HashSet<string>()
        );
        Assert.Equal("memory:seat", checks[0].Id);
        Assert.Equal("Plug out, then: take the memory out and seat it again.", v.Sentence);
        Assert.Equal(1, checks.Sum(c => c.Share), 2);
    }

    [Fact]
    public void What_is_not_back_at_all_comes_before_it()
    {
        var (_, checks) = NoPowerDiagnosis.Of(
            [Piece("memory", PieceKind.Module), Piece("fan", PieceKind.Fan, back: false)],
            0,
            new HashSet<string>()
        );
        Assert.Equal("fan:out", checks[0].Id);
    }

    [Fact]
    public void A_machine_in_pieces_is_put_together_before_anything_is_looked_for()
    {
        var (v, checks) = NoPowerDiagnosis.Of(
            [
                Piece("a", PieceKind.Cover, back: false),
                Piece("b", PieceKind.Fan, back: false),
                Piece("c", PieceKind.Card, back: false),
                Piece("memory", PieceKind.Module),
            ],
            0,
            new HashSet<string>()
        );
        Assert.Equal(["rebuild:out", "memory:seat"], checks.Select(c => c.Id));
        Assert.Equal("Plug out, then: finish the rebuild.", v.Sentence);
    }

    [Fact]
    public void A_way_round_nobody_looked_at_twice_weighs_more_than_one_that_was()
    {
        double Share(bool second) =>
            NoPowerDiagnosis
                .Of([Piece("ribbon", PieceKind.Other, "red edge up", second), Piece("memory", PieceKind.Module)], 0, new HashSet<string>())
                .Checks.First(c => c.Id == "ribbon:way")
                .Share;
        Assert.True(Share(false) > 2 * Share(true));
    }

    [Fact]
    public void No_picture_points_at_the_display_and_the_card() =>
        Assert.Equal(
            "card:seat",
            NoPowerDiagnosis
                .Of([Piece("memory", PieceKind.Module), Piece("card", PieceKind.Card)], 0, new HashSet<string>(), Silence.NoPicture)
                .Checks[0]
                .Id
        );

    [Fact]
    public void Only_what_was_touched_is_listed_and_what_is_cleared_goes()
    {
        TouchedPiece[] all = [Piece("memory", PieceKind.Module, leads: new TouchedLead("l1", "50-way ribbon", false, "red edge up", true))];
        var (_, checks) = NoPowerDiagnosis.Of(all, 1, new HashSet<string>());
        Assert.Equal(["l1:lead", "l1:way", "memory:seat", "screws"], checks.Select(c => c.Id).Order());
        var (v, none) = NoPowerDiagnosis.Of(all, 1, checks.Select(c => c.Id).ToHashSet());
        Assert.Empty(none);
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.Equal(Outcome.Unknown, NoPowerDiagnosis.Of([], 0, new HashSet<string>()).Verdict.Outcome);
    }
}
