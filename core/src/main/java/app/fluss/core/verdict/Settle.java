package app.fluss.core.verdict;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import app.fluss.core.plan.SpreadLimit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.hipparchus.distribution.continuous.NormalDistribution;

/// What would settle a claim.
///
/// @param kind more of the same, better evidence, or nothing
/// @param scene where
/// @param runs a side; 0 where runs alone would not
/// @param words for people
public record Settle(Kind kind, String scene, int runs, String words) {
    /// What it takes.
    public enum Kind {
        /// More runs.
        RUNS,
        /// Better evidence.
        EVIDENCE,
        /// A requirement that was not met, or a fault of a run that must be put right first.
        REQUIREMENT,
        /// Nothing that anybody would measure: the figure is at the bound.
        NOTHING
    }

    /// More runs a side than this nobody measures. Our own convention.
    private static final int MOST = 20;

    /// What it would settle is settled four times in five, all open claims together.
    private static final double POWER = 0.8;

    private static final double USUAL = 0.95;

    /// Runs a side that have an interval of their own.
    private static final int ENOUGH = RunComparison.FEWEST_RUNS;

    /// What must be put right before anything can be settled.
    static Settle requirement(String words) {
        return new Settle(Kind.REQUIREMENT, "", 0, words);
    }

    /// What would settle claims, alike ones together.
    static List<Settle> of(List<Claim> claims) {
        Map<Like, List<String>> alike = new LinkedHashMap<>();
        List<Settle> all = new ArrayList<>();
        long open = claims.stream()
                .filter(claim -> claim.state() == Claim.State.OPEN)
                .count();
        for (Claim claim : claims) {
            switch (claim.state()) {
                case HOLDS, HOLDS_WITH_WARNING, FAILS -> {}
                case NO_FIGURE -> all.add(new Settle(Kind.EVIDENCE, claim.scene(), 0, evidence(claim)));
                case OPEN -> all.add(more(claim, Math.pow(POWER, 1.0 / open)));
                case LIKELY, UNLIKELY ->
                    alike.computeIfAbsent(new Like(claim.held().kind(), claim.scene()), _ -> new ArrayList<>())
                            .add(claim.asked().rule().title());
            }
        }
        alike.forEach((like, titles) -> all.add(better(like, titles)));
        return List.copyOf(all);
    }

    /// Claims that the same would settle.
    private record Like(Held.Kind kind, String scene) {}

    private static String evidence(Claim claim) {
        String why = claim.held().value() instanceof Figure.Missing(String reason) ? reason : "";
        return "%s: %s.".formatted(claim.asked().rule().title(), why);
    }

    private static Settle better(Like like, List<String> titles) {
        boolean one = titles.size() == 1;
        String all = one
                ? titles.getFirst()
                : String.join(", ", titles.subList(0, titles.size() - 1)) + " and " + titles.getLast();
        return switch (like.kind) {
            case READING ->
                new Settle(
                        Kind.EVIDENCE,
                        like.scene,
                        ENOUGH,
                        "%s %s on readings: log the frames of three runs a side."
                                .formatted(all, one ? "rests" : "rest"));
            case ESTIMATE ->
                new Settle(
                        Kind.EVIDENCE,
                        like.scene,
                        ENOUGH,
                        "%s %s estimated: measure latency in three runs a side.".formatted(all, one ? "is" : "are"));
            case RUN_TO_RUN, BORROWED, TOGGLE, WITHIN, STATED ->
                new Settle(
                        Kind.RUNS,
                        like.scene,
                        ENOUGH,
                        "%s %s no interval from run to run: three runs a side have one."
                                .formatted(all, one ? "has" : "have"));
        };
    }

    /// So many runs a side that the interval no longer reaches the bound, should the spread be as large as it
    /// may be.
    ///
    /// @param power how often it then does not
    private static Settle more(Claim claim, double power) {
        double value = claim.held().value().orNaN();
        double distance = Math.abs(value - claim.asked().bound());
        Interval now = claim.held().interval().apply(USUAL).orElseThrow();
        int sides = claim.held().runsA() == 0 || claim.held().runsB() == 0 ? 1 : 2;
        int runs = Math.max(2, fewest(claim.held()));
        double half = (now.high() - now.low()) / 2;
        double seen = half / reach(sides, runs, USUAL);
        double spread = SpreadLimit.upper(seen, sides * (runs - 1));
        double quantile = new NormalDistribution().inverseCumulativeProbability(power);
        int needed = runs + 1;
        while (needed <= MOST
                && spread * (reach(sides, needed, claim.settling()) + quantile * Math.sqrt((double) sides / needed))
                        > distance) {
            needed++;
        }
        Interval settling = claim.held().interval().apply(claim.settling()).orElseThrow();
        String far = String.format(
                Locale.ROOT,
                "%s is %.2f from the bound, ± %.2f%s",
                claim.asked().rule().title(),
                distance,
                (settling.high() - settling.low()) / 2,
                claim.settling() > USUAL ? " for %d claims at once".formatted(claim.made()) : "");
        return needed > MOST
                ? new Settle(Kind.NOTHING, claim.scene(), 0, far + ": it is at the bound, and no number of runs tells.")
                : new Settle(Kind.RUNS, claim.scene(), needed, far + ": %d runs a side tell.".formatted(needed));
    }

    /// Half of an interval, in standard deviations from run to run.
    private static double reach(int sides, int runs, double confidence) {
        return Student.reach(sides * (runs - 1.0), confidence) * Math.sqrt((double) sides / runs);
    }

    private static int fewest(Held held) {
        return held.runsA() == 0 || held.runsB() == 0
                ? Math.max(held.runsA(), held.runsB())
                : Math.min(held.runsA(), held.runsB());
    }
}
