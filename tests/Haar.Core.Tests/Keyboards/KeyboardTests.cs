using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Intake;
using Haar.Core.Keyboards;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Keyboards;

/// <summary>A photo becomes a map of caps, and every cap goes back by it.</summary>
public class KeyboardTests
{
    [Theory]
    [InlineData("office-105", 105)]
    [InlineData("terminal", 90)]
    [InlineData("home-57", 57)]
    [InlineData("typing-58", 58)]
    [InlineData("digits-17", 17)]
    public void Every_layout_has_its_keys_side_by_side(string id, int keys)
    {
        var l = Layouts.Named(id);
        Assert.Equal(keys, l.Keys.Count);
        Assert.Equal(keys, l.Keys.Select(k => k.Id).Distinct().Count());
        foreach (var a in l.Keys)
        {
            Assert.All(
                l.Keys.Where(b => b != a),
                b =>
                    Assert.False(
                        a.X < b.X + b.Width - 1e-9
                            && b.X < a.X + a.Width - 1e-9
                            && a.Y < b.Y + b.Height - 1e-9
                            && b.Y < a.Y + a.Height - 1e-9
                    )
            );
        }
        Assert.All(CapMap.Lay(l), c => Assert.True(c.X >= 0 && c.Y >= 0 && c.X + c.W <= 1.0001 && c.Y + c.H <= 1.0001));
    }

    /// <summary>Caps of one lightness with dark gaps.</summary>
    static PixelGrid Photo(Layout l, Func<int, int, float>? instead = null)
    {
        const int w = 1200;
        var h = (int)(w * l.Height / l.Width);
        var g = new float[3 * w * h];
        var unit = w / l.Width;
        for (var y = 0; y < h; y++)
        {
            for (var x = 0; x < w; x++)
            {
                var (ux, uy) = (x / unit, y / unit);
                var on = l.Keys.Any(k => ux > k.X + 0.07 && ux < k.X + k.Width - 0.07 && uy > k.Y + 0.07 && uy < k.Y + k.Height - 0.07);
                var v = instead?.Invoke(x, y) ?? (on ? 0.5f : 0.06f);
                var i = 3 * (y * w + x);
                (g[i], g[i + 1], g[i + 2]) = (v, v, v);
            }
        }
        return new(w, h, g);
    }

    [Fact]
    public void A_photo_of_keys_is_told_from_a_photo_of_something_else()
    {
        var l = Layouts.Named("digits-17");
        var keys = CapMap.Of(l, Photo(l));
        Assert.Equal((Outcome.Yes, 17), (keys.Verdict.Outcome, keys.Caps.Count));
        Assert.True(keys.EdgeShare > 0.9);
        var plain = CapMap.Of(l, Photo(l, (_, _) => 0.4f));
        Assert.Equal(Outcome.No, plain.Verdict.Outcome);
        var shade = CapMap.Of(l, Photo(l, (x, y) => 0.1f + 0.0003f * (x + y)));
        Assert.Equal(Outcome.No, shade.Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, CapMap.Of(l, null).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() => Layouts.Named("no-such"));
    }

    static KeyboardFacts Facts(bool photographed = true)
    {
        var k = new Keyboard
        {
            Id = Guid.NewGuid(),
            Name = "Keyboard",
            Switch = KeySwitch.Contacts,
        };
        if (photographed)
        {
            (k.PhotoId, k.PictureId, k.Caps) = (Guid.NewGuid(), Guid.NewGuid(), CapMap.Lay(Layouts.Named("digits-17")));
        }
        return new(new Machine { Id = Guid.NewGuid() }, k, null, []);
    }

    static Done Do(Command<KeyboardFacts> c, KeyboardFacts f) =>
        Assert.IsType<Done>(c.Decide(f, new(DateTimeOffset.UnixEpoch, default, Guid.NewGuid)));

    static bool May(Command<KeyboardFacts> c, KeyboardFacts f) => c.May(f, default).Granted;

    [Fact]
    public void No_cap_comes_off_before_the_photo_and_none_goes_back_wet_or_the_wrong_way_round()
    {
        Assert.False(May(new TakeCapsOff(null), Facts(false)));
        var f = Facts();
        Do(new ChangeCap("1-1", 0, 0, 0.2, 0.2, "Num", "the notch to the back"), f);
        var item = Assert.IsType<CleanedItem>(Assert.Single(Do(new TakeCapsOff(null), f).Added));
        Assert.Equal((item.Id, 17), (f.Keyboard.ItemId!.Value, f.Keyboard.Away.Count()));
        f = f with { Item = item };
        item.Sheet = item.Sheet with { WetAt = DateTimeOffset.UnixEpoch };
        Assert.False(May(new PutCapBack(["2-1"], ThreeState.Yes), f));
        item.Sheet = item.Sheet with { WetAt = null };
        item.Facts = item.Facts with { On = [Substance.Soap] };
        Assert.False(May(new PutCapBack(["2-1"], ThreeState.Yes), f));
        item.Facts = item.Facts with { On = [] };
        Do(new PutCapBack(["2-1"], ThreeState.NotKnown), f);
        Assert.False(May(new PutCapBack(["2-1"], ThreeState.Yes), f));
        Assert.False(May(new PutCapBack(["1-1"], ThreeState.NotKnown), f));
        Do(new PutCapBack(["1-1"], ThreeState.Yes), f);
        Assert.Throws<InvalidInputException>(() => May(new PutCapBack(["9-9"], ThreeState.Yes), f));
        // The map that they came off by stays while any is off.
        Assert.False(May(new LayKeys("terminal", Guid.NewGuid(), Guid.NewGuid(), [], CapMap.Of(Layouts.Named("terminal"), null)), f));
    }

    [Fact]
    public void A_missing_cap_comes_from_a_donor_of_the_same_row_width_and_stem()
    {
        var f = Facts();
        Assert.False(May(new FillCap("2-1", "a donor", 2, 1, ThreeState.Yes), f));
        Do(new MissCap("2-1"), f);
        Assert.False(May(new FillCap("2-1", "a donor", 3, 1, ThreeState.Yes), f));
        Assert.False(May(new FillCap("2-1", "a donor", 2, 1.5, ThreeState.Yes), f));
        Assert.False(May(new FillCap("2-1", "a donor", 2, 1, ThreeState.No), f));
        foreach (
            var less in new[]
            {
                new FillCap("2-1", "a donor", null, 1, ThreeState.Yes),
                new("2-1", "a donor", 2, null, ThreeState.Yes),
                new("2-1", "a donor", 2, 1, ThreeState.NotKnown),
            }
        )
        {
            Assert.False(less.May(f, default) is { Granted: true } or { MayBeOverruled: true });
        }
        Do(new FillCap("2-1", "the grey donor", 2, 1, ThreeState.Yes), f);
        Do(new PutCapBack(["2-1"], ThreeState.NotKnown), f);
        Assert.Equal((CapState.Back, "the grey donor"), (f.Of("2-1").State, f.Of("2-1").From));
    }

    [Fact]
    public void A_key_has_a_ladder_of_its_own_and_dirt_comes_before_what_is_opened()
    {
        var f = Facts();
        Do(new TestKey("2-1", KeyTrouble.Sticks), f);
        Assert.Equal([KeyRung.Cap, KeyRung.Plunger, KeyRung.Contact], KeyLadder.Rungs(KeySwitch.Contacts));
        Assert.False(May(new TryKey("2-1", KeyRung.Contact, true), f));
        Do(new TryKey("2-1", KeyRung.Cap, false), f);
        Do(new TryKey("2-1", KeyRung.Plunger, true), f);
        Assert.True(f.Of("2-1").Tested);
        Assert.Null(KeyLadder.Next(f.Of("2-1"), KeySwitch.Contacts).Rung);
        // It comes back: what helped did not help for long.
        Do(new TestKey("2-1", KeyTrouble.Sticks), f);
        Assert.Equal(KeyRung.Plunger, KeyLadder.Next(f.Of("2-1"), KeySwitch.Contacts).Rung);
        // A dead key is no matter of a stem; an unknown switch is looked at first.
        Do(new TestKey("2-2", KeyTrouble.Dead), f);
        Do(new TryKey("2-2", KeyRung.Cap, false), f);
        Assert.Equal(KeyRung.Contact, KeyLadder.Next(f.Of("2-2"), KeySwitch.Contacts).Rung);
        Assert.Equal(
            (null, Outcome.Unknown),
            (KeyLadder.Next(f.Of("2-2"), KeySwitch.NotKnown).Rung, KeyLadder.Next(f.Of("2-2"), KeySwitch.NotKnown).Verdict.Outcome)
        );
    }
}
