package app.fluss.devices.sensor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class SensorFeedTest {
    private final SensorFeed feed = new SensorFeed();

    private void send(String lines) {
        byte[] bytes = lines.getBytes(StandardCharsets.US_ASCII);
        feed.take(bytes, bytes.length);
    }

    private static String samples(long fromUs, int count, int stepUs) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < count; i++) {
            lines.append((fromUs + (long) i * stepUs) % (1L << 32))
                    .append(",0,")
                    .append(i % 7)
                    .append('\n');
        }
        return lines.toString();
    }

    private int size() {
        return feed.trace().orElseThrow().seen().size();
    }

    @Test
    void linesInAnyPiecesAreTheSameSamples() {
        String all = "hello,1,4000\n0,0,10\n250,1,-20.5\n500,1,31\r\n";
        for (byte b : all.getBytes(StandardCharsets.US_ASCII)) {
            feed.take(new byte[] {b}, 1);
        }
        LiveTrace.Seen seen = feed.trace().orElseThrow().seen();
        assertThat(seen.size()).isEqualTo(3);
        assertThat(seen.light().at(1)).isEqualTo(-20.5);
        assertThat(seen.input().at(2)).isEqualTo(1);
        assertThat(seen.light().rateHz()).isEqualTo(4000);
        assertThat(feed.health().garbage()).isZero();
        assertThat(feed.health().simulated()).isFalse();
    }

    @Test
    void nothingIsTakenBeforeTheSensorSaysHello() {
        send("0,0,1\n250,0,1\n");
        assertThat(feed.trace()).isEmpty();
        send("hello,1,4000,simulated\n500,0,1\n");
        assertThat(size()).isEqualTo(1);
        assertThat(feed.health().simulated()).isTrue();
    }

    @Test
    void garbageIsCountedAndPassedOver() {
        send("hello,1,4000\n0,0,1\n%&§\n250,0\n250,0,1,5\n250,x,1\nhello,2,4000\nhello,1,9\n-5,0,1\n"
                + "9".repeat(10_000) + "\n250,0,1\n");
        assertThat(size()).isEqualTo(2);
        assertThat(feed.health().garbage()).isEqualTo(8);
    }

    @Test
    void aClockThatComesRoundGoesOn() {
        send("hello,1,4000\n" + samples((1L << 32) - 100 * 250, 200, 250));
        assertThat(size()).isEqualTo(200);
        assertThat(feed.health().wraps()).isEqualTo(1);
        assertThat(feed.health().breaks()).isZero();
    }

    @Test
    void shortGapsAreFilledAndLongOnesAreBreaks() {
        send("hello,1,4000\n" + samples(0, 100, 250));
        send(samples(100 * 250 + 5 * 250, 100, 250));
        assertThat(size()).isEqualTo(205);
        assertThat(feed.health().filled()).isEqualTo(5);
        send(samples(10_000_000, 10, 250));
        assertThat(feed.health().breaks()).isEqualTo(1);
        assertThat(size()).isEqualTo(215);
    }

    /// A press whose light had not come when the sensor went is taken out: it must not meet light from
    /// after the gap.
    @Test
    void aPressThatStillWaitsAtABreakIsTakenOut() {
        send("hello,1,1000\n" + samples(0, 1000, 1000));
        send("1000000,1,3\n1001000,1,3\n");
        assertThat(size()).isEqualTo(1002);
        feed.gone();
        assertThat(size()).isEqualTo(1000);
    }

    @Test
    void theRateIsFoundFromTheClock() {
        send("hello,1,4000\n" + samples(0, 20_000, 252));
        assertThat(feed.health().foundHz()).isCloseTo(1e6 / 252, within(0.1));
        assertThat(feed.trace().orElseThrow().seen().light().rateHz()).isCloseTo(1e6 / 252, within(1.0));
    }

    @Test
    void whateverComesInNothingIsThrownAndNothingGrows() {
        Random random = new Random(5);
        byte[] alphabet = "0123456789,,,.-\n\nhelo%".getBytes(StandardCharsets.US_ASCII);
        byte[] block = new byte[4096];
        send("hello,1,4000\n");
        for (int round = 0; round < 300; round++) {
            for (int i = 0; i < block.length; i++) {
                block[i] =
                        random.nextInt(50) == 0 ? (byte) random.nextInt() : alphabet[random.nextInt(alphabet.length)];
            }
            feed.take(block, block.length);
        }
        assertThat(size()).isLessThan(2_000_000);
        assertThat(feed.health().garbage()).isPositive();
    }

    /// Good lines with random damage, in pieces of any length: samples or counted garbage, and never more than the
    /// lines.
    @Test
    void hostileLinesAreTakenOrCounted() {
        damage(2000);
    }

    /// The same for as many rounds as are asked for: the campaign.
    public static void main(String[] args) {
        damage(Integer.parseInt(args[0]));
    }

    private static void damage(int rounds) {
        for (int round = 0; round < rounds; round++) {
            SplittableRandom random = new SplittableRandom(round);
            byte[] bytes = ("hello,1,4000\n" + samples(random.nextLong(1L << 32), 12, 250) + "hello,1,4000,simulated\n"
                            + samples(0, 4, 250))
                    .getBytes(StandardCharsets.US_ASCII);
            for (int change = random.nextInt(8); change > 0; change--) {
                int at = random.nextInt(bytes.length);
                bytes[at] =
                        random.nextBoolean() ? (byte) random.nextInt() : (byte) ",\n\r-.e9h".charAt(random.nextInt(8));
            }
            SensorFeed hostile = new SensorFeed();
            for (int from = 0; from < bytes.length; ) {
                int count = Math.min(bytes.length - from, random.nextInt(1, 20));
                hostile.take(Arrays.copyOfRange(bytes, from, from + count), count);
                from += count;
            }
            int size = hostile.trace().map(trace -> trace.seen().size()).orElse(0);
            SensorHealth health = hostile.health();
            assertThat(size - health.filled()).as("round %d", round).isLessThanOrEqualTo(30);
            assertThat(health.garbage()).as("round %d", round).isBetween(0, 40);
        }
    }
}
