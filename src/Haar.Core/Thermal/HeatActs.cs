using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Thermal;

/// <summary>What an act on one hot part is decided on.</summary>
public sealed record HeatFacts(HotPart Part, IReadOnlyList<Overrule> Overrules) : IActFacts;

/// <summary>Paste or a pad was put between a part and its sink.</summary>
public sealed record FitFiller(GapFiller Filler) : Command<HeatFacts>
{
    GapOption? Option(HotPart h) => Gap.Choose(h.Name, h.Facts).Options.FirstOrDefault(o => o.Filler == Filler);

    public override Permit May(HeatFacts f, DateTimeOffset now)
    {
        var h = f.Part;
        var verdict =
            Option(h)?.Verdict
            ?? Verdict
                .Of("Does it bridge the gap?", Outcome.Unknown, $"The gap at {h.Name} is not known.", Basis.Rule)
                .Changing("The gap, or the pad that came out, measured.");
        return Permit.By(
            verdict,
            "overruleReason",
            new(OverruleKind.Gap, h.MachineId, h.Id.ToString(), Overrulable.Fingerprint(h.Facts, Filler.ToString())),
            f.Overrules
        );
    }

    protected override Done Do(HeatFacts f, Moment at)
    {
        (f.Part.Fitted, f.Part.FittedAt) = (Filler, at.Now);
        return new($"{f.Part.Name}: {(Option(f.Part)?.Name ?? Filler.ToString()).ToLowerInvariant()} fitted.", f.Part.Id);
    }
}
