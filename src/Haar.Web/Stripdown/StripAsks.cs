using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Stripdown;

/// <param name="Id">Made by the phone, so that a step that is sent twice is one step.</param>
/// <param name="At">By the phone's clock; null for now.</param>
public sealed record StripStepAdd(Guid Id, StripStepEdit Step, DateTimeOffset? At, string By);

public sealed record StripStepEdit(
    string Title,
    PieceKind Kind,
    [property: JsonPropertyName("lies")] Orientation Orientation,
    IReadOnlyList<Guid> Behind,
    Guid? PhotoId,
    IReadOnlyList<PhotoMark> Marks,
    [property: JsonPropertyName("wayRound")] string Polarity,
    string Note,
    string TestBeforeCovered,
    string ExchangedFor,
    bool StaysOut,
    Guid? AfterJobId,
    Latch Latch = Latch.NotKnown
);

public sealed record StripFastenerAdd(Guid Id, StripFastenerEdit Fastener);

public sealed record StripFastenerEdit(
    string Thread,
    double? LengthMillimetres,
    string Head,
    int Count,
    int MissingBefore,
    string Hole,
    IReadOnlyList<PhotoMark> Marks,
    string Tray,
    string Pierces
);

public sealed record StripConnectorAdd(Guid Id, StripConnectorEdit Connector);

public sealed record StripConnectorEdit(
    string Kind,
    ThreeState Keyed,
    [property: JsonPropertyName("wayRound")] string Polarity,
    string Route,
    IReadOnlyList<PhotoMark> Marks
);

/// <param name="NamedBy">Numbers of the steps that say they sat behind it.</param>
public sealed record StripStepRow(
    StripStep Step,
    string? PhotoHash,
    IReadOnlyList<StripFastener> Fasteners,
    IReadOnlyList<StripConnector> Connectors,
    IReadOnlyList<int> NamedBy
);

/// <param name="Hint">The next step of the known order for its kind, with its traps; null when there is none.</param>
/// <param name="HintBehind">The recorded steps that it sits behind, by the known order.</param>
/// <param name="HintNumber">Which of how many.</param>
/// <param name="Waits">Work that a piece may have to wait for: what is not done in this machine's list.</param>
/// <param name="LastOrientation">How the machine lay at the last step.</param>
public sealed record StripScreen(
    IReadOnlyList<StripStepRow> Steps,
    int NextNumber,
    bool Apart,
    StripProfileStep? Hint,
    IReadOnlyList<Guid> HintBehind,
    int HintNumber,
    int HintCount,
    IReadOnlyList<Job> Waits,
    [property: JsonPropertyName("lastLies")] Orientation LastOrientation,
    IReadOnlyList<string> Trays
);
