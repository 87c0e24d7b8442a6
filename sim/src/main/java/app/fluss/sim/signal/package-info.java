/// What would a light sensor, a sound card or a camera have recorded? Entry types: [app.fluss.sim.signal.Light] and
/// what is
/// made of it.
package app.fluss.sim.signal;
