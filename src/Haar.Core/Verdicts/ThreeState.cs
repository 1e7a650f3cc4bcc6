namespace Haar.Core.Verdicts;

/// <summary>Yes, no, or nobody has looked. Default is not known, so that a forgotten answer is never taken for a no.</summary>
public enum ThreeState
{
    NotKnown = 0,
    Yes,
    No,
}
