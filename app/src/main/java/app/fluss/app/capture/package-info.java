/// Measuring: one line of the run sheet after the other.
package app.fluss.app.capture;
