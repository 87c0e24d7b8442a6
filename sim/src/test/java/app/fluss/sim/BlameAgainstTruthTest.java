package app.fluss.sim;

import static app.fluss.sim.Benches.display;
import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Hitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/// Blame against hitches that were put in on purpose.
class BlameAgainstTruthTest {
    private static final int SEEDS = 12;
    private static final double OFFSET_MS = 8.64e7;

    /// Hitches of all four kinds, each far longer than an image.
    private static Scenario troubled(long seed, Set<Hitch.Cause> causes) {
        Work cpu = new Work(4, 0.08, 0.9, causes.contains(Hitch.Cause.CPU) ? 1.5 : 0, 70);
        Work encode = new Work(4, 0.1, 0, causes.contains(Hitch.Cause.ENCODER) ? 2.5 : 0, 55);
        Work decode = new Work(3, 0.1, 0, causes.contains(Hitch.Cause.DECODER) ? 2.5 : 0, 60);
        Link link = new Link(400, 1.5, 0.4, 1.5, 0, 0, causes.contains(Hitch.Cause.NETWORK) ? 8 : 0, 80);
        return Scenario.of(seed, 40, Game.of(cpu, new Work(9, 0.1, 0.9, 0, 0)), display(60, SyncMode.LATEST))
                .with(new Stream(60, 40, 2, 4, encode, link, decode, 4, OFFSET_MS));
    }

    private static FrameLog without(FrameLog log, Channel... channels) {
        Set<Channel> left = Set.of(channels);
        FrameLog.Builder builder = FrameLog.presentedAt(column(log.present()), log.size());
        for (Channel channel : Channel.values()) {
            if (channel != Channel.PRESENT && !left.contains(channel)) {
                log.channel(channel).ifPresent(values -> builder.channel(channel, column(values)));
            }
        }
        return builder.build();
    }

    private static double[] column(Values values) {
        return values.copy(0, values.size());
    }

    /// Whether the cause of each hitch that was put in, and that shows at the client, was found.
    private static List<Boolean> judged(Scenario scenario, boolean numbers) {
        SimulatedRun run = Simulation.run(scenario);
        FrameLog host = run.hostLog().orElseThrow();
        FrameLog client = run.log();
        if (!numbers) {
            host = without(host, Channel.FRAME, Channel.CONTENT);
            client = without(client, Channel.FRAME, Channel.CONTENT);
        }
        Alignment alignment = Alignment.of(host, client);
        assertThat(alignment.byNumber()).isEqualTo(numbers);
        List<ClientHitch> blamed = Blame.of(host, client, alignment);
        List<Hitch> injected = run.truth().hitches();
        List<Boolean> right = new ArrayList<>();
        for (Hitch hitch : injected) {
            double from = hitch.atMs() - (hitch.cause() == Hitch.Cause.CPU ? hitch.extraMs() + 60 : 60);
            double to = hitch.atMs() + hitch.extraMs() + 90;
            boolean alone = injected.stream()
                    .noneMatch(other -> other != hitch && other.atMs() > from - 250 && other.atMs() < to + 250);
            if (alone && to < scenario.seconds() * 1000 - 500 && from > 500) {
                blamed.stream()
                        .filter(seen -> seen.endMs() - OFFSET_MS > from && seen.startMs() - OFFSET_MS < to)
                        .max((x, y) -> Double.compare(x.excessMs(), y.excessMs()))
                        .ifPresent(seen -> right.add(seen.cause() == meant(hitch.cause())));
            }
        }
        return right;
    }

    private static Cause meant(Hitch.Cause cause) {
        return switch (cause) {
            case CPU, GPU, MEMORY -> Cause.GAME;
            case ENCODER -> Cause.ENCODER;
            case NETWORK -> Cause.NETWORK;
            case DECODER -> Cause.DECODER;
        };
    }

    private static double share(List<Boolean> right) {
        return right.stream().filter(found -> found).count() / (double) right.size();
    }

    @Test
    void atLeast95PercentWithNumbersAnd85Without() {
        List<Boolean> withNumbers = new ArrayList<>();
        List<Boolean> without = new ArrayList<>();
        Set<Hitch.Cause> all = Set.of(Hitch.Cause.values());
        for (long seed = 1; seed <= SEEDS; seed++) {
            withNumbers.addAll(judged(troubled(seed, all), true));
            without.addAll(judged(troubled(seed, all), false));
        }
        assertThat(withNumbers).hasSizeGreaterThan(100);
        assertThat(share(withNumbers))
                .as("of %d with numbers", withNumbers.size())
                .isGreaterThanOrEqualTo(0.95);
        assertThat(share(without)).as("of %d without", without.size()).isGreaterThanOrEqualTo(0.85);
    }

    /// With one cause alone there is little that lines the logs up.
    @ParameterizedTest
    @EnumSource(
            value = Hitch.Cause.class,
            names = {"GPU", "MEMORY"},
            mode = Mode.EXCLUDE)
    void oneCauseAlone(Hitch.Cause cause) {
        List<Boolean> withNumbers = new ArrayList<>();
        List<Boolean> without = new ArrayList<>();
        for (long seed = 21; seed <= 26; seed++) {
            withNumbers.addAll(judged(troubled(seed, Set.of(cause)), true));
            without.addAll(judged(troubled(seed, Set.of(cause)), false));
        }
        assertThat(withNumbers).hasSizeGreaterThan(10);
        assertThat(share(withNumbers)).as("with numbers").isGreaterThanOrEqualTo(0.95);
        assertThat(share(without)).as("without").isGreaterThanOrEqualTo(0.85);
    }

    /// What no stamp tells apart is not guessed; what the host's own log tells still is.
    @Test
    void withoutStampsOnlyTheGameIsFound() {
        SimulatedRun run = Simulation.run(troubled(3, Set.of(Hitch.Cause.values())));
        FrameLog host = without(run.hostLog().orElseThrow(), Channel.ENCODED);
        FrameLog client = without(run.log(), Channel.RECEIVED, Channel.DECODED);
        var seen = Blame.of(host, client, Alignment.of(host, client));
        assertThat(seen).extracting(ClientHitch::cause).contains(Cause.GAME, Cause.UNKNOWN);
        assertThat(seen).extracting(ClientHitch::cause).doesNotContain(Cause.ENCODER, Cause.DECODER, Cause.NETWORK);
        assertThat(Blame.totals(seen)).containsKeys(Cause.values());
        assertThat(Blame.totals(seen).values().stream().mapToInt(n -> n).sum()).isEqualTo(seen.size());
    }

    @Test
    void imagesThatNeverCameAreTheNetworks() {
        SimulatedRun run = Simulation.run(troubled(4, Set.of()));
        FrameLog host = run.hostLog().orElseThrow();
        FrameLog whole = run.log();
        int gone = 1000;
        FrameLog client = FrameLog.presentedAt(cut(whole, Channel.PRESENT, gone), whole.size() - 4)
                .channel(Channel.FRAME, cut(whole, Channel.FRAME, gone))
                .channel(Channel.RECEIVED, cut(whole, Channel.RECEIVED, gone))
                .channel(Channel.DECODED, cut(whole, Channel.DECODED, gone))
                .build();
        var seen = Blame.of(host, client, Alignment.of(host, client));
        assertThat(seen).hasSize(1);
        assertThat(seen.getFirst().cause()).isEqualTo(Cause.NETWORK);
        assertThat(seen.getFirst().confidence()).isGreaterThan(0.6);
    }

    /// A column without four rows.
    private static double[] cut(FrameLog log, Channel channel, int from) {
        double[] all = column(log.channel(channel).orElseThrow());
        double[] left = Arrays.copyOf(all, all.length - 4);
        System.arraycopy(all, from + 4, left, from, all.length - from - 4);
        return left;
    }
}
