package app.fluss.files.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFilesTest {
    private static final IOException FULL = new IOException("No space left on device");

    @TempDir
    Path folder;

    private Stream<String> names() throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files
                    .filter(file -> !file.equals(folder))
                    .map(file -> folder.relativize(file).toString())
                    .toList()
                    .stream();
        }
    }

    @Test
    void aFileIsReplacedOnceItIsWhole() throws Exception {
        Path file = Files.writeString(folder.resolve("a.csv"), "before");
        WholeFiles.file(file, to -> {
            Files.writeString(to, "after");
            assertThat(file).as("while it is written").hasContent("before");
        });
        assertThat(file).hasContent("after");
        assertThat(names()).containsExactly("a.csv");
    }

    @Test
    void whatCannotBeWrittenLeavesWhatWasThere() throws Exception {
        Path file = Files.writeString(folder.resolve("a.csv"), "before");
        assertThatThrownBy(() -> WholeFiles.file(file, to -> {
                    Files.writeString(to, "aft");
                    throw FULL;
                }))
                .isInstanceOf(UnwritableException.class)
                .hasMessageContaining("a.csv cannot be written: No space left on device. Make room there");
        assertThat(file).hasContent("before");
        assertThat(names()).containsExactly("a.csv");
    }

    @Test
    void filesOfAFolderAppearTogetherOrNotAtAll() throws Exception {
        Path charts = Files.createDirectories(folder.resolve("report/charts"));
        Files.writeString(charts.resolve("a.svg"), "before");
        Files.writeString(charts.resolve("of-somebody-else.txt"), "stays");
        assertThatThrownBy(() -> WholeFiles.folder(folder.resolve("report"), to -> {
                    Files.createDirectory(to.resolve("charts"));
                    Files.writeString(to.resolve("charts/a.svg"), "after");
                    throw FULL;
                }))
                .isInstanceOf(UnwritableException.class);
        assertThat(charts.resolve("a.svg")).hasContent("before");
        WholeFiles.folder(folder.resolve("report"), to -> {
            Files.createDirectory(to.resolve("charts"));
            Files.writeString(to.resolve("charts/a.svg"), "after");
            Files.writeString(to.resolve("page.html"), "page");
        });
        assertThat(charts.resolve("a.svg")).hasContent("after");
        assertThat(names())
                .containsExactlyInAnyOrder(
                        "report",
                        "report/charts",
                        "report/charts/a.svg",
                        "report/charts/of-somebody-else.txt",
                        "report/page.html");
    }

    @Test
    void aFolderThatWasMadeInVainGoesAgain() throws Exception {
        assertThatThrownBy(() -> WholeFiles.folder(folder.resolve("new"), to -> {
                    Files.writeString(to.resolve("a.csv"), "a");
                    throw FULL;
                }))
                .hasMessageContaining("new cannot be written");
        assertThat(names()).isEmpty();
        IllegalStateException stopped = new IllegalStateException("stopped");
        assertThatThrownBy(() -> WholeFiles.folder(folder, to -> {
                    Files.writeString(to.resolve("a.csv"), "a");
                    throw stopped;
                }))
                .as("a stop is passed on")
                .isSameAs(stopped);
        assertThat(names()).isEmpty();
    }

    @Test
    void aPlaceThatIsNoneIsNamed() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "");
        assertThatThrownBy(() -> WholeFiles.file(folder.resolve("none/a.csv"), to -> Files.writeString(to, "")))
                .hasMessageContaining("a.csv cannot be written: its folder is not there. Choose another place.");
        assertThatThrownBy(() -> WholeFiles.folder(file, to -> Files.writeString(to.resolve("a.csv"), "")))
                .hasMessageContaining("is no folder");
        assertThatThrownBy(() -> WholeFiles.folder(file.resolve("in it"), to -> Files.writeString(to, "")))
                .hasMessageContaining("cannot be written");
    }

    @Test
    void aLinkStaysOneAndSoDoesADevice() throws Exception {
        Path target = Files.writeString(folder.resolve("target.csv"), "before");
        Path link = Files.createSymbolicLink(folder.resolve("link.csv"), target);
        WholeFiles.file(link, to -> Files.writeString(to, "after"));
        assertThat(link).isSymbolicLink();
        assertThat(target).hasContent("after");
        Path nothing = Path.of("/dev/null");
        assumeThat(nothing).exists();
        WholeFiles.file(nothing, to -> Files.writeString(to, "lost"));
        assertThat(Files.isRegularFile(nothing)).isFalse();
    }
}
