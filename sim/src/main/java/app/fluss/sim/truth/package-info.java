/// What really happened in a simulated run? Counted as it happened, by other code than the analysis.
package app.fluss.sim.truth;
