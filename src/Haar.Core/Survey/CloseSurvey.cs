using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What the end of a survey is decided on.</summary>
/// <param name="Findings">All of the machine's, dealt with or not.</param>
public sealed record SurveyFacts(Machine Machine, IReadOnlyList<Finding> Findings, IReadOnlyList<ChecklistAnswer> Answers) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];

    /// <summary>Places of its list that nobody has looked at.</summary>
    public IReadOnlyList<ChecklistItem> Unseen =>
        [
            .. Checklist
                .For(Machine, [.. Findings.Select(f => f.Kind)])
                .Items.Where(i => !Answers.Any(a => a.Item == i.Id && a.Answer != LookAnswer.NotLooked)),
        ];
}

/// <summary>The machine is looked over. Every place has its answer, or whoever closes says why the rest is left out; those count as not looked at.</summary>
/// <param name="Without">Why places are left out; null when none are to be.</param>
public sealed record CloseSurvey(string? Without) : Command<SurveyFacts>
{
    public const int Longest = 300;

    public override Permit May(SurveyFacts f, DateTimeOffset now)
    {
        if (Without?.Length > Longest)
        {
            throw new InvalidInputException("without", $"At most {Longest} characters.");
        }
        var unseen = f.Unseen;
        return unseen.Count == 0 || !string.IsNullOrWhiteSpace(Without)
            ? Permit.Yes()
            : Permit.No(
                "without",
                $"{Named(unseen)} {(unseen.Count == 1 ? "has" : "have")} not been looked at. Look there, or say why {(unseen.Count == 1 ? "it is" : "they are")} left out."
            );
    }

    protected override Done Do(SurveyFacts f, Moment at)
    {
        var unseen = f.Unseen;
        f.Machine.SurveyedAt = at.Now;
        if (unseen.Count == 0)
        {
            return new("Looked over, outside to inside.", f.Machine.Id);
        }
        var why = Without!.Trim();
        var made = new List<object>();
        foreach (var i in unseen)
        {
            var a = f.Answers.FirstOrDefault(x => x.Item == i.Id);
            if (a is null)
            {
                a = new()
                {
                    Id = at.NewId(),
                    MachineId = f.Machine.Id,
                    Item = i.Id,
                };
                made.Add(a);
            }
            (a.Answer, a.Note, a.At) = (LookAnswer.CannotTell, $"Left out: {why}", at.Now);
        }
        return new Done($"Looked over without {Words.Lower(Named(unseen))}: {why}", f.Machine.Id).Adding(made);
    }

    /// <summary>Up to three by name, of more the count.</summary>
    static string Named(IReadOnlyList<ChecklistItem> items) =>
        items.Count <= 3
            ? Words.And(items.Select((i, n) => n == 0 ? i.Title : Words.Lower(i.Title)))
            : $"{items.Count} places, {Words.Lower(items[0].Title)} among them,";
}
