/// What would a measurement look like? Entry type: [app.fluss.app.simulate.SimulateDialog].
package app.fluss.app.simulate;
