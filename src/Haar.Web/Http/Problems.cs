using System.Text.Json;
using Haar.Core.Meters;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Web.Meters;
using Haar.Web.Parts;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Http;

/// <summary>An edit came without the version that it was based on.</summary>
public sealed class NoVersionException()
    : Exception("Say which version you edited, in an If-Match header: otherwise somebody else's change could be lost unseen.");

/// <summary>Turns what goes wrong into RFC 9457 problem details: a sentence that says what was wrong and what is still safe. Bad input is never a 500.</summary>
sealed class Problems(ILogger<Problems> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && context.RequestAborted.IsCancellationRequested)
        {
            context.Response.StatusCode = 499;
            return true;
        }

        var problem = Describe(exception);
        if (exception is BusyException busy)
        {
            // A long answer takes about a second, and seldom more than five.
            context.Response.Headers.RetryAfter = $"{2 + busy.Before}";
        }
        else if (problem.Status >= 500)
        {
            log.LogError(exception, "{Path}", context.Request.Path);
        }
        problem.Instance = context.Request.Path;
        context.Response.StatusCode = problem.Status!.Value;
        await context.Response.WriteAsJsonAsync(
            problem,
            problem.GetType(),
            (JsonSerializerOptions?)null,
            "application/problem+json",
            cancellationToken
        );
        return true;
    }

    static ProblemDetails Describe(Exception e) =>
        e switch
        {
            InvalidInputException bad => Fields(400, "That cannot be", bad.Message, new() { [bad.Field] = [bad.Message] }),
            BadHttpRequestException { InnerException: JsonException json } when Missing(json) is { Count: > 0 } missing => Fields(
                400,
                "Something is missing",
                $"{string.Join(", ", missing)} {(missing.Count == 1 ? "is" : "are")} missing.",
                missing.ToDictionary(m => m, m => new[] { "This has to be given." })
            ),
            BadHttpRequestException { InnerException: JsonException json } => Fields(
                400,
                "That cannot be read",
                Sentence(json),
                new() { [Field(json.Path)] = [Sentence(json)] }
            ),
            BadHttpRequestException { StatusCode: 413 } => Plain(
                413,
                "Too large",
                "What was sent is larger than Haar takes. Nothing was stored."
            ),
            BadHttpRequestException { StatusCode: 415 } => Plain(
                415,
                "Another kind of content",
                "This takes application/json; what was sent says that it is something else. Nothing was changed."
            ),
            BadHttpRequestException bad => Fields(
                bad.StatusCode,
                "That cannot be read",
                "What was sent is empty, or is not what is asked for here. Nothing was changed.",
                NotBound.Of(bad.Message) is var (field, sentence) ? new() { [field] = [sentence] } : []
            ),
            Core.Acts.RefusedException refused => Refusal(refused),
            BusyException => Plain(503, "Others first", e.Message),
            OutboundException => Fields(422, "Not called", e.Message, new() { ["address"] = [e.Message] }),
            NotHereException => Plain(404, "Not here", e.Message),
            OffTheListException => Plain(410, "Taken off the list", e.Message),
            NoVersionException => Plain(428, "Which version?", e.Message),
            StaleException stale => Both(stale),
            DbUpdateConcurrencyException => Plain(
                409,
                "Changed meanwhile",
                "Somebody else changed this in the same moment. Nothing of yours was written: look at theirs and save again."
            ),
            Data.Backups.RestoredException => Plain(409, "Restored meanwhile", e.Message),
            UndoException => Plain(409, "Cannot be undone", e.Message),
            ImportException => Plain(422, "Not taken in", e.Message),
            BadPhotoException => Fields(422, "Not a photo", e.Message, new() { ["photo"] = [e.Message] }),
            BackupException => Plain(422, "Backup", e.Message),
            // 503, as for everything that is out of reach for a while: Haar itself is in order, and one may ask again.
            SupplierException => Plain(503, "The supplier", e.Message),
            MeterException => Plain(503, "The meter", e.Message),
            MeterAnswerException => Plain(503, "The meter", $"{e.Message} Nothing was written; the earlier readings stand."),
            SqliteException s => Database(s),
            DbUpdateException { InnerException: SqliteException s } => Database(s),
            // Figures that no one of them is too large, and that together are.
            OverflowException => Fields(
                400,
                "Too large",
                "The figures are too large to be added up. Nothing was changed.",
                new() { ["body"] = ["The figures are too large to be added up."] }
            ),
            IOException => Plain(
                507,
                "Nowhere to write",
                "The disk is full or not writable: nothing of this was written, and everything from before is safe. Make room and do it again; Settings say what takes how much."
            ),
            InvalidDataException => Plain(400, "That cannot be read", "What was sent is cut off or too large. Nothing was stored."),
            _ => Plain(500, "A fault in Haar", "Haar has a fault here. Nothing half-written was kept; what was there before is safe."),
        };

    /// <summary>The act is refused: the sentence by its field, the whole verdict as the screen shows it, and whether a reason would do.</summary>
    static HttpValidationProblemDetails Refusal(Core.Acts.RefusedException e)
    {
        var (verdict, field) = (e.Permit.Verdict, e.Permit.Field);
        var sentence =
            e.Permit.MayBeOverruled ? $"{verdict.Sentence} To do it all the same, say why."
            : verdict.MayBeOverruled || verdict.Reasons.Count == 0 ? verdict.Sentence
            : $"{verdict.Sentence} This cannot be overruled.";
        var errors = new Dictionary<string, string[]> { [field] = [sentence] };
        if (e.Permit.MayBeOverruled && field != "overruleReason")
        {
            errors["overruleReason"] = [sentence];
        }
        var problem = Fields(400, "Not now", sentence, errors);
        problem.Extensions["verdict"] = verdict;
        problem.Extensions["mayBeOverruled"] = e.Permit.MayBeOverruled;
        return problem;
    }

    static ProblemDetails Database(SqliteException e) =>
        e.SqliteErrorCode switch
        {
            13 => Plain(
                507,
                "Nowhere to write",
                "The disk is full: nothing of this was written, and everything from before is safe. Make room and do it again; Settings say what takes how much."
            ),
            5 or 6 => Plain(503, "Busy", "The database is busy with other work. Nothing was written: do it again in a moment."),
            8 or 14 => Plain(507, "Nowhere to write", "The data folder cannot be written. Nothing was changed."),
            19 => Plain(
                409,
                "Contradicts what is here",
                "That contradicts something that is here already (the same designator twice, or a row that was taken away meanwhile). Nothing was changed."
            ),
            _ => Plain(500, "The database", "The database could not do that. Nothing half-written was kept. Look at /health."),
        };

    static ProblemDetails Both(StaleException e)
    {
        var p = Plain(412, "Changed meanwhile", e.Message);
        p.Extensions["current"] = e.Current;
        return p;
    }

    static ProblemDetails Plain(int status, string title, string detail) =>
        new()
        {
            Status = status,
            Title = title,
            Detail = detail,
        };

    static HttpValidationProblemDetails Fields(int status, string title, string detail, Dictionary<string, string[]> errors) =>
        new(errors)
        {
            Status = status,
            Title = title,
            Detail = detail,
        };

    static string Field(string? path) => string.IsNullOrEmpty(path) || path == "$" ? "body" : path.TrimStart('$', '.');

    /// <summary>The names of properties that a record needs and did not get, read from the framework's message; with the path of the object they belong to.</summary>
    static List<string> Missing(JsonException e)
    {
        var at = e.Message.IndexOf("including: ", StringComparison.Ordinal);
        if (at < 0)
        {
            return [];
        }
        var names = e.Message[(at + "including: ".Length)..]
            .Split(". Path", 2)[0]
            .TrimEnd('.')
            .Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
            .Select(n => n.Trim('\''));
        var path = Field(e.Path);
        return [.. names.Select(n => path == "body" ? n : $"{path}.{n}")];
    }

    static string Sentence(JsonException e)
    {
        var field = Field(e.Path);
        if (e.Message.Contains("could not be mapped", StringComparison.Ordinal))
        {
            return $"“{Named(e.Message)}” is no field of this: is it misspelled?";
        }
        return field == "body" ? "The body is no JSON of the expected shape."
            : Words(e.Message, field) is { Length: > 0 } words ? $"“{field}” is one of: {words}."
            : $"“{field}” is not of the expected kind.";
    }

    /// <summary>A property that the framework could not map, from its message: "The JSON property 'x' could not be mapped …".</summary>
    static string Named(string message) => message.Split('\'') is { Length: > 2 } parts ? parts[1] : "something";

    /// <summary>The words of the enum that a value was to be, from the framework's message; empty where it was to be none.</summary>
    static string Words(string message, string field)
    {
        const string to = "could not be converted to ";
        var at = message.IndexOf(to, StringComparison.Ordinal);
        if (at < 0)
        {
            return "";
        }
        var name = message[(at + to.Length)..].Split(". Path", 2)[0].TrimEnd('.');
        // "System.Nullable`1[Haar.Core.X.Y]" for one that may be left out.
        name = name.Contains('[', StringComparison.Ordinal) ? name[(name.IndexOf('[', StringComparison.Ordinal) + 1)..].TrimEnd(']') : name;
        var type =
            typeof(Core.Verdicts.Verdict).Assembly.GetType(name)
            ?? typeof(Problems).Assembly.GetType(name)
            ?? typeof(Data.HaarDb).Assembly.GetType(name);
        if (type is { IsEnum: false })
        {
            // A record's constructor is named for what one of its values was to be.
            var last = field.Split('.')[^1].Split('[')[0];
            type = type.GetProperties().FirstOrDefault(p => JsonNamingPolicy.CamelCase.ConvertName(p.Name) == last)?.PropertyType;
            type = type is { IsGenericType: true } ? type.GetGenericArguments()[0] : type;
        }
        return type is { IsEnum: true }
            ? string.Join(
                ", ",
                Enum.GetValues(type).Cast<object>().Select(v => JsonSerializer.Serialize(v, type, JsonSettings.Words).Trim('"'))
            )
            : "";
    }
}

/// <summary>What every act answers: enough to say it and to undo it.</summary>
/// <param name="LogId">For undo.</param>
/// <param name="Sentence">As in the log.</param>
/// <param name="Id">Of what was made or changed.</param>
public sealed record Acted(Guid LogId, string Sentence, Guid? Id = null);

static class Requests
{
    /// <summary>A word of the API as its enum, whatever its case; never a number.</summary>
    /// <exception cref="InvalidInputException">There is no such word.</exception>
    public static T As<T>(this string word, string field)
        where T : struct, Enum =>
        word.Length > 0 && char.IsLetter(word[0]) && Enum.TryParse<T>(word, true, out var value)
            ? value
            : throw new InvalidInputException(field, $"There is no {field} of that name.");

    public static Acted Said(this LogEntry entry, Guid? id = null) => new(entry.Id, entry.Sentence, id);

    /// <summary>What a command has done.</summary>
    public static async Task<Acted> Said(this Task<(LogEntry Entry, Core.Acts.Done Done)> act)
    {
        var (entry, done) = await act;
        return entry.Said(done.Subject);
    }
}
