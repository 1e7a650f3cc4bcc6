namespace Haar.Core.Tests.Architecture;

/// <summary>Words that were dropped stay dropped; docs/words.md says what is said instead.</summary>
public class WordsTests
{
    static readonly string[] Dropped =
    [
        "reads no end",
        "let down first",
        "on to the rebuild",
        "can vouch for",
        "out and away",
        "The drawer covers",
        "'As the sum says",
        "sort it so",
        "1 capacitors",
    ];

    [Fact]
    public void Words_that_were_dropped_do_not_come_back()
    {
        var root = Root();
        var files = new[] { "src", "web/src" }
            .SelectMany(d => Directory.EnumerateFiles(Path.Combine(root, d), "*", SearchOption.AllDirectories))
            .Where(f =>
                f.EndsWith(".cs", StringComparison.Ordinal)
                || f.EndsWith(".svelte", StringComparison.Ordinal)
                || f.EndsWith(".ts", StringComparison.Ordinal)
            )
            .Where(f => !f.Split(Path.DirectorySeparatorChar).Any(p => p is "obj" or "bin" or "node_modules"))
            .ToList();
        Assert.True(files.Count > 300);
        var found = files
            .SelectMany(f =>
                Dropped
                    .Where(d => File.ReadAllText(f).Contains(d, StringComparison.OrdinalIgnoreCase))
                    .Select(d => $"{Path.GetRelativePath(root, f)}: “{d}”")
            )
            .ToList();
        Assert.True(found.Count == 0, string.Join("\n", found));
    }

    static string Root()
    {
        var at = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(at, "Haar.slnx")))
        {
            at = Path.GetDirectoryName(at)!;
        }
        return at;
    }
}
