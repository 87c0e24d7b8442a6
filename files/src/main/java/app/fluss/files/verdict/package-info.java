/// What follows for the games of a study. Entry type: [app.fluss.files.verdict.GameVerdicts].
package app.fluss.files.verdict;
