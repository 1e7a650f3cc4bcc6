using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Photos;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Photos;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Boards;

public sealed record BoardEdit(string Name, Guid? PhotoId, Side Side = Side.Front);

/// <param name="LeaveOut">Lines that cannot be read are left out, and the rest is taken.</param>
public sealed record CapacitorCsv(string Text, bool LeaveOut = false);

/// <param name="Notes">Ambiguities and how they were taken.</param>
/// <param name="LeftOut">Lines that could not be read, each with why.</param>
public sealed record CsvTaken(Guid LogId, string Sentence, int Count, IReadOnlyList<string> Notes, IReadOnlyList<string> LeftOut);

/// <param name="PhotoId">The photo as taken.</param>
/// <param name="Corners">Top left, top right, bottom right, bottom left, as shares of it.</param>
/// <param name="Aspect">Width over height of the board, where it is known; worked out from the slant when left out.</param>
public sealed record StraightenAsk(Side Side, Guid PhotoId, IReadOnlyList<Point> Corners, double? Aspect = null);

public sealed record ScaleAsk(Side Side, KnownLength Known);

public sealed record RegisterAsk(Turned Turned, IReadOnlyList<SidePair> Pairs);

/// <param name="ProfileId">A board's plan from a pack; null to take the other.</param>
/// <param name="BoardId">An earlier board of the same kind, on any machine.</param>
public sealed record PlanAsk(string? ProfileId, Guid? BoardId);

public sealed record KeepPlanAsk(string ProfileId, string Name);

public sealed record BoardPlanChoice(string? ProfileId, Guid? BoardId, string Name, string From, int Capacitors, int Nets);
