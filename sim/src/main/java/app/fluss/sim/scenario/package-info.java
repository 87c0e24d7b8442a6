/// What is the bench that is to be simulated? Entry type: [app.fluss.sim.scenario.Scenario]. Records with checked
/// ranges, one for each part; nothing runs here.
package app.fluss.sim.scenario;
