using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Acts;

/// <summary>Everything that a person may decide against. What is not here nobody overrules.</summary>
public enum OverruleKind
{
    /// <summary>The cell comes out although what it keeps alive is not safe.</summary>
    CellData,

    /// <summary>A way to replace the cell that is refused.</summary>
    CellChoice,

    /// <summary>A part in a place that a rule of substitution forbids.</summary>
    Substitute,

    /// <summary>A capacitor stays in, or comes out, against the verdict.</summary>
    ComesOut,

    /// <summary>A finding that stops power stops it no longer.</summary>
    Finding,

    /// <summary>A step of first power counts as through.</summary>
    PowerStep,

    /// <summary>Something else that stands before first power, such as traces that nobody has measured.</summary>
    BeforePower,

    /// <summary>New mask over nets that nobody has measured.</summary>
    Mask,

    /// <summary>Handed over although it is not ready.</summary>
    HandOver,

    /// <summary>Liquid flux at contacts that lie open.</summary>
    Flux,

    /// <summary>Paste or a pad that the gap refuses.</summary>
    Gap,

    /// <summary>An item counts as dry although its time or its weighings are missing.</summary>
    Dry,

    /// <summary>More light although the readings say stop, or say nothing.</summary>
    Whitening,

    /// <summary>A coat out of its window, or in weather that its sheet refuses.</summary>
    Coat,

    /// <summary>A photo that does not look like keys is one.</summary>
    Keys,
}

/// <summary>One decision that may be overruled: what it is about, and the facts that it rests on.</summary>
/// <param name="Machine">Whose it is.</param>
/// <param name="Subject">An id or a word; empty where a machine has one only.</param>
/// <param name="Facts">Fingerprint of the facts; an overrule holds while they are these.</param>
public sealed record Overrulable(OverruleKind Kind, Guid Machine, string Subject, string Facts)
{
    const int LeastReason = 3,
        MostReason = 500;

    /// <summary>As it is kept and sent: "room/question/subject".</summary>
    public string Key => KeyOf(Kind, Subject);

    public static string KeyOf(OverruleKind kind, string subject) =>
        kind switch
        {
            OverruleKind.CellData => "batteries/data",
            OverruleKind.CellChoice => $"batteries/choice/{subject}",
            OverruleKind.Substitute => $"capacitors/substitute/{subject}",
            OverruleKind.ComesOut => $"capacitors/comes-out/{subject}",
            OverruleKind.Finding => $"survey/finding/{subject}",
            OverruleKind.PowerStep => $"survey/power/{subject}",
            OverruleKind.BeforePower => $"survey/before-power/{subject}",
            OverruleKind.HandOver => "handover/ready",
            OverruleKind.Flux => $"soldering/flux/{subject}",
            OverruleKind.Gap => $"thermal/gap/{subject}",
            OverruleKind.Dry => $"cleaning/dry/{subject}",
            OverruleKind.Whitening => $"colour/whitening/{subject}",
            OverruleKind.Coat => $"finish/coat/{subject}",
            OverruleKind.Keys => $"keyboards/keys/{subject}",
            _ => $"corrosion/mask/{subject}",
        };

    /// <summary>What is not known is left out, so that a fact which a newer Haar asks for besides changes nothing until somebody answers it.</summary>
    static readonly JsonSerializerOptions KnownOnly = new() { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingDefault };

    /// <summary>The same facts give the same text, in whatever run.</summary>
    /// <param name="facts">Values that JSON can write: what the verdict was worked out from, without the day.</param>
    public static string Fingerprint(params object?[] facts) =>
        Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(JsonSerializer.Serialize(facts, KnownOnly))))[..16];

    public bool HeldBy(Overrule o, Outcome now) => o.Key == Key && o.Facts == Facts && o.Outcome == now;

    /// <exception cref="InvalidInputException">The reason is too short to be one, or a text.</exception>
    public Overrule Against(Verdict verdict, string reason, Moment at)
    {
        if (reason.Trim().Length is < LeastReason or > MostReason)
        {
            throw new InvalidInputException(
                "overruleReason",
                $"{verdict.Sentence} To do it all the same, say why, in {LeastReason} to {MostReason} characters."
            );
        }
        return new()
        {
            Id = at.NewId(),
            MachineId = Machine,
            Key = Key,
            Sentence = verdict.Sentence,
            Outcome = verdict.Outcome,
            Facts = Facts,
            Reason = reason.Trim(),
            By = at.By,
            At = at.Now,
        };
    }
}
