/// What did Fluss notice in a run or a comparison, why does it matter, and what can be done? Entry types:
/// [app.fluss.core.finding.RunFindings] and [app.fluss.core.finding.ComparisonFindings].
package app.fluss.core.finding;
