namespace Haar.Core.Rooms;

/// <summary>Every room that has something to say of a machine as a whole, in the order in which the work goes.</summary>
public static class AllRooms
{
    public static readonly IReadOnlyList<Room> InOrder =
    [
        new Intake.IntakeRoom(),
        new Survey.SurveyRoom(),
        new Planning.PlanningRoom(),
        new Stripdown.StripdownRoom(),
        new Batteries.BatteriesRoom(),
        new Corrosion.CorrosionRoom(),
        new Capacitors.CapacitorsRoom(),
        new Soldering.SolderingRoom(),
        new Thermal.ThermalRoom(),
        new Cleaning.CleaningRoom(),
        new Colour.ColourRoom(),
        new Finish.FinishRoom(),
        new Finish.MendingRoom(),
        new Keyboards.KeyboardsRoom(),
        new Mechanisms.MechanismsRoom(),
        new Survey.FirstPowerRoom(),
        new Proving.ProvingRoom(),
        new Handover.HandoverRoom(),
    ];
}
