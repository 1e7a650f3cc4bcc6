using Haar.Core.Batteries;
using Haar.Core.Intake;

namespace Haar.Core.Survey;

/// <summary>What an answer of the survey makes known of the machine.</summary>
public static class Looked
{
    /// <summary>
    /// Seen sound or bad: the trait that the place shows is there. "Not here": it is not, whatever is usual of the kind. Where a place shows one of
    /// several, sound does not say which, and nothing is made known. An answer that is no look changes nothing.
    /// </summary>
    public static void Apply(Machine m, ChecklistItem item, LookAnswer answer)
    {
        // The place that stands for every sort of cell answers the question of the take-in, and names no sort.
        if (item.Id == "any-cell" && answer is (LookAnswer.Sound or LookAnswer.Bad or LookAnswer.NotHere))
        {
            m.Battery = answer == LookAnswer.NotHere ? Verdicts.ThreeState.No : Verdicts.ThreeState.Yes;
        }
        switch (answer)
        {
            case LookAnswer.Sound or LookAnswer.Bad when item.Of is [var trait]:
                Kinds.Confirm(m, trait);
                break;
            case LookAnswer.NotHere:
                foreach (var t in item.Of)
                {
                    Kinds.RuleOut(m, t);
                }
                break;
        }
    }
}
