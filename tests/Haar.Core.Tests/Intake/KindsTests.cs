using Haar.Core.Batteries;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Intake;

/// <summary>What is usual of a kind is looked for, and is no fact until somebody has looked.</summary>
public class KindsTests
{
    static readonly KindProfile Desktop = new()
    {
        Id = "desktop",
        Name = "386-level desktop",
        Class = MachineClass.Level386,
        Likely =
        [
            new(Trait.InternalMainsSupply, Likelihood.Usual),
            new(Trait.BarrelCell, Likelihood.Usual, To: 1994),
            new(Trait.BarrelCell, Likelihood.Sometimes, From: 1995),
            new(Trait.HiddenCell, Likelihood.Sometimes),
            new(Trait.MainsFilterPaper, Likelihood.Rare),
            new(Trait.LowEsrElectrolytics, Likelihood.Usual, From: 1999),
        ],
        Hours = new(4, 10, 25),
    };

    static Machine Take(KindProfile kind, int? from = null, int? to = null, Action<Machine>? more = null)
    {
        var m = new Machine
        {
            Name = "Found in a shed",
            YearFrom = from,
            YearTo = to,
        };
        more?.Invoke(m);
        Kinds.Take(m, kind);
        return m;
    }

    static ChecklistItem Item(Machine m, string id) => Checklist.For(m, []).Items.Single(i => i.Id == id);

    static bool Has(Machine m, string id) => Checklist.For(m, []).Items.Any(i => i.Id == id);

    [Theory]
    [InlineData(1991, 1991, Likelihood.Usual)]
    [InlineData(1995, 1996, Likelihood.Sometimes)]
    // It may be of either years: the likelier counts.
    [InlineData(1993, 1996, Likelihood.Usual)]
    [InlineData(null, null, Likelihood.Usual)]
    [InlineData(1994, null, Likelihood.Usual)]
    public void A_likelihood_holds_in_its_years_and_in_all_where_none_is_known(int? from, int? to, Likelihood how)
    {
        var m = Take(Desktop, from, to);
        Assert.Equal(how, m.Possible.Single(p => p.Trait == Trait.BarrelCell).Likelihood);
        Assert.Equal(from is null, m.Possible.Any(p => p.Trait == Trait.LowEsrElectrolytics));
    }

    [Fact]
    public void What_is_usual_is_asked_for_and_is_no_fact()
    {
        var m = Take(Desktop, 1991, 1991);
        Assert.Empty(m.Traits);
        Assert.Equal(ThreeState.NotKnown, Hazards.Mains(m));
        Assert.True(Hazards.Unidentified(m));
        Assert.Contains(CautionId.MainsSupply, Hazards.Cautions(m));
        Assert.Contains(CautionId.LineFilterCapacitor, Hazards.Cautions(m));
        Assert.Contains(CautionId.LeakingCell, Hazards.Cautions(m));
        Assert.Equal("Usual in machines of this kind. Look whether it is there.", Item(m, "barrel-cell").Because);
        Assert.StartsWith("Machines of this kind sometimes", Item(m, "hidden-cell").Because, StringComparison.Ordinal);
        Assert.EndsWith("Until then it counts as there.", Item(m, "supply").Because, StringComparison.Ordinal);
    }

    [Fact]
    public void An_answer_outranks_the_kind()
    {
        var m = Take(
            Desktop,
            1991,
            1991,
            m =>
            {
                m.MainsLead = ThreeState.No;
                m.Tube = ThreeState.No;
                m.Battery = ThreeState.No;
            }
        );
        Assert.Empty(Hazards.Cautions(m));
        Assert.False(Has(m, "supply"));
        Assert.False(Has(m, "mains-filter"));
    }

    [Fact]
    public void Looking_confirms_or_rules_out()
    {
        var m = Take(Desktop, 1991, 1991);
        Looked.Apply(m, Item(m, "barrel-cell"), LookAnswer.Sound);
        Assert.Equal([Trait.BarrelCell], m.Traits);
        Assert.DoesNotContain(m.Possible, p => p.Trait == Trait.BarrelCell);
        Assert.StartsWith("It has a barrel cell", Item(m, "barrel-cell").Because, StringComparison.Ordinal);

        Looked.Apply(m, Item(m, "hidden-cell"), LookAnswer.NotHere);
        Assert.Equal([Trait.HiddenCell], m.Absent);
        Assert.False(Has(m, "hidden-cell"));
        // The kind taken again does not bring back what somebody looked for.
        Kinds.Take(m, Desktop);
        Assert.False(Has(m, "hidden-cell"));

        var before = m.Possible.Count;
        Looked.Apply(m, Item(m, "mains-filter"), LookAnswer.CannotTell);
        Assert.Equal(before, m.Possible.Count);
    }

    [Fact]
    public void A_supply_that_is_seen_excludes_no_tube()
    {
        var m = Take(Desktop, 1991, 1991);
        Looked.Apply(m, Item(m, "supply"), LookAnswer.Sound);
        Assert.Equal(ThreeState.Yes, Hazards.Mains(m));
        Assert.Equal(ThreeState.NotKnown, Hazards.Tube(m));
        Assert.Contains(CautionId.PictureTube, Hazards.Cautions(m));
        Looked.Apply(m, Item(m, "tube"), LookAnswer.NotHere);
        Assert.Equal(ThreeState.No, Hazards.Tube(m));
        Assert.DoesNotContain(CautionId.PictureTube, Hazards.Cautions(m));
        Assert.False(Hazards.Unidentified(m));
    }

    [Fact]
    public void An_adapter_that_is_not_there_is_no_adapter()
    {
        var m = new Machine { Name = "Box", Traits = [Trait.ExternalAdapter] };
        Assert.Equal(ThreeState.No, Hazards.Mains(m));
        Looked.Apply(m, Item(m, "lead"), LookAnswer.NotHere);
        Assert.Equal(ThreeState.NotKnown, Hazards.Mains(m));
        Assert.Contains(CautionId.MainsSupply, Hazards.Cautions(m));
        Assert.True(Has(m, "supply"));
    }

    [Fact]
    public void A_mains_lead_that_is_lost_says_nothing_of_the_supply()
    {
        var m = new Machine
        {
            Name = "Tower",
            MainsLead = ThreeState.Yes,
            Tube = ThreeState.No,
        };
        Looked.Apply(m, Item(m, "lead"), LookAnswer.NotHere);
        Assert.Equal(ThreeState.Yes, Hazards.Mains(m));
    }

    [Fact]
    public void Hours_are_the_packs_until_three_of_the_kind_are_finished()
    {
        Assert.Equal((10.0, 0), (Kinds.Forecast(Desktop, [600, 660])!.Hours.Likely, Kinds.Forecast(Desktop, [600, 660])!.FromOwn));
        var own = Kinds.Forecast(Desktop, [1200, 300, 480])!;
        Assert.Equal((5.0, 8.0, 20.0, 3), (own.Hours.Low, own.Hours.Likely, own.Hours.High, own.FromOwn));
        Assert.Null(Kinds.Forecast(new() { Id = "x" }, []));
    }

    [Fact]
    public void Whatever_is_not_known_no_caution_goes()
    {
        // Every machine of traits, answers and kind, with one fact taken away: cautions only grow. The leak of a cell that was looked at is said by what was found.
        var r = new Random(13);
        var all = Enum.GetValues<Trait>();
        for (var i = 0; i < 4000; i++)
        {
            var whole = new Machine
            {
                Name = "M",
                MainsLead = (ThreeState)r.Next(3),
                Tube = (ThreeState)r.Next(3),
                Battery = (ThreeState)r.Next(3),
                Absent = [.. all.Where(_ => r.Next(4) == 0)],
            };
            Kinds.Settle(whole);
            whole.Possible = [.. all.Except(whole.Absent).Where(_ => r.Next(3) == 0).Select(t => new Possible(t, (Likelihood)r.Next(3)))];
            var less = new Machine
            {
                Name = "M",
                MainsLead = whole.MainsLead,
                Tube = whole.Tube,
                Battery = whole.Battery,
                Absent = [.. whole.Absent],
                Possible = whole.Possible,
            };
            switch (r.Next(4))
            {
                case 0:
                    less.MainsLead = ThreeState.NotKnown;
                    break;
                case 1:
                    less.Tube = ThreeState.NotKnown;
                    break;
                case 2:
                    less.Battery = ThreeState.NotKnown;
                    break;
                default:
                    if (less.Absent.Count > 0)
                    {
                        less.Absent.RemoveAt(r.Next(less.Absent.Count));
                    }
                    break;
            }
            Assert.Empty(Hazards.Cautions(whole).Except(Hazards.Cautions(less)));
        }
    }

    [Fact]
    public void A_cell_that_is_seen_is_the_kind_of_its_trait()
    {
        Assert.Null(UsualCell.Of([Trait.LithiumPack]));
        Assert.Equal(CellChemistry.NickelCadmium, UsualCell.Of([Trait.BarrelCell, Trait.CoinCell])!.Chemistry);
        Assert.True(UsualCell.Of([Trait.HiddenCell])!.HiddenInModule);
        Assert.Equal(KeptData.NotKnown, UsualCell.Of([Trait.CoinCell])!.Keeps);
    }
}
