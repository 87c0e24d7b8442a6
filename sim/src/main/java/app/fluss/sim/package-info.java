/// What would a known bench have logged? Entry type: [app.fluss.sim.Simulation]. Events per image, in ms; the
/// same scenario and seed always give the same log.
package app.fluss.sim;
