using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>The first power of a machine, from its supply alone to the whole of it.</summary>
public sealed class FirstPowerRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Restored
            ? m.Session.Plan.Select(p => new Share(
                Stage.Survey,
                8,
                m.Facts.PowerSteps.Any(s => s.Kind == p.Kind && s.Through) && !m.Session.Lapsed.Contains(p.Kind)
            ))
            : [];

    public override bool Stops(MachineNow m, Stage stage) =>
        stage == Stage.Survey && m.Restored && m.Session is { Stopped: true, Next: not null };

    public override string? Beneath(MachineNow m, Stage stage) =>
        stage != Stage.Survey || !m.Restored ? null
        : Stops(m, stage) ? "stopped"
        : m.Machine.SurveyedAt is not null && m.Session.Next is not null ? "first power"
        : null;

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.TestsInPieces.Where(t => t.Covers(m.Facts, m.Now)).Select(t => t.At + TestInPieces.Good);

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        // Taken up again after the boards: what is fed is what was worked on.
        var through = m.Facts.PowerSteps.Where(s => s.Through && !m.Session.Lapsed.Contains(s.Kind)).Select(s => s.Kind).ToHashSet();
        var open = m.Session.Next is null ? [] : m.Session.Plan.Where(p => !through.Contains(p.Kind)).ToList();
        if (open.Count > 0 && !m.Closed.Contains(Stage.BringUp))
        {
            yield return new(
                "power",
                open is [{ Kind: PowerStepKind.Shorts }] && m.Session.Lapsed.Contains(PowerStepKind.Shorts)
                    ? ShortsAgain
                    : $"First power: {open.Count} {(open.Count == 1 ? "step" : "steps")}",
                Stage.BringUp,
                WorkKind.Measuring,
                WorkTask.About(10 * open.Count)
            )
            {
                Why = m.Session.Ritual switch
                {
                    PowerRitual.RunsHere => "It runs here: it is looked at, and switched on as it is.",
                    PowerRitual.AsItRan => "It ran for somebody: its supply is measured, and it is switched on as it is.",
                    _ => "Supply alone, bare board, then one thing more at a time.",
                },
                Needs = "Multimeter, load",
                // The board is fed on the bench, before the case is closed over it; with a tube the covers are on.
                OnTheBench = !PowerReadings.Closed(m.Machine),
                Places = [BenchPlaces.Meter],
                Screen = "power",
            };
        }
    }

    const string ShortsAgain = "Measure the rails for shorts again";

    /// <summary>Who solders or washes a board measures its rails for shorts again before it is fed: also where every step was through.</summary>
    public override IReadOnlyList<WorkTask> Shape(MachineNow m, IReadOnlyList<WorkTask> work) =>
        m.Session.Next is null
        && m.Session.Plan.Any(p => p.Kind == PowerStepKind.Shorts)
        && !m.Closed.Contains(Stage.BringUp)
        && work.Any(w => w is { Stage: Stage.Boards, Kind: WorkKind.Soldering or WorkKind.Washing })
            ?
            [
                .. work,
                new("power", ShortsAgain, Stage.BringUp, WorkKind.Measuring, WorkTask.About(10))
                {
                    Why = "What was soldered or washed since may have left a short.",
                    Needs = "Multimeter",
                    OnTheBench = true,
                    Places = [BenchPlaces.Meter],
                    Screen = "power",
                },
            ]
            : work;

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        var (gate, f) = (m.Session, m.Facts);
        if (gate.Next is not { } next)
        {
            yield break;
        }
        if (m.Machine.SurveyedAt is { } since && !m.Closed.Contains(Stage.Survey) && gate.May(next).Granted && !gate.Stopped)
        {
            yield return new(
                $"First power: {gate.Plan.First(p => p.Kind == next).Title.ToLowerInvariant()}",
                gate.Plan.First(p => p.Kind == next).Expected,
                Stage.Survey,
                15,
                "Multimeter",
                false,
                0,
                since,
                "power"
            );
        }
        else if (f.PowerSteps.Any(s => s.State == PowerStepState.Failed && !gate.Lapsed.Contains(s.Kind)))
        {
            yield return new(
                "Fit a tested supply, or hand this one over",
                gate.Verdict.Sentence,
                Stage.Survey,
                30,
                "A supply that has been tested",
                true,
                0,
                m.Machine.ArrivedAt,
                "power"
            );
        }
    }

    public override Headline? Headline(MachineNow m, NextAct? next) =>
        Stops(m, Stage.Survey) ? new("Stopped before power.", next?.Title ?? m.Session.Verdict.Sentence, StageState.Stopped) : null;

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        yield return PowerReadings.Closed(f.Machine)
            ? Rooms.BeforePower.Is("rails", "Its rails are named", "They lie behind covers that stay on: its plug is measured instead.")
        : f.Machine.Rails.Count > 0
            ? Rooms.BeforePower.Is("rails", "Its rails are named", $"{Words.And(f.Machine.Rails.Select(r => r.Name))}.")
        : Rooms.BeforePower.Open(
            f,
            "rails",
            "Its rails are named",
            "Name the rails of its supply: nothing can be measured before.",
            "A rail that nobody has named is a rail that nobody reads.",
            "The label of the supply, or the plug’s colours."
        );
        yield return Apart(f, now);
        yield return Unplugged(f);
    }

    static BeforePower Apart(MachineFacts f, DateTimeOffset now)
    {
        const string word = "apart",
            title = "It is together, or tested in pieces";
        var apart = f.StripSteps.Where(s => s.Apart).ToList();
        if (apart.Count == 0)
        {
            return Rooms.BeforePower.Is(
                word,
                title,
                f.StripSteps.Count == 0 ? "Nothing of it was taken off here." : "Every piece that came off is back."
            );
        }
        if (f.TestsInPieces.FirstOrDefault(t => t.Covers(f, now)) is { } test)
        {
            return Rooms.BeforePower.Is(word, title, $"A test in pieces, for {Markings.Si.Plain(test.Minutes)} minutes.") with
            {
                Since = test.At,
                Lapses = "Another piece comes off, or twelve hours pass.",
            };
        }
        return Rooms.BeforePower.By(
            f,
            word,
            title,
            Verdict
                .Of(
                    Rooms.BeforePower.Question,
                    Outcome.No,
                    $"Not yet: it is in pieces. {apart.OrderByDescending(s => s.Number).First().Title}{(apart.Count > 1 ? $" and {apart.Count - 1} more are" : " is")} out.",
                    Basis.Rule,
                    new Reason("Loose screws short, a missing shield or fan cooks what it kept cool, and a bare board slides.")
                )
                .Changing("Put together again; or a test in pieces, with what it lies on and for how long.")
                .Final(),
            apart.Select(s => s.Id.ToString()).ToList()
        ) with
        {
            Screen = "rebuild",
            // Behind the cover of a mains supply or a tube nothing is switched on, not the supply alone either.
            From = TestInPiecesRule.OffByRecord(f).Any(x => x is LeftOff.MainsCover or LeftOff.EarthClip)
                ? PowerStepKind.SupplyLoaded
                : PowerStepKind.BareBoard,
        };
    }

    static BeforePower Unplugged(MachineFacts f)
    {
        const string word = "unplugged",
            title = "Every lead that came off is back on";
        var back = f.StripSteps.Where(s => s is { BackAt: not null, StaysOut: false }).Select(s => s.Id).ToHashSet();
        var off = f.StripConnectors.Where(c => c.BackAt is null && back.Contains(c.StepId)).OrderBy(c => c.Id).ToList();
        if (off.Count == 0)
        {
            return Rooms.BeforePower.Is(word, title, "No lead of a piece that is back is written down as off.");
        }
        var earth = off.FirstOrDefault(TestInPiecesRule.IsEarth);
        var first = earth ?? off[0];
        return Rooms.BeforePower.By(
            f,
            word,
            title,
            Verdict
                .Of(
                    Rooms.BeforePower.Question,
                    Outcome.No,
                    $"Not yet: {Words.Lower(first.Kind)} is not plugged in{(off.Count > 1 ? $", and {off.Count - 1} more" : "")}.",
                    Basis.Rule,
                    new Reason(
                        earth is null
                            ? "A lead that hangs loose shorts, or leaves a fan or a rail without its supply."
                            : "Without it a fault makes the case live."
                    )
                )
                .Changing("Plugged in, and said so on the rebuild.")
                .With(earth is null ? [] : [Safety.CautionId.MainsSupply]),
            off.Select(c => c.Id.ToString()).ToList()
        ) with
        {
            Screen = "rebuild",
            From = earth is null ? PowerStepKind.BareBoard : PowerStepKind.SupplyLoaded,
        };
    }

    public override Disputed? Against(OverruleKind kind, string subject, MachineNow m) =>
        kind != OverruleKind.BeforePower ? null
        : m.Session.Before.FirstOrDefault(b => b.Word == subject) is { } before ? new(before.Permit, "no longer stands before power")
        : new(Permit.No("subject", "Nothing of that name stands before its first power now."), "");

    public override IEnumerable<Left> Left(MachineNow m)
    {
        if (m.Session is { Next: not null, Stopped: true })
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                "Not yet. Its first power has stopped.",
                m.Session.Verdict.Sentence,
                "The failed step read again and passed."
            );
        }
        else if (m.Session.Next is not null)
        {
            yield return new(Stage.HandOver, "Its first power has not been taken to the end.");
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        foreach (var s in w.Facts.PowerSteps.Where(s => s.State != PowerStepState.NotYet).OrderBy(s => s.Kind))
        {
            var said = Words.Sentence(s.Sentence);
            yield return new(WriteUpPart.FirstPower, s.State == PowerStepState.Overruled ? $"{said} Overruled." : said);
            var senses = new[] { ("Seen", s.Seen), ("Heard", s.Heard), ("Smelled", s.Smelled), ("It said", s.Said) };
            yield return new(
                WriteUpPart.FirstPower,
                string.Join(" ", senses.Where(x => x.Item2.Length > 0).Select(x => $"{x.Item1}: {Words.Sentence(x.Item2)}"))
            );
        }
    }
}
