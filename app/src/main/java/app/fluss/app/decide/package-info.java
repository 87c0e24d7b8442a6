/// Decide: what follows for each game. Entry type: [app.fluss.app.decide.DecideScreen].
package app.fluss.app.decide;
