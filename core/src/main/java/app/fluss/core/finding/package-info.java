/// What did Fluss notice in a run or a comparison, why does it matter, and what can be done? Entry types:
/// [app.fluss.core.finding.Findings] and the catalogue [app.fluss.core.finding.FindingCode].
package app.fluss.core.finding;
