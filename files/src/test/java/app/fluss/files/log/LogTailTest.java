package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.work.Progress;
import app.fluss.files.log.LogTail.Change;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A log that is followed gives the same as the whole file, however it was written.
class LogTailTest {
    @TempDir
    Path folder;

    private static String rows(int from, int to, SplittableRandom random) {
        StringBuilder text = new StringBuilder();
        for (int i = from; i < to; i++) {
            text.append(String.format(
                    Locale.ROOT,
                    "%.4f,%.4f,%s,%.3f,%s%n",
                    i * 7.3 + random.nextDouble(),
                    i * 7.3 + 9,
                    random.nextInt(9) == 0 ? "" : Double.toString(random.nextDouble(20)),
                    random.nextDouble(15),
                    i % 2 == 0 ? "rendered" : "generated"));
        }
        return text.toString();
    }

    private static void assertSame(FrameLog a, FrameLog b) {
        assertThat(a.size()).isEqualTo(b.size());
        for (Channel channel : Channel.values()) {
            assertThat(a.has(channel)).isEqualTo(b.has(channel));
            for (int i = 0; a.has(channel) && i < a.size(); i++) {
                double here = a.channel(channel).orElseThrow().at(i);
                double there = b.channel(channel).orElseThrow().at(i);
                assertThat(Double.compare(here, there))
                        .as("%s of %d", channel, i)
                        .isZero();
            }
        }
        for (int i = 0; i < a.size(); i++) {
            assertThat(a.kind(i)).isEqualTo(b.kind(i));
        }
    }

    private static void append(Path file, String text) throws IOException {
        Files.writeString(file, text, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    /// Cut anywhere, also within a number and between CR and LF; short logs are read anew, long ones followed; with
    /// quotation marks or without; with or without an end of the last line.
    @ParameterizedTest
    @CsvSource({"60, false, true", "60, true, false", "12000, false, true", "12000, false, false", "9000, true, true"})
    void unevenPiecesGiveTheSameColumns(int count, boolean quoted, boolean ended) throws Exception {
        SplittableRandom random = new SplittableRandom(count);
        String header = "At,Shown,C,G,What\r\n";
        String text = header + rows(0, count, random).replace("\n", "\r\n").replace("\r\r", "\r");
        text = quoted ? text.replace("rendered", "\"rendered\"") : text;
        text = ended ? text : text.stripTrailing();
        Path file = folder.resolve("growing.csv");
        LogTail tail = null;
        for (int at = 0; at < text.length(); ) {
            int next = Math.min(text.length(), at + 1 + random.nextInt(count > 100 ? 40_000 : 120));
            append(file, text.substring(at, next));
            at = next;
            tail = tail == null ? new LogTail(file, ImportOptions.guess()) : tail;
            assertThat(tail.poll()).isEqualTo(Change.GREW);
            assertThat(tail.poll()).isEqualTo(Change.NONE);
        }
        ImportedLog whole = LogImport.read(file, ImportOptions.guess(), Progress.NONE);
        ImportedLog followed = tail.finish();
        assertSame(followed.log(), whole.log());
        assertThat(followed.log().size()).isEqualTo(count);
        assertThat(followed.notes()).isEqualTo(whole.notes());
        assertThat(followed.mapping()).isEqualTo(whole.mapping());
    }

    /// Another process writes while this one reads.
    @Test
    void aProcessThatWritesIsFollowedToItsEnd() throws Exception {
        Path source = folder.resolve("source.csv");
        Files.writeString(
                source, "present_ms,displayed_ms,cpu_ms,gpu_ms,kind\n" + rows(0, 15_000, new SplittableRandom(4)));
        Path target = folder.resolve("target.csv");
        Process writer = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        UnevenWriter.class.getName(),
                        source.toString(),
                        target.toString())
                .redirectErrorStream(true)
                .start();
        LogTail tail = new LogTail(target, ImportOptions.guess());
        int polls = 0;
        int seen = 0;
        while (writer.isAlive()) {
            if (Files.exists(target) && tail.poll() == Change.GREW) {
                int now = tail.log().map(log -> log.log().size()).orElse(0);
                assertThat(now).isGreaterThanOrEqualTo(seen);
                seen = now;
                polls++;
            }
            writer.waitFor(5, TimeUnit.MILLISECONDS);
        }
        assertThat(writer.exitValue()).isZero();
        assertThat(polls).as("it was followed, not read at the end").isGreaterThan(5);
        assertSame(
                tail.finish().log(),
                LogImport.read(source, ImportOptions.guess(), Progress.NONE).log());
    }

    /// Writes a file in pieces that end anywhere.
    static final class UnevenWriter {
        private UnevenWriter() {}

        public static void main(String... args) throws Exception {
            byte[] bytes = Files.readAllBytes(Path.of(args[0]));
            SplittableRandom random = new SplittableRandom(11);
            try (OutputStream out = Files.newOutputStream(Path.of(args[1]))) {
                for (int at = 0; at < bytes.length; ) {
                    int length = Math.min(bytes.length - at, 1 + random.nextInt(20_000));
                    out.write(bytes, at, length);
                    at += length;
                    Thread.sleep(random.nextInt(15));
                }
            }
        }
    }

    @Test
    void aLogThatIsCutRotatedOrReplacedStartsAnew() throws Exception {
        Path file = folder.resolve("run.csv");
        String header = "present_ms,displayed_ms,cpu_ms,gpu_ms,kind\n";
        append(file, header + rows(0, 9000, new SplittableRandom(1)));
        LogTail tail = new LogTail(file, ImportOptions.guess());
        tail.poll();
        Files.writeString(file, header + rows(0, 50, new SplittableRandom(2)));
        assertThat(tail.poll()).isEqualTo(Change.STARTED_ANEW);
        assertThat(tail.log().orElseThrow().log().size()).isEqualTo(50);
        Files.move(file, folder.resolve("run.1.csv"));
        assertThatThrownBy(tail::poll).isInstanceOf(NoSuchFileException.class);
        Files.writeString(file, header + rows(100, 9400, new SplittableRandom(3)));
        assertThat(tail.poll()).isEqualTo(Change.STARTED_ANEW);
        assertThat(tail.finish().log().size()).isEqualTo(9300);
    }

    @Test
    void aFileThatIsNoLogIsToldAtTheEnd() throws Exception {
        Path file = folder.resolve("notes.csv");
        LogTail tail = new LogTail(file, ImportOptions.guess());
        Files.write(file, "name,colour\n".getBytes(StandardCharsets.UTF_8));
        assertThat(tail.poll()).isEqualTo(Change.GREW);
        assertThat(tail.log()).isEmpty();
        append(file, "x,red\ny,blue\n");
        assertThatThrownBy(tail::finish).isInstanceOf(InputException.class).hasMessageContaining("notes.csv");
    }
}
