namespace Haar.Core.Planning;

/// <summary>The eleven stages of a machine's life in the workshop, in the order in which the work goes. A machine may go back.</summary>
public enum Stage
{
    Arrive = 0,
    Survey,
    StripDown,
    Boards,
    Case,
    Parts,
    Rebuild,
    BringUp,
    System,
    Prove,
    HandOver,
}

public static class Stages
{
    public static readonly IReadOnlyList<Stage> All = Enum.GetValues<Stage>();

    public static string Words(Stage stage) =>
        stage switch
        {
            Stage.StripDown => "Strip down",
            Stage.BringUp => "Bring up",
            Stage.HandOver => "Hand over",
            _ => stage.ToString(),
        };
}

/// <summary>A person's word that a stage needs nothing more, with a reason.</summary>
public sealed class StageClosing
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Stage Stage { get; init; }
    public string Reason { get; init; } = "";
    public DateTimeOffset At { get; init; }
}
