namespace Haar.Core.Acts;

/// <summary>
/// A row that a person types. What it cannot be is said by itself and asked before it is kept, on every way in: a screen, a
/// script, the outbox, a document.
/// </summary>
public interface ICheckedRow
{
    /// <exception cref="Verdicts.InvalidInputException">Names the first field that cannot be.</exception>
    void Check();
}

/// <summary>Texts as fields of a row.</summary>
public static class TextField
{
    /// <exception cref="Verdicts.InvalidInputException">Longer, or empty where it is needed.</exception>
    /// <param name="needed">What to say where it is empty; null where it may be.</param>
    public static void Check(string field, string text, int most, string? needed = null)
    {
        if (needed is not null && text.Trim().Length == 0)
        {
            throw new Verdicts.InvalidInputException(field, needed);
        }
        if (text.Length > most)
        {
            throw new Verdicts.InvalidInputException(field, needed is null ? $"At most {most} characters." : needed);
        }
    }
}
