namespace Haar.Web.Tests;

/// <summary>What the fuzz of twenty thousand found, kept.</summary>
public class FoundByFuzzTests
{
    [Fact]
    public async Task More_fasteners_than_can_be_added_up_are_refused_by_their_place()
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body) = await w.PostAsync(
            "/api/calc/stripdown/reconcile",
            """{"fasteners":[{"id":"a","stepNumber":14,"stepTitle":"Drive cage","thread":"M3","lengthMillimetres":6,"head":"pan","count":4,"missingBefore":0,"hole":"","tray":"C2","pierces":"","returns":[{"count":3,"thread":"M3","lengthMillimetres":6,"head":"pan"},{"count":2147483647,"thread":"M3","lengthMillimetres":10,"head":"pan"}],"stepBack":true}]}"""
        );
        Assert.Equal(400, status);
        Assert.NotNull(body["errors"]!["fasteners[0].count"]);
    }

    [Theory]
    [InlineData("\"yearFrom\":1991", "\"yearFrom\":2147483647")]
    [InlineData("\"yearFrom\":1991", "\"yearFrom\":-2147483648")]
    [InlineData("\"yearTo\":1991", "\"yearTo\":2147483647")]
    [InlineData("\"name\":\"with one drive\"", "\"name\":null")]
    [InlineData("\"dateCode\":\"9417\"", "\"dateCode\":\"NINES\"")]
    [InlineData("\"id\":\"a\"", "\"id\":\"NINES\"")]
    [InlineData("\"slot\":\"drive\"", "\"slot\":\"\"")]
    public async Task What_left_the_factory_bears_any_figure(string was, string now)
    {
        await using var w = await Workshop.OpenAsync();
        var good =
            """{"configurations":[{"id":"a","name":"with one drive","items":[{"slot":"drive","what":"105 MB SCSI drive"}]},{"id":"b","name":"with two drives","items":[{"slot":"drive","what":"210 MB SCSI drive"}]}],"found":[{"slot":"drive","what":"210 MB SCSI drive","dateCode":"9417"}],"yearFrom":1991,"yearTo":1991}""";
        var (status, body) = await w.PostAsync(
            "/api/calc/intake/as-shipped",
            good.Replace(was, now.Replace("NINES", new('9', 20_000), StringComparison.Ordinal), StringComparison.Ordinal)
        );
        Assert.True(status is 200 or 400, $"{status} {body}");
    }
}
