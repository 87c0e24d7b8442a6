package app.fluss.app.latency;

import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.files.chart.LatencySamples;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/// The samples of a run; a click chooses a trial.
final class SamplesView extends ChartView<LatencySamples> {
    private final Consumer<JudgedTrial> choose;

    /// @param choose is told which trial the user wants to see
    SamplesView(Theme theme, Consumer<JudgedTrial> choose) {
        super(theme, LatencyText.SAMPLES_DESCRIBED);
        this.choose = choose;
        setId("latency-samples");
        addEventHandler(
                MouseEvent.MOUSE_CLICKED,
                event -> chart().flatMap(
                                shown -> shown.nearest(event.getX(), event.getY(), getWidth(), getHeight(), scaled(1)))
                        .ifPresent(choose));
    }

    void show(@Nullable StoredLatency shown, @Nullable LatencyFigures of, Optional<JudgedTrial> trial) {
        show(shown == null || of == null ? null : new LatencySamples(shown, of, trial));
    }

    /// Chooses the next or the one before.
    void step(int by) {
        chart().filter(shown -> !shown.shown().trials().isEmpty()).ifPresent(shown -> {
            int at = shown.chosen().map(JudgedTrial::number).orElse(by > 0 ? 0 : 1) + by;
            int number = Math.clamp(at, 1, shown.shown().trials().size());
            choose.accept(shown.shown().trials().get(number - 1));
        });
    }
}
