package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyReading;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Damaged logs, readings, summaries, run tables and latency lists: figures or a typed fault, whatever the damage. More
/// rounds with `bench/mutate-tables.sh`.
class MutatedTablesTest {
    private static final int ROUNDS = 400;

    /// What an unlucky writer or a hostile one puts into a cell.
    private static final List<String> CELLS = List.of(
            "",
            "NaN",
            "-1",
            "1e308",
            "-1e308",
            "1e-320",
            "∞",
            "0",
            "1,2,3",
            "\"",
            "\"\"",
            "\0",
            "a\nb",
            "9".repeat(400),
            "0x1p3",
            "1.234.567,8",
            "\uFEFF",
            ";",
            "\t",
            "#",
            "--",
            "1e999",
            "٣",
            "..",
            "24/11/2026",
            "+5");

    @TempDir
    Path folder;

    private static List<String> whole() {
        StringBuilder own = new StringBuilder("present_ms,displayed_ms,content_ms,cpu_ms,gpu_ms,kind,gpu_load_pct\n");
        StringBuilder foreign = new StringBuilder("# written by a tool\nBildzeit [ms];Bildrate;Art\n");
        StringBuilder stamps = new StringBuilder("\uFEFFtime_s\tfps\tapp\n");
        for (int i = 0; i < 60; i++) {
            double at = i * 8.3 + i % 3;
            own.append("%s,%s,%s,4.5,7.5,%s,97\n".formatted(at, at + 9, at - 3, i % 2 == 0 ? "rendered" : "generated"));
            foreign.append("%d,%d;%d;%s\n".formatted(8 + i % 3, i % 10, 110 + i % 7, i % 2 == 0 ? "echt" : "erzeugt"));
            stamps.append("%s\t120\tgame.exe\n".formatted(at / 1000));
        }
        return List.of(
                own.toString(),
                foreign.toString(),
                stamps.toString(),
                "t_s,claimed_fps,base_fps,low_fps,high_fps,note\n1,70,35,68,72,\n2,74,37,,,lag\n3,66,33,60,70,\n",
                "duration_s,average_fps,one_percent_low_fps,low_convention,power_w\n40,81.5,60.2,slowest mean,14\n",
                "game,path,run,delivered_fps\nReed,native,1,60\nReed,fg,1,101\nReed,native,2,61\n",
                "trial,input_ms,photon_ms\n1,0,41\n2,500,543\n3,1000,\n4,1500,1539\n");
    }

    private static byte[] damaged(String text, SplittableRandom random) {
        StringBuilder hurt = new StringBuilder(text);
        int hits = 1 + random.nextInt(4);
        for (int hit = 0; hit < hits && hurt.length() > 2; hit++) {
            int at = random.nextInt(hurt.length());
            switch (random.nextInt(6)) {
                case 0 -> hurt.setCharAt(at, (char) random.nextInt(256));
                case 1 -> hurt.deleteCharAt(at);
                case 2 -> hurt.insert(at, CELLS.get(random.nextInt(CELLS.size())));
                case 3 -> cell(hurt, at, CELLS.get(random.nextInt(CELLS.size())));
                case 4 -> hurt.setLength(at + 1);
                default -> hurt.insert(at, hurt.substring(at, Math.min(hurt.length(), at + 40)));
            }
        }
        byte[] bytes = hurt.toString().getBytes(StandardCharsets.UTF_8);
        if (random.nextInt(8) == 0 && bytes.length > 0) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
        }
        return bytes;
    }

    /// Puts something else in the place of the cell at a character.
    private static void cell(StringBuilder text, int at, String other) {
        String separators = ",;\t\n";
        int from = at;
        while (from > 0 && separators.indexOf(text.charAt(from - 1)) < 0) {
            from--;
        }
        int to = at;
        while (to < text.length() && separators.indexOf(text.charAt(to)) < 0) {
            to++;
        }
        text.replace(from, to, other);
    }

    private static void read(Path file) throws IOException {
        List<Reader> readers = List.of(
                () -> {
                    ImportedLog log = LogImport.read(file, ImportOptions.guess(), Progress.NONE);
                    Analysis run = Analysis.of(
                            log.log().all(), AnalysisSettings.NONE.withDisplay(new DisplayMode(120, SyncMode.FIFO)));
                    Arrays.stream(Measure.values()).forEach(measure -> measure.of(run));
                },
                () -> ReadingsFile.read(file).claimed(),
                () -> SummaryFile.read(file),
                () -> RunTable.read(file),
                () -> LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE));
        for (Reader reader : readers) {
            try {
                reader.read();
            } catch (InputException e) {
                assertThat(e.getMessage()).startsWith(String.valueOf(file.getFileName()));
            }
        }
    }

    @FunctionalInterface
    private interface Reader {
        void read() throws IOException, InputException;
    }

    @Test
    void damageGivesFiguresOrATypedFault() throws Exception {
        damage(ROUNDS, folder.resolve("hurt.csv"));
    }

    /// The same for as many rounds as are asked for: the campaign.
    public static void main(String[] args) throws Exception {
        Path file = Files.createTempFile("hurt", ".csv");
        try {
            damage(Integer.parseInt(args[0]), file);
        } finally {
            Files.delete(file);
        }
    }

    private static void damage(int rounds, Path file) throws IOException {
        List<String> whole = whole();
        for (int round = 0; round < rounds; round++) {
            SplittableRandom random = new SplittableRandom(round);
            byte[] bytes = damaged(whole.get(round % whole.size()), random);
            Files.write(file, bytes);
            try {
                read(file);
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
                throw new AssertionError("round %d: %s".formatted(round, new String(bytes, StandardCharsets.UTF_8)), e);
            }
        }
    }
}
