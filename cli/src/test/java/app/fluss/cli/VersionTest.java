package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class VersionTest {
    @Test
    void isThatOfTheBuild() throws Exception {
        String build = Files.readString(Path.of("../pom.xml"));
        String version = build.replaceAll("(?s).*<revision>(.+?)</revision>.*", "$1");
        assertThat(new Version().getVersion()).containsExactly("fluss " + version);
    }
}
