package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// Finds the colour of the text and the rows that its figures stand in. Text is made of strokes of one colour,
/// which are there in every picture; what moves behind it has strokes of many colours. Of the colours that
/// strokes have most, the one is taken whose parts keep to the same two rows.
final class InkSearch {
    private static final int SAMPLES = 160;
    private static final int TRIED = 48;
    private static final int STEP = 16;
    private static final int BINS = 256 / STEP;
    private static final int STROKE = 36;
    private static final int[] APART = {2, 3, 5, 8};
    private static final int CANDIDATES = 8;
    private static final double[] REACHES = {24, 36, 54, 80};
    /// Where all is nearly of that colour.
    private static final double[] CLOSE = {12};
    private static final int LOWEST = 6;
    private static final double HALF = 0.5;
    private static final double SHARPER = 1.1;
    private static final double MOST_REACH = 0.7;
    private static final double OTHER_ROWS = 0.3;

    private final Crops crops;
    private final int width;
    private final int height;
    private final int pixels;
    private final Parts parts;

    InkSearch(Crops crops) {
        this.crops = crops;
        width = crops.width();
        height = crops.height();
        pixels = width * height;
        parts = new Parts(width, height);
    }

    /// Ink and the rows of its figures.
    ///
    /// @param top first row of a figure
    /// @param bottom last row of a figure
    /// @param score how many parts a picture keep to these rows, and how few do not
    record Found(Ink ink, int top, int bottom, double score) {
        int figureHeight() {
            return bottom - top + 1;
        }
    }

    /// The best ones, best first; empty if no colour has parts that keep to rows.
    List<Found> find(Progress progress) {
        List<Found> all = new ArrayList<>();
        List<byte[]> samples = samples(TRIED);
        float[] shares = new float[pixels];
        List<double[]> colours = colours();
        int searched = 0;
        for (double[] colour : colours) {
            progress.check((double) searched++ / colours.size());
            Found best = null;
            double away = away(colour, samples);
            for (double reach : MOST_REACH * away < REACHES[0] ? CLOSE : REACHES) {
                Ink ink = new Ink(colour[0], colour[1], colour[2], reach);
                Found found = reach > MOST_REACH * away ? null : rows(ink, samples, shares, null);
                // Of reaches that do alike the smallest is the sharpest.
                if (found != null && (best == null || found.score > SHARPER * best.score)) {
                    best = found;
                }
            }
            if (best != null) {
                all.add(best);
                // Small letters beside the figures have rows of their own.
                Found other = rows(best.ink, samples, shares, best);
                if (other != null && other.score > OTHER_ROWS * best.score) {
                    all.add(other);
                }
            }
        }
        all.sort(Comparator.comparingDouble(Found::score).reversed());
        return all;
    }

    /// How far the middle of all pixels is from a colour.
    private double away(double[] colour, List<byte[]> samples) {
        double sum = 0;
        for (int plane = 0; plane < Crops.PLANES; plane++) {
            long all = 0;
            for (byte[] crop : samples) {
                for (int i = plane * pixels; i < (plane + 1) * pixels; i++) {
                    all += crop[i] & 0xFF;
                }
            }
            double off = (double) all / samples.size() / pixels - colour[plane];
            sum += off * off;
        }
        return Math.sqrt(sum);
    }

    private List<byte[]> samples(int most) {
        int n = Math.min(most, crops.size());
        List<byte[]> samples = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            byte[] crop = new byte[Crops.PLANES * pixels];
            crops.read((int) ((long) i * crops.size() / n), crop);
            samples.add(crop);
        }
        return samples;
    }

    /// Colours of strokes, by how many of them there are in how many pictures.
    private List<double[]> colours() {
        double[] mass = new double[BINS * BINS * BINS];
        double[][] sums = new double[3][mass.length];
        int[] present = new int[mass.length];
        int[] now = new int[mass.length];
        List<byte[]> samples = samples(SAMPLES);
        for (byte[] crop : samples) {
            Arrays.fill(now, 0);
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    int at = y * width + x;
                    if (isStroke(crop, x, y)) {
                        int bin = bin(crop, at);
                        now[bin]++;
                        for (int plane = 0; plane < 3; plane++) {
                            sums[plane][bin] += crop[plane * pixels + at] & 0xFF;
                        }
                        mass[bin]++;
                    }
                }
            }
            for (int i = 0; i < now.length; i++) {
                present[i] += now[i] > 1 ? 1 : 0;
            }
        }
        List<double[]> found = new ArrayList<>();
        double[] weight = new double[mass.length];
        for (int i = 0; i < mass.length; i++) {
            weight[i] = mass[i] * present[i] / samples.size();
        }
        while (found.size() < CANDIDATES) {
            int best = 0;
            double most = 0;
            for (int i = 0; i < weight.length; i++) {
                double around = around(weight, i);
                if (weight[i] > 0 && around > most) {
                    most = around;
                    best = i;
                }
            }
            if (most <= 0) {
                break;
            }
            found.add(centre(best, mass, sums, weight));
        }
        return found;
    }

    private static double around(double[] weight, int bin) {
        if (weight[bin] <= 0) {
            return 0;
        }
        double sum = 0;
        for (int next : neighbours(bin)) {
            sum += weight[next];
        }
        return sum;
    }

    private static int[] neighbours(int bin) {
        int y = bin / (BINS * BINS);
        int u = bin / BINS % BINS;
        int v = bin % BINS;
        int[] all = new int[27];
        int n = 0;
        for (int a = Math.max(0, y - 1); a <= Math.min(BINS - 1, y + 1); a++) {
            for (int b = Math.max(0, u - 1); b <= Math.min(BINS - 1, u + 1); b++) {
                for (int c = Math.max(0, v - 1); c <= Math.min(BINS - 1, v + 1); c++) {
                    all[n++] = (a * BINS + b) * BINS + c;
                }
            }
        }
        return Arrays.copyOf(all, n);
    }

    /// The mean colour of a bin and those around it, which are then used up.
    private static double[] centre(int bin, double[] mass, double[][] sums, double[] weight) {
        double[] colour = new double[3];
        double n = 0;
        for (int next : neighbours(bin)) {
            n += mass[next];
            for (int plane = 0; plane < 3; plane++) {
                colour[plane] += sums[plane][next];
            }
            weight[next] = 0;
        }
        for (int plane = 0; plane < 3; plane++) {
            colour[plane] /= n;
        }
        return colour;
    }

    private int bin(byte[] crop, int at) {
        int y = (crop[at] & 0xFF) / STEP;
        int u = (crop[pixels + at] & 0xFF) / STEP;
        int v = (crop[2 * pixels + at] & 0xFF) / STEP;
        return (y * BINS + u) * BINS + v;
    }

    /// Whether a pixel differs from what lies on both its sides, in some direction.
    private boolean isStroke(byte[] crop, int x, int y) {
        for (int apart : APART) {
            if (differs(crop, x, y, apart, 0)
                    || differs(crop, x, y, 0, apart)
                    || differs(crop, x, y, apart, apart)
                    || differs(crop, x, y, apart, -apart)) {
                return true;
            }
        }
        return false;
    }

    private boolean differs(byte[] crop, int x, int y, int dx, int dy) {
        return away(crop, x, y, x + dx, y + dy) > STROKE && away(crop, x, y, x - dx, y - dy) > STROKE;
    }

    private int away(byte[] crop, int x, int y, int otherX, int otherY) {
        if (otherX < 0 || otherX >= width || otherY < 0 || otherY >= height) {
            return 0;
        }
        int a = y * width + x;
        int b = otherY * width + otherX;
        int sum = 0;
        for (int plane = 0; plane < 3; plane++) {
            sum += Math.abs((crop[plane * pixels + a] & 0xFF) - (crop[plane * pixels + b] & 0xFF));
        }
        return sum;
    }

    /// The rows that most parts keep to.
    ///
    /// @param but not these; null for any
    private @Nullable Found rows(Ink ink, List<byte[]> samples, float[] shares, @Nullable Found but) {
        Map<Long, double[]> counts = new HashMap<>();
        double all = 0;
        for (byte[] crop : samples) {
            ink.shares(crop, shares);
            Map<Long, Integer> now = new HashMap<>();
            for (Box box : parts.find(shares, HALF, parts.whole())) {
                boolean like = box.height() >= LOWEST
                        && box.width() <= 1.1 * box.height()
                        && box.width() > 1
                        && box.top() > 0
                        && box.bottom() < height - 1;
                if (like) {
                    now.merge((long) box.top() << 32 | box.bottom(), 1, Integer::sum);
                    all++;
                }
            }
            now.forEach((key, n) -> {
                double[] sum = counts.computeIfAbsent(key, _ -> new double[2]);
                sum[0] += n;
                sum[1]++;
            });
        }
        Found best = null;
        for (Map.Entry<Long, double[]> one : counts.entrySet()) {
            int top = (int) (one.getKey() >> 32);
            int bottom = (int) (long) one.getKey();
            if (but != null && Math.abs(top - but.top) <= 2 && Math.abs(bottom - but.bottom) <= 2) {
                continue;
            }
            double sum = 0;
            for (int a = top - 1; a <= top + 1; a++) {
                for (int b = bottom - 1; b <= bottom + 1; b++) {
                    double[] near = counts.get((long) a << 32 | b);
                    double weight = a == top && b == bottom ? 1 : 0.6;
                    sum += near == null ? 0 : weight * near[0];
                }
            }
            double score = sum / samples.size() * Math.sqrt(sum / all);
            if (best == null || score > best.score) {
                best = new Found(ink, top, bottom, score);
            }
        }
        return best;
    }
}
