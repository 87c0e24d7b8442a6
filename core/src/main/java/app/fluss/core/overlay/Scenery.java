package app.fluss.core.overlay;

/// What stands where no glyph does: anything at all, or something smooth. Told for all columns of a picture at
/// once.
final class Scenery {
    private static final double SMOOTH = 7;
    private static final double LEAST_SD = 24;

    private final double[] mean;
    private final double[] sd;
    private final Template.Frame frame;
    private final double[][] any;
    private final double[][] sums;
    private final double[][] squares;

    /// @param mean of each plane where no ink is
    /// @param sd of each plane there
    Scenery(Template.Frame frame, double[] mean, double[] sd) {
        this.frame = frame;
        this.mean = mean;
        this.sd = sd;
        any = new double[frame.planes()][frame.width() + 1];
        sums = new double[frame.planes()][frame.width() + 1];
        squares = new double[frame.planes()][frame.width() + 1];
    }

    static double least(double sd) {
        return Math.max(LEAST_SD, sd);
    }

    /// Looks at a picture.
    void look(byte[] crop) {
        for (int plane = 0; plane < frame.planes(); plane++) {
            double inverse = 1 / (2 * sd[plane] * sd[plane]);
            double log = Math.log(sd[plane]);
            for (int x = 0; x < frame.width(); x++) {
                double fit = 0;
                double sum = 0;
                double square = 0;
                for (int y = 0; y < frame.rows(); y++) {
                    int value = crop[(plane * frame.height() + frame.top() + y) * frame.width() + x] & 0xFF;
                    double off = value - mean[plane];
                    fit -= Math.min(off * off * inverse, Template.FARTHEST) + log;
                    sum += value;
                    square += (double) value * value;
                }
                any[plane][x + 1] = any[plane][x] + fit;
                sums[plane][x + 1] = sums[plane][x] + sum;
                squares[plane][x + 1] = squares[plane][x] + square;
            }
        }
    }

    /// Logarithm of the likelihood of these columns, up to a constant a pixel.
    double at(int left, int width) {
        double all = 0;
        double smooth = 0;
        int n = width * frame.rows();
        for (int plane = 0; plane < frame.planes(); plane++) {
            all += any[plane][left + width] - any[plane][left];
            double sum = sums[plane][left + width] - sums[plane][left];
            double rest = squares[plane][left + width] - squares[plane][left] - sum * sum / n;
            smooth -= n * Math.log(SMOOTH) + rest / (2 * SMOOTH * SMOOTH);
        }
        return Math.max(all, smooth);
    }

    /// How far the columns are from a colour on average, in brightness and colour.
    double away(int left, int width, double[] colour) {
        double sum = 0;
        int n = width * frame.rows();
        for (int plane = 0; plane < frame.planes(); plane++) {
            sum += Math.abs((sums[plane][left + width] - sums[plane][left]) / n - colour[plane]);
        }
        return sum;
    }
}
