using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Cleaning;

/// <summary>Worth, smell, what is cleaned together, what came off and waits to be put down, and a workshop's own methods.</summary>
public class CaseRulesTests
{
    [Fact]
    public void It_is_worth_it_by_hours_over_chance_against_the_price()
    {
        var w = new WorthFacts
        {
            HoursLeft = new(1, 2, 4),
            Chance = 0.5,
            Replacement = 100,
            HourWorth = 10,
        };
        var r = Worth.Of(w);
        // 10, 20 and 40 an attempt; every second succeeds.
        Assert.Equal((20, 40, 80), (r.Cost!.Low, r.Cost.Likely, r.Cost.High));
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Worth.Of(w with { Replacement = 50 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Worth.Of(w with { Replacement = 10 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Worth.Of(w with { Exchanged = ThreeState.Yes }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Worth.Of(w with { Chance = 0 }).Verdict.Outcome);
    }

    [Fact]
    public void Clean_is_not_sound_and_knowing_less_is_never_a_yes()
    {
        var w = new WorthFacts
        {
            HoursLeft = new(1, 1, 1),
            Chance = 1,
            Replacement = 100,
            HourWorth = 1,
        };
        foreach (var kind in new[] { TrustKind.Supply, TrustKind.WetDrive, TrustKind.Board, TrustKind.Mechanism })
        {
            var r = Worth.Of(w with { Kind = kind });
            Assert.Equal(Outcome.YesIf, r.Verdict.Outcome);
            Assert.NotEmpty(r.Earns);
        }
        foreach (
            var less in new[]
            {
                w with
                {
                    HoursLeft = null,
                },
                w with
                {
                    Chance = null,
                },
                w with
                {
                    Replacement = null,
                },
                w with
                {
                    HourWorth = null,
                },
            }
        )
        {
            Assert.NotEqual(Outcome.Yes, Worth.Of(less).Verdict.Outcome);
        }
        Assert.Contains(
            "proves nothing",
            Worth.Of(w with { Working = KnownWorking.Said, OnWhoseWord = "the seller" }).Verdict.Reasons[1].Text,
            StringComparison.Ordinal
        );
        Assert.Throws<InvalidInputException>(() => Worth.Of(w with { HoursLeft = new(4, 2, 1) }));
        Assert.Throws<InvalidInputException>(() => Worth.Of(w with { Chance = 1.4 }));
    }

    static OdourRating Rated(double cm) => new(cm, 12, ThreeState.Yes, ThreeState.Yes);

    [Fact]
    public void A_smell_counts_shut_warm_and_by_a_fresh_nose()
    {
        OdourResult Of(IReadOnlyList<OdourRating> ratings, params OdourRung[] done) => Odour.Of(new(ratings, done));
        Assert.Equal(Outcome.Unknown, Of([]).Verdict.Outcome);
        foreach (
            var r in new[]
            {
                Rated(120) with
                {
                    HoursClosed = 2,
                },
                Rated(120) with
                {
                    HoursClosed = null,
                },
                Rated(120) with
                {
                    Warm = ThreeState.NotKnown,
                },
                Rated(120) with
                {
                    FreshNose = ThreeState.No,
                },
                // Even where it is said not to smell any more.
                Rated(0) with
                {
                    FreshNose = ThreeState.NotKnown,
                },
            }
        )
        {
            Assert.Equal((null, Outcome.Unknown), (Of([r]).Next, Of([r]).Verdict.Outcome));
        }
        Assert.Equal(OdourRung.Airing, Of([Rated(120)]).Next);
        // It gains: once more; then on.
        Assert.Equal(OdourRung.Airing, Of([Rated(120), Rated(60)], OdourRung.Airing).Next);
        Assert.Equal(OdourRung.Washing, Of([Rated(120), Rated(115)], OdourRung.Airing).Next);
        Assert.Equal(Outcome.No, Of([Rated(120), Rated(8)], OdourRung.Airing).Verdict.Outcome);
        Assert.Equal(
            (null, Outcome.No),
            (
                Of([Rated(120), Rated(119)], OdourRung.Airing, OdourRung.Washing, OdourRung.Sorbent, OdourRung.Sealing).Next,
                Of([Rated(120), Rated(119)], OdourRung.Airing, OdourRung.Washing, OdourRung.Sorbent, OdourRung.Sealing).Verdict.Outcome
            )
        );
        Assert.Throws<InvalidInputException>(() => Of([Rated(-4)]));
    }

    static BatchItem Item(string name, Material material, Soil soil, params Substance[] on) =>
        new(
            name,
            new()
            {
                Materials = [material],
                Features = [],
                Soils = [soil],
                On = on,
                Trials = [new("cloth-damp", 0)],
            }
        );

    [Fact]
    public void What_shares_a_method_is_cleaned_together_and_split_by_what_harms_one()
    {
        var r = Batch.Of([
            Item("shell", Material.Abs, Soil.Grease),
            Item("caps", Material.Abs, Soil.Grease),
            Item("badge", Material.Aluminium, Soil.Grease),
            Item("door", Material.Abs, Soil.Dust),
        ]);
        var soap = Assert.Single(r.Batches);
        Assert.Equal(("soap", 30), (soap.Method, soap.MinutesSaved));
        Assert.Equal(["shell", "caps", "badge"], soap.Items);
        // An alkaline residue on one of them would meet aluminium in the same water.
        var split = Batch.Of([
            Item("badge", Material.Aluminium, Soil.Grease),
            Item("bracket", Material.PlatedSteel, Soil.Grease, Substance.Alkali),
            Item("shell", Material.Abs, Soil.Grease),
        ]);
        Assert.All(split.Batches, b => Assert.False(b.Items.Contains("badge") && b.Items.Contains("bracket")));
        Assert.Throws<InvalidInputException>(() => Batch.Of([]));
        Assert.Throws<InvalidInputException>(() => Batch.Of([new("", new())]));
    }

    [Fact]
    public void What_a_method_leaves_comes_off_next_and_keeps_the_item_open()
    {
        var item = new CleanedItem
        {
            Name = "panel",
            Mains = ThreeState.No,
            Facts = new()
            {
                Materials = [Material.Abs],
                Features = [],
                Soils = [Soil.Adhesive],
                Trials = [new("label-oil", 1)],
            },
        };
        Assert.Equal("soap", Ladder.Owed(item.Facts));
        Assert.Equal("soap", Ladder.For(item.Facts).Next);
        var facts = new CleaningActFacts(new(), item, []);
        Assert.Contains(
            "first washing-up liquid",
            new FinishItem().May(facts, default).Verdict.Sentence,
            StringComparison.OrdinalIgnoreCase
        );
        item.Facts = item.Facts with { Trials = [.. item.Facts.Trials, new("soap", 1)] };
        Assert.Null(Ladder.Owed(item.Facts));
        Assert.True(new FinishItem().May(facts, default).Granted);
    }

    static CleaningMethod Own(string id, string then = "") =>
        new(
            id,
            "Our way",
            1,
            Substance.Water,
            new Dictionary<Soil, double> { [Soil.Ink] = 0.9 },
            new Dictionary<Material, Bears> { [Material.Abs] = Bears.Safe },
            new Dictionary<Feature, Bears>(),
            "",
            "",
            0,
            1,
            "",
            false,
            [],
            "our own trials"
        )
        {
            Then = then,
        };

    [Fact]
    public void A_workshop_s_own_methods_and_materials_go_up_the_same_ladder()
    {
        var item = new CleaningFacts
        {
            Features = [],
            Soils = [Soil.Ink],
            Materials = [Material.Abs],
            OwnMethods = [Own("our-way")],
        };
        Assert.Equal("our-way", Ladder.For(item).Next);
        var cast = new OwnMaterial(
            "cast-resin",
            "Cast resin",
            [Material.Polycarbonate, Material.Acrylic],
            ["soap"],
            ["alcohol"],
            "It clouds.",
            "our own trials"
        );
        var own = item with { Materials = [], OwnMaterials = [cast], OwnMethods = [] };
        Assert.Equal("It clouds.", Ladder.For(own).Rungs.Single(r => r.Method == "alcohol").Why);
        // Like nothing that is known: not known.
        Assert.Contains(Material.NotKnown, (own with { OwnMaterials = [cast with { Like = [] }] }).AllMaterials);
        Assert.Equal(["a", "b"], Methods.Circle([Own("a", "b"), Own("b", "a")]));
        Assert.Equal(["a"], Methods.Circle([Own("a", "a")]));
        Assert.Null(Methods.Circle([Own("a", "b"), Own("b", "soap")]));
    }

    [Fact]
    public void What_came_off_or_was_found_waits_to_be_put_down_once()
    {
        var machine = new Machine { Id = Guid.NewGuid() };
        var cover = new StripStep
        {
            Id = Guid.NewGuid(),
            Number = 1,
            Title = "Top cover",
            Kind = PieceKind.Cover,
        };
        var drive = new StripStep
        {
            Id = Guid.NewGuid(),
            Number = 2,
            Title = "Floppy drive",
            Kind = PieceKind.Drive,
        };
        var supply = new StripStep
        {
            Id = Guid.NewGuid(),
            Number = 3,
            Title = "Supply",
            Kind = PieceKind.Supply,
        };
        var mould = new Finding
        {
            Id = Guid.NewGuid(),
            Kind = FindingKind.Mould,
            Place = "under the keyboard",
            Seen = "Grey fur.",
        };
        var facts = new MachineFacts
        {
            Machine = machine,
            StripSteps = [cover, drive, supply],
            Findings = [mould],
        };
        Assert.Equal(
            [("under the keyboard", CandidateKind.Item), ("Top cover", CandidateKind.Item), ("Floppy drive", CandidateKind.Mechanism)],
            Candidates.Of(facts).Select(c => (c.Name, c.Kind))
        );
        Assert.Equal([Soil.Mould], Candidates.Of(facts)[0].Soils);
        var taken = facts with { CleanedItems = [new() { PieceId = cover.Id }, new() { FindingId = mould.Id }] };
        Assert.Equal(["Floppy drive"], Candidates.Of(taken).Select(c => c.Name));
    }

    [Fact]
    public void What_is_exchanged_anyway_is_not_cleaned()
    {
        var item = new CleanedItem
        {
            Name = "fan grille",
            Facts = new()
            {
                Materials = [Material.Abs],
                Features = [],
                Soils = [Soil.Grease],
            },
        };
        Assert.NotNull(item.Rungs().Next);
        item.Worth = new() { Exchanged = ThreeState.Yes };
        Assert.Equal((null, "No: it is exchanged anyway, and is not cleaned."), (item.Rungs().Next, item.Rungs().Verdict.Sentence));
    }

    static CleaningActFacts Soaking(CleanedItem item, IReadOnlyDictionary<string, string>? held = null) =>
        new(new() { Id = Guid.NewGuid() }, item, [], held);

    [Fact]
    public void A_bath_holds_one_thing_and_what_lies_in_it_is_wet_until_it_is_out_and_dry()
    {
        var now = new DateTimeOffset(2026, 6, 20, 10, 0, 0, TimeSpan.Zero);
        var item = new CleanedItem
        {
            Id = Guid.NewGuid(),
            Name = "bracket",
            Mains = ThreeState.No,
            Facts = new()
            {
                Materials = [Material.BareSteel],
                Features = [],
                Soils = [Soil.Oxide],
            },
        };
        var tray = new TrayFacts
        {
            LengthCentimetres = 30,
            WidthCentimetres = 20,
            HeightCentimetres = 10,
            DepthCentimetres = 6,
        };
        var soak = new StartSoak("rust-remover", "The grey tray", tray, null, null, null, 60, true);
        Assert.False(soak.May(Soaking(item, new Dictionary<string, string> { ["the grey tray"] = "a lid" }), now).Granted);
        Assert.False((soak with { Method = "steel-brush" }).May(Soaking(item), now).Granted);
        Assert.Throws<InvalidInputException>(() => (soak with { Size = tray with { DepthCentimetres = 9.5 } }).May(Soaking(item), now));
        Assert.Throws<InvalidInputException>(() =>
            (soak with { Size = tray with { PartLengthCentimetres = 45, PartWidthCentimetres = 10, PartHeightCentimetres = 3 } }).May(
                Soaking(item),
                now
            )
        );
        // Bare metal and what may not meet it: nobody overrules that.
        var peroxide = Own("peroxide") with
        {
            Substance = Substance.Peroxide,
            Wets = true,
        };
        item.Facts = item.Facts with { OwnMethods = [peroxide] };
        Assert.False((soak with { Method = "peroxide" }).May(Soaking(item), now) is { Granted: true } or { MayBeOverruled: true });
        var f = Soaking(item);
        Assert.IsType<Done>(soak.Decide(f, new(now, default, Guid.NewGuid)));
        Assert.Equal((true, 3.6, now.AddHours(1)), (item.Wet, item.Sheet.Soak!.Litres, item.Sheet.Soak.Until));
        Assert.False(soak.May(f, now).Granted);
        Assert.False(new RinseItem().May(f, now).Granted);
        Assert.False(new DryItem().May(f, now.AddYears(1)) is { Granted: true } or { MayBeOverruled: true });
        Assert.False(new TryMethod("cloth-damp", 1, false, true, true).May(f, now).Granted);
        // What is found out meanwhile does not keep it in there.
        item.Facts = item.Facts with
        {
            Materials = [Material.BareSteel, Material.Magnesium],
        };
        Assert.True(new TryMethod("rust-remover", 0.8, false, true, false).May(f, now).Granted);
        Assert.IsType<Done>(new TryMethod("rust-remover", 0.8, false, true, true).Decide(f, new(now.AddHours(1), default, Guid.NewGuid)));
        Assert.Null(item.Sheet.Soak);
        Assert.Equal((true, WettedBy.Unrinsed), (item.Wet, item.Sheet.By));
    }

    [Fact]
    public void Before_it_gets_wet_what_moves_is_noted_and_damage_becomes_a_mend()
    {
        var item = new CleanedItem
        {
            Id = Guid.NewGuid(),
            Name = "Board",
            Mains = ThreeState.No,
            Facts = new()
            {
                Materials = [Material.Board],
                Features = [],
                Soils = [Soil.AlkalineLeak],
            },
        };
        var f = Soaking(item);
        var wet = new TryMethod("mild-acid", 0.8, true, true, true);
        var refused = wet.May(f, default);
        Assert.Contains("trimmers", refused.Verdict.Sentence, StringComparison.Ordinal);
        Assert.False(new NoteBefore(" ", null).May(f, default).Granted);
        Assert.IsType<Done>(new NoteBefore("SW1 all off; no trimmers", null).Decide(f, new(default, default, Guid.NewGuid)));
        var done = Assert.IsType<Done>(wet.Decide(f, new(default, default, Guid.NewGuid)));
        var mend = Assert.IsType<Job>(Assert.Single(done.Added));
        Assert.Equal(("Mend board: the cleaning did damage", Stage.Case), (mend.Title, mend.Stage));
        // By eye in fifths, and no finer.
        Assert.False(new TryMethod("mild-acid", 0.33, false, true, true).May(f, default).Granted);
        Assert.True(new TryMethod("alcohol", 0.33, false, false, true).May(f, default).Granted);
    }
}

/// <summary>Two photos of one marked patch.</summary>
public class PatchPairTests
{
    static readonly PatchSample Card = new(188, 188, 188);

    /// <param name="soil">How dark and yellow the middle is, 0 to 1.</param>
    static PixelGrid Patch(double soil, int mark = 7, double light = 1, double rough = 0)
    {
        var r = new Random(3);
        var light3 = new float[3 * PatchPair.Side * PatchPair.Side];
        for (var y = 0; y < PatchPair.Side; y++)
        {
            for (var x = 0; x < PatchPair.Side; x++)
            {
                var rim =
                    Math.Min(Math.Min(x, y), Math.Min(PatchPair.Side - 1 - x, PatchPair.Side - 1 - y)) < PatchPair.Margin * PatchPair.Side;
                // Tape at the corners; a clean spot in the middle of the patch.
                var tape = rim && (x / mark + y / mark) % 3 == 0;
                var clean = x is > 22 and < 30 && y is > 22 and < 30;
                var s = rim || clean ? 0 : soil;
                var v = (tape ? 0.12 : 0.6) * light + rough * (r.NextDouble() - 0.5);
                var i = 3 * (y * PatchPair.Side + x);
                light3[i] = (float)(v * (1 - 0.35 * s));
                light3[i + 1] = (float)(v * (1 - 0.5 * s));
                light3[i + 2] = (float)(v * (1 - 0.75 * s));
            }
        }
        return new(PatchPair.Side, PatchPair.Side, light3);
    }

    [Fact]
    public void What_came_off_is_measured_and_another_exposure_does_not_count_as_cleaner()
    {
        var r = PatchPair.Compare(Patch(0.8), Patch(0.2), Card, Card);
        Assert.InRange(r.RemovedShare!.Value, 0.6, 0.9);
        Assert.False(r.Damage);
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
        // The same patch, a third darker, and so is the card.
        var dim = new PatchSample(Dim(188), Dim(188), Dim(188));
        var same = PatchPair.Compare(Patch(0.8), Patch(0.8, light: 0.66), Card, dim);
        Assert.InRange(same.RemovedShare!.Value, 0, 0.1);
        static double Dim(double v) => 255 * Srgb.Encoded(0.66 * Srgb.Linear(v / 255));
    }

    [Fact]
    public void Scratches_are_damage()
    {
        var r = PatchPair.Compare(Patch(0.8), Patch(0.1, rough: 0.25), Card, Card);
        Assert.True(r.Damage);
        Assert.Equal(Outcome.No, r.Verdict.Outcome);
    }

    [Fact]
    public void What_cannot_be_compared_measures_nothing_and_says_why()
    {
        foreach (
            var (what, r) in new[]
            {
                ("Without a card", PatchPair.Compare(Patch(0.8), Patch(0.2), null, Card)),
                ("Without a card", PatchPair.Compare(Patch(0.8), Patch(0.2), Card, null)),
                ("not show the same patch", PatchPair.Compare(Patch(0.8), Patch(0.2, mark: 4), Card, Card)),
                ("Nothing round the patch", PatchPair.Compare(Patch(0.8, mark: 400), Patch(0.2, mark: 400), Card, Card)),
                ("nothing on the patch", PatchPair.Compare(Patch(0), Patch(0), Card, Card)),
                ("blown out", PatchPair.Compare(Patch(0.8), Patch(0.2), new(255, 255, 255, 1), Card)),
            }
        )
        {
            Assert.Null(r.RemovedShare);
            Assert.Contains(what, r.Verdict.Sentence, StringComparison.OrdinalIgnoreCase);
        }
        Assert.Throws<InvalidInputException>(() => PatchPair.Compare(new(1, 1, [0, 0, 0]), Patch(0.2), Card, Card));
    }
}
