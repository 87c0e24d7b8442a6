package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;

/// How far figures stand apart, with a point between them and without. A point of one or two pixels is easily
/// lost in what stands behind it, and easily found there; the room that it takes is neither.
///
/// @param isWritten whether numbers have points at all
/// @param always whether nearly every number has one
/// @param cut step from one figure to the next from which on a point is between them, px
/// @param gapCut columns between them from which on one is, px
/// @param most step above which figures are not of one number, px
/// @param decimals figures after the point; -1 if it is not the same all the time
/// @param isLost whether it cannot be told if there is a point: there is room for one all the time, and none was
///     made out, or one was seen where there is no room for it
record Spacing(
        boolean isWritten, boolean always, double cut, double gapCut, double most, int decimals, boolean isLost) {
    private static final double APART = 0.9;
    private static final double NARROWER = 0.2;
    private static final double ROOM = 0.12;
    private static final double FEWEST_SHARE = 0.2;
    private static final double WIDEST = 1.5;
    private static final double TOGETHER = 0.25;
    private static final double NEIGHBOURS = 1.2;
    private static final double WIDE = 0.8;
    private static final double ROOMY = 1.32;
    private static final double NEIGHBOURS_APART = 0.2;
    private static final double POINT = 0.18;
    private static final double LEAST_ROOM = 0.28;
    private static final int MOST_DECIMALS = 3;
    private static final double SAME = 0.7;
    private static final double NEARLY_ALL = 0.8;

    static final Spacing UNKNOWN =
            new Spacing(true, false, Double.NaN, Double.NaN, Double.POSITIVE_INFINITY, -1, false);

    static Spacing of(List<NumberRun> runs, List<Template> templates, int figureHeight) {
        List<Double> with = new ArrayList<>();
        List<Double> without = new ArrayList<>();
        List<Double> gapsWith = new ArrayList<>();
        List<Double> gapsWithout = new ArrayList<>();
        int pointed = 0;
        int several = 0;
        for (NumberRun run : runs) {
            boolean any = false;
            for (int i = 0; i < run.points().size(); i++) {
                (run.points().get(i) ? with : without).add(run.step(i, templates));
                (run.points().get(i) ? gapsWith : gapsWithout).add(run.gap(i, templates));
                any |= run.points().get(i);
            }
            pointed += any ? 1 : 0;
            several += run.points().isEmpty() ? 0 : 1;
        }
        if (without.isEmpty()) {
            if (pointed == 0) {
                return new Spacing(false, false, 0, 0, Double.POSITIVE_INFINITY, 0, false);
            }
            // What shines through between two figures may look like a point, and takes no room.
            return quantile(gapsWith, 0.5) < LEAST_ROOM * figureHeight ? UNKNOWN.lost() : UNKNOWN;
        }
        // A unit that looks like a figure stands farther off: the closer steps are those within a number.
        double narrow = quantile(without, TOGETHER);
        double wide = with.isEmpty() ? narrow : quantile(with, 0.5);
        boolean written = pointed >= FEWEST_SHARE * runs.size() && wide >= narrow + ROOM * figureHeight;
        double narrowGap = quantile(gapsWithout, TOGETHER);
        double wideGap = gapsWith.isEmpty() ? narrowGap : quantile(gapsWith, 0.5);
        double widest = WIDEST * (written ? wide : narrow) + ROOM * figureHeight;
        return new Spacing(
                written,
                written && pointed >= NEARLY_ALL * several,
                (wide + narrow) / 2,
                (wideGap + narrowGap) / 2,
                widest,
                decimals(runs),
                !written && hasRoom(runs, templates, figureHeight));
    }

    /// Whether there is always more room at some place, counted from the right, than between two figures that
    /// are neighbours: from middle to middle, which is the same in faces of one width, and from edge to edge,
    /// which is the same in others.
    private static boolean hasRoom(List<NumberRun> runs, List<Template> templates, int figureHeight) {
        List<List<Double>> steps = new ArrayList<>();
        List<List<Double>> gaps = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (NumberRun run : runs) {
            int n = run.points().size();
            while (steps.size() < n) {
                steps.add(new ArrayList<>());
                gaps.add(new ArrayList<>());
            }
            for (int i = 0; i < n; i++) {
                steps.get(n - 1 - i).add(run.step(i, templates));
                gaps.get(n - 1 - i).add(run.gap(i, templates));
            }
            run.figures()
                    .forEach(one ->
                            widths.add((double) templates.get(one.template()).width()));
        }
        double narrow = NEIGHBOURS * quantile(widths, WIDE);
        double close = NEIGHBOURS_APART * figureHeight;
        for (int place = 0; place < steps.size(); place++) {
            if (steps.get(place).size() >= FEWEST_SHARE * runs.size()) {
                narrow = Math.min(narrow, quantile(steps.get(place), 0.5));
                close = Math.min(close, quantile(gaps.get(place), 0.5));
            }
        }
        for (int place = 0; place < steps.size(); place++) {
            if (steps.get(place).size() >= FEWEST_SHARE * runs.size()
                    && quantile(steps.get(place), 0.5) > ROOMY * narrow
                    && quantile(gaps.get(place), 0.5) > close + POINT * figureHeight) {
                return true;
            }
        }
        return false;
    }

    private static double quantile(List<Double> values, double share) {
        return values.stream().sorted().toList().get((int) (share * (values.size() - 1)));
    }

    /// The same where figures were found that belong to the number, and stand too far off.
    Spacing lost() {
        return new Spacing(isWritten, always, cut, gapCut, most, decimals, true);
    }

    /// How many figures mostly come after the only point; -1 where that differs.
    private static int decimals(List<NumberRun> runs) {
        int[] counts = new int[MOST_DECIMALS + 1];
        int all = 0;
        for (NumberRun run : runs) {
            List<Boolean> points = run.points();
            int last = points.lastIndexOf(true);
            int after = last < 0 ? 0 : points.size() - last;
            if (last >= 0 && after <= MOST_DECIMALS) {
                counts[after]++;
            }
            all += last >= 0 ? 1 : 0;
        }
        for (int i = 1; i < counts.length; i++) {
            if (counts[i] >= SAME * all) {
                return i;
            }
        }
        return -1;
    }

    /// Whether a point is between two figures. Faces of one width have room for it from middle to middle,
    /// others from edge to edge: where one was seen either will do.
    ///
    /// @param step from the one to the other, px
    /// @param gap columns between them, px
    /// @param seen whether one was found there
    /// @param after how many figures follow it
    boolean hasPoint(double step, double gap, boolean seen, int after) {
        boolean place = decimals < 0 ? seen : after == decimals;
        boolean room = seen ? step >= cut || gap >= gapCut : step >= cut && gap >= gapCut;
        return isWritten && place && (Double.isNaN(cut) ? seen : room);
    }

    /// Columns between two figures, or between a figure and a point, above which they are not of one number.
    static double apart(int figureHeight) {
        return APART * figureHeight;
    }

    /// Whether a figure stands too far from the one before to be of the same number. Faces of one width leave much room
    /// for a point, and more beside a narrow figure.
    ///
    /// @param step from the one to the other, px
    /// @param gap columns between them, or between it and a point that was seen, px
    boolean isApart(double step, double gap, int figureHeight) {
        double known = isWritten && !Double.isNaN(gapCut) ? 2 * gapCut + NARROWER * figureHeight : 0;
        return step > most || gap > Math.max(apart(figureHeight), known);
    }

    /// Whether a number is written as nearly all of them are.
    boolean isUsual(String text) {
        return !always || decimals < 0 || text.indexOf('.') == text.length() - 1 - decimals;
    }

    /// Whether there may be a point between two figures, and may be none: none was seen in the place of one, and
    /// there is room for it by one measure and not by the other.
    ///
    /// @param step from the one to the other, px
    /// @param gap columns between them, px
    /// @param seen whether one was found there
    /// @param after how many figures follow it
    boolean isUnclear(double step, double gap, boolean seen, int after) {
        return isWritten && !seen && after == decimals && (step >= cut) != (gap >= gapCut);
    }
}
