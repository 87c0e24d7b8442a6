package app.fluss.devices.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FolderWatchTest {
    @TempDir
    Path folder;

    private Path logs;
    private long nowMs;
    private FolderWatch watch;

    @BeforeEach
    void watchAFolder() throws IOException {
        logs = Files.createDirectory(folder.resolve("logs"));
        watch = new FolderWatch(logs, () -> nowMs * 1_000_000);
    }

    private Path write(String name, String text) throws IOException {
        return Files.writeString(logs.resolve(name), text, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private Sighting lookAfter(long ms) {
        nowMs += ms;
        return watch.look();
    }

    @Test
    void aLogIsSeenToGrowAndToSettle() throws IOException {
        write("old.csv", "was here before");
        assertThat(watch.look()).isEqualTo(new Sighting.Quiet());
        Path run = write("run.csv", "a,b\n");
        assertThat(lookAfter(500)).isEqualTo(new Sighting.Growing(run));
        write("run.csv", "1,2\n");
        assertThat(lookAfter(2900)).isEqualTo(new Sighting.Growing(run));
        assertThat(lookAfter(2900)).as("not silent for long enough").isEqualTo(new Sighting.Growing(run));
        assertThat(lookAfter(200)).isEqualTo(new Sighting.Settled(run));
    }

    @Test
    void anOldLogThatGrowsCounts() throws IOException {
        Path old = write("old.csv", "a,b\n");
        watch.look();
        write("old.csv", "1,2\n");
        assertThat(lookAfter(500)).isEqualTo(new Sighting.Growing(old));
    }

    @Test
    void twoLoggersAtOnceAreTold() throws IOException {
        watch.look();
        Path one = write("one.csv", "a");
        Path two = write("two.csv", "b");
        assertThat(lookAfter(100)).isEqualTo(new Sighting.Several(List.of(one, two)));
        Files.delete(two);
        assertThat(lookAfter(100)).isEqualTo(new Sighting.Growing(one));
    }

    @Test
    void aFolderThatVanishesIsWaitedFor() throws IOException {
        watch.look();
        write("run.csv", "a");
        lookAfter(100);
        Files.move(logs, folder.resolve("away"));
        assertThat(lookAfter(100))
                .isInstanceOfSatisfying(
                        Sighting.Gone.class, gone -> assertThat(gone.why()).contains("is gone"));
        Files.move(folder.resolve("away"), logs);
        assertThat(lookAfter(4000)).as("still known").isInstanceOf(Sighting.Settled.class);
    }

    @Test
    void filesOfOtherKindsAreNotLookedAt() throws IOException {
        watch.look();
        write("picture.png", "x");
        write("empty.csv", "");
        Files.createDirectory(logs.resolve("folder.csv"));
        assertThat(lookAfter(100)).isEqualTo(new Sighting.Quiet());
    }
}
