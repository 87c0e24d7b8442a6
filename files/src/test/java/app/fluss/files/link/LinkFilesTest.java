package app.fluss.files.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinkFilesTest {
    private static final TrafficShape SHAPE = new TrafficShape(60, 8, 1, 3, false);

    @TempDir
    Path folder;

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private static ProbeTrace probe() {
        int packets = (int) SHAPE.firstPacket(30);
        SplittableRandom random = new SplittableRandom(8);
        double[] sent = new double[packets];
        double[] received = new double[packets];
        for (int i = 0; i < packets; i++) {
            boolean lost = random.nextInt(20) == 0;
            sent[i] = lost ? Double.NaN : i * 1.25;
            received[i] = lost ? Double.NaN : sent[i] + 500.125 + random.nextInt(4);
        }
        return new ProbeTrace(
                SHAPE,
                30,
                new PacketLog(LongStream.range(0, packets).toArray(), sent, received),
                new PacketLog(new long[] {0, 1}, new double[] {0, 8}, new double[] {1.5, Double.NaN}),
                true);
    }

    @Test
    void aProbeThatWasWrittenIsRead() throws Exception {
        Path file = folder.resolve("probe.json");
        ProbeTrace before = probe();
        ProbeFile.write(before, file);
        ProbeTrace after = ProbeFile.read(file);
        assertThat(after.shape()).isEqualTo(SHAPE);
        assertThat(after.images()).isEqualTo(30);
        assertThat(after.simulated()).isTrue();
        assertThat(LinkQuality.of(after.packets())).isEqualTo(LinkQuality.of(before.packets()));
        assertThat(after.inputs().cameIn(1)).isFalse();
        assertThat(after.inputs().receivedMs(0)).isEqualTo(1.5);
    }

    @Test
    void aProbeThatIsNoneIsRefusedInWords() throws Exception {
        Path whole = folder.resolve("probe.json");
        ProbeFile.write(probe(), whole);
        String text = Files.readString(whole);
        for (String[] change : new String[][] {
            {"fluss-probe-1", "fluss-probe-9", "fluss-probe-9"},
            {"\"fps\":60.0", "\"fps\":-1", "fps"},
            {"\"images\":30", "\"images\":31", "packets"},
            {"\"images\":30", "\"images\":1e9", "images"},
            {"\"sent_us\":[", "\"sent_us\":[[", "sent_us"},
            {"\"input_back_us\"", "\"other\"", "input_back_us"},
            {"\"paced\":false", "\"paced\":3", "paced"},
            {"\"input_sent_us\":[0.0", "\"input_sent_us\":[1e308", "clock"},
        }) {
            assertThat(text).contains(change[0]);
            Path broken = file("broken.json", text.replace(change[0], change[1]));
            assertThatThrownBy(() -> ProbeFile.read(broken))
                    .isInstanceOf(InputException.class)
                    .hasMessageContaining(change[2]);
        }
    }

    /// Cut and changed at random places a file is read or refused, and nothing else happens.
    @Test
    void damagedProbesAreReadOrRefused() throws Exception {
        Path whole = folder.resolve("probe.json");
        ProbeFile.write(probe(), whole);
        byte[] bytes = Files.readAllBytes(whole);
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < 300; i++) {
            byte[] changed = bytes.clone();
            for (int n = random.nextInt(1, 6); n > 0; n--) {
                changed[random.nextInt(changed.length)] = (byte) random.nextInt(32, 127);
            }
            Path file = folder.resolve("damaged.json");
            Files.write(file, random.nextBoolean() ? changed : Arrays.copyOf(changed, random.nextInt(changed.length)));
            try {
                assertThat(ProbeFile.read(file).images()).isBetween(1, 100_000);
            } catch (InputException e) {
                assertThat(e).hasMessageContaining("damaged.json");
            }
        }
    }

    @Test
    void packetsAsATable() throws Exception {
        Path file = file("trace.csv", "sequence,send_us,receive_us\n0,0,50000\n1,20000,\n2,40000,90500\n");
        PacketLog log = PacketFile.read(file);
        assertThat(log.size()).isEqualTo(3);
        assertThat(log.cameIn(1)).isFalse();
        assertThat(log.receivedMs(2)).isCloseTo(90.5, within(1e-12));
        Path again = folder.resolve("again.csv");
        PacketFile.write(log, again);
        assertThat(LinkQuality.of(PacketFile.read(again))).isEqualTo(LinkQuality.of(log));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "seq,send_us,receive_us\\n0,0,1\\n | 1 | sequence,send_us,receive_us",
                "sequence,send_us,receive_us\\n | 0 | no packets",
                "sequence,send_us,receive_us\\n0,0,1\\n0,1,2\\n | 3 | ascend",
                "sequence,send_us,receive_us\\n0,0,1\\n1.5,1,2\\n | 3 | whole number",
                "sequence,send_us,receive_us\\n0,0,1\\n1,,2\\n | 3 | never sent",
                "sequence,send_us,receive_us\\n0,0,x\\n | 2 | column 3",
                "sequence,send_us,receive_us\\n0,0,1e300\\n | 2 | column 3",
            })
    void tablesThatCannotBeUsed(String text, int line, String words) throws Exception {
        Path file = file("bad.csv", text.strip().replace("\\n", "\n"));
        assertThatThrownBy(() -> PacketFile.read(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining(words.strip())
                .hasMessageContaining(line == 0 ? "bad.csv" : "line " + line);
    }
}
