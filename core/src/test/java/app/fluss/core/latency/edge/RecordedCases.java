package app.fluss.core.latency.edge;

import static app.fluss.core.latency.edge.Recorded.flash;

import java.util.ArrayList;
import java.util.List;
import java.util.function.LongFunction;

/// Recordings as practitioners bring them, each with about 25 presses.
final class RecordedCases {
    private static final int PRESSES = 25;

    private RecordedCases() {}

    /// @param withinMs how near each latency must come
    /// @param of a recording from a seed
    record Case(String name, double withinMs, LongFunction<Recorded> of) {
        @Override
        public String toString() {
            return name;
        }
    }

    /// A display that smooths: a new level each 5.6 ms, a tenth, a quarter, six tenths, nine tenths, all.
    private static double smoothly(double ms) {
        double[] levels = {0.1, 0.25, 0.4, 0.85, 0.95, 1};
        return levels[(int) Math.clamp(ms / 5.6, 0, levels.length - 1.0)];
    }

    private static double within(double rateHz, double loose) {
        return Math.max(rateHz <= 2000 ? 1 : 0.5, loose);
    }

    private static Recorded pressed(long seed, double rateHz) {
        return pressed(seed, rateHz, 620, 120);
    }

    private static Recorded pressed(long seed, double rateHz, double everyMs, double jitterMs) {
        return new Recorded(seed, rateHz, (PRESSES * everyMs + 1500) / 1000).presses(PRESSES, 450, everyMs, jitterMs);
    }

    static List<Case> all() {
        List<Case> cases = new ArrayList<>();
        for (double rate : new double[] {1000, 2000, 10_000, 50_000}) {
            sensors(cases, rate);
        }
        for (double rate : new double[] {8000, 44_100, 48_000, 192_000}) {
            sound(cases, rate);
        }
        return cases;
    }

    private static void sensors(List<Case> cases, double rate) {
        String at = " at %.0f".formatted(rate);
        for (double lasts : new double[] {30, 80, 200}) {
            cases.add(new Case("flash of %.0f ms".formatted(lasts) + at, within(rate, 0), seed -> {
                Recorded r = pressed(seed, rate).button(12, 0, 1);
                return r.answers(r.latencies(20, 120), flash(lasts, 0), lasts, 0)
                        .scaled(0.1, 0.8)
                        .noise(0.01);
            }));
        }
        cases.add(new Case("flash of 80 ms, slow panel" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(80, 5), 200, 5 * Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("dark flash on bright" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.9, -0.7)
                    .noise(0.01);
        }));
        cases.add(new Case("bright and dark in turn" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.toggles(r.latencies(20, 120), 2).scaled(0.1, 0.8).noise(0.01);
        }));
        cases.add(new Case(
                "bright and dark in turn, slow panel, 20 dB" + at, within(rate, rate < 2000 ? 2 : 1), seed -> {
                    Recorded r = pressed(seed, rate).button(12, 0, 1);
                    return r.toggles(r.latencies(20, 120), 8).scaled(0.1, 0.8).noise(0.08);
                }));
        cases.add(new Case("flash of 60 ms, 20 dB" + at, within(rate, rate < 2000 ? 1.5 : 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.08);
        }));
        cases.add(new Case("flash of 60 ms, 14 dB" + at, within(rate, rate < 4000 ? 2 : 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.16);
        }));
        cases.add(new Case("flash with hum and drift" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(70, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .hum(50, 0.1)
                    .drift(1.2)
                    .noise(0.01);
        }));
        cases.add(new Case("toggle with hum of 60 Hz" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.toggles(r.latencies(20, 120), 2)
                    .scaled(0.1, 0.8)
                    .hum(60, 0.12)
                    .noise(0.01);
        }));
        for (double hz : new double[] {120, 240, 960}) {
            if (rate > 4 * hz) {
                cases.add(new Case("toggle with ripple of %.0f Hz".formatted(hz) + at, within(rate, 0), seed -> {
                    Recorded r = pressed(seed, rate).button(12, 0, 1);
                    return r.toggles(r.latencies(20, 120), 2)
                            .scaled(0.1, 0.8)
                            .ripple(hz, 0.3)
                            .noise(0.01);
                }));
                cases.add(new Case("flash with ripple of %.0f Hz".formatted(hz) + at, within(rate, 0), seed -> {
                    Recorded r = pressed(seed, rate).button(12, 0, 1);
                    return r.answers(r.latencies(20, 120), flash(80, 2), 140, 2 * Math.log(2))
                            .scaled(0.2, 0.7)
                            .ripple(hz, 0.3)
                            .noise(0.01);
                }));
                cases.add(new Case(
                        "toggle, backlight off between pulses of %.0f Hz".formatted(hz) + at,
                        within(rate, 1000 / hz),
                        seed -> {
                            Recorded r = pressed(seed, rate).button(12, 0, 1);
                            return r.toggles(r.latencies(20, 120), 1)
                                    .scaled(0.1, 0.8)
                                    .pulsed(hz, 0.4)
                                    .noise(0.005);
                        }));
                cases.add(new Case(
                        "flash, backlight off between pulses of %.0f Hz".formatted(hz) + at,
                        within(rate, 1000 / hz),
                        seed -> {
                            Recorded r = pressed(seed, rate).button(12, 0, 1);
                            return r.answers(r.latencies(20, 120), flash(80, 1), 100, Math.log(2))
                                    .scaled(0.05, 0.8)
                                    .pulsed(hz, 0.4)
                                    .noise(0.005);
                        }));
            }
        }
        cases.add(new Case("AC coupled toggle, 50 ms" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.toggles(r.latencies(20, 120), 1).scaled(0, 0.8).coupled(50).noise(0.005);
        }));
        cases.add(new Case("AC coupled flash, 30 ms, slow panel" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 5), 200, 5 * Math.log(2))
                    .scaled(0, 0.8)
                    .coupled(30)
                    .noise(0.005);
        }));
        cases.add(new Case("8 bits, clipped" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(70, 1), 100, 0.6)
                    .scaled(0.1, 1.1)
                    .noise(0.02)
                    .bits(8, 0, 1);
        }));
        cases.add(new Case("two parts, share on the plateau" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), ms -> ms < 17 ? 0.5 : 1, 90, 0)
                    .scaled(0.1, 0.8)
                    .noise(0.008);
        }));
        cases.add(new Case("two parts, first a third" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), ms -> ms < 17 ? 0.3 : 1, 120, 17)
                    .scaled(0.1, 0.8)
                    .noise(0.008);
        }));
        for (double held : new double[] {50, 150, 370}) {
            cases.add(new Case("held %.0f ms, flash".formatted(held) + at, within(rate, 0), seed -> {
                Recorded r = pressed(seed, rate).button(held, 0, 1);
                return r.answers(r.latencies(15, 150), flash(60, 1), 100, Math.log(2))
                        .scaled(0.1, 0.8)
                        .noise(0.01);
            }));
            cases.add(new Case("held %.0f ms, inverted, toggle".formatted(held) + at, within(rate, 0), seed -> {
                Recorded r = pressed(seed, rate).button(held, 3.3, 0.1).inputNoise(0.02);
                return r.toggles(r.latencies(15, 150), 1).scaled(0.1, 0.8).noise(0.01);
            }));
        }
        cases.add(new Case("bouncing" + at, within(rate, rate < 5000 ? 5 : 0.6), seed -> {
            Recorded r = pressed(seed, rate).button(90, 0, 1).bouncing(90, 4);
            return r.answers(r.latencies(15, 150), flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("fire that flickers" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2));
            for (double ms = 0; ms < r.seconds() * 1000; ms += r.between(30, 90)) {
                double size = r.between(-0.08, 0.08);
                double lasts = r.between(20, 90);
                r.add(ms, flash(lasts, 3), lasts + 20, size);
            }
            return r.scaled(0.3, 0.6).noise(0.01);
        }));
        cases.add(new Case("flashes that no press caused" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            double[] latencies = r.latencies(60, 120);
            r.answers(latencies, flash(50, 1), 100, Math.log(2));
            for (int k = 0; k < 25; k += 4) {
                r.add(r.pressesMs.get(k) + r.between(-60, 40), flash(50, 1), 100, r.between(0.6, 1.1));
                r.unanswerable.add(k);
            }
            return r.scaled(0.1, 0.8).noise(0.01);
        }));
        cases.add(new Case("double clicks" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate);
            for (int k = 20; k > 0; k -= 4) {
                r.pressesMs.add(k, r.pressesMs.get(k - 1) + 70);
            }
            for (int k = 0; k + 1 < r.pressesMs.size(); k++) {
                if (r.pressesMs.get(k + 1) - r.pressesMs.get(k) < 100) {
                    r.unanswerable.addAll(List.of(k, k + 1));
                }
            }
            r.button(12, 0, 1);
            return r.answers(r.latencies(90, 130), flash(30, 1), 60, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("some not answered" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            double[] latencies = r.latencies(20, 120);
            for (int k = 3; k < latencies.length; k += 5) {
                latencies[k] = Double.NaN;
            }
            return r.answers(latencies, flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.02);
        }));
        cases.add(new Case("long latencies, long flashes" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 800, 60).button(100, 0, 1);
            return r.answers(r.latencies(150, 320), flash(180, 1), 240, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("held for 60 % of even intervals" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 650, 0).button(390, 0, 1);
            return r.answers(r.latencies(15, 150), flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("held for 60 %, toggle" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 650, 40).button(390, 1, 0);
            return r.toggles(r.latencies(15, 150), 1).scaled(0.1, 0.8).noise(0.01);
        }));
        cases.add(new Case("even clicks on hum" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 500, 0).button(12, 0, 1);
            return r.answers(r.latencies(40, 60), flash(60, 1), 100, Math.log(2))
                    .scaled(0.1, 0.8)
                    .hum(50, 0.15)
                    .noise(0.01);
        }));
        cases.add(new Case("toggle, 14 dB" + at, within(rate, rate < 4000 ? 3 : 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.toggles(r.latencies(20, 120), 3).scaled(0.1, 0.8).noise(0.16);
        }));
        cases.add(new Case("flash that fades" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), ms -> Math.exp(-ms / 60), 400, 0)
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("two flashes for each press" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            double[] l = r.latencies(20, 80);
            r.answers(l, flash(35, 1), 60, Math.log(2));
            for (int k = 0; k < l.length; k++) {
                r.add(r.pressesMs.get(k) + l[k] + 90, flash(35, 1), 60, 1);
            }
            return r.scaled(0.1, 0.8).noise(0.01);
        }));
        cases.add(new Case("flashes of many sizes" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            double[] l = r.latencies(20, 80);
            for (int k = 0; k < l.length; k++) {
                r.add(r.pressesMs.get(k) + l[k], flash(50, 1), 80, r.between(0.7, 1.2));
                r.halvesMs.add(r.pressesMs.get(k) + l[k] + Math.log(2));
            }
            return r.scaled(0.1, 0.7).noise(0.01);
        }));
        cases.add(new Case("light that toggles by itself too" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            r.toggles(r.latencies(60, 120), 1);
            for (int k = 2; k < 25; k += 5) {
                r.add(r.pressesMs.get(k) + r.between(-150, 30), flash(1e6, 1), 1e6, k % 2 == 0 ? -0.8 : 0.8);
                r.unanswerable.add(k);
            }
            return r.scaled(0.5, 0.3).noise(0.01);
        }));
        cases.add(new Case("wandering light" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.3, 0.6)
                    .wander(0.3)
                    .noise(0.01);
        }));
        cases.add(new Case("five seconds apart" + at, within(rate, 0), seed -> {
            Recorded r =
                    new Recorded(seed, rate, 42).presses(8, 1000, 5000, 500).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.3, 0.6)
                    .noise(0.03);
        }));
        cases.add(new Case("seven clicks only" + at, within(rate, 0), seed -> {
            Recorded r = new Recorded(seed, rate, 6).presses(7, 60, 700, 100).button(80, 0, 1);
            return r.answers(r.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                    .scaled(0.3, 0.6)
                    .noise(0.03);
        }));
        cases.add(new Case("very short flash" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(9, 0), 20, 0)
                    .scaled(0.1, 0.8)
                    .noise(0.02);
        }));
        cases.add(new Case("three parts" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), ms -> ms < 12 ? 0.25 : ms < 24 ? 0.75 : 1, 150, 12)
                    .scaled(0.1, 0.8)
                    .noise(0.008);
        }));
        cases.add(new Case("many small parts" + at, within(rate, rate < 5000 ? 2.7 : 1.5), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.answers(r.latencies(20, 90), ms -> smoothly(ms), 160, 17)
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("deep ripple of a lamp" + at, within(rate, rate < 2000 ? 2 : 0), seed -> {
            Recorded r = pressed(seed, rate).button(12, 0, 1);
            return r.toggles(r.latencies(20, 120), 1)
                    .scaled(0.1, 0.8)
                    .ripple(100, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("flashes for more than half of the interval" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 620, 60).button(12, 0, 1);
            return r.answers(r.latencies(20, 120), flash(350, 1), 400, Math.log(2))
                    .scaled(0.1, 0.8)
                    .noise(0.01);
        }));
        cases.add(new Case("late answers" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate, 900, 100).button(250, 0, 1);
            return r.toggles(r.latencies(230, 430), 2).scaled(0.1, 0.8).noise(0.02);
        }));
    }

    private static void sound(List<Case> cases, double rate) {
        String at = " at %.0f".formatted(rate);
        for (double tau : rate > 100_000 ? new double[] {50} : new double[] {20, 50, 100}) {
            cases.add(new Case("sound, AC flash, %.0f ms".formatted(tau) + at, within(rate, 0), seed -> {
                Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
                return r.answers(r.latencies(20, 120), flash(80, 1), 120, Math.log(2))
                        .scaled(0, 0.5)
                        .coupled(tau)
                        .hum(50, 0.01)
                        .noise(0.004)
                        .bits(16, -1, 1);
            }));
            cases.add(new Case("sound, AC toggle, %.0f ms".formatted(tau) + at, within(rate, 0), seed -> {
                Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
                return r.toggles(r.latencies(20, 120), 2)
                        .scaled(0, 0.5)
                        .coupled(tau)
                        .hum(50, 0.01)
                        .noise(0.004)
                        .bits(16, -1, 1);
            }));
        }
        if (rate > 100_000) {
            return; // long to make, and nothing in them is new
        }
        cases.add(new Case("sound, knock on press and on release" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
            r.pressesMs.forEach(press -> r.knock(press + r.between(90, 140), 0.25, 1900, 2.2));
            return r.answers(r.latencies(20, 70), flash(80, 1), 120, Math.log(2))
                    .scaled(0, 0.5)
                    .coupled(60)
                    .noise(0.004);
        }));
        cases.add(new Case("sound, button on a coupled input" + at, within(rate, 0), seed -> {
            Recorded r =
                    pressed(seed, rate).button(130, 0, 0.6).coupledInput(30).inputNoise(0.003);
            return r.answers(r.latencies(20, 120), flash(80, 1), 120, Math.log(2))
                    .scaled(0, 0.5)
                    .coupled(60)
                    .noise(0.004);
        }));
        cases.add(new Case("sound, AC toggle with backlight pulses" + at, within(rate, 4.2), seed -> {
            Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
            return r.toggles(r.latencies(20, 120), 1)
                    .scaled(0.05, 0.5)
                    .pulsed(240, 0.5)
                    .coupled(50)
                    .noise(0.004);
        }));
        for (double tau : new double[] {12, 250}) {
            cases.add(new Case("sound, AC toggle, slow panel, %.0f ms".formatted(tau) + at, within(rate, 1), seed -> {
                Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
                return r.toggles(r.latencies(20, 120), 4)
                        .scaled(0, 0.5)
                        .coupled(tau)
                        .noise(0.004)
                        .bits(16, -1, 1);
            }));
        }
        cases.add(new Case("sound, release louder than press" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).knocks(0.3).inputNoise(0.003);
            r.pressesMs.forEach(press -> r.knock(press + r.between(90, 140), 0.55, 1900, 2.2));
            return r.answers(r.latencies(20, 70), flash(80, 1), 120, Math.log(2))
                    .scaled(0, 0.5)
                    .coupled(60)
                    .noise(0.004);
        }));
        cases.add(new Case("sound, light not coupled, 8 bits of level" + at, within(rate, 0), seed -> {
            Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.003);
            return r.answers(r.latencies(20, 120), flash(80, 1), 120, Math.log(2))
                    .scaled(-0.4, 0.7)
                    .noise(0.01)
                    .bits(8, -1, 1);
        }));
        cases.add(new Case("sound, AC flash, 20 dB" + at, within(rate, 1), seed -> {
            Recorded r = pressed(seed, rate).knocks(0.5).inputNoise(0.01);
            return r.answers(r.latencies(20, 120), flash(80, 2), 120, 2 * Math.log(2))
                    .scaled(0, 0.5)
                    .coupled(50)
                    .noise(0.05);
        }));
    }
}
