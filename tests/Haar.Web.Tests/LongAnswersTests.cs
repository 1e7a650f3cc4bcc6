using Haar.Web.Http;

namespace Haar.Web.Tests;

/// <summary>What takes long is answered one after another.</summary>
public class LongAnswersTests
{
    [Fact]
    public async Task One_after_another_and_never_two_at_once()
    {
        using var answers = new LongAnswers();
        var (now, most) = (0, 0);
        await Task.WhenAll(
            Enumerable
                .Range(0, LongAnswers.MostWaiting)
                .Select(i =>
                    answers.RunAsync(
                        _ =>
                        {
                            most = Math.Max(most, Interlocked.Increment(ref now));
                            Thread.Yield();
                            Interlocked.Decrement(ref now);
                            return i;
                        },
                        TestContext.Current.CancellationToken
                    )
                )
        );
        Assert.Equal((1, 0), (most, answers.Here));
    }

    [Fact]
    public async Task Who_leaves_ends_its_search_and_gives_its_place_up()
    {
        using var answers = new LongAnswers();
        using var leaves = new CancellationTokenSource();
        var begun = new TaskCompletionSource();
        var running = answers.RunAsync(
            stop =>
            {
                begun.SetResult();
                stop.WaitHandle.WaitOne();
                stop.ThrowIfCancellationRequested();
                return 1;
            },
            leaves.Token
        );
        await begun.Task;
        var next = answers.RunAsync(_ => 2, TestContext.Current.CancellationToken);
        await leaves.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => running);
        Assert.Equal(2, await next);
        Assert.Equal(0, answers.Here);
    }

    [Fact]
    public async Task Whoever_comes_when_too_many_wait_is_told_how_many_and_asked_to_come_again()
    {
        using var answers = new LongAnswers();
        using var hold = new ManualResetEventSlim();
        var waiting = Enumerable
            .Range(0, LongAnswers.MostWaiting + 1)
            .Select(i =>
                answers.RunAsync(
                    _ =>
                    {
                        hold.Wait();
                        return i;
                    },
                    TestContext.Current.CancellationToken
                )
            )
            .ToList();
        var busy = await Assert.ThrowsAsync<BusyException>(() => answers.RunAsync(_ => 0, TestContext.Current.CancellationToken));
        Assert.Equal(LongAnswers.MostWaiting + 1, busy.Before);
        hold.Set();
        Assert.Equal(waiting.Count, (await Task.WhenAll(waiting)).Length);
    }
}
