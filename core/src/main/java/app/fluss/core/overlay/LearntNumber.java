package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/// What was learnt of a number that stands on the pictures of a recording, by which its pictures are
/// read: in one way, or in several that know nothing of each other.
final class LearntNumber {
    private static final double SELDOM = 0.01;
    private static final double OFTEN = 0.25;

    private final @Nullable LearntWay best;
    private final List<LearntWay> ways;

    private LearntNumber(@Nullable LearntWay best, List<LearntWay> ways) {
        this.best = best;
        this.ways = ways;
    }

    /// @param tried those in which some ink was found
    static LearntNumber of(List<LearntWay> tried) {
        List<LearntWay> trusted = tried.stream()
                .filter(way -> way.learnt().isTrusted())
                .filter(way -> tried.stream().noneMatch(other -> way.learnt().isFaintBeside(other.learnt())))
                .toList();
        LearntWay best = (trusted.isEmpty() ? tried : trusted)
                .stream()
                        .max(Comparator.comparingDouble(way -> way.learnt().worth()))
                        .orElse(null);
        return new LearntNumber(best, trusted);
    }

    /// The same, where what was looked at was made of the pictures.
    LearntNumber through(UnaryOperator<Crops> outer) {
        return new LearntNumber(
                best == null ? null : best.through(outer),
                ways.stream().map(way -> way.through(outer)).toList());
    }

    /// Why nothing can be read, in words; empty if something can.
    String whyNot() {
        if (best == null || best.learnt().place().figures() == 0) {
            return "no figures were found in the rectangle";
        } else if (!ways.isEmpty()) {
            return "";
        }
        return best.learnt().place().spacing().isLost()
                ? "it could not be told whether there is a point between the figures"
                : "the figures could not be told from what stands behind them";
    }

    /// The looks of its glyphs.
    List<GlyphClass> classes() {
        return best == null || best.learnt().place().figures() == 0
                ? List.of()
                : best.learnt().classes();
    }

    /// Reads it on every picture.
    ///
    /// @param crops of the recording that it was learnt from
    /// @param ms when each picture is shown, ms from the clip's begin, rising; as many as there are crops, one
    ///     at least
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    OverlaySeries read(Crops crops, double[] ms, Progress progress) {
        double[] values = values(crops, progress);
        boolean any = Arrays.stream(values).anyMatch(value -> !Double.isNaN(value));
        String nothing = any ? "" : "no picture could be read beyond doubt";
        return OverlaySeries.of(values, ms, classes(), whyNot().isEmpty() ? nothing : whyNot());
    }

    /// What each picture shows; NaN where it is open.
    double[] values(Crops crops, Progress progress) {
        double[][] each = new double[ways.size()][];
        for (int i = 0; i < each.length; i++) {
            double from = (double) i / each.length;
            each[i] = ways.get(i).values(crops, progress.part(from, from + 1.0 / each.length));
        }
        return together(each, crops.size());
    }

    /// What several ways say: nothing where they differ. Where they do so more than seldom, two must say it; if it is
    /// one way that differs from the others, which agree, only its word alone does not count.
    static double[] together(double[][] each, int pictures) {
        boolean[] heard = heard(each, pictures);
        double[] values = new double[pictures];
        for (int i = 0; i < pictures; i++) {
            values[i] = Double.NaN;
            int voices = 0;
            boolean one = true;
            boolean counts = false;
            for (int k = 0; k < each.length; k++) {
                double said = each[k][i];
                if (!Double.isNaN(said)) {
                    one &= voices == 0 || said == values[i];
                    values[i] = said;
                    voices++;
                    counts |= heard[k];
                }
            }
            values[i] = one && (counts || voices > 1) ? values[i] : Double.NaN;
        }
        return values;
    }

    /// The ways whose word counts alone.
    private static boolean[] heard(double[][] each, int pictures) {
        boolean[] heard = new boolean[each.length];
        if (Agreement.of(each, pictures, -1).isWhole()) {
            Arrays.fill(heard, true);
            return heard;
        }
        int[] odd = IntStream.range(0, each.length)
                .filter(k -> Agreement.of(each, pictures, k).isFirm(pictures))
                .toArray();
        for (int k = 0; k < heard.length; k++) {
            heard[k] = odd.length == 1 && odd[0] != k;
        }
        return heard;
    }

    /// How far several ways agree.
    ///
    /// @param several pictures of which more than one of them says something
    /// @param differ those of which they do not say the same
    private record Agreement(int several, int differ) {
        /// @param without the way that is left out; -1 for none
        static Agreement of(double[][] each, int pictures, int without) {
            int several = 0;
            int differ = 0;
            for (int i = 0; i < pictures; i++) {
                int at = i;
                double[] said = IntStream.range(0, each.length)
                        .filter(k -> k != without)
                        .mapToDouble(k -> each[k][at])
                        .filter(value -> !Double.isNaN(value))
                        .toArray();
                several += said.length > 1 ? 1 : 0;
                differ += Arrays.stream(said).distinct().count() > 1 ? 1 : 0;
            }
            return new Agreement(several, differ);
        }

        boolean isWhole() {
            return differ <= SELDOM * several;
        }

        boolean isFirm(int pictures) {
            return isWhole() && several >= OFTEN * pictures;
        }
    }
}
