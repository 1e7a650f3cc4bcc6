using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>Whatever anybody does in whatever order: power, and the door, never say yes where the rules of the trade alone say no.</summary>
public class RandomActsTests
{
    /// <summary>Acts a walk. HAAR_ORACLE_ACTS says how many in all; few of them while one works.</summary>
    const int Length = 60;

    static int Acts =>
        int.TryParse(Environment.GetEnvironmentVariable("HAAR_ORACLE_ACTS"), System.Globalization.CultureInfo.InvariantCulture, out var n)
            ? n
            : 3000;

    [Fact]
    public void No_act_leaves_power_or_the_door_open_where_the_oracle_says_no()
    {
        var (acts, done, open) = (0, 0, 0);
        var taken = new HashSet<Type>();
        for (var seed = 1; acts < Acts; seed++)
        {
            var walk = new RandomActs(seed);
            for (var i = 0; i < Length; i++, acts++)
            {
                walk.Act();
                var (f, now) = (walk.Facts, walk.Now);
                string Story() => $"walk {seed}: {string.Join("; ", walk.Story.TakeLast(14))}";
                // Open to anything that feeds it: ohms with the plug out hurt nobody.
                var session = PowerSession.Of(f, now);
                if (session.Verdict.Outcome is Outcome.Yes or Outcome.YesIf && session.Next != PowerStepKind.Shorts)
                {
                    open++;
                    var why = Oracle.MustNotBeFed(f).ToList();
                    Assert.True(why.Count == 0, $"May be powered, and {string.Join(", ", why)}. {Story()}");
                }
                if (Handover.HandoverReadiness.Judge(f, now).Outcome is Outcome.Yes or Outcome.YesIf)
                {
                    var why = Oracle.MustNotLeave(f).ToList();
                    Assert.True(why.Count == 0, $"May leave, and {string.Join(", ", why)}. {Story()}");
                }
            }
            done += walk.Done;
            taken.UnionWith(walk.Taken);
        }
        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{acts} acts, {done} of them commands, {taken.Count} of {RandomActs.InWalk.Count()} kinds of commands; power was open {open} times. Never: {string.Join(", ", RandomActs.InWalk.Except(taken).Select(t => t.Name))}"
        );
        // The walk is worth something only when much is done, and power does open.
        Assert.True(done > acts / 40, $"{done} commands of {acts}");
        Assert.True(open > acts / 100, $"power open {open} times of {acts}");
    }

    [Fact]
    public void Every_command_is_in_the_walk_or_says_why_not() => Assert.Empty(RandomActs.Unaccounted.Select(t => t.Name));
}
