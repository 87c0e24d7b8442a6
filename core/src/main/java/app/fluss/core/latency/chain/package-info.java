/// What does each stage of a path add between input and light, and what does that add up to? Entry type:
/// [app.fluss.core.latency.chain.ChainEstimate]. Every stage is drawn many times with a fixed seed and the
/// draws are added, so that means, spreads and what depends on what stay true; percentiles are never added.
package app.fluss.core.latency.chain;
