/// What does one log say about rate, lows, spread, pacing, refreshes, motion timing and limits? Entry type:
/// [app.fluss.core.measure.Analysis]. All times are milliseconds and all rates images per second of elapsed
/// time unless a name says otherwise. A figure that cannot be had is a [app.fluss.core.measure.Figure.Missing]
/// with the reason.
package app.fluss.core.measure;
