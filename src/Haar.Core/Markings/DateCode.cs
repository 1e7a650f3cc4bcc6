using System.Globalization;
using Haar.Core.Verdicts;

namespace Haar.Core.Markings;

/// <summary>The order of the digits in a date code.</summary>
public enum DateCodeForm
{
    YearYearWeekWeek,
    WeekWeekYearYear,
    YearWeekWeek,
}

/// <summary>Where a date code falls against the years that the machine can be from.</summary>
public enum DateCodeFit
{
    Before,
    Within,
    AfterMachine,
}

/// <summary>One way to read a code.</summary>
/// <param name="Form">Digit order.</param>
/// <param name="Year">ISO 8601 week-numbering year.</param>
/// <param name="Week">1 to 53.</param>
/// <param name="From">Monday of that week.</param>
/// <param name="To">Sunday of that week; the end counts.</param>
/// <param name="Fit">Against the machine's window.</param>
public sealed record DateCodeReading(DateCodeForm Form, int Year, int Week, DateOnly From, DateOnly To, DateCodeFit Fit);

/// <summary>All readings that can be true, and the one that fits if only one does.</summary>
/// <param name="Code">As given.</param>
/// <param name="Readings">In the order: within the window, before it, after it; then by date.</param>
/// <param name="Resolved">The only reading within the window, or the only reading at all; null when two fit or none.</param>
/// <param name="Sentence">One whole sentence.</param>
/// <param name="PivotYear">Two-digit years from this one on are 19YY, those before it 20YY; the figure used.</param>
/// <param name="LeadYears">How many years before the machine a part may have been made; the figure used.</param>
public sealed record DateCodeResult(
    string Code,
    IReadOnlyList<DateCodeReading> Readings,
    DateCodeReading? Resolved,
    string Sentence,
    int PivotYear,
    int LeadYears
)
{
    /// <summary>The resolved reading is later than the machine can be: an earlier repair.</summary>
    public bool NewerThanMachine => Resolved?.Fit == DateCodeFit.AfterMachine;
}

/// <summary>Reads date codes YYWW, WWYY and YWW to ISO 8601 weeks.</summary>
public static class DateCode
{
    /// <summary>No machine of the trade is older. A house number.</summary>
    public const int DefaultPivotYear = 70;

    /// <summary>Parts lie on a shelf before they are soldered in; two years covers the usual. A house number.</summary>
    public const int DefaultLeadYears = 2;

    /// <param name="code">Three or four digits.</param>
    /// <param name="windowFrom">First year that the machine can be from.</param>
    /// <param name="windowTo">Last year; counts.</param>
    /// <param name="today">Nothing made after today is a reading.</param>
    /// <exception cref="InvalidInputException">Not three or four digits, or the window is upside down.</exception>
    public static DateCodeResult Read(
        string? code,
        int? windowFrom,
        int? windowTo,
        DateOnly today,
        int pivotYear = DefaultPivotYear,
        int leadYears = DefaultLeadYears
    )
    {
        var digits = code?.Trim() ?? "";
        if (digits.Length is < 3 or > 4 || !digits.All(char.IsAsciiDigit))
        {
            throw new InvalidInputException("code", "A date code is three digits (YWW) or four (YYWW or WWYY).");
        }

        if (pivotYear is < 0 or > 99)
        {
            throw new InvalidInputException("pivotYear", "The pivot is a two-digit year from 0 to 99.");
        }

        if (leadYears is < 0 or > 30)
        {
            throw new InvalidInputException("leadYears", "The lead is 0 to 30 years.");
        }

        if (windowFrom > windowTo)
        {
            throw new InvalidInputException("windowTo", "The window ends before it begins.");
        }

        int N(Range r) => int.Parse(digits[r], CultureInfo.InvariantCulture);
        int Century(int yy) => yy >= pivotYear ? 1900 + yy : 2000 + yy;
        var readings = new List<DateCodeReading>();
        void Add(DateCodeForm form, int year, int week)
        {
            if (year < 1970 || week < 1 || week > ISOWeek.GetWeeksInYear(year))
            {
                return;
            }

            var monday = DateOnly.FromDateTime(ISOWeek.ToDateTime(year, week, DayOfWeek.Monday));
            if (monday > today)
            {
                return;
            }

            var fit =
                windowTo is { } to && year > to ? DateCodeFit.AfterMachine
                : windowFrom is { } from && year < from - leadYears ? DateCodeFit.Before
                : DateCodeFit.Within;
            readings.Add(new(form, year, week, monday, monday.AddDays(6), fit));
        }

        if (digits.Length == 4)
        {
            Add(DateCodeForm.YearYearWeekWeek, Century(N(..2)), N(2..));
            Add(DateCodeForm.WeekWeekYearYear, Century(N(2..)), N(..2));
        }
        else
        {
            for (var decade = 1970; decade <= today.Year; decade += 10)
            {
                Add(DateCodeForm.YearWeekWeek, decade + N(..1), N(1..));
            }
        }

        readings =
        [
            .. readings
                .DistinctBy(r => r.From)
                .OrderBy(r =>
                    r.Fit switch
                    {
                        DateCodeFit.Within => 0,
                        DateCodeFit.Before => 1,
                        _ => 2,
                    }
                )
                .ThenBy(r => r.From),
        ];
        var within = readings.Where(r => r.Fit == DateCodeFit.Within).ToList();
        var resolved =
            within.Count == 1 ? within[0]
            : readings.Count == 1 ? readings[0]
            : null;
        return new(digits, readings, resolved, Say(digits, readings, within, resolved, windowTo), pivotYear, leadYears);
    }

    static string Say(string code, List<DateCodeReading> all, List<DateCodeReading> within, DateCodeReading? resolved, int? windowTo)
    {
        static string When(DateCodeReading r) => $"week {r.Week} of {r.Year}";
        if (all.Count == 0)
        {
            return $"“{code}” is no week of a year up to today in any of the three orders: it may be a batch number.";
        }

        if (resolved is { Fit: DateCodeFit.AfterMachine } late)
        {
            return $"{char.ToUpperInvariant(When(late)[0])}{When(late)[1..]}: {late.Year - windowTo} years newer than the machine, so an earlier repair or an exchange.";
        }

        if (resolved is not null)
        {
            return $"{char.ToUpperInvariant(When(resolved)[0])}{When(resolved)[1..]}, {resolved.From:d MMMM} to {resolved.To:d MMMM yyyy}.";
        }

        var options = within.Count > 1 ? within : all;
        return within.Count > 1
            ? $"{options.Count} readings fit the machine: {string.Join(" or ", options.Select(When))}. Another code on the same board will tell which order its maker used."
            : $"No reading falls in the machine's years: {string.Join(" or ", options.Select(When))}.";
    }

    /// <summary>The earliest day on which a board can have been made: the Monday of its newest original code. Codes that are newer than the machine are repairs and do not count; codes with two readings do not count either.</summary>
    /// <returns>Null day when no code is resolved.</returns>
    public static (DateOnly? Day, IReadOnlyList<DateCodeResult> Codes) EarliestBuild(
        IEnumerable<string> codes,
        int? windowFrom,
        int? windowTo,
        DateOnly today
    )
    {
        var read = codes
            .Select(
                (c, i) =>
                {
                    try
                    {
                        return Read(c, windowFrom, windowTo, today);
                    }
                    catch (Verdicts.InvalidInputException e) when (e.Field == "code")
                    {
                        throw new Verdicts.InvalidInputException($"codes[{i}]", e.Message);
                    }
                }
            )
            .ToList();
        var days = read.Where(r => r is { Resolved: not null, NewerThanMachine: false }).Select(r => r.Resolved!.From).ToList();
        return (days.Count == 0 ? null : days.Max(), read);
    }
}
