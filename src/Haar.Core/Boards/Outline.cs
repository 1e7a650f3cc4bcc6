using Haar.Core.Verdicts;

namespace Haar.Core.Boards;

/// <summary>A closed outline on a picture. The last point joins the first.</summary>
public static class Outline
{
    public const int LeastPoints = 3,
        MostPoints = 400;

    internal static void Inside(string field, Point p)
    {
        InvalidInputException.Finite($"{field}.x", p.X, 0, 1, "");
        InvalidInputException.Finite($"{field}.y", p.Y, 0, 1, "");
    }

    /// <exception cref="InvalidInputException">Too few points, one off the picture, or an outline that crosses itself.</exception>
    public static void Check(string field, IReadOnlyList<Point> outline)
    {
        if (outline.Count is < LeastPoints or > MostPoints)
        {
            throw new InvalidInputException(field, $"An outline has {LeastPoints} to {MostPoints} points; this has {outline.Count}.");
        }
        for (var i = 0; i < outline.Count; i++)
        {
            Inside($"{field}[{i}]", outline[i]);
        }
        if (Crosses(outline))
        {
            throw new InvalidInputException(
                field,
                "The outline crosses itself, so it has no one area: go round the edge once, without crossing your own line."
            );
        }
        if (Math.Abs(SignedShare(outline)) < 1e-7)
        {
            throw new InvalidInputException(field, "The outline has no area: its points lie on one line.");
        }
    }

    /// <summary>Share of the picture that lies inside, 0 to 1 (shoelace formula).</summary>
    public static double Share(IReadOnlyList<Point> outline) => Math.Abs(SignedShare(outline));

    /// <summary>Area in cm².</summary>
    public static double SquareCentimetres(IReadOnlyList<Point> outline, double widthMillimetres, double heightMillimetres) =>
        Share(outline) * widthMillimetres * heightMillimetres / 100;

    static double SignedShare(IReadOnlyList<Point> o)
    {
        double sum = 0;
        for (var i = 0; i < o.Count; i++)
        {
            var (a, b) = (o[i], o[(i + 1) % o.Count]);
            sum += a.X * b.Y - b.X * a.Y;
        }

        return sum / 2;
    }

    /// <summary>True when two sides that are not neighbours meet, or a side runs back over the one before.</summary>
    public static bool Crosses(IReadOnlyList<Point> o)
    {
        var n = o.Count;
        for (var i = 0; i < n; i++)
        {
            for (var j = i + 1; j < n; j++)
            {
                var neighbours = j == i + 1 || (i == 0 && j == n - 1);
                if (!neighbours && Meet(o[i], o[(i + 1) % n], o[j], o[(j + 1) % n]))
                {
                    return true;
                }
            }
        }

        return false;
    }

    internal static bool Meet(Point a, Point b, Point c, Point d)
    {
        static double Turn(Point p, Point q, Point r) => (q.X - p.X) * (r.Y - p.Y) - (q.Y - p.Y) * (r.X - p.X);
        static bool On(Point p, Point q, Point r) =>
            Math.Min(p.X, q.X) <= r.X && r.X <= Math.Max(p.X, q.X) && Math.Min(p.Y, q.Y) <= r.Y && r.Y <= Math.Max(p.Y, q.Y);
        var (d1, d2, d3, d4) = (Turn(c, d, a), Turn(c, d, b), Turn(a, b, c), Turn(a, b, d));
        if (((d1 > 0 && d2 < 0) || (d1 < 0 && d2 > 0)) && ((d3 > 0 && d4 < 0) || (d3 < 0 && d4 > 0)))
        {
            return true;
        }
        return (d1 == 0 && On(c, d, a)) || (d2 == 0 && On(c, d, b)) || (d3 == 0 && On(a, b, c)) || (d4 == 0 && On(a, b, d));
    }

    /// <summary>Whether a point lies inside or on the edge (ray casting).</summary>
    public static bool Contains(IReadOnlyList<Point> o, Point p)
    {
        var inside = false;
        for (int i = 0, j = o.Count - 1; i < o.Count; j = i++)
        {
            if (Meet(o[j], o[i], p, p))
            {
                return true;
            }
            if ((o[i].Y > p.Y) != (o[j].Y > p.Y) && p.X < (o[j].X - o[i].X) * (p.Y - o[i].Y) / (o[j].Y - o[i].Y) + o[i].X)
            {
                inside = !inside;
            }
        }

        return inside;
    }

    /// <summary>Whether a path of straight pieces comes inside anywhere.</summary>
    public static bool Touches(IReadOnlyList<Point> o, IReadOnlyList<Point> path)
    {
        if (path.Any(p => Contains(o, p)))
        {
            return true;
        }
        for (var k = 1; k < path.Count; k++)
        {
            for (var i = 0; i < o.Count; i++)
            {
                if (Meet(path[k - 1], path[k], o[i], o[(i + 1) % o.Count]))
                {
                    return true;
                }
            }
        }

        return false;
    }
}
