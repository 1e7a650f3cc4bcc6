using Haar.Web.Http;

namespace Haar.Web.Tests;

/// <summary>A search that keeps to one core answers and fails as any other.</summary>
public class OneCoreTests
{
    [Fact]
    public void It_keeps_to_one_core_and_whoever_called_does_not()
    {
        if (!OperatingSystem.IsLinux() || Environment.ProcessorCount < 2)
        {
            return;
        }
        var own = OneCore.Run(Allowed);
        Assert.DoesNotContain('-', own);
        Assert.DoesNotContain(',', own);
        Assert.NotEqual(own, Allowed());
    }

    /// <summary>Cores that this thread may run on, as the kernel lists them: "1", "0-1".</summary>
    static string Allowed() =>
        File.ReadLines("/proc/thread-self/status")
            .First(l => l.StartsWith("Cpus_allowed_list:", StringComparison.Ordinal))
            .Split(':')[1]
            .Trim();

    [Fact]
    public void What_it_throws_is_thrown_as_it_is() =>
        Assert.Throws<OperationCanceledException>(() => OneCore.Run<int>(() => throw new OperationCanceledException()));
}
