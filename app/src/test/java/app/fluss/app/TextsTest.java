package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What a screen says stands in one place: the class of texts of its package.
class TextsTest {
    private static final Path SOURCES = Path.of("src/main/java/app/fluss/app");

    /// Made-up data, and pages and lists of commands that are texts themselves.
    private static final List<String> ELSEWHERE = List.of(
            "demo/", "help/", "shell/ShellCommands", "shell/ShortcutsDialog", "Pictures", "MakeDemo", "FlussApp");

    /// A word where a control takes its text.
    private static final Pattern BESIDE = Pattern.compile(
            "(Tips\\.on\\(\\w+,|(Labels\\.(of|wrapped|note|heading|title)|Buttons\\.(quiet|primary)|new (Label|Button|MenuItem|ToggleButton|CheckBox)"
                    + "|setText|setPromptText|setAccessibleText|Dialogs\\.\\w+)\\()\\s*\"[^\"%]*\\p{L}{2}");

    @Test
    void controlsTakeTheirWordsFromTheTextsOfTheirScreen() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            List<String> beside = files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> ELSEWHERE.stream()
                            .noneMatch(SOURCES.relativize(file).toString()::startsWith))
                    .flatMap(TextsTest::texts)
                    .toList();
            assertThat(beside).isEmpty();
        }
    }

    private static Stream<String> texts(Path file) {
        try {
            return BESIDE
                    .matcher(Files.readString(file))
                    .results()
                    .map(found -> file.getFileName() + ": " + found.group())
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
