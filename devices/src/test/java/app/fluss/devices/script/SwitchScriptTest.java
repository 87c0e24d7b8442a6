package app.fluss.devices.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.feel.blind.Side;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// On systems with a POSIX shell.
final class SwitchScriptTest {
    @TempDir
    Path folder;

    private SwitchScript script(String body) throws Exception {
        Path file = folder.resolve("switch path.sh");
        Files.writeString(file, "#!/bin/sh\n" + body + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwx------"));
        return new SwitchScript(file);
    }

    @Test
    void getsTheLetterAndNothingElse() throws Exception {
        SwitchScript script = script("printf '%s of %s' \"$1\" \"$#\" > '" + folder.resolve("set") + "'");
        script.set(Side.B);
        assertThat(folder.resolve("set")).hasContent("B of 1");
    }

    @Test
    void failureIsToldWithoutTheLetter() throws Exception {
        assertThatThrownBy(() -> script("exit 3").set(Side.A))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("code 3")
                .message()
                .doesNotContain(" A ", "\"A\"");
        assertThatThrownBy(() -> script("sleep 60").set(Side.A, Duration.ofSeconds(1)))
                .hasMessageContaining("did not end within 1 s");
        // More than a pipe holds.
        script("head -c 1000000 /dev/zero").set(Side.A);
    }

    @Test
    void whatIsNoProgramIsRefused() throws Exception {
        Path text = Files.writeString(folder.resolve("words.txt"), "no program");
        assertThatThrownBy(() -> new SwitchScript(text)).hasMessageContaining("words.txt is no program");
        assertThatThrownBy(() -> new SwitchScript(folder)).isInstanceOf(IllegalArgumentException.class);
    }
}
