using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Safety;

/// <summary>
/// Somebody looked again at a danger of which the entry is gone, and says what is there. It is the only end of such a danger beside
/// the act that deals with it: a correction with its reason, which is kept.
/// </summary>
/// <param name="Danger">The row.</param>
/// <param name="Saw">What is there now.</param>
public sealed record LookAgain(Guid Danger, string Saw) : Command<MachineFacts>
{
    const int Least = 3,
        Most = 300;

    public override Permit May(MachineFacts f, DateTimeOffset now)
    {
        if (f.Dangers.FirstOrDefault(d => d.Id == Danger) is not { } row)
        {
            throw new InvalidInputException("danger", "There is no such danger on this machine.");
        }
        if (!row.Stands)
        {
            return Permit.No("danger", "It is answered already.");
        }
        if (Dangers.Of(f).FirstOrDefault(d => d.Kind == row.Kind && d.Subject == row.Subject) is { LeftBehind: null })
        {
            return Permit.No("danger", $"{row.Sentence} Deal with it where it stands: it is there now.");
        }
        if (Saw.Trim().Length is < Least or > Most)
        {
            throw new InvalidInputException("saw", $"Say in {Least} to {Most} characters what you see there now.");
        }
        // Water goes by itself in time, and not by a word: as long as a part of its kind that nobody has named.
        if (row.Kind is DangerKind.WetMains or DangerKind.WetRowGone && now < row.Since + WetFor)
        {
            return Permit.No(
                "danger",
                $"It was wet on {row.Since:d MMMM}. It stays off until {row.Since + WetFor:d MMMM}, and is looked at then."
            );
        }
        return Permit.Yes();
    }

    /// <summary>For the wettest part of a bench, coils: <see cref="Drying.DryingDefaults.CoilsHours"/>.</summary>
    static readonly TimeSpan WetFor = TimeSpan.FromHours(new Drying.DryingDefaults().CoilsHours);

    protected override Done Do(MachineFacts f, Moment at)
    {
        var row = f.Dangers.First(d => d.Id == Danger);
        (row.AnsweredAt, row.Answer) = (at.Now, $"Looked at again: {Saw.Trim()}");
        return new($"Looked at again ({row.Sentence.TrimEnd('.')}): {Saw.Trim()}", row.Id);
    }
}
