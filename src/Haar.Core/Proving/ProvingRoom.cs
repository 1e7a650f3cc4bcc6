using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Rooms;

namespace Haar.Core.Proving;

/// <summary>What was measured before and after.</summary>
public sealed class ProvingRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.Proofs.Select(p => new Share(
            Stage.Prove,
            10,
            m.Facts.Readings.Any(r => r.SubjectId == p.Id && r.Channel == "after" && !r.Voided)
        ));

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (
            m.Facts.Proofs.Count == 0
            && m.Session.Next is null
            && m.Facts.Jobs.All(j => j.State == JobState.Done)
            && !m.Closed.Contains(Stage.Prove)
        )
        {
            yield return new(
                "Measure one thing before and after",
                "Work that nobody measured is work that nobody can show.",
                Stage.Prove,
                20,
                "Stopwatch",
                false,
                0,
                m.Now,
                "prove"
            );
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        if (m.Facts.Proofs.Count == 0)
        {
            yield return new(Stage.Prove, "Nothing was measured before and after.", Holds: false);
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.Proofs.Select(p => (p.What, Found: Compare(p, w.Facts.Readings)))
            .Where(p => p.Found is not null)
            .Select(p => new Written(WriteUpPart.Measured, $"{p.What}: {p.Found!.Verdict.Sentence}"));

    /// <summary>Null until there is a run on both sides.</summary>
    public static Comparison? Compare(Proof p, IEnumerable<Reading> readings)
    {
        var mine = readings.Where(r => r.SubjectId == p.Id && !r.Voided).OrderBy(r => r.At).ThenBy(r => r.Id).ToList();
        var before = mine.Where(r => r.Channel == "before").Select(r => r.Value).ToList();
        var after = mine.Where(r => r.Channel == "after").Select(r => r.Value).ToList();
        return before.Count == 0 || after.Count == 0
            ? null
            : SignificanceTest.Compare(p.What, before, after, p.Unit, p.Better, p.Resolution);
    }
}
