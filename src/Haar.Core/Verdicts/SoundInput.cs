using System.Collections;
using System.Collections.Concurrent;
using System.Globalization;
using System.Reflection;
using System.Text.Json.Serialization;

namespace Haar.Core.Verdicts;

/// <summary>
/// What every record that comes from outside has to be, before any rule looks at it: nothing missing where something has to be, also
/// inside lists; numbers that are numbers and of this world; dates of the years in which machines were made, mended and shown; text
/// that can be printed. One walk for every way in: a screen, a script, a document, a pack, a list, a supplier.
/// </summary>
public static class SoundInput
{
    /// <summary>No quantity of a bench in SI base units is larger: 1 PΩ. A default, so that no product of three overflows.</summary>
    public const double MostNumber = 1e15;

    /// <summary>Nearest to nothing that is not nothing. A default; a femtofarad is 1e-15 F, a chance of one in 1e20 is none.</summary>
    public const double LeastNumber = 1e-20;

    /// <summary>No machine costs more. A default.</summary>
    public const decimal MostMoney = 1e9m;

    /// <summary>Nothing that is mended here is older, and nothing is planned for later. Defaults; nothing of ours spans more.</summary>
    public const int FirstYear = 1900;

    /// <inheritdoc cref="FirstYear"/>
    public const int LastYear = 2199;

    /// <summary>In one list. A default.</summary>
    public const int MostRows = 200_000;

    /// <summary>In one text. A default: a whole list pasted.</summary>
    public const int MostText = 4_000_000;

    /// <param name="value">A record as it was read.</param>
    /// <param name="path">Where it stands in what was sent; empty for the whole.</param>
    /// <exception cref="InvalidInputException">Names the first bad place by its path: <c>needs[3].count</c>.</exception>
    public static void Check(object value, string path = "") => Walk(value, path);

    static void Walk(object value, string path)
    {
        switch (value)
        {
            case string text:
                Text(path, text);
                break;
            case double number:
                Number(path, number);
                break;
            case float number:
                Number(path, number);
                break;
            case decimal money when Math.Abs(money) > MostMoney:
                throw new InvalidInputException(path, "That is too much money to be meant.");
            case DateTimeOffset at:
                Year(path, at.Year);
                break;
            case DateTime at:
                Year(path, at.Year);
                break;
            case DateOnly day:
                Year(path, day.Year);
                break;
            case IDictionary map:
                foreach (DictionaryEntry entry in map)
                {
                    Place(entry.Value, $"{path}.{entry.Key}", true);
                }
                break;
            case IEnumerable list:
                Rows(list, path);
                break;
            default:
                if (value.GetType() is { IsEnum: false } type && type.Namespace?.StartsWith("Haar.", StringComparison.Ordinal) == true)
                {
                    foreach (var (property, name, needed, neededWithin) in Shapes.GetOrAdd(type, Shape))
                    {
                        var inner = property.GetValue(value);
                        var at = path.Length == 0 ? name : $"{path}.{name}";
                        if (inner is IEnumerable and not string and not IDictionary)
                        {
                            Rows((IEnumerable)inner, at, neededWithin);
                        }
                        else
                        {
                            Place(inner, at, needed);
                        }
                    }
                }
                break;
        }
    }

    static void Place(object? value, string path, bool needed)
    {
        if (value is not null)
        {
            Walk(value, path);
        }
        else if (needed)
        {
            throw new InvalidInputException(path, "This has to be given.");
        }
    }

    static void Rows(IEnumerable list, string path, bool needed = true)
    {
        var i = 0;
        foreach (var row in list)
        {
            if (i >= MostRows)
            {
                throw new InvalidInputException(path, $"At most {MostRows.ToString("N0", CultureInfo.InvariantCulture)} rows.");
            }
            Place(row, $"{path}[{i++}]", needed);
        }
    }

    static void Number(string path, double number)
    {
        if (!double.IsFinite(number) || Math.Abs(number) > MostNumber)
        {
            throw new InvalidInputException(path, "That number is too large to be meant, or is none.");
        }
        if (number != 0 && Math.Abs(number) < LeastNumber)
        {
            throw new InvalidInputException(path, "That number is too small to be meant: nothing is measured so finely.");
        }
    }

    static void Year(string path, int year)
    {
        if (year is < FirstYear or > LastYear)
        {
            throw new InvalidInputException(path, $"The year {year} cannot be meant: {FirstYear} to {LastYear}.");
        }
    }

    static void Text(string path, string text)
    {
        if (text.Length > MostText)
        {
            throw new InvalidInputException(
                path,
                $"A text is at most {MostText.ToString("N0", CultureInfo.InvariantCulture)} characters long."
            );
        }
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            var pair = char.IsHighSurrogate(c) && i + 1 < text.Length && char.IsLowSurrogate(text[i + 1]);
            if (c < ' ' && c is not ('\t' or '\n' or '\r') || c == '\u007f' || char.IsSurrogate(c) && !pair)
            {
                throw new InvalidInputException(path, "There is a character in it that cannot be printed.");
            }
            i += pair ? 1 : 0;
        }
    }

    static readonly ConcurrentDictionary<Type, (PropertyInfo Property, string Name, bool Needed, bool NeededWithin)[]> Shapes = new();

    /// <summary>What can be given of a type: the properties that are set, and not those that it works out.</summary>
    static (PropertyInfo, string, bool, bool)[] Shape(Type type)
    {
        var nullability = new NullabilityInfoContext();
        return
        [
            .. type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                .Where(p => p is { CanRead: true, CanWrite: true } && p.GetIndexParameters().Length == 0)
                .Select(p =>
                {
                    var info = nullability.Create(p);
                    var within = info.ElementType ?? (info.GenericTypeArguments is [var only] ? only : null);
                    return (
                        p,
                        p.GetCustomAttribute<JsonPropertyNameAttribute>()?.Name ?? char.ToLowerInvariant(p.Name[0]) + p.Name[1..],
                        info.ReadState == NullabilityState.NotNull && Nullable.GetUnderlyingType(p.PropertyType) is null,
                        within is null || within.ReadState == NullabilityState.NotNull && Nullable.GetUnderlyingType(within.Type) is null
                    );
                }),
        ];
    }
}
