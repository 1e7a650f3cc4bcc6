using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Web.Planning;

/// <summary>What was done instead of a procedure's steps, or before anybody asked.</summary>
/// <param name="What">In the person's words.</param>
/// <param name="HoursAgo">When; 0 is now.</param>
/// <param name="By">Who did it; empty for whoever is at the bench.</param>
/// <param name="CameOut">No keeps it, and counts nothing as done. Asked for where no later reading shows it.</param>
/// <param name="Ph">Of an area: of a drop of water that stood on it, read now.</param>
/// <param name="Wetted">Of what is cleaned: a liquid went on it. Not known counts as yes.</param>
public sealed record OtherwiseAsk(
    string What,
    double HoursAgo = 0,
    string By = "",
    ThreeState CameOut = ThreeState.NotKnown,
    double? Ph = null,
    ThreeState Wetted = ThreeState.NotKnown
)
{
    internal SaidOtherwise Said => new(What, HoursAgo, By, CameOut);
}
