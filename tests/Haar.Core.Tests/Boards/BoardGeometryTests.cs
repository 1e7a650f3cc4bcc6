using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Boards;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Boards;

public class OutlineTests
{
    static readonly Point[] Square = [new(0.1, 0.1), new(0.3, 0.1), new(0.3, 0.3), new(0.1, 0.3)];

    [Fact]
    public void A_square_of_a_fifth_on_a_board_of_200_by_150_millimetres_is_12_square_centimetres() =>
        Assert.Equal(12, Outline.SquareCentimetres(Square, 200, 150), 9);

    [Fact]
    public void An_outline_that_crosses_itself_is_refused_and_says_so()
    {
        var e = Assert.Throws<InvalidInputException>(() => Outline.Check("outline", [Square[0], Square[2], Square[1], Square[3]]));
        Assert.Equal("outline", e.Field);
        Assert.Contains("crosses itself", e.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_line_has_no_area_and_two_points_are_no_outline()
    {
        Assert.Throws<InvalidInputException>(() => Outline.Check("outline", [new(0, 0), new(0.5, 0.5)]));
        Assert.Throws<InvalidInputException>(() => Outline.Check("outline", [new(0, 0), new(0.25, 0.25), new(0.5, 0.5)]));
        Assert.Throws<InvalidInputException>(() => Outline.Check("outline", [new(0, 0), new(1.2, 0), new(0.5, 0.5)]));
    }

    [Fact]
    public void The_edge_counts_as_inside_and_a_run_that_only_passes_through_touches()
    {
        Assert.True(Outline.Contains(Square, new(0.2, 0.2)));
        Assert.True(Outline.Contains(Square, new(0.1, 0.2)));
        Assert.False(Outline.Contains(Square, new(0.31, 0.2)));
        Assert.True(Outline.Touches(Square, [new(0, 0.2), new(0.5, 0.2)]));
        Assert.False(Outline.Touches(Square, [new(0, 0.4), new(0.5, 0.4)]));
    }

    [Property]
    public Property The_area_does_not_depend_on_where_one_begins_or_which_way_one_goes() =>
        Prop.ForAll(
            Gen.Choose(0, 1000).Select(i => i / 1000.0).ArrayOf(8).ToArbitrary(),
            xs =>
            {
                var o = Enumerable.Range(0, 4).Select(i => new Point(xs[2 * i], xs[2 * i + 1])).ToList();
                var turned = o.Skip(1).Append(o[0]).ToList();
                var reversed = Enumerable.Reverse(o).ToList();
                return Math.Abs(Outline.Share(o) - Outline.Share(turned)) < 1e-12
                    && Math.Abs(Outline.Share(o) - Outline.Share(reversed)) < 1e-12;
            }
        );
}

public class StraightenTests
{
    static readonly Point[] Straight = [new(0.1, 0.1), new(0.9, 0.1), new(0.9, 0.9), new(0.1, 0.9)];

    /// <summary>A camera above a board 300 × 200 mm, tilted: where its corners fall on a photo of 2000 × 1500.</summary>
    static Point[] Seen(double tiltDegrees, double swingDegrees, double focal = 1800)
    {
        var (t, s) = (tiltDegrees * Math.PI / 180, swingDegrees * Math.PI / 180);
        return
        [
            .. new[] { (-150.0, -100.0), (150, -100), (150, 100), (-150, 100) }.Select(p =>
            {
                var (x, y) = p;
                // About the vertical, then about the horizontal, then 600 mm away.
                var (x1, z1) = (x * Math.Cos(s), x * Math.Sin(s));
                var (y2, z2) = (y * Math.Cos(t) - z1 * Math.Sin(t), y * Math.Sin(t) + z1 * Math.Cos(t));
                var depth = 600 + z2;
                return new Point((1000 + focal * x1 / depth) / 2000, (750 + focal * y2 / depth) / 1500);
            }),
        ];
    }

    [Fact]
    public void Corners_come_to_the_corners_of_the_picture()
    {
        var seen = Seen(25, 15);
        var plan = Straighten.Of(seen, 2000, 1500);
        Point[] want = [new(0, 0), new(1, 0), new(1, 1), new(0, 1)];
        foreach (var (from, to) in seen.Zip(want))
        {
            var got = plan.Map(from, 2000, 1500);
            Assert.Equal(to.X, got.X, 9);
            Assert.Equal(to.Y, got.Y, 9);
        }
    }

    [Theory]
    [InlineData(20, 12)]
    [InlineData(35, -20)]
    [InlineData(28, 30)]
    public void The_boards_own_proportions_follow_from_the_slant(double tilt, double swing)
    {
        var plan = Straighten.Of(Seen(tilt, swing), 2000, 1500);
        Assert.True(plan.FromPerspective);
        Assert.Equal(1.5, plan.Aspect, 3);
    }

    [Fact]
    public void A_photo_from_straight_above_takes_its_proportions_from_the_edges()
    {
        var plan = Straighten.Of(Straight, 1000, 800);
        Assert.False(plan.FromPerspective);
        Assert.Equal(1.25, plan.Aspect, 9);
    }

    [Fact]
    public void The_middle_of_a_tilted_board_comes_to_the_middle_of_the_picture()
    {
        var seen = Seen(30, 20);
        // The diagonals of a board cross in its middle, whatever the slant.
        var (a, b, c, d) = (seen[0], seen[1], seen[2], seen[3]);
        var t = ((b.X - a.X) * (d.Y - b.Y) - (b.Y - a.Y) * (d.X - b.X)) / ((c.X - a.X) * (d.Y - b.Y) - (c.Y - a.Y) * (d.X - b.X));
        var middle = Straighten.Of(seen, 2000, 1500).Map(new(a.X + t * (c.X - a.X), a.Y + t * (c.Y - a.Y)), 2000, 1500);
        Assert.Equal(0.5, middle.X, 9);
        Assert.Equal(0.5, middle.Y, 9);
    }

    [Property]
    public Property There_and_back_is_where_one_was() =>
        Prop.ForAll(
            Gen.Choose(-35, 35).ToArbitrary(),
            Gen.Choose(-35, 35).ToArbitrary(),
            Gen.Choose(0, 1000).ToArbitrary(),
            (tilt, swing, at) =>
            {
                var plan = Straighten.Of(Seen(tilt, swing), 2000, 1500);
                var p = new Point(at / 1000.0, 1 - at / 1700.0);
                var back = plan.Map(plan.Unmap(p, 2000, 1500), 2000, 1500);
                return Math.Abs(back.X - p.X) < 1e-6 && Math.Abs(back.Y - p.Y) < 1e-6;
            }
        );

    [Fact]
    public void Corners_that_cross_lie_on_a_line_or_run_the_wrong_way_are_refused()
    {
        Assert.Contains(
            "cross",
            Assert
                .Throws<InvalidInputException>(() => Straighten.Of([Straight[0], Straight[2], Straight[1], Straight[3]], 1000, 800))
                .Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "one line",
            Assert
                .Throws<InvalidInputException>(() => Straighten.Of([new(0.1, 0.1), new(0.5, 0.1), new(0.9, 0.1), new(0.5, 0.9)], 1000, 800))
                .Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "mirror",
            Assert
                .Throws<InvalidInputException>(() => Straighten.Of([Straight[1], Straight[0], Straight[3], Straight[2]], 1000, 800))
                .Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "inside",
            Assert
                .Throws<InvalidInputException>(() =>
                    Straighten.Of([new(0.1, 0.1), new(0.9, 0.1), new(0.45, 0.3), new(0.3, 0.9)], 1000, 800)
                )
                .Message,
            StringComparison.Ordinal
        );
        Assert.Throws<InvalidInputException>(() => Straighten.Of(Straight[..3], 1000, 800));
    }
}

public class ScaleAndRegistrationTests
{
    [Fact]
    public void A_known_length_gives_the_size_of_the_picture()
    {
        var (w, h) = BoardScale.Of(new(new(0.1, 0.5), new(0.9, 0.5), 160), 1000, 800);
        Assert.Equal((200, 160), (w, h));
    }

    [Fact]
    public void A_length_of_zero_and_two_points_in_one_place_give_no_scale()
    {
        Assert.Equal(
            "known.millimetres",
            Assert.Throws<InvalidInputException>(() => BoardScale.Of(new(new(0.1, 0.5), new(0.9, 0.5), 0), 1000, 800)).Field
        );
        Assert.Equal(
            "known",
            Assert.Throws<InvalidInputException>(() => BoardScale.Of(new(new(0.5, 0.5), new(0.5, 0.5), 10), 1000, 800)).Field
        );
    }

    [Fact]
    public void Holes_seen_on_both_sides_lay_the_back_on_the_front()
    {
        SidePair[] pairs = [new(new(0.1, 0.1), new(0.89, 0.1)), new(new(0.9, 0.9), new(0.09, 0.9))];
        var r = Registration.Of(pairs, Turned.Sideways, 200, 150);
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
        Assert.Equal(-0.01, r.Shift.X, 9);
        var map = new BoardMap { BackShift = r.Shift };
        var front = Registration.ToFront(new(0.89, 0.1), map);
        Assert.Equal(0.1, front.X, 9);
        Assert.Equal(new Point(0.89, 0.1).X, Registration.ToBack(front, map).X, 9);
    }

    [Fact]
    public void A_board_turned_the_other_way_is_noticed()
    {
        SidePair[] pairs = [new(new(0.1, 0.1), new(0.1, 0.9)), new(new(0.9, 0.8), new(0.9, 0.2))];
        Assert.Equal(Outcome.No, Registration.Of(pairs, Turned.Sideways, 200, 150).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Registration.Of(pairs, Turned.EndOverEnd, 200, 150).Verdict.Outcome);
    }
}
