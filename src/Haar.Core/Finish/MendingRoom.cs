using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>Cracks, scratches and small mends.</summary>
public sealed class MendingRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) => m.Facts.Mendings.Select(x => new Share(Stage.Case, 12, !x.Open));

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) => m.Facts.Mendings.Select(x => x.From()).OfType<DateTimeOffset>();

    public override IEnumerable<HandsOff> Waits(MachineNow m) =>
        m
            .Facts.Mendings.Where(x => x.From() > m.Now)
            .Select(x => new HandsOff(Stage.Case, "glue setting", $"{Words.Capital(x.Name)}: see whether it holds", x.From()));

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        foreach (var x in m.Closed.Contains(Stage.Case) ? [] : m.Facts.Mendings.Where(x => x.Open))
        {
            var glue = x.Kind == MendingKind.Crack && x.From() is null ? Crack.Of(x.Crack).CureHours : 0;
            yield return new($"mend/{x.Id}", $"Mend {Words.Lower(x.Name)}", Stage.Case, WorkKind.Mechanics, new(5, 20, 45))
            {
                Why = x.Next() ?? x.Verdict().Sentence,
                Needs = x.Kind == MendingKind.Crack ? "Cement by the plastic, tape" : "Alcohol, swabs",
                From = x.From(),
                WaitsFor = x.From() > m.Now ? "glue setting" : "",
                WaitMinutes = (int)(60 * glue),
                WaitFor = "glue curing",
                Gives = x.Kind == MendingKind.Crack ? [Airborne.Solvent] : [],
                At = x.FromId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? new(PieceKind.Other, true, piece) : null,
                Screen = $"cleaning?item={x.Id}",
            };
        }
    }

    public override IEnumerable<(Guid FindingId, string Keys)> Treats(MachineNow m) =>
        m.Facts.Mendings.Where(x => x.FromId is not null).Select(x => (x.FromId!.Value, $"mend/{x.Id}"));

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (!m.Closed.Contains(Stage.Case) && m.Facts.Mendings.FirstOrDefault(x => x.Open && !(x.From() > m.Now)) is { } next)
        {
            yield return new(
                $"Mend {Words.Lower(next.Name)}",
                next.Next() ?? next.Verdict().Sentence,
                Stage.Case,
                12,
                next.Kind switch
                {
                    MendingKind.Crack => "Cement by the plastic, tape, a 1.5 mm drill",
                    MendingKind.Scratches => "Plastic polish, a soft cloth, raking light",
                    MendingKind.Feet => "Rubber feet, alcohol",
                    MendingKind.Foam => "Foam, a fresh blade",
                    _ => "Alcohol, swabs",
                },
                false,
                0,
                next.Sheet.Steps is [.., var last] ? last.At : m.Machine.ArrivedAt,
                "cleaning"
            );
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var open = m.Facts.Mendings.Where(x => x.Open).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Case, $"{open.Count} {(open.Count == 1 ? "mend is" : "mends are")} open.")
            {
                Lines = [.. open.Select(x => $"{Words.Capital(x.Name)}: {Words.Lower(x.Next() ?? x.Verdict().Sentence)}")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.Mendings.Where(x => !x.Open)
            .Select(x => new Written(
                WriteUpPart.Done,
                $"{Words.Capital(x.Name)}: {(x.Sheet.LeftAsItIs ? "left as it is" : "mended")}{(x is { Kind: MendingKind.Crack, Sheet.LeftAsItIs: false } ? $" with {Words.Lower(Crack.Of(x.Crack).Adhesive.Split(',')[0].Split(':')[0])}" : "")}."
            ));
}
