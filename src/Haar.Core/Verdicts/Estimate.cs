namespace Haar.Core.Verdicts;

/// <summary>A three-point estimate: a figure that nobody knows exactly, in the unit that its owner names. All three are finite and ascend; they may be equal. There is no default: nothing known is null, not three zeros.</summary>
public sealed record Estimate(double Low, double Likely, double High)
{
    public static readonly Estimate None = new(0, 0, 0);

    public static Estimate operator +(Estimate a, Estimate b) => new(a.Low + b.Low, a.Likely + b.Likely, a.High + b.High);

    /// <exception cref="InvalidInputException">Upside down, negative, or no number.</exception>
    public static Estimate Check(string field, Estimate e, double most, string unit)
    {
        InvalidInputException.Finite($"{field}.low", e.Low, 0, most, unit);
        InvalidInputException.Finite($"{field}.likely", e.Likely, 0, most, unit);
        InvalidInputException.Finite($"{field}.high", e.High, 0, most, unit);
        return e.Low <= e.Likely && e.Likely <= e.High
            ? e
            : throw new InvalidInputException(
                field,
                $"The range is upside down: {Markings.Si.Plain(e.Low)}, {Markings.Si.Plain(e.Likely)}, {Markings.Si.Plain(e.High)}. Low comes first, then likely, then high."
            );
    }
}
