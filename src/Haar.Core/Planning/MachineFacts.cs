namespace Haar.Core.Planning;

/// <summary>Everything known of one machine, as the rules that look at the whole of it need it. What only one room's rules ask of it is that room's part.</summary>
public sealed partial record MachineFacts : MachineRows, Acts.IActFacts
{
    /// <summary>Ids of jobs on any machine that other, unfinished jobs come after, with how many.</summary>
    public IReadOnlyDictionary<Guid, int> WantedBy { get; init; } = new Dictionary<Guid, int>();

    /// <summary>Jobs of other machines that this one's come after and that are not done.</summary>
    public IReadOnlySet<Guid> OpenElsewhere { get; init; } = new HashSet<Guid>();
}
