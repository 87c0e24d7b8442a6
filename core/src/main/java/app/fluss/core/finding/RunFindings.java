package app.fluss.core.finding;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.Rates;
import app.fluss.core.measure.RefreshLedger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/// What one run shows: counters that mislead, generation that does not do what was set, figures that rest on
/// little or cannot be had.
public final class RunFindings {
    private final Analysis run;
    private final List<Finding> found = new ArrayList<>();

    private RunFindings(Analysis run) {
        this.run = run;
    }

    /// The findings of a run, worst first.
    public static List<Finding> of(Analysis run) {
        RunFindings findings = new RunFindings(run);
        if (!run.settings().grade().hasLog()) {
            return List.of(withoutLog(run));
        }
        findings.counter();
        findings.captured();
        findings.phantoms();
        findings.surplus();
        findings.multiplier();
        BaseCreep.of(run).ifPresent(findings.found::add);
        findings.base();
        findings.load();
        findings.ledger();
        findings.tails();
        findings.missing();
        findings.found.sort(Finding.WORST_FIRST);
        return List.copyOf(findings.found);
    }

    private static Finding withoutLog(Analysis run) {
        return Finding.warning(
                "no-frame-log",
                "The run rests on %s (grade %s)."
                        .formatted(
                                run.settings().grade().rests(), run.settings().grade()),
                "There are no lows, no spread and no delivered rate, and nothing tells what the counter counted.",
                "Log frames once if the game allows it.");
    }

    private void counter() {
        Rates rates = run.rates();
        double claimed = rates.claimed().orNaN();
        double rendered = rates.rendered().orNaN();
        double presented = rates.presented().orNaN();
        if (isSame(claimed, rendered) && rendered < presented * (1 - Thresholds.SAME_RATE)) {
            found.add(Finding.fault(
                    "counter-blind",
                    "The counter says %s/s, as much as was rendered, while %s/s were handed on."
                            .formatted(rate(claimed), rate(presented)),
                    "It does not see generated images.",
                    "Judge by presented and delivered rate, not by this counter."));
        }
    }

    private void captured() {
        double base = run.settings().baseFps().orNaN();
        double rendered = run.rates().rendered().orNaN();
        if (Math.abs(base - rendered) > Thresholds.SAME_RATE * rendered) {
            found.add(Finding.fault(
                    "base-mismatch",
                    "The generator takes %s/s for its base, while %s/s are rendered."
                            .formatted(rate(base), rate(rendered)),
                    "It captures something else: a lock at 60 Hz, or the composed desktop.",
                    "Check the window mode and what the generator is set to capture."));
        }
    }

    private void phantoms() {
        double share = phantomShare(run.slice());
        if (share > Thresholds.PHANTOM_SHARE) {
            found.add(
                    Finding.fault(
                            "phantom-images",
                            "%s of the generated images depict the same game time as the image before them: %s/s are handed on, %s/s can be told apart."
                                    .formatted(
                                            percent(share),
                                            rate(run.rates().presented()),
                                            rate(run.rates().delivered())),
                            "A counter counts them, the eye does not: motion is no smoother.",
                            "Restart the game with generation on; change upscaler or window mode back; if they stay, leave generation off."));
        }
    }

    /// The share of generated images whose game time equals that of the image before; NaN if there are none to
    /// ask.
    private static double phantomShare(FrameSlice slice) {
        FrameLog log = slice.log();
        if (!log.kindsStated() || !log.has(Channel.CONTENT)) {
            return Double.NaN;
        }
        Values content = log.channel(Channel.CONTENT).orElseThrow();
        int generated = 0;
        int repeated = 0;
        for (int i = Math.max(1, slice.from()); i < slice.to(); i++) {
            if (log.kind(i) == FrameKind.GENERATED) {
                generated++;
                repeated += content.at(i) == content.at(i - 1) ? 1 : 0;
            }
        }
        return generated > 0 ? (double) repeated / generated : Double.NaN;
    }

    private void surplus() {
        double presented = run.rates().presented().orNaN();
        run.settings().display().map(DisplayMode::refreshHz).ifPresent(hz -> {
            if (presented > hz * Thresholds.ABOVE_REFRESH) {
                found.add(Finding.warning(
                        "above-refresh",
                        "%s/s are handed on to a display that shows at most %s/s.".formatted(rate(presented), rate(hz)),
                        "The surplus costs work and is never shown.",
                        "Lower the multiplier or the cap."));
            }
        });
    }

    private void multiplier() {
        double nominal = run.settings().multiplier();
        double presented = run.rates().presented().orNaN();
        double rendered = run.rates().rendered().orNaN();
        double multiplier = presented / rendered;
        if (!(nominal > 1) || Double.isNaN(multiplier)) {
            return;
        }
        if (isSame(presented, rendered)) {
            found.add(Finding.fault(
                    "generation-off",
                    "%s× is set, but %s/s are handed on for %s/s rendered."
                            .formatted(plain(nominal), rate(presented), rate(rendered)),
                    "Generation is not engaged.",
                    "Check upscaler, window mode and graphics interface, restart the game, and measure again."));
        } else if (multiplier < Thresholds.MULTIPLIER_SHORT * nominal) {
            found.add(Finding.warning(
                    "multiplier-short",
                    "%s× is set, %s× was found.".formatted(plain(nominal), number(multiplier, 2)),
                    "The generator runs out of GPU or link capacity.",
                    "Cap the game, or lower the multiplier or the motion-estimation size."));
        }
    }

    private void base() {
        double base = run.rates().rendered().orNaN();
        boolean generating = run.rates().presented().orNaN() > base * (1 + Thresholds.SAME_RATE);
        if (generating && base < Thresholds.BASE_SLOW * Thresholds.JUST_BELOW) {
            boolean rough = base < Thresholds.BASE_ROUGH * Thresholds.JUST_BELOW;
            found.add(Finding.warning(
                    "base-low",
                    "The base rate is %s/s.".formatted(rate(base)),
                    rough
                            ? "Below 40 generated motion is rough and the wait is long (common practice)."
                            : "Between 40 and 60 generation suits slow games only (common practice).",
                    "Raise the base with lighter settings before generating."));
        }
    }

    private void load() {
        boolean generating =
                run.rates().presented().orNaN() > run.rates().rendered().orNaN() * (1 + Thresholds.SAME_RATE);
        // Work that fills the frame is no logged load: a game that its GPU limits always has it.
        double load = run.slice().log().has(Channel.GPU_LOAD)
                ? CardLoads.of(run).first().orNaN()
                : Double.NaN;
        if (generating && load >= Thresholds.GPU_FULL_PCT) {
            found.add(Finding.warning(
                    "gpu-full",
                    "The GPU is loaded to %s %% on average with generation on.".formatted(number(load, 0)),
                    "The game and the generator wait for each other.",
                    "Cap the game so that 10 to 15 % stay free, or lower the motion-estimation size."));
        }
        if (run.limits().fromLoads()) {
            found.add(Finding.note(
                    "limit-from-load",
                    "The log has loads but no CPU and GPU work per frame.",
                    "What limits is judged from the GPU load alone, which is weaker.",
                    "Log CPU and GPU work per frame if the logger can."));
        }
        if (run.limits().cpu().orNaN() > Thresholds.MOST_FRAMES) {
            found.add(Finding.note(
                    "cpu-limit",
                    "%s of the frames wait for the CPU."
                            .formatted(percent(run.limits().cpu().orNaN())),
                    "A lower resolution does not raise the base, and generation on the same CPU budget does not help it.",
                    "Lower what the CPU does: crowds, distance, physics."));
        }
    }

    private void ledger() {
        run.ledger().ifPresent(ledger -> {
            if (ledger.basis() == RefreshLedger.Basis.INFERRED) {
                found.add(Finding.note(
                        "ledger-inferred",
                        "The log has no display times.",
                        "Refreshes and delivered rate are inferred from hand-over times for %s at %s Hz."
                                .formatted(
                                        ledger.mode().sync().label(),
                                        plain(ledger.mode().refreshHz())),
                        "Log display times for a measured answer."));
            }
            if (ledger.gridError().orNaN() > Thresholds.OFF_GRID) {
                found.add(Finding.fault(
                        "refresh-mismatch",
                        "The display times do not lie on a grid of %s Hz."
                                .formatted(plain(ledger.mode().refreshHz())),
                        "The stated refresh rate or sync mode is not the one that the log was made with.",
                        "State the refresh rate and sync mode of the run."));
            }
        });
    }

    private void tails() {
        weakTail(run.onePercentLow(), "1 %");
        weakTail(run.tenthPercentLow(), "0.1 %");
    }

    private void weakTail(Lows lows, String name) {
        if (lows.percentile().isKnown() && lows.isWeak()) {
            found.add(Finding.note(
                    "weak-tail",
                    "The %s low rests on %d %s."
                            .formatted(name, lows.tailFrames(), lows.tailFrames() == 1 ? "frame" : "frames"),
                    "One hitch more or less would change it.",
                    "Measure for longer before comparing it."));
        }
    }

    private void missing() {
        Map<String, Figure> figures = new LinkedHashMap<>();
        figures.put("claimed rate", run.rates().claimed());
        figures.put("rendered rate", run.rates().rendered());
        figures.put("presented rate", run.rates().presented());
        figures.put("delivered rate", run.rates().delivered());
        figures.put("spread of frame times", run.spread().sd());
        figures.put("motion timing error", run.motion().meanAbs());
        if (run.ledger().isEmpty()) {
            figures.put("refresh ledger", Figure.missing("no refresh rate is stated"));
        }
        if (run.limits().unknown().orNaN() == 1) {
            figures.put("what limits", Figure.missing("the log has no CPU and GPU work, nor loads"));
        }
        found.addAll(MissingFigures.of(figures));
    }

    private static boolean isSame(double a, double b) {
        return Math.abs(a - b) <= Thresholds.SAME_RATE * b;
    }

    static String rate(Figure rate) {
        return rate.isKnown() ? rate(rate.orNaN()) : "an unknown number";
    }

    static String rate(double rate) {
        return number(rate, 1);
    }

    static String percent(double share) {
        return number(share * 100, 0) + " %";
    }

    static String plain(double value) {
        return value == Math.rint(value) ? number(value, 0) : number(value, 2);
    }

    static String number(double value, int decimals) {
        return String.format(Locale.ROOT, "%." + decimals + "f", value);
    }
}
