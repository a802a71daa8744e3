namespace DeepBaize.Words.Refusals;

/// <summary>What is said when something is refused.</summary>
/// <param name="Title">In two or three words.</param>
/// <param name="Sentence">What is wrong, in a sentence that a player understands.</param>
public readonly record struct Refused(string Title, string Sentence);
