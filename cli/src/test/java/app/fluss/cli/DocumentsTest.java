package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What the documents point at is there.
class DocumentsTest {
    private static final Pattern LINK = Pattern.compile("]\\(([^)#:]+)(#[^)]*)?\\)");
    private static final Pattern TEST_CLASS = Pattern.compile("`([A-Z]\\w+Test)`");

    private static List<Path> documents() throws IOException {
        try (Stream<Path> top = Files.list(Launched.HOME);
                Stream<Path> docs = Files.list(Launched.HOME.resolve("docs"));
                Stream<Path> bench = Files.list(Launched.HOME.resolve("bench"))) {
            return Stream.of(top, docs, bench)
                    .flatMap(files -> files)
                    .filter(file -> file.toString().endsWith(".md"))
                    .toList();
        }
    }

    @Test
    void everyLinkLeadsToAFile() throws Exception {
        assertThat(documents()).hasSizeGreaterThan(12);
        for (Path document : documents()) {
            Matcher link = LINK.matcher(Files.readString(document));
            while (link.find()) {
                assertThat(document.resolveSibling(link.group(1)))
                        .as("%s points at %s", document.getFileName(), link.group(1))
                        .exists();
            }
        }
    }

    @Test
    void everyTestThatIsNamedIsThere() throws Exception {
        List<String> tests;
        try (Stream<Path> all = Files.walk(Launched.HOME)) {
            tests = all.map(file -> String.valueOf(file.getFileName()))
                    .filter(name -> name.endsWith("Test.java"))
                    .map(name -> name.replace(".java", ""))
                    .toList();
        }
        for (Path document : documents()) {
            Matcher named = TEST_CLASS.matcher(Files.readString(document));
            while (named.find()) {
                assertThat(tests).as("%s names it", document.getFileName()).contains(named.group(1));
            }
        }
    }

    /// Each picture of the documentation is shown in the guide or the README, and there are no others.
    @Test
    void everyPictureIsShown() throws Exception {
        String shown = Files.readString(Launched.HOME.resolve("README.md"))
                + Files.readString(Launched.HOME.resolve("docs/guide.md"));
        try (Stream<Path> pictures = Files.list(Launched.HOME.resolve("docs/screenshots"))) {
            assertThat(pictures)
                    .allSatisfy(picture -> assertThat(shown).contains("screenshots/" + picture.getFileName()));
        }
        assertThat(Files.readString(Launched.HOME.resolve("README.md")).lines()).hasSizeLessThan(120);
    }
}
