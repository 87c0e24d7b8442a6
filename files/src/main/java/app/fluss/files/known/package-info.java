/// What is known of a run beside its frames: its latency measured and by its stages, its stream, its headset,
/// and what
/// was noticed of it. Entry type: [app.fluss.files.known.KnownRun].
package app.fluss.files.known;
