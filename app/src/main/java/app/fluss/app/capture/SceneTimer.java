package app.fluss.app.capture;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.Labels;
import app.fluss.files.study.Attempt;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/// Counts down to the start of the scene, then its time.
final class SceneTimer extends HBox {
    private static final int COUNT_DOWN_S = 3;

    private final Runnable started;
    private final Button start = Buttons.primary(CaptureText.START_SCENE, CaptureText.START_SCENE_TIP, this::start);
    private final Label time = Labels.of("", "timer");
    private final ProgressBar bar = new ProgressBar(0);
    private final Label words = Labels.of("", "muted");
    private final Timeline tick = new Timeline(new KeyFrame(Duration.millis(200), _ -> tick()));
    private final Runnable counting;
    private @Nullable SceneClock clock;
    private int lastsS;
    private int left;

    /// @param counting is told when the count-down begins
    /// @param started is told when it is over
    SceneTimer(Runnable counting, Runnable started) {
        this.counting = counting;
        this.started = started;
        setSpacing(14);
        getStyleClass().add("panel");
        setAlignment(Pos.CENTER_LEFT);
        start.setId("start");
        time.setId("timer");
        bar.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(bar, Priority.ALWAYS);
        getChildren().addAll(start, time, bar, words);
        tick.setCycleCount(Animation.INDEFINITE);
    }

    /// Puts the focus on the button that starts, if it can be pressed.
    ///
    /// @return whether it could
    boolean focusStart() {
        if (!start.isDisabled()) {
            start.requestFocus();
        }
        return !start.isDisabled();
    }

    /// Starts the count-down.
    void start() {
        if (left > 0 || start.isDisabled()) {
            return;
        }
        left = COUNT_DOWN_S;
        counting.run();
        start.setDisable(true);
        time.setText(Integer.toString(left));
        words.setText(CaptureText.GET_READY);
        Timeline down = new Timeline(new KeyFrame(Duration.seconds(1), _ -> {
            left--;
            time.setText(Integer.toString(left));
            if (left == 0) {
                started.run();
            }
        }));
        down.setCycleCount(COUNT_DOWN_S);
        down.play();
    }

    /// Shows the time of an attempt.
    void show(Optional<Attempt> attempt, int seconds) {
        lastsS = seconds;
        if (attempt.isPresent() && attempt.get().startedAtMs().isPresent()) {
            long at = attempt.get().startedAtMs().getAsLong();
            SceneClock running = clock;
            if (running == null || !running.isOf(at)) {
                clock = new SceneClock(at, System.currentTimeMillis(), System::nanoTime);
            }
            start.setDisable(true);
            tick.play();
            tick();
            return;
        }
        clock = null;
        tick.stop();
        if (left == 0) {
            start.setDisable(false);
            time.setText(Durations.timer(seconds));
            bar.setProgress(0);
            words.setText(CaptureText.SCENE_GET_READY_HINT);
        }
    }

    private void tick() {
        SceneClock running = clock;
        if (running != null) {
            long elapsed = running.elapsedS();
            boolean over = elapsed >= lastsS;
            time.setText(Durations.timer(elapsed));
            bar.setProgress(Math.min(1, (double) elapsed / Math.max(1, lastsS)));
            words.setText(over ? CaptureText.SCENE_OVER : CaptureText.OF.formatted(Durations.timer(lastsS)));
        }
    }

    /// Time since the scene began, ms; 0 before it has.
    long elapsedMs() {
        SceneClock running = clock;
        return running == null ? 0 : running.elapsedMs();
    }
}
