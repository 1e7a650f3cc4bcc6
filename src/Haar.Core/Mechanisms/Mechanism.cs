using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

public enum MechanismKind
{
    FloppyDrive = 0,

    /// <summary>Sealed: outside only.</summary>
    HardDrive,
    OpticalDrive,
    TapeDrive,
    Printer,
    Fan,
    Hinge,
    Latch,

    /// <summary>Nobody has said which; handled as a sealed drive that holds data, since that is what must not be opened.</summary>
    NotKnown,
}

public enum MechanismStep
{
    Photograph = 0,

    /// <summary>What is on a drive comes off before anything else is done to it.</summary>
    CopyFirst,
    Outside,

    /// <summary>Loose parts and what fell in.</summary>
    LookInside,
    OldGrease,
    Heads,
    Rollers,
    Belt,
    Rails,
    TurnByHand,
    Speed,
    FirstRun,
    Real,
    Noise,
    Temperature,
}

/// <param name="Value">What was read: turns a minute, errors, dB, °C; null for a word.</param>
public sealed record MechanismDone(MechanismStep Step, DateTimeOffset At, double? Value = null, string Note = "");

/// <summary>Something that moves, and is serviced.</summary>
public sealed class Mechanism : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>The piece of the strip-down or the finding that it was put down for.</summary>
    public Guid? FromId { get; set; }
    public MechanismKind Kind { get; set; }

    /// <summary>Turns a minute; null where nobody knows.</summary>
    public double? NominalRpm { get; set; }

    /// <summary>Not known counts as yes.</summary>
    public ThreeState HasBelt { get; set; }

    /// <summary>Once round the belt's path by a thread, mm.</summary>
    public double? BeltPathMillimetres { get; set; }

    /// <summary>What its rails slide on.</summary>
    public Sliding Rails { get; set; }

    /// <summary>There is something on it that must not be lost. Not known counts as yes.</summary>
    public ThreeState HoldsData { get; set; }

    /// <summary>What it read before anything was done, for after: noise in dB, °C.</summary>
    public double? NoiseBefore { get; set; }
    public double? CelsiusBefore { get; set; }

    /// <summary>In order; a step done again takes the place of the one before.</summary>
    public IReadOnlyList<MechanismDone> Done { get; set; } = [];
    public int Version { get; set; }

    [JsonIgnore]
    public bool Sealed => Kind is MechanismKind.HardDrive or MechanismKind.NotKnown;

    [JsonIgnore]
    public bool Drive =>
        Kind is MechanismKind.FloppyDrive or MechanismKind.HardDrive or MechanismKind.OpticalDrive or MechanismKind.TapeDrive;

    public MechanismStep? Next => Service.Procedure.Next(this);

    public MechanismDone? Of(MechanismStep step) => Done.LastOrDefault(d => d.Step == step);

    public void Check()
    {
        TextField.Check("name", Name, 60, "Say in 1 to 60 characters what it is: the floppy drive, the rear fan.");
        InvalidInputException.Finite("nominalRpm", NominalRpm, 0.1, 100_000, "turns a minute");
        InvalidInputException.Finite("beltPathMillimetres", BeltPathMillimetres, 10, 10_000, "mm");
        InvalidInputException.Finite("noiseBefore", NoiseBefore, 0, 140, "dB");
        InvalidInputException.Finite("celsiusBefore", CelsiusBefore, -20, 150, "°C");
        if (Done.Count > 200)
        {
            throw new InvalidInputException("done", "At most 200 steps.");
        }
    }
}

/// <summary>How each kind is serviced: steps as data.</summary>
public static class Service
{
    static ProcedureStep<Mechanism, MechanismStep> Step(MechanismStep step, string words, Func<Mechanism, bool> applies) =>
        new(step, words, m => m.Of(step)?.At, applies);

    static bool Moves(Mechanism m) => !m.Sealed;

    public static readonly Procedure<Mechanism, MechanismStep> Procedure = new(
        "Every step on this mechanism is done.",
        Step(MechanismStep.Photograph, "photograph it from all sides, with its jumpers and switches", _ => true),
        Step(MechanismStep.CopyFirst, "copy off what is on it, before anything else", m => m.Sealed && m.HoldsData != ThreeState.No),
        Step(MechanismStep.Outside, "clean its outside, connector and board; no air into its breather hole", m => m.Sealed),
        Step(MechanismStep.LookInside, "look inside for loose parts, and take them out with tweezers", Moves),
        Step(
            MechanismStep.OldGrease,
            "take the old grease off with alcohol and swabs, down to bare metal",
            m => Moves(m) && m.Kind is not MechanismKind.Fan
        ),
        Step(
            MechanismStep.Heads,
            "clean head or lens: a swab with isopropyl alcohol, along the track and without pressure",
            m => m.Kind is MechanismKind.FloppyDrive or MechanismKind.OpticalDrive or MechanismKind.TapeDrive
        ),
        Step(
            MechanismStep.Rollers,
            "wipe the rollers with alcohol until the swab stays white",
            m => m.Kind is MechanismKind.Printer or MechanismKind.TapeDrive
        ),
        Step(
            MechanismStep.Belt,
            "measure the belt's path with a thread, and look at the belt",
            m =>
                m.HasBelt != ThreeState.No
                && m.Kind is MechanismKind.FloppyDrive or MechanismKind.OpticalDrive or MechanismKind.TapeDrive or MechanismKind.Printer
        ),
        Step(MechanismStep.Rails, "lubricate what slides", Moves),
        Step(MechanismStep.TurnByHand, "turn it once through by hand, without force", Moves),
        Step(
            MechanismStep.Speed,
            "measure its speed",
            m => m.Kind is MechanismKind.FloppyDrive or MechanismKind.TapeDrive && m.NominalRpm is not null
        ),
        Step(
            MechanismStep.FirstRun,
            "a worthless known disk, tape or sheet first",
            m => m.Kind is MechanismKind.FloppyDrive or MechanismKind.OpticalDrive or MechanismKind.TapeDrive or MechanismKind.Printer
        ),
        Step(
            MechanismStep.Real,
            "then one that matters, read only",
            m => m.Kind is MechanismKind.FloppyDrive or MechanismKind.OpticalDrive or MechanismKind.TapeDrive
        ),
        Step(
            MechanismStep.Noise,
            "its noise, by the same phone at the same distance",
            m => m.Kind is MechanismKind.Fan or MechanismKind.HardDrive
        ),
        Step(MechanismStep.Temperature, "temperatures at the same load and room", m => m.Kind == MechanismKind.Fan)
    );

    /// <summary>What a name says of the kind; what it does not say is not known.</summary>
    public static MechanismKind KindOf(string name)
    {
        bool Has(params string[] words) => words.Any(w => name.Contains(w, StringComparison.OrdinalIgnoreCase));
        return Has("floppy", "diskette", "3½", "5¼") ? MechanismKind.FloppyDrive
            : Has("hard d", "hard-d", "harddisk", "winchester") ? MechanismKind.HardDrive
            : Has("optical", "cd", "dvd", "compact disc") ? MechanismKind.OpticalDrive
            : Has("tape", "cassette", "streamer") ? MechanismKind.TapeDrive
            : Has("printer") ? MechanismKind.Printer
            : Has("fan") ? MechanismKind.Fan
            : Has("hinge") ? MechanismKind.Hinge
            : Has("latch") ? MechanismKind.Latch
            : MechanismKind.NotKnown;
    }

    /// <summary>How it stands with one, in a sentence.</summary>
    public static Verdict Stand(Mechanism m)
    {
        const string question = "What is done here?";
        var name = Words.Capital(m.Name);
        if (m.Kind == MechanismKind.NotKnown && m.Next is { } first and not MechanismStep.Photograph)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"{name}: say what it is. Until then it is not opened, and what is on it is copied first.",
                    Basis.Guess,
                    new Reason($"Next by the careful way: {Procedure.Words(first)}.")
                )
                .Changing("Whether it is a floppy, hard, optical or tape drive, a fan or something else.");
        }
        if (m.Next is not { } next)
        {
            return Verdict
                .Of(question, Outcome.Yes, $"{name}: serviced, and it runs.", Basis.Measured)
                .Changing("A sound or an error that was not there.");
        }
        var reasons = new List<Reason>();
        var how = "";
        if (next == MechanismStep.Rails)
        {
            var with = Lubricant.For(m.Rails).Verdict;
            reasons.AddRange(with.Reasons);
            how = $" {with.Sentence}";
        }
        if (next == MechanismStep.FirstRun)
        {
            reasons.Add(new("A head with grit on it ploughs the disk that it reads: never a precious one first."));
        }
        if (next == MechanismStep.Outside)
        {
            reasons.Add(
                new("A hard drive is sealed and is not opened here: a grain of dust is higher than its head flies.", Source: "practice")
            );
        }
        return Verdict.Of(question, Outcome.YesIf, $"{name}: {Procedure.Words(next)}.{how}", Basis.Rule, reasons);
    }
}
