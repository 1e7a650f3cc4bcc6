using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Finish;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Packs;
using Haar.Data.Parts;
using Haar.Data.Planning;
using Haar.Web.Colour;
using Haar.Web.Finish;
using Haar.Web.Http;
using Haar.Web.Keyboards;
using Haar.Web.Mechanisms;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Cleaning;

/// <param name="Features">Null when nobody looked: then lettering and labels count as there.</param>
/// <param name="On">Cleaners and residues that are on it.</param>
/// <param name="Replacement">Price of a tested one; null when not known.</param>
/// <param name="DryingCelsius">Where it dries; null takes the room.</param>
public sealed record CleanedItemEdit(
    string Name,
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Feature>? Features,
    IReadOnlyList<Soil> Soils,
    IReadOnlyList<Substance>? On = null,
    bool InSight = true,
    double? Replacement = null,
    double? HourWorth = null,
    WetPart Dries = WetPart.NotKnown,
    ThreeState Mains = ThreeState.NotKnown,
    double? DryingCelsius = null,
    MovingAir Air = MovingAir.Still,
    IReadOnlyList<string>? OwnMaterials = null,
    IReadOnlyList<string>? OwnSoils = null,
    Guid? PieceId = null,
    Guid? FindingId = null,
    Guid? PhotoId = null,
    WorthFacts? Worth = null
);

/// <summary>One marked patch in two photos, under one card.</summary>
/// <param name="BeforeCorners">Of the patch: top left and on with the clock, as shares of the photo.</param>
/// <param name="BeforeCard">A place on the card.</param>
public sealed record PatchPairAsk(
    Guid BeforePhotoId,
    IReadOnlyList<Point> BeforeCorners,
    Point? BeforeCard,
    Guid AfterPhotoId,
    IReadOnlyList<Point> AfterCorners,
    Point? AfterCard
);

/// <param name="RemovedShare">Of what was there before this pass, 0 to 1.</param>
/// <param name="Damage">Whether it did damage; left out, nobody has looked, and the method is tried in a hidden place again.</param>
/// <param name="SpotTested">A hidden place bore it before.</param>
/// <param name="Loosened">Of what was there, what came loose and still lies there; in fifths.</param>
/// <param name="Breadths">Hand's breadths that it went over: so much comes off the shelf.</param>
/// <param name="AlreadyDone">It was done before anybody asked, also where it is ruled out here.</param>
/// <param name="HoursAgo">When, where it was done already.</param>
/// <param name="Photos">Measured on these, and then the share that was sent does not count; null by eye, in fifths.</param>
public sealed record TryMethodAsk(
    string Method,
    double RemovedShare,
    bool? Damage = null,
    bool SpotTested = false,
    PatchPairAsk? Photos = null,
    double Loosened = 0,
    double Breadths = 1,
    bool AlreadyDone = false,
    double HoursAgo = 0
);

/// <param name="Items">What went through it; what looks otherwise is left out, and kept by itself.</param>
/// <param name="RemovedShare">Of what was there before this pass, by eye, in fifths.</param>
/// <param name="Damage">Whether it did damage; left out, nobody has looked.</param>
/// <param name="SpotTested">A hidden place of each that needs it bore it before.</param>
/// <param name="AlreadyDone">It was done before anybody asked, also where it is ruled out here.</param>
/// <param name="HoursAgo">When, where it was done already.</param>
/// <param name="Noted">How what moves and is printed on them stood before; empty where each has its note, or needs none.</param>
public sealed record TryTogetherAsk(
    string Method,
    IReadOnlyList<Guid> Items,
    double RemovedShare,
    bool? Damage = null,
    bool SpotTested = false,
    bool AlreadyDone = false,
    double HoursAgo = 0,
    string Noted = ""
);

/// <param name="From">Pieces that came off and findings, as the screen offers them; what is on the list already is left as it is.</param>
public sealed record ListAsk(IReadOnlyList<Guid> From);

/// <param name="Tray">Its name: one thing at a time lies in it.</param>
/// <param name="Minutes">Until one goes and looks; null takes the method's own time.</param>
public sealed record StartSoakAsk(
    string Method,
    string Tray,
    TrayFacts Size,
    double? StockPercent = null,
    double? WantedPercent = null,
    double? LeftMillilitres = null,
    double? Minutes = null,
    bool SpotTested = false
);

public sealed record NoteBeforeAsk(string Noted = "", Guid? PhotoId = null);

public sealed record OdourRungAsk(OdourRung Rung);

/// <param name="ScaleGrams">Least step of the scale.</param>
/// <param name="TestedBy">Of something that takes the mains: who is trained for it and tested its insulation, and what it read.</param>
/// <param name="HoursAgo">It was wetted so many hours ago and is written down only now; null where it was written down at once.</param>
public sealed record DryItemAsk(double ScaleGrams = 1, string? TestedBy = null, string? OverruleReason = null, double? HoursAgo = null);

public sealed record WeighItemAsk(double Grams);

/// <param name="TakesMains">Or may, as far as anybody has said.</param>
/// <param name="Soaks">The next method may be a bath, of <paramref name="Substance"/>.</param>
/// <param name="Drying">How long it dries; null when it is not wet.</param>
/// <param name="DryFrom">When the least time is over.</param>
/// <param name="MayDry">What the act of calling it dry would be answered.</param>
/// <param name="Needs">Of the next method: what to lay out.</param>
/// <param name="Shelf">Whether what it uses up is there; null where it uses nothing that is counted.</param>
/// <param name="Seat">What mild tests say of where it sits; null where nobody tried any and the soil is known.</param>
public sealed record CleanedRow(
    CleanedItem Item,
    LadderResult Ladder,
    bool Wet,
    bool TakesMains,
    DryingTimeResult? Drying,
    DateTimeOffset? DryFrom,
    Permit? MayDry,
    string Needs,
    IReadOnlyList<string> Before,
    WorthResult? Worth,
    OdourResult? Odour,
    string? PhotoHash,
    bool Soaks,
    Substance? Substance,
    EnoughResult? Shelf,
    SeatResult? Seat
);

/// <summary>Everything that Case has: what is cleaned, whitened, freed of rust, taken apart key by key, serviced; and what could be.</summary>
public sealed record CleaningScreen(
    IReadOnlyList<CleanedRow> Items,
    IReadOnlyList<Candidate> Candidates,
    BatchResult? Batch,
    ColourPolicy ColourPolicy,
    IReadOnlyList<WhiteningRow> Whitenings,
    MatchResult? Matches,
    IReadOnlyList<PanelRow> Panels,
    IReadOnlyList<MendingRow> Mendings,
    IReadOnlyList<KeyboardRow> Keyboards,
    IReadOnlyList<MechanismRow> Mechanisms,
    IReadOnlyList<OwnMaterial> OwnMaterials,
    IReadOnlyList<OwnSoil> OwnSoils
);
