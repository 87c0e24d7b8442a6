package app.fluss.app.capture;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

class LiveLogTest extends ApplicationTest {
    private static final FrameLog RUN =
            Simulation.run(ReadyScenario.named("native").lasting(8)).log();

    @TempDir
    Path folder;

    private final List<LiveLog.State> states = new CopyOnWriteArrayList<>();
    private Path logs;
    private String text;
    private LiveLog live;

    @Override
    public void start(Stage stage) {
        // Only the toolkit is needed: states are told on its thread.
    }

    @BeforeEach
    void follow() throws Exception {
        logs = Files.createDirectory(folder.resolve("logs"));
        Path source = folder.resolve("source.csv");
        FrameLogWriter.write(RUN, source);
        text = Files.readString(source);
        live = new LiveLog(logs, new MappingMemory(folder.resolve("mappings")), states::add);
        live.use(AnalysisSettings.NONE.asNative().withDisplay(new DisplayMode(144, SyncMode.VRR)));
        // The first look sees an empty folder: what comes after it is new.
        Thread.sleep(600);
    }

    @AfterEach
    void unfollow() {
        live.close();
    }

    private LiveLog.State await(Predicate<LiveLog.State> wanted) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> states.stream().anyMatch(wanted));
        return states.stream().filter(wanted).findFirst().orElseThrow();
    }

    @Test
    void aLogIsShownWhileItGrowsAndReadWhenItRests() throws Exception {
        Path log = logs.resolve("run.csv");
        Files.writeString(log, text.substring(0, text.length() / 3));
        LiveLog.State.Growing growing = (LiveLog.State.Growing) await(LiveLog.State.Growing.class::isInstance);
        assertThat(growing.recent().rendered().isKnown()).isTrue();
        assertThat(growing.band().elapsedMs()).isBetween(1000.0, 8000.0);
        Files.writeString(log, text.substring(text.length() / 3), StandardOpenOption.APPEND);
        LiveLog.State.Settled settled = (LiveLog.State.Settled) await(LiveLog.State.Settled.class::isInstance);
        assertThat(settled.log().log().size()).isEqualTo(RUN.size());
    }

    @Test
    void ofTwoLogsTheChosenOneIsFollowed() throws Exception {
        Path one = logs.resolve("one.csv");
        Path two = logs.resolve("two.csv");
        Files.writeString(one, text);
        Files.writeString(two, text.substring(0, text.length() / 2));
        LiveLog.State.Several several = (LiveLog.State.Several) await(LiveLog.State.Several.class::isInstance);
        assertThat(several.files()).containsExactly(one, two);
        live.choose(two);
        await(state ->
                state instanceof LiveLog.State.Growing growing && growing.file().equals(two));
    }

    @Test
    void aFolderThatGoesAndComesBackIsWaitedFor() throws Exception {
        Files.move(logs, folder.resolve("away"));
        await(state -> state instanceof LiveLog.State.Waiting(String words) && words.contains("is gone"));
        Files.move(folder.resolve("away"), logs);
        Files.writeString(logs.resolve("run.csv"), text);
        await(LiveLog.State.Growing.class::isInstance);
    }

    @Test
    void aFileThatIsNoLogIsToldInWords() throws Exception {
        Files.writeString(logs.resolve("notes.csv"), "name,colour\nx,red\ny,blue\n");
        await(state -> state instanceof LiveLog.State.Waiting(String words) && words.contains("notes.csv"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(states).noneMatch(LiveLog.State.Settled.class::isInstance);
    }
}
