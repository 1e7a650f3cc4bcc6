using Haar.Core.Colour;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <param name="EdgeShare">Of the caps, those with an edge where the layout has one; 0 to 1.</param>
public sealed record CapMapResult(IReadOnlyList<Cap> Caps, double? EdgeShare, Verdict Verdict);

/// <summary>A layout laid over the straightened picture of a keyboard.</summary>
public static class CapMap
{
    /// <summary>Least share of caps whose edges are seen where the layout has them. A house figure.</summary>
    public const double LeastEdges = 0.6;

    /// <summary>Lightness by which a gap differs from the caps beside it, in L*. A house figure.</summary>
    public const double LeastStep = 4;

    /// <summary>Each key's place, as shares of the picture.</summary>
    public static IReadOnlyList<Cap> Lay(Layout l) =>
        [
            .. l.Keys.Select(k => new Cap(
                k.Id,
                k.Legend,
                k.Row,
                k.Width,
                k.Height,
                Math.Round(k.X / l.Width, 5),
                Math.Round(k.Y / l.Height, 5),
                Math.Round(k.Width / l.Width, 5),
                Math.Round(k.Height / l.Height, 5)
            )),
        ];

    /// <summary>Lays it, and looks whether the picture has edges where caps should end.</summary>
    /// <param name="picture">Straightened, of the keys alone; null to lay it without looking.</param>
    public static CapMapResult Of(Layout l, PixelGrid? picture)
    {
        var caps = Lay(l);
        const string question = "Is that this keyboard?";
        if (picture is null)
        {
            return new(
                caps,
                null,
                Verdict
                    .Of(question, Outcome.Unknown, $"{caps.Count} keys are laid over it.", Basis.Guess)
                    .Changing("A look whether each lies on its cap.")
            );
        }
        var light = new double[picture.Width * picture.Height];
        for (var i = 0; i < light.Length; i++)
        {
            var y = 0.2126 * picture.Light[3 * i] + 0.7152 * picture.Light[3 * i + 1] + 0.0722 * picture.Light[3 * i + 2];
            light[i] = y > 216.0 / 24389 ? 116 * Math.Cbrt(y) - 16 : y * 24389 / 27;
        }
        // A gap is darker or lighter than the cap's middle, on at least two of its sides.
        double Mean(double x0, double y0, double x1, double y1)
        {
            int Px(double v, int n) => Math.Clamp((int)(v * n), 0, n - 1);
            double sum = 0;
            var n = 0;
            for (var y = Px(y0, picture.Height); y <= Px(y1, picture.Height); y++)
            {
                for (var x = Px(x0, picture.Width); x <= Px(x1, picture.Width); x++)
                {
                    sum += light[y * picture.Width + x];
                    n++;
                }
            }
            return n == 0 ? 0 : sum / n;
        }
        var unit = 1 / l.Width;
        var down = 1 / l.Height;
        var (darker, lighter) = (0, 0);
        foreach (var c in caps)
        {
            var middle = Mean(c.X + 0.25 * unit, c.Y + 0.25 * down, c.X + c.W - 0.25 * unit, c.Y + c.H - 0.3 * down);
            // Each side looked for a little to either side of where it should be.
            double[][] sides =
            [
                [.. Off.Select(o => Mean(c.X + o * unit, c.Y + 0.25 * down, c.X + o * unit, c.Y + c.H - 0.3 * down))],
                [.. Off.Select(o => Mean(c.X + c.W + o * unit, c.Y + 0.25 * down, c.X + c.W + o * unit, c.Y + c.H - 0.3 * down))],
                [.. Off.Select(o => Mean(c.X + 0.25 * unit, c.Y + o * down, c.X + c.W - 0.25 * unit, c.Y + o * down))],
                [.. Off.Select(o => Mean(c.X + 0.25 * unit, c.Y + c.H + o * down, c.X + c.W - 0.25 * unit, c.Y + c.H + o * down))],
            ];
            darker += sides.Count(s => middle - s.Min() >= LeastStep) >= 3 ? 1 : 0;
            lighter += sides.Count(s => s.Max() - middle >= LeastStep) >= 3 ? 1 : 0;
        }
        // Gaps are all darker than the caps, or all lighter; in a photo of something else they are now this, now that.
        var with = Math.Max(darker, lighter);
        var share = (double)with / caps.Count;
        var figure = new Reason(
            $"{with} of {caps.Count} keys have an edge where the layout has one.",
            new("Edges found", Math.Round(share * 100), "%", 100 * LeastEdges)
        );
        return new(
            caps,
            Math.Round(share, 3),
            share >= LeastEdges
                ? Verdict
                    .Of(question, Outcome.Yes, $"{caps.Count} keys are laid over it.", Basis.Measured, figure)
                    .Changing("A look whether each lies on its cap; what is off is put right by hand.")
                : Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "Nothing in the photo lies where keys would: is it this keyboard, this layout, and are the corners those of the keys?",
                        Basis.Measured,
                        figure
                    )
                    .Changing("The four outer corners of the keys, not of the case; or another layout.")
        );
    }

    static readonly double[] Off = [-0.03, 0, 0.03];

    /// <summary>Whether another cap may take a cap's place.</summary>
    /// <param name="row">Profile row of the donor's cap; null when nobody knows.</param>
    /// <param name="width">In units; null when nobody measured.</param>
    public static Verdict Serves(Cap place, int? row, double? width, ThreeState stem)
    {
        InvalidInputException.Finite("width", width, 0.5, 12, "units");
        const string question = "Does this cap go there?";
        var name = place.Legend.Length > 0 ? $"“{place.Legend}”" : $"key {place.Key}";
        if (stem == ThreeState.No)
        {
            return Verdict.Of(question, Outcome.No, "No: its stem is another.", Basis.Measured).Changing("A donor with the same stem.");
        }
        if (width is { } w && Math.Abs(w - place.Width) > 0.1)
        {
            return Verdict
                .Of(question, Outcome.No, $"No: it is {Si.Plain(w)} units wide, and {name} wants {Si.Plain(place.Width)}.", Basis.Measured)
                .Changing("A cap of that width.");
        }
        if (row is { } r && r != place.Row)
        {
            return Verdict
                .Of(question, Outcome.No, $"No: it is of row {r}, and stands out in row {place.Row}: rows slope differently.", Basis.Rule)
                .Changing("A cap of that row, or a keyboard with caps of one shape.");
        }
        var open = new List<string>();
        if (row is null)
        {
            open.Add("of that row");
        }
        if (width is null)
        {
            open.Add($"{Si.Plain(place.Width)} wide");
        }
        if (stem == ThreeState.NotKnown)
        {
            open.Add("on the same stem");
        }
        return open.Count == 0
            ? Verdict.Of(question, Outcome.Yes, $"It goes there: row {place.Row}, {Si.Plain(place.Width)} wide.", Basis.Measured)
            : Verdict
                .Of(question, Outcome.Unknown, $"It goes to {name} if it is {Words.And(open)}.", Basis.Rule)
                .Changing("Row, width and stem, looked at.");
    }
}
