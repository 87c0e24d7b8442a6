package app.fluss.files.latency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.finding.Findings;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Doubt;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Signal;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulationFolder;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.truth.Click;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LatencyFileTest {
    @TempDir
    static Path folder;

    private static SimulatedRun run;

    @BeforeAll
    static void simulate() throws Exception {
        run = Simulation.run(ReadyScenario.named("native").lasting(20));
        SimulationFolder.write(run, folder, Progress.NONE);
    }

    private static double[] latencies(Path file, boolean swapped) throws Exception {
        return LatencyReading.of(file, swapped, EdgeSettings.DEFAULT, Progress.NONE).measurement().trials().stream()
                .mapToDouble(Trial::latencyMs)
                .toArray();
    }

    private static void assertTrue(double[] found, double withinMs) {
        List<Click> truth = run.truth().clicks();
        assertThat(found).hasSize(truth.size());
        for (int i = 0; i < found.length - 1; i++) {
            assertThat(found[i] - (truth.get(i).halfMs() - truth.get(i).clickMs()))
                    .as("click %d", i)
                    .isBetween(-withinMs, withinMs);
        }
    }

    /// The same run by a sensor of 4 kHz and by sound of 48 kHz, with mains hum, against the truth.
    @Test
    void traceAndSoundTellTheTruth() throws Exception {
        assertTrue(latencies(folder.resolve("sensor.csv"), false), 0.5);
        assertTrue(latencies(folder.resolve("clicks.wav"), false), 0.1);
    }

    @Test
    void swappedChannelsAreSeenAndCanBeSwapped() throws Exception {
        Path wav = folder.resolve("clicks.wav");
        Path swapped = folder.resolve("swapped.wav");
        byte[] bytes = Files.readAllBytes(wav);
        for (int at = 44; at + 4 <= bytes.length; at += 4) {
            byte low = bytes[at];
            byte high = bytes[at + 1];
            bytes[at] = bytes[at + 2];
            bytes[at + 1] = bytes[at + 3];
            bytes[at + 2] = low;
            bytes[at + 3] = high;
        }
        Files.write(swapped, bytes);
        Measurement found = LatencyReading.of(swapped, false, EdgeSettings.DEFAULT, Progress.NONE)
                .measurement();
        assertThat(Findings.of(found, found.figures(), found.ambiguous())
                        .getFirst()
                        .code())
                .isEqualTo("channels-swapped");
        assertThat(latencies(swapped, true)).containsExactly(latencies(wav, false));
    }

    /// The same sound with other bits: 24, 32 and float.
    @ParameterizedTest
    @CsvSource({"1, 24, 0.002", "1, 32, 0.002", "3, 32, 0.002"})
    void soundOfOtherBitsIsTheSameSound(int format, int bits, double withinMs) throws Exception {
        byte[] pcm = Files.readAllBytes(folder.resolve("clicks.wav"));
        ByteBuffer from = ByteBuffer.wrap(pcm, 44, pcm.length - 44).order(ByteOrder.LITTLE_ENDIAN);
        int samples = (pcm.length - 44) / 2;
        ByteBuffer to = ByteBuffer.allocate(44 + samples * bits / 8).order(ByteOrder.LITTLE_ENDIAN);
        to.put(wavHead(format, 2, 48_000, bits, samples * bits / 8));
        for (int i = 0; i < samples; i++) {
            short value = from.getShort();
            if (format == 3) {
                to.putFloat(value / 32768f);
            } else if (bits == 24) {
                to.put((byte) 0).putShort(value);
            } else {
                to.putInt(value << 16);
            }
        }
        Path file = folder.resolve("bits-" + format + "-" + bits + ".wav");
        Files.write(file, to.array());
        double[] expected = latencies(folder.resolve("clicks.wav"), false);
        double[] found = latencies(file, false);
        assertThat(found).hasSameSizeAs(expected);
        for (int i = 0; i < found.length - 1; i++) {
            assertThat(Math.abs(found[i] - expected[i])).isLessThan(withinMs);
        }
    }

    private static byte[] wavHead(int format, int channels, int rate, int bits, int bytes) {
        ByteBuffer head = ByteBuffer.allocate(44).order(ByteOrder.LITTLE_ENDIAN);
        head.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + bytes);
        head.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        head.putShort((short) format).putShort((short) channels).putInt(rate);
        head.putInt(rate * channels * bits / 8)
                .putShort((short) (channels * bits / 8))
                .putShort((short) bits);
        head.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(bytes);
        return head.array();
    }

    @Test
    void samplesAreDifferencesAndAnEmptyPhotonIsAMiss() throws Exception {
        Path file = Files.writeString(
                folder.resolve("samples.csv"), "trial,input_ms,photon_ms\n1,100,142.5\n2,900,\n3,1700,1733\n");
        try (LatencySource source = LatencyFile.read(file)) {
            double[] samples = ((LatencySource.Samples) source)
                    .trials().stream().mapToDouble(Trial::latencyMs).toArray();
            assertThat(samples).containsExactly(42.5, Double.NaN, 33);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "trial,input_ms,photon_ms;1,100,142;2,900,80 | light before its input",
                "trial,input_ms,photon_ms;1,100,soon | column 3: found",
                "trial,input_ms,photon_ms;1,,142 | an empty cell",
                "name,colour;a,red | the columns name, colour",
                "t_us,input,light;0,0,1;1000,0,1 | 2 samples",
            })
    void whatIsNoMeasurementIsToldWithItsPlace(String text, String why) throws Exception {
        Path file = Files.writeString(folder.resolve("bad.csv"), text.replace(';', '\n') + "\n");
        assertThatThrownBy(() -> LatencyFile.read(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("bad.csv")
                .hasMessageContaining(why);
    }

    @ParameterizedTest
    @CsvSource({"250, 1, a time that does not grow, 151", "1, 0, samples a second, 0", "250, 3, expected a number, 151"
    })
    void aTraceWithAFaultIsToldWithItsLine(int stepUs, int fault, String why, int line) throws Exception {
        StringBuilder text = new StringBuilder("t_us,input,light\n");
        long us = 0;
        for (int i = 0; i < 400; i++) {
            us += i == 149 && fault == 1 ? -5 : stepUs;
            text.append(us)
                    .append(",0,")
                    .append(i == 149 && fault == 3 ? "x" : "0.1")
                    .append('\n');
        }
        Path file = Files.writeString(folder.resolve("fault.csv"), text);
        assertThatThrownBy(() -> LatencyFile.read(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining(why)
                .hasMessageContaining(line > 0 ? "line " + line : "fault.csv");
    }

    @Test
    void soundThatCannotBeUsedIsTold() throws Exception {
        assertRefused(wavHead(1, 1, 48_000, 16, 0), "mono sound");
        assertRefused(wavHead(1, 2, 4000, 16, 0), "4000 samples a second");
        assertRefused(wavHead(7, 2, 48_000, 8, 0), "format 7 with 8 bits");
        assertRefused(wavHead(1, 2, 48_000, 16, 0), "no sound");
        assertRefused("RIFFxxxx".getBytes(StandardCharsets.US_ASCII), "no WAV");
        assertRefused(Arrays.copyOf(wavHead(1, 2, 48_000, 16, 0), 36), "without sound");
        assertRefused(new byte[0], "an empty file");
    }

    private static void assertRefused(byte[] bytes, String why) throws Exception {
        Path file = Files.write(folder.resolve("refused.wav"), bytes);
        assertThatThrownBy(() -> LatencyFile.read(file).close())
                .isInstanceOf(InputException.class)
                .hasMessageContaining(why);
    }

    /// A recorder that was stopped hard wrote a length that is too long, or none.
    @Test
    void aTruncatedRecordingIsUsedAsFarAsItGoes() throws Exception {
        byte[] whole = Files.readAllBytes(folder.resolve("clicks.wav"));
        Path file = Files.write(folder.resolve("cut.wav"), Arrays.copyOf(whole, whole.length / 2 + 1));
        assertThat(latencies(file, false)).hasSizeBetween(8, 16);
    }

    /// Bytes of chance in the head are survived: refused or read, never anything else.
    @Test
    void noHeadOfChanceBreaksTheReader() throws Exception {
        SplittableRandom random = new SplittableRandom(8);
        for (int i = 0; i < 400; i++) {
            byte[] bytes = Arrays.copyOf(wavHead(1, 2, 48_000, 16, 400), 444);
            for (int k = 0; k < 1 + random.nextInt(6); k++) {
                bytes[random.nextInt(60)] = (byte) random.nextInt();
            }
            Path file = Files.write(folder.resolve("chance.wav"), bytes);
            try (LatencySource source = LatencyFile.read(file)) {
                Signal light = ((LatencySource.Sound) source).recording().light();
                assertThat(light.at(light.size() - 1)).isFinite();
            } catch (InputException e) {
                assertThat(e).hasMessageContaining("chance.wav");
            }
        }
    }

    /// The samples of a flash at 40 ms after each of ten presses, 2000 a second, as rows of text.
    private static String flashes(String separator, char decimal, DoubleUnaryOperator stampMs, String unit, double of) {
        StringBuilder text = new StringBuilder("t_" + unit + separator + "input" + separator + "light\n");
        for (int i = 0; i < 12_000; i++) {
            int within = i % 1200;
            double light = within >= 480 && within < 580 ? 0.9 : 0.1;
            String row = stampMs.applyAsDouble(i * 0.5) / of
                    + separator
                    + (within >= 400 && within < 440 ? 1 : 0)
                    + separator
                    + (light + i % 7 * 0.001);
            text.append(row.replace('.', decimal)).append('\n');
        }
        return text.toString();
    }

    /// Semicolons or tabs, decimal commas, a byte-order mark, other units of time, stamps that jitter.
    @ParameterizedTest
    @CsvSource({"semicolon, comma, us", "tab, point, us", "tab, comma, ms", "comma, point, s", "semicolon, point, ms"})
    void tracesComeInManyDialects(String separator, String decimal, String unit) throws Exception {
        String sign = separator.equals("tab") ? "\t" : separator.equals("comma") ? "," : ";";
        double of = unit.equals("us") ? 0.001 : unit.equals("ms") ? 1 : 1000;
        SplittableRandom random = new SplittableRandom(2);
        String text =
                flashes(sign, decimal.equals("comma") ? ',' : '.', ms -> ms + 0.2 * random.nextDouble(), unit, of);
        Path file = Files.writeString(folder.resolve("dialect.txt"), "\uFEFF" + text);
        Measurement found = LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE)
                .measurement();
        assertThat(found.trials()).hasSize(10).allSatisfy(trial -> {
            assertThat(trial.state()).isEqualTo(Trial.State.ACCEPTED);
            assertThat(trial.latencyMs()).isCloseTo(40, within(0.5));
        });
    }

    /// The logger lost some samples: the trial that they belong to is doubted, the others stand; times after the
    /// gap stay right.
    @Test
    void aGapSpoilsTheTrialsThatTouchItAndNoOthers() throws Exception {
        String text = flashes(",", '.', ms -> ms < 1825 ? ms : ms + 130, "us", 0.001);
        Path file = Files.writeString(folder.resolve("gap.csv"), text);
        List<Trial> trials = LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE)
                .measurement()
                .trials();
        assertThat(trials).hasSize(10);
        assertThat(trials.get(2).doubt()).isEqualTo(Doubt.NONE);
        assertThat(trials.get(3).doubt()).isEqualTo(Doubt.NONE);
        assertThat(trials.get(3).inputMs()).isCloseTo(2130, within(0.5));
        String broken = flashes(",", '.', ms -> ms < 2025 ? ms : ms + 130, "us", 0.001);
        List<Trial> spoiled = LatencyReading.of(
                        Files.writeString(file, broken), false, EdgeSettings.DEFAULT, Progress.NONE)
                .measurement()
                .trials();
        assertThat(spoiled.get(3).doubt()).isEqualTo(Doubt.GAP);
        assertThat(spoiled.stream().filter(trial -> trial.state() == Trial.State.ACCEPTED))
                .hasSize(9)
                .allSatisfy(trial -> assertThat(trial.latencyMs()).isCloseTo(40, within(0.5)));
    }

    /// A stop of hours in a recording of seconds is refused, and takes no memory for the hours.
    @Test
    void aRecordingThatWasStoppedForHoursIsRefused() throws Exception {
        String text = flashes(",", '.', ms -> ms < 3000 ? ms : ms + 4e7, "ms", 1);
        Path file = Files.writeString(folder.resolve("hours.csv"), text);
        assertThatThrownBy(() -> LatencyFile.read(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("samples for 6 s only");
    }

    /// A clock that runs faster and slower by a tenth: times follow the stamps.
    @Test
    void timesFollowStampsThatWander() throws Exception {
        String text = flashes(",", '.', ms -> ms + 60 * Math.sin(ms / 600), "ms", 1);
        Path file = Files.writeString(folder.resolve("wander.csv"), text);
        List<Trial> trials = LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE)
                .measurement()
                .trials();
        assertThat(trials).hasSize(10);
        for (int k = 0; k < 10; k++) {
            double press = 200 + 600 * k;
            double truth = 40 + 60 * Math.sin((press + 40) / 600) - 60 * Math.sin(press / 600);
            assertThat(trials.get(k).latencyMs()).isCloseTo(truth, within(0.6));
        }
    }

    /// Lists in other dialects, with a preamble and comments.
    @Test
    void listsComeInManyDialects() throws Exception {
        Path file = Files.writeString(
                folder.resolve("list.csv"),
                "trial;input_ms;photon_ms\n# first block\n1;100,5;142,5\n2;900;\n\n3;1700;1733\n");
        assertThat(latencies(file, false)).containsExactly(42, Double.NaN, 33);
    }
}
