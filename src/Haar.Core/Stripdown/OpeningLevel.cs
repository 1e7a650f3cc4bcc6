using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <param name="More">Titles of pieces that come off for it besides.</param>
/// <param name="ExtraMinutes">Of opening and closing for those.</param>
/// <param name="SavedMinutes">Against opening once more for it.</param>
public sealed record OpeningProposal(WhileOpen Job, IReadOnlyList<string> More, double ExtraMinutes, double SavedMinutes);

/// <summary>A piece of work, and where it lies.</summary>
/// <param name="Piece">Id; empty for outside, null where nobody knows.</param>
/// <param name="Deeper">Than the machine is opened this time.</param>
public sealed record PlacedWork(
    string Key,
    string Title,
    Stage Stage,
    double Minutes,
    string? Piece,
    bool Out,
    bool BySaid,
    bool Deeper,
    bool Danger
);

/// <summary>How deep it could be opened.</summary>
/// <param name="Off">Titles of what comes off for it and is still on, in order.</param>
/// <param name="Opening">Minutes of taking off and putting back.</param>
/// <param name="Work">Minutes of hands of the work that lies open then.</param>
/// <param name="Does">Keys of that work.</param>
/// <param name="Leaves">Keys of what is left for another opening.</param>
/// <param name="Risks">What can go wrong on the way, a sentence each.</param>
/// <param name="IsOpen">The depth that holds goes as far, or farther.</param>
public sealed record OpeningLevel(
    OpenDepth Depth,
    string Name,
    IReadOnlyList<string> Off,
    Estimate Opening,
    Estimate Work,
    IReadOnlyList<string> Does,
    IReadOnlyList<string> Leaves,
    IReadOnlyList<string> Risks,
    bool IsOpen,
    Verdict Verdict
);

/// <param name="Levels">Shallow first.</param>
/// <param name="Advised">Index of the one that is advised.</param>
/// <param name="Chosen">Index of the one that is chosen; null for as deep as its work needs.</param>
/// <param name="Proposals">What else lies open at the depth that holds, most saved first.</param>
/// <param name="Off">Titles of what comes off at the depth that holds and is still on, in order.</param>
/// <param name="Opening">Minutes of taking off and putting back, to the depth that holds.</param>
/// <param name="Hands">Minutes of the work that lies open then.</param>
/// <param name="Risks">What can go wrong on the way there, a sentence each.</param>
/// <param name="Destroyed">What opening it so far destroys.</param>
public sealed record CaseOpeningResult(
    IReadOnlyList<AccessPiece> Pieces,
    bool Supposed,
    IReadOnlyList<OpeningLevel> Levels,
    int Advised,
    int? Chosen,
    IReadOnlyList<PlacedWork> Work,
    IReadOnlyList<OpeningProposal> Proposals,
    IReadOnlyList<string> Off,
    Estimate Opening,
    Estimate Hands,
    IReadOnlyList<string> Risks,
    IReadOnlyList<string> Destroyed,
    Verdict Verdict
);
