using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>How far a supply is trusted. Nothing but measurement earns it.</summary>
public enum Trust
{
    None = 0,
    Idle,
    Loaded,
    SoakedAnHour,
}

/// <param name="Minutes">Under that load when the last rail was read.</param>
/// <param name="Load">The stated load; empty is none.</param>
/// <param name="Verdict">May it feed a good board?</param>
public sealed record SupplyTrustResult(Trust Trust, string Load, double Minutes, Verdict Verdict)
{
    /// <summary>Every rail holds its volts, long enough and on a stated load; its ripple alone is not known, for want of an oscilloscope.</summary>
    public bool OnlyRippleMissing { get; init; }
}

/// <summary>Trust in a supply, from its newest trustworthy readings.</summary>
public static class SupplyTrust
{
    /// <summary>An hour under load finds what five minutes do not: capacitors warm through, and a fan that stops shows. A house number.</summary>
    public const double SoakMinutes = 60;

    /// <summary>On its load for ten minutes at least before it may feed a board: tired capacitors warm through. A house number.</summary>
    public const double LeastMinutes = 10;

    /// <summary>Cells on a resistor tell within a minute, and a longer test empties them. A house number.</summary>
    public const double LeastMinutesOfCells = 1;

    /// <param name="rails">As judged under power; null when nothing was read.</param>
    /// <param name="load">The stated load; empty when there was none.</param>
    /// <param name="minutes">Under that load when they were read.</param>
    /// <param name="cells">It is fed by cells, which have no ripple.</param>
    public static SupplyTrustResult Of(
        RailsResult? rails,
        string load,
        double minutes,
        double soakMinutes = SoakMinutes,
        bool cells = false
    )
    {
        InvalidInputException.Finite("minutes", minutes, 0, 100_000, "min");
        InvalidInputException.Finite("soakMinutes", soakMinutes, 1, 10_000, "min");
        load = load.Trim();
        var least = cells ? LeastMinutesOfCells : LeastMinutes;
        var loaded = StatedLoad.Is(load);
        var read = rails is not null && rails.Rails.All(r => r.Volts is not null);
        var bad = rails?.Verdict.Outcome == Outcome.No;
        var rippled = read && (cells || rails!.Rails.All(r => r.RippleMillivolts is not null));
        var trust =
            !read || bad ? Trust.None
            : !loaded || !rippled || minutes < least - 1e-9 ? Trust.Idle
            : minutes >= soakMinutes ? Trust.SoakedAnHour
            : Trust.Loaded;
        var because = new Reason(
            !loaded ? "No load was stated." : $"Read on {load}, after {Markings.Si.Plain(Math.Round(minutes))} min.",
            new("minutes under load", Math.Round(minutes), "", soakMinutes),
            "the newest readings of this supply"
        );
        var verdict = trust switch
        {
            Trust.None when bad => Verdict
                .Of(Question, Outcome.No, $"Not trusted: {Words.Lower(rails!.Verdict.Sentence)}", Basis.Measured, because)
                .Changing("A tested supply in its place."),
            Trust.None => Verdict
                .Of(
                    Question,
                    Outcome.No,
                    "Not trusted: this supply has not been tested, however clean it is. It stays off a good board until every rail has been read.",
                    Basis.Guess,
                    because
                )
                .Changing("Every rail read alone, on a stated load, with its ripple."),
            Trust.Idle => Verdict
                .Of(
                    Question,
                    Outcome.No,
                    !loaded ? "Idle only: every rail holds without a load, which a tired supply does too. It stays off a good board."
                        : !rippled ? "Volts only: its ripple is not known. It stays off a good board."
                        : $"Too short: {Markings.Si.Plain(Math.Floor(minutes))} of {Markings.Si.Plain(least)} minutes on its load. It stays off a good board.",
                    Basis.Measured,
                    because
                )
                .Changing(
                    rippled || !loaded
                        ? $"The same readings after {Markings.Si.Plain(least)} minutes on a stated load, with ripple."
                        : "Ripple read with an oscilloscope: a multimeter finds a bad supply, and clears none."
                ),
            Trust.Loaded => Verdict
                .Of(
                    Question,
                    Outcome.Yes,
                    $"Trusted under load: every rail holds on {load}, ripple within limits.",
                    Basis.Measured,
                    because
                )
                .Changing($"{Markings.Si.Plain(soakMinutes)} minutes on that load, read once more: then it may run alone."),
            _ => Verdict.Of(
                Question,
                Outcome.Yes,
                $"Trusted: an hour on {load}, every rail and its ripple within limits.",
                Basis.Measured,
                because
            ),
        };
        return new(trust, load, minutes, verdict)
        {
            OnlyRippleMissing = trust == Trust.Idle && loaded && !rippled && minutes >= least - 1e-9,
        };
    }

    const string Question = "May this supply feed a good board?";

    /// <summary>The machine runs here as it is: its supply feeds its board already.</summary>
    /// <param name="word">What was seen.</param>
    public static SupplyTrustResult RunsHere(string word) =>
        new(
            Trust.Loaded,
            "the machine itself",
            0,
            Verdict
                .Of(
                    Question,
                    Outcome.Yes,
                    $"It runs here: {word.TrimEnd('.')}. Its rails were not measured.",
                    Basis.Guess,
                    new Reason("It feeds its own board already; that says nothing of another board.")
                )
                .Changing("Every rail read alone, on a stated load, with its ripple.")
        );

    /// <summary>A supply that cannot be had alone, because it sits with a tube: what ten minutes from outside say of it.</summary>
    static SupplyTrustResult FromOutside(PowerStep step)
    {
        var minutes = step is { OnLoadSince: { } since, At: { } until } && until > since ? (until - since).TotalMinutes : 0;
        var through = step.Through && (step.Seen + step.Heard + step.Smelled).Trim().Length > 0;
        var enough = through && minutes >= LeastMinutes - 1e-9;
        var because = new Reason(
            "Covers on, the machine as its own load.",
            new("minutes on", Math.Round(minutes), "", LeastMinutes),
            "its rails lie behind covers that stay on"
        );
        return new(
            enough ? Trust.Loaded : Trust.Idle,
            "the machine itself",
            minutes,
            enough
                ? Verdict
                    .Of(
                        Question,
                        Outcome.Yes,
                        $"On for {Markings.Si.Plain(Math.Floor(minutes))} minutes from outside, and nothing amiss. Its rails were not measured.",
                        Basis.Measured,
                        because
                    )
                    .Changing("Its rails read by somebody trained for tubes.")
                : Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"Too short: {Markings.Si.Plain(Math.Floor(minutes))} of {Markings.Si.Plain(LeastMinutes)} minutes on, covers on.",
                        Basis.Measured,
                        because
                    )
                    .Changing($"{Markings.Si.Plain(LeastMinutes)} minutes on, from outside, with a hand on the switch.")
        );
    }

    /// <summary>The same for one machine, from the step in which its supply stood alone.</summary>
    public static SupplyTrustResult Of(Machine machine, PowerStep? step, IEnumerable<Reading> readings)
    {
        if (step is null)
        {
            return Of((RailsResult?)null, "", 0);
        }
        var mine = readings.Where(r => r.SubjectId == step.Id).ToList();
        bool Read(RailReading r) => mine.Latest(r.Name, Quantity.Volts) is not null;
        var must = PowerReadings.In(machine, PowerStepKind.SupplyLoaded);
        var all = machine.Rails.Where(r => must.Contains(r) || Read(r)).ToList();
        if (
            PowerReadings.Closed(machine)
            && (all.Count == 0 || all.Count < machine.Rails.Count)
            && PowerAct.Judge(machine, PowerStepKind.SupplyLoaded, mine)?.Verdict.Outcome != Outcome.No
        )
        {
            return FromOutside(step);
        }
        if (all.Count == 0)
        {
            return Of((RailsResult?)null, "", 0);
        }
        var rails = all.Select(r =>
                r with
                {
                    Volts = mine.Latest(r.Name, Quantity.Volts)?.Value,
                    RippleMillivolts = mine.Latest(r.Name, Quantity.RippleVolts)?.Value * 1000,
                }
            )
            .ToList();
        var result = rails.Any(r => r.Volts is not null)
            ? Rails.Powered(rails, StatedLoad.Is(step.Load), null, Hazards.Mains(machine) != ThreeState.No)
            : null;
        // What a multimeter reads of ripple may fail a supply, and never pass it.
        result = result is { Verdict.Outcome: not Outcome.No }
            ? result with
            {
                Rails =
                [
                    .. result.Rails.Select(r =>
                        mine.Latest(r.Name, Quantity.RippleVolts) is { } ripple && !Instruments.SeesRipple(ripple)
                            ? r with
                            {
                                RippleMillivolts = null,
                            }
                            : r
                    ),
                ],
            }
            : result;
        // The hour counts for the rail that was read longest ago.
        var newest = rails.Select(r => mine.Latest(r.Name, Quantity.Volts)?.At).ToList();
        var minutes =
            step.OnLoadSince is { } since && newest.All(t => t is not null) ? Math.Max(0, (newest.Min()!.Value - since).TotalMinutes) : 0;
        return Of(result, step.Load, minutes, cells: machine.Class == MachineClass.Pocket && Hazards.Mains(machine) == ThreeState.No);
    }
}
