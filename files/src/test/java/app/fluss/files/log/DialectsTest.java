package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Logs in dialects from a table of properties: languages, columns, units, order, separators, what stands around the
/// table. What they hold is known before they are written.
class DialectsTest {
    private static final int ROWS = 400;

    @TempDir
    Path folder;

    /// How a language names its columns: stamp, frame time, rate, work of processor and card, kind; and its two kinds.
    private record Language(
            String stamp,
            String frameTime,
            String rate,
            String cpu,
            String gpu,
            String kind,
            String real,
            String made) {}

    private static final List<Language> LANGUAGES = List.of(
            new Language("time", "frametime", "fps", "cpu time", "gpu time", "frame type", "Rendered", "Generated"),
            new Language("Timestamp", "FrameTime", "FrameRate", "CPUFrame", "GPUFrame", "Kind", "real", "interpolated"),
            new Language("Zeit", "Bildzeit", "Bildrate", "CPU-Zeit", "GPU-Zeit", "Art", "gerendert", "generiert"),
            new Language("temps", "durée image", "images/s", "cpu", "gpu", "type", "rendu", "généré"),
            new Language("tiempo", "tiempo de fotograma", "fps", "cpu", "gpu", "tipo", "renderizado", "generado"),
            new Language("tempo", "tempo fotogramma", "fps", "cpu", "gpu", "tipo", "renderizzato", "generato"),
            new Language("czas", "czas klatki", "klatki/s", "cpu", "gpu", "typ", "renderowana", "wygenerowana"),
            new Language("время", "время кадра", "кадр/с", "cpu", "gpu", "тип", "настоящий", "сгенерированный"),
            new Language("时间戳", "帧时间", "帧率", "CPU", "GPU", "类型", "渲染", "生成"),
            new Language("時刻", "フレーム時間", "フレームレート", "CPU", "GPU", "種類", "レンダー", "補間"),
            new Language("시간", "프레임 시간", "fps", "CPU", "GPU", "종류", "렌더", "생성"),
            new Language("elapsed", "between images", "1/s", "game cpu", "game gpu", "", "app", "gen"));

    /// What a log holds.
    private record Truth(double[] stampMs, double[] frameMs, boolean[] made) {}

    private record Column(String name, IntFunction<String> cell) {}

    private static Truth truth(Random random, double meanMs) {
        double[] frame = new double[ROWS];
        double[] stamp = new double[ROWS];
        boolean[] made = new boolean[ROWS];
        double at = 20 + random.nextInt(4000);
        for (int i = 0; i < ROWS; i++) {
            frame[i] = meanMs * Math.exp(0.18 * random.nextGaussian());
            at += frame[i];
            stamp[i] = at;
            made[i] = i % 2 == 1;
        }
        return new Truth(stamp, frame, made);
    }

    private static String number(double value, int decimals, char point) {
        return String.format(Locale.ROOT, "%." + decimals + "f", value).replace('.', point);
    }

    private static double in(String unit, double ms) {
        return switch (unit) {
            case "s" -> ms / 1000;
            case "us" -> ms * 1000;
            case "ns" -> ms * 1e6;
            default -> ms;
        };
    }

    private static int decimals(String unit) {
        return switch (unit) {
            case "s" -> 6;
            case "ms" -> 3;
            default -> 0;
        };
    }

    private static String named(String name, String unit, int way) {
        return switch (way % 4) {
            case 0 -> name + "_" + unit;
            case 1 -> name + " (" + unit + ")";
            case 2 -> name + " [" + unit + "]";
            default -> name;
        };
    }

    private enum Outcome {
        RIGHT,
        REFUSED,
        WRONG
    }

    private record Made(String about, String text, Truth truth, boolean exact, boolean kinds) {}

    /// One dialect of the table.
    private static Made made(int number) {
        Random random = new Random(1000 + number);
        Language language = LANGUAGES.get(number % LANGUAGES.size());
        Truth truth = truth(random, List.of(5.5, 8.3, 14.2, 16.7, 27.0).get(random.nextInt(5)));
        char separator = List.of(',', ';', '\t').get(random.nextInt(3));
        char point = separator != ',' && random.nextBoolean() ? ',' : '.';
        String unit = List.of("s", "ms", "us", "ns").get(random.nextInt(4));
        int way = random.nextInt(4);
        boolean stamps = random.nextInt(4) > 0;
        boolean coarse = stamps && random.nextInt(4) == 0;
        boolean times = !stamps || coarse || random.nextInt(3) > 0;
        boolean kinds = !language.kind().isEmpty() && random.nextBoolean();
        List<Column> columns = new ArrayList<>();
        if (stamps) {
            double step = coarse ? 10 : 0;
            columns.add(new Column(
                    named(language.stamp(), unit, way),
                    i -> number(
                            in(unit, coarse ? Math.floor(truth.stampMs[i] / step) * step : truth.stampMs[i]),
                            decimals(unit),
                            point)));
        }
        if (times) {
            String other = random.nextBoolean() ? "ms" : unit;
            columns.add(new Column(
                    named(language.frameTime(), other, random.nextInt(4)),
                    i -> number(in(other, truth.frameMs[i]), decimals(other), point)));
        }
        if (random.nextBoolean()) {
            int digits = random.nextInt(3);
            columns.add(new Column(language.rate(), i -> number(1000 / truth.frameMs[i], digits, point)));
        }
        if (random.nextBoolean()) {
            columns.add(new Column(language.cpu(), i -> number(truth.frameMs[i] * 0.4, 2, point)));
            columns.add(new Column(language.gpu(), i -> number(truth.frameMs[i] * 0.8, 2, point)));
        }
        if (kinds) {
            columns.add(new Column(language.kind(), i -> truth.made[i] ? language.made() : language.real()));
        }
        distract(columns, random, truth, point);
        Collections.shuffle(columns, random);
        StringBuilder text = new StringBuilder(random.nextInt(5) == 0 ? "\uFEFF" : "");
        if (random.nextInt(3) == 0) {
            text.append("Some logger 2.4\nrun of today\n\n");
        }
        text.append(String.join(
                        String.valueOf(separator),
                        columns.stream().map(Column::name).toList()))
                .append('\n');
        for (int i = 0; i < ROWS; i++) {
            int row = i;
            text.append(String.join(
                            String.valueOf(separator),
                            columns.stream()
                                    .map(column -> column.cell().apply(row))
                                    .toList()))
                    .append('\n');
        }
        boolean exact = times || (stamps && !coarse);
        return new Made(
                "%d: %s".formatted(number, columns.stream().map(Column::name).toList()),
                text.toString(),
                truth,
                exact,
                kinds);
    }

    /// Columns that are none of the time: energy that rises, ids in steps, counts, a temperature, a wait, a program.
    private static void distract(List<Column> columns, Random random, Truth truth, char point) {
        List<Column> others = new ArrayList<>(List.of(
                new Column("energy_j", i -> number(i * 2.137 + 40, 3, point)),
                new Column("id", i -> Integer.toString(4000 + 2 * i)),
                new Column("frame", i -> Integer.toString(i + 1)),
                new Column("gpu temp °C", i -> Integer.toString(61 + i / 90)),
                new Column("input latency ms", i -> number(truth.frameMs[i] * 2.5 + 3, 2, point)),
                new Column("gpu load %", i -> Integer.toString(93 + i % 6)),
                new Column("power W", i -> number(180 + i % 17, 1, point)),
                new Column("Application", _ -> "moorgame.exe"),
                new Column("resolution", _ -> "2560x1440"),
                new Column("dropped", i -> i % 40 == 7 ? "1" : "0")));
        Collections.shuffle(others, random);
        columns.addAll(others.subList(0, random.nextInt(5)));
    }

    private Outcome judge(Made made) throws IOException {
        Path file = Files.writeString(folder.resolve("log.csv"), made.text);
        FrameLog log;
        try {
            log = LogImport.read(file, ImportOptions.guess(), Progress.NONE).log();
        } catch (InputException e) {
            assertThat(e.getMessage()).as(made.about).contains("log.csv");
            return Outcome.REFUSED;
        }
        double[] found = new double[log.size()];
        for (int i = 1; i < found.length; i++) {
            found[i - 1] = log.present().at(i) - log.present().at(i - 1);
        }
        double[] wanted = Arrays.copyOfRange(made.truth.frameMs, 1, ROWS);
        found = Arrays.copyOf(found, Math.max(0, found.length - 1));
        boolean rows = found.length >= ROWS - 2 && found.length <= ROWS;
        boolean mean = Math.abs(mean(found) / mean(wanted) - 1) < 0.01;
        boolean spread = !made.exact || Math.abs(sd(found) / sd(wanted) - 1) < 0.03;
        long generated = 0;
        for (int i = 0; i < log.size(); i++) {
            generated += log.kind(i) == FrameKind.GENERATED ? 1 : 0;
        }
        boolean kinds = made.kinds ? log.kindsStated() && Math.abs(generated - ROWS / 2.0) < 2 : !log.kindsStated();
        return rows && mean && spread && kinds ? Outcome.RIGHT : Outcome.WRONG;
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElse(Double.NaN);
    }

    private static double sd(double[] values) {
        double mean = mean(values);
        return Math.sqrt(Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum() / (values.length - 1));
    }

    /// Nothing is misread in silence, and nine of ten are read.
    @Test
    void nothingIsMisreadAndMostIsRead() throws Exception {
        int dialects = 240;
        List<String> refused = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        for (int number = 0; number < dialects; number++) {
            Made made = made(number);
            switch (judge(made)) {
                case RIGHT -> {}
                case REFUSED -> refused.add(made.about);
                case WRONG -> wrong.add(made.about);
            }
        }
        assertThat(wrong).as("misread in silence").isEmpty();
        assertThat(refused).as("refused").hasSizeLessThan(dialects / 10);
    }

    private FrameLog read(String text) throws IOException, InputException {
        Path file = Files.writeString(folder.resolve("one.csv"), text);
        return LogImport.read(file, ImportOptions.guess(), Progress.NONE).log();
    }

    private static String rows(IntFunction<String> row) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < ROWS; i++) {
            text.append(row.apply(i)).append('\n');
        }
        return text.toString();
    }

    private static double fps(FrameLog log) {
        return 1000
                * (log.size() - 1)
                / (log.present().at(log.size() - 1) - log.present().at(0));
    }

    /// Readings that went wrong once: a rate before the frame time, energy or an id before the stamp, a decimal comma
    /// with points in the thousands.
    @Test
    void whatWentWrongOnceIsRead() throws Exception {
        double[] ms = truth(new Random(4), 14.2).frameMs;
        double fps = 1000 / mean(ms);
        assertThat(fps(read("fps,frametime_ms\n"
                        + rows(i -> number(1000 / ms[i], 1, '.') + "," + number(ms[i], 2, '.')))))
                .isBetween(fps * 0.99, fps * 1.01);
        double[] at = truth(new Random(4), 14.2).stampMs;
        assertThat(fps(read("total,t_ms\n" + rows(i -> number(31.5 + 2.9 * i, 1, '.') + "," + number(at[i], 3, '.')))))
                .isBetween(fps * 0.98, fps * 1.02);
        assertThat(fps(read("nr;at\n" + rows(i -> (2 * i + 10) + ";" + number(at[i] / 1000, 6, ',')))))
                .isBetween(fps * 0.98, fps * 1.02);
        assertThat(fps(read("frame time (us)\n" + rows(i -> grouped(ms[i] * 1000)))))
                .isBetween(fps * 0.98, fps * 1.02);
        assertThat(fps(read("Zeit;Wert\n" + rows(i -> grouped(at[i]) + ";3")))).isBetween(fps * 0.98, fps * 1.02);
    }

    /// 1.234,5 as it is written where points part the thousands.
    private static String grouped(double value) {
        return String.format(Locale.GERMANY, "%,.1f", value);
    }

    /// Programs are no kinds, and words that nobody knows are none either: then it is not said which are generated.
    @Test
    void aWordIsAKindOnlyAsAWholeAndOnlyIfAllAre() throws Exception {
        for (String program : List.of("agent.exe", "moorgame.exe", "legend.exe")) {
            assertThat(read("program,ms\n" + rows(i -> program + "," + (10 + i % 3)))
                            .kindsStated())
                    .isFalse();
        }
        assertThat(read("type,ms\n" + rows(i -> (i % 2 == 0 ? "alpha" : "beta") + "," + (10 + i % 3)))
                        .kindsStated())
                .isFalse();
        for (String name : List.of("process", "app", "mode")) {
            assertThat(read(name + ",ms\n" + rows(i -> "game," + (10 + i % 3))).kindsStated())
                    .as("“game” under “%s” is not that all are rendered", name)
                    .isFalse();
        }
        FrameLog partly = read("type,ms\n" + rows(i -> (i % 2 == 0 ? "real" : "beta") + "," + (10 + i % 3)));
        assertThat(partly.kindsStated()).isFalse();
        assertThat(partly.size()).as("no row is taken for another program's").isEqualTo(ROWS);
        FrameLog flagged = read("is_generated,ms\n" + rows(i -> (i % 2) + "," + (10 + i % 3)));
        assertThat(flagged.kindsStated()).isTrue();
        assertThat(flagged.kind(1)).isEqualTo(FrameKind.GENERATED);
    }

    /// Two columns that could both be the frame time, and nothing that tells them apart.
    @Test
    void whatCanBeReadInTwoWaysIsRefusedByName() {
        double[] ms = truth(new Random(4), 14.2).frameMs;
        assertThatThrownBy(() -> read("a,b\n" + rows(i -> number(ms[i], 2, '.') + "," + number(1000 / ms[i], 2, '.'))))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("“a”")
                .hasMessageContaining("“b”")
                .hasMessageContaining("mapping");
    }
}
