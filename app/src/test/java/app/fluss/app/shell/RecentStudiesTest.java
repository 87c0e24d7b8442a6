package app.fluss.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.prefs.Preferences;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RecentStudiesTest {
    private final Preferences preferences = Preferences.userRoot()
            .node("fluss-recent-" + ProcessHandle.current().pid());

    private final RecentStudies recent = new RecentStudies(preferences);

    @TempDir
    Path folder;

    @AfterEach
    void forget() throws Exception {
        preferences.removeNode();
    }

    private Path study(String name) throws Exception {
        return Files.createFile(folder.resolve(name));
    }

    @Test
    void theLastOneOpenedStandsFirstAndOnce() throws Exception {
        Path tidal = study("tidal ponds.fluss");
        Path dunes = study("dünen.fluss");
        recent.add(tidal);
        recent.add(dunes);
        recent.add(tidal);
        assertThat(recent.list()).containsExactly(tidal, dunes);
        assertThat(new RecentStudies(preferences).list())
                .as("the next start knows them")
                .containsExactly(tidal, dunes);
    }

    @Test
    void whatAStudyLooksLikeIsKnownAsLongAsItIsRecent() throws Exception {
        Path ponds = study("ponds.fluss");
        StudySketch sketch = new StudySketch(2, 7, List.of(List.of(3, 2, 1), List.of(3)));
        recent.keep(ponds, sketch);
        assertThat(recent.sketch(ponds)).as("not opened yet").isEmpty();
        recent.add(ponds);
        recent.keep(ponds, sketch);
        assertThat(new RecentStudies(preferences).sketch(ponds)).contains(sketch);
        assertThat(sketch.words()).isEqualTo("2 games, 7 runs");
        for (int i = 0; i < 8; i++) {
            recent.add(study(i + ".fluss"));
        }
        assertThat(recent.sketch(ponds)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "2", "2 x", "2 7\n1 a", "99999999999 1"})
    void whatIsNoSketchIsNone(String text) {
        assertThat(StudySketch.of(text)).isEmpty();
    }

    @Test
    void whatIsGoneIsLeftOutAndNoMoreThanEightAreKept() throws Exception {
        List<Path> opened = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            opened.addFirst(study(i + ".fluss"));
            recent.add(opened.getFirst());
        }
        assertThat(recent.list()).isEqualTo(opened.subList(0, 8));
        Files.delete(opened.get(3));
        assertThat(recent.list()).hasSize(7).doesNotContain(opened.get(3));
    }
}
