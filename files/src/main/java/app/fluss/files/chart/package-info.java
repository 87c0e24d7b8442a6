/// Charts of what a study holds: their geometry and the table behind them, without an interface. The
/// window, pictures and reports all draw these.
package app.fluss.files.chart;
