/// What was recorded about every image of a run? Entry type: [app.fluss.core.frame.FrameLog]. This package
/// holds data and slices of it; it computes no figures.
package app.fluss.core.frame;
