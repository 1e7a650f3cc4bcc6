using Haar.Core.Verdicts;

namespace Haar.Core.Boards;

/// <summary>How a photo taken at a slant becomes a picture seen from straight above.</summary>
/// <param name="Width">Of the picture, pixels.</param>
/// <param name="Height">Of the picture, pixels.</param>
/// <param name="Matrix">Row-major 3 × 3 that takes pixels of the photo to pixels of the picture.</param>
/// <param name="Aspect">Width over height of the board itself.</param>
/// <param name="FromPerspective">True when the aspect was worked out from the slant; false when the photo was so straight that the edges' own lengths served.</param>
public sealed record StraightenPlan(int Width, int Height, IReadOnlyList<double> Matrix, double Aspect, bool FromPerspective)
{
    public string Sentence =>
        $"Straightened it is {Width} by {Height} pixels, {Markings.Si.Plain(Math.Round(Aspect, 2))} to 1{(FromPerspective ? ", by its perspective" : "")}.";

    /// <summary>A place on the photo, as shares, to its place on the picture, as shares. May fall outside 0 to 1.</summary>
    public Point Map(Point p, int photoWidth, int photoHeight)
    {
        var (x, y) = (p.X * photoWidth, p.Y * photoHeight);
        var w = Matrix[6] * x + Matrix[7] * y + Matrix[8];
        return new((Matrix[0] * x + Matrix[1] * y + Matrix[2]) / w / Width, (Matrix[3] * x + Matrix[4] * y + Matrix[5]) / w / Height);
    }

    /// <summary>The other way: a place on the picture to its place on the photo, by the adjugate of the matrix.</summary>
    public Point Unmap(Point p, int photoWidth, int photoHeight)
    {
        var m = Matrix;
        var (u, v) = (p.X * Width, p.Y * Height);
        var x = (m[4] * m[8] - m[5] * m[7]) * u + (m[2] * m[7] - m[1] * m[8]) * v + (m[1] * m[5] - m[2] * m[4]);
        var y = (m[5] * m[6] - m[3] * m[8]) * u + (m[0] * m[8] - m[2] * m[6]) * v + (m[2] * m[3] - m[0] * m[5]);
        var w = (m[3] * m[7] - m[4] * m[6]) * u + (m[1] * m[6] - m[0] * m[7]) * v + (m[0] * m[4] - m[1] * m[3]);
        return new(x / w / photoWidth, y / w / photoHeight);
    }
}

/// <summary>
/// Straightens a board from its four corners: the projective map of four points onto a rectangle, whose proportions follow
/// from the slant itself for a camera with square pixels and its axis through the middle of the photo
/// (Zhang and He, "Whiteboard scanning and image enhancement", Digital Signal Processing 17, 2007, section 3).
/// </summary>
public static class Straighten
{
    public const int MostPixels = 2400;

    /// <param name="corners">Top left, top right, bottom right, bottom left, as shares of the photo.</param>
    /// <param name="photoWidth">Pixels of the photo as taken.</param>
    /// <param name="photoHeight">Pixels of the photo as taken.</param>
    /// <param name="aspect">Width over height, where it is known from a drawing; null to work it out.</param>
    /// <exception cref="InvalidInputException">Not four corners, one off the photo, corners that cross, or a sliver.</exception>
    public static StraightenPlan Of(IReadOnlyList<Point> corners, int photoWidth, int photoHeight, double? aspect = null)
    {
        Check(corners);
        InvalidInputException.Finite("photoWidth", photoWidth, 16, 20_000, "pixels");
        InvalidInputException.Finite("photoHeight", photoHeight, 16, 20_000, "pixels");
        InvalidInputException.Finite("aspect", aspect, 0.05, 20, "");
        var px = corners.Select(c => (X: c.X * photoWidth, Y: c.Y * photoHeight)).ToArray();
        double Edge(int a, int b) => double.Hypot(px[a].X - px[b].X, px[a].Y - px[b].Y);
        var (across, down) = (Math.Max(Edge(0, 1), Edge(3, 2)), Math.Max(Edge(0, 3), Edge(1, 2)));
        var slant = FromSlant(px, photoWidth / 2.0, photoHeight / 2.0);
        var ratio = aspect ?? slant ?? (Edge(0, 1) + Edge(3, 2)) / (Edge(0, 3) + Edge(1, 2));
        // As many pixels as the longer edge had, so that nothing is thrown away and nothing is invented.
        var width = Math.Max(across, down * ratio);
        var height = width / ratio;
        var shrink = Math.Min(1, MostPixels / Math.Max(width, height));
        var (w, h) = (Math.Max(16, (int)Math.Round(width * shrink)), Math.Max(16, (int)Math.Round(height * shrink)));
        return new(w, h, Solve(px, w, h), ratio, aspect is null && slant is not null);
    }

    static void Check(IReadOnlyList<Point> corners)
    {
        if (corners.Count != 4)
        {
            throw new InvalidInputException(
                "corners",
                $"Four corners make a board: top left, top right, bottom right, bottom left; {corners.Count} came."
            );
        }
        for (var i = 0; i < 4; i++)
        {
            Outline.Inside($"corners[{i}]", corners[i]);
        }
        if (Outline.Crosses(corners))
        {
            throw new InvalidInputException(
                "corners",
                "The corners cross: go round the board once, top left, top right, bottom right, bottom left."
            );
        }
        var turns = Enumerable
            .Range(0, 4)
            .Select(i => (A: corners[i], B: corners[(i + 1) % 4], C: corners[(i + 2) % 4]))
            .Select(t => (t.B.X - t.A.X) * (t.C.Y - t.B.Y) - (t.B.Y - t.A.Y) * (t.C.X - t.B.X))
            .ToList();
        if (turns.Any(t => Math.Abs(t) < 1e-4))
        {
            throw new InvalidInputException("corners", "Three of the corners lie on one line, so they are not a board's.");
        }
        if (turns.Any(t => t < 0) && turns.Any(t => t > 0))
        {
            throw new InvalidInputException("corners", "One corner lies inside the other three: a board seen by a camera never looks so.");
        }
        if (turns[0] < 0)
        {
            throw new InvalidInputException(
                "corners",
                "The corners run the wrong way round, which would mirror the board: top left, top right, bottom right, bottom left."
            );
        }
    }

    static double? FromSlant((double X, double Y)[] p, double u0, double v0)
    {
        // m1 top left, m2 top right, m3 bottom left, m4 bottom right, in the paper's order.
        double[] m1 = [p[0].X, p[0].Y, 1],
            m2 = [p[1].X, p[1].Y, 1],
            m3 = [p[3].X, p[3].Y, 1],
            m4 = [p[2].X, p[2].Y, 1];
        static double[] Cross(double[] a, double[] b) => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
        static double Dot(double[] a, double[] b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
        var k2 = Dot(Cross(m1, m4), m3) / Dot(Cross(m2, m4), m3);
        var k3 = Dot(Cross(m1, m4), m2) / Dot(Cross(m3, m4), m2);
        double[] n2 = [k2 * m2[0] - m1[0], k2 * m2[1] - m1[1], k2 - 1],
            n3 = [k3 * m3[0] - m1[0], k3 * m3[1] - m1[1], k3 - 1];
        // With opposite edges all but parallel the focal length cannot be told.
        if (Math.Abs(n2[2]) < 0.02 || Math.Abs(n3[2]) < 0.02)
        {
            return null;
        }
        var f2 =
            -(
                n2[0] * n3[0]
                - (n2[0] * n3[2] + n2[2] * n3[0]) * u0
                + n2[2] * n3[2] * u0 * u0
                + n2[1] * n3[1]
                - (n2[1] * n3[2] + n2[2] * n3[1]) * v0
                + n2[2] * n3[2] * v0 * v0
            ) / (n2[2] * n3[2]);
        if (!double.IsFinite(f2) || f2 < u0 * u0 * 0.1 || f2 > u0 * u0 * 400)
        {
            return null;
        }
        double Length(double[] n) => (Math.Pow(n[0] - u0 * n[2], 2) + Math.Pow(n[1] - v0 * n[2], 2)) / f2 + n[2] * n[2];
        var ratio = Math.Sqrt(Length(n2) / Length(n3));
        return double.IsFinite(ratio) && ratio is > 0.05 and < 20 ? ratio : null;
    }

    /// <summary>Solves the eight equations of four point pairs by elimination with pivoting; h₃₃ is 1.</summary>
    static double[] Solve((double X, double Y)[] p, int w, int h)
    {
        (double X, double Y)[] to = [(0, 0), (w, 0), (w, h), (0, h)];
        var a = new double[8, 9];
        for (var i = 0; i < 4; i++)
        {
            var ((x, y), (u, v)) = (p[i], to[i]);
            double[] first = [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
                second = [0, 0, 0, x, y, 1, -v * x, -v * y, v];
            for (var c = 0; c < 9; c++)
            {
                (a[2 * i, c], a[2 * i + 1, c]) = (first[c], second[c]);
            }
        }

        for (var col = 0; col < 8; col++)
        {
            var pivot = Enumerable.Range(col, 8 - col).MaxBy(r => Math.Abs(a[r, col]));
            for (var c = 0; c < 9; c++)
            {
                (a[col, c], a[pivot, c]) = (a[pivot, c], a[col, c]);
            }
            for (var r = 0; r < 8; r++)
            {
                if (r == col)
                {
                    continue;
                }
                var f = a[r, col] / a[col, col];
                for (var c = col; c < 9; c++)
                {
                    a[r, c] -= f * a[col, c];
                }
            }
        }

        return [.. Enumerable.Range(0, 8).Select(r => a[r, 8] / a[r, r]), 1];
    }
}
