using Haar.Core.Planning;
using Haar.Core.Rooms;

namespace Haar.Core.Survey;

/// <summary>
/// What must be known of a machine before it is fed. Every room answers for its own rows; an entry that must be there and that no room
/// answers is open, so that a room which says nothing never says yes.
/// </summary>
public static class PowerList
{
    /// <summary>Entries that every machine has, by the rules of first power: what feeds it, dry, clean of residue, whole traces, capacitors, cell, all exchanged and soldered work finished, earth, together, plugged.</summary>
    public static readonly IReadOnlyDictionary<string, string> Always = new Dictionary<string, string>
    {
        ["identity"] = "What feeds it, and whether it has a tube",
        ["wet"] = "Its boards are dry",
        ["wetItems"] = "What was washed is dry",
        ["wetParts"] = "What was soldered is dry",
        ["residue"] = "Nothing that leaked is left on its boards",
        ["traces"] = "Its traces are whole",
        ["cell"] = "The cell in it may stay there",
        ["exchange"] = "No capacitor is half exchanged",
        ["capacitors"] = "No capacitor bulges, is cracked or shorts",
        ["joints"] = "What was soldered is finished",
        ["earth"] = "Earth points of panels that were worked on",
        ["apart"] = "It is together, or tested in pieces",
        ["unplugged"] = "Every lead that came off is back on",
        ["rails"] = "Its rails are named",
    };

    /// <summary>Those that nothing feeds without: what feeds it, before the plug goes in.</summary>
    static PowerStepKind From(string word) => word == "identity" ? PowerStepKind.SupplyLoaded : PowerStepKind.BareBoard;

    public static IReadOnlyList<BeforePower> Of(MachineFacts f, DateTimeOffset now) => Of(f, now, AllRooms.InOrder);

    /// <param name="rooms">Those that are asked; all of them but in a test.</param>
    public static IReadOnlyList<BeforePower> Of(MachineFacts f, DateTimeOffset now, IEnumerable<Room> rooms)
    {
        var said = rooms.SelectMany(r => r.BeforePower(f, now)).ToList();
        return
        [
            .. said,
            .. Always
                .Where(a => said.All(s => s.Word != a.Key))
                .Select(a =>
                    BeforePower.Open(
                        f,
                        a.Key,
                        a.Value,
                        $"{a.Value}: nobody has said.",
                        "What nobody has said is not taken for safe.",
                        "Somebody who looks, and says so."
                    ) with
                    {
                        From = From(a.Key),
                    }
                ),
        ];
    }
}
