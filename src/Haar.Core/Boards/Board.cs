using Haar.Core.Verdicts;

namespace Haar.Core.Boards;

/// <summary>Which face of a board one looks at.</summary>
public enum Side
{
    Front = 0,
    Back,
}

/// <summary>How a board was turned over between its two photos, which decides which way its back is mirrored.</summary>
public enum Turned
{
    /// <summary>About its vertical axis, as a page is turned: left and right change places.</summary>
    Sideways = 0,

    /// <summary>About its horizontal axis: top and bottom change places.</summary>
    EndOverEnd,
}

/// <summary>A board of a machine: one map a side.</summary>
public sealed class Board : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>The front's picture; straightened once its corners are known.</summary>
    public Guid? PhotoId { get; set; }
    public BoardMap Map { get; set; } = new();
    public int Version { get; set; }

    /// <summary>The picture that marks of a side are placed on.</summary>
    public Guid? PictureOf(Side side) => side == Side.Front ? PhotoId : Map.Back.PhotoId;

    public void Show(Side side, Guid? photoId, SideMap map)
    {
        Map = Map.With(side, map with { PhotoId = side == Side.Front ? null : photoId });
        if (side == Side.Front)
        {
            PhotoId = photoId;
        }
    }

    public void Check() => Acts.TextField.Check("name", Name, 80, "Give the board a name of 1 to 80 characters.");
}

/// <summary>What makes a board's photos a map.</summary>
public sealed record BoardMap
{
    public SideMap Front { get; init; } = new();
    public SideMap Back { get; init; } = new();
    public Turned Turned { get; init; }

    /// <summary>What has to be added to a mirrored back point so that it lies on the front one, as shares; from pairs of holes seen on both sides.</summary>
    public Point BackShift { get; init; } = new(0, 0);

    /// <summary>Pairs that it was worked out from.</summary>
    public IReadOnlyList<SidePair> Pairs { get; init; } = [];

    public SideMap Of(Side side) => side == Side.Front ? Front : Back;

    public BoardMap With(Side side, SideMap map) => side == Side.Front ? this with { Front = map } : this with { Back = map };
}

/// <summary>One side's picture and how large it is.</summary>
public sealed record SideMap
{
    /// <summary>The back's picture; the front's is the board's own.</summary>
    public Guid? PhotoId { get; init; }

    /// <summary>The photo as taken, when <see cref="PhotoId"/> was straightened from it.</summary>
    public Guid? TakenId { get; init; }

    /// <summary>The board's corners on the photo as taken: top left, top right, bottom right, bottom left; empty when it was not straightened.</summary>
    public IReadOnlyList<Point> Corners { get; init; } = [];

    /// <summary>Width of the picture on the board, millimetres; null without a scale.</summary>
    public double? WidthMillimetres { get; init; }
    public double? HeightMillimetres { get; init; }
}

/// <summary>A place as shares of a picture's width and height, 0 to 1, from its top left.</summary>
public readonly record struct Point(double X, double Y);

/// <summary>One hole or pin seen on both sides.</summary>
public sealed record SidePair(Point Front, Point Back);

/// <summary>A length known on the board, such as the distance of two mounting holes.</summary>
public sealed record KnownLength(Point From, Point To, double Millimetres);

/// <summary>Sizes on a straightened picture.</summary>
public static class BoardScale
{
    public const double LeastMillimetres = 1,
        MostMillimetres = 1000;

    /// <summary>Millimetres that the whole picture is wide and high, from one length known on it. The picture's pixels must be square on the board: straighten it first.</summary>
    /// <exception cref="InvalidInputException">A length of zero, points that coincide, or no picture.</exception>
    public static (double Width, double Height) Of(KnownLength known, int pixelsWide, int pixelsHigh)
    {
        InvalidInputException.Finite("known.millimetres", known.Millimetres, LeastMillimetres, MostMillimetres, "mm");
        Outline.Inside("known.from", known.From);
        Outline.Inside("known.to", known.To);
        if (pixelsWide < 2 || pixelsHigh < 2)
        {
            throw new InvalidInputException("photo", "The picture has no size.");
        }
        var pixels = double.Hypot((known.To.X - known.From.X) * pixelsWide, (known.To.Y - known.From.Y) * pixelsHigh);
        if (pixels < 0.02 * Math.Max(pixelsWide, pixelsHigh))
        {
            throw new InvalidInputException(
                "known",
                "The two points lie on top of each other: choose two that are far apart, such as mounting holes, or the scale is a guess."
            );
        }
        var scale = known.Millimetres / pixels;
        return (Math.Round(pixelsWide * scale, 2), Math.Round(pixelsHigh * scale, 2));
    }
}

/// <summary>How well the two sides lie on each other.</summary>
/// <param name="Shift">To be added to a mirrored back point.</param>
/// <param name="ErrorMillimetres">Root mean square of what is left; null with fewer than two pairs or no scale.</param>
public sealed record RegistrationResult(Point Shift, double? ErrorMillimetres, Verdict Verdict);

/// <summary>How a point of one side is found on the other: x becomes <c>XTimes · x + XPlus</c>, and y the same. The drawing has its figures from here.</summary>
public sealed record SideOnSide(double XTimes, double XPlus, double YTimes, double YPlus)
{
    public Point Of(Point p) => new(XTimes * p.X + XPlus, YTimes * p.Y + YPlus);
}

/// <summary>Front and back registered to each other: both are straightened to the same four corners, so the back is the front mirrored, but for a shift.</summary>
public static class Registration
{
    /// <summary>Above this the sides are not to be trusted for finding a pin from behind: half a pitch of 2.54 mm pins. A house figure.</summary>
    public const double MostErrorMillimetres = 1.27;

    public static Point Mirror(Point p, Turned turned) => turned == Turned.Sideways ? new(1 - p.X, p.Y) : new(p.X, 1 - p.Y);

    /// <summary>Where what is at the back lies when one looks at the front: mirrored, then shifted.</summary>
    public static SideOnSide BackOnFront(BoardMap map) =>
        map.Turned == Turned.Sideways ? new(-1, 1 + map.BackShift.X, 1, map.BackShift.Y) : new(1, map.BackShift.X, -1, 1 + map.BackShift.Y);

    /// <summary>Where what is in front lies when one looks at the back: the same undone.</summary>
    public static SideOnSide FrontOnBack(BoardMap map) =>
        map.Turned == Turned.Sideways
            ? new(-1, 1 + map.BackShift.X, 1, -map.BackShift.Y)
            : new(1, -map.BackShift.X, -1, 1 + map.BackShift.Y);

    /// <summary>Where a point of the back lies when one looks at the front.</summary>
    public static Point ToFront(Point back, BoardMap map) => BackOnFront(map).Of(back);

    /// <summary>Where a point of the front lies when one looks at the back.</summary>
    public static Point ToBack(Point front, BoardMap map) => FrontOnBack(map).Of(front);

    /// <exception cref="InvalidInputException">A point off the picture.</exception>
    public static RegistrationResult Of(IReadOnlyList<SidePair> pairs, Turned turned, double? widthMillimetres, double? heightMillimetres)
    {
        const string question = "Do the two sides lie on each other?";
        for (var i = 0; i < pairs.Count; i++)
        {
            Outline.Inside($"pairs[{i}].front", pairs[i].Front);
            Outline.Inside($"pairs[{i}].back", pairs[i].Back);
        }

        if (pairs.Count == 0)
        {
            return new(
                new(0, 0),
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        "They do if both photos were straightened to the same four corners.",
                        Basis.Guess,
                        new Reason("Nobody has checked it on a hole that goes through.")
                    )
                    .Changing("Two holes tapped on both sides, far apart.")
            );
        }

        var gaps = pairs.Select(p => Mirror(p.Back, turned) is var m ? new Point(p.Front.X - m.X, p.Front.Y - m.Y) : default).ToList();
        var shift = new Point(gaps.Average(g => g.X), gaps.Average(g => g.Y));
        if (pairs.Count < 2 || widthMillimetres is not { } w || heightMillimetres is not { } h)
        {
            return new(
                shift,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        "They do where that one hole is; a second one, far from it, would show whether they do everywhere.",
                        Basis.Guess
                    )
                    .Changing(widthMillimetres is null ? "The scale of the board." : "A second hole.")
            );
        }

        var error = Math.Sqrt(gaps.Average(g => Math.Pow((g.X - shift.X) * w, 2) + Math.Pow((g.Y - shift.Y) * h, 2)));
        var figure = new Figure("Left over", Math.Round(error, 2), "mm", null, MostErrorMillimetres);
        var reason = new Reason(
            $"{pairs.Count} holes agree within {Markings.Si.Plain(Math.Round(error, 2))} mm.",
            figure,
            "half a pin pitch"
        );
        return new(
            shift,
            error,
            error <= MostErrorMillimetres
                ? Verdict.Of(
                    question,
                    Outcome.Yes,
                    $"They lie on each other within {Markings.Si.Plain(Math.Round(error, 1))} mm.",
                    Basis.Measured,
                    reason
                )
                : Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"They do not: the holes are {Markings.Si.Plain(Math.Round(error, 1))} mm apart. The corners of one photo are off, or the board was turned the other way.",
                        Basis.Measured,
                        reason
                    )
                    .Changing("The other way of turning.", "Corners set again.")
        );
    }
}
