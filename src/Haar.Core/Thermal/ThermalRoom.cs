using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Thermal;

/// <summary>What runs hot.</summary>
public sealed class ThermalRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        HotAssessments.Of(m.Facts.HotParts, m.Facts.Readings).Select(h => new Share(Stage.Boards, 10, h.Open.Length == 0));

    public override IEnumerable<WorkTask> Work(MachineNow m) =>
        m.Closed.Contains(Stage.Boards)
            ? []
            : HotAssessments
                .Of(m.Facts.HotParts, m.Facts.Readings)
                .Where(h => h.Open.Length > 0)
                .Select(h => new WorkTask(
                    $"hot/{h.Part.Id}",
                    $"{Words.Capital(h.Part.Name)}: {h.Open}",
                    Stage.Boards,
                    WorkKind.Mechanics,
                    WorkTask.About(20)
                )
                {
                    Why = "A hot part without its paste runs for minutes.",
                    Needs = "Thermometer, alcohol, paste or pad",
                    At = new(PieceKind.Board, false),
                    Screen = "capacitors",
                });

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards))
        {
            yield break;
        }
        foreach (var hot in HotAssessments.Of(m.Facts.HotParts, m.Facts.Readings).Where(h => h.Open.Length > 0))
        {
            yield return new(
                $"{Words.Capital(hot.Part.Name)}: {hot.Open}",
                hot.Part.FittedAt is null ? hot.Gap.Verdict.Sentence : hot.Heat.Verdict.Sentence,
                Stage.Boards,
                20,
                "Thermometer, alcohol",
                false,
                0,
                m.Machine.ArrivedAt,
                "capacitors"
            );
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        foreach (var h in HotAssessments.Of(m.Facts.HotParts, m.Facts.Readings).Where(h => h.Open.Length > 0))
        {
            var said = $"{Words.Capital(h.Part.Name)}: {h.Open}.";
            yield return new(Stage.Boards, said) { Lines = [said], Count = 1 };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        foreach (var h in HotAssessments.Of(w.Facts.HotParts, w.Facts.Readings).Where(h => h.Part.Fitted is not null))
        {
            yield return new(
                WriteUpPart.Eaten,
                $"{Words.Capital(h.Part.Name)}: {h.Part.Fitted!.Value.ToString().ToLowerInvariant()}. {(h.After > 0 ? h.Heat.Verdict.Sentence : "Not measured since.")}"
            );
        }
    }
}
