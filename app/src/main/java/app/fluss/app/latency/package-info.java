/// The latency of a run on screen: stage by stage, sample by sample, each on its trace.
package app.fluss.app.latency;
