using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Data.Packs;

namespace Haar.Data.Tests;

/// <summary>What ships of kinds of machines: complete, and its dangers said at once.</summary>
public class KindsTests
{
    [Fact]
    public void Every_kind_has_its_traps_its_years_and_hours_once()
    {
        Assert.Equal(PackStore.Kinds.Kinds.Count, PackStore.Kinds.Kinds.Select(k => k.Id).Distinct().Count());
        Assert.All(
            PackStore.Kinds.Kinds,
            k => Assert.True(k.Watch.Count > 0 && k.YearFrom is not null && k.Hours is not null && k.Apart.Count + k.Likely.Count > 0, k.Id)
        );
    }

    [Theory]
    [InlineData("handheld-console")]
    [InlineData("netbook-tablet")]
    [InlineData("rack-server")]
    [InlineData("organiser-late")]
    [InlineData("all-in-one-tube-early")]
    [InlineData("tower-68k-risc")]
    [InlineData("word-processor-tube")]
    [InlineData("plasma-portable")]
    [InlineData("slab-console")]
    public void Kinds_that_people_bring_are_there_with_the_rails_that_they_usually_have(string id) =>
        Assert.NotEmpty(PackStore.Kinds.Kinds.Single(k => k.Id == id).Rails);

    static IReadOnlyList<CautionId> Cautions(string id)
    {
        var m = new Machine { Id = Guid.NewGuid(), Name = "It" };
        Kinds.Take(m, PackStore.Kinds.Kinds.Single(k => k.Id == id));
        return Hazards.Cautions(m);
    }

    [Theory]
    [InlineData("optical-tape-drive", CautionId.Laser)]
    [InlineData("console", CautionId.Laser)]
    [InlineData("slab-console", CautionId.Laser)]
    [InlineData("printer", CautionId.Laser)]
    [InlineData("monitor-flat", CautionId.InverterVolts)]
    [InlineData("laptop-early", CautionId.InverterVolts)]
    [InlineData("plasma-portable", CautionId.PlasmaVolts)]
    [InlineData("plasma-portable", CautionId.MainsSupply)]
    [InlineData("luggable", CautionId.PlasmaVolts)]
    [InlineData("word-processor-tube", CautionId.PictureTube)]
    [InlineData("all-in-one-tube-early", CautionId.MainsSupply)]
    public void What_can_blind_bite_or_kill_in_a_kind_is_said_at_once(string id, CautionId caution) =>
        Assert.Contains(caution, Cautions(id));

    [Fact]
    public void What_somebody_ruled_out_is_no_longer_said()
    {
        var m = new Machine { Id = Guid.NewGuid(), Name = "It" };
        Kinds.Take(m, PackStore.Kinds.Kinds.Single(k => k.Id == "console"));
        Kinds.RuleOut(m, Trait.Laser);
        Assert.DoesNotContain(CautionId.Laser, Hazards.Cautions(m));
    }
}
