package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// A glyph as it shows on pictures: for each pixel the mean of each plane and how far it strays. Where ink,
/// outline or plate stand it strays little; where the game shows through it strays much, and counts little.
final class Template {
    /// A pixel that is as far off as this counts no more than that, in squared standard deviations halved.
    static final double FARTHEST = 8;

    private static final int APART = 4;
    private static final int UNIT = 1 << 16;
    private static final int MOST = (int) (FARTHEST * UNIT);
    private static final double FLOOR = 5;
    private static final double BORROWED = 12;
    private static final double HALF = 0.5;
    private static final double PLAINLY = 0.8;
    private static final double FITS = 4.5;
    private static final double FIT_AT_LEAST = 1.8;

    private final char name;
    private final Patch look;
    private final int width;
    private final int planes;
    /// Whole numbers: sums of them are worked out many at a time.
    private final int[] mean;
    /// In units of one in [#UNIT].
    private final int[] weight;
    private final double base;
    private double fitMost = Double.POSITIVE_INFINITY;
    private FigureNet.@Nullable Guess guess;

    private Template(char name, Patch look, int planes, int[] mean, int[] weight, double base) {
        this.name = name;
        this.look = look;
        width = look.width();
        this.planes = planes;
        this.mean = mean;
        this.weight = weight;
        this.base = base;
    }

    char name() {
        return name;
    }

    boolean isFigure() {
        return name >= '0' && name <= '9';
    }

    boolean isLetter() {
        return Character.isLetter(name);
    }

    boolean isPoint() {
        return name == '.';
    }

    /// Keeps what the net says of its look; null if it was not asked.
    void learnGuess(FigureNet.@Nullable Guess said) {
        guess = said;
    }

    /// Whether it may be another glyph than one of a name: by its own name or, where it has none, because the net takes
    /// it for a figure, and not plainly for that one.
    boolean isRivalOf(char other) {
        if (name != 0) {
            return name != other;
        }
        return guess != null && other >= '0' && other <= '9' && guess.none() < HALF && guess.of(other) < PLAINLY;
    }

    Patch look() {
        return look;
    }

    int width() {
        return width;
    }

    /// What a crop is made of.
    ///
    /// @param width of the crop
    /// @param height of the crop
    /// @param top first row of the line
    /// @param rows of the line
    /// @param planes that tell something: 1 where ink has no colour, else 3
    record Frame(int width, int height, int top, int rows, int planes) {}

    /// Templates of these moments. Variances of few places are helped by those that pixels have in all
    /// templates which are ink to the same share: what varies from place to place shows in many places only.
    static List<Template> of(List<Moments> all, int planes) {
        double[] sum = new double[planes * Moments.KINDS];
        double[] count = new double[planes * Moments.KINDS];
        for (Moments one : all) {
            for (int i = 0; i < one.mean().length; i++) {
                sum[one.kind(i)] += one.n() * one.variance()[i];
                count[one.kind(i)] += one.n();
            }
        }
        List<Template> templates = new ArrayList<>();
        for (Moments one : all) {
            int[] weight = new int[one.mean().length];
            int[] mean = new int[weight.length];
            double base = 0;
            for (int i = 0; i < weight.length; i++) {
                int kind = one.kind(i);
                double v = (one.n() * one.variance()[i] + BORROWED * sum[kind] / count[kind]) / (one.n() + BORROWED)
                        + FLOOR * FLOOR;
                weight[i] = (int) Math.rint(UNIT / (2 * v));
                mean[i] = Math.round(one.mean()[i]);
                base -= Math.log(v) / 2;
            }
            templates.add(new Template(one.name(), one.look(), planes, mean, weight, base));
        }
        return templates;
    }

    /// Logarithm of the likelihood of what stands there, up to a constant a pixel; where it is below a bound,
    /// any value below.
    ///
    /// HOT PATH: every template at every place of every picture.
    ///
    /// @param crop its pixels, 0 to 255
    double at(int[] crop, Frame frame, int left, double bound) {
        int first = frame.top * frame.width + left;
        return base - misfit(crop, first, frame.width, frame.height * frame.width, base - bound);
    }

    /// @param first where the first pixel is
    /// @param row from a pixel to the one below
    /// @param plane from a pixel to the one of the next plane
    private double misfit(int[] pixels, int first, int row, int plane, double most) {
        int rows = mean.length / planes / width;
        double limit = most * UNIT;
        long all = 0;
        // Rows far from each other first: what does not fit shows early, after a quarter of them by half.
        for (int from = 0; from < APART && all <= limit; from++) {
            for (int y = from; y < rows && all <= limit; y += APART) {
                for (int p = 0; p < planes; p++) {
                    all += row(pixels, first + p * plane + y * row, (p * rows + y) * width);
                }
            }
            if (from == 0 && 2 * all > limit) {
                return Double.POSITIVE_INFINITY;
            }
        }
        return (double) all / UNIT;
    }

    private int row(int[] pixels, int from, int at) {
        int sum = 0;
        for (int x = 0; x < width; x++) {
            int off = pixels[from + x] - mean[at + x];
            sum += Math.min(off * off * weight[at + x], MOST);
        }
        return sum;
    }

    /// Width of the widest figure of some templates, px; 0 if there is none.
    static int widest(List<Template> templates) {
        return templates.stream()
                .filter(Template::isFigure)
                .mapToInt(Template::width)
                .max()
                .orElse(0);
    }

    /// How badly it fits there: mean squared distance in standard deviations.
    double unfit(byte[] crop, Frame frame, int left) {
        int rows = frame.rows;
        int[] pixels = new int[mean.length];
        for (int p = 0; p < planes; p++) {
            for (int y = 0; y < rows; y++) {
                int from = (p * frame.height + frame.top + y) * frame.width + left;
                for (int x = 0; x < width; x++) {
                    pixels[(p * rows + y) * width + x] = crop[from + x] & 0xFF;
                }
            }
        }
        return 2 * misfit(pixels, 0, width, rows * width, Double.POSITIVE_INFINITY) / mean.length;
    }

    boolean fits(byte[] crop, Frame frame, int left) {
        return unfit(crop, frame, left) <= fitMost;
    }

    /// Learns how badly its own members fit.
    void learnFit(Frame frame, List<byte[]> crops, int[] lefts) {
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < lefts.length; i++) {
            double unfit = unfit(crops.get(i), frame, lefts[i]);
            sum += unfit;
            squares += unfit * unfit;
        }
        double mean1 = sum / lefts.length;
        double sd = Math.sqrt(Math.max(0, squares / lefts.length - mean1 * mean1));
        fitMost = Math.max(FIT_AT_LEAST, mean1 + FITS * sd);
    }
}
