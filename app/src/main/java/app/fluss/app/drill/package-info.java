/// The drill: charts of runs with a known fault. Entry type: [app.fluss.app.drill.DrillPane].
package app.fluss.app.drill;
