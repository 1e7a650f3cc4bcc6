using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

public enum ReplacementKind
{
    LikeForLike,
    HolderOnLead,
    CoinWithSchottky,
    CoinWithSilicon,
    CoinInHolder,
    RechargeableCoin,
    ModuleReworked,
    ModuleSocketed,
    ModuleOnCarrier,
}

/// <summary>One way to replace a cell, judged.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Name">In words, with what is fitted.</param>
/// <param name="Chemistry">Of what is fitted.</param>
/// <param name="FreshVolts">At the chip when new, after any diode.</param>
/// <param name="EndVolts">At the chip when its chemistry is empty.</param>
/// <param name="Run">Null when the drain is not known, or it is charged and so never runs down for good.</param>
/// <param name="AsksOfBoard">What has to be done to the board.</param>
/// <param name="Leaks">What leaks out of it in the end.</param>
/// <param name="Sits">Where it sits then: what would be eaten.</param>
/// <param name="Space">Room that it takes.</param>
/// <param name="LeadMillimetres">Of a lead to it; null when it sits on the board.</param>
/// <param name="Risk">What can be spoilt by doing it, and how likely; empty when nothing to speak of.</param>
/// <param name="Curve">Volts at the chip over its life; empty without a drain or when the board charges it.</param>
/// <param name="CheckAfterYears">When to look at it.</param>
/// <param name="Verdict">Will it do?</param>
public sealed record ReplacementOption(
    ReplacementKind Kind,
    string Name,
    CellChemistry Chemistry,
    double FreshVolts,
    double EndVolts,
    RunTimeResult? Run,
    IReadOnlyList<string> AsksOfBoard,
    double CheckAfterYears,
    Verdict Verdict,
    LeakReaction Leaks,
    string Sits,
    string Space,
    double? LeadMillimetres,
    string Risk,
    IReadOnlyList<VoltsPoint> Curve
);

/// <param name="Options">Best first under the school; refused ones last.</param>
/// <param name="Data">May the old cell come out now?</param>
/// <param name="SchottkyVolts">The drop used.</param>
/// <param name="SiliconVolts">The drop used.</param>
public sealed record ReplacementPlan(IReadOnlyList<ReplacementOption> Options, Verdict Data, double SchottkyVolts, double SiliconVolts);
