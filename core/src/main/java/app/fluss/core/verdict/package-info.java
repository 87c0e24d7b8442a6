/// What follows for a game: claims, each a rule held against a figure with its interval, and the verdict they
/// make. Entry type: [app.fluss.core.verdict.Verdict].
package app.fluss.core.verdict;
