/// What would a cap and a multiplier give, from the work of a native run? Entry type:
/// [app.fluss.core.tune.CapGrid]. The native frames are played again under each setting; what comes out is
/// measured like a log, so that a prediction and a measurement mean the same.
package app.fluss.core.tune;
