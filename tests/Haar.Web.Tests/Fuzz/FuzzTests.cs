namespace Haar.Web.Tests.Fuzz;

/// <summary>Two thousand requests that nobody should send; ./haar bench sends twenty thousand.</summary>
public class FuzzTests
{
    [Fact]
    public async Task Whatever_is_sent_is_answered_and_never_with_a_fault()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var result = await FuzzRun.RunAsync(w.Client, 2000, 20261126, TestContext.Current.CancellationToken);
        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{string.Join(", ", result.By.Select(b => $"{b.Key}: {b.Value}"))}; slowest {result.Slowest.TotalMilliseconds:0} ms: {result.SlowestRequest}"
        );
        Assert.True(result.Wrong.Count == 0, $"{result.Wrong.Count} answers:\n{string.Join("\n", result.Wrong.Take(40))}");
        // The run is worth something only when much of it gets through.
        Assert.True(result.By.GetValueOrDefault(200) > 300, string.Join(", ", result.By));
        Assert.Equal("The database is sound.", (await w.GetAsync("/health"))["sentence"]!.GetValue<string>());
    }
}
