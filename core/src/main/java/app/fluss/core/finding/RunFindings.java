package app.fluss.core.finding;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Rates;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/// What one run shows: counters that mislead, generation that does not do what was set, figures that rest on
/// little or cannot be had.
final class RunFindings {
    private final Analysis run;
    private final List<Finding> found = new ArrayList<>();

    private RunFindings(Analysis run) {
        this.run = run;
    }

    /// The findings of a run, worst first.
    static List<Finding> of(Analysis run) {
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
        return Finding.of(
                FindingCode.NO_FRAME_LOG,
                "The run rests on %s (grade %s)."
                        .formatted(
                                run.settings().grade().rests(), run.settings().grade()));
    }

    private void counter() {
        Rates rates = run.rates();
        double claimed = rates.claimed().orNaN();
        double rendered = rates.rendered().orNaN();
        double presented = rates.presented().orNaN();
        if (isSame(claimed, rendered) && rendered < presented * (1 - Thresholds.SAME_RATE)) {
            found.add(Finding.of(
                    FindingCode.COUNTER_BLIND,
                    "The counter says %s/s, as much as was rendered, while %s/s were presented."
                            .formatted(rate(claimed), rate(presented))));
        }
    }

    private void captured() {
        double base = run.settings().claimed().base().orNaN();
        double rendered = run.rates().rendered().orNaN();
        if (Math.abs(base - rendered) > Thresholds.SAME_RATE * rendered) {
            found.add(Finding.of(
                    FindingCode.BASE_MISMATCH,
                    "The generator takes %s/s for its base, while %s/s are rendered."
                            .formatted(rate(base), rate(rendered))));
        }
    }

    private void phantoms() {
        Phantoms phantoms = Phantoms.of(run);
        if (phantoms.share().orNaN() > Thresholds.PHANTOM_SHARE) {
            found.add(Finding.of(
                    FindingCode.PHANTOM_IMAGES,
                    "%s of the %s depict the same game time as an image beside them: %s/s are presented, %s/s can be told apart."
                            .formatted(
                                    percent(phantoms.share().orNaN()),
                                    phantoms.ofGenerated() ? "generated images" : "images",
                                    rate(run.rates().presented()),
                                    rate(run.rates().delivered()))));
        }
    }

    private void surplus() {
        double presented = run.rates().presented().orNaN();
        run.settings().display().ifPresent(mode -> {
            if (presented > mode.refreshHz() * Thresholds.ABOVE_REFRESH) {
                String said = "%s/s are presented to a display that shows at most %s/s."
                        .formatted(rate(presented), rate(mode.refreshHz()));
                found.add(Finding.of(
                        FindingCode.ABOVE_REFRESH,
                        mode.sync() == SyncMode.FIFO
                                ? said + " With fifo it would hold the game to that: the sync mode was another one, and"
                                        + " which images were lost is not known."
                                : said));
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
            found.add(Finding.of(
                    FindingCode.GENERATION_OFF,
                    "%s× is set, but %s/s are presented for %s/s rendered."
                            .formatted(plain(nominal), rate(presented), rate(rendered))));
        } else if (multiplier < Thresholds.MULTIPLIER_SHORT * nominal) {
            found.add(Finding.of(
                    FindingCode.MULTIPLIER_SHORT,
                    "%s× is set, %s× was found.".formatted(plain(nominal), number(multiplier, 2))));
        }
    }

    private void base() {
        double base = run.rates().rendered().orNaN();
        boolean generating = run.rates().presented().orNaN() > base * (1 + Thresholds.SAME_RATE);
        if (generating && base < Thresholds.BASE_SLOW * Thresholds.JUST_BELOW) {
            boolean rough = base < Thresholds.BASE_ROUGH * Thresholds.JUST_BELOW;
            found.add(Finding.of(
                    FindingCode.BASE_LOW,
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
            found.add(Finding.of(
                    FindingCode.GPU_FULL,
                    "The GPU is loaded to %s %% on average with generation on.".formatted(number(load, 0))));
        }
        if (run.limits().fromLoads()) {
            found.add(Finding.of(FindingCode.LIMIT_FROM_LOAD, "The log has loads but no CPU and GPU work per frame."));
        }
        if (run.limits().cpu().orNaN() > Thresholds.MOST_FRAMES) {
            found.add(Finding.of(
                    FindingCode.CPU_LIMIT,
                    "%s of the frames wait for the CPU."
                            .formatted(percent(run.limits().cpu().orNaN()))));
        }
    }

    private void ledger() {
        run.ledger().ifPresent(ledger -> {
            if (ledger.basis() == RefreshLedger.Basis.INFERRED) {
                found.add(Finding.of(
                        FindingCode.LEDGER_INFERRED,
                        "The log has no display times.",
                        "Refreshes and delivered rate are inferred from present times for %s at %s Hz."
                                .formatted(
                                        ledger.mode().sync().label(),
                                        plain(ledger.mode().refreshHz())),
                        "Log display times for a measured answer."));
            }
            if (ledger.gridError().orNaN() > Thresholds.OFF_GRID) {
                found.add(Finding.of(
                        FindingCode.REFRESH_MISMATCH,
                        "The display times do not lie on a grid of %s Hz."
                                .formatted(plain(ledger.mode().refreshHz()))));
            }
        });
    }

    private void tails() {
        weakTail(run.onePercentLow(), "1 %");
        weakTail(run.tenthPercentLow(), "0.1 %");
    }

    private void weakTail(Lows lows, String name) {
        if (lows.percentile().isKnown() && lows.isWeak()) {
            found.add(Finding.of(
                    FindingCode.WEAK_TAIL,
                    "The %s low rests on %d %s."
                            .formatted(name, lows.tailFrames(), lows.tailFrames() == 1 ? "frame" : "frames")));
        }
    }

    private void missing() {
        Map<String, Figure> figures = new LinkedHashMap<>();
        Set<Measure> expected = EnumSet.allOf(Measure.class);
        // That a counter was read without a range, or no tool named a low, is no fault of a run with a log.
        expected.removeAll(EnumSet.of(Measure.CLAIMED_LOWEST, Measure.CLAIMED_HIGHEST, Measure.CLAIMED_LOW));
        for (Measure measure : expected) {
            figures.put(measure.title(), measure.of(run));
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
