package app.fluss.app.capture;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.StopRule;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.work.Progress;
import app.fluss.devices.sensor.LiveTrace;
import app.fluss.devices.sensor.SensorLink;
import app.fluss.devices.sensor.SensorSession;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;

/// Listens to a light sensor and measures what has come so far, off the interface thread, until enough is
/// measured.
final class LiveSensor implements AutoCloseable {
    private static final int EVERY_MS = 400;
    private static final double SHOWN_MS = 3000;

    private final SensorSession session;
    private final Consumer<Seen> listener;
    private final Consumer<String> problems;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("fluss-latency").factory());
    private volatile StopRule rule;

    /// What is known by now.
    ///
    /// @param state of the sensor
    /// @param newest the last seconds of the trace; empty before the sensor said hello
    /// @param figures of the trials so far
    /// @param open trials that somebody should look at
    /// @param done whether enough is measured
    record Seen(
            SensorSession.State state,
            Optional<LiveTrace.Seen> newest,
            LatencyFigures figures,
            long open,
            boolean done) {}

    /// @param listener is told on the interface thread
    /// @param problems is told, there too, what could not be worked out
    LiveSensor(SensorLink.Opener opener, StopRule rule, Consumer<Seen> listener, Consumer<String> problems) {
        this.rule = rule;
        this.listener = listener;
        this.problems = problems;
        session = new SensorSession(opener, System::nanoTime);
        var _ = worker.scheduleWithFixedDelay(this::look, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /// Says when it is enough.
    void use(StopRule now) {
        rule = now;
    }

    private static LiveTrace.Seen settled(LiveTrace trace) {
        return trace.settledFor(EdgeSettings.DEFAULT.timeoutMs());
    }

    private void look() {
        try {
            Seen seen = seen();
            Platform.runLater(() -> listener.accept(seen));
        } catch (RuntimeException e) {
            Platform.runLater(() -> problems.accept("The trace cannot be worked out just now: " + e.getMessage()));
        }
    }

    private Seen seen() {
        Optional<LiveTrace> trace = session.trace();
        Optional<Measurement> measured = trace.map(LiveSensor::settled)
                .filter(seen -> seen.size() > seen.light().rateHz())
                .map(seen -> Measurement.of(
                        Measurement.Source.TRACE,
                        new Recording(seen.input(), seen.light()),
                        EdgeSettings.DEFAULT,
                        Progress.NONE));
        LatencyFigures figures = measured.map(Measurement::figures).orElseGet(() -> LatencyFigures.of(new double[0]));
        long open = measured.map(seen -> seen.ambiguous().size()).orElse(0);
        SensorSession.State state = session.state();
        boolean done = rule.isReached(figures) || state.health().full();
        return new Seen(state, trace.map(all -> all.newest(SHOWN_MS)), figures, open, done);
    }

    /// The whole trace so far; empty before the sensor said hello.
    Optional<LiveTrace.Seen> trace() {
        return session.trace().map(LiveSensor::settled);
    }

    @Override
    public void close() {
        worker.shutdownNow();
        session.close();
    }
}
