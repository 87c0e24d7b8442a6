package app.fluss.core.overlay;

import java.nio.ByteBuffer;
import java.util.Arrays;

/// Tells figures by what is alike in how text faces draw them: a net of two layers that look at spots and two that
/// look at all, which learnt from figures and letters of many faces, blurred and worn as recordings show them.
public final class FigureNet {
    /// Knows nothing: every figure is as likely as what is none.
    public static final FigureNet NONE = new FigureNet();

    private static final int SIDE = FigureShapes.SIDE;
    private static final int SPOT = 3;
    private static final int SPOTS = 12;
    private static final int PARTS = 24;
    private static final int FEATURES = 64;
    private static final int NAMES = 11;
    private static final int QUARTER = SIDE / 4;

    private final float[] spotWeights;
    private final float[] spotBias;
    private final float[] partWeights;
    private final float[] partBias;
    private final float[] featureWeights;
    private final float[] featureBias;
    private final float[] nameWeights;
    private final float[] nameBias;

    private FigureNet() {
        this(ByteBuffer.allocate(8 * Float.BYTES + weights()));
    }

    /// @param packed for each layer its weights, then what is added: a float that all are multiplied by, then a
    ///     signed byte each
    /// @throws java.nio.BufferUnderflowException if it is too short
    public FigureNet(byte[] packed) {
        this(ByteBuffer.wrap(packed));
    }

    private FigureNet(ByteBuffer packed) {
        spotWeights = unpacked(packed, SPOT * SPOT * SPOTS);
        spotBias = unpacked(packed, SPOTS);
        partWeights = unpacked(packed, SPOT * SPOT * SPOTS * PARTS);
        partBias = unpacked(packed, PARTS);
        featureWeights = unpacked(packed, QUARTER * QUARTER * PARTS * FEATURES);
        featureBias = unpacked(packed, FEATURES);
        nameWeights = unpacked(packed, FEATURES * NAMES);
        nameBias = unpacked(packed, NAMES);
    }

    private static int weights() {
        return SPOT * SPOT * SPOTS * (1 + PARTS)
                + SPOTS
                + PARTS
                + FEATURES * (QUARTER * QUARTER * PARTS + 1)
                + (FEATURES + 1) * NAMES;
    }

    private static float[] unpacked(ByteBuffer packed, int n) {
        float scale = packed.getFloat();
        float[] values = new float[n];
        for (int i = 0; i < n; i++) {
            values[i] = scale * packed.get();
        }
        return values;
    }

    /// How likely a glyph is each figure.
    ///
    /// @param glyph shares of ink, 0 to 1, of [FigureShapes#SIDE] rows of as many pixels, in the size and
    ///     place of a shape, as [FigureShapes#normal] brings it there
    public Guess guess(float[] glyph) {
        float[] spots = pooled(convolved(glyph, SIDE, 1, spotWeights, spotBias), SIDE, SPOTS);
        float[] parts = pooled(convolved(spots, SIDE / 2, SPOTS, partWeights, partBias), SIDE / 2, PARTS);
        float[] features = weighed(parts, featureWeights, featureBias);
        for (int i = 0; i < features.length; i++) {
            features[i] = Math.max(0, features[i]);
        }
        return new Guess(likelihoods(weighed(features, nameWeights, nameBias)));
    }

    /// What each channel makes of the surroundings of each pixel; below zero counts as nothing.
    private static float[] convolved(float[] in, int side, int channels, float[] weights, float[] bias) {
        int made = bias.length;
        float[] out = new float[side * side * made];
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                int to = (y * side + x) * made;
                System.arraycopy(bias, 0, out, to, made);
                for (int spot = 0; spot < SPOT * SPOT; spot++) {
                    int fromY = y + spot / SPOT - 1;
                    int fromX = x + spot % SPOT - 1;
                    if (fromX >= 0 && fromX < side && fromY >= 0 && fromY < side) {
                        for (int c = 0; c < channels; c++) {
                            float value = in[(fromY * side + fromX) * channels + c];
                            int row = (spot * channels + c) * made;
                            for (int m = 0; m < made; m++) {
                                out[to + m] += value * weights[row + m];
                            }
                        }
                    }
                }
                for (int m = 0; m < made; m++) {
                    out[to + m] = Math.max(0, out[to + m]);
                }
            }
        }
        return out;
    }

    /// The most of each two by two pixels.
    private static float[] pooled(float[] in, int side, int channels) {
        int half = side / 2;
        float[] out = new float[half * half * channels];
        for (int i = 0; i < in.length; i++) {
            int pixel = i / channels;
            int to = (pixel / side / 2 * half + pixel % side / 2) * channels + i % channels;
            out[to] = Math.max(out[to], in[i]);
        }
        return out;
    }

    private static float[] weighed(float[] in, float[] weights, float[] bias) {
        float[] out = bias.clone();
        for (int i = 0; i < in.length; i++) {
            for (int m = 0; m < out.length; m++) {
                out[m] += in[i] * weights[i * out.length + m];
            }
        }
        return out;
    }

    private static double[] likelihoods(float[] scores) {
        double[] likelihoods = new double[scores.length];
        double sum = 0;
        for (int i = 0; i < scores.length; i++) {
            likelihoods[i] = Math.exp(scores[i]);
            sum += likelihoods[i];
        }
        double all = sum;
        return Arrays.stream(likelihoods).map(one -> one / all).toArray();
    }

    /// How likely a glyph is each of the figures, and something else.
    public static final class Guess {
        private static final double HARDLY = 0.05;

        /// Every figure is as likely as what is none.
        static final Guess NOTHING = new Guess(likelihoods(new float[NAMES]));

        private final double[] likelihoods;

        private Guess(double[] likelihoods) {
            this.likelihoods = likelihoods;
        }

        /// How likely it is a figure, 0 to 1.
        public double of(char figure) {
            return likelihoods[figure - '0'];
        }

        /// Whether it is likeliest one figure, and another one hardly at all.
        boolean isRather(char figure, char other) {
            return figure() == figure && of(other) <= HARDLY;
        }

        /// How likely it is no figure, 0 to 1.
        public double none() {
            return likelihoods[NAMES - 1];
        }

        /// The likeliest figure.
        public char figure() {
            char best = '0';
            for (char figure = '1'; figure <= '9'; figure++) {
                best = of(figure) > of(best) ? figure : best;
            }
            return best;
        }

        /// How likely the likeliest of all is.
        double most() {
            return Math.max(none(), of(figure()));
        }

        /// How likely the likeliest figure is, if it is one.
        double clear() {
            return of(figure()) / (1 - none());
        }
    }
}
