using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>What an act on one whitening is decided on.</summary>
/// <param name="Item">What is whitened.</param>
/// <param name="Held">Trays of the workshop that hold something, by their lower-case names, with what lies there.</param>
public sealed record WhiteningFacts(
    Machine Machine,
    WhiteningRun Run,
    CleanedItem Item,
    IReadOnlyList<Overrule> Overrules,
    IReadOnlyDictionary<string, string>? Held = null
) : IActFacts;

/// <summary>Into the light with it.</summary>
/// <param name="Hours">Until one goes and looks.</param>
/// <param name="Protected">Glasses and gloves are on, nothing is sealed, and with a lamp of UV-C nobody is in the room. Not known counts as no.</param>
/// <param name="Tray">Of a bath: one thing at a time lies in it. Empty for a film.</param>
public sealed record StartSession(BleachFacts Bleach, double Hours, ThreeState Protected, string Tray = "") : Command<WhiteningFacts>
{
    const string Question = "May it go into the light?";

    /// <summary>Longer than this nothing stands unattended. A house figure.</summary>
    public const double MostHours = 12;

    public override Permit May(WhiteningFacts f, DateTimeOffset now)
    {
        Bleach.Check();
        InvalidInputException.Finite("hours", Hours, 0.25, MostHours, "h");
        var (run, item) = (f.Run, f.Item);
        var name = Words.Capital(item.Name);
        if (run.Running is not null)
        {
            return Permit.No("step", $"{name} is in the light already.", Question);
        }
        TextField.Check("tray", Tray, 40);
        if (Tray.Trim().Length > 0 && f.Held?.GetValueOrDefault(Tray.Trim().ToLowerInvariant()) is { } held)
        {
            return Permit.No("tray", $"{Words.Capital(Tray.Trim())} is taken: {held} lies in it.", Question);
        }
        if (item.Sheet.Soak is { } soak)
        {
            return Permit.No("step", $"{name} lies in {soak.Tray}: take it out of that bath first.", Question);
        }
        if (f.Machine.ColourPolicy != ColourPolicy.Whiten)
        {
            return Permit.No(
                "policy",
                f.Machine.ColourPolicy switch
                {
                    ColourPolicy.Leave => "This machine keeps the colour of its age: change that first.",
                    ColourPolicy.Paint => "This machine is painted, not whitened: change that first.",
                    _ => "First decide for this machine: whiten, paint, or leave its age.",
                },
                Question
            );
        }
        if (Bleach.Percent is null || Bleach.As == BleachAs.NotKnown || Bleach.Light == BleachLight.NotKnown)
        {
            return Permit.No("bleach", "How strong it is, bath or film, and under what light: all three have to be said.", Question);
        }
        // Whatever lies on it, and whatever it may be made of: nobody overrules chemistry.
        var met = Mixing.May([Substance.Peroxide, .. item.Facts.On, .. Ladder.OnIt(item.Facts), .. Ladder.MayBe(item.Facts)]);
        if (met.Verdict.Outcome is Outcome.No or Outcome.Unknown)
        {
            return new(
                (
                    met.Verdict with
                    {
                        Question = Question,
                        Sentence =
                            item.Facts.Materials.Count == 0 || item.Facts.Materials.Contains(Material.NotKnown)
                                ? $"First say what {Words.Lower(item.Name)} is made of: peroxide eats bare metal."
                                : met.Verdict.Sentence,
                    }
                ).Final(),
                "materials"
            );
        }
        if (run.Masked != ThreeState.Yes)
        {
            return Permit.No(
                "masked",
                "Labels, bare metal and printed lettering come off it or are masked first: peroxide takes them.",
                Question
            );
        }
        if (Protected != ThreeState.Yes)
        {
            return Permit.No(
                "protected",
                Bleach.Light == BleachLight.LampUvC
                    ? "A lamp of UV-C burns eyes and skin and makes ozone: nobody in the room, and it is aired before anybody comes in."
                    : "Glasses and gloves first; nothing sealed, and no foil over it while nobody looks.",
                Question
            );
        }
        var overrulable = new Overrulable(
            OverruleKind.Whitening,
            f.Machine.Id,
            run.Id.ToString(),
            Overrulable.Fingerprint(run.Readings.Count, run.Sessions.Count, run.TargetB)
        );
        if (run.Readings is [.., { Bloom: true }])
        {
            return Permit.No("readings", "A bloom was seen: stop. More light makes it deeper, and polish no longer reaches it.", Question);
        }
        Verdict? against =
            run.Readings.Count == 0
                ? Verdict.Of(
                    Question,
                    Outcome.No,
                    "First a photo under the card: what was not measured before cannot be compared after.",
                    Basis.Rule,
                    new Reason("By eye nobody tells 3 of b* a week apart.", Source: "practice")
                )
            : run.Sessions.Count > 0 && run.Readings[^1].At < run.Sessions[^1].Until
                ? Verdict.Of(
                    Question,
                    Outcome.No,
                    "First a photo under the card: what the last session did nobody has measured.",
                    Basis.Rule,
                    new Reason("Whitening that goes too far cannot be taken back.")
                )
            : run.Parting ? Verdict.Of(Question, Outcome.No, "Stop: its patches part from one another.", Basis.Measured)
            : run.Forecast() is { Verdict.Outcome: Outcome.No } stop ? stop.Verdict with { Question = Question }
            : null;
        if (against is not null)
        {
            return Permit.By(against.Changing("A reading that says otherwise."), "readings", overrulable, f.Overrules);
        }
        var yes = Verdict
            .Of(
                Question,
                Outcome.Yes,
                $"{Si.Plain(Hours)} h, and then a look.",
                Basis.Rule,
                new Reason("Turned and wetted again before it dries: a dried film leaves streaks.", Source: "practice"),
                new Reason(
                    "What is used up is not poured back, and goes where your council takes it.",
                    Source: "safety data sheet of hydrogen peroxide"
                )
            )
            .With(CautionId.Peroxide);
        return new(
            Bleach.Percent > Bath.RestrictedPeroxidePercent
                ? yes with
                {
                    Reasons =
                    [
                        .. yes.Reasons,
                        new(
                            $"Above {Si.Plain(Bath.RestrictedPeroxidePercent)} % it is not sold to everyone.",
                            Source: "Regulation (EU) 2019/1148, annex I"
                        ),
                    ],
                }
                : yes,
            ""
        );
    }

    protected override Done Do(WhiteningFacts f, Moment at)
    {
        f.Run.Sessions = [.. f.Run.Sessions, new(at.Now, Hours, Bleach) { Tray = Tray.Trim() }];
        f.Run.DoneAt = null;
        // From now on it is wet, with peroxide on it: nothing else goes on, and nothing is fed.
        f.Item.Sheet = f.Item.Sheet with
        {
            Soak = new("", Tray.Trim().Length > 0 ? Tray.Trim() : "the light", at.Now, at.Now.AddHours(Hours), 0, null),
            WetAt = at.Now,
            By = WettedBy.Unrinsed,
            Weighings = [],
            DriedAt = null,
            TestedBy = "",
        };
        f.Item.Facts = f.Item.Facts with { On = [.. f.Item.Facts.On.Append(Substance.Peroxide).Distinct()] };
        return new(
            $"{Words.Capital(f.Item.Name)} into the light at {Si.Plain(Bleach.Percent!.Value)} %, to be looked at after {Si.Plain(Hours)} h.",
            f.Run.Id
        );
    }
}

/// <summary>Out of the light: wet, and with peroxide on it.</summary>
/// <param name="LocalHours">What the bench's clock is ahead of UTC, for the height of the sun.</param>
public sealed record EndSession(double LocalHours = 0) : Command<WhiteningFacts>
{
    public override Permit May(WhiteningFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("localHours", LocalHours, -14, 14, "h");
        return f.Run.Running is null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is not in the light.") : Permit.Yes();
    }

    protected override Done Do(WhiteningFacts f, Moment at)
    {
        var s = f.Run.Running!;
        // A session that nobody ended counts no longer than anything stands.
        var hours = Math.Clamp((at.Now - s.From).TotalHours, 0, 500);
        var dose = Dose.Of(s.Bleach, s.From.UtcDateTime.AddHours(LocalHours), hours);
        f.Run.Sessions = [.. f.Run.Sessions.SkipLast(1), s with { Until = at.Now, Dose = Math.Round(dose.Hours, 3) }];
        f.Item.Sheet = f.Item.Sheet with
        {
            Soak = null,
            WetAt = at.Now,
            By = WettedBy.Unrinsed,
            Weighings = [],
            DriedAt = null,
            TestedBy = "",
            DoneAt = null,
        };
        f.Item.Facts = f.Item.Facts with { On = [.. f.Item.Facts.On.Append(Substance.Peroxide).Distinct()] };
        return new(
            $"{Words.Capital(f.Item.Name)} out of the light after {Si.Plain(Math.Round(hours, 1))} h, which counts as {Si.Plain(Math.Round(dose.Hours, 1))} h of full summer sun.",
            f.Run.Id
        );
    }
}

/// <summary>Its colour, measured on a photo that was just looked into.</summary>
public sealed record KeepColour(PhotoColourResult Colour, Guid? PhotoId, bool Bloom) : Command<WhiteningFacts>
{
    public override Permit May(WhiteningFacts f, DateTimeOffset now) =>
        f.Run.Running is not null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is in the light: take it out, rinse and dry it first.")
        : f.Item.Wet ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is wet: water darkens. Measure it dry.")
        : f.Item.Facts.On.Any(RinseItem.Rinsable)
            ? Permit.No("step", $"What cleaned {Words.Lower(f.Item.Name)} is still on it: rinse it first.")
        : Colour.B is null
            ? new(
                Colour.Patches.Count > 0
                    ? Verdict.Of("Can it be measured?", Outcome.No, "Tap a place that light has reached.", Basis.Rule)
                    : Colour.Verdict,
                "patches"
            )
        : Permit.Yes();

    protected override Done Do(WhiteningFacts f, Moment at)
    {
        f.Run.Readings =
        [
            .. f.Run.Readings,
            new(at.Now, Math.Round(f.Run.Dose, 3), Colour.B!.Value, Colour.Evenness, Colour.Absolute, Colour.Patches, PhotoId, Bloom)
            {
                Card = Colour.Card,
            },
        ];
        // The spot that light never reached is where one wants to get to, unless somebody said otherwise.
        var unaged = Colour.Patches.Where(p => p.Unaged).ToList();
        if (f.Run.TargetB is null && unaged.Count > 0)
        {
            f.Run.TargetB = Math.Round(unaged.Average(p => p.Lab.B), 1);
        }
        return new(
            $"{Words.Capital(f.Item.Name)}: b* {Si.Plain(Math.Round(Colour.B.Value, 1))}{(Bloom ? ", with a bloom" : "")}.",
            f.Run.Id
        );
    }
}

/// <summary>The same patch in photos taken anew: how far one photo can be trusted.</summary>
public sealed record KeepRepeat(double B) : Command<WhiteningFacts>
{
    public override Permit May(WhiteningFacts f, DateTimeOffset now)
    {
        InvalidInputException.Finite("b", B, -150, 150, "");
        return Permit.Yes();
    }

    protected override Done Do(WhiteningFacts f, Moment at)
    {
        f.Run.Repeats = [.. f.Run.Repeats, Math.Round(B, 2)];
        return new(
            $"{Words.Capital(f.Item.Name)}: the same patch once more, b* {Si.Plain(Math.Round(B, 1))}; one photo differs from the next by {Si.Plain(Math.Round(PhotoColour.NoiseOf(f.Run.Repeats), 1))}.",
            f.Run.Id
        );
    }
}

/// <summary>White enough, or as far as it goes.</summary>
public sealed record FinishWhitening : Command<WhiteningFacts>
{
    public override Permit May(WhiteningFacts f, DateTimeOffset now) =>
        f.Run.DoneAt is not null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is done already.")
        : f.Run.Running is not null ? Permit.No("step", $"{Words.Capital(f.Item.Name)} is in the light: take it out first.")
        : f.Item.Facts.On.Contains(Substance.Peroxide)
            ? Permit.No("step", $"Peroxide is still on {Words.Lower(f.Item.Name)}: rinse it first.")
        : Permit.Yes();

    protected override Done Do(WhiteningFacts f, Moment at)
    {
        f.Run.DoneAt = at.Now;
        return new($"{Words.Capital(f.Item.Name)} stays as white as it is.", f.Run.Id);
    }
}
