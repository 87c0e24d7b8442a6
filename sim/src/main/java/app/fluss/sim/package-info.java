/// What would a known bench have logged, and what really happened on it? Entry type: [app.fluss.sim.Simulation].
/// The same scenario and seed always give the same run. Everything that comes from here is labelled as simulated
/// wherever it shows.
package app.fluss.sim;
