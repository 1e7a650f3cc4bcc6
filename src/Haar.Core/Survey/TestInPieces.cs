using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What a board lies on while it is powered out of its case.</summary>
public enum RestsOn
{
    NotKnown = 0,

    /// <summary>Wood, card, rubber, a plastic tray.</summary>
    Insulator,

    /// <summary>A bag or mat for static: its outside conducts (IEC 61340-5-3, dissipative and shielding bags).</summary>
    StaticBag,
    BareMetal,
}

/// <summary>What is missing while it runs in pieces.</summary>
public enum LeftOff
{
    Shield,
    EarthClip,
    Fan,
    Heatsink,

    /// <summary>The cover of a mains supply or a tube.</summary>
    MainsCover,
}

/// <summary>What is said of a test in pieces before it is allowed.</summary>
/// <param name="Missing">Empty is nothing; null is that nobody looked.</param>
/// <param name="LooseMetal">Screws, clips, a loose wire or a drive that hangs over the board.</param>
/// <param name="Minutes">For how long it is to run.</param>
public sealed record TestInPiecesFacts(RestsOn On, ThreeState LooseMetal, IReadOnlyList<LeftOff>? Missing, double Minutes);

/// <summary>One test of a machine that is not put together, as it was allowed: it counts for the pieces that were out then.</summary>
public sealed class TestInPieces
{
    /// <summary>For how long one is good: what lay right this morning may lie otherwise tomorrow. A house figure.</summary>
    public static readonly TimeSpan Good = TimeSpan.FromHours(12);

    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public RestsOn On { get; init; }
    public List<LeftOff> Missing { get; init; } = [];
    public double Minutes { get; init; }

    /// <summary>Fingerprint of the pieces that were out.</summary>
    public string Pieces { get; init; } = "";
    public DateTimeOffset At { get; init; }

    /// <summary>Taken back, or over.</summary>
    public DateTimeOffset? EndedAt { get; set; }

    /// <summary>It was allowed for the pieces that are out now, and would be allowed again on what is known of the machine now.</summary>
    public bool Covers(MachineFacts f, DateTimeOffset now) =>
        EndedAt is null
        && now < At + Good
        && Pieces == Fingerprint(f)
        && Minutes is >= TestInPiecesRule.LeastMinutes and <= TestInPiecesRule.MostMinutes
        && TestInPiecesRule.Judge(f, new(On, Verdicts.ThreeState.No, Missing, Minutes)).Outcome is Outcome.Yes or Outcome.YesIf;

    public static string Fingerprint(MachineFacts f) =>
        Overrulable.Fingerprint(f.StripSteps.Where(s => s.Apart).Select(s => s.Id.ToString()).Order(StringComparer.Ordinal).ToList());
}

/// <summary>May it run in pieces, and for how long?</summary>
public static class TestInPiecesRule
{
    /// <summary>Minutes that practice allows: with everything that cools in place; without its fan, hand on the switch; without a heatsink, for parts that run cool.</summary>
    public const double LeastMinutes = 0.1,
        MostMinutes = 60,
        MinutesWithoutFan = 10,
        MinutesWithoutHeatsink = 1;

    /// <summary>What is off by the strip-down's record, whatever is said of it besides.</summary>
    public static IReadOnlyList<LeftOff> OffByRecord(MachineFacts f)
    {
        var apart = f.StripSteps.Where(s => s.Apart).ToList();
        var covered = Hazards.Tube(f.Machine) != ThreeState.No;
        var off = new HashSet<LeftOff>();
        foreach (var s in apart)
        {
            if (Named(s, "heatsink", "heat sink", "cooler"))
            {
                off.Add(LeftOff.Heatsink);
            }
            if (s.Kind == PieceKind.Fan || Named(s, "fan"))
            {
                off.Add(LeftOff.Fan);
            }
            if (Named(s, "shield"))
            {
                off.Add(LeftOff.Shield);
            }
            // Any cover may be the one over the tube until somebody says that there is none.
            if (covered && (s.Kind is PieceKind.Cover or PieceKind.Display || Named(s, "shell", "cover", "back")))
            {
                off.Add(LeftOff.MainsCover);
            }
            if (Hazards.Mains(f.Machine) != ThreeState.No && Named(s, "supply cover", "cover of the supply", "supply lid"))
            {
                off.Add(LeftOff.MainsCover);
            }
        }
        var steps = apart.Select(s => s.Id).ToHashSet();
        if (f.StripConnectors.Any(c => c.BackAt is null && steps.Contains(c.StepId) && IsEarth(c)))
        {
            off.Add(LeftOff.EarthClip);
        }
        return [.. off.Order()];
    }

    static bool Named(StripStep s, params string[] words) => words.Any(w => s.Title.Contains(w, StringComparison.OrdinalIgnoreCase));

    /// <summary>A lead that joins metal to earth, as its name says.</summary>
    public static bool IsEarth(StripConnector c) =>
        c.Kind.Contains("earth", StringComparison.OrdinalIgnoreCase) || c.Kind.Contains("ground", StringComparison.OrdinalIgnoreCase);

    /// <summary>The same for a machine as it is recorded: what is off by its record is off, also where it is not said.</summary>
    public static Verdict Judge(MachineFacts f, TestInPiecesFacts t) =>
        Judge(f.Machine, t.Missing is null ? t : t with { Missing = [.. t.Missing.Union(OffByRecord(f))] });

    /// <exception cref="InvalidInputException">No time that a test takes.</exception>
    public static Verdict Judge(Machine m, TestInPiecesFacts t)
    {
        InvalidInputException.Finite("minutes", t.Minutes, LeastMinutes, 24 * 60, "min");
        const string question = "May it run in pieces?";
        // Mains is inside until an adapter outside, or cells, say that it is not.
        var mains = Hazards.Mains(m) != ThreeState.No;
        CautionId[] cautions = mains ? [CautionId.MainsSupply] : [];
        Verdict No(string sentence, string why, string would, bool final = false)
        {
            var v = Verdict.Of(question, Outcome.No, sentence, Basis.Rule, new Reason(why)).Changing(would).With(cautions);
            return final ? v.Final() : v;
        }
        var missing = t.Missing ?? [];
        if (missing.Contains(LeftOff.MainsCover))
        {
            return No(
                "No: the cover of its supply or tube goes on first.",
                "Behind it is mains, or a tube's charge, within reach of a hand that holds a probe.",
                "The cover on.",
                true
            );
        }
        if (t.On is RestsOn.BareMetal or RestsOn.StaticBag)
        {
            return No(
                t.On == RestsOn.StaticBag
                    ? "No: the outside of a static bag conducts. Lay it on wood or card."
                    : "No: bare metal under a board shorts it. Lay it on wood or card.",
                "Every joint on its underside touches what it lies on.",
                "Wood, card or rubber under it.",
                true
            );
        }
        if (t.LooseMetal == ThreeState.Yes)
        {
            return No(
                "Not yet: take the loose metal away first.",
                "What hangs over a board falls on it.",
                "No screw, clip or wire loose above it.",
                true
            );
        }
        if (t.On == RestsOn.NotKnown || t.LooseMetal == ThreeState.NotKnown || t.Missing is null)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    t.On == RestsOn.NotKnown ? "Say what it lies on."
                        : t.LooseMetal == ThreeState.NotKnown ? "Look whether any metal hangs loose over it."
                        : "Say what is missing, or that nothing is.",
                    Basis.Guess,
                    new Reason("What nobody has looked at is not taken for safe.")
                )
                .Changing("What it lies on, a look along every lead and screw, and what is missing.")
                .With(cautions)
                .Final();
        }
        if (missing.Contains(LeftOff.EarthClip) && mains)
        {
            return No(
                "Not yet: its earth clip goes on first.",
                "Without it the chassis of a mains machine is not earthed, and a fault makes it live.",
                "The earth clip on, and the chassis measured to the plug's earth pin.",
                true
            );
        }
        // Those whose processors run without a heatsink for a minute; whatever is not among them, or not known, does not.
        var cool =
            m.Class
            is MachineClass.EightBit
                or MachineClass.SixteenBit
                or MachineClass.Level286
                or MachineClass.Level386
                or MachineClass.Level68k
                or MachineClass.Pocket
                or MachineClass.Terminal;
        if (missing.Contains(LeftOff.Heatsink) && !cool)
        {
            return No(
                "Not yet: its heatsink goes on first.",
                "Without it such a processor is past its limit within seconds.",
                "The heatsink on."
            );
        }
        var most =
            missing.Contains(LeftOff.Heatsink) ? MinutesWithoutHeatsink
            : missing.Contains(LeftOff.Fan) ? MinutesWithoutFan
            : MostMinutes;
        if (t.Minutes > most)
        {
            return No(
                $"Not so long: at most {Markings.Si.Plain(most)} {(most == 1 ? "minute" : "minutes")} like this.",
                missing.Count == 0
                    ? "Out of its case nobody hears or smells what the case would have kept off."
                    : "What cooled it is not there.",
                $"{Markings.Si.Plain(most)} minutes, or what is missing put on."
            );
        }
        return Verdict
            .Of(
                question,
                Outcome.YesIf,
                $"For {Markings.Si.Plain(t.Minutes)} minutes, with a hand on the switch and nobody away from it.",
                Basis.Rule,
                new Reason(
                    missing.Count == 0
                        ? "It lies on what does not conduct, and nothing hangs over it."
                        : $"Without {Words.And(missing.Distinct().Select(Name))} it is a short test and no run.",
                    Source: "bench practice"
                )
            )
            .With(cautions);
    }

    public static string Name(LeftOff what) =>
        what switch
        {
            LeftOff.Shield => "its shield",
            LeftOff.EarthClip => "its earth clip",
            LeftOff.Fan => "its fan",
            LeftOff.Heatsink => "its heatsink",
            _ => "a mains cover",
        };
}

/// <summary>Allows a test in pieces, for the pieces that are out now.</summary>
public sealed record AllowTestInPieces(TestInPiecesFacts Test) : Command<MachineFacts>
{
    IReadOnlyList<LeftOff> Missing => Test.Missing ?? [];

    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        var verdict = TestInPiecesRule.Judge(f, Test);
        if (f.StripSteps.All(s => !s.Apart))
        {
            return Permit.No("test", "It is put together: no test in pieces is needed.");
        }
        return Permit.By(
            verdict,
            "test",
            new(
                OverruleKind.BeforePower,
                f.Machine.Id,
                "test-in-pieces",
                Overrulable.Fingerprint(TestInPieces.Fingerprint(f), Test.On.ToString(), Missing.Order().ToList(), Test.Minutes)
            ),
            f.Overrules
        );
    }

    protected override Done Do(MachineFacts f, Moment at) =>
        new Done(
            $"A test in pieces, {Markings.Si.Plain(Test.Minutes)} minutes{(Missing.Count > 0 ? $", without {Words.And(Missing.Distinct().Select(TestInPiecesRule.Name))}" : "")}.",
            f.Machine.Id
        ).Adding(
            new TestInPieces
            {
                Id = at.NewId(),
                MachineId = f.Machine.Id,
                On = Test.On,
                Missing = [.. Missing.Distinct()],
                Minutes = Test.Minutes,
                Pieces = TestInPieces.Fingerprint(f),
                At = at.Now,
            }
        );
}

/// <summary>The test is over, or is not to be: it stands before power again that it is in pieces.</summary>
public sealed record EndTestInPieces : Command<MachineFacts>
{
    public override Permit May(MachineFacts f, DateTimeOffset now) =>
        f.TestsInPieces.Any(t => t.Covers(f, now)) ? Permit.Yes() : Permit.No("test", "No test in pieces is under way.");

    protected override Done Do(MachineFacts f, Moment at)
    {
        foreach (var t in f.TestsInPieces.Where(t => t.EndedAt is null))
        {
            t.EndedAt = at.Now;
        }
        return new("The test in pieces is over.", f.Machine.Id);
    }
}
