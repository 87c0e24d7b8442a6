package app.fluss.core.toggle;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Holm;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.reading.ReadingSeries;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// A path against itself switched off, within one run: at this spot, in one sitting. It is mixed with no whole
/// run.
///
/// @param stretches the run between its switches, in time
/// @param fits each measure that any stretch has
public record ToggleComparison(List<ToggleStretch> stretches, Map<Measure, ToggleFit> fits) {
    private static final double MS = 1000;

    /// Each as the difference of a comparison, all judged together.
    ///
    /// @param grade of what the stretches are made of
    public Map<Measure, Difference> differences(Grade grade) {
        Map<Measure, Difference> all = new EnumMap<>(Measure.class);
        fits.forEach((measure, fit) -> all.put(measure, fit.compared(grade)));
        double[] adjusted = Holm.adjusted(
                all.values().stream().mapToDouble(one -> one.estimate().p()).toArray());
        int n = 0;
        for (Map.Entry<Measure, Difference> one : all.entrySet()) {
            one.setValue(one.getValue().judged(adjusted[n++], one.getKey() == primary()));
        }
        return all;
    }

    /// The rate that it is about: the delivered one, else what there is.
    public Measure primary() {
        return Stream.of(Measure.DELIVERED, Measure.PRESENTED, Measure.CLAIMED)
                .filter(measure -> {
                    ToggleFit fit = fits.get(measure);
                    return fit != null && fit.difference().isKnown();
                })
                .findFirst()
                .orElse(Measure.DELIVERED);
    }

    /// Of a frame log, cut at marks.
    public static ToggleComparison of(FrameLog log, List<ToggleMark> marks, AnalysisSettings settings) {
        double begin = log.present().at(0);
        List<ToggleStretch> stretches =
                ToggleStretch.of(marks, begin, log.present().at(log.size() - 1));
        List<Analysis> analyses = stretches.stream()
                .map(stretch -> Analysis.of(
                        log.between(stretch.fromMs(), stretch.toMs()),
                        stretch.on() ? settings : settings.withMultiplier(1).asNative()))
                .toList();
        Set<Measure> measures = EnumSet.copyOf(Measure.COMPARED);
        measures.removeAll(EnumSet.of(Measure.CLAIMED, Measure.CLAIMED_LOW));
        return of(stretches, measures, (index, measure) -> measure.of(analyses.get(index)));
    }

    /// Of the images that a clip can tell apart, cut at marks: what was seen, so what was delivered.
    ///
    /// @param images each presented when the clip first shows it, ms from the clip's begin
    /// @param marks on the clip's time
    public static ToggleComparison ofClip(FrameLog images, List<ToggleMark> marks) {
        double last = images.present().at(images.size() - 1);
        List<ToggleStretch> stretches = ToggleStretch.of(marks, 0, last);
        return of(stretches, EnumSet.of(Measure.DELIVERED), (index, _) -> {
            ToggleStretch stretch = stretches.get(index);
            return Analysis.of(images.between(stretch.fromMs(), stretch.toMs()), AnalysisSettings.NONE)
                    .rates()
                    .presented();
        });
    }

    /// Of what a counter said, cut at marks.
    public static ToggleComparison of(ReadingSeries readings, List<ToggleMark> marks) {
        if (!readings.isTimed()) {
            return new ToggleComparison(List.of(), Map.of());
        }
        double begin = readings.readings().getFirst().second() * MS;
        List<ToggleStretch> stretches =
                ToggleStretch.of(marks, begin, begin + readings.seconds().orNaN() * MS);
        return of(
                stretches,
                EnumSet.of(Measure.CLAIMED),
                (index, _) -> readings.meanBetween(
                        stretches.get(index).fromMs() / MS, stretches.get(index).toMs() / MS));
    }

    private static ToggleComparison of(
            List<ToggleStretch> stretches, Set<Measure> measures, BiFunction<Integer, Measure, Figure> figure) {
        Map<Measure, ToggleFit> fits = new EnumMap<>(Measure.class);
        for (Measure measure : measures) {
            List<Figure> figures = IntStream.range(0, stretches.size())
                    .mapToObj(index -> figure.apply(index, measure))
                    .toList();
            ToggleFit fit = ToggleFit.of(stretches, figures);
            if (fit.off().isKnown()) {
                fits.put(measure, fit);
            }
        }
        return new ToggleComparison(List.copyOf(stretches), fits);
    }
}
