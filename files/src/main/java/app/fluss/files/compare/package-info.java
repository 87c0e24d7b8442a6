/// Runs of a study against runs of it, whatever makes the groups. Entry type: [app.fluss.files.compare.Pair].
package app.fluss.files.compare;
