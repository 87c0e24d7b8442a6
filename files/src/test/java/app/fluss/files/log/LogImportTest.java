package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.finding.Findings;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogImportTest {
    @TempDir
    Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("log.csv"), text);
    }

    private ImportedLog read(String text) throws IOException, InputException {
        return LogImport.read(file(text), ImportOptions.guess(), Progress.NONE);
    }

    private InputException fault(String text) throws IOException {
        Path file = file(text);
        return catchThrowableOfType(
                InputException.class, () -> LogImport.read(file, ImportOptions.guess(), Progress.NONE));
    }

    /// A header of nobody's and rising times; `step` in the unit.
    private static String foreign(double step, String separator, char decimal) {
        StringBuilder text = new StringBuilder("Zeit" + separator + "Wert\n");
        for (int i = 0; i < 300; i++) {
            String time = String.format(java.util.Locale.ROOT, "%.6f", 5000 * step + i * step);
            text.append(time.replace('.', decimal))
                    .append(separator)
                    .append(i % 7)
                    .append('\n');
        }
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource({"0.0166667, S", "16.6667, MS", "16666.7, US", "16666700, NS"})
    void tellsTheUnitOfATimeStampFromItsStep(double step, TimeUnit unit) throws Exception {
        ImportedLog log = read(foreign(step, ",", '.'));
        assertThat(log.mapping().columns().getFirst().role()).isEqualTo(Role.PRESENT);
        assertThat(log.mapping().columns().getFirst().unit()).isEqualTo(unit);
        assertThat(FrameTimes.of(log.log().all()).rate().orNaN()).isCloseTo(60, within(0.01));
        assertThat(log.notes().guessed()).isTrue();
        assertThat(log.log().present().at(0)).isZero();
    }

    @ParameterizedTest
    @CsvSource({"';', ','", "'\t', ','", "';', '.'", "'\t', '.'"})
    void readsSeparatorsAndDecimalCommas(String separator, char decimal) throws Exception {
        String text = "\uFEFFlogger of somewhere\nstarted at noon\n\n" + foreign(16.6667, separator, decimal);
        ImportedLog log = read(text.replace("\n", "\r\n"));
        assertThat(log.log().size()).isEqualTo(300);
        assertThat(FrameTimes.of(log.log().all()).rate().orNaN()).isCloseTo(60, within(0.01));
    }

    @Test
    void givesBackWhatWasWritten() throws Exception {
        SplittableRandom random = new SplittableRandom(5);
        int n = 5000;
        double[] present = new double[n];
        double[] displayed = new double[n];
        double[] cpu = new double[n];
        byte[] kinds = new byte[n];
        double t = 0;
        for (int i = 0; i < n; i++) {
            present[i] = Math.round(t * 10_000) / 10_000.0;
            displayed[i] = random.nextInt(20) == 0 ? Double.NaN : Math.round((t + 7) * 10_000) / 10_000.0;
            cpu[i] = Math.round(random.nextDouble() * 200_000) / 10_000.0;
            kinds[i] = (i % 2 == 0 ? FrameKind.RENDERED : FrameKind.GENERATED).code();
            t += random.nextDouble() * 20;
        }
        FrameLog log = FrameLog.presentedAt(present, n)
                .channel(Channel.DISPLAYED, displayed)
                .channel(Channel.CPU, cpu)
                .kinds(kinds)
                .build();
        Path file = folder.resolve("written.csv");
        FrameLogWriter.write(log, file);
        FrameLog again =
                LogImport.read(file, ImportOptions.guess(), Progress.NONE).log();
        assertThat(again.present().copy(0, n)).isEqualTo(present);
        assertThat(again.channel(Channel.DISPLAYED).orElseThrow().copy(0, n)).isEqualTo(displayed);
        assertThat(again.channel(Channel.CPU).orElseThrow().copy(0, n)).isEqualTo(cpu);
        assertThat(again.kind(1)).isEqualTo(FrameKind.GENERATED);
    }

    /// Rows that a plain loop can tell again, blank lines between them, and words that come late.
    private static StringBuilder largeLog(int rows) {
        StringBuilder text = new StringBuilder("present_ms,cpu_ms,kind\n");
        for (int i = 0; i < rows; i++) {
            text.append(i * 8).append(".25,").append(i % 13).append(".5,").append(largeKind(i));
            text.append(i % 100_000 == 0 ? "\n\n" : "\n");
        }
        return text;
    }

    private static String largeKind(int row) {
        return row % 3 == 0 ? "rendered" : "generated";
    }

    @Test
    void readsALargeLogInBlocksJustAsInOne() throws Exception {
        int n = 600_000;
        StringBuilder text = largeLog(n);
        ImportedLog imported = read(text + "4800001,1");
        FrameLog log = imported.log();
        assertThat(Files.size(folder.resolve("log.csv"))).isGreaterThan(LogBlocks.WORTH_IT);
        assertThat(log.size()).isEqualTo(n);
        assertThat(imported.notes().blankLines()).isEqualTo(6);
        assertThat(imported.notes().truncatedLastLine()).isTrue();
        int wrong = 0;
        for (int i = 0; i < n; i++) {
            boolean right = log.present().at(i) == i * 8.0
                    && log.channel(Channel.CPU).orElseThrow().at(i) == i % 13 + 0.5
                    && log.kind(i) == (i % 3 == 0 ? FrameKind.RENDERED : FrameKind.GENERATED);
            wrong += right ? 0 : 1;
        }
        assertThat(wrong).isZero();
    }

    /// The first fault of a large log is told with its line, wherever it stands.
    @Test
    void tellsTheFirstFaultOfALargeLog() throws Exception {
        int n = 600_000;
        StringBuilder text = largeLog(n);
        int middle = text.indexOf("\n2400000.25,") + 1;
        text.insert(middle, "x,1,rendered\n");
        InputException first = fault(text + "9,y,rendered\n");
        assertThat(first.line()).isEqualTo(300_000 + 3 + 2);
        assertThat(first.column()).isEqualTo(1);
    }

    /// No block has too many words, all together have.
    @Test
    void countsTheWordsOfALargeLogTogether() throws Exception {
        StringBuilder text = new StringBuilder("present_ms,process\n");
        int n = 700_000;
        for (int i = 0; i < n; i++) {
            text.append(i * 8).append(".25,game").append(i / 6900).append('\n');
        }
        InputException fault = fault(text.toString());
        assertThat(fault.line()).isEqualTo(100 * 6900 + 2);
        assertThat(fault.column()).isEqualTo(2);
        assertThat(fault.found()).isEqualTo("more than 100 different words");
    }

    @Test
    void takesEveryFrameTimeOfALogWithoutTimeStampsAsAnInterval() throws Exception {
        ImportedLog log = read("frametime\n10\n20\n30\n10\n15\n");
        assertThat(FrameTimes.of(log.log().all()).toArray()).containsExactly(10, 20, 30, 10, 15);
    }

    @Test
    void keepsNanosecondsSince1970Exact() throws Exception {
        StringBuilder text = new StringBuilder("stamp,x\n");
        for (int i = 0; i < 50; i++) {
            text.append(1_790_000_000_000_000_000L + i * 16_666_667L).append(",a\n");
        }
        FrameLog log = read(text.toString()).log();
        assertThat(log.present().at(49)).isCloseTo(49 * 16.666667, within(1e-9));
    }

    @Test
    void keepsAndCountsOddTimes() throws Exception {
        StringBuilder text = new StringBuilder("present_ms,kind\n");
        for (int i = 0; i < 200; i++) {
            text.append(i * 10).append(",rendered\n");
        }
        text.append("1990,rendered\n1985,rendered\n,rendered\nNaN,rendered\n\n0,rendered\n10,rendered\n20,rend");
        ImportedLog log = read(text.toString());
        assertThat(log.notes().duplicateTimes()).isEqualTo(1);
        assertThat(log.notes().backwardTimes()).isEqualTo(1);
        assertThat(log.notes().rowsWithoutTime()).isEqualTo(2);
        assertThat(log.notes().restarts()).isEqualTo(1);
        assertThat(log.notes().blankLines()).isEqualTo(1);
        assertThat(Findings.of(log.notes()))
                .extracting(f -> f.code())
                .contains("duplicate-times", "backward-times", "clock-restart", "rows-without-time");
        assertThat(log.log().segmentStarts()).containsExactly(202);
    }

    @Test
    void leavesOutALastLineThatBreaksOff() throws Exception {
        ImportedLog log = read("present_ms,cpu_ms,gpu_ms\n0,1,2\n10,1,2\n20,1");
        assertThat(log.log().size()).isEqualTo(2);
        assertThat(log.notes().truncatedLastLine()).isTrue();
    }

    @Test
    void choosesTheProgramWithMostRowsOrTheOneAskedFor() throws Exception {
        StringBuilder text = new StringBuilder("present_ms,process\n");
        for (int i = 0; i < 100; i++) {
            text.append(i * 10).append(i % 4 == 0 ? ",\"shell, old\"\n" : ",game\n");
        }
        Path file = file(text.toString());
        assertThat(LogImport.read(file, ImportOptions.guess(), Progress.NONE)
                        .log()
                        .size())
                .isEqualTo(75);
        assertThat(LogImport.read(file, ImportOptions.guess().forProcess("shell, old"), Progress.NONE)
                        .log()
                        .size())
                .isEqualTo(25);
        assertThatThrownBy(() -> LogImport.read(file, ImportOptions.guess().forProcess("no"), Progress.NONE))
                .hasMessageContaining("one of shell, old, game");
    }

    @Test
    void faultsSayPlaceFoundAndExpected() throws Exception {
        assertThat(fault("present_ms,cpu_ms\n0,1\n10,abc\n"))
                .hasMessage("log.csv, line 3, column 2: found 'abc'; expected a number or an empty cell");
        assertThat(fault("present_ms,cpu_ms\n0,1\n10\n20,3\n"))
                .hasMessageContaining("line 3")
                .hasMessageContaining("1 cells");
        assertThat(fault("present_ms,cpu_ms\n0,1\n10,2,3\n20,3\n")).hasMessageContaining("line 3, column 3");
        assertThat(fault("")).hasMessageContaining("an empty file");
        assertThat(fault("a\0b")).hasMessageContaining("binary data");
        assertThat(fault("name,colour\nx,red\ny,blue\n")).hasMessageContaining("present or frame times");
        assertThat(fault("just some words\nand more words\n")).hasMessageContaining("expected");
    }

    @Test
    void refusesWhatWouldNotFitBeforeReadingIt() throws Exception {
        Path file = file(foreign(16, ",", '.'));
        ImportOptions tight = new ImportOptions(java.util.Optional.empty(), java.util.Optional.empty(), 500);
        assertThatThrownBy(() -> LogImport.read(file, tight, Progress.NONE))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("more memory");
    }

    @Test
    void stopsWhenAsked() throws Exception {
        Path file = file(foreign(16, ",", '.'));
        assertThatThrownBy(() -> LogImport.read(file, ImportOptions.guess(), _ -> false))
                .isInstanceOf(StoppedException.class);
    }

    /// Whatever is in the file, the result is a log or a typed fault.
    @Test
    void randomMutationsGiveALogOrATypedFault() throws Exception {
        byte[] whole = ("# made up\n" + foreign(16.6667, ";", ',') + "1;2\n").getBytes(StandardCharsets.UTF_8);
        SplittableRandom random = new SplittableRandom(99);
        Path file = folder.resolve("mutated.csv");
        int logs = 0;
        for (int round = 0; round < 1500; round++) {
            byte[] bytes = java.util.Arrays.copyOf(whole, random.nextInt(1, whole.length));
            for (int hit = random.nextInt(8); hit > 0; hit--) {
                byte[] likely = "\n\r;,\t\"-.eE9N\0\u00e9".getBytes(StandardCharsets.UTF_8);
                bytes[random.nextInt(bytes.length)] = likely[random.nextInt(likely.length)];
            }
            Files.write(file, bytes);
            try {
                FrameLog log = LogImport.read(file, ImportOptions.guess(), Progress.NONE)
                        .log();
                assertThat(FrameTimes.of(log.all()).elapsedMs()).isGreaterThanOrEqualTo(0);
                logs++;
            } catch (InputException e) {
                assertThat(e).hasMessageContaining("expected");
            }
        }
        assertThat(logs).isBetween(50, 1450);
    }

    @Test
    void mappingsComeBackFromJsonAndAreRemembered() throws Exception {
        Mapping mapping = read(foreign(16, ",", '.')).mapping();
        Path json = folder.resolve("map.json");
        MappingFile.write(mapping, json);
        assertThat(MappingFile.read(json)).isEqualTo(mapping);
        MappingMemory memory = new MappingMemory(folder.resolve("memory"));
        assertThat(memory.recall(mapping.header())).isEmpty();
        memory.remember(mapping);
        assertThat(memory.recall(mapping.header())).contains(mapping);
        Files.writeString(json, "{\"columns\":[{\"name\":1}]}");
        assertThatThrownBy(() -> MappingFile.read(json))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("mapping");
    }

    /// Stamps of never, an interruption of hours, and frame times that none is: typed outcomes, and what is sound
    /// stays.
    @Test
    void timesFarAwayAreNoImagesThatStayed() throws Exception {
        StringBuilder text = new StringBuilder("present_ms,displayed_ms,content_ms\n");
        for (int i = 0; i < 200; i++) {
            double at = i * 16.7 + (i < 100 ? 0 : 3e7);
            text.append(at).append(',').append(i == 50 ? "1.8e19" : at + 20).append(',');
            text.append(i == 60 ? "-1e308" : at).append('\n');
        }
        text.append("9e15,9e15,9e15\n");
        ImportedLog log = read(text.toString());
        assertThat(log.log().size()).isEqualTo(200);
        assertThat(log.notes().rowsWithoutTime()).isEqualTo(1);
        assertThat(log.log().segmentStarts()).containsExactly(100);
        assertThat(log.log().channel(Channel.DISPLAYED).orElseThrow().at(50)).isNaN();
        assertThat(log.log().channel(Channel.CONTENT).orElseThrow().at(60)).isNaN();
        for (SyncMode sync : SyncMode.values()) {
            DisplayMode mode = new DisplayMode(144, sync, Double.NaN);
            Analysis analysis = Analysis.of(log.log().all(), AnalysisSettings.NONE.withDisplay(mode));
            assertThat(analysis.rates().presented().orNaN()).as(sync.label()).isCloseTo(1000 / 16.7, within(0.1));
        }
        assertThatThrownBy(() -> read("frame_time_ms\n" + "4\n".repeat(100) + "1e300\n"))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("row 101");
    }

    /// 120 images a second for a panel of 60 Hz: every other one is dropped, the others wait 5 ms.
    @ParameterizedTest
    @CsvSource({"'', 1", "NA, 1", "0.000, 1", "3.000, 1", "'', 0"})
    void waitsForTheDisplayAreTimesAndDroppedImagesHaveNone(String wait, int flag) throws Exception {
        StringBuilder text = new StringBuilder("Time (ms),Until Displayed (ms),Dropped\n");
        for (int i = 0; i < 240; i++) {
            text.append(i * 1000 / 120.0)
                    .append(i % 2 == 0 ? ",5.000,0" : "," + wait + "," + flag)
                    .append('\n');
        }
        FrameLog log = read(text.toString()).log();
        assertThat(log.channel(Channel.DISPLAYED).orElseThrow().at(2)).isCloseTo(1000 / 60.0 + 5, within(1e-9));
        assertThat(log.channel(Channel.DISPLAYED).orElseThrow().at(3)).isNaN();
        Analysis run = Analysis.of(log.all(), AnalysisSettings.NONE);
        assertThat(run.rates().presented().orNaN()).isCloseTo(120, within(0.1));
        assertThat(run.rates().delivered().orNaN()).isCloseTo(60, within(0.1));
    }

    @Test
    void droppedImagesAreNotDeliveredWhereOnlyTheRefreshIsKnown() throws Exception {
        StringBuilder text = new StringBuilder("Time (ms);Dropped\n");
        for (int i = 0; i < 240; i++) {
            text.append(i * 1000 / 60.0).append(i % 4 == 3 ? ";1\n" : ";0\n");
        }
        Analysis run = Analysis.of(
                read(text.toString()).log().all(),
                AnalysisSettings.NONE.withDisplay(new DisplayMode(120, SyncMode.VRR)));
        assertThat(run.rates().presented().orNaN()).isCloseTo(60, within(0.1));
        assertThat(run.rates().delivered().orNaN()).isCloseTo(45, within(0.2));
    }

    /// 120 images a second for a panel of 60 Hz, far from the beginning of the clock: of each second one nothing, or 0,
    /// says that it was never shown.
    @ParameterizedTest
    @CsvSource({"'', true, false", "0, yes, no", "0, 1, 0", "'', 0, 0"})
    void imagesThatWereNeverShownAreToldHoweverTheyAreWritten(String never, String yes, String no) throws Exception {
        StringBuilder text = new StringBuilder("stamp_ns,latched_ns,scanout_ns,was_dropped\n");
        for (int i = 0; i < 240; i++) {
            long at = 1_000_000_000_000_000L + i * 8_333_333L + i % 3 * 1000;
            boolean shown = i % 2 == 1;
            text.append(
                    "%d,%d,%s,%s%n".formatted(at, at + 2_000_000, shown ? at + 9_000_000 : never, shown ? no : yes));
        }
        FrameLog log = read(text.toString()).log();
        assertThat(log.channel(Channel.DISPLAYED).orElseThrow().at(0)).isNaN();
        assertThat(log.channel(Channel.DISPLAYED).orElseThrow().at(1))
                .isCloseTo(1001e-6 + 8.333333 + 9 - 1e-6, within(2e-3));
        assertThat(Analysis.of(log.all(), AnalysisSettings.NONE)
                        .rates()
                        .delivered()
                        .orNaN())
                .isCloseTo(60, within(0.2));
    }
}
