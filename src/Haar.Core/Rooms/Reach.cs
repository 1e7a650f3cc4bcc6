using Haar.Core.Stripdown;

namespace Haar.Core.Rooms;

/// <summary>Where a room says that a piece of work lies, by what machines are made of.</summary>
/// <param name="Out">That piece itself is out for it; otherwise what is in front of it is enough.</param>
/// <param name="Step">The piece of the strip-down's record, where it is one.</param>
public sealed record Reach(PieceKind Piece, bool Out, Guid? Step = null);
