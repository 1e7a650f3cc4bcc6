using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Soldering;

/// <summary>Connectors, switches, sockets and chips that are exchanged, or whose joints are made again.</summary>
public sealed class SolderingRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.SolderedParts.SelectMany(p => SolderSteps.Procedure.Of(p).Select(s => new Share(Stage.Boards, 4, s.DoneAt(p) is not null)));

    public override IEnumerable<WorkTask> Work(MachineNow m) =>
        m.Closed.Contains(Stage.Boards)
            ? []
            : m
                .Facts.SolderedParts.Where(p => p.Next is not null)
                .Select(p => new WorkTask(
                    $"soldered/{p.Id}",
                    $"{p.Name}: {SolderSteps.Procedure.Words(p.Next!.Value)}",
                    Stage.Boards,
                    WorkKind.Soldering,
                    WorkTask.About(Math.Clamp(5 + p.Pins / 2, 10, 60))
                )
                {
                    Why = p.Begun ? "It is half done." : "Its joints are to be made again.",
                    Needs = "Iron, wick, meter",
                    Skills = [BenchSkill.Soldering],
                    Places = [BenchPlaces.Iron],
                    At = new(PieceKind.Board, true),
                    Screen = "capacitors",
                });

    public override IEnumerable<NextAct> Acts(MachineNow m) =>
        m.Closed.Contains(Stage.Boards)
            ? []
            : m
                .Facts.SolderedParts.Where(p => p.Next is not null)
                .OrderByDescending(p => p.Begun)
                .Take(1)
                .Select(p => new NextAct(
                    $"{p.Name}: {SolderSteps.Procedure.Words(p.Next!.Value)}",
                    p.Begun ? "It is half done: a board with one part loose is neither one thing nor the other."
                        : p.Why.Length > 0 ? Words.Sentence(Words.Capital(p.Why))
                        : "Its joints are to be made again.",
                    Stage.Boards,
                    Math.Clamp(5 + p.Pins / 2, 10, 60),
                    "Iron, wick, meter",
                    false,
                    0,
                    SolderSteps.Procedure.LastAt(p) ?? m.Machine.ArrivedAt,
                    "capacitors"
                ));

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m
            .Facts.SolderedParts.Where(p => p is { Lacquer: Lacquer.Fresh, LacqueredAt: not null, Next: not null })
            .Select(p => p.LacqueredAt!.Value.AddHours(p.CureHours ?? SolderGates.UsualCureHours))
            .Concat(m.Facts.SolderedParts.Where(p => p.Sheet.Wet).Select(p => p.Sheet.WashedAt!.Value.AddHours(SolderGates.DryHours)));

    public override IEnumerable<(DateTimeOffset At, string What)> Worked(MachineFacts f) =>
        f
            .SolderedParts.Select(p => (At: p.Sheet.WashedAt ?? p.Sheet.SolderedAt ?? p.Sheet.RemovedAt, p.Name))
            .Where(w => w.At is not null)
            .Select(w => (w.At!.Value, $"{w.Name}: soldered"));

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        static Verdict No(string sentence, string why, string change) =>
            Verdict.Of(Rooms.BeforePower.Question, Outcome.No, sentence, Basis.Rule, new Reason(why)).Changing(change);
        var wet = f.SolderedParts.Where(p => p.Sheet.Wet).Select(p => p.Name).ToList();
        const string dry = "What was soldered is dry",
            done = "What was soldered is finished";
        if (wet.Count == 0)
        {
            yield return Rooms.BeforePower.Is("wetParts", dry, "Nothing that was soldered is still wet.");
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "wetParts",
                dry,
                No(
                        $"No: {Words.And(wet)} {(wet.Count == 1 ? "is" : "are")} wet. Nothing is fed before it is dry.",
                        "Alcohol under a part conducts what flux it has dissolved.",
                        "Dried, as long as it takes."
                    )
                    .Final()
            ) with
            {
                Screen = "capacitors",
            };
        }
        var half = f.SolderedParts.Where(p => p.Half && !p.Sheet.Wet).ToList();
        if (half.Count == 0)
        {
            yield return Rooms.BeforePower.Is("joints", done, "No connector, switch or chip is half soldered.");
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "joints",
                done,
                No(
                    $"Not yet: {half[0].Name}{(half.Count > 1 ? $" and {half.Count - 1} more are" : " is")} not finished; {SolderSteps.Procedure.Words(half[0].Next!.Value)}.",
                    "A bridge between two pins, or a part the wrong way round, shows at the first switch-on, and then it is too late.",
                    "Every joint counted, every pin measured against the next."
                ),
                half.Select(p => $"{p.Id} {p.Next}").ToList()
            ) with
            {
                Screen = "capacitors",
            };
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        if (m.Facts.SolderedParts.FirstOrDefault(p => p.Half) is { } half)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {half.Name} is half done: {SolderSteps.Procedure.Words(half.Next!.Value)}.",
                "A board with one part loose is neither one thing nor the other.",
                "Its last step."
            );
        }
        var open = m.Facts.SolderedParts.Where(p => p.Next is not null).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Boards, $"{open.Count} soldered {(open.Count == 1 ? "part is" : "parts are")} not done.")
            {
                Lines = [.. open.Select(p => $"{Words.Capital(p.Name)}: {SolderSteps.Procedure.Words(p.Next!.Value)}.")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.SolderedParts.Where(p => p.Next is null)
            .Select(p => new Written(
                WriteUpPart.Replaced,
                $"{Words.Capital(p.Name)}{(p.Why.Length > 0 ? $" ({p.Why.TrimEnd('.')})" : "")}: {(p.Work == SolderWork.Exchange ? "exchanged" : "soldered again")}, {p.Pins} {(p.Pins == 1 ? "joint" : "joints")} counted{(p.Sheet.Pairs > 0 ? $", {p.Sheet.Pairs} pairs of neighbours measured" : "")}."
            ));
}
