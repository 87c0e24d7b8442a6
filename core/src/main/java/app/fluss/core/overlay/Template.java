package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;

/// A glyph as it shows on pictures: for each pixel the mean of each plane and how far it strays. Where ink,
/// outline or plate stand it strays little; where the game shows through it strays much, and counts little.
final class Template {
    /// A pixel that is as far off as this counts no more than that, in squared standard deviations halved.
    static final double FARTHEST = 8;

    private static final int APART = 4;
    private static final double FLOOR = 5;
    private static final double BORROWED = 12;
    private static final double FITS = 4.5;
    private static final double FIT_AT_LEAST = 1.8;

    private final char name;
    private final Patch look;
    private final int width;
    private final int planes;
    private final float[] mean;
    private final float[] weight;
    private final double base;
    private double fitMost = Double.POSITIVE_INFINITY;

    private Template(char name, Patch look, int planes, float[] mean, float[] weight, double base) {
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
            float[] weight = new float[one.mean().length];
            double base = 0;
            for (int i = 0; i < weight.length; i++) {
                int kind = one.kind(i);
                double v = (one.n() * one.variance()[i] + BORROWED * sum[kind] / count[kind]) / (one.n() + BORROWED)
                        + FLOOR * FLOOR;
                weight[i] = (float) (1 / (2 * v));
                base -= Math.log(v) / 2;
            }
            templates.add(new Template(one.name(), one.look(), planes, one.mean(), weight, base));
        }
        return templates;
    }

    /// Logarithm of the likelihood of what stands there, up to a constant a pixel; where it is below a bound,
    /// any value below.
    ///
    /// HOT PATH: every template at every place of every picture.
    double at(byte[] crop, Frame frame, int left, double bound) {
        return base - misfit(crop, frame, left, base - bound);
    }

    private double misfit(byte[] crop, Frame frame, int left, double most) {
        double all = 0;
        // Rows far from each other first: what does not fit shows early.
        for (int from = 0; from < APART && all <= most; from++) {
            for (int y = from; y < frame.rows && all <= most; y += APART) {
                for (int plane = 0; plane < planes; plane++) {
                    all += row(crop, frame, left, plane, y);
                }
            }
        }
        return all;
    }

    private float row(byte[] crop, Frame frame, int left, int plane, int y) {
        float sum = 0;
        int from = (plane * frame.height + frame.top + y) * frame.width + left;
        int at = (plane * frame.rows + y) * width;
        for (int x = 0; x < width; x++) {
            float off = (crop[from + x] & 0xFF) - mean[at + x];
            sum += Math.min(off * off * weight[at + x], (float) FARTHEST);
        }
        return sum;
    }

    /// How badly it fits there: mean squared distance in standard deviations.
    double unfit(byte[] crop, Frame frame, int left) {
        return 2 * misfit(crop, frame, left, Double.POSITIVE_INFINITY) / mean.length;
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
