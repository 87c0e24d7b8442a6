import org.jspecify.annotations.NullMarked;

/// Computation of Fluss: frames, measures, comparisons and findings. No files, no clocks, no threads, no
/// interface.
@NullMarked
module app.fluss.core {
    requires transitive org.jspecify;
    requires hipparchus.core;
    requires hipparchus.fft;
    requires hipparchus.stat;

    // Columnar frame logs and slices of them.
    exports app.fluss.core.frame;
    // Figures of one log: rates, lows, spread, pacing, refresh ledger, motion timing, limits.
    exports app.fluss.core.means;
    exports app.fluss.core.measure;
    // Runs against runs: intervals, generation figures, tables.
    exports app.fluss.core.compare;
    // Every figure and every finding.
    exports app.fluss.core.catalogue;
    // What Fluss noticed, in words.
    exports app.fluss.core.finding;
    // What a person notices, and whether paths are told apart blind.
    exports app.fluss.core.feel;
    exports app.fluss.core.feel.blind;
    exports app.fluss.core.feel.drill;
    // How much must be measured, and in what order.
    exports app.fluss.core.plan;
    // What stands on the bench, with its facts.
    exports app.fluss.core.bench;
    // Stages of a path, and what must hold before a run.
    exports app.fluss.core.path;
    // Video timing and cables.
    exports app.fluss.core.display;
    // What is known of generated images, and what they give stretch by stretch.
    exports app.fluss.core.generation;
    // Runs that differ in one setting.
    exports app.fluss.core.ladder;
    // What an analyst reads off a counter.
    exports app.fluss.core.reading;
    // What cards and their slots can carry.
    exports app.fluss.core.gpu;
    // Links and streams.
    exports app.fluss.core.stream;
    // Why a stream's client hitched.
    exports app.fluss.core.stream.blame;
    // Headsets.
    exports app.fluss.core.vr;
    // From input to light: edges, samples, cameras.
    exports app.fluss.core.latency;
    // Edges on traces: input and light.
    exports app.fluss.core.latency.edge;
    // Whether a sound recording is fit for them.
    exports app.fluss.core.latency.sound;
    // What each stage of a path adds between input and light.
    exports app.fluss.core.latency.chain;
    // What a cap and a multiplier would give.
    exports app.fluss.core.toggle;
    exports app.fluss.core.tune;
    // What follows for a game.
    exports app.fluss.core.verdict;
    // What did what: steps and effects of settings that were switched on together.
    exports app.fluss.core.attribute;
    // Pictures of clips.
    exports app.fluss.core.picture;
    // Numbers that stand on pictures.
    exports app.fluss.core.overlay;
    // How far a long job is, and whether it goes on.
    exports app.fluss.core.work;
}
