using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>What a supply is counted in.</summary>
public enum SupplyUnit
{
    Millilitres = 0,
    Grams,
    Pieces,
    Metres,
}

/// <summary>What one piece of work uses up.</summary>
/// <param name="Supply">What kind of thing: "isopropyl alcohol".</param>
public sealed record SupplyNeed(string Supply, double Amount, SupplyUnit Unit)
{
    public void Check(string field)
    {
        TextField.Check($"{field}.supply", Supply, 60, "Say in 1 to 60 characters what is used.");
        InvalidInputException.Finite($"{field}.amount", Amount, 0, 100_000, "");
    }
}
