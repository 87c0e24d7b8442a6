/// What is simulated, and what would a simulated bench have written? Entry types:
/// [app.fluss.files.simulated.ScenarioFile] and [app.fluss.files.simulated.SimulationFolder].
package app.fluss.files.simulated;
