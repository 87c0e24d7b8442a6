package app.fluss.core.latency.edge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;

/// A recording of presses and light, made here sample by sample from plain definitions: what is pressed when, what the
/// panel does, what sensor and converter make of it. It shares nothing with the simulator.
final class Recorded {
    /// What the light does after a press, as a way from 0 to 1 and perhaps back; `ms` after the answer begins.
    interface Shape {
        double at(double ms);
    }

    /// How a press looks on the input; `ms` after the press, `held` long.
    interface Press {
        double at(double ms, double held, SplittableRandom random);
    }

    final double rateHz;
    final List<Double> pressesMs = new ArrayList<>();
    /// When the light passes half of its step; NaN where nothing answers.
    final List<Double> halvesMs = new ArrayList<>();
    /// Presses that nobody could tell the answer of: another press or other light came in between.
    final Set<Integer> unanswerable = new HashSet<>();

    private final SplittableRandom random;
    private final double seconds;
    private final float[] input;
    private final double[] light;

    Recorded(long seed, double rateHz, double seconds) {
        this.random = new SplittableRandom(seed);
        this.rateHz = rateHz;
        this.seconds = seconds;
        this.input = new float[(int) (rateHz * seconds)];
        this.light = new double[input.length];
    }

    SplittableRandom random() {
        return random;
    }

    double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private double ms(int sample) {
        return sample * 1000.0 / rateHz;
    }

    private int sample(double ms) {
        return (int) Math.ceil(ms * rateHz / 1000);
    }

    /// Presses about every so often.
    Recorded presses(int count, double firstMs, double everyMs, double jitterMs) {
        double at = firstMs;
        for (int i = 0; i < count; i++) {
            pressesMs.add(at);
            at += everyMs + between(-jitterMs, jitterMs);
        }
        return this;
    }

    /// A level while pressed.
    Recorded button(double heldMs, double rest, double pressed) {
        Arrays.fill(input, (float) rest);
        for (double press : pressesMs) {
            fill(press, press + heldMs, pressed);
        }
        return this;
    }

    void fill(double fromMs, double toMs, double value) {
        for (int i = Math.max(0, sample(fromMs)); i < Math.min(input.length, sample(toMs)); i++) {
            input[i] = (float) value;
        }
    }

    /// Contacts that open and close again for up to some ms after each edge.
    Recorded bouncing(double heldMs, double forMs) {
        for (double press : pressesMs) {
            for (double edge : new double[] {press, press + heldMs}) {
                double rest = input[Math.clamp(sample(edge) - 2, 0, input.length - 1)];
                for (double at = edge + between(0.2, 0.6); at < edge + forMs; at += between(0.6, 1.4)) {
                    fill(at, Math.min(edge + forMs, at + between(0.2, 0.5)), rest);
                }
            }
        }
        return this;
    }

    /// A knock: a dying tone.
    void knock(double atMs, double size, double hz, double diesMs) {
        double phase = between(0, 2 * Math.PI);
        for (int i = Math.max(0, sample(atMs)); i < Math.min(input.length, sample(atMs + 12 * diesMs)); i++) {
            double ms = ms(i) - atMs;
            input[i] += (float) (size * Math.exp(-ms / diesMs) * Math.cos(2 * Math.PI * hz * ms / 1000 + phase * 0.2));
        }
    }

    Recorded knocks(double size) {
        pressesMs.forEach(press -> knock(press, size * between(0.7, 1.2), 2600, 1.8));
        return this;
    }

    Recorded inputNoise(double sd) {
        for (int i = 0; i < input.length; i++) {
            input[i] += (float) (sd * random.nextGaussian());
        }
        return this;
    }

    /// Light that goes from one level to the other after each press, in turn.
    Recorded toggles(double[] latenciesMs, double tauMs) {
        double[] from = new double[latenciesMs.length];
        double level = 0;
        for (int k = 0; k < latenciesMs.length; k++) {
            double latency = latenciesMs[k];
            if (Double.isNaN(latency)) {
                halvesMs.add(Double.NaN);
                continue;
            }
            double at = pressesMs.get(k) + latency;
            double next = 1 - level;
            from[k] = at;
            for (int i = sample(at); i < light.length; i++) {
                double way = tauMs > 0 ? 1 - Math.exp(-(ms(i) - at) / tauMs) : 1;
                light[i] += (next - level) * way;
            }
            halvesMs.add(at + (tauMs > 0 ? tauMs * Math.log(2) : 0));
            level = next;
        }
        return this;
    }

    /// Light that answers each press with the same shape.
    Recorded answers(double[] latenciesMs, Shape shape, double lastsMs, double halfAfterMs) {
        for (int k = 0; k < latenciesMs.length; k++) {
            if (Double.isNaN(latenciesMs[k])) {
                halvesMs.add(Double.NaN);
                continue;
            }
            double at = pressesMs.get(k) + latenciesMs[k];
            add(at, shape, lastsMs, 1);
            halvesMs.add(at + halfAfterMs);
        }
        return this;
    }

    void add(double atMs, Shape shape, double lastsMs, double size) {
        for (int i = Math.max(0, sample(atMs)); i < Math.min(light.length, sample(atMs + lastsMs)); i++) {
            light[i] += size * shape.at(ms(i) - atMs);
        }
    }

    /// A flash of a panel with a time constant.
    static Shape flash(double lastsMs, double tauMs) {
        return ms -> {
            if (tauMs == 0) {
                return ms < lastsMs ? 1 : 0;
            }
            double up = 1 - Math.exp(-ms / tauMs);
            double down = ms < lastsMs ? 0 : 1 - Math.exp(-(ms - lastsMs) / tauMs);
            return up - down;
        };
    }

    Recorded scaled(double offset, double size) {
        for (int i = 0; i < light.length; i++) {
            light[i] = offset + size * light[i];
        }
        return this;
    }

    /// A backlight that is dimmed by a sine.
    Recorded ripple(double hz, double share) {
        for (int i = 0; i < light.length; i++) {
            light[i] *= 1 + share * Math.sin(2 * Math.PI * hz * ms(i) / 1000 + 0.7);
        }
        return this;
    }

    /// A backlight that is off between pulses; a sample is the mean over its time.
    Recorded pulsed(double hz, double duty) {
        int parts = 16;
        for (int i = 0; i < light.length; i++) {
            int on = 0;
            for (int p = 0; p < parts; p++) {
                double turns = (i + (p + 0.5) / parts) * hz / rateHz;
                on += turns - Math.floor(turns) < duty ? 1 : 0;
            }
            light[i] *= (double) on / parts;
        }
        return this;
    }

    Recorded hum(double hz, double size) {
        for (int i = 0; i < light.length; i++) {
            light[i] += size * Math.sin(2 * Math.PI * hz * ms(i) / 1000 + 1.1);
        }
        return this;
    }

    Recorded drift(double size) {
        for (int i = 0; i < light.length; i++) {
            light[i] += size * i / light.length;
        }
        return this;
    }

    /// Light that goes up and down slowly by chance, as clouds do.
    Recorded wander(double size) {
        double level = 0;
        double speed = 0;
        for (int i = 0; i < light.length; i++) {
            speed = speed * (1 - 4 / rateHz) + random.nextGaussian() * Math.sqrt(8 / rateHz);
            level += (2 * Math.PI * 0.3 * speed - 0.5 * level) / rateHz;
            light[i] += size * level;
        }
        return this;
    }

    /// A coupling by capacitor: a first-order high pass.
    Recorded coupled(double tauMs) {
        couple(light, tauMs);
        return this;
    }

    Recorded coupledInput(double tauMs) {
        double[] x = new double[input.length];
        for (int i = 0; i < x.length; i++) {
            x[i] = input[i];
        }
        couple(x, tauMs);
        for (int i = 0; i < x.length; i++) {
            input[i] = (float) x[i];
        }
        return this;
    }

    private void couple(double[] x, double tauMs) {
        double decay = Math.exp(-1000 / rateHz / tauMs);
        double y = 0;
        double before = x[0];
        for (int i = 0; i < x.length; i++) {
            y = decay * (y + x[i] - before);
            before = x[i];
            x[i] = y;
        }
    }

    Recorded noise(double sd) {
        for (int i = 0; i < light.length; i++) {
            light[i] += sd * random.nextGaussian();
        }
        return this;
    }

    /// A converter with so many bits over a range.
    Recorded bits(int bits, double low, double high) {
        double step = (high - low) / (1 << bits);
        for (int i = 0; i < light.length; i++) {
            light[i] = low + step * Math.rint((Math.clamp(light[i], low, high) - low) / step);
        }
        return this;
    }

    double[] latencies(double low, double high) {
        double[] latencies = new double[pressesMs.size()];
        Arrays.setAll(latencies, _ -> between(low, high));
        return latencies;
    }

    Signal input() {
        return Signal.of(input, input.length, rateHz);
    }

    Signal light() {
        float[] samples = new float[light.length];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) light[i];
        }
        return Signal.of(samples, samples.length, rateHz);
    }

    Recording recording() {
        return new Recording(input(), light());
    }

    double seconds() {
        return seconds;
    }

    /// What was made of a recording.
    record Judged(
            int right, int wrong, int lost, int doubted, int falseAnswers, int missed, int extra, double worstMs) {
        int answerable() {
            return right + wrong + lost + doubted;
        }

        @Override
        public String toString() {
            return "right %3d wrong %3d lost %3d doubted %3d false %2d missed-right %2d extra %2d worst %8.3f"
                    .formatted(right, wrong, lost, doubted, falseAnswers, missed, extra, worstMs);
        }
    }

    /// Holds trials against what really happened. A trial belongs to the press that is nearest.
    Judged judge(List<Trial> trials, double withinMs) {
        int right = 0;
        int wrong = 0;
        int lost = 0;
        int doubted = 0;
        int falseAnswers = 0;
        int missed = 0;
        double worst = 0;
        boolean[] used = new boolean[trials.size()];
        for (int k = 0; k < pressesMs.size(); k++) {
            int best = -1;
            for (int t = 0; t < trials.size(); t++) {
                double off = Math.abs(trials.get(t).inputMs() - pressesMs.get(k));
                if (!used[t]
                        && off < 25
                        && (best < 0 || off < Math.abs(trials.get(best).inputMs() - pressesMs.get(k)))) {
                    best = t;
                }
            }
            double truth = halvesMs.get(k) - pressesMs.get(k);
            Trial.State state = best < 0 ? Trial.State.MISSED : trials.get(best).state();
            if (best >= 0) {
                used[best] = true;
            }
            if (Double.isNaN(truth)) {
                falseAnswers += state == Trial.State.ACCEPTED ? 1 : 0;
                missed += state != Trial.State.ACCEPTED ? 1 : 0;
                continue;
            }
            switch (state) {
                case MISSED -> lost += unanswerable.contains(k) ? 0 : 1;
                case AMBIGUOUS -> doubted += unanswerable.contains(k) ? 0 : 1;
                case ACCEPTED -> {
                    double off = Math.abs(trials.get(best).latencyMs() - truth);
                    worst = Math.max(worst, off);
                    if (off <= withinMs) {
                        right++;
                    } else {
                        wrong++;
                    }
                }
            }
        }
        int extra = 0;
        for (int t = 0; t < trials.size(); t++) {
            extra += !used[t] && trials.get(t).state() == Trial.State.ACCEPTED ? 1 : 0;
        }
        return new Judged(right, wrong, lost, doubted, falseAnswers, missed, extra, worst);
    }
}
