import app.fluss.app.examine.BandView;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.Theme;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.StutterRule;
import app.fluss.core.measure.Stutters;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/**
 * Pans the band of ten million frames in a window of 1800 × 500 px as fast as it is drawn, and prints the ms from one picture
 * to the next: the median and the 99 % quantile. The next picture is begun when the last has been handed to the drawing
 * thread and the one before is on screen. Run by bench/band-on-screen.sh.
 */
public class BandOnScreen {
    private static final int FRAMES = 10_000_000;
    private static final int WARM_UP = 300;
    private static final int TIMED = 600;
    private static final double[] SHARES = {0.9, 0.3, 0.01, 0.0001};

    public static void main(String[] args) {
        Application.launch(Band.class);
    }

    /** The window. */
    public static class Band extends Application {
        private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 1));
        private final double[] ms = new double[TIMED];
        private double runMs;
        private int share;
        private int drawn = -WARM_UP;
        private long last;

        @Override
        public void start(Stage stage) {
            SplittableRandom random = new SplittableRandom(1);
            double[] present = new double[FRAMES];
            for (int i = 1; i < FRAMES; i++) {
                present[i] = present[i - 1] + 6 + (random.nextInt(1000) == 0 ? 60 : 4 * random.nextDouble());
            }
            FrameTimes times =
                    FrameTimes.of(FrameLog.presentedAt(present, FRAMES).build().all());
            BandLevels levels = BandLevels.of(times);
            runMs = levels.elapsedMs();
            BandView band = new BandView(new Theme(), window, (_, _) -> {});
            band.show(new BandView.Shown(levels, Stutters.of(times, StutterRule.DEFAULT), List.of(), List.of(), ""));
            Scene scene = new Scene(new StackPane(band), 1800, 500);
            stage.setScene(scene);
            stage.show();
            scene.addPostLayoutPulseListener(this::next);
            Platform.requestNextPulse();
        }

        private void next() {
            long now = System.nanoTime();
            if (drawn >= 0) {
                ms[drawn] = (now - last) / 1e6;
            }
            last = now;
            if (++drawn == TIMED) {
                Arrays.sort(ms);
                System.out.printf("%g of the run: %.2f ms, 99 %% %.2f ms%n", SHARES[share], ms[TIMED / 2], ms[TIMED * 99 / 100]);
                drawn = -WARM_UP;
                if (++share == SHARES.length) {
                    System.exit(0);
                }
            }
            double length = runMs * SHARES[share];
            double from = (runMs - length) * (drawn + WARM_UP) / (WARM_UP + TIMED);
            window.set(new TimeWindow(from, from + length));
            Platform.requestNextPulse();
        }
    }
}
