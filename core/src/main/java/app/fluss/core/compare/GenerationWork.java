package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/// What generation costs and gives, of the runs that have the rates for it: a multiplier is made of two rates
/// of the same runs, so those that have the most of the three rates count.
///
/// @param figures what it costs and gives
/// @param intervals how sure that is
record GenerationWork(GenerationFigures figures, GenerationIntervals intervals) {
    static GenerationWork of(List<Analysis> a, List<Analysis> b, List<List<Analysis>> scene, double set) {
        List<Analysis> before = richest(a);
        List<Analysis> after = richest(b);
        SideFigures native0 = rate(before, Measure.RENDERED);
        Estimate base = compared(native0, rate(after, Measure.RENDERED), spread(scene, Measure.RENDERED));
        Estimate gain = compared(
                rate(before, Measure.DELIVERED), rate(after, Measure.DELIVERED), spread(scene, Measure.DELIVERED));
        Estimate made = compared(native0, rate(after, Measure.PRESENTED), spread(scene, Measure.PRESENTED));
        SideFigures multipliers = SideFigures.of(after, GenerationWork::multiplier);
        Figure found = multipliers.isEmpty()
                ? multipliers.missing()
                : Figure.of(Math.exp(
                        Moments.of(PooledSpread.logs(multipliers.values())).mean()));
        GenerationFigures figures =
                GenerationFigures.of(base.ratio(), found, gain.ratio(), made.ratio(), surplus(after), set);
        return new GenerationWork(
                figures,
                GenerationIntervals.of(
                        base,
                        gain,
                        made,
                        Level.of(multipliers.values(), multipliers.missing(), multiplierSpread(scene)),
                        figures.nominal()));
    }

    private static Figure multiplier(Analysis run) {
        return run.rates().presented().with(run.rates().rendered(), (presented, rendered) -> presented / rendered);
    }

    private static SideFigures rate(List<Analysis> runs, Measure rate) {
        return SideFigures.of(runs, rate::of);
    }

    private static PooledSpread spread(List<List<Analysis>> scene, Measure measure) {
        return RunComparison.spread(scene, measure);
    }

    /// Of the paths that make images: the multiplier of others is always 1 and has no spread.
    private static PooledSpread multiplierSpread(List<List<Analysis>> scene) {
        return PooledSpread.of(scene.stream()
                .map(group -> SideFigures.of(group, GenerationWork::multiplier).values())
                .filter(GenerationWork::makesImages)
                .toList());
    }

    private static boolean makesImages(double[] multipliers) {
        for (double one : multipliers) {
            if (one != 1) {
                return true;
            }
        }
        return false;
    }

    private static Estimate compared(SideFigures a, SideFigures b, PooledSpread scene) {
        if (a.isEmpty() || b.isEmpty()) {
            return Estimate.refused(b.isEmpty() ? b.missing() : a.missing());
        }
        return BetweenRuns.of(a.values(), b.values(), scene);
    }

    private static Figure surplus(List<Analysis> runs) {
        SideFigures each = SideFigures.of(
                runs, run -> run.rates().presented().with(run.rates().delivered(), (made, seen) -> made - seen));
        return each.isEmpty()
                ? each.missing()
                : Figure.of(Moments.of(each.values()).mean());
    }

    private static List<Analysis> richest(List<Analysis> runs) {
        Analysis best = runs.stream()
                .max(Comparator.comparingInt(run -> known(run).size()))
                .orElseThrow();
        return runs.stream().filter(run -> known(run).containsAll(known(best))).toList();
    }

    private static Set<Measure> known(Analysis run) {
        return RunComparison.RATES.stream()
                .filter(measure -> measure.of(run).isKnown())
                .collect(Collectors.toSet());
    }
}
