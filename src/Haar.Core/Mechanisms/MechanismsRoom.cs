using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

/// <summary>What moves: cleaned, lubricated where it may be, measured, and trusted with something worthless first.</summary>
public sealed class MechanismsRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.Mechanisms.SelectMany(x => Service.Procedure.Of(x).Select(s => new Share(Stage.Case, 5, s.DoneAt(x) is not null)));

    public override IEnumerable<WorkTask> Work(MachineNow m) =>
        m.Closed.Contains(Stage.Case)
            ? []
            : m
                .Facts.Mechanisms.Where(x => x.Next is not null)
                .Select(x => new WorkTask(
                    $"mechanism/{x.Id}",
                    $"{Words.Capital(x.Name)}: {Service.Procedure.Words(x.Next!.Value)}{(Service.Procedure.Of(x).Count(s => s.DoneAt(x) is null) is > 1 and var n ? $", and {n - 1} more steps" : "")}",
                    Stage.Case,
                    WorkKind.Mechanics,
                    WorkTask.About(8 * Service.Procedure.Of(x).Count(s => s.DoneAt(x) is null))
                )
                {
                    Why = "It moves again when what held it is off, and what wants oil has it.",
                    Needs = "Isopropyl alcohol, swabs, oil or grease by what slides",
                    Uses = [new("isopropyl alcohol", 10, SupplyUnit.Millilitres)],
                    Gives = [Airborne.Solvent],
                    At = new(PieceKind.Drive, true, x.FromId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? piece : null),
                    Screen = $"cleaning?item={x.Id}",
                });

    public override IEnumerable<NextAct> Acts(MachineNow m) =>
        m.Closed.Contains(Stage.Case)
            ? []
            : m
                .Facts.Mechanisms.Where(x => x.Next is not null)
                .OrderByDescending(x => x.Done.Count > 0)
                .Take(1)
                .Select(x => new NextAct(
                    $"{Words.Capital(x.Name)}: {Service.Procedure.Words(x.Next!.Value)}",
                    Service.Stand(x).Reasons is [var why, ..]
                        ? why.Text
                        : "It moves again when what held it is off, and what wants oil has it.",
                    Stage.Case,
                    10,
                    x.Next switch
                    {
                        MechanismStep.OldGrease or MechanismStep.Heads or MechanismStep.Rollers => "Isopropyl alcohol, swabs",
                        MechanismStep.Belt => "Thread, rule",
                        MechanismStep.FirstRun => "A disk or sheet that is worth nothing",
                        _ => "",
                    },
                    false,
                    0,
                    x.Done.Count > 0 ? x.Done.Max(d => d.At) : m.Machine.ArrivedAt,
                    "cleaning"
                ));

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var open = m.Facts.Mechanisms.Where(x => x.Next is not null).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Case, $"{open.Count} {(open.Count == 1 ? "mechanism is" : "mechanisms are")} not serviced.")
            {
                Lines = [.. open.Select(x => $"{Words.Capital(x.Name)}: {Service.Procedure.Words(x.Next!.Value)}.")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.Mechanisms.Where(x => x.Next is null)
            .Select(x =>
            {
                List<string> said =
                [
                    .. x.Of(MechanismStep.Speed)?.Value is { } rpm ? [$"{Si.Plain(rpm)} turns a minute"] : Array.Empty<string>(),
                    .. x.Of(MechanismStep.FirstRun)?.Value is { } e && x.Drive
                        ? [$"{Si.Plain(e)} errors on a known disk"]
                        : Array.Empty<string>(),
                    .. x.Of(MechanismStep.Noise)?.Value is { } n && x.NoiseBefore is { } b
                        ? [$"{Si.Plain(b)} dB before and {Si.Plain(n)} dB after"]
                        : Array.Empty<string>(),
                ];
                return new Written(WriteUpPart.Done, $"{Words.Capital(x.Name)} serviced{(said.Count > 0 ? $": {Words.And(said)}" : "")}.");
            });
}
