using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What is mended.</summary>
public enum MendingKind
{
    Crack = 0,

    /// <summary>Scratches in a clear or glossy part.</summary>
    Scratches,
    Button,
    Feet,
    Foam,
    Sticker,

    /// <summary>Specks, lines and blooms of a flat panel.</summary>
    PanelFault,
}

/// <param name="Words">The step, as it was when it was done.</param>
public sealed record MendingDone(string Words, DateTimeOffset At);

/// <summary>How far a mend has come.</summary>
public sealed record MendingSheet
{
    /// <summary>Oldest first.</summary>
    public IReadOnlyList<MendingDone> Steps { get; init; } = [];

    /// <summary>Mended, or left as it is.</summary>
    public DateTimeOffset? DoneAt { get; init; }

    /// <summary>It is as it was, and that was decided.</summary>
    public bool LeftAsItIs { get; init; }
}

/// <summary>Something broken or worn in a case that a rule says how to mend: a crack, scratches, a button, feet, foam, a sticker, a speck in a panel.</summary>
public sealed class Mending : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";
    public MendingKind Kind { get; set; }

    /// <summary>The piece, the finding or the item that it was put down for.</summary>
    public Guid? FromId { get; set; }
    public Guid? PhotoId { get; set; }
    public CrackFacts Crack { get; set; } = new();
    public PolishFacts Scratches { get; set; } = new();

    /// <summary>Of all other kinds; its own kind follows <see cref="Kind"/>.</summary>
    public MendFacts Other { get; set; } = new();
    public MendingSheet Sheet { get; set; } = new();
    public int Version { get; set; }

    [JsonIgnore]
    public bool Open => Sheet.DoneAt is null;

    /// <summary>How it is mended, on what is known of it now.</summary>
    public Verdict Verdict() =>
        Kind switch
        {
            MendingKind.Crack => Finish.Crack.Of(Crack).Verdict,
            MendingKind.Scratches => Polish.Of(Scratches).Verdict,
            _ => Mend.Of(OfKind).Verdict,
        };

    /// <summary>Every step in order; of scratches the next pass alone, since what follows is decided by what it leaves.</summary>
    public IReadOnlyList<string> Steps() =>
        Kind switch
        {
            MendingKind.Crack => Finish.Crack.Of(Crack).Steps,
            MendingKind.Scratches => Polish.Of(Scratches) is { NextGrit: { } grit, Verdict: var v } ? [v.Sentence] : [],
            // What is ruled out has had its turn.
            MendingKind.Button => Mend.Of(OfKind).Steps is [var first, ..] ? [first] : [],
            _ => Mend.Of(OfKind).Steps,
        };

    /// <summary>The step that the hand takes next; null where nothing is left to do.</summary>
    public string? Next() =>
        !Open ? null
        : Kind is MendingKind.Scratches or MendingKind.Button ? (Steps() is [var only, ..] ? only : null)
        : Steps().FirstOrDefault(s => Sheet.Steps.All(d => d.Words != s));

    /// <summary>When the next step may be done; null for now. What is glued is held, and then cures before it bears.</summary>
    public DateTimeOffset? From()
    {
        if (Kind != MendingKind.Crack || Next() is not { } next || Sheet.Steps is not [.., var last])
        {
            return null;
        }
        var plan = Finish.Crack.Of(Crack);
        var glued = plan.Steps.ToList().FindIndex(s => s.StartsWith(plan.Adhesive, StringComparison.Ordinal));
        if (Sheet.Steps.LastOrDefault(d => d.Words == plan.Steps[glued]) is not { } at)
        {
            return null;
        }
        return next == plan.Steps[^1] ? at.At.AddHours(plan.CureHours)
            : plan.Steps.ToList().IndexOf(next) > glued ? at.At.AddMinutes(plan.FixtureMinutes)
            : null;
    }

    MendFacts OfKind =>
        Other with
        {
            Kind = Kind switch
            {
                MendingKind.Feet => MendKind.Feet,
                MendingKind.Foam => MendKind.Foam,
                MendingKind.Sticker => MendKind.Sticker,
                MendingKind.PanelFault => MendKind.PanelFault,
                _ => MendKind.Button,
            },
        };

    public void Check()
    {
        TextField.Check("name", Name, 60, "Say in 1 to 60 characters what is mended: the crack at the hinge, the power button.");
        _ = Finish.Crack.Of(Crack);
        _ = Polish.Of(Scratches);
        _ = Mend.Of(OfKind);
        if (Sheet.Steps.Count > 100)
        {
            throw new InvalidInputException("sheet.steps", "At most 100 steps.");
        }
        foreach (var s in Sheet.Steps)
        {
            TextField.Check("sheet.steps", s.Words, 300);
        }
    }
}
