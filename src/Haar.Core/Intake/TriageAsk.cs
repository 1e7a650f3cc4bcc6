using Google.OrTools.Sat;
using Haar.Core.Costs;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What a person has decided of a box before the sum is made.</summary>
public enum BoxLock
{
    Free = 0,
    Restore,
    Donor,
    Aside,
}

public enum PartState
{
    Good = 0,
    Damaged,
    Missing,
    NotKnown,
}

/// <summary>One part of one box.</summary>
/// <param name="Kind">What it is, in the words that two boxes share: "supply", "floppy drive 3.5".</param>
/// <param name="State">Good ones can be given; missing and damaged ones are needed. One that nobody knows is neither, and adds its risk to the high figure.</param>
/// <param name="Fits">Parts swap only where this is the same: "AT", "Quire"; empty fits every empty one.</param>
/// <param name="Count">How many.</param>
public sealed record BoxPart(string Kind, PartState State, string Fits = "", int Count = 1);

/// <param name="Id">Names it once.</param>
/// <param name="Name">As it is called.</param>
/// <param name="Parts">What is in it and what is not.</param>
/// <param name="Money">To finish it apart from the parts that it needs: cleaning, consumables.</param>
/// <param name="Hours">To finish it apart from fitting those parts.</param>
/// <param name="Complete">What a complete, tested one costs; null when not known, and then money never speaks against it.</param>
/// <param name="Worth">Weight when boxes are weighed by worth; above 0.</param>
public sealed record TriageBox(
    string Id,
    string Name,
    IReadOnlyList<BoxPart> Parts,
    Estimate Money,
    Estimate Hours,
    double? Complete = null,
    double Worth = 1,
    BoxLock Lock = BoxLock.Free
);

/// <summary>What one part costs when it is bought; a part that is in no list cannot be bought.</summary>
public sealed record PartPrice(string Kind, Estimate Money, string Fits = "");

public enum TriageAim
{
    MostFinished = 0,
    MostWorth,
}

public sealed record TriageAsk
{
    public required IReadOnlyList<TriageBox> Boxes { get; init; }
    public IReadOnlyList<PartPrice> Prices { get; init; } = [];

    /// <summary>In one currency, for everything; the likely figures have to keep within it.</summary>
    public double BudgetMoney { get; init; }
    public double BudgetHours { get; init; }
    public TriageAim Aim { get; init; }

    /// <summary>Hours to take one part from a donor or a parcel, test it and fit it. A house number.</summary>
    public double FittingHours { get; init; } = 0.5;

    /// <summary>A box is not worth finishing above this share of the price of a complete one. A house number: what it costs is what a complete one costs.</summary>
    public double StopLossShare { get; init; } = 1.0;
}

public enum BoxFate
{
    Restore = 0,
    Donor,
    Aside,
}

/// <param name="From">Donor box; null when it is bought.</param>
public sealed record PartMove(string Kind, string Fits, string? From, string? FromName, string To, string ToName, Estimate Money);

/// <param name="Money">To finish it, with its bought parts.</param>
/// <param name="Why">Why it is where it is, in a sentence.</param>
public sealed record BoxPlan(
    string Id,
    string Name,
    BoxFate Fate,
    Estimate Money,
    Estimate Hours,
    IReadOnlyList<PartMove> Parts,
    string Why
);

/// <param name="Verdict">Which few?</param>
/// <param name="RunnerUp">The next best set, and why it lost; empty when there is none.</param>
/// <param name="RunnerUpSet">Ids of its boxes.</param>
/// <param name="Proven">The solver proved that no better choice exists.</param>
public sealed record TriagePlan(
    Verdict Verdict,
    IReadOnlyList<BoxPlan> Boxes,
    IReadOnlyList<PartMove> Moves,
    Estimate Money,
    Estimate Hours,
    int Finished,
    string RunnerUp,
    IReadOnlyList<string> RunnerUpSet,
    bool Proven,
    double FittingHours,
    double StopLossShare
);
