/// How are results told to other programs? Entry types: [app.fluss.files.report.AnalysisJson] and
/// [app.fluss.files.report.ComparisonJson]. Keys are snake_case and carry their unit; a figure that cannot be
/// had is `null`.
package app.fluss.files.report;
