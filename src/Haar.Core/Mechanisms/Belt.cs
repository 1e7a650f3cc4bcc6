using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

/// <param name="PathMillimetres">Once round, where the belt lies.</param>
/// <param name="InsideMillimetres">Once round the inside of the new belt, lying loose.</param>
/// <param name="DiameterMillimetres">Of that, laid as a ring.</param>
public sealed record BeltResult(double PathMillimetres, double InsideMillimetres, double DiameterMillimetres, Verdict Verdict);

/// <summary>A drive belt by its measured path: an old one has grown and says too much.</summary>
public static class Belt
{
    /// <summary>Share by which a rubber belt is shorter than its path: 5 to 7 % is usual of square belts. A house figure.</summary>
    public const double StretchShare = 0.06;

    /// <summary>A path measured with a thread is good to about this. A house figure, mm.</summary>
    public const double ThreadMillimetres = 2;

    /// <summary>Once round two pulleys, open: exact, from the tangents.</summary>
    /// <param name="first">Diameter where the belt lies, mm; the same of the second.</param>
    /// <param name="centres">Between their axes, mm.</param>
    public static double Path(double first, double second, double centres)
    {
        InvalidInputException.Finite("firstMillimetres", first, 0.5, 1000, "mm");
        InvalidInputException.Finite("secondMillimetres", second, 0.5, 1000, "mm");
        InvalidInputException.Finite("centresMillimetres", centres, 1, 5000, "mm");
        var (r, s) = (Math.Max(first, second) / 2, Math.Min(first, second) / 2);
        if (centres <= r - s + 1e-9 || centres < (r + s) * 0.999)
        {
            throw new InvalidInputException("centresMillimetres", "The pulleys would overlap: measure from axis to axis.");
        }
        var lean = Math.Asin((r - s) / centres);
        return 2 * centres * Math.Cos(lean) + Math.PI * (r + s) + 2 * lean * (r - s);
    }

    /// <param name="path">Once round by a thread, mm; null where pulleys are given.</param>
    /// <param name="toothed">It must not slip and does not stretch.</param>
    /// <exception cref="InvalidInputException">Neither a path nor both pulleys.</exception>
    public static BeltResult Of(
        double? path,
        double? first = null,
        double? second = null,
        double? centres = null,
        bool toothed = false,
        double stretchShare = StretchShare
    )
    {
        InvalidInputException.Finite("pathMillimetres", path, 10, 10_000, "mm");
        InvalidInputException.Finite("stretchShare", stretchShare, 0, 0.3, "");
        var once =
            path
            ?? (
                (first, second, centres) is ({ } a, { } b, { } c)
                    ? Path(a, b, c)
                    : throw new InvalidInputException(
                        "pathMillimetres",
                        "Give the path by a thread, or both pulleys and the distance of their axes."
                    )
            );
        var inside = toothed ? once : once * (1 - stretchShare);
        var verdict = Verdict.Of(
            "Which belt?",
            Outcome.YesIf,
            toothed
                ? $"{Si.Plain(Math.Round(once))} mm round, toothed, if the pitch of its teeth is the same."
                : $"{Si.Plain(Math.Round(inside / Math.PI, 1))} mm across, {Si.Plain(Math.Round(inside))} mm round the inside, if its section is that of the groove.",
            path is null ? Basis.Rule : Basis.Measured,
            new Reason(
                $"The path is {Si.Plain(Math.Round(once, 1))} mm{(toothed ? "" : $"; a belt is {Si.Plain(stretchShare * 100)} % shorter, and holds itself")}.",
                new("Path", Math.Round(once, 2), "mm"),
                path is null ? "tangents of two circles" : $"a thread, good to about {Si.Plain(ThreadMillimetres)} mm"
            ),
            new Reason("The old belt has grown or set: by it one buys too long.", Source: "practice")
        );
        return new(once, inside, inside / Math.PI, verdict.Changing("Speed against nominal with the new belt, after a minute's run."));
    }
}
