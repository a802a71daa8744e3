namespace DeepBaize.Physics.Impacts;

/// <summary>An impact did not come to its end within its budget of steps.</summary>
/// <param name="message">Which, in a sentence.</param>
public sealed class ImpactBudgetException(string message) : Exception(message);
