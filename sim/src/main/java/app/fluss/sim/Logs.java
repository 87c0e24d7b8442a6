package app.fluss.sim;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Memory;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.stage.Bench;
import app.fluss.sim.stage.CardBusy;
import app.fluss.sim.stage.Frames;
import app.fluss.sim.stage.Images;
import app.fluss.sim.stage.StreamPath;
import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;

/// What loggers would have written.
final class Logs {
    private final Scenario scenario;
    private final Frames frames;
    private final double generatorMs;
    private final CardBusy secondCard;
    private final double idlePct;

    /// @param random chance of the sensors
    Logs(Scenario scenario, Bench bench, SplittableRandom random) {
        this.scenario = scenario;
        this.frames = bench.frames();
        this.secondCard = bench.secondCard();
        this.idlePct = scenario.generator()
                .flatMap(Generator::secondGpu)
                .map(card -> card.idleLoadPct() + card.idleSpreadPct() * random.nextGaussian())
                .orElse(0.0);
        this.generatorMs = scenario.generator()
                .filter(g -> g.behaviour() != Generator.Behaviour.NOT_ENGAGED
                        && g.secondGpu().isEmpty())
                .map(g -> (g.multiplier() - 1) * g.costMs(scenario.game().megapixels()))
                .orElse(0.0);
    }

    /// On the machine that runs the game: work and sensors with each rendered image.
    ///
    /// @param stream that the images are sent by; without one the logger sees when they are shown
    FrameLog host(Images images, Optional<StreamPath> stream) {
        int n = images.size();
        double[] cpu = empty(n);
        double[] gpu = empty(n);
        int[] frame = new int[n];
        for (int i = 0; i < n; i++) {
            frame[i] = images.frame(i);
            if (images.isRendered(i)) {
                cpu[i] = frames.cpuMs(frame[i]);
                gpu[i] = frames.gpuMs(frame[i]) + generatorMs;
            }
        }
        FrameLog.Builder log = FrameLog.presentedAt(images.present(), n)
                .channel(Channel.CONTENT, images.content())
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .kinds(images.kinds());
        if (stream.isPresent()) {
            log.channel(Channel.FRAME, Arrays.stream(frame).asDoubleStream().toArray())
                    .channel(Channel.ENCODED, stream.get().encodedMs());
        } else {
            log.channel(Channel.DISPLAYED, images.displayed());
        }
        sensors(log, frame);
        return log.build();
    }

    /// On a stream's client, by its own clock.
    FrameLog client(StreamPath stream) {
        Images images = stream.client();
        double offset = scenario.stream().map(Stream::clientClockOffsetMs).orElse(0.0);
        double[] frame = new double[images.size()];
        Arrays.setAll(frame, images::frame);
        return FrameLog.presentedAt(shifted(images.present(), offset), images.size())
                .channel(Channel.DISPLAYED, shifted(images.displayed(), offset))
                .channel(Channel.CONTENT, images.content())
                .channel(Channel.FRAME, frame)
                .channel(Channel.RECEIVED, shifted(stream.receivedMs(), offset))
                .channel(Channel.DECODED, shifted(stream.decodedMs(), offset))
                .kinds(images.kinds())
                .build();
    }

    /// By the game itself, which sees no generator and no display.
    FrameLog game() {
        int first = frames.first();
        int n = frames.size() - first;
        double[] done = new double[n];
        double[] content = new double[n];
        double[] cpu = new double[n];
        double[] gpu = new double[n];
        byte[] kinds = new byte[n];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        for (int i = 0; i < n; i++) {
            done[i] = frames.doneMs(first + i);
            content[i] = frames.startMs(first + i);
            cpu[i] = frames.cpuMs(first + i);
            gpu[i] = frames.gpuMs(first + i);
        }
        return FrameLog.presentedAt(done, n)
                .channel(Channel.CONTENT, content)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .kinds(kinds)
                .build();
    }

    private void sensors(FrameLog.Builder log, int[] frame) {
        scenario.game().power().ifPresent(power -> {
            log.channel(Channel.GPU_CLOCK, perFrame(frame, ms -> power.fullMhz() * power.clockShare(ms / 1000)));
            log.channel(Channel.POWER, perFrame(frame, ms -> power.fullW() * Math.pow(power.clockShare(ms / 1000), 3)));
            log.channel(Channel.GPU_TEMPERATURE, perFrame(frame, ms -> temperature(power, ms)));
        });
        scenario.game()
                .memory()
                .ifPresent(memory -> log.channel(Channel.VRAM, perFrame(frame, ms -> used(memory, ms))));
        if (scenario.game().power().isPresent() || scenario.game().memory().isPresent()) {
            double[] load = new double[frame.length];
            for (int i = 0; i < load.length; i++) {
                load[i] = load(frame[i]);
            }
            log.channel(Channel.GPU_LOAD, load);
        }
        if (scenario.generator().flatMap(Generator::secondGpu).isPresent()) {
            log.channel(Channel.SECOND_GPU_LOAD, perFrame(frame, this::secondLoad));
        }
    }

    /// In whole percent, as sensors give it.
    private double secondLoad(double ms) {
        return Math.clamp(Math.rint(idlePct + secondCard.loadPct(ms)), 0, 100);
    }

    private static double temperature(Power power, double ms) {
        return power.hotC() + (power.coolC() - power.hotC()) * Math.exp(-Math.max(0, ms) / 1000 / power.settlingS());
    }

    private double used(Memory memory, double ms) {
        return memory.usedMb(ms / 1000 / scenario.seconds());
    }

    private double load(int frame) {
        int before = Math.max(0, frame - 1);
        double interval = frames.doneMs(frame) - frames.doneMs(before);
        return interval > 0 ? Math.min(100, 100 * (frames.gpuMs(frame) + generatorMs) / interval) : 100;
    }

    private double[] perFrame(int[] frame, DoubleUnaryOperator ofMs) {
        double[] values = new double[frame.length];
        Arrays.setAll(values, i -> ofMs.applyAsDouble(frames.startMs(frame[i])));
        return values;
    }

    private static double[] empty(int n) {
        double[] column = new double[n];
        Arrays.fill(column, Double.NaN);
        return column;
    }

    private static double[] shifted(double[] column, double by) {
        for (int i = 0; i < column.length; i++) {
            column[i] += by;
        }
        return column;
    }
}
