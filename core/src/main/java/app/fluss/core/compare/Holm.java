package app.fluss.core.compare;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/// Many figures judged together: the chance that any of them is told apart although nothing differs stays
/// within 5 % (Holm, "A simple sequentially rejective multiple test procedure", Scandinavian Journal of
/// Statistics 6 (1979) 65-70, from memory).
public final class Holm {
    /// A difference stands if its adjusted p is at most this: {@value}.
    public static final double LEVEL = 0.05;

    private Holm() {}

    /// The adjusted p of each: the smallest times how many there are, the next times one less and so on, none
    /// below one that is smaller, none above 1.
    ///
    /// @param p each 0 to 1; NaN for a figure that is not judged, which stays so and does not count
    public static double[] adjusted(double[] p) {
        List<Integer> order = IntStream.range(0, p.length)
                .filter(i -> !Double.isNaN(p[i]))
                .boxed()
                .sorted(Comparator.comparingDouble(i -> p[i]))
                .toList();
        double[] adjusted = new double[p.length];
        Arrays.fill(adjusted, Double.NaN);
        double least = 0;
        for (int rank = 0; rank < order.size(); rank++) {
            int i = order.get(rank);
            least = Math.max(least, Math.min(1, p[i] * (order.size() - rank)));
            adjusted[i] = least;
        }
        return adjusted;
    }
}
