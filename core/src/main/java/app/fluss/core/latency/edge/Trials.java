package app.fluss.core.latency.edge;

import app.fluss.core.latency.edge.Answers.Answer;
import app.fluss.core.measure.Ordered;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;

/// The trials of a recording, timed sample by sample.
final class Trials {
    private static final int TAU_EDGES = 16;
    private static final double PLATEAU = 0.06;
    private static final double PLATEAU_NOISES = 3;
    private static final double PLATEAU_STARTS = 0.85;

    private final Signal light;
    private final LightTrace trace;
    private final double threshold;
    private final boolean pictures;
    private final List<Timed> timed = new ArrayList<>();

    /// One answer on its way to a trial.
    ///
    /// @param part the part of it on which the threshold lies, in the list of changes
    /// @param edge that part, sample by sample
    /// @param share of that part at which the time is taken
    private record Timed(double inputMs, Answer answer, int part, LightEdge edge, double share, boolean onPlateau) {}

    private Trials(Signal light, LightTrace trace, EdgeSettings settings, boolean pictures) {
        this.light = light;
        this.trace = trace;
        this.threshold = settings.threshold();
        this.pictures = pictures;
    }

    /// The trials, and the noise of the light as a share of its step.
    record Found(List<Trial> trials, double noise) {}

    static Found of(
            Signal light,
            PressChoice.Read read,
            LightTrace trace,
            EdgeSettings settings,
            boolean pictures,
            Progress progress) {
        return new Trials(light, trace, settings, pictures).found(read, progress);
    }

    private Found found(PressChoice.Read read, Progress progress) {
        List<Trial> trials = new ArrayList<>();
        double[] presses = read.presses().samples();
        for (int k = 0; k < presses.length; k++) {
            Answer answer = read.answers().of(k);
            if (answer.isThere()) {
                timed.add(timed(light.ms(presses[k]), answer));
            }
            progress.check((double) k / presses.length);
        }
        double tauMs = tauMs();
        int next = 0;
        if (read.presses().heldAtStart()) {
            trials.add(new Trial(0, Double.NaN, Double.NaN, Double.NaN, Trial.State.AMBIGUOUS, Doubt.HELD_AT_START));
        }
        for (int k = 0; k < presses.length; k++) {
            Answer answer = read.answers().of(k);
            trials.add(
                    answer.isThere()
                            ? trial(timed.get(next++), tauMs)
                            : unanswered(light.ms(presses[k]), answer.doubt()));
        }
        double noise = Ordered.of(timed.stream()
                        .mapToDouble(one -> one.edge().relativeNoise())
                        .filter(Double::isFinite)
                        .toArray())
                .median();
        return new Found(trials, noise);
    }

    private static Trial unanswered(double inputMs, Doubt doubt) {
        Trial.State state = doubt == Doubt.NOTHING_CHANGED ? Trial.State.MISSED : Trial.State.AMBIGUOUS;
        return new Trial(inputMs, Double.NaN, Double.NaN, Double.NaN, state, doubt);
    }

    /// Finds the part of an answer on which the threshold lies.
    private Timed timed(double inputMs, Answer answer) {
        List<LightChange> changes = trace.changes().all();
        double before = changes.get(answer.first()).before();
        double step = changes.get(answer.last()).after() - before;
        double tolerance = Math.max(PLATEAU, PLATEAU_NOISES * trace.changes().noise() / Math.abs(step));
        double from = 0;
        for (int part = answer.first(); part < answer.last(); part++) {
            double to = (changes.get(part).after() - before) / step;
            if (Math.abs(to - threshold) < tolerance) {
                return timed(inputMs, answer, part, PLATEAU_STARTS, true);
            }
            if (to > threshold) {
                return timed(inputMs, answer, part, (threshold - from) / (to - from), false);
            }
            from = to;
        }
        return timed(inputMs, answer, answer.last(), (threshold - from) / (1 - from), false);
    }

    private Timed timed(double inputMs, Answer answer, int part, double share, boolean onPlateau) {
        LightEdge edge = new LightEdge(light, trace.place(part), trace.whole(), share, pictures);
        return new Timed(inputMs, answer, part, edge, share, onPlateau);
    }

    /// The panel's time constant, from answers that nothing disturbs.
    private double tauMs() {
        List<double[]> shapes = new ArrayList<>();
        List<Double> around = new ArrayList<>();
        for (Timed one : timed) {
            boolean whole = one.answer().first() == one.answer().last();
            if (whole
                    && one.answer().doubt() == Doubt.NONE
                    && one.edge().shape().length > 0
                    && shapes.size() < TAU_EDGES) {
                shapes.add(one.edge().shape());
                around.add(one.edge().shapeStartsMs());
            }
        }
        return shapes.isEmpty()
                ? Double.NaN
                : Response.tauMs(
                        shapes.toArray(double[][]::new),
                        1000 / light.rateHz(),
                        around.stream().mapToDouble(Double::doubleValue).toArray(),
                        LightEdge.REACH_MS);
    }

    private Trial trial(Timed one, double tauMs) {
        Doubt doubt = one.answer().doubt();
        LightEdge edge = one.edge();
        List<LightChange> changes = trace.changes().all();
        LightChange part = changes.get(one.part());
        // Levels of the whole answer, whichever part of it was timed.
        double before = edge.before() + changes.get(one.answer().first()).before() - part.before();
        double after = edge.after() + changes.get(one.answer().last()).after() - part.after();
        if (!edge.isFound()) {
            Doubt why = doubt == Doubt.NONE ? Doubt.TWO_CHANGES : doubt;
            return new Trial(one.inputMs(), Double.NaN, before, after, Trial.State.AMBIGUOUS, why);
        }
        double photonMs = light.ms(edge.crossing(one.share(), tauMs));
        if (doubt == Doubt.NONE && photonMs < one.inputMs()) {
            doubt = Doubt.NOT_AT_REST;
        }
        Trial.State state = doubt == Doubt.NONE ? Trial.State.ACCEPTED : Trial.State.AMBIGUOUS;
        Doubt why = doubt == Doubt.NONE && one.onPlateau() ? Doubt.ON_PLATEAU : doubt;
        return new Trial(one.inputMs(), photonMs, before, after, state, why);
    }
}
