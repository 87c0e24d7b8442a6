package app.fluss.core.latency.chain;

import java.util.Arrays;

/// The images that bring a change of light to the eye, on their way: when each is where it is now, how much
/// of the change it shows, and what each stage has added to it so far. Used again for each draw.
@SuppressWarnings("EnumOrdinal") // rows have a place for each stage, as an EnumMap has, without its boxes
final class LightSteps {
    private static final int STAGES = LatencyStage.values().length;
    private static final double SAME = 1e-9;

    private double[] at = new double[1];
    private double[] level = new double[1];
    private double[][] added = new double[1][STAGES];
    private int size;

    /// Starts with one image that shows the whole change, at once.
    void begin() {
        size = 1;
        at[0] = 0;
        level[0] = 1;
        Arrays.fill(added[0], 0);
    }

    int size() {
        return size;
    }

    double at(int image) {
        return at[image];
    }

    double level(int image) {
        return level[image];
    }

    double added(int image, LatencyStage stage) {
        return added[image][stage.ordinal()];
    }

    /// Writes out what each stage added to an image, in the order of [LatencyStage].
    void added(int image, double[] into) {
        System.arraycopy(added[image], 0, into, 0, STAGES);
    }

    /// All images are held up alike.
    void delay(LatencyStage stage, double ms) {
        for (int i = 0; i < size; i++) {
            delay(i, stage, ms);
        }
    }

    private void delay(int image, LatencyStage stage, double ms) {
        at[image] += ms;
        added[image][stage.ordinal()] += ms;
    }

    /// The one image becomes several, the last of which shows the whole change, the others their share of it.
    ///
    /// @param offsetsMs until each is handed on; NaN for one that is not made
    /// @param partial whether the others show their share; else only the last is of interest
    void split(double[] offsetsMs, boolean partial) {
        int m = offsetsMs.length;
        room(m);
        double begin = at[0];
        double[] common = added[0].clone();
        size = 0;
        for (int j = partial ? 0 : m - 1; j < m; j++) {
            if (!Double.isNaN(offsetsMs[j])) {
                at[size] = begin;
                level[size] = (j + 1.0) / m;
                System.arraycopy(common, 0, added[size], 0, STAGES);
                delay(size++, LatencyStage.GENERATION, offsetsMs[j]);
            }
        }
    }

    /// At each tick the newest image is taken; the others are lost.
    ///
    /// @param phaseMs of a tick, 0 to the period
    void newestAtTicks(LatencyStage stage, double periodMs, double phaseMs) {
        int kept = 0;
        for (int i = 0; i < size; i++) {
            double tick = tickAfter(at[i], periodMs, phaseMs);
            boolean replaced = i + 1 < size && at[i + 1] <= tick;
            if (!replaced) {
                keep(kept, i);
                delay(kept++, stage, tick - at[kept - 1]);
            }
        }
        size = kept;
    }

    /// At each tick the next image in turn.
    void inTurn(LatencyStage stage, double periodMs, double phaseMs) {
        double next = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < size; i++) {
            double tick = tickAfter(Math.max(at[i], next), periodMs, phaseMs);
            next = tick + periodMs / 2;
            delay(i, stage, tick - at[i]);
        }
    }

    private static double tickAfter(double ms, double periodMs, double phaseMs) {
        return Math.ceil((ms - phaseMs) / periodMs - SAME) * periodMs + phaseMs;
    }

    /// A smoothing display makes its own images, one each refresh, of the picture that was due some time ago:
    /// between the two around it where both have come in. Its refreshes stand still against those of its
    /// input.
    ///
    /// @param intervalMs between different pictures at its input
    void smooth(double panelMs, double lagMs, double intervalMs) {
        LightSteps input = copy();
        double first = input.at[0];
        double last = input.at[input.size - 1];
        int refreshes = (int) Math.ceil((last - first + lagMs) / panelMs) + 2;
        room(refreshes);
        size = 0;
        int from = 0;
        for (int r = 0; r < refreshes; r++) {
            double now = first + r * panelMs;
            double due = now - lagMs;
            while (from < input.size && input.at[from] <= due + SAME) {
                from++;
            }
            int there = Math.min(from, input.size - 1);
            at[size] = now;
            level[size] = input.shown(from, due, now, intervalMs);
            System.arraycopy(input.added[there], 0, added[size], 0, STAGES);
            added[size][LatencyStage.SMOOTHING.ordinal()] += now - input.at[there];
            size++;
        }
    }

    /// The light of a moment between image `from - 1` and image `from`.
    private double shown(int from, double due, double now, double intervalMs) {
        double before = from == 0 ? 0 : level[from - 1];
        if (from == size || at[from] > now + SAME) {
            return before;
        }
        double begin = from == 0 ? at[0] - intervalMs : at[from - 1];
        double share = Math.clamp((due - begin) / (at[from] - begin), 0, 1);
        return before + share * (level[from] - before);
    }

    private LightSteps copy() {
        LightSteps copy = new LightSteps();
        copy.room(size);
        copy.size = size;
        for (int i = 0; i < size; i++) {
            copy.at[i] = at[i];
            copy.level[i] = level[i];
            System.arraycopy(added[i], 0, copy.added[i], 0, STAGES);
        }
        return copy;
    }

    /// When the panel's light passes a share of the change.
    ///
    /// @param threshold share of the step, above 0 and below 1
    /// @param tauMs time constant, ms, 0 or more
    /// @return the image that brings it there; what the panel adds to that image is added
    int pass(double threshold, double tauMs) {
        double light = 0;
        for (int i = 0; i < size; i++) {
            double wait = tauMs == 0
                    ? (level[i] >= threshold ? 0 : Double.POSITIVE_INFINITY)
                    : level[i] > threshold
                            ? Math.max(0, tauMs * Math.log((level[i] - light) / (level[i] - threshold)))
                            : Double.POSITIVE_INFINITY;
            double until = i + 1 < size ? at[i + 1] - at[i] : Double.POSITIVE_INFINITY;
            if (wait < until) {
                delay(i, LatencyStage.PANEL, wait);
                return i;
            }
            light = tauMs == 0 ? level[i] : level[i] + (light - level[i]) * Math.exp(-until / tauMs);
        }
        throw new IllegalStateException("the last image shows the whole change, so the light must get there");
    }

    private void keep(int to, int from) {
        at[to] = at[from];
        level[to] = level[from];
        double[] row = added[to];
        added[to] = added[from];
        added[from] = row;
    }

    private void room(int images) {
        if (at.length < images) {
            at = Arrays.copyOf(at, images);
            level = Arrays.copyOf(level, images);
            int had = added.length;
            added = Arrays.copyOf(added, images);
            for (int i = had; i < images; i++) {
                added[i] = new double[STAGES];
            }
        }
    }
}
