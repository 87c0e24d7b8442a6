/// Probes a link from the window.
package app.fluss.app.probing;
