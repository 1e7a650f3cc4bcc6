using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

/// <summary>What holds of every board, whatever is on it.</summary>
public class BenchWorkPropertyTests
{
    static readonly CapacitorKind[] Kinds = Enum.GetValues<CapacitorKind>();

    static Gen<FittingPlace> Place =>
        from n in Gen.Choose(1, 999)
        from kind in Gen.Elements(Kinds)
        from x in Gen.Choose(0, 100)
        from y in Gen.Choose(0, 100)
        from marked in Gen.Elements(true, true, false)
        from height in Gen.Elements<double?>(null, 5, 11, 20, 40)
        select new FittingPlace(Guid.NewGuid(), $"C{n}", kind, marked ? new Point(x / 100.0, y / 100.0) : null, height);

    [Property]
    public Property The_hand_goes_to_every_part_once_and_to_tall_ones_last() =>
        Prop.ForAll(
            Place.ListOf().ToArbitrary(),
            parts =>
            {
                var turns = FittingOrder.Of([.. parts]);
                var tall = parts.Where(p => p.HeightMillimetres > 15).Select(p => p.Id).ToHashSet();
                return turns.Select(t => t.Id).ToHashSet().SetEquals(parts.Select(p => p.Id))
                    && turns.Count == parts.Count
                    && turns.Select(t => tall.Contains(t.Id)).SkipWhile(t => !t).All(t => t)
                    && turns.Select(t => t.Number).SequenceEqual(Enumerable.Range(1, parts.Count));
            }
        );

    [Property]
    public Property The_order_of_hands_is_no_longer_way_than_the_nearest_next_one() =>
        Prop.ForAll(
            Gen.Choose(0, 100).Two().NonEmptyListOf().ToArbitrary(),
            at =>
            {
                var parts = at.Select(
                        (p, i) =>
                            new FittingPlace(
                                Guid.NewGuid(),
                                $"C{i}",
                                CapacitorKind.AluminiumSurfaceMount,
                                new Point(p.Item1 / 100.0, p.Item2 / 100.0)
                            )
                    )
                    .ToList();
                var where = parts.ToDictionary(p => p.Id, p => p.Place!.Value);
                double Far(Point a, Point b) => double.Hypot(a.X - b.X, a.Y - b.Y);
                var way = FittingOrder.Of(parts).Select(t => where[t.Id]).ToList();
                var left = where.Values.ToList();
                var (here, nearest, first) = (new Point(0, 0), 0.0, true);
                while (left.Count > 0)
                {
                    var next = left.MinBy(p => Far(here, p));
                    left.Remove(next);
                    nearest += first ? 0 : Far(here, next);
                    (here, first) = (next, false);
                }

                return way.Zip(way.Skip(1)).Sum(p => Far(p.First, p.Second)) <= nearest + 1e-9;
            }
        );

    [Property]
    public Property A_forecast_never_takes_fewer_by_prevention_and_its_ranges_are_ranges() =>
        Prop.ForAll(
            Gen.Choose(0, 100).Two().NonEmptyListOf().ToArbitrary(),
            scores =>
            {
                var f = RecapForecast.Of([
                    .. scores.Select((s, i) => new ForecastPart($"C{i}", Kinds[i % Kinds.Length], s.Item1, s.Item2 < 20, s.Item2 == 50)),
                ]);
                return f.Preventive >= f.Now
                    && f.Likely >= f.Now
                    && f.Likely <= scores.Count
                    && f.EvidenceCost is { Low: >= 0 } e
                    && e.Low <= e.Likely
                    && e.Likely <= e.High
                    && f.PreventiveCost is { Low: >= 0 } p
                    && p.Low <= p.Likely
                    && p.Likely <= p.High
                    && f.Rows.All(r => r.FailShare is >= 0 and <= 1 && r.PadRisk is > 0 and < 0.5);
            }
        );

    [Property]
    public Property An_area_is_looked_at_again_after_today_and_within_two_years() =>
        Prop.ForAll(
            Gen.Elements(Enum.GetValues<CorrosionStage>()).NonEmptyListOf().ToArbitrary(),
            Gen.Choose(0, 140).ToArbitrary(),
            (stages, ph) =>
            {
                var from = new DateOnly(2026, 6, 1);
                var looks = stages
                    .Select((s, i) => new AreaInspection(new DateTimeOffset(2025, 1, 1, 0, 0, 0, TimeSpan.Zero).AddDays(i), s, 1 + i % 4))
                    .ToList();
                var r = Reinspection.Of(looks, ph / 10.0, from);
                return r.On > from && r.On <= from.AddDays(731) && (r.Verdict.Outcome != Outcome.No || r.Months <= 1);
            }
        );

    [Property]
    public Property A_charging_line_is_a_yes_only_with_volts_on_it() =>
        Prop.ForAll(
            Gen.Choose(0, 20).ToArbitrary(),
            Gen.Choose(-600, 600).ToArbitrary(),
            Gen.Choose(0, 600).ToArbitrary(),
            (off, on, loaded) =>
            {
                var readings = new ChargingReadings
                {
                    OffVolts = off / 100.0,
                    OnVolts = on / 100.0,
                    LoadedVolts = Math.Min(loaded, Math.Max(0, on)) / 100.0,
                    LoadOhms = 1000,
                };
                var r = ChargingLine.Detect(readings);
                return r.Charges != ThreeState.Yes
                    || r.Volts > ChargingLine.NothingVolts && r.Milliamps * 1000 >= ChargingLine.LeakMicroamps;
            }
        );

    [Property]
    public Property Judged_or_not_no_figure_is_ever_not_a_number() =>
        Prop.ForAll(
            Gen.Choose(1, 400).ToArbitrary(),
            Gen.Choose(1, 40).ToArbitrary(),
            Gen.Choose(0, 100_000).ToArbitrary(),
            (length, width, milliohms) =>
            {
                var t = new TraceFacts
                {
                    LengthMillimetres = length,
                    WidthMillimetres = width / 20.0,
                    Amps = milliohms % 3 == 0 ? null : 0.1,
                };
                var r = Trace.Judge("n", t, milliohms / 1000.0);
                var j = Jumper.Choose("n", t);
                return r.Verdict.Reasons.All(x => x.Figure is null || double.IsFinite(x.Figure.Value))
                    && j.Wires.All(w => double.IsFinite(w.Ohms) && double.IsFinite(w.DropMillivolts) && w.MostAmps > 0)
                    && (j.Chosen is null || j.Chosen.Enough);
            }
        );

    [Fact]
    public void Room_under_a_keyboard_decides_and_is_said()
    {
        var original = new CapacitorSpec
        {
            Kind = CapacitorKind.AluminiumRadial,
            Microfarads = 100,
            RatedVolts = 16,
        };
        var tall = new DrawerCandidate(Guid.NewGuid(), original with { HeightMillimetres = 16 }, 1, null, "A");
        Assert.Empty(new DrawerIndex([tall], new(2026, 1, 1)).Usable(original, CapacitorRole.Bulk, 12));
        Assert.Single(new DrawerIndex([tall], new(2026, 1, 1)).Usable(original, CapacitorRole.Bulk, 20));
        Assert.Contains(
            "room for 12 mm",
            Substitution.Judge(original, CapacitorRole.Bulk, tall, new(2026, 1, 1), 12).Verdict.Sentence,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Needs_of_one_key_are_one_and_ten_spares_in_a_hundred_round_up()
    {
        var spec = new CapacitorSpec
        {
            Kind = CapacitorKind.AluminiumRadial,
            Microfarads = 10,
            RatedVolts = 16,
        };
        var need = new OrderNeed("ten", spec, CapacitorRole.Timing, 6);
        var r = OrderPlan.Of(
            [need, need],
            [new("a", "1", spec, 1, [new(1, 0.5)])],
            [new("a", "A", 1, 2)],
            new(2026, 1, 1),
            new() { SpareShare = 0.1 }
        );
        Assert.Equal(14, Assert.Single(Assert.Single(r.Parcels).Lines).Packs);
        Assert.Equal("ten", Assert.Single(r.Parcels[0].Lines[0].For).Need);
    }

    [Fact]
    public void An_aspect_from_a_drawing_is_taken_before_the_slant()
    {
        var plan = Straighten.Of([new(0.1, 0.1), new(0.9, 0.14), new(0.95, 0.9), new(0.06, 0.86)], 2000, 1500, 1.7);
        Assert.False(plan.FromPerspective);
        Assert.Equal(1.7, plan.Width / (double)plan.Height, 2);
    }
}
