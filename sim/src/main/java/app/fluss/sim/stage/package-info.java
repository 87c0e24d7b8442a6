/// The stages of a simulated bench, one class each: game loop, generator, second card, hand-over, sync, display
/// smoothing, stream, headset, clicks. Events per image, in ms. Not seen outside this module.
package app.fluss.sim.stage;
