package app.fluss.app.capture;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.StopRule;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.sound.SoundQuality;
import app.fluss.core.work.Progress;
import app.fluss.devices.sensor.LiveTrace;
import app.fluss.devices.sensor.SensorSession;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;

/// Listens to a light sensor, or a sound input, and measures what has come so far, off the interface thread, until
/// enough is measured. A long recording takes longer to measure, and is measured less often.
final class LiveSensor implements AutoCloseable {
    private static final int LOOK_MS = 200;
    private static final int MEASURE_MS = 400;

    /// A third of the time at most goes into measuring.
    private static final int REST = 2;

    private static final double SHOWN_MS = 3000;
    private static final double METER_MS = 300;
    private static final double JUDGED_MS = 20_000;

    private final SensorSession session;
    private final Measurement.Source source;
    private final Consumer<Seen> listener;
    private final Consumer<String> problems;
    private final ScheduledExecutorService workers = Executors.newScheduledThreadPool(
            2, Thread.ofPlatform().daemon().name("fluss-latency").factory());
    private volatile StopRule rule;
    private volatile Measured measured = new Measured(LatencyFigures.of(new double[0]), 0, List.of());

    /// What was measured so far.
    ///
    /// @param open trials that somebody should look at
    /// @param sound what is wrong with the sound
    private record Measured(LatencyFigures figures, long open, List<Finding> sound) {}

    /// What is known by now.
    ///
    /// @param state of the sensor
    /// @param newest the last seconds of the trace; empty before the sensor said hello
    /// @param levels how loud a sound input is just now; empty for a sensor
    /// @param figures of the trials so far
    /// @param open trials that somebody should look at
    /// @param sound what is wrong with the sound
    /// @param done whether enough is measured
    record Seen(
            SensorSession.State state,
            Optional<LiveTrace.Seen> newest,
            Optional<SoundQuality> levels,
            LatencyFigures figures,
            long open,
            List<Finding> sound,
            boolean done) {}

    /// @param session is closed in the end
    /// @param source what it hears
    /// @param listener is told on the interface thread
    /// @param problems is told, there too, what could not be worked out
    LiveSensor(
            SensorSession session,
            Measurement.Source source,
            StopRule rule,
            Consumer<Seen> listener,
            Consumer<String> problems) {
        this.session = session;
        this.source = source;
        this.rule = rule;
        this.listener = listener;
        this.problems = problems;
        var _ = workers.scheduleWithFixedDelay(this::look, LOOK_MS, LOOK_MS, TimeUnit.MILLISECONDS);
        measureAfter(MEASURE_MS);
    }

    /// Says when it is enough.
    void use(StopRule now) {
        rule = now;
    }

    /// What is heard.
    Measurement.Source source() {
        return source;
    }

    private static LiveTrace.Seen settled(LiveTrace trace) {
        return trace.settledFor(EdgeSettings.DEFAULT.timeoutMs());
    }

    private void measureAfter(long ms) {
        try {
            var _ = workers.schedule(this::measure, ms, TimeUnit.MILLISECONDS);
        } catch (RejectedExecutionException e) {
            // It was closed meanwhile.
        }
    }

    private void measure() {
        long begun = System.nanoTime();
        try {
            session.trace()
                    .map(LiveSensor::settled)
                    .filter(seen -> seen.size() > seen.light().rateHz())
                    .ifPresent(this::take);
        } catch (RuntimeException e) {
            tell(e);
        }
        long tookMs = (System.nanoTime() - begun) / 1_000_000;
        measureAfter(Math.max(MEASURE_MS, REST * tookMs));
    }

    private void take(LiveTrace.Seen seen) {
        Measurement found = Measurement.of(source, recording(seen), EdgeSettings.DEFAULT, Progress.NONE);
        List<Finding> sound = source == Measurement.Source.SOUND
                ? session.trace()
                        .map(trace -> Findings.of(SoundQuality.of(recording(trace.newest(JUDGED_MS)))))
                        .orElse(List.of())
                : List.of();
        measured = new Measured(found.figures(), found.ambiguous().size(), sound);
    }

    private static Recording recording(LiveTrace.Seen seen) {
        return new Recording(seen.input(), seen.light());
    }

    /// A look that fails must not end those that follow.
    private void look() {
        try {
            Seen seen = seen();
            Platform.runLater(() -> listener.accept(seen));
        } catch (RuntimeException e) {
            tell(e);
        }
    }

    private void tell(RuntimeException e) {
        Platform.runLater(() -> problems.accept(SensorText.TRACE_UNREADABLE.formatted(e.getMessage())));
    }

    private Seen seen() {
        Optional<LiveTrace> trace = session.trace();
        Measured now = measured;
        SensorSession.State state = session.state();
        boolean done = rule.isReached(now.figures) || state.health().full();
        Optional<SoundQuality> levels = trace.filter(_ -> source == Measurement.Source.SOUND)
                .map(all -> SoundQuality.of(recording(all.newest(METER_MS))));
        return new Seen(state, trace.map(all -> all.newest(SHOWN_MS)), levels, now.figures, now.open, now.sound, done);
    }

    /// The whole trace so far; empty before the sensor said hello.
    Optional<LiveTrace.Seen> trace() {
        return session.trace().map(LiveSensor::settled);
    }

    @Override
    public void close() {
        workers.shutdownNow();
        session.close();
    }
}
